#include "core/formula/heat_plan.h"

#include "core/units/enum_count.h"

namespace rhexion {

namespace {

template <class Enum>
using Codes = std::array<const char*, countOf<Enum>()>;

constexpr Codes<VesselStuff> stuffs{"steel",   "polypropylene", "glass",
                                    "ceramic", "aluminium",     "other-plastic"};
constexpr Codes<MouldWall> walls{"wood", "silicone", "plastic", "acrylic",
                                 "card", "ceramic",  "pipe",    "wood-with-liner"};
constexpr Codes<MouldCover> covers{"open", "lid", "towel", "box", "fridge", "freezer", "oven"};
constexpr Codes<TraceStage> traces{"emulsion", "light", "medium", "thick"};
constexpr Codes<MeetingSchool> schools{"own-range", "room",       "near-38",
                                       "warm",      "within-six", "hot-process"};

} // namespace

const char* codeOf(VesselStuff stuff)
{
    return stuffs[static_cast<std::size_t>(stuff)];
}
const char* codeOf(MouldWall wall)
{
    return walls[static_cast<std::size_t>(wall)];
}
const char* codeOf(MouldCover cover)
{
    return covers[static_cast<std::size_t>(cover)];
}
const char* codeOf(TraceStage trace)
{
    return traces[static_cast<std::size_t>(trace)];
}
const char* codeOf(MeetingSchool school)
{
    return schools[static_cast<std::size_t>(school)];
}
std::optional<VesselStuff> vesselStuffFromCode(const std::string& code)
{
    return valueWithCode<VesselStuff>(stuffs, code);
}
std::optional<MouldWall> mouldWallFromCode(const std::string& code)
{
    return valueWithCode<MouldWall>(walls, code);
}
std::optional<MouldCover> mouldCoverFromCode(const std::string& code)
{
    return valueWithCode<MouldCover>(covers, code);
}
std::optional<TraceStage> traceStageFromCode(const std::string& code)
{
    return valueWithCode<TraceStage>(traces, code);
}
std::optional<MeetingSchool> meetingSchoolFromCode(const std::string& code)
{
    return valueWithCode<MeetingSchool>(schools, code);
}

std::optional<Cannot> faultOf(const HeatPlan& p)
{
    struct Row {
        const char* item;
        double value, least, most;
    };
    for (const Row& row : {Row{"room", p.room, -10.0, 50.0},
                           {"vessel", p.jug.grams, 0.0, 50000.0},
                           {"vessel", p.pot.grams, 0.0, 50000.0},
                           {"portions", double(p.portions), 1.0, 24.0},
                           {"pause", p.pauseMinutes, 0.0, 120.0},
                           {"liquid", p.liquid, -10.0, 100.0},
                           {"chilled", p.chilled, -10.0, 100.0},
                           {"frozen", p.frozen, -40.0, 0.0},
                           {"jug-ice", p.jugIce, 0.0, 1.0},
                           {"melted", p.melted, 20.0, 120.0},
                           {"pot-after", p.potAfterMinutes.value_or(0.0), 0.0, 720.0},
                           {"blending", p.blendingSeconds, 0.0, 7200.0},
                           {"oven-off", p.ovenOffHours.value_or(0.0), 0.0, 168.0},
                           {"power", p.cook.power, 0.0, 20000.0},
                           {"setpoint", p.cook.setpoint, 30.0, 150.0},
                           {"diameter-open", p.cook.width, 3.0, 150.0},
                           {"open-share", p.cook.openShare, 0.0, 1.0},
                           {"cook-minutes", p.cook.minutes, 1.0, 1440.0}})
        if (!(row.value >= row.least && row.value <= row.most))
            return Cannot{CannotCode::OutOfRange, row.item, {row.least, row.most}};
    if (p.covers.empty() || p.covers.size() > mostCovers || p.covers.front().fromHour != 0.0)
        return Cannot{CannotCode::LateFirstCover, "cover", {}};
    double hour = 0.0;
    for (const CoverStep& step : p.covers) {
        if (!(step.fromHour >= hour && step.fromHour <= 168.0))
            return Cannot{CannotCode::OutOfRange, "cover-hour", {0.0, 168.0}};
        if (step.place && !(*step.place >= -40.0 && *step.place <= 150.0))
            return Cannot{CannotCode::OutOfRange, "temperature", {-40.0, 150.0}};
        hour = step.fromHour;
    }
    return std::nullopt;
}

} // namespace rhexion
