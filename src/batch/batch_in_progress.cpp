#include "batch/batch_in_progress.h"

#include "core/makeday/mend_stage.h"
#include "core/materials/limits.h"

#include "storage/event_json.h"

#include <algorithm>

namespace rhexion {

namespace {

// What this bench is called, where it has a name: written where a batch begins or is taken over.
QList<Event> nameHere(const Journal& journal, const std::string& batch, const QDateTime& now)
{
    const QString name = journal.benchName().left(qsizetype(limits::benchName));
    if (name.isEmpty())
        return {};
    return {eventAt(now, batch, journal.bench(), MadeAtBench{name.toStdString()})};
}

} // namespace

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
    const QList<Event> events = QList<Event>{first} + nameHere(journal, first.batch, clock());
    if (auto fault = journal.append(events))
        return *std::move(fault);
    std::unique_ptr<BatchInProgress> current(
        new BatchInProgress(journal, *fold({events.constData(), std::size_t(events.size())}),
                            std::move(clock), beside));
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
    current->answers_ = standingAnswers(current->batch_);
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
    // A danger that was mended and comes back is a new one.
    std::erase_if(answers_, [&](const DangerAnswered& a) {
        return std::ranges::none_of(findings_, [&](const Caution& c) {
            return c.severity == Severity::Danger && covers(a, c);
        });
    });
}

std::optional<Caution> BatchInProgress::danger() const
{
    const Caution* found = unanswered(findings_, answers_);
    return found ? std::optional(*found) : std::nullopt;
}

std::optional<FileFault> BatchInProgress::answerDanger(DangerAnswer answer, const QString& why)
{
    const auto found = danger();
    if (!found)
        return std::nullopt;
    DangerAnswered given{found->code,    found->line,
                         found->portion, found->figures,
                         answer,         why.trimmed().left(limits::dangerWhy).toStdString()};
    if (given.figures.size() > limits::cautionFigures)
        given.figures.resize(limits::cautionFigures);
    if (auto fault = keep(given))
        return fault;
    if (answer == DangerAnswer::GoOn)
        answers_.push_back(std::move(given));
    Q_EMIT changed();
    return std::nullopt;
}

std::optional<FileFault> BatchInProgress::settle(WeighedTwice is)
{
    const TwiceWeighed* twice = weighedTwice();
    return twice ? keepAndReckon(TwiceSettled{twice->second.event, is}) : std::nullopt;
}

bool BatchInProgress::takeInOthers()
{
    if (waitingFor_)
        return false;
    const auto read = journal_.batch(batch());
    const auto* now = std::get_if<Batch>(&read);
    if (!now || (now->madeLast == batch_.madeLast && now->madeAt == batch_.madeAt &&
                 now->changes == batch_.changes))
        return false;
    batch_ = *now;
    reckonNow({});
    return true;
}

std::optional<FileFault> BatchInProgress::takeOver()
{
    const DayStep* step = stepAtHand();
    if (!step || !isMadeElsewhere())
        return std::nullopt;
    return move(nameHere(journal_, batch_.id, clock_()) << event(StepChosen{keyOf(*step)}));
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
    const WeighedAt* last = batch_.lastWord(target);
    return last ? std::optional(last->weighed) : std::nullopt;
}

PlaceNow BatchInProgress::placeNow() const
{
    const DayFacts facts = batch_.facts();
    return rhexion::placeNow(made_, batch_.plan, batch_.nextStep(), batch_.isDone(), facts.weighed,
                             facts.topUps);
}

BatterStage BatchInProgress::stage() const
{
    return stageOf(batch_.plan, batch_.isDone());
}

void BatchInProgress::reckonNow(WeighTarget latest)
{
    const DayFacts facts = batch_.facts();
    made_ = withSubstitutes(batch_.formula, facts.substitutes);
    now_ = reckonAsWeighed(batch_.formula, planned_, facts, latest, stage());
    doubt_ = doubtOf(now_.formula, now_.reckoning);
    findBand();
    findNow();
    Q_EMIT changed();
}

void BatchInProgress::findBand()
{
    band_.reset();
    if (atEnd())
        return;
    const WeighTarget& target = plan().steps[std::size_t(step())].target;
    if (target.what != WeighTarget::What::None)
        band_ = weighBand(batch_.formula, planned_, batch_.facts(), target, scaleStep_);
}

void BatchInProgress::setScaleStep(double grams)
{
    if (scaleStep_ == grams)
        return;
    scaleStep_ = grams;
    findBand();
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

bool BatchInProgress::isDone(int step) const
{
    return std::ranges::find(batch_.done, keyOf(plan().steps[std::size_t(step)])) !=
           batch_.done.end();
}

bool BatchInProgress::isSkipped(int step) const
{
    return std::ranges::find(batch_.skipped, keyOf(plan().steps[std::size_t(step)])) !=
           batch_.skipped.end();
}

std::vector<const DayStep*> BatchInProgress::comingUp(std::size_t most) const
{
    std::vector<const DayStep*> out;
    const auto passed = batch_.passed();
    const std::size_t here = batch_.nextStep();
    for (std::size_t i = 0; i < passed.size() && out.size() < most; ++i)
        if (i != here && !passed[i])
            out.push_back(&plan().steps[i]);
    return out;
}

std::vector<std::size_t> BatchInProgress::missing(int step) const
{
    return missingFor(plan(), batch_.passed(), std::size_t(step));
}

std::optional<FileFault> BatchInProgress::move(const QList<Event>& events)
{
    if (!events.isEmpty())
        if (auto fault = keep(events))
            return fault;
    // What was weighed before has been stirred in by now and cannot be taken out again. The bowl is
    // the same, so what was found about it stands.
    now_ = reckonAsWeighed(batch_.formula, planned_, batch_.facts(), {}, stage());
    findBand();
    Q_EMIT changed();
    return std::nullopt;
}

std::optional<FileFault> BatchInProgress::done()
{
    return atEnd() ? std::nullopt
                   : move({event(StepDone{keyOf(plan().steps[std::size_t(step())])})});
}

std::optional<FileFault> BatchInProgress::skip()
{
    return atEnd() ? std::nullopt
                   : move({event(StepSkipped{keyOf(plan().steps[std::size_t(step())])})});
}

std::optional<FileFault> BatchInProgress::choose(int step)
{
    if (step < 0 || step >= int(plan().steps.size()) || step == this->step())
        return std::nullopt;
    const StepKey key = keyOf(plan().steps[std::size_t(step)]);
    QList<Event> events;
    if (isDone(step) || isSkipped(step))
        events << event(StepReopened{key});
    events << event(StepChosen{key});
    return move(events);
}

std::optional<FileFault> BatchInProgress::goTo(int step)
{
    const int to = std::clamp(step, 0, int(plan().steps.size()));
    QList<Event> events;
    for (int i = 0; i < int(plan().steps.size()); ++i) {
        const StepKey key = keyOf(plan().steps[std::size_t(i)]);
        if (i < to && !isDone(i) && !isSkipped(i))
            events.append(event(StepDone{key}));
        else if (i >= to && (isDone(i) || isSkipped(i)))
            events.append(event(StepReopened{key}));
    }
    if (to < int(plan().steps.size()))
        events.append(event(StepChosen{keyOf(plan().steps[std::size_t(to)])}));
    return move(events);
}

std::optional<FileFault> BatchInProgress::keepAndReckon(Happening what)
{
    if (auto fault = keep(std::move(what)))
        return fault;
    reckonNow({});
    return std::nullopt;
}

std::optional<FileFault> BatchInProgress::setTimer(const QString& name, double seconds)
{
    if (batch_.timers.size() >= mostTimers)
        return std::nullopt;
    auto fault = keep(TimerSet{name.toStdString(), std::clamp(seconds, 1.0, longestTimer)});
    Q_EMIT timersChanged();
    return fault;
}

std::optional<FileFault> BatchInProgress::stopTimer(const std::string& event)
{
    auto fault = keep(TimerStopped{event});
    Q_EMIT timersChanged();
    return fault;
}

std::optional<FileFault> BatchInProgress::blended(double seconds)
{
    auto fault = keep(Blended{std::clamp(seconds, 0.0, 3600.0)});
    Q_EMIT timersChanged();
    return fault;
}

std::optional<FileFault> BatchInProgress::lose(double share)
{
    const PlaceNow here = placeNow();
    Loss loss{here.place, here.portion, share, {}, {}};
    // Of a bowl only its share of everything is lost.
    double whole = 0.0;
    for (const Lying& lying : here.in) {
        whole += lying.grams;
        if (lying.target.what != WeighTarget::What::None)
            loss.of.push_back(lying.target);
    }
    if (here.place == Place::Bowl && now_.reckoning.batterGrams > 0.0)
        loss.share = std::min(1.0, share * whole / now_.reckoning.batterGrams);
    if (here.place != Place::LyeJug && here.place != Place::SecondJug &&
        here.place != Place::OilPot)
        for (const AddedAt& added : batch_.topUps)
            loss.besides.push_back(added.event);
    return keepAndReckon(PartLost{std::move(loss)});
}

std::optional<FileFault> BatchInProgress::substitute(LineId line, const MaterialPtr& material)
{
    return keepAndReckon(Substituted{{line, material}});
}

std::optional<FileFault> BatchInProgress::nearMiss(NearMissKind kind)
{
    return keep(NearMiss{kind});
}

AsWeighed BatchInProgress::ifMended(const DayMend& mend) const
{
    return reckonAsWeighed(batch_.formula, planned_,
                           after(mend, batch_.formula, planned_, batch_.facts()), {}, stage());
}

std::optional<FileFault> BatchInProgress::mend(const DayMend& mend)
{
    const DayFacts before = batch_.facts();
    const DayFacts then = after(mend, batch_.formula, planned_, before);
    QList<Event> events;
    for (std::size_t i = before.weighed.size(); i < then.weighed.size(); ++i) {
        const WeighTarget& target = then.weighed[i].target;
        events << event(
            WeighedNow{then.weighed[i], plannedGrams(target, batch_.formula, planned_)});
        // A mend is in place of what was weighed, wherever that was.
        const WeighedAt* last = batch_.lastWord(target);
        if (last && last->bench != journal_.bench().toStdString())
            events << event(TwiceSettled{events.back().id, WeighedTwice::Second});
    }
    for (std::size_t i = before.topUps.size(); i < then.topUps.size(); ++i)
        events << event(AddedBeside{then.topUps[i]});
    if (auto fault = keep(events))
        return fault;
    reckonNow({});
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
