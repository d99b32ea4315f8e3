#include "storage/catalogue.h"

#include "storage/material_json.h"

#include <QFile>

#include <algorithm>
#include <set>

namespace rhexion {

std::variant<Catalogue, FileFault> Catalogue::fromJson(const QByteArray& bytes)
{
    JsonText json = parseJson(bytes, QStringLiteral("rhexion-catalogue"), 1, 64);
    if (json.fault)
        return *json.fault;
    std::optional<FileFault> fault;
    const JsonCursor root(json.root, {}, fault);
    root.allow({"format", "version", "sources", "materials"});
    const SourceTable sources = readSources(root);
    Catalogue out;
    std::set<std::string> seen;
    for (const JsonCursor& at : root.array("materials", 100000)) {
        auto material = std::make_shared<Material>(readMaterial(at, sources));
        if (fault)
            return *fault;
        if (!seen.insert(material->id).second)
            at.fail(FileFault::Code::Twice, QStringLiteral("id"),
                    QString::fromStdString(material->id));
        out.materials_.push_back(std::move(material));
    }
    if (fault)
        return *fault;
    return out;
}

const Catalogue& Catalogue::shipped()
{
    static const Catalogue catalogue = [] {
        QFile file(QStringLiteral(":/data/catalogue.json"));
        if (!file.open(QIODevice::ReadOnly))
            qFatal("The catalogue is missing from the program.");
        auto read = fromJson(file.readAll());
        if (const auto* fault = std::get_if<FileFault>(&read))
            qFatal("The shipped catalogue is broken at %s.", qPrintable(fault->place));
        return std::get<Catalogue>(std::move(read));
    }();
    return catalogue;
}

MaterialPtr Catalogue::find(const std::string& id) const
{
    const auto found =
        std::ranges::find_if(materials_, [&](const MaterialPtr& m) { return m->id == id; });
    return found == materials_.end() ? nullptr : *found;
}

} // namespace rhexion
