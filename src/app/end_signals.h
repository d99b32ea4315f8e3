// The signals by which a system asks a program to end (SIGTERM, SIGHUP, SIGINT), brought into the
// event loop so that work can be kept safe first.
#pragma once

#include <QObject>

namespace rhexion {

class EndSignals : public QObject {
    Q_OBJECT
public:
    explicit EndSignals(QObject* parent = nullptr);

Q_SIGNALS:
    void asked();
};

} // namespace rhexion
