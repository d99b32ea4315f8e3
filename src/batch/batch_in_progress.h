// One batch being made: the plan as it was frozen, what happened so far, and its place in the
// journal. Every event is in the journal, or beside it, before it is shown.
#pragma once

#include <QObject>

#include "batch/draft_keeper.h"
#include "batch/kept_beside.h"
#include "core/batch/standing_danger.h"
#include "core/makeday/place_now.h"
#include "core/makeday/weigh_band.h"
#include "storage/journal.h"

#include <functional>
#include <memory>

namespace rhexion {

using Clock = std::function<QDateTime()>;

class BatchInProgress : public QObject {
    Q_OBJECT
public:
    // Begins a batch of the formula, or takes one up again as it was folded.
    // beside: the folder for drafts and for what the journal cannot take meanwhile; empty: that is
    // then refused.
    static std::variant<std::unique_ptr<BatchInProgress>, FileFault>
    begin(Journal& journal, const Formula& formula, const Reckoning& planned, Clock clock,
          const QString& beside = {});
    static std::unique_ptr<BatchInProgress> resume(Journal& journal, const Batch& batch,
                                                   Clock clock, const QString& beside = {});

    // The unit that its making is shown in, once one was: it does not change on the way.
    std::optional<AmountUnit> shownIn;
    // The words a name or notes may speak of; none until they are given.
    void setWords(std::shared_ptr<const Lexicon> words);

    QString batch() const { return QString::fromStdString(batch_.id); }
    // As it is made: with what stands in another's place.
    const Formula& formula() const { return made_; }
    const Reckoning& planned() const { return planned_; }
    const DayPlan& plan() const { return batch_.plan; }
    int step() const { return int(batch_.nextStep()); }
    // Nothing once all are done or left out.
    const DayStep* stepAtHand() const
    {
        return atEnd() ? nullptr : &plan().steps[std::size_t(step())];
    }
    // The steps after it that are neither done nor left out, so many at most.
    std::vector<const DayStep*> comingUp(std::size_t most) const;
    bool atEnd() const { return step() >= int(plan().steps.size()); }
    std::optional<double> weighedAt(int step) const;
    // What is in the bowls now, as it is weighed so far.
    const AsWeighed& now() const { return now_; }
    // What there is to say about it, the drawn doubt's among it, worst first.
    const std::vector<Caution>& findings() const { return findings_; }
    // The danger that wants an answer before the day goes on; nothing where none does. While there
    // is one, no step is to be done or left out, and the batch is not to be called made.
    std::optional<Caution> danger() const;
    // The maker's answer to it; why is wanted where she goes on. To stop is kept here, and done by
    // stop().
    std::optional<FileFault> answerDanger(DangerAnswer answer, const QString& why);
    QString bench() const { return journal_.bench(); } // that it is made at here
    // What another bench weighed as well and nobody has said yet what of it is in the bowl; like a
    // danger, it stops the day at both. nullptr: none.
    const TwiceWeighed* weighedTwice() const { return batch_.unsettled(); }
    std::optional<FileFault> settle(WeighedTwice is);
    // Something that is asked before the day goes on.
    bool mustStop() const { return weighedTwice() || danger(); }
    // Others' events are in the journal: the batch is folded anew, theirs among its own. Not while
    // own ones wait beside it. Whether there was anything new.
    bool takeInOthers();
    // The bench that did something of it last is another one.
    bool isMadeElsewhere() const { return journal_.isElsewhere(batch_); }
    // It goes on here: the other bench is told by the event.
    std::optional<FileFault> takeOver();
    // What lies where at the step at hand.
    PlaceNow placeNow() const;
    // The last word on a target, with where it came from; nothing if it was not weighed.
    std::optional<Weighed> lastWeighing(const WeighTarget& target) const;

    // Why the journal cannot be written just now; what happened since is kept beside it.
    const std::optional<FileFault>& waitingFor() const { return waitingFor_; }
    // Tries to bring what is kept beside into the journal; true when nothing is left outside it.
    bool bringIn();

    // Each returns a fault if it could not be kept; then nothing has changed.
    std::optional<FileFault> weigh(double grams, WeighOrigin origin = WeighOrigin::Typed);
    // The step at hand is done; which comes next is the plan's to say.
    std::optional<FileFault> done();
    // It is left out.
    std::optional<FileFault> skip();
    // Takes a step up out of order, one that was done as well; nothing but its own state changes.
    // Only where missing() is empty.
    std::optional<FileFault> choose(int step);
    // Places of what must be done before the step and is not.
    std::vector<std::size_t> missing(int step) const;
    // All before it are done, it and all after it are not.
    std::optional<FileFault> goTo(int step);
    bool isDone(int step) const;
    bool isSkipped(int step) const;
    // A thermometer's reading, or what a look into the mould saw, as of now.
    std::optional<FileFault> read(ReadingOf what, double celsius);
    std::optional<FileFault> look(LookSaw saw);
    const std::vector<ReadingAt>& readings() const { return batch_.readings; }
    const std::vector<LookAt>& looks() const { return batch_.looks; }
    heat::DayMoments moments() const { return batch_.moments(); }
    QDateTime clock() const { return clock_(); }
    // What went in beside the plan, where the step that is next puts things.
    std::optional<FileFault> topUp(const MaterialPtr& material, double grams);
    std::optional<FileFault> takeBackLastTopUp();
    const std::vector<AddedAt>& topUps() const { return batch_.topUps; }
    // Off the interface thread; draftKept says how it went.
    DraftKeeper& draft() { return *draft_; }
    // A second try writes nothing twice.
    std::optional<FileFault> finish(const QString& note);
    std::optional<FileFault> stop();

    // What a step's weight may be before it matters; nothing at a step that weighs nothing.
    const std::optional<WeighBand>& band() const { return band_; }
    void setScaleStep(double grams); // 0: no scale
    const Batch& folded() const { return batch_; }
    DayFacts facts() const { return batch_.facts(); }

    std::optional<FileFault> setTimer(const QString& name, double seconds);
    std::optional<FileFault> stopTimer(const std::string& event);
    std::optional<FileFault> blended(double seconds);
    // A share of what lies at the place of the step is gone.
    std::optional<FileFault> lose(double share);
    std::optional<FileFault> substitute(LineId line, const MaterialPtr& material);
    std::optional<FileFault> nearMiss(NearMissKind kind);
    // What is in the bowl once a mend is done, without doing it.
    BatterStage stage() const; // by the steps that are done
    AsWeighed ifMended(const DayMend& mend) const;
    // Does it: what was weighed, or went in besides.
    std::optional<FileFault> mend(const DayMend& mend);

Q_SIGNALS:
    void changed();
    void waitingChanged(); // waitingFor() is new
    void timersChanged();  // timers and bursts, which move no figure

private:
    BatchInProgress(Journal& journal, const Batch& batch, Clock clock, const QString& beside);
    Event event(Happening what) const;
    void reckonNow(WeighTarget latest);
    void findBand();
    void findNow(); // what there is to say, of what was reckoned last
    // Into the journal, or beside it while that cannot be written; then into the batch.
    std::optional<FileFault> keep(const QList<Event>& events);
    std::optional<FileFault> keep(Happening what) { return keep({event(std::move(what))}); }
    std::optional<FileFault> keepAndReckon(Happening what);
    std::optional<FileFault> move(const QList<Event>& events); // from step to step
    std::optional<FileFault> end(Happening how, const QString& note);
    void wait(std::optional<FileFault> fault);

    Journal& journal_;
    Batch batch_;
    Reckoning planned_;
    Clock clock_;
    std::unique_ptr<KeptBeside> beside_;
    std::unique_ptr<DraftKeeper> draft_;
    std::optional<FileFault> waitingFor_;
    QList<Event> ending_; // made once, so that a second try is the same events
    Formula made_;
    AsWeighed now_;
    std::optional<WeighBand> band_;
    double scaleStep_ = 0.0;
    std::optional<Doubt> doubt_;
    std::vector<Caution> findings_;
    std::vector<DangerAnswered> answers_; // that still stand
    std::shared_ptr<const Lexicon> words_ = std::make_shared<const Lexicon>();
};

} // namespace rhexion
