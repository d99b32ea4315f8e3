// What was weighed while the journal could not be written, in a file beside it, so that the day
// goes on: one JSON object a line, on disk before it counts.
#pragma once

#include "storage/journal.h"

namespace rhexion {

struct BesideEvent {
    std::optional<WeighingRecord> weighing; // or
    std::optional<int> step;                // the next one
};

class KeptBeside {
public:
    // An empty folder: nothing is kept, and append() says so.
    KeptBeside(QString folder, qint64 batch);

    bool append(const BesideEvent& event);
    QList<BesideEvent> all() const; // lines that cannot be read are left out
    void clear();

private:
    QString path_;
};

} // namespace rhexion
