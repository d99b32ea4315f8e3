#include "standin/standin.h"

#include "devices/line_protocol.h"

#include <algorithm>
#include <cerrno>
#include <cmath>
#include <cstdio>
#include <cstdlib>
#include <cstring>
#include <sstream>

#include <fcntl.h>
#include <termios.h>
#include <unistd.h>

namespace rhexion::standin {

namespace {

constexpr double gramsPerOunce = 28.349523125;
constexpr double mostGrams = 6000.0; // what the pan carries

} // namespace

Standin::~Standin()
{
    unplug();
}

bool Standin::plugIn()
{
    master_ = posix_openpt(O_RDWR | O_NOCTTY | O_NONBLOCK);
    if (master_ < 0 || grantpt(master_) != 0 || unlockpt(master_) != 0) {
        std::fprintf(stderr, "no pseudo-terminal: %s\n", std::strerror(errno));
        return false;
    }
    path_ = ptsname(master_);
    // Raw: nothing is echoed back, no end of line is changed.
    termios raw{};
    if (tcgetattr(master_, &raw) == 0) {
        cfmakeraw(&raw);
        tcsetattr(master_, TCSANOW, &raw);
    }
    if (!s_.link.empty()) {
        ::unlink(s_.link.c_str());
        if (::symlink(path_.c_str(), s_.link.c_str()) != 0) {
            std::fprintf(stderr, "%s: %s\n", s_.link.c_str(), std::strerror(errno));
            return false;
        }
    }
    return true;
}

void Standin::unplug()
{
    if (master_ >= 0)
        ::close(master_);
    master_ = -1;
    if (!s_.link.empty())
        ::unlink(s_.link.c_str());
}

bool Standin::obey(const std::string& line)
{
    std::istringstream in(line);
    std::string word;
    in >> word;
    double a = 0.0;
    double b = 0.0;
    const bool one = static_cast<bool>(in >> a);
    const bool two = one && static_cast<bool>(in >> b);
    constexpr double usualSlip = 0.004;
    if (word == "pour" && one)
        person_.pour(a, two ? b : usualSlip * std::abs(dice_.normal()) * 0.5);
    else if (word == "put" && one)
        person_.put(a);
    else if (word == "empty")
        person_.put(-person_.lying());
    else if (word == "zero")
        zero_ = person_.shows();
    else if (word == "bump")
        person_.bump();
    else if (word == "drift" && one)
        person_.drift(a);
    else if (word == "silence" && one)
        silent_ = a;
    else if (word == "garbage")
        garbage_ = !one || a != 0.0;
    else if (word == "flood" && one)
        flood_ = a;
    else if (word == "ounces")
        ounces_ = true;
    else if (word == "grams")
        ounces_ = false;
    else if (word == "die")
        dead_ = true;
    else if (word == "unplug") {
        unplug();
        unplugged_ = one ? a : 1e9;
    } else if (word == "room" && one)
        room_ = a;
    else if ((word == "jug" || word == "pot") && two) {
        // By how much the logarithm of what it is above the room falls a second.
        heat::Cooling curve({a, std::log(b), room_}, {});
        (word == "jug" ? jug_ : pot_) = curve;
        (word == "jug" ? jugSince_ : potSince_) = seconds_;
    } else if (word == "quit")
        return false;
    else if (!word.empty())
        std::fprintf(stderr, "not understood: %s\n", line.c_str());
    return true;
}

void Standin::write(const std::string& text)
{
    // What does not fit is lost, as on a real wire.
    if (master_ >= 0 && ::write(master_, text.data(), text.size()) < 0 && errno != EAGAIN &&
        errno != EIO)
        std::fprintf(stderr, "write: %s\n", std::strerror(errno));
    char heard[256];
    while (master_ >= 0 && ::read(master_, heard, sizeof heard) > 0) {
    }
}

void Standin::tell()
{
    devices::Reading r;
    const double grams = person_.shows() - zero_;
    r.status = grams > mostGrams               ? devices::DeviceStatus::Overload
               : !person_.still()              ? devices::DeviceStatus::Motion
               : std::abs(grams) < s_.step / 2 ? devices::DeviceStatus::Zero
                                               : devices::DeviceStatus::Ok;
    r.unit = ounces_ ? devices::DeviceUnit::Ounce : devices::DeviceUnit::Gram;
    r.decimals = ounces_ ? 3 : 1;
    const double step = ounces_ ? 0.005 : s_.step;
    r.value = std::round((ounces_ ? grams / gramsPerOunce : grams) / step) * step;
    std::string text = dead_ ? std::string() : devices::writeLine(r) + "\r\n";
    const auto probe = [&](int which, double celsius) {
        devices::Reading t;
        t.probe = which;
        t.unit = devices::DeviceUnit::Celsius;
        t.decimals = 1;
        t.value = celsius + 0.05 * dice_.normal();
        text += devices::writeLine(t) + "\r\n";
    };
    probe(1, jug_ ? jug_->at(seconds_ - jugSince_) : room_);
    probe(2, pot_ ? pot_->at(seconds_ - potSince_) : room_);
    if (garbage_ && dice_.unit() < 0.5)
        for (char& c : text)
            if (dice_.unit() < 0.3)
                c = char(dice_.unit() * 255.0);
    write(text);
}

void Standin::pass(double milliseconds)
{
    const double seconds = milliseconds / 1000.0 * s_.speed;
    seconds_ += seconds;
    person_.pass(seconds);
    silent_ = std::max(0.0, silent_ - seconds);
    flood_ = std::max(0.0, flood_ - seconds);
    if (unplugged_ > 0.0) {
        unplugged_ -= seconds;
        if (unplugged_ <= 0.0)
            plugIn();
    }
    due_ -= milliseconds / 1000.0;
    if (flood_ > 0.0)
        for (int i = 0; i < 100; ++i)
            tell();
    if (due_ > 0.0)
        return;
    due_ += 1.0 / s_.perSecond;
    if (due_ < -1.0)
        due_ = 0.0;
    if (silent_ <= 0.0)
        tell();
}

} // namespace rhexion::standin
