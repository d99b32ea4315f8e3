// Ctrl+Z takes back the last thing done to the formula, wherever the cursor stands: a field keeps
// its own undo only while its text is being changed.
#pragma once

#include <QObject>

class QWidget;

namespace rhexion {

class UndoKeys : public QObject {
    Q_OBJECT
public:
    explicit UndoKeys(QWidget& window);
    bool eventFilter(QObject* watched, QEvent* event) override;

private:
    QWidget& window_;
};

} // namespace rhexion
