// What was done to the formula, step by step; pressing a step goes back, or forward, to it.
#pragma once

#include "app/widgets/side_panel.h"

class QUndoView;

namespace rhexion {

class FormulaDocument;
class Speech;

class HistoryPanel : public SidePanel {
    Q_OBJECT
public:
    explicit HistoryPanel(FormulaDocument& document, QWidget* parent = nullptr);

    void setSpeech(const Speech&) {} // its steps were said when they were taken
    void start();
    QUndoView* list() const { return list_; }

private:
    QUndoView* list_;
};

} // namespace rhexion
