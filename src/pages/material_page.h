// A material as a page of text: what 10 g of it does, figures with their sources, behaviours, lots.
#pragma once

#include "core/after/stock_count.h"
#include "pages/page_look.h"
#include "storage/journal.h"
#include "storage/stock.h"
#include "words/speech.h"

namespace rhexion {

struct MaterialPage {
    MaterialPtr material; // with the lot's figures, if one is used
    std::vector<const LotRecord*> lots;
    QList<BatchSummary> usedIn; // the newest
    int usedInAll = 0;          // how many there are
    bool onBench = false;
    std::vector<std::pair<std::string, JarNow>> jars; // by lot, once the journal was asked
    QStringList ownWords; // what this maker calls it, as she chose when it was asked
    QStringList told;     // its history and lessons, in sentences
};

// Links: "edit-lot:ID", "close-lot:ID", "open-lot:ID", "batch:ID", "forget-word:WORD"
// (percent-encoded).
QString materialHtml(const MaterialPage& page, const Speech& speech, const PageLook& look);

} // namespace rhexion
