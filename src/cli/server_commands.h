// The commands of a journal that several benches share: make it on a server, look at it, exchange.
#pragma once

#include <QStringList>

namespace rhexion {

// words: what follows "journal", from "server" or "exchange" on. The exit code.
int runServerCommand(const QStringList& words);

} // namespace rhexion
