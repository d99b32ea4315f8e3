#include "core/amounts/solve.h"

#include "core/amounts/held_oil.h"
#include "core/amounts/lye_mix.h"
#include "core/amounts/one_gram.h"
#include "core/amounts/validate.h"
#include "core/units/root.h"

#include <algorithm>
#include <cmath>

namespace rhexion {

namespace {

using N = TermName;
using U = Unit;

// Holds the sums while one formula is solved; the order of the methods is the order on paper.
class Solver {
public:
    explicit Solver(const Formula& formula) : f_(formula) {}

    std::variant<Solved, Refusal> run()
    {
        if (auto refusal = validate(f_))
            return *std::move(refusal);
        w().reserve(f_.lines.size() * 4 + 40);
        per_ = perGramsOf(f_);
        resolveMasses();
        describeHydroxide();
        stateLiquid();
        sumFixed();
        for (std::size_t i = 0; i < f_.lines.size(); ++i)
            if (knownBefore(f_.lines[i]))
                writeLineDemand(w(), f_.lines[i], i, grams(i), per_[i]);
        if (auto refusal = settleMasses())
            return *std::move(refusal);
        if (auto refusal = checkCook())
            return *std::move(refusal);
        settleLye();
        settleSolvents();
        if (auto refusal = holdOil(f_, out_.amounts))
            return *std::move(refusal);
        return std::move(out_);
    }

    // Lye the cook could not take up, mol, at another superfat; nothing where it has no solution.
    std::optional<double> leftAt(double superfat)
    {
        superfat_ = superfat;
        out_ = {};
        if (validate(f_))
            return std::nullopt;
        per_ = perGramsOf(f_);
        resolveMasses();
        describeHydroxide();
        stateLiquid();
        sumFixed();
        if (settleMasses())
            return std::nullopt;
        return cook().left;
    }

private:
    Working& w() { return out_.working; }
    double& grams(std::size_t i) { return out_.amounts.lines[i]; }
    double superfat() const { return superfat_.value_or(f_.lye.superfat); }
    double discount() const { return 1.0 - superfat(); }

    // Masses of every line but shares of the batter and the make-up.
    void resolveMasses()
    {
        const std::size_t count = f_.lines.size();
        out_.amounts.lines.assign(count, 0.0);
        ofWhole_.assign(count, 1.0);
        double parts = 0.0;
        for (const Portion& portion : f_.portions)
            parts += portion.parts;
        double oilGrams = 0.0;
        double oilShares = 0.0;
        for (std::size_t i = 0; i < count; ++i) {
            const Line& line = f_.lines[i];
            if (const Portion* portion = f_.portion(f_.portionOf(line)))
                ofWhole_[i] = portion->parts / parts;
            if (const auto mass = massOf(line.amount, *line.material)) {
                grams(i) = mass->inGrams();
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
                oilGrams += grams(i);
        }
        // Oils in grams beside oils in per cent: the shares are of a whole that holds both.
        if (oilShares > 0.0 && oilGrams == 0.0)
            oils_ = f_.oilsTotal.inGrams();
        else if (oilShares > 0.0)
            oils_ = oilGrams / (1.0 - oilShares);
        else
            oils_ = oilGrams;
        if (oilShares > 0.0 && oilGrams > 0.0)
            w().add(Rule::OilsTotal,
                    {{N::Mass, U::Gram, oilGrams}, {N::Share, U::Percent, oilShares}}, oils_,
                    U::Gram);
        for (std::size_t i = 0; i < count; ++i) {
            if (f_.lines[i].amount.unit != AmountUnit::PercentOfOils)
                continue;
            grams(i) = statedShare(i) * oils_;
            w().add(Rule::ShareOfOils,
                    {{N::Share, U::Percent, statedShare(i)}, {N::Oils, U::Gram, oils_}}, grams(i),
                    U::Gram, static_cast<std::int16_t>(i));
        }
    }

    // A stated per cent as a share of the whole: that of a portion's line is of its portion.
    double statedShare(std::size_t i) const
    {
        return f_.lines[i].amount.value / 100.0 * ofWhole_[i];
    }

    // Hydroxide to be weighed for a gram of the line, mol: what it takes less what it holds.
    double alkaliOf(std::size_t i) const
    {
        return (per_[i].discounted ? discount() * per_[i].fatCounted : 0.0) + per_[i].acid -
               per_[i].given;
    }
    // Water it brings, less what the hydroxide it holds is to be dissolved in.
    double waterOf(std::size_t i) const
    {
        return per_[i].water - wish_.ratio * per_[i].givenPure();
    }

    void describeHydroxide()
    {
        const LyeSettings& lye = f_.lye;
        mix_ = lyeMixOf(lye);
        if (lye.fixed) {
            const double molNa =
                lye.fixed->sodium.inGrams() * mix_.sodium.purity / molarMassSodiumHydroxide;
            const double molK = lye.fixed->potassium.inGrams() * mix_.potassium.purity /
                                molarMassPotassiumHydroxide;
            n_ = molNa + molK;
            mix_ = lyeMixOf(lye, molK / n_);
            w().add(Rule::HydroxideFixed,
                    {{N::WeighedMass, U::Gram, lye.fixed->sodium.inGrams()},
                     {N::Purity, U::Percent, mix_.sodium.purity},
                     {N::MolarMass, U::GramPerMole, molarMassSodiumHydroxide},
                     {N::WeighedMass, U::Gram, lye.fixed->potassium.inGrams()},
                     {N::Purity, U::Percent, mix_.potassium.purity},
                     {N::MolarMass, U::GramPerMole, molarMassPotassiumHydroxide}},
                    n_, U::Mole);
        }
        const double y = mix_.potassiumShare;
        if (y > 0.0 && y < 1.0)
            w().add(Rule::PotassiumMoleShare,
                    {{N::PotassiumShare, U::Percent, lye.fixed ? y : lye.potassiumShare}}, y,
                    U::Percent);
        w().add(Rule::PurePerMole,
                {{N::PotassiumShare, U::Percent, y},
                 {N::MolarMass, U::GramPerMole, molarMassSodiumHydroxide},
                 {N::MolarMass, U::GramPerMole, molarMassPotassiumHydroxide}},
                mix_.pure, U::GramPerMole);
        // Moisture is a share of what is weighed, not of what is pure.
        const double weighedNa = (1.0 - y) * molarMassSodiumHydroxide / mix_.sodium.purity;
        const double weighedK = y * molarMassPotassiumHydroxide / mix_.potassium.purity;
        w().add(Rule::WeighedPerMole,
                {{N::PureMass, U::GramPerMole, (1.0 - y) * molarMassSodiumHydroxide},
                 {N::Purity, U::Percent, mix_.sodium.purity},
                 {N::PureMass, U::GramPerMole, y * molarMassPotassiumHydroxide},
                 {N::Purity, U::Percent, mix_.potassium.purity}},
                mix_.weighed, U::GramPerMole);
        w().add(Rule::WaterPerMole,
                {{N::WeighedMass, U::GramPerMole, weighedNa},
                 {N::WaterShare, U::Percent, mix_.sodium.moisture},
                 {N::WeighedMass, U::GramPerMole, weighedK},
                 {N::WaterShare, U::Percent, mix_.potassium.moisture}},
                mix_.water, U::GramPerMole);
    }

    // R g of water to be brought per mol of hydroxide by what is not hydroxide, and W0 g besides.
    void stateLiquid()
    {
        const LiquidSettings& liquid = f_.liquid;
        wish_ = waterWishOf(liquid, oils_);
        switch (liquid.how) {
        case LiquidStatement::Strength:
            w().add(Rule::WaterWantedRatio, {{N::Strength, U::Percent, liquid.value}}, wish_.ratio,
                    U::GramPerGram);
            break;
        case LiquidStatement::Ratio: break;
        case LiquidStatement::LessThanUsual:
            w().add(Rule::WaterWantedRatio,
                    {{N::UsualRatio, U::GramPerGram, liquid.usualRatio},
                     {N::Share, U::Percent, liquid.value}},
                    wish_.ratio, U::GramPerGram);
            break;
        case LiquidStatement::PercentOfOils:
            w().add(Rule::WaterWantedOils,
                    {{N::Share, U::Percent, liquid.value}, {N::Oils, U::Gram, oils_}}, wish_.grams,
                    U::Gram);
            break;
        }
        R_ = wish_.pureCounts ? wish_.ratio * mix_.pure - mix_.water
                              : wish_.ratio * mix_.asIs - mix_.lyeWater;
        jugPerMol_ = 0.0;
        if (liquid.jugRatio)
            jugPerMol_ = std::max(0.0, *liquid.jugRatio * mix_.pureFirst - mix_.waterFirst);
        R_ -= jugPerMol_; // the strong jug's own water is poured already
    }

    void sumFixed()
    {
        makeUp_ = -1;
        fixedMass_ = fixedFat_ = fixedAcid_ = fixedAlkali_ = fixedWater_ = 0.0;
        shares_ = shareAlkali_ = shareWater_ = rideMass_ = rideAlkali_ = rideWater_ = 0.0;
        for (std::size_t i = 0; i < f_.lines.size(); ++i) {
            switch (f_.lines[i].amount.unit) {
            case AmountUnit::Rest: makeUp_ = static_cast<int>(i); break;
            case AmountUnit::PercentOfBatter: {
                const double p = statedShare(i);
                shares_ += p;
                shareAlkali_ += p * alkaliOf(i);
                shareWater_ += p * waterOf(i);
                break;
            }
            case AmountUnit::PercentOfLiquid: {
                const double p = statedShare(i);
                rideMass_ += p;
                rideAlkali_ += p * alkaliOf(i);
                rideWater_ += p * waterOf(i);
                break;
            }
            default:
                fixedMass_ += grams(i);
                fixedFat_ += per_[i].discounted ? grams(i) * per_[i].fatCounted : 0.0;
                fixedAcid_ += grams(i) * per_[i].acid;
                fixedAlkali_ += grams(i) * alkaliOf(i);
                fixedWater_ += grams(i) * waterOf(i);
            }
        }
    }

    // Finds the make-up x, the batter B and the hydroxide n together. Where the materials hold more
    // hydroxide than is called for, none is weighed and the rest follows from that.
    std::optional<Refusal> settleMasses()
    {
        weighed_ = f_.lye.fixed ? std::optional(n_) : std::nullopt;
        const Working before = weighed_ ? Working{} : w();
        if (auto refusal = solveMasses())
            return refusal;
        if (weighed_ || n_ >= 0.0)
            return std::nullopt;
        w() = before;
        weighed_ = 0.0;
        return solveMasses();
    }

    // Two linear equations in the make-up x and the batter B, where n = n0 + b x + E B:
    //   water:  (water - R b) x + (D - R E) B = R n0 + W0 - w0
    //   batter: B (1 - P - O E) = K0 + O n0 + (along + O b) x
    // so Cramer's rule gives both at once; nothing is iterated, and the working can be done by
    // hand.
    std::optional<Refusal> solveMasses()
    {
        const bool fixed = weighed_.has_value();
        const double n0 = fixed ? *weighed_ : fixedAlkali_;
        const double E = fixed ? 0.0 : shareAlkali_;
        const double O = mix_.weighed + jugPerMol_;
        const double room = 1.0 - shares_ - (fixed ? 0.0 : O * E);
        // Written so that a NaN fails it too.
        if (!(room > 1e-9))
            return Refusal{RefusalCode::BatterSharesTooLarge, 0, {}, {shares_}};
        // With the hydroxide given, the pot's other masses do not move it.
        const double batterAlone = (fixedMass_ + O * n0) / room;
        if (!fixed)
            w().add(Rule::FixedDemand,
                    {{N::Superfat, U::Percent, superfat()},
                     {N::OilsAlkali, U::Mole, fixedFat_},
                     {N::AcidAlkali, U::Mole, fixedAcid_},
                     {N::GivenAlkali, U::Mole, discount() * fixedFat_ + fixedAcid_ - fixedAlkali_}},
                    fixedAlkali_, U::Mole);
        w().add(Rule::FixedWater, {}, fixedWater_, U::Gram);
        double x = 0.0;
        double B = batterAlone;
        double b = 0.0;
        if (makeUp_ >= 0) {
            const auto m = static_cast<std::size_t>(makeUp_);
            // What is stated as a share of the liquid comes and goes with it.
            const double water = waterOf(m) + rideWater_;
            const double along = 1.0 + rideMass_;
            b = fixed ? 0.0 : alkaliOf(m) + rideAlkali_;
            const double det = (water - R_ * b) * room + (shareWater_ - R_ * E) * (along + O * b);
            if (!(water > 0.0) || !(det > 1e-9))
                return Refusal{RefusalCode::MakeUpBringsNoWater,
                               f_.lines[m].id,
                               f_.lines[m].material->name,
                               {water - R_ * b}};
            const double top = R_ * n0 + wish_.grams - fixedWater_;
            x = (top * room - (shareWater_ - R_ * E) * (fixedMass_ + O * n0)) / det;
            B = ((water - R_ * b) * (fixedMass_ + O * n0) + (along + O * b) * top) / det;
            w().add(Rule::MakeUpAlkali,
                    {{N::Superfat, U::Percent, superfat()},
                     {N::OilsAlkali, U::MolePerGram, fixed ? 0.0 : per_[m].fatCounted},
                     {N::AcidAlkali, U::MolePerGram, fixed ? 0.0 : per_[m].acid},
                     {N::GivenAlkali, U::MolePerGram,
                      fixed ? 0.0 : discount() * per_[m].fatCounted + per_[m].acid - b}},
                    b, U::MolePerGram, static_cast<std::int16_t>(makeUp_));
            const bool plain = shares_ == 0.0;
            w().add(plain ? Rule::MakeUp : Rule::MakeUpShares,
                    {{N::Coefficient, U::GramPerMole, R_},
                     {N::Moles, U::Mole, n0},
                     {N::WantedWater, U::Gram, wish_.grams},
                     {N::FixedWater, U::Gram, fixedWater_},
                     {N::WaterShare, U::Percent, water},
                     {N::Coefficient, U::MolePerGram, b},
                     {N::Share, U::Percent, shares_},
                     {N::Batter, U::Gram, B}},
                    x, U::Gram, static_cast<std::int16_t>(makeUp_));
            // More water than is wanted comes from the fixed lines: none is made up, and the
            // account says how much too much there is.
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
        for (std::size_t i = 0; i < f_.lines.size(); ++i) {
            if (static_cast<int>(i) == makeUp_)
                grams(i) = x;
            else if (f_.lines[i].amount.unit == AmountUnit::PercentOfLiquid) {
                grams(i) = statedShare(i) * x;
                w().add(Rule::ShareOfLiquid,
                        {{N::Share, U::Percent, statedShare(i)}, {N::Mass, U::Gram, x}}, grams(i),
                        U::Gram, static_cast<std::int16_t>(i));
            } else if (f_.lines[i].amount.unit == AmountUnit::PercentOfBatter) {
                grams(i) = statedShare(i) * B;
                w().add(Rule::BatterShare,
                        {{N::Share, U::Percent, statedShare(i)}, {N::Batter, U::Gram, B}}, grams(i),
                        U::Gram, static_cast<std::int16_t>(i));
            }
        }
        return std::nullopt;
    }

    struct Cook {
        double added = 0.0; // fat that joins after it, mol
        double left = 0.0;  // lye that its own fat and all acids cannot take, mol
    };
    Cook cook()
    {
        double inIt = 0.0;
        double acids = 0.0;
        double given = 0.0;
        Cook out;
        for (std::size_t i = 0; i < f_.lines.size(); ++i) {
            const double fat = grams(i) * per_[i].fatCounted;
            acids += grams(i) * per_[i].acid;
            given += grams(i) * per_[i].given;
            (f_.lines[i].vessel == Vessel::AfterCook ? out.added : inIt) += fat;
        }
        out.left = n_ + given - acids - inIt;
        return out;
    }

    // Oil that goes in after the cook cannot take up lye in the cook. A wish below 0 asked for lye,
    // and hydroxide that is weighed already is a fact to account for, not a wish.
    std::optional<Refusal> checkCook()
    {
        const Cook now = cook();
        if (now.added <= 0.0 || f_.lye.superfat < 0.0 || f_.lye.fixed || now.left <= 1e-9)
            return std::nullopt;
        const double safe = smallestSafe();
        constexpr double step = 0.001;
        double rounded = std::ceil(safe / step - 1e-9) * step;
        while (rounded < 1.0 && Solver(f_).leftAt(rounded).value_or(0.0) > 1e-9)
            rounded += step;
        return Refusal{RefusalCode::LyeLeftAfterCook, 0, {}, {now.left, safe, rounded}};
    }

    // The smallest superfat at which the cook takes up its lye; 1 where there is none.
    double smallestSafe() const
    {
        constexpr double most = 0.9999;
        const auto left = [&](double superfat) {
            return Solver(f_).leftAt(superfat).value_or(-1.0);
        };
        const seek::Root root = seek::root(left, f_.lye.superfat, most);
        return root.outcome == seek::Outcome::Found ? root.at : 1.0;
    }

    void settleLye()
    {
        const SecondJug second = f_.lye.secondJug.value_or(SecondJug{});
        const double y = mix_.potassiumShare;
        const double sodium = (1.0 - y) * n_ * molarMassSodiumHydroxide / mix_.sodium.purity;
        const double potassium = y * n_ * molarMassPotassiumHydroxide / mix_.potassium.purity;
        Amounts& a = out_.amounts;
        a.sodium = {sodium * (1.0 - second.sodium), sodium * second.sodium};
        a.potassium = {potassium * (1.0 - second.potassium), potassium * second.potassium};
        a.jugWater = jugPerMol_ * n_;
    }

    // Liquid asked for to dissolve lines is taken out of the make-up, at most all of it.
    void settleSolvents()
    {
        Amounts& a = out_.amounts;
        a.solvent.assign(f_.lines.size(), 0.0);
        if (makeUp_ < 0)
            return;
        double asked = 0.0;
        for (std::size_t i = 0; i < f_.lines.size(); ++i)
            if (static_cast<int>(i) != makeUp_)
                asked += f_.lines[i].solvent * grams(i);
        const double there = grams(static_cast<std::size_t>(makeUp_));
        const double part = asked > there ? there / asked : 1.0;
        for (std::size_t i = 0; i < f_.lines.size(); ++i)
            if (static_cast<int>(i) != makeUp_)
                a.solvent[i] = f_.lines[i].solvent * grams(i) * part;
    }

    const Formula& f_;
    Solved out_;
    std::optional<double> superfat_; // tried in place of the formula's
    std::vector<PerGram> per_;
    std::vector<double> ofWhole_; // 1, or the share of the line's portion
    LyeMix mix_;
    WaterWish wish_;
    std::optional<double> weighed_; // mol, where no wish decides it
    int makeUp_ = -1;
    double oils_ = 0.0;
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
    double n_ = 0.0; // mol of hydroxide weighed
    double R_ = 0.0;
    double jugPerMol_ = 0.0;
};

} // namespace

bool knownBefore(const Line& line)
{
    return line.amount.unit != AmountUnit::Rest &&
           line.amount.unit != AmountUnit::PercentOfBatter &&
           line.amount.unit != AmountUnit::PercentOfLiquid;
}

WaterWish waterWishOf(const LiquidSettings& liquid, double oilsGrams)
{
    WaterWish wish;
    wish.pureCounts = liquid.convention == StrengthConvention::PureAndAllWater;
    switch (liquid.how) {
    case LiquidStatement::Strength: wish.ratio = (1.0 - liquid.value) / liquid.value; break;
    case LiquidStatement::Ratio: wish.ratio = liquid.value; break;
    case LiquidStatement::LessThanUsual:
        wish.ratio = liquid.usualRatio * (1.0 - liquid.value);
        break;
    case LiquidStatement::PercentOfOils: wish.grams = liquid.value * oilsGrams; break;
    }
    return wish;
}

std::variant<Solved, Refusal> solve(const Formula& formula)
{
    return Solver(formula).run();
}

} // namespace rhexion
