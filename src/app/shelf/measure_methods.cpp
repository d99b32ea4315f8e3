#include "app/shelf/measure_methods.h"

#include <QCoreApplication>

namespace rhexion {

namespace {

QString tr(const char* text)
{
    return QCoreApplication::translate("Measuring", text);
}

using Kind = Reading::Kind;
using Values = Method::Values;

double value(const Values& values, std::size_t i)
{
    return i < values.size() && values[i] ? *values[i] : 0.0;
}

Mass grams(const Values& values, std::size_t i)
{
    return Mass::grams(value(values, i));
}

Scale scaleOf(const Values& values, std::size_t i)
{
    return {value(values, i) > 0.0 ? value(values, i) : 0.1};
}

const char* const stepName = QT_TRANSLATE_NOOP("Measuring", "Your scale shows steps of");

Method dryDownMethod()
{
    return {tr("Dry it down: how much is water"),
            tr("Weigh an empty dish, then the dish with about 20 g of it. Dry it in the oven at "
               "105 \u00B0C, or on a low heat, until two weighings are alike; let it cool covered, "
               "and weigh it again. Not for vinegar, beer or wine: more than water leaves them."),
            {{tr("Dish, empty"), Kind::Grams, {}, {}},
             {tr("Dish with it, wet"), Kind::Grams, {}, {}},
             {tr("Dish with it, dry"), Kind::Grams, {}, {}},
             {tr(stepName), Kind::Grams, {}, 0.1}},
            {},
            [](const Values& v, const std::vector<Values>&) {
                return dryDown(grams(v, 1), grams(v, 2), grams(v, 0), scaleOf(v, 3));
            },
            "water",
            {},
            tr("Dried down in the kitchen")};
}

Method refractometerMethod()
{
    return {tr("Refractometer: how much is water"),
            tr("Strain a little and put a drop on the glass. What is dissolved counts as sugar; "
               "what you strained off is the insoluble part (a juice has none, a fine puree about "
               "2 %)."),
            {{tr("Reading"), Kind::Number, tr("\u00B0Bx"), {}},
             {tr("Its temperature"), Kind::Celsius, {}, 20.0},
             {tr("It corrects for temperature itself"), Kind::YesNo, {}, 0.0},
             {tr("Insoluble part"), Kind::Percent, {}, 0.0}},
            {},
            [](const Values& v, const std::vector<Values>&) -> MeasureResult {
                if (!v[0] || !v[1])
                    return MeasureFault::Missing;
                return refractometerWater(*v[0], Temperature::celsius(*v[1]), value(v, 2) > 0.0,
                                          value(v, 3));
            },
            "water",
            {},
            tr("By refractometer")};
}

Method titrationMethod(bool madeAtHome)
{
    const QString how =
        tr("Weigh about 10 g of it into 50 ml of water with three drops of phenolphthalein. Add "
           "the lye solution from a syringe, drop by drop, until a faint pink stays for half a "
           "minute. Do it three times. Goggles and gloves, as with any lye.");
    const std::vector<Reading> run{{tr("Sample"), Kind::Grams, {}, {}},
                                   {tr("Solution"), Kind::Number, tr("ml"), {}}};
    const auto runsOf = [](const std::vector<Values>& runs) {
        std::vector<TitrationRun> out;
        for (const Values& r : runs)
            out.push_back({value(r, 0), value(r, 1)});
        return out;
    };
    if (!madeAtHome)
        return {tr("Titrate its acids, with a bought solution"),
                how,
                {{tr("Strength of the solution"), Kind::Number, tr("mol/l"), 0.1}},
                run,
                [runsOf](const Values& v, const std::vector<Values>& runs) -> MeasureResult {
                    return titratableAcidity(runsOf(runs), Interval::exactly(value(v, 0)));
                },
                "titratable",
                {},
                tr("Titrated with a bought solution")};
    return {tr("Titrate its acids, with a solution made at home"),
            tr("Dissolve about 4 g of sodium hydroxide in water and fill up to 1 litre: a tenth of "
               "a mole. Lye into water, never the reverse. ") +
                how,
            {{tr("Sodium hydroxide weighed"), Kind::Grams, {}, 4.0},
             {tr("Its purity"), Kind::Percent, {}, 0.99},
             {tr("Filled up to"), Kind::Number, tr("ml"), 1000.0},
             {tr(stepName), Kind::Grams, {}, 0.1}},
            run,
            [runsOf](const Values& v, const std::vector<Values>& runs) -> MeasureResult {
                constexpr double doubt = 0.01; // as withPurity(): a hundredth either side
                const double purity = value(v, 1);
                const auto range = Interval::of(std::max(0.0, purity - doubt), purity,
                                                std::min(1.0, purity + doubt));
                if (!range)
                    return MeasureFault::Missing;
                auto made = solutionStrength(true, grams(v, 0), *range, value(v, 2), scaleOf(v, 3));
                if (const auto* fault = std::get_if<MeasureFault>(&made))
                    return *fault;
                auto result = titratableAcidity(runsOf(runs), std::get<Measured>(made).value);
                if (auto* good = std::get_if<Measured>(&result)) {
                    // The solution's own sum comes first on paper.
                    Working all = std::get<Measured>(made).working;
                    all.append(good->working);
                    good->working = std::move(all);
                }
                return result;
            },
            "titratable",
            {},
            tr("Titrated with a solution made at home")};
}

Method densityMethod()
{
    return {tr("Density, by a cup"),
            tr("Weigh the same small cup three times: empty, filled to the brim with water at room "
               "temperature, and filled to the brim with it."),
            {{tr("Cup, empty"), Kind::Grams, {}, {}},
             {tr("Cup with water"), Kind::Grams, {}, {}},
             {tr("Cup with it"), Kind::Grams, {}, {}},
             {tr(stepName), Kind::Grams, {}, 0.1}},
            {},
            [](const Values& v, const std::vector<Values>&) {
                return densityByCup(grams(v, 0), grams(v, 1), grams(v, 2), scaleOf(v, 3));
            },
            "density",
            {},
            tr("By the cup, in the kitchen")};
}

Method spoonMethod()
{
    const QStringList names{QStringLiteral("tsp"),  QStringLiteral("tsp, heaped"),
                            QStringLiteral("tbsp"), QStringLiteral("tbsp, heaped"),
                            QStringLiteral("cup"),  QStringLiteral("drop"),
                            QStringLiteral("piece")};
    return {tr("What a spoon, cup or drop weighs"),
            tr("Put several into one dish and weigh them together: ten spoons level with a knife, "
               "or fifty drops from the dropper you will use."),
            {{tr("Measure"),
              Kind::Choice,
              {},
              0.0,
              {tr("teaspoon, level"), tr("teaspoon, heaped"), tr("tablespoon, level"),
               tr("tablespoon, heaped"), tr("cup"), tr("drop"), tr("piece")}},
             {tr("How many"), Kind::Count, {}, 10.0},
             {tr("Dish, empty"), Kind::Grams, {}, 0.0},
             {tr("Dish with them"), Kind::Grams, {}, {}},
             {tr(stepName), Kind::Grams, {}, 0.1}},
            {},
            [](const Values& v, const std::vector<Values>&) {
                return eachWeight(grams(v, 3), grams(v, 2),
                                  static_cast<int>(std::min(value(v, 1), 1e6)), scaleOf(v, 4));
            },
            {},
            [names](const Values& v) { return names.value(static_cast<qsizetype>(value(v, 0))); },
            tr("Weighed")};
}

Method purityMethod(bool sodium)
{
    return {tr("Purity, by citric acid"),
            tr("Dissolve about 10 g of the hydroxide in water, lye into water, and weigh the whole "
               "solution (about 200 g). Weigh about 2 g of citric acid into 50 ml of water with "
               "three drops of phenolphthalein. Weigh the lye solution before and after you have "
               "dripped in enough for a faint pink that stays. Three times. Goggles, gloves, long "
               "sleeves, air."),
            {{tr("Hydroxide weighed"), Kind::Grams, {}, 10.0},
             {tr("Whole solution"), Kind::Grams, {}, 200.0},
             {tr("Citric acid is"), Kind::Choice, {}, 0.0, {tr("monohydrate"), tr("anhydrous")}},
             {tr(stepName), Kind::Grams, {}, 0.01}},
            {{tr("Citric acid"), Kind::Grams, {}, {}}, {tr("Lye solution"), Kind::Grams, {}, {}}},
            [sodium](const Values& v, const std::vector<Values>& runs) {
                std::vector<PurityRun> list;
                for (const Values& r : runs)
                    list.push_back({value(r, 0), value(r, 1)});
                return hydroxidePurity(list, value(v, 2) < 0.5 ? citricMonohydrateShare() : 1.0,
                                       sodium, grams(v, 0), grams(v, 1), scaleOf(v, 3));
            },
            sodium ? "sodium-hydroxide" : "potassium-hydroxide",
            {},
            tr("Titrated against citric acid")};
}

} // namespace

std::vector<Method> methodsFor(const Material& m)
{
    std::vector<Method> out;
    if (m.isHydroxide()) {
        out.push_back(purityMethod(m.kind == MaterialKind::SodiumHydroxide));
        out.push_back(spoonMethod());
        return out;
    }
    const bool volatiles =
        m.part(Part::Alcohol).range.high() > 0.001 ||
        std::ranges::any_of(m.acids, [](const AcidShare& a) { return a.acid == Acid::Acetic; });
    const bool watery = m.part(Part::Water).range.high() > 0.0 || m.kind == MaterialKind::Produce;
    if (watery && !volatiles)
        out.push_back(dryDownMethod());
    if (watery && !volatiles && !m.isOil() && m.part(Part::Fat).range.high() < 0.02)
        out.push_back(refractometerMethod());
    if (!m.isOil() && m.kind != MaterialKind::Colour && m.kind != MaterialKind::Scent) {
        out.push_back(titrationMethod(true));
        out.push_back(titrationMethod(false));
    }
    out.push_back(spoonMethod());
    out.push_back(densityMethod());
    return out;
}

} // namespace rhexion
