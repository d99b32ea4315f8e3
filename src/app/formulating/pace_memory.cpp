#include "app/formulating/pace_memory.h"

#include "core/batch/pace_log.h"

#include <algorithm>
#include <utility>

namespace rhexion {

namespace {
constexpr int mostBatches = 60; // the newest: older hands were other hands
}

PaceMemory::PaceMemory(std::function<Journal*()> journal, QObject* parent)
    : QObject(parent), journal_(std::move(journal))
{
    timer_.setInterval(0);
    connect(&timer_, &QTimer::timeout, this, &PaceMemory::readOne);
}

void PaceMemory::wake()
{
    if (std::exchange(read_, true))
        return;
    logs_.clear();
    tried_.clear();
    times_.clear();
    Journal* journal = journal_();
    if (!journal)
        return;
    const auto batches = journal->batches(mostBatches);
    if (const auto* list = std::get_if<QList<BatchSummary>>(&batches))
        waiting_ = *list;
    timer_.start();
}

void PaceMemory::forget()
{
    read_ = false;
    waiting_.clear();
    timer_.stop();
}

void PaceMemory::readOne()
{
    Journal* journal = journal_();
    if (waiting_.isEmpty() || !journal) {
        timer_.stop();
        Q_EMIT changed();
        return;
    }
    const BatchSummary batch = waiting_.takeFirst();
    const auto events = journal->events(batch.id);
    const auto* list = std::get_if<QList<Event>>(&events);
    if (!list)
        return;
    for (const Event& event : *list)
        if (const auto* begun = std::get_if<BatchBegun>(&event.what))
            for (const Line& line : begun->formula.lines) {
                if (line.material->kind != MaterialKind::Scent)
                    continue;
                const std::string& id = line.material->id;
                const auto found = std::ranges::find(times_, id, &TimesTried::material);
                if (found == times_.end()) {
                    times_.push_back({id, 1});
                    tried_.push_back(id);
                } else {
                    ++found->times;
                }
            }
    if (batch.state == BatchState::Finished)
        if (auto log = paceLogOf(std::span(list->constData(), std::size_t(list->size())), tried_))
            logs_.push_back(std::move(*log));
}

} // namespace rhexion
