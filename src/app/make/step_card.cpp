#include "app/make/step_card.h"

#include "app/make/finger.h"
#include "app/make/weigh_gauge.h"
#include "app/theme/house_style.h"
#include "app/theme/theme.h"
#include "app/widgets/label.h"
#include "app/widgets/limit_text.h"
#include "app/widgets/scroll_room.h"
#include "app/widgets/tab_order.h"
#include "app/widgets/typing_line.h"
#include "core/materials/limits.h"
#include "words/device_words.h"

#include <QHBoxLayout>
#include <QKeyEvent>
#include <QLineEdit>
#include <QPlainTextEdit>
#include <QPushButton>
#include <QVBoxLayout>

namespace rhexion {

StepCard::StepCard(Stock& stock, QWidget* parent) : QFrame(parent)
{
    setObjectName(QStringLiteral("card"));
    count_ = wrappedLabel(this, Theme::body());
    count_->setObjectName(QStringLiteral("muted"));
    title_ = wrappedLabel(this, Theme::large());
    planned_ = new Label(this);
    planned_->setFont(Theme::huge());
    QFont plain = Theme::figure();
    plain.setWeight(QFont::Normal);
    advice_ = wrappedLabel(this, plain);
    field_ = buildField();
    effect_ = wrappedLabel(this, Theme::body());
    mends_ = wrappedLabel(this, Theme::figure());
    mendHint_ = new Label(
        tr("When you have mended it, press its step in the list and type what is in there now."),
        this);
    mendHint_->setObjectName(QStringLiteral("muted"));
    mendHint_->setWordWrap(true);
    note_ = new QPlainTextEdit(this);
    note_->setPlaceholderText(tr("How did it go? A line for the journal."));
    note_->setAccessibleName(tr("Note for the journal"));
    mostHeight(note_, 130);
    note_->setTabChangesFocus(true);
    connect(note_, &QPlainTextEdit::textChanged, this, [this] {
        limitText(*note_, int(limits::journalNote));
        Q_EMIT noteTyped();
    });
    added_ = wrappedLabel(this, Theme::body());
    takeBack_ = new QPushButton(tr("Take the last one back"), this);
    leastHeight(takeBack_, fingerTall);
    connect(takeBack_, &QPushButton::clicked, this, &StepCard::takeBackWanted);
    extra_ = new TypingLine(stock, this);
    extra_->setPurpose(tr("Also went in: 12 g water"));
    extra_->setFingerSized(fingerTall);

    const auto finger = [&](const QString& text) {
        auto* button = new QPushButton(text, this);
        leastHeight(button, fingerTall);
        return button;
    };
    back_ = finger(tr("Back"));
    connect(back_, &QPushButton::clicked, this, &StepCard::goBackWanted);
    skip_ = finger(tr("Leave out"));
    connect(skip_, &QPushButton::clicked, this, &StepCard::skipWanted);
    help_ = finger(tr("Is this right?"));
    help_->setToolTip(tr("How it looks when it is right or wrong, and what to do (H)"));
    connect(help_, &QPushButton::clicked, this, &StepCard::toggleHelp);
    trouble_ = finger(tr("Trouble…"));
    trouble_->setToolTip(tr("Something happened: a spill, a slip, something else in its place"));
    connect(trouble_, &QPushButton::clicked, this, &StepCard::troubleWanted);
    next_ = finger({});
    next_->setObjectName(QStringLiteral("primary"));
    next_->setFont(Theme::figure());
    leastWidth(next_, 220);
    connect(next_, &QPushButton::clicked, this, &StepCard::goOnWanted);
    next_->installEventFilter(this);
    signs_ = wrappedLabel(this, Theme::body());
    nextUp_ = wrappedLabel(this, Theme::small());
    nextUp_->setObjectName(QStringLiteral("muted"));
    live_ = new Label(this);
    live_->setFont(Theme::huge());
    liveSaid_ = wrappedLabel(this, Theme::figure());
    gauge_ = new WeighGauge(this);

    auto* buttons = new QHBoxLayout;
    buttons->addWidget(back_);
    buttons->addWidget(skip_);
    buttons->addStretch();
    buttons->addWidget(next_);
    auto* addedRow = new QHBoxLayout;
    addedRow->addWidget(added_, 1);
    addedRow->addWidget(takeBack_);
    auto* figures = new QHBoxLayout;
    figures->addWidget(planned_);
    figures->addStretch();
    figures->addWidget(live_);
    // What is read scrolls; what is pressed stays in its place.
    auto* reading = new QWidget(this);
    reading->setObjectName(QStringLiteral("clear"));
    auto* column = new QVBoxLayout(reading);
    column_ = column;
    column->setContentsMargins(0, 0, 0, 0);
    column->setSpacing(10);
    column->addWidget(count_);
    column->addWidget(title_);
    column->addLayout(figures);
    column->addWidget(gauge_);
    scale_ = new QHBoxLayout;
    scale_->addWidget(liveSaid_, 1);
    scale_->addWidget(scoop_);
    scale_->addWidget(tare_);
    column->addLayout(scale_);
    column->addWidget(field_);
    column->addWidget(advice_);
    column->addWidget(note_);
    column->addWidget(signs_);
    column->addWidget(effect_);
    column->addWidget(mends_);
    column->addWidget(mendHint_);
    column->addStretch();
    column->addLayout(addedRow);
    column->addWidget(extra_);
    column->addWidget(nextUp_);
    auto* room = new ScrollRoom(reading, this);
    room->setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    auto* outer = new QVBoxLayout(this);
    outer->setContentsMargins(20, 14, 20, 14);
    outer->setSpacing(8);
    outer->addWidget(room, 1);
    aside_ = new QHBoxLayout;
    aside_->addStretch();
    aside_->addWidget(help_);
    aside_->addWidget(trouble_);
    outer->addLayout(aside_);
    outer->addLayout(buttons);
    orderTabs(weighed_,
              {tare_, scoop_, note_, next_, back_, skip_, help_, trouble_, extra_, takeBack_});
}

void StepCard::setTimers(QWidget* widget)
{
    aside_->insertWidget(0, widget, 1);
}

void StepCard::setCrowded(bool crowded)
{
    layout()->setContentsMargins(crowded ? QMargins(10, 6, 10, 8) : QMargins(20, 14, 20, 14));
    column_->setSpacing(crowded ? 5 : 10);
    // A low screen is wide enough for them beside the field.
    for (QPushButton* button : {scoop_, tare_})
        (crowded ? static_cast<QBoxLayout*>(field_->layout()) : scale_)->addWidget(button);
    const QFont font = crowded ? Theme::large() : Theme::huge();
    planned_->setFont(font);
    live_->setFont(font);
    title_->setFont(crowded ? Theme::figure() : Theme::large());
    QFont plain = crowded ? Theme::body() : Theme::figure();
    plain.setWeight(QFont::Normal);
    advice_->setFont(plain);
}

void StepCard::toggleHelp()
{
    helping_ = !helping_;
    showHelp();
}

QString StepCard::helpText() const
{
    return signs_->isVisibleTo(this) ? signs_->text() : QString();
}

void StepCard::showHelp()
{
    help_->setVisible(!shown_.help.isEmpty());
    QStringList lines;
    for (const words::StepSign& sign : shown_.help)
        lines << (sign.right    ? tr("Right: %1").arg(sign.looks)
                  : sign.danger ? tr("STOP. %1: %2").arg(sign.looks, sign.what)
                                : tr("%1: %2").arg(sign.looks, sign.what));
    signs_->setText(lines.join(QStringLiteral("\n\n")));
    signs_->setVisible(helping_ && !lines.isEmpty());
}

void StepCard::showLive(const std::optional<devices::LiveWeight>& live, const Speech& speech)
{
    const bool weighs = shown_.planned.has_value() && shown_.band.has_value();
    gauge_->setVisible(weighs);
    live_->setVisible(weighs && live.has_value());
    tare_->setVisible(weighs && live.has_value());
    scoop_->setVisible(weighs && live.has_value());
    if (!weighs) {
        liveSaid_->hide();
        return;
    }
    const bool readable = live && live->steady != devices::Steady::NoReading &&
                          live->steady != devices::Steady::NoUnit;
    const auto shown = readable ? live : std::nullopt;
    gauge_->show(shown_.plannedGrams, *shown_.band, shown, speech);
    if (live)
        live_->setText(readable ? speech.mass(live->grams) : QStringLiteral("–"));
    // Without a scale the band is said where it is drawn.
    liveSaid_->setVisible(live.has_value());
    if (live) {
        const bool good = live->steady == devices::Steady::Yes;
        liveSaid_->setText(
            readable
                ? tr("%1; the scale is %2.").arg(gauge_->said(), words::steadyName(live->steady))
                : words::notTaken(live->steady));
        const bool in =
            readable && live->grams >= shown_.band->low && live->grams <= shown_.band->high;
        HouseStyle::setTone(liveSaid_, in && good                                    ? Tone::Fine
                                       : readable && live->grams > shown_.band->high ? Tone::Care
                                                                                     : Tone::Plain);
    }
}

void StepCard::setBelow(QWidget* widget)
{
    column_->insertWidget(column_->indexOf(mendHint_) + 1, widget);
}

QWidget* StepCard::buildField()
{
    auto* box = new QWidget(this);
    auto* name = new Label(tr("Really weighed"), box);
    weighed_ = new QLineEdit(box);
    weighed_->setFont(Theme::large());
    fixSize(weighed_, 220, fingerTall);
    weighed_->setAlignment(Qt::AlignRight);
    weighed_->setAccessibleName(tr("Really weighed"));
    weighed_->setPlaceholderText(tr("as planned"));
    weighed_->installEventFilter(this);
    name->setBuddy(weighed_);
    unit_ = new Label(box);
    unit_->setFont(Theme::large());
    auto* row = new QHBoxLayout(box);
    row->setContentsMargins(0, 0, 0, 0);
    row->addWidget(name);
    row->addWidget(weighed_);
    row->addWidget(unit_);
    scoop_ = new QPushButton(tr("+ this scoop"), this);
    scoop_->setToolTip(tr("Adds what the scale shows and sets it to zero for the next scoop"));
    leastHeight(scoop_, fingerTall);
    connect(scoop_, &QPushButton::clicked, this, &StepCard::scoopWanted);
    tare_ = new QPushButton(tr("Zero (T)"), this);
    tare_->setToolTip(tr("Sets what lies on the scale now to zero"));
    leastHeight(tare_, fingerTall);
    connect(tare_, &QPushButton::clicked, this, &StepCard::tareWanted);
    row->addStretch();
    return box;
}

void StepCard::show(const Shown& step)
{
    count_->setText(step.count);
    title_->setText(step.title);
    planned_->setVisible(step.planned.has_value());
    planned_->setText(step.planned.value_or(QString()));
    advice_->setText(step.advice);
    field_->setVisible(step.planned.has_value());
    unit_->setText(step.unit);
    // What is half typed at this step stays, whatever else is news.
    if (!weighed_->isModified() || shown_.count != step.count || shown_.title != step.title) {
        weighed_->setText(step.weighed);
        weighed_->setModified(false);
        weighed_->selectAll();
    }
    // Grams first: what the field that has the focus is about, for who hears it.
    QStringList about{step.planned.value_or(QString()), step.title, step.count, step.advice};
    about.removeAll(QString());
    for (QWidget* widget : std::initializer_list<QWidget*>{weighed_, next_, note_})
        widget->setAccessibleDescription(about.join(QStringLiteral(". ")));
    note_->setVisible(step.end);
    next_->setText(step.goOn);
    back_->setEnabled(step.canGoBack);
    skip_->setVisible(!step.end);
    trouble_->setVisible(!step.end);
    nextUp_->setText(step.next);
    nextUp_->setVisible(!step.next.isEmpty());
    if (shown_.title != step.title)
        helping_ = false;
    shown_ = step;
    showHelp();
}

void StepCard::takeFocus()
{
    if (field_->isVisible())
        weighed_->setFocus();
    else if (shown_.end)
        note_->setFocus(); // not the button: a Space still on its way would finish the batch
    else
        next_->setFocus();
}

void StepCard::showEffect(const QString& effect, const words::BowlSaid& said, bool mendable)
{
    effect_->setText(effect);
    mendHint_->setVisible(mendable);
    mends_->setText(said.sentences.join(QLatin1Char('\n')));
    HouseStyle::setTone(mends_, said.danger ? Tone::Danger : Tone::Care);
    mends_->setVisible(!said.sentences.isEmpty());
}

void StepCard::showAdded(const QString& what)
{
    added_->setText(what);
    added_->setVisible(!what.isEmpty());
    takeBack_->setVisible(!what.isEmpty());
}

bool StepCard::isGoOn(const QWidget* widget) const
{
    return widget == next_;
}

bool StepCard::eventFilter(QObject* watched, QEvent* event)
{
    if (watched == next_ && shown_.end &&
        (event->type() == QEvent::KeyPress || event->type() == QEvent::KeyRelease) &&
        static_cast<QKeyEvent*>(event)->key() == Qt::Key_Space) {
        if (event->type() == QEvent::KeyPress)
            Q_EMIT spaceAtEnd();
        return true;
    }
    if (watched != weighed_ || event->type() != QEvent::KeyPress)
        return QFrame::eventFilter(watched, event);
    const auto* key = static_cast<QKeyEvent*>(event);
    const bool enter = key->key() == Qt::Key_Return || key->key() == Qt::Key_Enter;
    // A key that is held, or that something lies on, weighs nothing.
    if (key->isAutoRepeat() && (enter || key->key() == Qt::Key_Space))
        return true;
    // The first Enter keeps what was typed and shows what it does; then Space or Enter goes on.
    // While something is being typed a space is a space, as in "4 oz".
    if (enter && weighed_->isModified()) {
        Q_EMIT keepWanted();
        return true;
    }
    // In an untouched field the arrows walk through the day.
    if (!weighed_->isModified() && (key->key() == Qt::Key_Left || key->key() == Qt::Key_Right)) {
        if (!key->isAutoRepeat())
            key->key() == Qt::Key_Left ? Q_EMIT goBackWanted() : Q_EMIT goOnWanted();
        return true;
    }
    if (enter || (key->key() == Qt::Key_Space && !weighed_->isModified())) {
        Q_EMIT goOnWanted();
        return true;
    }
    return QFrame::eventFilter(watched, event);
}

} // namespace rhexion
