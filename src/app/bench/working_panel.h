// The working, as a maker would write it on paper: every sum in order with its constants and
// sources.
#pragma once

#include "app/widgets/side_panel.h"
#include "core/advice/reckon.h"
#include "words/speech.h"

class QPushButton;
class QTextBrowser;

namespace rhexion {

class FormulaDocument;

class WorkingPanel : public SidePanel {
    Q_OBJECT
public:
    explicit WorkingPanel(FormulaDocument& document, QWidget* parent = nullptr);

    void setSpeech(const Speech& speech);
    // Scrolls to the sum and marks it; line and portion 0 mean the first of that rule.
    void showRule(Rule rule, LineId line, PortionId portion = 0);
    void showSchools();
    QString plainText() const;

private:
    void refresh();

    FormulaDocument& document_;
    Speech speech_;
    QTextBrowser* text_;
    QPushButton* schools_;
    int marked_ = -1;
};

} // namespace rhexion
