// Beside the step: the vessel as it is now, what is in it, what is weighed for it and waits, and
// what comes next.
#pragma once

#include <QFrame>

#include "batch/batch_in_progress.h"
#include "words/speech.h"

class QLabel;

namespace rhexion {

class VesselDrawing;

class PlacePanel : public QFrame {
    Q_OBJECT
public:
    explicit PlacePanel(QWidget* parent = nullptr);

    void show(const BatchInProgress& batch, const Speech& speech);

private:
    QLabel* name_;
    QLabel* mass_;
    VesselDrawing* drawing_;
    QLabel* in_;
    QLabel* waitingHead_;
    QLabel* waiting_;
    QLabel* nextHead_;
    QLabel* next_;
};

} // namespace rhexion
