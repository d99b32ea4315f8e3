#include "core/making/blend.h"

#include <algorithm>
#include <cmath>

namespace rhexion {

namespace {

constexpr std::array<const char*, countOf<AcidGroup>()> groupCodes{
    "short", "lauric-myristic", "palmitic-stearic",   "longer-saturated",
    "oleic", "ricinoleic",      "linoleic-linolenic", "saturated"};

constexpr double glycerylLessWater = 38.049; // g/mol of a triglyceride beyond its three acids

AcidGroup groupOf(FattyAcid acid)
{
    const FattyAcidFacts& facts = factsOf(acid);
    if (facts.hydroxyl)
        return AcidGroup::Ricinoleic;
    if (facts.doubleBonds > 1)
        return AcidGroup::LinoleicLinolenic;
    if (facts.doubleBonds == 1)
        return AcidGroup::Oleic;
    if (facts.carbons <= 10)
        return AcidGroup::Short;
    if (facts.carbons <= 14)
        return AcidGroup::LauricMyristic;
    return facts.carbons <= 18 ? AcidGroup::PalmiticStearic : AcidGroup::LongerSaturated;
}

// Mean molar mass of its fatty acids, by mass shares.
double meanAcid(const Material& fat)
{
    double share = 0.0;
    double mol = 0.0;
    for (const FattyAcidShare& f : fat.fattyAcids) {
        share += f.share.range.typical();
        mol += f.share.range.typical() / factsOf(f.acid).molarMass();
    }
    return mol > 0.0 ? share / mol : 0.0;
}

Interval boundsOf(const Material& fat, const auto& inside)
{
    double low = 0.0;
    double high = 0.0;
    double typical = 0.0;
    double all = 0.0;
    double lowOut = 0.0;
    double highOut = 0.0;
    for (const FattyAcidShare& f : fat.fattyAcids) {
        all += f.share.range.typical();
        if (inside(f.acid)) {
            low += f.share.range.low();
            typical += f.share.range.typical();
            high += f.share.range.high();
        } else {
            lowOut += f.share.range.low();
            highOut += f.share.range.high();
        }
    }
    if (!(all > 0.0))
        return Interval::exactly(0.0);
    typical /= all;
    return Interval::around(std::clamp(std::max(low, 1.0 - highOut), 0.0, typical), typical,
                            std::clamp(std::min(high, 1.0 - lowOut), typical, 1.0));
}

class BlendMaker {
public:
    explicit BlendMaker(std::span<const BlendFat> fats)
    {
        for (const BlendFat& fat : fats)
            if (fat.grams > 0.0)
                out_.fats.push_back(fat);
    }
    Blend make()
    {
        weigh();
        for (std::size_t g = 0; g < out_.groups.size(); ++g)
            out_.groups[g] = group([g](FattyAcid a) { return isIn(static_cast<AcidGroup>(g), a); });
        out_.linolenic = group([](FattyAcid a) { return a == FattyAcid::Linolenic; }).share;
        const Interval s = out_[AcidGroup::Saturated].share;
        const auto ratio = [](double x) { return std::min(1000.0, x / std::max(1e-9, 1.0 - x)); };
        out_.saturatedToUnsaturated =
            Interval::around(ratio(s.low()), ratio(s.typical()), ratio(s.high()));
        byMass();
        soap();
        return std::move(out_);
    }

private:
    void weigh()
    {
        for (std::size_t i = 0; i < out_.fats.size(); ++i) {
            const auto held = fattyAcidPerGram(*out_.fats[i].material);
            acids_.push_back(held.value_or(0.0) * out_.fats[i].grams);
            allAcids_ += acids_.back();
            mass_ += out_.fats[i].grams;
            if (!held) {
                out_.withoutProfile.push_back(i);
                out_.shareWithoutProfile += out_.fats[i].grams;
            }
        }
        out_.shareWithoutProfile /= mass_;
    }
    GroupReckoned group(const auto& inside) const
    {
        GroupReckoned out;
        if (!(allAcids_ > 0.0))
            return out;
        double low = 0.0;
        double typical = 0.0;
        double high = 0.0;
        for (std::size_t i = 0; i < acids_.size(); ++i) {
            const Interval share = boundsOf(*out_.fats[i].material, inside);
            const double weight = acids_[i] / allAcids_;
            low += weight * share.low();
            typical += weight * share.typical();
            high += weight * share.high();
            if (weight * share.typical() > 0.0)
                out.sources.push_back({i, weight * share.typical()});
        }
        out.share = Interval::around(low, typical, high);
        for (GroupSource& source : out.sources)
            source.share /= typical;
        std::erase_if(out.sources, [](const GroupSource& s) { return s.share < 0.02; });
        std::ranges::stable_sort(out.sources, std::ranges::greater{}, &GroupSource::share);
        return out;
    }
    void byMass()
    {
        double known = 0.0;
        std::array<double, 3> iodine{};
        std::array<double, 3> sv{};
        double svKnown = 0.0;
        for (const BlendFat& fat : out_.fats) {
            const Material& m = *fat.material;
            if (m.iodine) {
                known += fat.grams;
                iodine[0] += fat.grams * m.iodine->range.low();
                iodine[1] += fat.grams * m.iodine->range.typical();
                iodine[2] += fat.grams * m.iodine->range.high();
            }
            if (m.sv) {
                svKnown += fat.grams;
                sv[0] += fat.grams * m.sv->range.low();
                sv[1] += fat.grams * m.sv->range.typical();
                sv[2] += fat.grams * m.sv->range.high();
            }
        }
        out_.withoutIodine = 1.0 - known / mass_;
        if (known > 0.0)
            out_.iodine = Interval::around(iodine[0] / known, iodine[1] / known, iodine[2] / known);
        if (svKnown > 0.0)
            out_.sv = Interval::around(sv[0] / svKnown, sv[1] / svKnown, sv[2] / svKnown);
    }
    void soap()
    {
        double mol = 0.0;
        for (std::size_t i = 0; i < acids_.size(); ++i)
            if (acids_[i] > 0.0)
                mol += acids_[i] / meanAcid(*out_.fats[i].material);
        if (mol > 0.0)
            out_.soapMolarMass = allAcids_ / mol + atomic::sodium - atomic::hydrogen;
    }

    Blend out_;
    std::vector<double> acids_; // g of fatty acid from each fat
    double allAcids_ = 0.0;
    double mass_ = 0.0;
};

FromEverySource sourceOf(const Formula& f, const Account& r, auto perGram)
{
    std::vector<std::pair<double, LineId>> lines;
    FromEverySource out;
    for (std::size_t i = 0; i < f.lines.size(); ++i)
        if (const double grams = r.lines[i].grams * perGram(*f.lines[i].material); grams > 0.0) {
            out.share += grams;
            lines.emplace_back(grams, f.lines[i].id);
        }
    std::ranges::stable_sort(lines, std::ranges::greater{}, &std::pair<double, LineId>::first);
    for (const auto& [grams, id] : lines)
        out.lines.push_back(id);
    out.share = r.oilsGrams > 0.0 ? out.share / r.oilsGrams : 0.0;
    return out;
}

constexpr std::string_view practice = "common practice, no source";
constexpr std::string_view patchTests =
    "single-acid patch tests, from memory; the bounds are common practice";
constexpr std::string_view spitz =
    "Spitz (ed.), Soap Manufacturing Technology, AOCS 2009, from memory; the bounds are common "
    "practice";
constexpr std::string_view krafft =
    "Krafft temperatures of sodium soaps, from memory; the bounds are common practice";
constexpr std::string_view gels =
    "sodium oleate swells to a gel at room temperature, from memory; the bound is common practice";
constexpr std::string_view frankel =
    "Frankel, Lipid Oxidation, from memory; the bounds are common practice";

using G = AcidGroup;
constexpr std::array<BlendRow, 23> blendRows{{
    {G::Short, 0.0, "short-little", patchTests},
    {G::Short, 0.05, "short-noticed", patchTests},
    {G::Short, 0.10, "short-harsh", patchTests},
    {G::LauricMyristic, 0.0, "lauric-little", spitz},
    {G::LauricMyristic, 0.08, "lauric-some", spitz},
    {G::LauricMyristic, 0.16, "lauric-plenty", spitz},
    {G::LauricMyristic, 0.24, "lauric-much", spitz},
    {G::LauricMyristic, 0.30, "lauric-dries", spitz},
    {G::PalmiticStearic, 0.0, "palmitic-soft", krafft},
    {G::PalmiticStearic, 0.12, "palmitic-some", krafft},
    {G::PalmiticStearic, 0.35, "palmitic-slow", krafft},
    {G::LongerSaturated, 0.0, "longer-little", krafft},
    {G::LongerSaturated, 0.05, "longer-noticed", krafft},
    {G::Oleic, 0.0, "oleic-some", gels},
    {G::Oleic, 0.60, "oleic-slimy", gels},
    {G::Ricinoleic, 0.0, "ricinoleic-little", practice},
    {G::Ricinoleic, 0.03, "ricinoleic-usual", practice},
    {G::Ricinoleic, 0.09, "ricinoleic-much", practice},
    {G::Ricinoleic, 0.12, "ricinoleic-sticky", practice},
    {G::LinoleicLinolenic, 0.0, "linoleic-little", frankel},
    {G::LinoleicLinolenic, 0.15, "linoleic-spoils", frankel},
    {G::LinoleicLinolenic, 0.25, "linoleic-surely", frankel},
    {G::Saturated, 0.0, "saturated", practice},
}};

constexpr std::array<ScaleRow, 4> iodineRows{{{0.0, "iodine-firm", practice},
                                              {45.0, "iodine-usual", practice},
                                              {65.0, "iodine-softer", practice},
                                              {80.0, "iodine-soft", practice}}};
constexpr std::array<ScaleRow, 4> saltRows{{{0.0, "salt-none", practice},
                                            {1e-4, "salt-firms", practice},
                                            {0.03, "salt-brittle", practice},
                                            {0.20, "salt-bar", practice}}};
constexpr std::array<ScaleRow, 5> sugarRows{{{0.0, "sugar-none", practice},
                                             {1e-4, "sugar-little", practice},
                                             {0.01, "sugar-bubbles", practice},
                                             {0.03, "sugar-hot", practice},
                                             {0.06, "sugar-soft", practice}}};

const auto& lastReached(const auto& rows, double value)
{
    std::size_t last = 0;
    for (std::size_t i = 0; i < rows.size(); ++i)
        if (value >= rows[i].from)
            last = i;
    return rows[last];
}

} // namespace

const char* codeOf(AcidGroup group)
{
    return groupCodes[static_cast<std::size_t>(group)];
}

std::optional<AcidGroup> acidGroupFromCode(const std::string& code)
{
    return valueWithCode<AcidGroup>(groupCodes, code);
}

bool isIn(AcidGroup group, FattyAcid acid)
{
    if (group == AcidGroup::Saturated) {
        const FattyAcidFacts& facts = factsOf(acid);
        return facts.doubleBonds == 0 && !facts.hydroxyl;
    }
    return groupOf(acid) == group;
}

std::optional<double> fattyAcidPerGram(const Material& fat)
{
    const double mean = meanAcid(fat);
    if (!(mean > 0.0))
        return std::nullopt;
    const double soaps = fat.unsaponifiable ? 1.0 - fat.unsaponifiable->range.typical() : 1.0;
    if (fat.kind == MaterialKind::FattyAcid)
        return soaps;
    return 3.0 * mean / (3.0 * mean + glycerylLessWater) * soaps;
}

Interval shareOf(AcidGroup group, const Material& fat)
{
    return boundsOf(fat, [group](FattyAcid a) { return isIn(group, a); });
}

OrCannot<Blend> blendOf(std::span<const BlendFat> fats)
{
    double total = 0.0;
    for (const BlendFat& fat : fats) {
        if (!isNotNegative(fat.grams))
            return Cannot{CannotCode::BadMass, fat.material->name, {fat.grams}};
        total += fat.grams;
    }
    if (!(total > 0.0))
        return Cannot{CannotCode::NoOils, "oils", {}};
    return BlendMaker(fats).make();
}

OrCannot<Blend> blendOf(const Formula& formula, const Account& account)
{
    std::vector<BlendFat> fats;
    for (std::size_t i = 0; i < formula.lines.size(); ++i)
        if (formula.lines[i].material->isOil())
            fats.push_back({formula.lines[i].material, account.lines[i].grams});
    return blendOf(fats);
}

FromEverySource saltOf(const Formula& formula, const Account& account)
{
    return sourceOf(formula, account,
                    [](const Material& m) { return m.part(Part::SodiumChloride).range.typical(); });
}

FromEverySource sugarOf(const Formula& formula, const Account& account)
{
    return sourceOf(formula, account, [](const Material& m) {
        return m.part(Part::ReducingSugar).range.typical() +
               m.part(Part::OtherSugar).range.typical();
    });
}

std::span<const BlendRow> rowsOf(AcidGroup group)
{
    const auto first = std::ranges::find(blendRows, group, &BlendRow::group);
    const auto last = std::find_if(first, blendRows.end(),
                                   [group](const BlendRow& row) { return row.group != group; });
    return {first, last};
}

const BlendRow& wordFor(AcidGroup group, double share)
{
    return lastReached(rowsOf(group), share);
}

const ScaleRow& iodineWord(double iodine)
{
    return lastReached(iodineRows, iodine);
}
const ScaleRow& saltWord(double share)
{
    return lastReached(saltRows, share);
}
const ScaleRow& sugarWord(double share)
{
    return lastReached(sugarRows, share);
}

} // namespace rhexion
