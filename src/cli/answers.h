// How a command of rhexion-cli answers: words, JSON, facts, and its exit code.
#pragma once

#include "words/facts.h"

#include <QByteArray>
#include <QJsonObject>

#include <cstdio>
#include <optional>

namespace rhexion::cli {

enum ExitCode { Good = 0, BadInput = 1, BadUsage = 2 };

bool put(std::FILE* to, const QString& text); // false where not all of it could be written
bool put(std::FILE* to, const QByteArray& bytes);
// Bad input where the JSON says that something cannot be, or could not be written.
int putJson(const QJsonObject& json);
int putFacts(const words::FactPage& page); // made safe for a terminal
int bad(const QString& place, const QString& why);
// The refusal to write over a file that is there, unless it is forced; nothing where it may.
std::optional<int> isThere(const QString& path, bool force);
int wrongUse(const QString& why);

} // namespace rhexion::cli
