// The sentences of cautions and their mends.
#include "words/caution_words.h"
#include "core/advice/reckon.h"
#include "words/heat_caution_words.h"
#include "words/names.h"
#include "words/words_text.h"

namespace rhexion::words {

QString cautionTitle(const Caution& c, const Formula& f, const Speech& s)
{
    using C = CautionCode;
    const auto figure = [&](std::size_t i) { return i < c.figures.size() ? c.figures[i] : 0.0; };
    switch (c.code) {
    case C::LyeCannotDissolve: return WordsText::tr("The lye cannot all dissolve in the jug");
    case C::LyeColdCannotDissolve: return WordsText::tr("Ice-cold, only part of the lye dissolves");
    case C::WetterThanWanted: return WordsText::tr("%1 wetter than wanted").arg(s.mass(figure(0)));
    case C::DrierThanWanted: return WordsText::tr("%1 drier than wanted").arg(s.mass(figure(0)));
    case C::SuperfatBelowZero:
        return c.figures.empty()
                   ? WordsText::tr("Lye heavy: there is no fat to take the lye")
                   : WordsText::tr("Lye heavy: superfat %1").arg(s.percent(figure(0)));
    case C::MayBeLyeHeavy: return WordsText::tr("Could be lye heavy at the edge of its figures");
    case C::MilkUnfrozenInJug:
        return WordsText::tr("%1 meets the lye unfrozen").arg(lineName(c.line, f));
    case C::AcidInJugFumes: return WordsText::tr("Acid and lye: heat and fumes");
    case C::ChanceOfLyeExcess:
        return WordsText::tr("Lye is left over in %1 of 100 batches")
            .arg(s.number(figure(0) * 100.0, 0));
    case C::AcidityNotKnown:
        return WordsText::tr("Nobody knows how sour %1 is").arg(lineName(c.line, f));
    case C::BrineDropsSalt: return WordsText::tr("The jug cannot hold this much salt");
    case C::SweetenedMilk: return WordsText::tr("%1 is sweetened").arg(lineName(c.line, f));
    case C::MuchSugar: return WordsText::tr("%1 sugar on the oils").arg(s.percent(figure(1)));
    case C::HoneyWithSeizingScent: return WordsText::tr("%1 beside honey").arg(lineName(c.line, f));
    case C::SugarOrMilkCooked:
        return WordsText::tr("%1 goes through the cook").arg(lineName(c.line, f));
    case C::CoconutDriesSkin: return WordsText::tr("Much coconut, little superfat");
    case C::SaltBarWithoutLather: return WordsText::tr("A salt bar with little coconut");
    case C::LongCure: return WordsText::tr("Nearly all one mild oil: a long cure");
    case C::OilsGoRancid:
        return WordsText::tr("%1 of the oils is linoleic and linolenic").arg(s.percent(figure(0)));
    case C::VerySuperfatted: return WordsText::tr("Superfat %1 is high").arg(s.percent(figure(0)));
    case C::StrongBatter:
        return WordsText::tr("A lye strength of %1 is fast").arg(s.percent(figure(0)));
    case C::WeakBatter:
        return WordsText::tr("A lye strength of %1 is slow").arg(s.percent(figure(0)));
    case C::ManyColoursAndScent:
        return WordsText::tr("%1 colours with a scent").arg(s.number(figure(0), 0));
    case C::Allergens:
        return WordsText::tr("%1 in it to name on the label").arg(s.number(figure(0), 0));
    case C::AcidOnWeighedLye:
        return WordsText::tr("The acid takes %1 of the weighed lye").arg(s.percent(figure(1)));
    case C::PurityNotSaid:
        return WordsText::tr("Potassium hydroxide taken as %1 pure").arg(s.percent(figure(0)));
    case C::CitricFormNotSaid:
        return WordsText::tr("%1: anhydrous or monohydrate?").arg(lineName(c.line, f));
    case C::HumanMilk: return WordsText::tr("%1: local law").arg(lineName(c.line, f));
    case C::InfusedOil: return WordsText::tr("%1: weigh it strained").arg(lineName(c.line, f));
    case C::SetsInThePot:
        return WordsText::tr("%1 sets again below %2")
            .arg(lineName(c.line, f), s.temperature(figure(0)));
    case C::FattyAcidSeizes:
        return WordsText::tr("%1 at %2 of the oils thickens at once")
            .arg(lineName(c.line, f), s.percent(figure(0)));
    case C::SourInAluminium:
        return WordsText::tr("%1: not in an aluminium pan").arg(lineName(c.line, f));
    case C::MarksSkinInSun: return WordsText::tr("%1 and sunlight").arg(lineName(c.line, f));
    case C::SaltsSoapOut: return WordsText::tr("%1 turns soap to scum").arg(lineName(c.line, f));
    case C::Fades: return WordsText::tr("%1 fades").arg(lineName(c.line, f));
    case C::Scratchy:
        return WordsText::tr("%1 at %2 of the oils is scratchy")
            .arg(lineName(c.line, f), s.percent(figure(0)));
    case C::SoftBar:
        return WordsText::tr("%1 at %2 softens the bar")
            .arg(lineName(c.line, f), s.percent(figure(0)));
    case C::BarCrumbles:
        return WordsText::tr("%1 at %2 of the oils makes the bar crumble")
            .arg(lineName(c.line, f), s.percent(figure(0)));
    case C::ClayInLye:
        return WordsText::tr("%1 does not belong in strong lye").arg(lineName(c.line, f));
    case C::EggInLye: return WordsText::tr("%1 scrambles in lye").arg(lineName(c.line, f));
    case C::ScentInLye: return WordsText::tr("%1 is lost in the lye").arg(lineName(c.line, f));
    case C::AlcoholInLye:
        return WordsText::tr("%1 holds alcohol: it can boil over in lye").arg(lineName(c.line, f));
    case C::StaysGrainyInOil:
        return WordsText::tr("%1 does not dissolve in oil").arg(lineName(c.line, f));
    case C::ScentInDrops: return WordsText::tr("%1 counted in drops").arg(lineName(c.line, f));
    case C::ScentBrowns: return WordsText::tr("%1 browns the batter").arg(lineName(c.line, f));
    case C::MuchScent:
        return WordsText::tr("%1 at %2 of the oils").arg(lineName(c.line, f), s.percent(figure(0)));
    case C::ScentForChildren:
        return WordsText::tr("%1 in soap for children").arg(lineName(c.line, f));
    case C::OunceForGram: return WordsText::tr("%1: ounces, or grams?").arg(lineName(c.line, f));
    case C::GramForOunce: return WordsText::tr("%1: grams, or ounces?").arg(lineName(c.line, f));
    case C::TablespoonForTeaspoon:
        return WordsText::tr("%1: tablespoons, or teaspoons?").arg(lineName(c.line, f));
    case C::FluidOunce: return WordsText::tr("%1 in fluid ounces").arg(lineName(c.line, f));
    case C::TotalIsNotTheSum: return WordsText::tr("The stated total of oils is not their sum");
    case C::FahrenheitForCelsius:
        return WordsText::tr("A jug at %1: Fahrenheit?").arg(s.temperature(figure(0)));
    case C::PointsNotPerCent:
        return WordsText::tr("%1 less water is hardly less").arg(s.percent(figure(0)));
    case C::PurityAsFraction: return WordsText::tr("A purity of %1?").arg(s.percent(figure(0)));
    case C::OtherHydroxide: return WordsText::tr("Sodium and potassium hydroxide mixed up?");
    case C::JugWaterTiedUp: return WordsText::tr("Sugar, salt and acid take water the lye needs");
    case C::SolventShort: return WordsText::tr("Not enough liquid to set aside");
    case C::HeldOilLeavesLye: return WordsText::tr("More lye than oil while some oil is set aside");
    case C::PortionUneven:
    case C::PortionLyeHeavy:
        return WordsText::tr("%1: superfat %2")
            .arg(portionName(c.portion, f), s.percent(figure(0)));
    case C::SugarMilkHotStart: return WordsText::tr("Sugar, milk and a warm start together");
    case C::HeldOilNotThere: return WordsText::tr("Not enough oil in the pot to set aside");
    case C::LyeLeftInCook:
        return WordsText::tr("The cook is left with %1 of lye").arg(s.mass(figure(0)));
    case C::AcidAfterCook: return WordsText::tr("%1 comes after its lye").arg(lineName(c.line, f));
    case C::AcidOutweighsLye: return WordsText::tr("More acid than lye: no soap comes of this");
    case C::SvUnlikely:
        return WordsText::tr("%1: a saponification value of %2?")
            .arg(lineName(c.line, f), s.number(figure(0), figure(0) < 1.0 ? 3 : 1));
    case C::TakesMoreThanCounted:
        return WordsText::tr("%1 may take lye that is not counted").arg(lineName(c.line, f));
    case C::LyeDoesNotCureAway: return WordsText::tr("A long cure does not take lye away");
    case C::CitrateLeavesPh:
        return WordsText::tr("%1 hardly changes the pH").arg(lineName(c.line, f));
    case C::DiscountOfWhat: return WordsText::tr("A discount of what?");
    case C::BoilsWhereItLands:
    case C::JugBoils:
    case C::JugScorches:
    case C::CannotStayUnder:
    case C::IceLeft:
    case C::CrystalsWhenCool:
    case C::VesselShock:
    case C::AluminiumVessel:
    case C::SetsOut:
    case C::PotTooHot:
    case C::NeverMeet:
    case C::PartialGel:
    case C::HotCore:
    case C::WideGap:
    case C::WakesLater:
    case C::SlowToSet:
    case C::DriesInCook:
    case C::CookRises: return heatCautionTitle(c, f, s);
    }
    return {};
}

namespace {

QString reasonOfFirst(const Caution& c, const Formula& f, const Speech& s)
{
    using C = CautionCode;
    const auto figure = [&](std::size_t i) { return i < c.figures.size() ? c.figures[i] : 0.0; };
    switch (c.code) {
    case C::LyeCannotDissolve:
        return WordsText::
            tr("The jug holds %1 of water; at %2 this much lye needs %3. What stays solid makes "
               "hot spots in the batter.")
                .arg(s.mass(figure(1)), s.temperature(figure(3)), s.mass(figure(2)));
    case C::LyeColdCannotDissolve:
        return WordsText::tr(
                   "While the jug is at 0 °C it takes about %1 of its %2. Add the lye in small "
                   "portions and stir each one clear.")
            .arg(s.mass(figure(0)), s.mass(figure(1)));
    case C::WetterThanWanted:
        return WordsText::
            tr("The extras bring more water than was asked for. Batter strength becomes %1, not "
               "%2; %3 brings most.")
                .arg(s.percent(figure(1)), s.percent(figure(2)), lineName(c.line, f));
    case C::DrierThanWanted:
        return WordsText::tr("No liquid is stated as the rest, so strength is %1.")
            .arg(s.percent(figure(1)));
    case C::SuperfatBelowZero:
        return WordsText::tr("More lye than the fats and acids can take: not for skin.");
    case C::MayBeLyeHeavy:
        return WordsText::tr(
                   "With the purest lye and the lowest oil values, superfat could fall to %1. "
                   "Figures "
                   "from your own drum and oil would narrow this.")
            .arg(s.percent(figure(0)));
    case C::MilkUnfrozenInJug:
        return WordsText::tr("Lye scorches warm milk: it browns, smells and clots.");
    case C::AcidInJugFumes:
        return WordsText::tr(
            "Dissolve the acid in the liquid first, then add lye in small portions with "
            "plenty of air. The lye it takes is counted.");
    case C::ChanceOfLyeExcess:
        return WordsText::tr(
                   "The figures of oils and lye are not sure enough for so little superfat: 5 in "
                   "100 lie below %1. Firmer figures help as much as more superfat.")
            .arg(s.percent(figure(1)));
    case C::AcidityNotKnown:
        return WordsText::
            tr("Its acids could take up to %1 of sodium hydroxide; none is counted, so superfat "
               "may be higher than said. Titrate it on the shelf to know.")
                .arg(s.mass(figure(0) * molarMassSodiumHydroxide));
    case C::BrineDropsSalt:
        return WordsText::tr(
                   "A lye this strong holds %1 of salt at most; there is %2. The rest falls out as "
                   "grains. Put salt in more water, or in at trace.")
            .arg(s.percent(figure(1)), s.percent(figure(0)));
    case C::SweetenedMilk:
        return WordsText::tr(
            "Nearly half of it is sugar: it heats and browns. If your tin is the unsweetened "
            "(evaporated) kind, choose that instead.");
    case C::MuchSugar:
        return WordsText::tr(
                   "All sugars together, the milk’s own included, are %1. In an insulated "
                   "mould that can overheat, crack or volcano: leave it uncovered and cool.")
            .arg(s.mass(figure(0)));
    case C::HoneyWithSeizingScent:
        return WordsText::tr(
            "Both hurry the batter and heat it: together it can seize in the pot. Leave one "
            "out, or stir the scent in last by hand.");
    case C::SugarOrMilkCooked:
        return WordsText::tr("Sugar and milk scorch in hot process. Put them in after the cook.");
    case C::CoconutDriesSkin:
        return WordsText::tr(
            "Soap with so much short-chain fat cleans skin dry. Most makers give it 15 to 20 "
            "% superfat (common practice).");
    case C::SaltBarWithoutLather:
        return WordsText::
            tr("Salt at %1 of the oils quiets lather; only coconut, babassu or palm kernel soap "
               "lathers through it.")
                .arg(s.percent(figure(0)));
    case C::LongCure:
        return WordsText::tr(
            "Oils like olive make a bar that is slimy when young. Six months to a year is "
            "common practice.");
    case C::OilsGoRancid:
        return WordsText::tr("Above a fifth, bars can spot orange and smell old within months.");
    case C::VerySuperfatted:
        return WordsText::tr(
            "More than a fifth of the fat stays free: a soft bar that goes rancid sooner.");
    case C::StrongBatter:
        return WordsText::tr(
            "So little water traces at once and cracks on the way out of the mould.");
    case C::WeakBatter:
        return WordsText::tr(
            "So much water traces slowly, gels easily, warps as it dries and gathers ash.");
    case C::ManyColoursAndScent:
        return WordsText::tr(
            "If you never tried this scent, try it in one colour first: a scent that hurries "
            "leaves no time for a pattern.");
    case C::Allergens:
        return WordsText::tr(
                   "%1 and its like can matter to people with allergies: name them, and ask your "
                   "assessor.")
            .arg(lineName(c.line, f));
    case C::AcidOnWeighedLye:
        return WordsText::tr(
                   "The lye is weighed already and was not raised for the acid; superfat becomes "
                   "%1.")
            .arg(s.percent(figure(0)));
    case C::PurityNotSaid:
        return WordsText::tr(
            "It is sold at 85, 90 and 95 %. Read the drum and set it under More, or keep it "
            "as a lot.");
    case C::CitricFormNotSaid:
        return WordsText::tr(
            "The powder without crystal water takes a tenth more lye. Choose the one on the "
            "jar from the shelf.");
    case C::HumanMilk:
        return WordsText::tr("Soap of human milk is for one’s own household only; selling it is "
                             "forbidden in many places.");
    case C::InfusedOil:
        return WordsText::tr(
            "Herbs hold oil back. Weigh what you pour into the pot, not what you began with.");
    case C::SetsInThePot:
        return WordsText::tr("Keep pot and lye above that, or it makes grains and a false trace.");
    case C::FattyAcidSeizes:
        return WordsText::tr(
            "Free fatty acids meet lye in an instant. Have the mould ready, or use hot process.");
    case C::SourInAluminium:
        return WordsText::tr("Its acid eats the metal while it cooks. Steel, glass or enamel.");
    case C::MarksSkinInSun:
        return WordsText::tr(
            "Expressed citrus can mark skin in the sun: keep to the supplier’s cap, or "
            "choose a distilled oil.");
    case C::SaltsSoapOut:
        return WordsText::tr("Magnesium and calcium salts throw soap out and weep in the bar.");
    case C::Fades:
        return WordsText::tr(
            "Its colour or scent weakens in lye and in light. Make one bar and put it on the "
            "window sill.");
    case C::Scratchy:
        return WordsText::tr("Above %1 a bar scours. Less, or finer.").arg(s.percent(figure(1)));
    case C::SoftBar:
        return WordsText::tr("Above %1 of the oils bars stay soft or sticky.")
            .arg(s.percent(figure(1)));
    case C::BarCrumbles:
        return WordsText::tr("Above %1 bars turn brittle and crumble at the cut.")
            .arg(s.percent(figure(1)));
    case C::ClayInLye:
        return WordsText::tr(
            "It clumps there and hides undissolved lye. Wet it in a little oil or water and "
            "stir it in at trace.");
    case C::EggInLye:
        return WordsText::tr("Beat it into cool oils, or into a little batter at trace.");
    case C::ScentInLye: return WordsText::tr("Scent goes in at trace.");
    case C::AlcoholInLye:
        return WordsText::tr(
            "Boil it flat until the alcohol is gone, cool it, and weigh what is left.");
    case C::StaysGrainyInOil:
        return WordsText::tr("It needs water: in the jug, or in a spoon of liquid at trace.");
    case C::ScentInDrops:
        return WordsText::tr(
            "Drops differ by half from bottle to bottle. Weigh what a cap is set for.");
    case C::ScentBrowns:
        return WordsText::tr(
            "Vanillin and its like go tan to brown within weeks. Keep some batter without it "
            "for a pale part.");
    case C::MuchScent:
        return WordsText::tr("Usual is up to %1. The supplier’s cap and local law decide.")
            .arg(s.percent(figure(1)));
    case C::ScentForChildren: return WordsText::tr("Leave it out of soap for babies and children.");
    case C::OunceForGram:
        return WordsText::tr(
                   "%1 of the oils is far above its usual %2; the same number in grams would fit.")
            .arg(s.percent(figure(0)), s.percent(figure(1)));
    case C::GramForOunce:
        return WordsText::tr(
                   "%1 of the oils is far below its usual %2; the same number in ounces would fit.")
            .arg(s.percent(figure(0)), s.percent(figure(1)));
    case C::TablespoonForTeaspoon:
        return WordsText::tr(
                   "%1 of the oils is above its usual %2; a teaspoon is a third of a tablespoon.")
            .arg(s.percent(figure(0)), s.percent(figure(1)));
    case C::FluidOunce:
        return WordsText::tr(
                   "A fluid ounce is a volume: here it weighs %1, not 28.3 g. Weigh it if the "
                   "recipe meant ounces by weight.")
            .arg(s.mass(figure(0)));
    case C::TotalIsNotTheSum:
        return WordsText::tr(
                   "Stated are %1, the oils add up to %2. An oil may be missing, or a figure "
                   "mistyped.")
            .arg(s.mass(figure(0)), s.mass(figure(1)));
    case C::FahrenheitForCelsius:
        return WordsText::tr("Nobody’s jug stays that hot; read as Fahrenheit it is %1.")
            .arg(s.temperature(figure(1)));
    case C::PointsNotPerCent:
        return WordsText::tr(
                   "It moves lye strength from %1 to %2. If you meant strength points, state the "
                   "strength itself.")
            .arg(s.percent(figure(1)), s.percent(figure(2)));
    case C::PurityAsFraction:
        return WordsText::tr(
            "If the drum says 90 %, type 90 and not 0.9. As it stands far too much lye would "
            "be weighed.");
    case C::OtherHydroxide:
        return WordsText::tr(
                   "Superfat would be %1; with the other hydroxide’s figure it would be %2. "
                   "One weighs 1.40 times the other.")
            .arg(s.percent(figure(0)), s.percent(figure(1)));
    case C::JugWaterTiedUp:
        return WordsText::tr(
                   "%1 of water is in this jug; what is dissolved in it first ties up %2, and the "
                   "lye needs %3. Move some of it elsewhere, or give the jug more of the water.")
            .arg(s.mass(figure(0)), s.mass(figure(1)), s.mass(figure(2)));
    case C::SolventShort:
        return WordsText::tr(
                   "%1 is asked for to dissolve things in, and there is %2 of the liquid in all. "
                   "Each gets its part of it.")
            .arg(s.mass(figure(0)), s.mass(figure(1)));
    case C::HeldOilLeavesLye:
        return WordsText::tr(
                   "Until the %1 set aside is back in, the pot holds %2 more lye than its oils can "
                   "take (superfat %3). The finished soap is right; the batter bites: keep gloves "
                   "on, and do not stop half way.")
            .arg(s.mass(figure(2)), s.mass(figure(1)), s.percent(figure(0)));
    case C::PortionUneven:
        return WordsText::tr(
                   "The whole has %1. Lye is divided with the batter, so a part whose oil was set "
                   "aside for another, or that gets milk or acid of its own, ends otherwise.")
            .arg(s.percent(figure(1)));
    case C::PortionLyeHeavy:
        return WordsText::tr(
            "The lye was reckoned for all of the batter; this part ends with more than its "
            "own fat can take. Not for skin. Move its acid, oil or milk to all of the batter, "
            "or give it more oil.");
    case C::SugarMilkHotStart:
        return WordsText::tr(
                   "%1 of sugar, milk’s own included, joined at %2: each of them heats, and "
                   "together they scorch or crack. Start cooler, and leave the mould uncovered.")
            .arg(s.mass(figure(0)), s.temperature(figure(1)));
    case C::HeldOilNotThere:
        return WordsText::tr("%1 more is set aside than is there; %2 counts.")
            .arg(s.mass(figure(0)), s.mass(figure(1)));
    case C::LyeLeftInCook:
        return WordsText::tr(
                   "The oil that could take it comes only afterwards. It is %1 of hydroxide as "
                   "weighed: weigh that much less, or put %2 more oil into the cook.")
            .arg(s.mass(figure(1)), s.mass(figure(2)));
    case C::AcidAfterCook:
        return WordsText::
            tr("%1 of lye was weighed for this acid and is free in the whole pot until the acid "
               "goes in; the superfat meanwhile is %2. Put the acid in the jug, before the lye.")
                .arg(s.mass(figure(0)), s.percent(figure(1)));
    case C::AcidOutweighsLye:
        return WordsText::
            tr("The acids take %1 and there is %2 of lye: nothing is left for the fats. Look at "
               "the acid’s amount and at the hydroxide’s.")
                .arg(s.moles(figure(0)), s.moles(figure(1)));
    case C::SvUnlikely:
        return figure(1) > 0.0 ? WordsText::tr("Fats lie between 100 and 300 mg of potassium "
                                               "hydroxide per gram. Grams of "
                                               "hydroxide per gram? That would be %1.")
                                     .arg(s.number(figure(1), 0))
                               : WordsText::tr("Fats lie between 100 and 300 mg of potassium "
                                               "hydroxide per gram. Read the "
                                               "drum’s label again.");
    case C::TakesMoreThanCounted:
        return WordsText::tr(
                   "Browning sugar, magnesium and calcium can use up to %1 of lye. None of it is "
                   "counted, since it may be nothing; the superfat could then be up to %2.")
            .arg(s.mass(figure(0)), s.percent(figure(1)));
    case C::LyeDoesNotCureAway:
        return WordsText::tr(
            "Water leaves a bar as it cures. Lye does not: it is used up by fat or it stays. "
            "Give it fat now.");
    case C::CitrateLeavesPh:
        return WordsText::tr(
            "The lye turns it into citrate, which has nothing left to give at soap’s pH: 2 % of it "
            "moves the pH by less than 0.003. It makes scum looser in hard water and helps against "
            "rancid spots. Its lye is counted here. Forgotten, that lye is missing on the fat: "
            "more "
            "superfat, and hardly another pH. Acid stirred into finished soap is another thing: it "
            "splits soap into fatty acid, softens the bar and cuts lather.");
    case C::DiscountOfWhat:
        return WordsText::tr(
                   "The notes speak of a discount or reduction. It means something once it says of "
                   "what: here lye is held back for a superfat of %1, and there is %2 less water "
                   "than your usual.")
            .arg(s.percent(figure(0)), s.percent(figure(1)));
    case C::BoilsWhereItLands:
    case C::JugBoils:
    case C::JugScorches:
    case C::CannotStayUnder:
    case C::IceLeft:
    case C::CrystalsWhenCool:
    case C::VesselShock:
    case C::AluminiumVessel:
    case C::SetsOut:
    case C::PotTooHot:
    case C::NeverMeet:
    case C::PartialGel:
    case C::HotCore:
    case C::WideGap:
    case C::WakesLater:
    case C::SlowToSet:
    case C::DriesInCook:
    case C::CookRises: return heatCautionReason(c, f, s);
    }
    return {};
}

} // namespace

QString cautionReason(const Caution& c, const Formula& f, const Speech& s)
{
    const QString reason = reasonOfFirst(c, f, s);
    if (c.others.empty())
        return reason;
    QStringList names;
    for (const LineId line : c.others)
        names << lineName(line, f);
    return WordsText::tr("%1 The same holds for: %2.")
        .arg(reason, names.join(QStringLiteral(", ")));
}

QString acknowledgeLabel(const Caution& c)
{
    if (!mayBeAcknowledged(c.code))
        return {};
    return c.acknowledged ? WordsText::tr("Say it again")
                          : WordsText::tr("I know, do not say it for this formula");
}

QString foldedCautions(const std::vector<Caution>& findings)
{
    int care = 0;
    int notes = 0;
    int known = 0;
    for (std::size_t i = shownInTheOpen(findings); i < findings.size(); ++i)
        ++(findings[i].acknowledged                 ? known
           : findings[i].severity == Severity::Note ? notes
                                                    : care);
    QStringList said;
    if (care > 0)
        said << WordsText::tr("%n more thing(s) to take care of", nullptr, care);
    if (notes > 0)
        said << WordsText::tr("%n note(s)", nullptr, notes);
    if (known > 0)
        said << WordsText::tr("%n caution(s) you know", nullptr, known);
    return said.join(QStringLiteral(", "));
}

QString foldedTitles(const std::vector<Caution>& findings, const Formula& f, const Speech& s)
{
    QStringList titles;
    for (std::size_t i = shownInTheOpen(findings); i < findings.size(); ++i)
        titles << cautionTitle(findings[i], f, s);
    return titles.join(QStringLiteral(" · "));
}

QString mendLabel(const Caution& c, const Formula& f, const Speech& s)
{
    using C = CautionCode;
    if (!c.mend)
        return {};
    if (const QString label = heatMendLabel(c, f, s); !label.isEmpty())
        return label;
    if (const auto* liquid = std::get_if<SetLiquid>(&*c.mend)) {
        if (liquid->field == SettingField::JugTemperature)
            return WordsText::tr("Make it %1")
                .arg(s.temperature(liquid->liquid.jugCoolest.inCelsius()));
        if (liquid->field == SettingField::JugRatio)
            return WordsText::tr("Put %1 g water per g of lye in the jug")
                .arg(s.number(liquid->liquid.jugRatio.value_or(0), 2));
        return WordsText::tr("Accept a lye strength of %1").arg(s.percent(liquid->liquid.value));
    }
    if (const auto* move = std::get_if<MoveLine>(&*c.mend)) {
        if (isJug(move->vessel))
            return WordsText::tr("Put %1 in the jug").arg(lineName(move->line, f));
        return WordsText::tr("Put %1 in %2")
            .arg(lineName(move->line, f), vesselPlace(move->vessel));
    }
    if (const auto* amount = std::get_if<SetAmount>(&*c.mend))
        return WordsText::tr("Make it %1").arg(s.amount(amount->amount));
    if (const auto* remove = std::get_if<RemoveLine>(&*c.mend))
        return WordsText::tr("Leave %1 out").arg(lineName(remove->line, f));
    if (std::holds_alternative<SetOilsTotal>(*c.mend))
        return WordsText::tr("Take the sum");
    if (std::holds_alternative<SetFrozen>(*c.mend))
        return WordsText::tr("Freeze %1 first").arg(lineName(c.line, f));
    if (std::holds_alternative<SetPortions>(*c.mend))
        return WordsText::tr("Set the same share aside for every portion");
    if (const auto* mixing = std::get_if<SetMixing>(&*c.mend))
        return WordsText::tr("Join them at %1").arg(s.temperature(mixing->mixing.at.inCelsius()));
    if (std::holds_alternative<SetSolvent>(*c.mend))
        return WordsText::tr("Set nothing aside for %1").arg(lineName(c.line, f));
    if (const auto* lye = std::get_if<SetLye>(&*c.mend);
        lye && lye->field == SettingField::SecondJug)
        return WordsText::tr("All the lye in one jug");
    if (const auto* lye = std::get_if<SetLye>(&*c.mend))
        return WordsText::tr("Set superfat to %1").arg(s.percent(lye->lye.superfat, 1));
    if (std::holds_alternative<AddLine>(*c.mend))
        return WordsText::tr("Fill up with water");
    if (std::holds_alternative<SetMaterial>(*c.mend) && c.code == C::SvUnlikely)
        return WordsText::tr("Take it as %1")
            .arg(s.number(c.figures.size() > 1 ? c.figures[1] : 0.0, 0));
    return WordsText::tr("Mend");
}

} // namespace rhexion::words
