#include "manual/manual_sum.h"

#include "core/advice/reckon.h"
#include "recipe/recipe.h"
#include "recipe/recipe_formula.h"
#include "storage/catalogue.h"
#include "storage/catalogue_lookup.h"
#include "storage/foods.h"
#include "words/refusal_words.h"
#include "words/search_words.h"

#include <QHash>
#include <QRegularExpression>

namespace rhexion::manual {

namespace {

// The figure of that name: grams, or a share.
std::optional<double> figure(const QString& said, const Reckoning& r)
{
    static const QHash<QString, QString> german{
        {QStringLiteral("Natriumhydroxid"), QStringLiteral("sodium hydroxide")},
        {QStringLiteral("Kaliumhydroxid"), QStringLiteral("potassium hydroxide")},
        {QStringLiteral("Flüssigkeit"), QStringLiteral("liquid")},
        {QStringLiteral("Seifenleim"), QStringLiteral("batter")},
        {QStringLiteral("Säure nimmt"), QStringLiteral("acid takes")},
        {QStringLiteral("wahre Überfettung"), QStringLiteral("true superfat")},
        {QStringLiteral("wahre Überfettung mindestens"), QStringLiteral("true superfat at least")},
        {QStringLiteral("wahre Überfettung höchstens"), QStringLiteral("true superfat at most")},
        {QStringLiteral("Konzentration der Charge"), QStringLiteral("batch strength")}};
    const QString name = german.value(said, said);
    const double sodium = 39.99677; // g/mol, docs/chemistry.md
    if (name == QLatin1String("sodium hydroxide"))
        return r.sodium.weighedGrams;
    if (name == QLatin1String("potassium hydroxide"))
        return r.potassium.weighedGrams;
    if (name == QLatin1String("liquid"))
        return r.makeUpGrams;
    if (name == QLatin1String("batter"))
        return r.batterGrams;
    if (name == QLatin1String("acid takes"))
        return r.acidMol * sodium;
    if (name == QLatin1String("true superfat"))
        return r.superfatTrue;
    if (name == QLatin1String("true superfat at least"))
        return r.superfatTrueLow;
    if (name == QLatin1String("true superfat at most"))
        return r.superfatTrueHigh;
    if (name == QLatin1String("batch strength"))
        return r.pure.strength;
    return std::nullopt;
}

} // namespace

SumWorked work(const QString& sum)
{
    SumWorked out;
    QStringList lines, expected;
    for (const QString& line : sum.split(QLatin1Char('\n'), Qt::SkipEmptyParts))
        (line.startsWith(QLatin1String("= ")) ? expected : lines) << line;
    const QByteArray text = lines.join(QLatin1Char('\n')).toUtf8();
    auto read = readRecipe({text.constData(), std::size_t(text.size())});
    if (read.refusal) {
        out.fault = QStringLiteral("no recipe");
        return out;
    }
    const CatalogueLookup lookup(Foods::shippedPath(), words::searchRules());
    for (std::size_t i = read.recipe.settingAsks.size(); i-- > 0;)
        out.fault = QStringLiteral("a setting leaves a question open");
    Formula start;
    start.lye.sodium = CatalogueLookup::withId(usualSodium);
    start.lye.potassium = CatalogueLookup::withId(usualPotassium);
    const auto materials =
        materialsFor(read.recipe, [&](const RecipeLine& line) { return lookup.meantBy(line); });
    const Formula formula = formulaOf(read.recipe, materials, start).formula;
    if (int(formula.lines.size()) < lines.filter(QRegularExpression("^(\\d|[Rr]est )")).size())
        out.fault = QStringLiteral("a line was not understood");
    const auto result = reckon(formula);
    const auto* r = std::get_if<Reckoning>(&result);
    if (!r) {
        out.fault = words::refusal(std::get<Refusal>(result), Speech());
        return out;
    }
    static const QRegularExpression answer(
        QStringLiteral("^= (.*?) (-?\\d+(?:([.,])(\\d+))?) (g|%)$"));
    for (const QString& line : expected) {
        const auto match = answer.match(line);
        const auto value = match.hasMatch() ? figure(match.captured(1), *r) : std::nullopt;
        if (!value) {
            out.fault = QStringLiteral("no such figure: ") + line;
            return out;
        }
        const QString unit = match.captured(5);
        const double shown = unit == QLatin1String("%") ? *value * 100.0 : *value;
        const QString number =
            QString::number(shown, 'f', int(match.captured(4).size()))
                .replace(QLatin1Char('.'), match.captured(3)); // by the page's decimal mark
        out.answers.append(
            {line.mid(2), QStringLiteral("%1 %2 %3").arg(match.captured(1), number, unit)});
    }
    return out;
}

} // namespace rhexion::manual
