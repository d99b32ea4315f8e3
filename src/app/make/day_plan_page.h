// The day before it begins: what to do when, with times; the maker's own way through it; and the
// whole day while a batch is made.
#pragma once

#include "batch/batch_in_progress.h"
#include "core/heat/formula_heat.h"
#include "core/makeday/later.h"
#include "core/makeday/schedule.h"
#include "words/facts.h"
#include "words/speech.h"

#include <QTimer>
#include <QWidget>

class QCheckBox;
class QComboBox;
class QLabel;
class QLineEdit;
class QListWidget;
class QPushButton;
class QTabWidget;
class QTimeEdit;

namespace rhexion {

class DayTimeline;
class NumberField;
class PageBrowser;

class DayPlanPage : public QWidget {
    Q_OBJECT
public:
    explicit DayPlanPage(Clock clock, QWidget* parent = nullptr);
    ~DayPlanPage() override;

    void setSpeech(const Speech& speech);
    // What is on the bench; nothing reckoned: why there is no plan.
    void setFormula(const Formula& formula, const Reckoning* reckoning,
                    std::shared_ptr<const heat::HeatForecast> forecast);
    // A batch that is being made: its own plan and what is done of it; nothing: none.
    void setBatch(const BatchInProgress* batch);
    // A second formula on the same bench; nothing takes it away.
    void setSecond(const std::optional<Formula>& second);
    void setWish(ScheduleHow how, const QTime& at, double hours);

    const Schedule& schedule() const { return schedule_; }
    words::FactPage facts() const;
    QString sheet() const; // as it is printed
    QPushButton* make() const { return make_; }
    QListWidget* steps() const { return steps_; }
    QLineEdit* ownText() const { return ownText_; }
    QLabel* lead() const { return lead_; }
    QTabWidget* tabs() const { return tabs_; }

Q_SIGNALS:
    void makeWanted();
    void printWanted(bool large);
    void rehearseWanted();
    void secondWanted();
    void wayWanted(const rhexion::DayWay& way, const QString& what);
    void noted(const QString& text);

protected:
    void showEvent(QShowEvent* event) override;

private:
    struct Day {
        Formula formula;
        Reckoning reckoning;
        DayPlan plan;
        std::shared_ptr<const heat::HeatForecast> forecast;
        std::vector<bool> passed;
        std::vector<std::int64_t> doneAt;
    };
    static Day fresh(const Formula& formula, const Reckoning& reckoning,
                     std::shared_ptr<const heat::HeatForecast> forecast);
    QWidget* buildWay();
    void refresh();
    void showClock(); // times alone, as they are now
    void refreshWay();
    void moveStep(int by);
    void leaveOut();
    void addOwn();
    ScheduleWish wish() const;
    std::vector<DayOf> days() const;

    Clock clock_;
    Speech speech_;
    std::vector<Day> all_;
    bool making_ = false;
    Schedule schedule_;
    QComboBox* how_;
    QTimeEdit* at_;
    NumberField* hours_;
    QLabel* lead_;
    QLabel* missed_;
    DayTimeline* timeline_;
    PageBrowser* page_;
    QListWidget* steps_;
    QLineEdit* ownText_;
    QCheckBox* layers_;
    QTabWidget* tabs_;
    QPushButton* make_;
    QPushButton* print_;
    QPushButton* rehearse_;
    QPushButton* second_;
    QWidget* wishRow_;
    QTimer minute_; // the clock goes on
};

} // namespace rhexion
