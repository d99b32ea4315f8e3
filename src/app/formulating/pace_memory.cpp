#include "app/formulating/pace_memory.h"

#include <utility>

namespace rhexion {

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
    record_ = {};
    Journal* journal = journal_();
    if (!journal)
        return;
    const auto batches = journal->batches(mostPaceBatches);
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
    if (const auto* list = std::get_if<QList<Event>>(&events))
        record_.add(batch, *list);
}

} // namespace rhexion
