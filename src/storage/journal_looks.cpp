// What the weeks after ask a journal for, by a look at every batch: for journals that keep no
// tables, and the measure of those that do.
#include "core/after/facts.h"
#include "storage/event_json.h"
#include "storage/journal.h"

#include <algorithm>
#include <limits>
#include <set>

namespace rhexion {

namespace {

constexpr auto seenFact = "seen:";
constexpr auto verdictFact = "verdict:";

bool wasMade(const Batch& batch)
{
    return batch.state == BatchState::Finished ||
           (batch.state == BatchState::Making && batch.moments().poured);
}

bool isTold(const Batch& batch)
{
    return !batch.after.empty();
}

bool isBetween(std::optional<double> value, std::optional<double> from, std::optional<double> until)
{
    if (!from && !until)
        return true;
    return value && (!from || *value >= *from) && (!until || *value <= *until);
}

QString nameOf(const Batch& batch)
{
    return QString::fromStdString(batch.formula.name);
}

std::set<std::string> retiredIn(const QList<Batch>& all)
{
    std::set<std::string> out;
    for (const Batch& batch : all)
        for (const AfterAt& a : batch.after)
            if (const auto* retired = std::get_if<LessonRetired>(&a.what))
                out.insert(retired->event);
    return out;
}

} // namespace

Journal::Result<QList<Batch>> Journal::everyBatch() const
{
    const auto read = batches();
    if (const auto* fault = std::get_if<FileFault>(&read))
        return *fault;
    QList<Batch> out;
    for (const BatchSummary& s : std::get<QList<BatchSummary>>(read))
        if (auto one = batch(s.id); auto* good = std::get_if<Batch>(&one))
            out.append(std::move(*good));
    return out;
}

bool holds(const Finding& f, const Batch& batch)
{
    const BatchSummary s = summaryOf(batch);
    const std::vector<std::string> facts = factsOf(batch);
    const auto has = [&](const QString& fact) {
        return std::ranges::find(facts, fact.toStdString()) != facts.end();
    };
    return (!f.state || s.state == *f.state) && std::ranges::all_of(f.facts, has) &&
           isBetween(s.superfat.value_or(s.superfatPlanned), f.superfatFrom, f.superfatUntil) &&
           isBetween(s.strength.value_or(s.strengthPlanned), f.strengthFrom, f.strengthUntil) &&
           (!f.from || batch.begun >= *f.from) && (!f.until || batch.begun < *f.until) &&
           beginsWords(searchTextOf(batch), f.words);
}

Journal::Result<QList<BatchSummary>> Journal::find(const Finding& finding, int most) const
{
    const auto all = everyBatch();
    if (const auto* fault = std::get_if<FileFault>(&all))
        return *fault;
    QList<BatchSummary> out;
    for (const Batch& batch : std::get<QList<Batch>>(all))
        if (out.size() < most && holds(finding, batch))
            out.append(summaryOf(batch));
    return out;
}

Journal::Result<QList<DueOfBatch>> Journal::dues(std::int64_t from, std::int64_t until,
                                                 const CureSchools& schools) const
{
    const auto all = everyBatch();
    if (const auto* fault = std::get_if<FileFault>(&all))
        return *fault;
    QList<DueOfBatch> out;
    for (const Batch& batch : std::get<QList<Batch>>(all))
        for (const Due& due : duesOf(batch, curedOf(batch, schools)))
            if (due.at >= from && due.at < until)
                out.append({QString::fromStdString(batch.id), nameOf(batch), due});
    std::ranges::stable_sort(
        out, {}, [](const DueOfBatch& d) { return std::tuple(d.due.at, d.batch, d.due.kind); });
    return out;
}

Journal::Result<QList<LessonOf>> Journal::lessons(const QStringList& materials) const
{
    const auto all = everyBatch();
    if (const auto* fault = std::get_if<FileFault>(&all))
        return *fault;
    const auto& every = std::get<QList<Batch>>(all);
    const std::set<std::string> retired = retiredIn(every);
    QList<LessonOf> out;
    for (const Batch& batch : every)
        for (const AfterAt& a : batch.after) {
            const auto* lesson = std::get_if<LessonKept>(&a.what);
            const auto about = [&](const std::string& id) {
                return materials.contains(QString::fromStdString(id));
            };
            if (lesson && !retired.contains(a.event) &&
                (materials.isEmpty() || std::ranges::any_of(lesson->materials, about)))
                out.append(
                    {a.event, QString::fromStdString(batch.id), nameOf(batch), a.on, *lesson});
        }
    std::ranges::stable_sort(out, std::greater<>(),
                             [](const LessonOf& l) { return std::pair(l.on, l.event); });
    return out;
}

Journal::Result<MaterialHistory> Journal::history(const QString& material) const
{
    const auto all = everyBatch();
    if (const auto* fault = std::get_if<FileFault>(&all))
        return *fault;
    MaterialHistory out;
    for (const Batch& batch : std::get<QList<Batch>>(all)) {
        if (!materialsOf(batch).contains(material) || !wasMade(batch))
            continue;
        ++out.batches;
        out.told += isTold(batch) ? 1 : 0;
        out.last = std::max(out.last, momentOf(batch.begun));
        for (const std::string& fact : factsOf(batch))
            if (fact.starts_with(seenFact) || fact.starts_with(verdictFact))
                ++out.facts[fact];
    }
    const auto lessonsRead = lessons({material});
    if (const auto* list = std::get_if<QList<LessonOf>>(&lessonsRead))
        out.lessons.assign(list->begin(), list->end());
    return out;
}

Journal::Result<QList<PatternCount>> Journal::patternCounts(const QString& outcome) const
{
    // Nothing written of a batch is not nothing seen.
    const auto read = told(std::numeric_limits<int>::max());
    if (const auto* fault = std::get_if<FileFault>(&read))
        return *fault;
    const auto& every = std::get<std::vector<ToldBatch>>(read);
    std::map<std::string, PatternCount> counts;
    int toldWith = 0;
    for (const ToldBatch& batch : every) {
        const bool had = std::ranges::binary_search(batch.facts, outcome.toStdString());
        toldWith += had ? 1 : 0;
        for (const std::string& fact : batch.facts) {
            if (!isInput(fact))
                continue;
            PatternCount& c = counts[fact];
            c.fact = fact;
            ++c.with;
            c.withOutcome += had ? 1 : 0;
        }
    }
    QList<PatternCount> out;
    for (auto& [fact, c] : counts) {
        c.without = int(every.size()) - c.with;
        c.withoutOutcome = toldWith - c.withOutcome;
        out.append(std::move(c));
    }
    return out;
}

Journal::Result<std::vector<ToldBatch>> Journal::told(int most) const
{
    const auto all = everyBatch();
    if (const auto* fault = std::get_if<FileFault>(&all))
        return *fault;
    std::vector<ToldBatch> out;
    for (const Batch& batch : std::get<QList<Batch>>(all)) {
        if (!isTold(batch) || int(out.size()) >= most)
            continue;
        std::vector<std::string> facts = factsOf(batch);
        for (const QString& id : materialsOf(batch))
            facts.push_back("with:" + id.toStdString());
        std::ranges::sort(facts);
        out.push_back({batch.id, std::move(facts)});
    }
    return out;
}

Journal::Result<QList<DrawOf>> Journal::draws(const QString& material, std::int64_t since) const
{
    const auto all = everyBatch();
    if (const auto* fault = std::get_if<FileFault>(&all))
        return *fault;
    QList<DrawOf> out;
    for (const Batch& batch : std::get<QList<Batch>>(all)) {
        const auto add = [&](const MaterialPtr& m, double grams, std::int64_t at) {
            if (m && at >= since && (material.isEmpty() || material.toStdString() == m->id))
                out.append({QString::fromStdString(batch.id), m->id, m->lot.id, at, grams});
        };
        const Formula f = withSubstitutes(batch.formula, batch.substitutes);
        for (const Weighed& last : batch.lastWords())
            add(drawnFrom(last.target, f), last.grams, batch.lastWord(last.target)->at);
        for (const AddedAt& added : batch.topUps)
            add(added.topUp.material, added.topUp.grams, added.at);
    }
    std::ranges::stable_sort(out, {},
                             [](const DrawOf& d) { return std::tuple(d.at, d.batch, d.grams); });
    return out;
}

Journal::Result<QList<BarsOf>> Journal::bars(const CureSchools& schools) const
{
    const auto all = everyBatch();
    if (const auto* fault = std::get_if<FileFault>(&all))
        return *fault;
    QList<BarsOf> out;
    for (const Batch& batch : std::get<QList<Batch>>(all)) {
        const BarsNow bars = barsOf(batch);
        const auto* code = lastOf<CodeGiven>(batch.after);
        if (bars.left() == 0)
            continue;
        const Cured cured = curedOf(batch, schools);
        // No date stands in a test's place.
        const std::int64_t ready = cured.wantsTest.empty() ? cured.readyAt() : 0;
        out.append({QString::fromStdString(batch.id), nameOf(batch),
                    code ? QString::fromStdString(code->code) : QString(), bars, ready});
    }
    return out;
}

Journal::Result<JournalSize> Journal::size() const
{
    const auto all = batches();
    if (const auto* fault = std::get_if<FileFault>(&all))
        return *fault;
    JournalSize out;
    for (const BatchSummary& s : std::get<QList<BatchSummary>>(all)) {
        const auto read = events(s.id);
        if (const auto* fault = std::get_if<FileFault>(&read))
            return *fault;
        ++out.batches;
        out.events += int(std::get<QList<Event>>(read).size());
    }
    return out;
}

Journal::Result<QStringList> Journal::codes(const QString& beginning) const
{
    const auto all = everyBatch();
    if (const auto* fault = std::get_if<FileFault>(&all))
        return *fault;
    QStringList out;
    for (const Batch& batch : std::get<QList<Batch>>(all))
        if (const auto* code = lastOf<CodeGiven>(batch.after))
            if (const QString text = QString::fromStdString(code->code); text.startsWith(beginning))
                out.append(text);
    out.sort();
    return out;
}

Journal::Result<QStringList> Journal::batchesOfCode(const QString& wanted) const
{
    const auto all = everyBatch();
    if (const auto* fault = std::get_if<FileFault>(&all))
        return *fault;
    QStringList out;
    for (const Batch& batch : std::get<QList<Batch>>(all))
        if (const auto* code = lastOf<CodeGiven>(batch.after))
            if (QString::fromStdString(code->code) == wanted)
                out.prepend(QString::fromStdString(batch.id)); // newest first they came
    return out;
}

Journal::Result<QList<BatchSummary>> Journal::othersOfCode(const Batch& wanted) const
{
    const auto* code = lastOf<CodeGiven>(wanted.after);
    if (!code)
        return QList<BatchSummary>();
    const auto read = batchesOfCode(QString::fromStdString(code->code));
    if (const auto* fault = std::get_if<FileFault>(&read))
        return *fault;
    QList<BatchSummary> out;
    for (const QString& id : std::get<QStringList>(read)) {
        if (id.toStdString() == wanted.id)
            continue;
        auto other = batch(id);
        if (auto* fault = std::get_if<FileFault>(&other))
            return *std::move(fault);
        out.append(summaryOf(std::get<Batch>(other)));
    }
    return out;
}

Journal::Result<QList<CodeOfMany>> Journal::codesOfMany() const
{
    const auto read = codes({});
    if (const auto* fault = std::get_if<FileFault>(&read))
        return *fault;
    const auto& given = std::get<QStringList>(read); // in order
    QList<CodeOfMany> out;
    for (qsizetype i = 1; i < given.size(); ++i) {
        if (given[i] != given[i - 1] || (!out.isEmpty() && out.last().code == given[i]))
            continue;
        auto batches = batchesOfCode(given[i]);
        if (auto* fault = std::get_if<FileFault>(&batches))
            return *std::move(fault);
        out.append({given[i], std::get<QStringList>(std::move(batches))});
    }
    return out;
}

} // namespace rhexion
