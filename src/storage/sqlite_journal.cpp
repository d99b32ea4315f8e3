#include "storage/sqlite_journal.h"

#include "storage/event_json.h"
#include "storage/event_table.h"
#include "storage/good_copies.h"
#include "storage/journal_migration.h"
#include "storage/journal_schema.h"
#include "storage/journal_tables.h"
#include "storage/sqlite_file.h"

#include <QFileInfo>
#include <QSqlError>
#include <QSqlQuery>
#include <QVariant>

namespace rhexion {

namespace {

using Code = FileFault::Code;

constexpr auto summaryColumns = "id, name, state, started, finished, superfat_planned,"
                                " strength_planned, superfat, strength, batter";

BatchSummary summaryFrom(const QSqlQuery& row)
{
    return {row.value(0).toString(),
            row.value(1).toString(),
            stateFrom(row.value(2).toString()),
            momentOf(row.value(3).toLongLong()),
            momentOf(row.value(4).toLongLong()),
            row.value(5).toDouble(),
            row.value(6).toDouble(),
            figureOf(row.value(7)),
            figureOf(row.value(8)),
            figureOf(row.value(9))};
}

} // namespace

SqliteJournal::SqliteJournal(std::unique_ptr<SqliteFile> file) : file_(std::move(file)) {}

SqliteJournal::~SqliteJournal() = default;

QSqlDatabase SqliteJournal::database() const
{
    return file_->database();
}

std::variant<std::unique_ptr<SqliteJournal>, FileFault> SqliteJournal::open(const QString& path,
                                                                            How how)
{
    const QFileInfo info(path);
    if (how != How::BeginAnew && (!info.exists() || (info.isFile() && info.size() == 0)) &&
        tracesOf(path).any())
        return FileFault{Code::OnlyCopies, path, {}};
    auto file = SqliteFile::open(path,
                                 {QStringLiteral("journal"), journalVersion,
                                  QStringLiteral("SELECT id, name, state FROM batch LIMIT 1"),
                                  journalMigration, convertJournal, event_table::besides()},
                                 how == How::ReadOnly);
    if (auto* fault = std::get_if<FileFault>(&file))
        return std::move(*fault);
    std::unique_ptr<SqliteJournal> journal(
        new SqliteJournal(std::get<std::unique_ptr<SqliteFile>>(std::move(file))));
    QSqlQuery query(journal->database());
    query.prepare(QStringLiteral("SELECT value FROM about WHERE key = 'bench'"));
    if (auto fault = journal->placed(SqliteFile::run(query)))
        return *std::move(fault);
    if (query.next())
        journal->bench_ = query.value(0).toString();
    return journal;
}

Journal::Done SqliteJournal::keepGoodCopy(const QDateTime& now) const
{
    return file_->keepGoodCopy(now);
}

int SqliteJournal::lackedOfGoodCopy() const
{
    return int(file_->lackedOf(goodCopyOf(file_->path())).value_or(0));
}

Journal::Done SqliteJournal::bringInGoodCopy()
{
    const QString copy = goodCopyOf(file_->path());
    auto opened = open(copy, How::ReadOnly);
    if (auto* fault = std::get_if<FileFault>(&opened))
        return std::move(*fault);
    const auto& good = *std::get<std::unique_ptr<SqliteJournal>>(opened);
    QSqlDatabase db = database();
    QSqlQuery query(db);
    if (auto fault = SqliteFile::run(query, "ATTACH ? AS other", {good.file_->path()}))
        return fault;
    auto fault = [&]() -> Done {
        Transaction transaction(*file_);
        if (!transaction.isOpen())
            return transaction.fault();
        constexpr auto columns = "id, batch, bench, at, zone, kind, data";
        const QString sql = QStringLiteral("INSERT INTO main.event (%1) SELECT %1 FROM other.event"
                                           " WHERE id NOT IN (SELECT id FROM main.event)"
                                           " ORDER BY seq")
                                .arg(QLatin1String(columns));
        if (!query.exec(sql))
            return SqliteFile::faultOf(query.lastError());
        return transaction.keep() ? std::nullopt : Done(transaction.fault());
    }();
    query.finish();
    query.exec(QStringLiteral("DETACH other"));
    return fault ? placed(std::move(fault)) : rebuild();
}

Journal::Done SqliteJournal::placed(Done fault) const
{
    if (fault && fault->place.isEmpty())
        fault->place = file_->path();
    return fault;
}

Journal::Done SqliteJournal::append(const QList<Event>& events)
{
    QSqlDatabase db = database();
    Transaction transaction(*file_);
    if (!transaction.isOpen())
        return transaction.fault();
    QList<Event> fresh;
    for (const Event& event : events) {
        QSqlQuery query(db);
        if (auto fault = SqliteFile::run(query, "SELECT 1 FROM event WHERE id = ?",
                                         {QString::fromStdString(event.id)}))
            return placed(std::move(fault));
        if (!query.next())
            fresh.append(event);
    }
    std::optional<FileFault> unread; // a state that could not be asked for
    QStringList moved;               // batches whose folds are made anew, once each
    auto fault = faultOfAppending(fresh, [&](const std::string& id) -> std::optional<BatchState> {
        QSqlQuery query(db);
        const QString batch = QString::fromStdString(id);
        unread = unread ? unread
                        : SqliteFile::run(query, "SELECT state FROM batch WHERE id = ?", {batch});
        if (unread || !query.next())
            return std::nullopt;
        const BatchState state = stateFrom(query.value(0).toString());
        // What goes in after it was finished moves what came of it.
        if (state == BatchState::Finished && !moved.contains(batch))
            moved.append(batch);
        return state;
    });
    if (unread)
        return placed(std::move(unread));
    if (fault)
        return fault;
    for (const Event& event : fresh) {
        if (auto bad = tables::insertEvent(db, event))
            return placed(std::move(bad));
        if (auto bad = tables::takeIn(db, event))
            return placed(std::move(bad));
        const QString id = QString::fromStdString(event.batch);
        if (tables::movesFolds(event) && !moved.contains(id))
            moved.append(id);
    }
    for (const QString& id : moved) {
        // A batch that begins here is all in hand; any other is read.
        std::vector<Event> ofBatch;
        for (const Event& event : fresh)
            if (QString::fromStdString(event.batch) == id)
                ofBatch.push_back(event);
        const auto whole = fold(ofBatch);
        if (auto bad = whole ? tables::refold(db, *whole) : tables::refold(db, id))
            return placed(std::move(bad));
    }
    return transaction.keep() ? std::nullopt : Done(transaction.fault());
}

Journal::Result<QList<Event>> SqliteJournal::events(const QString& batch) const
{
    auto read = tables::eventsOf(database(), batch);
    if (auto* fault = std::get_if<FileFault>(&read))
        return *placed(std::move(*fault));
    return std::get<QList<Event>>(std::move(read));
}

Journal::Result<QList<BatchSummary>> SqliteJournal::summaries(const char* which,
                                                              const QVariantList& values) const
{
    QSqlQuery query(database());
    query.setForwardOnly(true);
    query.prepare(QStringLiteral("SELECT %1 FROM batch %2")
                      .arg(QLatin1String(summaryColumns), QLatin1String(which)));
    for (const QVariant& value : values)
        query.addBindValue(value);
    if (auto fault = placed(SqliteFile::run(query)))
        return *std::move(fault);
    QList<BatchSummary> out;
    while (query.next())
        out.append(summaryFrom(query));
    return out;
}

Journal::Result<QList<BatchSummary>> SqliteJournal::batches(int most,
                                                            const BatchSummary* after) const
{
    if (after == nullptr)
        return summaries("ORDER BY started DESC, id DESC LIMIT ?", {most});
    return summaries("WHERE (started, id) < (?, ?) ORDER BY started DESC, id DESC LIMIT ?",
                     {after->started.toMSecsSinceEpoch(), after->id, most});
}

Journal::Result<QList<BatchSummary>> SqliteJournal::batchesWith(const QString& material,
                                                                int most) const
{
    return summaries("WHERE id IN (SELECT batch FROM batch_material WHERE material = ?"
                     " ORDER BY started DESC, batch DESC LIMIT ?) ORDER BY started DESC, id DESC",
                     {material, most});
}

Journal::Result<int> SqliteJournal::countWith(const QString& material) const
{
    QSqlQuery query(database());
    if (auto fault = placed(SqliteFile::run(
            query, "SELECT count(*) FROM batch_material WHERE material = ?", {material})))
        return *std::move(fault);
    return query.next() ? query.value(0).toInt() : 0;
}

Journal::Result<QList<BatchSummary>> SqliteJournal::unfinished() const
{
    return summaries("WHERE state = 'making' ORDER BY started DESC, id DESC", {});
}

QDateTime SqliteJournal::latest() const
{
    // The newest events; one that was written for the past does not hide one for now.
    QSqlQuery query(database());
    query.prepare(
        QStringLiteral("SELECT max(at) FROM (SELECT at FROM event ORDER BY seq DESC LIMIT 200)"));
    if (SqliteFile::run(query) || !query.next())
        return {};
    return momentOf(query.value(0).toLongLong());
}

Journal::Done SqliteJournal::rebuild()
{
    QSqlDatabase db = database();
    return placed(tables::rebuild(db));
}

} // namespace rhexion
