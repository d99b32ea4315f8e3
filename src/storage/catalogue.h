// The shipped catalogue of materials, read from JSON (docs/formats/catalogue.schema.json).
#pragma once

#include "core/formula/usual_settings.h"
#include "core/materials/material.h"
#include "storage/file_fault.h"

#include <QByteArray>

#include <variant>
#include <vector>

namespace rhexion {

class Catalogue {
public:
    static std::variant<Catalogue, FileFault> fromJson(const QByteArray& bytes);
    // The one in the program itself; it is checked by the tests, so a fault here is a broken build.
    static const Catalogue& shipped();

    // The few of it that an empty formula begins with, read apart because they are quick to read.
    static const Catalogue& first();

    const std::vector<MaterialPtr>& materials() const { return materials_; }
    MaterialPtr find(const std::string& id) const;

private:
    static Catalogue fromResource(const char* path);
    std::vector<MaterialPtr> materials_;
};

} // namespace rhexion
