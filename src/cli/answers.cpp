#include "cli/answers.h"

#include "words/plain_text.h"

#include <QCoreApplication>
#include <QFile>
#include <QJsonDocument>

namespace rhexion::cli {

namespace {

struct AnswerText {
    Q_DECLARE_TR_FUNCTIONS(Cli)
};

} // namespace

bool put(std::FILE* to, const QByteArray& bytes)
{
    return std::fwrite(bytes.constData(), 1, std::size_t(bytes.size()), to) ==
           std::size_t(bytes.size());
}

bool put(std::FILE* to, const QString& text)
{
    return put(to, text.toUtf8());
}

int putJson(const QJsonObject& json)
{
    const bool written = put(stdout, QJsonDocument(json).toJson());
    return !written || json.contains(QStringLiteral("cannot")) ? BadInput : Good;
}

int putFacts(const words::FactPage& page)
{
    for (const QString& line : words::factsAsText(page).split(QLatin1Char('\n')))
        put(stdout, forTerminal(line) + QLatin1Char('\n'));
    return Good;
}

std::optional<int> isThere(const QString& path, bool force)
{
    if (force || !QFile::exists(path))
        return std::nullopt;
    return bad(path, AnswerText::tr("this is there already; --force writes over it."));
}

int bad(const QString& place, const QString& why)
{
    // Many reasons begin with the place themselves.
    const QString said = why.startsWith(place) ? why : QStringLiteral("%1: %2").arg(place, why);
    put(stderr, forTerminal(said) + QLatin1Char('\n'));
    return BadInput;
}

int wrongUse(const QString& why)
{
    put(stderr, AnswerText::tr("rhexion-cli: %1\nTry: rhexion-cli --help\n").arg(why));
    return BadUsage;
}

} // namespace rhexion::cli
