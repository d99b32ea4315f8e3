#include "sheet/facts_sheet.h"

#include "pages/facts_page.h"
#include "pages/working_page.h"
#include "sheet/paper.h"

#include <QAbstractTextDocumentLayout>
#include <QCoreApplication>
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

namespace {

void drawHtml(QPainter& painter, QPagedPaintDevice& device, const QString& html, double points)
{
    ClosedDocument document;
    document.documentLayout()->setPaintDevice(&device);
    document.setDocumentMargin(0);
    QFont font(QStringLiteral("Rhexion Sans"));
    font.setPointSizeF(points);
    document.setDefaultFont(font);
    document.setHtml(html);
    drawPages(painter, device, document);
}

QString paperHtml(const QPagedPaintDevice& device, const words::FactPage& page,
                  const QString& formulaName)
{
    // Sizes of type in a page are dots of the device.
    PageLook look;
    look.small = qRound(9.0 * device.logicalDpiY() / 72.0);
    look.head = qRound(12.0 * device.logicalDpiY() / 72.0);
    return QStringLiteral("<p>%1</p>").arg(formulaName.toHtmlEscaped()) +
           factsHtml(withoutPresses(page), look, true);
}

struct RecordText {
    Q_DECLARE_TR_FUNCTIONS(Record)
};

} // namespace

void drawFacts(QPagedPaintDevice& device, const words::FactPage& page, const QString& formulaName)
{
    QPainter painter(&device);
    drawHtml(painter, device, paperHtml(device, page, formulaName), 10.5);
}

std::optional<FileFault> writeRecordPdf(const QString& path, const words::FactPage& page,
                                        const Formula& made, const Reckoning& reckoning,
                                        const Speech& speech)
{
    const QString name = QString::fromStdString(made.name);
    return writePdf(path, name, speech.habits(), [&](QPagedPaintDevice& device) {
        QPainter painter(&device);
        drawHtml(painter, device, paperHtml(device, page, name), 10.5);
        device.newPage();
        drawHtml(painter, device,
                 QStringLiteral("<h2>%1</h2>")
                         .arg(RecordText::tr("The working of what was weighed").toHtmlEscaped()) +
                     workingHtml(made, reckoning, speech, {}),
                 8.5);
    });
}

std::optional<FileFault> writeFactsPdf(const QString& path, const words::FactPage& page,
                                       const QString& formulaName, const Habits& habits)
{
    return writePdf(path, formulaName, habits,
                    [&](QPagedPaintDevice& device) { drawFacts(device, page, formulaName); });
}

} // namespace rhexion
