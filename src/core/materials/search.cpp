#include "core/materials/search.h"

#include "core/units/text.h"

#include <algorithm>
#include <optional>
#include <vector>

namespace rhexion {

namespace {

enum Mark { Whole, Start, WordStarts = 3, Joined = 4, Inside = 6, Slip = 8 };
constexpr int ofAnotherName = 1; // what a name beside the first answers counts so much less
constexpr std::size_t slipLetters = 5;

bool isWordPart(char c)
{
    // Bytes above ASCII are parts of letters.
    const auto u = static_cast<unsigned char>(c);
    return u >= 0x80 || ascii::isAlnum(u) || c == '%';
}

std::vector<std::string_view> wordsOf(std::string_view name)
{
    std::vector<std::string_view> out;
    for (std::size_t at = 0; at < name.size();) {
        const std::size_t end = std::min(name.find(' ', at), name.size());
        if (end > at)
            out.push_back(name.substr(at, end - at));
        at = end + 1;
    }
    return out;
}

// Whether a word is another but for one letter more, less, other or swapped with its neighbour; the
// other may go on, since the search is still being typed.
bool isOneSlipFrom(std::string_view typed, std::string_view word)
{
    const std::size_t shorter = std::min(typed.size(), word.size());
    std::size_t same = 0;
    while (same < shorter && typed[same] == word[same])
        ++same;
    const auto goesOn = [](std::string_view rest, std::string_view of) {
        return of.substr(0, rest.size()) == rest;
    };
    const std::string_view t = typed.substr(same);
    const std::string_view w = word.substr(same);
    if (t.empty())
        return true;
    if (goesOn(t.substr(1), w)) // one too many
        return true;
    if (w.empty())
        return false;
    return goesOn(t, w.substr(1)) || goesOn(t.substr(1), w.substr(1)) ||
           (t.size() > 1 && w.size() > 1 && t[0] == w[1] && t[1] == w[0] &&
            goesOn(t.substr(2), w.substr(2)));
}

// How a name answers; nothing if a word is missing.
std::optional<int> markOf(const std::string& name, const std::string& wanted,
                          const std::vector<std::string_view>& words)
{
    if (name == wanted)
        return Whole;
    if (name.starts_with(wanted))
        return Start;
    bool starts = true;
    for (const std::string_view word : words) {
        const auto at = name.find(word);
        if (at == std::string::npos)
            return std::nullopt;
        bool start = false;
        for (auto p = at; p != std::string::npos && !start; p = name.find(word, p + 1))
            start = name[p - 1] == ' ';
        starts = starts && start;
    }
    return starts ? WordStarts : Inside;
}

// "coconutoil" and "corn starch": the same letters with other gaps.
std::optional<int> joinedMarkOf(const std::string& name, const std::string& wanted)
{
    if (name == wanted)
        return Start;
    return name.starts_with(wanted) ? std::optional<int>(Joined) : std::nullopt;
}

std::optional<int> slipMarkOf(const std::string& name, const std::vector<std::string_view>& words)
{
    const auto inName = wordsOf(name);
    for (const std::string_view word : words) {
        const bool there = std::ranges::any_of(inName, [&](std::string_view w) {
            return w.starts_with(word) || (word.size() >= slipLetters &&
                                           w.size() + 1 >= slipLetters && isOneSlipFrom(word, w));
        });
        if (!there)
            return std::nullopt;
    }
    return Slip;
}

} // namespace

std::string folded(std::string_view text)
{
    // Base letters for U+00C0 to U+017F; '*' keeps what has no single base letter.
    static constexpr std::string_view base =
        "aaaaaa*ceeeeiiiidnooooo*ouuuuy*saaaaaa*ceeeeiiiidnooooo*ouuuuy*y"
        "aaaaaaccccccccddddeeeeeeeeeegggggggghhhhiiiiiiiiii**jjkkklllllll"
        "lllnnnnnnn**oooooo**rrrrrrssssssssttttttuuuuuuuuuuuuwwyyyzzzzzzs";
    std::string out;
    out.reserve(text.size());
    for (std::size_t i = 0; i < text.size(); ++i) {
        const auto c = static_cast<unsigned char>(text[i]);
        const std::string_view left = text.substr(i);
        // What keyboards, other programs and our own figures put in place of plain signs.
        constexpr std::pair<std::string_view, char> standIns[] = {{"\xC2\xA0", ' '},
                                                                  {"\xE2\x80\xAF", ' '},
                                                                  {"\xE2\x80\x89", ' '},
                                                                  {"\xE2\x88\x92", '-'},
                                                                  {"\xC3\x97", '*'},
                                                                  {"\xC3\xB7", '/'},
                                                                  {"\xE2\x80\x99", '\''},
                                                                  {"\xE2\x80\x98", '\''},
                                                                  {"\xCA\xBC", '\''},
                                                                  {"\xC2\xB4", '\''},
                                                                  {"`", '\''}};
        const auto* in = std::ranges::find_if(
            standIns, [&](const auto& s) { return left.starts_with(s.first); });
        if (in != std::end(standIns)) {
            if (in->second != ' ' || (!out.empty() && out.back() != ' '))
                out += in->second;
            i += in->first.size() - 1;
            continue;
        }
        if (isSpace(text[i])) {
            if (!out.empty() && out.back() != ' ')
                out += ' ';
        } else if ((c == 0xC3 || c == 0xC4 || c == 0xC5) && i + 1 < text.size()) {
            const auto low = static_cast<unsigned char>(text[i + 1]);
            const std::size_t place = (c - 0xC3u) * 64u + (low & 0x3Fu);
            const char letter = place < base.size() ? base[place] : '*';
            if (letter == '*')
                out.append(text.substr(i, 2));
            else
                out += letter;
            ++i;
        } else {
            out += ascii::lower(static_cast<char>(c));
        }
    }
    while (!out.empty() && out.back() == ' ')
        out.pop_back();
    return out;
}

SearchIndex::Name SearchIndex::nameOf(std::string_view text) const
{
    const std::string plain = folded(text);
    Name name;
    std::string word;
    const auto end = [&] {
        if (word.empty())
            return;
        if (rules_) {
            const auto changed = [&](const std::string& from) {
                return std::ranges::find(rules_->words, from,
                                         &std::pair<std::string, std::string>::first);
            };
            if (changed(word) == rules_->words.end() && word.size() >= 4)
                for (const auto& [ending, instead] : rules_->endings)
                    if (word.ends_with(ending)) {
                        word.replace(word.size() - ending.size(), ending.size(), instead);
                        break;
                    }
            if (const auto pair = changed(word); pair != rules_->words.end())
                word = pair->second;
        }
        name.spaced += ' ' + word;
        for (const char c : word) // one word may stand for two
            if (c != ' ')
                name.joined += c;
        word.clear();
    };
    for (const char c : plain) {
        // Within a word: "goat's" is goats, "goats'" too.
        if (c == '\'')
            continue;
        if (isWordPart(c))
            word += c;
        else
            end();
    }
    end();
    return name;
}

void SearchIndex::add(std::string_view name, const std::vector<std::string>& alsoCalled,
                      int handicap)
{
    Entry entry{nameOf(name), {}, handicap};
    for (const std::string& other : alsoCalled)
        entry.others.push_back(nameOf(other));
    entries_.push_back(std::move(entry));
}

std::vector<Match> SearchIndex::findName(const Name& wanted, bool withSlip) const
{
    const auto words = wordsOf(wanted.spaced);
    const auto mark = [&](const Name& name) -> std::optional<int> {
        if (withSlip)
            return slipMarkOf(name.spaced, words);
        const auto plain = markOf(name.spaced, wanted.spaced, words);
        if (plain && *plain <= WordStarts)
            return plain;
        const auto close = joinedMarkOf(name.joined, wanted.joined);
        return close ? close : plain;
    };
    std::vector<Match> found;
    for (std::size_t i = 0; i < entries_.size(); ++i) {
        const Entry& entry = entries_[i];
        std::optional<int> best = mark(entry.name);
        for (const Name& other : entry.others)
            if (const auto m = mark(other)) {
                const int counted = *m == Whole ? Whole : *m + ofAnotherName;
                best = best ? std::min(*best, counted) : counted;
            }
        if (best)
            found.push_back({i, *best + entry.handicap});
    }
    std::ranges::stable_sort(found, {}, &Match::mark);
    return found;
}

std::vector<Match> SearchIndex::find(std::string_view search) const
{
    Name wanted = nameOf(search);
    if (rules_) {
        for (const auto& [shortForm, meant] : rules_->shortForms)
            if (wanted.spaced == ' ' + shortForm) {
                wanted = nameOf(meant);
                break;
            }
    }
    auto found = findName(wanted, false);
    // A slip is looked for only where nothing else answers.
    return found.empty() && !wanted.joined.empty() ? findName(wanted, true) : found;
}

} // namespace rhexion
