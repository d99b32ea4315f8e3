#include "storage/mishap_json.h"

#include "core/materials/limits.h"

#include <QJsonArray>
#include <QJsonDocument>

namespace rhexion {

namespace {
constexpr int mostMegabytes = 1;
}

QByteArray mishapsToJson(const MishapScript& script)
{
    QJsonArray all;
    for (const Mishap& mishap : script.mishaps) {
        QJsonObject one{{"what", codeOf(mishap.kind)}};
        if (mishap.at)
            one["at"] = codeOf(*mishap.at);
        if (mishap.figure > 0.0)
            one["figure"] = mishap.figure;
        all.append(one);
    }
    return QJsonDocument(QJsonObject{{"format", "rhexion-mishaps"},
                                     {"version", mishapFileVersion},
                                     {"name", QString::fromStdString(script.name)},
                                     {"mishaps", all}})
        .toJson();
}

std::variant<MishapScript, FileFault> mishapsFromJson(const QByteArray& bytes)
{
    const JsonText json =
        parseJson(bytes, QStringLiteral("rhexion-mishaps"), mishapFileVersion, mostMegabytes);
    if (json.fault)
        return *json.fault;
    std::optional<FileFault> fault;
    const JsonCursor root(json.root, {}, fault);
    root.allow({"format", "version", "name", "mishaps"});
    MishapScript out;
    out.name = root.textOr("name", qsizetype(limits::formulaName), {}).toStdString();
    for (const JsonCursor& at : root.array("mishaps", qsizetype(mostMishaps))) {
        at.allow({"what", "at", "figure"});
        Mishap one;
        one.kind = at.word<MishapKind>("what", mishapFromCode, MishapKind::PhoneRings);
        if (at.has("at"))
            one.at = at.word<DayStepKind>("at", dayStepFromCode, DayStepKind::Prepare);
        if (at.has("figure"))
            one.figure = at.number("figure", leastFigure(one.kind), mostFigure(one.kind));
        out.mishaps.push_back(one);
    }
    if (fault)
        return *std::move(fault);
    return out;
}

std::variant<MishapScript, FileFault> readMishapFile(const QString& path)
{
    QByteArray bytes;
    if (auto fault = readBytes(path, mostMegabytes, bytes))
        return *fault;
    return mishapsFromJson(bytes);
}

} // namespace rhexion
