#include "storage/journal.h"

#include "core/units/enum_count.h"

#include "storage/formula_json.h"
#include "storage/journal_schema.h"
#include "storage/material_file.h"
#include "storage/sqlite_file.h"

#include <QSqlQuery>
#include <QVariant>

#include <algorithm>
#include <set>

namespace rhexion {

namespace {

using Code = FileFault::Code;

QString stamp(const QDateTime& when)
{
    return when.toUTC().toString(Qt::ISODateWithMs);
}

QDateTime stamped(const QVariant& text)
{
    return QDateTime::fromString(text.toString(), Qt::ISODateWithMs);
}

constexpr const char* whatWords[] = {"none",      "line",          "jug-water",        "sodium",
                                     "potassium", "sodium-second", "potassium-second", "held-oil",
                                     "solvent"};
static_assert(std::size(whatWords) == countOf<WeighTarget::What>());

QString wordOf(WeighTarget::What what)
{
    return QString::fromLatin1(whatWords[static_cast<int>(what)]);
}

WeighTarget::What whatOf(const QString& word)
{
    for (int i = 0; i < int(std::size(whatWords)); ++i)
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
    s.superfat = figureOf(row.value(8));
    s.strength = figureOf(row.value(9));
    s.batterGrams = figureOf(row.value(10));
    s.draft = row.value(11).toString();
    return s;
}

} // namespace

Journal::Journal(std::unique_ptr<SqliteFile> file) : file_(std::move(file)) {}

Journal::~Journal() = default;

QSqlDatabase Journal::database() const
{
    return file_->database();
}

std::variant<std::unique_ptr<Journal>, FileFault> Journal::open(const QString& path, bool readOnly)
{
    auto file = SqliteFile::open(path,
                                 {QStringLiteral("journal"), journalVersion,
                                  QStringLiteral("SELECT id, formula FROM batch LIMIT 1"),
                                  journalMigration},
                                 readOnly);
    if (auto* fault = std::get_if<FileFault>(&file))
        return std::move(*fault);
    return std::unique_ptr<Journal>(
        new Journal(std::get<std::unique_ptr<SqliteFile>>(std::move(file))));
}

std::optional<FileFault> Journal::keepGoodCopy() const
{
    return file_->keepGoodCopy();
}

Journal::Done Journal::run(QSqlQuery& query) const
{
    auto fault = SqliteFile::run(query);
    if (fault && fault->place.isEmpty())
        fault->place = file_->path();
    return fault;
}

// Exactly one row, or the batch is not there or not in the making any more.
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
    // What could not be taken up again is not begun.
    const auto bytes = readableFormulaJson(formula);
    if (const auto* fault = std::get_if<FileFault>(&bytes))
        return *fault;
    Transaction transaction(database());
    QSqlQuery query(database());
    query.prepare(QStringLiteral(
        "INSERT INTO batch (name, formula, state, started, superfat_planned, strength_planned)"
        " VALUES (?, ?, 'making', ?, ?, ?)"));
    query.addBindValue(QString::fromStdString(formula.name));
    query.addBindValue(QString::fromUtf8(std::get<QByteArray>(bytes)));
    query.addBindValue(stamp(when));
    query.addBindValue(planned.superfatTrue.value_or(0.0));
    query.addBindValue(planned.pure.strength);
    if (auto fault = run(query))
        return *fault;
    const qint64 id = query.lastInsertId().toLongLong();
    std::set<std::string> materials;
    for (const Line& line : formula.lines)
        materials.insert(line.material->id);
    for (const MaterialPtr& lye : {formula.lye.sodium, formula.lye.potassium})
        if (lye)
            materials.insert(lye->id);
    query.prepare(QStringLiteral("INSERT INTO batch_material (batch, material) VALUES (?, ?)"));
    for (const std::string& material : materials) {
        query.addBindValue(id);
        query.addBindValue(QString::fromStdString(material));
        if (auto fault = run(query))
            return *fault;
    }
    if (!transaction.keep())
        return FileFault{Code::CannotWrite, file_->path(), {}};
    return id;
}

Journal::Done Journal::recordWeighing(qint64 batch, const WeighingRecord& weighing)
{
    QSqlQuery query(database());
    query.prepare(QStringLiteral(
        "INSERT INTO weighing (batch, what, line, name, planned, actual, at, origin)"
        " SELECT id, ?, ?, ?, ?, ?, ?, ? FROM batch WHERE id = ? AND state <> 'finished'"
        " ON CONFLICT (batch, what, line)"
        " DO UPDATE SET actual = excluded.actual, at = excluded.at, origin = excluded.origin"));
    query.addBindValue(wordOf(weighing.weighed.target.what));
    query.addBindValue(weighing.weighed.target.line);
    query.addBindValue(weighing.name);
    query.addBindValue(weighing.plannedGrams);
    query.addBindValue(weighing.weighed.grams);
    query.addBindValue(stamp(weighing.at));
    query.addBindValue(weighing.weighed.origin == WeighOrigin::Typed
                           ? QStringLiteral("typed")
                           : QStringLiteral("as-planned"));
    query.addBindValue(batch);
    return changeOne(query);
}

Journal::Result<qint64> Journal::addTopUp(qint64 batch, const TopUp& topUp, const QDateTime& when)
{
    QSqlQuery query(database());
    query.prepare(QStringLiteral("INSERT INTO top_up (batch, material, vessel, grams, at)"
                                 " VALUES (?, ?, ?, ?, ?)"));
    query.addBindValue(batch);
    query.addBindValue(QString::fromUtf8(materialsToJson({topUp.material})));
    query.addBindValue(QString::fromLatin1(codeOf(topUp.vessel)));
    query.addBindValue(topUp.grams);
    query.addBindValue(stamp(when));
    if (auto fault = run(query))
        return *fault;
    return query.lastInsertId().toLongLong();
}

Journal::Done Journal::takeBackTopUp(qint64 id)
{
    QSqlQuery query(database());
    query.prepare(QStringLiteral("DELETE FROM top_up WHERE id = ?"));
    query.addBindValue(id);
    return changeOne(query);
}

Journal::Done Journal::recordStep(qint64 batch, int nextStep)
{
    QSqlQuery query(database());
    query.prepare(QStringLiteral("UPDATE batch SET step = ? WHERE id = ? AND state <> 'finished'"));
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

Journal::Done Journal::finishBatch(qint64 batch, const Reckoning& asWeighed, const QString& note,
                                   const QDateTime& when)
{
    Transaction transaction(database());
    QSqlQuery query(database());
    query.prepare(QStringLiteral(
        "UPDATE batch SET state = 'finished', draft = '', finished = ?, superfat = ?,"
        " strength = ?, batter = ? WHERE id = ? AND state <> 'finished'"));
    query.addBindValue(stamp(when));
    query.addBindValue(orNull(asWeighed.superfatTrue));
    query.addBindValue(asWeighed.pure.strength);
    query.addBindValue(asWeighed.batterGrams);
    query.addBindValue(batch);
    if (auto fault = run(query))
        return fault;
    if (query.numRowsAffected() == 0) { // finished already, or not there at all
        query.prepare(QStringLiteral("SELECT 1 FROM batch WHERE id = ?"));
        query.addBindValue(batch);
        if (auto fault = run(query))
            return fault;
        if (!query.next())
            return FileFault{Code::Missing, QStringLiteral("batch"), QString::number(batch)};
        return std::nullopt;
    }
    if (!note.isEmpty())
        if (auto fault = addNote(batch, note, when))
            return fault;
    if (!transaction.keep())
        return FileFault{Code::CannotWrite, {}, {}};
    return std::nullopt;
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

Journal::Result<QList<BatchSummary>> Journal::summaries(QSqlQuery& query) const
{
    if (auto fault = run(query))
        return *fault;
    QList<BatchSummary> out;
    while (query.next())
        out.append(summaryFrom(query));
    return out;
}

Journal::Result<QList<BatchSummary>> Journal::batches(int most, const BatchSummary* after) const
{
    QSqlQuery query(database());
    query.setForwardOnly(true);
    query.prepare(QStringLiteral("SELECT %1 FROM batch %2 ORDER BY started DESC, id DESC LIMIT ?")
                      .arg(QLatin1String(summaryColumns),
                           after ? QStringLiteral("WHERE (started, id) < (?, ?)") : QString()));
    if (after) {
        query.addBindValue(stamp(after->started));
        query.addBindValue(after->id);
    }
    query.addBindValue(most);
    return summaries(query);
}

Journal::Result<QList<BatchSummary>> Journal::unfinished() const
{
    QSqlQuery query(database());
    query.prepare(QStringLiteral("SELECT %1 FROM batch WHERE state = 'making' ORDER BY id DESC")
                      .arg(QLatin1String(summaryColumns)));
    return summaries(query);
}

QDateTime Journal::latest() const
{
    QSqlQuery query(database());
    query.prepare(QStringLiteral(
        "SELECT max(started), (SELECT max(at) FROM weighing WHERE batch = (SELECT max(id) FROM"
        " batch)) FROM batch"));
    if (run(query) || !query.next())
        return {};
    return std::max(stamped(query.value(0)), stamped(query.value(1)));
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
        "SELECT what, line, name, planned, actual, at, origin FROM weighing WHERE batch = ?"
        " ORDER BY id"));
    query.addBindValue(id);
    if (auto fault = run(query))
        return *fault;
    while (query.next())
        out.weighings.append(
            {{{whatOf(query.value(0).toString()), query.value(1).toUInt()},
              query.value(4).toDouble(),
              query.value(6).toString() == QLatin1String("as-planned") ? WeighOrigin::AsPlanned
                                                                       : WeighOrigin::Typed},
             query.value(2).toString(),
             query.value(3).toDouble(),
             stamped(query.value(5))});
    query.prepare(QStringLiteral(
        "SELECT id, material, vessel, grams, at FROM top_up WHERE batch = ? ORDER BY id"));
    query.addBindValue(id);
    if (auto fault = run(query))
        return *fault;
    while (query.next()) {
        // One that cannot be read is told as a note, and the rest of the batch opens.
        auto read = materialsFromJson(query.value(1).toString().toUtf8());
        const auto* list = std::get_if<std::vector<MaterialPtr>>(&read);
        const auto vessel = vesselFromCode(query.value(2).toString().toStdString());
        if (!list || list->size() != 1 || !vessel) {
            out.setAside.append(query.value(0).toString());
            continue;
        }
        out.topUps.append({query.value(0).toLongLong(),
                           {list->front(), *vessel, query.value(3).toDouble()},
                           stamped(query.value(4))});
    }
    query.prepare(QStringLiteral("SELECT id, at, text FROM note WHERE batch = ? ORDER BY id"));
    query.addBindValue(id);
    if (auto fault = run(query))
        return *fault;
    while (query.next())
        out.notes.append(
            {query.value(0).toLongLong(), stamped(query.value(1)), query.value(2).toString()});
    return out;
}

Journal::Result<QList<BatchSummary>> Journal::batchesWith(const QString& material, int most) const
{
    QSqlQuery query(database());
    query.prepare(QStringLiteral("SELECT %1 FROM batch WHERE id IN (SELECT batch FROM"
                                 " batch_material WHERE material = ? ORDER BY batch DESC LIMIT ?)"
                                 " ORDER BY started DESC, id DESC")
                      .arg(QLatin1String(summaryColumns)));
    query.addBindValue(material);
    query.addBindValue(most);
    return summaries(query);
}

Journal::Result<int> Journal::countWith(const QString& material) const
{
    QSqlQuery query(database());
    query.prepare(QStringLiteral("SELECT count(*) FROM batch_material WHERE material = ?"));
    query.addBindValue(material);
    if (auto fault = run(query))
        return *fault;
    return query.next() ? query.value(0).toInt() : 0;
}

} // namespace rhexion
