// A list of materials as a file of its own: the catalogue's format, for export, import and keeping.
#pragma once

#include "core/materials/material.h"
#include "storage/file_fault.h"

#include <QByteArray>

#include <variant>
#include <vector>

namespace rhexion {

inline constexpr int catalogueFileVersion = 4;
inline constexpr int catalogueFileMegabytes = 64;

// Two of one id are refused.
std::variant<std::vector<MaterialPtr>, FileFault> materialsFromJson(const QByteArray& bytes);
QByteArray materialsToJson(const std::vector<MaterialPtr>& materials);

} // namespace rhexion
