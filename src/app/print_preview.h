// Pages looked at before they are printed.
#pragma once

#include "words/speech.h"

#include <functional>

class QPagedPaintDevice;
class QPrinter;
class QWidget;

namespace rhexion {

// The maker's paper and margins.
void preparePrinter(QPrinter& printer, const QString& name, const Habits& habits);
void previewPages(QWidget& window, const QString& title, const QString& name, const Habits& habits,
                  const std::function<void(QPagedPaintDevice&)>& draw);

} // namespace rhexion
