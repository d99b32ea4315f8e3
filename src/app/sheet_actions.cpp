#include "app/sheet_actions.h"

#include "app/files/file_choice.h"
#include "app/print_preview.h"
#include "document/formula_document.h"
#include "sheet/batch_sheet.h"
#include "words/refusal_words.h"

#include <QMenu>
#include <QPrintDialog>
#include <QPrinter>
#include <QSettings>

namespace rhexion {

namespace {

const QString withWorkingKey = QStringLiteral("printWorking");

bool withWorking()
{
    return QSettings().value(withWorkingKey, false).toBool();
}

} // namespace

SheetActions::SheetActions(FormulaDocument& document, QWidget& window)
    : QObject(&window), document_(document), window_(window)
{
}

void SheetActions::addTo(QMenu& menu)
{
    menu.addAction(tr("&Print the batch sheet…"), QKeySequence::Print, this, &SheetActions::print);
    menu.addAction(tr("Loo&k at it before printing…"),
                   QKeySequence(Qt::CTRL | Qt::SHIFT | Qt::Key_P), this, &SheetActions::preview);
    menu.addAction(tr("Batch sheet as P&DF…"), this, &SheetActions::save);
    QAction* working = menu.addAction(tr("Print the &working with it"), this,
                                      [](bool on) { QSettings().setValue(withWorkingKey, on); });
    working->setCheckable(true);
    working->setChecked(withWorking());
}

const Reckoning* SheetActions::reckoned()
{
    const Reckoning* r = document_.reckoning();
    if (!r)
        Q_EMIT said(words::refusal(*document_.refusal(), speech_));
    return r;
}

bool SheetActions::write(const QString& path)
{
    const Reckoning* r = reckoned();
    if (!r)
        return false;
    if (const auto fault = writeSheetPdf(path, planned(), *r, speech_, withWorking())) {
        Q_EMIT said(words::fileFault(*fault));
        return false;
    }
    Q_EMIT wrote(path);
    return true;
}

void SheetActions::save()
{
    const QString path = files::toSave(&window_, tr("Batch sheet as PDF"), {}, tr("PDF (*.pdf)"));
    if (!path.isEmpty())
        write(path);
}

void SheetActions::print()
{
    const Reckoning* r = reckoned();
    if (!r)
        return;
    QPrinter printer(QPrinter::HighResolution);
    preparePrinter(printer, docName(), speech_.habits());
    QPrintDialog dialog(&printer, &window_);
    const Formula formula = planned();
    if (dialog.exec() == QDialog::Accepted)
        BatchSheet(formula, *r, speech_).draw(printer, withWorking());
}

Formula SheetActions::planned() const
{
    Formula formula = document_.formula();
    if (!formula.heat && usual_)
        formula.heat = usual_();
    return formula;
}

QString SheetActions::docName() const
{
    return QString::fromStdString(document_.formula().name);
}

void SheetActions::preview()
{
    const Reckoning* r = reckoned();
    if (!r)
        return;
    const Formula formula = planned();
    previewPages(
        window_, tr("The batch sheet as it will be printed"), docName(), speech_.habits(),
        [&](QPagedPaintDevice& to) { BatchSheet(formula, *r, speech_).draw(to, withWorking()); });
}

} // namespace rhexion
