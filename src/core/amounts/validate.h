// What must hold before a formula is summed.
#pragma once

#include "core/amounts/refusal.h"
#include "core/formula/edit.h"

#include <optional>

namespace rhexion {

// The first thing that cannot be summed, or nothing. Also checks amounts against each other.
std::optional<Refusal> validate(const Formula& formula);

// Why an edit cannot be made: it would leave something that no file can hold, such as a superfat of
// 100 %, a name of 501 letters or a 1001st line. What a formula may hold but cannot be reckoned
// with is told by validate() when it is there.
std::optional<Refusal> refusalOf(const Formula& formula, const Edit& edit);

} // namespace rhexion
