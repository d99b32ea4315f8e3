// The stand-in scale as a child of this program: begun with it, ended with it.
#pragma once

#include "devices/device_link.h"

#include <QObject>
#include <QProcess>
#include <QString>
#include <QTemporaryDir>

namespace rhexion {

class StandinScale : public QObject {
    Q_OBJECT
public:
    explicit StandinScale(QObject* parent = nullptr) : QObject(parent) {}
    ~StandinScale() override;

    // False where the program is not there; why is in fault().
    bool begin(int seed = 1, double speed = 1.0);
    bool runs() const { return process_.state() == QProcess::Running; }
    QString path() const { return folder_.filePath(QStringLiteral("scale")); }
    QString fault() const { return process_.errorString(); }
    devices::DeviceSetup setup() const; // as the desk takes it up
    void tell(const QString& command);  // one line; docs/devices.md

private:
    QTemporaryDir folder_;
    QProcess process_;
};

} // namespace rhexion
