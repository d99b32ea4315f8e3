// The working, as a maker would write it on paper: every sum in order with its constants and
// sources.
#pragma once

#include <QFrame>

#include "core/reckoning/reckon.h"
#include "words/speech.h"

class QTextBrowser;

namespace rhexion {

class FormulaDocument;

class WorkingPanel : public QFrame {
    Q_OBJECT
public:
    explicit WorkingPanel(FormulaDocument& document, QWidget* parent = nullptr);

    void setSpeech(const Speech& speech);
    // Scrolls to the sum and marks it; line 0 means the first of that rule.
    void showRule(Rule rule, LineId line);
    QString plainText() const;

Q_SIGNALS:
    void closed();

private:
    void refresh();

    FormulaDocument& document_;
    Speech speech_;
    QTextBrowser* text_;
    int marked_ = -1;
};

} // namespace rhexion
