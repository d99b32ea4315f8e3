#include "core/after/inci.h"

#include "core/materials/chemistry.h"

#include <algorithm>

namespace rhexion {

namespace {

constexpr double glycerolMolar = 92.094;

bool isColour(const LabelRow& row)
{
    return row.name.starts_with("CI ");
}

std::string soapName(const char* metal, const LabelOil& oil)
{
    return oil.soap.empty() ? "[" + std::string(metal) + " soap of " + oil.name + "]"
                            : std::string(metal) + " " + oil.soap;
}

// What an oil gives off beside its soap, g for so many mol taken up.
double givenOff(const LabelOil& oil, double mol)
{
    switch (oil.gives) {
    case LabelOil::Gives::Glycerin: return mol / 3.0 * glycerolMolar;
    case LabelOil::Gives::Water: return mol * molarMassWater;
    case LabelOil::Gives::Nothing: break; // a wax keeps its alcohol
    }
    return 0.0;
}

// The shares of their alkali that free fatty acids and fats take up: an acid takes its lye at once,
// so what is left free is fat.
struct Taken {
    double acid = 1.0;
    double fat = 1.0;
    double of(LabelOil::Gives gives) const { return gives == LabelOil::Gives::Water ? acid : fat; }
};
Taken takenOf(const LabelBatch& b)
{
    double acid = 0.0;
    double fat = b.hiddenFatMol;
    for (const LabelOil& oil : b.oils)
        (oil.gives == LabelOil::Gives::Water ? acid : fat) += oil.mol;
    const double taken = (acid + fat) * (1.0 - std::max(0.0, b.superfat));
    const double byAcid = std::min(acid, taken);
    return {acid > 0.0 ? byAcid / acid : 1.0, fat > 0.0 ? (taken - byAcid) / fat : 1.0};
}

// Every name once, its masses together.
std::vector<LabelRow> together(std::vector<LabelRow> rows)
{
    std::vector<LabelRow> out;
    for (LabelRow& row : rows) {
        const auto same = std::ranges::find(out, row.name, &LabelRow::name);
        if (same == out.end())
            out.push_back(std::move(row));
        else
            same->grams += row.grams;
    }
    return out;
}

std::vector<LabelRow> withAllergens(std::vector<LabelRow> rows, const LabelBatch& batch)
{
    const auto isScent = [](const LabelRow& r) { return r.name == "Parfum" || r.name == "Aroma"; };
    auto at = std::ranges::find_if(rows, isScent);
    if (at == rows.end())
        return rows;
    ++at;
    for (const std::string& name : batch.allergens)
        at = std::next(rows.insert(at, {name, 0.0, 0.0, false}));
    return rows;
}

} // namespace

const char* codeOf(LabelSchool school)
{
    return school == LabelSchool::AsAdded ? "as-added" : "as-soap";
}

std::vector<LabelRow> inLabelOrder(std::vector<LabelRow> rows)
{
    rows = together(std::move(rows));
    std::erase_if(rows, [](const LabelRow& r) { return !(r.grams > 0.0); });
    double total = 0.0;
    for (const LabelRow& row : rows)
        total += row.grams;
    for (LabelRow& row : rows)
        row.share = row.grams / total;
    std::ranges::sort(rows, [](const LabelRow& a, const LabelRow& b) {
        if (isColour(a) != isColour(b))
            return isColour(b);
        if (isColour(a) || a.grams == b.grams)
            return a.name < b.name;
        return a.grams > b.grams;
    });
    return rows;
}

std::vector<LabelRow> labelAsAdded(const LabelBatch& b)
{
    std::vector<LabelRow> rows = b.others;
    for (const LabelOil& oil : b.oils)
        rows.push_back({oil.name, oil.grams, 0.0, oil.plain});
    rows.push_back({"Sodium Hydroxide", b.sodium, 0.0, false});
    rows.push_back({"Potassium Hydroxide", b.potassium, 0.0, false});
    rows.push_back({"Aqua", b.waterAdded, 0.0, false});
    return withAllergens(inLabelOrder(std::move(rows)), b);
}

std::vector<LabelRow> labelAsSoap(const LabelBatch& b)
{
    std::vector<LabelRow> rows;
    const Taken taken = takenOf(b);
    double glycerin = 0.0;
    for (const LabelOil& oil : b.oils) {
        const double left = 1.0 - taken.of(oil.gives);
        const double mol = oil.mol * (1.0 - left);
        const double off = givenOff(oil, mol);
        if (oil.gives == LabelOil::Gives::Glycerin)
            glycerin += off;
        const auto soap = [&](const char* metal, double share, double molar) {
            if (share > 0.0)
                rows.push_back({soapName(metal, oil),
                                share * (oil.grams * (1.0 - left) + mol * molar - off), 0.0,
                                oil.soap.empty()});
        };
        soap("Sodium", 1.0 - b.potassiumShare, molarMassSodiumHydroxide);
        soap("Potassium", b.potassiumShare, molarMassPotassiumHydroxide);
        rows.push_back({oil.name, oil.grams * left, 0.0, oil.plain});
    }
    rows.push_back({"Glycerin", glycerin, 0.0, false});
    for (std::size_t i = 0; i < b.others.size(); ++i)
        rows.push_back({b.othersInBarNames[i], b.othersInBar[i], 0.0, b.others[i].plain});
    rows.push_back({"Sodium Hydroxide",
                    b.lyeLeftMol * (1.0 - b.potassiumShare) * molarMassSodiumHydroxide, 0.0,
                    false});
    rows.push_back({"Potassium Hydroxide",
                    b.lyeLeftMol * b.potassiumShare * molarMassPotassiumHydroxide, 0.0, false});
    rows.push_back({"Aqua", b.waterLeft, 0.0, false});
    return withAllergens(inLabelOrder(std::move(rows)), b);
}

std::vector<LabelRow> labelOf(const LabelBatch& batch, LabelSchool school)
{
    return school == LabelSchool::AsAdded ? labelAsAdded(batch) : labelAsSoap(batch);
}

namespace {

// A bicarbonate of the shelf's salts takes up lye as an acid does.
bool isMostlyAcid(const Material& m)
{
    double share = 0.0;
    for (const AcidShare& acid : m.acids)
        share += acid.share.range.typical();
    return share > 0.5;
}

// The name of the salt an acid becomes; empty where none is known.
std::string saltOf(const Material& acid, double potassiumShare)
{
    static constexpr std::pair<Acid, const char*> names[] = {
        {Acid::Citric, "Citrate"},           {Acid::Malic, "Malate"},
        {Acid::Tartaric, "Tartrate"},        {Acid::Lactic, "Lactate"},
        {Acid::Acetic, "Acetate"},           {Acid::Ascorbic, "Ascorbate"},
        {Acid::Oxalic, "Oxalate"},           {Acid::Succinic, "Succinate"},
        {Acid::Fumaric, "Fumarate"},         {Acid::Glycolic, "Glycolate"},
        {Acid::Gluconic, "Gluconate"},       {Acid::Salicylic, "Salicylate"},
        {Acid::Benzoic, "Benzoate"},         {Acid::Sorbic, "Sorbate"},
        {Acid::Gluconolactone, "Gluconate"}, {Acid::Bicarbonate, "Carbonate"}};
    const AcidShare* most = nullptr;
    for (const AcidShare& a : acid.acids)
        if (!most || a.share.range.typical() > most->share.range.typical())
            most = &a;
    // A neutral salt may hold a trace of its acid, and is no acid for that.
    if (!most || !(most->share.range.typical() > 0.0))
        return {};
    for (const auto& [which, name] : names)
        if (which == most->acid)
            return std::string(potassiumShare > 0.5 ? "Potassium " : "Sodium ") + name;
    return {};
}

} // namespace

LabelBatch labelBatchOf(const Formula& f, const Account& account, double cured,
                        const std::function<InciName(const Material&)>& nameOf,
                        std::vector<std::string> allergens)
{
    LabelBatch out;
    out.sodium = account.sodium.pureGrams;
    out.potassium = account.potassium.pureGrams;
    out.potassiumShare = account.potassiumMoleShare;
    out.superfat = account.superfatTrue.value_or(0.0);
    if (account.lyeHeavy())
        out.lyeLeftMol = account.lyeOnFatMol() - account.fatMolTypical();
    out.allergens = std::move(allergens);
    out.waterAdded =
        account.jugWaterGrams + account.sodium.waterGrams + account.potassium.waterGrams;
    const double molar =
        molarMassSodiumHydroxide +
        (molarMassPotassiumHydroxide - molarMassSodiumHydroxide) * out.potassiumShare;
    std::vector<double> hiddenFat; // mol, as many as others
    for (std::size_t i = 0; i < f.lines.size() && i < account.lines.size(); ++i) {
        const Material& m = *f.lines[i].material;
        const LineReckoned& line = account.lines[i];
        if (!(line.grams > 0.0))
            continue;
        const InciName known = nameOf(m);
        const bool plain = known.name.empty();
        const std::string name = plain ? "[" + m.name + "]" : known.name;
        if (m.isHydroxide())
            continue; // what it holds is pure hydroxide and water, below
        if (m.isOil()) {
            const auto gives = m.kind == MaterialKind::FattyAcid ? LabelOil::Gives::Water
                               : m.kind == MaterialKind::Wax     ? LabelOil::Gives::Nothing
                                                                 : LabelOil::Gives::Glycerin;
            const double water = line.waterGrams; // butter holds some
            out.waterAdded += water;
            out.oils.push_back(
                {name, known.soap, line.grams - water, line.fatMolTypical, gives, plain});
            continue;
        }
        if (name == "Aqua") {
            out.waterAdded += line.grams;
            continue;
        }
        double added = line.grams;
        const double water = m.part(Part::Water).range.typical() * line.grams;
        if (m.kind == MaterialKind::Salt && water > 0.0) { // brine is water and salt
            out.waterAdded += water;
            added -= water;
        }
        // Its acids take up lye and give off water.
        const double dry = line.grams - water + line.acidMol * (molar - molarMassWater);
        std::string barName = name;
        if (m.kind == MaterialKind::Acid || isMostlyAcid(m))
            if (const std::string salt = saltOf(m, out.potassiumShare); !salt.empty())
                barName = salt;
        out.others.push_back({name, added, 0.0, plain});
        out.othersInBar.push_back(dry);
        out.othersInBarNames.push_back(barName);
        hiddenFat.push_back(line.fatMolTypical);
        out.hiddenFatMol += line.fatMolTypical;
    }
    const Taken taken = takenOf(out);
    for (std::size_t i = 0; i < hiddenFat.size(); ++i)
        out.othersInBar[i] += hiddenFat[i] * taken.fat * molar;
    // Ready lyes and hydroxide in materials are counted as what they hold.
    const double givenMol = account.givenMol;
    if (givenMol > 0.0)
        for (std::size_t i = 0; i < f.lines.size() && i < account.lines.size(); ++i)
            if (const Material& m = *f.lines[i].material; m.isHydroxide()) {
                const double grams = account.lines[i].grams;
                out.sodium += m.part(Part::SodiumHydroxide).range.typical() * grams;
                out.potassium += m.part(Part::PotassiumHydroxide).range.typical() * grams;
                out.waterAdded += m.part(Part::Water).range.typical() * grams;
            }
    double bar = 0.0;
    for (const LabelRow& row : labelAsSoap(out)) // waterLeft is still 0
        bar += row.grams;
    out.waterLeft = std::max(0.0, cured - bar);
    return out;
}

} // namespace rhexion
