#pragma once

namespace rhexion {

// Gives every widget the size its text now asks for; both per cent of the usual.
void growAll(int fromPercent, int toPercent);

} // namespace rhexion
