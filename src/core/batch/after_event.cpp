#include "core/batch/after_event.h"

#include "core/units/enum_count.h"

namespace rhexion {

namespace {

constexpr std::array<const char*, countOf<Seen>()> seenCodes{
    "quick-trace", "slow-trace", "false-trace", "riced",   "seized", "separated", "full-gel",
    "partial-gel", "no-gel",     "crack",       "volcano", "ash",    "sweat",     "crumble",
    "drag-marks",  "spots",      "lye-pocket",  "tunnels", "soft",   "stuck"};
constexpr std::array<const char*, countOf<Care>()> careCodes{"unmoulded", "cut",       "stamped",
                                                             "turned",    "looked-at", "wrapped"};
constexpr std::array<const char*, countOf<Quality>()> qualityCodes{"lather", "feel", "scent-kept",
                                                                   "hardness"};
constexpr std::array<const char*, countOf<PhotoOf>()> photoCodes{"as-poured", "next-day", "cured",
                                                                 "other"};
constexpr std::array<const char*, countOf<Verdict>()> verdictCodes{"again", "with-change",
                                                                   "not-again"};
constexpr std::array<const char*, countOf<BarsTo>()> barsCodes{"sold", "given", "kept", "tested",
                                                               "spoiled"};

} // namespace

const char* codeOf(Seen v)
{
    return seenCodes[static_cast<std::size_t>(v)];
}
std::optional<Seen> seenFromCode(const std::string& code)
{
    return valueWithCode<Seen>(seenCodes, code);
}
const char* codeOf(Care v)
{
    return careCodes[static_cast<std::size_t>(v)];
}
std::optional<Care> careFromCode(const std::string& code)
{
    return valueWithCode<Care>(careCodes, code);
}
const char* codeOf(Quality v)
{
    return qualityCodes[static_cast<std::size_t>(v)];
}
std::optional<Quality> qualityFromCode(const std::string& code)
{
    return valueWithCode<Quality>(qualityCodes, code);
}
const char* codeOf(PhotoOf v)
{
    return photoCodes[static_cast<std::size_t>(v)];
}
std::optional<PhotoOf> photoOfFromCode(const std::string& code)
{
    return valueWithCode<PhotoOf>(photoCodes, code);
}
const char* codeOf(Verdict v)
{
    return verdictCodes[static_cast<std::size_t>(v)];
}
std::optional<Verdict> verdictFromCode(const std::string& code)
{
    return valueWithCode<Verdict>(verdictCodes, code);
}
const char* codeOf(BarsTo v)
{
    return barsCodes[static_cast<std::size_t>(v)];
}
std::optional<BarsTo> barsToFromCode(const std::string& code)
{
    return valueWithCode<BarsTo>(barsCodes, code);
}

std::string wordsIn(const AfterWhat& what)
{
    if (const auto* photo = std::get_if<PhotoKept>(&what))
        return photo->words;
    if (const auto* verdict = std::get_if<VerdictGiven>(&what))
        return verdict->words;
    if (const auto* lesson = std::get_if<LessonKept>(&what))
        return lesson->words;
    if (const auto* next = std::get_if<NextChange>(&what))
        return next->words;
    if (const auto* code = std::get_if<CodeGiven>(&what))
        return code->code;
    return {};
}

bool isMishap(Seen seen)
{
    return seen != Seen::FullGel && seen != Seen::NoGel;
}

bool wantsTest(Seen seen)
{
    return seen == Seen::Riced || seen == Seen::Separated || seen == Seen::Spots ||
           seen == Seen::LyePocket;
}

} // namespace rhexion
