#include "sheet/paper.h"

#include "storage/whole_file.h"

#include <QBuffer>
#include <QPainter>
#include <QPdfWriter>

namespace rhexion {

QPageSize pageSizeOf(const Habits& habits)
{
    return QPageSize(habits.paper == Paper::Letter ? QPageSize::Letter : QPageSize::A4);
}

QMarginsF paperMargins()
{
    return {14, 12, 14, 12};
}

void drawPages(QPainter& painter, QPagedPaintDevice& device, QTextDocument& document)
{
    const double dots = device.logicalDpiY() / 72.0; // device dots in a point
    const QSizeF size(device.width(), device.height() - 12 * dots);
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

std::optional<FileFault> writePdf(const QString& path, const QString& title, const Habits& habits,
                                  const std::function<void(QPagedPaintDevice&)>& draw)
{
    QBuffer buffer;
    buffer.open(QIODevice::WriteOnly);
    {
        QPdfWriter writer(&buffer);
        writer.setPageSize(pageSizeOf(habits));
        writer.setPageMargins(paperMargins(), QPageLayout::Millimeter);
        writer.setTitle(title);
        writer.setCreator(QStringLiteral("Rhexion"));
        draw(writer);
    }
    return writeWhole(path, buffer.data());
}

} // namespace rhexion
