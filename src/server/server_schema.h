// What a server of several benches holds: events of journals and shelves, the list of batches that
// is kept from them, roles and what keeps events as they are. docs/several-benches.md
#pragma once

#include "storage/event_table.h"

#include <QStringList>

namespace rhexion {

inline constexpr int serverSchemaVersion = 2;
inline constexpr qsizetype longestServerData = 4'000'000; // of one event, letters

QString serverTable(EventStore::Kind kind);
// Statement by statement; each may be run again, and brings an older one up to date.
QStringList serverSchema();

} // namespace rhexion
