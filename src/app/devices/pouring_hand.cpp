#include "app/devices/pouring_hand.h"

#include "app/devices/standin_scale.h"

#include <QTimer>

namespace rhexion {

namespace {

constexpr double cupGrams = 84.0; // of an empty cup on the pan
constexpr int settle = 1300;      // ms until the scale is still

} // namespace

void PouringHand::watch(BatchInProgress* batch, StandinScale* scale)
{
    if (batch_)
        batch_->disconnect(this);
    batch_ = batch;
    scale_ = scale;
    step_ = -1;
    if (!batch_ || !scale_)
        return;
    connect(batch_, &BatchInProgress::changed, this, &PouringHand::step);
    connect(batch_, &QObject::destroyed, this, [this] { batch_ = nullptr; });
    step();
}

void PouringHand::step()
{
    if (!batch_ || !scale_ || batch_->step() == step_)
        return;
    step_ = batch_->step();
    if (batch_->atEnd())
        return;
    const DayStep& at = batch_->plan().steps[std::size_t(step_)];
    // The thermometers follow: hot when lye is in, and cooling as a jug and a pot do.
    if (at.kind == DayStepKind::LookThrough)
        scale_->tell(QStringLiteral("jug 78 0.0006"));
    if (at.kind == DayStepKind::WeighSodium || at.kind == DayStepKind::WeighPotassium)
        scale_->tell(QStringLiteral("pot 62 0.00025"));
    if (at.weighs() && !batch_->weighedAt(step_))
        pour();
}

void PouringHand::pour()
{
    scale_->tell(QStringLiteral("empty"));
    scale_->tell(QStringLiteral("put %1").arg(cupGrams));
    QTimer::singleShot(settle, this, [this, step = step_] {
        if (!batch_ || !scale_ || step != step_ || batch_->atEnd())
            return;
        desk_.tare();
        const double grams = batch_->plan().steps[std::size_t(step)].plannedGrams;
        const auto off = off_ ? off_(step) : std::nullopt;
        scale_->tell(off ? QStringLiteral("pour %1 %2").arg(grams).arg(*off)
                         : QStringLiteral("pour %1").arg(grams));
    });
}

} // namespace rhexion
