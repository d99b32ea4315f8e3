// Whole copies that lie beside a journal, and what else says that there was one.
#pragma once

#include "storage/file_fault.h"

#include <QDateTime>
#include <QList>
#include <QString>

#include <optional>

namespace rhexion {

// NAME.good, the newest, and NAME.good-1, -7 and -30: older ones, each kept until it is that many
// days old.
QString goodCopyOf(const QString& path);
// Those that are there, newest first.
QList<QString> goodCopiesOf(const QString& path);

// Puts a whole copy in the place of the newest, which moves on to the older ones. The copy's time
// becomes now. An older one from a day to come, of a clock that was wrong, is replaced.
std::optional<FileFault> placeGoodCopy(const QString& fresh, const QString& path,
                                       const QDateTime& now);

// A copy takes the place of the journal, whose files, if they are there, are called aside from then
// on. The copy is whole on the disk before anything is moved.
std::optional<FileFault> takeGoodCopy(const QString& copy, const QString& path,
                                      const QString& aside);
// Names the journal's files aside; nothing is left under its name.
std::optional<FileFault> putAside(const QString& path, const QString& aside);

// What is left in a folder of a journal that is not there.
struct JournalTraces {
    int goodCopies = 0;
    int weeklyCopies = 0;
    int photos = 0;
    int others = 0; // one put aside, its write-ahead log, weights kept beside it
    bool any() const { return goodCopies + weeklyCopies + photos + others > 0; }
};
JournalTraces tracesOf(const QString& journalFile);

} // namespace rhexion
