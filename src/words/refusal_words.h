// Why something cannot be reckoned, read or understood, and what mends it.
#pragma once

#include "core/amounts/refusal.h"
#include "core/formula/phrase.h"
#include "storage/file_fault.h"
#include "words/speech.h"

#include <QString>

#include <optional>

namespace rhexion::words {

QString refusal(const Refusal& refusal, const Speech& speech);
QString phraseFault(const PhraseFault& fault);
QString fileFault(const FileFault& fault);
// The same where a server of benches is meant.
QString serverFault(const FileFault& fault);
// How far a bench is with the others; waiting: events that are not passed on yet.
QString serverState(bool inStep, const std::optional<FileFault>& why, int waiting);

} // namespace rhexion::words
