// A page of facts as HTML, for a panel or for print; presses are links "do:CODE".
#pragma once

#include "pages/page_look.h"
#include "words/facts.h"

namespace rhexion {

QString factsHtml(const words::FactPage& page, const PageLook& look, bool withTitle);

} // namespace rhexion
