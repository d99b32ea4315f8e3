// The right side of the bench: what to weigh out, what results, and the cautions with their mends.
#pragma once

#include <QFrame>

#include "core/advice/reckon.h"
#include "words/speech.h"

class QLabel;
class QPushButton;
class QVBoxLayout;

namespace rhexion {

class CautionList;
class DoubtView;
class DoubtWatcher;
class FigureRow;
class FormulaDocument;

class FiguresPanel : public QFrame {
    Q_OBJECT
public:
    FiguresPanel(FormulaDocument& document, DoubtWatcher& doubt, QWidget* parent = nullptr);
    DoubtView* doubtView() const { return doubtView_; }

    void setSpeech(const Speech& speech);
    void setWorkingShown(bool shown); // the button that opens it
    void showCautionsOf(Vessel vessel);

Q_SIGNALS:
    void workingWanted(Rule rule, LineId line);
    void allWorkingWanted();

protected:
    void resizeEvent(QResizeEvent* event) override;

private:
    FigureRow* addRow(QVBoxLayout* layout, Rule rule);
    void refresh();
    void refreshFigures(const Reckoning& r);
    void refreshCautions();
    void makeRoom(); // for the cautions

    FormulaDocument& document_;
    DoubtWatcher& doubt_;
    Speech speech_;
    QLabel* refusal_;
    QWidget* figures_;
    FigureRow* sodium_;
    FigureRow* potassium_;
    FigureRow* jugWater_;
    FigureRow* makeUp_;
    FigureRow* superfat_;
    FigureRow* strength_;
    DoubtView* doubtView_;
    FigureRow* otherStrength_;
    FigureRow* batter_;
    QLabel* cautionHead_;
    CautionList* cautions_;
    QPushButton* working_;
};

} // namespace rhexion
