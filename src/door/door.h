// The door by which a second start reaches the first: a local socket of Qt Network, in a library of
// its own that is loaded after the first picture, or when a second start knocks.
#pragma once

#include <QStringList>

#include <functional>

namespace rhexion {

class Door {
public:
    virtual ~Door() = default;
    // Answers at the socket, which only this user may use; one that is there is a dead program's.
    virtual void listen(const QString& socket,
                        const std::function<void(const QStringList& paths)>& wanted) = 0;
    // Whether somebody answered within three seconds.
    virtual bool handOver(const QString& socket, const QStringList& paths) = 0;
};

inline constexpr const char* doorEntry = "rhexion_make_door";
using MakeDoor = Door* (*)();

} // namespace rhexion
