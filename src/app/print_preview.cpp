#include "app/print_preview.h"

#include "sheet/paper.h"

#include <QPageSize>
#include <QPrintPreviewDialog>
#include <QPrinter>

namespace rhexion {

void preparePrinter(QPrinter& printer, const QString& name, const Habits& habits)
{
    printer.setDocName(name);
    printer.setPageSize(pageSizeOf(habits));
    printer.setPageMargins(paperMargins(), QPageLayout::Millimeter);
}

void previewPages(QWidget& window, const QString& title, const QString& name, const Habits& habits,
                  const std::function<void(QPagedPaintDevice&)>& draw)
{
    QPrinter printer(QPrinter::HighResolution);
    preparePrinter(printer, name, habits);
    QPrintPreviewDialog dialog(&printer, &window);
    dialog.setWindowTitle(title);
    QObject::connect(&dialog, &QPrintPreviewDialog::paintRequested, &dialog,
                     [&](QPrinter* to) { draw(*to); });
    dialog.exec();
}

void previewOn(QWidget& window, const QString& title, const QString& name, const QPageSize& paper,
               const std::function<void(QPagedPaintDevice&)>& draw)
{
    QPrinter printer(QPrinter::HighResolution);
    printer.setDocName(name);
    printer.setPageSize(paper);
    printer.setFullPage(true);
    QPrintPreviewDialog dialog(&printer, &window);
    dialog.setWindowTitle(title);
    QObject::connect(&dialog, &QPrintPreviewDialog::paintRequested, &dialog,
                     [&](QPrinter* to) { draw(*to); });
    dialog.exec();
}

} // namespace rhexion
