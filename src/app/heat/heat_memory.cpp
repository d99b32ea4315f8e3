#include "app/heat/heat_memory.h"

#include "storage/heat_record.h"

#include <utility>

namespace rhexion {

namespace {
constexpr std::chrono::milliseconds atOnce{1};
} // namespace

HeatMemory::HeatMemory(std::function<Journal*()> journal, std::function<HeatPlan()> usual,
                       QObject* parent)
    : QObject(parent), journal_(std::move(journal)), usual_(std::move(usual)),
      watcher_(
          atOnce,
          [this]() -> Watcher<std::vector<HeatLog>>::Work {
              return [batches = batches_, usual = usual_()](const auto& isCancelled) {
                  std::vector<HeatLog> logs;
                  for (const Batch& batch : batches)
                      if (auto log = heatLogOf(batch, usual, isCancelled))
                          logs.push_back(std::move(*log));
                  return std::optional(std::move(logs));
              };
          },
          [this](std::optional<std::vector<HeatLog>> logs) {
              if (!logs)
                  return;
              logs_ = std::move(*logs);
              Q_EMIT changed();
          })
{
    timer_.setInterval(0);
    connect(&timer_, &QTimer::timeout, this, &HeatMemory::readOne);
}

void HeatMemory::wake(std::int64_t forgottenBefore)
{
    if (std::exchange(read_, true) && forgottenBefore == forgottenBefore_)
        return;
    forgottenBefore_ = forgottenBefore;
    batches_.clear();
    waiting_.clear();
    Journal* journal = journal_();
    if (!journal)
        return;
    const auto batches = journal->batches(mostHeatBatches);
    if (const auto* list = std::get_if<QList<BatchSummary>>(&batches))
        waiting_ = *list;
    timer_.start();
}

void HeatMemory::forget()
{
    read_ = false;
    waiting_.clear();
    timer_.stop();
}

void HeatMemory::finish()
{
    while (timer_.isActive())
        readOne();
    watcher_.finish();
}

void HeatMemory::readOne()
{
    Journal* journal = journal_();
    if (waiting_.isEmpty() || !journal) {
        timer_.stop();
        watcher_.restart();
        return;
    }
    const BatchSummary summary = waiting_.takeFirst();
    const auto batch = journal->batch(summary.id);
    const auto* as = std::get_if<Batch>(&batch);
    if (as && as->begun >= forgottenBefore_ && !as->readings.empty())
        batches_.push_back(*as);
}

} // namespace rhexion
