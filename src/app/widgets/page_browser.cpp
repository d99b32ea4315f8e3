#include "app/widgets/page_browser.h"

#include "pages/facts_page.h"
#include "words/what_is.h"

#include <QHelpEvent>
#include <QTextBlock>
#include <QTextTable>
#include <QWhatsThis>

namespace rhexion {

void PageBrowser::setFacts(const words::FactPage& page, bool withTitle)
{
    facts_ = page;
    setHtml(factsHtml(page, Theme::page(), withTitle));
}

QString PageBrowser::whatIsAt(const QPoint& place) const
{
    const QTextCursor cursor = cursorForPosition(place);
    const QTextTable* table = cursor.currentTable();
    if (!table || !cursorRect(cursor).adjusted(-width(), -2, width(), 2).contains(place))
        return {};
    // A figure with a note is a table of its own; elsewhere each is a row of its section's.
    const int row = table->columns() == 2 ? 0 : table->cellAt(cursor).row();
    const QTextTableCell cell = table->cellAt(row, 0);
    const QString name = cell.firstCursorPosition().block().text();
    const QString value = table->cellAt(row, 1).firstCursorPosition().block().text();
    const words::FactSection* section = nullptr;
    const words::Fact* fact = nullptr;
    for (const words::FactSection& s : facts_.sections)
        for (const words::Fact& f : s.facts) {
            const bool same = name.endsWith(f.name) && !f.name.isEmpty();
            if (same && (!fact || f.value == value || f.cells.value(0) == value)) {
                section = &s;
                fact = &f;
            }
        }
    return fact ? fact->name + QLatin1Char('\n') + words::whatIs(facts_, *section, *fact)
                : QString();
}

bool PageBrowser::viewportEvent(QEvent* event)
{
    if (event->type() != QEvent::WhatsThis && event->type() != QEvent::QueryWhatsThis)
        return QTextBrowser::viewportEvent(event);
    const auto* help = static_cast<QHelpEvent*>(event);
    const QString said = whatIsAt(help->pos());
    if (said.isEmpty())
        return QTextBrowser::viewportEvent(event);
    if (event->type() == QEvent::QueryWhatsThis) {
        event->accept();
        return true;
    }
    QString html;
    for (const QString& line : said.split(QLatin1Char('\n')))
        html += (html.isEmpty() ? QStringLiteral("<p><b>%1</b></p>") : QStringLiteral("<p>%1</p>"))
                    .arg(line.toHtmlEscaped());
    QWhatsThis::showText(help->globalPos(), html, viewport());
    return true;
}

} // namespace rhexion
