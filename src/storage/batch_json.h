// Batches as JSON (docs/formats/batch.schema.json): everything of one, a comparison, a list. Codes
// and the maker's own words, never a sentence of ours.
#pragma once

#include "core/after/compare.h"
#include "core/after/cured.h"
#include "storage/journal.h"

#include <QJsonObject>

namespace rhexion {

inline constexpr int batchJsonVersion = 1;

QJsonObject batchToJson(const Batch& batch, const Cured& cured);
QJsonObject summariesToJson(const QList<BatchSummary>& batches,
                            const QList<CodeOfMany>& codes = {});
QJsonObject comparisonToJson(const Comparison& comparison, std::span<const Compared> all);
// One row a batch, for a table program; text cells are guarded against being taken for formulas.
QByteArray summariesToCsv(const QList<BatchSummary>& batches);
// Every event, one a line, in the order of the journal: nothing is locked in.
std::optional<FileFault> writeEvents(const Journal& journal,
                                     const std::function<bool(const QByteArray&)>& put);

} // namespace rhexion
