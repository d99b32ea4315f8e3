// How a command of rhexion-cli answers: words, JSON, facts, and its exit code.
#pragma once

#include "words/facts.h"

#include <QByteArray>
#include <QJsonObject>

#include <cstdio>

namespace rhexion::cli {

enum ExitCode { Good = 0, BadInput = 1, BadUsage = 2 };

bool put(std::FILE* to, const QString& text); // false where not all of it could be written
bool put(std::FILE* to, const QByteArray& bytes);
// Bad input where the JSON says that something cannot be, or could not be written.
int putJson(const QJsonObject& json);
int putFacts(const words::FactPage& page); // made safe for a terminal
int bad(const QString& place, const QString& why);
int wrongUse(const QString& why);

} // namespace rhexion::cli
