#include "words/words.h"
#include "words/words_text.h"

namespace rhexion::words {

QString lineName(LineId id, const Formula& formula)
{
    const Line* line = formula.find(id);
    return line ? QString::fromStdString(line->material->name) : QString();
}

QString vesselName(Vessel vessel)
{
    switch (vessel) {
    case Vessel::LyeJug: return WordsText::tr("Lye jug");
    case Vessel::SecondJug: return WordsText::tr("Second jug");
    case Vessel::OilPot: return WordsText::tr("Oil pot");
    case Vessel::Emulsion: return WordsText::tr("At emulsion");
    case Vessel::Trace: return WordsText::tr("At trace");
    case Vessel::AfterCook: return WordsText::tr("After the cook");
    case Vessel::Top: return WordsText::tr("On top");
    }
    return {};
}

QString vesselPlace(Vessel vessel)
{
    switch (vessel) {
    case Vessel::LyeJug: return WordsText::tr("in the lye jug");
    case Vessel::SecondJug: return WordsText::tr("in the second jug");
    case Vessel::OilPot: return WordsText::tr("in the oil pot");
    case Vessel::Emulsion: return WordsText::tr("at emulsion");
    case Vessel::Trace: return WordsText::tr("at trace");
    case Vessel::AfterCook: return WordsText::tr("after the cook");
    case Vessel::Top: return WordsText::tr("on top");
    }
    return {};
}

QString severityName(Severity severity)
{
    switch (severity) {
    case Severity::Danger: return WordsText::tr("Stop");
    case Severity::Care: return WordsText::tr("Take care");
    case Severity::Note: return WordsText::tr("Good to know");
    }
    return {};
}

QString kindName(MaterialKind kind)
{
    switch (kind) {
    case MaterialKind::Fat: return WordsText::tr("fat");
    case MaterialKind::FattyAcid: return WordsText::tr("fatty acid");
    case MaterialKind::SodiumHydroxide:
    case MaterialKind::PotassiumHydroxide: return WordsText::tr("hydroxide");
    case MaterialKind::Acid: return WordsText::tr("acid");
    case MaterialKind::Milk: return WordsText::tr("milk");
    case MaterialKind::Produce: return WordsText::tr("puree or juice");
    case MaterialKind::Sugar: return WordsText::tr("sugar");
    case MaterialKind::Salt: return WordsText::tr("salt");
    case MaterialKind::Liquid: return WordsText::tr("liquid");
    case MaterialKind::Solid: return WordsText::tr("solid");
    case MaterialKind::Wax: return WordsText::tr("wax or resin");
    case MaterialKind::Egg: return WordsText::tr("egg");
    case MaterialKind::Colour: return WordsText::tr("colour");
    case MaterialKind::Scent: return WordsText::tr("scent");
    }
    return {};
}

QString acidName(Acid acid)
{
    switch (acid) {
    case Acid::Citric: return WordsText::tr("citric acid");
    case Acid::Lactic: return WordsText::tr("lactic acid");
    case Acid::Acetic: return WordsText::tr("acetic acid");
    case Acid::Malic: return WordsText::tr("malic acid");
    case Acid::Tartaric: return WordsText::tr("tartaric acid");
    case Acid::Oxalic: return WordsText::tr("oxalic acid");
    case Acid::Ascorbic: return WordsText::tr("ascorbic acid");
    case Acid::Succinic: return WordsText::tr("succinic acid");
    case Acid::Fumaric: return WordsText::tr("fumaric acid");
    case Acid::Quinic: return WordsText::tr("quinic acid");
    case Acid::Glycolic: return WordsText::tr("glycolic acid");
    case Acid::Gluconic: return WordsText::tr("gluconic acid");
    case Acid::Gluconolactone: return WordsText::tr("gluconolactone");
    case Acid::Salicylic: return WordsText::tr("salicylic acid");
    case Acid::Benzoic: return WordsText::tr("benzoic acid");
    case Acid::Sorbic: return WordsText::tr("sorbic acid");
    case Acid::Phosphoric: return WordsText::tr("phosphoric acid");
    case Acid::Boric: return WordsText::tr("boric acid");
    case Acid::Bitartrate: return WordsText::tr("cream of tartar");
    case Acid::Bicarbonate: return WordsText::tr("bicarbonate");
    case Acid::DisodiumEdta: return WordsText::tr("disodium EDTA");
    }
    return {};
}

QString hydroxideName(bool sodium)
{
    return sodium ? WordsText::tr("Sodium hydroxide") : WordsText::tr("Potassium hydroxide");
}

QString lyeName(const Formula& formula, bool sodium)
{
    const MaterialPtr& lye = sodium ? formula.lye.sodium : formula.lye.potassium;
    if (!lye || !lye->isLyeSolution())
        return hydroxideName(sodium);
    const QString name = QString::fromStdString(lye->name);
    return lye->lot.id.empty()
               ? name
               : WordsText::tr("%1, lot %2").arg(name, QString::fromStdString(lye->lot.name));
}

QString portionName(PortionId id, const Formula& formula)
{
    const Portion* portion = formula.portion(id);
    if (!portion)
        return WordsText::tr("all of the batter");
    if (!portion->name.empty())
        return QString::fromStdString(portion->name);
    return WordsText::tr("portion %1").arg(portion - formula.portions.data() + 1);
}

QString targetName(const WeighTarget& target, const Formula& formula)
{
    switch (target.what) {
    case WeighTarget::What::Line: return lineName(target.line, formula);
    case WeighTarget::What::JugWater: return WordsText::tr("Water for the jug");
    case WeighTarget::What::Sodium: return lyeName(formula, true);
    case WeighTarget::What::Potassium: return lyeName(formula, false);
    case WeighTarget::What::SodiumSecond:
        return WordsText::tr("%1, second jug").arg(lyeName(formula, true));
    case WeighTarget::What::PotassiumSecond:
        return WordsText::tr("%1, second jug").arg(lyeName(formula, false));
    case WeighTarget::What::HeldOil:
        return WordsText::tr("Oil set aside for %1").arg(portionName(target.line, formula));
    case WeighTarget::What::Solvent: {
        const Line* makeUp = formula.makeUp();
        return WordsText::tr("%1 for %2")
            .arg(makeUp ? QString::fromStdString(makeUp->material->name) : WordsText::tr("Liquid"),
                 lineName(target.line, formula));
    }
    case WeighTarget::What::None: return WordsText::tr("Water");
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

QString phraseFault(const PhraseFault& f)
{
    using C = PhraseFault::Code;
    const QString part = QString::fromStdString(f.part);
    switch (f.code) {
    case C::Nothing:
        return WordsText::tr("Type an amount and a material, such as “120 g buttermilk”.");
    case C::NoNumber:
        return WordsText::tr("An amount is missing: type a number, such as 120 g, or “rest”.");
    case C::BadSum: return WordsText::tr("“%1” is not a finished sum.").arg(part);
    case C::DivisionByZero: return WordsText::tr("A sum divides by zero.");
    case C::AmbiguousNumber:
        return WordsText::tr("“%1” could be read two ways. Write it without a thousands mark.")
            .arg(part);
    case C::Negative: return WordsText::tr("An amount cannot be below 0.");
    case C::TooLarge: return WordsText::tr("“%1” is more than a batch can hold.").arg(part);
    case C::TrailingText: return WordsText::tr("“%1” is not understood here.").arg(part);
    }
    return {};
}

namespace {

// The wrong kind of a value, in words.
QString wantedSaid(const QString& code)
{
    if (code == QLatin1String("object"))
        return WordsText::tr("a group of fields in braces");
    if (code == QLatin1String("array"))
        return WordsText::tr("a list in brackets");
    if (code == QLatin1String("text"))
        return WordsText::tr("text in quotation marks");
    if (code == QLatin1String("text-list"))
        return WordsText::tr("a list of texts");
    if (code == QLatin1String("number"))
        return WordsText::tr("a number");
    if (code == QLatin1String("whole-number"))
        return WordsText::tr("a whole number");
    if (code == QLatin1String("flag"))
        return WordsText::tr("true or false");
    if (code == QLatin1String("rest-has-no-value"))
        return WordsText::tr("left out, since the rest of the liquid has no amount of its own");
    return code;
}

QString fileSaid(const QString& path)
{
    return path.isEmpty() ? WordsText::tr("The file") : path;
}

// What is wrong with a material, from the code word its reader leaves.
QString materialSaid(const QString& code)
{
    const std::pair<const char*, QString> said[] = {
        {"no-id", WordsText::tr("it has no id.")},
        {"no-name", WordsText::tr("it has no name.")},
        {"fraction-above-one", WordsText::tr("a part is more than the whole.")},
        {"sum-above-one", WordsText::tr("its parts add up to more than the whole.")},
        {"fat-without-sv", WordsText::tr("it holds fat and no saponification value.")},
        {"no-purity", WordsText::tr("it is a hydroxide without a purity.")},
        {"unknown-source", WordsText::tr("a figure names a source that is not there.")},
        {"sv-out-of-range", WordsText::tr("its saponification value cannot be.")},
        {"fatty-acids-not-one", WordsText::tr("its fatty acids do not add up to the whole.")},
        {"bad-measure", WordsText::tr("a spoon or cup of it has no name or no weight.")},
        {"too-long", WordsText::tr("a text of it is longer than it may be.")}};
    for (const auto& [word, text] : said)
        if (code == QLatin1String(word))
            return text;
    return code;
}

} // namespace

QString fileFault(const FileFault& f)
{
    using C = FileFault::Code;
    switch (f.code) {
    case C::CannotOpen: return WordsText::tr("It cannot be opened: %1.").arg(f.detail);
    case C::TooLarge:
        return WordsText::tr("It is larger than %1 MB, so it was not read.").arg(f.detail);
    case C::NotJson:
        return WordsText::tr("It is damaged or cut short at line %1 (%2). Nothing was changed.")
            .arg(f.place, f.detail);
    case C::NotOurs:
        return WordsText::tr("It is not a Rhexion file of this kind. Nothing was changed.");
    case C::Newer:
        return WordsText::tr(
                   "It was written by a newer Rhexion (version %1 of the format). Open it there; "
                   "here it is left as it is.")
            .arg(f.detail);
    case C::Missing: return WordsText::tr("“%1” is missing.").arg(f.place);
    case C::WrongType:
        return WordsText::tr("“%1” should be: %2.").arg(f.place, wantedSaid(f.detail));
    case C::OutOfRange:
        return WordsText::tr("“%1” must lie in the range %2.").arg(f.place, f.detail);
    case C::UnknownWord:
        return WordsText::tr("“%1” holds “%2”, which is not known.").arg(f.place, f.detail);
    case C::UnknownField: return WordsText::tr("“%1” is not a known field.").arg(f.place);
    case C::TwiceInOne:
        return WordsText::tr("“%1” stands twice in the same place (line %2). Take one out.")
            .arg(f.detail, f.place);
    case C::Twice: return WordsText::tr("“%1”: “%2” stands there twice.").arg(f.place, f.detail);
    case C::NoSuchMaterial:
        return WordsText::tr("“%1” names the material “%2”, which is not in the file.")
            .arg(f.place, f.detail);
    case C::NoSuchPortion:
        return WordsText::tr("%1 (“%2”) goes into a portion that is not in the file.")
            .arg(f.detail, f.place);
    case C::BadMaterial:
        return WordsText::tr("The figures of %1 do not hold together: %2")
            .arg(f.place, materialSaid(f.detail));
    case C::CannotWrite: return WordsText::tr("It cannot be written: %1.").arg(f.detail);
    case C::Locked:
        return WordsText::tr("Another program is writing %1 now. Try again in a moment.")
            .arg(fileSaid(f.place));
    case C::ReadOnly:
        return WordsText::
            tr("%1 can only be read here: another Rhexion has it, or its folder is not yours to "
               "write. Close the other one, or mend the folder’s rights.")
                .arg(fileSaid(f.place));
    case C::Damaged:
        return WordsText::tr("%1 is damaged (%2). It is left as it is.")
            .arg(fileSaid(f.place), f.detail);
    case C::Changed:
        return WordsText::tr(
                   "It was changed elsewhere since you opened it (%1). Look at it again, then "
                   "change "
                   "it.")
            .arg(f.place);
    case C::Empty: return WordsText::tr("It is empty: there is not a single letter in it.");
    case C::NotAFile:
        return WordsText::tr("%1 is a pipe, device or folder and no ordinary file.")
            .arg(fileSaid(f.place));
    case C::NulText:
        return WordsText::tr("“%1” holds a zero byte, which no text can. Take it out.")
            .arg(f.place);
    case C::WrongEncoding:
        return WordsText::tr("Line %1 is not UTF-8 text. Save it as “CSV UTF-8” and try again. "
                             "Nothing was changed.")
            .arg(f.place);
    case C::NotCsv:
        return f.detail.isEmpty()
                   ? WordsText::tr(
                         "Line %1 has a quotation mark in the wrong place: a cell that holds one "
                         "must begin and end with one. Nothing was changed.")
                         .arg(f.place)
                   : WordsText::tr(
                         "The quotation mark opened at line %1 never closes. Nothing was changed.")
                         .arg(f.place);
    case C::TooManyRows:
        return WordsText::tr(
                   "There are more rows or cells than can be read (%1 rows), from line %2. Split "
                   "the file. Nothing was changed.")
            .arg(f.detail, f.place);
    case C::UnknownColumn:
        return WordsText::tr("The column “%1” is not known. Take it out or correct its name; the "
                             "first row must hold the names. Nothing was changed.")
            .arg(f.detail);
    case C::CellCount:
        return WordsText::tr("The row has %1 cells where the first row has %2.")
            .arg(f.place, f.detail);
    }
    return {};
}

QString liquidStatement(const LiquidSettings& l, const Speech& s)
{
    switch (l.how) {
    case LiquidStatement::Strength: return WordsText::tr("lye strength %1").arg(s.percent(l.value));
    case LiquidStatement::Ratio: return WordsText::tr("water to lye %1").arg(s.ratio(l.value));
    case LiquidStatement::PercentOfOils:
        return WordsText::tr("water %1 of oils").arg(s.percent(l.value));
    case LiquidStatement::LessThanUsual:
        return WordsText::tr("%1 less water than the usual %2")
            .arg(s.percent(l.value), s.ratio(l.usualRatio));
    }
    return {};
}

QString hiddenFatSchool(HiddenFatSchool school)
{
    switch (school) {
    case HiddenFatSchool::Ignore: return WordsText::tr("not counted, left as extra superfat");
    case HiddenFatSchool::Surely: return WordsText::tr("what is surely there");
    case HiddenFatSchool::Typical: return WordsText::tr("its typical figure");
    }
    return {};
}

QString splitConvention(SplitConvention split)
{
    switch (split) {
    case SplitConvention::Moles: return WordsText::tr("share of the saponifying (moles)");
    case SplitConvention::PureWeight: return WordsText::tr("share of pure weight");
    case SplitConvention::WeighedWeight: return WordsText::tr("share of weight as weighed");
    }
    return {};
}

QString strengthConvention(StrengthConvention convention)
{
    return convention == StrengthConvention::PureAndAllWater
               ? WordsText::tr("pure lye, all water counted")
               : WordsText::tr("lye as weighed, its own moisture left out");
}

QString safety()
{
    return WordsText::tr(
        "Goggles, gloves and long sleeves on; good air; no aluminium; children and pets out. "
        "Always add lye to the liquid, never liquid to the lye.");
}

QString firstAid()
{
    return WordsText::tr(
        "Lye on skin or in eyes: rinse with plenty of water at once, and call your local "
        "poison centre or a doctor.");
}

QString localLaw()
{
    return WordsText::tr(
        "Soap for others falls under local cosmetic law: ask a qualified assessor.");
}

} // namespace rhexion::words
