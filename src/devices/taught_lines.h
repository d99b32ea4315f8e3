// Lines of a scale that speaks its own way, learnt from examples: the maker marks number, unit and
// the word for stable in one line; what is alike in all examples must be so, what differs may.
#pragma once

#include "devices/reading.h"

#include <string>
#include <string_view>
#include <variant>
#include <vector>

namespace rhexion::devices {

struct Marked { // bytes of the first example, from until; nothing marked: both 0
    std::size_t from = 0;
    std::size_t until = 0;
    bool any() const { return until > from; }
};
struct Lesson {
    std::vector<std::string> examples; // two to ten; the first is the one that was marked
    Marked number;
    Marked unit;   // none: unitAlways
    Marked stable; // none: stability is judged by us alone
    DeviceUnit unitAlways = DeviceUnit::Unknown;
};

struct Token {
    enum class Kind { Same, Any, Number, Unit, Stable };
    Kind kind = Kind::Same;
    std::string text; // of Same, and the word that means stable
    friend bool operator==(const Token&, const Token&) = default;
};
struct TaughtLines {
    std::vector<Token> tokens;
    DeviceUnit unitAlways = DeviceUnit::Unknown;
    friend bool operator==(const TaughtLines&, const TaughtLines&) = default;
};

enum class LessonFault {
    TooFewExamples,
    NoNumber,       // what is marked as the number is none
    NoUnit,         // neither marked nor said, or not one we know
    DifferentShape, // an example has more or fewer parts than the first
    MarkCutsAWord   // a mark begins or ends inside a part
};
std::variant<TaughtLines, LessonFault> learn(const Lesson& lesson);

std::optional<Reading> readTaught(const TaughtLines& pattern, std::string_view line,
                                  std::int64_t at);

// As one line of text for settings, and back; nothing for what is none.
std::string toText(const TaughtLines& pattern);
std::optional<TaughtLines> fromText(std::string_view text);

} // namespace rhexion::devices
