// The choices a line's menu offers besides amount, place and removal.
#pragma once

#include "core/formula/formula.h"
#include "words/speech.h"

#include <functional>

class QMenu;

namespace rhexion {

class FormulaDocument;

// Lock, frozen, all water, dissolve first, portion. split opens the portions when there are none.
void addLineChoices(QMenu& menu, FormulaDocument& document, LineId line, const Speech& speech,
                    const std::function<void()>& split);

} // namespace rhexion
