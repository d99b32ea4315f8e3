// The day sheet on paper and as PDF.
#pragma once

#include "storage/file_fault.h"
#include "words/speech.h"

class QPagedPaintDevice;

namespace rhexion {

// large: to be read from the counter.
void drawDaySheet(QPagedPaintDevice& device, const QString& html, bool large);
std::optional<FileFault> writeDaySheetPdf(const QString& path, const QString& html,
                                          const QString& name, const Habits& habits, bool large);

} // namespace rhexion
