#include "app/formulating/topic_print.h"

#include "app/files/file_choice.h"
#include "app/print_preview.h"
#include "sheet/facts_sheet.h"

#include <QCoreApplication>

namespace rhexion {

namespace {

struct TopicPrint {
    Q_DECLARE_TR_FUNCTIONS(TopicPrint)
};

} // namespace

void printFacts(QWidget& window, const words::FactPage& page, const QString& formulaName,
                const Habits& habits)
{
    previewPages(window, TopicPrint::tr("As it will be printed"), formulaName, habits,
                 [&](QPagedPaintDevice& to) { drawFacts(to, page, formulaName); });
}

std::optional<FileFault> saveFacts(QWidget& window, const words::FactPage& page,
                                   const QString& formulaName, const Habits& habits)
{
    const QString path =
        files::toSave(&window, TopicPrint::tr("Keep as PDF"), {}, TopicPrint::tr("PDF (*.pdf)"));
    if (path.isEmpty())
        return std::nullopt;
    return writeFactsPdf(path, page, formulaName, habits);
}

} // namespace rhexion
