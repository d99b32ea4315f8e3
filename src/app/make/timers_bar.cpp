#include "app/make/timers_bar.h"

#include "app/make/finger.h"
#include "app/theme/house_style.h"
#include "app/theme/theme.h"
#include "app/widgets/flow_layout.h"
#include "app/widgets/label.h"

#include <QApplication>
#include <QHBoxLayout>
#include <QMenu>
#include <QPushButton>

#include <algorithm>
#include <cmath>

namespace rhexion {

namespace {
constexpr double longBurst = 30.0; // s, then by hand
} // namespace

TimersBar::TimersBar(QWidget* parent) : QFrame(parent)
{
    add_ = new QPushButton(this);
    add_->setText(tr("Timer"));
    add_->setToolTip(tr("Set a timer, named after this step (M)"));
    add_->setAccessibleName(tr("Set a timer"));
    leastHeight(add_, fingerTall);
    auto* menu = new QMenu(add_);
    for (const int minutes : {1, 2, 3, 5, 10, 15, 20, 30, 45, 60})
        menu->addAction(tr("%n minute(s)", nullptr, minutes), this,
                        [this, minutes] { Q_EMIT setWanted(step_, minutes * 60.0); });
    add_->setMenu(menu);
    blend_ = new QPushButton(this);
    leastHeight(blend_, fingerTall);
    connect(blend_, &QPushButton::clicked, this, &TimersBar::toggleBurst);
    since_ = new Label(this);
    since_->setFont(Theme::strong());
    room_ = new QWidget(this);
    auto* chips = new FlowLayout(room_, 8, 6);
    chips->setContentsMargins(0, 0, 0, 0);
    auto* row = new QHBoxLayout(this);
    row->setContentsMargins(0, 0, 0, 0);
    row->addWidget(add_);
    row->addWidget(blend_);
    row->addWidget(room_, 1);
    row->addWidget(since_);
    constexpr int second = 1000;
    second_.setInterval(second);
    connect(&second_, &QTimer::timeout, this, &TimersBar::refresh);
}

QString TimersBar::leftText(double seconds) const
{
    const int whole = int(std::ceil(seconds));
    return QStringLiteral("%1:%2").arg(whole / 60).arg(whole % 60, 2, 10, QLatin1Char('0'));
}

void TimersBar::show(BatchInProgress* batch, const QString& step, bool blends)
{
    if (batch != batch_) {
        burstBegan_ = 0;
        rung_.clear();
    }
    batch_ = batch;
    step_ = step;
    blend_->setVisible(blends || burstBegan_ != 0);
    if (batch_)
        second_.start();
    else
        second_.stop();
    build();
    refresh();
}

void TimersBar::build()
{
    std::vector<std::string> wanted;
    if (batch_)
        for (const TimerAt& timer : batch_->folded().timers)
            wanted.push_back(timer.event);
    std::erase_if(chips_, [&](const auto& chip) {
        if (std::ranges::find(wanted, chip.first) != wanted.end())
            return false;
        chip.second->deleteLater();
        return true;
    });
    for (const std::string& event : wanted) {
        if (std::ranges::find(chips_, event, &decltype(chips_)::value_type::first) != chips_.end())
            continue;
        auto* chip = new QPushButton(room_);
        leastHeight(chip, fingerTall);
        connect(chip, &QPushButton::clicked, this,
                [this, event] { Q_EMIT stopWanted(QString::fromStdString(event)); });
        room_->layout()->addWidget(chip);
        chips_.emplace_back(event, chip);
        chip->show();
    }
}

void TimersBar::refresh()
{
    if (!batch_) {
        since_->clear();
        return;
    }
    const std::int64_t now = batch_->clock().toMSecsSinceEpoch();
    flash_ = !flash_;
    for (const auto& [event, chip] : chips_) {
        const auto timer = std::ranges::find(batch_->folded().timers, event, &TimerAt::event);
        if (timer == batch_->folded().timers.end())
            continue;
        const double left = secondsLeft(*timer, now);
        const QString name = QString::fromStdString(timer->name);
        const bool over = left <= 0.0;
        chip->setText(over ? tr("%1: time is up").arg(name)
                           : tr("%1 %2").arg(name, leftText(left)));
        chip->setAccessibleName(
            over ? tr("%1: time is up. Press to put it away.").arg(name)
                 : tr("%1, %2 left. Press to stop it.").arg(name, leftText(left)));
        chip->setObjectName(over && flash_ ? QStringLiteral("primary") : QString());
        chip->update();
        if (over && std::ranges::find(rung_, event) == rung_.end()) {
            rung_.push_back(event);
            QApplication::beep();
            QApplication::alert(window());
            Q_EMIT rang(tr("%1: time is up.").arg(name));
        }
    }
    const BlendedSoFar& blended = batch_->folded().blended;
    if (burstBegan_ != 0) {
        const double burst = double(now - burstBegan_) / 1000.0;
        blend_->setText(burst >= longBurst ? tr("Stop: stir by hand now")
                                           : tr("Blending %1 (B)").arg(leftText(burst)));
    } else
        blend_->setText(blended.bursts == 0
                            ? tr("Blend (B)")
                            : tr("Blend (B): %n burst(s), %1", nullptr, blended.bursts)
                                  .arg(leftText(blended.seconds)));
    const auto joined = batch_->moments().joined;
    const auto poured = batch_->moments().poured;
    since_->setText(
        joined && !poured
            ? tr("Lye met oil %1 ago").arg(leftText(std::max(0.0, double(now - *joined) / 1000.0)))
            : QString());
}

void TimersBar::toggleBurst()
{
    if (!batch_)
        return;
    const std::int64_t now = batch_->clock().toMSecsSinceEpoch();
    if (burstBegan_ == 0)
        burstBegan_ = now;
    else {
        const double seconds = std::max(0.0, double(now - burstBegan_) / 1000.0);
        burstBegan_ = 0;
        Q_EMIT blended(seconds);
    }
    refresh();
}

QString TimersBar::said() const
{
    QStringList texts{blend_->isVisible() ? blend_->text() : QString(), since_->text()};
    for (const auto& [event, chip] : chips_)
        texts << chip->text();
    texts.removeAll(QString());
    return texts.join(QLatin1Char('\n'));
}

} // namespace rhexion
