// Help at a step: how it looks when it goes right, what can go wrong and what to do then.
#pragma once

#include "core/makeday/plan.h"

#include <QList>
#include <QString>

namespace rhexion::words {

struct StepSign {
    QString looks;
    QString what; // it is, or what to do
    bool right = false;
    bool danger = false; // stop first
};

// What is right comes first; empty where there is nothing to tell.
QList<StepSign> stepHelp(const DayStep& step, const Formula& formula);

} // namespace rhexion::words
