#include "words/facts.h"

#include <QStringList>

namespace rhexion::words {

// A name may come from a file with a line break in it: what follows would pass for a row of its
// own.
static QString inOneLine(QString text)
{
    return text.replace(QLatin1Char('\n'), QLatin1Char(' '));
}

QString factsAsText(const FactPage& page)
{
    QStringList out{page.title};
    if (!page.lead.isEmpty())
        out << page.lead;
    for (const FactSection& section : page.sections) {
        out << QString() << section.title;
        if (!section.sentence.isEmpty())
            out << section.sentence;
        const QString between = QStringLiteral(" | ");
        if (!section.columns.isEmpty())
            out << QString(between + section.columns.join(between)).mid(1);
        for (const Fact& fact : section.facts) {
            QString line = inOneLine(fact.name);
            if (!fact.cells.isEmpty())
                line += between + inOneLine(fact.cells.join(between));
            if (!fact.value.isEmpty())
                line += QStringLiteral(": ") + inOneLine(fact.value);
            if (!fact.note.isEmpty())
                line += QStringLiteral(" (") + fact.note + QLatin1Char(')');
            out << line;
        }
    }
    return out.join(QLatin1Char('\n')) + QLatin1Char('\n');
}

} // namespace rhexion::words
