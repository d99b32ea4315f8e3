#include "core/materials/search.h"
#include "core/units/text.h"

#include <algorithm>
#include <cctype>
#include <optional>

namespace rhexion {

namespace {

// How a name answers the whole text and its words; nothing if a word is missing.
std::optional<int> markOf(const std::string& name, std::string_view wanted,
                          const std::vector<std::string_view>& words)
{
    if (name == wanted)
        return 0;
    if (name.starts_with(wanted))
        return 1;
    bool wordStarts = true;
    for (const auto word : words) {
        const auto at = name.find(word);
        if (at == std::string::npos)
            return std::nullopt;
        bool starts = false;
        for (auto p = at; p != std::string::npos && !starts; p = name.find(word, p + 1))
            starts = p == 0 || !std::isalnum(static_cast<unsigned char>(name[p - 1]));
        wordStarts = wordStarts && starts;
    }
    return wordStarts ? 2 : 4;
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
        constexpr std::pair<std::string_view, char> standIns[] = {
            {"\xC2\xA0", ' '},     {"\xE2\x80\xAF", ' '}, {"\xE2\x80\x89", ' '},
            {"\xE2\x88\x92", '-'}, {"\xC3\x97", '*'},     {"\xC3\xB7", '/'}};
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
            out += static_cast<char>(c < 0x80 ? std::tolower(c) : c);
        }
    }
    while (!out.empty() && out.back() == ' ')
        out.pop_back();
    return out;
}

void SearchIndex::add(std::string_view name, const std::vector<std::string>& alsoCalled,
                      int handicap)
{
    Entry entry{folded(name), {}, handicap};
    for (const std::string& other : alsoCalled)
        entry.others.push_back(folded(other));
    entries_.push_back(std::move(entry));
}

std::vector<Match> SearchIndex::find(std::string_view search) const
{
    const std::string wanted = folded(search);
    std::vector<std::string_view> words;
    for (std::size_t at = 0; at < wanted.size();) {
        const auto end = std::min(wanted.find(' ', at), wanted.size());
        if (end > at)
            words.emplace_back(std::string_view(wanted).substr(at, end - at));
        at = end + 1;
    }
    std::vector<Match> found;
    for (std::size_t i = 0; i < entries_.size(); ++i) {
        const Entry& entry = entries_[i];
        std::optional<int> best = markOf(entry.name, wanted, words);
        for (const std::string& other : entry.others)
            if (const auto mark = markOf(other, wanted, words);
                mark && (!best || *mark + 1 < *best))
                best = *mark == 0 ? 0 : *mark + 1;
        if (best)
            found.push_back({i, *best + entry.handicap});
    }
    std::ranges::stable_sort(found, {}, &Match::mark);
    return found;
}

} // namespace rhexion
