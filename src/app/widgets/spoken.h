// What a screen reader is told of things this application paints itself: their role, how to press
// them, and what is said at once.
#pragma once

#include <QObject>

class QWidget;

namespace rhexion {

// For every widget made from now on.
void installSpokenRoles();
// Said at once, whatever has the focus: a note that appeared, a caution of the worst grade.
void sayAloud(QWidget& about);

// Hears what is said aloud, also where no screen reader runs.
class Aloud : public QObject {
    Q_OBJECT
public:
    static Aloud& heard();

Q_SIGNALS:
    void said(QWidget* about);
};

} // namespace rhexion
