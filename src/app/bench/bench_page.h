// The bench: vessels, settings, typing line, accounts and figures of the open formula.
#pragma once

#include <QWidget>

#include "core/reckoning/reckon.h"
#include "words/speech.h"

#include <vector>

class QLabel;
class QLineEdit;
class QPushButton;
class QStackedWidget;

namespace rhexion {

class AccountsView;
class FigureRow;
class DoubtWatcher;
class FiguresPanel;
class FormulaDocument;
class SettingsStrip;
class ShelfDrawer;
class SlipPanel;
class Stock;
class TypingLine;
class VesselPanel;
class WorkingPanel;

class BenchPage : public QWidget {
    Q_OBJECT
public:
    BenchPage(FormulaDocument& document, Stock& stock, QWidget* parent = nullptr);

    void setSpeech(const Speech& speech);
    void focusTyping();
    void showShelf();
    void showSlips();
    SlipPanel* slips() const { return slips_; }
    void showWorking(Rule rule, LineId line);
    void showFigures();
    VesselPanel* panel(Vessel vessel) const { return panels_[std::size_t(vessel)]; }
    AccountsView* accounts() const { return accounts_; }
    FiguresPanel* figures() const { return figures_; }
    DoubtWatcher& doubt() { return *doubt_; }
    TypingLine* typing() const { return typing_; }

Q_SIGNALS:
    void negativeWanted(double superfat);
    void makeWanted();
    void noted(const QString& text); // something typed could not be used

private:
    QWidget* buildTop();
    QWidget* buildVessels();
    void wire(VesselPanel* panel);
    void refresh();
    void removeLine(LineId line);

    FormulaDocument& document_;
    DoubtWatcher* doubt_;
    SlipPanel* slips_ = nullptr;
    Stock& stock_;
    Speech speech_;
    QLineEdit* title_;
    QLabel* summary_;
    QPushButton* make_;
    SettingsStrip* strip_;
    TypingLine* typing_;
    std::vector<VesselPanel*> panels_;
    FigureRow* jugSodium_;
    FigureRow* jugPotassium_;
    FigureRow* jugWater_;
    AccountsView* accounts_;
    QStackedWidget* side_;
    FiguresPanel* figures_;
    WorkingPanel* working_ = nullptr; // these two are built when first wanted
    ShelfDrawer* shelf_ = nullptr;
};

} // namespace rhexion
