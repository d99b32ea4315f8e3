#include "storage/material_json.h"

namespace rhexion {

namespace {

constexpr double largest = 1e6;

Figure readFigure(const JsonCursor& at, Material& material, const SourceTable& sources, double high)
{
    at.allow({"low", "typical", "high", "source"});
    Figure figure;
    const double typical = at.number("typical", 0.0, high);
    const double low = at.numberOr("low", 0.0, high, typical);
    const double top = at.numberOr("high", 0.0, high, typical);
    figure.source = at.text("source", 200).toStdString();
    if (at.failed())
        return figure;
    if (const auto range = Interval::of(low, typical, top))
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
    double high;
};
constexpr OptionalFigure optionalFigures[] = {
    {"sv", &Material::sv, 700.0},         {"acidValue", &Material::acidValue, 700.0},
    {"iodine", &Material::iodine, 400.0}, {"titratable", &Material::titratable, largest},
    {"ph", &Material::ph, 14.0},
};

} // namespace

SourceTable readSources(const JsonCursor& root)
{
    SourceTable sources;
    for (const JsonCursor& at : root.array("sources", 10000)) {
        at.allow({"id", "text", "fromMemory"});
        Source source{at.text("id", 200).toStdString(), at.text("text", 2000).toStdString(),
                      at.flag("fromMemory", false)};
        if (!at.failed() && !sources.emplace(source.id, source).second)
            at.fail(FileFault::Code::Twice, QStringLiteral("id"),
                    QString::fromStdString(source.id));
    }
    return sources;
}

Material readMaterial(const JsonCursor& at, const SourceTable& sources)
{
    at.allow({"key", "id", "name", "kind", "alsoCalled", "parts", "acids", "sv", "acidValue",
              "iodine", "titratable", "ph", "note"});
    Material m;
    m.id = at.text("id", 200).toStdString();
    m.name = at.text("name", 200).toStdString();
    m.kind = at.word<MaterialKind>("kind", kindFromCode, MaterialKind::Solid);
    m.note = at.textOr("note", 2000, {}).toStdString();
    if (at.has("alsoCalled")) {
        // Plain words, so they are read without a cursor of their own.
        for (const QString& word : at.words("alsoCalled", 50, 200))
            m.alsoCalled.push_back(word.toStdString());
    }
    if (at.has("parts")) {
        const JsonCursor parts = at.object("parts");
        for (const QString& key : parts.keys()) {
            const auto part = partFromCode(key.toStdString());
            if (!part)
                at.fail(FileFault::Code::UnknownField, QStringLiteral("parts.") + key);
            else
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
    for (const auto& [key, member, high] : optionalFigures)
        if (at.has(key))
            m.*member = readFigure(at.object(key), m, sources, high);
    if (!at.failed())
        if (const auto fault = faultOf(m))
            at.fail(FileFault::Code::BadMaterial, QString::fromStdString(fault->item),
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
    for (const auto& [key, member, high] : optionalFigures)
        if (m.*member)
            out[key] = toJson(*(m.*member));
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
    return out;
}

} // namespace rhexion
