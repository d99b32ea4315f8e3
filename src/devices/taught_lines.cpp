#include "devices/taught_lines.h"

#include "devices/line_protocol.h"

#include <algorithm>

namespace rhexion::devices {

namespace {

constexpr std::size_t mostTokens = 40;

struct Piece {
    std::size_t from = 0;
    std::string_view text;
};

enum class Class { Number, Word, Other };
Class classOf(char c)
{
    const auto u = static_cast<unsigned char>(c);
    if ((c >= '0' && c <= '9') || c == '.' || c == ',')
        return Class::Number;
    if ((c >= 'a' && c <= 'z') || (c >= 'A' && c <= 'Z') || u >= 128)
        return Class::Word;
    return Class::Other;
}

// Numbers with their sign, words, and single other signs; blanks part them. A sign apart from its
// number, "- 12.4", belongs to it.
std::vector<Piece> piecesOf(std::string_view line)
{
    std::vector<Piece> out;
    std::size_t i = 0;
    while (i < line.size() && out.size() <= mostTokens) {
        if (line[i] == ' ' || line[i] == '\t') {
            ++i;
            continue;
        }
        std::size_t end = i + 1;
        if (const Class what = classOf(line[i]); what != Class::Other)
            while (end < line.size() && classOf(line[end]) == what)
                ++end;
        out.push_back({i, line.substr(i, end - i)});
        i = end;
    }
    return out;
}

bool isSign(const Piece& piece)
{
    return piece.text == "+" || piece.text == "-";
}

// The pieces without signs that belong to the number after them; below: how many minus signs
// stood before each.
struct Parsed {
    std::vector<Piece> pieces;
    std::vector<bool> below;
};
Parsed parse(std::string_view line)
{
    Parsed out;
    const std::vector<Piece> all = piecesOf(line);
    for (std::size_t i = 0; i < all.size(); ++i) {
        if (isSign(all[i]) && i + 1 < all.size() && readNumber(all[i + 1].text))
            continue;
        const bool signedNumber = i > 0 && isSign(all[i - 1]) && readNumber(all[i].text);
        out.pieces.push_back(all[i]);
        out.below.push_back(signedNumber && all[i - 1].text == "-");
    }
    return out;
}

// The piece a mark covers, its sign and blanks around it not counted.
std::variant<std::size_t, LessonFault> pieceAt(const Parsed& parsed, const Marked& mark)
{
    std::optional<std::size_t> found;
    for (std::size_t i = 0; i < parsed.pieces.size(); ++i) {
        const Piece& p = parsed.pieces[i];
        const std::size_t end = p.from + p.text.size();
        if (mark.from < end && mark.until > p.from) {
            if (found || mark.from > p.from || mark.until < end)
                return LessonFault::MarkCutsAWord;
            found = i;
        }
    }
    if (!found)
        return LessonFault::MarkCutsAWord;
    return *found;
}

} // namespace

std::variant<TaughtLines, LessonFault> learn(const Lesson& lesson)
{
    if (lesson.examples.size() < 2)
        return LessonFault::TooFewExamples;
    std::vector<Parsed> parsed;
    for (const std::string& example : lesson.examples) {
        parsed.push_back(parse(std::string_view(example).substr(0, longestLine)));
        if (parsed.back().pieces.size() != parsed.front().pieces.size() ||
            parsed.back().pieces.size() > mostTokens)
            return LessonFault::DifferentShape;
    }
    const Parsed& first = parsed.front();
    TaughtLines out;
    out.unitAlways = lesson.unitAlways;
    for (std::size_t i = 0; i < first.pieces.size(); ++i) {
        const bool same = std::ranges::all_of(
            parsed, [&](const Parsed& p) { return p.pieces[i].text == first.pieces[i].text; });
        out.tokens.push_back({same ? Token::Kind::Same : Token::Kind::Any,
                              same ? std::string(first.pieces[i].text) : std::string()});
    }
    const auto mark = [&](const Marked& range, Token::Kind kind) -> std::optional<LessonFault> {
        const auto at = pieceAt(first, range);
        if (const auto* fault = std::get_if<LessonFault>(&at))
            return *fault;
        const std::size_t i = std::get<std::size_t>(at);
        out.tokens[i] = {kind, std::string(first.pieces[i].text)};
        return std::nullopt;
    };
    if (!lesson.number.any())
        return LessonFault::NoNumber;
    if (const auto fault = mark(lesson.number, Token::Kind::Number))
        return *fault;
    if (lesson.unit.any())
        if (const auto fault = mark(lesson.unit, Token::Kind::Unit))
            return *fault;
    if (lesson.stable.any())
        if (const auto fault = mark(lesson.stable, Token::Kind::Stable))
            return *fault;
    bool hasUnit = lesson.unitAlways != DeviceUnit::Unknown;
    for (Token& token : out.tokens) {
        if (token.kind == Token::Kind::Number) {
            if (!readNumber(token.text))
                return LessonFault::NoNumber;
            token.text.clear();
        }
        if (token.kind == Token::Kind::Unit) {
            hasUnit = unitFromWord(token.text) != DeviceUnit::Unknown;
            token.text.clear();
        }
    }
    return hasUnit ? std::variant<TaughtLines, LessonFault>(out) : LessonFault::NoUnit;
}

std::optional<Reading> readTaught(const TaughtLines& pattern, std::string_view line,
                                  std::int64_t at)
{
    if (line.size() > longestLine)
        return std::nullopt;
    const Parsed parsed = parse(line);
    // In motion some scales leave their word out: the line is one part shorter.
    const auto stableAt = std::ranges::find(pattern.tokens, Token::Kind::Stable, &Token::kind);
    const bool hasWord = stableAt != pattern.tokens.end();
    const bool wordGone = hasWord && parsed.pieces.size() + 1 == pattern.tokens.size();
    if (parsed.pieces.size() != pattern.tokens.size() && !wordGone)
        return std::nullopt;
    Reading out;
    out.unit = pattern.unitAlways;
    out.at = at;
    out.tellsStable = hasWord;
    out.status = DeviceStatus::Motion;
    bool number = false;
    std::size_t i = 0;
    for (const Token& token : pattern.tokens) {
        if (wordGone && token.kind == Token::Kind::Stable)
            continue;
        const Piece& piece = parsed.pieces[i];
        switch (token.kind) {
        case Token::Kind::Same:
            if (piece.text != token.text)
                return std::nullopt;
            break;
        case Token::Kind::Any: break;
        case Token::Kind::Number: {
            const auto read = readNumber(piece.text);
            if (!read)
                return std::nullopt;
            out.value = parsed.below[i] ? -read->value : read->value;
            out.decimals = read->decimals;
            number = true;
            break;
        }
        case Token::Kind::Unit: out.unit = unitFromWord(piece.text); break;
        case Token::Kind::Stable:
            if (piece.text == token.text) {
                out.stable = true;
                out.status = DeviceStatus::Ok;
            }
            break;
        }
        ++i;
    }
    if (!hasWord) {
        out.stable = true;
        out.status = DeviceStatus::Ok;
    }
    if (!number || !gramsOf(out))
        return std::nullopt;
    return out;
}

std::string toText(const TaughtLines& pattern)
{
    std::string out = wordOf(pattern.unitAlways);
    for (const Token& token : pattern.tokens) {
        out += '\t';
        out += "=*#us"[static_cast<std::size_t>(token.kind)];
        out += token.text;
    }
    return out;
}

std::optional<TaughtLines> fromText(std::string_view text)
{
    TaughtLines out;
    bool first = true;
    bool number = false;
    if (text.size() > longestLine * 4)
        return std::nullopt;
    while (true) {
        const std::size_t end = text.find('\t');
        const std::string_view part = text.substr(0, end);
        if (first)
            out.unitAlways = unitFromWord(part);
        else {
            const std::size_t kind = part.empty() ? 5 : std::string_view("=*#us").find(part[0]);
            if (kind > 4 || out.tokens.size() >= mostTokens)
                return std::nullopt;
            out.tokens.push_back({static_cast<Token::Kind>(kind), std::string(part.substr(1))});
            number = number || out.tokens.back().kind == Token::Kind::Number;
        }
        first = false;
        if (end == std::string_view::npos)
            break;
        text.remove_prefix(end + 1);
    }
    return number ? std::optional(out) : std::nullopt;
}

} // namespace rhexion::devices
