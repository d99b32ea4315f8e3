#include "app/make/step_card.h"

#include "app/theme/house_style.h"
#include "app/theme/theme.h"
#include "app/widgets/label.h"
#include "app/widgets/limit_text.h"
#include "app/widgets/typing_line.h"
#include "core/materials/limits.h"

#include <QHBoxLayout>
#include <QKeyEvent>
#include <QLineEdit>
#include <QPlainTextEdit>
#include <QPushButton>
#include <QVBoxLayout>

namespace rhexion {

namespace {

// A wet glove's width.
constexpr int fingerTall = 56;

Label* wrapped(QWidget* parent, const QFont& font)
{
    auto* label = new Label(parent);
    label->setFont(font);
    label->setWordWrap(true);
    return label;
}

} // namespace

StepCard::StepCard(Stock& stock, QWidget* parent) : QFrame(parent)
{
    setObjectName(QStringLiteral("card"));
    count_ = new Label(this);
    count_->setObjectName(QStringLiteral("muted"));
    title_ = wrapped(this, Theme::large());
    planned_ = new Label(this);
    planned_->setFont(Theme::huge());
    QFont plain = Theme::figure();
    plain.setWeight(QFont::Normal);
    advice_ = wrapped(this, plain);
    field_ = buildField();
    effect_ = wrapped(this, Theme::body());
    mends_ = wrapped(this, Theme::figure());
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
    added_ = wrapped(this, Theme::body());
    takeBack_ = new QPushButton(tr("Take the last one back"), this);
    leastHeight(takeBack_, fingerTall);
    connect(takeBack_, &QPushButton::clicked, this, &StepCard::takeBackWanted);
    extra_ = new TypingLine(stock, this);
    extra_->setPurpose(tr("Also went in: 12 g water"));
    extra_->setFingerSized(fingerTall);

    back_ = new QPushButton(tr("Back"), this);
    leastHeight(back_, fingerTall);
    connect(back_, &QPushButton::clicked, this, &StepCard::goBackWanted);
    next_ = new QPushButton(this);
    next_->setObjectName(QStringLiteral("primary"));
    next_->setFont(Theme::figure());
    leastHeight(next_, fingerTall);
    leastWidth(next_, 240);
    connect(next_, &QPushButton::clicked, this, &StepCard::goOnWanted);

    auto* buttons = new QHBoxLayout;
    buttons->addWidget(back_);
    buttons->addStretch();
    buttons->addWidget(next_);
    auto* addedRow = new QHBoxLayout;
    addedRow->addWidget(added_, 1);
    addedRow->addWidget(takeBack_);
    auto* column = new QVBoxLayout(this);
    column_ = column;
    column->setContentsMargins(24, 18, 24, 18);
    column->setSpacing(10);
    for (QWidget* widget : std::initializer_list<QWidget*>{count_, title_, planned_, advice_})
        column->addWidget(widget);
    column->addSpacing(4);
    column->addWidget(field_);
    column->addWidget(note_);
    column->addSpacing(6);
    column->addWidget(effect_);
    column->addWidget(mends_);
    column->addWidget(mendHint_);
    column->addStretch();
    column->addLayout(addedRow);
    column->addWidget(extra_);
    column->addLayout(buttons);
    QWidget* before = weighed_;
    for (QWidget* next : std::initializer_list<QWidget*>{note_, next_, back_, extra_, takeBack_}) {
        setTabOrder(before, next);
        before = next;
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
    weighed_->setText(step.weighed);
    weighed_->setModified(false);
    weighed_->selectAll();
    note_->setVisible(step.end);
    next_->setText(step.goOn);
    back_->setEnabled(step.canGoBack);
}

void StepCard::takeFocus()
{
    if (field_->isVisible())
        weighed_->setFocus();
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

bool StepCard::eventFilter(QObject* watched, QEvent* event)
{
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
    if (enter || (key->key() == Qt::Key_Space && !weighed_->isModified())) {
        Q_EMIT goOnWanted();
        return true;
    }
    return QFrame::eventFilter(watched, event);
}

} // namespace rhexion
