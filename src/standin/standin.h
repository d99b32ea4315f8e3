// A scale and two thermometers on a pseudo-terminal, for demo, rehearsal and tests: they go the
// real serial road. Commands come as lines of text, docs/devices.md lists them.
#pragma once

#include "core/heat/cooling.h"
#include "standin/pouring_person.h"

#include <optional>
#include <string>

namespace rhexion::standin {

struct Settings {
    std::string link; // a name beside the terminal's own that stays when it is plugged anew
    std::uint64_t seed = 1;
    double speed = 1.0; // 0.1 to 60
    int perSecond = 10; // lines of each device
    double step = 0.1;  // g
};

class Standin {
public:
    explicit Standin(Settings settings)
        : s_(std::move(settings)), person_(s_.seed), dice_(s_.seed + 1)
    {
    }
    ~Standin();

    // Opens the terminal; false says why on the error output.
    bool plugIn();
    void unplug();
    // One line from whoever plays with it; false: it wants to end.
    bool obey(const std::string& line);
    // Lets so many real milliseconds pass and writes what is due.
    void pass(double milliseconds);
    const std::string& path() const { return path_; }

private:
    void write(const std::string& text);
    void tell();
    double jugCelsius() const;
    double potCelsius() const;

    Settings s_;
    PouringPerson person_;
    Dice dice_;
    int master_ = -1;
    std::string path_;
    double zero_ = 0.0;
    double seconds_ = 0.0;   // of its own day
    double due_ = 0.0;       // s until the next line
    double silent_ = 0.0;    // s
    double unplugged_ = 0.0; // s
    double flood_ = 0.0;     // s
    bool garbage_ = false;
    bool ounces_ = false;
    bool dead_ = false;
    std::optional<heat::Cooling> jug_;
    std::optional<heat::Cooling> pot_;
    double jugSince_ = 0.0;
    double potSince_ = 0.0;
    double room_ = 20.0;
};

} // namespace rhexion::standin
