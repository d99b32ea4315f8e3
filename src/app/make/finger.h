// How high what is pressed with a wet glove must be, px at 100 %.
#pragma once

namespace rhexion {

inline constexpr int fingerTall = 56;

} // namespace rhexion
