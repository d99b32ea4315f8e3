#include "document/heat_watcher.h"

#include "document/formula_document.h"

namespace rhexion {

namespace {
// After the last key: the picture of the change comes first.
constexpr std::chrono::milliseconds keysRest{60};
} // namespace

HeatWatcher::HeatWatcher(FormulaDocument& document, std::function<HeatPlan()> usual,
                         QObject* parent)
    : QObject(parent), document_(document), usual_(std::move(usual)),
      watcher_(
          keysRest, [this] { return begin(); },
          [this](std::optional<Shared> result) { take(std::move(result)); })
{
    connect(&document_, &FormulaDocument::changed, this, [this] {
        if (!result_ || !document_.onlyTextChanged())
            restart();
    });
    restart();
}

HeatPlan HeatWatcher::plan() const
{
    const auto& own = document_.formula().heat;
    return own ? *own : usual_();
}

void HeatWatcher::lookAt(bool mould, const std::optional<Beside>& beside)
{
    if (mould == fields_ && beside == beside_)
        return;
    fields_ = mould;
    beside_ = beside;
    restart();
}

void HeatWatcher::setLogs(std::vector<HeatLog> logs)
{
    const bool none = logs.empty() && logs_.empty();
    logs_ = std::move(logs);
    if (!none)
        restart();
}

HeatKnown HeatWatcher::known() const
{
    return heatKnownFor(document_.formula(), plan(), logs_);
}

void HeatWatcher::restart()
{
    watcher_.restart();
}

Watcher<HeatWatcher::Shared>::Work HeatWatcher::begin() const
{
    const Reckoning* reckoning = document_.reckoning();
    if (!reckoning)
        return {};
    heat::ForecastOptions options;
    options.coarse = document_.isPreviewing();
    options.fields = fields_ && !options.coarse;
    options.learnt = known().learnt;
    // Copies, so that nothing is shared with the thread but materials, which never change.
    return [formula = document_.formula(), account = Account(*reckoning), usual = usual_(), options,
            beside = beside_](const auto& isCancelled) -> std::optional<Shared> {
        heat::ForecastOptions cancellable = options;
        cancellable.cancelled = isCancelled;
        auto told = heat::tellHeat(formula, account, usual, cancellable);
        if (!told)
            return std::nullopt;
        auto result = std::make_shared<HeatResult>();
        result->told = std::move(*told);
        result->coarse = options.coarse;
        cancellable.fields = false;
        // Covers and moulds change nothing before the pour: only the mould is run anew.
        const auto bandOf = [&](const Formula& f, const HeatPlan& plan) {
            return heat::firstBand(f, account, plan, result->told.forecast, cancellable);
        };
        const HeatPlan& plan = result->told.forecast.plan;
        if (beside) {
            HeatPlan other = plan;
            Formula f = formula;
            if (beside->cover)
                other.covers = {{*beside->cover, 0.0, {}}};
            if (beside->mould)
                f.moulds = {{*beside->mould, 0, 1.0}};
            result->compared = bandOf(f, other);
        }
        if (options.fields) {
            cancellable.coarse = true;
            for (const MouldCover cover : {MouldCover::Open, MouldCover::Towel, MouldCover::Box,
                                           MouldCover::Fridge, MouldCover::Freezer}) {
                if (plan.covers.size() == 1 && plan.covers.front().cover == cover)
                    continue;
                HeatPlan other = plan;
                other.covers = {{cover, 0.0, {}}};
                if (auto band = bandOf(formula, other))
                    result->others.push_back({cover, std::move(*band)});
            }
        }
        if (isCancelled())
            return std::nullopt;
        return result;
    };
}

void HeatWatcher::take(std::optional<Shared> result)
{
    if (!result)
        return;
    result_ = std::move(*result);
    document_.takeHeat(result_->told.findings);
    Q_EMIT found();
}

} // namespace rhexion
