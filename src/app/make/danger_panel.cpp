#include "app/make/danger_panel.h"

#include "app/help.h"
#include "app/make/finger.h"
#include "app/theme/house_style.h"
#include "app/theme/theme.h"
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
    auto* hint = wrappedLabel(this, Theme::body());
    hint->setObjectName(QStringLiteral("muted"));
    hint->setText(tr("Typed wrongly? Mend it, and type the weight again. Your answer is kept with "
                     "the batch. Space answers nothing here: press a button, or Return on it."));

    auto* row = new QHBoxLayout;
    row->addWidget(why_, 1);
    row->addWidget(goOn_);
    auto* first = new QHBoxLayout;
    first->addWidget(mend_);
    first->addStretch();
    first->addWidget(stop_);
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(24, 18, 24, 18);
    column->setSpacing(12);
    for (QWidget* widget : std::initializer_list<QWidget*>{heading, title_, reason_, mends_})
        column->addWidget(widget);
    column->addStretch();
    column->addLayout(first);
    column->addLayout(row);
    column->addWidget(hint);
    orderTabs(this, {mend_, why_, goOn_, stop_});
}

void DangerPanel::show(const words::DangerSaid& said)
{
    title_->setText(said.title);
    reason_->setText(said.why);
    mends_->setText(said.mends.join(QLatin1Char('\n')));
    mends_->setVisible(!said.mends.isEmpty());
    why_->clear();
    QStringList whole{said.why};
    whole += said.mends;
    setAccessibleName(tr("Stop here first: %1").arg(said.title));
    setAccessibleDescription(whole.join(QLatin1Char(' ')));
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
