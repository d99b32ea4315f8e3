#include "words/start_words.h"

#include <QCoreApplication>

namespace rhexion::words {

namespace {

struct StartText {
    Q_DECLARE_TR_FUNCTIONS(Start)
};

} // namespace

QString startName(StartingPoint which)
{
    using P = StartingPoint;
    switch (which) {
    case P::MilkInTheOils: return StartText::tr("Gate-latch buttermilk bar");
    case P::PureeAsTheLiquid: return StartText::tr("Espalier pear bar");
    case P::YogurtAndHoney: return StartText::tr("Hive-corner yogurt bar");
    case P::TwoLyes: return StartText::tr("Washstand two-lye block");
    case P::Brine: return StartText::tr("Slipway brine bar");
    case P::SaltBar: return StartText::tr("Shingle salt rounds");
    case P::AllOlive: return StartText::tr("Terrace olive loaf");
    case P::HotProcess: return StartText::tr("Stove-side cooked loaf");
    case P::SplitBatter: return StartText::tr("Half-and-half madder loaf");
    case P::HardWater: return StartText::tr("Chalk-well bar");
    case P::Egg: return StartText::tr("Coop-yard yolk bar");
    case P::StockLye: return StartText::tr("Four trial pucks");
    }
    return {};
}

QString startTeaches(StartingPoint which)
{
    using P = StartingPoint;
    switch (which) {
    case P::MilkInTheOils: return StartText::tr("milk in the oils, not in the lye");
    case P::PureeAsTheLiquid: return StartText::tr("a puree as all the liquid");
    case P::YogurtAndHoney: return StartText::tr("yogurt and honey, taken off the water");
    case P::TwoLyes: return StartText::tr("two hydroxides, and citric acid made up for");
    case P::Brine: return StartText::tr("salt dissolved before the lye");
    case P::SaltBar: return StartText::tr("a salt bar, and why it wants coconut");
    case P::AllOlive: return StartText::tr("one oil alone, with little water");
    case P::HotProcess: return StartText::tr("hot process, with oil after the cook");
    case P::SplitBatter: return StartText::tr("one batter, two portions");
    case P::HardWater: return StartText::tr("a bar for hard water");
    case P::Egg: return StartText::tr("egg yolk, and its fat counted");
    case P::StockLye: return StartText::tr("small trials from one lye made ahead");
    }
    return {};
}

QString startReasons(StartingPoint which)
{
    using P = StartingPoint;
    switch (which) {
    case P::MilkInTheOils:
        return StartText::tr(
            "Milk that never meets strong lye alone stays pale: it is blended into the oils, and "
            "the "
            "lye is dissolved in water by itself. The jug therefore stands stronger than the "
            "batch, "
            "which the bench shows beside it. The buttermilk’s own fat and acid are counted.");
    case P::PureeAsTheLiquid:
        return StartText::tr(
            "Pear puree is the rest of the liquid: the bench works out how much of it brings the "
            "water that is wanted. It goes into the jug frozen, because its sugar heats and "
            "browns. "
            "Its acid takes a little lye, and that lye is added.");
    case P::YogurtAndHoney:
        return StartText::tr(
            "The water of yogurt and honey is taken off the water in the jug, so the batter is no "
            "wetter for them. Yogurt goes in at emulsion and honey thinned at trace, away from "
            "fresh "
            "lye. Both heat the batter, so it is joined cooler and left uncovered.");
    case P::TwoLyes:
        return StartText::tr(
            "Sodium and potassium hydroxide share the work by moles, six to four, for soap that is "
            "soft and quick to lather. Citric acid takes lye before any fat does, so its lye is "
            "weighed besides. The potash is taken as 90 % pure: read your drum, and set it.");
    case P::Brine:
        return StartText::tr(
            "Salt is dissolved in the water before any lye goes in; afterwards it hardly would. It "
            "firms a soft bar of olive oil and lets it leave the mould sooner. Much more than this "
            "parts the soap from the lye.");
    case P::SaltBar:
        return StartText::tr(
            "Coconut soap bears salt, others are driven out of the water, so four fifths are "
            "coconut. Superfat is high, because so much coconut takes skin fat along. Cavities "
            "save "
            "the cutting, which must come within hours.");
    case P::AllOlive:
        return StartText::tr(
            "Little water lets a bar of olive oil alone leave its mould within days instead of "
            "weeks. Superfat is low: the bar is mild without it, and would stay soft with more. A "
            "long cure makes it less slimy in the dish.");
    case P::HotProcess:
        return StartText::tr(
            "What goes in after the cook meets no free lye: oil, yogurt and scent stay what they "
            "are. Superfat is set on what is cooked and the oil afterwards comes on top; the bench "
            "shows both. More water keeps it fluid in the pot.");
    case P::SplitBatter:
        return StartText::tr(
            "One batter is divided once it is emulsified, and each portion keeps its own account. "
            "The madder is wetted for one portion only, and its share is that of the portion. A "
            "fair "
            "pair to compare: only one thing differs.");
    case P::HardWater:
        return StartText::tr(
            "Citrate makes the scum of hard water looser and easier to rinse; it does not stop it. "
            "Gluconate ties iron and copper that turn oils rancid. Open the panel on hard water "
            "and "
            "type your own to see how far it reaches.");
    case P::Egg:
        return StartText::tr(
            "A third of a yolk is fat, and by the careful school that fat counts only as far as it "
            "is surely there. The yolk is tempered with a little batter at trace, because hot lye "
            "would cook it. Joined cool, and used fresh.");
    case P::StockLye:
        return StartText::tr(
            "Three hundred grams of oils make four pucks: enough to try one change at a time. A "
            "lye "
            "of equal weights keeps for weeks, closed and marked, and serves several trials; the "
            "rest of the water goes in apart. Make it under “Lye made ahead”.");
    }
    return {};
}

Formula startFormula(StartingPoint which)
{
    Formula f = startingPoint(which);
    f.name = startName(which).toStdString();
    f.notes = startReasons(which).toStdString();
    return f;
}

} // namespace rhexion::words
