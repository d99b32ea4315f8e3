#include "core/reckoning/reckon.h"

#include "core/reckoning/cautions.h"
#include "core/reckoning/jugs.h"
#include "core/reckoning/per_gram.h"
#include "core/reckoning/portions.h"
#include "core/reckoning/validate.h"

#include <algorithm>
#include <cmath>

namespace rhexion {

namespace {

using N = TermName;
using U = Unit;

// Holds the sums while one formula is reckoned; the order of the methods is the order on paper.
class Reckoner {
public:
    explicit Reckoner(const Formula& formula) : f_(formula) {}

    ReckonResult run()
    {
        if (auto refusal = validate(f_))
            return *std::move(refusal);
        r_.working.reserve(f_.lines.size() * 4 + 40);
        resolveMasses();
        sumFixed();
        describeHydroxide();
        stateLiquid();
        writeLineDemands(true);
        if (auto refusal = solve())
            return *std::move(refusal);
        if (auto refusal = checkCook())
            return *std::move(refusal);
        settle();
        if (auto refusal = settlePortions(f_, per_, r_))
            return *std::move(refusal);
        writeLineDemands(false);
        writeResults();
        writeJugs(f_, r_);
        writePortions(f_, r_);
        r_.cautions = cautionsFor(f_, r_);
        return std::move(r_);
    }

private:
    Working& w() { return r_.working; }
    double discount() const { return 1.0 - f_.lye.superfat; }

    // Masses of every line but shares of the batter and the make-up.
    void resolveMasses()
    {
        const std::size_t count = f_.lines.size();
        r_.lines.resize(count);
        per_.resize(count);
        ofWhole_.assign(count, 1.0);
        double parts = 0.0;
        for (const Portion& portion : f_.portions)
            parts += portion.parts;
        double oilGrams = 0.0;
        double oilShares = 0.0;
        for (std::size_t i = 0; i < count; ++i) {
            const Line& line = f_.lines[i];
            per_[i] = perGramOf(line, f_.lye);
            r_.lines[i].id = line.id;
            if (const Portion* portion = f_.portion(f_.portionOf(line)))
                ofWhole_[i] = portion->parts / parts;
            if (const auto mass = massOf(line.amount, *line.material)) {
                r_.lines[i].grams = mass->inGrams();
                if (isMeasured(line.amount.unit))
                    w().add(Rule::MeasuredMass,
                            {{N::Count, U::Number, line.amount.value},
                             {N::Mass, U::Gram, *gramsPer(line.amount.unit, *line.material)}},
                            mass->inGrams(), U::Gram, static_cast<std::int16_t>(i));
            }
            if (!line.material->isOil())
                continue;
            if (line.amount.unit == AmountUnit::PercentOfOils)
                oilShares += line.amount.value / 100.0;
            else
                oilGrams += r_.lines[i].grams;
        }
        if (oilShares > 0.0 && oilGrams == 0.0)
            r_.oilsGrams = f_.oilsTotal.inGrams();
        else if (oilShares > 0.0)
            r_.oilsGrams = oilGrams / (1.0 - oilShares);
        else
            r_.oilsGrams = oilGrams;
        if (oilShares > 0.0 && oilGrams > 0.0)
            w().add(Rule::OilsTotal,
                    {{N::Mass, U::Gram, oilGrams}, {N::Share, U::Percent, oilShares}}, r_.oilsGrams,
                    U::Gram);
        for (std::size_t i = 0; i < count; ++i) {
            const StatedAmount& amount = f_.lines[i].amount;
            if (amount.unit != AmountUnit::PercentOfOils)
                continue;
            r_.lines[i].grams = statedShare(i) * r_.oilsGrams;
            w().add(Rule::ShareOfOils,
                    {{N::Share, U::Percent, statedShare(i)}, {N::Oils, U::Gram, r_.oilsGrams}},
                    r_.lines[i].grams, U::Gram, static_cast<std::int16_t>(i));
        }
    }

    // A stated per cent as a share of the whole: that of a portion's line is of its portion.
    double statedShare(std::size_t i) const
    {
        return f_.lines[i].amount.value / 100.0 * ofWhole_[i];
    }

    double alkaliOf(std::size_t i) const
    {
        return (per_[i].discounted ? discount() * per_[i].fatCounted : 0.0) + per_[i].acid;
    }

    void sumFixed()
    {
        for (std::size_t i = 0; i < f_.lines.size(); ++i) {
            switch (f_.lines[i].amount.unit) {
            case AmountUnit::Rest:
                makeUp_ = static_cast<int>(i);
                r_.hasMakeUp = true;
                r_.lines[i].isMakeUp = true;
                break;
            case AmountUnit::PercentOfBatter: {
                const double p = statedShare(i);
                shares_ += p;
                shareAlkali_ += p * alkaliOf(i);
                shareWater_ += p * per_[i].water;
                break;
            }
            case AmountUnit::PercentOfLiquid: {
                const double p = statedShare(i);
                rideMass_ += p;
                rideAlkali_ += p * alkaliOf(i);
                rideWater_ += p * per_[i].water;
                break;
            }
            default:
                fixedMass_ += r_.lines[i].grams;
                fixedFat_ += per_[i].discounted ? r_.lines[i].grams * per_[i].fatCounted : 0.0;
                fixedAcid_ += r_.lines[i].grams * per_[i].acid;
                fixedAlkali_ += r_.lines[i].grams * alkaliOf(i);
                fixedWater_ += r_.lines[i].grams * per_[i].water;
            }
        }
    }

    // Per mol of hydroxide: L g pure, O g as weighed, e g of water the rest of it is.
    void describeHydroxide()
    {
        const LyeSettings& lye = f_.lye;
        constexpr double mNa = molarMassSodiumHydroxide;
        constexpr double mK = molarMassPotassiumHydroxide;
        if (lye.sodium) {
            purityNa_ = lye.sodium->part(Part::SodiumHydroxide).range.typical();
            waterNa_ = lye.sodium->part(Part::Water).range.typical();
        }
        if (lye.potassium) {
            purityK_ = lye.potassium->part(Part::PotassiumHydroxide).range.typical();
            waterK_ = lye.potassium->part(Part::Water).range.typical();
        }
        const bool liquidNa = lye.sodium && lye.sodium->isLyeSolution();
        const bool liquidK = lye.potassium && lye.potassium->isLyeSolution();
        if (lye.fixed) {
            const double na = lye.fixed->sodium.inGrams();
            const double k = lye.fixed->potassium.inGrams();
            const double molNa = na > 0.0 ? na * purityNa_ / mNa : 0.0;
            const double molK = k > 0.0 ? k * purityK_ / mK : 0.0;
            n_ = molNa + molK;
            y_ = molK / n_;
        } else {
            const double s = lye.potassiumShare;
            if (s == 0.0 || s == 1.0 || lye.split == SplitConvention::Moles) {
                y_ = s;
            } else {
                const bool weighed = lye.split == SplitConvention::WeighedWeight;
                // A ready lye counts by the hydroxide it contains.
                const double k = s * (weighed && !liquidK ? purityK_ : 1.0) / mK;
                const double na = (1.0 - s) * (weighed && !liquidNa ? purityNa_ : 1.0) / mNa;
                y_ = k / (k + na);
            }
        }
        const double pureNa = (1.0 - y_) * mNa;
        const double pureK = y_ * mK;
        const double weighedNa = pureNa > 0.0 ? pureNa / purityNa_ : 0.0;
        const double weighedK = pureK > 0.0 ? pureK / purityK_ : 0.0;
        L_ = pureNa + pureK;
        O_ = weighedNa + weighedK;
        e_ = weighedNa * waterNa_ + weighedK * waterK_;
        asIs_ = (liquidNa ? pureNa : weighedNa) + (liquidK ? pureK : weighedK);
        lyeWater_ = (liquidNa ? weighedNa * waterNa_ : 0.0) + (liquidK ? weighedK * waterK_ : 0.0);
        // A strong jug is the first one: what is dissolved in the second needs its own liquid.
        const SecondJug second = lye.secondJug.value_or(SecondJug{});
        firstL_ = pureNa * (1.0 - second.sodium) + pureK * (1.0 - second.potassium);
        firstE_ = weighedNa * waterNa_ * (1.0 - second.sodium) +
                  weighedK * waterK_ * (1.0 - second.potassium);
        if (lye.fixed)
            w().add(Rule::HydroxideFixed,
                    {{N::WeighedMass, U::Gram, lye.fixed->sodium.inGrams()},
                     {N::Purity, U::Percent, purityNa_},
                     {N::MolarMass, U::GramPerMole, mNa},
                     {N::WeighedMass, U::Gram, lye.fixed->potassium.inGrams()},
                     {N::Purity, U::Percent, purityK_},
                     {N::MolarMass, U::GramPerMole, mK}},
                    n_, U::Mole);
        if (y_ > 0.0 && y_ < 1.0)
            w().add(Rule::PotassiumMoleShare,
                    {{N::PotassiumShare, U::Percent, lye.fixed ? y_ : lye.potassiumShare}}, y_,
                    U::Percent);
        w().add(Rule::PurePerMole,
                {{N::PotassiumShare, U::Percent, y_},
                 {N::MolarMass, U::GramPerMole, mNa},
                 {N::MolarMass, U::GramPerMole, mK}},
                L_, U::GramPerMole);
        w().add(Rule::WeighedPerMole,
                {{N::PureMass, U::GramPerMole, pureNa},
                 {N::Purity, U::Percent, purityNa_},
                 {N::PureMass, U::GramPerMole, pureK},
                 {N::Purity, U::Percent, purityK_}},
                O_, U::GramPerMole);
        w().add(Rule::WaterPerMole,
                {{N::WeighedMass, U::GramPerMole, weighedNa},
                 {N::WaterShare, U::Percent, waterNa_},
                 {N::WeighedMass, U::GramPerMole, weighedK},
                 {N::WaterShare, U::Percent, waterK_}},
                e_, U::GramPerMole);
    }

    // R g of water to be brought per mol of hydroxide by what is not hydroxide, and W0 g besides.
    void stateLiquid()
    {
        const LiquidSettings& liquid = f_.liquid;
        counted_ = liquid.convention == StrengthConvention::PureAndAllWater;
        double ratio = 0.0;
        switch (liquid.how) {
        case LiquidStatement::Strength:
            ratio = (1.0 - liquid.value) / liquid.value;
            w().add(Rule::WaterWantedRatio, {{N::Strength, U::Percent, liquid.value}}, ratio,
                    U::GramPerGram);
            break;
        case LiquidStatement::Ratio: ratio = liquid.value; break;
        case LiquidStatement::LessThanUsual:
            ratio = liquid.usualRatio * (1.0 - liquid.value);
            w().add(Rule::WaterWantedRatio,
                    {{N::UsualRatio, U::GramPerGram, liquid.usualRatio},
                     {N::Share, U::Percent, liquid.value}},
                    ratio, U::GramPerGram);
            break;
        case LiquidStatement::PercentOfOils:
            W0_ = liquid.value * r_.oilsGrams;
            w().add(Rule::WaterWantedOils,
                    {{N::Share, U::Percent, liquid.value}, {N::Oils, U::Gram, r_.oilsGrams}}, W0_,
                    U::Gram);
            break;
        }
        ratio_ = ratio;
        R_ = counted_ ? ratio * L_ - e_ : ratio * asIs_ - lyeWater_;
        if (liquid.jugRatio)
            jugPerMol_ = std::max(0.0, *liquid.jugRatio * firstL_ - firstE_);
        R_ -= jugPerMol_; // the strong jug's own water is poured already
    }

    // Finds the make-up x, the batter B and the hydroxide n together.
    std::optional<Refusal> solve()
    {
        const bool fixed = f_.lye.fixed.has_value();
        const double n0 = fixed ? n_ : fixedAlkali_;
        const double E = fixed ? 0.0 : shareAlkali_;
        const double O = O_ + jugPerMol_;
        const double room = 1.0 - shares_ - (fixed ? 0.0 : O * E);
        if (!(room > 1e-9))
            return Refusal{RefusalCode::BatterSharesTooLarge, 0, {}, {shares_}};
        // With the hydroxide given, the pot's other masses do not move it.
        const double batterAlone = (fixedMass_ + O * n0) / room;
        if (!fixed)
            w().add(Rule::FixedDemand,
                    {{N::Superfat, U::Percent, f_.lye.superfat},
                     {N::OilsAlkali, U::Mole, fixedFat_},
                     {N::AcidAlkali, U::Mole, fixedAcid_}},
                    fixedAlkali_, U::Mole);
        w().add(Rule::FixedWater, {}, fixedWater_, U::Gram);
        double x = 0.0;
        double B = batterAlone;
        double b = 0.0;
        if (makeUp_ >= 0) {
            const auto m = static_cast<std::size_t>(makeUp_);
            // What is stated as a share of the liquid comes and goes with it.
            const double water = per_[m].water + rideWater_;
            const double along = 1.0 + rideMass_;
            b = fixed ? 0.0 : alkaliOf(m) + rideAlkali_;
            const double det = (water - R_ * b) * room + (shareWater_ - R_ * E) * (along + O * b);
            if (!(water > 0.0) || !(det > 1e-9))
                return Refusal{RefusalCode::MakeUpBringsNoWater,
                               f_.lines[m].id,
                               f_.lines[m].material->name,
                               {water - R_ * b}};
            const double top = R_ * n0 + W0_ - fixedWater_;
            x = (top * room - (shareWater_ - R_ * E) * (fixedMass_ + O * n0)) / det;
            B = ((water - R_ * b) * (fixedMass_ + O * n0) + (along + O * b) * top) / det;
            w().add(Rule::MakeUpAlkali,
                    {{N::Superfat, U::Percent, f_.lye.superfat},
                     {N::OilsAlkali, U::MolePerGram, fixed ? 0.0 : per_[m].fatCounted},
                     {N::AcidAlkali, U::MolePerGram, fixed ? 0.0 : per_[m].acid}},
                    b, U::MolePerGram, static_cast<std::int16_t>(makeUp_));
            const bool plain = shares_ == 0.0;
            w().add(plain ? Rule::MakeUp : Rule::MakeUpShares,
                    {{N::Coefficient, U::GramPerMole, R_},
                     {N::Moles, U::Mole, n0},
                     {N::WantedWater, U::Gram, W0_},
                     {N::FixedWater, U::Gram, fixedWater_},
                     {N::WaterShare, U::Percent, water},
                     {N::Coefficient, U::MolePerGram, b},
                     {N::Share, U::Percent, shares_},
                     {N::Batter, U::Gram, B}},
                    x, U::Gram, static_cast<std::int16_t>(makeUp_));
            if (x < 0.0) {
                x = 0.0;
                B = batterAlone;
            }
        }
        n_ = n0 + b * x + E * B;
        if (!fixed)
            w().add(Rule::HydroxideTotal,
                    {{N::Moles, U::Mole, n0},
                     {N::Coefficient, U::MolePerGram, b},
                     {N::Mass, U::Gram, x},
                     {N::Coefficient, U::MolePerGram, E},
                     {N::Batter, U::Gram, B}},
                    n_, U::Mole);
        r_.makeUpGrams = x;
        r_.batterGrams = B;
        for (std::size_t i = 0; i < f_.lines.size(); ++i) {
            if (static_cast<int>(i) == makeUp_)
                r_.lines[i].grams = x;
            else if (f_.lines[i].amount.unit == AmountUnit::PercentOfLiquid) {
                r_.lines[i].grams = statedShare(i) * x;
                w().add(Rule::ShareOfLiquid,
                        {{N::Share, U::Percent, statedShare(i)}, {N::Mass, U::Gram, x}},
                        r_.lines[i].grams, U::Gram, static_cast<std::int16_t>(i));
            } else if (f_.lines[i].amount.unit == AmountUnit::PercentOfBatter) {
                r_.lines[i].grams = statedShare(i) * B;
                w().add(Rule::BatterShare,
                        {{N::Share, U::Percent, statedShare(i)}, {N::Batter, U::Gram, B}},
                        r_.lines[i].grams, U::Gram, static_cast<std::int16_t>(i));
            }
        }
        return std::nullopt;
    }

    // Oil that goes in after the cook cannot take up lye in the cook.
    std::optional<Refusal> checkCook()
    {
        double cook = 0.0;
        double added = 0.0;
        double acids = 0.0;
        for (std::size_t i = 0; i < f_.lines.size(); ++i) {
            const double fat = r_.lines[i].grams * per_[i].fatCounted;
            acids += r_.lines[i].grams * per_[i].acid;
            (f_.lines[i].vessel == Vessel::AfterCook ? added : cook) += fat;
        }
        const double left = n_ - acids - cook;
        const bool asked = f_.lye.superfat >= 0.0 || f_.lye.fixed;
        if (added <= 0.0 || !asked || left <= 1e-9)
            return std::nullopt;
        return Refusal{RefusalCode::LyeLeftAfterCook, 0, {}, {left, added / (cook + added)}};
    }

    void settle()
    {
        double fatLow = 0.0;
        double fatHigh = 0.0;
        double acidLow = 0.0;
        double acidHigh = 0.0;
        double waterLines = 0.0;
        double cookedMol = 0.0;
        double cookedGrams = 0.0;
        double addedGrams = 0.0;
        double freeFattyAcid = 0.0;
        for (std::size_t i = 0; i < f_.lines.size(); ++i) {
            const Line& line = f_.lines[i];
            const PerGram& per = per_[i];
            LineReckoned& out = r_.lines[i];
            const double m = out.grams;
            out.waterGrams = m * per.water;
            out.fatMol = m * per.fatCounted;
            out.fatMolTypical = m * per.fatTypical;
            out.acidMol = m * per.acid;
            out.neutralisedMol = m * (per.acid + per.freeFattyAcid);
            const bool oil = line.material->isOil();
            (oil ? r_.oilsMol : r_.hiddenMol) += out.fatMol;
            if (!oil)
                r_.hiddenMolTypical += out.fatMolTypical;
            if (oil && line.vessel == Vessel::AfterCook)
                addedGrams += m;
            if (oil && line.vessel != Vessel::AfterCook) {
                cookedGrams += m;
                cookedMol += out.fatMol;
            }
            r_.acidMol += out.acidMol;
            freeFattyAcid += m * per.freeFattyAcid;
            waterLines += out.waterGrams;
            fatLow += m * per.fatLow;
            fatHigh += m * per.fatHigh;
            acidLow += m * per.acidLow;
            acidHigh += m * per.acidHigh;
        }
        freeFattyAcidMol_ = freeFattyAcid;
        r_.hydroxideMol = n_;
        r_.potassiumMoleShare = y_;
        r_.weighedPerMol = O_;
        settleHydroxide(r_.sodium, (1.0 - y_) * n_, molarMassSodiumHydroxide, purityNa_, waterNa_);
        settleHydroxide(r_.potassium, y_ * n_, molarMassPotassiumHydroxide, purityK_, waterK_);
        r_.hasJugWater = f_.liquid.jugRatio.has_value();
        r_.jugWaterGrams = jugPerMol_ * n_;

        pure_ = r_.sodium.pureGrams + r_.potassium.pureGrams;
        weighed_ = asIs_ * n_;
        r_.waterFromHydroxide = r_.sodium.waterGrams + r_.potassium.waterGrams;
        const double withoutImpurity = waterLines + r_.jugWaterGrams;
        r_.waterPresent = withoutImpurity + r_.waterFromHydroxide;
        withoutImpurity_ = withoutImpurity + lyeWater_ * n_;
        settleJugs(f_, per_, r_);

        const double base = counted_ ? pure_ : weighed_;
        r_.waterWanted = W0_ > 0.0 ? W0_ : ratio_ * base;
        r_.waterExcess = (counted_ ? r_.waterPresent : withoutImpurity_) - r_.waterWanted;
        r_.pure = termsOf(pure_, r_.waterPresent);
        r_.asWeighed = termsOf(weighed_, withoutImpurity_);
        r_.wanted = termsOf(base, r_.waterWanted);
        r_.neutralisationWater = (r_.acidMol + freeFattyAcid) * molarMassWater;

        r_.demandLow = fatLow + acidLow;
        r_.demandHigh = fatHigh + acidHigh;
        const double onFat = n_ - r_.acidMol;
        r_.superfatOnOils = 1.0 - onFat / r_.oilsMol;
        r_.superfatTrue = 1.0 - onFat / (r_.oilsMol + r_.hiddenMolTypical);
        const auto supply = [&](bool high) {
            double mol = 0.0;
            const auto at = [&](const Interval& i) { return high ? i.high() : i.low(); };
            if (r_.sodium.weighedGrams > 0.0)
                mol += r_.sodium.weighedGrams *
                       at(f_.lye.sodium->part(Part::SodiumHydroxide).range) /
                       molarMassSodiumHydroxide;
            if (r_.potassium.weighedGrams > 0.0)
                mol += r_.potassium.weighedGrams *
                       at(f_.lye.potassium->part(Part::PotassiumHydroxide).range) /
                       molarMassPotassiumHydroxide;
            return mol;
        };
        r_.supplyLow = supply(false);
        r_.supplyHigh = supply(true);
        r_.superfatTrueLow = fatLow > 0.0 ? 1.0 - (r_.supplyHigh - acidLow) / fatLow : -1.0;
        r_.superfatTrueHigh = 1.0 - (r_.supplyLow - acidHigh) / fatHigh;
        const double cookedSuperfat =
            cookedMol > 0.0 ? std::clamp(1.0 - onFat / cookedMol, 0.0, 1.0) : 0.0;
        r_.freeOilGrams = cookedSuperfat * cookedGrams + addedGrams;
    }

    static void settleHydroxide(HydroxideReckoned& out, double mol, double molarMass, double purity,
                                double water)
    {
        if (mol <= 0.0)
            return;
        out.amount = Amount::moles(mol);
        out.pureGrams = mol * molarMass;
        out.weighedGrams = out.pureGrams / purity;
        out.waterGrams = out.weighedGrams * water;
    }

    LiquidTerms termsOf(double hydroxide, double water) const
    {
        LiquidTerms terms;
        terms.strength = hydroxide / (hydroxide + water);
        terms.ratio = water / hydroxide;
        terms.shareOfOils = water / r_.oilsGrams;
        terms.lessThanUsual = 1.0 - terms.ratio / f_.liquid.usualRatio;
        return terms;
    }

    // On paper the lines whose mass is known come before the sum for the make-up, the rest after.
    void writeLineDemands(bool known)
    {
        for (std::size_t i = 0; i < f_.lines.size(); ++i) {
            const AmountUnit unit = f_.lines[i].amount.unit;
            if (known == (unit == AmountUnit::Rest || unit == AmountUnit::PercentOfBatter ||
                          unit == AmountUnit::PercentOfLiquid))
                continue;
            const Material& m = *f_.lines[i].material;
            const auto at = static_cast<std::int16_t>(i);
            const double mass = r_.lines[i].grams;
            if (const auto& value = m.sv ? m.sv : m.acidValue; value && per_[i].fatTypical > 0.0)
                w().add(m.isOil() ? Rule::FatDemand : Rule::HiddenFatDemand,
                        {{N::Mass, U::Gram, mass},
                         {N::FatShare, U::Percent, per_[i].fatShareCounted},
                         {N::Sv, U::MgPerGram, value->range.typical()},
                         {N::SvDivisor, U::GramPerMole, mgPotassiumHydroxidePerMillimole}},
                        mass * per_[i].fatCounted, U::Mole, at);
            if (m.titratable) {
                w().add(Rule::TitratedDemand,
                        {{N::Mass, U::Gram, mass},
                         {N::Titratable, U::MillimolePer100Gram, m.titratable->range.typical()}},
                        mass * per_[i].acid, U::Mole, at);
            } else {
                const auto ph = m.ph ? std::optional(m.ph->range.typical()) : std::nullopt;
                for (const AcidShare& acid : m.acids) {
                    const AcidFacts& facts = factsOf(acid.acid);
                    const double z = hydroxidePerMol(facts, ph);
                    const double share = acid.share.range.typical();
                    w().add(Rule::AcidDemand,
                            {{N::Mass, U::Gram, mass},
                             {N::AcidShare, U::Percent, share},
                             {N::MolarMass, U::GramPerMole, facts.molarMass()},
                             {N::Protons, U::Number, z}},
                            mass * share / facts.molarMass() * z, U::Mole, at,
                            static_cast<std::int8_t>(acid.acid));
                }
            }
            if (per_[i].water > 0.0)
                w().add(Rule::LineWater,
                        {{N::Mass, U::Gram, mass}, {N::WaterShare, U::Percent, per_[i].water}},
                        mass * per_[i].water, U::Gram, at);
        }
    }

    void writeHydroxide(const HydroxideReckoned& h, Rule pure, Rule weighed, double share,
                        double molarMass, double purity)
    {
        if (h.amount <= Amount{})
            return;
        w().add(pure,
                {{N::Moles, U::Mole, n_},
                 {N::PotassiumShare, U::Percent, share},
                 {N::MolarMass, U::GramPerMole, molarMass}},
                h.pureGrams, U::Gram);
        w().add(weighed, {{N::PureMass, U::Gram, h.pureGrams}, {N::Purity, U::Percent, purity}},
                h.weighedGrams, U::Gram);
    }

    void writeResults()
    {
        writeHydroxide(r_.sodium, Rule::SodiumPure, Rule::SodiumWeighed, 1.0 - y_,
                       molarMassSodiumHydroxide, purityNa_);
        writeHydroxide(r_.potassium, Rule::PotassiumPure, Rule::PotassiumWeighed, y_,
                       molarMassPotassiumHydroxide, purityK_);
        if (f_.liquid.jugRatio)
            w().add(Rule::JugWater,
                    {{N::Ratio, U::GramPerGram, *f_.liquid.jugRatio},
                     {N::PureMass, U::Gram, pure_},
                     {N::ImpurityWater, U::Gram, r_.waterFromHydroxide}},
                    r_.jugWaterGrams, U::Gram);
        if (W0_ == 0.0)
            w().add(Rule::WaterWanted,
                    {{N::Ratio, U::GramPerGram, ratio_},
                     {N::PureMass, U::Gram, counted_ ? pure_ : weighed_}},
                    r_.waterWanted, U::Gram);
        w().add(Rule::WaterPresent,
                {{N::Water, U::Gram, r_.waterPresent - r_.waterFromHydroxide - r_.jugWaterGrams},
                 {N::Water, U::Gram, r_.jugWaterGrams},
                 {N::ImpurityWater, U::Gram, r_.waterFromHydroxide}},
                r_.waterPresent, U::Gram);
        w().add(Rule::Strength,
                {{N::PureMass, U::Gram, pure_}, {N::Water, U::Gram, r_.waterPresent}},
                r_.pure.strength, U::Percent);
        w().add(Rule::StrengthAsWeighed,
                {{N::WeighedMass, U::Gram, weighed_}, {N::Water, U::Gram, withoutImpurity_}},
                r_.asWeighed.strength, U::Percent);
        w().add(Rule::SuperfatOnOils,
                {{N::Moles, U::Mole, n_},
                 {N::AcidAlkali, U::Mole, r_.acidMol},
                 {N::OilsAlkali, U::Mole, r_.oilsMol}},
                r_.superfatOnOils, U::Percent);
        w().add(Rule::SuperfatTrue,
                {{N::Moles, U::Mole, n_},
                 {N::AcidAlkali, U::Mole, r_.acidMol},
                 {N::OilsAlkali, U::Mole, r_.oilsMol},
                 {N::HiddenFatAlkali, U::Mole, r_.hiddenMolTypical}},
                r_.superfatTrue, U::Percent);
        w().add(Rule::NeutralisationWater,
                {{N::AcidAlkali, U::Mole, r_.acidMol},
                 {N::FreeFattyAcid, U::Mole, freeFattyAcidMol_},
                 {N::WaterMolarMass, U::GramPerMole, molarMassWater}},
                r_.neutralisationWater, U::Gram);
        w().add(Rule::BatterMass, {}, r_.batterGrams, U::Gram);
    }

    const Formula& f_;
    Reckoning r_;
    std::vector<PerGram> per_;
    std::vector<double> ofWhole_; // 1, or the share of the line's portion
    int makeUp_ = -1;
    bool counted_ = true;
    double fixedMass_ = 0.0;   // K0
    double fixedAlkali_ = 0.0; // n0
    double fixedWater_ = 0.0;  // w0
    double fixedFat_ = 0.0;
    double fixedAcid_ = 0.0;
    double shares_ = 0.0;      // P
    double shareAlkali_ = 0.0; // E
    double shareWater_ = 0.0;  // D
    double rideMass_ = 0.0;    // per g of make-up: what is a share of it
    double rideAlkali_ = 0.0;
    double rideWater_ = 0.0;
    double purityNa_ = 1.0;
    double purityK_ = 1.0;
    double waterNa_ = 0.0;
    double waterK_ = 0.0;
    double y_ = 0.0; // mole share of potassium
    double n_ = 0.0;
    double L_ = 0.0;
    double O_ = 0.0;
    double e_ = 0.0;
    double asIs_ = 0.0;     // g per mol as the other convention counts it: ready lye by content
    double lyeWater_ = 0.0; // g per mol of water in ready lye, which is no impurity
    double firstL_ = 0.0;   // of them, in the first jug
    double firstE_ = 0.0;
    double R_ = 0.0;
    double W0_ = 0.0;
    double ratio_ = 0.0;
    double jugPerMol_ = 0.0;
    double pure_ = 0.0;
    double weighed_ = 0.0; // as the other convention counts it
    double withoutImpurity_ = 0.0;
    double freeFattyAcidMol_ = 0.0;
};

} // namespace

const LineReckoned* Reckoning::find(LineId id) const
{
    const auto found = std::ranges::find(lines, id, &LineReckoned::id);
    return found == lines.end() ? nullptr : &*found;
}

const PortionReckoned* Reckoning::portion(PortionId id) const
{
    const auto found = std::ranges::find(portions, id, &PortionReckoned::id);
    return found == portions.end() ? nullptr : &*found;
}

ReckonResult reckon(const Formula& formula)
{
    return Reckoner(formula).run();
}

} // namespace rhexion
