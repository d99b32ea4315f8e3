// What every fuzz target shares: a demand that stops the fuzzer where it fails, and a file to work
// on in memory.
#pragma once

#include "storage/formula_json.h"

#include <QDir>

#include <cstdio>
#include <cstdlib>

namespace rhexion::fuzz {

inline void demand(bool holds, const char* what)
{
    if (!holds) {
        std::fprintf(stderr, "does not hold: %s\n", what);
        std::abort();
    }
}

// What was read once is written so that it reads back equal.
inline void comesBack(const Formula& formula)
{
    const auto written = readableFormulaJson(formula);
    demand(std::holds_alternative<QByteArray>(written), "a formula that was read can be written");
    const auto again = formulaFromJson(std::get<QByteArray>(written));
    demand(std::holds_alternative<Formula>(again) && std::get<Formula>(again) == formula,
           "a formula that was written reads back equal");
}

// A folder in memory where there is one, of this process alone.
inline QString scratch()
{
    const QString base =
        QDir(QStringLiteral("/dev/shm")).exists() ? QStringLiteral("/dev/shm") : QDir::tempPath();
    const QString path = base + QStringLiteral("/rhexion-fuzz-%1").arg(getpid());
    QDir().mkpath(path);
    return path;
}

inline QByteArray bytesOf(const uint8_t* data, size_t size)
{
    return QByteArray(reinterpret_cast<const char*>(data), qsizetype(size));
}

} // namespace rhexion::fuzz
