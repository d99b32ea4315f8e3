#include "words/plain_text.h"

namespace rhexion {

QString asTip(const QString& text)
{
    if (!text.contains(QLatin1Char('<')) && !text.contains(QLatin1Char('&')))
        return text;
    QString out = text.toHtmlEscaped();
    out.replace(QLatin1Char('\n'), QStringLiteral("<br>"));
    return QStringLiteral("<qt>%1</qt>").arg(out);
}

QString forTerminal(const QString& text)
{
    QString out = text;
    for (QChar& c : out) {
        const auto code = c.unicode();
        const bool control = code < 0x20 || (code >= 0x7F && code < 0xA0);
        const bool turns = (code >= 0x202A && code <= 0x202E) ||
                           (code >= 0x2066 && code <= 0x2069) || code == 0x061C || code == 0x200E ||
                           code == 0x200F || code == 0x2028 || code == 0x2029;
        if (control || turns)
            c = QChar(0x25A1);
    }
    return out;
}

QString capital(QString text)
{
    if (!text.isEmpty())
        text.front() = text.front().toUpper();
    return text;
}

} // namespace rhexion
