// A whole workshop in one file: journal, shelf, fittings and photographs, each with its SHA-256,
// and one over all of it (docs/formats/backup.md). Tried on writing; restored beside the present
// data and looked at before it takes their place.
#pragma once

#include "storage/file_fault.h"

#include <QDateTime>
#include <QList>
#include <QString>

#include <optional>
#include <variant>

namespace rhexion {

struct BackupEntry {
    QString name; // "journal.sqlite", "photos/....jpg"
    qint64 bytes = 0;
    QByteArray sha256; // hex
};
struct BackupLooked {
    QDateTime made;
    QList<BackupEntry> entries;
    int batches = 0; // in its journal
    int events = 0;
    int photos = 0;
    QDateTime newest; // event
};

// Writes the data of the folder into one file: beside its name, read back and checked, then put in
// its place. SQLite files are copied by SQLite itself, so that a journal in use is whole.
std::optional<FileFault> writeBackup(const QString& folder, const QString& path,
                                     const QDateTime& now);
// Reads all of it and checks every sum; nothing is written.
std::variant<QList<BackupEntry>, FileFault> checkBackup(const QString& path);
// Unpacks it into a folder that is not there yet, and opens what is in it.
std::variant<BackupLooked, FileFault> unpackBackup(const QString& path, const QString& into);
// What the folder holds, as it is now.
std::variant<BackupLooked, FileFault> lookAtData(const QString& folder);

// Puts an unpacked folder's files in the place of the present ones, which are kept in a folder
// beside, whose path is the result.
std::variant<QString, FileFault> takeBackup(const QString& unpacked, const QString& folder,
                                            const QDateTime& now);

// At the next start, before anything is opened: writes down that it is to be taken, and takes it.
// The folder the present data are kept in; empty where nothing was planned.
std::optional<FileFault> planToTake(const QString& unpacked, const QString& folder);
std::variant<QString, FileFault> takePlanned(const QString& folder, const QDateTime& now);

// Weekly copies by themselves: made where the newest is older than a week, the oldest beyond the
// number removed. Nothing where none was due; else its path.
inline constexpr int weeklyCopies = 8;
std::variant<QString, FileFault> keepWeekly(const QString& folder, const QDateTime& now,
                                            int keep = weeklyCopies);

} // namespace rhexion
