#include "storage/journal_migration.h"

#include "storage/event_json.h"
#include "storage/formula_json.h"
#include "storage/journal.h"
#include "storage/journal_tables.h"
#include "storage/material_file.h"
#include "storage/sqlite_file.h"

#include <QDateTime>
#include <QSqlQuery>
#include <QVariant>

#include <algorithm>

namespace rhexion {

namespace {

using Done = std::optional<FileFault>;

std::int64_t momentIn(const QVariant& text)
{
    const auto at = QDateTime::fromString(text.toString(), Qt::ISODateWithMs);
    return at.isValid() ? at.toMSecsSinceEpoch() : 0;
}

// One batch of an older journal.
class OldBatch {
public:
    OldBatch(QSqlDatabase& db, const QSqlQuery& row, std::string bench)
        : db_(db), row_(row), bench_(std::move(bench)), id_(newId()),
          begun_(momentIn(row.value(Started)))
    {
    }

    enum Column {
        Id,
        Name,
        Formula_,
        State,
        Started,
        Ended,
        Step,
        SuperfatPlanned,
        StrengthPlanned,
        Superfat,
        Strength,
        Batter,
        Draft
    };
    static constexpr auto columns = "id, name, formula, state, started, finished, step,"
                                    " superfat_planned, strength_planned, superfat, strength,"
                                    " batter, draft";

    Done carryOver()
    {
        const auto read = formulaFromJson(row_.value(Formula_).toString().toUtf8());
        const auto* formula = std::get_if<Formula>(&read);
        const ReckonResult planned = formula ? reckon(*formula) : ReckonResult(Refusal{});
        const auto* r = std::get_if<Reckoning>(&planned);
        if (formula == nullptr || r == nullptr)
            return asItStands();
        BatchBegun begun{*formula, r->amounts, planDay(*formula, *r)};
        const auto step =
            std::min(std::size_t(std::max(0, row_.value(Step).toInt())), begun.plan.steps.size());
        std::vector<DayStep> done(begun.plan.steps.begin(),
                                  begun.plan.steps.begin() + std::ptrdiff_t(step));
        add(begun_, std::move(begun));
        if (auto fault = readRows())
            return fault;
        std::int64_t last = begun_;
        for (const Event& event : events_)
            last = std::max(last, event.at);
        for (const DayStep& s : done)
            add(last, StepDone{keyOf(s)});
        end(last);
        // The beginning first, whatever a clock said.
        std::ranges::stable_sort(events_.begin() + 1, events_.end(), {}, &Event::at);
        for (const Event& event : events_) {
            if (auto fault = tables::insertEvent(db_, event))
                return fault;
            if (auto fault = tables::takeInLists(db_, event))
                return fault;
        }
        return std::nullopt;
    }

private:
    void add(std::int64_t at, Happening what)
    {
        events_.push_back({newId(), id_, bench_, 0, at, 0, std::move(what)});
    }

    // What cannot be read is kept as it was, and its row still stands in the list.
    Done asItStands()
    {
        QSqlQuery query(db_);
        if (auto fault = SqliteFile::run(
                query,
                "INSERT INTO event (id, batch, bench, at, zone, kind, data)"
                " VALUES (?, ?, ?, ?, 0, 'begun', ?)",
                {QString::fromStdString(newId()), QString::fromStdString(id_),
                 QString::fromStdString(bench_), qint64(begun_), row_.value(Formula_)}))
            return fault;
        return SqliteFile::run(
            query,
            "INSERT INTO batch (id, name, state, started, finished, superfat_planned,"
            " strength_planned, superfat, strength, batter) VALUES (?, ?, ?, ?, ?, ?, ?, ?, ?, ?)",
            {QString::fromStdString(id_), row_.value(Name), row_.value(State), qint64(begun_),
             qint64(momentIn(row_.value(Ended))), row_.value(SuperfatPlanned),
             row_.value(StrengthPlanned), row_.value(Superfat), row_.value(Strength),
             row_.value(Batter)});
    }

    template <class Take>
    Done each(const char* sql, Take take)
    {
        QSqlQuery query(db_);
        if (auto fault = SqliteFile::run(query, sql, {row_.value(Id)}))
            return fault;
        while (query.next())
            take(query);
        return std::nullopt;
    }

    Done readRows()
    {
        auto fault =
            each("SELECT what, line, planned, actual, at, origin FROM weighing WHERE batch = ?"
                 " ORDER BY id",
                 [this](const QSqlQuery& row) {
                     const auto what = weighTargetFromCode(row.value(0).toString().toStdString());
                     if (!what)
                         return;
                     const bool taken = row.value(5).toString() == QLatin1String("as-planned");
                     add(momentIn(row.value(4)),
                         WeighedNow{{{*what, row.value(1).toUInt()},
                                     row.value(3).toDouble(),
                                     taken ? WeighOrigin::AsPlanned : WeighOrigin::Typed},
                                    row.value(2).toDouble()});
                 });
        if (!fault)
            fault =
                each("SELECT material, vessel, grams, at FROM top_up WHERE batch = ?"
                     " ORDER BY id",
                     [this](const QSqlQuery& row) {
                         const auto read = materialsFromJson(row.value(0).toString().toUtf8());
                         const auto* list = std::get_if<std::vector<MaterialPtr>>(&read);
                         const auto vessel = vesselFromCode(row.value(1).toString().toStdString());
                         if (list && list->size() == 1 && vessel)
                             add(momentIn(row.value(3)),
                                 AddedBeside{{list->front(), *vessel, row.value(2).toDouble()}});
                         else
                             add(momentIn(row.value(3)), Unreadable{"added"});
                     });
        if (!fault)
            fault =
                each("SELECT text, at FROM note WHERE batch = ? ORDER BY id",
                     [this](const QSqlQuery& row) {
                         add(momentIn(row.value(1)), Noted{row.value(0).toString().toStdString()});
                     });
        return fault;
    }

    void end(std::int64_t last)
    {
        // A note begun and not yet kept is kept now.
        if (const QString draft = row_.value(Draft).toString(); !draft.isEmpty())
            add(last, Noted{draft.toStdString()});
        const QString state = row_.value(State).toString();
        const std::int64_t ended = std::max(last, momentIn(row_.value(Ended)));
        if (state == QLatin1String("finished"))
            add(ended,
                BatchFinished{figureOf(row_.value(Superfat)), row_.value(Strength).toDouble(),
                              row_.value(Batter).toDouble()});
        else if (state == QLatin1String("stopped"))
            add(ended, BatchStopped{});
    }

    QSqlDatabase& db_;
    const QSqlQuery& row_;
    std::string bench_;
    std::string id_;
    std::int64_t begun_;
    std::vector<Event> events_;
};

} // namespace

std::optional<FileFault> convertJournal(QSqlDatabase& db, int toVersion)
{
    if (toVersion == 5)
        return tables::fillAfter(db);
    if (toVersion == 6)
        return tables::refoldAll(db);
    if (toVersion != 4)
        return std::nullopt;
    const std::string bench = newId();
    QSqlQuery query(db);
    if (auto fault = SqliteFile::run(query, "INSERT INTO about (key, value) VALUES ('bench', ?)",
                                     {QString::fromStdString(bench)}))
        return fault;
    QSqlQuery rows(db);
    rows.prepare(QStringLiteral("SELECT %1 FROM old_batch ORDER BY id")
                     .arg(QLatin1String(OldBatch::columns)));
    if (auto fault = SqliteFile::run(rows))
        return fault;
    while (rows.next())
        if (auto fault = OldBatch(db, rows, bench).carryOver())
            return fault;
    rows.finish();
    for (const char* table : {"weighing", "top_up", "note", "old_batch"}) {
        query.prepare(QStringLiteral("DROP TABLE %1").arg(QLatin1String(table)));
        if (auto fault = SqliteFile::run(query))
            return fault;
    }
    return std::nullopt;
}

} // namespace rhexion
