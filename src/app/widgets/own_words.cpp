#include "app/widgets/own_words.h"

#include <QSettings>

namespace rhexion::ownWords {

namespace {

constexpr int most = 1000; // words; past them nothing more is remembered
constexpr int longest = 100;

QString group()
{
    return QStringLiteral("ownWords");
}

// No separators: words may hold anything.
QString keyOf(const QString& words)
{
    return QString::fromLatin1(words.toUtf8().toHex());
}

} // namespace

QHash<QString, QString> all()
{
    QHash<QString, QString> out;
    QSettings settings;
    settings.beginGroup(group());
    for (const QString& key : settings.childKeys())
        out.insert(QString::fromUtf8(QByteArray::fromHex(key.toLatin1())),
                   settings.value(key).toString());
    return out;
}

void remember(const QString& words, const std::string& material)
{
    if (words.isEmpty() || words.size() > longest || material.empty())
        return;
    QSettings settings;
    settings.beginGroup(group());
    if (settings.contains(keyOf(words)) || settings.childKeys().size() < most)
        settings.setValue(keyOf(words), QString::fromStdString(material));
}

void forget(const QString& words)
{
    QSettings settings;
    settings.beginGroup(group());
    settings.remove(keyOf(words));
}

QStringList of(const std::string& material)
{
    QStringList out;
    const QHash<QString, QString> words = all();
    for (auto word = words.cbegin(); word != words.cend(); ++word)
        if (word.value() == QString::fromStdString(material))
            out << word.key();
    out.sort();
    return out;
}

} // namespace rhexion::ownWords
