// The bench: vessels, settings, typing line, accounts and figures of the open formula.
#pragma once

#include <QWidget>

#include "core/advice/reckon.h"
#include "words/speech.h"

#include <QDate>

#include <functional>
#include <vector>

class QLabel;
class QLineEdit;
class QPushButton;
class QStackedWidget;
class QBoxLayout;
class QScrollArea;

namespace rhexion {

class AccountsView;
class FigureRow;
class DoubtWatcher;
class FiguresPanel;
class FormulaDocument;
class HeatWatcher;
class HistoryPanel;
class SettingsPanel;
class SettingsStrip;
class ShelfDrawer;
class PortionsPanel;
class ScaleButton;
class SlipPanel;
class StockLyePanel;
class Stock;
class TypingLine;
class VesselPanel;
class WorkingPanel;
class FormulatingPanels;
enum class Topic;

class BenchPage : public QWidget {
    Q_OBJECT
public:
    BenchPage(FormulaDocument& document, Stock& stock, HeatWatcher& heat,
              QWidget* parent = nullptr);

    void setSpeech(const Speech& speech);
    void focusTyping();
    void showShelf();
    void showSlips();
    void showPortions();
    void showStockLye();
    void showSettings();
    void showHistory();
    void showSchools();
    void showTopic(Topic topic);
    void setFormulating(FormulatingPanels* panels) { formulating_ = panels; }
    FormulatingPanels* formulating() const { return formulating_; }
    // Questions that a batch must wait for; none: it may be made.
    void setHeldBack(const QStringList& questions);
    const QStringList& heldBack() const { return heldBack_; }
    SlipPanel* slips() const { return slips_; }
    PortionsPanel* portions() const { return portions_; }
    StockLyePanel* stockLye() const { return stockLye_; }
    WorkingPanel* working() const { return working_; }
    SettingsPanel* settings() const { return settings_; }
    // What new formulas begin with, if the maker has a way of her own.
    void setWay(const std::optional<Formula>& way);
    ScaleButton* scale() const { return scale_; }
    void setToday(std::function<QDate()> today) { today_ = std::move(today); }
    void showWorking(Rule rule, LineId line);
    void showWorkingOf(Rule rule, PortionId portion);
    void showFigures();
    // Locks or unlocks the amount of the line chosen last; false: there is none.
    bool lockChosen();
    VesselPanel* panel(Vessel vessel) const { return panels_[std::size_t(vessel)]; }
    AccountsView* accounts() const { return accounts_; }
    FiguresPanel* figures() const { return figures_; }
    DoubtWatcher& doubt() { return *doubt_; }
    TypingLine* typing() const { return typing_; }

Q_SIGNALS:
    void negativeWanted(double superfat);
    void makeWanted();
    void heatWanted();
    void noted(const QString& text); // something typed could not be used
    void keepWayWanted();
    void forgetWayWanted();

protected:
    void resizeEvent(QResizeEvent* event) override;
    void paintEvent(QPaintEvent* event) override;

private:
    void fitSide(); // the panel beside the bench, or under it; wide only where there is room
    void bringSide();
    void orderTabs();
    QWidget* buildTop();
    QWidget* buildHeatLine();
    void sayHeat();
    QWidget* buildVessels();
    void wire(VesselPanel* panel);
    void refresh();
    void removeLine(LineId line);
    void moveLine(LineId line, Vessel to);
    void rememberPlace(LineId line); // where this maker puts it
    void refreshJugs(const Reckoning* reckoning);
    // Puts a panel in place of the figures; the first time it is shown it is made by make().
    template <class Panel, class Make>
    Panel* open(Panel*& panel, int width, Make make);

    FormulaDocument& document_;
    DoubtWatcher* doubt_;
    HeatWatcher& heat_;
    QPushButton* heatLine_; // in one line; opens the place of heat
    bool painted_ = false;
    Stock& stock_;
    Speech speech_;
    QLineEdit* title_;
    ScaleButton* scale_;
    std::vector<QWidget*> steps_; // undo and redo
    QPushButton* split_;
    QPushButton* make_;
    SettingsStrip* strip_;
    TypingLine* typing_;
    std::vector<VesselPanel*> panels_;
    std::optional<Vessel> chosenIn_; // the vessel that had the focus last
    struct JugRow {
        FigureRow* row;
        Vessel vessel;
        Rule rule;
    };
    std::vector<JugRow> jugRows_; // hydroxide and poured water, on top of the jugs' lines
    AccountsView* accounts_;
    QScrollArea* room_; // scrolls only where bench and figures do not fit
    QBoxLayout* body_;
    QStackedWidget* side_;
    int sideWanted_ = 0;
    FiguresPanel* figures_;
    // These are built when first wanted.
    WorkingPanel* working_ = nullptr;
    ShelfDrawer* shelf_ = nullptr;
    SlipPanel* slips_ = nullptr;
    PortionsPanel* portions_ = nullptr;
    StockLyePanel* stockLye_ = nullptr;
    SettingsPanel* settings_ = nullptr;
    HistoryPanel* history_ = nullptr;
    FormulatingPanels* formulating_ = nullptr;
    QStringList heldBack_;
    std::optional<Formula> way_;
    std::function<QDate()> today_;
};

} // namespace rhexion
