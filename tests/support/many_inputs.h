// Many thousand random inputs of every kind, among them what no sane maker would do, and one number
// for all that comes of them.
#pragma once

#include "core/amounts/refusal.h"
#include "core/formula/usual_place.h"
#include "core/materials/lot.h"
#include "storage/catalogue.h"
#include "support/kept.h"

#include <QJsonArray>
#include <QJsonObject>
#include <QTest>

#include <algorithm>
#include <cmath>
#include <random>

namespace rhexion::test {

// A running number for what is poured into it: FNV-1a over seven significant figures.
class Sponge {
public:
    void take(double figure) { take(QString::number(figure, 'g', 7).toStdString()); }
    void take(const std::string& text)
    {
        for (const char c : text + ' ')
            hash_ = (hash_ ^ static_cast<unsigned char>(c)) * 1099511628211ull;
    }
    void take(std::initializer_list<double> figures) { take(std::vector<double>(figures)); }
    void take(const std::vector<double>& figures)
    {
        for (const double figure : figures)
            take(figure);
    }
    void take(const Refusal& why)
    {
        take(double(why.code));
        take(double(why.line));
        take(why.figures);
        take(why.item);
    }
    QString squeezed() const { return QString::number(hash_, 16); }

private:
    std::uint64_t hash_ = 1469598103934665603ull;
};

// Every figure and word of a page as JSON has it.
inline void take(Sponge& sponge, const QJsonValue& value)
{
    if (value.isDouble())
        sponge.take(value.toDouble());
    else if (value.isString())
        sponge.take(value.toString().toStdString());
    else if (value.isBool())
        sponge.take(value.toBool() ? 1.0 : 0.0);
    else if (value.isArray()) {
        for (const QJsonValue& one : value.toArray())
            take(sponge, one);
    } else if (value.isObject()) {
        const QJsonObject object = value.toObject();
        for (auto it = object.begin(); it != object.end(); ++it) {
            sponge.take(it.key().toStdString());
            take(sponge, it.value());
        }
    }
}

class Dice {
public:
    explicit Dice(unsigned seed) : engine_(seed) {}
    // Now and then an end itself, often a figure as a maker writes it: what compares with a
    // threshold is met on it too.
    double between(double low, double high)
    {
        const int how = below(16);
        const double x = low + (high - low) * share();
        if (how < 2)
            return how == 0 ? low : high;
        return how < 7 ? std::clamp(written(x), low, high) : x;
    }
    // As likely between 1 and 2 as between 100 and 200.
    double wide(double low, double high)
    {
        const double x = between(std::log(low), std::log(high));
        return below(3) == 0 ? std::clamp(written(std::exp(x)), low, high) : std::exp(x);
    }
    int below(int n) { return int(engine_() % unsigned(n)); }
    bool chance(double p) { return share() < p; }
    template <class List>
    const auto& one(const List& list)
    {
        return list[std::size_t(below(int(std::size(list))))];
    }

private:
    double share() { return double(engine_()) / 4294967295.0; }
    static double written(double x) { return QString::number(x, 'g', 2).toDouble(); }

    std::mt19937 engine_;
};

class Inputs {
public:
    explicit Inputs(unsigned seed) : dice(seed)
    {
        for (const MaterialPtr& m : Catalogue::shipped().materials()) {
            if (m->isHydroxide())
                (m->kind == MaterialKind::SodiumHydroxide ? sodium_ : potassium_).push_back(m);
            else
                (m->isOil() ? oils_ : extras_).push_back(m);
        }
    }

    MaterialPtr anyOil() { return dice.one(oils_); }
    MaterialPtr anyMaterial()
    {
        MaterialPtr m = dice.chance(0.4) ? dice.one(oils_) : dice.one(extras_);
        return dice.chance(0.15) ? changed(*m) : m;
    }

    // A lot with its own figures, some of them strange.
    MaterialPtr changed(const Material& m)
    {
        Lot lot{"7", "of May", {}, {}};
        for (const FigureKind& kind : figureKinds()) {
            const Figure* f = findFigure(m, kind.code);
            if (!f || !dice.chance(0.3))
                continue;
            const double k = dice.chance(0.9) ? dice.between(0.9, 1.1) : dice.wide(0.001, 2.0);
            const Interval& r = f->range;
            if (const auto i = intervalOf(kind, r.low() * k, r.typical() * k, r.high() * k))
                lot.figures.push_back({kind.code, *i, "weighed"});
        }
        if (dice.chance(0.2))
            lot.measures.push_back({dice.one(std::array{"tsp", "cup", "tsp, heaped", "large"}),
                                    dice.wide(1, 300), "weighed"});
        auto out = std::make_shared<Material>(withLot(m, lot));
        if (dice.chance(0.4)) // no jar is without its moods
            out->behaviours.push_back(
                {static_cast<Behaviour>(dice.below(int(countOf<Behaviour>()))),
                 dice.chance(0.3) ? std::optional(dice.between(0, 0.1)) : std::nullopt});
        if (dice.chance(0.05) && !out->titratable && out->otherSolids() > 0.03) {
            out->sources.push_back({"odd", "weighed", false});
            out->acids.push_back({static_cast<Acid>(dice.below(int(countOf<Acid>()))),
                                  {Interval::exactly(0.02), "odd"}});
        }
        return out;
    }

    StatedAmount amount(bool oil)
    {
        static constexpr AmountUnit units[] = {AmountUnit::Gram,
                                               AmountUnit::Gram,
                                               AmountUnit::Gram,
                                               AmountUnit::Ounce,
                                               AmountUnit::Kilogram,
                                               AmountUnit::Pound,
                                               AmountUnit::PercentOfOils,
                                               AmountUnit::PercentOfBatter,
                                               AmountUnit::PercentOfLiquid,
                                               AmountUnit::FluidOunce,
                                               AmountUnit::Millilitre,
                                               AmountUnit::Teaspoon,
                                               AmountUnit::TeaspoonHeaped,
                                               AmountUnit::Tablespoon,
                                               AmountUnit::TablespoonHeaped,
                                               AmountUnit::Cup,
                                               AmountUnit::Drop,
                                               AmountUnit::Piece};
        const AmountUnit unit = oil && dice.chance(0.8) ? AmountUnit::Gram : dice.one(units);
        const bool share = unit == AmountUnit::PercentOfOils ||
                           unit == AmountUnit::PercentOfBatter ||
                           unit == AmountUnit::PercentOfLiquid;
        double value = oil && unit == AmountUnit::Gram ? dice.wide(20, 800)
                       : share                         ? dice.wide(0.05, 60)
                       : unit == AmountUnit::Gram      ? dice.wide(0.2, 400)
                                                       : dice.wide(0.1, 30);
        return {value, unit};
    }

    Formula formula()
    {
        static const std::string names[] = {"",      "Baby bar",           "mild and low pH loaf",
                                            "scrub", "5 % water discount", "kids' bath"};
        Formula f;
        f.name = dice.one(names);
        f.notes = dice.one(names);
        const auto put = [&](const MaterialPtr& m, const StatedAmount& a, Vessel v) {
            Line line;
            line.id = f.newId();
            line.material = m;
            line.amount = a;
            line.vessel = v;
            line.frozen = dice.chance(0.2);
            line.allWater = dice.chance(0.1);
            line.locked = dice.chance(0.1);
            line.solvent = dice.chance(0.1) ? dice.between(0, 3) : 0.0;
            f.lines.push_back(line);
        };
        // Among the oils of the shelf some that are stated strangely: by acid value alone, or in
        // grams of a hydroxide for a gram.
        if (dice.chance(0.15)) {
            auto odd = std::make_shared<Material>(*dice.one(oils_));
            const double sv = dice.chance(0.5) ? dice.between(0.1, 0.3) : dice.between(60, 360);
            odd->acidValue = Figure{Interval::around(sv * 0.9, sv, sv * 1.1), "odd"};
            if (dice.chance(0.6))
                std::swap(odd->sv, odd->acidValue);
            odd->fattyAcids.clear();
            put(odd, amount(true), Vessel::OilPot);
        }
        const int oils = dice.chance(0.95) ? 1 + dice.below(5) : 0;
        for (int i = 0; i < oils; ++i)
            put(dice.chance(0.1) ? changed(*dice.one(oils_)) : dice.one(oils_), amount(true),
                dice.chance(0.9) ? Vessel::OilPot : dice.one(allVessels));
        for (int i = dice.below(7); i > 0; --i) {
            const MaterialPtr m = anyMaterial();
            const StatedAmount a = amount(false);
            const Vessel usual = usualPlaceOf(*m, a, 500, dice.chance(0.2)).vessel;
            put(m, a, dice.chance(0.7) ? usual : dice.one(allVessels));
        }
        if (dice.chance(0.04)) // a lye of the maker's own, weighed in as a line
            put(lye(dice.chance(0.7) ? sodium_ : potassium_), {dice.wide(1, 80), AmountUnit::Gram},
                dice.chance(0.8) ? Vessel::LyeJug : dice.one(allVessels));
        if (dice.chance(0.85))
            put(dice.chance(0.5) ? plainWater() : dice.one(extras_), {0, AmountUnit::Rest},
                dice.chance(0.8) ? Vessel::LyeJug : dice.one(allVessels));
        settings(f);
        if (dice.chance(0.25))
            portions(f);
        return f;
    }

    Dice dice;

private:
    MaterialPtr lye(const std::vector<MaterialPtr>& known)
    {
        const MaterialPtr m = dice.one(known);
        if (dice.chance(0.3))
            if (const auto pure = withPurity(*m, dice.between(0.4, 1.0)))
                return std::make_shared<const Material>(*pure);
        return dice.chance(0.2) ? changed(*m) : m;
    }

    void settings(Formula& f)
    {
        LyeSettings& lye_ = f.lye;
        lye_.sodium = lye(sodium_);
        lye_.potassium = lye(potassium_);
        lye_.superfat = dice.chance(0.8) ? dice.between(0, 0.12) : dice.between(-0.2, 0.6);
        lye_.potassiumShare = dice.chance(0.5) ? 0.0 : dice.chance(0.3) ? 1.0 : dice.between(0, 1);
        lye_.split = static_cast<SplitConvention>(dice.below(3));
        lye_.hiddenFat = static_cast<HiddenFatSchool>(dice.below(3));
        lye_.basis = static_cast<SuperfatBasis>(dice.below(2));
        if (dice.chance(0.15))
            lye_.fixed = FixedHydroxide{Mass::grams(dice.wide(1, 300)),
                                        Mass::grams(dice.chance(0.5) ? 0 : dice.wide(1, 100))};
        if (dice.chance(0.15))
            lye_.secondJug = SecondJug{dice.between(0, 1), dice.between(0, 1)};
        LiquidSettings& liquid = f.liquid;
        liquid.how = static_cast<LiquidStatement>(dice.below(4));
        liquid.value = liquid.how == LiquidStatement::Strength        ? dice.between(0.12, 0.55)
                       : liquid.how == LiquidStatement::Ratio         ? dice.wide(0.8, 6)
                       : liquid.how == LiquidStatement::PercentOfOils ? dice.between(0.1, 0.6)
                                                                      : dice.between(0, 0.6);
        liquid.convention = static_cast<StrengthConvention>(dice.below(2));
        if (dice.chance(0.2))
            liquid.jugRatio = dice.between(0.5, 2.0);
        liquid.jugCoolest = Temperature::celsius(dice.one(std::array{0.0, 5.0, 10.0, 20.0, 35.0}));
        f.mixing = {Temperature::celsius(dice.between(10, 95)), dice.between(0, 20)};
        f.oilsTotal = Mass::grams(dice.chance(0.7) ? 0 : dice.wide(50, 5000));
    }

    void portions(Formula& f)
    {
        for (int i = 1 + dice.below(3); i > 0; --i) {
            Portion portion;
            portion.id = f.newId();
            portion.parts = dice.wide(0.2, 5);
            if (dice.chance(0.5))
                portion.held = HeldOil{
                    dice.chance(0.4) && !f.lines.empty() ? dice.one(f.lines).id : LineId(0),
                    dice.chance(0.5) ? StatedAmount{dice.wide(0.5, 90), AmountUnit::PercentOfOils}
                                     : StatedAmount{dice.wide(1, 300), AmountUnit::Gram}};
            f.portions.push_back(portion);
        }
        for (Line& line : f.lines)
            if (dice.chance(0.4))
                line.portion = dice.one(f.portions).id;
    }

    std::vector<MaterialPtr> oils_, extras_, sodium_, potassium_;
};

// count times so many of what one() pours into the sponge, kept in a file.
template <class One>
void keepEach(const char* file, int count, int each, One one)
{
    Kept kept(file);
    for (int block = 0; block < count; ++block) {
        Sponge sponge;
        for (int i = 0; i < each; ++i)
            one(sponge);
        kept.add(QStringLiteral("%1 %2").arg(block).arg(sponge.squeezed()), {});
    }
    const QString difference = kept.firstDifference();
    QVERIFY2(difference.isEmpty(), qPrintable(difference));
}

} // namespace rhexion::test
