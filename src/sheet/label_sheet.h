// Labels of a batch laid out on a sheet in millimetres, with a QR code of the batch code if that is
// wanted.
#pragma once

#include "core/after/terms.h"
#include "storage/file_fault.h"
#include "words/label_words.h"

class QPagedPaintDevice;
class QPainter;

namespace rhexion {

struct LabelJob {
    words::LabelText text;
    LabelSheet sheet;
    bool qr = false;
    int count = 1; // labels
    int skip = 0;  // places of the first sheet that are gone already
};

// One label within the rectangle, in type as large as lets everything fit; false where even the
// smallest (5 pt) does not.
bool drawLabel(QPainter& painter, const QRectF& place, const LabelJob& job);
// All of them, on as many sheets as they take.
bool drawLabels(QPagedPaintDevice& device, const LabelJob& job);
std::optional<FileFault> writeLabelsPdf(const QString& path, const LabelJob& job);

} // namespace rhexion
