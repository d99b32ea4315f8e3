#include "storage/batch_json.h"

#include "core/after/due.h"
#include "core/after/facts.h"
#include "storage/after_json.h"
#include "storage/csv.h"
#include "storage/event_json.h"
#include "storage/formula_json.h"
#include "storage/step_json.h"

#include <QJsonArray>
#include <QJsonDocument>

namespace rhexion {

namespace {

QString qt(const std::string& text)
{
    return QString::fromStdString(text);
}

QJsonValue moment(std::int64_t ms)
{
    return ms == 0 ? QJsonValue() : QJsonValue(momentOf(ms).toString(Qt::ISODateWithMs));
}

QJsonValue orNothing(const std::optional<double>& value)
{
    return value ? QJsonValue(*value) : QJsonValue();
}

QJsonValue interval(const std::optional<Interval>& i)
{
    return i ? QJsonValue(
                   QJsonObject{{"low", i->low()}, {"typical", i->typical()}, {"high", i->high()}})
             : QJsonValue();
}

QJsonObject cureToJson(const Cured& c)
{
    QJsonArray rules, reasons;
    for (const CureRule rule : c.rules)
        rules.append(codeOf(rule));
    for (const TestReason reason : c.wantsTest)
        reasons.append(codeOf(reason));
    QJsonObject out{{"from", moment(c.from)},
                    {"rules", rules},
                    {"leastDays", c.days.least},
                    {"longestDays", c.days.longest},
                    {"bars", c.bars},
                    {"dryGrams", c.dryGrams},
                    {"settledGrams", interval(c.settled)},
                    {"settledDay", interval(c.settledDay)},
                    {"readyDay", c.readyDay},
                    {"ready", moment(c.readyAt())},
                    {"weightsDecide", c.weightsDecide},
                    {"wantsTest", reasons},
                    {"freeCaustic", interval(c.caustic)}};
    if (c.verdict)
        out["verdict"] = codeOf(*c.verdict);
    return out;
}

QJsonObject traitsJson(const Differing& d)
{
    QJsonArray values;
    for (const Trait* t : d.values)
        values.append(!t         ? QJsonValue()
                      : t->value ? QJsonValue(*t->value)
                                 : QJsonValue(qt(t->text)));
    return {{"what", codeOf(d.key.kind)},
            {"item", qt(d.key.item)},
            {"name", qt(d.name)},
            {"group", int(groupOf(d.key.kind))},
            {"values", values}};
}

} // namespace

QJsonObject batchToJson(const Batch& b, const Cured& cured)
{
    const Account planned = accountOf(b.formula, b.amounts);
    QJsonArray weighed, after, notes, readings, looks, misses, dangers, twice, benches, dues, facts,
        steps;
    for (const WeighedAt& w : b.weighings)
        weighed.append(targetToJson({{"grams", w.weighed.grams},
                                     {"planned", w.plannedGrams},
                                     {"origin", codeOf(w.weighed.origin)},
                                     {"at", moment(w.at)}},
                                    w.weighed.target));
    for (const AfterAt& a : b.after) {
        QJsonObject one = afterToJson({a.on, a.what, a.portion});
        one["kind"] = kindOf(a.what);
        one["on"] = moment(a.on);
        one["event"] = qt(a.event);
        after.append(one);
    }
    for (const NotedAt& n : b.notes)
        notes.append(QJsonObject{{"text", qt(n.text)}, {"at", moment(n.at)}});
    for (const ReadingAt& r : b.readings)
        readings.append(
            QJsonObject{{"of", codeOf(r.what)}, {"celsius", r.celsius}, {"at", moment(r.at)}});
    for (const LookAt& l : b.looks)
        looks.append(QJsonObject{{"saw", codeOf(l.saw)}, {"at", moment(l.at)}});
    for (const MissedAt& m : b.nearMisses)
        misses.append(QJsonObject{{"kind", codeOf(m.kind)}, {"at", moment(m.at)}});
    for (const AnsweredAt& a : b.answers) {
        QJsonObject one = answerToJson(a.answered);
        one["at"] = moment(a.at);
        dangers.append(one);
    }
    const auto ofBench = [](const WeighedAt& w) {
        return QJsonObject{
            {"bench", qt(w.bench)}, {"grams", w.weighed.grams}, {"at", moment(w.at)}};
    };
    for (const TwiceWeighed& t : b.twice)
        twice.append(targetToJson({{"first", ofBench(t.first)},
                                   {"second", ofBench(t.second)},
                                   {"is", t.is ? QJsonValue(codeOf(*t.is)) : QJsonValue()},
                                   {"grams", t.grams()},
                                   {"settled", moment(t.settledAt)}},
                                  t.second.weighed.target));
    for (const auto& [id, name] : b.benches)
        benches.append(QJsonObject{{"bench", qt(id)}, {"name", qt(name)}});
    for (const Due& d : duesOf(b, cured))
        dues.append(QJsonObject{{"kind", codeOf(d.kind)},
                                {"opens", moment(d.opens)},
                                {"at", moment(d.at)},
                                {"closes", moment(d.closes)}});
    for (const std::string& fact : factsOf(b))
        facts.append(qt(fact));
    for (const auto& [step, at] : b.doneAt) {
        QJsonObject one = stepToJson(step);
        one["at"] = moment(at);
        steps.append(one);
    }
    QJsonObject made;
    if (const auto outcome = b.outcome())
        made = {{"superfat", orNothing(outcome->superfat)},
                {"strength", outcome->strength},
                {"batter", outcome->batterGrams}};
    return {{"format", "rhexion-batch"},
            {"version", batchJsonVersion},
            {"id", qt(b.id)},
            {"state", codeOf(b.state)},
            {"begun", moment(b.begun)},
            {"ended", moment(b.ended)},
            {"formula", QJsonDocument::fromJson(formulaToJson(b.formula)).object()},
            {"planned", QJsonObject{{"superfat", orNothing(planned.superfatTrue)},
                                    {"strength", planned.pure.strength},
                                    {"batter", planned.batterGrams}}},
            {"made", made},
            {"weighed", weighed},
            {"steps", steps},
            {"readings", readings},
            {"looks", looks},
            {"nearMisses", misses},
            {"dangersAnswered", dangers},
            {"weighedTwice", twice},
            {"benches", benches},
            {"notes", notes},
            {"after", after},
            {"cure", cureToJson(cured)},
            {"due", dues},
            {"facts", facts}};
}

QJsonObject summariesToJson(const QList<BatchSummary>& batches, const QList<CodeOfMany>& codes)
{
    QJsonArray list, ofMany;
    for (const CodeOfMany& one : codes)
        ofMany.append(
            QJsonObject{{"code", one.code}, {"batches", QJsonArray::fromStringList(one.batches)}});
    for (const BatchSummary& s : batches)
        list.append(QJsonObject{
            {"id", s.id},
            {"name", s.name},
            {"state", codeOf(s.state)},
            {"begun", moment(s.started.toMSecsSinceEpoch())},
            {"ended", s.finished.isValid() ? moment(s.finished.toMSecsSinceEpoch()) : QJsonValue()},
            {"superfatPlanned", s.superfatPlanned},
            {"strengthPlanned", s.strengthPlanned},
            {"superfat", orNothing(s.superfat)},
            {"strength", orNothing(s.strength)},
            {"batter", orNothing(s.batterGrams)}});
    return {{"format", "rhexion-batches"},
            {"version", batchJsonVersion},
            {"batches", list},
            {"codesOfMany", ofMany}};
}

QJsonObject comparisonToJson(const Comparison& c, std::span<const Compared> all)
{
    QJsonArray batches, inputs, outcomes, tell;
    for (const Compared& one : all)
        batches.append(QJsonObject{{"id", qt(one.batch->id)},
                                   {"name", qt(one.batch->formula.name)},
                                   {"portion", double(one.portion)}});
    for (const Differing& d : c.inputs)
        inputs.append(traitsJson(d));
    for (const DifferingResult& d : c.outcomes) {
        QJsonArray values;
        for (const Result* r : d.values)
            values.append(!r         ? QJsonValue()
                          : r->value ? QJsonValue(*r->value)
                                     : QJsonValue(qt(r->text)));
        outcomes.append(QJsonObject{
            {"what", codeOf(d.key.kind)}, {"item", qt(d.key.item)}, {"values", values}});
    }
    for (const WouldTell& w : c.wouldTell)
        tell.append(QJsonObject{
            {"like", double(w.like)}, {"changedAs", double(w.changedAs)}, {"group", int(w.group)}});
    return {{"format", "rhexion-comparison"},
            {"version", batchJsonVersion},
            {"batches", batches},
            {"differs", inputs},
            {"same", double(c.same)},
            {"outcomes", outcomes},
            {"cause", codeOf(c.cause)},
            {"fairPair", c.fairPair},
            {"wouldTell", tell}};
}

QByteArray summariesToCsv(const QList<BatchSummary>& batches)
{
    const auto figure = [](const std::optional<double>& v) {
        return v ? QString::number(*v, 'g', 8) : QString();
    };
    QByteArray out = csvRow({"id", "name", "state", "begun", "ended", "superfat_planned",
                             "strength_planned", "superfat", "strength", "batter_g"});
    for (const BatchSummary& s : batches)
        out +=
            csvRow({s.id, s.name, QLatin1String(codeOf(s.state)), s.started.toString(Qt::ISODate),
                    s.finished.isValid() ? s.finished.toString(Qt::ISODate) : QString(),
                    figure(s.superfatPlanned), figure(s.strengthPlanned), figure(s.superfat),
                    figure(s.strength), figure(s.batterGrams)});
    return out;
}

std::optional<FileFault> writeEvents(const Journal& journal,
                                     const std::function<bool(const QByteArray&)>& put)
{
    const auto all = journal.batches();
    if (const auto* fault = std::get_if<FileFault>(&all))
        return *fault;
    for (const BatchSummary& s : std::get<QList<BatchSummary>>(all)) {
        const auto read = journal.events(s.id);
        if (const auto* fault = std::get_if<FileFault>(&read))
            return *fault;
        for (const Event& event : std::get<QList<Event>>(read))
            if (!put(eventToLine(event) + '\n'))
                return FileFault{FileFault::Code::CannotWrite, {}, {}};
    }
    return std::nullopt;
}

} // namespace rhexion
