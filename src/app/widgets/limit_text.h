// A text field of several lines stops at a number of letters, as one-line fields do.
#pragma once

#include <QPlainTextEdit>
#include <QSignalBlocker>

namespace rhexion {

inline void limitText(QPlainTextEdit& field, int most)
{
    const QString text = field.toPlainText();
    if (text.size() <= most)
        return;
    const QSignalBlocker quiet(field);
    field.setPlainText(text.left(most));
    field.moveCursor(QTextCursor::End);
}

} // namespace rhexion
