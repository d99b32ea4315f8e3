#include "storage/material_file.h"

#include "storage/material_json.h"

#include <QJsonDocument>

#include <set>

namespace rhexion {

std::variant<std::vector<MaterialPtr>, FileFault> materialsFromJson(const QByteArray& bytes)
{
    JsonText json = parseJson(bytes, QStringLiteral("rhexion-catalogue"), catalogueFileVersion,
                              catalogueFileMegabytes);
    if (json.fault)
        return *json.fault;
    std::optional<FileFault> fault;
    const JsonCursor root(json.root, {}, fault);
    root.allow({"format", "version", "sources", "materials"});
    const SourceTable sources = readSources(root);
    std::vector<MaterialPtr> out;
    std::set<std::string> seen;
    for (const JsonCursor& at : root.array("materials", 100000)) {
        auto material = std::make_shared<Material>(readMaterial(at, sources));
        if (fault)
            return *fault;
        if (!seen.insert(material->id).second)
            at.fail(FileFault::Code::Twice, QStringLiteral("id"),
                    QString::fromStdString(material->id));
        out.push_back(std::move(material));
    }
    if (fault)
        return *fault;
    return out;
}

QByteArray materialsToJson(const std::vector<MaterialPtr>& materials)
{
    SourceList sources;
    QJsonArray list;
    for (const MaterialPtr& m : materials)
        list.append(sources.add(*m));
    return QJsonDocument(QJsonObject{{"format", "rhexion-catalogue"},
                                     {"version", catalogueFileVersion},
                                     {"sources", sources.sources()},
                                     {"materials", list}})
        .toJson();
}

} // namespace rhexion
