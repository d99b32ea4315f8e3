#include "words/recipe_text_words.h"

#include "words/names.h"
#include "words/shelf_words.h"

#include <QCoreApplication>
#include <QStringList>

namespace rhexion::words {

namespace {

struct RecipeText {
    Q_DECLARE_TR_FUNCTIONS(RecipeText)
};

QString amountSaid(const RecipeAmount& a)
{
    if (a.unit == "rest")
        return RecipeText::tr("the rest");
    if (!a.value)
        return RecipeText::tr("no amount");
    QString out = QString::number(*a.value, 'g', 10);
    if (a.high)
        out += QStringLiteral("–") + QString::number(*a.high, 'g', 10);
    if (!a.unit.empty()) {
        const std::string kept =
            QString::fromStdString(a.unit).replace(" heaped", ", heaped").toStdString();
        out += QLatin1Char(' ') + measureSaid(kept);
    }
    if (!a.of.empty())
        out += QLatin1Char(' ') + (a.of == "oils"     ? RecipeText::tr("of the oils")
                                   : a.of == "batter" ? RecipeText::tr("of the batter")
                                   : a.of == "liquid" ? RecipeText::tr("of the liquid")
                                                      : RecipeText::tr("of everything"));
    if (a.per)
        out += RecipeText::tr(" per %1 %2 of oils")
                   .arg(QString::number(a.per->value, 'g', 6), QString::fromStdString(a.per->unit));
    return out;
}

} // namespace

QString recipeKindName(Recipe::Kind kind)
{
    switch (kind) {
    case Recipe::Kind::Blank: return {};
    case Recipe::Kind::Title: return RecipeText::tr("title");
    case Recipe::Kind::Heading: return RecipeText::tr("heading");
    case Recipe::Kind::Setting: return RecipeText::tr("setting");
    case Recipe::Kind::Material: return RecipeText::tr("material");
    case Recipe::Kind::Total: return RecipeText::tr("total");
    case Recipe::Kind::Note: return RecipeText::tr("note");
    case Recipe::Kind::NotUnderstood: return RecipeText::tr("not understood");
    }
    return {};
}

QString recipeQuestion(RecipeQuestion question)
{
    using Q = RecipeQuestion;
    switch (question) {
    case Q::About: return RecipeText::tr("About: weigh it exactly?");
    case Q::CitricForm: return RecipeText::tr("Anhydrous or monohydrate?");
    case Q::DecimalOrThousands: return RecipeText::tr("A decimal, or thousands?");
    case Q::FigureInNote: return RecipeText::tr("A second material in the note?");
    case Q::KohPurity: return RecipeText::tr("How pure is the potash?");
    case Q::LyeStated: return RecipeText::tr("Keep this lye, or reckon it?");
    case Q::LyeStrength: return RecipeText::tr("How strong is this lye?");
    case Q::NoAmount: return RecipeText::tr("How much of it?");
    case Q::NoMeasure: return RecipeText::tr("How much is that in grams?");
    case Q::OzWeightOrFluid: return RecipeText::tr("Ounces by weight, or fluid?");
    case Q::PercentOfWhat: return RecipeText::tr("Per cent of what?");
    case Q::Range: return RecipeText::tr("Which end of the range?");
    case Q::SplitBasis: return RecipeText::tr("By weight, as weighed or by mole?");
    case Q::SplitOrder: return RecipeText::tr("Which share is the KOH?");
    case Q::TspOrTbsp: return RecipeText::tr("Teaspoon or tablespoon?");
    case Q::UnitMissing: return RecipeText::tr("Which unit?");
    case Q::UsOrUk: return RecipeText::tr("Whose measure?");
    case Q::WhichMaterial: return RecipeText::tr("Which one is it?");
    }
    return {};
}

QString recipeTaken(RecipeQuestion question, const RecipeLine& line, const Speech& s)
{
    using Q = RecipeQuestion;
    const QString amount = amountSaid(line.amount);
    switch (question) {
    case Q::About: return RecipeText::tr("taken as it stands: %1").arg(amount);
    case Q::CitricForm: return RecipeText::tr("nothing is weighed until you say");
    case Q::DecimalOrThousands: return RecipeText::tr("taken as %1").arg(amount);
    case Q::FigureInNote:
        return RecipeText::tr("left in the note: %1").arg(QString::fromStdString(line.note));
    case Q::KohPurity: return RecipeText::tr("nothing is weighed until you say");
    case Q::LyeStated: return RecipeText::tr("compared with the reckoning, not weighed");
    case Q::LyeStrength: return RecipeText::tr("nothing is weighed until you say");
    case Q::NoAmount: return RecipeText::tr("left at nothing");
    case Q::NoMeasure: return RecipeText::tr("taken as %1").arg(amount);
    case Q::OzWeightOrFluid: return RecipeText::tr("taken by weight");
    case Q::PercentOfWhat: return RecipeText::tr("taken of the oils");
    case Q::Range: return RecipeText::tr("the low end is taken");
    case Q::SplitBasis:
    case Q::SplitOrder: return RecipeText::tr("nothing is weighed until you say");
    case Q::TspOrTbsp: return RecipeText::tr("taken as %1").arg(amount);
    case Q::UnitMissing: return RecipeText::tr("taken as %1").arg(s.massUnit());
    case Q::UsOrUk: return RecipeText::tr("taken as the United States measure it");
    case Q::WhichMaterial: return RecipeText::tr("nothing is weighed until you say");
    }
    return {};
}

QString recipeReading(const RecipeReading& r, const RecipeLine& line, const Speech& s)
{
    using W = RecipeReading::What;
    switch (r.what) {
    case W::AsItStands: return RecipeText::tr("as it stands");
    case W::Anhydrous: return RecipeText::tr("anhydrous");
    case W::Monohydrate: return RecipeText::tr("monohydrate");
    case W::Thousandfold: return RecipeText::tr("a thousand times as much");
    case W::Thousandth: return RecipeText::tr("a thousandth of it");
    case W::LeaveInNote: return RecipeText::tr("leave it in the note");
    case W::Purity: return RecipeText::tr("%1 pure").arg(s.percent(r.figure / 100.0, 0));
    case W::ReckonLye: return RecipeText::tr("reckon the lye, compare theirs");
    case W::KeepLye: return RecipeText::tr("weigh it as they say");
    case W::LyeOfStrength:
        return RecipeText::tr("a solution of %1").arg(s.percent(r.figure / 100.0, 0));
    case W::DryLye: return RecipeText::tr("dry lye");
    case W::LeaveOut: return RecipeText::tr("leave it out; it stays in the notes");
    case W::Material: return QString::fromStdString(r.material);
    case W::ByMole: return RecipeText::tr("shares by mole");
    case W::ByPureWeight: return RecipeText::tr("shares by weight of pure lye");
    case W::AsWeighed: return RecipeText::tr("shares of the lye as weighed");
    case W::SodiumFirst: return RecipeText::tr("the first number is the NaOH");
    case W::PotassiumFirst: return RecipeText::tr("the first number is the KOH");
    case W::ByWeight: return RecipeText::tr("by weight");
    case W::Fluid: return RecipeText::tr("fluid ounces");
    case W::OfOils: return RecipeText::tr("of the oils");
    case W::OfBatter: return RecipeText::tr("of the batter");
    case W::OfLiquid: return RecipeText::tr("of the liquid");
    case W::LowEnd:
        return RecipeText::tr("the low end, %1").arg(s.trimmed(line.amount.value.value_or(0.0)));
    case W::Middle: return RecipeText::tr("the middle");
    case W::HighEnd:
        return RecipeText::tr("the high end, %1").arg(s.trimmed(line.amount.high.value_or(0.0)));
    case W::Teaspoon: return RecipeText::tr("teaspoons");
    case W::Tablespoon: return RecipeText::tr("tablespoons");
    case W::Grams: return RecipeText::tr("grams");
    case W::Ounces: return RecipeText::tr("ounces");
    case W::Millilitres: return RecipeText::tr("millilitres");
    case W::PerCent: return RecipeText::tr("per cent");
    case W::Measure: return RecipeText::tr("%1 each").arg(s.volume(r.figure));
    }
    return {};
}

QString recipeRefusal(RecipeRefusal refusal)
{
    switch (refusal) {
    case RecipeRefusal::TooLong:
        return RecipeText::tr(
            "The text is longer than 1 MB: that is no recipe. Copy only its part.");
    case RecipeRefusal::TooManyLines:
        return RecipeText::tr("The text has more than 5000 lines. Copy only the recipe.");
    }
    return {};
}

QString recipeIsNoText()
{
    return RecipeText::tr("That is no text. Save the recipe as plain text, or copy and paste it.");
}

QString recipeLyeSaid(double superfat, const Speech& s)
{
    const QString said =
        RecipeText::tr("Their lye gives superfat %1 by these figures.").arg(s.percent(superfat));
    if (superfat >= 0.0)
        return said;
    return said + QLatin1Char(' ') +
           RecipeText::tr("That is more lye than these fats take up: not for skin.");
}

QString recipeLineSaid(const RecipeLine& line)
{
    QString out = amountSaid(line.amount) + QLatin1Char(' ') + QString::fromStdString(line.name);
    if (line.frozen)
        out += RecipeText::tr(", frozen");
    if (const auto vessel = vesselFromCode(line.place))
        out += QStringLiteral(", ") + vesselPlace(*vessel);
    if (line.alt)
        out += RecipeText::tr(" (also %1)").arg(amountSaid(*line.alt));
    return out;
}

QString recipeSettingSaid(const std::string& key, double value, const Speech& s)
{
    const QString v = s.trimmed(value);
    if (key == "superfat")
        return value < 0.0 ? RecipeText::tr("lye excess %1 %").arg(s.trimmed(-value))
                           : RecipeText::tr("superfat %1 %").arg(v);
    if (key == "lye_strength")
        return RecipeText::tr("lye strength %1 %").arg(v);
    if (key == "water_ratio")
        return RecipeText::tr("%1 parts of water to one of lye").arg(v);
    if (key == "water_percent_of_oils")
        return RecipeText::tr("water %1 % of the oils").arg(v);
    if (key == "water_discount")
        return RecipeText::tr("%1 % less water than usual").arg(v);
    if (key == "koh_purity")
        return RecipeText::tr("potassium hydroxide %1 % pure").arg(v);
    if (key == "naoh_purity")
        return RecipeText::tr("sodium hydroxide %1 % pure").arg(v);
    if (key == "koh_share")
        return RecipeText::tr("two lyes, %1 % potassium hydroxide").arg(v);
    return RecipeText::tr("joined at %1").arg(s.temperature(value));
}

QString recipeTotalSaid(const RecipeTotal& t, const Speech& s)
{
    const QString figure = s.trimmed(t.value) + QLatin1Char(' ') + QString::fromStdString(t.unit);
    if (!t.agrees)
        return RecipeText::tr("total %1: it cannot be compared with the lines").arg(figure);
    return *t.agrees ? RecipeText::tr("total %1: the lines agree").arg(figure)
                     : RecipeText::tr("total %1: the lines come to something else").arg(figure);
}

} // namespace rhexion::words
