// The person at the stand-in scale: at each weighing of a batch an empty cup, zero, and what is
// wanted poured into it, a little off as a hand is.
#pragma once

#include "batch/batch_in_progress.h"
#include "devices/device_desk.h"

#include <functional>

namespace rhexion {

class StandinScale;

class PouringHand : public QObject {
    Q_OBJECT
public:
    PouringHand(devices::DeviceDesk& desk, QObject* parent) : QObject(parent), desk_(desk) {}

    // Nothing for either: the hand rests. Both outlive it or are taken away first.
    void watch(BatchInProgress* batch, StandinScale* scale);
    // By which share it goes past at a step; nothing: a hand's usual slip.
    void setOff(std::function<std::optional<double>(int step)> off) { off_ = std::move(off); }

private:
    void step();
    void pour();
    void cool(const char* what, const heat::Cooling& curve);

    devices::DeviceDesk& desk_;
    BatchInProgress* batch_ = nullptr;
    StandinScale* scale_ = nullptr;
    std::function<std::optional<double>(int)> off_;
    std::optional<heat::MeetingForecast> meeting_; // of the batch
    int step_ = -1;
};

} // namespace rhexion
