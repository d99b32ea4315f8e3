#include "words/words.h"

#include <QCoreApplication>

namespace rhexion::words {

namespace {

QString tr(const char* text, int n = -1)
{
    return QCoreApplication::translate("Words", text, nullptr, n);
}

} // namespace

QString lineName(LineId id, const Formula& formula)
{
    const Line* line = formula.find(id);
    return line ? QString::fromStdString(line->material->name) : QString();
}

QString vesselName(Vessel vessel)
{
    switch (vessel) {
    case Vessel::LyeJug: return tr("Lye jug");
    case Vessel::SecondJug: return tr("Second jug");
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
    case Vessel::SecondJug: return tr("in the second jug");
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

QString lyeName(const Formula& formula, bool sodium)
{
    const MaterialPtr& lye = sodium ? formula.lye.sodium : formula.lye.potassium;
    if (!lye || !lye->isLyeSolution())
        return hydroxideName(sodium);
    const QString name = QString::fromStdString(lye->name);
    return lye->lot.id.empty() ? name
                               : tr("%1, lot %2").arg(name, QString::fromStdString(lye->lot.name));
}

QString portionName(PortionId id, const Formula& formula)
{
    const Portion* portion = formula.portion(id);
    if (!portion)
        return tr("all of the batter");
    if (!portion->name.empty())
        return QString::fromStdString(portion->name);
    return tr("portion %1").arg(portion - formula.portions.data() + 1);
}

QString targetName(const WeighTarget& target, const Formula& formula)
{
    switch (target.what) {
    case WeighTarget::What::Line: return lineName(target.line, formula);
    case WeighTarget::What::JugWater: return tr("Water for the jug");
    case WeighTarget::What::Sodium: return lyeName(formula, true);
    case WeighTarget::What::Potassium: return lyeName(formula, false);
    case WeighTarget::What::SodiumSecond: return tr("%1, second jug").arg(lyeName(formula, true));
    case WeighTarget::What::PotassiumSecond:
        return tr("%1, second jug").arg(lyeName(formula, false));
    case WeighTarget::What::HeldOil:
        return tr("Oil set aside for %1").arg(portionName(target.line, formula));
    case WeighTarget::What::Solvent: {
        const Line* makeUp = formula.makeUp();
        return tr("%1 for %2")
            .arg(makeUp ? QString::fromStdString(makeUp->material->name) : tr("Liquid"),
                 lineName(target.line, formula));
    }
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
        return tr("Nobody knows which oil %1 is, so its lye cannot be reckoned. Choose the oil it "
                  "is "
                  "from the shelf, or type its saponification value from the drum.")
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
            .arg(s.moles(figure(0)), s.percent(figure(2), 1));
    case C::NothingToSaponify:
        return tr("No hydroxide is weighed. State how much, or let the superfat decide.");
    case C::MeasureNotWeighed:
        return tr("Nobody knows yet what a spoon, cup or drop of %1 weighs. Weigh one on the "
                  "shelf, or state grams.")
            .arg(item);
    case C::LiquidSharesTooLarge:
        return tr("%1 is a per cent of the liquid, but no liquid is stated as the rest.").arg(item);
    case C::BadPortion:
        return tr("The portion %1 needs parts above 0 and up to 1000, such as 1.").arg(item);
    case C::TooManyPortions: return tr("A batter can be split into 24 portions at most.");
    case C::HeldOilGone:
        return tr("%1 sets aside an oil that is not in the pot any more. Choose another, or the "
                  "mixed oils.")
            .arg(item.isEmpty() ? tr("A portion") : item);
    case C::HeldOilTooMuch:
        return tr("%1 of oil is set aside in all, and there is only %2 of it in the pot. Set less "
                  "aside.")
            .arg(s.mass(figure(0)), s.mass(figure(1)));
    case C::OilShareInPortion:
        return tr("%1 goes into one portion: state it in grams or spoons, not as a per cent of the "
                  "oils.")
            .arg(item);
    case C::RestInPortion:
        return tr("%1 takes the rest of the liquid, so it goes into all of the batter. Give it an "
                  "amount, or take it out of its portion.")
            .arg(item);
    case C::BadSolvent:
        return tr("The liquid set aside for %1 must be between 0 and 20 g for each gram.")
            .arg(item);
    case C::BadSecondJug:
        return tr("The second jug\u2019s share of the lye must lie between 0 and 100 %.");
    case C::BadMixing:
        return tr("Jug and pot can be joined between %1 and %2, within %3.")
            .arg(s.temperature(-10), s.temperature(130), s.temperatureDifference(60));
    case C::NoSuchPortion:
        return tr("%1 goes into a portion that is not there any more. Choose one, or all of the "
                  "batter.")
            .arg(item);
    case C::TextTooLong:
        return tr("That text is too long: up to %1 letters are kept.").arg(figure(0), 0, 'f', 0);
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

namespace {

// The wrong kind of a value, in words.
QString wantedSaid(const QString& code)
{
    if (code == QLatin1String("object"))
        return tr("a group of fields in braces");
    if (code == QLatin1String("array"))
        return tr("a list in brackets");
    if (code == QLatin1String("text"))
        return tr("text in quotation marks");
    if (code == QLatin1String("text-list"))
        return tr("a list of texts");
    if (code == QLatin1String("number"))
        return tr("a number");
    if (code == QLatin1String("whole-number"))
        return tr("a whole number");
    if (code == QLatin1String("flag"))
        return tr("true or false");
    if (code == QLatin1String("rest-has-no-value"))
        return tr("left out, since the rest of the liquid has no amount of its own");
    return code;
}

QString fileSaid(const QString& path)
{
    return path.isEmpty() ? tr("The file") : path;
}

// What is wrong with a material, from the code word its reader leaves.
QString materialSaid(const QString& code)
{
    const std::pair<const char*, QString> said[] = {
        {"no-id", tr("it has no id.")},
        {"no-name", tr("it has no name.")},
        {"fraction-above-one", tr("a part is more than the whole.")},
        {"sum-above-one", tr("its parts add up to more than the whole.")},
        {"fat-without-sv", tr("it holds fat and no saponification value.")},
        {"no-purity", tr("it is a hydroxide without a purity.")},
        {"unknown-source", tr("a figure names a source that is not there.")},
        {"sv-out-of-range", tr("its saponification value cannot be.")},
        {"fatty-acids-not-one", tr("its fatty acids do not add up to the whole.")},
        {"bad-measure", tr("a spoon or cup of it has no name or no weight.")},
        {"too-long", tr("a text of it is longer than it may be.")}};
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
    case C::WrongType:
        return tr("\u201c%1\u201d should be: %2.").arg(f.place, wantedSaid(f.detail));
    case C::OutOfRange:
        return tr("\u201c%1\u201d must lie in the range %2.").arg(f.place, f.detail);
    case C::UnknownWord:
        return tr("\u201c%1\u201d holds \u201c%2\u201d, which is not known.")
            .arg(f.place, f.detail);
    case C::UnknownField: return tr("\u201c%1\u201d is not a known field.").arg(f.place);
    case C::TwiceInOne:
        return tr("\u201c%1\u201d stands twice in the same place (line %2). Take one out.")
            .arg(f.detail, f.place);
    case C::Twice:
        return tr("\u201c%1\u201d: \u201c%2\u201d stands there twice.").arg(f.place, f.detail);
    case C::NoSuchMaterial:
        return tr("\u201c%1\u201d names the material \u201c%2\u201d, which is not in the file.")
            .arg(f.place, f.detail);
    case C::NoSuchPortion:
        return tr("%1 (\u201c%2\u201d) goes into a portion that is not in the file.")
            .arg(f.detail, f.place);
    case C::BadMaterial:
        return tr("The figures of %1 do not hold together: %2")
            .arg(f.place, materialSaid(f.detail));
    case C::CannotWrite: return tr("It cannot be written: %1.").arg(f.detail);
    case C::Locked:
        return tr("Another program is writing %1 now. Try again in a moment.")
            .arg(fileSaid(f.place));
    case C::ReadOnly:
        return tr("%1 can only be read here: another Rhexion has it, or its folder is not yours to "
                  "write. Close the other one, or mend the folder\u2019s rights.")
            .arg(fileSaid(f.place));
    case C::Damaged:
        return tr("%1 is damaged (%2). It is left as it is.").arg(fileSaid(f.place), f.detail);
    case C::Changed:
        return tr("It was changed elsewhere since you opened it (%1). Look at it again, then "
                  "change "
                  "it.")
            .arg(f.place);
    case C::Empty: return tr("It is empty: there is not a single letter in it.");
    case C::NotAFile:
        return tr("%1 is a pipe, device or folder and no ordinary file.").arg(fileSaid(f.place));
    case C::NulText:
        return tr("\u201c%1\u201d holds a zero byte, which no text can. Take it out.").arg(f.place);
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
