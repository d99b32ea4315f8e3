#include "core/advice/checks.h"

#include "core/materials/demand.h"

namespace rhexion {

namespace {

double shareOf(const Material& m, std::initializer_list<FattyAcid> acids)
{
    double sum = 0.0;
    for (const FattyAcidShare& share : m.fattyAcids)
        for (const FattyAcid acid : acids)
            if (share.acid == acid)
                sum += share.share.range.typical();
    return sum;
}

void gather(PotContents& pot, const Line& line, double g)
{
    const Material& m = *line.material;
    const auto part = [&](Part p) { return g * m.part(p).range.typical(); };
    pot.sugar += part(Part::ReducingSugar) + part(Part::OtherSugar);
    const double reserve = g * mostReserveOf(m) / 1e5;
    pot.reserve += reserve;
    if (reserve > pot.mostReserve) {
        pot.mostReserve = reserve;
        pot.mostReserveLine = line.id;
    }
    const double nacl = part(Part::SodiumChloride);
    pot.salt += nacl;
    if (isJug(line.vessel))
        pot.jugSalt[line.vessel == Vessel::SecondJug] += nacl;
    if (m.kind == MaterialKind::Milk)
        pot.milk = line.id;
    if (m.isOil() && m.kind != MaterialKind::FattyAcid) {
        pot.lauric += g * shareOf(m, {FattyAcid::Caprylic, FattyAcid::Capric, FattyAcid::Lauric,
                                      FattyAcid::Myristic});
        pot.soft += g * shareOf(m, {FattyAcid::Linoleic, FattyAcid::Linolenic});
        if (shareOf(m, {FattyAcid::Oleic}) >= valueOf(Threshold::MostlyOleic))
            pot.oleic += g;
    }
    pot.colours += m.kind == MaterialKind::Colour ? 1 : 0;
    pot.scents += m.kind == MaterialKind::Scent ? 1 : 0;
    if (m.kind == MaterialKind::Scent && m.behaves(Behaviour::Seizes))
        pot.seizing = line.id;
    if (m.kind == MaterialKind::Sugar && m.behaves(Behaviour::SpeedsTrace))
        pot.honey = line.id;
    if ((m.kind == MaterialKind::Milk || m.kind == MaterialKind::Sugar) && !joinsLate(line.vessel))
        pot.cooked = line.id;
    if (line.vessel == Vessel::AfterCook)
        pot.hot = true;
    if (m.behaves(Behaviour::Allergen)) {
        ++pot.allergens;
        if (pot.allergen == 0)
            pot.allergen = line.id;
    }
}

} // namespace

PotContents contentsOf(const Formula& formula, const Account& account)
{
    PotContents pot;
    for (std::size_t i = 0; i < formula.lines.size(); ++i)
        if (account.lines[i].grams > 0.0)
            gather(pot, formula.lines[i], account.lines[i].grams);
    return pot;
}

double Advising::ofOils(std::size_t line) const
{
    const PortionReckoned* portion = r.portion(f.portionOf(f.lines[line]));
    const double oils = portion ? portion->oilsGrams : r.oilsGrams;
    const double all = oils > 0.0 ? oils : r.oilsGrams;
    return all > 0.0 ? r.lines[line].grams / all : 0.0;
}

} // namespace rhexion
