#include "demo/demo.h"

#include "storage/event_json.h"
#include "storage/formula_json.h"
#include "storage/json_cursor.h"
#include "storage/lot_json.h"
#include "storage/material_file.h"

#include <QDir>
#include <QFile>
#include <QJsonArray>
#include <QJsonDocument>
#include <QJsonObject>

namespace rhexion {

namespace {

const QString demoFolder = QStringLiteral(":/demo/");

// One event as the demo writes it: kind, data, and the moment, of the writing or of what it is
// about.
std::optional<FileFault> addEvent(QList<Event>& events, const QJsonObject& json,
                                  const std::string& batch, const QString& bench)
{
    const auto moment = [&](const char* key) {
        return QDateTime::fromString(json.value(QLatin1String(key)).toString(), Qt::ISODate);
    };
    QJsonObject inside = json.value(QLatin1String("data")).toObject();
    const QDateTime on = moment("on");
    if (on.isValid())
        inside["on"] = double(on.toMSecsSinceEpoch());
    auto what =
        happeningFrom(json.value(QLatin1String("kind")).toString(), QJsonDocument(inside).toJson());
    if (auto* fault = std::get_if<FileFault>(&what))
        return *std::move(fault);
    events.append(eventAt(on.isValid() ? on : moment("at"), batch, bench,
                          std::get<Happening>(std::move(what))));
    return std::nullopt;
}

std::optional<FileFault> addBatch(Journal& journal, const JsonCursor& at, const QJsonArray& more)
{
    auto formula = formulaFromJson(demoFormula(at.text("formula", 200)));
    if (auto* fault = std::get_if<FileFault>(&formula))
        return std::move(*fault);
    const Formula& f = std::get<Formula>(formula);
    const ReckonResult result = reckon(f);
    if (!std::holds_alternative<Reckoning>(result))
        return FileFault{FileFault::Code::BadMaterial, at.path(), {}};
    const auto& planned = std::get<Reckoning>(result);
    const auto started = QDateTime::fromString(at.text("started", 40), Qt::ISODate);
    const auto finished = QDateTime::fromString(at.text("finished", 40), Qt::ISODate);
    std::vector<Weighed> weighed;
    for (const JsonCursor& w : at.array("weighed", 100)) {
        const bool sodium = w.text("what", 20) == QLatin1String("sodium");
        const WeighTarget target = sodium
                                       ? WeighTarget{WeighTarget::What::Sodium, 0}
                                       : WeighTarget{WeighTarget::What::Line,
                                                     static_cast<LineId>(w.number("line", 1, 1e6))};
        weighed.push_back({target, w.number("grams", 0, 1e6)});
    }
    const DayPlan plan = planDay(f, planned);
    const auto bowl = reckonAsWeighed(f, planned, {weighed, {}, {}}, {});
    const std::string batch = newId();
    QList<Event> events;
    const auto add = [&](const QDateTime& when, Happening what) {
        events.append(eventAt(when, batch, journal.bench(), std::move(what)));
    };
    add(started, BatchBegun{f, planned.amounts, plan});
    // The steps lie evenly between its beginning and its end.
    const qint64 whole = started.msecsTo(finished);
    qsizetype done = 0;
    for (const DayStep& step : plan.steps) {
        const QDateTime now =
            started.addMSecs(whole * done++ / qint64(std::max<std::size_t>(1, plan.steps.size())));
        if (step.target.what != WeighTarget::What::None) {
            double grams = step.plannedGrams;
            for (const Weighed& w : weighed)
                if (w.target == step.target)
                    grams = w.grams;
            add(now, WeighedNow{{step.target, grams}, step.plannedGrams});
        }
        add(now, StepDone{keyOf(step)});
    }
    add(finished, BatchFinished{bowl.reckoning.superfatTrue, bowl.reckoning.pure.strength,
                                bowl.reckoning.batterGrams});
    for (const QString& note : at.words("notes", 20, 4000))
        add(finished, Noted{note.toStdString()});
    for (const QJsonValue& event : more)
        if (auto fault = addEvent(events, event.toObject(), batch, journal.bench()))
            return fault;
    if (auto fault = journal.append(events))
        return fault;
    return std::nullopt;
}

} // namespace

QStringList demoFormulas()
{
    return QDir(demoFolder).entryList({QStringLiteral("*.rhexion")}, QDir::Files, QDir::Name);
}

QByteArray demoFormula(const QString& name)
{
    QFile file(demoFolder + name);
    return file.open(QIODevice::ReadOnly) ? file.readAll() : QByteArray();
}

std::optional<FileFault> fillDemoJournal(Journal& journal)
{
    const auto batches = journal.batches();
    if (const auto* fault = std::get_if<FileFault>(&batches))
        return *fault;
    if (!std::get<QList<BatchSummary>>(batches).isEmpty())
        return std::nullopt;
    const JsonText json = parseJson(demoFormula(QStringLiteral("journal.json")),
                                    QStringLiteral("rhexion-demo-journal"), 1, 1);
    if (json.fault)
        return json.fault;
    std::optional<FileFault> fault;
    const QJsonArray all = json.root.value(QLatin1String("batches")).toArray();
    qsizetype place = 0;
    for (const JsonCursor& at : JsonCursor(json.root, {}, fault).array("batches", 20)) {
        const QJsonObject raw = all[place++].toObject();
        if (auto bad = addBatch(journal, at, raw.value(QLatin1String("events")).toArray()))
            return bad;
        if (fault)
            return fault;
    }
    return fault;
}

std::optional<FileFault> fillDemoShelf(Shelf& shelf)
{
    if (!shelf.materials().empty() || !shelf.lots().empty())
        return std::nullopt;
    auto own = materialsFromJson(demoFormula(QStringLiteral("own_materials.json")));
    if (auto* fault = std::get_if<FileFault>(&own))
        return std::move(*fault);
    std::vector<Material> materials;
    for (const MaterialPtr& m : std::get<std::vector<MaterialPtr>>(own))
        materials.push_back(*m);
    if (auto fault = shelf.keep(materials))
        return fault;
    const JsonText json = parseJson(demoFormula(QStringLiteral("lots.json")),
                                    QStringLiteral("rhexion-demo-lots"), 1, 1);
    if (json.fault)
        return json.fault;
    for (const QJsonValue& said : json.root.value(QLatin1String("lots")).toArray()) {
        LotRecord lot;
        if (auto fault = applyLotChanges(lot, said.toObject()))
            return fault;
        const auto kept = shelf.keepLot(lot);
        if (const auto* bad = std::get_if<FileFault>(&kept))
            return *bad;
    }
    return std::nullopt;
}

Fittings demoFittings()
{
    Fittings f;
    f.moulds = {{"Long tin", Loaf{250, 80, 70, 256, 88, 4, 0.5}, 1},
                {"Seed tray", Slab{300, 200, 55, 2, 3, 3, 45}, 1},
                {"Round tube", LyingTube{74, 260, 70}, 1},
                {"Bun tin", Dome{35, 28}, 6}};
    f.vessels = {{"steel jug, 1000 ml", OwnVesselKind::Jug, 1000},
                 {"stock pot, 3000 ml", OwnVesselKind::Pot, 3000}};
    f.limits = {{"rosemary-essential-oil", ScentLimit::Whose::Supplier, ProductKind::RinseOff, 0.03,
                 ScentBasis::Cured, "sheet of a made-up supplier", "2026-03-02"},
                {"", ScentLimit::Whose::Own, ProductKind::RinseOff, 0.03, ScentBasis::Oils,
                 "what this bench keeps to", "2026-01-10"}};
    f.certificates = {{"rosemary-essential-oil",
                       {{"limonene", 0.02, 0.05}, {"linalool", 0.005, 0.02}},
                       "sheet of a made-up supplier",
                       "2026-03-02"}};
    f.water = {3.2, 0.8, 1.0};
    f.unit = HardnessUnit::German;
    f.waterKnown = true;
    return f;
}

} // namespace rhexion
