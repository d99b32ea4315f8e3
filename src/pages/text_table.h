// Tables as text: what is copied off the screen, for a letter and for a spreadsheet.
#pragma once

#include "core/advice/reckon.h"
#include "words/speech.h"

#include <QByteArray>
#include <QStringList>

class QAbstractItemModel;

namespace rhexion {

struct TextTable {
    QStringList head;
    QList<QStringList> rows;
};

// Cells apart by tabs, rows by line ends; a tab or line end within a cell becomes a space.
QString asText(const TextTable& table);
QByteArray asCsv(const TextTable& table);

// The rows a model has read so far.
TextTable tableOf(const QAbstractItemModel& model);
// What to weigh, vessel by vessel, and what comes of it.
TextTable formulaTable(const Formula& formula, const Reckoning& reckoning, const Speech& speech);

} // namespace rhexion
