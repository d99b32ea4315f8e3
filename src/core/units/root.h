// Where a continuous function of one number crosses 0 between two bounds. Boost.Math's toms748
// (Alefeld, Potra and Shi, ACM TOMS algorithm 748).
#pragma once

#include <functional>

namespace rhexion::seek {

enum class Outcome {
    Found,
    NotReached, // no change of sign; at is the bound that comes nearest
    Outside     // the bounds or the function are no numbers
};

struct Root {
    Outcome outcome = Outcome::Outside;
    double at = 0.0;
    double value = 0.0; // of the function there
};

// low < high. Stops where the bracket is narrower than 1e-12 of its ends.
Root root(const std::function<double(double)>& of, double low, double high);

} // namespace rhexion::seek
