// A file of materials: refused with a place, or read and written so that it reads back equal.
#include "fuzz.h"
#include "storage/catalogue.h"
#include "storage/figures_csv.h"
#include "storage/material_file.h"

using namespace rhexion;

extern "C" int LLVMFuzzerTestOneInput(const uint8_t* data, size_t size)
{
    const QByteArray bytes = fuzz::bytesOf(data, size);
    const auto read = materialsFromJson(bytes);
    rowsFromJson(bytes);
    if (const auto* materials = std::get_if<std::vector<MaterialPtr>>(&read)) {
        const auto again = materialsFromJson(materialsToJson(*materials));
        const auto* back = std::get_if<std::vector<MaterialPtr>>(&again);
        fuzz::demand(back && back->size() == materials->size(), "materials come back");
        for (std::size_t i = 0; i < back->size(); ++i)
            fuzz::demand(*(*back)[i] == *(*materials)[i], "each comes back equal");
        materialsToCsv(*materials, ',');
    }
    return 0;
}
