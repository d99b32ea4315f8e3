// A formula for a command: from a file of one, or from a recipe's text once its questions are
// answered.
#pragma once

#include "core/formula/formula.h"
#include "words/speech.h"

#include <QByteArray>
#include <QString>
#include <QStringList>

#include <variant>

namespace rhexion::cli {

// The bytes of a file, or of standard input for "-"; the exit code where they cannot be read, the
// reason said.
std::variant<QByteArray, int> readInput(const QString& path, qint64 most);

// answers: "3=monohydrate", by the text's line, or "oils=900" for the g of oils of a recipe that is
// all in per cent. Where questions are open they are said, with how to answer each, and the exit
// code is returned.
std::variant<Formula, int> readFormulaOrRecipe(const QString& path, const QStringList& answers,
                                               const Speech& speech);

} // namespace rhexion::cli
