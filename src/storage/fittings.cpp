#include "storage/fittings.h"

#include "core/materials/limits.h"
#include "storage/heat_json.h"
#include "storage/json_cursor.h"
#include "storage/mould_json.h"
#include "storage/terms_json.h"
#include "storage/whole_file.h"

#include <QFile>
#include <QJsonDocument>

namespace rhexion {

namespace {

constexpr int megabytes = 4;
constexpr qsizetype mostFittings = 2000;
constexpr qsizetype longText = 300;

QString said(const std::string& utf8)
{
    return QString::fromStdString(utf8);
}

QJsonObject toJson(const ScentLimit& l)
{
    return {{"scent", said(l.scent)}, {"whose", codeOf(l.whose)}, {"kind", codeOf(l.kind)},
            {"fraction", l.fraction}, {"basis", codeOf(l.basis)}, {"source", said(l.source)},
            {"date", said(l.date)}};
}

ScentLimit readLimit(const JsonCursor& at)
{
    at.allow({"scent", "whose", "kind", "fraction", "basis", "source", "date"});
    ScentLimit l;
    l.scent = at.textOr("scent", longText, {}).toStdString();
    l.whose = at.word<ScentLimit::Whose>("whose", whoseFromCode, ScentLimit::Whose::Own);
    l.kind = at.word<ProductKind>("kind", productKindFromCode, ProductKind::RinseOff);
    l.fraction = at.number("fraction", 1e-9, 0.5);
    l.basis = at.word<ScentBasis>("basis", scentBasisFromCode, ScentBasis::Cured);
    l.source = at.textOr("source", longText, {}).toStdString();
    l.date = at.textOr("date", 40, {}).toStdString();
    return l;
}

QJsonObject toJson(const ScentCertificate& c)
{
    QJsonArray allergens;
    for (const AllergenShare& a : c.allergens)
        allergens.append(QJsonObject{{"name", said(a.name)}, {"low", a.low}, {"high", a.high}});
    return {{"scent", said(c.scent)},
            {"allergens", allergens},
            {"source", said(c.source)},
            {"date", said(c.date)}};
}

ScentCertificate readCertificate(const JsonCursor& at)
{
    at.allow({"scent", "allergens", "source", "date"});
    ScentCertificate c;
    c.scent = at.text("scent", longText).toStdString();
    for (const JsonCursor& a : at.array("allergens", 400)) {
        a.allow({"name", "low", "high"});
        AllergenShare share{a.text("name", longText).toStdString(), a.number("low", 0.0, 1.0),
                            a.number("high", 0.0, 1.0)};
        if (share.high < share.low)
            a.fail(FileFault::Code::OutOfRange, QStringLiteral("high"),
                   QStringLiteral("below low"));
        c.allergens.push_back(std::move(share));
    }
    c.source = at.textOr("source", longText, {}).toStdString();
    c.date = at.textOr("date", 40, {}).toStdString();
    return c;
}

QJsonObject toJson(const ScentBlend& blend)
{
    QJsonArray parts;
    for (const ScentPart& part : blend.parts)
        parts.append(QJsonObject{{"scent", said(part.scent)}, {"share", part.share}});
    return {{"scent", said(blend.scent)}, {"parts", parts}};
}

ScentBlend readBlend(const JsonCursor& at)
{
    at.allow({"scent", "parts"});
    ScentBlend blend;
    blend.scent = at.text("scent", longText).toStdString();
    double sum = 0.0;
    for (const JsonCursor& part : at.array("parts", 100)) {
        part.allow({"scent", "share"});
        blend.parts.push_back(
            {part.text("scent", longText).toStdString(), part.number("share", 1e-6, 1.0)});
        sum += blend.parts.back().share;
    }
    if (sum > 1.0 + 1e-6)
        at.fail(FileFault::Code::OutOfRange, QStringLiteral("parts"),
                QStringLiteral("more than 1 together"));
    return blend;
}

void readWater(const JsonCursor& at, Fittings& into)
{
    at.allow({"hardness", "calciumShare", "dose", "unit", "known"});
    into.water.hardness = at.number("hardness", 0.0, 100.0);
    into.water.calciumShare = at.numberOr("calciumShare", 0.0, 1.0, 0.8);
    into.water.dose = at.numberOr("dose", 0.01, 100.0, 1.0);
    into.unit =
        at.word<HardnessUnit>("unit", hardnessUnitFromCode, HardnessUnit::MgCalciumCarbonate);
    into.waterKnown = at.flag("known", false);
}

} // namespace

bool operator==(const Fittings& a, const Fittings& b)
{
    return fittingsToJson(a) == fittingsToJson(b);
}

QByteArray fittingsToJson(const Fittings& f)
{
    QJsonArray moulds;
    for (const Mould& mould : f.moulds)
        moulds.append(mouldToJson(mould));
    QJsonArray vessels;
    for (const OwnVessel& v : f.vessels)
        vessels.append(QJsonObject{{"name", said(v.name)},
                                   {"kind", codeOf(v.kind)},
                                   {"millilitres", v.millilitres},
                                   {"stuff", codeOf(v.stuff)},
                                   {"grams", v.grams}});
    QJsonArray limits;
    for (const ScentLimit& l : f.limits)
        limits.append(toJson(l));
    QJsonArray certificates;
    for (const ScentCertificate& c : f.certificates)
        certificates.append(toJson(c));
    QJsonArray blends;
    for (const ScentBlend& blend : f.blends)
        blends.append(toJson(blend));
    QJsonObject prices;
    for (const auto& [id, price] : f.prices)
        prices[said(id)] = price;
    QJsonObject root{{"format", "rhexion-fittings"},
                     {"version", fittingsFileVersion},
                     {"moulds", moulds},
                     {"vessels", vessels},
                     {"limits", limits},
                     {"certificates", certificates},
                     {"blends", blends},
                     {"prices", prices},
                     {"water", QJsonObject{{"hardness", f.water.hardness},
                                           {"calciumShare", f.water.calciumShare},
                                           {"dose", f.water.dose},
                                           {"unit", codeOf(f.unit)},
                                           {"known", f.waterKnown}}}};
    if (f.heat)
        root["heat"] = heatPlanToJson(*f.heat);
    if (f.heatForgotten > 0)
        root["heatForgotten"] = double(f.heatForgotten);
    if (!(f.terms == AfterTerms{}))
        root["terms"] = termsToJson(f.terms);
    return QJsonDocument(root).toJson();
}

std::variant<Fittings, FileFault> fittingsFromJson(const QByteArray& bytes)
{
    const JsonText json =
        parseJson(bytes, QStringLiteral("rhexion-fittings"), fittingsFileVersion, megabytes);
    if (json.fault)
        return *json.fault;
    std::optional<FileFault> fault;
    const JsonCursor root(json.root, {}, fault);
    root.allow({"format", "version", "moulds", "vessels", "limits", "certificates", "blends",
                "prices", "water", "heat", "heatForgotten", "terms"});
    Fittings out;
    if (root.has("moulds"))
        for (const JsonCursor& at : root.array("moulds", mostFittings))
            out.moulds.push_back(readMould(at));
    if (root.has("vessels"))
        for (const JsonCursor& at : root.array("vessels", mostFittings)) {
            at.allow({"name", "kind", "millilitres", "stuff", "grams"});
            OwnVessel v;
            v.name = at.textOr("name", qsizetype(limits::mould), {}).toStdString();
            v.kind = at.word<OwnVesselKind>("kind", ownVesselKindFromCode, OwnVesselKind::Jug);
            v.millilitres = at.number("millilitres", 1.0, 1e7);
            if (at.has("stuff"))
                v.stuff = at.word<VesselStuff>("stuff", vesselStuffFromCode, v.stuff);
            v.grams = at.numberOr("grams", 0.0, 50000.0, 0.0);
            out.vessels.push_back(std::move(v));
        }
    if (root.has("limits"))
        for (const JsonCursor& at : root.array("limits", mostFittings))
            out.limits.push_back(readLimit(at));
    if (root.has("certificates"))
        for (const JsonCursor& at : root.array("certificates", mostFittings))
            out.certificates.push_back(readCertificate(at));
    if (root.has("blends"))
        for (const JsonCursor& at : root.array("blends", mostFittings))
            out.blends.push_back(readBlend(at));
    if (root.has("prices")) {
        const JsonCursor prices = root.object("prices");
        for (const QString& id : prices.keys())
            out.prices[id.toStdString()] = prices.number(qPrintable(id), 0.0, 1e6);
    }
    if (root.has("water"))
        readWater(root.object("water"), out);
    if (root.has("heat"))
        out.heat = readHeatPlan(root.object("heat"));
    out.heatForgotten = static_cast<std::int64_t>(root.wholeOr("heatForgotten", 0.0, 1e15, 0.0));
    if (root.has("terms"))
        out.terms = readTerms(root.object("terms"));
    if (fault)
        return *fault;
    return out;
}

QString fittingsPath(const QString& folder)
{
    return folder + QStringLiteral("/fittings.json");
}

std::variant<Fittings, FileFault> readFittings(const QString& path)
{
    if (!QFile::exists(path))
        return Fittings{};
    QByteArray bytes;
    if (auto fault = readBytes(path, megabytes, bytes))
        return *fault;
    return fittingsFromJson(bytes);
}

std::optional<FileFault> writeFittings(const QString& path, const Fittings& fittings)
{
    const QByteArray bytes = fittingsToJson(fittings);
    // What could not be read again is not written.
    const auto back = fittingsFromJson(bytes);
    if (const auto* fault = std::get_if<FileFault>(&back))
        return *fault;
    return writeWhole(path, bytes, true);
}

} // namespace rhexion
