// The scale's pointer against the weight that is wanted and the band in which it does not matter.
// Far away it shows the whole way; near, the band and its surroundings.
#pragma once

#include "core/makeday/weigh_band.h"
#include "devices/steadiness.h"
#include "words/speech.h"

#include <QWidget>

#include <optional>

namespace rhexion {

class WeighGauge : public QWidget {
    Q_OBJECT
public:
    explicit WeighGauge(QWidget* parent = nullptr);

    void show(double planned, const WeighBand& band, const std::optional<devices::LiveWeight>& live,
              const Speech& speech);
    QString said() const { return said_; } // "12.4 g to go"

protected:
    void paintEvent(QPaintEvent* event) override;

private:
    double planned_ = 1.0;
    WeighBand band_;
    std::optional<devices::LiveWeight> live_;
    QString said_;
    QString lowText_;
    QString highText_;
};

} // namespace rhexion
