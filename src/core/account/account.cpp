#include "core/account/account.h"

#include "core/account/jugs.h"
#include "core/account/portions.h"
#include "core/amounts/lye_mix.h"
#include "core/amounts/one_gram.h"
#include "core/amounts/solve.h"

#include <algorithm>
#include <cmath>

namespace rhexion {

namespace {

using N = TermName;
using U = Unit;

// Fills one account; the order of the methods is the order on paper.
class Accountant {
public:
    Accountant(const Formula& formula, const Amounts& amounts, Working solved)
        : f_(formula), amounts_(amounts), afterSolving_(!solved.steps().empty())
    {
        r_.working = std::move(solved);
        if (!afterSolving_)
            r_.working.reserve(formula.lines.size() * 4 + 40);
    }

    Account run()
    {
        per_ = perGramsOf(f_);
        sumLines();
        sumHydroxide();
        settleJugs(f_, amounts_, per_, r_);
        sumWater();
        sumFat();
        sumCook();
        settlePortions(f_, amounts_, per_, r_);
        for (std::size_t i = 0; i < f_.lines.size(); ++i)
            if (!afterSolving_ || !knownBefore(f_.lines[i]))
                writeLineDemand(w(), f_.lines[i], i, r_.lines[i].grams, per_[i]);
        write();
        writeJugs(f_, r_);
        writePortions(f_, r_);
        return std::move(r_);
    }

private:
    Working& w() { return r_.working; }

    void sumLines()
    {
        r_.lines.resize(f_.lines.size());
        for (std::size_t i = 0; i < f_.lines.size(); ++i) {
            const Line& line = f_.lines[i];
            const PerGram& per = per_[i];
            LineReckoned& out = r_.lines[i];
            const double m = amounts_.lines[i];
            out.id = line.id;
            out.isMakeUp = line.amount.unit == AmountUnit::Rest;
            out.grams = m;
            out.waterGrams = m * per.water;
            out.fatMol = m * per.fatCounted;
            out.fatMolTypical = m * per.fatTypical;
            out.acidMol = m * per.acid;
            out.givenMol = m * per.given;
            out.neutralisedMol = m * (per.acid + per.freeFattyAcid);
            if (out.isMakeUp) {
                r_.hasMakeUp = true;
                r_.makeUpGrams = m;
            }
            const bool oil = line.material->isOil();
            if (oil)
                r_.oilsGrams += m;
            // Kept apart: superfat is stated on oils, and true on all the fat there is.
            (oil ? r_.oilsMol : r_.hiddenMol) += out.fatMol;
            (oil ? r_.oilsMolTypical : r_.hiddenMolTypical) += out.fatMolTypical;
            r_.acidMol += out.acidMol;
            r_.givenMol += out.givenMol;
            givenPure_ += m * per.givenPure();
            freeFattyAcidMol_ += m * per.freeFattyAcid;
            waterLines_ += out.waterGrams;
            fatLow_ += m * per.fatLow;
            fatHigh_ += m * per.fatHigh;
            acidLow_ += m * per.acidLow;
            acidHigh_ += m * per.acidHigh;
            r_.supplyLow += m * per.givenLow;
            r_.supplyHigh += m * per.givenHigh;
            r_.batterGrams += m;
        }
        r_.demandLow = fatLow_ + acidLow_;
        r_.demandHigh = fatHigh_ + acidHigh_;
    }

    void weigh(HydroxideReckoned& out, const OneHydroxide& h, double grams, double molarMass)
    {
        if (!(grams > 0.0))
            return;
        out.weighedGrams = grams;
        out.pureGrams = grams * h.purity;
        out.mol = out.pureGrams / molarMass;
        out.waterGrams = grams * h.moisture;
        r_.supplyLow += grams * h.purityLow / molarMass;
        r_.supplyHigh += grams * h.purityHigh / molarMass;
        asIs_ += h.solution ? out.pureGrams : grams;
        solutionWater_ += h.solution ? out.waterGrams : 0.0;
    }

    void sumHydroxide()
    {
        const OneHydroxide na = hydroxideOf(f_.lye.sodium, Part::SodiumHydroxide);
        const OneHydroxide k = hydroxideOf(f_.lye.potassium, Part::PotassiumHydroxide);
        weigh(r_.sodium, na, amounts_.allSodium(), molarMassSodiumHydroxide);
        weigh(r_.potassium, k, amounts_.allPotassium(), molarMassPotassiumHydroxide);
        const double weighedMol = r_.sodium.mol + r_.potassium.mol;
        r_.hydroxideMol = weighedMol + r_.givenMol;
        r_.potassiumMoleShare =
            weighedMol > 0.0 ? r_.potassium.mol / weighedMol : lyeMixOf(f_.lye).potassiumShare;
        const double weighed = r_.sodium.weighedGrams + r_.potassium.weighedGrams;
        r_.weighedPerMol = weighedMol > 0.0 ? weighed / weighedMol : lyeMixOf(f_.lye).weighed;
        r_.hasJugWater = f_.liquid.jugRatio.has_value() || amounts_.jugWater > 0.0;
        r_.jugWaterGrams = amounts_.jugWater;
        r_.batterGrams += weighed + amounts_.jugWater;
    }

    void sumWater()
    {
        pure_ = r_.pureGrams() + givenPure_;
        asIs_ += givenPure_;
        r_.waterFromHydroxide = r_.sodium.waterGrams + r_.potassium.waterGrams;
        withoutImpurity_ = waterLines_ + r_.jugWaterGrams + solutionWater_;
        r_.waterPresent = waterLines_ + r_.jugWaterGrams + r_.waterFromHydroxide;
        wish_ = waterWishOf(f_.liquid, r_.oilsGrams);
        // Both conventions are always told; the wish is measured by the one it is stated in.
        const double base = wish_.pureCounts ? pure_ : asIs_;
        r_.waterWanted = wish_.grams > 0.0 ? wish_.grams : wish_.ratio * base;
        r_.waterExcess = (wish_.pureCounts ? r_.waterPresent : withoutImpurity_) - r_.waterWanted;
        r_.pure = termsOf(pure_, r_.waterPresent);
        r_.asWeighed = termsOf(asIs_, withoutImpurity_);
        r_.wanted = termsOf(base, r_.waterWanted);
        // Each mole of acid met by lye frees one of water: it is said, and never counted as liquid,
        // since no strength a maker states counts it.
        r_.neutralisationWater = (r_.acidMol + freeFattyAcidMol_) * molarMassWater;
    }

    LiquidTerms termsOf(double hydroxide, double water) const
    {
        LiquidTerms terms;
        if (r_.oilsGrams > 0.0)
            terms.shareOfOils = water / r_.oilsGrams;
        if (!(hydroxide > 0.0))
            return terms;
        terms.strength = hydroxide / (hydroxide + water);
        terms.ratio = water / hydroxide;
        terms.lessThanUsual = 1.0 - *terms.ratio / f_.liquid.usualRatio;
        return terms;
    }

    static std::optional<double> superfatOf(double onFat, double fat)
    {
        return fat > 0.0 ? std::optional(1.0 - onFat / fat) : std::nullopt;
    }

    void sumFat()
    {
        const double onFat = r_.lyeOnFatMol();
        r_.superfatOnOils = superfatOf(onFat, r_.oilsMol);
        r_.superfatTrue = superfatOf(onFat, r_.fatMolTypical());
        // Where acid outweighs the lye, more fat lowers the share that is free.
        const double mostOnFat = r_.supplyHigh - acidLow_;
        const double leastOnFat = r_.supplyLow - acidHigh_;
        r_.superfatTrueLow = superfatOf(mostOnFat, mostOnFat > 0.0 ? fatLow_ : fatHigh_);
        r_.superfatTrueHigh = superfatOf(leastOnFat, leastOnFat > 0.0 ? fatHigh_ : fatLow_);
        double cookedMol = 0.0;
        double cookedGrams = 0.0;
        double addedGrams = 0.0;
        for (std::size_t i = 0; i < f_.lines.size(); ++i) {
            if (!f_.lines[i].material->isOil())
                continue;
            if (f_.lines[i].vessel == Vessel::AfterCook) {
                addedGrams += r_.lines[i].grams;
            } else {
                cookedGrams += r_.lines[i].grams;
                cookedMol += r_.lines[i].fatMol;
            }
        }
        const double cooked = cookedMol > 0.0 ? std::clamp(1.0 - onFat / cookedMol, 0.0, 1.0) : 0.0;
        r_.freeOilGrams = cooked * cookedGrams + addedGrams;
    }

    // What joins after the cook or on top takes up no lye until then.
    void sumCook()
    {
        double supply = r_.hydroxideMol;
        double fat = r_.fatMolTypical();
        double acid = r_.acidMol;
        for (std::size_t i = 0; i < f_.lines.size(); ++i) {
            if (!joinsLate(f_.lines[i].vessel))
                continue;
            r_.cook.lateAcidMol += r_.lines[i].acidMol;
            r_.cook.lateFatMol += r_.lines[i].fatMolTypical;
            supply -= r_.lines[i].givenMol;
        }
        fat -= r_.cook.lateFatMol;
        acid -= r_.cook.lateAcidMol;
        r_.cook.leftMol = supply - acid - fat;
        r_.cook.superfat = superfatOf(supply - acid, fat > 1e-12 ? fat : 0.0);
    }

    void writeHydroxide(const HydroxideReckoned& h, Rule pure, Rule weighed, double share,
                        double molarMass)
    {
        if (h.mol <= 0.0)
            return;
        w().add(pure,
                {{N::Moles, U::Mole, r_.hydroxideMol - r_.givenMol},
                 {N::PotassiumShare, U::Percent, share},
                 {N::MolarMass, U::GramPerMole, molarMass}},
                h.pureGrams, U::Gram);
        w().add(weighed,
                {{N::PureMass, U::Gram, h.pureGrams},
                 {N::Purity, U::Percent, h.pureGrams / h.weighedGrams}},
                h.weighedGrams, U::Gram);
    }

    void write()
    {
        const double y = r_.potassiumMoleShare;
        writeHydroxide(r_.sodium, Rule::SodiumPure, Rule::SodiumWeighed, 1.0 - y,
                       molarMassSodiumHydroxide);
        writeHydroxide(r_.potassium, Rule::PotassiumPure, Rule::PotassiumWeighed, y,
                       molarMassPotassiumHydroxide);
        // As it was wished, of the lye in that jug alone; what was poured is what was poured.
        if (f_.liquid.jugRatio && afterSolving_ && r_.jugWaterGrams > 0.0) {
            const JugReckoned& jug = r_.jugs[0];
            w().add(Rule::JugWater,
                    {{N::Ratio, U::GramPerGram, *f_.liquid.jugRatio},
                     {N::PureMass, U::Gram, jug.sodium.pureGrams + jug.potassium.pureGrams},
                     {N::ImpurityWater, U::Gram, jug.sodium.waterGrams + jug.potassium.waterGrams}},
                    r_.jugWaterGrams, U::Gram);
        }
        if (wish_.grams == 0.0)
            w().add(Rule::WaterWanted,
                    {{N::Ratio, U::GramPerGram, wish_.ratio},
                     {N::PureMass, U::Gram, wish_.pureCounts ? pure_ : asIs_}},
                    r_.waterWanted, U::Gram);
        w().add(Rule::WaterPresent,
                {{N::Water, U::Gram, waterLines_},
                 {N::Water, U::Gram, r_.jugWaterGrams},
                 {N::ImpurityWater, U::Gram, r_.waterFromHydroxide}},
                r_.waterPresent, U::Gram);
        w().add(Rule::Strength,
                {{N::PureMass, U::Gram, pure_}, {N::Water, U::Gram, r_.waterPresent}},
                r_.pure.strength, U::Percent);
        w().add(Rule::StrengthAsWeighed,
                {{N::WeighedMass, U::Gram, asIs_}, {N::Water, U::Gram, withoutImpurity_}},
                r_.asWeighed.strength, U::Percent);
        if (r_.superfatOnOils)
            w().add(Rule::SuperfatOnOils,
                    {{N::Moles, U::Mole, r_.hydroxideMol},
                     {N::AcidAlkali, U::Mole, r_.acidMol},
                     {N::OilsAlkali, U::Mole, r_.oilsMol}},
                    *r_.superfatOnOils, U::Percent);
        if (r_.superfatTrue)
            w().add(Rule::SuperfatTrue,
                    {{N::Moles, U::Mole, r_.hydroxideMol},
                     {N::AcidAlkali, U::Mole, r_.acidMol},
                     {N::OilsAlkali, U::Mole, r_.oilsMolTypical},
                     {N::HiddenFatAlkali, U::Mole, r_.hiddenMolTypical}},
                    *r_.superfatTrue, U::Percent);
        w().add(Rule::NeutralisationWater,
                {{N::AcidAlkali, U::Mole, r_.acidMol},
                 {N::FreeFattyAcid, U::Mole, freeFattyAcidMol_},
                 {N::WaterMolarMass, U::GramPerMole, molarMassWater}},
                r_.neutralisationWater, U::Gram);
        w().add(Rule::BatterMass, {}, r_.batterGrams, U::Gram);
    }

    const Formula& f_;
    const Amounts& amounts_;
    bool afterSolving_;
    Account r_;
    std::vector<PerGram> per_;
    WaterWish wish_;
    double fatLow_ = 0.0;
    double fatHigh_ = 0.0;
    double acidLow_ = 0.0;
    double acidHigh_ = 0.0;
    double waterLines_ = 0.0;
    double givenPure_ = 0.0;
    double pure_ = 0.0;
    double asIs_ = 0.0; // as the other convention counts it: ready lye by content
    double solutionWater_ = 0.0;
    double withoutImpurity_ = 0.0;
    double freeFattyAcidMol_ = 0.0;
};

} // namespace

const LineReckoned* Account::find(LineId id) const
{
    const auto found = std::ranges::find(lines, id, &LineReckoned::id);
    return found == lines.end() ? nullptr : &*found;
}

const PortionReckoned* Account::portion(PortionId id) const
{
    const auto found = std::ranges::find(portions, id, &PortionReckoned::id);
    return found == portions.end() ? nullptr : &*found;
}

double Account::pureGramsPerMol() const
{
    return molarMassSodiumHydroxide +
           potassiumMoleShare * (molarMassPotassiumHydroxide - molarMassSodiumHydroxide);
}

std::optional<std::size_t> mainOil(const Formula& formula, const Account& account)
{
    return lineWithMost(
        formula, [](const Line& line) { return line.material->kind == MaterialKind::Fat; },
        [&](std::size_t i) { return account.lines[i].grams; });
}

LiquidSettings statedAnew(LiquidSettings liquid, const Account* account, LiquidStatement how)
{
    if (how == liquid.how)
        return liquid;
    const LiquidTerms t = account ? account->wanted : LiquidTerms{1.0 / 3.0, 2.0, 0.3, 0.0};
    const auto said = [&](const std::optional<double>& v) { return v.value_or(liquid.value); };
    switch (how) {
    case LiquidStatement::Strength: liquid.value = t.strength; break;
    case LiquidStatement::Ratio: liquid.value = said(t.ratio); break;
    case LiquidStatement::PercentOfOils: liquid.value = said(t.shareOfOils); break;
    case LiquidStatement::LessThanUsual: liquid.value = std::max(0.0, said(t.lessThanUsual)); break;
    }
    liquid.how = how;
    return liquid;
}

Account accountOf(const Formula& formula, const Amounts& amounts, Working solved)
{
    return Accountant(formula, amounts, std::move(solved)).run();
}

} // namespace rhexion
