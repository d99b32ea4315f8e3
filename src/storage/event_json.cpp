#include "storage/event_json.h"

#include "core/materials/limits.h"
#include "storage/after_json.h"
#include "storage/formula_json.h"
#include "storage/json_cursor.h"
#include "storage/material_file.h"
#include "storage/step_json.h"

#include <QJsonArray>
#include <QJsonDocument>
#include <QJsonObject>
#include <QUuid>

namespace rhexion {

namespace {

using Code = FileFault::Code;

// What came after the day has kinds of its own (after_json.h).
constexpr const char* kinds[] = {
    "begun",       "step-done",       "step-reopened", "weighed",       "added",     "taken-back",
    "noted",       "finished",        "stopped",       "reading",       "looked-in", "step-skipped",
    "step-chosen", "timer-set",       "timer-stopped", "blended",       "part-lost", "substituted",
    "near-miss",   "danger-answered", "made-at-bench", "twice-settled", "",          ""};
static_assert(std::size(kinds) == std::variant_size_v<Happening>);

constexpr double largest = Mass::largestGrams;

QJsonObject embedded(const QByteArray& json)
{
    return QJsonDocument::fromJson(json).object();
}

QJsonArray numbers(const auto& values)
{
    QJsonArray out;
    for (const double value : values)
        out.append(value);
    return out;
}

struct Writer {
    QJsonObject operator()(const BatchBegun& begun) const
    {
        QJsonArray plan;
        for (const DayStep& step : begun.plan.steps)
            plan.append(planStepToJson(step));
        const Amounts& a = begun.amounts;
        return {{"formula", embedded(formulaToJson(begun.formula))},
                {"amounts", QJsonObject{{"lines", numbers(a.lines)},
                                        {"solvent", numbers(a.solvent)},
                                        {"held", numbers(a.held)},
                                        {"sodium", numbers(a.sodium)},
                                        {"potassium", numbers(a.potassium)},
                                        {"jugWater", a.jugWater}}},
                {"plan", plan}};
    }
    QJsonObject operator()(const StepDone& done) const { return stepToJson(done.step); }
    QJsonObject operator()(const StepReopened& reopened) const { return stepToJson(reopened.step); }
    QJsonObject operator()(const WeighedNow& now) const
    {
        return targetToJson({{"grams", now.weighed.grams},
                             {"planned", now.plannedGrams},
                             {"origin", codeOf(now.weighed.origin)}},
                            now.weighed.target);
    }
    QJsonObject operator()(const AddedBeside& added) const
    {
        return {{"material", embedded(materialsToJson({added.topUp.material}))},
                {"vessel", codeOf(added.topUp.vessel)},
                {"grams", added.topUp.grams}};
    }
    QJsonObject operator()(const TakenBack& back) const
    {
        return {{"event", QString::fromStdString(back.event)}};
    }
    QJsonObject operator()(const Noted& note) const
    {
        return {{"text", QString::fromStdString(note.text)}};
    }
    QJsonObject operator()(const BatchFinished& made) const
    {
        QJsonObject out{{"strength", made.strength}, {"batter", made.batterGrams}};
        if (made.superfat)
            out["superfat"] = *made.superfat;
        return out;
    }
    QJsonObject operator()(const BatchStopped&) const { return {}; }
    QJsonObject operator()(const ReadingTaken& r) const
    {
        return {{"of", codeOf(r.what)}, {"celsius", r.celsius}};
    }
    QJsonObject operator()(const LookedIn& look) const { return {{"saw", codeOf(look.saw)}}; }
    QJsonObject operator()(const StepSkipped& s) const { return stepToJson(s.step); }
    QJsonObject operator()(const StepChosen& s) const { return stepToJson(s.step); }
    QJsonObject operator()(const TimerSet& timer) const
    {
        return {{"name", QString::fromStdString(timer.name)}, {"seconds", timer.seconds}};
    }
    QJsonObject operator()(const TimerStopped& timer) const
    {
        return {{"event", QString::fromStdString(timer.event)}};
    }
    QJsonObject operator()(const Blended& burst) const { return {{"seconds", burst.seconds}}; }
    QJsonObject operator()(const PartLost& lost) const
    {
        QJsonArray of;
        for (const WeighTarget& target : lost.loss.of)
            of.append(targetToJson({}, target));
        QJsonArray besides;
        for (const std::string& event : lost.loss.besides)
            besides.append(QString::fromStdString(event));
        QJsonObject out{{"place", codeOf(lost.loss.place)},
                        {"share", lost.loss.share},
                        {"of", of},
                        {"besides", besides}};
        if (lost.loss.portion != 0)
            out["portion"] = double(lost.loss.portion);
        return out;
    }
    QJsonObject operator()(const Substituted& other) const
    {
        return {{"line", double(other.by.line)},
                {"material", embedded(materialsToJson({other.by.material}))}};
    }
    QJsonObject operator()(const NearMiss& miss) const { return {{"kind", codeOf(miss.kind)}}; }
    QJsonObject operator()(const DangerAnswered& a) const { return answerToJson(a); }
    QJsonObject operator()(const MadeAtBench& here) const
    {
        return {{"name", QString::fromStdString(here.name)}};
    }
    QJsonObject operator()(const TwiceSettled& settled) const
    {
        return {{"event", QString::fromStdString(settled.event)}, {"is", codeOf(settled.is)}};
    }
    QJsonObject operator()(const After& after) const { return afterToJson(after); }
    QJsonObject operator()(const Unreadable&) const { return {}; }
};

// The figures of an array in an object; so many where a number is given.
std::vector<double> readNumbers(const JsonCursor& at, const QJsonObject& object, const char* key,
                                std::optional<qsizetype> wanted = {})
{
    std::vector<double> out;
    const QJsonArray values = object.value(QLatin1String(key)).toArray();
    bool good = values.size() <= mostSteps && (!wanted || values.size() == *wanted);
    for (const QJsonValue& value : values) {
        good = good && value.isDouble() && value.toDouble() >= 0.0 && value.toDouble() <= largest;
        out.push_back(value.toDouble());
    }
    if (!good)
        at.fail(Code::OutOfRange, QString::fromLatin1(key), QStringLiteral("0..%1").arg(largest));
    return out;
}

// A formula or material file inside an event; its own fault is told as the event's.
template <class T>
T embeddedIn(const JsonCursor& at, const char* key, std::variant<T, FileFault> read)
{
    if (auto* fault = std::get_if<FileFault>(&read)) {
        at.failAt(fault->code, QString::fromLatin1(key) + QLatin1Char('.') + fault->place,
                  fault->detail);
        return {};
    }
    return std::get<T>(std::move(read));
}

BatchBegun readBegun(const JsonCursor& at, const QJsonObject& root)
{
    at.allow({"formula", "amounts", "plan"});
    BatchBegun out;
    out.formula = embeddedIn(
        at, "formula",
        formulaFromJson(QJsonDocument(root.value(QLatin1String("formula")).toObject()).toJson()));
    const QJsonObject amounts = root.value(QLatin1String("amounts")).toObject();
    const auto lines = qsizetype(out.formula.lines.size());
    const auto pair = [&](const char* key) {
        const std::vector<double> two = readNumbers(at, amounts, key, 2);
        return two.size() == 2 ? std::array{two[0], two[1]} : std::array{0.0, 0.0};
    };
    out.amounts = {readNumbers(at, amounts, "lines", lines),
                   readNumbers(at, amounts, "solvent"),
                   readNumbers(at, amounts, "held"),
                   pair("sodium"),
                   pair("potassium"),
                   at.object("amounts").numberOr("jugWater", 0.0, largest, 0.0)};
    out.plan.steps = readPlan(at, "plan");
    return out;
}

MaterialPtr readMaterial(const JsonCursor& at, const QJsonObject& root)
{
    const auto list =
        embeddedIn(at, "material",
                   materialsFromJson(
                       QJsonDocument(root.value(QLatin1String("material")).toObject()).toJson()));
    if (!at.failed() && list.size() != 1)
        at.fail(Code::OutOfRange, QStringLiteral("material"), QStringLiteral("1"));
    return list.empty() ? nullptr : list.front();
}

AddedBeside readAdded(const JsonCursor& at, const QJsonObject& root)
{
    return {{readMaterial(at, root), at.word<Vessel>("vessel", vesselFromCode, Vessel::Trace),
             at.number("grams", 0.0, largest)}};
}

PartLost readLost(const JsonCursor& at)
{
    Loss out;
    out.place = at.word<Place>("place", placeFromCode, Place::Batter);
    out.portion = static_cast<PortionId>(at.wholeOr("portion", 0, largestId, 0));
    out.share = at.number("share", 0.0, 1.0);
    for (const JsonCursor& target : at.array("of", mostSteps))
        out.of.push_back(readTarget(target));
    for (const QString& event : at.words("besides", mostSteps, 64))
        out.besides.push_back(event.toStdString());
    return {out};
}

DangerAnswered readAnswer(const JsonCursor& at)
{
    at.allow({"danger", "line", "portion", "figures", "answer", "why"});
    DangerAnswered out;
    out.code = at.word<CautionCode>("danger", cautionFromCode, CautionCode::SuperfatBelowZero);
    out.line = static_cast<LineId>(at.wholeOr("line", 0, largestId, 0));
    out.portion = static_cast<PortionId>(at.wholeOr("portion", 0, largestId, 0));
    constexpr double far = 1e9; // a superfat may be far below 0
    for (const double figure : at.numbers("figures", limits::cautionFigures, -far, far))
        out.figures.push_back(figure);
    out.answer = at.word<DangerAnswer>("answer", dangerAnswerFromCode, DangerAnswer::GoOn);
    out.why = at.textOr("why", limits::dangerWhy, {}).toStdString();
    return out;
}

Happening readWhat(const QString& kind, const JsonCursor& at, const QJsonObject& root)
{
    const auto is = [&](std::size_t i) { return kind == QLatin1String(kinds[i]); };
    if (is(0))
        return readBegun(at, root);
    if (is(1))
        return StepDone{readStep(at)};
    if (is(2))
        return StepReopened{readStep(at)};
    if (is(3)) {
        const auto origin = at.has("origin") ? at.word<WeighOrigin>("origin", weighOriginFromCode,
                                                                    WeighOrigin::Typed)
                                             : WeighOrigin::Typed;
        return WeighedNow{{readTarget(at), at.number("grams", 0.0, largest), origin},
                          at.numberOr("planned", 0.0, largest, 0.0)};
    }
    if (is(4))
        return readAdded(at, root);
    if (is(5))
        return TakenBack{at.text("event", 64).toStdString()};
    if (is(6))
        return Noted{at.text("text", limits::journalNote).toStdString()};
    if (is(7)) {
        BatchFinished made;
        constexpr double far = 1e9; // a superfat may be far below 0
        if (at.has("superfat"))
            made.superfat = at.number("superfat", -far, far);
        made.strength = at.number("strength", 0.0, 1.0);
        made.batterGrams = at.number("batter", 0.0, far);
        return made;
    }
    if (is(8))
        return BatchStopped{};
    if (is(9))
        return ReadingTaken{at.word<ReadingOf>("of", readingOfFromCode, ReadingOf::Jug),
                            at.number("celsius", -60.0, 300.0)};
    if (is(10))
        return LookedIn{at.word<LookSaw>("saw", lookSawFromCode, LookSaw::Warm)};
    if (is(11))
        return StepSkipped{readStep(at)};
    if (is(12))
        return StepChosen{readStep(at)};
    if (is(13))
        return TimerSet{at.text("name", limits::timerName).toStdString(),
                        at.number("seconds", 0.0, longestTimer)};
    if (is(14))
        return TimerStopped{at.text("event", 64).toStdString()};
    if (is(15))
        return Blended{at.number("seconds", 0.0, 3600.0)};
    if (is(16))
        return readLost(at);
    if (is(17))
        return Substituted{
            {static_cast<LineId>(at.whole("line", 1, largestId)), readMaterial(at, root)}};
    if (is(18))
        return NearMiss{at.word<NearMissKind>("kind", nearMissFromCode, NearMissKind::LyeSplash)};
    if (is(19))
        return readAnswer(at);
    if (is(20))
        return MadeAtBench{at.text("name", limits::benchName).toStdString()};
    if (is(21))
        return TwiceSettled{at.text("event", 64).toStdString(),
                            at.word<WeighedTwice>("is", weighedTwiceFromCode, WeighedTwice::Both)};
    if (auto after = readAfter(kind, at))
        return *std::move(after);
    at.fail(Code::UnknownWord, QStringLiteral("kind"), kind);
    return Unreadable{kind.toStdString()};
}

} // namespace

QJsonObject answerToJson(const DangerAnswered& a)
{
    QJsonObject out{
        {"danger", codeOf(a.code)}, {"figures", numbers(a.figures)}, {"answer", codeOf(a.answer)}};
    if (a.line != 0)
        out["line"] = double(a.line);
    if (a.portion != 0)
        out["portion"] = double(a.portion);
    if (!a.why.empty())
        out["why"] = QString::fromStdString(a.why);
    return out;
}

QString kindOf(const Happening& what)
{
    if (const auto* unreadable = std::get_if<Unreadable>(&what))
        return QString::fromStdString(unreadable->kind);
    if (const auto* after = std::get_if<After>(&what))
        return kindOf(after->what);
    return QString::fromLatin1(kinds[what.index()]);
}

QByteArray dataOf(const Happening& what)
{
    return QJsonDocument(std::visit(Writer{}, what)).toJson(QJsonDocument::Compact);
}

std::variant<Happening, FileFault> happeningFrom(const QString& kind, const QByteArray& data)
{
    constexpr qsizetype most = qsizetype(formulaFileMegabytes + 1) * 1024 * 1024;
    if (data.size() > most)
        return FileFault{Code::TooLarge, {}, QString::number(formulaFileMegabytes)};
    const QJsonDocument json = QJsonDocument::fromJson(data);
    if (!json.isObject())
        return FileFault{Code::NotJson, kind, {}};
    std::optional<FileFault> fault;
    const QJsonObject root = json.object();
    Happening what = readWhat(kind, JsonCursor(root, {}, fault), root);
    if (fault)
        return *std::move(fault);
    return what;
}

QByteArray eventToLine(const Event& event)
{
    return QJsonDocument(QJsonObject{{"id", QString::fromStdString(event.id)},
                                     {"batch", QString::fromStdString(event.batch)},
                                     {"bench", QString::fromStdString(event.bench)},
                                     {"at", double(event.at)},
                                     {"zone", event.zone},
                                     {"kind", kindOf(event.what)},
                                     {"data", embedded(dataOf(event.what))}})
        .toJson(QJsonDocument::Compact);
}

std::variant<Event, FileFault> eventFromLine(const QByteArray& line)
{
    const QJsonDocument json = QJsonDocument::fromJson(line);
    if (!json.isObject())
        return FileFault{Code::NotJson, {}, {}};
    const QJsonObject root = json.object();
    std::optional<FileFault> fault;
    const JsonCursor at(root, {}, fault);
    at.allow({"id", "batch", "bench", "at", "zone", "kind", "data"});
    constexpr double lastMs = 253402300799999.0; // the end of the year 9999
    Event event{at.text("id", 64).toStdString(),
                at.text("batch", 64).toStdString(),
                at.text("bench", 64).toStdString(),
                0,
                std::int64_t(at.whole("at", -lastMs, lastMs)),
                int(at.whole("zone", -1440, 1440)),
                {}};
    auto what = happeningFrom(
        at.text("kind", 40),
        QJsonDocument(root.value(QLatin1String("data")).toObject()).toJson(QJsonDocument::Compact));
    if (fault)
        return *std::move(fault);
    if (auto* bad = std::get_if<FileFault>(&what))
        return *std::move(bad);
    event.what = std::get<Happening>(std::move(what));
    return event;
}

std::string newId()
{
    return QUuid::createUuid().toString(QUuid::WithoutBraces).toStdString();
}

Event eventAt(const QDateTime& when, const std::string& batch, const QString& bench, Happening what)
{
    return {newId(),
            batch,
            bench.toStdString(),
            0,
            when.toMSecsSinceEpoch(),
            when.toLocalTime().offsetFromUtc() / 60,
            std::move(what)};
}

QDateTime momentOf(std::int64_t ms)
{
    return ms == 0 ? QDateTime() : QDateTime::fromMSecsSinceEpoch(ms, Qt::UTC);
}

} // namespace rhexion
