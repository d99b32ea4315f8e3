// "I have already ...": what the bowl holds after a slip of hand, and what to add in which order.
#pragma once

#include "core/makeday/as_weighed.h"

namespace rhexion {

enum class SlipKind {
    AcidForgotten,   // lye was weighed without the part that acids take; line 0: all acids
    LyeTimes,        // amount: how many times the planned lye went in
    WrongCitricForm, // line: anhydrous went in for monohydrate, or the other way round
    LineMissing,     // line: it was left out
    LineExtra,       // line; amount: g too much, stirred in already
    AcidAddedLate    // amount: g of the material, which is not in the formula
};

struct Slip {
    SlipKind kind;
    LineId line = 0;
    double amount = 0.0;
    MaterialPtr material; // for AcidAddedLate
};

struct AfterSlip {
    AsWeighed bowl; // what is in it now, and the mends in their order
    // So much would have to be added that the batch is better stopped and discarded safely: more
    // oil than half of what is there (common practice, no source).
    bool tooFar = false;
};

// Refuses a slip that cannot be (a line that is not there or is no citric acid, an amount that is
// not above 0) as BadMass.
std::variant<AfterSlip, Refusal> afterSlip(const Formula& formula, const Reckoning& planned,
                                           const Slip& slip);

} // namespace rhexion
