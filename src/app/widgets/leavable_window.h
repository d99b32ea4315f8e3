// A window beside the main one that Escape and Ctrl+W leave; F1 asks the manual.
#pragma once

#include "app/help.h"

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
        else if (event->matches(QKeySequence::HelpContents))
            openManual(helpPageOf(focusWidget() ? focusWidget() : this));
        else
            QWidget::keyPressEvent(event);
    }
};

} // namespace rhexion
