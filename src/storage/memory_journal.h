// A journal that lives as long as the program: for rehearsals and tests.
#pragma once

#include "storage/journal.h"

namespace rhexion {

class MemoryJournal : public Journal {
public:
    MemoryJournal();

    QString bench() const override { return bench_; }
    Done append(const QList<Event>& events) override;
    Result<QList<Event>> events(const QString& batch) const override;
    Result<QList<BatchSummary>> batches(int most = 1'000'000,
                                        const BatchSummary* after = nullptr) const override;
    Result<QList<BatchSummary>> batchesWith(const QString& material,
                                            int most = 1'000'000) const override;
    Result<int> countWith(const QString& material) const override;
    Result<QList<BatchSummary>> unfinished() const override;
    QDateTime latest() const override;

private:
    QList<Batch> all() const; // newest first

    QString bench_;
    QList<Event> events_;
};

} // namespace rhexion
