// A person pouring onto a scale: scoops that get smaller near the target, a hand that overshoots a
// little, settling; and the scale itself: drift, a bump, silence. The same seed gives the same day.
#pragma once

#include <cstdint>

namespace rhexion::standin {

class Dice { // xorshift: the same everywhere
public:
    explicit Dice(std::uint64_t seed) : state_(seed * 2654435761u + 88172645463325252u) {}
    double unit(); // 0 to 1
    double normal();

private:
    std::uint64_t state_;
};

class PouringPerson {
public:
    explicit PouringPerson(std::uint64_t seed) : dice_(seed) {}

    // g to be poured on top of what lies there; off: how far past it in the end, as a share.
    void pour(double grams, double off);
    void put(double grams) { lying_ += grams; } // at once: a vessel, or a hand taken away
    void bump() { bumped_ = bumpSeconds; }
    void drift(double gramsPerMinute) { driftPerSecond_ = gramsPerMinute / 60.0; }
    bool pouring() const { return target_ > lying_; }

    // The scale after so many seconds more.
    void pass(double seconds);
    double shows() const; // g, as the pan feels it now
    bool still() const { return settle_ <= 0.0 && bumped_ <= 0.0 && !pouring(); }
    double lying() const { return lying_; }

private:
    static constexpr double bumpSeconds = 1.2;
    Dice dice_;
    double lying_ = 0.0;
    double target_ = 0.0;
    double pause_ = 0.0;
    double settle_ = 0.0; // s until it is still
    double bumped_ = 0.0;
    double driftPerSecond_ = 0.0;
    double shake_ = 0.0;
};

} // namespace rhexion::standin
