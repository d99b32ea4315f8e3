#include "app/make/danger_panel.h"

#include "app/help.h"
#include "app/make/finger.h"
#include "app/theme/house_style.h"
#include "app/theme/theme.h"
#include "app/widgets/flow_layout.h"
#include "app/widgets/label.h"
#include "app/widgets/spoken.h"
#include "app/widgets/tab_order.h"
#include "core/materials/limits.h"

#include <QHBoxLayout>
#include <QKeyEvent>
#include <QLineEdit>
#include <QPushButton>
#include <QVBoxLayout>

namespace rhexion {

DangerPanel::DangerPanel(QWidget* parent) : QFrame(parent)
{
    helpOn(this, "trouble");
    setObjectName(QStringLiteral("card"));
    setFocusPolicy(Qt::StrongFocus);
    auto* heading = wrappedLabel(this, Theme::large());
    heading->setText(tr("Stop here first"));
    HouseStyle::setTone(heading, Tone::Danger);
    title_ = wrappedLabel(this, Theme::large());
    reason_ = wrappedLabel(this, Theme::figure());
    mends_ = wrappedLabel(this, Theme::figure());
    const auto button = [this](const QString& label) {
        auto* out = new QPushButton(label, this);
        leastHeight(out, fingerTall);
        out->setAutoDefault(true); // Return presses it; Space does not
        out->installEventFilter(this);
        return out;
    };
    mend_ = button(tr("Mend it"));
    mend_->setObjectName(QStringLiteral("primary"));
    connect(mend_, &QPushButton::clicked, this, &DangerPanel::mendWanted);
    why_ = new QLineEdit(this);
    why_->setMaxLength(int(limits::dangerWhy));
    why_->setPlaceholderText(tr("I know, and go on because…"));
    why_->setAccessibleName(tr("Why you go on all the same"));
    leastHeight(why_, fingerTall);
    connect(why_, &QLineEdit::returnPressed, this, &DangerPanel::goOnIfSaid);
    goOn_ = button(tr("Go on all the same"));
    connect(goOn_, &QPushButton::clicked, this, &DangerPanel::goOnIfSaid);
    stop_ = button(tr("Stop this batch"));
    connect(stop_, &QPushButton::clicked, this, &DangerPanel::stopWanted);
    for (std::size_t i = 0; i < is_.size(); ++i) {
        is_[i] = button({});
        connect(is_[i], &QPushButton::clicked, this,
                [this, i] { Q_EMIT settled(static_cast<WeighedTwice>(i)); });
    }
    hint_ = wrappedLabel(this, Theme::body());
    hint_->setObjectName(QStringLiteral("muted"));

    auto* row = new QHBoxLayout;
    row->addWidget(why_, 1);
    row->addWidget(goOn_);
    auto* answers = new QWidget(this);
    auto* first = new FlowLayout(answers, Theme::px(8), Theme::px(8));
    first->setContentsMargins(0, 0, 0, 0);
    first->addWidget(mend_);
    for (QPushButton* one : is_)
        first->addWidget(one);
    first->addWidget(stop_);
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(24, 18, 24, 18);
    column->setSpacing(12);
    for (QWidget* widget : std::initializer_list<QWidget*>{heading, title_, reason_, mends_})
        column->addWidget(widget);
    column->addStretch();
    column->addWidget(answers);
    column->addLayout(row);
    column->addWidget(hint_);
    orderTabs(this, {mend_, is_[0], is_[1], is_[2], why_, goOn_, stop_});
}

void DangerPanel::show(const words::DangerSaid& said)
{
    mends_->setText(said.mends.join(QLatin1Char('\n')));
    hint_->setText(tr("Typed wrongly? Mend it, and type the weight again. Your answer is kept with "
                      "the batch. Space answers nothing here: press a button, or Return on it."));
    say(said.title, QStringList{said.why} + said.mends, false);
}

void DangerPanel::show(const words::TwiceSaid& said)
{
    mends_->clear();
    is_[std::size_t(WeighedTwice::First)]->setText(said.first);
    is_[std::size_t(WeighedTwice::Second)]->setText(said.second);
    is_[std::size_t(WeighedTwice::Both)]->setText(said.both);
    hint_->setText(tr("The same is asked at the other bench: one answer is enough. It is kept with "
                      "the batch. Space answers nothing here: press a button, or Return on it."));
    say(said.title, {said.why}, true);
}

void DangerPanel::say(const QString& title, const QStringList& why, bool twice)
{
    title_->setText(title);
    reason_->setText(why.first());
    mends_->setVisible(!mends_->text().isEmpty());
    why_->clear();
    for (QWidget* widget : std::initializer_list<QWidget*>{mend_, why_, goOn_})
        widget->setVisible(!twice);
    for (QPushButton* one : is_)
        one->setVisible(twice);
    setAccessibleName(tr("Stop here first: %1").arg(title));
    setAccessibleDescription(why.join(QLatin1Char(' ')));
    setFocus();
    sayAloud(*this);
}

void DangerPanel::goOnIfSaid()
{
    // A letter typed by chance is no reason.
    constexpr qsizetype shortest = 3;
    if (why_->text().trimmed().size() >= shortest) {
        Q_EMIT goOnWanted(why_->text());
        return;
    }
    Q_EMIT noted(
        tr("Write a few words on why it is right to go on: they are kept with the batch."));
    why_->setFocus();
}

bool DangerPanel::eventFilter(QObject* watched, QEvent* event)
{
    if ((event->type() == QEvent::KeyPress || event->type() == QEvent::KeyRelease) &&
        static_cast<QKeyEvent*>(event)->key() == Qt::Key_Space)
        return true;
    return QFrame::eventFilter(watched, event);
}

} // namespace rhexion
