// What is said once about lye, first aid and the law.
#pragma once

#include <QString>

namespace rhexion::words {

// Said once on every sheet and before the first step.
QString safety();
// On every step with lye, sheet and page of trouble.
QString firstAid();
// Whom to call, as the person has set it: "112, poison centre 030 12345"; empty: not set.
void setWhoToCall(const QString& numbers);
QString localLaw();

} // namespace rhexion::words
