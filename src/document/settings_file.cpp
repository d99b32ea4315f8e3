#include "document/settings_file.h"

#include "storage/json_cursor.h"

#include <QJsonArray>
#include <QJsonDocument>
#include <QJsonObject>
#include <QRegularExpression>

namespace rhexion {

namespace {

constexpr int fileVersion = 1;
constexpr int megabytes = 8;
constexpr qsizetype mostLetters = 4000;
constexpr qsizetype mostValues = 5000;

// Of this machine or this moment, not of the maker.
bool isKept(const QString& key)
{
    for (const char* other : {"window", "recent", "session/", "tour/", "system", "reminders/told"})
        if (key.startsWith(QLatin1String(other)))
            return false;
    static const QRegularExpression name(QStringLiteral("^[A-Za-z0-9_./ -]{1,200}$"));
    return name.match(key).hasMatch();
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
        if (!isKept(key))
            continue;
        if (value.typeId() == QMetaType::QStringList)
            values[key] = QJsonArray::fromStringList(value.toStringList());
        else if (value.canConvert<QString>())
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
        QStringList parts;
        if (it->isArray())
            for (const QJsonValue part : it->toArray())
                parts << (part.isString() ? part.toString() : QString());
        const bool fits = it->isArray() ? parts.join(QChar()).size() <= mostLetters
                                        : it->isString() && it->toString().size() <= mostLetters;
        if (!isKept(it.key()) || !fits)
            return fault(C::OutOfRange, place);
        out.values[it.key()] = it->isArray() ? QVariant(parts) : QVariant(it->toString());
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
        if (isKept(key))
            settings.remove(key);
    for (auto it = file.values.begin(); it != file.values.end(); ++it)
        settings.setValue(it.key(), it.value());
}

} // namespace rhexion
