#include "words/step_help_words.h"

#include "words/safety_words.h"

#include <QCoreApplication>

#include <algorithm>

namespace rhexion::words {

namespace {

struct HelpText {
    Q_DECLARE_TR_FUNCTIONS(StepHelp)
};

StepSign right(const QString& looks)
{
    return {looks, {}, true, false};
}
StepSign wrong(const QString& looks, const QString& what)
{
    return {looks, what, false, false};
}
StepSign danger(const QString& looks, const QString& what)
{
    return {looks, what, false, true};
}

StepSign splash()
{
    return danger(HelpText::tr("Lye on skin or in an eye"), firstAid());
}

QList<StepSign> lyeSigns(const DayStep& step, const Formula& f)
{
    QList<StepSign> out{
        right(HelpText::tr("It clouds, warms and clears again with each portion."))};
    const auto inJug = [&](auto which) {
        return std::ranges::any_of(
            f.lines, [&](const Line& line) { return line.vessel == step.vessel && which(line); });
    };
    const bool milky = inJug([](const Line& l) {
        return l.material->kind == MaterialKind::Milk ||
               l.material->part(Part::Fat).range.high() > 0;
    });
    if (milky)
        out << wrong(HelpText::tr("Soft specks that smear"),
                     HelpText::tr("Soap of the milk’s fat, harmless: pour it through a sieve."))
            << wrong(HelpText::tr("Orange or brown, a smell of ammonia"),
                     HelpText::tr("The milk is scorching. Stop adding, stand the jug in ice, go on "
                                  "with smaller portions once it is cold; the colour stays."));
    if (inJug([](const Line& l) { return l.frozen; }))
        out << wrong(
            HelpText::tr("Ice left in the jug when all lye is in"),
            HelpText::tr("Stir until it is gone: ice holds back water, and the lye beside it "
                         "is stronger than it looks."));
    out << wrong(
               HelpText::tr("Hard grains at the bottom"),
               HelpText::tr("Lye that is not dissolved. Stir; if it stays, let the jug warm up or "
                            "wait. None of it may reach the oils."))
        << danger(HelpText::tr("It hisses, spits or climbs"),
                  HelpText::tr(
                      "Step back, no more lye, and leave the jug alone; move it only when it is "
                      "quiet. Fumes: out into the air until they are gone."))
        << splash();
    return out;
}

QList<StepSign> blendSigns()
{
    return {
        right(HelpText::tr("Even colour, no oil on top; later a drizzle stays for a moment.")),
        wrong(HelpText::tr("Thick at once and cool, grainy"),
              HelpText::tr("False trace: hard fats set out. Warm it a little and blend on; true "
                           "trace stays thick when warm.")),
        wrong(HelpText::tr("Small grains like rice, oil between them"),
              HelpText::tr("Ricing. Blend on; if it will not come together, cook it.")),
        wrong(HelpText::tr("It stiffens in seconds"),
              HelpText::tr("It seizes. No blender: press it into the mould in layers and tap; or "
                           "put it in the pot and cook it.")),
        wrong(HelpText::tr("Oil on top, watery below"),
              HelpText::tr("It separates: cold, weak lye or too little stirring. Check what was "
                           "weighed, warm to 40 °C, blend again. Do not pour it so.")),
        splash()};
}

QList<StepSign> cookSigns()
{
    return {right(HelpText::tr("Separates, then applesauce, then mashed potato, then glossy.")),
            danger(HelpText::tr("It climbs up the pot"),
                   HelpText::tr("Heat off, lid off, stir it down; a larger pot stands ready. Never "
                                "lean over it.")),
            wrong(HelpText::tr("Dry crumbs at the rim"),
                  HelpText::tr("Water is lost. Add hot water by the spoon, lid on, stir.")),
            splash()};
}

QList<StepSign> mouldSigns()
{
    return {
        right(HelpText::tr("It levels by itself, or with a tap.")),
        wrong(HelpText::tr("A crack along the top"),
              HelpText::tr("It runs hot. Cover off, a fan on it or into the fridge.")),
        danger(HelpText::tr("It rises out of the mould"),
               HelpText::tr("Gloves on. Stir it down in the mould, uncover, stand it on something "
                            "that catches it; then cool it.")),
        splash()};
}

} // namespace

QList<StepSign> stepHelp(const DayStep& step, const Formula& f)
{
    switch (step.kind) {
    case DayStepKind::ColdBath:
    case DayStepKind::PotassiumIntoLiquid:
    case DayStepKind::LyeIntoLiquid:
    case DayStepKind::LookThrough: return lyeSigns(step, f);
    case DayStepKind::WeighSodium:
    case DayStepKind::WeighPotassium:
        return {
            right(HelpText::tr("Dry, loose flakes or beads in a dry cup.")),
            wrong(HelpText::tr("A wet lump, a crust"),
                  HelpText::tr("It has drawn water and lost strength. Weigh from a fresh tub, or "
                               "give it a purity of its own on the shelf.")),
            splash()};
    case DayStepKind::DissolveFirst:
    case DayStepKind::DissolveLine:
        return {
            right(HelpText::tr("Clear, nothing at the bottom.")),
            wrong(HelpText::tr("Grains that stay"),
                  HelpText::tr("Warm the liquid a little and stir on; salt needs about three times "
                               "its weight of water."))};
    case DayStepKind::MeltOils:
    case DayStepKind::IntoOils:
        return {right(HelpText::tr("Clear, one liquid; nothing at the bottom.")),
                wrong(HelpText::tr("Cloudy when it cools"),
                      HelpText::tr("Hard fats are setting out: warm it again before the lye goes "
                                   "in.")),
                danger(HelpText::tr("Oil smokes"), HelpText::tr("Heat off, lid on. Never water."))};
    case DayStepKind::IntoCooledLye: return {splash()};
    case DayStepKind::WaitToMeet:
        return {
            right(HelpText::tr("Both warm to the hand outside the vessel, both in their window.")),
            wrong(HelpText::tr("The jug is much colder"),
                  HelpText::tr("Stand it in warm water; a strong lye that sets crystals must be "
                               "clear again first.")),
            wrong(HelpText::tr("The pot turns cloudy"), HelpText::tr("Warm it again, gently.")),
            splash()};
    case DayStepKind::Combine:
    case DayStepKind::Emulsion:
    case DayStepKind::Trace:
    case DayStepKind::ScentByHand:
    case DayStepKind::Divide:
    case DayStepKind::PortionBack: return blendSigns();
    case DayStepKind::CookSeparates:
    case DayStepKind::CookApplesauce:
    case DayStepKind::CookMash:
    case DayStepKind::Cook:
    case DayStepKind::TestCook:
    case DayStepKind::CoolForScent:
    case DayStepKind::AfterCook: return cookSigns();
    case DayStepKind::PourPortion:
    case DayStepKind::LayerWait:
    case DayStepKind::Pour:
    case DayStepKind::Top:
    case DayStepKind::CoverUp: return mouldSigns();
    case DayStepKind::WetColour:
        return {
            right(HelpText::tr("Smooth, like cream.")),
            wrong(HelpText::tr("Dry lumps"),
                  HelpText::tr("Press them out against the cup before it goes in; they stay spots "
                               "in the bar."))};
    case DayStepKind::Prepare:
    case DayStepKind::WeighLine:
    case DayStepKind::WeighSolvent:
    case DayStepKind::WeighJugWater:
    case DayStepKind::SetOilAside:
    case DayStepKind::InfuseOil:
    case DayStepKind::CookProduce:
    case DayStepKind::DrinkFlat:
    case DayStepKind::FreezeAhead:
    case DayStepKind::StockLyeReady:
    case DayStepKind::SetOut:
    case DayStepKind::Own: break;
    }
    return {};
}

} // namespace rhexion::words
