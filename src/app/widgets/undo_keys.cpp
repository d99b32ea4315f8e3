#include "app/widgets/undo_keys.h"

#include <QApplication>
#include <QKeyEvent>
#include <QLineEdit>

namespace rhexion {

UndoKeys::UndoKeys(QWidget& window) : QObject(&window), window_(window)
{
    qApp->installEventFilter(this);
}

bool UndoKeys::eventFilter(QObject* watched, QEvent* event)
{
    if (event->type() != QEvent::ShortcutOverride)
        return false;
    const auto* field = qobject_cast<QLineEdit*>(watched);
    auto* key = static_cast<QKeyEvent*>(event);
    const bool undo = key->matches(QKeySequence::Undo);
    if (!field || field->window() != &window_ || (!undo && !key->matches(QKeySequence::Redo)))
        return false;
    // What a program put there is not being edited, nor is a field that was emptied by Enter.
    if (field->isModified() && (undo ? field->isUndoAvailable() : field->isRedoAvailable()))
        return false;
    event->ignore(); // so that the window's own action hears it
    return true;
}

} // namespace rhexion
