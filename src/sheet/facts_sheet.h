// A page of facts on paper: what a panel beside the bench says of a formula.
#pragma once

#include "core/advice/reckon.h"
#include "storage/file_fault.h"
#include "words/facts.h"
#include "words/speech.h"

class QPagedPaintDevice;

namespace rhexion {

void drawFacts(QPagedPaintDevice& device, const words::FactPage& page, const QString& formulaName);
std::optional<FileFault> writeFactsPdf(const QString& path, const words::FactPage& page,
                                       const QString& formulaName, const Habits& habits);

// Facts of a batch, then on pages of its own the working of what was weighed: for an assessor.
std::optional<FileFault> writeRecordPdf(const QString& path, const words::FactPage& page,
                                        const Formula& made, const Reckoning& reckoning,
                                        const Speech& speech);

} // namespace rhexion
