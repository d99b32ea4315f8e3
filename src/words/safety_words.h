// What is said once about lye, first aid and the law.
#pragma once

#include <QString>

namespace rhexion::words {

// Said once on every sheet and before the first step.
QString safety();
QString firstAid();
QString localLaw();

} // namespace rhexion::words
