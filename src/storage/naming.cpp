#include "storage/naming.h"

#include "storage/json_cursor.h"
#include "storage/material_file.h"

#include <QFile>

namespace rhexion {

namespace {

constexpr int namingVersion = 1;
constexpr qsizetype mostWords = 2000;
constexpr qsizetype longestWord = 100;
constexpr qsizetype longestQuestion = 300;

std::vector<std::string> words(const JsonCursor& from, const char* key)
{
    std::vector<std::string> out;
    for (const QString& word : from.words(key, mostWords, longestWord))
        out.push_back(word.toStdString());
    return out;
}

// A file of the program's own: one that cannot be read is a fault of the build.
template <class Read>
auto shipped(const char* path, Read read)
{
    QFile file(QString::fromLatin1(path));
    auto result = file.open(QIODevice::ReadOnly) ? read(file.readAll()) : read(QByteArray());
    if (const auto* fault = std::get_if<FileFault>(&result))
        qFatal("%s is broken at %s.", path, qPrintable(fault->place));
    return std::get<0>(std::move(result));
}

const Naming& naming()
{
    static const Naming read = shipped(":/names/meaning.json", namingFromJson);
    return read;
}

} // namespace

std::variant<Naming, FileFault> namingFromJson(const QByteArray& bytes)
{
    const JsonText json =
        parseJson(bytes, QStringLiteral("rhexion-meaning"), namingVersion, catalogueFileMegabytes);
    if (json.fault)
        return *json.fault;
    std::optional<FileFault> fault;
    const JsonCursor root(json.root, {}, fault);
    root.allow(
        {"format", "version", "spellings", "plurals", "idle", "telling", "heads", "general"});
    Naming out;
    NamingRules& rules = out.rules;
    const JsonCursor spellings = root.object("spellings");
    for (const QString& from : spellings.keys())
        rules.spellings.emplace_back(
            from.toStdString(),
            spellings.text(from.toUtf8().constData(), longestWord).toStdString());
    const JsonCursor plurals = root.object("plurals");
    for (const QString& language : plurals.keys())
        for (const std::string& pair : words(plurals, language.toUtf8().constData())) {
            const std::size_t arrow = pair.find('>');
            if (arrow == 0 || arrow == std::string::npos)
                plurals.fail(FileFault::Code::UnknownWord, language, QString::fromStdString(pair));
            else
                rules.plurals[language.toStdString()].emplace_back(pair.substr(0, arrow),
                                                                   pair.substr(arrow + 1));
        }
    rules.idle = words(root, "idle");
    rules.telling = words(root, "telling");
    const JsonCursor heads = root.object("heads");
    heads.allow({"fat", "acid", "hydroxide", "scent"});
    rules.fatHeads = words(heads, "fat");
    rules.acidHeads = words(heads, "acid");
    rules.hydroxideHeads = words(heads, "hydroxide");
    rules.scentHeads = words(heads, "scent");
    for (const JsonCursor& row : root.array("general", mostWords)) {
        row.allow({"code", "words", "members", "question"});
        GeneralWord general{row.text("code", longestWord).toStdString(), words(row, "words"),
                            words(row, "members")};
        const JsonCursor question = row.object("question");
        for (const QString& language : question.keys())
            out.questions[general.code].insert(
                language, question.text(language.toUtf8().constData(), longestQuestion));
        if (!fault && (general.words.empty() || general.members.empty()))
            row.fail(FileFault::Code::UnknownWord, QStringLiteral("members"),
                     QString::fromStdString(general.code));
        rules.general.push_back(std::move(general));
    }
    if (fault)
        return *fault;
    return out;
}

std::variant<Aliases, FileFault> aliasesFromJson(const QByteArray& bytes)
{
    const JsonText json =
        parseJson(bytes, QStringLiteral("rhexion-aliases"), namingVersion, catalogueFileMegabytes);
    if (json.fault)
        return *json.fault;
    std::optional<FileFault> fault;
    const JsonCursor root(json.root, {}, fault);
    root.allow({"format", "version", "formerly", "names"});
    Aliases out;
    const JsonCursor names = root.object("names");
    for (const QString& id : names.keys())
        out.names[id.toStdString()] = words(names, id.toUtf8().constData());
    const JsonCursor formerly = root.object("formerly");
    for (const QString& id : formerly.keys())
        out.formerly[id.toStdString()] =
            formerly.text(id.toUtf8().constData(), longestWord).toStdString();
    if (fault)
        return *fault;
    return out;
}

std::shared_ptr<const NamingRules> namingRules()
{
    // Shares the program's own copy.
    return {std::shared_ptr<const NamingRules>(), &naming().rules};
}

const Aliases& shippedAliases()
{
    static const Aliases read = shipped(":/names/aliases.json", aliasesFromJson);
    return read;
}

QString questionOf(const GeneralWord& general, const QLocale& locale)
{
    const auto found = naming().questions.find(general.code);
    if (found == naming().questions.end())
        return {};
    const QString language = locale.name().section(QLatin1Char('_'), 0, 0);
    return found->second.value(language, found->second.value(QStringLiteral("en")));
}

} // namespace rhexion
