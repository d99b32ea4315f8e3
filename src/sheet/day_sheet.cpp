#include "sheet/day_sheet.h"

#include "sheet/paper.h"

#include <QAbstractTextDocumentLayout>
#include <QPainter>

namespace rhexion {

void drawDaySheet(QPagedPaintDevice& device, const QString& html, bool large)
{
    QPainter painter(&device);
    ClosedDocument document;
    document.documentLayout()->setPaintDevice(&device);
    document.setDocumentMargin(0);
    QFont font(QStringLiteral("Rhexion Sans"));
    font.setPointSizeF(large ? 16.0 : 10.0);
    document.setDefaultFont(font);
    document.setHtml(html);
    drawPages(painter, device, document);
}

std::optional<FileFault> writeDaySheetPdf(const QString& path, const QString& html,
                                          const QString& name, const Habits& habits, bool large)
{
    return writePdf(path, name, habits,
                    [&](QPagedPaintDevice& device) { drawDaySheet(device, html, large); });
}

} // namespace rhexion
