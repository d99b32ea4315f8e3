// Whether a weight may be taken: what the scale says, and the spread over the last second against
// its own step. A weight that is not steady, not in a known unit or not of this second never is.
#pragma once

#include "devices/reading.h"

#include <deque>

namespace rhexion::devices {

enum class Steady {
    NoReading,  // none within the last second
    NoUnit,     // or one that is no mass
    OutOfRange, // over, under or at fault
    Moving,
    Yes
};

struct LiveWeight {
    Steady steady = Steady::NoReading;
    double grams = 0.0; // meaningless where there is no reading or unit
    double step = 0.1;  // g
    std::int64_t at = 0;
};

class Steadiness {
public:
    // A unit that changes, or a clock that jumps, begins anew.
    void take(const Reading& reading);
    void forget() { last_.clear(); }
    LiveWeight now(std::int64_t at) const;

    static constexpr std::int64_t fresh = 1000;     // ms a reading counts
    static constexpr std::int64_t longEnough = 600; // ms it must have been still
    static constexpr std::size_t fewest = 3;        // readings in that time
    static constexpr std::size_t most = 64;         // kept, however fast they come

private:
    std::deque<Reading> last_;
};

} // namespace rhexion::devices
