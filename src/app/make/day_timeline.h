// The day drawn: a lane a batch, hands-on and waiting one after the other, the clock along the top,
// and where now is.
#pragma once

#include "core/makeday/schedule.h"
#include "words/speech.h"

#include <QWidget>

namespace rhexion {

class DayTimeline : public QWidget {
    Q_OBJECT
public:
    explicit DayTimeline(QWidget* parent = nullptr);

    // The days must outlive what is shown of them.
    void show(const std::vector<DayOf>& days, const Schedule& schedule, std::int64_t now,
              const Speech& speech);
    QSize sizeHint() const override;

protected:
    void paintEvent(QPaintEvent* event) override;
    bool event(QEvent* event) override; // tips

private:
    struct Bar {
        std::size_t lane = 0;
        std::int64_t from = 0;
        std::int64_t handsUntil = 0;
        std::int64_t until = 0;
        bool done = false;
        bool blends = false;
        QString text;
        QString tip;
    };
    double x(std::int64_t at) const;
    QRectF rectOf(const Bar& bar, bool waiting) const;

    std::vector<Bar> bars_;
    std::vector<QString> lanes_;
    std::int64_t begins_ = 0;
    std::int64_t ends_ = 1;
    std::int64_t now_ = 0;
};

} // namespace rhexion
