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
    // How much of it is shown. The sentence always is; its tooltip has the causes.
    enum class Detail { Sentence, Picture, Causes };
    void setDetail(Detail detail);
    Detail detail() const { return detail_; }
    // What it takes in a window of this width.
    int heightWith(Detail detail) const;
    QString text() const;
    QString causes() const;

private:
    DoubtBand* band_;
    QLabel* text_;
    QLabel* causes_;
    Detail detail_ = Detail::Causes;
};

} // namespace rhexion
