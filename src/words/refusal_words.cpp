#include "words/refusal_words.h"

#include "storage/material_names.h"
#include "words/cannot_words.h"
#include "words/words_text.h"

namespace rhexion::words {

QString refusal(const Refusal& r, const Speech& s)
{
    using C = RefusalCode;
    const QString item = spokenName(QString::fromStdString(r.item));
    const auto figure = [&](std::size_t i) { return i < r.figures.size() ? r.figures[i] : 0.0; };
    switch (r.code) {
    case C::NoOils:
        return WordsText::tr("There is no oil yet. Add one, such as “500 g olive oil”, and the lye "
                             "can be reckoned.");
    case C::NoHydroxideChosen:
        return WordsText::tr(
            "No hydroxide is chosen for this lye. Choose the one that is on your shelf.");
    case C::NoMaterial: return WordsText::tr("A line has no material. Remove it or choose one.");
    case C::BadMaterial:
        return WordsText::tr(
                   "Nobody knows which oil %1 is, so its lye cannot be reckoned. Choose the oil it "
                   "is "
                   "from the shelf, or type its saponification value from the drum.")
            .arg(item);
    case C::BadMass:
        return WordsText::tr(
                   "The amount of %1 cannot be used. State a mass between 0 and 100 tonnes, or a "
                   "per cent.")
            .arg(item);
    case C::BadSuperfat:
        return WordsText::tr("A superfat of %1 cannot be. State one from %2 to below 100 %.")
            .arg(s.percent(figure(0)), s.percent(-0.5, 0));
    case C::BadPotassiumShare:
        return WordsText::tr("The potassium hydroxide share must lie between 0 and 100 %.");
    case C::BadStrength:
        return WordsText::tr(
                   "A lye strength of %1 cannot be. State one between 0 and 100 %, such as 33 %.")
            .arg(s.percent(figure(0)));
    case C::BadRatio:
        return WordsText::tr(
                   "A water to lye ratio of %1 cannot be. State one above 0 and up to 20, such as "
                   "2.")
            .arg(s.number(figure(0), 2));
    case C::BadPercentOfOils:
        return WordsText::tr("Water as a per cent of the oils must be above 0 and up to 1000 %.");
    case C::BadLessThanUsual:
        return WordsText::tr("“Less water than usual” must lie between 0 and below 100 %.");
    case C::BadJugRatio:
        return WordsText::tr(
            "The jug’s water must be above 0 and up to 20 g for each gram of lye.");
    case C::BadJugTemperature:
        return WordsText::tr("The jug’s temperature must lie between %1 and %2.")
            .arg(s.temperature(-20), s.temperature(100));
    case C::BadPurity:
        return WordsText::tr("The purity of %1 must be above 0 and at most 100 %.").arg(item);
    case C::HydroxideAsLine:
        return WordsText::tr(
                   "%1 belongs to the lye settings, not to a vessel. Remove this line and set it "
                   "there.")
            .arg(item);
    case C::TwoMakeUps:
        return WordsText::tr(
                   "Two liquids are stated as the rest. Give %1 an amount, or take it out.")
            .arg(item);
    case C::OilAsRest:
        return WordsText::tr(
                   "%1 is an oil and brings no water, so it cannot be the rest of the liquid. Give "
                   "it an amount.")
            .arg(item);
    case C::OilAsShareOfBatter:
        return WordsText::tr("State %1 as a mass or as a per cent of the oils, not of the batter.")
            .arg(item);
    case C::OilSharesReachWhole:
        return WordsText::tr(
                   "The oils in per cent reach %1, which leaves no room for the oils in grams. "
                   "Lower a per cent, or state all oils the same way.")
            .arg(s.percent(figure(0)));
    case C::OilSharesNotWhole:
        return WordsText::tr("The oils add up to %1. Bring them to 100 %.")
            .arg(s.percent(figure(0), 2));
    case C::OilsTotalMissing:
        return WordsText::tr(
            "Every oil is a per cent, so the mass of all the oils is needed. State it, or "
            "give one oil in grams.");
    case C::BatterSharesTooLarge:
        return WordsText::tr(
            "The amounts in per cent of the batter leave no room for the rest. Lower them.");
    case C::MakeUpBringsNoWater:
        return WordsText::tr(
                   "%1 cannot be the rest of the liquid: each gram calls for more water, through "
                   "the lye it takes, than it brings (%2 g short). Choose a more watery liquid or "
                   "a stronger lye.")
            .arg(item, s.number(-figure(0), 3));
    case C::LyeLeftAfterCook:
        return WordsText::
            tr("The cook would be left with %1 of lye, because the oil that could take it comes "
               "only afterwards. Set the superfat to %2 or more, or cook more of the oil.")
                .arg(s.moles(figure(0)), s.percent(figure(2), 1));
    case C::NothingToSaponify:
        return WordsText::tr(
            "No hydroxide is weighed. State how much, or let the superfat decide.");
    case C::MeasureNotWeighed:
        return WordsText::tr(
                   "Nobody knows yet what a spoon, cup or drop of %1 weighs. Weigh one on the "
                   "shelf, or state grams.")
            .arg(item);
    case C::LiquidSharesTooLarge:
        return WordsText::tr("%1 is a per cent of the liquid, but no liquid is stated as the rest.")
            .arg(item);
    case C::BadPortion:
        return WordsText::tr("The portion %1 needs parts above 0 and up to 1000, such as 1.")
            .arg(item);
    case C::TooManyPortions:
        return WordsText::tr("A batter can be split into 24 portions at most.");
    case C::HeldOilGone:
        return WordsText::tr(
                   "%1 sets aside an oil that is not in the pot any more. Choose another, or the "
                   "mixed oils.")
            .arg(item.isEmpty() ? WordsText::tr("A portion") : item);
    case C::HeldOilTooMuch:
        return WordsText::tr(
                   "%1 of oil is set aside in all, and there is only %2 of it in the pot. Set less "
                   "aside.")
            .arg(s.mass(figure(0)), s.mass(figure(1)));
    case C::OilShareInPortion:
        return WordsText::
            tr("%1 goes into one portion: state it in grams or spoons, not as a per cent of the "
               "oils.")
                .arg(item);
    case C::RestInPortion:
        return WordsText::tr(
                   "%1 takes the rest of the liquid, so it goes into all of the batter. Give it an "
                   "amount, or take it out of its portion.")
            .arg(item);
    case C::BadSolvent:
        return WordsText::tr(
                   "The liquid set aside for %1 must be between 0 and 20 g for each gram.")
            .arg(item);
    case C::BadSecondJug:
        return WordsText::tr("The second jug’s share of the lye must lie between 0 and 100 %.");
    case C::BadMixing:
        return WordsText::tr("Jug and pot can be joined between %1 and %2, within %3.")
            .arg(s.temperature(-10), s.temperature(130), s.temperatureDifference(60));
    case C::BadMould:
        return WordsText::tr("A mould of these sizes cannot be: %1. Measure it once more.")
            .arg(item.isEmpty() ? WordsText::tr("the mould") : item);
    case C::TooManyMoulds:
        return WordsText::tr("One batch goes into 40 moulds at most. Count like ones together.");
    case C::BadHeatPlan: return cannot({CannotCode::OutOfRange, r.item, r.figures}, s);
    case C::BadCutting: return WordsText::tr("A bar must be thicker than nothing.");
    case C::NoSuchPortion:
        return WordsText::tr(
                   "%1 goes into a portion that is not there any more. Choose one, or all of the "
                   "batter.")
            .arg(item);
    case C::TextTooLong:
        return WordsText::tr("That text is too long: up to %1 letters are kept.")
            .arg(figure(0), 0, 'f', 0);
    case C::TooManyLines:
        return WordsText::tr("There are more than 1000 lines. Split the formula.");
    }
    return {};
}

} // namespace rhexion::words
