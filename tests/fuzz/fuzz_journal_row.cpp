// One batch of a journal as anything may have written its events: the journal opens, lists it,
// reads the batch or says what is wrong, and makes its tables again. The input is text cut by
// lines: the kind and data of each event in turn.
#include "fuzz.h"
#include "storage/event_json.h"
#include "storage/sqlite_journal.h"

#include <QCoreApplication>
#include <QSqlDatabase>
#include <QSqlQuery>

using namespace rhexion;

namespace {

QString file()
{
    static const QString path = fuzz::scratch() + QStringLiteral("/journal.sqlite");
    return path;
}

void write(const char* sql, const QVariantList& values)
{
    QSqlQuery query(QSqlDatabase::database(QStringLiteral("raw")));
    query.prepare(QLatin1String(sql));
    for (const QVariant& value : values)
        query.addBindValue(value);
    query.exec(); // what the table itself refuses never gets there
}

} // namespace

extern "C" int LLVMFuzzerInitialize(int* argc, char*** argv)
{
    new QCoreApplication(*argc, *argv);
    QFile::remove(file());
    fuzz::demand(SqliteJournal::open(file()).index() == 0, "a journal to begin with");
    QSqlDatabase raw = QSqlDatabase::addDatabase(QStringLiteral("QSQLITE"), QStringLiteral("raw"));
    raw.setDatabaseName(file());
    fuzz::demand(raw.open(), "the file itself");
    QSqlQuery(raw).exec(QStringLiteral("PRAGMA synchronous = OFF"));
    QSqlQuery(raw).exec(QStringLiteral("PRAGMA foreign_keys = ON"));
    return 0;
}

extern "C" int LLVMFuzzerTestOneInput(const uint8_t* data, size_t size)
{
    const QList<QByteArray> cut = fuzz::bytesOf(data, size).split('\n');
    for (const char* table : {"event", "batch", "batch_material", "batch_words"})
        write(qPrintable(QStringLiteral("DELETE FROM %1").arg(QLatin1String(table))), {});
    for (qsizetype i = 0; i + 1 < cut.size() && i < 40; i += 2) {
        write("INSERT INTO event (id, batch, bench, at, zone, kind, data)"
              " VALUES (?, 'b', 'c', ?, 0, ?, ?)",
              {i, i, QString::fromUtf8(cut[i]), QString::fromUtf8(cut[i + 1])});
        const auto what = happeningFrom(QString::fromUtf8(cut[i]), cut[i + 1]);
        if (const auto* read = std::get_if<Happening>(&what)) {
            const auto again = happeningFrom(kindOf(*read), dataOf(*read));
            fuzz::demand(again.index() == 0 && dataOf(std::get<Happening>(again)) == dataOf(*read),
                         "an event that was read reads back equal");
        }
    }
    const auto opened = SqliteJournal::open(file());
    const auto* journal = std::get_if<std::unique_ptr<SqliteJournal>>(&opened);
    fuzz::demand(journal != nullptr, "a bad row closes no journal");
    (*journal)->rebuild();
    const Journal& j = **journal;
    fuzz::demand(j.batches().index() == 0, "and its list is there");
    j.batch(QStringLiteral("b"));
    j.search(QString::fromUtf8(cut.first()));
    return 0;
}
