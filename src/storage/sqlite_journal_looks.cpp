// What the weeks after ask for, from the tables beside the events.
#include "storage/event_json.h"
#include "storage/journal_tables.h"
#include "storage/sqlite_file.h"
#include "storage/sqlite_journal.h"

#include <QSqlQuery>
#include <QVariant>

#include <algorithm>
#include <map>

namespace rhexion {

namespace {

std::string utf8(const QSqlQuery& row, int column)
{
    return row.value(column).toString().toStdString();
}

QString questionMarks(qsizetype count)
{
    return QStringList(count, QStringLiteral("?")).join(QLatin1Char(','));
}

// A batch of which something was written afterwards.
constexpr auto wereTold = "SELECT batch FROM batch_fact WHERE fact = 'told'";

} // namespace

Journal::Done SqliteJournal::rows(const QString& sql, const QVariantList& values,
                                  const std::function<void(const QSqlQuery&)>& each) const
{
    QSqlQuery query(database());
    query.setForwardOnly(true);
    if (auto fault = placed(SqliteFile::run(query, qPrintable(sql), values)))
        return fault;
    while (query.next())
        each(query);
    return std::nullopt;
}

Journal::Result<QList<BatchSummary>> SqliteJournal::find(const Finding& f, int most) const
{
    QStringList where;
    QVariantList values;
    const auto must = [&](const QString& sql, const QVariant& value) {
        where.append(sql);
        values.append(value);
    };
    // Each word in quotes is a word and no operator; the star lets it be the beginning of one.
    QStringList wanted;
    for (const QString& word : searchWordsOf(f.words))
        wanted.append(QLatin1Char('"') + word + QStringLiteral("\"*"));
    // The plus has the batches walked from the newest on: 33 ms at most over 100,000, where sorting
    // those that were found took 139 ms for a word of every batch.
    if (!wanted.isEmpty())
        must(QStringLiteral("+row IN (SELECT rowid FROM batch_words WHERE batch_words MATCH ?)"),
             wanted.join(QLatin1Char(' ')));
    for (const QString& fact : f.facts)
        must(QStringLiteral("EXISTS (SELECT 1 FROM batch_fact WHERE fact = ? AND"
                            " batch_fact.batch = batch.id)"),
             fact);
    if (f.state)
        must(QStringLiteral("state = ?"), QString::fromLatin1(codeOf(*f.state)));
    const auto range = [&](const char* column, const auto& from, const auto& until) {
        if (from)
            must(QStringLiteral("%1 >= ?").arg(QLatin1String(column)), QVariant::fromValue(*from));
        if (until)
            must(QStringLiteral("%1 <= ?").arg(QLatin1String(column)), QVariant::fromValue(*until));
    };
    range("coalesce(superfat, superfat_planned)", f.superfatFrom, f.superfatUntil);
    range("coalesce(strength, strength_planned)", f.strengthFrom, f.strengthUntil);
    if (f.from)
        must(QStringLiteral("started >= ?"), qint64(*f.from));
    if (f.until)
        must(QStringLiteral("started < ?"), qint64(*f.until));
    if (where.isEmpty())
        return batches(most, nullptr);
    values.append(most);
    return summaries(qPrintable(QStringLiteral("WHERE %1 ORDER BY started DESC, id DESC LIMIT ?")
                                    .arg(where.join(QStringLiteral(" AND ")))),
                     values);
}

Journal::Result<QList<DueOfBatch>> SqliteJournal::dues(std::int64_t from, std::int64_t until,
                                                       const CureSchools& schools) const
{
    QList<DueOfBatch> out;
    auto fault = rows(
        QStringLiteral("SELECT d.batch, b.name, d.kind, d.opens, d.at, d.closes FROM batch_due d"
                       " JOIN batch b ON b.id = d.batch WHERE d.at >= ? AND d.at < ?"
                       " AND d.school IN (-1, ?)"),
        {qint64(from), qint64(until), schools.eggOrMilk ? 1 : 0}, [&](const QSqlQuery& row) {
            if (const auto kind = dueKindFromCode(utf8(row, 2)))
                out.append({row.value(0).toString(),
                            row.value(1).toString(),
                            {*kind, row.value(3).toLongLong(), row.value(4).toLongLong(),
                             row.value(5).toLongLong()}});
        });
    if (fault)
        return *std::move(fault);
    std::ranges::stable_sort(
        out, {}, [](const DueOfBatch& d) { return std::tuple(d.due.at, d.batch, d.due.kind); });
    return out;
}

Journal::Result<QList<LessonOf>> SqliteJournal::lessons(const QStringList& materials) const
{
    QVariantList values;
    for (const QString& id : materials)
        values.append(id);
    QString which;
    if (!materials.isEmpty())
        which = QStringLiteral(" AND l.event IN (SELECT event FROM lesson_about"
                               " WHERE material IN (%1))")
                    .arg(questionMarks(materials.size()));
    QList<LessonOf> out;
    auto fault =
        rows(QStringLiteral(
                 "SELECT l.event, l.batch, b.name, l.said, l.words, l.mould,"
                 " (SELECT group_concat(material, char(10)) FROM lesson_about a"
                 " WHERE a.event = l.event), l.setting FROM lesson l JOIN batch b ON b.id = l.batch"
                 " WHERE l.event NOT IN (SELECT event FROM lesson_retired)%1"
                 " ORDER BY l.said DESC, l.event DESC")
                 .arg(which),
             values, [&](const QSqlQuery& row) {
                 LessonKept lesson{utf8(row, 4), {}, utf8(row, 5), utf8(row, 7)};
                 for (const QString& id :
                      row.value(6).toString().split(QLatin1Char('\n'), Qt::SkipEmptyParts))
                     lesson.materials.push_back(id.toStdString());
                 out.append({utf8(row, 0), row.value(1).toString(), row.value(2).toString(),
                             row.value(3).toLongLong(), std::move(lesson)});
             });
    if (fault)
        return *std::move(fault);
    return out;
}

Journal::Result<MaterialHistory> SqliteJournal::history(const QString& material) const
{
    MaterialHistory out;
    const auto those = QStringLiteral("SELECT m.batch FROM batch_material m JOIN batch_fact f ON"
                                      " f.batch = m.batch AND f.fact = 'made'"
                                      " WHERE m.material = ?");
    auto fault =
        rows(QStringLiteral("SELECT count(*), max(started) FROM batch WHERE id IN (%1)").arg(those),
             {material}, [&](const QSqlQuery& row) {
                 out.batches = row.value(0).toInt();
                 out.last = momentOf(row.value(1).toLongLong());
             });
    if (!fault)
        fault = rows(QStringLiteral("SELECT fact, count(*) FROM batch_fact WHERE batch IN (%1)"
                                    " AND (fact = 'told' OR fact LIKE 'seen:%' OR"
                                    " fact LIKE 'verdict:%') GROUP BY fact")
                         .replace(QStringLiteral("%1"), those),
                     {material}, [&](const QSqlQuery& row) {
                         if (utf8(row, 0) == "told")
                             out.told = row.value(1).toInt();
                         else
                             out.facts[utf8(row, 0)] = row.value(1).toInt();
                     });
    if (fault)
        return *std::move(fault);
    auto read = lessons({material});
    if (auto* bad = std::get_if<FileFault>(&read))
        return *std::move(bad);
    const auto& list = std::get<QList<LessonOf>>(read);
    out.lessons.assign(list.begin(), list.end());
    return out;
}

Journal::Result<QList<PatternCount>> SqliteJournal::patternCounts(const QString& outcome) const
{
    // Each count walks one index in order: over 100,000 batches a sort would take longest.
    std::map<std::string, PatternCount> counts;
    const QString all = QStringLiteral("batch IN (%1)").arg(QLatin1String(wereTold));
    const QString had = all + QStringLiteral(" AND batch IN (SELECT batch FROM batch_fact WHERE"
                                             " fact = ?)");
    const auto count = [&](const QString& which, const QVariantList& values, int PatternCount::*n) {
        auto fault = rows(
            QStringLiteral("SELECT fact, count(*) FROM batch_fact WHERE %1 GROUP BY"
                           " fact")
                .arg(which),
            values, [&](const QSqlQuery& row) { counts[utf8(row, 0)].*n = row.value(1).toInt(); });
        return fault ? std::move(fault)
                     : rows(QStringLiteral("SELECT material, count(*) FROM batch_material WHERE %1"
                                           " GROUP BY material")
                                .arg(which),
                            values, [&](const QSqlQuery& row) {
                                counts["with:" + utf8(row, 0)].*n = row.value(1).toInt();
                            });
    };
    auto fault = count(all, {}, &PatternCount::with);
    if (!fault)
        fault = count(had, {outcome}, &PatternCount::withOutcome);
    if (fault)
        return *std::move(fault);
    const PatternCount every = counts["told"];
    QList<PatternCount> out;
    for (auto& [fact, c] : counts) {
        if (!isInput(fact))
            continue;
        c.fact = fact;
        c.without = every.with - c.with;
        c.withoutOutcome = every.withOutcome - c.withOutcome;
        out.append(std::move(c));
    }
    return out;
}

Journal::Result<std::vector<ToldBatch>> SqliteJournal::told(int most) const
{
    const auto newest =
        QStringLiteral("SELECT id FROM batch b WHERE EXISTS (SELECT 1 FROM batch_fact f WHERE"
                       " f.fact = 'told' AND f.batch = b.id) ORDER BY started DESC, id DESC"
                       " LIMIT %1")
            .arg(most);
    std::vector<ToldBatch> out;
    std::map<std::string, std::size_t> place;
    auto fault = rows(newest, {}, [&](const QSqlQuery& row) {
        place[utf8(row, 0)] = out.size();
        out.push_back({utf8(row, 0), {}});
    });
    if (!fault)
        fault = rows(QStringLiteral("SELECT batch, fact FROM batch_fact WHERE batch IN (%1) UNION"
                                    " ALL SELECT batch, 'with:' || material FROM batch_material"
                                    " WHERE batch IN (%1)")
                         .arg(newest),
                     {}, [&](const QSqlQuery& row) {
                         out[place.at(utf8(row, 0))].facts.push_back(utf8(row, 1));
                     });
    if (fault)
        return *std::move(fault);
    for (ToldBatch& batch : out)
        std::ranges::sort(batch.facts);
    return out;
}

Journal::Result<QList<DrawOf>> SqliteJournal::draws(const QString& material,
                                                    std::int64_t since) const
{
    QList<DrawOf> out;
    QVariantList values{qint64(since)};
    if (!material.isEmpty())
        values.append(material);
    auto fault =
        rows(QStringLiteral("SELECT batch, material, lot, at, grams FROM draw WHERE grams"
                            " IS NOT NULL AND at >= ?%1 ORDER BY at, batch, grams")
                 .arg(material.isEmpty() ? QString() : QStringLiteral(" AND material = ?")),
             values, [&](const QSqlQuery& row) {
                 out.append({row.value(0).toString(), utf8(row, 1), utf8(row, 2),
                             row.value(3).toLongLong(), row.value(4).toDouble()});
             });
    if (fault)
        return *std::move(fault);
    return out;
}

Journal::Result<QList<BarsOf>> SqliteJournal::bars(const CureSchools& schools) const
{
    QList<BarsOf> out;
    auto fault = rows(
        QStringLiteral("SELECT r.batch, b.name, r.code, r.cut, r.sold, r.given, r.kept, r.tested,"
                       " r.spoiled, r.brought, (SELECT at FROM batch_due d WHERE d.batch = r.batch"
                       " AND d.kind = 'ready' AND d.school IN (-1, ?)) FROM batch_bars r JOIN batch"
                       " b ON b.id = r.batch"
                       " WHERE r.cut > r.sold + r.given + r.kept + r.tested + r.spoiled"
                       " ORDER BY b.started DESC, b.id DESC"),
        {schools.eggOrMilk ? 1 : 0}, [&](const QSqlQuery& row) {
            BarsNow bars;
            bars.cut = row.value(3).toInt();
            for (std::size_t i = 0; i < bars.to.size(); ++i)
                bars.to[i] = row.value(4 + int(i)).toInt();
            bars.broughtMinor = row.value(9).toDouble();
            out.append({row.value(0).toString(), row.value(1).toString(), row.value(2).toString(),
                        bars, row.value(10).toLongLong()});
        });
    if (fault)
        return *std::move(fault);
    return out;
}

Journal::Result<JournalSize> SqliteJournal::size() const
{
    JournalSize out;
    auto fault = rows(QStringLiteral("SELECT (SELECT count(*) FROM batch), (SELECT count(*) FROM"
                                     " event)"),
                      {}, [&](const QSqlQuery& row) {
                          out = {row.value(0).toInt(), row.value(1).toInt()};
                      });
    if (fault)
        return *std::move(fault);
    return out;
}

Journal::Result<QStringList> SqliteJournal::codes(const QString& beginning) const
{
    QStringList out;
    auto fault = rows(QStringLiteral("SELECT code FROM batch_bars WHERE substr(code, 1, ?) = ?"
                                     " AND code <> '' ORDER BY code"),
                      // A null text would be NULL, and equal to nothing.
                      {int(beginning.size()), beginning.isEmpty() ? QStringLiteral("") : beginning},
                      [&](const QSqlQuery& row) { out.append(row.value(0).toString()); });
    if (fault)
        return *std::move(fault);
    return out;
}

Journal::Result<QStringList> SqliteJournal::batchesOfCode(const QString& code) const
{
    QStringList out;
    auto fault =
        rows(QStringLiteral("SELECT r.batch FROM batch_bars r JOIN batch b ON b.id = r.batch"
                            " WHERE r.code = ? ORDER BY b.started, b.id"),
             {code}, [&](const QSqlQuery& row) { out.append(row.value(0).toString()); });
    if (fault)
        return *std::move(fault);
    return out;
}

} // namespace rhexion
