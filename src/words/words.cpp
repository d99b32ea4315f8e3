#include "words/words.h"

#include <QCoreApplication>

namespace rhexion::words {

namespace {

QString tr(const char* text, int n = -1)
{
    return QCoreApplication::translate("Words", text, nullptr, n);
}

QString nameOf(LineId id, const Formula& formula)
{
    const Line* line = formula.find(id);
    return line ? QString::fromStdString(line->material->name) : QString();
}

} // namespace

QString vesselName(Vessel vessel)
{
    switch (vessel) {
    case Vessel::LyeJug: return tr("Lye jug");
    case Vessel::OilPot: return tr("Oil pot");
    case Vessel::Emulsion: return tr("At emulsion");
    case Vessel::Trace: return tr("At trace");
    case Vessel::AfterCook: return tr("After the cook");
    case Vessel::Top: return tr("On top");
    }
    return {};
}

QString vesselPlace(Vessel vessel)
{
    switch (vessel) {
    case Vessel::LyeJug: return tr("in the lye jug");
    case Vessel::OilPot: return tr("in the oil pot");
    case Vessel::Emulsion: return tr("at emulsion");
    case Vessel::Trace: return tr("at trace");
    case Vessel::AfterCook: return tr("after the cook");
    case Vessel::Top: return tr("on top");
    }
    return {};
}

QString severityName(Severity severity)
{
    switch (severity) {
    case Severity::Danger: return tr("Stop");
    case Severity::Care: return tr("Take care");
    case Severity::Note: return tr("Good to know");
    }
    return {};
}

QString kindName(MaterialKind kind)
{
    switch (kind) {
    case MaterialKind::Fat: return tr("fat");
    case MaterialKind::FattyAcid: return tr("fatty acid");
    case MaterialKind::SodiumHydroxide:
    case MaterialKind::PotassiumHydroxide: return tr("hydroxide");
    case MaterialKind::Acid: return tr("acid");
    case MaterialKind::Milk: return tr("milk");
    case MaterialKind::Produce: return tr("puree or juice");
    case MaterialKind::Sugar: return tr("sugar");
    case MaterialKind::Salt: return tr("salt");
    case MaterialKind::Liquid: return tr("liquid");
    case MaterialKind::Solid: return tr("solid");
    case MaterialKind::Wax: return tr("wax or resin");
    case MaterialKind::Egg: return tr("egg");
    case MaterialKind::Colour: return tr("colour");
    case MaterialKind::Scent: return tr("scent");
    }
    return {};
}

QString acidName(Acid acid)
{
    switch (acid) {
    case Acid::Citric: return tr("citric acid");
    case Acid::Lactic: return tr("lactic acid");
    case Acid::Acetic: return tr("acetic acid");
    case Acid::Malic: return tr("malic acid");
    case Acid::Tartaric: return tr("tartaric acid");
    case Acid::Oxalic: return tr("oxalic acid");
    case Acid::Ascorbic: return tr("ascorbic acid");
    case Acid::Succinic: return tr("succinic acid");
    case Acid::Fumaric: return tr("fumaric acid");
    case Acid::Quinic: return tr("quinic acid");
    case Acid::Glycolic: return tr("glycolic acid");
    case Acid::Gluconic: return tr("gluconic acid");
    case Acid::Gluconolactone: return tr("gluconolactone");
    case Acid::Salicylic: return tr("salicylic acid");
    case Acid::Benzoic: return tr("benzoic acid");
    case Acid::Sorbic: return tr("sorbic acid");
    case Acid::Phosphoric: return tr("phosphoric acid");
    case Acid::Boric: return tr("boric acid");
    case Acid::Bitartrate: return tr("cream of tartar");
    case Acid::Bicarbonate: return tr("bicarbonate");
    case Acid::DisodiumEdta: return tr("disodium EDTA");
    }
    return {};
}

QString hydroxideName(bool sodium)
{
    return sodium ? tr("Sodium hydroxide") : tr("Potassium hydroxide");
}

QString targetName(const WeighTarget& target, const Formula& formula)
{
    switch (target.what) {
    case WeighTarget::What::Line: return nameOf(target.line, formula);
    case WeighTarget::What::JugWater: return tr("Water for the jug");
    case WeighTarget::What::Sodium: return hydroxideName(true);
    case WeighTarget::What::Potassium: return hydroxideName(false);
    case WeighTarget::What::None: return tr("Water");
    }
    return {};
}

QString refusal(const Refusal& r, const Speech& s)
{
    using C = RefusalCode;
    const QString item = QString::fromStdString(r.item);
    const auto figure = [&](std::size_t i) { return i < r.figures.size() ? r.figures[i] : 0.0; };
    switch (r.code) {
    case C::NoOils:
        return tr("There is no oil yet. Add one, such as \u201c500 g olive oil\u201d, and the lye "
                  "can be reckoned.");
    case C::NoHydroxideChosen:
        return tr("No hydroxide is chosen for this lye. Choose the one that is on your shelf.");
    case C::NoMaterial: return tr("A line has no material. Remove it or choose one.");
    case C::BadMaterial:
        return tr("%1 holds fat but no saponification value, so its lye cannot be known. Give it "
                  "one, or take it out.")
            .arg(item);
    case C::BadMass:
        return tr("The amount of %1 cannot be used. State a mass between 0 and 100 tonnes, or a "
                  "per cent.")
            .arg(item);
    case C::BadSuperfat:
        return tr("A superfat of %1 cannot be. State one from %2 to below 100 %.")
            .arg(s.percent(figure(0)), s.percent(-0.5, 0));
    case C::BadPotassiumShare:
        return tr("The potassium hydroxide share must lie between 0 and 100 %.");
    case C::BadStrength:
        return tr("A lye strength of %1 cannot be. State one between 0 and 100 %, such as 33 %.")
            .arg(s.percent(figure(0)));
    case C::BadRatio:
        return tr("A water to lye ratio of %1 cannot be. State one above 0 and up to 20, such as "
                  "2.")
            .arg(s.number(figure(0), 2));
    case C::BadPercentOfOils:
        return tr("Water as a per cent of the oils must be above 0 and up to 1000 %.");
    case C::BadLessThanUsual:
        return tr("\u201cLess water than usual\u201d must lie between 0 and below 100 %.");
    case C::BadJugRatio:
        return tr("The jug\u2019s water must be above 0 and up to 20 g for each gram of lye.");
    case C::BadJugTemperature:
        return tr("The jug\u2019s temperature must lie between %1 and %2.")
            .arg(s.temperature(-20), s.temperature(100));
    case C::BadPurity: return tr("The purity of %1 must be above 0 and at most 100 %.").arg(item);
    case C::HydroxideAsLine:
        return tr("%1 belongs to the lye settings, not to a vessel. Remove this line and set it "
                  "there.")
            .arg(item);
    case C::TwoMakeUps:
        return tr("Two liquids are stated as the rest. Give %1 an amount, or take it out.")
            .arg(item);
    case C::OilAsRest:
        return tr("%1 is an oil and brings no water, so it cannot be the rest of the liquid. Give "
                  "it an amount.")
            .arg(item);
    case C::OilAsShareOfBatter:
        return tr("State %1 as a mass or as a per cent of the oils, not of the batter.").arg(item);
    case C::OilSharesReachWhole:
        return tr("The oils in per cent reach %1, which leaves no room for the oils in grams. "
                  "Lower a per cent, or state all oils the same way.")
            .arg(s.percent(figure(0)));
    case C::OilSharesNotWhole:
        return tr("The oils add up to %1. Bring them to 100 %.").arg(s.percent(figure(0), 2));
    case C::OilsTotalMissing:
        return tr("Every oil is a per cent, so the mass of all the oils is needed. State it, or "
                  "give one oil in grams.");
    case C::BatterSharesTooLarge:
        return tr("The amounts in per cent of the batter leave no room for the rest. Lower them.");
    case C::MakeUpBringsNoWater:
        return tr("%1 cannot be the rest of the liquid: each gram calls for more water, through "
                  "the lye it takes, than it brings (%2 g short). Choose a more watery liquid or "
                  "a stronger lye.")
            .arg(item, s.number(-figure(0), 3));
    case C::LyeLeftAfterCook:
        return tr("The cook would be left with %1 of lye, because the oil that could take it comes "
                  "only afterwards. Set the superfat to %2 or more, or cook more of the oil.")
            .arg(s.moles(figure(0)), s.percent(figure(1), 2));
    case C::NothingToSaponify:
        return tr("No hydroxide is weighed. State how much, or let the superfat decide.");
    case C::MeasureNotWeighed:
        return tr("Nobody knows yet what a spoon, cup or drop of %1 weighs. Weigh one on the "
                  "shelf, or state grams.")
            .arg(item);
    case C::LiquidSharesTooLarge:
        return tr("%1 is a per cent of the liquid, but no liquid is stated as the rest.").arg(item);
    case C::TooManyLines: return tr("There are more than 1000 lines. Split the formula.");
    }
    return {};
}

QString phraseFault(const PhraseFault& f)
{
    using C = PhraseFault::Code;
    const QString part = QString::fromStdString(f.part);
    switch (f.code) {
    case C::Nothing:
        return tr("Type an amount and a material, such as \u201c120 g buttermilk\u201d.");
    case C::NoNumber:
        return tr("An amount is missing: type a number, such as 120 g, or \u201crest\u201d.");
    case C::BadSum: return tr("\u201c%1\u201d is not a finished sum.").arg(part);
    case C::DivisionByZero: return tr("A sum divides by zero.");
    case C::AmbiguousNumber:
        return tr("\u201c%1\u201d could be read two ways. Write it without a thousands mark.")
            .arg(part);
    case C::Negative: return tr("An amount cannot be below 0.");
    case C::TooLarge: return tr("\u201c%1\u201d is more than a batch can hold.").arg(part);
    case C::TrailingText: return tr("\u201c%1\u201d is not understood here.").arg(part);
    }
    return {};
}

QString fileFault(const FileFault& f)
{
    using C = FileFault::Code;
    switch (f.code) {
    case C::CannotOpen: return tr("It cannot be opened: %1.").arg(f.detail);
    case C::TooLarge: return tr("It is larger than %1 MB, so it was not read.").arg(f.detail);
    case C::NotJson:
        return tr("It is damaged or cut short at line %1 (%2). Nothing was changed.")
            .arg(f.place, f.detail);
    case C::NotOurs: return tr("It is not a Rhexion file of this kind. Nothing was changed.");
    case C::Newer:
        return tr("It was written by a newer Rhexion (version %1 of the format). Open it there; "
                  "here it is left as it is.")
            .arg(f.detail);
    case C::Missing: return tr("\u201c%1\u201d is missing.").arg(f.place);
    case C::WrongType: return tr("\u201c%1\u201d should be: %2.").arg(f.place, f.detail);
    case C::OutOfRange:
        return tr("\u201c%1\u201d must lie in the range %2.").arg(f.place, f.detail);
    case C::UnknownWord:
        return tr("\u201c%1\u201d holds \u201c%2\u201d, which is not known.")
            .arg(f.place, f.detail);
    case C::UnknownField: return tr("\u201c%1\u201d is not a known field.").arg(f.place);
    case C::Twice:
        return tr("\u201c%1\u201d: \u201c%2\u201d stands there twice.").arg(f.place, f.detail);
    case C::NoSuchMaterial:
        return tr("\u201c%1\u201d names the material \u201c%2\u201d, which is not in the file.")
            .arg(f.place, f.detail);
    case C::BadMaterial:
        return tr("The figures of a material do not hold together at \u201c%1\u201d (%2).")
            .arg(f.place, f.detail);
    case C::CannotWrite: return tr("It cannot be written: %1.").arg(f.detail);
    case C::Locked: return tr("Another program is writing it now. Try again in a moment.");
    case C::WrongEncoding:
        return tr("Line %1 is not UTF-8 text. Save it as \u201cCSV UTF-8\u201d and try again. "
                  "Nothing was changed.")
            .arg(f.place);
    case C::NotCsv:
        return f.detail.isEmpty()
                   ? tr("Line %1 has a quotation mark in the wrong place: a cell that holds one "
                        "must begin and end with one. Nothing was changed.")
                         .arg(f.place)
                   : tr("The quotation mark opened at line %1 never closes. Nothing was changed.")
                         .arg(f.place);
    case C::TooManyRows:
        return tr("There are more rows or cells than can be read (%1 rows), from line %2. Split "
                  "the file. Nothing was changed.")
            .arg(f.detail, f.place);
    case C::UnknownColumn:
        return tr("The column \u201c%1\u201d is not known. Take it out or correct its name; the "
                  "first row must hold the names. Nothing was changed.")
            .arg(f.detail);
    case C::CellCount:
        return tr("The row has %1 cells where the first row has %2.").arg(f.place, f.detail);
    }
    return {};
}

QString cautionTitle(const Caution& c, const Formula& f, const Speech& s)
{
    using C = CautionCode;
    const auto figure = [&](std::size_t i) { return i < c.figures.size() ? c.figures[i] : 0.0; };
    switch (c.code) {
    case C::LyeCannotDissolve: return tr("The lye cannot all dissolve in the jug");
    case C::LyeColdCannotDissolve: return tr("Ice-cold, only part of the lye dissolves");
    case C::WetterThanWanted: return tr("%1 wetter than wanted").arg(s.mass(figure(0)));
    case C::DrierThanWanted: return tr("%1 drier than wanted").arg(s.mass(figure(0)));
    case C::SuperfatBelowZero: return tr("Lye heavy: superfat %1").arg(s.percent(figure(0)));
    case C::MayBeLyeHeavy: return tr("Could be lye heavy at the edge of its figures");
    case C::MilkUnfrozenInJug: return tr("%1 meets the lye unfrozen").arg(nameOf(c.line, f));
    case C::AcidInJugFumes: return tr("Acid and lye: heat and fumes");
    case C::ChanceOfLyeExcess:
        return tr("Lye is left over in %1 of 100 batches").arg(s.number(figure(0) * 100.0, 0));
    case C::AcidityNotKnown: return tr("Nobody knows how sour %1 is").arg(nameOf(c.line, f));
    case C::BrineDropsSalt: return tr("The jug cannot hold this much salt");
    case C::SweetenedMilk: return tr("%1 is sweetened").arg(nameOf(c.line, f));
    case C::MuchSugar: return tr("%1 sugar on the oils").arg(s.percent(figure(1)));
    case C::HoneyWithSeizingScent: return tr("%1 beside honey").arg(nameOf(c.line, f));
    case C::SugarOrMilkCooked: return tr("%1 goes through the cook").arg(nameOf(c.line, f));
    case C::CoconutDriesSkin: return tr("Much coconut, little superfat");
    case C::SaltBarWithoutLather: return tr("A salt bar with little coconut");
    case C::LongCure: return tr("Nearly all one mild oil: a long cure");
    case C::OilsGoRancid:
        return tr("%1 of the oils is linoleic and linolenic").arg(s.percent(figure(0)));
    case C::VerySuperfatted: return tr("Superfat %1 is high").arg(s.percent(figure(0)));
    case C::StrongBatter: return tr("A lye strength of %1 is fast").arg(s.percent(figure(0)));
    case C::WeakBatter: return tr("A lye strength of %1 is slow").arg(s.percent(figure(0)));
    case C::ManyColoursAndScent: return tr("%1 colours with a scent").arg(s.number(figure(0), 0));
    case C::Allergens: return tr("%1 in it to name on the label").arg(s.number(figure(0), 0));
    case C::AcidOnWeighedLye:
        return tr("The acid takes %1 of the weighed lye").arg(s.percent(figure(1)));
    case C::PurityNotSaid:
        return tr("Potassium hydroxide taken as %1 pure").arg(s.percent(figure(0)));
    case C::CitricFormNotSaid: return tr("%1: anhydrous or monohydrate?").arg(nameOf(c.line, f));
    case C::HumanMilk: return tr("%1: local law").arg(nameOf(c.line, f));
    case C::InfusedOil: return tr("%1: weigh it strained").arg(nameOf(c.line, f));
    case C::SetsInThePot:
        return tr("%1 sets again below %2").arg(nameOf(c.line, f), s.temperature(figure(0)));
    case C::FattyAcidSeizes:
        return tr("%1 at %2 of the oils thickens at once")
            .arg(nameOf(c.line, f), s.percent(figure(0)));
    case C::SourInAluminium: return tr("%1: not in an aluminium pan").arg(nameOf(c.line, f));
    case C::MarksSkinInSun: return tr("%1 and sunlight").arg(nameOf(c.line, f));
    case C::SaltsSoapOut: return tr("%1 turns soap to scum").arg(nameOf(c.line, f));
    case C::Fades: return tr("%1 fades").arg(nameOf(c.line, f));
    case C::Scratchy:
        return tr("%1 at %2 of the oils is scratchy").arg(nameOf(c.line, f), s.percent(figure(0)));
    case C::SoftBar:
        return tr("%1 at %2 softens the bar").arg(nameOf(c.line, f), s.percent(figure(0)));
    case C::ClayInLye: return tr("%1 does not belong in strong lye").arg(nameOf(c.line, f));
    case C::EggInLye: return tr("%1 scrambles in lye").arg(nameOf(c.line, f));
    case C::ScentInLye: return tr("%1 is lost in the lye").arg(nameOf(c.line, f));
    case C::AlcoholInLye:
        return tr("%1 holds alcohol: it can boil over in lye").arg(nameOf(c.line, f));
    case C::StaysGrainyInOil: return tr("%1 does not dissolve in oil").arg(nameOf(c.line, f));
    case C::ScentInDrops: return tr("%1 counted in drops").arg(nameOf(c.line, f));
    case C::ScentBrowns: return tr("%1 browns the batter").arg(nameOf(c.line, f));
    case C::MuchScent:
        return tr("%1 at %2 of the oils").arg(nameOf(c.line, f), s.percent(figure(0)));
    case C::ScentForChildren: return tr("%1 in soap for children").arg(nameOf(c.line, f));
    case C::OunceForGram: return tr("%1: ounces, or grams?").arg(nameOf(c.line, f));
    case C::GramForOunce: return tr("%1: grams, or ounces?").arg(nameOf(c.line, f));
    case C::TablespoonForTeaspoon:
        return tr("%1: tablespoons, or teaspoons?").arg(nameOf(c.line, f));
    case C::FluidOunce: return tr("%1 in fluid ounces").arg(nameOf(c.line, f));
    case C::TotalIsNotTheSum: return tr("The stated total of oils is not their sum");
    case C::FahrenheitForCelsius:
        return tr("A jug at %1: Fahrenheit?").arg(s.temperature(figure(0)));
    case C::PointsNotPerCent: return tr("%1 less water is hardly less").arg(s.percent(figure(0)));
    case C::PurityAsFraction: return tr("A purity of %1?").arg(s.percent(figure(0)));
    case C::OtherHydroxide: return tr("Sodium and potassium hydroxide mixed up?");
    }
    return {};
}

QString cautionReason(const Caution& c, const Formula& f, const Speech& s)
{
    using C = CautionCode;
    const auto figure = [&](std::size_t i) { return i < c.figures.size() ? c.figures[i] : 0.0; };
    switch (c.code) {
    case C::LyeCannotDissolve:
        return tr("The jug holds %1 of water; at %2 this much lye needs %3. What stays solid makes "
                  "hot spots in the batter.")
            .arg(s.mass(figure(1)), s.temperature(figure(3)), s.mass(figure(2)));
    case C::LyeColdCannotDissolve:
        return tr("While the jug is at 0 \u00B0C it takes about %1 of its %2. Add the lye in small "
                  "portions and stir each one clear.")
            .arg(s.mass(figure(0)), s.mass(figure(1)));
    case C::WetterThanWanted:
        return tr("The extras bring more water than was asked for. Batter strength becomes %1, not "
                  "%2; %3 brings most.")
            .arg(s.percent(figure(1)), s.percent(figure(2)), nameOf(c.line, f));
    case C::DrierThanWanted:
        return tr("No liquid is stated as the rest, so strength is %1.").arg(s.percent(figure(1)));
    case C::SuperfatBelowZero:
        return tr("More lye than the fats and acids can take: not for skin.");
    case C::MayBeLyeHeavy:
        return tr("With the purest lye and the lowest oil values, superfat could fall to %1. "
                  "Figures "
                  "from your own drum and oil would narrow this.")
            .arg(s.percent(figure(0)));
    case C::MilkUnfrozenInJug: return tr("Lye scorches warm milk: it browns, smells and clots.");
    case C::AcidInJugFumes:
        return tr("Dissolve the acid in the liquid first, then add lye in small portions with "
                  "plenty of air. The lye it takes is counted.");
    case C::ChanceOfLyeExcess:
        return tr("The figures of oils and lye are not sure enough for so little superfat: 5 in "
                  "100 lie below %1. Firmer figures help as much as more superfat.")
            .arg(s.percent(figure(1)));
    case C::AcidityNotKnown:
        return tr("Its acids could take up to %1 of sodium hydroxide; none is counted, so superfat "
                  "may be higher than said. Titrate it on the shelf to know.")
            .arg(s.mass(figure(0) * molarMassSodiumHydroxide));
    case C::BrineDropsSalt:
        return tr("A lye this strong holds %1 of salt at most; there is %2. The rest falls out as "
                  "grains. Put salt in more water, or in at trace.")
            .arg(s.percent(figure(1)), s.percent(figure(0)));
    case C::SweetenedMilk:
        return tr("Nearly half of it is sugar: it heats and browns. If your tin is the unsweetened "
                  "(evaporated) kind, choose that instead.");
    case C::MuchSugar:
        return tr("All sugars together, the milk\u2019s own included, are %1. In an insulated "
                  "mould that can overheat, crack or volcano: leave it uncovered and cool.")
            .arg(s.mass(figure(0)));
    case C::HoneyWithSeizingScent:
        return tr("Both hurry the batter and heat it: together it can seize in the pot. Leave one "
                  "out, or stir the scent in last by hand.");
    case C::SugarOrMilkCooked:
        return tr("Sugar and milk scorch in hot process. Put them in after the cook.");
    case C::CoconutDriesSkin:
        return tr("Soap with so much short-chain fat cleans skin dry. Most makers give it 15 to 20 "
                  "% superfat (common practice).");
    case C::SaltBarWithoutLather:
        return tr("Salt at %1 of the oils quiets lather; only coconut, babassu or palm kernel soap "
                  "lathers through it.")
            .arg(s.percent(figure(0)));
    case C::LongCure:
        return tr("Oils like olive make a bar that is slimy when young. Six months to a year is "
                  "common practice.");
    case C::OilsGoRancid:
        return tr("Above a fifth, bars can spot orange and smell old within months.");
    case C::VerySuperfatted:
        return tr("More than a fifth of the fat stays free: a soft bar that goes rancid sooner.");
    case C::StrongBatter:
        return tr("So little water traces at once and cracks on the way out of the mould.");
    case C::WeakBatter:
        return tr("So much water traces slowly, gels easily, warps as it dries and gathers ash.");
    case C::ManyColoursAndScent:
        return tr("If you never tried this scent, try it in one colour first: a scent that hurries "
                  "leaves no time for a pattern.");
    case C::Allergens:
        return tr("%1 and its like can matter to people with allergies: name them, and ask your "
                  "assessor.")
            .arg(nameOf(c.line, f));
    case C::AcidOnWeighedLye:
        return tr("The lye is weighed already and was not raised for the acid; superfat becomes "
                  "%1.")
            .arg(s.percent(figure(0)));
    case C::PurityNotSaid:
        return tr("It is sold at 85, 90 and 95 %. Read the drum and set it under More, or keep it "
                  "as a lot.");
    case C::CitricFormNotSaid:
        return tr("The powder without crystal water takes a tenth more lye. Choose the one on the "
                  "jar from the shelf.");
    case C::HumanMilk:
        return tr("Soap of human milk is for one\u2019s own household only; selling it is "
                  "forbidden in many places.");
    case C::InfusedOil:
        return tr(
            "Herbs hold oil back. Weigh what you pour into the pot, not what you began with.");
    case C::SetsInThePot:
        return tr("Keep pot and lye above that, or it makes grains and a false trace.");
    case C::FattyAcidSeizes:
        return tr(
            "Free fatty acids meet lye in an instant. Have the mould ready, or use hot process.");
    case C::SourInAluminium:
        return tr("Its acid eats the metal while it cooks. Steel, glass or enamel.");
    case C::MarksSkinInSun:
        return tr("Expressed citrus can mark skin in the sun: keep to the supplier\u2019s cap, or "
                  "choose a distilled oil.");
    case C::SaltsSoapOut:
        return tr("Magnesium and calcium salts throw soap out and weep in the bar.");
    case C::Fades:
        return tr("Its colour or scent weakens in lye and in light. Make one bar and put it on the "
                  "window sill.");
    case C::Scratchy: return tr("Above %1 a bar scours. Less, or finer.").arg(s.percent(figure(1)));
    case C::SoftBar:
        return tr("Above %1 of the oils bars stay soft or sticky.").arg(s.percent(figure(1)));
    case C::ClayInLye:
        return tr("It clumps there and hides undissolved lye. Wet it in a little oil or water and "
                  "stir it in at trace.");
    case C::EggInLye: return tr("Beat it into cool oils, or into a little batter at trace.");
    case C::ScentInLye: return tr("Scent goes in at trace.");
    case C::AlcoholInLye:
        return tr("Boil it flat until the alcohol is gone, cool it, and weigh what is left.");
    case C::StaysGrainyInOil:
        return tr("It needs water: in the jug, or in a spoon of liquid at trace.");
    case C::ScentInDrops:
        return tr("Drops differ by half from bottle to bottle. Weigh what a cap is set for.");
    case C::ScentBrowns:
        return tr("Vanillin and its like go tan to brown within weeks. Keep some batter without it "
                  "for a pale part.");
    case C::MuchScent:
        return tr("Usual is up to %1. The supplier\u2019s cap and local law decide.")
            .arg(s.percent(figure(1)));
    case C::ScentForChildren: return tr("Leave it out of soap for babies and children.");
    case C::OunceForGram:
        return tr("%1 of the oils is far above its usual %2; the same number in grams would fit.")
            .arg(s.percent(figure(0)), s.percent(figure(1)));
    case C::GramForOunce:
        return tr("%1 of the oils is far below its usual %2; the same number in ounces would fit.")
            .arg(s.percent(figure(0)), s.percent(figure(1)));
    case C::TablespoonForTeaspoon:
        return tr("%1 of the oils is above its usual %2; a teaspoon is a third of a tablespoon.")
            .arg(s.percent(figure(0)), s.percent(figure(1)));
    case C::FluidOunce:
        return tr("A fluid ounce is a volume: here it weighs %1, not 28.3 g. Weigh it if the "
                  "recipe meant ounces by weight.")
            .arg(s.mass(figure(0)));
    case C::TotalIsNotTheSum:
        return tr("Stated are %1, the oils add up to %2. An oil may be missing, or a figure "
                  "mistyped.")
            .arg(s.mass(figure(0)), s.mass(figure(1)));
    case C::FahrenheitForCelsius:
        return tr("Nobody\u2019s jug stays that hot; read as Fahrenheit it is %1.")
            .arg(s.temperature(figure(1)));
    case C::PointsNotPerCent:
        return tr("It moves lye strength from %1 to %2. If you meant strength points, state the "
                  "strength itself.")
            .arg(s.percent(figure(1)), s.percent(figure(2)));
    case C::PurityAsFraction:
        return tr("If the drum says 90 %, type 90 and not 0.9. As it stands far too much lye would "
                  "be weighed.");
    case C::OtherHydroxide:
        return tr("Superfat would be %1; with the other hydroxide\u2019s figure it would be %2. "
                  "One weighs 1.40 times the other.")
            .arg(s.percent(figure(0)), s.percent(figure(1)));
    }
    return {};
}

QString mendLabel(const Caution& c, const Formula& f, const Speech& s)
{
    if (!c.mend)
        return {};
    if (const auto* liquid = std::get_if<SetLiquid>(&*c.mend)) {
        if (liquid->field == SettingField::JugTemperature)
            return tr("Make it %1").arg(s.temperature(liquid->liquid.jugCoolest.inCelsius()));
        if (liquid->field == SettingField::JugRatio)
            return tr("Put %1 g water per g of lye in the jug")
                .arg(s.number(liquid->liquid.jugRatio.value_or(0), 2));
        return tr("Accept a lye strength of %1").arg(s.percent(liquid->liquid.value));
    }
    if (const auto* move = std::get_if<MoveLine>(&*c.mend)) {
        if (move->vessel == Vessel::LyeJug)
            return tr("Put %1 in the jug").arg(nameOf(move->line, f));
        return tr("Put %1 in %2").arg(nameOf(move->line, f), vesselPlace(move->vessel));
    }
    if (const auto* amount = std::get_if<SetAmount>(&*c.mend))
        return tr("Make it %1").arg(s.amount(amount->amount));
    if (const auto* remove = std::get_if<RemoveLine>(&*c.mend))
        return tr("Leave %1 out").arg(nameOf(remove->line, f));
    if (std::holds_alternative<SetOilsTotal>(*c.mend))
        return tr("Take the sum");
    if (std::holds_alternative<SetFrozen>(*c.mend))
        return tr("Freeze %1 first").arg(nameOf(c.line, f));
    if (const auto* lye = std::get_if<SetLye>(&*c.mend))
        return tr("Set superfat to %1").arg(s.percent(lye->lye.superfat, 1));
    if (std::holds_alternative<AddLine>(*c.mend))
        return tr("Fill up with water");
    return tr("Mend");
}

QString liquidStatement(const LiquidSettings& l, const Speech& s)
{
    switch (l.how) {
    case LiquidStatement::Strength: return tr("lye strength %1").arg(s.percent(l.value));
    case LiquidStatement::Ratio: return tr("water to lye %1").arg(s.ratio(l.value));
    case LiquidStatement::PercentOfOils: return tr("water %1 of oils").arg(s.percent(l.value));
    case LiquidStatement::LessThanUsual:
        return tr("%1 less water than the usual %2").arg(s.percent(l.value), s.ratio(l.usualRatio));
    }
    return {};
}

QString hiddenFatSchool(HiddenFatSchool school)
{
    switch (school) {
    case HiddenFatSchool::Ignore: return tr("not counted, left as extra superfat");
    case HiddenFatSchool::Surely: return tr("what is surely there");
    case HiddenFatSchool::Typical: return tr("its typical figure");
    }
    return {};
}

QString splitConvention(SplitConvention split)
{
    switch (split) {
    case SplitConvention::Moles: return tr("share of the saponifying (moles)");
    case SplitConvention::PureWeight: return tr("share of pure weight");
    case SplitConvention::WeighedWeight: return tr("share of weight as weighed");
    }
    return {};
}

QString strengthConvention(StrengthConvention convention)
{
    return convention == StrengthConvention::PureAndAllWater
               ? tr("pure lye, all water counted")
               : tr("lye as weighed, its own moisture left out");
}

QString safety()
{
    return tr("Goggles, gloves and long sleeves on; good air; no aluminium; children and pets out. "
              "Always add lye to the liquid, never liquid to the lye.");
}

QString firstAid()
{
    return tr("Lye on skin or in eyes: rinse with plenty of water at once, and call your local "
              "poison centre or a doctor.");
}

QString localLaw()
{
    return tr("Soap for others falls under local cosmetic law: ask a qualified assessor.");
}

} // namespace rhexion::words
