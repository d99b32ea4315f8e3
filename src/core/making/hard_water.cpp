#include "core/making/hard_water.h"

#include "core/making/mould_fit.h"

#include <algorithm>
#include <cmath>

namespace rhexion {

namespace {

// Two decimals more than anyone measures; Blue Obelisk Data Repository 10.
constexpr double calciumMass = 40.078;
constexpr double magnesiumMass = 24.305;
constexpr double calciumCarbonate = calciumMass + atomic::carbon + 3.0 * atomic::oxygen;
constexpr double calciumOxide = calciumMass + atomic::oxygen;
constexpr double grainMilligrams = 64.79891;
constexpr double imperialGallon = 4.54609;
constexpr double usGallon = 3.785411784;
constexpr double hardestWater = 100.0; // mmol/l

struct HardnessRow {
    const char* code;
    double millimoles;
};
constexpr std::array<HardnessRow, countOf<HardnessUnit>()> hardnessRows{
    {{"mmol/l", 1.0},
     {"mg/l CaCO3", 1.0 / calciumCarbonate},
     {"german", 10.0 / calciumOxide},
     {"french", 10.0 / calciumCarbonate},
     {"english", grainMilligrams / imperialGallon / calciumCarbonate},
     {"us-grains", grainMilligrams / usGallon / calciumCarbonate},
     {"mval/l", 0.5},
     {"mg/l Ca", 1.0 / calciumMass},
     {"mg/l Mg", 1.0 / magnesiumMass}}};

// Log K of the 1 : 1 complexes at 25 C; of EDTA less its protons at pH 9.5 to 10.5.
constexpr std::string_view martell = "Martell and Smith, Critical Stability Constants, from memory";
constexpr std::array<LigandRow, countOf<Ligand>()> ligandRows{{
    {Ligand::Citrate, "citrate", 192.123, {3.5, 4.2, 4.7}, {3.4, 4.0, 4.8}, martell},
    {Ligand::Edta, "edta", 380.17, {9.9, 10.3, 10.9}, {8.0, 8.4, 9.0}, martell},
    {Ligand::Gluconate, "gluconate", 218.14, {1.0, 1.2, 1.8}, {0.6, 0.7, 1.2}, martell},
}};

struct LimeSoapRow {
    const char* code;
    std::array<double, 3> pKs;
    double monomer; // mol/l: above it the soap forms micelles
};
constexpr std::array<LimeSoapRow, countOf<LimeSoap>()> limeSoaps{
    {{"laurate", {12.0, 12.4, 13.0}, 20e-3},
     {"myristate", {14.4, 15.0, 15.4}, 6e-3},
     {"palmitate", {17.0, 17.4, 18.0}, 1.8e-3},
     {"stearate", {19.0, 19.6, 20.2}, 0.5e-3},
     {"oleate", {14.8, 15.4, 15.9}, 1.0e-3}}};

constexpr std::array<double, 3> citricPka{3.13, 4.76, 6.40};

// Ligands as salts, which hold no acid that lye takes notice of: their catalogue ids, and g of the
// ligand as counted in ligandRows per g of their salt.
struct SaltOfLigand {
    std::string_view id;
    Ligand ligand;
    double perGram;
};
constexpr double trisodiumCitrate = 258.07;
constexpr double tripotassiumCitrate = 306.39;
constexpr std::array<SaltOfLigand, 6> saltsOfLigands{
    {{"sodium-citrate", Ligand::Citrate, 192.123 / trisodiumCitrate},
     {"sodium-citrate-solution", Ligand::Citrate, 192.123 / trisodiumCitrate},
     {"potassium-citrate", Ligand::Citrate, 192.123 / tripotassiumCitrate},
     {"sodium-gluconate", Ligand::Gluconate, 1.0},
     {"tetrasodium-edta", Ligand::Edta, 1.0},
     {"tetrasodium-edta-solution", Ligand::Edta, 1.0}}};

std::optional<Ligand> ligandOf(Acid acid)
{
    switch (acid) {
    case Acid::Citric: return Ligand::Citrate;
    case Acid::DisodiumEdta: return Ligand::Edta;
    case Acid::Gluconic:
    case Acid::Gluconolactone: return Ligand::Gluconate;
    default: return std::nullopt;
    }
}

// g of each ligand that a gram of the material leaves in the bar.
std::array<double, countOf<Ligand>()> ligandsOf(const Material& m)
{
    std::array<double, countOf<Ligand>()> out{};
    for (const AcidShare& share : m.acids)
        if (const auto ligand = ligandOf(share.acid))
            out[static_cast<std::size_t>(*ligand)] += share.share.range.typical() *
                                                      rowOf(*ligand).molarMass /
                                                      factsOf(share.acid).molarMass();
    const auto salt = std::ranges::find(saltsOfLigands, m.id, &SaltOfLigand::id);
    if (salt != saltsOfLigands.end())
        out[static_cast<std::size_t>(salt->ligand)] +=
            m.part(Part::OtherSalts).range.typical() * salt->perGram;
    return out;
}

} // namespace

const char* codeOf(HardnessUnit unit)
{
    return hardnessRows[static_cast<std::size_t>(unit)].code;
}

std::optional<HardnessUnit> hardnessUnitFromCode(const std::string& code)
{
    for (std::size_t i = 0; i < hardnessRows.size(); ++i)
        if (code == hardnessRows[i].code)
            return static_cast<HardnessUnit>(i);
    return std::nullopt;
}

double millimolesPer(HardnessUnit unit)
{
    return hardnessRows[static_cast<std::size_t>(unit)].millimoles;
}

OrCannot<double> hardness(double value, HardnessUnit unit)
{
    if (!isNotNegative(value))
        return Cannot{CannotCode::Negative, "hardness", {}};
    const double h = value * millimolesPer(unit);
    if (!(h <= hardestWater))
        return Cannot{CannotCode::NoSuchWater, "hardness", {h, hardestWater}};
    return h;
}

HardnessClass classOf(double h)
{
    return h < softBelow   ? HardnessClass::Soft
           : h > hardAbove ? HardnessClass::Hard
                           : HardnessClass::Middling;
}

double usualOf(HardnessClass h)
{
    switch (h) {
    case HardnessClass::Soft: return 0.8;
    case HardnessClass::Middling: return 2.0;
    case HardnessClass::Hard: return 3.5;
    }
    return 0.0;
}

const LigandRow& rowOf(Ligand ligand)
{
    return ligandRows[static_cast<std::size_t>(ligand)];
}

std::optional<Ligand> ligandFromCode(const std::string& code)
{
    for (const LigandRow& row : ligandRows)
        if (code == row.code)
            return row.ligand;
    return std::nullopt;
}

OrCannot<Held> heldShare(double h, double calciumShare, double total, Ligand which, int bound)
{
    if (!(calciumShare >= 0.0 && calciumShare <= 1.0) || !isNotNegative(total) || !isNotNegative(h))
        return Cannot{CannotCode::OutOfRange, "hardness", {}};
    const double ca = h / 1000.0 * calciumShare;
    const double mg = h / 1000.0 * (1.0 - calciumShare);
    const auto b = static_cast<std::size_t>(std::clamp(bound, 0, 2));
    const double kc = std::pow(10.0, rowOf(which).calcium[b]);
    const double km = std::pow(10.0, rowOf(which).magnesium[b]);
    // What is free and what is bound grow together: bisect on what is free.
    double low = 0.0;
    double high = total;
    double free = total;
    for (int i = 0; i < 300; ++i) {
        free = (low + high) / 2.0;
        const double bound_ =
            ca * kc * free / (1.0 + kc * free) + mg * km * free / (1.0 + km * free);
        (free + bound_ < total ? low : high) = free;
    }
    Held out;
    out.calcium = kc * free / (1.0 + kc * free);
    out.magnesium = km * free / (1.0 + km * free);
    out.all = ca + mg > 0.0 ? (ca * out.calcium + mg * out.magnesium) / (ca + mg) : 0.0;
    return out;
}

const char* codeOf(LimeSoap soap)
{
    return limeSoaps[static_cast<std::size_t>(soap)].code;
}

Interval calciumThatStays(LimeSoap soap, double soapMolPerLitre)
{
    const LimeSoapRow& row = limeSoaps[static_cast<std::size_t>(soap)];
    const double monomer = std::max(1e-12, std::min(soapMolPerLitre, row.monomer));
    const auto at = [&](double pKs) { return std::pow(10.0, -pKs) / (monomer * monomer); };
    return Interval::around(at(row.pKs[2]), at(row.pKs[1]), at(row.pKs[0]));
}

OrCannot<HardWater> hardWater(const WashWater& water, double bar, const LigandInBar& ligand,
                              double soapShare, double soapMolar)
{
    if (!isAboveNothing(bar))
        return Cannot{CannotCode::NotPositive, "bar", {}};
    if (!isAboveNothing(water.dose))
        return Cannot{CannotCode::NotPositive, "dose", {}};
    if (!isAboveNothing(soapMolar) || !(soapShare >= 0.0 && soapShare <= 1.0) ||
        !(ligand.share >= 0.0 && ligand.share <= 1.0))
        return Cannot{CannotCode::OutOfRange, "shares", {0.0, 1.0}};
    const auto checked = hardness(water.hardness, HardnessUnit::MillimolePerLitre);
    if (const Cannot* cannot = std::get_if<Cannot>(&checked))
        return *cannot;
    const double perLitre = water.hardness / 1000.0; // mol
    const double molar = rowOf(ligand.ligand).molarMass;
    const auto heldAt = [&](double dose, int bound) {
        return heldShare(water.hardness, water.calciumShare, dose * ligand.share / molar,
                         ligand.ligand, bound);
    };
    const auto typical = heldAt(water.dose, 1);
    if (const Cannot* cannot = std::get_if<Cannot>(&typical))
        return *cannot;
    HardWater out;
    out.held = std::get<Held>(typical);
    // A dose is known to a factor of about three (0.3 to 20 g a litre in all): common practice.
    const double low = std::get<Held>(heldAt(std::max(0.3, water.dose / 3.0), 0)).all;
    const double high = std::get<Held>(heldAt(std::min(20.0, water.dose * 3.0), 2)).all;
    out.heldAll = Interval::around(low, out.held.all, high);
    out.litresCeiling = perLitre > 0.0 ? bar * ligand.share / molar / perLitre : 0.0;
    out.litresMet = bar / water.dose;
    out.litresSoftened = out.held.all * out.litresMet;
    out.soapWasted = 2.0 * perLitre * soapMolar;
    out.scum = perLitre * (2.0 * (soapMolar - atomic::sodium) + calciumMass * water.calciumShare +
                           magnesiumMass * (1.0 - water.calciumShare));
    out.shareWanted = perLitre * molar / water.dose;
    const double soap = water.dose * soapShare;
    out.soapLeft = soap > 0.0 ? std::max(0.0, soap - out.soapWasted) / soap : 0.0;
    return out;
}

OrCannot<WaterPicture> waterPicture(const Formula& f, const Account& r, const WashWater& water)
{
    const auto blend = blendOf(f, r);
    if (const Cannot* cannot = std::get_if<Cannot>(&blend))
        return *cannot;
    WaterPicture out;
    out.soapMolar = std::get<Blend>(blend).soapMolarMass;
    const double cured = r.batterGrams * (1.0 - cureLoss(r).typical());
    if (!isAboveNothing(cured) || !isAboveNothing(out.soapMolar))
        return Cannot{CannotCode::NothingInIt, "bar", {}};
    const double soapMol = std::clamp(r.lyeOnFatMol(), 0.0, r.fatMolTypical());
    out.soapShare = std::min(1.0, soapMol * out.soapMolar / cured);
    std::array<double, countOf<Ligand>()> grams{};
    for (std::size_t i = 0; i < f.lines.size(); ++i) {
        const auto of = ligandsOf(*f.lines[i].material);
        for (std::size_t l = 0; l < grams.size(); ++l)
            grams[l] += r.lines[i].grams * of[l];
    }
    constexpr double bar = 100.0;
    const auto reckoned = [&](const LigandInBar& ligand) {
        return hardWater(water, bar, ligand, out.soapShare, out.soapMolar);
    };
    const auto without = reckoned({});
    if (const Cannot* cannot = std::get_if<Cannot>(&without))
        return *cannot;
    out.without = std::get<HardWater>(without);
    for (std::size_t l = 0; l < grams.size(); ++l) {
        const double share = grams[l] / cured;
        if (share < 5e-4) // less than anyone adds: a fruit's own traces
            continue;
        out.ligands.push_back({static_cast<Ligand>(l), std::min(1.0, share)});
        out.each.push_back(std::get<HardWater>(reckoned(out.ligands.back())));
    }
    return out;
}

double citrateCharge(double ph)
{
    const double h = std::pow(10.0, -ph);
    const double k1 = std::pow(10.0, -citricPka[0]);
    const double k2 = std::pow(10.0, -citricPka[1]);
    const double k3 = std::pow(10.0, -citricPka[2]);
    const double none = h * h * h;
    const double one = h * h * k1;
    const double two = h * k1 * k2;
    const double three = k1 * k2 * k3;
    return (one + 2.0 * two + 3.0 * three) / (none + one + two + three);
}

double phOfSoap(double soap, double pka, double citrate, double strong, double added)
{
    const double sodium = soap + 3.0 * citrate + strong;
    const double ka = std::pow(10.0, -pka);
    double low = 2.0;
    double high = 14.0;
    for (int i = 0; i < 200; ++i) {
        const double ph = (low + high) / 2.0;
        const double h = std::pow(10.0, -ph);
        const double charge =
            sodium + h - 1e-14 / h - soap / (1.0 + h / ka) - (citrate + added) * citrateCharge(ph);
        (charge > 0.0 ? low : high) = ph;
    }
    return (low + high) / 2.0;
}

} // namespace rhexion
