#include "app/figures_window.h"

#include "app/bench/figures_panel.h"
#include "app/theme/theme.h"
#include "document/formula_document.h"

#include <QVBoxLayout>

namespace rhexion {

FiguresWindow::FiguresWindow(FormulaDocument& document, DoubtWatcher& doubt, QWidget* owner)
    : LeavableWindow(owner), document_(document)
{
    panel_ = new FiguresPanel(document, doubt, this);
    panel_->setWorkingShown(false); // it belongs to the bench
    auto* layout = new QVBoxLayout(this);
    layout->setContentsMargins(8, 8, 8, 8);
    layout->addWidget(panel_);
    resize(Theme::px(360), Theme::px(640));
    connect(&document_, &FormulaDocument::changed, this, &FiguresWindow::retitle);
    retitle();
}

void FiguresWindow::setSpeech(const Speech& speech)
{
    panel_->setSpeech(speech);
}

void FiguresWindow::retitle()
{
    const QString name = QString::fromStdString(document_.formula().name);
    setWindowTitle(tr("Figures of %1").arg(name.isEmpty() ? tr("a new formula") : name));
}

} // namespace rhexion
