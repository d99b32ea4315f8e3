// What the journal's readings say of the forecasts: batches are read one at a time between other
// work, and fitted in a thread.
#pragma once

#include "core/batch/heat_log.h"
#include "document/watcher.h"
#include "storage/journal.h"

#include <QObject>
#include <QTimer>

#include <functional>

namespace rhexion {

class HeatMemory : public QObject {
    Q_OBJECT
public:
    HeatMemory(std::function<Journal*()> journal, std::function<HeatPlan()> usual,
               QObject* parent = nullptr);

    // Begins to read, if it was not read since the journal changed. Batches begun before are
    // forgotten, ms since 1970.
    void wake(std::int64_t forgottenBefore);
    void forget(); // the journal changed
    const std::vector<HeatLog>& logs() const { return logs_; }
    void finish(); // for tests

Q_SIGNALS:
    void changed();

private:
    void readOne();

    std::function<Journal*()> journal_;
    std::function<HeatPlan()> usual_;
    QTimer timer_;
    bool read_ = false;
    std::int64_t forgottenBefore_ = 0;
    QList<BatchSummary> waiting_;
    std::vector<Batch> batches_; // with readings
    std::vector<HeatLog> logs_;
    Watcher<std::vector<HeatLog>> watcher_;
};

} // namespace rhexion
