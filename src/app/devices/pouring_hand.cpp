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
    meeting_.reset();
    if (!batch_ || !scale_)
        return;
    heat::ForecastOptions coarse;
    coarse.coarse = true;
    coarse.hours = 1.0;
    const auto forecast =
        heat::forecastHeat(batch_->formula(), batch_->planned(),
                           batch_->formula().heat.value_or(HeatPlan{}), coarse); // uncancelled
    if (const auto* meeting = std::get_if<heat::MeetingForecast>(&forecast->meeting))
        meeting_ = *meeting;
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
    // The thermometers follow the forecast: hot when lye is in, and cooling as jug and pot do.
    if (at.kind == DayStepKind::LookThrough && meeting_)
        cool("jug", meeting_->jug);
    if (at.kind == DayStepKind::DissolveFirst || at.kind == DayStepKind::WeighSodium ||
        at.kind == DayStepKind::WeighPotassium)
        if (meeting_)
            cool("pot", meeting_->pot);
    if (at.weighs() && !batch_->weighedAt(step_))
        pour();
}

void PouringHand::cool(const char* what, const heat::Cooling& curve)
{
    scale_->tell(QStringLiteral("room %1").arg(curve.room()));
    scale_->tell(
        QStringLiteral("%1 %2 %3").arg(QLatin1String(what)).arg(curve.start()).arg(curve.rate()));
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
