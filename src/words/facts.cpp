#include "words/facts.h"

#include <QStringList>

namespace rhexion::words {

QString factsAsText(const FactPage& page)
{
    QStringList out{page.title};
    if (!page.lead.isEmpty())
        out << page.lead;
    for (const FactSection& section : page.sections) {
        out << QString() << section.title;
        if (!section.sentence.isEmpty())
            out << section.sentence;
        for (const Fact& fact : section.facts) {
            QString line = fact.name;
            if (!fact.value.isEmpty())
                line += QStringLiteral(": ") + fact.value;
            if (!fact.note.isEmpty())
                line += QStringLiteral(" (") + fact.note + QLatin1Char(')');
            out << line;
        }
    }
    return out.join(QLatin1Char('\n')) + QLatin1Char('\n');
}

QString factsAsHtml(const FactPage& page)
{
    QString out = QStringLiteral("<h1>%1</h1>").arg(page.title.toHtmlEscaped());
    if (!page.lead.isEmpty())
        out += QStringLiteral("<p>%1</p>").arg(page.lead.toHtmlEscaped());
    for (const FactSection& section : page.sections) {
        out += QStringLiteral("<h2>%1</h2>").arg(section.title.toHtmlEscaped());
        if (!section.sentence.isEmpty())
            out += QStringLiteral("<p>%1</p>").arg(section.sentence.toHtmlEscaped());
        if (section.facts.isEmpty())
            continue;
        out += QStringLiteral("<table>");
        for (const Fact& fact : section.facts)
            out += QStringLiteral("<tr><td>%1</td><td>%2</td><td>%3</td></tr>")
                       .arg(fact.name.toHtmlEscaped(), fact.value.toHtmlEscaped(),
                            fact.note.toHtmlEscaped());
        out += QStringLiteral("</table>");
    }
    return out;
}

} // namespace rhexion::words
