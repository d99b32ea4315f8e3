// Why something cannot be reckoned, read or understood, and what mends it.
#pragma once

#include "core/amounts/refusal.h"
#include "core/formula/phrase.h"
#include "storage/file_fault.h"
#include "words/speech.h"

#include <QString>

namespace rhexion::words {

QString refusal(const Refusal& refusal, const Speech& speech);
QString phraseFault(const PhraseFault& fault);
QString fileFault(const FileFault& fault);

} // namespace rhexion::words
