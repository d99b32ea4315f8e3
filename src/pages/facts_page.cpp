#include "pages/facts_page.h"

namespace rhexion {

namespace {

QString toneColour(words::Fact::Tone tone, const PageLook& look)
{
    switch (tone) {
    case words::Fact::Tone::Care: return look.care;
    case words::Fact::Tone::Danger: return look.danger;
    default: return {};
    }
}

// Told by a mark, not by colour alone.
QString mark(words::Fact::Tone tone)
{
    switch (tone) {
    case words::Fact::Tone::Good: return QStringLiteral("\u2713\u00a0");
    case words::Fact::Tone::Care: return QStringLiteral("\u25b3\u00a0");
    case words::Fact::Tone::Danger: return QStringLiteral("\u25b2\u00a0");
    case words::Fact::Tone::Plain: break;
    }
    return {};
}

QString row(const words::Fact& fact, const PageLook& look)
{
    const QString colour = toneColour(fact.tone, look);
    const QString style =
        colour.isEmpty() ? QString() : QStringLiteral(" style='color:%1'").arg(colour);
    QString out =
        QStringLiteral("<table width='100%' cellspacing='0' cellpadding='0'><tr>"
                       "<td%1>%2</td><td align='right'%1><b>%3</b></td></tr>")
            .arg(style, mark(fact.tone) + fact.name.toHtmlEscaped(), fact.value.toHtmlEscaped());
    if (!fact.note.isEmpty() || !fact.action.isEmpty()) {
        QString note = fact.note.toHtmlEscaped();
        if (!fact.action.isEmpty())
            note +=
                QStringLiteral(" <a href='do:%1' style='color:%2'>%3</a>")
                    .arg(fact.action.toHtmlEscaped(), look.action, fact.actionText.toHtmlEscaped());
        out += QStringLiteral("<tr><td colspan='2' style='color:%1; font-size:%2px'>%3</td></tr>")
                   .arg(look.muted)
                   .arg(look.small)
                   .arg(note);
    }
    return out + QStringLiteral("</table>");
}

// Name and cells of each in one table; a note has the last column.
QString table(const words::FactSection& section, const PageLook& look)
{
    const auto cell = [](const QString& text, const QString& style, bool number) {
        return QStringLiteral("<td%1 style='padding-right:16px;%2'>%3</td>")
            .arg(number ? QStringLiteral(" align='right'") : QString(), style,
                 text.toHtmlEscaped());
    };
    const QString muted = QStringLiteral(" color:%1").arg(look.muted);
    QString out = QStringLiteral("<table cellspacing='0' cellpadding='2'><tr><td></td>");
    for (const QString& head : section.columns)
        out += cell(head, muted, true);
    out += QStringLiteral("</tr>");
    for (const words::Fact& fact : section.facts) {
        const QString colour = toneColour(fact.tone, look);
        const QString style = colour.isEmpty() ? QString() : QStringLiteral(" color:") + colour;
        out += QStringLiteral("<tr>") + cell(mark(fact.tone) + fact.name, style, false);
        for (const QString& text : fact.cells)
            out += cell(text, style, true);
        QString note = fact.note.toHtmlEscaped();
        if (!fact.action.isEmpty())
            note +=
                QStringLiteral(" <a href='do:%1' style='color:%2'>%3</a>")
                    .arg(fact.action.toHtmlEscaped(), look.action, fact.actionText.toHtmlEscaped());
        out += QStringLiteral("<td style='color:%1'>%2</td></tr>")
                   .arg(colour.isEmpty() ? look.muted : colour, note);
    }
    return out + QStringLiteral("</table>");
}

} // namespace

QString factsHtml(const words::FactPage& page, const PageLook& look, bool withTitle)
{
    QString out;
    if (withTitle)
        out += QStringLiteral("<h2>%1</h2>").arg(page.title.toHtmlEscaped());
    if (!page.lead.isEmpty())
        out += QStringLiteral("<p style='font-size:%1px'>%2</p>")
                   .arg(look.head)
                   .arg(page.lead.toHtmlEscaped());
    for (const words::FactSection& section : page.sections) {
        out += QStringLiteral("<p style='margin-top:10px; margin-bottom:2px'><b>%1</b></p>")
                   .arg(section.title.toHtmlEscaped());
        if (!section.sentence.isEmpty())
            out += QStringLiteral("<p style='margin-top:0px; margin-bottom:2px'>%1</p>")
                       .arg(section.sentence.toHtmlEscaped());
        if (!section.columns.isEmpty())
            // A table swallows the margin of what follows it.
            out += table(section, look) +
                   QStringLiteral("<p style='margin:0; font-size:6px'>&nbsp;</p>");
        else
            for (const words::Fact& fact : section.facts)
                out += row(fact, look);
    }
    return out;
}

} // namespace rhexion
