// How long texts and lists may be. Checked where a value is made, by the fields a person types into
// and by every reader, so that nothing can be written that cannot be read again. Texts are counted
// in UTF-16 units, as text fields count.
#pragma once

#include <cstddef>
#include <string_view>

namespace rhexion::limits {

inline constexpr std::size_t id = 200;
inline constexpr std::size_t materialName = 200;
inline constexpr std::size_t materialNote = 2000;
inline constexpr std::size_t otherNames = 50;
inline constexpr std::size_t measures = 60;
inline constexpr std::size_t measureName = 200;
inline constexpr std::size_t behaviours = 40;
inline constexpr std::size_t sourceId = 700; // an id, a measure's name and what joins them
inline constexpr std::size_t sourceText = 2000;
inline constexpr std::size_t formulaName = 500;
inline constexpr std::size_t maker = 500;
inline constexpr std::size_t notes = 100000;
inline constexpr std::size_t lines = 1000;
inline constexpr std::size_t portions = 24;
inline constexpr std::size_t acknowledged = 1000; // cautions
inline constexpr std::size_t portionName = 200;
inline constexpr std::size_t mould = 200;
inline constexpr std::size_t moulds = 40; // that one batch goes into
inline constexpr std::size_t factorsOff = 40;
inline constexpr std::size_t lotText = 2000; // supplier, notes of a jar
inline constexpr std::size_t journalNote = 20000;
inline constexpr std::size_t cautionFigures = 8;
inline constexpr std::size_t dangerWhy = 500; // why a maker goes on all the same
inline constexpr std::size_t benchName = 60;
inline constexpr std::size_t timerName = 200;
inline constexpr std::size_t ownStep = 500; // of a maker's day

// UTF-16 units of UTF-8 text.
std::size_t length(std::string_view utf8);
inline bool fits(std::string_view utf8, std::size_t most)
{
    return utf8.size() <= most || length(utf8) <= most;
}

} // namespace rhexion::limits
