// The journal as it is on the server, for a desk that keeps no file of its own: it only looks, or
// writes where its name may. What a bench of its own asks a hundred times a minute (dues, lessons,
// patterns) is made here by a look at every batch; a bench has its file for those.
#pragma once

#include "server/event_server.h"
#include "storage/journal.h"

namespace rhexion {

class ServerJournal : public Journal {
public:
    // bench: what its own events are said to be written by.
    static std::variant<std::unique_ptr<ServerJournal>, FileFault> open(const ServerPlace& place,
                                                                        const QString& bench);

    QString bench() const override { return bench_; }
    Done append(const QList<Event>& events) override;
    Result<QList<Event>> events(const QString& batch) const override;
    Result<QList<BatchSummary>> batches(int most = 1'000'000,
                                        const BatchSummary* after = nullptr) const override;
    Result<QList<BatchSummary>> batchesWith(const QString& material,
                                            int most = 1'000'000) const override;
    Result<int> countWith(const QString& material) const override;
    Result<QList<BatchSummary>> unfinished() const override;
    Result<JournalSize> size() const override;
    QDateTime latest() const override; // by the newest 200 places

private:
    ServerJournal(std::unique_ptr<EventServer> server, QString bench)
        : server_(std::move(server)), bench_(std::move(bench))
    {
    }
    Result<QList<BatchSummary>> summaries(const QString& which, const QVariantList& values) const;

    std::unique_ptr<EventServer> server_;
    QString bench_;
};

} // namespace rhexion
