// A program run to its end: its exit code, stdout and stderr; code -1 where it did not end well.
#pragma once

#include <QProcess>

namespace rhexion::test {

struct Ran {
    int code = -1;
    QByteArray out;
    QByteArray err;
};

inline Ran run(const QString& program, const QStringList& arguments,
               const QProcessEnvironment& environment = QProcessEnvironment::systemEnvironment())
{
    QProcess process;
    process.setProcessEnvironment(environment);
    process.start(program, arguments);
    if (!process.waitForFinished(60000) || process.exitStatus() != QProcess::NormalExit)
        return {};
    return {process.exitCode(), process.readAllStandardOutput(), process.readAllStandardError()};
}

} // namespace rhexion::test
