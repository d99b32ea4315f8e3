// One batch being made: the plan, what was weighed so far, and its place in the journal. Every
// change is in the journal before it is shown.
#pragma once

#include <QObject>

#include "core/makeday/as_weighed.h"
#include "storage/journal.h"

#include <functional>

namespace rhexion {

using Clock = std::function<QDateTime()>;

class BatchInProgress : public QObject {
    Q_OBJECT
public:
    // Begins a batch of the formula, or takes one up again from its record.
    static std::variant<std::unique_ptr<BatchInProgress>, FileFault>
    begin(Journal& journal, const Formula& formula, const Reckoning& planned, Clock clock);
    static std::variant<std::unique_ptr<BatchInProgress>, FileFault>
    resume(Journal& journal, const BatchRecord& record, Clock clock);

    qint64 batch() const { return batch_; }
    const Formula& formula() const { return formula_; }
    const Reckoning& planned() const { return planned_; }
    const DayPlan& plan() const { return plan_; }
    int step() const { return step_; }
    bool atEnd() const { return step_ >= int(plan_.steps.size()); }
    std::optional<double> weighedAt(int step) const;
    // What is in the bowls now, as it is weighed so far.
    const AsWeighed& now() const { return now_; }
    // What there is to say about it, the drawn doubt's among it, worst first.
    const std::vector<Caution>& findings() const { return findings_; }
    // The last word on a target, with where it came from; nothing if it was not weighed.
    const Weighed* lastWeighing(const WeighTarget& target) const;

    // Each returns a fault if the journal could not be written; then nothing has changed.
    std::optional<FileFault> weigh(double grams, WeighOrigin origin = WeighOrigin::Typed);
    std::optional<FileFault> goTo(int step);
    // What went in beside the plan, where the step that is next puts things.
    std::optional<FileFault> topUp(const MaterialPtr& material, double grams);
    std::optional<FileFault> takeBackLastTopUp();
    const std::vector<TopUp>& topUps() const { return topUps_; }
    std::optional<FileFault> keepDraft(const QString& note);
    QString draft() const { return draft_; }
    std::optional<FileFault> finish(const QString& note);
    std::optional<FileFault> stop();

Q_SIGNALS:
    void changed();

private:
    BatchInProgress(Journal& journal, const Formula& formula, const Reckoning& planned,
                    Clock clock);
    void reckonNow(WeighTarget latest);

    Journal& journal_;
    Formula formula_;
    Reckoning planned_;
    Clock clock_;
    DayPlan plan_;
    qint64 batch_ = 0;
    int step_ = 0;
    QString draft_;
    std::vector<Weighed> weighed_;
    std::vector<TopUp> topUps_;
    std::vector<qint64> topUpIds_; // in the journal, the same order
    AsWeighed now_;
    std::vector<Caution> findings_;
};

} // namespace rhexion
