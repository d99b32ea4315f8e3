#include "storage/own_materials.h"

#include "core/materials/search.h"
#include "core/units/text.h"
#include "storage/json_cursor.h"
#include "storage/material_file.h"
#include "storage/whole_file.h"

#include <algorithm>

namespace rhexion {

std::variant<QList<ImportedRow>, FileFault> rowsFromFile(const QString& path,
                                                         const QString& sourceText)
{
    QByteArray bytes;
    if (auto fault = readBytes(path, catalogueFileMegabytes, bytes))
        return std::move(*fault);
    const QByteArray start = bytes.trimmed().left(1);
    return start == "{" || start == "[" ? rowsFromJson(bytes) : materialsFromCsv(bytes, sourceText);
}

std::optional<FileFault> writeOwnMaterials(const QString& path, const Shelf& shelf,
                                           char decimalMark)
{
    std::vector<MaterialPtr> own;
    for (const OwnMaterial& m : shelf.materials())
        own.push_back(m.material);
    const bool json = path.endsWith(QLatin1String(".json"), Qt::CaseInsensitive);
    return writeWhole(path, json ? materialsToJson(own) : materialsToCsv(own, decimalMark));
}

namespace {

std::string idOf(const std::string& name)
{
    constexpr std::size_t longest = 100; // room for a number after it
    std::string id = "own-";
    for (const char c : folded(name))
        if (ascii::isAlnum(static_cast<unsigned char>(c)))
            id += c;
        else if (id.back() != '-')
            id += '-';
    while (id.back() == '-')
        id.pop_back();
    return id.substr(0, longest);
}

} // namespace

std::vector<Material> withIds(std::vector<Material> materials, const Shelf& shelf)
{
    for (Material& m : materials) {
        if (!m.id.empty())
            continue;
        const std::string base = idOf(m.name);
        const auto isTaken = [&](const std::string& id) {
            return shelf.findMaterial(id) || std::ranges::any_of(materials, [&](const Material& o) {
                       return &o != &m && o.id == id;
                   });
        };
        std::string id = base;
        for (int n = 2; isTaken(id); ++n)
            id = base + '-' + std::to_string(n);
        m.id = id;
    }
    return materials;
}

} // namespace rhexion
