// Pages looked at before they are printed.
#pragma once

#include "words/speech.h"

#include <functional>

class QPagedPaintDevice;
class QPageSize;
class QPrinter;
class QWidget;

namespace rhexion {

// The maker's paper and margins.
void preparePrinter(QPrinter& printer, const QString& name, const Habits& habits);
void previewPages(QWidget& window, const QString& title, const QString& name, const Habits& habits,
                  const std::function<void(QPagedPaintDevice&)>& draw);

// On paper of that size from edge to edge, as sheets of labels are.
void previewOn(QWidget& window, const QString& title, const QString& name, const QPageSize& paper,
               const std::function<void(QPagedPaintDevice&)>& draw);

} // namespace rhexion
