// One batch being made: the plan, what was weighed so far, and its place in the journal. Every
// change is in the journal before it is shown.
#pragma once

#include <QObject>

#include "app/make/kept_beside.h"
#include "core/makeday/as_weighed.h"
#include "storage/journal.h"

#include <functional>

namespace rhexion {

using Clock = std::function<QDateTime()>;

class BatchInProgress : public QObject {
    Q_OBJECT
public:
    // Begins a batch of the formula, or takes one up again from its record.
    // beside: the folder for what the journal cannot take meanwhile; empty: it is then refused.
    static std::variant<std::unique_ptr<BatchInProgress>, FileFault>
    begin(Journal& journal, const Formula& formula, const Reckoning& planned, Clock clock,
          const QString& beside = {});
    static std::variant<std::unique_ptr<BatchInProgress>, FileFault>
    resume(Journal& journal, const BatchRecord& record, Clock clock, const QString& beside = {});

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

    // Why the journal cannot be written just now; what was weighed since is kept beside it.
    const std::optional<FileFault>& waitingFor() const { return waitingFor_; }
    // Tries to bring what is kept beside into the journal; true when nothing is left outside it.
    bool bringIn();

    // Each returns a fault if it could not be kept; then nothing has changed.
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
    void waitingChanged(); // waitingFor() is new

private:
    BatchInProgress(Journal& journal, const Formula& formula, const Reckoning& planned,
                    Clock clock);
    void take(const Weighed& weighed); // the newest of its target counts
    void reckonNow(WeighTarget latest);
    // Into the journal, or beside it while that cannot be written.
    std::optional<FileFault> keep(const BesideEvent& event);
    std::optional<FileFault> write(const BesideEvent& event);
    void wait(std::optional<FileFault> fault);

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
    std::unique_ptr<KeptBeside> beside_;
    std::optional<FileFault> waitingFor_;
    AsWeighed now_;
    std::vector<Caution> findings_;
};

} // namespace rhexion
