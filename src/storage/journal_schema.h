// The journal's tables, version by version. PRAGMA user_version holds the version of a file.
#pragma once

#include <QStringList>

namespace rhexion {

inline constexpr int journalVersion = 7;

// Statements that bring a file of the version before to this one.
QStringList journalMigration(int toVersion);

} // namespace rhexion
