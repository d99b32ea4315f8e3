// What can happen to a batch after its day: seen, done, judged, weighed, tested, photographed, said
// and moved. Each is an event with the day it is of, which may lie before the day it was written.
#pragma once

#include "core/after/free_alkali.h"

#include <array>
#include <cstdint>
#include <optional>
#include <span>
#include <string>
#include <variant>
#include <vector>

namespace rhexion {

enum class Seen {
    QuickTrace,
    SlowTrace,
    FalseTrace,
    Riced,
    Seized,
    Separated,
    FullGel,
    PartialGel,
    NoGel,
    Crack,
    Volcano,
    Ash,
    Sweat,
    Crumble,
    DragMarks,
    Spots,
    LyePocket,
    Tunnels,
    Soft,
    Stuck
};
const char* codeOf(Seen seen);
std::optional<Seen> seenFromCode(const std::string& code);
bool isMishap(Seen seen); // gel, full or none, is none
// After which a bar is tested before anything else is said of it.
bool wantsTest(Seen seen);

enum class Care { Unmoulded, Cut, Stamped, Turned, LookedAt, Wrapped };
const char* codeOf(Care care);
std::optional<Care> careFromCode(const std::string& code);

enum class Quality { Lather, Feel, ScentKept, Hardness };
const char* codeOf(Quality quality);
std::optional<Quality> qualityFromCode(const std::string& code);

enum class PhotoOf { AsPoured, NextDay, Cured, Other };
const char* codeOf(PhotoOf of);
std::optional<PhotoOf> photoOfFromCode(const std::string& code);

enum class Verdict { Again, WithChange, NotAgain };
const char* codeOf(Verdict verdict);
std::optional<Verdict> verdictFromCode(const std::string& code);

enum class BarsTo { Sold, Given, Kept, Tested, Spoiled };
const char* codeOf(BarsTo to);
std::optional<BarsTo> barsToFromCode(const std::string& code);

struct OutcomeSeen {
    Seen what = Seen::Crack;
};
struct CareDone {
    Care what = Care::Unmoulded;
    int bars = 0;                           // that came of cutting; 0: not counted
    std::array<double, 3> barMillimetres{}; // 0: not measured
};
struct Judged {
    Quality what = Quality::Lather;
    int of5 = 3; // 1 to 5
};
struct StripRead {
    double ph = 10.0; // 0 to 14
};
struct BarsWeighed {
    double grams = 0.0; // all together, above 0
    int count = 1;      // 1 to mostBars
    double step = 1.0;  // of the scale, g
    std::string tray;   // which; the same bars carry the same word
};
struct AlkaliTested {
    // The last: a drop of phenolphthalein on a fresh face, pink or not.
    std::variant<CausticTitration, TotalTitration, bool> how;
};
struct PhotoKept {
    std::string file; // in the photographs' folder
    PhotoOf of = PhotoOf::Other;
    std::optional<std::uint32_t> colour; // 0xRRGGBB, sampled
    std::string words;
};
struct VerdictGiven {
    Verdict verdict = Verdict::Again;
    std::string words;
};
struct LessonKept {
    std::string words;
    std::vector<std::string> materials; // ids it is about; two: the pair
    std::string mould;                  // its name
    std::string setting = {};           // a fact of core/after/facts.h: "strength:high"
};
struct LessonRetired { // named by its event, which may be another batch's
    std::string event;
};
struct NextChange {
    std::string words;
};
struct BarsMoved {
    BarsTo to = BarsTo::Sold;
    int count = 1;
    std::optional<double> minor; // what they brought, in minor units
};
struct CodeGiven {
    std::string code;
};

using AfterWhat =
    std::variant<OutcomeSeen, CareDone, Judged, StripRead, BarsWeighed, AlkaliTested, PhotoKept,
                 VerdictGiven, LessonKept, LessonRetired, NextChange, BarsMoved, CodeGiven>;

struct After {
    std::int64_t on = 0; // ms since 1970, UTC: when it was so
    AfterWhat what;
    std::uint32_t portion = 0; // of a split batter; 0: all of it
};

// What a person wrote with it, to be found by.
std::string wordsIn(const AfterWhat& what);

// One that still counts.
struct AfterAt {
    std::string event; // names it for TakenBack
    std::int64_t on = 0;
    std::int64_t written = 0;
    AfterWhat what;
    std::uint32_t portion = 0;
};

namespace limits {
inline constexpr int mostBars = 10'000;
inline constexpr std::size_t mostAboutMaterials = 10;
} // namespace limits

// The last of a kind among those; nothing if there is none. They stand in the order of their days.
template <typename What>
const What* lastOf(std::span<const AfterAt> all)
{
    const What* found = nullptr;
    for (const AfterAt& a : all)
        if (const What* w = std::get_if<What>(&a.what))
            found = w;
    return found;
}

} // namespace rhexion
