// Whether it gels: none, a ring, all of it; where the cool, the typical and the hot run lie.
#pragma once

#include "core/heat/mould_run.h"

#include <QWidget>

namespace rhexion {

class GelBar : public QWidget {
    Q_OBJECT
public:
    explicit GelBar(QWidget* parent = nullptr);
    void set(const heat::MouldBand& band);
    void clear();

protected:
    void paintEvent(QPaintEvent* event) override;

private:
    bool any_ = false;
    double cool_ = 0.0, typical_ = 0.0, hot_ = 0.0; // share that gels
};

} // namespace rhexion
