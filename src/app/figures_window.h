// The figures of a formula in a window of their own, to leave open while making or beside another
// formula. They are the same figures: what is changed on the bench changes here at once.
#pragma once

#include "app/widgets/leavable_window.h"

#include "words/speech.h"

namespace rhexion {

class DoubtWatcher;
class FiguresPanel;
class FormulaDocument;

class FiguresWindow : public LeavableWindow {
    Q_OBJECT
public:
    FiguresWindow(FormulaDocument& document, DoubtWatcher& doubt, QWidget* owner);

    void setSpeech(const Speech& speech);
    FiguresPanel& figures() { return *panel_; }

private:
    void retitle();

    FormulaDocument& document_;
    FiguresPanel* panel_;
};

} // namespace rhexion
