// What a maker has set, out and in as one file: how the window looks and speaks, where things go,
// and her fittings. Only what is listed travels. Never: server and devices, which are of one
// machine and decide where a journal goes; the maker's own words, which decide what a material is;
// whom to call.
#pragma once

#include "storage/fittings.h"

#include <QSettings>

#include <variant>

namespace rhexion {

struct SettingsFile {
    QMap<QString, QVariant> values; // strings
    QStringList leftOut;            // names in the file that do not travel
    Fittings fittings;
};
// JSON, {"format": "rhexion-settings", "version": 1, "settings": {...}, "fittings": {...}}.
QByteArray settingsToJson(const QSettings& settings, const Fittings& fittings);
// Refused with the place: another format, a newer version, a value that is none.
std::variant<SettingsFile, FileFault> settingsFromJson(const QByteArray& bytes);
std::variant<SettingsFile, FileFault> readSettings(const QString& path);
void putSettings(QSettings& settings, const SettingsFile& file);

} // namespace rhexion
