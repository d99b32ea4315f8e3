#include "storage/journal.h"

#include "storage/formula_json.h"
#include "storage/journal_schema.h"

#include <QAtomicInteger>
#include <QFile>
#include <QFileInfo>
#include <QSqlDatabase>
#include <QSqlError>
#include <QSqlQuery>
#include <QVariant>

namespace rhexion {

namespace {

using Code = FileFault::Code;

FileFault faultOf(const QSqlError& error)
{
    const bool busy = error.nativeErrorCode() == QLatin1String("5") ||
                      error.nativeErrorCode() == QLatin1String("6");
    return {busy ? Code::Locked : Code::CannotWrite, {}, error.databaseText()};
}

QString stamp(const QDateTime& when)
{
    return when.toUTC().toString(Qt::ISODateWithMs);
}

QDateTime stamped(const QVariant& text)
{
    return QDateTime::fromString(text.toString(), Qt::ISODateWithMs);
}

constexpr const char* whatWords[] = {"none", "line", "jug-water", "sodium", "potassium"};

QString wordOf(WeighTarget::What what)
{
    return QString::fromLatin1(whatWords[static_cast<int>(what)]);
}

WeighTarget::What whatOf(const QString& word)
{
    for (int i = 0; i < 5; ++i)
        if (word == QLatin1String(whatWords[i]))
            return static_cast<WeighTarget::What>(i);
    return WeighTarget::What::None;
}

BatchState stateOf(const QString& word)
{
    if (word == QLatin1String("finished"))
        return BatchState::Finished;
    return word == QLatin1String("stopped") ? BatchState::Stopped : BatchState::Making;
}

std::optional<double> figure(const QVariant& value)
{
    return value.isNull() ? std::nullopt : std::optional(value.toDouble());
}

constexpr auto summaryColumns = "id, name, state, started, finished, step, superfat_planned,"
                                " strength_planned, superfat, strength, batter, draft";

BatchSummary summaryFrom(const QSqlQuery& row)
{
    BatchSummary s;
    s.id = row.value(0).toLongLong();
    s.name = row.value(1).toString();
    s.state = stateOf(row.value(2).toString());
    s.started = stamped(row.value(3));
    s.finished = stamped(row.value(4));
    s.step = row.value(5).toInt();
    s.superfatPlanned = row.value(6).toDouble();
    s.strengthPlanned = row.value(7).toDouble();
    s.superfat = figure(row.value(8));
    s.strength = figure(row.value(9));
    s.batterGrams = figure(row.value(10));
    s.draft = row.value(11).toString();
    return s;
}

// Rolls back unless told to keep.
class Transaction {
public:
    explicit Transaction(QSqlDatabase db) : db_(std::move(db)), open_(db_.transaction()) {}
    ~Transaction()
    {
        if (open_)
            db_.rollback();
    }
    Transaction(const Transaction&) = delete;
    Transaction& operator=(const Transaction&) = delete;
    bool isOpen() const { return open_; }
    bool keep()
    {
        const bool done = db_.commit();
        open_ = open_ && !done;
        return done;
    }

private:
    QSqlDatabase db_;
    bool open_;
};

} // namespace

Journal::Journal(QString connection) : connection_(std::move(connection)) {}

Journal::~Journal()
{
    {
        QSqlDatabase db = database();
        db.close();
    }
    QSqlDatabase::removeDatabase(connection_);
}

QSqlDatabase Journal::database() const
{
    return QSqlDatabase::database(connection_, false);
}

std::variant<std::unique_ptr<Journal>, FileFault> Journal::open(const QString& path)
{
    static QAtomicInteger<int> number;
    const QString name = QStringLiteral("journal%1").arg(number.fetchAndAddRelaxed(1));
    std::unique_ptr<Journal> journal(new Journal(name));
    {
        QSqlDatabase db = QSqlDatabase::addDatabase(QStringLiteral("QSQLITE"), name);
        db.setDatabaseName(path);
        if (!db.isValid() || !db.open())
            return FileFault{Code::CannotOpen, path, db.lastError().databaseText()};
    }
    if (auto fault = journal->migrate(path))
        return *fault;
    return journal;
}

std::optional<FileFault> Journal::migrate(const QString& path)
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
    if (version > journalVersion)
        return FileFault{Code::Newer, path, QString::number(version)};
    if (version == 0 && tables > 0)
        return FileFault{Code::NotOurs, path, {}};
    if (version > 0) {
        if (!exec(QStringLiteral("SELECT id, formula FROM batch LIMIT 1")))
            return FileFault{Code::NotOurs, path, query.lastError().databaseText()};
        query.finish();
    }
    if (!exec(QStringLiteral("PRAGMA journal_mode = WAL")))
        return FileFault{Code::CannotWrite, path, query.lastError().databaseText()};
    // FULL, because a weighing must outlive a pulled plug and there are only a few a minute.
    exec(QStringLiteral("PRAGMA synchronous = FULL"));
    query.finish();
    if (version == journalVersion)
        return std::nullopt;
    if (version > 0) {
        query.prepare(QStringLiteral("VACUUM INTO ?"));
        query.addBindValue(QStringLiteral("%1.version-%2").arg(path).arg(version));
        if (!query.exec())
            return faultOf(query.lastError());
    }
    Transaction transaction(db);
    for (int v = version + 1; v <= journalVersion; ++v)
        for (const QString& statement : journalMigration(v))
            if (!exec(statement))
                return faultOf(query.lastError());
    if (!exec(QStringLiteral("PRAGMA user_version = %1").arg(journalVersion)) ||
        !transaction.keep())
        return faultOf(query.lastError());
    return std::nullopt;
}

Journal::Done Journal::run(QSqlQuery& query) const
{
    return query.exec() ? std::nullopt : Done(faultOf(query.lastError()));
}

Journal::Done Journal::changeOne(QSqlQuery& query) const
{
    if (auto fault = run(query))
        return fault;
    if (query.numRowsAffected() != 1)
        return FileFault{Code::Missing, QStringLiteral("batch"), {}};
    return std::nullopt;
}

Journal::Result<qint64> Journal::startBatch(const Formula& formula, const Reckoning& planned,
                                            const QDateTime& when)
{
    QSqlQuery query(database());
    query.prepare(QStringLiteral(
        "INSERT INTO batch (name, formula, state, started, superfat_planned, strength_planned)"
        " VALUES (?, ?, 'making', ?, ?, ?)"));
    query.addBindValue(QString::fromStdString(formula.name));
    query.addBindValue(QString::fromUtf8(formulaToJson(formula)));
    query.addBindValue(stamp(when));
    query.addBindValue(planned.superfatTrue);
    query.addBindValue(planned.pure.strength);
    if (auto fault = run(query))
        return *fault;
    return query.lastInsertId().toLongLong();
}

Journal::Done Journal::recordWeighing(qint64 batch, const WeighingRecord& weighing)
{
    QSqlQuery query(database());
    query.prepare(
        QStringLiteral("INSERT INTO weighing (batch, what, line, name, planned, actual, at)"
                       " VALUES (?, ?, ?, ?, ?, ?, ?) ON CONFLICT (batch, what, line)"
                       " DO UPDATE SET actual = excluded.actual, at = excluded.at"));
    query.addBindValue(batch);
    query.addBindValue(wordOf(weighing.weighed.target.what));
    query.addBindValue(weighing.weighed.target.line);
    query.addBindValue(weighing.name);
    query.addBindValue(weighing.plannedGrams);
    query.addBindValue(weighing.weighed.grams);
    query.addBindValue(stamp(weighing.at));
    return run(query);
}

Journal::Done Journal::recordStep(qint64 batch, int nextStep)
{
    QSqlQuery query(database());
    query.prepare(QStringLiteral("UPDATE batch SET step = ? WHERE id = ?"));
    query.addBindValue(nextStep);
    query.addBindValue(batch);
    return changeOne(query);
}

Journal::Done Journal::recordDraft(qint64 batch, const QString& note)
{
    QSqlQuery query(database());
    query.prepare(QStringLiteral("UPDATE batch SET draft = ? WHERE id = ?"));
    query.addBindValue(note);
    query.addBindValue(batch);
    return changeOne(query);
}

Journal::Done Journal::finishBatch(qint64 batch, const Reckoning& asWeighed, const QDateTime& when)
{
    QSqlQuery query(database());
    query.prepare(QStringLiteral(
        "UPDATE batch SET state = 'finished', draft = '', finished = ?, superfat = ?,"
        " strength = ?, batter = ? WHERE id = ?"));
    query.addBindValue(stamp(when));
    query.addBindValue(asWeighed.superfatTrue);
    query.addBindValue(asWeighed.pure.strength);
    query.addBindValue(asWeighed.batterGrams);
    query.addBindValue(batch);
    return changeOne(query);
}

Journal::Done Journal::stopBatch(qint64 batch, const QDateTime& when)
{
    QSqlQuery query(database());
    query.prepare(QStringLiteral("UPDATE batch SET state = 'stopped', finished = ? WHERE id = ?"));
    query.addBindValue(stamp(when));
    query.addBindValue(batch);
    return changeOne(query);
}

Journal::Done Journal::addNote(qint64 batch, const QString& text, const QDateTime& when)
{
    QSqlQuery query(database());
    query.prepare(QStringLiteral("INSERT INTO note (batch, at, text) VALUES (?, ?, ?)"));
    query.addBindValue(batch);
    query.addBindValue(stamp(when));
    query.addBindValue(text);
    return run(query);
}

Journal::Result<QList<BatchSummary>> Journal::batches() const
{
    QSqlQuery query(database());
    query.prepare(QStringLiteral("SELECT %1 FROM batch ORDER BY started DESC, id DESC")
                      .arg(QLatin1String(summaryColumns)));
    if (auto fault = run(query))
        return *fault;
    QList<BatchSummary> out;
    while (query.next())
        out.append(summaryFrom(query));
    return out;
}

Journal::Result<std::optional<BatchSummary>> Journal::unfinished() const
{
    QSqlQuery query(database());
    query.prepare(
        QStringLiteral("SELECT %1 FROM batch WHERE state = 'making' ORDER BY id DESC LIMIT 1")
            .arg(QLatin1String(summaryColumns)));
    if (auto fault = run(query))
        return *fault;
    std::optional<BatchSummary> out;
    if (query.next())
        out = summaryFrom(query);
    return out;
}

Journal::Result<BatchRecord> Journal::batch(qint64 id) const
{
    QSqlQuery query(database());
    query.prepare(QStringLiteral("SELECT %1, formula FROM batch WHERE id = ?")
                      .arg(QLatin1String(summaryColumns)));
    query.addBindValue(id);
    if (auto fault = run(query))
        return *fault;
    if (!query.next())
        return FileFault{Code::Missing, QStringLiteral("batch"), QString::number(id)};
    BatchRecord out;
    out.summary = summaryFrom(query);
    out.formula = query.value(12).toString().toUtf8();

    query.prepare(QStringLiteral(
        "SELECT what, line, name, planned, actual, at FROM weighing WHERE batch = ? ORDER BY id"));
    query.addBindValue(id);
    if (auto fault = run(query))
        return *fault;
    while (query.next())
        out.weighings.append({{{whatOf(query.value(0).toString()), query.value(1).toUInt()},
                               query.value(4).toDouble()},
                              query.value(2).toString(),
                              query.value(3).toDouble(),
                              stamped(query.value(5))});
    query.prepare(QStringLiteral("SELECT id, at, text FROM note WHERE batch = ? ORDER BY id"));
    query.addBindValue(id);
    if (auto fault = run(query))
        return *fault;
    while (query.next())
        out.notes.append(
            {query.value(0).toLongLong(), stamped(query.value(1)), query.value(2).toString()});
    return out;
}

} // namespace rhexion
