// Every entry of a window's menus by its words, so that a command can be typed.
#pragma once

#include <QAction>
#include <QList>
#include <QMenuBar>
#include <QString>

namespace rhexion {

struct Command {
    QString name; // "View: Larger text"
    QString keys; // "Ctrl++", or empty
    QAction* action;
};

// Those that can be pressed now and hold every word of the text, in the order of the menus.
QList<Command> commandsFor(const QMenuBar& bar, const QString& text);

} // namespace rhexion
