// Where a line goes, in the order of the day.
#pragma once

#include <array>
#include <optional>
#include <string>

namespace rhexion {

enum class Vessel { LyeJug, SecondJug, OilPot, Emulsion, Trace, AfterCook, Top };
inline constexpr std::array allVessels{Vessel::LyeJug,   Vessel::SecondJug, Vessel::OilPot,
                                       Vessel::Emulsion, Vessel::Trace,     Vessel::AfterCook,
                                       Vessel::Top};
inline constexpr bool isJug(Vessel vessel)
{
    return vessel == Vessel::LyeJug || vessel == Vessel::SecondJug;
}
// What goes in when the cook is over takes up no lye until then.
inline constexpr bool joinsLate(Vessel vessel)
{
    return vessel == Vessel::AfterCook || vessel == Vessel::Top;
}

const char* codeOf(Vessel vessel);
std::optional<Vessel> vesselFromCode(const std::string& code);

} // namespace rhexion
