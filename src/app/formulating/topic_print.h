// What a panel says, on paper: looked at first, or kept as PDF.
#pragma once

#include "storage/file_fault.h"
#include "words/facts.h"
#include "words/speech.h"

#include <optional>

class QWidget;

namespace rhexion {

void printFacts(QWidget& window, const words::FactPage& page, const QString& formulaName,
                const Habits& habits);
// Asks where to.
std::optional<FileFault> saveFacts(QWidget& window, const words::FactPage& page,
                                   const QString& formulaName, const Habits& habits);

} // namespace rhexion
