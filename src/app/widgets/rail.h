// The rail of places at the window's side: a list of tabs to a screen reader.
#pragma once

#include <QFrame>
#include <QToolButton>

namespace rhexion {

class Rail : public QFrame {
    Q_OBJECT
public:
    using QFrame::QFrame;
};

class RailButton : public QToolButton {
    Q_OBJECT
public:
    using QToolButton::QToolButton;
};

} // namespace rhexion
