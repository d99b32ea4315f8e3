// What moves a time: each factor a switch and a bar to either side of one, the farthest first.
#pragma once

#include "core/making/working_time.h"
#include "words/speech.h"

#include <QWidget>

class QVBoxLayout;

namespace rhexion {

class PacePicture : public QWidget {
    Q_OBJECT
public:
    explicit PacePicture(QWidget* parent = nullptr);
    void set(const TimeForecast& forecast, const Formula& formula, const Speech& speech);

Q_SIGNALS:
    void switched(const QString& code, bool on);

private:
    QVBoxLayout* rows_;
    QStringList codes_;
};

} // namespace rhexion
