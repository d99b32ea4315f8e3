// The commands of a journal that several benches share: make it on a server, look at it, exchange.
#pragma once

#include "server/server_journal.h"

#include <QStringList>

namespace rhexion {

// words: what follows "journal", from "server" or "exchange" on. The exit code.
int runServerCommand(const QStringList& words);

// For the commands that only look: a journal on a server in the place of a file.
bool isServerAddress(const QString& path);
std::variant<std::unique_ptr<ServerJournal>, int> openServerJournal(const QString& address);

} // namespace rhexion
