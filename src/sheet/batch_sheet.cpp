#include "sheet/batch_sheet.h"

#include "pages/sheet_page.h"
#include "pages/working_page.h"
#include "storage/whole_file.h"

#include <QAbstractTextDocumentLayout>
#include <QBuffer>
#include <QCoreApplication>
#include <QPainter>
#include <QPdfWriter>
#include <QTextDocument>

namespace rhexion {

namespace {

// A page of our own making, which loads nothing that its text may name.
class ClosedDocument : public QTextDocument {
    QVariant loadResource(int, const QUrl&) override { return {}; }
};

struct SheetText {
    Q_DECLARE_TR_FUNCTIONS(Sheet)
};

void drawPages(QPainter& painter, QPagedPaintDevice& device, QTextDocument& document,
               const QSizeF& size)
{
    document.setPageSize(size);
    for (int number = 0; number < document.pageCount(); ++number) {
        if (number > 0)
            device.newPage();
        painter.save();
        painter.translate(0, -number * size.height());
        document.drawContents(&painter,
                              QRectF(0, number * size.height(), size.width(), size.height()));
        painter.restore();
    }
}

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
    const double dots = device.logicalDpiY() / 72.0; // device dots in a point
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
        drawPages(painter, device, document, page.size() - QSizeF(0, 12 * dots));
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
        drawPages(painter, device, document, page.size() - QSizeF(0, 12 * dots));
    }
    return fits;
}

QPageSize pageSizeOf(const Habits& habits)
{
    return QPageSize(habits.paper == Paper::Letter ? QPageSize::Letter : QPageSize::A4);
}

std::optional<FileFault> writeSheetPdf(const QString& path, const Formula& formula,
                                       const Reckoning& reckoning, const Speech& speech,
                                       bool withWorking)
{
    QBuffer buffer;
    buffer.open(QIODevice::WriteOnly);
    {
        QPdfWriter writer(&buffer);
        writer.setPageSize(pageSizeOf(speech.habits()));
        writer.setPageMargins(QMarginsF(14, 12, 14, 12), QPageLayout::Millimeter);
        writer.setTitle(QString::fromStdString(formula.name));
        writer.setCreator(QStringLiteral("Rhexion"));
        BatchSheet(formula, reckoning, speech).draw(writer, withWorking);
    }
    return writeWhole(path, buffer.data());
}

} // namespace rhexion
