#include "curves/curve_chart.h"

#include <qcustomplot.h>

#include <QVBoxLayout>

namespace rhexion {

namespace {

class Chart : public CurveChart {
public:
    explicit Chart(QWidget* parent) : CurveChart(parent), plot_(new QCustomPlot(this))
    {
        auto* layout = new QVBoxLayout(this);
        layout->setContentsMargins(0, 0, 0, 0);
        layout->addWidget(plot_);
        plot_->setFocusPolicy(Qt::NoFocus); // the figures beside it say the same
        plot_->legend->setVisible(true);
        plot_->axisRect()->insetLayout()->setInsetAlignment(0, Qt::AlignTop | Qt::AlignRight);
    }

    void set(const CurveData& d) override
    {
        plot_->clearPlottables();
        plot_->clearItems();
        plot_->setBackground(d.paper);
        for (const CurveData::Field& field : d.fields) {
            auto* rect = new QCPItemRect(plot_);
            rect->topLeft->setCoords(field.fromX, field.highY);
            rect->bottomRight->setCoords(field.untilX, field.lowY);
            QColor fill = field.colour;
            fill.setAlpha(40);
            rect->setBrush(fill);
            rect->setPen(QPen(field.colour, 1, Qt::DotLine));
        }
        for (const CurveData::Line& line : d.lines)
            add(line);
        for (const CurveData::Level& level : d.levels) {
            auto* straight = new QCPItemLine(plot_);
            straight->start->setCoords(0.0, level.y);
            straight->end->setCoords(d.xMost, level.y);
            straight->setPen(QPen(level.colour, 1.2, Qt::DashLine));
            label(level.text, d, level.colour, {d.xMost * 0.01, level.y},
                  Qt::AlignLeft | Qt::AlignBottom);
        }
        int row = 0;
        for (const CurveData::Mark& mark : d.marks) {
            auto* straight = new QCPItemLine(plot_);
            straight->start->setCoords(mark.x, d.yLeast);
            straight->end->setCoords(mark.x, mark.isTick ? d.yLeast + (d.yMost - d.yLeast) * 0.04
                                                         : d.yMost);
            straight->setPen(QPen(mark.colour, 1.2, mark.isTick ? Qt::SolidLine : Qt::DotLine));
            if (mark.text.isEmpty())
                continue;
            const double step = (d.yMost - d.yLeast) * 0.07;
            const bool right = mark.x > d.xMost * 0.7;
            label(mark.text, d, mark.colour,
                  {mark.x, d.yLeast + step * (mark.isTick ? 0.6 : 0.2 + row++ % 3)},
                  (right ? Qt::AlignRight : Qt::AlignLeft) | Qt::AlignBottom);
        }
        for (QCPAxis* axis : {plot_->xAxis, plot_->yAxis}) {
            axis->setBasePen(QPen(d.muted));
            axis->setTickPen(QPen(d.muted));
            axis->setSubTickPen(QPen(d.grid));
            axis->setTickLabelColor(d.ink);
            axis->setLabelColor(d.ink);
            axis->setTickLabelFont(d.font);
            axis->setLabelFont(d.font);
            axis->grid()->setPen(QPen(d.grid, 1, Qt::DotLine));
        }
        plot_->xAxis->setLabel(d.xName);
        plot_->yAxis->setLabel(d.yName);
        plot_->xAxis->setRange(0.0, d.xMost);
        plot_->yAxis->setRange(d.yLeast, d.yMost);
        QColor ground = d.paper;
        ground.setAlpha(220);
        plot_->legend->setBrush(ground);
        plot_->legend->setBorderPen(QPen(d.grid));
        plot_->legend->setTextColor(d.ink);
        plot_->legend->setFont(d.font);
        plot_->replot();
    }

private:
    void add(const CurveData::Line& line)
    {
        QVector<double> x;
        QVector<double> y;
        for (const QPointF& p : line.points) {
            x << p.x();
            y << p.y();
        }
        if (!line.low.empty()) {
            QColor fill = line.colour;
            fill.setAlpha(45);
            QCPGraph* low = plot_->addGraph();
            low->setData(x, QVector<double>(line.low.begin(), line.low.end()), true);
            low->setPen(Qt::NoPen);
            low->removeFromLegend();
            QCPGraph* high = plot_->addGraph();
            high->setData(x, QVector<double>(line.high.begin(), line.high.end()), true);
            high->setPen(Qt::NoPen);
            high->setBrush(fill);
            high->setChannelFillGraph(low);
            high->removeFromLegend();
        }
        QCPGraph* graph = plot_->addGraph();
        graph->setData(x, y, true);
        graph->setName(line.name);
        graph->setPen(QPen(line.colour, line.width, line.style));
    }
    void label(const QString& text, const CurveData& d, const QColor& colour, const QPointF& at,
               Qt::Alignment where)
    {
        auto* item = new QCPItemText(plot_);
        item->setText(text);
        item->setFont(d.font);
        item->setColor(colour);
        item->setPositionAlignment(where);
        item->position->setCoords(at.x(), at.y());
        item->setPadding(QMargins(3, 0, 3, 1));
    }

    QCustomPlot* plot_;
};

} // namespace

} // namespace rhexion

extern "C" Q_DECL_EXPORT rhexion::CurveChart* rhexion_make_curve_chart(QWidget* parent)
{
    return new rhexion::Chart(parent);
}
