// A page of facts on paper: what a panel beside the bench says of a formula.
#pragma once

#include "core/advice/reckon.h"
#include "storage/file_fault.h"
#include "words/facts.h"
#include "words/speech.h"

#include <QColor>
#include <QImage>

#include <functional>

class QPagedPaintDevice;

namespace rhexion {

void drawFacts(QPagedPaintDevice& device, const words::FactPage& page, const QString& formulaName);
std::optional<FileFault> writeFactsPdf(const QString& path, const words::FactPage& page,
                                       const QString& formulaName, const Habits& habits);

struct PictureOnPaper {
    std::function<QImage()> image; // read when it is drawn; null: said to be missing
    QString caption;
    std::optional<QColor> colour; // drawn below it
};
// Facts of a batch, then on pages of their own its photographs and the working of what was weighed:
// for an assessor.
std::optional<FileFault> writeRecordPdf(const QString& path, const words::FactPage& page,
                                        const QList<PictureOnPaper>& pictures, const Formula& made,
                                        const Reckoning& reckoning, const Speech& speech);

} // namespace rhexion
