// What every fuzz target shares: a demand that stops the fuzzer where it fails, and a file to work
// on in memory.
#pragma once

#include "storage/formula_json.h"

#include <QCoreApplication>
#include <QDir>
#include <QFile>
#include <QSqlDatabase>
#include <QSqlQuery>
#include <QVariant>

#include <cstdio>
#include <cstdlib>

namespace rhexion::fuzz {

inline void demand(bool holds, const char* what)
{
    if (!holds) {
        std::fprintf(stderr, "does not hold: %s\n", what);
        std::abort();
    }
}

// What was read once is written so that it reads back equal.
inline void comesBack(const Formula& formula)
{
    const auto written = readableFormulaJson(formula);
    demand(std::holds_alternative<QByteArray>(written), "a formula that was read can be written");
    const auto again = formulaFromJson(std::get<QByteArray>(written));
    demand(std::holds_alternative<Formula>(again) && std::get<Formula>(again) == formula,
           "a formula that was written reads back equal");
}

// A folder in memory where there is one, of this process alone.
inline QString scratch()
{
    const QString base =
        QDir(QStringLiteral("/dev/shm")).exists() ? QStringLiteral("/dev/shm") : QDir::tempPath();
    const QString path = base + QStringLiteral("/rhexion-fuzz-%1").arg(getpid());
    QDir().mkpath(path);
    return path;
}

// A SQLite file that anything may write to, past the program that owns it.
class RawFile {
public:
    // make: makes the file as the program does.
    template <class Make>
    RawFile(const char* name, int* argc, char*** argv, Make make)
        : path_(scratch() + QLatin1Char('/') + QLatin1String(name))
    {
        new QCoreApplication(*argc, *argv);
        QFile::remove(path_);
        demand(make(path_), "a file to begin with");
        QSqlDatabase raw =
            QSqlDatabase::addDatabase(QStringLiteral("QSQLITE"), QStringLiteral("raw"));
        raw.setDatabaseName(path_);
        demand(raw.open(), "the file itself");
        QSqlQuery(raw).exec(QStringLiteral("PRAGMA synchronous = OFF"));
        QSqlQuery(raw).exec(QStringLiteral("PRAGMA foreign_keys = ON"));
    }

    const QString& path() const { return path_; }
    void write(const char* sql, const QVariantList& values = {}) const
    {
        QSqlQuery query(QSqlDatabase::database(QStringLiteral("raw")));
        query.prepare(QLatin1String(sql));
        for (const QVariant& value : values)
            query.addBindValue(value);
        query.exec(); // what the table itself refuses never gets there
    }

private:
    QString path_;
};

inline QByteArray bytesOf(const uint8_t* data, size_t size)
{
    return QByteArray(reinterpret_cast<const char*>(data), qsizetype(size));
}

inline bool fileOf(const QString& path, const uint8_t* data, size_t size)
{
    QFile file(path);
    return file.open(QIODevice::WriteOnly) &&
           file.write(reinterpret_cast<const char*>(data), qint64(size)) == qint64(size);
}

} // namespace rhexion::fuzz
