#include "storage/name_book.h"

#include "core/units/text.h"
#include "storage/inci_names.h"
#include "storage/material_names.h"
#include "storage/naming.h"

#include <algorithm>

namespace rhexion {

namespace {

constexpr int lotBehind = 1; // a lot answers behind its material
constexpr std::size_t mostCandidates = 10;
constexpr std::size_t leastRest = 5; // letters: fewer are inside too many words

const std::map<std::string, std::vector<std::string>>& generalWordsById()
{
    static const auto byId = [] {
        std::map<std::string, std::vector<std::string>> out;
        for (const GeneralWord& general : namingRules()->general)
            for (const std::string& id : general.members)
                out[id].insert(out[id].end(), general.words.begin(), general.words.end());
        return out;
    }();
    return byId;
}

template <class Map>
std::vector<std::string> namesIn(const Map& map, const std::string& id)
{
    const auto found = map.find(id);
    return found == map.end() ? std::vector<std::string>() : found->second;
}

void append(std::vector<std::string>& to, const std::vector<std::string>& more)
{
    to.insert(to.end(), more.begin(), more.end());
}

} // namespace

NameBook::NameBook() : names_(namingRules()) {}

void NameBook::setSearchRules(std::shared_ptr<const SearchRules> rules)
{
    here_.setRules(rules);
    elsewhere_.setRules(std::move(rules));
}

void NameBook::clear()
{
    names_.clear();
    here_.clear();
    elsewhere_.clear();
}

void NameBook::addNames(std::string_view shown, const std::vector<std::string>& others,
                        int handicap)
{
    here_.add(shown, others, handicap);
    elsewhere_.add({}, {});
}

void NameBook::addCatalogue(const Material& material)
{
    names_.add(material.id, material.kind, NameIndex::Origin::Catalogue);
    const SearchNames spoken = searchNames(material);
    const std::vector<std::string> aliases = namesIn(shippedAliases().names, material.id);
    std::vector<std::string> others = spoken.others;
    append(others, aliases);
    append(others, namesIn(generalWordsById(), material.id));

    names_.addName(material.name, "en");
    for (const std::string& name : material.alsoCalled)
        names_.addName(name, "en");
    for (const std::string& name : aliases)
        names_.addName(name, {});
    if (const auto before = shippedAliases().formerly.find(material.id);
        before != shippedAliases().formerly.end())
        others.push_back(before->second);
    here_.add(spoken.shown, others);
    std::vector<std::string> foreign = foreignNames(material);
    for (const auto& [language, names] : namesByLanguage(material))
        for (const std::string& name : names)
            names_.addName(name, language);
    if (const std::string inci = inciNameOf(material).name; !inci.empty()) {
        // "Lactic Acid" does not say how strong the one on this shelf is.
        const bool graded =
            std::ranges::any_of(material.name, [](unsigned char c) { return ascii::isDigit(c); });
        if (!graded && (material.kind != MaterialKind::Scent || inci != "Parfum"))
            names_.addLesserName(inci);
        foreign.push_back(inci);
    }
    elsewhere_.add(foreign.empty() ? std::string() : foreign.front(), foreign);
}

void NameBook::addOwn(const Material& material, bool archived)
{
    names_.add(material.id, material.kind, NameIndex::Origin::Own);
    if (!archived) {
        names_.addName(material.name, {});
        for (const std::string& name : material.alsoCalled)
            names_.addName(name, {});
    }
    addNames(materialName(material).toStdString(), material.alsoCalled, 0);
}

void NameBook::addFood(const FoodName& food)
{
    names_.add(food.id, food.kind, NameIndex::Origin::Food);
    const std::vector<std::string> aliases = namesIn(shippedAliases().names, food.id);
    names_.addName(food.name, "en");
    // "Carrots, raw" is carrots.
    names_.addLesserName(names_.withoutIdle(food.name));
    for (const std::string& name : aliases)
        names_.addName(name, {});
    std::vector<std::string> others = aliases;
    append(others, namesIn(generalWordsById(), food.id));
    addNames(food.name, others, foodBehind);
}

void NameBook::addLot(const std::string& name, const std::string& supplier, MaterialKind kind,
                      bool closed)
{
    names_.add({}, kind, NameIndex::Origin::Own);
    if (!closed)
        names_.addName(name, {});
    addNames(name, {supplier}, lotBehind);
}

void NameBook::remember(const std::string& words, const std::string& id)
{
    names_.remember(words, id);
}

Identification NameBook::identify(const std::string& name, const std::string& remark) const
{
    Identification plain = names_.identify(name);
    if (plain.verdict == IdentityVerdict::Unknown)
        plain = find(name).what;
    if (remark.empty() || plain.verdict == IdentityVerdict::Unknown)
        return plain;
    const Identification whole = names_.identify(name + ", " + remark);
    if (whole.verdict == IdentityVerdict::Certain || whole.verdict == IdentityVerdict::Ambiguous)
        return whole;
    if (plain.verdict == IdentityVerdict::Certain && names_.isTelling(remark))
        plain.verdict = IdentityVerdict::Near;
    return plain;
}

NameBook::Found NameBook::find(const std::string& text) const
{
    Found out;
    out.what = names_.identify(text);
    out.list = out.what.entries;
    std::vector<bool> taken(size());
    for (const std::size_t entry : out.list)
        taken[entry] = true;
    const auto take = [&](std::size_t entry) {
        if (!taken[entry])
            out.list.push_back(entry);
        taken[entry] = true;
    };
    const auto search = [&](const SearchIndex& index, const std::string& wanted) {
        for (const Match& match : index.find(wanted))
            take(match.index);
    };
    search(here_, text);
    if (out.list.empty())
        search(elsewhere_, text);
    if (out.list.empty())
        for (const std::size_t entry : names_.slipsOf(text))
            take(entry);
    if (out.list.empty())
        if (const std::string bare = names_.withoutIdle(text); bare != text)
            search(here_, bare);
    if (out.what.verdict != IdentityVerdict::Unknown || names_.isBlank(text))
        return out;
    const bool matches = !out.list.empty();
    if (!matches)
        for (const std::string& rest : names_.withoutOneWord(text))
            if (rest.size() >= leastRest)
                search(here_, rest);
    const std::size_t searched = std::min(out.list.size(), mostCandidates);
    std::vector<std::size_t>& entries = out.what.entries;
    entries.assign(out.list.begin(), out.list.begin() + std::ptrdiff_t(searched));
    for (const std::size_t entry : names_.partNamesOf(text)) {
        take(entry);
        if (std::ranges::find(entries, entry) == entries.end())
            entries.push_back(entry);
    }
    if (!entries.empty()) {
        out.what.verdict = IdentityVerdict::Near;
        out.bySearch = true;
        out.byPart = !matches;
    }
    return out;
}

} // namespace rhexion
