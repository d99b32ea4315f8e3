// What the journal remembers of scents tried and of how long batters stayed fluid: read a batch at
// a time between other work, so that nothing waits for it.
#pragma once

#include <QObject>
#include <QTimer>

#include "storage/pace_record.h"

#include <functional>

namespace rhexion {

class PaceMemory : public QObject {
    Q_OBJECT
public:
    explicit PaceMemory(std::function<Journal*()> journal, QObject* parent = nullptr);

    // Begins to read, if it was not read since the journal changed.
    void wake();
    void forget(); // the journal changed
    const std::vector<OwnLog>& logs() const { return record_.logs; }
    const std::vector<std::string>& tried() const { return record_.tried; }
    const std::vector<TimesTried>& times() const { return record_.times; }

Q_SIGNALS:
    void changed(); // all that there is was read

private:
    void readOne();

    std::function<Journal*()> journal_;
    QTimer timer_;
    bool read_ = false;
    QList<BatchSummary> waiting_;
    PaceRecord record_;
};

} // namespace rhexion
