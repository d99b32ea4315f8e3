// rhexion-bench: what the sums cost and how long the programs take to start. Prints medians; a
// shared machine is noisy, so the least time is printed beside each.
//   rhexion-bench            everything
//   rhexion-bench reckon     only the sums
#include "core/account/doubt.h"
#include "core/advice/reckon.h"
#include "core/heat/heat_findings.h"
#include "core/wishes/formula_wishes.h"
#include "recipe/recipe.h"
#include "solver/glpk_solver.h"
#include "storage/catalogue.h"
#include "storage/formula_json.h"

#include "mixed_formula.h"

#include <QCoreApplication>
#include <QDir>
#include <QElapsedTimer>
#include <QFile>
#include <QProcess>
#include <QTemporaryDir>

#include <algorithm>
#include <chrono>
#include <cstdio>
#include <vector>

using namespace rhexion;
using rhexion::bench::mixed;

namespace {

using Clock = std::chrono::steady_clock;

struct Times {
    double median;
    double least;
};

template <class Work>
Times timed(int runs, Work work)
{
    std::vector<double> micros;
    for (int i = 0; i < runs; ++i) {
        const auto start = Clock::now();
        work();
        micros.push_back(std::chrono::duration<double, std::micro>(Clock::now() - start).count());
    }
    std::ranges::sort(micros);
    return {micros[micros.size() / 2], micros.front()};
}

void benchDoubt()
{
    for (const std::size_t count : {30, 40}) {
        const Formula f = mixed(count);
        const ReckonResult result = reckon(f);
        const auto* r = std::get_if<Reckoning>(&result);
        if (!r)
            return;
        double keep = 0.0;
        const Times t = timed(60, [&] { keep += doubtOf(f, *r)->superfat.median; });
        std::printf("doubt, 20,000 draws of %zu materials: median %.2f ms, least %.2f ms "
                    "(target 8 for 30)%s\n",
                    count, t.median / 1000.0, t.least / 1000.0, keep == 0.0 ? "!" : "");
    }
}

void benchReckon()
{
    for (const std::size_t count : {40, 60}) {
        Formula f = mixed(count);
        for (const char* name : {"one", "two", "three"})
            f.portions.push_back(
                {f.newId(), name, 1.0, {}, HeldOil{0, {5, AmountUnit::PercentOfOils}}});
        f.lye.secondJug = SecondJug{0.2, 1.0};
        const ReckonResult result = reckon(f);
        if (!std::holds_alternative<Reckoning>(result)) {
            std::puts("the benchmark's formula is refused");
            return;
        }
        double keep = 0.0; // so that the work is not optimised away
        const Times t = timed(20000, [&] { keep += std::get<Reckoning>(reckon(f)).batterGrams; });
        const auto& r = std::get<Reckoning>(result);
        std::printf("reckon, %zu materials in three portions and two jugs, %zu working lines, %zu "
                    "cautions: median %.2f us, least %.2f us (target 100 for 60)%s\n",
                    count, r.working.steps().size(), r.cautions.size(), t.median, t.least,
                    keep > 0 ? "" : "!");
    }
}

// A kilo loaf under lid and towel, as in docs/heat.md.
Formula loafToHeat()
{
    Formula f;
    const Catalogue& c = Catalogue::shipped();
    f.lye.sodium = c.find("sodium-hydroxide");
    for (const auto& [id, grams] :
         {std::pair("olive-oil", 280.0), {"coconut-oil", 210.0}, {"palm-oil", 200.0}})
        f.lines.push_back({f.newId(), c.find(id), Vessel::OilPot, {grams, AmountUnit::Gram}});
    f.lines.push_back(
        {f.newId(), c.find("goat-milk"), Vessel::LyeJug, {0.0, AmountUnit::Rest}, true});
    f.moulds.push_back({{"", Loaf{240.0, 80.0, 70.0, 0, 0, 0, 0}, 1}, 0, 1.0});
    return f;
}

void benchHeat()
{
    const Formula f = loafToHeat();
    const ReckonResult result = reckon(f);
    const auto* r = std::get_if<Reckoning>(&result);
    if (!r)
        return;
    const HeatPlan plan;
    const auto say = [](const char* what, const Times& t, const char* target) {
        std::printf("heat, %s: median %.2f ms, least %.2f ms%s\n", what, t.median / 1000.0,
                    t.least / 1000.0, target);
    };
    const auto jug = heat::jugOf(f, *r, plan);
    double keep = 0.0;
    say("a jug forecast with its band",
        timed(60, [&] { keep += heat::forecastJug(std::get<heat::Jug>(jug)).peak.typical(); }),
        " (target 2)");
    const auto forecast = heat::forecastHeat(f, *r, plan);
    const auto& meeting = std::get<heat::MeetingForecast>(forecast->meeting);
    say("a meeting with its spread",
        timed(60,
              [&] {
                  keep += heat::meetingOf(meeting.jug, meeting.pot, meeting.window).has_value();
                  keep += heat::meetingSd(meeting.jug, meeting.pot, meeting.window).value_or(1.0);
              }),
        " (target 2)");
    const auto pours = heat::poursOf(f, *r, plan);
    const heat::Pour& pour = std::get<std::vector<heat::Pour>>(pours).front();
    heat::MouldOptions options;
    options.hours = 72.0;
    say("72 h of a loaf, 40 by 40 cells",
        timed(20,
              [&] {
                  keep += heat::runMould(pour.batter, pour.setup, 38.0, plan.trace, options)->peak;
              }),
        " (target 30)");
    heat::ForecastOptions whole;
    whole.fields = true;
    say("all of it with findings, as the bench shows",
        timed(20, [&] { keep += heat::tellHeat(f, *r, plan, whole)->forecast.potCelsius; }),
        " (on screen within 150 of the last key)");
    whole.coarse = true;
    whole.fields = false;
    say("the same while something is dragged",
        timed(40, [&] { keep += heat::tellHeat(f, *r, plan, whole)->forecast.potCelsius; }), "");
    QFile status(QStringLiteral("/proc/self/statm"));
    const auto pages = [&] {
        status.open(QIODevice::ReadOnly);
        const double n = status.readAll().split(' ').value(1).toDouble();
        status.close();
        return n * 4.0 / 1024.0;
    };
    const double before = pages();
    for (int i = 0; i < 1000; ++i)
        keep += heat::tellHeat(f, *r, plan, whole)->forecast.potCelsius;
    std::printf("heat, memory over 1,000 forecasts: %.1f MB before, %.1f MB after%s\n", before,
                pages(), keep == 0.0 ? "!" : "");
}

Times runProgram(const QString& program, const QStringList& args, int runs)
{
    return timed(runs, [&] {
        QProcess process;
        process.setStandardOutputFile(QProcess::nullDevice());
        process.setStandardErrorFile(QProcess::nullDevice());
        process.start(program, args);
        process.waitForFinished(-1);
    });
}

// How long a program takes until it says that it is painted, and what memory it then has used.
class Starts {
public:
    void add(const QString& program, const QStringList& args)
    {
        QProcess process;
        process.setStandardErrorFile(QProcess::nullDevice());
        QElapsedTimer timer;
        timer.start();
        process.start(program, args);
        QByteArray said;
        while (!said.contains('\n') && process.waitForReadyRead(30000))
            said += process.readAllStandardOutput();
        millis_.push_back(static_cast<double>(timer.nsecsElapsed()) / 1e6);
        kilobytes_.push_back(said.split(' ').value(1).toDouble());
        process.waitForFinished(-1); // taking the window down is not start
    }
    double median() const { return middle(millis_); }
    double least() const { return *std::ranges::min_element(millis_); }
    double megabytes() const { return middle(kilobytes_) / 1024.0; }

private:
    static double middle(std::vector<double> v)
    {
        std::ranges::sort(v);
        return v[v.size() / 2];
    }
    std::vector<double> millis_;
    std::vector<double> kilobytes_;
};

// Forty lines as people write them; twelve oils solved for two wishes, guards on.
void benchFormulating()
{
    std::string text = "Harbour bar\nsuperfat 5 %\nlye strength 33 %\nOils:\n";
    const char* const lines[] = {
        "400 g olive oil (40 %)\n",       "8-1/2 oz coconut oil, melted\n",
        "2-3 tbsp castor oil at trace\n", "1 lb 4 oz lard\n",
        "rest buttermilk, frozen\n",      "1 1/2 tsp sodium lactate in the jug\n"};
    for (int i = 0; i < 36; ++i)
        text += lines[i % 6];
    std::size_t read = readRecipe(text).recipe.lines.size(); // once, so that its words are there
    const Times recipe = timed(400, [&] { read += readRecipe(text).recipe.lines.size(); });
    std::printf("a recipe of 40 lines, read: median %.0f us, least %.0f us (target 1000)%s\n",
                recipe.median, recipe.least, read > 0 ? "" : "!");

    Formula f;
    f.lye.sodium = Catalogue::shipped().find("sodium-hydroxide");
    int oils = 0;
    for (const MaterialPtr& m : Catalogue::shipped().materials()) {
        if (m->kind != MaterialKind::Fat || m->fattyAcids.empty() || oils == 12)
            continue;
        f.lines.push_back({f.newId(), m, Vessel::OilPot, {50.0 + 10 * oils++, AmountUnit::Gram}});
    }
    f.lines.push_back({f.newId(), plainWater(), Vessel::LyeJug, {0.0, AmountUnit::Rest}});
    WishesAsked asked;
    Wish acids;
    acids.kind = WishKind::FattyAcids;
    acids.group = AcidGroup::PalmiticStearic;
    acids.low = 0.22;
    Wish iodine;
    iodine.kind = WishKind::Iodine;
    iodine.high = 75.0;
    Wish total;
    total.low = total.high = 1000.0;
    asked.wishes = {acids, iodine, total};
    for (const Wish& guard : usualGuards(f, asked))
        asked.wishes.push_back(guard);
    std::size_t answers = 0;
    const Times solved = timed(40, [&] {
        answers += std::holds_alternative<WishProposal>(propose(f, asked, solveWithGlpk));
    });
    std::printf(
        "12 oils solved for two wishes with guards, reckoned: median %.1f ms, least %.1f ms "
        "(target 100), %zu of 40 answered\n",
        solved.median / 1000, solved.least / 1000, answers);
}

void benchPrograms()
{
    const QString bin = QCoreApplication::applicationDirPath();
    QTemporaryDir dir;
    qputenv("XDG_DATA_HOME", dir.path().toLocal8Bit());
    qputenv("XDG_CONFIG_HOME", dir.path().toLocal8Bit());
    const QString file = dir.filePath(QStringLiteral("f.rhexion"));
    if (writeFormulaFile(file, mixed(40)))
        return;
    const Times cli =
        runProgram(bin + QStringLiteral("/rhexion-cli"), {QStringLiteral("reckon"), file}, 60);
    std::printf("rhexion-cli reckon, whole process: median %.1f ms, least %.1f ms (target 15)\n",
                cli.median / 1000, cli.least / 1000);
    if (qEnvironmentVariableIsEmpty("DISPLAY") && qEnvironmentVariableIsEmpty("QT_QPA_PLATFORM"))
        qputenv("QT_QPA_PLATFORM", "offscreen");
    // Taken in turns, so that a noisy moment touches both.
    Starts small;
    Starts ours;
    for (int i = 0; i < 41; ++i) {
        small.add(bin + QStringLiteral("/rhexion-bench-small"), {});
        ours.add(bin + QStringLiteral("/rhexion"),
                 {QStringLiteral("--demo"), QStringLiteral("--time-to-paint")});
    }
    std::printf("start to painted bench: median %.1f ms; a small window: %.1f ms; ratio %.2f "
                "(least: %.1f and %.1f ms, ratio %.2f; target 1.5)\n",
                ours.median(), small.median(), ours.median() / small.median(), ours.least(),
                small.least(), ours.least() / small.least());
    std::printf("memory at that moment: %.1f MB; the small window: %.1f MB; ratio %.2f (target "
                "1.5)\n",
                ours.megabytes(), small.megabytes(), ours.megabytes() / small.megabytes());
}

} // namespace

int main(int argc, char** argv)
{
    QCoreApplication app(argc, argv);
    benchReckon();
    benchDoubt();
    benchFormulating();
    benchHeat();
    if (argc < 2 || QByteArray(argv[1]) != "reckon")
        benchPrograms();
}
