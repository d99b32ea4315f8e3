#include "storage/inci_names.h"

#include "storage/csv.h"

#include <QFile>

#include <map>

namespace rhexion {

namespace {

std::map<std::string, InciName> shipped()
{
    std::map<std::string, InciName> out;
    QFile file(QStringLiteral(":/data/inci.csv"));
    if (!file.open(QIODevice::ReadOnly))
        return out;
    const auto read = readCsv(file.readAll());
    const auto* csv = std::get_if<CsvText>(&read);
    for (qsizetype i = 1; csv && i < csv->rows.size(); ++i)
        if (const QStringList& cells = csv->rows[i].cells; cells.size() == 3)
            out[cells[0].toStdString()] = {cells[1].toStdString(), cells[2].toStdString()};
    return out;
}

} // namespace

InciName inciNameOf(const Material& material)
{
    static const std::map<std::string, InciName> names = shipped();
    const auto found = names.find(material.id);
    if (found != names.end())
        return found->second;
    // A maker's own scent is still a scent.
    return material.kind == MaterialKind::Scent ? InciName{"Parfum", {}} : InciName{};
}

InciName inciNameOf(const Material& material, const std::map<std::string, InciName>& own)
{
    const auto found = own.find(material.id);
    return found != own.end() && !found->second.name.empty() ? found->second : inciNameOf(material);
}

} // namespace rhexion
