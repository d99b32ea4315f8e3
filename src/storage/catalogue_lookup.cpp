#include "storage/catalogue_lookup.h"

#include "storage/catalogue.h"
#include "storage/material_names.h"
#include "storage/stock.h"

#include <algorithm>

namespace rhexion {

namespace {
constexpr std::size_t mostAnswers = 10;
}

ForeignLookup::ForeignLookup(std::shared_ptr<const SearchRules> rules)
{
    index_.setRules(std::move(rules));
    for (const MaterialPtr& m : Catalogue::shipped().materials()) {
        const std::vector<std::string> names = foreignNames(*m);
        index_.add(names.empty() ? std::string() : names.front(), names);
    }
}

std::vector<MaterialPtr> ForeignLookup::find(const std::string& name) const
{
    std::vector<MaterialPtr> out;
    std::optional<int> best;
    for (const Match& match : index_.find(name)) {
        if ((best && match.mark > *best) || out.size() == mostAnswers)
            break;
        best = match.mark;
        out.push_back(Catalogue::shipped().materials()[match.index]);
    }
    return out;
}

CatalogueLookup::CatalogueLookup(const QString& foodsPath, std::shared_ptr<const SearchRules> rules)
    : foreign_(rules)
{
    index_.setRules(std::move(rules));
    for (const MaterialPtr& m : Catalogue::shipped().materials()) {
        const SearchNames names = searchNames(*m);
        index_.add(names.shown, names.others);
    }
    auto opened = Foods::open(foodsPath);
    if (auto* foods = std::get_if<std::unique_ptr<Foods>>(&opened)) {
        foods_ = std::move(*foods);
        for (const FoodName& food : foods_->names())
            index_.add(food.name, {}, foodBehind);
    }
}

std::vector<MaterialPtr> CatalogueLookup::find(const std::string& name) const
{
    std::vector<MaterialPtr> here = findHere(name);
    return here.empty() ? foreign_.find(name) : here;
}

std::vector<MaterialPtr> CatalogueLookup::findHere(const std::string& name) const
{
    const auto& own = Catalogue::shipped().materials();
    std::vector<MaterialPtr> out;
    std::optional<int> best;
    for (const Match& match : index_.find(name)) {
        if (best && match.mark > *best)
            break;
        best = match.mark;
        const MaterialPtr m = match.index < own.size()
                                  ? own[match.index]
                                  : foods_->material(foods_->names()[match.index - own.size()].id);
        if (m)
            out.push_back(m);
        if (out.size() == mostAnswers)
            break;
    }
    return out;
}

MaterialPtr CatalogueLookup::withId(const std::string& id)
{
    const auto& own = Catalogue::shipped().materials();
    const auto found = std::ranges::find_if(own, [&](const MaterialPtr& m) { return m->id == id; });
    return found == own.end() ? nullptr : *found;
}

std::vector<ScentBlend> withFlashPoints(std::vector<ScentBlend> blends)
{
    for (ScentBlend& blend : blends) {
        std::optional<double> lowest;
        bool known = !blend.parts.empty();
        for (const ScentPart& part : blend.parts) {
            const MaterialPtr m = CatalogueLookup::withId(part.scent);
            known &= m && m->flash;
            if (known)
                lowest = std::min(lowest.value_or(m->flash->range.low()), m->flash->range.low());
        }
        blend.flash = known ? lowest : std::nullopt;
    }
    return blends;
}

} // namespace rhexion
