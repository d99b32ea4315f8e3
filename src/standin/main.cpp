// rhexion-standin: a scale and two thermometers on a pseudo-terminal. docs/devices.md.
#include "standin/standin.h"

#include <chrono>
#include <csignal>
#include <cstdio>
#include <cstdlib>
#include <cstring>
#include <string>

#include <poll.h>
#include <unistd.h>

namespace {

volatile std::sig_atomic_t ended = 0;

constexpr const char* usage =
    "rhexion-standin [--link PATH] [--seed N] [--speed 0.1..60] [--rate LINES] [--step GRAMS]\n"
    "  A scale and two thermometers on a pseudo-terminal; its name is the first line printed.\n"
    "  Commands on standard input, one a line:\n"
    "    pour GRAMS [OFF]   a person pours so much more, off by that share\n"
    "    put GRAMS | empty | zero\n"
    "    bump | drift GRAMS_A_MINUTE | silence SECONDS | garbage [0] | flood SECONDS\n"
    "    ounces | grams | unplug [SECONDS] | die | room C\n"
    "    jug C RATE | pot C RATE   cooling from there, RATE of the difference a second\n"
    "    quit\n";

bool number(const char* text, double low, double high, double& out)
{
    char* end = nullptr;
    const double value = std::strtod(text, &end);
    if (!end || *end != '\0' || !(value >= low && value <= high))
        return false;
    out = value;
    return true;
}

} // namespace

int main(int argc, char** argv)
{
    rhexion::standin::Settings settings;
    for (int i = 1; i < argc; ++i) {
        const std::string what = argv[i];
        const char* value = i + 1 < argc ? argv[++i] : nullptr;
        double n = 0.0;
        if (value && what == "--link")
            settings.link = value;
        else if (value && what == "--seed" && number(value, 0, 1e9, n))
            settings.seed = std::uint64_t(n);
        else if (value && what == "--speed" && number(value, 0.1, 60, n))
            settings.speed = n;
        else if (value && what == "--rate" && number(value, 1, 100, n))
            settings.perSecond = int(n);
        else if (value && what == "--step" && number(value, 0.001, 10, n))
            settings.step = n;
        else {
            std::fputs(usage, what == "--help" ? stdout : stderr);
            return what == "--help" ? 0 : 2;
        }
    }
    for (const int signal : {SIGTERM, SIGINT, SIGHUP})
        std::signal(signal, [](int) { ended = 1; });
    rhexion::standin::Standin standin(settings);
    if (!standin.plugIn())
        return 1;
    std::printf("%s\n", standin.path().c_str());
    std::fflush(stdout);
    constexpr int tick = 10; // ms
    std::string line;
    auto last = std::chrono::steady_clock::now();
    while (!ended) {
        pollfd in{STDIN_FILENO, POLLIN, 0};
        const int got = ::poll(&in, 1, tick);
        if (got > 0) {
            char buffer[512];
            const ssize_t n = ::read(STDIN_FILENO, buffer, sizeof buffer);
            if (n <= 0)
                break; // whoever began it is gone
            for (ssize_t i = 0; i < n; ++i) {
                if (buffer[i] != '\n') {
                    if (line.size() < 500)
                        line += buffer[i];
                    continue;
                }
                if (!standin.obey(line))
                    return 0;
                line.clear();
            }
        }
        const auto now = std::chrono::steady_clock::now();
        standin.pass(std::chrono::duration<double, std::milli>(now - last).count());
        last = now;
    }
    return 0;
}
