// A script of mishaps as a file: docs/formats/mishaps.schema.json.
#pragma once

#include "core/makeday/mishap.h"
#include "storage/json_cursor.h"

namespace rhexion {

inline constexpr int mishapFileVersion = 1;
QByteArray mishapsToJson(const MishapScript& script);
std::variant<MishapScript, FileFault> mishapsFromJson(const QByteArray& bytes);
std::variant<MishapScript, FileFault> readMishapFile(const QString& path);

} // namespace rhexion
