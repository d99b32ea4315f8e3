// The making of a batch, step by step. Space or the large button goes on, Enter keeps what was
// typed; what was really weighed may differ from the plan and says at once what that does. Runs the
// day; what it looks like is in StepList, StepCard and PlacePanel.
#pragma once

#include <QTimer>
#include <QWidget>

#include "batch/batch_in_progress.h"
#include "core/makeday/step_readings.h"
#include "devices/device_desk.h"
#include "words/speech.h"

#include <functional>
#include <map>

class QKeyEvent;
class QLabel;
class QLineEdit;
class QPushButton;
class QStackedWidget;

namespace rhexion {

class DangerPanel;
class DayPlanPage;
class HeatCard;
class HeldKeys;
class PlacePanel;
class StepCard;
class StepList;
class Stock;
class TimersBar;
class TroublePanel;
class TypingLine;

class MakePage : public QWidget {
    Q_OBJECT
public:
    MakePage(Stock& stock, Clock clock, QWidget* parent = nullptr);
    ~MakePage() override;

    void setSpeech(const Speech& speech);
    // Scales and thermometers; they outlive the page.
    void setDevices(devices::DeviceDesk* desk);
    void setHeatPlan(std::function<HeatPlan()> usual);
    // Nothing is kept of it, so nothing is asked before it is.
    void setRehearsal() { rehearsal_ = true; }
    DayPlanPage& day() const { return *day_; }        // of what is on the bench
    DayPlanPage& wholeDay() const { return *whole_; } // of the batch
    void showWholeDay(bool on);
    void openTrouble();
    void closeTrouble(); // back to the step
    TroublePanel& trouble() const { return *trouble_; }
    DangerPanel& danger() const { return *danger_; }
    bool isStopped() const; // at a danger that waits for its answer
    TimersBar& timers() const { return *timers_; }
    StepCard& card() const { return *card_; }
    void setBatch(std::unique_ptr<BatchInProgress> current);
    BatchInProgress* batch() const { return current_.get(); }
    HeatCard& heat() const { return *heat_; }
    QLineEdit* weighedField() const;
    TypingLine* extra() const;

Q_SIGNALS:
    void finished(const QString& batch);
    void stopped();
    void noted(const QString& text);
    void wentWell();       // what was noted last is over
    void begun();          // another batch is at hand, or none
    void dayWanted();      // what is on the bench, to plan the day of
    void waitingChanged(); // whether the journal can be written is new

protected:
    void keyPressEvent(QKeyEvent* event) override;
    void showEvent(QShowEvent* event) override;
    void resizeEvent(QResizeEvent* event) override;
    bool eventFilter(QObject* watched, QEvent* event) override;

private:
    QWidget* buildDay();
    void refresh();
    void speak(); // in the batch's unit
    void refreshList();
    void refreshStep();
    void refreshTimers();
    void refreshEffect();
    void refreshAdded();
    void fitRoom();               // what stands beside the step, and what gives way
    void topUp(const Line& line); // what went in beside the plan
    // Keeps what stands in the field; false if it cannot be used.
    bool keepWeighed();
    void goOn();
    void goBack();
    void goTo(int step);
    void stop(); // asks once
    void stopNow();
    void finish();
    bool wasMade();       // asks once about a day that was walked through
    bool stopsAtDanger(); // opens it where one waits for its answer
    void showDanger();
    void answerDanger(DangerAnswer answer, const QString& why = {});
    HeldKeys* watchKeys();
    void keepDraft();
    bool good(const std::optional<FileFault>& fault);
    bool takeFromScale(); // false: not now, and why was said
    void skip();
    void takeTemperatures();
    void showLive();
    std::optional<devices::LiveWeight> live() const;
    std::optional<Vessel> here() const; // of the step at hand; nothing at the end

    Stock& stock_;
    Speech speech_;
    Speech wanted_; // as the maker has set it
    std::unique_ptr<BatchInProgress> current_;
    QStackedWidget* stack_;
    QLabel* name_;
    QWidget* left_;
    StepList* list_;
    StepCard* card_;
    HeatCard* heat_;
    PlacePanel* place_;
    QPushButton* stop_;
    QTimer draft_;
    QTimer again_;
    devices::DeviceDesk* desk_ = nullptr;
    TimersBar* timers_;
    TroublePanel* trouble_;
    DayPlanPage* day_;
    DayPlanPage* whole_;
    QPushButton* wholeButton_;
    QStackedWidget* middle_;
    HeldKeys* keys_;
    DangerPanel* danger_;
    QWidget* dangerRoom_;
    std::optional<Caution> asked_; // the danger that was put before the maker last
    bool rehearsal_ = false;
    bool sureToStop_ = false;
    bool sureWasMade_ = false;
    int shownStep_ = -1;
    bool sureToSkip_ = false;
    bool sureAsPlanned_ = false;             // an empty scale
    double scoops_ = 0.0;                    // g taken from the scale so far at this step
    std::map<ReadingOf, ReadingPace> paces_; // of thermometers that are read by themselves
};

} // namespace rhexion
