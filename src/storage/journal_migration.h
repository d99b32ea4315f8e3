// Batches of journals before version 4, carried over into events.
#pragma once

#include "storage/file_fault.h"

#include <QSqlDatabase>

#include <optional>

namespace rhexion {

// Called after the statements of journalMigration(), in the same transaction.
std::optional<FileFault> convertJournal(QSqlDatabase& db, int toVersion);

} // namespace rhexion
