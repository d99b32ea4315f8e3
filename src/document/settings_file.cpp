#include "document/settings_file.h"

#include "storage/json_cursor.h"

#include <QJsonDocument>
#include <QJsonObject>
#include <QRegularExpression>

#include <algorithm>
#include <array>

namespace rhexion {

namespace {

constexpr int fileVersion = 1;
constexpr int megabytes = 8;
constexpr qsizetype mostLetters = 4000;
constexpr qsizetype mostValues = 5000;

// The one list of what travels, and places/ with where a material usually goes.
constexpr std::array travelling{"decimalMark", "fahrenheit", "highContrast", "language",
                                "massUnit",    "paper",      "printWorking", "reminders/on",
                                "shade",       "textSize"};

bool travels(const QString& key)
{
    static const QRegularExpression place(QStringLiteral("^places/[0-9a-f]{1,400}$"));
    return std::ranges::find(travelling, key) != travelling.end() || place.match(key).hasMatch();
}

FileFault fault(FileFault::Code code, const QString& place)
{
    return {code, place, {}};
}

} // namespace

QByteArray settingsToJson(const QSettings& settings, const Fittings& fittings)
{
    QJsonObject values;
    for (const QString& key : settings.allKeys()) {
        const QVariant value = settings.value(key);
        if (travels(key) && value.canConvert<QString>())
            values[key] = value.toString();
    }
    QJsonObject out;
    out[QStringLiteral("format")] = QStringLiteral("rhexion-settings");
    out[QStringLiteral("version")] = fileVersion;
    out[QStringLiteral("settings")] = values;
    out[QStringLiteral("fittings")] = QJsonDocument::fromJson(fittingsToJson(fittings)).object();
    return QJsonDocument(out).toJson();
}

std::variant<SettingsFile, FileFault> settingsFromJson(const QByteArray& bytes)
{
    using C = FileFault::Code;
    const JsonText json =
        parseJson(bytes, QStringLiteral("rhexion-settings"), fileVersion, megabytes);
    if (json.fault)
        return *json.fault;
    const QJsonObject all = json.root;
    SettingsFile out;
    const QJsonObject values = all.value(QStringLiteral("settings")).toObject();
    if (values.size() > mostValues)
        return fault(C::OutOfRange, QStringLiteral("settings"));
    for (auto it = values.begin(); it != values.end(); ++it) {
        const QString place = QStringLiteral("settings.") + it.key().left(80);
        if (!travels(it.key())) {
            out.leftOut << it.key().left(80);
            continue;
        }
        if (!it->isString() || it->toString().size() > mostLetters)
            return fault(C::OutOfRange, place);
        out.values[it.key()] = it->toString();
    }
    auto read =
        fittingsFromJson(QJsonDocument(all.value(QStringLiteral("fittings")).toObject()).toJson());
    if (auto* bad = std::get_if<FileFault>(&read)) {
        bad->place.prepend(QStringLiteral("fittings."));
        return *std::move(bad);
    }
    out.fittings = std::get<Fittings>(std::move(read));
    return out;
}

std::variant<SettingsFile, FileFault> readSettings(const QString& path)
{
    QByteArray bytes;
    if (auto fault = readBytes(path, megabytes, bytes))
        return *std::move(fault);
    return settingsFromJson(bytes);
}

void putSettings(QSettings& settings, const SettingsFile& file)
{
    for (const QString& key : settings.allKeys())
        if (travels(key))
            settings.remove(key);
    for (auto it = file.values.begin(); it != file.values.end(); ++it)
        settings.setValue(it.key(), it.value());
}

} // namespace rhexion
