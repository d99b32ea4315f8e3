#include "app/end_signals.h"

#include <QSocketNotifier>

#include <array>
#include <csignal>
#include <sys/socket.h>
#include <unistd.h>

namespace rhexion {

namespace {

std::array<int, 2> ends{-1, -1};

// Only what a signal handler may do.
void hear(int)
{
    const char one = 1;
    [[maybe_unused]] const auto written = ::write(ends[0], &one, 1);
}

} // namespace

EndSignals::EndSignals(QObject* parent) : QObject(parent)
{
    if (::socketpair(AF_UNIX, SOCK_STREAM | SOCK_CLOEXEC, 0, ends.data()) != 0)
        return;
    auto* notifier = new QSocketNotifier(ends[1], QSocketNotifier::Read, this);
    connect(notifier, &QSocketNotifier::activated, this, [this, notifier] {
        notifier->setEnabled(false);
        Q_EMIT asked();
    });
    struct sigaction action = {};
    action.sa_handler = hear;
    action.sa_flags = SA_RESTART;
    for (const int number : {SIGTERM, SIGHUP, SIGINT})
        ::sigaction(number, &action, nullptr);
}

} // namespace rhexion
