#include "cli/making_commands.h"

#include "cli/answers.h"
#include "cli/formula_input.h"
#include "core/formula/scale.h"
#include "core/making/mould_fit.h"
#include "core/wishes/formula_wishes.h"
#include "recipe/recipe_answers.h"
#include "recipe/recipe_formula.h"
#include "solver/glpk_solver.h"
#include "storage/catalogue.h"
#include "storage/catalogue_lookup.h"
#include "storage/day_json.h"
#include "storage/fittings.h"
#include "storage/formula_json.h"
#include "storage/heat_json.h"
#include "storage/heat_record.h"
#include "storage/making_json.h"
#include "storage/material_names.h"
#include "storage/pace_record.h"
#include "storage/recipe_json.h"
#include "storage/sqlite_journal.h"
#include "storage/text_file.h"
#include "words/blend_words.h"
#include "words/day_plan_words.h"
#include "words/heat_words.h"
#include "words/mould_words.h"
#include "words/plain_text.h"
#include "words/recipe_text_words.h"
#include "words/refusal_words.h"
#include "words/scent_words.h"
#include "words/search_words.h"
#include "words/water_words.h"
#include "words/wish_words.h"
#include "words/working_time_words.h"

#include <QCoreApplication>
#include <QFile>
#include <QJsonDocument>

#include <cstdio>

namespace rhexion {

namespace {

struct MakingText {
    Q_DECLARE_TR_FUNCTIONS(Making)
};

using namespace cli;

struct Opened {
    Formula formula;
    Reckoning reckoning;
};

// The exit code where it cannot be.
std::variant<Opened, int> openFormula(const QString& path, const MakingOptions& o)
{
    auto read = readFormulaOrRecipe(path, o.answers, o.speech);
    if (const int* code = std::get_if<int>(&read))
        return *code;
    Opened out{std::get<Formula>(read), {}};
    const ReckonResult result = reckon(out.formula);
    if (const auto* refusal = std::get_if<Refusal>(&result))
        return bad(path, words::refusal(*refusal, o.speech));
    out.reckoning = std::get<Reckoning>(result);
    return out;
}

std::variant<Fittings, int> openFittings(const MakingOptions& o)
{
    if (o.fittings.isEmpty())
        return Fittings{};
    if (!QFile::exists(o.fittings))
        return bad(o.fittings, MakingText::tr("there is no such file."));
    const auto read = readFittings(o.fittings);
    if (const auto* fault = std::get_if<FileFault>(&read))
        return bad(o.fittings, words::fileFault(*fault));
    return std::get<Fittings>(read);
}

// What a maker's journal remembers; it is not written to.
std::variant<std::unique_ptr<SqliteJournal>, int> openJournal(const MakingOptions& o)
{
    if (!QFile::exists(o.journal))
        return bad(o.journal, MakingText::tr("there is no such file."));
    auto opened = SqliteJournal::open(o.journal, SqliteJournal::How::ReadOnly);
    if (const auto* fault = std::get_if<FileFault>(&opened))
        return bad(o.journal, words::fileFault(*fault));
    return std::move(std::get<std::unique_ptr<SqliteJournal>>(opened));
}

std::variant<PaceRecord, int> openPaceRecord(const MakingOptions& o)
{
    if (o.journal.isEmpty())
        return PaceRecord{};
    const auto opened = openJournal(o);
    if (const int* code = std::get_if<int>(&opened))
        return *code;
    const auto record = paceRecordOf(*std::get<std::unique_ptr<SqliteJournal>>(opened));
    if (const auto* fault = std::get_if<FileFault>(&record))
        return bad(o.journal, words::fileFault(*fault));
    return std::get<PaceRecord>(record);
}

// "loaf:240x80x70", "slab:300x200x40", "column:75x200", "tube:80x250", "dome:70x35", "free:850":
// inside sizes in mm, ml for a free shape; "6*dome:70x35" for six of them.
std::optional<Mould> mouldFromText(QString text)
{
    Mould mould;
    if (const qsizetype star = text.indexOf(QLatin1Char('*')); star > 0) {
        mould.count = text.left(star).toInt();
        text = text.mid(star + 1);
    }
    const QString kind = text.section(QLatin1Char(':'), 0, 0);
    std::vector<double> size;
    for (const QString& part : text.section(QLatin1Char(':'), 1).split(QLatin1Char('x'))) {
        bool good = false;
        size.push_back(QLocale::c().toDouble(part, &good));
        if (!good)
            return std::nullopt;
    }
    const auto is = [&](const char* word, std::size_t sizes) {
        return kind == QLatin1String(word) && size.size() == sizes;
    };
    if (is("loaf", 3))
        mould.shape = Loaf{size[0], size[1], size[2]};
    else if (is("slab", 3))
        mould.shape = Slab{size[0], size[1], size[2], 0, 0, 0.0, 0.0};
    else if (is("column", 2))
        mould.shape = Column{size[0], size[1]};
    else if (is("tube", 2))
        mould.shape = LyingTube{size[0], size[1], size[0]};
    else if (is("dome", 2))
        mould.shape = Dome{size[0] / 2.0, size[1]};
    else if (is("free", 1))
        mould.shape = FreeShape{size[0]};
    else
        return std::nullopt;
    return mould;
}

void scale(Opened& f, double factor)
{
    Formula scaledTo = f.formula;
    for (const Edit& edit : scaled(f.formula, factor))
        apply(scaledTo, edit);
    f.formula = scaledTo;
    f.reckoning = std::get<Reckoning>(reckon(f.formula));
}

// "olive-oil=300", by id or by name; the one that could not be read.
std::variant<std::vector<Left>, QString> leftFromText(const Formula& formula,
                                                      const QStringList& texts)
{
    std::vector<Left> out;
    for (const QString& text : texts) {
        const QString name = text.section(QLatin1Char('='), 0, -2).trimmed();
        bool good = false;
        const double grams = QLocale::c().toDouble(text.section(QLatin1Char('='), -1), &good);
        const auto line = std::ranges::find_if(formula.lines, [&](const Line& l) {
            return name == QString::fromStdString(l.material->id) ||
                   name.compare(words::lineName(l.id, formula), Qt::CaseInsensitive) == 0;
        });
        if (!good || !(grams > 0.0) || line == formula.lines.end())
            return text;
        out.push_back({line->id, grams});
    }
    return out;
}

int mouldCommand(Opened& f, const MakingOptions& o)
{
    auto fittings = openFittings(o);
    if (const int* code = std::get_if<int>(&fittings))
        return *code;
    if (!o.mould.isEmpty()) {
        const auto mould = mouldFromText(o.mould);
        if (!mould)
            return wrongUse(MakingText::tr("--mould takes a shape like loaf:240x80x70, in mm."));
        if (const auto fault = faultOf(*mould))
            return bad(o.mould, words::cannot(*fault, o.speech));
        f.formula.moulds = {MouldUse{*mould, 0, 1.0}};
    }
    if (!o.left.isEmpty()) {
        const auto left = leftFromText(f.formula, o.left);
        if (const QString* unread = std::get_if<QString>(&left))
            return wrongUse(MakingText::tr("--left takes a material of the formula and its grams, "
                                           "like olive-oil=300: “%1”.")
                                .arg(*unread));
        const auto factor = factorForStock(f.formula, std::get<std::vector<Left>>(left));
        if (const Cannot* cannot = std::get_if<Cannot>(&factor))
            return bad(QStringLiteral("--left"), words::cannot(*cannot, o.speech));
        const auto& stock = std::get<StockFactor>(factor);
        scale(f, stock.factor);
        if (!o.json)
            put(stdout, forTerminal(MakingText::tr("Scaled to %1 of it; %2 runs out first.")
                                        .arg(o.speech.percent(stock.factor),
                                             words::lineName(stock.decides, f.formula))) +
                            QLatin1Char('\n'));
    }
    if (o.bars) {
        const auto factor = factorForBars(f.formula, *o.bars, o.cured.value_or(100.0));
        if (const Cannot* cannot = std::get_if<Cannot>(&factor))
            return bad(QStringLiteral("--bars"), words::cannot(*cannot, o.speech));
        scale(f, std::get<double>(factor));
        if (!o.json)
            put(stdout, MakingText::tr("Scaled to %1 of it for those bars.\n")
                            .arg(o.speech.percent(std::get<double>(factor))));
    }
    if (o.json)
        return putJson(mouldFitToJson(f.formula, f.reckoning));
    return putFacts(words::mouldFacts(fitMoulds(f.formula, f.reckoning), f.formula, f.reckoning,
                                      std::get<Fittings>(fittings).vessels, o.speech));
}

int scentCommand(const Opened& f, const MakingOptions& o)
{
    auto fittings = openFittings(o);
    if (const int* code = std::get_if<int>(&fittings))
        return *code;
    const auto& own = std::get<Fittings>(fittings);
    const auto record = openPaceRecord(o);
    if (const int* code = std::get_if<int>(&record))
        return *code;
    const std::vector<ScentBlend> blends = withFlashPoints(own.blends);
    const ScentPicture picture = scentPicture(f.formula, f.reckoning, own.limits, own.certificates,
                                              std::get<PaceRecord>(record).times, blends);
    if (o.json)
        return putJson(scentToJson(f.formula, picture, own));
    return putFacts(words::scentFacts(f.formula, picture, own.limits, blends, o.speech));
}

// "hard", "250", "14 german", "2.5 mmol/l".
std::optional<std::pair<double, HardnessUnit>> hardnessFromText(const QString& text)
{
    const QString plain = text.simplified();
    for (const auto kind : {HardnessClass::Soft, HardnessClass::Middling, HardnessClass::Hard}) {
        static const char* const code[] = {"soft", "middling", "hard"};
        if (plain == QLatin1String(code[int(kind)]) || plain == words::hardnessClassName(kind))
            return std::pair(usualOf(kind), HardnessUnit::MillimolePerLitre);
    }
    bool good = false;
    const double value = QLocale::c().toDouble(plain.section(QLatin1Char(' '), 0, 0), &good);
    const QString unit = plain.section(QLatin1Char(' '), 1);
    const auto known = unit.isEmpty() ? std::optional(HardnessUnit::MgCalciumCarbonate)
                                      : hardnessUnitFromCode(unit.toStdString());
    if (!good || !known)
        return std::nullopt;
    return std::pair(value, *known);
}

int waterCommand(const Opened& f, const MakingOptions& o)
{
    auto fittings = openFittings(o);
    if (const int* code = std::get_if<int>(&fittings))
        return *code;
    WashWater water = std::get<Fittings>(fittings).water;
    HardnessUnit unit = std::get<Fittings>(fittings).unit;
    if (!o.hardness.isEmpty()) {
        const auto typed = hardnessFromText(o.hardness);
        if (!typed)
            return wrongUse(
                MakingText::tr("--hardness takes soft, middling, hard, or a figure with "
                               "its unit: 250, “14 german”, “2.5 mmol/l”."));
        const auto h = hardness(typed->first, typed->second);
        if (const Cannot* cannot = std::get_if<Cannot>(&h))
            return bad(o.hardness, words::cannot(*cannot, o.speech));
        water.hardness = std::get<double>(h);
        unit = typed->second;
    }
    water.dose = o.dose.value_or(water.dose);
    if (o.json)
        return putJson(waterToJson(f.formula, f.reckoning, water));
    return putFacts(words::waterFacts(f.formula, f.reckoning, water, unit, o.speech));
}

int solveCommand(const Opened& f, const MakingOptions& o)
{
    WishesAsked asked;
    asked.mostOilsChanged = o.atMost;
    for (const QString& id : o.offers) {
        const MaterialPtr m = CatalogueLookup::withId(id.toStdString());
        if (!m || !m->isOil())
            return bad(id,
                       MakingText::tr("--offer takes the id of an oil: see rhexion-cli materials "
                                      "--json."));
        asked.offered.push_back({m, 0.0, std::nullopt});
    }
    const std::vector<MaterialPtr> oils = oilsInPlay(f.formula, asked);
    for (const QString& text : o.wishes) {
        const auto wish = words::wishFromText(text, oils);
        if (!wish)
            return wrongUse(
                MakingText::tr("“%1” is no wish. One is “lauric-myristic 22..24”, “iodine "
                               "..62”, “superfat 5”, “oil:coconut-oil ..35”.")
                    .arg(text));
        asked.wishes.push_back(*wish);
    }
    if (o.guards)
        for (const Wish& guard : usualGuards(f.formula, asked))
            asked.wishes.push_back(guard);
    const bool sized = std::ranges::any_of(asked.wishes, [](const Wish& w) {
        return w.kind == WishKind::TotalOils || w.kind == WishKind::Batter ||
               w.kind == WishKind::Hydroxide;
    });
    if (!sized) { // as much as there is
        Wish total;
        total.low = total.high = f.reckoning.oilsGrams;
        asked.wishes.insert(asked.wishes.begin(), total);
    }
    const WishProblem problem = problemOf(f.formula, f.reckoning, asked);
    const ProposalResult result = propose(f.formula, asked, solveWithGlpk);
    if (o.json) {
        const int code = putJson(proposalToJson(result, problem));
        return std::holds_alternative<WishProposal>(result) ? code : int(BadInput);
    }
    if (const Cannot* cannot = std::get_if<Cannot>(&result))
        return bad(QStringLiteral("solve"), words::cannot(*cannot, o.speech));
    if (const auto* together = std::get_if<CannotTogether>(&result)) {
        put(stdout, words::cannotTogetherSaid(problem, *together, o.speech) + QLatin1Char('\n'));
        for (const NearestWish& nearest : together->nearest)
            put(stdout, QStringLiteral("  ") +
                            MakingText::tr("with the others: %1")
                                .arg(words::nearestSaid(problem, nearest, o.speech)) +
                            QLatin1Char('\n'));
        return BadInput;
    }
    const auto& p = std::get<WishProposal>(result);
    return putFacts(words::answerFacts(p.problem, p.answer, o.speech));
}

void putReading(const Recipe& recipe, const Speech& s)
{
    for (std::size_t n = 1; n <= recipe.text.size(); ++n) {
        const Recipe::Kind kind = recipe.kindOf(int(n));
        if (kind == Recipe::Kind::Blank)
            continue;
        const auto row = [&](const QString& said) {
            put(stdout, forTerminal(QStringLiteral("%1  %2  %3")
                                        .arg(int(n), 4)
                                        .arg(words::recipeKindName(kind), -14)
                                        .arg(said)) +
                            QLatin1Char('\n'));
        };
        bool said = false;
        for (const RecipeLine& line : recipe.lines)
            if (line.n == int(n)) {
                row(words::recipeLineSaid(line));
                for (const RecipeQuestion q : line.amount.ask)
                    put(stdout, forTerminal(QStringLiteral("                      ? %1 (%2)")
                                                .arg(words::recipeQuestion(q),
                                                     words::recipeTaken(q, line, s))) +
                                    QLatin1Char('\n'));
                said = true;
            }
        for (const RecipeTotal& total : recipe.totals)
            if (total.n == int(n)) {
                row(words::recipeTotalSaid(total, s));
                said = true;
            }
        if (!said)
            row(QString::fromStdString(recipe.text[n - 1]).trimmed());
        for (const auto& [line, q] : recipe.settingAsks)
            if (line == int(n))
                put(stdout, forTerminal(QStringLiteral("                      ? %1 (%2)")
                                            .arg(words::recipeQuestion(q),
                                                 words::recipeTaken(q, RecipeLine(), s))) +
                                QLatin1Char('\n'));
    }
}

int parseCommand(const QString& path, const MakingOptions& o)
{
    const auto text = readInput(path, qint64(longestRecipe));
    if (const int* code = std::get_if<int>(&text))
        return *code;
    if (std::get<QByteArray>(text).size() > qsizetype(longestRecipe))
        return bad(path, words::recipeRefusal(RecipeRefusal::TooLong));
    const auto decoded = textOfBytes(std::get<QByteArray>(text));
    if (!decoded)
        return bad(path, words::recipeIsNoText());
    const QByteArray bytes = decoded->toUtf8();
    RecipeRead read = readRecipe({bytes.constData(), std::size_t(bytes.size())});
    if (read.refusal)
        return bad(path, words::recipeRefusal(*read.refusal));
    Recipe& recipe = read.recipe;
    const CatalogueLookup lookup(Foods::shippedPath(), words::searchRules());
    const auto materials =
        materialsFor(recipe, [&](const RecipeLine& line) { return lookup.meantBy(line); });
    if (o.json) {
        QJsonObject out = recipeToJson(recipe);
        out["format"] = QStringLiteral("rhexion-recipe");
        out["version"] = 1;
        return putJson(out);
    }
    putReading(recipe, o.speech);
    // Their lye against the reckoning.
    Formula start;
    start.lye.sodium = CatalogueLookup::withId(usualSodium);
    start.lye.potassium = CatalogueLookup::withId(usualPotassium);
    const RecipeAsFormula made = formulaOf(recipe, materials, start);
    if (const auto superfat = superfatOfStatedLye(made))
        put(stdout, words::recipeLyeSaid(*superfat, o.speech) + QLatin1Char('\n'));
    if (made.percentAlone)
        put(stdout,
            MakingText::tr("All of it is in per cent: say how much oil, or which mould.\n"));
    for (std::size_t i = 0; i < materials.size(); ++i)
        if (!materials[i].material && materials[i].candidates.empty() && !materials[i].isLye)
            put(stdout, forTerminal(MakingText::tr("“%1” is not on the shelf.")
                                        .arg(QString::fromStdString(recipe.lines[i].name))) +
                            QLatin1Char('\n'));
    return Good;
}

// A recipe's text, its questions answered, as a formula file.
int formulaCommand(const QString& path, const MakingOptions& o)
{
    const auto read = readFormulaOrRecipe(path, o.answers, o.speech);
    if (const int* code = std::get_if<int>(&read))
        return *code;
    const auto& formula = std::get<Formula>(read);
    if (o.output.isEmpty())
        return put(stdout, formulaToJson(formula)) ? Good : BadInput;
    if (const auto code = isThere(o.output, o.force))
        return *code;
    if (const auto fault = writeFormulaFile(o.output, formula))
        return bad(o.output, words::fileFault(*fault));
    return Good;
}

int textCommand(const Opened& f, const MakingOptions& o)
{
    const bool german = QLocale().language() == QLocale::German;
    const RecipeLanguage language = german ? RecipeLanguage::German : RecipeLanguage::English;
    const RecipeNames named = [](const Material& m) { return materialName(m).toStdString(); };
    const Recipe recipe = recipeOf(f.formula, &f.reckoning, german ? named : RecipeNames());
    put(stdout, QString::fromStdString(o.markdown ? writeRecipeMarkdown(recipe, language)
                                                  : writeRecipe(recipe, language)));
    return Good;
}

struct HeatTopic {
    const char* word;
    words::FactPage (*facts)(const heat::HeatForecast&, const Formula&, const Speech&);
    QJsonObject (*json)(const Formula&, const heat::HeatForecast&);
};
constexpr HeatTopic heatTopics[] = {{"jug", words::jugFacts, jugHeatToJson},
                                    {"meet", words::meetingFacts, meetingHeatToJson},
                                    {"mould", words::mouldHeatFacts, mouldHeatToJson},
                                    {"cook", words::cookFacts, cookHeatToJson}};

int heatCommand(const QStringList& words, const MakingOptions& o)
{
    const HeatTopic* topic = nullptr;
    for (const HeatTopic& t : heatTopics)
        if (!words.isEmpty() && words.first() == QLatin1String(t.word))
            topic = &t;
    if (!topic || words.size() != 2)
        return wrongUse(MakingText::tr("heat takes jug, meet, mould or cook, and one file."));
    const auto opened = openFormula(words.last(), o);
    if (const int* code = std::get_if<int>(&opened))
        return *code;
    const auto fittings = openFittings(o);
    if (const int* code = std::get_if<int>(&fittings))
        return *code;
    const auto& f = std::get<Opened>(opened);
    const HeatPlan usual = std::get<Fittings>(fittings).heat.value_or(HeatPlan{});
    const HeatPlan plan = f.formula.heat.value_or(usual);
    HeatKnown known;
    if (!o.journal.isEmpty()) {
        const auto opened_ = openJournal(o);
        if (const int* code = std::get_if<int>(&opened_))
            return *code;
        const auto logs = heatLogsOf(*std::get<std::unique_ptr<SqliteJournal>>(opened_), usual,
                                     std::get<Fittings>(fittings).heatForgotten);
        if (const auto* fault = std::get_if<FileFault>(&logs))
            return bad(o.journal, words::fileFault(*fault));
        known = heatKnownFor(f.formula, plan, std::get<std::vector<HeatLog>>(logs));
    }
    heat::ForecastOptions options;
    options.learnt = known.learnt;
    const auto forecast = heat::forecastHeat(f.formula, f.reckoning, plan, options); // uncancelled
    if (o.json)
        return putJson(topic->json(f.formula, *forecast));
    words::FactPage page = topic->facts(*forecast, f.formula, o.speech);
    if (known.any()) {
        page.sections.append(words::learntSection(known, o.speech));
        page.sections.last().facts.last().action.clear(); // nothing can be pressed here
    }
    return putFacts(page);
}

int dayCommand(const QStringList& files, const MakingOptions& o)
{
    if (files.isEmpty() || files.size() > 2)
        return wrongUse(MakingText::tr("day takes one formula, or two that share a bench."));
    const auto fittings = openFittings(o);
    if (const int* code = std::get_if<int>(&fittings))
        return *code;
    const HeatPlan usual = std::get<Fittings>(fittings).heat.value_or(HeatPlan{});
    ScheduleWish wish;
    wish.now = QDateTime::currentMSecsSinceEpoch();
    if (!o.pourAt.isEmpty()) {
        const auto at = timeOfDay(o.pourAt);
        if (!at)
            return wrongUse(MakingText::tr("--pour-at takes a time such as 15:00."));
        wish.how = ScheduleHow::PourAt;
        wish.pourAt = *at;
    } else if (o.within) {
        wish.how = ScheduleHow::Within;
        wish.within = *o.within * 3600.0;
    }
    std::vector<Opened> opened;
    std::vector<DayPlan> plans;
    std::vector<heat::HeatForecast> forecasts;
    for (const QString& file : files) {
        auto one = openFormula(file, o);
        if (const int* code = std::get_if<int>(&one))
            return *code;
        opened.push_back(std::get<Opened>(std::move(one)));
    }
    for (const Opened& one : opened) {
        plans.push_back(planDay(one.formula, one.reckoning));
        forecasts.push_back(*heat::forecastHeat(one.formula, one.reckoning,
                                                one.formula.heat.value_or(usual))); // uncancelled
    }
    std::vector<DayOf> days;
    for (std::size_t i = 0; i < opened.size(); ++i)
        days.push_back(dayOf(plans[i], opened[i].formula, opened[i].reckoning, &forecasts[i]));
    const Schedule schedule = scheduleOf(days, wish);
    const auto later =
        laterSteps(opened.front().formula, opened.front().reckoning, &forecasts.front());
    return o.json ? putJson(dayToJson(days, schedule, later))
                  : putFacts(words::dayPage(days, schedule, wish, later, o.speech));
}

} // namespace

std::optional<qint64> timeOfDay(const QString& text)
{
    if (text.isEmpty())
        return 0;
    QDateTime at = QDateTime::fromString(text, Qt::ISODate);
    if (const QTime time = QTime::fromString(text, QStringLiteral("H:mm")); time.isValid())
        at = QDateTime(QDate::currentDate(), time);
    return at.isValid() ? std::optional(at.toMSecsSinceEpoch()) : std::nullopt;
}

bool isMakingCommand(const QString& command)
{
    static const QStringList all{"mould", "scent", "blend", "water", "working", "heat",
                                 "day",   "solve", "parse", "text",  "formula"};
    return all.contains(command);
}

QString makingHelp()
{
    return MakingText::tr(
        "  rhexion-cli mould FILE [--mould SHAPE] [--bars N [--cured G]] [--left M=G...]\n"
        "      [--fittings F] [--json]\n"
        "      whether it fits, how high it stands, bars; SHAPE like loaf:240x80x70 in mm,\n"
        "      slab, column, tube, dome, free:ML, six of one as 6*dome:70x35\n"
        "  rhexion-cli scent FILE [--fittings F] [--journal J] [--json]\n"
        "      each scent on every basis, limits, allergens, flash point, how often tried\n"
        "  rhexion-cli blend FILE [--json]\n"
        "      fatty acids with their bands and what they do; salt and sugar\n"
        "  rhexion-cli water FILE [--hardness H] [--dose G] [--json]\n"
        "      what hard water does; H soft, middling, hard, 250, “14 german”\n"
        "  rhexion-cli working FILE [--journal J] [--json]\n"
        "      how long it stays fluid; when to unmould, cut and stamp; J, a journal,\n"
        "      corrects it by batches made\n"
        "  rhexion-cli heat jug|meet|mould|cook FILE [--fittings F] [--journal J] [--json]\n"
        "      an estimate of how warm it gets, with its band; F has your usual room, jug\n"
        "      and covers, for a formula without a plan of its own\n"
        "  rhexion-cli day FILE [FILE] [--pour-at TIME | --within HOURS] [--fittings F] [--json]\n"
        "      what to do when, from the days before to when it is ready; two formulas share\n"
        "      one bench; TIME like 15:00 or 2026-11-28T15:00\n"
        "  rhexion-cli solve FILE --wish W... [--offer OIL...] [--at-most N] [--no-guards] "
        "[--json]\n"
        "      the least change that meets every wish, or which cannot stand together;\n"
        "      W like “lauric-myristic 22..24”, “iodine ..62”, “oil:coconut-oil ..35”\n"
        "  rhexion-cli parse TEXT [--json]\n"
        "      a recipe as people write it, line by line; TEXT - reads stdin\n"
        "  rhexion-cli formula TEXT [--answer LINE=ANSWER...] [-o FILE.rhexion [--force]]\n"
        "      a recipe as people write it, as a formula; what is not certain is asked first\n"
        "  rhexion-cli text FILE [--markdown]\n"
        "      a formula as plain text, or as a Markdown table\n");
}

int runMakingCommand(const QString& command, const QStringList& words, const MakingOptions& o)
{
    if (command == QLatin1String("heat"))
        return heatCommand(words, o);
    if (command == QLatin1String("day"))
        return dayCommand(words, o);
    if (words.size() != 1)
        return wrongUse(MakingText::tr("%1 takes one file.").arg(command));
    if (command == QLatin1String("parse"))
        return parseCommand(words.first(), o);
    if (command == QLatin1String("formula"))
        return formulaCommand(words.first(), o);
    auto opened = openFormula(words.first(), o);
    if (const int* code = std::get_if<int>(&opened))
        return *code;
    auto& f = std::get<Opened>(opened);
    if (command == QLatin1String("mould"))
        return mouldCommand(f, o);
    if (command == QLatin1String("scent"))
        return scentCommand(f, o);
    if (command == QLatin1String("water"))
        return waterCommand(f, o);
    if (command == QLatin1String("solve"))
        return solveCommand(f, o);
    if (command == QLatin1String("text"))
        return textCommand(f, o);
    if (command == QLatin1String("blend"))
        return o.json ? putJson(blendToJson(f.formula, f.reckoning))
                      : putFacts(words::blendFacts(blendOf(f.formula, f.reckoning), f.formula,
                                                   f.reckoning, o.speech));
    const auto read = openPaceRecord(o);
    if (const int* code = std::get_if<int>(&read))
        return *code;
    const auto& own = std::get<PaceRecord>(read);
    return o.json ? putJson(workingToJson(f.formula, f.reckoning, own.tried, own.logs))
                  : putFacts(
                        words::workingFacts(f.formula, f.reckoning, own.tried, own.logs, o.speech));
}

} // namespace rhexion
