// The place of heat: what will happen to temperatures in jug, meeting, mould or cook. Each view has
// the plan's fields, a picture, and what is said of it; a change is an undoable step.
#pragma once

#include "core/advice/caution.h"
#include "core/making/headroom.h"
#include "words/facts.h"
#include "words/speech.h"

#include <QWidget>

class QButtonGroup;
class QComboBox;
class QLabel;
class QPushButton;
class QSlider;
class QStackedWidget;

namespace rhexion {

class CoversEditor;
class CurveChart;
class FormulaDocument;
class GelBar;
class HeatWatcher;
class MouldSection;
class OwnFittings;
class PageBrowser;
class PlanForm;
struct CurveData;

enum class HeatView { Jug, Meeting, Mould };
inline constexpr int heatViews = 3; // the mould's is the cook's where the formula is cooked

class HeatPage : public QWidget {
    Q_OBJECT
public:
    HeatPage(FormulaDocument& document, HeatWatcher& heat, OwnFittings& fittings,
             QWidget* parent = nullptr);

    void setSpeech(const Speech& speech);
    void look(HeatView view);
    HeatView view() const { return view_; }
    const words::FactPage& facts() const { return facts_; }
    PageBrowser* page() const { return page_; }
    PlanForm* form(HeatView view) const { return forms_[std::size_t(view)]; }
    QSlider* frozenSlider() const { return frozen_; }
    CoversEditor* covers() const { return covers_; }
    QSlider* timeSlider() const { return time_; }
    MouldSection* section() const { return section_; }
    CurveChart* chart() const { return chart_; }

Q_SIGNALS:
    void noted(const QString& text);

protected:
    void showEvent(QShowEvent* event) override;
    void hideEvent(QHideEvent* event) override;
    void resizeEvent(QResizeEvent* event) override;

private:
    QWidget* buildTop();
    QWidget* buildControls();
    QWidget* buildJugForm();
    QWidget* buildMeetingForm();
    QWidget* buildMouldForm();
    QWidget* buildCookForm();
    QWidget* buildPicture();
    PlanForm* newForm();
    void addMine(PlanForm* form, OwnVesselKind kind);
    void keepVessel(OwnVesselKind kind);
    void refresh();
    void refreshFrozen();
    void refreshPicture();
    void refreshFacts();
    void showRow(int row);
    void lookAgain(); // tells the watcher what is looked at
    void applyPlan(const HeatPlan& plan, const QString& what);
    void act(const QString& code);
    void keepUsual();
    bool cooks() const;
    CurveData emptyChart() const; // with the colours and type of the day
    void addJugCurve(CurveData& chart) const;
    void addMeetingCurves(CurveData& chart) const;
    void addMouldCurves(CurveData& chart) const;
    void addCookCurves(CurveData& chart) const;
    double shown(double celsius) const; // in the person's unit

    FormulaDocument& document_;
    HeatWatcher& heat_;
    OwnFittings& fittings_;
    Speech speech_;
    HeatView view_ = HeatView::Jug;
    QButtonGroup* tabs_;
    QPushButton* mouldTab_;
    QPushButton* usual_;
    QLabel* lead_;
    QStackedWidget* controls_;
    std::vector<PlanForm*> forms_; // jug, meeting, mould, cook
    QSlider* frozen_;
    QLabel* frozenSaid_;
    LineId frozenLine_ = 0;
    CoversEditor* covers_;
    QComboBox* beside_;
    CurveChart* chart_ = nullptr; // when first shown
    bool triedChart_ = false;
    QWidget* picture_;
    MouldSection* section_;
    QSlider* time_;
    QLabel* timeSaid_;
    GelBar* gel_;
    QWidget* mouldPicture_;
    PageBrowser* page_;
    words::FactPage facts_;
    std::vector<Caution> said_; // findings shown among the facts, in their order
};

} // namespace rhexion
