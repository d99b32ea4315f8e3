// Room for a page that scrolls where the window is smaller than the page can be.
#pragma once

#include <QScrollArea>

namespace rhexion {

class ScrollRoom : public QScrollArea {
    Q_OBJECT
public:
    explicit ScrollRoom(QWidget* page, QWidget* parent = nullptr) : QScrollArea(parent)
    {
        setWidgetResizable(true);
        setFrameShape(QFrame::NoFrame);
        setFocusPolicy(Qt::NoFocus);
        setWidget(page);
    }
};

} // namespace rhexion
