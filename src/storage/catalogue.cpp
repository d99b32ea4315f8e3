#include "storage/catalogue.h"

#include "storage/material_file.h"

#include <QFile>

#include <algorithm>

namespace rhexion {

std::variant<Catalogue, FileFault> Catalogue::fromJson(const QByteArray& bytes)
{
    auto read = materialsFromJson(bytes);
    if (auto* fault = std::get_if<FileFault>(&read))
        return std::move(*fault);
    Catalogue out;
    out.materials_ = std::get<std::vector<MaterialPtr>>(std::move(read));
    return out;
}

Catalogue Catalogue::fromResource(const char* path)
{
    QFile file(QString::fromLatin1(path));
    if (!file.open(QIODevice::ReadOnly))
        qFatal("%s is missing from the program.", path);
    auto read = fromJson(file.readAll());
    if (const auto* fault = std::get_if<FileFault>(&read))
        qFatal("%s is broken at %s.", path, qPrintable(fault->place));
    return std::get<Catalogue>(std::move(read));
}

const Catalogue& Catalogue::shipped()
{
    static const Catalogue catalogue = fromResource(":/data/catalogue.json");
    return catalogue;
}

const Catalogue& Catalogue::first()
{
    static const Catalogue catalogue = fromResource(":/data/first.json");
    return catalogue;
}

MaterialPtr Catalogue::find(const std::string& id) const
{
    const auto found =
        std::ranges::find_if(materials_, [&](const MaterialPtr& m) { return m->id == id; });
    return found == materials_.end() ? nullptr : *found;
}

} // namespace rhexion
