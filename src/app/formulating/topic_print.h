// What a panel says, on paper: looked at first, or kept as PDF.
#pragma once

#include "words/facts.h"
#include "words/speech.h"

class QWidget;

namespace rhexion {

void printFacts(QWidget& window, const words::FactPage& page, const QString& formulaName,
                const Habits& habits);
// Asks where to; what could not be written, or nothing.
QString saveFacts(QWidget& window, const words::FactPage& page, const QString& formulaName,
                  const Habits& habits);

} // namespace rhexion
