// The day's thermometer: readings typed at the steps that ask for them, and what they make of the
// forecast at once; looks into the mould with when the next is due.
#pragma once

#include "batch/batch_in_progress.h"
#include "document/watcher.h"
#include "words/speech.h"

#include <QFrame>
#include <QTimer>

#include <functional>
#include <memory>

class QComboBox;
class QLabel;

namespace rhexion {

class NumberField;

struct DayHeatFound {
    std::optional<heat::DayMeeting> meeting;
    std::optional<heat::DayMould> mould;
    std::int64_t now = 0;
};

class HeatCard : public QFrame {
    Q_OBJECT
public:
    explicit HeatCard(QWidget* parent = nullptr);

    void setSpeech(const Speech& speech);
    void setPlan(std::function<HeatPlan()> usual) { usual_ = std::move(usual); }
    using Learnt = std::function<heat::LearntHeat(const Formula&, const HeatPlan&)>;
    void setLearnt(Learnt learnt) { learnt_ = std::move(learnt); }
    // The batch, which outlives what is shown of it; nothing: none.
    void show(BatchInProgress* batch);
    // What a thermometer shows now, beside its field.
    void showLive(ReadingOf what, double celsius);
    std::vector<ReadingOf> wanted() const; // at the step at hand
    NumberField* field(ReadingOf what) const { return fields_[std::size_t(what)]; }
    QComboBox* look() const { return look_; }
    QString said() const;
    void finish() { watcher_.finish(); } // for pictures and tests

Q_SIGNALS:
    void read(ReadingOf what, double celsius);
    void lookedIn(LookSaw saw);
    void alarm(const QString& text); // now, not later
    void refused(const QString& why);

private:
    void refreshFields();
    Watcher<DayHeatFound>::Work begin() const;
    void take(std::optional<DayHeatFound> found);
    void ring(const QString& text);

    Speech speech_;
    std::function<HeatPlan()> usual_;
    Learnt learnt_;
    BatchInProgress* batch_ = nullptr;
    QLabel* said_;
    QWidget* row_;
    std::vector<NumberField*> fields_; // one for each ReadingOf
    std::vector<QLabel*> names_;
    QComboBox* look_;
    QTimer minute_;
    QString rung_; // what was rung last, so that it rings once
    Watcher<DayHeatFound> watcher_;
};

} // namespace rhexion
