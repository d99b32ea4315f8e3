// The commands beside the reckoning: mould, scent, blend, water, working, solve, parse, text.
#pragma once

#include "words/speech.h"

#include <QString>
#include <QStringList>

#include <optional>

namespace rhexion {

struct MakingOptions {
    bool json = false;
    bool markdown = false;
    bool guards = true;
    QString fittings; // a file; empty: none
    QString journal;  // a journal file, read only; empty: none
    QString hardness;
    std::optional<double> dose;
    QStringList wishes;
    QStringList offers;
    std::optional<int> atMost;
    std::optional<double> bars;
    std::optional<double> cured;
    QStringList left;    // "olive-oil=300"
    QStringList answers; // to a recipe's questions: "3=monohydrate"
    QString output;      // the file that "formula" writes
    bool force = false;  // over one that is there
    QString mould;
    QString pourAt;               // "15:00", or a date and time
    std::optional<double> within; // h
    Speech speech;
};

// "15:00" of today, or a date and time, as ms since 1970; 0 for an empty text, nothing for any
// other.
std::optional<qint64> timeOfDay(const QString& text);
// Whether the word is one of them.
bool isMakingCommand(const QString& command);
QString makingHelp();
// The exit code; what is to be said goes to stdout and stderr.
int runMakingCommand(const QString& command, const QStringList& words,
                     const MakingOptions& options);

} // namespace rhexion
