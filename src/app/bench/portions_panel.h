// The batter split into portions: adding, taking away, and what each comes to.
#pragma once

#include "app/widgets/side_panel.h"
#include "core/advice/reckon.h"
#include "words/speech.h"

class QLabel;
class QPushButton;

namespace rhexion {

class FigureRow;
class FormulaDocument;
class PortionCard;

class PortionsPanel : public SidePanel {
    Q_OBJECT
public:
    explicit PortionsPanel(FormulaDocument& document, QWidget* parent = nullptr);

    void setSpeech(const Speech& speech);
    const std::vector<PortionCard*>& cards() const { return cards_; }
    QPushButton* add() const { return add_; }

Q_SIGNALS:
    void workingWanted(Rule rule, PortionId portion);
    void refused(const QString& why);

protected:
    void showEvent(QShowEvent* event) override;

private:
    void refresh();
    void addPortion();
    void remove(PortionId id);

    FormulaDocument& document_;
    Speech speech_;
    QLabel* hint_;
    FigureRow* meanwhile_;
    QVBoxLayout* list_;
    QPushButton* add_;
    QPushButton* none_;
    std::vector<PortionCard*> cards_;
};

} // namespace rhexion
