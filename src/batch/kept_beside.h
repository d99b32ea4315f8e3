// What happened while the journal could not be written, in a file beside it, so that the day goes
// on: one event a line, on disk before it counts.
#pragma once

#include "storage/journal.h"

namespace rhexion {

class KeptBeside {
public:
    // An empty folder: nothing is kept, and append() says so.
    KeptBeside(const QString& folder, const QString& batch);

    bool append(const QList<Event>& events);
    QList<Event> all() const; // lines that cannot be read are left out
    void clear();

private:
    QString path_;
};

} // namespace rhexion
