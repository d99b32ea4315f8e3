#include "app/make/make_page.h"

#include "app/make/heat_card.h"
#include "app/make/place_panel.h"
#include "app/make/step_card.h"
#include "app/make/step_list.h"
#include "app/theme/theme.h"
#include "app/widgets/label.h"
#include "app/widgets/typing_line.h"
#include "words/day_words.h"
#include "words/lexicon.h"
#include "words/names.h"
#include "words/refusal_words.h"

#include <QHBoxLayout>
#include <QKeyEvent>
#include <QLineEdit>
#include <QPlainTextEdit>
#include <QPushButton>
#include <QStackedWidget>
#include <QVBoxLayout>

namespace rhexion {

MakePage::MakePage(Stock& stock, QWidget* parent) : QWidget(parent), stock_(stock)
{
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
    stack_ = new QStackedWidget(this);
    stack_->addWidget(buildEmpty());
    stack_->addWidget(buildDay());
    auto* layout = new QVBoxLayout(this);
    layout->setContentsMargins(12, 8, 12, 12);
    layout->addWidget(stack_);
    connect(&Theme::news(), &LookNews::changed, this, &MakePage::fitRoom);
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

QWidget* MakePage::buildEmpty()
{
    auto* text = new Label(tr("Nothing is being made.\n\nOpen a formula on the bench and press "
                              "“Make this batch”: each thing to weigh comes up in turn, and "
                              "what you really weighed is kept."),
                           this);
    text->setAlignment(Qt::AlignCenter);
    text->setWordWrap(true);
    return text;
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
    leastHeight(stop_, 56);
    connect(stop_, &QPushButton::clicked, this, &MakePage::stop);
    auto* leftLayout = new QVBoxLayout(left);
    leftLayout->addWidget(name_);
    leftLayout->addWidget(list_, 1);
    leftLayout->addWidget(stop_);

    card_ = new StepCard(stock_, box);
    connect(card_, &StepCard::goOnWanted, this, &MakePage::goOn);
    connect(card_, &StepCard::goBackWanted, this, &MakePage::goBack);
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
    row->addWidget(card_, 1);
    row->addWidget(place_);
    return box;
}

void MakePage::fitRoom()
{
    // The step comes first, then the list of steps, then the vessel beside it.
    const int wide = width();
    left_->setVisible(wide >= Theme::px(720));
    left_->setFixedWidth(Theme::px(wide >= Theme::px(1100) ? 304 : 248));
    place_->setVisible(wide >= Theme::px(980));
    place_->setFixedWidth(Theme::px(wide >= Theme::px(1150) ? 264 : 228));
}

void MakePage::resizeEvent(QResizeEvent* event)
{
    fitRoom();
    QWidget::resizeEvent(event);
}

void MakePage::setSpeech(const Speech& speech)
{
    speech_ = speech;
    card_->extra()->setSpeech(speech);
    heat_->setSpeech(speech);
    refresh();
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
    heat_->show(nullptr); // it must not look at one that goes
    current_ = std::move(current);
    card_->note()->setPlainText(current_ ? current_->draft().text() : QString());
    draft_.stop();
    if (current_) {
        current_->setWords(words::lexicon());
        connect(current_.get(), &BatchInProgress::changed, this, &MakePage::refresh);
        connect(&current_->draft(), &DraftKeeper::kept, this, [this](bool well) {
            if (!well)
                Q_EMIT noted(tr("The note you are typing could not be kept yet."));
        });
        connect(current_.get(), &BatchInProgress::waitingChanged, this, &MakePage::waitingChanged);
        if (current_->waitingFor())
            Q_EMIT waitingChanged();
    }
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
        StepShown one{
            words::dayStepTitle(step, current_->formula()), {}, false, i < current_->step()};
        if (const auto w = current_->lastWeighing(step.target)) {
            one.weighed = speech_.mass(w->grams);
            one.asPlanned = w->origin == WeighOrigin::AsPlanned;
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
                     .arg(speech_.mass(topUp.grams), QString::fromStdString(topUp.material->name),
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
        shown.goOn = tr("Finish and keep");
        card_->show(shown);
        return;
    }
    const DayStep& step = current_->plan().steps[std::size_t(current_->step())];
    const bool weighs = step.target.what != WeighTarget::What::None;
    shown.count = (weighs ? tr("Step %1 of %2: weigh, %3") : tr("Step %1 of %2: do, %3"))
                      .arg(current_->step() + 1)
                      .arg(count)
                      .arg(words::vesselPlace(step.vessel));
    shown.title = words::dayStepTitle(step, current_->formula());
    if (weighs)
        shown.planned = speech_.mass(step.plannedGrams);
    shown.advice = words::dayStepAdvice(step, current_->formula(), current_->planned(), speech_);
    if (const auto weighed = current_->weighedAt(current_->step()))
        shown.weighed = speech_.massNumber(*weighed);
    shown.goOn = weighs ? tr("Weighed, go on (Space)") : tr("Done, go on (Space)");
    card_->show(shown);
}

void MakePage::refresh()
{
    stack_->setCurrentIndex(current_ ? 1 : 0);
    if (!current_)
        return;
    sureToStop_ = false;
    stop_->setText(tr("Stop this batch"));
    name_->setText(QString::fromStdString(current_->formula().name));
    refreshList();
    refreshStep();
    refreshEffect();
    refreshAdded();
    heat_->show(current_.get());
    place_->show(*current_, speech_);
    if (isVisible() && !current_->atEnd())
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
    const auto parsed = parseAmount(field->text().toStdString(), speech_.phraseHabits());
    if (const auto* fault = std::get_if<PhraseFault>(&parsed)) {
        Q_EMIT noted(words::phraseFault(*fault));
        return false;
    }
    const auto mass = statedMass(std::get<StatedAmount>(parsed));
    if (!mass) {
        Q_EMIT noted(tr("Type what the scale shows, as a mass."));
        return false;
    }
    return good(current_->weigh(mass->inGrams()));
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
    // Nothing typed means that the scale showed what was planned.
    if (now.target.what != WeighTarget::What::None && !current_->weighedAt(step) &&
        !good(current_->weigh(now.plannedGrams, WeighOrigin::AsPlanned)))
        return;
    good(current_->goTo(step + 1));
}

void MakePage::goBack()
{
    if (current_)
        goTo(current_->step() - 1);
}

void MakePage::goTo(int step)
{
    if (keepWeighed())
        good(current_->goTo(step));
}

void MakePage::stop()
{
    if (!sureToStop_) {
        sureToStop_ = true;
        stop_->setText(tr("Press again to stop; what is weighed is kept"));
        return;
    }
    keepDraft(); // what was typed goes into the journal with the end
    if (good(current_->stop())) {
        card_->note()->clear();
        Q_EMIT stopped();
    }
}

void MakePage::finish()
{
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
    if (event->key() == Qt::Key_Space && current_)
        goOn();
    else
        QWidget::keyPressEvent(event);
}

void MakePage::showEvent(QShowEvent*)
{
    refresh();
}

} // namespace rhexion
