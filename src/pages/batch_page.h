// A batch as a page of text: what came of it, what was weighed, its notes.
#pragma once

#include "pages/page_look.h"
#include "storage/journal.h"
#include "words/speech.h"

namespace rhexion {

QString batchHtml(const Batch& batch, const Speech& speech, const PageLook& look);

} // namespace rhexion
