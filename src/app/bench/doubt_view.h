// True superfat as a picture of its spread: the drawn histogram, nine in ten, and where lye would
// be left over; below it what causes most of the doubt and how to shrink it.
#pragma once

#include <QWidget>

#include "core/account/doubt.h"
#include "words/speech.h"

class QLabel;

namespace rhexion {

class DoubtBand;

class DoubtView : public QWidget {
    Q_OBJECT
public:
    explicit DoubtView(QWidget* parent = nullptr);
    // Nothing: it is being worked out; the last picture stays, faint.
    void show(const Doubt* doubt, const Speech& speech);
    // In a low window the sentence stays and picture and causes go; its tooltip has the causes.
    void setCompact(bool compact);
    QString text() const;
    QString causes() const;

private:
    DoubtBand* band_;
    QLabel* text_;
    QLabel* causes_;
    bool compact_ = false;
};

} // namespace rhexion
