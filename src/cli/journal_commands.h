// The commands of the journal: list, show, export, compare, due, stock, backup.
#pragma once

#include "words/speech.h"

#include <QString>
#include <QStringList>

namespace rhexion {

struct JournalOptions {
    bool json = false;
    QString find;     // "milk, cracked, last winter"
    QString format;   // of an export: csv, events or ics
    QString fittings; // a file; empty: none
    QString into;     // where a backup is unpacked
    bool check = false;
    bool force = false; // a backup may take the place of a file
    Speech speech;
};
QString journalHelp();
// The exit code; what is to be said goes to stdout and stderr. words: what follows "journal".
int runJournalCommand(const QStringList& words, const JournalOptions& options);

} // namespace rhexion
