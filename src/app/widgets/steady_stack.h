// A stack of pages that asks nothing of what it stands in: what changes inside a page lays out that
// page and no more. Whoever uses it gives it a size.
#pragma once

#include <QStackedWidget>

namespace rhexion {

class SteadyStack : public QStackedWidget {
    Q_OBJECT
public:
    using QStackedWidget::QStackedWidget;
    bool hasHeightForWidth() const override { return false; }
    QSize sizeHint() const override { return {400, 300}; }
    QSize minimumSizeHint() const override { return {0, 0}; }
};

} // namespace rhexion
