#include "app/devices/standin_scale.h"

#include "core/heat/day_heat.h"
#include "storage/program_files.h"

#include <QCoreApplication>

namespace rhexion {

StandinScale::~StandinScale()
{
    if (!runs())
        return;
    process_.closeWriteChannel(); // it ends when nobody speaks to it any more
    constexpr int patience = 1000;
    if (!process_.waitForFinished(patience))
        process_.kill();
    process_.waitForFinished(patience);
}

bool StandinScale::begin(int seed, double speed)
{
    if (runs())
        return true;
    constexpr int patience = 5000;
    process_.setStandardErrorFile(QProcess::nullDevice());
    process_.start(programBeside(QStringLiteral("rhexion-standin")),
                   {QStringLiteral("--link"), path(), QStringLiteral("--seed"),
                    QString::number(seed), QStringLiteral("--speed"), QString::number(speed)});
    // Its first line is the name of the terminal: then it can be opened.
    return process_.waitForStarted(patience) && process_.waitForReadyRead(patience);
}

devices::DeviceSetup StandinScale::setup() const
{
    devices::DeviceSetup out;
    out.name = tr("Stand-in scale");
    out.path = path();
    out.passing = true; // it ends with this program
    out.probeAt[0] = QString::fromLatin1(codeOf(ReadingOf::Jug));
    out.probeAt[1] = QString::fromLatin1(codeOf(ReadingOf::Pot));
    return out;
}

void StandinScale::tell(const QString& command)
{
    if (runs())
        process_.write(command.toUtf8() + '\n');
}

} // namespace rhexion
