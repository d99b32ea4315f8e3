#include "app/make/batch_in_progress.h"

#include "storage/formula_json.h"
#include "words/words.h"

#include <algorithm>

namespace rhexion {

BatchInProgress::BatchInProgress(Journal& journal, const Formula& formula, const Reckoning& planned,
                                 Clock clock)
    : journal_(journal), formula_(formula), planned_(planned), clock_(std::move(clock)),
      plan_(planDay(formula_, planned_))
{
    reckonNow({});
}

std::variant<std::unique_ptr<BatchInProgress>, FileFault>
BatchInProgress::begin(Journal& journal, const Formula& formula, const Reckoning& planned,
                       Clock clock, const QString& beside)
{
    const auto started = journal.startBatch(formula, planned, clock());
    if (const auto* fault = std::get_if<FileFault>(&started))
        return *fault;
    std::unique_ptr<BatchInProgress> current(
        new BatchInProgress(journal, formula, planned, std::move(clock)));
    current->batch_ = std::get<qint64>(started);
    current->beside_ = std::make_unique<KeptBeside>(beside, current->batch_);
    return current;
}

std::variant<std::unique_ptr<BatchInProgress>, FileFault>
BatchInProgress::resume(Journal& journal, const BatchRecord& record, Clock clock,
                        const QString& beside)
{
    const auto formula = formulaFromJson(record.formula);
    if (const auto* fault = std::get_if<FileFault>(&formula))
        return *fault;
    const ReckonResult planned = reckon(std::get<Formula>(formula));
    if (!std::holds_alternative<Reckoning>(planned))
        return FileFault{FileFault::Code::BadMaterial, QStringLiteral("formula"), {}};
    std::unique_ptr<BatchInProgress> current(new BatchInProgress(
        journal, std::get<Formula>(formula), std::get<Reckoning>(planned), std::move(clock)));
    current->batch_ = record.summary.id;
    current->draft_ = record.summary.draft;
    current->step_ = std::min(record.summary.step, int(current->plan_.steps.size()));
    for (const WeighingRecord& weighing : record.weighings)
        current->weighed_.push_back(weighing.weighed);
    // What an earlier day could not bring into the journal.
    current->beside_ = std::make_unique<KeptBeside>(beside, current->batch_);
    for (const BesideEvent& event : current->beside_->all()) {
        if (const auto& w = event.weighing) {
            current->take(w->weighed);
        }
        if (event.step)
            current->step_ = std::clamp(*event.step, 0, int(current->plan_.steps.size()));
    }
    current->bringIn();
    for (const TopUpRecord& added : record.topUps) {
        current->topUps_.push_back(added.topUp);
        current->topUpIds_.push_back(added.id);
    }
    current->reckonNow({});
    return current;
}

std::optional<double> BatchInProgress::weighedAt(int step) const
{
    if (step < 0 || step >= int(plan_.steps.size()))
        return std::nullopt;
    const WeighTarget& target = plan_.steps[std::size_t(step)].target;
    const Weighed* last = lastWeighing(target);
    return last ? std::optional(last->grams) : std::nullopt;
}

const Weighed* BatchInProgress::lastWeighing(const WeighTarget& target) const
{
    const auto found = std::ranges::find(weighed_, target, &Weighed::target);
    return found == weighed_.end() ? nullptr : &*found;
}

void BatchInProgress::take(const Weighed& weighed)
{
    std::erase_if(weighed_, [&](const Weighed& old) { return old.target == weighed.target; });
    weighed_.push_back(weighed);
}

void BatchInProgress::reckonNow(WeighTarget latest)
{
    now_ = reckonAsWeighed(formula_, planned_, weighed_, latest, topUps_);
    const auto doubt = doubtOf(now_.formula, now_.reckoning);
    findings_ = findingsOf(now_.formula, now_.reckoning, doubt ? &*doubt : nullptr);
    Q_EMIT changed();
}

std::optional<FileFault> BatchInProgress::weigh(double grams, WeighOrigin origin)
{
    const DayStep& step = plan_.steps[std::size_t(step_)];
    const WeighingRecord record{{step.target, grams, origin},
                                words::targetName(step.target, formula_),
                                step.plannedGrams,
                                clock_()};
    if (auto fault = keep({record, {}}))
        return fault;
    take(record.weighed);
    reckonNow(step.target);
    return std::nullopt;
}

std::optional<FileFault> BatchInProgress::topUp(const MaterialPtr& material, double grams)
{
    const Vessel vessel = atEnd() ? Vessel::Top : plan_.steps[std::size_t(step_)].vessel;
    const TopUp topUp{material, vessel, grams};
    const auto id = journal_.addTopUp(batch_, topUp, clock_());
    if (const auto* fault = std::get_if<FileFault>(&id))
        return *fault;
    topUps_.push_back(topUp);
    topUpIds_.push_back(std::get<qint64>(id));
    reckonNow({});
    return std::nullopt;
}

std::optional<FileFault> BatchInProgress::takeBackLastTopUp()
{
    if (topUps_.empty())
        return std::nullopt;
    if (auto fault = journal_.takeBackTopUp(topUpIds_.back()))
        return fault;
    topUps_.pop_back();
    topUpIds_.pop_back();
    reckonNow({});
    return std::nullopt;
}

std::optional<FileFault> BatchInProgress::goTo(int step)
{
    const int to = std::clamp(step, 0, int(plan_.steps.size()));
    if (auto fault = keep({{}, to}))
        return fault;
    step_ = to;
    // What was weighed before has been stirred in by now and cannot be taken out again. The bowl is
    // the same, so what was found about it stands.
    now_ = reckonAsWeighed(formula_, planned_, weighed_, {}, topUps_);
    Q_EMIT changed();
    return std::nullopt;
}

std::optional<FileFault> BatchInProgress::write(const BesideEvent& event)
{
    return event.weighing ? journal_.recordWeighing(batch_, *event.weighing)
                          : journal_.recordStep(batch_, *event.step);
}

void BatchInProgress::wait(std::optional<FileFault> fault)
{
    const bool news = waitingFor_.has_value() != fault.has_value();
    waitingFor_ = std::move(fault);
    if (news)
        Q_EMIT waitingChanged();
}

bool BatchInProgress::bringIn()
{
    const QList<BesideEvent> events = beside_ ? beside_->all() : QList<BesideEvent>{};
    // Each can be written twice without harm, so a stop half way through loses nothing.
    for (const BesideEvent& event : events)
        if (auto fault = write(event)) {
            wait(std::move(fault));
            return false;
        }
    if (!events.isEmpty())
        beside_->clear();
    wait(std::nullopt);
    return true;
}

std::optional<FileFault> BatchInProgress::keep(const BesideEvent& event)
{
    // In their order: nothing goes into the journal past what waits beside it.
    if (!waitingFor_ || bringIn()) {
        auto fault = write(event);
        if (!fault)
            return std::nullopt;
        if (fault->code == FileFault::Code::Missing || !beside_ || !beside_->append(event))
            return fault;
        wait(std::move(fault));
        return std::nullopt;
    }
    return beside_->append(event) ? std::nullopt : waitingFor_;
}

std::optional<FileFault> BatchInProgress::keepDraft(const QString& note)
{
    if (auto fault = journal_.recordDraft(batch_, note))
        return fault;
    draft_ = note;
    return std::nullopt;
}

std::optional<FileFault> BatchInProgress::finish(const QString& note)
{
    if (!bringIn())
        return waitingFor_;
    return journal_.finishBatch(batch_, now_.reckoning, note.trimmed(), clock_());
}

std::optional<FileFault> BatchInProgress::stop()
{
    if (!bringIn())
        return waitingFor_;
    return journal_.stopBatch(batch_, clock_());
}

} // namespace rhexion
