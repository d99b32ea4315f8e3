// Formula files (docs/formats/formula.schema.json): self-contained, with the figures of every
// material they were reckoned with, so that a later catalogue changes nothing silently.
#pragma once

#include "core/formula/formula.h"
#include "storage/file_fault.h"

#include <QByteArray>
#include <QString>

#include <optional>
#include <variant>
#include <vector>

namespace rhexion {

inline constexpr int formulaFileVersion = 10;
inline constexpr int formulaFileMegabytes = 8;

QByteArray formulaToJson(const Formula& formula);
std::variant<Formula, FileFault> formulaFromJson(const QByteArray& bytes);

// What can be read of a formula that cannot be read in full, and what was left out; nothing where
// it is no formula at all.
struct SalvagedFormula {
    Formula formula;
    std::vector<FileFault> lost;
};
std::optional<SalvagedFormula> salvageFormula(const QByteArray& bytes);

std::variant<Formula, FileFault> readFormulaFile(const QString& path);
// The formula as JSON that was read back; what the reader would refuse is refused here, and nothing
// is written that cannot be opened again.
std::variant<QByteArray, FileFault> readableFormulaJson(const Formula& formula);
// Writes beside the file and then puts it in its place, so that a crash leaves the old one whole.
std::optional<FileFault> writeFormulaFile(const QString& path, const Formula& formula);

} // namespace rhexion
