// A table of materials: read or refused; rows that would be kept come back from a file equal.
#include "fuzz.h"
#include "storage/figures_csv.h"
#include "storage/material_file.h"

using namespace rhexion;

extern "C" int LLVMFuzzerTestOneInput(const uint8_t* data, size_t size)
{
    const auto read = materialsFromCsv(fuzz::bytesOf(data, size), QStringLiteral("typed in"));
    const auto* rows = std::get_if<QList<ImportedRow>>(&read);
    if (rows == nullptr)
        return 0;
    for (const ImportedRow& row : *rows) {
        if (!row.material || row.material->id.empty()) // one without id gets it from the shelf
            continue;
        const auto again =
            materialsFromJson(materialsToJson({std::make_shared<Material>(*row.material)}));
        fuzz::demand(std::holds_alternative<std::vector<MaterialPtr>>(again),
                     "a row that would be kept can be read again");
    }
    return 0;
}
