#include "storage/journal_tables.h"

#include "core/after/due.h"
#include "core/after/facts.h"
#include "storage/event_json.h"
#include "storage/journal.h"
#include "storage/raw_event.h"
#include "storage/sqlite_file.h"

#include <QSqlQuery>
#include <QVariant>

#include <algorithm>

namespace rhexion::tables {

namespace {

using Done = std::optional<FileFault>;

Done run(QSqlDatabase& db, const char* sql, const QVariantList& values)
{
    QSqlQuery query(db);
    return SqliteFile::run(query, sql, values);
}

QString keyOf(const WeighTarget& target)
{
    return QStringLiteral("%1:%2").arg(int(target.what)).arg(target.line);
}

Event eventFrom(const QSqlQuery& row)
{
    return eventOf(event_table::rowOf(row), row.value(7).toLongLong(),
                   row.value(8).toString().toStdString());
}

QString selectEvents(const char* where)
{
    return QStringLiteral("SELECT %1, seq, (SELECT value FROM about WHERE key = 'bench') FROM %2"
                          " %3 %4")
        .arg(event_table::readableColumns(), QLatin1String(event_table::placed),
             QLatin1String(where), QLatin1String(event_table::inOrder));
}

Done oneDraw(QSqlDatabase& db, const std::string& batch, const QString& target,
             const Material& material)
{
    return run(db, "INSERT OR REPLACE INTO draw (batch, target, material, lot) VALUES (?, ?, ?, ?)",
               {columnText(batch), target, columnText(material.id), columnText(material.lot.id)});
}

// A place for every weight that may come; oil set aside was drawn with its own line.
Done beginDraws(QSqlDatabase& db, const Batch& batch)
{
    for (const DayStep& step : batch.plan.steps)
        if (const MaterialPtr material = drawnFrom(step.target, batch.formula))
            if (auto fault = oneDraw(db, batch.id, keyOf(step.target), *material))
                return fault;
    return std::nullopt;
}

Done begun(QSqlDatabase& db, const Event& event)
{
    const auto batch = fold({&event, 1});
    const BatchSummary s = summaryOf(*batch);
    QVariant row;
    {
        QSqlQuery query(db);
        if (auto fault = SqliteFile::run(
                query,
                "INSERT INTO batch (id, name, state, started, superfat_planned, strength_planned)"
                " VALUES (?, ?, 'making', ?, ?, ?)",
                {columnText(event.batch), columnText(batch->formula.name), qint64(event.at),
                 s.superfatPlanned, s.strengthPlanned}))
            return fault;
        row = query.lastInsertId();
    }
    return run(db, "INSERT INTO batch_words (rowid, text) VALUES (?, ?)",
               {row, searchTextOf(*batch)});
}

Done addWords(QSqlDatabase& db, const std::string& batch, const std::string& words)
{
    return words.empty() ? std::nullopt
                         : run(db,
                               "UPDATE batch_words SET text = text || char(10) || ?"
                               " WHERE rowid = (SELECT row FROM batch WHERE id = ?)",
                               {columnText(words), columnText(batch)});
}

Done takeAfter(QSqlDatabase& db, const Event& event, const After& after)
{
    if (const auto* retired = std::get_if<LessonRetired>(&after.what))
        if (auto fault = run(db, "INSERT OR REPLACE INTO lesson_retired (event, by) VALUES (?, ?)",
                             {columnText(retired->event), columnText(event.id)}))
            return fault;
    return std::nullopt;
}

Done keepDues(QSqlDatabase& db, const Batch& batch)
{
    const auto duesWith = [&](bool school) {
        return duesOf(batch, curedOf(batch, CureSchools{school}));
    };
    const bool ofSchool = holdsEggOrMilk(batch.bowl().formula);
    for (int school = 0; school <= (ofSchool ? 1 : 0); ++school)
        for (const Due& due : duesWith(school == 1)) {
            const bool same = due.kind != DueKind::Ready || !ofSchool;
            if (same && school == 1)
                continue;
            if (auto fault = run(db,
                                 "INSERT INTO batch_due (batch, kind, school, opens, at, closes)"
                                 " VALUES (?, ?, ?, ?, ?, ?)",
                                 {columnText(batch.id), QString::fromLatin1(codeOf(due.kind)),
                                  same ? -1 : school, qint64(due.opens), qint64(due.at),
                                  qint64(due.closes)}))
                return fault;
        }
    return std::nullopt;
}

Done keepLessons(QSqlDatabase& db, const Batch& batch)
{
    for (const AfterAt& a : batch.after) {
        const auto* lesson = std::get_if<LessonKept>(&a.what);
        if (!lesson)
            continue;
        if (auto fault =
                run(db,
                    "INSERT OR REPLACE INTO lesson (event, batch, words, mould, setting,"
                    " said)"
                    " VALUES (?, ?, ?, ?, ?, ?)",
                    {columnText(a.event), columnText(batch.id), columnText(lesson->words),
                     columnText(lesson->mould), columnText(lesson->setting), qint64(a.on)}))
            return fault;
        for (const std::string& material : lesson->materials)
            if (auto fault =
                    run(db, "INSERT OR IGNORE INTO lesson_about (material, event) VALUES (?, ?)",
                        {columnText(material), columnText(a.event)}))
                return fault;
    }
    return std::nullopt;
}

Done keepBars(QSqlDatabase& db, const Batch& batch)
{
    const BarsNow bars = barsOf(batch);
    const auto* code = lastOf<CodeGiven>(batch.after);
    if (bars.cut == 0 && bars.gone() == 0 && !code)
        return std::nullopt;
    QVariantList row{columnText(batch.id), code ? columnText(code->code) : QStringLiteral(""),
                     bars.cut};
    for (const int n : bars.to)
        row.append(n);
    row.append(bars.broughtMinor);
    return run(db,
               "INSERT INTO batch_bars (batch, code, cut, sold, given, kept, tested, spoiled,"
               " brought) VALUES (?, ?, ?, ?, ?, ?, ?, ?, ?)",
               row);
}

// What was weighed at two benches took from the shelf what was settled, or weighed since.
Done keepTwice(QSqlDatabase& db, const Batch& batch)
{
    for (const TwiceWeighed& twice : batch.twice) {
        const WeighedAt& last = *batch.lastWord(twice.second.weighed.target);
        if (auto fault = run(db, "UPDATE draw SET grams = ?, at = ? WHERE batch = ? AND target = ?",
                             {last.weighed.grams, qint64(last.at), columnText(batch.id),
                              keyOf(last.weighed.target)}))
            return fault;
    }
    return std::nullopt;
}

} // namespace

bool movesFolds(const Event& event)
{
    if (const auto* done = std::get_if<StepDone>(&event.what))
        return done->step.kind == DayStepKind::Pour;
    return std::holds_alternative<BatchBegun>(event.what) ||
           std::holds_alternative<After>(event.what) ||
           std::holds_alternative<AddedBeside>(event.what) ||
           std::holds_alternative<Substituted>(event.what) ||
           std::holds_alternative<TakenBack>(event.what) ||
           std::holds_alternative<BatchFinished>(event.what) ||
           std::holds_alternative<BatchStopped>(event.what) ||
           std::holds_alternative<LookedIn>(event.what) ||
           std::holds_alternative<TwiceSettled>(event.what) ||
           std::holds_alternative<NearMiss>(event.what);
}

std::optional<FileFault> refold(QSqlDatabase& db, const Batch& batch)
{
    const QString id = columnText(batch.id);
    for (const char* sql :
         {"DELETE FROM lesson_about WHERE event IN"
          " (SELECT event FROM lesson WHERE batch = ?)",
          "DELETE FROM lesson WHERE batch = ?", "DELETE FROM batch_due WHERE batch = ?",
          "DELETE FROM batch_fact WHERE batch = ?", "DELETE FROM batch_bars WHERE batch = ?",
          "DELETE FROM batch_material WHERE batch = ?"})
        if (auto fault = run(db, sql, {id}))
            return fault;
    for (const QString& material : materialsOf(batch))
        if (auto fault = run(db,
                             "INSERT INTO batch_material (material, started, batch)"
                             " VALUES (?, ?, ?)",
                             {material, qint64(batch.begun), id}))
            return fault;
    // What was taken back is no longer found.
    if (auto fault = run(db,
                         "UPDATE batch_words SET text = ?"
                         " WHERE rowid = (SELECT row FROM batch WHERE id = ?)",
                         {searchTextOf(batch), id}))
        return fault;
    if (auto fault = keepDues(db, batch))
        return fault;
    if (auto fault = keepTwice(db, batch))
        return fault;
    if (batch.changedSinceMade()) {
        const auto made = batch.outcome();
        if (auto fault =
                run(db, "UPDATE batch SET superfat = ?, strength = ?, batter = ? WHERE id = ?",
                    {orNull(made->superfat), made->strength, made->batterGrams, id}))
            return fault;
    }
    for (const std::string& fact : factsOf(batch))
        if (auto fault = run(db, "INSERT INTO batch_fact (fact, batch) VALUES (?, ?)",
                             {columnText(fact), id}))
            return fault;
    if (auto fault = keepLessons(db, batch))
        return fault;
    return keepBars(db, batch);
}

std::variant<QList<Event>, FileFault> eventsOf(const QSqlDatabase& db, const QString& batch)
{
    QSqlQuery query(db);
    query.setForwardOnly(true);
    if (auto fault = SqliteFile::run(query, qPrintable(selectEvents("WHERE batch = ?")), {batch}))
        return *std::move(fault);
    QList<Event> out;
    while (query.next())
        out.append(eventFrom(query));
    return out;
}

std::optional<FileFault> refold(QSqlDatabase& db, const QString& id)
{
    const auto events = eventsOf(db, id);
    if (const auto* fault = std::get_if<FileFault>(&events))
        return *fault;
    // Without a beginning that can be read there is nothing to fold.
    const auto batch = fold(std::get<QList<Event>>(events));
    return batch ? refold(db, *batch) : std::nullopt;
}

std::optional<FileFault> insertEvent(QSqlDatabase& db, const Event& event)
{
    return event_table::insert(db, rawOf(event));
}

std::optional<FileFault> takeInLists(QSqlDatabase& db, const Event& event)
{
    if (std::holds_alternative<BatchBegun>(event.what))
        return begun(db, event);
    if (const auto* made = std::get_if<BatchFinished>(&event.what))
        return run(db,
                   "UPDATE batch SET state = 'finished', finished = ?, superfat = ?, strength = ?,"
                   " batter = ? WHERE id = ?",
                   {qint64(event.at), orNull(made->superfat), made->strength, made->batterGrams,
                    columnText(event.batch)});
    if (std::holds_alternative<BatchStopped>(event.what))
        return run(db, "UPDATE batch SET state = 'stopped', finished = ? WHERE id = ?",
                   {qint64(event.at), columnText(event.batch)});
    // A batch whose beginning cannot be read still stands in the list.
    if (const auto* what = std::get_if<Unreadable>(&event.what); what && what->kind == "begun")
        return run(db,
                   "INSERT INTO batch (id, name, state, started, superfat_planned,"
                   " strength_planned) VALUES (?, '', 'making', ?, 0, 0)",
                   {columnText(event.batch), qint64(event.at)});
    if (const auto* note = std::get_if<Noted>(&event.what))
        return addWords(db, event.batch, note->text);
    return std::nullopt;
}

std::optional<FileFault> takeInDraws(QSqlDatabase& db, const Event& event)
{
    if (std::holds_alternative<BatchBegun>(event.what))
        return beginDraws(db, *fold({&event, 1}));
    if (const auto* now = std::get_if<WeighedNow>(&event.what))
        return run(db, "UPDATE draw SET grams = ?, at = ? WHERE batch = ? AND target = ?",
                   {now->weighed.grams, qint64(event.at), columnText(event.batch),
                    keyOf(now->weighed.target)});
    if (const auto* added = std::get_if<AddedBeside>(&event.what)) {
        const QString target = QStringLiteral("beside:") + columnText(event.id);
        if (auto fault = oneDraw(db, event.batch, target, *added->topUp.material))
            return fault;
        return run(db, "UPDATE draw SET grams = ?, at = ? WHERE batch = ? AND target = ?",
                   {added->topUp.grams, qint64(event.at), columnText(event.batch), target});
    }
    if (const auto* back = std::get_if<TakenBack>(&event.what)) {
        if (auto fault =
                run(db, "DELETE FROM lesson_retired WHERE by = ?", {columnText(back->event)}))
            return fault;
        return run(db, "DELETE FROM draw WHERE batch = ? AND target = ?",
                   {columnText(event.batch), QStringLiteral("beside:") + columnText(back->event)});
    }
    if (const auto* other = std::get_if<Substituted>(&event.what); other && other->by.material)
        return run(db, "UPDATE draw SET material = ?, lot = ? WHERE batch = ? AND target = ?",
                   {columnText(other->by.material->id), columnText(other->by.material->lot.id),
                    columnText(event.batch), keyOf({WeighTarget::What::Line, other->by.line})});
    if (const auto* after = std::get_if<After>(&event.what))
        return takeAfter(db, event, *after);
    return std::nullopt;
}

std::optional<FileFault> takeIn(QSqlDatabase& db, const Event& event)
{
    if (kindOf(event.what) == QLatin1String("begun")) {
        // A batch begins once, whatever a server holds.
        QSqlQuery query(db);
        if (auto fault = SqliteFile::run(query, "SELECT 1 FROM batch WHERE id = ?",
                                         {columnText(event.batch)}))
            return fault;
        if (query.next())
            return std::nullopt;
    }
    if (auto fault = takeInLists(db, event))
        return fault;
    return takeInDraws(db, event);
}

namespace {

Done empty(QSqlDatabase& db, std::initializer_list<const char*> tables)
{
    for (const char* table : tables)
        if (auto fault =
                run(db, qPrintable(QStringLiteral("DELETE FROM %1").arg(QLatin1String(table))), {}))
            return fault;
    return std::nullopt;
}

Done fromEvents(QSqlDatabase& db, Done (*take)(QSqlDatabase&, const Event&))
{
    QSqlQuery query(db);
    query.setForwardOnly(true);
    if (auto fault = SqliteFile::run(query, qPrintable(selectEvents("")), {}))
        return fault;
    QStringList folded; // once each, when all of it is there
    while (query.next()) {
        const Event event = eventFrom(query);
        if (std::holds_alternative<BatchBegun>(event.what))
            folded.append(columnText(event.batch));
        if (auto fault = take(db, event))
            return fault;
    }
    query.finish();
    for (const QString& batch : folded)
        if (auto fault = refold(db, batch))
            return fault;
    return std::nullopt;
}

} // namespace

std::optional<FileFault> fillAfter(QSqlDatabase& db)
{
    return fromEvents(db, takeInDraws);
}

std::optional<FileFault> refoldAll(QSqlDatabase& db)
{
    return fromEvents(db, [](QSqlDatabase&, const Event&) -> Done { return std::nullopt; });
}

std::optional<FileFault> rebuildBatch(QSqlDatabase& db, const QString& id)
{
    for (const char* sql :
         {"DELETE FROM batch_words WHERE rowid IN (SELECT row FROM batch WHERE id = ?)",
          "DELETE FROM lesson_retired WHERE by IN (SELECT id FROM event WHERE batch = ?)",
          "DELETE FROM draw WHERE batch = ?", "DELETE FROM batch WHERE id = ?"})
        if (auto fault = run(db, sql, {id}))
            return fault;
    const auto read = eventsOf(db, id);
    if (const auto* fault = std::get_if<FileFault>(&read))
        return *fault;
    const auto& events = std::get<QList<Event>>(read);
    for (const Event& event : events)
        if (auto fault = takeIn(db, event))
            return fault;
    const auto batch = fold(events);
    return batch ? refold(db, *batch) : std::nullopt;
}

std::optional<FileFault> rebuild(QSqlDatabase& db)
{
    Transaction transaction(db);
    if (auto fault = empty(db, {"batch", "batch_material", "batch_words", "batch_due", "batch_fact",
                                "draw", "batch_bars", "lesson", "lesson_about", "lesson_retired"}))
        return fault;
    if (auto fault = fromEvents(db, takeIn))
        return fault;
    return transaction.keep() ? std::nullopt
                              : std::optional(FileFault{FileFault::Code::CannotWrite, {}, {}});
}

} // namespace rhexion::tables
