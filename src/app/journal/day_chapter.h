// The day of a batch: temperatures over its hours with the moments they turned on, and the steps in
// the order of the clock.
#pragma once

#include "core/batch/fold.h"
#include "words/facts.h"
#include "words/speech.h"

#include <QWidget>

namespace rhexion {

class CurveRoom;
class PageBrowser;

class DayChapter : public QWidget {
    Q_OBJECT
public:
    explicit DayChapter(QWidget* parent = nullptr);

    void show(const Batch& batch, const Speech& speech);
    const words::FactPage& facts() const { return facts_; }
    QString pageText() const;
    bool isDrawn() const;

private:
    void draw(const Batch& batch, const Speech& speech);

    CurveRoom* room_;
    PageBrowser* page_;
    words::FactPage facts_;
};

} // namespace rhexion
