#include "app/shelf/measure_methods.h"

#include <QCoreApplication>

namespace rhexion {

namespace {

struct MeasuringText {
    Q_DECLARE_TR_FUNCTIONS(Measuring)
};

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
    return {MeasuringText::tr("Dry it down: how much is water"),
            MeasuringText::tr(
                "Weigh an empty dish, then the dish with about 20 g of it. Dry it in the oven at "
                "105 °C, or on a low heat, until two weighings are alike; let it cool covered, "
                "and weigh it again. Not for vinegar, beer or wine: more than water leaves them."),
            {{MeasuringText::tr("Dish, empty"), Kind::Grams, {}, {}},
             {MeasuringText::tr("Dish with it, wet"), Kind::Grams, {}, {}},
             {MeasuringText::tr("Dish with it, dry"), Kind::Grams, {}, {}},
             {MeasuringText::tr(stepName), Kind::Grams, {}, 0.1}},
            {},
            [](const Values& v, const std::vector<Values>&) {
                return dryDown(grams(v, 1), grams(v, 2), grams(v, 0), scaleOf(v, 3));
            },
            "water",
            {},
            MeasuringText::tr("Dried down in the kitchen")};
}

Method refractometerMethod()
{
    return {MeasuringText::tr("Refractometer: how much is water"),
            MeasuringText::tr(
                "Strain a little and put a drop on the glass. What is dissolved counts as sugar; "
                "what you strained off is the insoluble part (a juice has none, a fine puree about "
                "2 %)."),
            {{MeasuringText::tr("Reading"), Kind::Number, MeasuringText::tr("°Bx"), {}},
             {MeasuringText::tr("Its temperature"), Kind::Celsius, {}, 20.0},
             {MeasuringText::tr("It corrects for temperature itself"), Kind::YesNo, {}, 0.0},
             {MeasuringText::tr("Insoluble part"), Kind::Percent, {}, 0.0}},
            {},
            [](const Values& v, const std::vector<Values>&) -> MeasureResult {
                if (!v[0] || !v[1])
                    return MeasureFault::Missing;
                return refractometerWater(*v[0], Temperature::celsius(*v[1]), value(v, 2) > 0.0,
                                          value(v, 3));
            },
            "water",
            {},
            MeasuringText::tr("By refractometer")};
}

Method titrationMethod(bool madeAtHome)
{
    const QString how = MeasuringText::tr(
        "Weigh about 10 g of it into 50 ml of water with three drops of phenolphthalein. Add "
        "the lye solution from a syringe, drop by drop, until a faint pink stays for half a "
        "minute. Do it three times. Goggles and gloves, as with any lye.");
    const std::vector<Reading> run{
        {MeasuringText::tr("Sample"), Kind::Grams, {}, {}},
        {MeasuringText::tr("Solution"), Kind::Number, MeasuringText::tr("ml"), {}}};
    const auto runsOf = [](const std::vector<Values>& runs) {
        std::vector<TitrationRun> out;
        for (const Values& r : runs)
            out.push_back({value(r, 0), value(r, 1)});
        return out;
    };
    if (!madeAtHome)
        return {MeasuringText::tr("Titrate its acids, with a bought solution"),
                how,
                {{MeasuringText::tr("Strength of the solution"), Kind::Number,
                  MeasuringText::tr("mol/l"), 0.1}},
                run,
                [runsOf](const Values& v, const std::vector<Values>& runs) -> MeasureResult {
                    return titratableAcidity(runsOf(runs), Interval::exactly(value(v, 0)));
                },
                "titratable",
                {},
                MeasuringText::tr("Titrated with a bought solution")};
    return {
        MeasuringText::tr("Titrate its acids, with a solution made at home"),
        MeasuringText::tr(
            "Dissolve about 4 g of sodium hydroxide in water and fill up to 1 litre: a tenth of "
            "a mole. Lye into water, never the reverse. ") +
            how,
        {{MeasuringText::tr("Sodium hydroxide weighed"), Kind::Grams, {}, 4.0},
         {MeasuringText::tr("Its purity"), Kind::Percent, {}, 0.99},
         {MeasuringText::tr("Filled up to"), Kind::Number, MeasuringText::tr("ml"), 1000.0},
         {MeasuringText::tr(stepName), Kind::Grams, {}, 0.1}},
        run,
        [runsOf](const Values& v, const std::vector<Values>& runs) -> MeasureResult {
            constexpr double doubt = 0.01; // as withPurity(): a hundredth either side
            const double purity = value(v, 1);
            const auto range =
                Interval::of(std::max(0.0, purity - doubt), purity, std::min(1.0, purity + doubt));
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
        MeasuringText::tr("Titrated with a solution made at home")};
}

Method densityMethod()
{
    return {
        MeasuringText::tr("Density, by a cup"),
        MeasuringText::tr(
            "Weigh the same small cup three times: empty, filled to the brim with water at room "
            "temperature, and filled to the brim with it."),
        {{MeasuringText::tr("Cup, empty"), Kind::Grams, {}, {}},
         {MeasuringText::tr("Cup with water"), Kind::Grams, {}, {}},
         {MeasuringText::tr("Cup with it"), Kind::Grams, {}, {}},
         {MeasuringText::tr(stepName), Kind::Grams, {}, 0.1}},
        {},
        [](const Values& v, const std::vector<Values>&) {
            return densityByCup(grams(v, 0), grams(v, 1), grams(v, 2), scaleOf(v, 3));
        },
        "density",
        {},
        MeasuringText::tr("By the cup, in the kitchen")};
}

Method spoonMethod()
{
    const QStringList names{QStringLiteral("tsp"),  QStringLiteral("tsp, heaped"),
                            QStringLiteral("tbsp"), QStringLiteral("tbsp, heaped"),
                            QStringLiteral("cup"),  QStringLiteral("drop"),
                            QStringLiteral("piece")};
    return {MeasuringText::tr("What a spoon, cup or drop weighs"),
            MeasuringText::tr(
                "Put several into one dish and weigh them together: ten spoons level with a knife, "
                "or fifty drops from the dropper you will use."),
            {{MeasuringText::tr("Measure"),
              Kind::Choice,
              {},
              0.0,
              {MeasuringText::tr("teaspoon, level"), MeasuringText::tr("teaspoon, heaped"),
               MeasuringText::tr("tablespoon, level"), MeasuringText::tr("tablespoon, heaped"),
               MeasuringText::tr("cup"), MeasuringText::tr("drop"), MeasuringText::tr("piece")}},
             {MeasuringText::tr("How many"), Kind::Count, {}, 10.0},
             {MeasuringText::tr("Dish, empty"), Kind::Grams, {}, 0.0},
             {MeasuringText::tr("Dish with them"), Kind::Grams, {}, {}},
             {MeasuringText::tr(stepName), Kind::Grams, {}, 0.1}},
            {},
            [](const Values& v, const std::vector<Values>&) {
                return eachWeight(grams(v, 3), grams(v, 2),
                                  static_cast<int>(std::min(value(v, 1), 1e6)), scaleOf(v, 4));
            },
            {},
            [names](const Values& v) { return names.value(static_cast<qsizetype>(value(v, 0))); },
            MeasuringText::tr("Weighed")};
}

Method purityMethod(bool sodium)
{
    return {
        MeasuringText::tr("Purity, by citric acid"),
        MeasuringText::tr(
            "Dissolve about 10 g of the hydroxide in water, lye into water, and weigh the whole "
            "solution (about 200 g). Weigh about 2 g of citric acid into 50 ml of water with "
            "three drops of phenolphthalein. Weigh the lye solution before and after you have "
            "dripped in enough for a faint pink that stays. Three times. Goggles, gloves, long "
            "sleeves, air."),
        {{MeasuringText::tr("Hydroxide weighed"), Kind::Grams, {}, 10.0},
         {MeasuringText::tr("Whole solution"), Kind::Grams, {}, 200.0},
         {MeasuringText::tr("Citric acid is"),
          Kind::Choice,
          {},
          0.0,
          {MeasuringText::tr("monohydrate"), MeasuringText::tr("anhydrous")}},
         {MeasuringText::tr(stepName), Kind::Grams, {}, 0.01}},
        {{MeasuringText::tr("Citric acid"), Kind::Grams, {}, {}},
         {MeasuringText::tr("Lye solution"), Kind::Grams, {}, {}}},
        [sodium](const Values& v, const std::vector<Values>& runs) {
            std::vector<PurityRun> list;
            for (const Values& r : runs)
                list.push_back({value(r, 0), value(r, 1)});
            return hydroxidePurity(list, value(v, 2) < 0.5 ? citricMonohydrateShare() : 1.0, sodium,
                                   grams(v, 0), grams(v, 1), scaleOf(v, 3));
        },
        sodium ? "sodium-hydroxide" : "potassium-hydroxide",
        {},
        MeasuringText::tr("Titrated against citric acid")};
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
