#include "storage/catalogue_lookup.h"

#include "storage/catalogue.h"

#include <algorithm>

namespace rhexion {

CatalogueLookup::CatalogueLookup(const QString& foodsPath, std::shared_ptr<const SearchRules> rules)
{
    names_.setSearchRules(std::move(rules));
    for (const MaterialPtr& m : Catalogue::shipped().materials())
        names_.addCatalogue(*m);
    auto opened = Foods::open(foodsPath);
    if (auto* foods = std::get_if<std::unique_ptr<Foods>>(&opened)) {
        foods_ = std::move(*foods);
        for (const FoodName& food : foods_->names())
            names_.addFood(food);
    }
}

Meant CatalogueLookup::meantBy(const RecipeLine& line) const
{
    if (line.material.empty())
        return find(line.name, line.note);
    MaterialPtr said = withId(line.material);
    if (!said && foods_)
        said = foods_->material(line.material);
    return said ? Meant{IdentityVerdict::Certain, {said}, nullptr} : find(line.name, line.note);
}

Meant CatalogueLookup::find(const std::string& name, const std::string& remark) const
{
    const Identification what = names_.identify(name, remark);
    Meant out{what.verdict, {}, what.general};
    for (const std::size_t entry : what.entries)
        if (const MaterialPtr m = material(entry))
            out.materials.push_back(m);
    return out;
}

std::vector<MaterialPtr> CatalogueLookup::search(const std::string& words) const
{
    std::vector<MaterialPtr> out;
    for (const std::size_t entry : names_.find(words).list)
        if (const MaterialPtr m = material(entry))
            out.push_back(m);
    return out;
}

MaterialPtr CatalogueLookup::material(std::size_t entry) const
{
    const auto& own = Catalogue::shipped().materials();
    return entry < own.size() ? own[entry]
                              : foods_->material(foods_->names()[entry - own.size()].id);
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
