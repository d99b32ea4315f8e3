#include "core/materials/identify.h"

#include "core/materials/search.h"
#include "core/units/text.h"

#include <algorithm>
#include <bit>
#include <memory>
#include <numeric>

namespace rhexion {

namespace {

constexpr std::size_t pluralLetters = 4; // shorter words are taken as they stand
constexpr std::size_t mostParts = 4;     // of a name that is tried in every order
constexpr std::size_t mostQualifiers = 6;
constexpr std::size_t mostCandidates = 10;
constexpr std::size_t oneSlipLetters = 5;
constexpr std::size_t twoSlipLetters = 8;
constexpr std::size_t compoundLetters = 4; // least of a part of a compound word

bool isLetterOrDigit(char c)
{
    const auto u = static_cast<unsigned char>(c);
    return u >= 0x80 || ascii::isAlnum(u); // bytes above ASCII are parts of letters
}

bool isNumber(const std::string& word)
{
    return std::ranges::all_of(word, [](unsigned char c) { return c == '.' || ascii::isDigit(c); });
}

// "Kokosöl" as keyboards without the letter write it; empty where nothing changes.
std::string writtenOut(std::string_view text)
{
    constexpr std::pair<std::string_view, std::string_view> letters[] = {
        {"\xC3\xA4", "ae"}, {"\xC3\x84", "Ae"}, {"\xC3\xB6", "oe"},
        {"\xC3\x96", "Oe"}, {"\xC3\xBC", "ue"}, {"\xC3\x9C", "Ue"}};
    std::string out;
    bool changed = false;
    for (std::size_t i = 0; i < text.size();) {
        const auto* found = std::ranges::find_if(
            letters, [&](const auto& l) { return text.substr(i).starts_with(l.first); });
        if (found == std::end(letters)) {
            out += text[i++];
            continue;
        }
        out += found->second;
        i += found->first.size();
        changed = true;
    }
    return changed ? out : std::string();
}

// Numbers last, so that "88 % lactic acid" and "lactic acid, 88 %" are one.
std::string keyOf(const std::vector<std::string>& words)
{
    std::string out;
    for (const bool numbers : {false, true})
        for (const std::string& word : words)
            if (isNumber(word) == numbers)
                out += word;
    return out;
}

std::vector<std::string> flat(const std::vector<std::vector<std::string>>& parts)
{
    std::vector<std::string> out;
    for (const auto& part : parts)
        out.insert(out.end(), part.begin(), part.end());
    return out;
}

// The words of all parts, the parts as they stand first and then, where every order is wanted, in
// each other one; visit returns whether it has found what it looked for.
template <class Visit>
void inEachOrder(const std::vector<std::vector<std::string>>& parts, bool every, Visit visit)
{
    std::vector<std::size_t> order(parts.size());
    std::iota(order.begin(), order.end(), std::size_t(0));
    do {
        std::vector<std::string> words;
        for (const std::size_t i : order)
            words.insert(words.end(), parts[i].begin(), parts[i].end());
        if (visit(words))
            return;
    } while (every && std::ranges::next_permutation(order).found);
}

std::vector<std::string> singular(std::vector<std::string> words, const NamingRules::Pairs& endings)
{
    for (std::string& word : words)
        if (word.size() >= pluralLetters)
            for (const auto& [ending, instead] : endings)
                if (word.ends_with(ending)) {
                    word.replace(word.size() - ending.size(), ending.size(), instead);
                    break;
                }
    return words;
}

// Letters more, less, other or swapped with their neighbour between two words; most + 1 for more
// than most.
std::size_t slipsBetween(const std::string& a, const std::string& b, std::size_t most)
{
    const std::size_t apart = a.size() > b.size() ? a.size() - b.size() : b.size() - a.size();
    if (apart > most)
        return most + 1;
    std::vector<std::size_t> beforeLast(b.size() + 1), last(b.size() + 1), now(b.size() + 1);
    std::iota(last.begin(), last.end(), std::size_t(0));
    for (std::size_t i = 1; i <= a.size(); ++i) {
        now[0] = i;
        std::size_t least = i;
        for (std::size_t j = 1; j <= b.size(); ++j) {
            now[j] = std::min({last[j] + 1, now[j - 1] + 1, last[j - 1] + (a[i - 1] != b[j - 1])});
            if (i > 1 && j > 1 && a[i - 1] == b[j - 2] && a[i - 2] == b[j - 1])
                now[j] = std::min(now[j], beforeLast[j - 2] + 1);
            least = std::min(least, now[j]);
        }
        if (least > most)
            return most + 1;
        std::swap(beforeLast, last);
        std::swap(last, now);
    }
    return std::min(last[b.size()], most + 1);
}

} // namespace

NameIndex::NameIndex(std::shared_ptr<const NamingRules> rules) : rules_(std::move(rules))
{
    const auto words = [&](const std::vector<std::string>& phrases, std::vector<Words>& to) {
        for (const std::string& phrase : phrases)
            to.push_back(flat(partsOf(phrase)));
    };
    words(rules_->idle, idle_);
    words(rules_->idle, telling_);
    words(rules_->telling, telling_);
    clear();
}

void NameIndex::clear()
{
    entries_.clear();
    exact_.clear();
    singular_.clear();
    lesser_.clear();
    short_.clear();
    remembered_.clear();
    byId_.clear();
    for (const GeneralWord& general : rules_->general)
        for (const std::string& word : general.words)
            eachMeaning(word, {}, [&](Meaning& meaning) { meaning.general = &general; });
}

// Words of each part of a name: parts lie between commas, brackets and the like.
std::vector<NameIndex::Words> NameIndex::partsOf(std::string_view text) const
{
    std::vector<Words> parts(1);
    std::string word;
    const auto endWord = [&] {
        if (word.empty())
            return;
        const auto other =
            std::ranges::find(rules_->spellings, word, &std::pair<std::string, std::string>::first);
        if (other == rules_->spellings.end()) {
            parts.back().push_back(word);
        } else { // one word may stand for two
            std::size_t from = 0;
            for (std::size_t to = 0; to != std::string::npos; from = to + 1) {
                to = other->second.find(' ', from);
                parts.back().push_back(other->second.substr(from, to - from));
            }
        }
        word.clear();
    };
    // "heiß" and "heiss" are one, as a keyboard without the letter has it.
    std::string withSs;
    for (std::size_t i = 0; i < text.size(); ++i)
        if (text.substr(i).starts_with("\xC3\x9F")) {
            withSs += "ss";
            ++i;
        } else
            withSs += text[i];
    const std::string plain = folded(withSs);
    const auto digitAt = [&](std::size_t i) {
        return i < plain.size() && ascii::isDigit(static_cast<unsigned char>(plain[i]));
    };
    for (std::size_t i = 0; i < plain.size(); ++i) {
        const char c = plain[i];
        if (c == '\'') // "goat's" is goats
            continue;
        const bool decimal = (c == '.' || c == ',') && i > 0 && digitAt(i - 1) && digitAt(i + 1);
        if (decimal || isLetterOrDigit(c)) {
            word += decimal ? '.' : c;
            continue;
        }
        endWord();
        if (std::string_view(",;()[]{}").find(c) != std::string_view::npos && !parts.back().empty())
            parts.emplace_back();
    }
    endWord();
    if (parts.back().empty())
        parts.pop_back();
    return parts;
}

template <class Put>
void NameIndex::eachKey(std::string_view name, Put put) const
{
    std::vector<std::string> spellings{std::string(name)};
    if (std::string other = writtenOut(name); !other.empty())
        spellings.push_back(std::move(other));
    for (std::size_t i = spellings.size(); i-- > 0;) // "Vitamin E (tocopherol), in oil"
        if (const auto open = spellings[i].find('('); open != std::string::npos && open > 0)
            if (const auto close = spellings[i].find(')', open); close != std::string::npos)
                spellings.push_back(spellings[i].substr(0, open) + spellings[i].substr(close + 1));
    for (const std::string& spelling : spellings) {
        std::vector<Words> parts = partsOf(spelling);
        if (parts.empty())
            continue;
        inEachOrder(parts, parts.size() <= mostParts - 1, [&](const Words& words) {
            put(words);
            return false;
        });
    }
}

template <class Put>
void NameIndex::eachMeaning(std::string_view name, std::string_view language, Put put)
{
    eachKey(name, [&](const Words& words) {
        put(exact_[keyOf(words)]);
        for (const auto& [spoken, endings] : rules_->plurals)
            if (language.empty() || language == spoken)
                put(singular_[spoken][keyOf(singular(words, endings))]);
    });
}

void NameIndex::add(const std::string& id, MaterialKind kind, Origin origin)
{
    if (!id.empty())
        byId_.emplace(id, std::uint32_t(entries_.size()));
    entries_.push_back({kind, origin});
}

void NameIndex::addName(std::string_view name, std::string_view language)
{
    const auto entry = std::uint32_t(entries_.size() - 1);
    const auto put = [entry](Meaning& meaning) {
        if (std::ranges::find(meaning.entries, entry) == meaning.entries.end())
            meaning.entries.push_back(entry);
    };
    eachMeaning(name, language, put);
    if (entries_.back().origin == Origin::Catalogue)
        if (const std::vector<Words> parts = partsOf(name); parts.size() > 1)
            put(short_[keyOf(parts.front())]);
}

void NameIndex::addLesserName(std::string_view name)
{
    const auto entry = std::uint32_t(entries_.size() - 1);
    const auto put = [&](const Words& words) {
        auto& entries = lesser_[keyOf(words)].entries;
        if (std::ranges::find(entries, entry) == entries.end())
            entries.push_back(entry);
    };
    eachKey(name, [&](const Words& words) {
        put(words);
        for (const auto& [language, endings] : rules_->plurals)
            put(singular(words, endings));
    });
}

void NameIndex::remember(std::string_view words, const std::string& id)
{
    if (const auto found = byId_.find(id); found != byId_.end())
        remembered_[keyOf(flat(partsOf(words)))] = found->second;
}

const NameIndex::Meaning* NameIndex::meaningOf(const Words& words) const
{
    if (const auto found = exact_.find(keyOf(words)); found != exact_.end())
        return &found->second;
    for (const auto& [language, endings] : rules_->plurals)
        if (const auto keys = singular_.find(language); keys != singular_.end())
            if (const auto found = keys->second.find(keyOf(singular(words, endings)));
                found != keys->second.end())
                return &found->second;
    if (const auto found = lesser_.find(keyOf(words)); found != lesser_.end())
        return &found->second;
    for (const auto& [language, endings] : rules_->plurals)
        if (const auto found = lesser_.find(keyOf(singular(words, endings)));
            found != lesser_.end())
            return &found->second;
    return nullptr;
}

const NameIndex::Meaning* NameIndex::meaningInAnyOrder(const std::vector<Words>& parts) const
{
    if (parts.empty())
        return nullptr;
    const Meaning* meaning = nullptr;
    inEachOrder(parts, parts.size() <= mostParts, [&](const Words& words) {
        meaning = meaningOf(words);
        return meaning != nullptr;
    });
    return meaning;
}

const NameIndex::Meaning* NameIndex::meaningWithout(const std::vector<Words>& parts,
                                                    const std::vector<Words>& qualifiers) const
{
    struct Found {
        std::size_t part, from, count;
    };
    std::vector<Found> found;
    for (std::size_t p = 0; p < parts.size(); ++p)
        for (std::size_t from = 0; from < parts[p].size(); ++from)
            for (const Words& qualifier : qualifiers)
                if (!qualifier.empty() && from + qualifier.size() <= parts[p].size() &&
                    std::equal(qualifier.begin(), qualifier.end(),
                               parts[p].begin() + std::ptrdiff_t(from)) &&
                    found.size() < mostQualifiers)
                    found.push_back({p, from, qualifier.size()});
    for (int left = 1; left <= int(found.size()); ++left)
        for (unsigned set = 1; set < 1U << found.size(); ++set) {
            if (std::popcount(set) != left)
                continue;
            std::vector<Words> rest = parts;
            for (std::size_t i = 0; i < found.size(); ++i)
                if (set >> i & 1U)
                    for (std::size_t w = 0; w < found[i].count; ++w)
                        rest[found[i].part][found[i].from + w].clear();
            for (Words& part : rest)
                std::erase(part, std::string());
            std::erase(rest, Words());
            if (const Meaning* meaning = meaningInAnyOrder(rest))
                return meaning;
        }
    return nullptr;
}

const NameIndex::Meaning* NameIndex::meaningTurned(const std::vector<Words>& parts) const
{
    Words words = flat(parts);
    for (const bool alsoIdle : {false, true}) {
        if (alsoIdle)
            words = withoutIdle(std::move(words));
        for (auto q = telling_.begin() + std::ptrdiff_t(idle_.size()); q != telling_.end(); ++q)
            if (!q->empty() && q->size() < words.size() &&
                std::equal(q->begin(), q->end(), words.begin())) {
                Words turned = words;
                std::rotate(turned.begin(), turned.begin() + std::ptrdiff_t(q->size()),
                            turned.end());
                if (const Meaning* meaning = meaningOf(turned))
                    return meaning;
            }
    }
    return nullptr;
}

std::vector<std::size_t> NameIndex::partNamesOf(std::string_view text) const
{
    std::vector<std::size_t> out;
    const auto take = [&](const Meaning& meaning) {
        for (const std::size_t entry : candidatesOf(meaning))
            if (std::ranges::find(out, entry) == out.end() && out.size() < mostCandidates)
                out.push_back(entry);
    };
    const Words words = flat(partsOf(text));
    // The last words decide what a thing is, so they are asked first.
    for (std::size_t count = words.size(); count-- > 1;)
        for (std::size_t from = words.size() - count + 1; from-- > 0;) {
            const auto first = words.begin() + std::ptrdiff_t(from);
            if (const Meaning* meaning = meaningOf({first, first + std::ptrdiff_t(count)}))
                take(*meaning);
        }
    // And the end of a compound before its start: "Quellwasser", "Aktivkohlepulver".
    for (const std::string& word : Words(words.rbegin(), words.rend())) {
        const std::size_t length = word.size();
        for (std::size_t from = 1; from + compoundLetters <= length; ++from)
            if (const auto found = exact_.find(word.substr(from)); found != exact_.end()) {
                take(found->second);
                break;
            }
        for (std::size_t to = length; to-- > compoundLetters;)
            if (const auto found = exact_.find(word.substr(0, to)); found != exact_.end()) {
                take(found->second);
                break;
            }
    }
    return out;
}

std::vector<std::size_t> NameIndex::candidatesOf(const Meaning& meaning) const
{
    std::vector<std::size_t> out;
    if (meaning.general)
        for (const std::string& id : meaning.general->members)
            if (const auto found = byId_.find(id); found != byId_.end())
                out.push_back(found->second);
    auto nearest = Origin::Food;
    for (const std::uint32_t entry : meaning.entries)
        nearest = std::min(nearest, entries_[entry].origin);
    for (const std::uint32_t entry : meaning.entries)
        if (entries_[entry].origin == nearest &&
            std::ranges::find(out, std::size_t(entry)) == out.end())
            out.push_back(entry);
    return out;
}

Identification NameIndex::identificationOf(const Meaning& meaning) const
{
    // A maker's own material of that name is what she means by it.
    const bool own = std::ranges::any_of(
        meaning.entries, [&](std::uint32_t e) { return entries_[e].origin == Origin::Own; });
    Identification out;
    out.general = own ? nullptr : meaning.general;
    out.entries = candidatesOf(own ? Meaning{meaning.entries, nullptr} : meaning);
    out.verdict = !out.general && out.entries.size() == 1 ? IdentityVerdict::Certain
                                                          : IdentityVerdict::Ambiguous;
    return out;
}

std::vector<std::size_t> NameIndex::slipsOf(std::string_view text) const
{
    const std::string key = keyOf(flat(partsOf(text)));
    std::vector<std::pair<std::size_t, std::size_t>> found; // slips, entry
    const std::size_t most = key.size() >= twoSlipLetters ? 2 : 1;
    if (key.size() >= oneSlipLetters)
        for (const auto& [name, meaning] : exact_)
            if (const std::size_t slips = slipsBetween(key, name, most); slips <= most)
                for (const std::size_t entry : candidatesOf(meaning))
                    found.emplace_back(slips, entry);
    std::ranges::sort(found);
    std::vector<std::size_t> out;
    for (const auto& [slips, entry] : found)
        if (std::ranges::find(out, entry) == out.end() && out.size() < mostCandidates &&
            slips == found.front().first)
            out.push_back(entry);
    return out;
}

Identification NameIndex::identify(std::string_view text) const
{
    const std::vector<Words> parts = partsOf(text);
    if (parts.empty())
        return {};
    const std::string key = keyOf(flat(parts));
    if (const auto own = remembered_.find(key); own != remembered_.end())
        return {IdentityVerdict::Certain, {own->second}, nullptr};
    const Meaning* meaning = meaningInAnyOrder(parts);
    if (!meaning)
        meaning = meaningTurned(parts);
    if (!meaning)
        meaning = meaningWithout(parts, idle_);
    if (meaning)
        return identificationOf(*meaning);
    Identification out;
    const auto shortName = short_.find(key);
    if (shortName != short_.end())
        out.entries = candidatesOf(shortName->second);
    else if (const Meaning* told = meaningWithout(parts, telling_)) {
        out.entries = candidatesOf(*told);
        out.general = told->general;
    }
    if (!out.entries.empty())
        out.verdict = out.general || (shortName != short_.end() && out.entries.size() > 1)
                          ? IdentityVerdict::Ambiguous
                          : IdentityVerdict::Near;
    return out;
}

bool NameIndex::isName(std::string_view text) const
{
    return meaningInAnyOrder(partsOf(text)) != nullptr;
}

bool NameIndex::fitsKind(std::string_view text, MaterialKind kind) const
{
    const std::vector<std::string>* heads = nullptr;
    switch (kind) {
    case MaterialKind::Fat:
    case MaterialKind::FattyAcid:
    case MaterialKind::Wax: heads = &rules_->fatHeads; break;
    case MaterialKind::Acid: heads = &rules_->acidHeads; break;
    case MaterialKind::SodiumHydroxide:
    case MaterialKind::PotassiumHydroxide: heads = &rules_->hydroxideHeads; break;
    case MaterialKind::Scent: heads = &rules_->scentHeads; break;
    default: return true;
    }
    const auto endsWithHead = [&](const std::string& word) {
        return std::ranges::any_of(*heads,
                                   [&](const std::string& head) { return word.ends_with(head); });
    };
    Words words = flat(partsOf(text));
    if (std::ranges::any_of(words, endsWithHead))
        return true;
    for (const auto& [language, endings] : rules_->plurals)
        if (std::ranges::any_of(singular(words, endings), endsWithHead))
            return true;
    return false;
}

bool NameIndex::isTelling(std::string_view text) const
{
    const Words words = flat(partsOf(text));
    return std::any_of(telling_.begin() + std::ptrdiff_t(idle_.size()), telling_.end(),
                       [&](const Words& qualifier) {
                           return std::search(words.begin(), words.end(), qualifier.begin(),
                                              qualifier.end()) != words.end();
                       });
}

NameIndex::Words NameIndex::withoutIdle(Words words) const
{
    for (std::size_t from = 0; from < words.size();) {
        const auto idle = std::ranges::find_if(idle_, [&](const Words& qualifier) {
            return !qualifier.empty() && from + qualifier.size() <= words.size() &&
                   std::equal(qualifier.begin(), qualifier.end(),
                              words.begin() + std::ptrdiff_t(from));
        });
        if (idle == idle_.end())
            ++from;
        else
            words.erase(words.begin() + std::ptrdiff_t(from),
                        words.begin() + std::ptrdiff_t(from + idle->size()));
    }
    return words;
}

std::vector<std::string> NameIndex::withoutOneWord(std::string_view text) const
{
    const Words words = withoutIdle(flat(partsOf(text)));
    std::vector<std::string> out;
    for (std::size_t left = 0; words.size() > 1 && left < words.size(); ++left) {
        out.emplace_back();
        for (std::size_t i = 0; i < words.size(); ++i)
            if (i != left)
                out.back() += (out.back().empty() ? "" : " ") + words[i];
    }
    return out;
}

std::string NameIndex::withoutIdle(std::string_view text) const
{
    std::string out;
    for (const std::string& word : withoutIdle(flat(partsOf(text))))
        out += (out.empty() ? "" : " ") + word;
    return out.empty() ? std::string(text) : out;
}

} // namespace rhexion
