#include "words/shelf_words.h"

#include "words/words.h"

#include <QCoreApplication>

namespace rhexion::words {

namespace {

QString tr(const char* text)
{
    return QCoreApplication::translate("Shelf", text);
}

QString capital(QString text)
{
    if (!text.isEmpty())
        text.front() = text.front().toUpper();
    return text;
}

QString partName(Part part)
{
    switch (part) {
    case Part::Water: return tr("Water");
    case Part::Fat: return tr("Fat");
    case Part::ReducingSugar: return tr("Reducing sugars");
    case Part::OtherSugar: return tr("Other sugars");
    case Part::SodiumChloride: return tr("Salt (sodium chloride)");
    case Part::OtherSalts: return tr("Other salts");
    case Part::Protein: return tr("Protein");
    case Part::Alcohol: return tr("Alcohol");
    case Part::Glycerol: return tr("Glycerol");
    case Part::SodiumHydroxide: return tr("Sodium hydroxide");
    case Part::PotassiumHydroxide: return tr("Potassium hydroxide");
    case Part::Inert: return tr("Inert solids");
    case Part::Carbonate: return tr("Carbonate");
    }
    return {};
}

QString fattyAcidName(FattyAcid acid)
{
    switch (acid) {
    case FattyAcid::Butyric: return tr("Butyric");
    case FattyAcid::Caproic: return tr("Caproic");
    case FattyAcid::Caprylic: return tr("Caprylic");
    case FattyAcid::Capric: return tr("Capric");
    case FattyAcid::Lauric: return tr("Lauric");
    case FattyAcid::Myristic: return tr("Myristic");
    case FattyAcid::Palmitic: return tr("Palmitic");
    case FattyAcid::Palmitoleic: return tr("Palmitoleic");
    case FattyAcid::Stearic: return tr("Stearic");
    case FattyAcid::Oleic: return tr("Oleic");
    case FattyAcid::Ricinoleic: return tr("Ricinoleic");
    case FattyAcid::Linoleic: return tr("Linoleic");
    case FattyAcid::Linolenic: return tr("Linolenic");
    case FattyAcid::Arachidic: return tr("Arachidic");
    case FattyAcid::Gondoic: return tr("Gondoic");
    case FattyAcid::Behenic: return tr("Behenic");
    case FattyAcid::Erucic: return tr("Erucic");
    case FattyAcid::Lignoceric: return tr("Lignoceric");
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
        return tr("Saponification value");
    if (code == "acid-value")
        return tr("Acid value");
    if (code == "iodine")
        return tr("Iodine value");
    if (code == "titratable")
        return tr("Titratable acidity");
    if (code == "ph")
        return tr("pH");
    if (code == "density")
        return tr("Density");
    if (code == "melting")
        return tr("Melting point");
    if (code == "unsaponifiable")
        return tr("Unsaponifiables");
    if (code == "use")
        return tr("Usual use, of the oils");
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
    case FigureUnit::MgPerGram: return tr("mg KOH/g");
    case FigureUnit::Iodine: return tr("g I\u2082/100 g");
    case FigureUnit::Millimole: return tr("mmol/100 g");
    case FigureUnit::Ph: return {};
    case FigureUnit::GramPerMl: return tr("g/ml");
    case FigureUnit::Celsius: return QStringLiteral("\u00B0C");
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
        unit = QStringLiteral("\u00B0F");
    // Usual use has no middle worth saying.
    if (kind.code == "use")
        return tr("%1 to %2")
            .arg(speech.number(range.low() * 100.0, range.low() < 0.01 ? 1 : 0),
                 speech.percent(range.high(), range.high() < 0.01 ? 1 : 0));
    QString text = number(range.typical());
    if (!unit.isEmpty())
        text += QChar(0x00A0) + unit;
    const QString low = number(range.low());
    const QString high = number(range.high());
    return low == high ? text : tr("%1 (%2 to %3)").arg(text, low, high);
}

QString figureSource(const Material& material, const std::string& sourceId)
{
    const Source* source = material.findSource(sourceId);
    if (!source)
        return {};
    const QString text = QString::fromStdString(source->text);
    return source->fromMemory ? tr("%1 (from memory)").arg(text) : text;
}

QString behaviourSentence(const BehaviourNote& note, const Speech& speech)
{
    const QString above = note.above ? speech.percent(*note.above, 0) : QString();
    switch (note.what) {
    case Behaviour::SpeedsTrace:
        return tr("Speeds trace: have everything ready before it goes in.");
    case Behaviour::SlowsTrace: return tr("Slows trace: leaves time for a pattern.");
    case Behaviour::Heats: return tr("Heats the batter: keep the mould cooler than usual.");
    case Behaviour::Browns: return tr("Browns in lye and goes on browning in the cure.");
    case Behaviour::Seizes: return tr("Can seize the batter solid: stir it in last, by hand.");
    case Behaviour::Rices: return tr("Can rice the batter into grains: stir or blend it smooth.");
    case Behaviour::Fades: return tr("Its colour or scent fades in lye and in light.");
    case Behaviour::Scratchy:
        return note.above ? tr("Scratchy above %1 of the oils, and sooner when coarse.").arg(above)
                          : tr("Scratchy: not for faces.");
    case Behaviour::NeedsSolventWater:
        return tr("Dissolve it first, in water taken from the recipe\u2019s own.");
    case Behaviour::DisperseInOil: return tr("Clumps: rub it into a spoon of oil first.");
    case Behaviour::DisperseInGlycerin: return tr("Clumps: rub it into a little glycerin first.");
    case Behaviour::DisperseInWater: return tr("Clumps: stir it into a little water first.");
    case Behaviour::Settles: return tr("Settles: wait for a medium trace before it goes in.");
    case Behaviour::NotInAluminium: return tr("Never in aluminium: it eats the metal.");
    case Behaviour::Stains: return tr("Stains cloth, wood and moulds, and may colour the lather.");
    case Behaviour::Allergen: return tr("An allergen: name it on the label.");
    case Behaviour::Phototoxic:
        return tr("Can mark skin in the sun: keep to the supplier\u2019s cap.");
    case Behaviour::NotForChildren: return tr("Leave it out of children\u2019s soap.");
    case Behaviour::Fumes: return tr("Gives off fumes where it meets lye: add slowly, good air.");
    case Behaviour::Foams: return tr("Foams up in lye: use a jug twice the size.");
    case Behaviour::SoftensBar:
        return note.above ? tr("Softens the bar above %1 of the oils.").arg(above)
                          : tr("Softens the bar.");
    case Behaviour::HardensBar: return tr("Hardens the bar.");
    case Behaviour::MeltsHot:
        return tr("Sets again in a cool batter: keep the pot above its melting point.");
    case Behaviour::GoesRancid:
        return note.above ? tr("Above %1 of the oils a bar can spot and go rancid.").arg(above)
                          : tr("Goes rancid early: buy little and keep it cool.");
    case Behaviour::CutsLather:
        return note.above ? tr("Cuts the lather above %1 of the oils.").arg(above)
                          : tr("Cuts the lather.");
    case Behaviour::Separates:
        return tr("Can throw soap out of the batter: keep to little, well dissolved.");
    case Behaviour::Crumbles:
        return note.above ? tr("Above %1 of the oils the bar crumbles.").arg(above)
                          : tr("Much of it makes the bar crumble.");
    case Behaviour::Sweetened: return tr("Sugar was added to it: it heats and browns.");
    case Behaviour::OwnHouseholdOnly:
        return tr("For one\u2019s own household: selling soap of it is a matter of local law.");
    case Behaviour::HeldBackByHerbs: return tr("Weigh it after straining: herbs hold oil back.");
    case Behaviour::PurityVaries:
        return tr("Sold in several purities: read the drum and set yours.");
    case Behaviour::FormIsSaid: return tr("Whether it holds crystal water is known.");
    }
    return {};
}

QString causeAdvice(const std::string& code)
{
    if (code == "sv" || code == "acid-value")
        return tr("Ask for the certificate with its saponification value.");
    if (code == codeOf(Part::SodiumHydroxide) || code == codeOf(Part::PotassiumHydroxide))
        return tr("Read its purity off the drum, or titrate it on the shelf.");
    if (code == codeOf(Part::Fat))
        return tr("Read its fat off the label.");
    if (code == codeOf(Part::Water))
        return tr("Dry a little down, on the shelf.");
    return tr("Titrate its acids, on the shelf.");
}

QString measureFault(MeasureFault fault)
{
    switch (fault) {
    case MeasureFault::Missing: return tr("A reading is missing or is not above 0.");
    case MeasureFault::DishTooHeavy:
        return tr("The empty weight leaves nothing: weigh it again, with and without.");
    case MeasureFault::DryAboveWet:
        return tr("It grew heavier while drying. Change the two weights over, or weigh again.");
    case MeasureFault::TooWarmOrCold:
        return tr("The correction holds from 10 to 30 \u00B0C. Let it come to the room\u2019s "
                  "temperature and read again.");
    case MeasureFault::BrixOutOfRange: return tr("A reading lies between 0 and 85 \u00B0Bx.");
    case MeasureFault::SolidsAboveAll: return tr("The solids leave no water: check both figures.");
    case MeasureFault::NoRuns: return tr("Fill in at least one run.");
    case MeasureFault::RunsDisagree:
        return tr("One run is more than a quarter off the mean: something was misread. Do it once "
                  "more, and leave that one out.");
    case MeasureFault::PurityAboveAll:
        return tr(
            "That is more than 100\u00A0% pure, so a weight is wrong, or the citric acid is the "
            "other form than stated.");
    case MeasureFault::NothingLost:
        return tr("It ends heavier than it began, or lost more than its water. Weigh it again "
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
    case C::NoName: return tr("It needs a name.");
    case C::FractionAboveOne: return tr("%1 is above 100\u00A0%.").arg(item);
    case C::SumAboveOne: return tr("The shares add up to more than 100\u00A0%: lower one of them.");
    case C::FatWithoutSv:
        return tr("It holds fat, so it needs a saponification value (for a fatty acid, an acid "
                  "value).");
    case C::HydroxideWithoutPurity: return tr("A hydroxide needs its purity.");
    case C::UnknownSource: return tr("%1 has no source: say where the figure is from.").arg(item);
    case C::SvOutOfRange: return tr("%1 must lie above 0 and up to 700 mg KOH/g.").arg(item);
    case C::FattyAcidsNotOne:
        return tr("The fatty acids should add up to about 100\u00A0% (90 to 102).");
    case C::BadMeasure: return tr("A household measure needs a name and a weight above 0 g.");
    case C::TooLong:
        return tr(
            "A text of it is too long: 200 letters for a name, 2000 for a note, 50 other names.");
    }
    return {};
}

QString kindNamePlural(MaterialKind kind)
{
    switch (kind) {
    case MaterialKind::Fat: return tr("Fats and oils");
    case MaterialKind::FattyAcid: return tr("Fatty acids");
    case MaterialKind::SodiumHydroxide:
    case MaterialKind::PotassiumHydroxide: return tr("Hydroxides");
    case MaterialKind::Acid: return tr("Acids and their salts");
    case MaterialKind::Milk: return tr("Milks");
    case MaterialKind::Produce: return tr("Purees and juices");
    case MaterialKind::Sugar: return tr("Sugars");
    case MaterialKind::Salt: return tr("Salts");
    case MaterialKind::Liquid: return tr("Liquids");
    case MaterialKind::Solid: return tr("Clays, grains, scrubs");
    case MaterialKind::Wax: return tr("Waxes and resins");
    case MaterialKind::Egg: return tr("Eggs");
    case MaterialKind::Colour: return tr("Colours");
    case MaterialKind::Scent: return tr("Scents");
    }
    return {};
}

} // namespace rhexion::words
