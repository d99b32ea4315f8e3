#include "app/bench/history_panel.h"

#include "app/widgets/label.h"
#include "document/formula_document.h"

#include <QLabel>
#include <QUndoView>
#include <QVBoxLayout>

namespace rhexion {

HistoryPanel::HistoryPanel(FormulaDocument& document, QWidget* parent)
    : SidePanel(tr("What was done"), parent)
{
    auto* hint = new Label(tr("Press a step to go back to how things were after it, or forward "
                              "again. A new change begins from there."),
                           this);
    hint->setObjectName(QStringLiteral("muted"));
    hint->setWordWrap(true);
    list_ = new QUndoView(&document.history(), this);
    list_->setEmptyLabel(tr("As it was opened"));
    list_->setAccessibleName(tr("What was done"));
    list_->setSpacing(2);
    body()->addWidget(hint);
    body()->addWidget(list_, 1);
}

void HistoryPanel::start()
{
    list_->setFocus();
}

} // namespace rhexion
