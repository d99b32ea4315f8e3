#include "storage/catalogue.h"

#include "core/materials/limits.h"
#include "storage/json_cursor.h"
#include "storage/material_file.h"

#include <QFile>

#include <algorithm>

namespace rhexion {

std::variant<Catalogue, FileFault> Catalogue::fromJson(const QByteArray& bytes)
{
    auto read = materialsFromJson(bytes);
    if (auto* fault = std::get_if<FileFault>(&read))
        return std::move(*fault);
    Catalogue out;
    out.materials_ = std::get<std::vector<MaterialPtr>>(std::move(read));
    return out;
}

namespace {

constexpr int namesFileVersion = 1;

QLocale& spoken()
{
    static QLocale locale(QLocale::English);
    return locale;
}

} // namespace

std::variant<Catalogue, FileFault> Catalogue::named(const QByteArray& names) const
{
    const JsonText json =
        parseJson(names, QStringLiteral("rhexion-names"), namesFileVersion, catalogueFileMegabytes);
    if (json.fault)
        return *json.fault;
    std::optional<FileFault> fault;
    const JsonCursor root(json.root, {}, fault);
    root.allow({"format", "version", "language", "names"});
    const JsonCursor list = root.object("names");
    Catalogue out = *this;
    for (const QString& id : list.keys()) {
        const QByteArray key = id.toUtf8();
        const QStringList words =
            list.words(key.constData(), limits::otherNames, limits::materialName);
        const auto found = std::ranges::find(out.materials_, id.toStdString(),
                                             [](const MaterialPtr& m) { return m->id; });
        if (found == out.materials_.end() || words.isEmpty())
            list.fail(FileFault::Code::UnknownWord, id, id);
        if (fault)
            return *fault;
        auto m = std::make_shared<Material>(**found);
        m->alsoCalled.insert(m->alsoCalled.begin(), m->name);
        m->name = words.first().toStdString();
        for (const QString& other : words.mid(1))
            m->alsoCalled.push_back(other.toStdString());
        *found = std::move(m);
    }
    if (fault)
        return *fault;
    return out;
}

void Catalogue::speak(const QLocale& locale)
{
    spoken() = locale;
}

Catalogue Catalogue::fromResource(const char* path)
{
    QFile file(QString::fromLatin1(path));
    if (!file.open(QIODevice::ReadOnly))
        qFatal("%s is missing from the program.", path);
    auto read = fromJson(file.readAll());
    if (const auto* fault = std::get_if<FileFault>(&read))
        qFatal("%s is broken at %s.", path, qPrintable(fault->place));
    Catalogue out = std::get<Catalogue>(std::move(read));
    QFile names(QStringLiteral(":/names/names_%1.json").arg(spoken().name().section('_', 0, 0)));
    if (names.open(QIODevice::ReadOnly)) {
        auto named = out.named(names.readAll());
        if (const auto* fault = std::get_if<FileFault>(&named))
            qFatal("%s is broken at %s.", qPrintable(names.fileName()), qPrintable(fault->place));
        return std::get<Catalogue>(std::move(named));
    }
    return out;
}

const Catalogue& Catalogue::shipped()
{
    static const Catalogue catalogue = fromResource(":/data/catalogue.json");
    return catalogue;
}

const Catalogue& Catalogue::first()
{
    static const Catalogue catalogue = fromResource(":/data/first.json");
    return catalogue;
}

MaterialPtr Catalogue::find(const std::string& id) const
{
    const auto found =
        std::ranges::find_if(materials_, [&](const MaterialPtr& m) { return m->id == id; });
    return found == materials_.end() ? nullptr : *found;
}

} // namespace rhexion
