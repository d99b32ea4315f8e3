#include "sheet/batch_sheet.h"

#include "pages/sheet_page.h"
#include "pages/working_page.h"
#include "sheet/paper.h"

#include <QAbstractTextDocumentLayout>
#include <QCoreApplication>
#include <QPainter>

namespace rhexion {

namespace {

struct SheetText {
    Q_DECLARE_TR_FUNCTIONS(Sheet)
};

} // namespace

BatchSheet::BatchSheet(const Formula& formula, const Reckoning& reckoning, const Speech& speech)
    : f_(formula), r_(reckoning), s_(speech)
{
}

QString BatchSheet::html() const
{
    return sheetHtml(f_, r_, s_);
}

bool BatchSheet::draw(QPagedPaintDevice& device, bool withWorking) const
{
    QPainter painter(&device);
    const QRectF page(0, 0, device.width(), device.height());
    ClosedDocument document;
    document.documentLayout()->setPaintDevice(&device);
    document.setDocumentMargin(0);
    const QString text = html();
    bool fits = false;
    for (double points = 11.5; points >= 5.9 && !fits; points -= 0.5) {
        QFont font(QStringLiteral("Rhexion Sans"));
        font.setPointSizeF(points);
        document.setDefaultFont(font);
        document.setHtml(text);
        document.setTextWidth(page.width());
        fits = document.size().height() <= page.height();
    }
    if (fits) {
        document.drawContents(&painter);
    } else {
        drawPages(painter, device, document);
    }
    if (withWorking) {
        QFont font(QStringLiteral("Rhexion Sans"));
        font.setPointSizeF(8.5);
        document.setDefaultFont(font);
        document.setHtml(QStringLiteral("<h2>%1</h2>%2")
                             .arg(SheetText::tr("The working of %1")
                                      .arg(QString::fromStdString(f_.name))
                                      .toHtmlEscaped(),
                                  workingHtml(f_, r_, s_, {})));
        device.newPage();
        drawPages(painter, device, document);
    }
    return fits;
}

std::optional<FileFault> writeSheetPdf(const QString& path, const Formula& formula,
                                       const Reckoning& reckoning, const Speech& speech,
                                       bool withWorking)
{
    return writePdf(path, QString::fromStdString(formula.name), speech.habits(),
                    [&](QPagedPaintDevice& device) {
                        BatchSheet(formula, reckoning, speech).draw(device, withWorking);
                    });
}

} // namespace rhexion
