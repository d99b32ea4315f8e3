// rhexion-bench: what the sums cost and how long the programs take to start. Prints medians; a
// shared machine is noisy, so the least time is printed beside each.
//   rhexion-bench            everything
//   rhexion-bench reckon     only the sums
#include "core/reckoning/doubt.h"
#include "core/reckoning/reckon.h"
#include "storage/catalogue.h"
#include "storage/formula_json.h"

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

// Forty materials of the catalogue, with a milk as the rest, acids, shares of oils and two
// hydroxides.
Formula fortyMaterials()
{
    Formula f;
    const Catalogue& c = Catalogue::shipped();
    f.lye.sodium = c.find("sodium-hydroxide");
    f.lye.potassium = c.find("potassium-hydroxide-90");
    f.lye.potassiumShare = 0.2;
    f.liquid.value = 0.3;
    f.lines.push_back(
        {f.newId(), c.find("goat-milk"), Vessel::LyeJug, {0, AmountUnit::Rest}, true});
    for (std::size_t i = 0; f.lines.size() < 40; ++i) {
        const MaterialPtr& m = c.materials()[i * 7 % c.materials().size()];
        if (m->isHydroxide())
            continue;
        const double grams = m->isOil() ? 60.0 + double(i) : 4.0;
        const StatedAmount amount = !m->isOil() && i % 3 == 0
                                        ? StatedAmount{0.5, AmountUnit::PercentOfOils}
                                        : StatedAmount{grams, AmountUnit::Gram};
        f.lines.push_back({f.newId(), m, m->isOil() ? Vessel::OilPot : Vessel::Trace, amount});
    }
    return f;
}

void benchDoubt()
{
    const Formula f = fortyMaterials();
    const ReckonResult result = reckon(f);
    const auto* r = std::get_if<Reckoning>(&result);
    if (!r)
        return;
    double keep = 0.0;
    const Times t = timed(60, [&] { keep += doubtOf(f, *r)->superfat.median; });
    std::printf("doubt, 20,000 draws of 40 materials: median %.2f ms, least %.2f ms (target 8 for 30)%s\n",
                t.median / 1000.0, t.least / 1000.0, keep == 0.0 ? "!" : "");
}

void benchReckon()
{
    const Formula f = fortyMaterials();
    const ReckonResult result = reckon(f);
    if (!std::holds_alternative<Reckoning>(result)) {
        std::puts("the benchmark's formula is refused");
        return;
    }
    double keep = 0.0; // so that the work is not optimised away
    const Times t = timed(20000, [&] { keep += std::get<Reckoning>(reckon(f)).batterGrams; });
    std::printf(
        "reckon, 40 materials, %zu working lines: median %.2f us, least %.2f us (target 20)%s\n",
        std::get<Reckoning>(result).working.steps().size(), t.median, t.least, keep > 0 ? "" : "!");
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

void benchPrograms()
{
    const QString bin = QCoreApplication::applicationDirPath();
    QTemporaryDir dir;
    qputenv("XDG_DATA_HOME", dir.path().toLocal8Bit());
    qputenv("XDG_CONFIG_HOME", dir.path().toLocal8Bit());
    const QString file = dir.filePath(QStringLiteral("f.rhexion"));
    if (writeFormulaFile(file, fortyMaterials()))
        return;
    const Times cli =
        runProgram(bin + QStringLiteral("/rhexion-cli"), {QStringLiteral("reckon"), file}, 60);
    std::printf("rhexion-cli reckon, whole process: median %.1f ms, least %.1f ms (target 15)\n",
                cli.median / 1000, cli.least / 1000);
    if (qEnvironmentVariableIsEmpty("DISPLAY") && qEnvironmentVariableIsEmpty("QT_QPA_PLATFORM"))
        qputenv("QT_QPA_PLATFORM", "offscreen");
    // Taken in turns, so that a noisy moment touches both.
    std::vector<double> empty;
    std::vector<double> ours;
    for (int i = 0; i < 25; ++i) {
        empty.push_back(runProgram(bin + QStringLiteral("/rhexion-bench-window"), {}, 1).median);
        ours.push_back(runProgram(bin + QStringLiteral("/rhexion"),
                                  {QStringLiteral("--demo"), QStringLiteral("--time-to-paint")}, 1)
                           .median);
    }
    std::ranges::sort(empty);
    std::ranges::sort(ours);
    const auto middle = [](const std::vector<double>& v) { return v[v.size() / 2] / 1000; };
    std::printf("start to painted bench: median %.1f ms; empty Qt main window: %.1f ms; ratio %.2f "
                "(least: %.1f and %.1f ms, ratio %.2f; target 1.5)\n",
                middle(ours), middle(empty), middle(ours) / middle(empty), ours.front() / 1000,
                empty.front() / 1000, ours.front() / empty.front());
}

} // namespace

int main(int argc, char** argv)
{
    QCoreApplication app(argc, argv);
    benchReckon();
    benchDoubt();
    if (argc < 2 || QByteArray(argv[1]) != "reckon")
        benchPrograms();
}
