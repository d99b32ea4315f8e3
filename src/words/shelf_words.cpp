#include "words/shelf_words.h"

#include "core/materials/search.h"
#include "words/lexicon.h"
#include "words/names.h"
#include "words/plain_text.h"

#include <QCoreApplication>

#include <algorithm>

namespace rhexion::words {

namespace {

struct ShelfText {
    Q_DECLARE_TR_FUNCTIONS(Shelf)
};

QString partName(Part part)
{
    switch (part) {
    case Part::Water: return ShelfText::tr("Water");
    case Part::Fat: return ShelfText::tr("Fat");
    case Part::ReducingSugar: return ShelfText::tr("Reducing sugars");
    case Part::OtherSugar: return ShelfText::tr("Other sugars");
    case Part::SodiumChloride: return ShelfText::tr("Salt (sodium chloride)");
    case Part::OtherSalts: return ShelfText::tr("Other salts");
    case Part::Protein: return ShelfText::tr("Protein");
    case Part::Alcohol: return ShelfText::tr("Alcohol");
    case Part::Glycerol: return ShelfText::tr("Glycerol");
    case Part::SodiumHydroxide: return ShelfText::tr("Sodium hydroxide");
    case Part::PotassiumHydroxide: return ShelfText::tr("Potassium hydroxide");
    case Part::Inert: return ShelfText::tr("Inert solids");
    case Part::Carbonate: return ShelfText::tr("Carbonate");
    }
    return {};
}

QString fattyAcidName(FattyAcid acid)
{
    switch (acid) {
    case FattyAcid::Butyric: return ShelfText::tr("Butyric");
    case FattyAcid::Caproic: return ShelfText::tr("Caproic");
    case FattyAcid::Caprylic: return ShelfText::tr("Caprylic");
    case FattyAcid::Capric: return ShelfText::tr("Capric");
    case FattyAcid::Lauric: return ShelfText::tr("Lauric");
    case FattyAcid::Myristic: return ShelfText::tr("Myristic");
    case FattyAcid::Palmitic: return ShelfText::tr("Palmitic");
    case FattyAcid::Palmitoleic: return ShelfText::tr("Palmitoleic");
    case FattyAcid::Stearic: return ShelfText::tr("Stearic");
    case FattyAcid::Oleic: return ShelfText::tr("Oleic");
    case FattyAcid::Ricinoleic: return ShelfText::tr("Ricinoleic");
    case FattyAcid::Linoleic: return ShelfText::tr("Linoleic");
    case FattyAcid::Linolenic: return ShelfText::tr("Linolenic");
    case FattyAcid::Arachidic: return ShelfText::tr("Arachidic");
    case FattyAcid::Gondoic: return ShelfText::tr("Gondoic");
    case FattyAcid::Behenic: return ShelfText::tr("Behenic");
    case FattyAcid::Erucic: return ShelfText::tr("Erucic");
    case FattyAcid::Lignoceric: return ShelfText::tr("Lignoceric");
    }
    return {};
}

int decimalsOf(FigureUnit unit)
{
    switch (unit) {
    case FigureUnit::MgPerGram:
    case FigureUnit::Iodine:
    case FigureUnit::Celsius: return 0;
    case FigureUnit::GramPerMl: return 3;
    default: return 1;
    }
}

} // namespace

QString figureName(const std::string& code)
{
    if (const auto part = partFromCode(code))
        return partName(*part);
    if (code == "sv")
        return ShelfText::tr("Saponification value");
    if (code == "acid-value")
        return ShelfText::tr("Acid value");
    if (code == "iodine")
        return ShelfText::tr("Iodine value");
    if (code == "titratable")
        return ShelfText::tr("Titratable acidity");
    if (code == "ph")
        return ShelfText::tr("pH");
    if (code == "density")
        return ShelfText::tr("Density");
    if (code == "melting")
        return ShelfText::tr("Melting point");
    if (code == "flash")
        return ShelfText::tr("Flash point");
    if (code == "unsaponifiable")
        return ShelfText::tr("Unsaponifiables");
    if (code == "use")
        return ShelfText::tr("Usual use, of the oils");
    constexpr std::string_view acid = "acid-";
    constexpr std::string_view fatty = "fatty-acid-";
    if (code.starts_with(fatty)) {
        const auto found = fattyAcidFromCode(code.substr(fatty.size()));
        return found ? QStringLiteral("%1 %2").arg(fattyAcidName(*found),
                                                   QString::fromLatin1(factsOf(*found).code.data()))
                     : QString();
    }
    if (code.starts_with(acid))
        if (const auto found = acidFromCode(code.substr(acid.size())))
            return capital(acidName(*found));
    return {};
}

QString figureUnit(FigureUnit unit)
{
    switch (unit) {
    case FigureUnit::Percent: return QStringLiteral("%");
    case FigureUnit::MgPerGram: return ShelfText::tr("mg KOH/g");
    case FigureUnit::Iodine: return ShelfText::tr("g I₂/100 g");
    case FigureUnit::Millimole: return ShelfText::tr("mmol/100 g");
    case FigureUnit::Ph: return {};
    case FigureUnit::GramPerMl: return ShelfText::tr("g/ml");
    case FigureUnit::Celsius: return QStringLiteral("°C");
    }
    return {};
}

double shownOf(FigureUnit unit, double stored, const Speech& speech)
{
    if (unit == FigureUnit::Percent)
        return stored * 100.0;
    if (unit == FigureUnit::Celsius && speech.habits().fahrenheit)
        return Temperature::celsius(stored).inFahrenheit();
    return stored;
}

double storedOf(FigureUnit unit, double shown, const Speech& speech)
{
    if (unit == FigureUnit::Percent)
        return shown / 100.0;
    if (unit == FigureUnit::Celsius && speech.habits().fahrenheit)
        return Temperature::fahrenheit(shown).inCelsius();
    return shown;
}

QString figureText(const FigureKind& kind, const Interval& range, const Speech& speech)
{
    const auto number = [&](double v) {
        const double shown = shownOf(kind.unit, v, speech);
        // Shares below a tenth of a per cent matter where they are acids.
        const bool small = kind.unit == FigureUnit::Percent && shown < 1.0 && shown > 0.0;
        return speech.number(shown, decimalsOf(kind.unit) + (small ? 1 : 0));
    };
    QString unit = figureUnit(kind.unit);
    if (kind.unit == FigureUnit::Celsius && speech.habits().fahrenheit)
        unit = QStringLiteral("°F");
    // Usual use has no middle worth saying.
    if (kind.code == "use")
        return ShelfText::tr("%1 to %2")
            .arg(speech.number(range.low() * 100.0, range.low() < 0.01 ? 1 : 0),
                 speech.percent(range.high(), range.high() < 0.01 ? 1 : 0));
    QString text = number(range.typical());
    if (!unit.isEmpty())
        text += QChar(0x00A0) + unit;
    const QString low = number(range.low());
    const QString high = number(range.high());
    return low == high ? text : ShelfText::tr("%1 (%2 to %3)").arg(text, low, high);
}

QString behaviourSentence(const BehaviourNote& note, const Speech& speech)
{
    const QString above = note.above ? speech.percent(*note.above, 0) : QString();
    switch (note.what) {
    case Behaviour::SpeedsTrace:
        return ShelfText::tr("Speeds trace: have everything ready before it goes in.");
    case Behaviour::SlowsTrace: return ShelfText::tr("Slows trace: leaves time for a pattern.");
    case Behaviour::Heats:
        return ShelfText::tr("Heats the batter: keep the mould cooler than usual.");
    case Behaviour::Browns: return ShelfText::tr("Browns in lye and goes on browning in the cure.");
    case Behaviour::Seizes:
        return ShelfText::tr("Can seize the batter solid: stir it in last, by hand.");
    case Behaviour::Rices:
        return ShelfText::tr("Can rice the batter into grains: stir or blend it smooth.");
    case Behaviour::Fades: return ShelfText::tr("Its colour or scent fades in lye and in light.");
    case Behaviour::Scratchy:
        return note.above ? ShelfText::tr("Scratchy above %1 of the oils, and sooner when coarse.")
                                .arg(above)
                          : ShelfText::tr("Scratchy: not for faces.");
    case Behaviour::NeedsSolventWater:
        return ShelfText::tr("Dissolve it first, in water taken from the recipe’s own.");
    case Behaviour::DisperseInOil:
        return ShelfText::tr("Clumps: rub it into a spoon of oil first.");
    case Behaviour::DisperseInGlycerin:
        return ShelfText::tr("Clumps: rub it into a little glycerin first.");
    case Behaviour::DisperseInWater:
        return ShelfText::tr("Clumps: stir it into a little water first.");
    case Behaviour::Settles:
        return ShelfText::tr("Settles: wait for a medium trace before it goes in.");
    case Behaviour::NotInAluminium: return ShelfText::tr("Never in aluminium: it eats the metal.");
    case Behaviour::Stains:
        return ShelfText::tr("Stains cloth, wood and moulds, and may colour the lather.");
    case Behaviour::Allergen: return ShelfText::tr("An allergen: name it on the label.");
    case Behaviour::Phototoxic:
        return ShelfText::tr("Can mark skin in the sun: keep to the supplier’s cap.");
    case Behaviour::NotForChildren: return ShelfText::tr("Leave it out of children’s soap.");
    case Behaviour::Fumes:
        return ShelfText::tr("Gives off fumes where it meets lye: add slowly, good air.");
    case Behaviour::Foams: return ShelfText::tr("Foams up in lye: use a jug twice the size.");
    case Behaviour::SoftensBar:
        return note.above ? ShelfText::tr("Softens the bar above %1 of the oils.").arg(above)
                          : ShelfText::tr("Softens the bar.");
    case Behaviour::HardensBar: return ShelfText::tr("Hardens the bar.");
    case Behaviour::MeltsHot:
        return ShelfText::tr("Sets again in a cool batter: keep the pot above its melting point.");
    case Behaviour::GoesRancid:
        return note.above
                   ? ShelfText::tr("Above %1 of the oils a bar can spot and go rancid.").arg(above)
                   : ShelfText::tr("Goes rancid early: buy little and keep it cool.");
    case Behaviour::CutsLather:
        return note.above ? ShelfText::tr("Cuts the lather above %1 of the oils.").arg(above)
                          : ShelfText::tr("Cuts the lather.");
    case Behaviour::Separates:
        return ShelfText::tr("Can throw soap out of the batter: keep to little, well dissolved.");
    case Behaviour::Crumbles:
        return note.above ? ShelfText::tr("Above %1 of the oils the bar crumbles.").arg(above)
                          : ShelfText::tr("Much of it makes the bar crumble.");
    case Behaviour::Sweetened: return ShelfText::tr("Sugar was added to it: it heats and browns.");
    case Behaviour::OwnHouseholdOnly:
        return ShelfText::tr(
            "For one’s own household: selling soap of it is a matter of local law.");
    case Behaviour::HeldBackByHerbs:
        return ShelfText::tr("Weigh it after straining: herbs hold oil back.");
    case Behaviour::PurityVaries:
        return ShelfText::tr("Sold in several purities: read the drum and set yours.");
    case Behaviour::FormIsSaid: return ShelfText::tr("Whether it holds crystal water is known.");
    }
    return {};
}

QString causeAdvice(const std::string& code)
{
    if (code == "sv" || code == "acid-value")
        return ShelfText::tr("Ask for the certificate with its saponification value.");
    if (code == codeOf(Part::SodiumHydroxide) || code == codeOf(Part::PotassiumHydroxide))
        return ShelfText::tr("Read its purity off the drum, or titrate it on the shelf.");
    if (code == codeOf(Part::Fat))
        return ShelfText::tr("Read its fat off the label.");
    if (code == codeOf(Part::Water))
        return ShelfText::tr("Dry a little down, on the shelf.");
    return ShelfText::tr("Titrate its acids, on the shelf.");
}

QString measureFault(MeasureFault fault)
{
    switch (fault) {
    case MeasureFault::Missing: return ShelfText::tr("A reading is missing or is not above 0.");
    case MeasureFault::DishTooHeavy:
        return ShelfText::tr("The empty weight leaves nothing: weigh it again, with and without.");
    case MeasureFault::DryAboveWet:
        return ShelfText::tr(
            "It grew heavier while drying. Change the two weights over, or weigh again.");
    case MeasureFault::TooWarmOrCold:
        return ShelfText::tr("The correction holds from 10 to 30 °C. Let it come to the room’s "
                             "temperature and read again.");
    case MeasureFault::BrixOutOfRange: return ShelfText::tr("A reading lies between 0 and 85 °Bx.");
    case MeasureFault::SolidsAboveAll:
        return ShelfText::tr("The solids leave no water: check both figures.");
    case MeasureFault::NoRuns: return ShelfText::tr("Fill in at least one run.");
    case MeasureFault::RunsDisagree:
        return ShelfText::tr(
            "One run is more than a quarter off the mean: something was misread. Do it once "
            "more, and leave that one out.");
    case MeasureFault::PurityAboveAll:
        return ShelfText::tr(
            "That is more than 100\u00A0% pure, so a weight is wrong, or the citric acid is the "
            "other form than stated.");
    case MeasureFault::NothingLost:
        return ShelfText::tr(
            "It ends heavier than it began, or lost more than its water. Weigh it again "
            "without the pan.");
    }
    return {};
}

QString materialFault(const MaterialFault& fault)
{
    using C = MaterialFault::Code;
    const QString item = figureName(fault.item).isEmpty() ? QString::fromStdString(fault.item)
                                                          : figureName(fault.item);
    switch (fault.code) {
    case C::NoId:
    case C::NoName: return ShelfText::tr("It needs a name.");
    case C::FractionAboveOne: return ShelfText::tr("%1 is above 100\u00A0%.").arg(item);
    case C::SumAboveOne:
        return ShelfText::tr("The shares add up to more than 100\u00A0%: lower one of them.");
    case C::FatWithoutSv:
        return ShelfText::tr(
            "It holds fat, so it needs a saponification value (for a fatty acid, an acid "
            "value).");
    case C::HydroxideWithoutPurity: return ShelfText::tr("A hydroxide needs its purity.");
    case C::UnknownSource:
        return ShelfText::tr("%1 has no source: say where the figure is from.").arg(item);
    case C::SvOutOfRange:
        return ShelfText::tr("%1 must lie above 0 and up to 700 mg KOH/g.").arg(item);
    case C::FattyAcidsNotOne:
        return ShelfText::tr("The fatty acids should add up to about 100\u00A0% (90 to 102).");
    case C::BadMeasure:
        return ShelfText::tr("A household measure needs a name and a weight above 0 g.");
    case C::TooLong:
        return ShelfText::tr(
            "A text of it is too long: 200 letters for a name, 2000 for a note, 50 other names.");
    }
    return {};
}

QString kindNamePlural(MaterialKind kind)
{
    switch (kind) {
    case MaterialKind::Fat: return ShelfText::tr("Fats and oils");
    case MaterialKind::FattyAcid: return ShelfText::tr("Fatty acids");
    case MaterialKind::SodiumHydroxide:
    case MaterialKind::PotassiumHydroxide: return ShelfText::tr("Hydroxides");
    case MaterialKind::Acid: return ShelfText::tr("Acids and their salts");
    case MaterialKind::Milk: return ShelfText::tr("Milks");
    case MaterialKind::Produce: return ShelfText::tr("Purees and juices");
    case MaterialKind::Sugar: return ShelfText::tr("Sugars");
    case MaterialKind::Salt: return ShelfText::tr("Salts");
    case MaterialKind::Liquid: return ShelfText::tr("Liquids");
    case MaterialKind::Solid: return ShelfText::tr("Clays, grains, scrubs");
    case MaterialKind::Wax: return ShelfText::tr("Waxes and resins");
    case MaterialKind::Egg: return ShelfText::tr("Eggs");
    case MaterialKind::Colour: return ShelfText::tr("Colours");
    case MaterialKind::Scent: return ShelfText::tr("Scents");
    }
    return {};
}

namespace {

struct MeasureRow {
    const char* kept;
    QString said;
    std::optional<AmountUnit> unit;
};

QList<MeasureRow> measureRows()
{
    using U = AmountUnit;
    return {{"tsp", ShelfText::tr("tsp"), U::Teaspoon},
            {"tsp, heaped", ShelfText::tr("tsp, heaped"), U::TeaspoonHeaped},
            {"tbsp", ShelfText::tr("tbsp"), U::Tablespoon},
            {"tbsp, heaped", ShelfText::tr("tbsp, heaped"), U::TablespoonHeaped},
            {"cup", ShelfText::tr("cup"), U::Cup},
            {"drop", ShelfText::tr("drop"), U::Drop},
            {"piece", ShelfText::tr("piece"), U::Piece},
            {"egg", ShelfText::tr("egg"), {}},
            {"yolk", ShelfText::tr("yolk"), {}},
            {"white", ShelfText::tr("white"), {}}};
}

} // namespace

QString measureSaid(const std::string& kept)
{
    for (const MeasureRow& row : measureRows())
        if (kept == row.kept)
            return row.said;
    return QString::fromStdString(kept);
}

std::string measureMeant(const QString& typed)
{
    const std::string word = folded(typed.toStdString());
    const auto lexicon = words::lexicon();
    const auto unit = std::ranges::find(lexicon->units, word, &Lexicon::UnitWord::word);
    for (const MeasureRow& row : measureRows())
        if (folded(row.said.toStdString()) == word || word == row.kept ||
            (unit != lexicon->units.end() && !unit->alone && row.unit == unit->unit))
            return row.kept;
    return typed.toStdString();
}

} // namespace rhexion::words
