#include "cli/formula_input.h"

#include "cli/answers.h"
#include "recipe/recipe_answers.h"
#include "recipe/recipe_formula.h"
#include "storage/catalogue.h"
#include "storage/catalogue_lookup.h"
#include "storage/formula_json.h"
#include "storage/json_cursor.h"
#include "storage/material_names.h"
#include "storage/naming.h"
#include "storage/text_file.h"
#include "storage/whole_file.h"
#include "words/plain_text.h"
#include "words/recipe_text_words.h"
#include "words/refusal_words.h"
#include "words/search_words.h"

#include <QCoreApplication>
#include <QFile>
#include <QLocale>

#include <algorithm>

namespace rhexion::cli {

namespace {

struct InputText {
    Q_DECLARE_TR_FUNCTIONS(FormulaInput)
};

struct Answer {
    QString line; // as typed: a number, or "oils"
    QString said;
    bool used = false;
};

bool isFormulaFile(const QByteArray& bytes)
{
    const QByteArray start = bytes.left(1024).trimmed();
    return start.startsWith('{') || start.startsWith("\xEF\xBB\xBF{");
}

// The material an answer names, among what the line may be or by a certain name of its own.
MaterialPtr materialSaid(const QString& said, const RecipeMaterial& asked,
                         const CatalogueLookup& lookup)
{
    for (const MaterialPtr& m : asked.candidates)
        if (said == QString::fromStdString(m->id) ||
            said.compare(materialName(*m), Qt::CaseInsensitive) == 0)
            return m;
    RecipeLine line;
    line.material = said.toStdString();
    line.name = line.material;
    const Meant meant = lookup.meantBy(line);
    return meant.verdict == IdentityVerdict::Certain ? meant.materials.front() : nullptr;
}

// What one answer can be for a question, and does: nothing where it fits none.
bool takeAnswer(Recipe& recipe, std::size_t at, const Answer& given, const RecipeMaterial& asked,
                const CatalogueLookup& lookup)
{
    const std::vector<RecipeQuestion> questions = recipe.lines[at].amount.ask;
    for (const RecipeQuestion question : questions) {
        for (const RecipeReading& reading : readingsOf(recipe.lines[at], question))
            if (given.said == QString::fromStdString(codeOf(reading))) {
                answer(recipe, at, question, reading);
                return true;
            }
        if (question != RecipeQuestion::WhichMaterial)
            continue;
        if (const MaterialPtr m = materialSaid(given.said, asked, lookup)) {
            answer(recipe, at, question, {RecipeReading::What::Material, 0.0, m->id});
            return true;
        }
    }
    return false;
}

bool takeSettingAnswer(Recipe& recipe, const Answer& given)
{
    for (std::size_t i = 0; i < recipe.settingAsks.size(); ++i) {
        const auto [n, question] = recipe.settingAsks[i];
        if (QString::number(n) != given.line)
            continue;
        for (const RecipeReading& reading : readingsOf(question))
            if (given.said == QString::fromStdString(codeOf(reading))) {
                answerSetting(recipe, i, reading);
                return true;
            }
    }
    return false;
}

void sayQuestion(const QString& path, int n, const QString& line, const QString& question,
                 const QStringList& ways)
{
    put(stderr,
        forTerminal(InputText::tr("%1, line %2, “%3”: %4").arg(path).arg(n).arg(line, question)) +
            QLatin1Char('\n'));
    for (const QString& way : ways)
        put(stderr, forTerminal(way) + QLatin1Char('\n'));
}

QString wayOf(int n, const std::string& code, const QString& said)
{
    return QStringLiteral("  --answer %1=%2  (%3)").arg(n).arg(QString::fromStdString(code), said);
}

void sayOpen(const QString& path, const Recipe& recipe,
             const std::vector<RecipeMaterial>& materials, const Speech& speech)
{
    for (const auto& [n, question] : recipe.settingAsks) {
        QStringList ways;
        for (const RecipeReading& reading : readingsOf(question))
            ways << wayOf(n, codeOf(reading), words::recipeReading(reading, RecipeLine(), speech));
        const std::string& text = recipe.text[std::size_t(std::max(1, n)) - 1];
        sayQuestion(path, n, QString::fromStdString(text).trimmed(),
                    words::recipeQuestion(question), ways);
    }
    for (std::size_t i = 0; i < recipe.lines.size(); ++i) {
        const RecipeLine& line = recipe.lines[i];
        for (const RecipeQuestion question : line.amount.ask) {
            if (!holdsBack(question))
                continue;
            const bool which = question == RecipeQuestion::WhichMaterial;
            QString asked = words::recipeQuestion(question);
            if (which && materials[i].general)
                asked = questionOf(*materials[i].general);
            QStringList ways;
            if (which)
                for (const MaterialPtr& m : materials[i].candidates)
                    ways << wayOf(line.n, m->id, materialName(*m));
            for (const RecipeReading& reading : readingsOf(line, question))
                ways << wayOf(line.n, codeOf(reading), words::recipeReading(reading, line, speech));
            sayQuestion(path, line.n, words::recipeLineSaid(line), asked, ways);
        }
    }
}

std::variant<Formula, int> formulaOfRecipe(const QString& path, const QByteArray& bytes,
                                           const QStringList& said, const Speech& speech)
{
    if (bytes.size() > qsizetype(longestRecipe))
        return bad(path, words::recipeRefusal(RecipeRefusal::TooLong));
    const auto decoded = textOfBytes(bytes);
    if (!decoded)
        return bad(path, words::recipeIsNoText());
    const QByteArray utf8 = decoded->toUtf8();
    RecipeRead read = readRecipe({utf8.constData(), std::size_t(utf8.size())});
    if (read.refusal)
        return bad(path, words::recipeRefusal(*read.refusal));
    Recipe& recipe = read.recipe;
    if (recipe.lines.empty())
        return bad(path,
                   InputText::tr("this is neither a formula file nor a recipe: no line names a "
                                 "material and an amount."));

    const CatalogueLookup lookup(Foods::shippedPath(), words::searchRules());
    const RecipeLookup meant = [&](const RecipeLine& line) { return lookup.meantBy(line); };
    std::vector<RecipeMaterial> materials = materialsFor(recipe, meant);
    std::optional<double> size;
    for (const QString& one : said) {
        const QString line = one.section(QLatin1Char('='), 0, 0).trimmed();
        const Answer given{line, one.section(QLatin1Char('='), 1).trimmed()};
        bool used = false;
        if (given.line == QLatin1String("oils")) {
            bool number = false;
            const double grams = QLocale::c().toDouble(given.said, &number);
            used = number && grams > 0.0 && grams <= Mass::largestGrams;
            if (used)
                size = grams;
        }
        used = used || takeSettingAnswer(recipe, given);
        for (std::size_t i = recipe.lines.size(); !used && i-- > 0;)
            if (QString::number(recipe.lines[i].n) == given.line)
                used = takeAnswer(recipe, i, given, materials[i], lookup);
        if (!used)
            return wrongUse(
                InputText::tr("“--answer %1” answers no open question of this recipe.").arg(one));
        materials = materialsFor(recipe, meant);
    }
    Formula start;
    start.lye.sodium = CatalogueLookup::withId(usualSodium);
    start.lye.potassium = CatalogueLookup::withId(usualPotassium);
    const auto named = startingWith(recipe, std::move(start), meant);
    if (!named)
        return bad(path, InputText::tr("a hydroxide that the recipe names is not on the shelf."));
    RecipeAsFormula made = formulaOf(recipe, materials, *named, size);
    if (!made.holdBack.empty()) {
        sayOpen(path, recipe, materials, speech);
        return bad(path, InputText::tr("nothing is reckoned until these questions are answered."));
    }
    if (made.percentAlone)
        put(stderr, InputText::tr("%1: all of it is in per cent, so 1000 g of oils are taken; "
                                  "--answer oils=900 says otherwise.\n")
                        .arg(forTerminal(path)));
    for (const int n : recipe.notUnderstood)
        put(stderr,
            forTerminal(InputText::tr("%1, line %2 was not understood and stays in the notes: %3")
                            .arg(path)
                            .arg(n)
                            .arg(QString::fromStdString(recipe.text[std::size_t(n) - 1]))) +
                QLatin1Char('\n'));
    return std::move(made.formula);
}

} // namespace

std::variant<QByteArray, int> readInput(const QString& path, qint64 most)
{
    QFile file(path);
    const bool opened = path == QLatin1String("-") ? file.open(stdin, QIODevice::ReadOnly)
                                                   : file.open(QIODevice::ReadOnly);
    if (!opened)
        return bad(path, file.errorString());
    auto read = readUpTo(file, most);
    if (const auto* fault = std::get_if<FileFault>(&read))
        return bad(path, fault->detail);
    return std::get<QByteArray>(std::move(read));
}

std::variant<Formula, int> readFormulaOrRecipe(const QString& path, const QStringList& answers,
                                               const Speech& speech)
{
    QByteArray bytes;
    if (path == QLatin1String("-")) {
        auto read = readInput(path, qint64(formulaFileMegabytes) * 1024 * 1024);
        if (const int* code = std::get_if<int>(&read))
            return *code;
        bytes = std::get<QByteArray>(std::move(read));
    } else if (const auto fault = readBytes(path, formulaFileMegabytes, bytes)) {
        return bad(path, words::fileFault(*fault));
    }
    const bool named = path.endsWith(QLatin1String(".rhexion"), Qt::CaseInsensitive);
    if (!named && !isFormulaFile(bytes))
        return formulaOfRecipe(path, bytes, answers, speech);
    auto formula = formulaFromJson(bytes);
    if (const auto* fault = std::get_if<FileFault>(&formula))
        return bad(path, words::fileFault(*fault));
    if (!answers.isEmpty())
        return wrongUse(InputText::tr("--answer is for the text of a recipe; this is a formula."));
    return std::get<Formula>(std::move(formula));
}

} // namespace rhexion::cli
