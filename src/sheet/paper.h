// How pages of text come onto paper and into a PDF file.
#pragma once

#include <QPageSize>
#include <QTextDocument>

#include "storage/file_fault.h"
#include "words/speech.h"

#include <functional>
#include <optional>

class QPagedPaintDevice;
class QPainter;

namespace rhexion {

// A page of our own making, which loads nothing that its text may name.
class ClosedDocument : public QTextDocument {
    QVariant loadResource(int, const QUrl&) override { return {}; }
};

// The paper a maker prints on.
QPageSize pageSizeOf(const Habits& habits);
QMarginsF paperMargins(); // mm
// On as many pages as the document needs; the device stands on a fresh page.
void drawPages(QPainter& painter, QPagedPaintDevice& device, QTextDocument& document);
// Whole or not at all.
std::optional<FileFault> writePdf(const QString& path, const QString& title, const Habits& habits,
                                  const std::function<void(QPagedPaintDevice&)>& draw);

} // namespace rhexion
