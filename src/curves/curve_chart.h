// Curves over time with axes, drawn by QCustomPlot: a library of its own, loaded when the first
// curve is wanted, so that the program starts without it. Figures come in the units they are shown
// in, texts in the person's language.
#pragma once

#include <QColor>
#include <QFont>
#include <QPointF>
#include <QString>
#include <QWidget>

#include <optional>
#include <vector>

namespace rhexion {

struct CurveData {
    struct Line {
        QString name;
        std::vector<QPointF> points;
        // A band around it, at the same x; both empty: none.
        std::vector<double> low;
        std::vector<double> high;
        QColor colour;
        Qt::PenStyle style = Qt::SolidLine;
        double width = 2.0;
    };
    struct Level { // across all of it
        double y = 0.0;
        QString text;
        QColor colour;
    };
    struct Mark { // up and down
        double x = 0.0;
        QString text;
        QColor colour;
        bool isTick = false; // only at the foot
    };
    struct Field { // where it should be
        double fromX = 0.0, untilX = 0.0, lowY = 0.0, highY = 0.0;
        QColor colour;
    };
    std::vector<Line> lines;
    std::vector<Level> levels;
    std::vector<Mark> marks;
    std::vector<Field> fields;
    QString xName, yName;
    double xMost = 1.0;
    double yLeast = 0.0, yMost = 100.0;
    QColor paper, ink, muted, grid;
    QFont font;
};

class CurveChart : public QWidget {
public:
    using QWidget::QWidget;
    virtual void set(const CurveData& data) = 0;
};

// What the library is asked for, by this name.
inline constexpr const char* curveChartEntry = "rhexion_make_curve_chart";
using MakeCurveChart = CurveChart* (*)(QWidget*);

} // namespace rhexion
