#include "storage/material_json.h"

#include "core/materials/figures.h"
#include "core/materials/limits.h"

#include <algorithm>

namespace rhexion {

namespace {

constexpr double largestFigure = 1e6;

Figure readFigure(const JsonCursor& at, Material& material, const SourceTable& sources, double high,
                  double low = 0.0)
{
    at.allow({"low", "typical", "high", "source"});
    Figure figure;
    const double typical = at.number("typical", low, high);
    const double bottom = at.numberOr("low", low, high, typical);
    const double top = at.numberOr("high", low, high, typical);
    figure.source = at.text("source", limits::sourceId).toStdString();
    if (at.failed())
        return figure;
    if (const auto range = Interval::ofSigned(bottom, typical, top))
        figure.range = *range;
    else
        at.fail(FileFault::Code::OutOfRange, {}, QStringLiteral("low <= typical <= high"));
    const auto source = sources.find(figure.source);
    if (source == sources.end())
        at.fail(FileFault::Code::UnknownWord, QStringLiteral("source"),
                QString::fromStdString(figure.source));
    else if (!material.findSource(figure.source))
        material.sources.push_back(source->second);
    return figure;
}

QString faultWord(MaterialFault::Code code)
{
    using C = MaterialFault::Code;
    switch (code) {
    case C::NoId: return QStringLiteral("no-id");
    case C::NoName: return QStringLiteral("no-name");
    case C::FractionAboveOne: return QStringLiteral("fraction-above-one");
    case C::SumAboveOne: return QStringLiteral("sum-above-one");
    case C::FatWithoutSv: return QStringLiteral("fat-without-sv");
    case C::HydroxideWithoutPurity: return QStringLiteral("no-purity");
    case C::UnknownSource: return QStringLiteral("unknown-source");
    case C::SvOutOfRange: return QStringLiteral("sv-out-of-range");
    case C::FattyAcidsNotOne: return QStringLiteral("fatty-acids-not-one");
    case C::BadMeasure: return QStringLiteral("bad-measure");
    case C::TooLong: return QStringLiteral("too-long");
    }
    return {};
}

QJsonObject toJson(const Figure& figure)
{
    QJsonObject out{{"typical", figure.range.typical()},
                    {"source", QString::fromStdString(figure.source)}};
    if (figure.range.low() != figure.range.typical())
        out["low"] = figure.range.low();
    if (figure.range.high() != figure.range.typical())
        out["high"] = figure.range.high();
    return out;
}

struct OptionalFigure {
    const char* key;
    std::optional<Figure> Material::*member;
    double low;
    double high;
};
constexpr OptionalFigure optionalFigures[] = {
    {"sv", &Material::sv, 0.0, 700.0},
    {"acidValue", &Material::acidValue, 0.0, 700.0},
    {"iodine", &Material::iodine, 0.0, 400.0},
    {"titratable", &Material::titratable, 0.0, largestFigure},
    {"ph", &Material::ph, 0.0, 14.0},
    {"density", &Material::density, 0.05, 20.0},
    {"melting", &Material::melting, -100.0, 2000.0},
    {"flash", &Material::flash, -100.0, 2000.0},
    {"unsaponifiable", &Material::unsaponifiable, 0.0, 1.0},
    {"usualUse", &Material::usualUse, 0.0, 10.0},
    {"reserve", &Material::reserve, 0.0, largestFigure},
};

void readFattyAcids(const JsonCursor& at, Material& m, const SourceTable& sources)
{
    for (const QString& key : at.keys()) {
        const auto acid = fattyAcidFromCode(key.toStdString());
        if (!acid)
            at.fail(FileFault::Code::UnknownField, key);
        else
            m.fattyAcids.push_back({*acid, readFigure(at.object(key.toLatin1()), m, sources, 1.0)});
    }
    // Keys come sorted as text; profiles are read from short to long chains.
    std::ranges::sort(m.fattyAcids, {}, &FattyAcidShare::acid);
}

void readBehaviours(const JsonCursor& at, Material& m)
{
    for (const JsonCursor& note : at.array("behaviours", limits::behaviours)) {
        note.allow({"what", "above"});
        BehaviourNote out{note.word<Behaviour>("what", behaviourFromCode, Behaviour::SpeedsTrace),
                          std::nullopt};
        if (note.has("above"))
            out.above = note.number("above", 0.0, 10.0);
        m.behaviours.push_back(out);
    }
}

void readMeasures(const JsonCursor& at, Material& m, const SourceTable& sources)
{
    for (const JsonCursor& measure : at.array("measures", limits::measures)) {
        measure.allow({"name", "grams", "source"});
        Measure out{measure.text("name", limits::measureName).toStdString(),
                    measure.number("grams", 1e-6, 1e6),
                    measure.text("source", limits::sourceId).toStdString()};
        const auto source = sources.find(out.source);
        if (measure.failed())
            return;
        if (source == sources.end())
            measure.fail(FileFault::Code::UnknownWord, QStringLiteral("source"),
                         QString::fromStdString(out.source));
        else if (!m.findSource(out.source))
            m.sources.push_back(source->second);
        m.measures.push_back(std::move(out));
    }
}

} // namespace

SourceTable readSources(const JsonCursor& root)
{
    SourceTable sources;
    for (const JsonCursor& at : root.array("sources", 10000)) {
        at.allow({"id", "text", "fromMemory", "fromLot"});
        Source source{at.text("id", limits::sourceId).toStdString(),
                      at.text("text", limits::sourceText).toStdString(),
                      at.flag("fromMemory", false), at.flag("fromLot", false)};
        if (!at.failed() && !sources.emplace(source.id, source).second)
            at.fail(FileFault::Code::Twice, QStringLiteral("id"),
                    QString::fromStdString(source.id));
    }
    return sources;
}

Material readMaterial(const JsonCursor& at, const SourceTable& sources, bool unfinished)
{
    at.allow({"key",        "id",      "name",       "kind",
              "alsoCalled", "parts",   "acids",      "sv",
              "acidValue",  "iodine",  "titratable", "ph",
              "density",    "melting", "flash",      "unsaponifiable",
              "usualUse",   "reserve", "fattyAcids", "behaviours",
              "measures",   "lot",     "note"});
    Material m;
    m.id = at.text("id", limits::id).toStdString();
    m.name = at.text("name", limits::materialName).toStdString();
    m.kind = at.word<MaterialKind>("kind", kindFromCode, MaterialKind::Solid);
    m.note = at.textOr("note", limits::materialNote, {}).toStdString();
    if (at.has("alsoCalled")) {
        // Plain words, so they are read without a cursor of their own.
        for (const QString& word : at.words("alsoCalled", limits::otherNames, limits::materialName))
            m.alsoCalled.push_back(word.toStdString());
    }
    if (at.has("parts")) {
        const JsonCursor parts = at.object("parts");
        for (const QString& key : parts.keys()) {
            const auto part = partFromCode(key.toStdString());
            if (!part)
                at.fail(FileFault::Code::UnknownField, QStringLiteral("parts.") + key);
            else if (Material aside; // none of it is the same as nothing said, source and all
                     readFigure(parts.object(key.toLatin1()), aside, sources, 1.0).range.high() >
                     0.0)
                m.part(*part) = readFigure(parts.object(key.toLatin1()), m, sources, 1.0);
        }
    }
    if (at.has("acids")) {
        const JsonCursor acids = at.object("acids");
        for (const QString& key : acids.keys()) {
            const auto acid = acidFromCode(key.toStdString());
            if (!acid)
                at.fail(FileFault::Code::UnknownField, QStringLiteral("acids.") + key);
            else
                m.acids.push_back(
                    {*acid, readFigure(acids.object(key.toLatin1()), m, sources, 1.0)});
        }
    }
    for (const auto& [key, member, low, high] : optionalFigures)
        if (at.has(key))
            m.*member = readFigure(at.object(key), m, sources, high, low);
    if (at.has("fattyAcids"))
        readFattyAcids(at.object("fattyAcids"), m, sources);
    if (at.has("behaviours"))
        readBehaviours(at, m);
    if (at.has("measures"))
        readMeasures(at, m, sources);
    if (at.has("lot")) {
        const JsonCursor lot = at.object("lot");
        lot.allow({"id", "name"});
        m.lot = {lot.text("id", limits::id).toStdString(),
                 lot.text("name", limits::materialName).toStdString()};
    }
    if (!at.failed())
        if (const auto fault = faultOf(m);
            fault && !(unfinished && fault->code == MaterialFault::Code::FatWithoutSv))
            at.failAt(FileFault::Code::BadMaterial,
                      QString::fromStdString(m.name.empty() ? m.id : m.name),
                      faultWord(fault->code));
    return m;
}

QJsonObject toJson(const Material& m)
{
    QJsonObject out{{"id", QString::fromStdString(m.id)},
                    {"name", QString::fromStdString(m.name)},
                    {"kind", codeOf(m.kind)}};
    QJsonArray also;
    for (const std::string& name : m.alsoCalled)
        also.append(QString::fromStdString(name));
    if (!also.isEmpty())
        out["alsoCalled"] = also;
    QJsonObject parts;
    for (std::size_t i = 0; i < partCount; ++i)
        if (m.parts[i].range.high() > 0.0)
            parts[codeOf(static_cast<Part>(i))] = toJson(m.parts[i]);
    if (!parts.isEmpty())
        out["parts"] = parts;
    QJsonObject acids;
    for (const AcidShare& acid : m.acids)
        acids[QString::fromLatin1(factsOf(acid.acid).code.data())] = toJson(acid.share);
    if (!acids.isEmpty())
        out["acids"] = acids;
    for (const auto& [key, member, low, high] : optionalFigures)
        if (m.*member)
            out[key] = toJson(*(m.*member));
    QJsonObject fatty;
    for (const FattyAcidShare& share : m.fattyAcids)
        fatty[QString::fromLatin1(factsOf(share.acid).code.data())] = toJson(share.share);
    if (!fatty.isEmpty())
        out["fattyAcids"] = fatty;
    QJsonArray behaviours;
    for (const BehaviourNote& note : m.behaviours) {
        QJsonObject o{{"what", codeOf(note.what)}};
        if (note.above)
            o["above"] = *note.above;
        behaviours.append(o);
    }
    if (!behaviours.isEmpty())
        out["behaviours"] = behaviours;
    QJsonArray measures;
    for (const Measure& measure : m.measures)
        measures.append(QJsonObject{{"name", QString::fromStdString(measure.name)},
                                    {"grams", measure.grams},
                                    {"source", QString::fromStdString(measure.source)}});
    if (!measures.isEmpty())
        out["measures"] = measures;
    if (!m.lot.id.empty())
        out["lot"] = QJsonObject{{"id", QString::fromStdString(m.lot.id)},
                                 {"name", QString::fromStdString(m.lot.name)}};
    if (!m.note.empty())
        out["note"] = QString::fromStdString(m.note);
    return out;
}

QJsonObject toJson(const Source& source)
{
    QJsonObject out{{"id", QString::fromStdString(source.id)},
                    {"text", QString::fromStdString(source.text)}};
    if (source.fromMemory)
        out["fromMemory"] = true;
    if (source.fromLot)
        out["fromLot"] = true;
    return out;
}

void renameSource(Material& m, const std::string& from, const std::string& to)
{
    for (const FigureKind& kind : figureKinds())
        if (const Figure* figure = findFigure(m, kind.code); figure && figure->source == from)
            setFigure(m, kind.code, {figure->range, to});
    for (Measure& measure : m.measures)
        if (measure.source == from)
            measure.source = to;
    for (Source& source : m.sources)
        if (source.id == from)
            source.id = to;
}

QJsonObject SourceList::add(Material material)
{
    const std::vector<Source> before = material.sources;
    for (const Source& source : before) {
        std::string id = source.id;
        auto there = sources_.find(id);
        for (int n = 2; there != sources_.end() && there->second.text != source.text; ++n) {
            id = source.id + '~' + std::to_string(n);
            there = sources_.find(id);
        }
        if (id != source.id)
            renameSource(material, source.id, id);
        Source kept = source;
        kept.id = id;
        sources_.emplace(id, std::move(kept));
    }
    return toJson(material);
}

QJsonArray SourceList::sources() const
{
    QJsonArray out;
    for (const auto& [id, source] : sources_)
        out.append(toJson(source));
    return out;
}

} // namespace rhexion
