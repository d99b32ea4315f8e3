// The desktop's keyring, for the one secret there is: the password of the benches' server. In a
// library of its own that is loaded when it is first wanted; where there is none, it is asked.
#pragma once

#include <QString>

#include <functional>

namespace rhexion {

class Keyring {
public:
    virtual ~Keyring() = default;
    // why: what the keyring said; empty: it went well. Answers come from the loop of events, or
    // never where this is gone before.
    using Answer = std::function<void(const QString& secret, const QString& why)>;
    virtual void read(const QString& name, const Answer& answer) = 0;
    virtual void keep(const QString& name, const QString& secret, const Answer& answer) = 0;
    virtual void forget(const QString& name, const Answer& answer) = 0;
};

inline constexpr const char* keyringEntry = "rhexion_make_keyring";
using MakeKeyring = Keyring* (*)();

} // namespace rhexion
