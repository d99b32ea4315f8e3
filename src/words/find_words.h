// A search in words: "milk, cracked, last winter, superfat over 6". A part between commas that is a
// filter is taken as one; anything else is searched as words.
#pragma once

#include "storage/finding.h"

#include <QDate>
#include <QList>
#include <QLocale>

namespace rhexion::words {

struct FindPart {
    QString typed;
    QString taken; // what it was taken for, in words; empty: as words to search
};
struct FindRead {
    Finding finding;
    QList<FindPart> parts;
};
// today: what "last winter" counts from.
FindRead readFind(const QString& text, const QDate& today, const QLocale& locale);
// What can be typed, one of each kind.
QStringList findExamples();

} // namespace rhexion::words
