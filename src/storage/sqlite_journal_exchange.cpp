// What a courier between this file and a server asks. docs/several-benches.md
#include "storage/journal_tables.h"
#include "storage/sqlite_file.h"
#include "storage/sqlite_journal.h"

#include <QSqlError>
#include <QSqlQuery>
#include <QVariant>

namespace rhexion {

namespace {

template <class T>
Journal::Result<T> at(std::variant<T, FileFault> result, const QString& path)
{
    if (auto* fault = std::get_if<FileFault>(&result); fault && fault->place.isEmpty())
        fault->place = path;
    return result;
}

} // namespace

Journal::Result<QList<RawEvent>> SqliteJournal::unsent(int most) const
{
    return at(event_table::unsent(database(), bench_, most), file_->path());
}

Journal::Result<int> SqliteJournal::unsentCount(int most) const
{
    return at(event_table::unsentCount(database(), bench_, most), file_->path());
}

qint64 SqliteJournal::changesByOthers() const
{
    return event_table::changesByOthers(database());
}

QStringList SqliteJournal::othersBehind(qint64 place) const
{
    QStringList out;
    const auto fault =
        rows(QStringLiteral("SELECT id FROM %1 WHERE place > ? AND bench <> ?")
                 .arg(QLatin1String(event_table::placed)),
             {place, bench_}, [&](const QSqlQuery& row) { out << row.value(0).toString(); });
    return fault ? QStringList() : out;
}

Journal::Result<LastPlaced> SqliteJournal::last() const
{
    return at(event_table::last(database()), file_->path());
}

Journal::Done SqliteJournal::forgetPlaces()
{
    return placed(event_table::forgetPlaces(database()));
}

Journal::Done SqliteJournal::takeOver(const QList<PlacedEvent>& events)
{
    Transaction transaction(*file_);
    if (!transaction.isOpen())
        return transaction.fault();
    QSqlDatabase db = database();
    QStringList moved;
    if (auto fault = event_table::takeOver(db, events, moved))
        return placed(std::move(fault));
    for (const QString& batch : moved)
        if (auto fault = tables::rebuildBatch(db, batch))
            return placed(std::move(fault));
    return transaction.keep() ? std::nullopt : Done(transaction.fault());
}

} // namespace rhexion
