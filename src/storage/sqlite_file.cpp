#include "storage/sqlite_file.h"

#include <QAtomicInteger>
#include <QSqlError>
#include <QSqlQuery>
#include <QVariant>

namespace rhexion {

using Code = FileFault::Code;

FileFault SqliteFile::faultOf(const QSqlError& error)
{
    const bool busy = error.nativeErrorCode() == QLatin1String("5") ||
                      error.nativeErrorCode() == QLatin1String("6");
    return {busy ? Code::Locked : Code::CannotWrite, {}, error.databaseText()};
}

std::optional<FileFault> SqliteFile::run(QSqlQuery& query)
{
    return query.exec() ? std::nullopt : std::optional(faultOf(query.lastError()));
}

std::optional<FileFault> SqliteFile::changeOne(QSqlQuery& query, const char* what)
{
    if (auto fault = run(query))
        return fault;
    if (query.numRowsAffected() != 1)
        return FileFault{Code::Missing, QString::fromLatin1(what), {}};
    return std::nullopt;
}

SqliteFile::~SqliteFile()
{
    {
        QSqlDatabase db = database();
        db.close();
    }
    QSqlDatabase::removeDatabase(connection_);
}

QSqlDatabase SqliteFile::database() const
{
    return QSqlDatabase::database(connection_, false);
}

std::variant<std::unique_ptr<SqliteFile>, FileFault> SqliteFile::open(const QString& path,
                                                                      const SqliteKind& kind)
{
    static QAtomicInteger<int> number;
    const QString name = kind.name + QString::number(number.fetchAndAddRelaxed(1));
    std::unique_ptr<SqliteFile> file(new SqliteFile(name));
    {
        QSqlDatabase db = QSqlDatabase::addDatabase(QStringLiteral("QSQLITE"), name);
        db.setDatabaseName(path);
        if (!db.isValid() || !db.open())
            return FileFault{Code::CannotOpen, path, db.lastError().databaseText()};
    }
    if (auto fault = file->migrate(path, kind))
        return *fault;
    return file;
}

std::optional<FileFault> SqliteFile::migrate(const QString& path, const SqliteKind& kind)
{
    QSqlDatabase db = database();
    QSqlQuery query(db);
    const auto exec = [&](const QString& sql) { return query.exec(sql); };
    if (!exec(QStringLiteral("PRAGMA busy_timeout = 3000")) ||
        !exec(QStringLiteral("PRAGMA foreign_keys = ON")))
        return FileFault{Code::CannotOpen, path, query.lastError().databaseText()};
    // The first real read is where SQLite finds out that a file is not a database.
    if (!exec(QStringLiteral("SELECT count(*) FROM sqlite_master")) || !query.next())
        return FileFault{Code::NotOurs, path, query.lastError().databaseText()};
    const int tables = query.value(0).toInt();
    if (!exec(QStringLiteral("PRAGMA user_version")) || !query.next())
        return FileFault{Code::NotOurs, path, query.lastError().databaseText()};
    const int version = query.value(0).toInt();
    if (version > kind.version)
        return FileFault{Code::Newer, path, QString::number(version)};
    if (version == 0 && tables > 0)
        return FileFault{Code::NotOurs, path, {}};
    if (version > 0) {
        if (!exec(kind.probe))
            return FileFault{Code::NotOurs, path, query.lastError().databaseText()};
        query.finish();
    }
    if (!exec(QStringLiteral("PRAGMA journal_mode = WAL")))
        return FileFault{Code::CannotWrite, path, query.lastError().databaseText()};
    exec(QStringLiteral("PRAGMA synchronous = FULL"));
    query.finish();
    if (version == kind.version)
        return std::nullopt;
    if (version > 0) {
        query.prepare(QStringLiteral("VACUUM INTO ?"));
        query.addBindValue(QStringLiteral("%1.version-%2").arg(path).arg(version));
        if (!query.exec())
            return faultOf(query.lastError());
    }
    Transaction transaction(db);
    for (int v = version + 1; v <= kind.version; ++v)
        for (const QString& statement : kind.migration(v))
            if (!exec(statement))
                return faultOf(query.lastError());
    if (!exec(QStringLiteral("PRAGMA user_version = %1").arg(kind.version)) || !transaction.keep())
        return faultOf(query.lastError());
    return std::nullopt;
}

} // namespace rhexion
