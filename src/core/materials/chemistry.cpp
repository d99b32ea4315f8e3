#include "core/materials/chemistry.h"

#include <algorithm>
#include <cmath>

namespace rhexion {

namespace {
// Ascorbic acid's second proton (pKa 11.8) stays put in a batter and is left out.
constexpr std::array<AcidFacts, 7> acids{{
    {Acid::Citric, "citric", 6, 8, 7, {3.13, 4.76, 6.40}, 3},
    {Acid::Lactic, "lactic", 3, 6, 3, {3.86, 0, 0}, 1},
    {Acid::Acetic, "acetic", 2, 4, 2, {4.76, 0, 0}, 1},
    {Acid::Malic, "malic", 4, 6, 5, {3.40, 5.11, 0}, 2},
    {Acid::Tartaric, "tartaric", 4, 6, 6, {2.98, 4.34, 0}, 2},
    {Acid::Oxalic, "oxalic", 2, 2, 4, {1.25, 3.81, 0}, 2},
    {Acid::Ascorbic, "ascorbic", 6, 8, 6, {4.10, 0, 0}, 1},
}};
} // namespace

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
        return z;
    }();
    const double z = full[static_cast<std::size_t>(acid.acid)];
    return foodPh ? std::max(0.0, z - protonsGivenUp(acid, *foodPh)) : z;
}

double sodiumHydroxideSolubility(Temperature at)
{
    const double celsius = at.inCelsius();
    if (celsius <= 0.0)
        return 0.42;
    if (celsius <= 10.0)
        return 0.42 + (0.52 - 0.42) * celsius / 10.0;
    return 0.52 + (1.09 - 0.52) * (std::min(celsius, 20.0) - 10.0) / 10.0;
}

double potassiumHydroxideSolubility(Temperature at)
{
    return 1.12 * sodiumHydroxideSolubility(at) /
           sodiumHydroxideSolubility(Temperature::celsius(20.0));
}

} // namespace rhexion
