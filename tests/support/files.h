// Files and demo formulas for tests.
#pragma once

#include "core/advice/reckon.h"
#include "storage/formula_json.h"

#include <QFile>
#include <QTemporaryDir>

namespace rhexion::test {

inline QByteArray bytesOf(const QString& path)
{
    QFile file(path);
    return file.open(QIODevice::ReadOnly) ? file.readAll() : QByteArray();
}

inline bool put(const QString& path, const QByteArray& bytes)
{
    QFile file(path);
    return file.open(QIODevice::WriteOnly) && file.write(bytes) == bytes.size();
}

inline QString demoPath(const char* name)
{
    return QStringLiteral(RHEXION_SOURCE_DIR "/data/demo/") + QLatin1String(name);
}

inline Formula demo(const char* name)
{
    const auto read = readFormulaFile(demoPath(name));
    return std::holds_alternative<Formula>(read) ? std::get<Formula>(read) : Formula{};
}

inline constexpr const char* demoNames[] = {
    "quince-buttermilk-loaf.rhexion", "beetroot-yogurt-bar.rhexion", "potting-shed-scrub.rhexion",
    "rhubarb-rosemary-halves.rhexion"};

} // namespace rhexion::test
