#include "parent.h"

#include "children.h"

#include <QCoreApplication>
#include <QFile>
#include <QProcess>
#include <QTemporaryDir>

#include <csignal>
#include <cstdio>
#include <random>
#include <unistd.h>

namespace rhexion::reliability {

namespace {

void begin(QProcess& process, const QString& child, const QString& folder, unsigned seed, int acts)
{
    process.setProcessChannelMode(QProcess::ForwardedErrorChannel);
    process.start(
        QCoreApplication::applicationFilePath(),
        {QStringLiteral("--child"), child, folder, QString::number(seed), QString::number(acts)});
}

QStringList linesOf(const QByteArray& said)
{
    // A line the kill cut short was not acknowledged.
    return QString::fromUtf8(said.left(said.lastIndexOf('\n') + 1))
        .split(QLatin1Char('\n'), Qt::SkipEmptyParts);
}

void count(Tally& tally, const QString& child, const QString& folder, const QByteArray& said)
{
    const QStringList acknowledged = linesOf(said);
    ++tally.runs;
    tally.acknowledged += acknowledged.size();
    const auto lost = lostOf(child, folder, acknowledged);
    tally.lost += lost;
    if (lost > 0)
        std::fprintf(stderr, "%s: lost %lld of %lld\n", qPrintable(child), (long long)lost,
                     (long long)acknowledged.size());
}

void report(const char* how, const QString& child, const Tally& tally)
{
    std::printf("%s, %s: %d runs, %lld acknowledged, %lld lost\n", how, qPrintable(child),
                tally.runs, tally.acknowledged, tally.lost);
    std::fflush(stdout);
}

} // namespace

Tally killAt(const QString& child, int moments, unsigned seed)
{
    Tally tally;
    std::mt19937 random(seed);
    for (int i = 0; i < moments; ++i) {
        QTemporaryDir folder;
        QProcess process;
        begin(process, child, folder.path(), unsigned(random()), 80);
        const int acts = int(random() % 60);
        QByteArray said;
        while (said.count('\n') < acts && process.waitForReadyRead(30000))
            said += process.readAllStandardOutput();
        ::usleep(unsigned(random() % 4000));
        ::kill(pid_t(process.processId()), SIGKILL);
        process.waitForFinished();
        said += process.readAllStandardOutput();
        count(tally, child, folder.path(), said);
    }
    report("killed", child, tally);
    return tally;
}

Tally fillAtEach(const QString& child, int lasting, unsigned seed, int acts)
{
    Tally tally;
    const QString shim =
        QCoreApplication::applicationDirPath() + QStringLiteral("/libfull_disk.so");
    bool met = QFile::exists(shim);
    for (int at = 1; met; ++at) {
        QTemporaryDir folder;
        const QString said = folder.filePath(QStringLiteral("full"));
        QProcess process;
        QProcessEnvironment environment = QProcessEnvironment::systemEnvironment();
        environment.insert(QStringLiteral("LD_PRELOAD"), shim);
        environment.insert(QStringLiteral("RHEXION_FULL_AT"), QString::number(at));
        environment.insert(QStringLiteral("RHEXION_FULL_FOR"), QString::number(lasting));
        environment.insert(QStringLiteral("RHEXION_FULL_SAID"), said);
        process.setProcessEnvironment(environment);
        begin(process, child, folder.path(), seed, acts);
        const bool ended = process.waitForFinished(60000);
        if (!ended || process.exitStatus() != QProcess::NormalExit || process.exitCode() != 0) {
            std::fprintf(stderr, "%s: fell over at write %d\n", qPrintable(child), at);
            ++tally.lost;
        }
        met = QFile::remove(said);
        count(tally, child, folder.path(), process.readAllStandardOutput());
    }
    report(lasting == 0   ? "disk full for good at each write"
           : lasting == 1 ? "one write refused, each in turn"
                          : "five writes refused, at each in turn",
           child, tally);
    return tally;
}

} // namespace rhexion::reliability
