// Formula files (docs/formats/formula.schema.json): self-contained, with the figures of every
// material they were reckoned with, so that a later catalogue changes nothing silently.
#pragma once

#include "core/formula/formula.h"
#include "storage/file_fault.h"

#include <QByteArray>
#include <QString>

#include <variant>

namespace rhexion {

inline constexpr int formulaFileVersion = 4;
inline constexpr int formulaFileMegabytes = 8;

QByteArray formulaToJson(const Formula& formula);
std::variant<Formula, FileFault> formulaFromJson(const QByteArray& bytes);

std::variant<Formula, FileFault> readFormulaFile(const QString& path);
// Writes beside the file and then puts it in its place, so that a crash leaves the old one whole.
std::optional<FileFault> writeFormulaFile(const QString& path, const Formula& formula);
// The same for bytes already made.
std::optional<FileFault> writeWhole(const QString& path, const QByteArray& bytes);

} // namespace rhexion
