#include "sheet/facts_sheet.h"

#include "pages/facts_page.h"
#include "sheet/paper.h"

#include <QAbstractTextDocumentLayout>
#include <QPainter>

namespace rhexion {

namespace {

// Paper can not be pressed.
words::FactPage withoutPresses(words::FactPage page)
{
    for (words::FactSection& section : page.sections) {
        for (words::Fact& fact : section.facts)
            fact.action.clear();
        section.facts.removeIf([](const words::Fact& fact) {
            return fact.name.isEmpty() && fact.value.isEmpty() && fact.note.isEmpty();
        });
    }
    return page;
}

} // namespace

void drawFacts(QPagedPaintDevice& device, const words::FactPage& page, const QString& formulaName)
{
    QPainter painter(&device);
    ClosedDocument document;
    document.documentLayout()->setPaintDevice(&device);
    document.setDocumentMargin(0);
    QFont font(QStringLiteral("Rhexion Sans"));
    font.setPointSizeF(10.5);
    document.setDefaultFont(font);
    // Sizes of type in a page are dots of the device.
    PageLook look;
    look.small = qRound(9.0 * device.logicalDpiY() / 72.0);
    look.head = qRound(12.0 * device.logicalDpiY() / 72.0);
    document.setHtml(QStringLiteral("<p>%1</p>").arg(formulaName.toHtmlEscaped()) +
                     factsHtml(withoutPresses(page), look, true));
    drawPages(painter, device, document);
}

std::optional<FileFault> writeFactsPdf(const QString& path, const words::FactPage& page,
                                       const QString& formulaName, const Habits& habits)
{
    return writePdf(path, formulaName, habits,
                    [&](QPagedPaintDevice& device) { drawFacts(device, page, formulaName); });
}

} // namespace rhexion
