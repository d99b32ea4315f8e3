// Comma-separated values by RFC 4180, read through libcsv and written back so that a spreadsheet
// takes no cell for a formula.
#pragma once

#include "storage/file_fault.h"

#include <QByteArray>
#include <QList>
#include <QStringList>

#include <variant>

namespace rhexion {

struct CsvRow {
    qsizetype line = 0; // where it begins in the file, from 1
    QStringList cells;
};

struct CsvText {
    QList<CsvRow> rows; // wholly empty ones are left out
    char separator = ',';
};

// Reads UTF-8, with or without a byte order mark; UTF-16 by its mark; other bytes are refused as a
// wrong encoding, and so are NUL bytes, more than mostRows rows, more than 500 cells in a row and
// quotes that never close. The separator is the one of , ; and tab that the first row holds most
// of.
std::variant<CsvText, FileFault> readCsv(const QByteArray& bytes, int mostRows = 200000);

// One row, ended with CR LF. Cells are quoted where they must be; a cell that begins with = + - @
// tab or CR and is not a plain number gets an apostrophe before it.
QByteArray csvRow(const QStringList& cells, char separator = ',');
// Takes such an apostrophe off again.
QString withoutGuard(const QString& cell);

} // namespace rhexion
