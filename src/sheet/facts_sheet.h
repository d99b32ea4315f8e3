// A page of facts on paper: what a panel beside the bench says of a formula.
#pragma once

#include "storage/file_fault.h"
#include "words/facts.h"
#include "words/speech.h"

class QPagedPaintDevice;

namespace rhexion {

void drawFacts(QPagedPaintDevice& device, const words::FactPage& page, const QString& formulaName);
std::optional<FileFault> writeFactsPdf(const QString& path, const words::FactPage& page,
                                       const QString& formulaName, const Habits& habits);

} // namespace rhexion
