// The mould cut through: temperature over its true cross-section at one moment, with lines of equal
// temperature and their figures.
#pragma once

#include "core/heat/formula_heat.h"
#include "words/speech.h"

#include <QImage>
#include <QWidget>

#include <memory>

namespace rhexion {

class MouldSection : public QWidget {
    Q_OBJECT
public:
    explicit MouldSection(QWidget* parent = nullptr);

    // fields of the run must be kept; run must live until the next set or clear.
    void set(const heat::MouldRun& run, const heat::MouldSetup& setup, const Speech& speech);
    void clear();
    void setRow(int row); // of the run's rows
    QSize sizeHint() const override;

protected:
    void paintEvent(QPaintEvent* event) override;

private:
    double at(int x, int y) const; // x from the middle outwards, y from the foot
    void drawLines(QPainter& painter, const QRectF& box) const;
    void drawScale(QPainter& painter, const QRectF& box) const;

    const heat::MouldRun* run_ = nullptr;
    double width_ = 0.0, height_ = 0.0; // m
    double least_ = 0.0, most_ = 100.0; // C of the scale
    int row_ = 0;
    Speech speech_;
};

} // namespace rhexion
