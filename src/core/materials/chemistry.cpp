#include "core/materials/chemistry.h"

#include "core/units/enum_count.h"

#include <algorithm>
#include <cmath>

namespace rhexion {

namespace {
// A second proton that stays put in a batter (ascorbic 11.8, salicylic 13.6) is left out.
constexpr std::array<AcidFacts, countOf<Acid>()> acids{{
    {Acid::Citric, "citric", 6, 8, 7, {3.13, 4.76, 6.40}, 3},
    {Acid::Lactic, "lactic", 3, 6, 3, {3.86, 0, 0}, 1},
    {Acid::Acetic, "acetic", 2, 4, 2, {4.76, 0, 0}, 1},
    {Acid::Malic, "malic", 4, 6, 5, {3.40, 5.11, 0}, 2},
    {Acid::Tartaric, "tartaric", 4, 6, 6, {2.98, 4.34, 0}, 2},
    {Acid::Oxalic, "oxalic", 2, 2, 4, {1.25, 3.81, 0}, 2},
    {Acid::Ascorbic, "ascorbic", 6, 8, 6, {4.10, 0, 0}, 1},
    {Acid::Succinic, "succinic", 4, 6, 4, {4.21, 5.64, 0}, 2},
    {Acid::Fumaric, "fumaric", 4, 4, 4, {3.02, 4.38, 0}, 2},
    {Acid::Quinic, "quinic", 7, 12, 6, {3.58, 0, 0}, 1},
    {Acid::Glycolic, "glycolic", 2, 4, 3, {3.83, 0, 0}, 1},
    {Acid::Gluconic, "gluconic", 6, 12, 7, {3.86, 0, 0}, 1},
    {Acid::Gluconolactone, "gluconolactone", 6, 10, 6, {3.86, 0, 0}, 1},
    {Acid::Salicylic, "salicylic", 7, 6, 3, {2.98, 0, 0}, 1},
    {Acid::Benzoic, "benzoic", 7, 6, 2, {4.20, 0, 0}, 1},
    {Acid::Sorbic, "sorbic", 6, 8, 2, {4.76, 0, 0}, 1},
    {Acid::Phosphoric, "phosphoric", 0, 3, 4, {2.16, 7.21, 12.32}, 3, atomic::phosphorus},
    {Acid::Boric, "boric", 0, 3, 3, {9.24, 0, 0}, 1, atomic::boron},
    {Acid::Bitartrate, "bitartrate", 4, 5, 6, {4.34, 0, 0}, 1, atomic::potassium},
    {Acid::Bicarbonate, "bicarbonate", 1, 1, 3, {10.33, 0, 0}, 1, atomic::sodium},
    {Acid::DisodiumEdta,
     "disodium-edta",
     10,
     14,
     8,
     {6.16, 10.26, 0},
     2,
     2 * atomic::nitrogen + 2 * atomic::sodium},
}};
static_assert(!acids.back().code.empty());
} // namespace

double citricMonohydrateShare()
{
    const double acid = factsOf(Acid::Citric).molarMass();
    return acid / (acid + molarMassWater);
}

std::span<const AcidFacts> allAcids()
{
    return acids;
}

const AcidFacts& factsOf(Acid acid)
{
    return acids[static_cast<std::size_t>(acid)];
}

std::optional<Acid> acidFromCode(std::string_view code)
{
    const auto found = std::ranges::find(acids, code, &AcidFacts::code);
    return found == acids.end() ? std::nullopt : std::optional(found->acid);
}

double protonsGivenUp(const AcidFacts& acid, double ph)
{
    double z = 0.0;
    for (int i = 0; i < acid.protons; ++i)
        z += 1.0 / (1.0 + std::pow(10.0, acid.pKa[static_cast<std::size_t>(i)] - ph));
    return z;
}

double hydroxidePerMol(const AcidFacts& acid, std::optional<double> foodPh)
{
    // The powers are slow next to the rest of a reckoning, so the common case is kept.
    static const auto full = [] {
        std::array<double, acids.size()> z{};
        for (std::size_t i = 0; i < acids.size(); ++i)
            z[i] = protonsGivenUp(acids[i], batterPh);
        z[static_cast<std::size_t>(Acid::Bicarbonate)] = 1.0;
        return z;
    }();
    const double z = full[static_cast<std::size_t>(acid.acid)];
    return foodPh ? std::max(0.0, z - protonsGivenUp(acid, *foodPh)) : z;
}

double leastHydroxidePerMol(const AcidFacts& acid, std::optional<double> foodPh)
{
    return acid.acid == Acid::Bicarbonate ? protonsGivenUp(acid, batterPh)
                                          : hydroxidePerMol(acid, foodPh);
}

namespace {
// Straight between 0, 10 and 20 C; the ends are kept beyond them.
double between(Temperature at, double atZero, double atTen, double atTwenty)
{
    const double tens = std::clamp(at.inCelsius() / 10.0, 0.0, 2.0);
    return tens <= 1.0 ? atZero + (atTen - atZero) * tens
                       : atTen + (atTwenty - atTen) * (tens - 1.0);
}
} // namespace

double sodiumHydroxideSolubility(Temperature at)
{
    return between(at, 0.42, 0.52, 1.09);
}

double potassiumHydroxideSolubility(Temperature at)
{
    return between(at, 0.96, 1.03, 1.12);
}

} // namespace rhexion
