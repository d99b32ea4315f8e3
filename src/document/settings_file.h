// What a maker has set, out and in as one file: how the window looks and speaks, where things go,
// devices, and her fittings. Not: what was open, and what was said once.
#pragma once

#include "storage/fittings.h"

#include <QSettings>

#include <variant>

namespace rhexion {

struct SettingsFile {
    QMap<QString, QVariant> values; // strings and lists of strings
    Fittings fittings;
};
// JSON, {"format": "rhexion-settings", "version": 1, "settings": {...}, "fittings": {...}}.
QByteArray settingsToJson(const QSettings& settings, const Fittings& fittings);
// Refused with the place: another format, a newer version, a name or value that is none of these.
std::variant<SettingsFile, FileFault> settingsFromJson(const QByteArray& bytes);
std::variant<SettingsFile, FileFault> readSettings(const QString& path);
void putSettings(QSettings& settings, const SettingsFile& file);

} // namespace rhexion
