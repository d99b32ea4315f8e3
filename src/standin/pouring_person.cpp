#include "standin/pouring_person.h"

#include <algorithm>
#include <cmath>

namespace rhexion::standin {

namespace {

constexpr double settling = 0.9;     // s after a scoop
constexpr double scoop = 0.55;       // of what is missing, at most
constexpr double largestScoop = 150; // g
constexpr double smallestScoop = 0.1;

} // namespace

double Dice::unit()
{
    state_ ^= state_ << 13;
    state_ ^= state_ >> 7;
    state_ ^= state_ << 17;
    return double(state_ >> 11) / 9007199254740992.0;
}

double Dice::normal()
{
    double sum = 0.0;
    for (int i = 0; i < 12; ++i)
        sum += unit();
    return sum - 6.0;
}

void PouringPerson::pour(double grams, double off)
{
    target_ = lying_ + grams * (1.0 + off);
    pause_ = 0.3;
}

void PouringPerson::pass(double seconds)
{
    lying_ += driftPerSecond_ * seconds;
    target_ += driftPerSecond_ * seconds;
    settle_ = std::max(0.0, settle_ - seconds);
    bumped_ = std::max(0.0, bumped_ - seconds);
    shake_ = dice_.normal();
    pause_ -= seconds;
    while (pause_ <= 0.0 && pouring()) {
        const double missing = target_ - lying_;
        const double much =
            std::clamp(missing * scoop * (0.7 + 0.6 * dice_.unit()), smallestScoop, largestScoop);
        lying_ = std::min(target_, lying_ + much);
        settle_ = settling;
        pause_ += 0.35 + 0.4 * dice_.unit();
    }
}

double PouringPerson::shows() const
{
    const double hand = settle_ > 0.0 ? 0.4 * shake_ * settle_ : 0.0;
    const double bump = bumped_ > 0.0 ? 35.0 * std::sin(bumped_ * 20.0) : 0.0;
    return lying_ + hand + bump;
}

} // namespace rhexion::standin
