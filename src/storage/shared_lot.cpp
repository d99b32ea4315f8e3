#include "storage/shared_lot.h"

#include "core/units/text.h"

#include <algorithm>
#include <array>
#include <memory>

namespace rhexion {

namespace {

bool isNumber(const std::string& lot)
{
    return !lot.empty() &&
           std::ranges::all_of(lot, [](unsigned char c) { return ascii::isDigit(c); });
}

struct Renamer {
    const std::string& by;
    const std::string& here;

    void operator()(MaterialPtr& material) const
    {
        if (!material || material->lot.id.empty())
            return;
        const std::string lot = localLot(sharedLot(material->lot.id, by), here);
        if (lot == material->lot.id)
            return;
        auto other = std::make_shared<Material>(*material);
        other->lot.id = lot;
        material = std::move(other);
    }
    void operator()(Formula& formula) const
    {
        (*this)(formula.lye.sodium);
        (*this)(formula.lye.potassium);
        for (Line& line : formula.lines)
            (*this)(line.material);
    }
};

} // namespace

std::string sharedLot(const std::string& lot, const std::string& bench)
{
    return isNumber(lot) && !bench.empty() ? bench + "." + lot : lot;
}

std::string localLot(const std::string& shared, const std::string& bench)
{
    const std::string beginning = bench + ".";
    if (bench.empty() || !shared.starts_with(beginning))
        return shared;
    const std::string rest = shared.substr(beginning.size());
    return isNumber(rest) ? rest : shared;
}

void nameLotsAs(Happening& what, const std::string& by, const std::string& here)
{
    const Renamer rename{by, here};
    if (auto* begun = std::get_if<BatchBegun>(&what))
        rename(begun->formula);
    else if (auto* added = std::get_if<AddedBeside>(&what))
        rename(added->topUp.material);
    else if (auto* other = std::get_if<Substituted>(&what))
        rename(other->by.material);
}

} // namespace rhexion
