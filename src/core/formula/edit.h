// One change to a formula as data: what undo keeps and what a caution offers as its mend.
#pragma once

#include "core/formula/formula.h"

#include <variant>

namespace rhexion {

struct AddLine {
    Line line;             // its id must be new
    std::size_t index = 0; // clamped to the end
};
struct RemoveLine {
    LineId line;
};
struct SetAmount {
    LineId line;
    StatedAmount amount;
};
struct MoveLine {
    LineId line;
    Vessel vessel;
    std::size_t index; // place among all lines after the move; clamped
};
struct SetFrozen {
    LineId line;
    bool frozen;
};
struct SetAllWater {
    LineId line;
    bool allWater;
};
struct SetMaterial { // another jar, or newer figures; amount and place stay
    LineId line;
    MaterialPtr material;
};
struct SetLocked { // not for the rest of the liquid, which has no amount to keep
    LineId line;
    bool locked;
};
struct SetPortion { // where a line goes in a split batter
    LineId line;
    PortionId portion;
};
struct SetSolvent { // g of the make-up liquid set aside per g of the line
    LineId line;
    double solvent;
};
struct SetPortions { // all of them at once; a line of one that goes becomes all of the batter's
    std::vector<Portion> portions;
    std::vector<std::pair<LineId, PortionId>> lines = {}; // to put back into theirs
};
struct SetMixing {
    Mixing mixing;
};
struct SetMoulds { // all of them at once
    std::vector<MouldUse> moulds;
};
struct SetCutting {
    Cutting cutting;
};
struct SetHandling {
    Handling handling;
};
struct SetHeatPlan {
    std::optional<HeatPlan> heat;
};
struct SetWay { // through the day
    DayWay way;
};
struct SetAcknowledged { // all of them at once
    std::vector<Acknowledged> acknowledged;
};
// Settings are set whole; field says which one the maker touched.
enum class SettingField {
    Superfat,
    PotassiumShare,
    Split,
    HiddenFat,
    Basis,
    Fixed,
    Sodium,
    Potassium,
    Liquid,
    Convention,
    JugRatio,
    JugTemperature,
    SecondJug
};
struct SetLye {
    SettingField field;
    LyeSettings lye;
};
struct SetLiquid {
    SettingField field;
    LiquidSettings liquid;
};
struct SetOilsTotal {
    Mass total;
};
enum class TextField { Name, Maker, Notes };
struct SetText {
    TextField field;
    std::string text;
};

using Edit = std::variant<AddLine, RemoveLine, SetAmount, MoveLine, SetFrozen, SetAllWater,
                          SetMaterial, SetLye, SetLiquid, SetOilsTotal, SetText, SetLocked,
                          SetPortion, SetSolvent, SetPortions, SetMixing, SetMoulds, SetCutting,
                          SetHandling, SetHeatPlan, SetWay, SetAcknowledged>;

// Applies the edit and returns the one that takes it back. An edit that names a line that is not
// there, an id that is, or a new amount for a locked line changes nothing and returns nothing.
std::optional<Edit> apply(Formula& formula, const Edit& edit);

} // namespace rhexion
