// A PostgreSQL server of the test's own, as an unprivileged user, in a folder that goes with it.
#pragma once

#include "server/event_server.h"
#include "storage/sqlite_journal.h"

#include <QDir>
#include <QProcess>
#include <QTemporaryDir>
#include <QTest>

#include <unistd.h>

namespace rhexion::test {

class Postgres {
public:
    Postgres()
    {
        const QStringList found = QDir(QStringLiteral("/usr/lib/postgresql"))
                                      .entryList(QDir::Dirs | QDir::NoDotAndDotDot);
        if (found.isEmpty())
            qFatal("no postgresql is installed");
        bin_ = QStringLiteral("/usr/lib/postgresql/%1/bin/").arg(found.last());
        if (::geteuid() == 0)
            run(QStringLiteral("chown"), {user_, folder_.path()}, false);
        run(bin_ + QStringLiteral("initdb"),
            {"-D", data(), "-U", "head", "-A", "trust", "-E", "UTF8", "--locale=C.UTF-8", "-N"});
        start();
        run(bin_ + QStringLiteral("createdb"), {"-h", folder_.path(), "-U", "head", "rhexion"});
    }
    ~Postgres() { stop(QStringLiteral("immediate")); }

    void start()
    {
        run(bin_ + QStringLiteral("pg_ctl"),
            {"-D", data(), "-w", "-l", folder_.filePath("log"), "-o",
             QStringLiteral("-k %1 -c listen_addresses='' -c fsync=off").arg(folder_.path()),
             "start"});
    }
    void stop(const QString& how)
    {
        run(bin_ + QStringLiteral("pg_ctl"), {"-D", data(), "-w", "-m", how, "stop"});
    }
    // Statements by the head of the server; what psql printed.
    QString say(const QString& sql)
    {
        return run(bin_ + QStringLiteral("psql"),
                   {"-h", folder_.path(), "-U", "head", "-d", "rhexion", "-qAtc", sql});
    }
    ServerPlace place(const char* user = "head") const
    {
        return {folder_.path(), 5432, QStringLiteral("rhexion"), QLatin1String(user), {}};
    }

private:
    QString data() const { return folder_.filePath(QStringLiteral("data")); }
    QString run(const QString& program, QStringList arguments, bool asUser = true)
    {
        QString what = program;
        if (asUser && ::geteuid() == 0) { // the server refuses to be run by root
            arguments = QStringList{"-u", user_, "--", program} + arguments;
            what = QStringLiteral("runuser");
        }
        QProcess process;
        process.setWorkingDirectory(QStringLiteral("/"));
        // The server itself goes on and must not hold the pipe open.
        if (program.endsWith(QLatin1String("pg_ctl")))
            process.setStandardOutputFile(QProcess::nullDevice());
        process.start(what, arguments);
        if (!process.waitForFinished(60000) || process.exitCode() != 0)
            qWarning("%s: %s", qPrintable(program), process.readAllStandardError().constData());
        return QString::fromUtf8(process.readAllStandardOutput()).trimmed();
    }

    QTemporaryDir folder_{QStringLiteral("/tmp/rhexion-pg-XXXXXX")};
    QString bin_;
    QString user_ = QStringLiteral("nobody");
};

} // namespace rhexion::test
