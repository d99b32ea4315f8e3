// rhexion-reliability: does what a maker does in a child, kills it or fills its disk, and counts
// what was acknowledged and is not there afterwards. docs/reliability.md says what it found.
//   rhexion-reliability [--kills 300] [--seed 1] [edit] [day] [weeks] [full-edit] [full-save]
//   [full-shelf] [full-day] rhexion-reliability heat [FILE...]  how often each finding of heat
//   fires over 200 formulas
#include "children.h"
#include "ordinary.h"
#include "parent.h"

#include <QCommandLineParser>
#include <QCoreApplication>

#include <cstdio>

using namespace rhexion;

int main(int argc, char** argv)
{
    QCoreApplication app(argc, argv);
    const QStringList args = app.arguments();
    if (args.size() == 6 && args[1] == QLatin1String("--child"))
        return reliability::child(args[2], args[3], args[4].toUInt(), args[5].toInt());

    QCommandLineParser parser;
    parser.addHelpOption();
    const QCommandLineOption kills("kills", "How many moments to kill at.", "n", "300");
    const QCommandLineOption seed("seed", "Where the moments begin.", "n", "1");
    parser.addOptions({kills, seed});
    parser.addPositionalArgument(
        "what",
        "edit, day, weeks, full-edit, full-save, full-shelf, full-day, full-weeks; all if none is "
        "given.");
    parser.process(app);
    const QStringList what = parser.positionalArguments();
    if (what.value(0) == QLatin1String("heat")) {
        reliability::countHeatFindings(200, parser.value(seed).toUInt(), what.mid(1));
        return 0;
    }
    const auto wanted = [&](const QString& name) { return what.isEmpty() || what.contains(name); };
    reliability::Tally all;
    const int moments = parser.value(kills).toInt();
    const unsigned begin = parser.value(seed).toUInt();
    for (const char* child : {"edit", "day", "weeks"})
        if (wanted(QString::fromLatin1(child)))
            all += reliability::killAt(QString::fromLatin1(child), moments, begin);
    const std::pair<const char*, int> acts[] = {
        {"edit", 5}, {"save", 5}, {"shelf", 4}, {"day", 16}, {"weeks", 12}};
    for (const auto& [child, many] : acts)
        if (wanted(QStringLiteral("full-") + QLatin1String(child)))
            for (const int lasting : {0, 1, 5})
                all += reliability::fillAtEach(QString::fromLatin1(child), lasting, begin, many);
    std::printf("in all: %d runs, %lld acknowledged, %lld lost\n", all.runs, all.acknowledged,
                all.lost);
    return all.lost == 0 && all.runs > 0 && all.acknowledged > 0 ? 0 : 1;
}
