#include "batch/batch_in_progress.h"

#include "storage/event_json.h"

#include <algorithm>

namespace rhexion {

BatchInProgress::BatchInProgress(Journal& journal, const Batch& batch, Clock clock,
                                 const QString& beside)
    : journal_(journal), batch_(batch), planned_(reckonGiven(batch_.formula, batch_.amounts)),
      clock_(std::move(clock)),
      beside_(std::make_unique<KeptBeside>(beside, QString::fromStdString(batch.id))),
      draft_(std::make_unique<DraftKeeper>(beside, QString::fromStdString(batch.id)))
{
}

std::variant<std::unique_ptr<BatchInProgress>, FileFault>
BatchInProgress::begin(Journal& journal, const Formula& formula, const Reckoning& planned,
                       Clock clock, const QString& beside)
{
    const Event first = eventAt(clock(), newId(), journal.bench(),
                                BatchBegun{formula, planned.amounts, planDay(formula, planned)});
    if (auto fault = journal.append({first}))
        return *std::move(fault);
    std::unique_ptr<BatchInProgress> current(
        new BatchInProgress(journal, *fold({&first, 1}), std::move(clock), beside));
    current->reckonNow({});
    return current;
}

std::unique_ptr<BatchInProgress> BatchInProgress::resume(Journal& journal, const Batch& batch,
                                                         Clock clock, const QString& beside)
{
    std::unique_ptr<BatchInProgress> current(
        new BatchInProgress(journal, batch, std::move(clock), beside));
    // What an earlier day could not bring into the journal.
    for (const Event& event : current->beside_->all())
        take(current->batch_, event);
    current->bringIn();
    current->reckonNow({});
    return current;
}

void BatchInProgress::setWords(std::shared_ptr<const Lexicon> words)
{
    words_ = std::move(words);
    findNow();
    Q_EMIT changed();
}

void BatchInProgress::findNow()
{
    findings_ = findingsOf(now_.formula, now_.reckoning, doubt_ ? &*doubt_ : nullptr, *words_);
}

Event BatchInProgress::event(Happening what) const
{
    return eventAt(clock_(), batch_.id, journal_.bench(), std::move(what));
}

std::optional<double> BatchInProgress::weighedAt(int step) const
{
    if (step < 0 || step >= int(plan().steps.size()))
        return std::nullopt;
    const auto last = lastWeighing(plan().steps[std::size_t(step)].target);
    return last ? std::optional(last->grams) : std::nullopt;
}

std::optional<Weighed> BatchInProgress::lastWeighing(const WeighTarget& target) const
{
    const auto words = batch_.lastWords();
    const auto found = std::ranges::find(words, target, &Weighed::target);
    return found == words.end() ? std::nullopt : std::optional(*found);
}

PlaceNow BatchInProgress::placeNow() const
{
    const auto weighed = batch_.lastWords();
    const auto beside = added();
    return rhexion::placeNow(batch_.formula, batch_.plan, batch_.nextStep(), weighed, beside);
}

std::vector<TopUp> BatchInProgress::added() const
{
    std::vector<TopUp> out;
    for (const AddedAt& a : batch_.topUps)
        out.push_back(a.topUp);
    return out;
}

void BatchInProgress::reckonNow(WeighTarget latest)
{
    now_ = reckonAsWeighed(batch_.formula, planned_, batch_.lastWords(), latest, added());
    doubt_ = doubtOf(now_.formula, now_.reckoning);
    findNow();
    Q_EMIT changed();
}

std::optional<FileFault> BatchInProgress::weigh(double grams, WeighOrigin origin)
{
    const DayStep& step = plan().steps[std::size_t(this->step())];
    const WeighTarget target = step.target;
    if (auto fault = keep(WeighedNow{{target, grams, origin}, step.plannedGrams}))
        return fault;
    reckonNow(target);
    return std::nullopt;
}

std::optional<FileFault> BatchInProgress::read(ReadingOf what, double celsius)
{
    return keep(ReadingTaken{what, celsius});
}

std::optional<FileFault> BatchInProgress::look(LookSaw saw)
{
    return keep(LookedIn{saw});
}

std::optional<FileFault> BatchInProgress::topUp(const MaterialPtr& material, double grams)
{
    const Vessel vessel = atEnd() ? Vessel::Top : plan().steps[std::size_t(step())].vessel;
    if (auto fault = keep(AddedBeside{{material, vessel, grams}}))
        return fault;
    reckonNow({});
    return std::nullopt;
}

std::optional<FileFault> BatchInProgress::takeBackLastTopUp()
{
    if (batch_.topUps.empty())
        return std::nullopt;
    if (auto fault = keep(TakenBack{batch_.topUps.back().event}))
        return fault;
    reckonNow({});
    return std::nullopt;
}

std::optional<FileFault> BatchInProgress::goTo(int step)
{
    const int to = std::clamp(step, 0, int(plan().steps.size()));
    QList<Event> events;
    for (int i = 0; i < int(plan().steps.size()); ++i) {
        const StepKey key = keyOf(plan().steps[std::size_t(i)]);
        const bool done = std::ranges::find(batch_.done, key) != batch_.done.end();
        if (i < to && !done)
            events.append(event(StepDone{key}));
        else if (i >= to && done)
            events.append(event(StepReopened{key}));
    }
    if (!events.isEmpty())
        if (auto fault = keep(events))
            return fault;
    // What was weighed before has been stirred in by now and cannot be taken out again. The bowl is
    // the same, so what was found about it stands.
    now_ = reckonAsWeighed(batch_.formula, planned_, batch_.lastWords(), {}, added());
    Q_EMIT changed();
    return std::nullopt;
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
    const QList<Event> events = beside_->all();
    // Their ids are known, so a stop half way through loses nothing and doubles nothing.
    if (!events.isEmpty()) {
        if (auto fault = journal_.append(events)) {
            wait(std::move(fault));
            return false;
        }
        beside_->clear();
    }
    wait(std::nullopt);
    return true;
}

std::optional<FileFault> BatchInProgress::keep(const QList<Event>& events)
{
    // In their order: nothing goes into the journal past what waits beside it.
    if (!waitingFor_ || bringIn()) {
        if (auto fault = journal_.append(events)) {
            if (!mayPass(*fault) || !beside_->append(events))
                return fault;
            wait(std::move(fault));
        }
    } else if (!beside_->append(events)) {
        return waitingFor_;
    }
    for (const Event& e : events)
        take(batch_, e);
    return std::nullopt;
}

std::optional<FileFault> BatchInProgress::end(Happening how, const QString& note)
{
    if (!bringIn())
        return waitingFor_;
    QList<Event> events;
    if (!note.trimmed().isEmpty())
        events.append(event(Noted{note.trimmed().toStdString()}));
    events.append(event(std::move(how)));
    if (auto fault = journal_.append(events)) {
        // A first try may have been written although its answer was lost.
        const auto there = journal_.batch(batch());
        const auto* as = std::get_if<Batch>(&there);
        if (fault->code != FileFault::Code::Missing || !as || as->state != BatchState::Finished)
            return fault;
    }
    for (const Event& e : events)
        take(batch_, e);
    draft_->clear();
    return std::nullopt;
}

std::optional<FileFault> BatchInProgress::finish(const QString& note)
{
    if (batch_.state == BatchState::Finished)
        return std::nullopt;
    const Reckoning& r = now_.reckoning;
    return end(BatchFinished{r.superfatTrue, r.pure.strength, r.batterGrams}, note);
}

std::optional<FileFault> BatchInProgress::stop()
{
    return end(BatchStopped{}, draft_->text());
}

} // namespace rhexion
