#include "core/formula/phrase.h"

#include "core/units/text.h"

#include <algorithm>
#include <array>
#include <charconv>

namespace rhexion {

namespace {

using Code = PhraseFault::Code;

bool isDigit(char c)
{
    return c >= '0' && c <= '9';
}

std::string_view trimmed(std::string_view text)
{
    while (!text.empty() && isSpace(text.front()))
        text.remove_prefix(1);
    while (!text.empty() && isSpace(text.back()))
        text.remove_suffix(1);
    return text;
}

// Reads "250 + 2 x 35" from the front of the text; times and divide bind tighter.
class SumReader {
public:
    SumReader(std::string_view text, char mark) : text_(text), mark_(mark) {}

    std::optional<double> read()
    {
        auto total = product();
        while (total) {
            const char op = peekOperator("+-");
            if (!op)
                break;
            ++at_;
            const auto next = product();
            if (!next)
                return std::nullopt;
            total = op == '+' ? *total + *next : *total - *next;
        }
        return total;
    }
    std::size_t end() const { return at_; }
    const PhraseFault& fault() const { return fault_; }

private:
    std::optional<double> product()
    {
        auto value = number();
        while (value) {
            const char op = peekOperator("*/x");
            if (!op)
                break;
            ++at_;
            const auto next = number();
            if (!next)
                return std::nullopt;
            if (op == '/' && *next == 0.0)
                return refuse(Code::DivisionByZero);
            value = op == '/' ? *value / *next : *value * *next;
        }
        return value;
    }

    std::optional<double> number()
    {
        skipSpace();
        const auto start = at_;
        std::string plain;
        char seenMark = 0;
        bool grouped = false; // thousands are marked, so a mark that comes is the decimal one
        std::size_t digitsAfter = 0;
        std::size_t digitsBefore = 0;
        for (; at_ < text_.size(); ++at_) {
            const char c = text_[at_];
            if (isDigit(c)) {
                plain += c;
                ++(seenMark ? digitsAfter : digitsBefore);
            } else if (!seenMark && isGroupGap(digitsBefore, grouped)) {
                grouped = true; // "1 180", "1'250"
            } else if (c == '.' || c == ',') {
                if (seenMark && (c == seenMark || digitsAfter != 3 || grouped))
                    return refuse(Code::AmbiguousNumber, start);
                if (seenMark) { // "1,250.5": the first one marked thousands
                    plain.erase(plain.find('.'), 1);
                    grouped = true;
                    digitsAfter = 0;
                }
                seenMark = c;
                plain += '.';
            } else {
                break;
            }
        }
        if (digitsBefore + digitsAfter == 0)
            return refuse(start == 0 ? Code::NoNumber : Code::BadSum);
        // The other country's mark before just three digits may have meant thousands.
        if (seenMark && !grouped && seenMark != mark_ && digitsAfter == 3 && digitsBefore > 0 &&
            plain.front() != '0')
            return refuse(Code::AmbiguousNumber, start);
        double value = 0.0;
        const auto done = std::from_chars(plain.data(), plain.data() + plain.size(), value);
        if (done.ec == std::errc::result_out_of_range)
            return refuse(Code::TooLarge, start);
        return seenMark ? value : value + fractionAfter();
    }

    // A gap between thousands: three digits follow it and no more, and no fraction does.
    bool isGroupGap(std::size_t digitsBefore, bool grouped) const
    {
        const char c = text_[at_];
        if ((c != ' ' && c != '\'') || digitsBefore == 0 || (!grouped && digitsBefore > 3))
            return false;
        const auto digit = [&](std::size_t i) { return i < text_.size() && isDigit(text_[i]); };
        return digit(at_ + 1) && digit(at_ + 2) && digit(at_ + 3) && !digit(at_ + 4) &&
               (at_ + 4 >= text_.size() || text_[at_ + 4] != '/');
    }

    // "1 1/4" and "8-1/2": a whole number and a fraction below 1, close together.
    double fractionAfter()
    {
        std::size_t look = at_;
        if (look >= text_.size() || (text_[look] != ' ' && text_[look] != '-'))
            return 0.0;
        ++look;
        const auto digits = [&] {
            int value = 0;
            const std::size_t from = look;
            while (look < text_.size() && isDigit(text_[look]) && look < from + 2)
                value = value * 10 + (text_[look++] - '0');
            return look > from ? value : 0;
        };
        const int above = digits();
        if (above == 0 || look >= text_.size() || text_[look] != '/')
            return 0.0;
        ++look;
        const int below = digits();
        if (below <= above || (look < text_.size() && isDigit(text_[look])))
            return 0.0;
        at_ = look;
        return double(above) / below;
    }

    char peekOperator(std::string_view wanted)
    {
        auto look = at_;
        while (look < text_.size() && isSpace(text_[look]))
            ++look;
        if (look >= text_.size() || wanted.find(text_[look]) == std::string_view::npos)
            return 0;
        // An x is a times sign only before a number: "2 x 35", not "2 xanthan".
        if (text_[look] == 'x') {
            auto next = look + 1;
            while (next < text_.size() && isSpace(text_[next]))
                ++next;
            if (next >= text_.size() || !isDigit(text_[next]))
                return 0;
        }
        at_ = look;
        return text_[look];
    }

    void skipSpace()
    {
        while (at_ < text_.size() && isSpace(text_[at_]))
            ++at_;
    }

    std::nullopt_t refuse(Code code, std::size_t from = 0)
    {
        fault_ = {code, std::string(trimmed(text_.substr(from, std::max(at_, from + 1) - from)))};
        return std::nullopt;
    }

    std::string_view text_;
    char mark_;
    std::size_t at_ = 0;
    PhraseFault fault_{Code::NoNumber, {}};
};

// Whether the text begins with the word and the word ends there.
bool beginsWith(std::string_view text, std::string_view word)
{
    if (text.substr(0, word.size()) != word)
        return false;
    if (word.empty() || word.back() == '%' || text.size() == word.size())
        return !word.empty();
    const auto next = static_cast<unsigned char>(text[word.size()]);
    return next < 0x80 && !ascii::isAlpha(next); // bytes above ASCII are parts of letters
}

// How long the word is that the text begins with; 0 for none of them.
std::size_t beginsWith(std::string_view text, const Lexicon::Words& words)
{
    for (const std::string& word : words)
        if (beginsWith(text, word))
            return word.size();
    return 0;
}

const Lexicon& wordsOf(const PhraseHabits& habits)
{
    static const Lexicon none;
    return habits.words ? *habits.words : none;
}

// Fractions of one sign, as two numbers.
std::string spelledFractions(const std::string& text)
{
    constexpr std::pair<std::string_view, std::string_view> signs[] = {
        {"\xC2\xBD", "1/2"},     {"\xC2\xBC", "1/4"},     {"\xC2\xBE", "3/4"},
        {"\xE2\x85\x93", "1/3"}, {"\xE2\x85\x94", "2/3"}, {"\xE2\x85\x9B", "1/8"},
        {"\xE2\x81\x84", "/"}};
    std::string out;
    for (std::size_t i = 0; i < text.size(); ++i) {
        const std::string_view left = std::string_view(text).substr(i);
        const auto* sign =
            std::ranges::find_if(signs, [&](const auto& s) { return left.starts_with(s.first); });
        if (sign == std::end(signs)) {
            out += text[i];
            continue;
        }
        if (!out.empty() && isDigit(out.back()) && sign->second.size() > 1)
            out += ' ';
        out += sign->second;
        i += sign->first.size() - 1;
    }
    return out;
}

struct AmountRead {
    StatedAmount amount;
    std::string_view rest;
    bool bare = false; // no unit was said
    std::optional<Mass> perOils;
    bool vague = false; // by the hand
};

// The unit the text begins with, which is cut off; nothing for none.
const Lexicon::UnitWord* cutUnit(std::string_view& text, const Lexicon& words)
{
    for (const Lexicon::UnitWord& unit : words.units)
        if (beginsWith(text, unit.word)) {
            text.remove_prefix(unit.word.size());
            if (text.starts_with('.')) // "8 fl. oz."
                text.remove_prefix(1);
            text = trimmed(text);
            return &unit;
        }
    return nullptr;
}

// "1 lb 4 oz" and "1 kg 250 g": the smaller unit counts on.
void addSmaller(StatedAmount& amount, std::string_view& rest, const PhraseHabits& habits)
{
    const bool pound = amount.unit == AmountUnit::Pound;
    if ((!pound && amount.unit != AmountUnit::Kilogram) || rest.empty() || !isDigit(rest.front()))
        return;
    SumReader reader(rest, habits.decimalMark);
    const auto more = reader.read();
    std::string_view after = more ? trimmed(rest.substr(reader.end())) : std::string_view();
    const Lexicon::UnitWord* unit = more ? cutUnit(after, wordsOf(habits)) : nullptr;
    if (!unit || unit->unit != (pound ? AmountUnit::Ounce : AmountUnit::Gram))
        return;
    amount = {amount.value * (pound ? 16.0 : 1000.0) + *more, unit->unit};
    rest = after;
}

// A number in words before a unit, or a unit that means one of it.
std::optional<double> cutSpokenNumber(std::string_view& text, const Lexicon& words)
{
    for (const auto& [word, value] : words.numbers) {
        if (!beginsWith(text, word))
            continue;
        std::string_view after = trimmed(text.substr(word.size()));
        std::string_view unit = after;
        if (!cutUnit(unit, words))
            continue;
        text = after;
        return value;
    }
    std::string_view after = text;
    const Lexicon::UnitWord* unit = cutUnit(after, words);
    return unit && unit->alone ? std::optional(1.0) : std::nullopt;
}

std::variant<AmountRead, PhraseFault> readAmount(std::string_view text, const PhraseHabits& habits)
{
    text = trimmed(text);
    if (text.empty())
        return PhraseFault{Code::Nothing, {}};
    const Lexicon& words = wordsOf(habits);
    text = trimmed(text.substr(beginsWith(text, words.about)));
    if (const std::size_t rest = beginsWith(text, words.rest))
        return AmountRead{{0.0, AmountUnit::Rest}, trimmed(text.substr(rest)), false, {}};
    if (text.starts_with('-'))
        return PhraseFault{Code::Negative, std::string(text)};

    std::string_view after = text;
    std::optional<double> value = cutSpokenNumber(after, words);
    if (!value) {
        SumReader reader(text, habits.decimalMark);
        value = reader.read();
        if (!value)
            return reader.fault();
        after = trimmed(text.substr(reader.end()));
    }
    const std::string said(text.substr(0, text.size() - after.size()));
    if (*value < 0.0)
        return PhraseFault{Code::Negative, std::string(trimmed(said))};
    if (*value > Mass::largestGrams)
        return PhraseFault{Code::TooLarge, std::string(trimmed(said))};

    after = trimmed(after.substr(beginsWith(after, words.level)));
    AmountRead out{{*value, habits.bareUnit}, after, true, {}};
    if (const Lexicon::UnitWord* unit = cutUnit(after, words)) {
        out.amount = {*value * unit->times, unit->unit};
        out.bare = false;
        out.vague = unit->alone;
        addSmaller(out.amount, after, habits);
    }
    if (const std::size_t perPound = beginsWith(after, words.perPound)) {
        out.perOils = Mass::pounds(1.0);
        after = trimmed(after.substr(perPound));
    }
    out.rest = trimmed(after.substr(beginsWith(after, words.of)));
    return out;
}

bool cutEnding(std::string& text, std::string_view ending)
{
    if (!text.ends_with(ending) || text.size() <= ending.size())
        return false;
    const char before = text[text.size() - ending.size() - 1];
    if (before != ' ' && before != ',')
        return false;
    text.resize(text.size() - ending.size() - 1);
    while (!text.empty() && (isSpace(text.back()) || text.back() == ','))
        text.pop_back();
    return true;
}

// Cuts one of the words off the end, after a space.
bool cutWord(std::string_view& text, const Lexicon::Words& words)
{
    for (const std::string& word : words)
        if (text.ends_with(word) &&
            (text.size() == word.size() || isSpace(text[text.size() - word.size() - 1]))) {
            text = trimmed(text.substr(0, text.size() - word.size()));
            return true;
        }
    return false;
}

// Cuts "per pound of oils", "per 500 g oils" and the like off the end.
std::optional<Mass> cutPerOils(std::string& text, const PhraseHabits& habits)
{
    const Lexicon& words = wordsOf(habits);
    std::size_t at = std::string::npos;
    std::size_t length = 0;
    for (const std::string& word : words.per) {
        const std::string between = ' ' + word + ' ';
        if (const auto found = text.rfind(between); at == std::string::npos && found != at) {
            at = found;
            length = between.size();
        }
    }
    if (at == std::string::npos)
        return std::nullopt;
    std::string_view base = trimmed(std::string_view(text).substr(at + length));
    const bool oils = cutWord(base, words.oils);
    cutWord(base, words.of);
    if (!oils || base.empty())
        return std::nullopt;
    const std::string counted =
        isDigit(base.front()) ? std::string(base) : "1 " + std::string(base);
    const auto amount = parseAmount(counted, habits);
    const auto* stated = std::get_if<StatedAmount>(&amount);
    const auto mass = stated ? statedMass(*stated) : std::nullopt;
    if (mass && mass->inGrams() > 0.0)
        text.resize(at);
    return mass && mass->inGrams() > 0.0 ? mass : std::nullopt;
}

} // namespace

std::variant<double, PhraseFault> parseNumber(std::string_view text, char decimalMark)
{
    text = trimmed(text);
    if (text.empty())
        return PhraseFault{Code::Nothing, {}};
    const bool minus = text.front() == '-';
    SumReader reader(minus ? text.substr(1) : text, decimalMark);
    const auto value = reader.read();
    if (!value)
        return reader.fault();
    const auto rest = trimmed((minus ? text.substr(1) : text).substr(reader.end()));
    if (!rest.empty())
        return PhraseFault{Code::TrailingText, std::string(rest)};
    return minus ? -*value : *value;
}

std::variant<StatedAmount, PhraseFault> parseAmount(std::string_view text,
                                                    const PhraseHabits& habits)
{
    const std::string plain = spelledFractions(folded(text));
    auto read = readAmount(plain, habits);
    if (auto* fault = std::get_if<PhraseFault>(&read))
        return *fault;
    const auto& amount = std::get<AmountRead>(read);
    if (!amount.rest.empty())
        return PhraseFault{Code::TrailingText, std::string(amount.rest)};
    return amount.amount;
}

std::variant<Phrase, PhraseFault> parsePhrase(std::string_view text, const PhraseHabits& habits)
{
    const std::string plain = spelledFractions(folded(text));
    if (plain.empty())
        return PhraseFault{Code::Nothing, {}};
    Phrase phrase;
    std::string name = plain;
    phrase.perOilsMass = cutPerOils(name, habits);
    const Lexicon& words = wordsOf(habits);
    const std::string_view whole = name;
    std::string_view start = trimmed(whole.substr(beginsWith(whole, words.about)));
    const bool digits = !start.empty() && (isDigit(start.front()) || start.front() == '-' ||
                                           start.front() == '.' || start.front() == ',');
    if (digits || beginsWith(plain, words.rest) > 0 || cutSpokenNumber(start, words)) {
        auto read = readAmount(whole, habits);
        if (auto* fault = std::get_if<PhraseFault>(&read))
            return *fault;
        const auto& amount = std::get<AmountRead>(read);
        phrase.amount = amount.amount;
        phrase.bare = amount.bare;
        phrase.vague = amount.vague;
        if (amount.perOils)
            phrase.perOilsMass = amount.perOils;
        name = std::string(amount.rest);
    }
    for (bool again = true; again;) {
        again = false;
        for (const std::string& word : words.frozen)
            if (!phrase.frozen && cutEnding(name, word))
                phrase.frozen = again = true;
        for (const std::string& word : words.dissolved)
            if (!phrase.dissolved && cutEnding(name, word))
                phrase.dissolved = again = true;
        for (const auto& [word, vessel] : words.places)
            if (!phrase.vessel && cutEnding(name, word)) {
                phrase.vessel = vessel;
                again = true;
            }
    }
    for (const std::string& word : words.frozen)
        if (name.starts_with(word + ' ')) {
            phrase.frozen = true;
            name.erase(0, word.size() + 1);
        }
    phrase.materialText = name;
    return phrase;
}

} // namespace rhexion
