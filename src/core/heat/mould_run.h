// Soap in its mould: heat of saponification and conduction over a cross-section, with its walls,
// covers and places. An estimate. The scheme is in docs/heat.md, "The sums in short".
#pragma once

#include "core/heat/batter.h"
#include "core/units/quantity.h"

#include <array>
#include <functional>
#include <optional>
#include <vector>

namespace rhexion::heat {

struct WallFacts {
    double thickness = 0.018;   // m
    double conductivity = 0.13; // W/(m K)
    double capacity = 0.80e6;   // J/(m3 K)
};
const WallFacts& factsOf(MouldWall wall);

struct CoverFacts {
    std::array<double, 3> resistance{}; // m2 K/W: top, side, foot
    std::array<double, 3> film{};       // W/(m2 K): top, side, foot
    std::optional<double> place;        // C; the room where there is none
    bool oven = false;
};
const CoverFacts& factsOf(MouldCover cover);

struct CoverStage {
    CoverFacts facts;
    double fromHour = 0.0;
    std::optional<double> place; // C, instead of the cover's own
};

// Metres. A box's cross-section is its shorter side by the height of the batter.
struct MouldSetup {
    bool cylinder = false; // width is the diameter, length has no meaning
    double width = 0.08;
    double height = 0.065;
    double length = 0.0; // 0: without ends
    WallFacts wall;
    std::vector<CoverStage> covers; // in order of their hours, the first at 0
    double room = 20.0;
    std::optional<double> wallCelsius;  // the room
    std::optional<double> ovenOffHours; // held if nothing
    double lossFactor = 1.0;            // 0.6 for cells of a block: they warm each other
};
// Sides outside 5 mm to 1 m, temperatures outside -40 to 150 C, covers out of order.
std::optional<Cannot> faultOf(const MouldSetup& setup);

struct MouldRow {
    double seconds = 0.0;
    double core = 0.0; // C, the warmest cell
    double skin = 0.0; // the coolest of the middles of side, top and foot
    double mean = 0.0;
    double saponified = 0.0; // share of all
    double gelShare = 0.0;   // of the volume, gelled by then
};

enum class Gel { None, Partial, Full };
enum class CoreRisk { Low, Watch, Crack, Volcano };
const char* codeOf(Gel gel);
const char* codeOf(CoreRisk risk);

struct MouldOptions {
    double hours = 48.0; // 0 to 168
    int across = 20;     // cells over half the width, or the radius
    int up = 40;         // over the height
    Knobs knobs;
    double finest = 7.5; // s
    double coarsest = 480.0;
    double largestChange = 0.5; // C a step; more halves it
    bool reacts = true;
    double sampleSeconds = 300.0;
    bool fields = false; // keep the cross-section at every row
    std::function<bool()> cancelled;
};

struct MouldRun {
    std::vector<MouldRow> rows;
    // C of each cell at each row, from the middle (the axis) outwards, column by column, each from
    // the foot up.
    std::vector<std::vector<float>> fields;
    int across = 0;
    int up = 0;
    double gelTemperature = 0.0;
    std::optional<double> gelStart; // s
    std::optional<double> gelFull;
    double peak = 0.0;
    double peakSeconds = 0.0;
    double widestGap = 0.0; // core less skin
    double steamGrams = 0.0;
    double driedGrams = 0.0;
    double imbalance = 0.0; // of the heat: what the sums lost or gained
    int steps = 0;
    Gel gel = Gel::None;
    double gelShare = 0.0;
    CoreRisk risk = CoreRisk::Low;
    std::optional<double> coolSeconds;    // core within 5 C of the room for good
    std::optional<double> ninetySeconds;  // nine tenths saponified
    std::optional<double> unmouldSeconds; // not before: the later of the two
    double firstLookSeconds = 900.0;

    double at(double hour, double MouldRow::*what) const;
};
// Neither batter nor setup may have a fault. Nothing if cancelled.
std::optional<MouldRun> runMould(const Batter& batter, const MouldSetup& setup, double pouredAt,
                                 TraceStage trace, const MouldOptions& options = {});

// Cool corner, typical, hot corner: meant as about 5 to 95 %.
inline constexpr Knobs coolCorner{0.6, 1.25, 0.92};
inline constexpr Knobs hotCorner{1.7, 0.80, 1.08};
struct MouldBand {
    MouldRun cool;
    MouldRun typical;
    MouldRun hot;
    enum class Likely { No, May, Yes };
    Likely gelLikely() const;
    bool mayRing() const { return typical.gel == Gel::Partial; }
    Interval peak() const;
    double firstLook() const { return hot.firstLookSeconds; }
};
// learnt is what the maker's own readings say: the corners lie around it.
std::optional<MouldBand> mouldBand(const Batter& batter, const MouldSetup& setup, double pouredAt,
                                   TraceStage trace, MouldOptions options = {});

} // namespace rhexion::heat
