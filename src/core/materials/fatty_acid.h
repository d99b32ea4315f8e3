// Fatty acids by name, and the saponification value that a triglyceride of them must have.
#pragma once

#include "core/materials/chemistry.h"

#include <string_view>
#include <utility>
#include <vector>

namespace rhexion {

enum class FattyAcid {
    Butyric,
    Caproic,
    Caprylic,
    Capric,
    Lauric,
    Myristic,
    Palmitic,
    Palmitoleic,
    Stearic,
    Oleic,
    Ricinoleic,
    Linoleic,
    Linolenic, // alpha and gamma together
    Arachidic,
    Gondoic,
    Behenic,
    Erucic,
    Lignoceric
};

struct FattyAcidFacts {
    FattyAcid acid;
    std::string_view code; // "C18:1"; ricinoleic is "C18:1-OH"
    int carbons;
    int doubleBonds;
    bool hydroxyl;

    constexpr double molarMass() const
    {
        return carbons * atomic::carbon + 2 * (carbons - doubleBonds) * atomic::hydrogen +
               (hydroxyl ? 3 : 2) * atomic::oxygen;
    }
};

std::span<const FattyAcidFacts> allFattyAcids();
const FattyAcidFacts& factsOf(FattyAcid acid);
std::optional<FattyAcid> fattyAcidFromCode(std::string_view code);

// SV in mg KOH per g of a triglyceride with these fatty acids (any scale, by mass) and a fraction
// of unsaponifiables: M = sum(g) / sum(g / m), SV = 3 * 56105.6 / (3 M + 38.049) * (1 - u).
// Nothing for an empty profile.
std::optional<double> saponificationValueOf(std::span<const std::pair<FattyAcid, double>> profile,
                                            double unsaponifiable);
// Iodine value of the same, by Wijs: 2 * 126.90447 g of I2 per double bond.
std::optional<double> iodineValueOf(std::span<const std::pair<FattyAcid, double>> profile,
                                    double unsaponifiable);

} // namespace rhexion
