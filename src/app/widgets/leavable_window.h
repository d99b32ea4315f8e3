// A window beside the main one that Escape and Ctrl+W leave.
#pragma once

#include <QKeyEvent>
#include <QWidget>

namespace rhexion {

class LeavableWindow : public QWidget {
    Q_OBJECT
public:
    explicit LeavableWindow(QWidget* owner) : QWidget(owner, Qt::Window) {}

protected:
    void keyPressEvent(QKeyEvent* event) override
    {
        if (event->key() == Qt::Key_Escape || event->matches(QKeySequence::Close))
            close();
        else
            QWidget::keyPressEvent(event);
    }
};

} // namespace rhexion
