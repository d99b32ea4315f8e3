#include "storage/lot_json.h"

#include "core/materials/figures.h"
#include "core/materials/limits.h"
#include "storage/json_cursor.h"

#include <QJsonArray>

#include <algorithm>

namespace rhexion {

namespace {

constexpr double mostOfAny = 1e9; // g, or money
constexpr qsizetype mostFigures = 200;
constexpr double lastMoment = 9e15; // ms since 1970

QString text(const std::string& utf8)
{
    return QString::fromStdString(utf8);
}

QJsonValue numberOrNull(const std::optional<double>& figure)
{
    return figure ? QJsonValue(*figure) : QJsonValue(QJsonValue::Null);
}

QJsonArray figuresOf(const LotRecord& r)
{
    QJsonArray out;
    for (const LotFigure& f : r.lot.figures)
        out.append(QJsonObject{{"code", text(f.code)},
                               {"low", f.range.low()},
                               {"typical", f.range.typical()},
                               {"high", f.range.high()},
                               {"source", text(f.source)}});
    return out;
}

QJsonArray measuresOf(const LotRecord& r)
{
    QJsonArray out;
    for (const Measure& m : r.lot.measures)
        out.append(
            QJsonObject{{"name", text(m.name)}, {"grams", m.grams}, {"source", text(m.source)}});
    return out;
}

QJsonObject whole(const LotRecord& r)
{
    return {{"material", text(r.material)},
            {"name", text(r.lot.name)},
            {"homeMade", r.homeMade},
            {"got", r.got.toString(Qt::ISODate)},
            {"bestBefore", r.bestBefore.toString(Qt::ISODate)},
            {"supplier", r.supplier},
            {"price", numberOrNull(r.price)},
            {"bought", numberOrNull(r.boughtGrams)},
            {"left", numberOrNull(r.leftGrams)},
            {"counted", qint64(r.counted)},
            {"notes", r.notes},
            {"closed", r.closed},
            {"figures", figuresOf(r)},
            {"measures", measuresOf(r)}};
}

std::optional<double> figure(const JsonCursor& at, const QJsonObject& changes, const char* key)
{
    return changes.value(QLatin1String(key)).isNull()
               ? std::nullopt
               : std::optional(at.number(key, 0.0, mostOfAny));
}

QDate date(const JsonCursor& at, const char* key)
{
    const QString said = at.text(key, 20);
    const QDate out = QDate::fromString(said, Qt::ISODate);
    if (!at.failed() && !said.isEmpty() && !out.isValid())
        at.fail(FileFault::Code::OutOfRange, QLatin1String(key), said);
    return out;
}

std::vector<LotFigure> figuresFrom(const JsonCursor& at)
{
    std::vector<LotFigure> out;
    for (const JsonCursor& f : at.array("figures", mostFigures)) {
        f.allow({"code", "low", "typical", "high", "source"});
        const std::string code = f.text("code", limits::id).toStdString();
        const FigureKind* kind = findFigureKind(code);
        const auto range = kind ? intervalOf(*kind, f.number("low", -mostOfAny, mostOfAny),
                                             f.number("typical", -mostOfAny, mostOfAny),
                                             f.number("high", -mostOfAny, mostOfAny))
                                : std::nullopt;
        if (std::ranges::find(out, code, &LotFigure::code) != out.end())
            f.fail(FileFault::Code::Twice, QStringLiteral("code"), text(code));
        if (!range && !f.failed())
            f.fail(FileFault::Code::OutOfRange, QStringLiteral("code"), text(code));
        if (range)
            out.push_back({code, *range, f.text("source", limits::sourceText).toStdString()});
    }
    return out;
}

std::vector<Measure> measuresFrom(const JsonCursor& at)
{
    std::vector<Measure> out;
    for (const JsonCursor& m : at.array("measures", limits::measures)) {
        m.allow({"name", "grams", "source"});
        const std::string name = m.text("name", limits::measureName).toStdString();
        if (std::ranges::find(out, name, &Measure::name) != out.end())
            m.fail(FileFault::Code::Twice, QStringLiteral("name"), text(name));
        out.push_back({name, m.number("grams", 1e-9, mostOfAny),
                       m.text("source", limits::sourceText).toStdString()});
    }
    return out;
}

} // namespace

QJsonObject lotChanges(const LotRecord& before, const LotRecord& now)
{
    QJsonObject out = whole(now);
    const QJsonObject then = whole(before);
    for (const QString& key : then.keys())
        if (out.value(key) == then.value(key))
            out.remove(key);
    return out;
}

std::optional<FileFault> applyLotChanges(LotRecord& record, const QJsonObject& changes)
{
    std::optional<FileFault> fault;
    const JsonCursor at(changes, {}, fault);
    at.allow({"material", "name", "homeMade", "got", "bestBefore", "supplier", "price", "bought",
              "left", "counted", "notes", "closed", "figures", "measures"});
    LotRecord r = record;
    if (at.has("material"))
        r.material = at.text("material", limits::id).toStdString();
    if (at.has("name"))
        r.lot.name = at.text("name", limits::materialName).toStdString();
    r.homeMade = at.flag("homeMade", r.homeMade);
    if (at.has("got"))
        r.got = date(at, "got");
    if (at.has("bestBefore"))
        r.bestBefore = date(at, "bestBefore");
    r.supplier = at.textOr("supplier", limits::lotText, r.supplier);
    if (changes.contains("price"))
        r.price = figure(at, changes, "price");
    if (changes.contains("bought"))
        r.boughtGrams = figure(at, changes, "bought");
    if (changes.contains("left"))
        r.leftGrams = figure(at, changes, "left");
    r.counted = qint64(at.wholeOr("counted", 0, lastMoment, double(r.counted)));
    r.notes = at.textOr("notes", limits::lotText, r.notes);
    r.closed = at.flag("closed", r.closed);
    if (at.has("figures"))
        r.lot.figures = figuresFrom(at);
    if (at.has("measures"))
        r.lot.measures = measuresFrom(at);
    if (fault)
        return fault;
    record = std::move(r);
    return std::nullopt;
}

} // namespace rhexion
