#include "app/formulating/topic_print.h"

#include "sheet/facts_sheet.h"
#include "sheet/paper.h"
#include "words/refusal_words.h"

#include <QCoreApplication>
#include <QFileDialog>
#include <QPrintPreviewDialog>
#include <QPrinter>

namespace rhexion {

namespace {

struct TopicPrint {
    Q_DECLARE_TR_FUNCTIONS(TopicPrint)
};

} // namespace

void printFacts(QWidget& window, const words::FactPage& page, const QString& formulaName,
                const Habits& habits)
{
    QPrinter printer(QPrinter::HighResolution);
    printer.setDocName(formulaName);
    printer.setPageSize(pageSizeOf(habits));
    printer.setPageMargins(paperMargins(), QPageLayout::Millimeter);
    QPrintPreviewDialog dialog(&printer, &window);
    dialog.setWindowTitle(TopicPrint::tr("As it will be printed"));
    QObject::connect(&dialog, &QPrintPreviewDialog::paintRequested, &dialog,
                     [&](QPrinter* to) { drawFacts(*to, page, formulaName); });
    dialog.exec();
}

QString saveFacts(QWidget& window, const words::FactPage& page, const QString& formulaName,
                  const Habits& habits)
{
    const QString path = QFileDialog::getSaveFileName(&window, TopicPrint::tr("Keep as PDF"), {},
                                                      TopicPrint::tr("PDF (*.pdf)"));
    if (path.isEmpty())
        return {};
    const auto fault = writeFactsPdf(path, page, formulaName, habits);
    return fault ? words::fileFault(*fault) : QString();
}

} // namespace rhexion
