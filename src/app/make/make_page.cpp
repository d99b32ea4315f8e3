#include "app/make/make_page.h"

#include "app/theme/house_style.h"
#include "app/theme/theme.h"
#include "app/widgets/label.h"
#include "app/widgets/limit_text.h"
#include "app/widgets/typing_line.h"
#include "core/materials/limits.h"
#include "words/caution_words.h"
#include "words/day_words.h"
#include "words/lexicon.h"
#include "words/names.h"
#include "words/plain_text.h"
#include "words/refusal_words.h"

#include <QHBoxLayout>
#include <QKeyEvent>
#include <QLabel>
#include <QLineEdit>
#include <QListWidget>
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
    setObjectName(QStringLiteral("page"));
    stack_ = new QStackedWidget(this);
    stack_->addWidget(buildEmpty());
    stack_->addWidget(buildSteps());
    auto* layout = new QVBoxLayout(this);
    layout->setContentsMargins(12, 8, 12, 12);
    layout->addWidget(stack_);
}

MakePage::~MakePage()
{
    keepDraft();
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

QWidget* MakePage::buildSteps()
{
    auto* box = new QWidget(this);
    auto* left = new QFrame(box);
    left->setObjectName(QStringLiteral("card"));
    left->setFixedWidth(320);
    name_ = new Label(left);
    name_->setFont(Theme::strong());
    name_->setWordWrap(true);
    list_ = new QListWidget(left);
    list_->setAccessibleName(tr("Steps"));
    list_->setFocusPolicy(Qt::NoFocus);
    list_->setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    list_->setTextElideMode(Qt::ElideRight);
    connect(list_, &QListWidget::itemClicked, this, [this](QListWidgetItem* item) {
        if (keepWeighed())
            good(current_->goTo(list_->row(item)));
    });
    stop_ = new QPushButton(tr("Stop this batch"), left);
    connect(stop_, &QPushButton::clicked, this, [this] {
        if (!sureToStop_) {
            sureToStop_ = true;
            stop_->setText(tr("Press again to stop; what is weighed is kept"));
            return;
        }
        keepDraft(); // what was typed goes into the journal with the end
        if (good(current_->stop())) {
            note_->clear();
            Q_EMIT stopped();
        }
    });
    auto* leftLayout = new QVBoxLayout(left);
    leftLayout->addWidget(name_);
    leftLayout->addWidget(list_, 1);
    leftLayout->addWidget(stop_);

    auto* card = new QFrame(box);
    card->setObjectName(QStringLiteral("card"));
    count_ = new Label(card);
    count_->setObjectName(QStringLiteral("muted"));
    title_ = new Label(card);
    title_->setFont(Theme::large());
    title_->setWordWrap(true);
    planned_ = new Label(card);
    planned_->setFont(Theme::huge());
    advice_ = new Label(card);
    QFont plain = Theme::figure();
    plain.setWeight(QFont::Normal);
    advice_->setFont(plain);
    advice_->setWordWrap(true);

    weighBox_ = new QWidget(card);
    auto* weighLabel = new Label(tr("Really weighed"), weighBox_);
    weighed_ = new QLineEdit(weighBox_);
    weighed_->setFont(Theme::large());
    weighed_->setFixedSize(220, 52);
    weighed_->setAlignment(Qt::AlignRight);
    weighed_->setAccessibleName(tr("Really weighed"));
    weighed_->installEventFilter(this);
    weighLabel->setBuddy(weighed_);
    weighedUnit_ = new Label(weighBox_);
    weighedUnit_->setFont(Theme::large());
    auto* weighRow = new QHBoxLayout(weighBox_);
    weighRow->setContentsMargins(0, 0, 0, 0);
    weighRow->addWidget(weighLabel);
    weighRow->addWidget(weighed_);
    weighRow->addWidget(weighedUnit_);
    weighRow->addStretch();

    effect_ = new Label(card);
    effect_->setWordWrap(true);
    mends_ = new Label(card);
    mends_->setWordWrap(true);
    mends_->setFont(Theme::figure());
    mendHint_ = new Label(
        tr("When you have mended it, press its step in the list and type what is in there now."),
        card);
    mendHint_->setObjectName(QStringLiteral("muted"));
    note_ = new QPlainTextEdit(card);
    note_->setPlaceholderText(tr("How did it go? A line for the journal."));
    note_->setAccessibleName(tr("Note for the journal"));
    note_->setMaximumHeight(130);
    note_->setTabChangesFocus(true);
    // A letter is no reason to wait for the disk: the draft is kept when the hand rests.
    constexpr int rest = 700; // ms
    draft_.setSingleShot(true);
    draft_.setInterval(rest);
    connect(&draft_, &QTimer::timeout, this, &MakePage::keepDraft);
    connect(note_, &QPlainTextEdit::textChanged, this, [this] {
        limitText(*note_, int(limits::journalNote));
        draft_.start();
    });

    added_ = new Label(card);
    added_->setWordWrap(true);
    takeBack_ = new QPushButton(tr("Take the last one back"), card);
    connect(takeBack_, &QPushButton::clicked, this,
            [this] { good(current_->takeBackLastTopUp()); });
    extra_ = new TypingLine(stock_, card);
    extra_->setPurpose(tr("Also went in: 12 g water"));
    connect(extra_, &TypingLine::lineWanted, this, &MakePage::topUp);
    connect(extra_, &TypingLine::hydroxideWanted, this, [this] {
        Q_EMIT noted(tr("Lye is weighed at its own step: press that in the list and type what is "
                        "in there now."));
    });

    back_ = new QPushButton(tr("Back"), card);
    back_->setMinimumHeight(56);
    connect(back_, &QPushButton::clicked, this, &MakePage::goBack);
    next_ = new QPushButton(card);
    next_->setObjectName(QStringLiteral("primary"));
    next_->setFont(Theme::figure());
    next_->setMinimumSize(260, 56);
    connect(next_, &QPushButton::clicked, this, &MakePage::goOn);
    auto* buttons = new QHBoxLayout;
    buttons->addWidget(back_);
    buttons->addStretch();
    buttons->addWidget(next_);

    auto* column = new QVBoxLayout(card);
    column->setContentsMargins(28, 22, 28, 22);
    column->setSpacing(12);
    column->addWidget(count_);
    column->addWidget(title_);
    column->addWidget(planned_);
    column->addWidget(advice_);
    column->addSpacing(6);
    column->addWidget(weighBox_);
    column->addWidget(note_);
    column->addSpacing(10);
    column->addWidget(effect_);
    column->addWidget(mends_);
    column->addWidget(mendHint_);
    column->addStretch();
    auto* addedRow = new QHBoxLayout;
    addedRow->addWidget(added_, 1);
    addedRow->addWidget(takeBack_);
    column->addLayout(addedRow);
    column->addWidget(extra_);
    column->addLayout(buttons);

    auto* row = new QHBoxLayout(box);
    row->setContentsMargins(0, 0, 0, 0);
    row->setSpacing(8);
    row->addWidget(left);
    row->addWidget(card, 1);
    return box;
}

void MakePage::setSpeech(const Speech& speech)
{
    speech_ = speech;
    extra_->setSpeech(speech);
    refresh();
}

void MakePage::keepDraft()
{
    draft_.stop();
    if (current_ && note_->toPlainText() != current_->draft().text())
        current_->draft().keep(note_->toPlainText());
}

void MakePage::setBatch(std::unique_ptr<BatchInProgress> current)
{
    keepDraft();
    current_ = std::move(current);
    note_->setPlainText(current_ ? current_->draft().text() : QString());
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

void MakePage::refreshList()
{
    const auto& steps = current_->plan().steps;
    list_->clear();
    for (int i = 0; i < int(steps.size()); ++i) {
        QString text = words::dayStepTitle(steps[std::size_t(i)], current_->formula());
        if (const auto w = current_->lastWeighing(steps[std::size_t(i)].target))
            text = (w->origin == WeighOrigin::AsPlanned ? tr("%1, %2 as planned") : tr("%1, %2"))
                       .arg(text, speech_.mass(w->grams));
        auto* item = new QListWidgetItem(text, list_);
        item->setToolTip(asTip(text));
        if (i < current_->step())
            item->setIcon(Theme::icon(QStringLiteral("check"), Theme::colours().fine));
        else
            item->setIcon(Theme::icon(QStringLiteral("check"), Qt::transparent));
    }
    if (!current_->atEnd()) {
        list_->setCurrentRow(current_->step());
        list_->scrollToItem(list_->currentItem(), QAbstractItemView::PositionAtCenter);
    } else {
        list_->scrollToBottom();
    }
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
    added_->setText(tr("Went in beside the plan: %1").arg(texts.join(QStringLiteral("; "))));
    added_->setVisible(!texts.isEmpty());
    takeBack_->setVisible(!texts.isEmpty());
    extra_->setVessel(current_->atEnd()
                          ? Vessel::Top
                          : current_->plan().steps[std::size_t(current_->step())].vessel);
}

// The same list of findings as on the bench and on paper.
void MakePage::refreshEffect()
{
    const AsWeighed& bowl = current_->now();
    effect_->setText(words::asWeighedSoFar(bowl, speech_));
    const bool end = current_->atEnd();
    const auto here =
        end ? std::nullopt
            : std::optional(current_->plan().steps[std::size_t(current_->step())].vessel);
    const words::BowlSaid said = words::bowlSaid(bowl, current_->findings(), here, speech_);
    mendHint_->setVisible(!end && !bowl.mends.empty());
    mends_->setText(said.sentences.join(QLatin1Char('\n')));
    HouseStyle::setTone(mends_, said.danger ? Tone::Danger : Tone::Care);
    mends_->setVisible(!said.sentences.isEmpty());
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
    refreshEffect();
    refreshAdded();
    const int count = int(current_->plan().steps.size());
    const bool end = current_->atEnd();
    note_->setVisible(end);
    back_->setEnabled(current_->step() > 0);
    if (end) {
        count_->setText(tr("All %1 steps done").arg(count));
        title_->setText(tr("Keep it in the journal"));
        planned_->hide();
        advice_->setText(
            tr("Cover or chill it, look in now and then, and wash up with gloves still "
               "on."));
        weighBox_->hide();
        next_->setText(tr("Finish and keep"));
        return;
    }
    const DayStep& step = current_->plan().steps[std::size_t(current_->step())];
    const bool weighs = step.target.what != WeighTarget::What::None;
    count_->setText((weighs ? tr("Step %1 of %2: weigh, %3") : tr("Step %1 of %2: do, %3"))
                        .arg(current_->step() + 1)
                        .arg(count)
                        .arg(words::vesselPlace(step.vessel)));
    title_->setText(words::dayStepTitle(step, current_->formula()));
    planned_->setVisible(weighs);
    planned_->setText(speech_.mass(step.plannedGrams));
    advice_->setText(words::dayStepAdvice(step, current_->formula(), current_->planned(), speech_));
    weighBox_->setVisible(weighs);
    weighedUnit_->setText(speech_.massUnit());
    const auto weighed = current_->weighedAt(current_->step());
    weighed_->setPlaceholderText(tr("as planned"));
    weighed_->setText(weighed ? speech_.massNumber(*weighed) : QString());
    weighed_->setModified(false);
    weighed_->selectAll();
    next_->setText(weighs ? tr("Weighed, go on (Space)") : tr("Done, go on (Space)"));
    if (isVisible()) {
        if (weighs)
            weighed_->setFocus();
        else
            next_->setFocus();
    }
}

bool MakePage::keepWeighed()
{
    if (!current_ || current_->atEnd())
        return true;
    const DayStep& step = current_->plan().steps[std::size_t(current_->step())];
    if (step.target.what == WeighTarget::What::None || !weighed_->isModified())
        return true;
    if (weighed_->text().trimmed().isEmpty())
        return true;
    const auto parsed = parseAmount(weighed_->text().toStdString(), speech_.phraseHabits());
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
    if (current_ && keepWeighed())
        good(current_->goTo(current_->step() - 1));
}

void MakePage::finish()
{
    draft_.stop();
    if (!good(current_->finish(note_->toPlainText())))
        return;
    const QString batch = current_->batch();
    note_->clear();
    setBatch(nullptr);
    Q_EMIT finished(batch);
}

bool MakePage::eventFilter(QObject* watched, QEvent* event)
{
    if (watched == weighed_ && event->type() == QEvent::KeyPress) {
        const auto* key = static_cast<QKeyEvent*>(event);
        const bool enter = key->key() == Qt::Key_Return || key->key() == Qt::Key_Enter;
        // A key that is held, or that something lies on, weighs nothing.
        if (key->isAutoRepeat() && (enter || key->key() == Qt::Key_Space))
            return true;
        // The first Enter keeps what was typed and shows what it does; then Space or Enter goes on.
        // While something is being typed a space is a space, as in "4 oz".
        if (enter && weighed_->isModified()) {
            keepWeighed();
            return true;
        }
        if (enter || (key->key() == Qt::Key_Space && !weighed_->isModified())) {
            goOn();
            return true;
        }
    }
    return QWidget::eventFilter(watched, event);
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
