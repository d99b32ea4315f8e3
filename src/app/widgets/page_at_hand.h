// A stack that asks for the room of the page that is seen, not of the largest of all.
#pragma once

#include <QStackedWidget>

namespace rhexion {

class PageAtHand : public QStackedWidget {
    Q_OBJECT
public:
    explicit PageAtHand(QWidget* parent = nullptr) : QStackedWidget(parent)
    {
        connect(this, &QStackedWidget::currentChanged, this, [this] { updateGeometry(); });
    }
    QSize sizeHint() const override
    {
        return currentWidget() ? currentWidget()->sizeHint() : QSize();
    }
    QSize minimumSizeHint() const override
    {
        return currentWidget() ? currentWidget()->minimumSizeHint() : QSize();
    }
    bool hasHeightForWidth() const override { return false; }
};

} // namespace rhexion
