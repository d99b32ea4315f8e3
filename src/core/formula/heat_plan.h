// How a maker plans the warmth of a batch: what the jug and pot are, how lye goes in, what the
// mould is made of and how it is covered. None of it changes a reckoned gram; all forecasts of heat
// are reckoned from it. One of the maker's own is used for formulas that have none.
#pragma once

#include "core/units/cannot.h"

#include <array>
#include <optional>
#include <string>
#include <vector>

namespace rhexion {

enum class VesselStuff { Steel, Polypropylene, Glass, Ceramic, Aluminium, OtherPlastic };
enum class MouldWall { Wood, Silicone, Plastic, Acrylic, Card, Ceramic, Pipe, WoodWithLiner };
enum class MouldCover { Open, Lid, Towel, Box, Fridge, Freezer, Oven };
enum class TraceStage { Emulsion, Light, Medium, Thick };
// Schools of how warm jug and pot are when they meet.
enum class MeetingSchool { OwnRange, Room, Near38, Warm, WithinSix, HotProcess };

struct VesselPlan {
    VesselStuff stuff = VesselStuff::Polypropylene;
    double grams = 150.0; // empty, 0 to 50000
    friend bool operator==(const VesselPlan&, const VesselPlan&) = default;
};

struct CoverStep {
    MouldCover cover = MouldCover::Towel;
    double fromHour = 0.0;       // 0 to 168, in order; the first at 0
    std::optional<double> place; // C, instead of the cover's own
    friend bool operator==(const CoverStep&, const CoverStep&) = default;
};

struct CookPlan {
    double power = 160.0;    // W at this setting, 0 to 20000
    double setpoint = 88.0;  // C at which the heat goes off, 30 to 150
    double width = 20.0;     // cm, of the open pot, 3 to 150
    double openShare = 0.15; // of the time the lid is off, 0 to 1
    double minutes = 90.0;   // 1 to 1440
    friend bool operator==(const CookPlan&, const CookPlan&) = default;
};

struct HeatPlan {
    double room = 20.0; // C, -10 to 50
    // The jug.
    VesselPlan jug;
    // Little by little, as every jug is best made: common practice.
    int portions = 12;         // of lye, 1 to 24
    double pauseMinutes = 1.0; // 0 to 120
    double liquid = 20.0;      // C of water and what else stands in the room, -10 to 100
    double chilled = 4.0;      // C of milk and egg that is not frozen, -10 to 100
    double frozen = -18.0;     // C of what is frozen, -40 to 0
    bool iceBath = false;
    double jugIce = 0.0; // share of the jug's own water that goes in as ice, 0 to 1
    // The pot: hard fats are melted to a temperature, the rest is as warm as the room.
    VesselPlan pot{VesselStuff::Steel, 800.0};
    double melted = 70.0; // C, 20 to 120
    // After the jug is hottest the pot is melted and mixed, 0 to 720 minutes; nothing: when it
    // suits, so that both come into the window together.
    std::optional<double> potAfterMinutes;
    // The meeting.
    MeetingSchool school = MeetingSchool::OwnRange;
    TraceStage trace = TraceStage::Light;
    double blendingSeconds = 180.0; // 0 to 7200
    // The mould.
    MouldWall wall = MouldWall::WoodWithLiner;
    bool cupsApart = false; // cavities stand apart and cool each by itself
    std::vector<CoverStep> covers{CoverStep{}};
    std::optional<double> ovenOffHours; // after which an oven is switched off; held if nothing
    CookPlan cook;
    friend bool operator==(const HeatPlan&, const HeatPlan&) = default;
};
inline constexpr std::size_t mostCovers = 8;
// What is out of its range, or nothing.
std::optional<Cannot> faultOf(const HeatPlan& plan);

const char* codeOf(VesselStuff stuff);
const char* codeOf(MouldWall wall);
const char* codeOf(MouldCover cover);
const char* codeOf(TraceStage trace);
const char* codeOf(MeetingSchool school);
std::optional<VesselStuff> vesselStuffFromCode(const std::string& code);
std::optional<MouldWall> mouldWallFromCode(const std::string& code);
std::optional<MouldCover> mouldCoverFromCode(const std::string& code);
std::optional<TraceStage> traceStageFromCode(const std::string& code);
std::optional<MeetingSchool> meetingSchoolFromCode(const std::string& code);

} // namespace rhexion
