#include "storage/material_names.h"

#include "core/materials/limits.h"
#include "storage/catalogue.h"
#include "storage/json_cursor.h"
#include "storage/material_file.h"
#include "storage/naming.h"

#include <QDir>
#include <QFile>
#include <QSet>

#include <algorithm>

namespace rhexion {

namespace {

constexpr int namesFileVersion = 1;
constexpr auto namesFolder = ":/names";

struct Spoken {
    MaterialWords words;
    QHash<QString, QString> byEnglish; // the catalogue's own name to the one shown
};

Spoken& spoken()
{
    static Spoken now;
    return now;
}

MaterialWords shippedNames(const QString& path)
{
    QFile file(path);
    if (!file.open(QIODevice::ReadOnly))
        return {};
    auto read = namesFromJson(file.readAll());
    if (const auto* fault = std::get_if<FileFault>(&read))
        qFatal("%s is broken at %s.", qPrintable(path), qPrintable(fault->place));
    return std::get<MaterialWords>(std::move(read));
}

} // namespace

std::variant<MaterialWords, FileFault> namesFromJson(const QByteArray& bytes)
{
    const JsonText json =
        parseJson(bytes, QStringLiteral("rhexion-names"), namesFileVersion, catalogueFileMegabytes);
    if (json.fault)
        return *json.fault;
    std::optional<FileFault> fault;
    const JsonCursor root(json.root, {}, fault);
    root.allow({"format", "version", "language", "names", "notes", "phrases"});
    const JsonCursor list = root.object("names");
    QSet<QString> known;
    for (const MaterialPtr& m : Catalogue::shipped().materials())
        known.insert(QString::fromStdString(m->id));
    MaterialWords out;
    for (const QString& id : list.keys()) {
        const QByteArray key = id.toUtf8();
        const QStringList words =
            list.words(key.constData(), limits::otherNames, limits::materialName);
        if (!known.contains(id) || words.isEmpty())
            list.fail(FileFault::Code::UnknownWord, id, id);
        if (fault)
            return *fault;
        out.byId.insert(id, words);
    }
    const auto pairs = [&](const char* key, auto take) {
        if (!root.has(key))
            return;
        const JsonCursor part = root.object(key);
        for (const QString& english : part.keys())
            take(english, part.text(english.toLatin1().constData(), limits::materialNote));
    };
    pairs("notes",
          [&](const QString& english, const QString& said) { out.notes.insert(english, said); });
    pairs("phrases", [&](const QString& english, const QString& said) {
        out.phrases.append({english, said});
    });
    std::ranges::stable_sort(out.phrases, std::ranges::greater{},
                             [](const auto& pair) { return pair.first.size(); });
    if (fault)
        return *fault;
    return out;
}

void speakNames(const QLocale& locale)
{
    Spoken now;
    now.words = shippedNames(
        QStringLiteral("%1/names_%2.json")
            .arg(QLatin1String(namesFolder), locale.name().section(QLatin1Char('_'), 0, 0)));
    if (!now.words.byId.isEmpty())
        for (const MaterialPtr& m : Catalogue::shipped().materials())
            if (const auto names = now.words.byId.constFind(QString::fromStdString(m->id));
                names != now.words.byId.constEnd())
                now.byEnglish.insert(QString::fromStdString(m->name), names->first());
    for (const auto& [id, name] : shippedAliases().formerly)
        if (const auto names = now.words.byId.constFind(QString::fromStdString(id));
            names != now.words.byId.constEnd())
            now.byEnglish.insert(QString::fromStdString(name), names->first());
    spoken() = std::move(now);
}

QString spokenName(const QString& kept)
{
    return spoken().byEnglish.value(kept, kept);
}

QString materialName(const Material& material)
{
    return spokenName(QString::fromStdString(material.name));
}

QString materialNote(const Material& material)
{
    const QString kept = QString::fromStdString(material.note);
    return spoken().words.notes.value(kept, kept);
}

QString spokenSource(const QString& text)
{
    QString out = text;
    for (const auto& [english, said] : spoken().words.phrases)
        out.replace(english, said);
    return out;
}

QString materialNamed(const MaterialPtr& found, const std::string& id)
{
    return found ? materialName(*found) : QString::fromStdString(id);
}

SearchNames searchNames(const Material& material)
{
    SearchNames out{materialName(material).toStdString(), material.alsoCalled};
    if (out.shown != material.name)
        out.others.push_back(material.name);
    for (const QString& other :
         spoken().words.byId.value(QString::fromStdString(material.id)).mid(1))
        out.others.push_back(other.toStdString());
    return out;
}

std::vector<std::string> foreignNames(const Material& material)
{
    const SearchNames here = searchNames(material);
    std::vector<std::string> out;
    for (const QString& name : namesInEveryLanguage(material))
        if (const std::string one = name.toStdString();
            one != here.shown && std::ranges::find(here.others, one) == here.others.end())
            out.push_back(one);
    return out;
}

std::vector<std::pair<std::string, std::vector<std::string>>>
namesByLanguage(const Material& material)
{
    static const auto languages = [] {
        std::vector<std::pair<std::string, MaterialWords>> all;
        const QDir files{QString::fromLatin1(namesFolder)};
        for (const QString& name : files.entryList({QStringLiteral("names_*.json")}))
            all.emplace_back(
                name.section(QLatin1Char('_'), 1).section(QLatin1Char('.'), 0, 0).toStdString(),
                shippedNames(files.filePath(name)));
        return all;
    }();
    std::vector<std::pair<std::string, std::vector<std::string>>> out;
    for (const auto& [language, words] : languages) {
        out.emplace_back(language, std::vector<std::string>());
        for (const QString& name : words.byId.value(QString::fromStdString(material.id)))
            out.back().second.push_back(name.toStdString());
    }
    return out;
}

QStringList namesInEveryLanguage(const Material& material)
{
    QStringList out{QString::fromStdString(material.name)};
    for (const auto& [language, names] : namesByLanguage(material))
        for (const std::string& name : names)
            out += QString::fromStdString(name);
    out.removeDuplicates();
    return out;
}

} // namespace rhexion
