#include "app/make/make_page.h"

#include "app/help.h"
#include "app/make/danger_panel.h"
#include "app/make/day_plan_page.h"
#include "app/make/finger.h"
#include "app/make/heat_card.h"
#include "app/make/held_keys.h"
#include "app/make/place_panel.h"
#include "app/make/step_card.h"
#include "app/make/step_list.h"
#include "app/make/timers_bar.h"
#include "app/make/trouble_panel.h"
#include "app/theme/theme.h"
#include "app/widgets/label.h"
#include "app/widgets/page_at_hand.h"
#include "app/widgets/scroll_room.h"
#include "app/widgets/typing_line.h"
#include "core/batch/walked_through.h"
#include "storage/material_names.h"
#include "words/day_words.h"
#include "words/device_words.h"
#include "words/lexicon.h"
#include "words/names.h"
#include "words/refusal_words.h"
#include "words/slip_words.h"
#include "words/step_help_words.h"

#include <QApplication>
#include <QComboBox>
#include <QHBoxLayout>
#include <QKeyEvent>
#include <QLineEdit>
#include <QPlainTextEdit>
#include <QPushButton>
#include <QRegularExpression>
#include <QVBoxLayout>

namespace rhexion {

MakePage::MakePage(Stock& stock, Clock clock, QWidget* parent)
    : QWidget(parent), stock_(stock), day_(new DayPlanPage(clock, this)),
      whole_(new DayPlanPage(std::move(clock), this))
{
    helpOn(this, "make");
    // What is kept beside the journal goes in as soon as that can be written again.
    constexpr int pause = 2000; // ms
    again_.setInterval(pause);
    connect(&again_, &QTimer::timeout, this, [this] {
        if (current_ && current_->waitingFor())
            current_->bringIn();
    });
    again_.start();
    // A letter is no reason to wait for the disk: the draft is kept when the hand rests.
    constexpr int rest = 700; // ms
    draft_.setSingleShot(true);
    draft_.setInterval(rest);
    connect(&draft_, &QTimer::timeout, this, &MakePage::keepDraft);
    setObjectName(QStringLiteral("page"));
    stack_ = new PageAtHand(this);
    stack_->addWidget(day_);
    connect(day_, &DayPlanPage::noted, this, &MakePage::noted);
    stack_->addWidget(buildDay());
    auto* layout = new QVBoxLayout(this);
    layout->setContentsMargins(12, 8, 12, 12);
    layout->addWidget(stack_);
    connect(&Theme::news(), &LookNews::changed, this, &MakePage::fitRoom);
    keys_ = watchKeys();
}

HeldKeys* MakePage::watchKeys()
{
    using Does = HeldKeys::Does;
    const auto does = [this](const QKeyEvent& key) {
        QWidget* at = QApplication::focusWidget();
        const bool letter =
            key.key() == Qt::Key_T || key.key() == Qt::Key_H || key.key() == Qt::Key_B;
        const bool enter = key.key() == Qt::Key_Return || key.key() == Qt::Key_Enter;
        const bool acts = enter || letter || key.key() == Qt::Key_Space ||
                          key.key() == Qt::Key_Left || key.key() == Qt::Key_Right;
        if (!acts || !at || (at != this && !isAncestorOf(at)))
            return Does::Nothing;
        if (at == card_->weighed()) {
            if (letter)
                return Does::Nothing;
            if (!card_->weighed()->isModified())
                return Does::GoesOn;
            return enter ? Does::Keeps : Does::Nothing;
        }
        // Elsewhere a field takes what is written into it.
        const bool writes = at->testAttribute(Qt::WA_InputMethodEnabled);
        return writes && !(enter && key.modifiers()) ? Does::Nothing : Does::GoesOn;
    };
    const auto isGoOn = [this](QPoint at) { return card_->isGoOn(QApplication::widgetAt(at)); };
    auto* keys = new HeldKeys(does, isGoOn, this);
    connect(keys, &HeldKeys::heldDown, this, [this] {
        if (current_)
            Q_EMIT noted(tr("One press, one step: lift the key and press again."));
    });
    return keys;
}

MakePage::~MakePage()
{
    keepDraft();
}

QLineEdit* MakePage::weighedField() const
{
    return card_->weighed();
}

TypingLine* MakePage::extra() const
{
    return card_->extra();
}

QWidget* MakePage::buildDay()
{
    auto* box = new QWidget(this);
    auto* left = new QFrame(box);
    left->setObjectName(QStringLiteral("card"));
    left_ = left;
    name_ = new Label(left);
    name_->setFont(Theme::strong());
    name_->setWordWrap(true);
    list_ = new StepList(left);
    connect(list_, &StepList::wanted, this, &MakePage::goTo);
    stop_ = new QPushButton(tr("Stop this batch"), left);
    leastHeight(stop_, fingerTall);
    connect(stop_, &QPushButton::clicked, this, &MakePage::stop);
    auto* leftLayout = new QVBoxLayout(left);
    leftLayout->addWidget(name_);
    leftLayout->addWidget(list_, 1);
    wholeButton_ = new QPushButton(tr("The whole day"), left);
    wholeButton_->setCheckable(true);
    leastHeight(wholeButton_, fingerTall);
    connect(wholeButton_, &QPushButton::clicked, this, &MakePage::showWholeDay);
    leftLayout->addWidget(wholeButton_);
    leftLayout->addWidget(stop_);

    card_ = new StepCard(stock_, box);
    connect(card_, &StepCard::goOnWanted, this, &MakePage::goOn);
    connect(card_, &StepCard::goBackWanted, this, &MakePage::goBack);
    connect(card_, &StepCard::spaceAtEnd, this, [this] {
        Q_EMIT noted(tr("Space does not finish a batch: press Ctrl+Return, or the button."));
    });
    connect(card_, &StepCard::keepWanted, this, [this] { keepWeighed(); });
    connect(card_, &StepCard::takeBackWanted, this,
            [this] { good(current_->takeBackLastTopUp()); });
    connect(card_, &StepCard::noteTyped, this, [this] { draft_.start(); });
    connect(card_->extra(), &TypingLine::lineWanted, this, &MakePage::topUp);
    connect(card_->extra(), &TypingLine::hydroxideWanted, this, [this] {
        Q_EMIT noted(tr("Lye is weighed at its own step: press that in the list and type what is "
                        "in there now."));
    });
    heat_ = new HeatCard(card_);
    card_->setBelow(heat_);
    connect(card_, &StepCard::skipWanted, this, &MakePage::skip);
    connect(card_, &StepCard::troubleWanted, this, &MakePage::openTrouble);
    connect(card_, &StepCard::tareWanted, this, [this] {
        if (desk_ && !desk_->tare())
            Q_EMIT noted(words::notTaken(desk_->weight().steady));
    });
    connect(card_, &StepCard::scoopWanted, this, [this] {
        const auto now = live();
        if (!now || now->steady != devices::Steady::Yes || now->grams <= 0.0) {
            Q_EMIT noted(words::notTaken(now ? now->steady : devices::Steady::NoReading));
            return;
        }
        scoops_ += now->grams;
        desk_->tare();
        // With its unit, which the scale has whatever is typed otherwise.
        card_->weighed()->setText(speech_.mass(scoops_));
        card_->weighed()->setModified(true);
    });
    timers_ = new TimersBar(card_);
    card_->setTimers(timers_);
    connect(timers_, &TimersBar::setWanted, this, [this](const QString& name, double seconds) {
        if (current_)
            good(current_->setTimer(name, seconds));
    });
    connect(timers_, &TimersBar::stopWanted, this, [this](const QString& event) {
        if (current_)
            good(current_->stopTimer(event.toStdString()));
    });
    connect(timers_, &TimersBar::blended, this, [this](double seconds) {
        if (current_)
            good(current_->blended(seconds));
    });
    connect(timers_, &TimersBar::rang, this, &MakePage::noted);
    trouble_ = new TroublePanel(stock_, box);
    connect(trouble_, &TroublePanel::closed, this, &MakePage::closeTrouble);
    connect(trouble_, &TroublePanel::refused, this, &MakePage::noted);
    connect(trouble_, &TroublePanel::lost, this,
            [this](double share) { good(current_->lose(share)); });
    connect(trouble_, &TroublePanel::substituted, this,
            [this](LineId line, const MaterialPtr& m) { good(current_->substitute(line, m)); });
    connect(trouble_, &TroublePanel::mended, this,
            [this](const DayMend& mend) { good(current_->mend(mend)); });
    connect(trouble_, &TroublePanel::missed, this, [this](NearMissKind kind) {
        if (good(current_->nearMiss(kind)))
            closeTrouble();
    });
    connect(heat_, &HeatCard::read, this, [this](ReadingOf what, double celsius) {
        if (current_ && good(current_->read(what, celsius)))
            heat_->show(current_.get());
    });
    connect(heat_, &HeatCard::lookedIn, this, [this](LookSaw saw) {
        if (current_ && good(current_->look(saw)))
            heat_->show(current_.get());
    });
    connect(heat_, &HeatCard::alarm, this, &MakePage::noted);
    connect(heat_, &HeatCard::refused, this, &MakePage::noted);
    place_ = new PlacePanel(box);

    auto* row = new QHBoxLayout(box);
    row->setContentsMargins(0, 0, 0, 0);
    row->setSpacing(8);
    row->addWidget(left);
    middle_ = new PageAtHand(box);
    middle_->addWidget(card_);
    middle_->addWidget(new ScrollRoom(trouble_, middle_));
    middle_->addWidget(whole_);
    danger_ = new DangerPanel(box);
    dangerRoom_ = new ScrollRoom(danger_, middle_);
    middle_->addWidget(dangerRoom_);
    connect(danger_, &DangerPanel::mendWanted, this, [this] { answerDanger(DangerAnswer::Mend); });
    connect(danger_, &DangerPanel::goOnWanted, this,
            [this](const QString& why) { answerDanger(DangerAnswer::GoOn, why); });
    connect(danger_, &DangerPanel::stopWanted, this, [this] { answerDanger(DangerAnswer::Stop); });
    connect(danger_, &DangerPanel::settled, this, [this](WeighedTwice is) {
        if (current_)
            good(current_->settle(is));
    });
    connect(danger_, &DangerPanel::noted, this, &MakePage::noted);
    row->addWidget(middle_, 1);
    row->addWidget(place_);
    return box;
}

void MakePage::fitRoom()
{
    // The step comes first, then the list of steps, then the vessel beside it. The page itself may
    // be wider than what is seen of it.
    const QWidget* seen = parentWidget() ? parentWidget() : this;
    const int wide = seen->width() - 24;
    left_->setVisible(wide >= Theme::px(860));
    left_->setFixedWidth(Theme::px(wide >= Theme::px(1100) ? 304 : 248));
    const bool drawn = wide >= Theme::px(980);
    const bool news = place_->isHidden() == drawn;
    place_->setVisible(drawn);
    place_->setFixedWidth(Theme::px(wide >= Theme::px(1150) ? 264 : 228));
    card_->setCrowded(seen->height() < Theme::px(560));
    if (news && current_)
        refreshStep();
}

bool MakePage::eventFilter(QObject* watched, QEvent* event)
{
    if (event->type() == QEvent::Resize && watched == parentWidget())
        fitRoom();
    return QWidget::eventFilter(watched, event);
}

void MakePage::resizeEvent(QResizeEvent* event)
{
    fitRoom();
    QWidget::resizeEvent(event);
}

void MakePage::setSpeech(const Speech& speech)
{
    wanted_ = speech;
    day_->setSpeech(speech);
    speak();
    refresh();
}

void MakePage::speak()
{
    // A batch keeps the unit it began in: a weight half typed must not become another.
    Habits habits = wanted_.habits();
    if (current_)
        habits.massUnit = current_->shownIn.value_or(habits.massUnit);
    if (current_ && !current_->shownIn)
        current_->shownIn = habits.massUnit;
    if (habits.massUnit != wanted_.habits().massUnit)
        Q_EMIT noted(tr("This batch goes on in the unit it began in."));
    speech_ = Speech(habits);
    card_->extra()->setSpeech(speech_);
    heat_->setSpeech(speech_);
    timers_->setSpeech(speech_);
    trouble_->setSpeech(speech_);
    whole_->setSpeech(speech_);
}

bool MakePage::isStopped() const
{
    return middle_->currentWidget() == dangerRoom_;
}

bool MakePage::stopsAtDanger()
{
    if (!current_ || !current_->mustStop())
        return false;
    showDanger();
    return true;
}

void MakePage::showDanger()
{
    wholeButton_->setChecked(false);
    middle_->setCurrentWidget(dangerRoom_);
    keys_->stepChanged();
    if (const TwiceWeighed* twice = current_->weighedTwice()) {
        danger_->show(words::weighedTwice(current_->folded(), *twice, speech_,
                                          current_->bench().toStdString()));
        return;
    }
    asked_ = current_->danger();
    danger_->show(words::dangerSaid(*asked_, current_->now(), speech_));
}

void MakePage::answerDanger(DangerAnswer answer, const QString& why)
{
    if (!current_ || !good(current_->answerDanger(answer, why)))
        return;
    if (answer == DangerAnswer::Stop) {
        stopNow();
        return;
    }
    if (answer != DangerAnswer::Mend)
        return;
    closeTrouble();
    if (!current_->now().mends.empty()) {
        trouble_->what()->setCurrentIndex(int(TroublePanel::What::TooMuchOrLittle));
        openTrouble();
    }
}

void MakePage::showWholeDay(bool on)
{
    wholeButton_->setChecked(on);
    whole_->setBatch(current_.get());
    middle_->setCurrentIndex(on && current_ ? 2 : 0);
    if (middle_->currentIndex() == 0)
        card_->takeFocus();
}

void MakePage::setDevices(devices::DeviceDesk* desk)
{
    desk_ = desk;
    connect(desk_, &devices::DeviceDesk::weightChanged, this, &MakePage::showLive);
    connect(desk_, &devices::DeviceDesk::temperaturesChanged, this, &MakePage::takeTemperatures);
    connect(desk_, &devices::DeviceDesk::scaleLost, this, [this](const QString& name) {
        Q_EMIT noted(
            tr("%1 is gone: type the weights. It is taken up again when it is back.").arg(name));
        showLive();
    });
    connect(desk_, &devices::DeviceDesk::scaleBack, this, [this](const QString& name) {
        Q_EMIT noted(tr("%1 is back. Set it to zero before you weigh on.").arg(name));
    });
}

void MakePage::setHeatPlan(std::function<HeatPlan()> usual)
{
    heat_->setPlan(usual);
    trouble_->setHeat(std::move(usual));
}

std::optional<devices::LiveWeight> MakePage::live() const
{
    return desk_ && desk_->hasScale() ? std::optional(desk_->weight()) : std::nullopt;
}

void MakePage::showLive()
{
    if (!current_)
        return;
    const auto now = live();
    current_->setScaleStep(now ? now->step : 0.0);
    card_->showLive(now, speech_);
}

// A thermometer writes its reading down when it has moved, not ten times a second.
void MakePage::takeTemperatures()
{
    if (!current_ || !desk_)
        return;
    const std::int64_t now = current_->clock().toMSecsSinceEpoch();
    for (const ReadingOf what : heat_->wanted()) {
        const auto celsius = desk_->celsius(what);
        if (!celsius)
            continue;
        heat_->showLive(what, *celsius);
        if (!paces_[what].wants(*celsius, now))
            continue;
        if (good(current_->read(what, *celsius)))
            heat_->show(current_.get());
    }
}

void MakePage::skip()
{
    const DayStep* step = current_ ? current_->stepAtHand() : nullptr;
    if (!step || stopsAtDanger())
        return;
    if (marksOf(*step).any() && !sureToSkip_) {
        sureToSkip_ = true;
        Q_EMIT noted(
            marksOf(*step).safety
                ? tr("This step keeps you from harm. Press “Leave out” again if it is done.")
                : tr("This step has to do with lye. Press “Leave out” again to go on "
                     "without it."));
        return;
    }
    good(current_->skip());
}

void MakePage::openTrouble()
{
    if (!current_)
        return;
    trouble_->show(current_.get());
    middle_->setCurrentIndex(1);
    trouble_->what()->setFocus();
}

void MakePage::closeTrouble()
{
    middle_->setCurrentIndex(0);
    card_->takeFocus();
}

bool MakePage::takeFromScale()
{
    const auto now = live();
    if (!now) {
        // One that has said nothing yet, or was weighed on and is gone, is no reason to guess.
        const bool awaited = desk_ && desk_->awaitsScale();
        const bool had = current_->folded().origins()[std::size_t(WeighOrigin::Scale)] > 0;
        if (sureAsPlanned_ || !(awaited || had))
            return true;
        sureAsPlanned_ = true;
        Q_EMIT noted(
            awaited ? tr("The scale has given no reading yet: type the weight, or press again to "
                         "take it as planned.")
                    : tr("The scale is not there: type the weight, or press again to take it as "
                         "planned."));
        return false;
    }
    const DayStep& step = current_->plan().steps[std::size_t(current_->step())];
    if (now->steady != devices::Steady::Yes) {
        Q_EMIT noted(words::notTaken(now->steady));
        return false;
    }
    // Nothing on it: weighed on another scale, or forgotten.
    if (now->grams < 0.02 * step.plannedGrams) {
        if (sureAsPlanned_)
            return true;
        sureAsPlanned_ = true;
        Q_EMIT noted(tr("The scale shows %1. Press again to take it as planned.")
                         .arg(speech_.mass(now->grams)));
        return false;
    }
    const bool inBand = current_->band() && now->grams >= current_->band()->low &&
                        now->grams <= current_->band()->high;
    if (!good(current_->weigh(now->grams, WeighOrigin::Scale)))
        return false;
    if (!inBand)
        Q_EMIT noted(tr("Outside its band: what that does is said below. Go on to leave it so."));
    return inBand;
}

void MakePage::keepDraft()
{
    draft_.stop();
    if (current_ && card_->note()->toPlainText() != current_->draft().text())
        current_->draft().keep(card_->note()->toPlainText());
}

void MakePage::setBatch(std::unique_ptr<BatchInProgress> current)
{
    keepDraft();
    heat_->show(nullptr); // none of them must look at one that goes
    timers_->show(nullptr, {}, false);
    trouble_->show(nullptr);
    whole_->setBatch(nullptr);
    wholeButton_->setChecked(false);
    middle_->setCurrentIndex(0);
    asked_.reset();
    shownStep_ = -1;
    paces_.clear();
    current_ = std::move(current);
    speak();
    card_->note()->setPlainText(current_ ? current_->draft().text() : QString());
    draft_.stop();
    if (current_) {
        current_->setWords(words::lexicon());
        connect(current_.get(), &BatchInProgress::changed, this, &MakePage::refresh);
        connect(current_.get(), &BatchInProgress::timersChanged, this, &MakePage::refreshTimers);
        connect(&current_->draft(), &DraftKeeper::kept, this, [this](bool well) {
            if (!well)
                Q_EMIT noted(tr("The note you are typing could not be kept yet."));
        });
        connect(current_.get(), &BatchInProgress::waitingChanged, this, &MakePage::waitingChanged);
        if (current_->waitingFor())
            Q_EMIT waitingChanged();
    }
    Q_EMIT begun();
    refresh();
}

bool MakePage::good(const std::optional<FileFault>& fault)
{
    if (fault)
        Q_EMIT noted(tr("The journal could not be written. %1").arg(words::fileFault(*fault)));
    else
        Q_EMIT wentWell();
    return !fault;
}

std::optional<Vessel> MakePage::here() const
{
    if (current_->atEnd())
        return std::nullopt;
    return current_->plan().steps[std::size_t(current_->step())].vessel;
}

void MakePage::refreshList()
{
    const auto& steps = current_->plan().steps;
    QList<StepShown> shown;
    for (int i = 0; i < int(steps.size()); ++i) {
        const DayStep& step = steps[std::size_t(i)];
        StepShown one{words::dayStepTitle(step, current_->formula()),
                      {},
                      {},
                      current_->isDone(i),
                      current_->isSkipped(i)};
        if (const auto w = current_->lastWeighing(step.target)) {
            one.weighed = speech_.mass(w->grams);
            one.origin = words::originName(w->origin);
        }
        shown << one;
    }
    list_->show(shown, current_->step());
}

void MakePage::topUp(const Line& line)
{
    const auto mass = massOf(line.amount, *line.material);
    if (!current_ || !mass || !mass->isUsable() || mass->inGrams() <= 0.0) {
        Q_EMIT noted(tr("Say how much went in by weight or by spoons, such as 12 g."));
        return;
    }
    good(current_->topUp(line.material, mass->inGrams()));
}

void MakePage::refreshAdded()
{
    QStringList texts;
    for (const auto& [event, topUp, at] : current_->topUps())
        texts << tr("%1 of %2, %3")
                     .arg(speech_.mass(topUp.grams), materialName(*topUp.material),
                          words::vesselPlace(topUp.vessel));
    card_->showAdded(texts.isEmpty()
                         ? QString()
                         : tr("Went in beside the plan: %1").arg(texts.join(QStringLiteral("; "))));
    card_->extra()->setVessel(here().value_or(Vessel::Top));
}

// The same list of findings as on the bench and on paper.
void MakePage::refreshEffect()
{
    const AsWeighed& bowl = current_->now();
    card_->showEffect(words::asWeighedSoFar(bowl, speech_),
                      words::bowlSaid(bowl, current_->findings(), here(), speech_),
                      !current_->atEnd() && !bowl.mends.empty());
}

void MakePage::refreshStep()
{
    const int count = int(current_->plan().steps.size());
    StepCard::Shown shown;
    shown.canGoBack = current_->step() > 0;
    shown.unit = speech_.massUnit();
    shown.end = current_->atEnd();
    if (shown.end) {
        shown.count = tr("All %1 steps done").arg(count);
        shown.title = tr("Keep it in the journal");
        shown.advice = tr("Cover or chill it, look in now and then, and wash up with gloves still "
                          "on.");
        shown.goOn = tr("Finish and keep (Ctrl+Return)");
        card_->show(shown);
        return;
    }
    const DayStep& step = current_->plan().steps[std::size_t(current_->step())];
    const bool weighs = step.target.what != WeighTarget::What::None;
    shown.count = (weighs ? tr("Step %1 of %2: weigh") : tr("Step %1 of %2: do"))
                      .arg(current_->step() + 1)
                      .arg(count);
    if (!place_->isVisibleTo(this) && hasVessel(step)) {
        // Where there is no room to draw it.
        const PlaceNow now = current_->placeNow();
        shown.count = tr("%1, %2. %3 holds %4")
                          .arg(shown.count, words::vesselPlace(step.vessel),
                               words::placeName(now.place, now.portion, current_->formula()),
                               speech_.mass(now.contents.total()));
    } else if (hasVessel(step))
        shown.count = tr("%1, %2").arg(shown.count, words::vesselPlace(step.vessel));
    shown.title = words::dayStepTitle(step, current_->formula());
    if (weighs)
        shown.planned = speech_.mass(step.plannedGrams);
    shown.advice = words::dayStepAdvice(step, current_->formula(), current_->planned(), speech_);
    if (const auto weighed = current_->weighedAt(current_->step()))
        shown.weighed = speech_.massNumber(*weighed);
    shown.goOn = weighs ? tr("Weighed, go on (Space)") : tr("Done, go on (Space)");
    shown.band = current_->band();
    shown.plannedGrams = step.plannedGrams;
    shown.help = words::stepHelp(step, current_->formula());
    if (!place_->isVisibleTo(this)) {
        QStringList next;
        for (const DayStep* one : current_->comingUp(2))
            next << words::dayStepLine(*one, current_->formula(), speech_);
        if (!next.isEmpty())
            shown.next = tr("Then: %1").arg(next.join(QStringLiteral("; ")));
    }
    card_->show(shown);
}

void MakePage::refreshTimers()
{
    const DayStep* step = current_->stepAtHand();
    timers_->show(current_.get(),
                  step ? words::dayStepTitle(*step, current_->formula()) : tr("Look in"),
                  step && blends(*step));
}

void MakePage::refresh()
{
    stack_->setCurrentIndex(current_ ? 1 : 0);
    if (!current_)
        return;
    sureToStop_ = false;
    sureToSkip_ = false;
    const bool another = shownStep_ != current_->step();
    if (another) {
        shownStep_ = current_->step();
        keys_->stepChanged();
        sureAsPlanned_ = false;
        sureWasMade_ = false;
        scoops_ = 0.0;
        // A fresh cup on the scale, or the vessel that stands there: from here on counts.
        const DayStep* step = current_->stepAtHand();
        if (desk_ && desk_->hasScale() && step && step->weighs())
            desk_->tare();
    }
    stop_->setText(tr("Stop this batch"));
    name_->setText(QString::fromStdString(current_->formula().name));
    refreshList();
    refreshStep();
    refreshEffect();
    refreshAdded();
    heat_->show(current_.get());
    place_->show(*current_, speech_);
    refreshTimers();
    showLive();
    if (middle_->currentIndex() == 1)
        trouble_->show(current_.get());
    if (middle_->currentIndex() == 2)
        whole_->setBatch(current_.get());
    // Put before the maker at once; where she has chosen to mend it, not again until she goes on.
    const auto danger = current_->danger();
    const bool mending = danger && asked_ && asked_->code == danger->code &&
                         asked_->line == danger->line && asked_->portion == danger->portion &&
                         asked_->figures == danger->figures;
    if (!danger)
        asked_.reset();
    if (((danger && !mending) || current_->weighedTwice()) && isVisible()) {
        showDanger();
        return;
    }
    if ((!danger || mending) && isStopped())
        closeTrouble();
    if (isVisible() && (another || !current_->atEnd()) && middle_->currentIndex() == 0)
        card_->takeFocus();
}

bool MakePage::keepWeighed()
{
    if (!current_ || current_->atEnd())
        return true;
    const DayStep& step = current_->plan().steps[std::size_t(current_->step())];
    QLineEdit* field = card_->weighed();
    if (step.target.what == WeighTarget::What::None || !field->isModified())
        return true;
    if (field->text().trimmed().isEmpty())
        return true;
    // "850 - 612": a vessel weighed before and after.
    static const QRegularExpression minus(QStringLiteral("[-\u2212\u2013]"));
    const QStringList sides = field->text().split(minus);
    double grams = 0.0;
    for (qsizetype i = 0; i < sides.size(); ++i) {
        const auto parsed = parseAmount(sides[i].trimmed().toStdString(), speech_.phraseHabits());
        if (const auto* fault = std::get_if<PhraseFault>(&parsed)) {
            Q_EMIT noted(words::phraseFault(*fault));
            return false;
        }
        const auto mass = statedMass(std::get<StatedAmount>(parsed));
        if (!mass) {
            Q_EMIT noted(tr("Type what the scale shows, as a mass."));
            return false;
        }
        grams += i == 0 ? mass->inGrams() : -mass->inGrams();
    }
    if (grams < 0.0) {
        Q_EMIT noted(
            tr("More is left in the vessel than there was: the fuller weight comes first."));
        return false;
    }
    field->setModified(false); // kept, it is shown anew
    const bool kept = good(current_->weigh(grams));
    field->setModified(!kept);
    return kept;
}

void MakePage::goOn()
{
    if (!current_)
        return;
    if (current_->atEnd()) {
        finish();
        return;
    }
    const int step = current_->step();
    const DayStep& now = current_->plan().steps[std::size_t(step)];
    if (!keepWeighed())
        return;
    if (now.weighs() && !current_->weighedAt(step) && !takeFromScale())
        return;
    // Nothing typed and no scale means that what was planned was weighed.
    if (now.target.what != WeighTarget::What::None && !current_->weighedAt(step) &&
        !good(current_->weigh(now.plannedGrams, WeighOrigin::AsPlanned)))
        return;
    if (!stopsAtDanger())
        good(current_->done());
}

void MakePage::goBack()
{
    if (current_)
        goTo(current_->step() - 1);
}

void MakePage::goTo(int step)
{
    if (!current_ || step < 0 || step >= int(current_->plan().steps.size()) || !keepWeighed())
        return;
    const auto missing = current_->missing(step);
    if (missing.empty()) {
        good(current_->choose(step));
        return;
    }
    QStringList first;
    for (const std::size_t before : missing)
        first << words::dayStepTitle(current_->plan().steps[before], current_->formula());
    Q_EMIT noted(tr("Not yet: first %1.").arg(first.join(QStringLiteral("; "))));
    list_->setCurrentRow(current_->step());
}

void MakePage::stop()
{
    if (!sureToStop_) {
        sureToStop_ = true;
        stop_->setText(tr("Press again to stop; what is weighed is kept"));
        return;
    }
    stopNow();
}

void MakePage::stopNow()
{
    keepDraft(); // what was typed goes into the journal with the end
    if (good(current_->stop())) {
        card_->note()->clear();
        Q_EMIT stopped();
    }
}

bool MakePage::wasMade()
{
    if (rehearsal_ || sureWasMade_)
        return true;
    const auto walked = walkedThrough(current_->folded());
    if (!walked)
        return true;
    sureWasMade_ = true;
    Q_EMIT noted(
        tr("These steps were done within %1; hands need %2 for them at the least. If it "
           "was made all the same, press “Finish and keep” again. If not, press the first "
           "step in the list to go back to it.")
            .arg(speech_.minutes(walked->seconds / 60.0), speech_.minutes(walked->hands / 60.0)));
    return false;
}

void MakePage::finish()
{
    if (stopsAtDanger() || !wasMade())
        return;
    draft_.stop();
    if (!good(current_->finish(card_->note()->toPlainText())))
        return;
    const QString batch = current_->batch();
    card_->note()->clear();
    setBatch(nullptr);
    Q_EMIT finished(batch);
}

void MakePage::keyPressEvent(QKeyEvent* event)
{
    if (event->key() == Qt::Key_Space && event->isAutoRepeat())
        return;
    const bool atEnd = current_ && current_->atEnd() && middle_->currentIndex() == 0;
    if (atEnd && event->modifiers() == Qt::ControlModifier && !event->isAutoRepeat() &&
        (event->key() == Qt::Key_Return || event->key() == Qt::Key_Enter)) {
        finish();
        return;
    }
    if (middle_->currentIndex() == 1 && event->key() == Qt::Key_Escape) {
        closeTrouble();
        return;
    }
    if (middle_->currentIndex() == 1 || isStopped() || !current_ || event->isAutoRepeat() ||
        event->modifiers() != Qt::NoModifier) {
        QWidget::keyPressEvent(event);
        return;
    }
    switch (event->key()) {
    case Qt::Key_Space:
    case Qt::Key_Right: atEnd ? Q_EMIT card_->spaceAtEnd() : goOn(); break;
    case Qt::Key_Left: goBack(); break;
    case Qt::Key_T: Q_EMIT card_->tareWanted(); break;
    case Qt::Key_H: card_->toggleHelp(); break;
    case Qt::Key_B:
        if (timers_->blend()->isVisible())
            timers_->toggleBurst();
        break;
    default: QWidget::keyPressEvent(event);
    }
}

void MakePage::showEvent(QShowEvent*)
{
    if (parentWidget())
        parentWidget()->installEventFilter(this);
    fitRoom();
    keys_->watch(window());
    keys_->stepChanged();
    if (!current_)
        Q_EMIT dayWanted();
    refresh();
}

} // namespace rhexion
