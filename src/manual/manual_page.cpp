#include "manual/manual_page.h"

#include <QDir>
#include <QRegularExpression>

#include <cmark.h>

#include <cstdlib>

namespace rhexion::manual {

namespace {

QStringList allOf(const QString& pattern, const QString& text)
{
    const QRegularExpression expression(pattern,
                                        QRegularExpression::MultilineOption |
                                            QRegularExpression::DotMatchesEverythingOption);
    QStringList out;
    for (auto found = expression.globalMatch(text); found.hasNext();)
        out << found.next().captured(1);
    return out;
}

// A table as makers of plain text write one; CommonMark itself has none.
QString withTables(const QString& text)
{
    QString out;
    QStringList rows;
    const auto cells = [](const QString& row, const char* tag) {
        QString html;
        for (const QString& cell : row.mid(1, row.lastIndexOf(QLatin1Char('|')) - 1).split('|'))
            html += QStringLiteral("<%1 align=\"left\">%2</%1>")
                        .arg(QLatin1String(tag), cell.trimmed().toHtmlEscaped());
        return QStringLiteral("<tr>%1</tr>\n").arg(html);
    };
    const auto flush = [&] {
        if (rows.isEmpty())
            return;
        out += QStringLiteral("<table cellpadding=\"4\">\n") + cells(rows[0], "th");
        for (const QString& row : rows.mid(2))
            out += cells(row, "td");
        out += QStringLiteral("</table>\n\n");
        rows.clear();
    };
    bool fenced = false;
    for (const QString& line : text.split(QLatin1Char('\n'))) {
        fenced = fenced != line.startsWith(QLatin1String("```"));
        if (!fenced && line.startsWith(QLatin1Char('|'))) {
            rows << line;
            continue;
        }
        flush();
        out += line + QLatin1Char('\n');
    }
    flush();
    // Code within a cell.
    static const QRegularExpression code(QStringLiteral("(<t[dh] [^\\n]*?)`([^`]*)`"));
    while (code.match(out).hasMatch())
        out.replace(code, QStringLiteral("\\1<code>\\2</code>"));
    return out;
}

} // namespace

QList<Page> readPages(const QString& folder)
{
    QList<Page> out;
    const QDir dir(folder);
    static const QRegularExpression name(QStringLiteral("^\\d+-(.*)\\.md$"));
    for (const QString& file : dir.entryList({QStringLiteral("*.md")}, QDir::Files, QDir::Name)) {
        const auto match = name.match(file);
        QFile in(dir.filePath(file));
        if (!match.hasMatch() || !in.open(QIODevice::ReadOnly))
            continue;
        const QString text = QString::fromUtf8(in.readAll());
        const QString first = text.section(QLatin1Char('\n'), 0, 0);
        if (first.startsWith(QLatin1String("# ")))
            out.append({match.captured(1), first.mid(2).trimmed(), text});
    }
    return out;
}

QStringList sumsOf(const Page& page)
{
    return allOf(QStringLiteral("^```sum\\n(.*?)^```$"), page.text);
}

QStringList picturesOf(const Page& page)
{
    return allOf(QStringLiteral("!\\[[^\\]]*\\]\\(([^)]*)\\)"), page.text);
}

QStringList linksOf(const Page& page)
{
    return allOf(QStringLiteral("(?<!!)\\[[^\\]]*\\]\\(([^)]*)\\)"), page.text);
}

QStringList keywordsOf(const Page& page)
{
    return allOf(QStringLiteral("^##? ([^\\n]*)$"), page.text);
}

QString bodyOf(const Page& page, int widest)
{
    QString text = page.text;
    static const QRegularExpression link(QStringLiteral("(?<!!)(\\[[^\\]]*\\]\\()([a-z-]+)\\)"));
    text.replace(link, QStringLiteral("\\1\\2.html)"));
    static const QRegularExpression picture(QStringLiteral("(!\\[[^\\]]*\\]\\()"));
    text.replace(picture, QStringLiteral("\\1pictures/"));
    const QByteArray utf8 = withTables(text).toUtf8();
    char* html = cmark_markdown_to_html(utf8.constData(), std::size_t(utf8.size()),
                                        CMARK_OPT_UNSAFE); // tables stand in it as HTML
    QString out = QString::fromUtf8(html);
    std::free(html);
    if (widest > 0)
        out.replace(QLatin1String("<img "), QStringLiteral("<img width=\"%1\" ").arg(widest));
    // Qt's own rich text knows few selectors: what a sum comes to is set apart by a line.
    out.replace(QLatin1String("<pre><code class=\"language-sum\">"),
                QLatin1String("<pre class=\"sum\"><code>"));
    return out;
}

} // namespace rhexion::manual
