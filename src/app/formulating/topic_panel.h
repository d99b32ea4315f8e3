// A panel beside the bench about one topic of formulating: controls, a picture, and the facts in
// words from one source (words/facts.h). Shown figures follow the formula; a hidden panel rests.
#pragma once

#include "app/widgets/side_panel.h"
#include "core/advice/reckon.h"
#include "storage/file_fault.h"
#include "words/facts.h"
#include "words/speech.h"

#include <optional>

class QVBoxLayout;

namespace rhexion {

class FormulaDocument;
class PageBrowser;

class TopicPanel : public SidePanel {
    Q_OBJECT
public:
    TopicPanel(const QString& title, FormulaDocument& document, QWidget* parent = nullptr);

    void setSpeech(const Speech& speech);
    const words::FactPage& facts() const { return facts_; }
    PageBrowser* page() const { return page_; }

Q_SIGNALS:
    void noted(const QString& text);

protected:
    void showEvent(QShowEvent* event) override;
    const Speech& speech() const { return speech_; }
    FormulaDocument& document() const { return document_; }
    // Controls and pictures go here, above the facts.
    QVBoxLayout* above() const { return above_; }

    virtual void speechChanged() {} // fields that show numbers say them anew
    virtual void refreshControls() {}
    // The facts of a formula that can be reckoned.
    virtual words::FactPage factsOf(const Formula& formula, const Reckoning& reckoning) = 0;
    virtual void act(const QString& code) { Q_UNUSED(code) } // a press among the facts
    void refresh();
    void noteFault(const std::optional<FileFault>& fault); // nothing where there is none

private:
    FormulaDocument& document_;
    Speech speech_;
    QVBoxLayout* above_;
    PageBrowser* page_;
    words::FactPage facts_;
};

} // namespace rhexion
