#include "app/shelf/import_panel.h"

#include "app/help.h"
#include "app/theme/theme.h"
#include "app/widgets/label.h"
#include "storage/shelf.h"
#include "words/plain_text.h"
#include "words/refusal_words.h"
#include "words/shelf_words.h"

#include <QHBoxLayout>
#include <QHeaderView>
#include <QLabel>
#include <QPushButton>
#include <QTableWidget>
#include <QVBoxLayout>

namespace rhexion {

ImportPanel::ImportPanel(QWidget* parent) : QWidget(parent)
{
    helpOn(this, "formats");
    title_ = new Label(this);
    title_->setFont(Theme::figure());
    summary_ = new Label(this);
    summary_->setWordWrap(true);
    table_ = new QTableWidget(0, 3, this);
    table_->setAccessibleName(tr("Rows of the file"));
    table_->setHorizontalHeaderLabels({tr("Row"), tr("Material"), tr("What happens")});
    table_->setEditTriggers(QAbstractItemView::NoEditTriggers);
    table_->setSelectionBehavior(QAbstractItemView::SelectRows);
    table_->setTabKeyNavigation(false);
    table_->setWordWrap(true);
    table_->verticalHeader()->hide();
    table_->horizontalHeader()->setSectionResizeMode(2, QHeaderView::Stretch);
    table_->setColumnWidth(0, 60);
    table_->setColumnWidth(1, 220);
    keep_ = new QPushButton(this);
    keep_->setObjectName(QStringLiteral("primary"));
    auto* cancel = new QPushButton(tr("Change nothing"), this);
    auto* buttons = new QHBoxLayout;
    buttons->addWidget(keep_);
    buttons->addWidget(cancel);
    buttons->addStretch();
    auto* layout = new QVBoxLayout(this);
    layout->setContentsMargins(0, 0, 0, 0);
    layout->addWidget(title_);
    layout->addWidget(summary_);
    layout->addWidget(table_, 1);
    layout->addLayout(buttons);
    connect(keep_, &QPushButton::clicked, this, &ImportPanel::keep);
    connect(cancel, &QPushButton::clicked, this, &ImportPanel::cancelled);
}

void ImportPanel::show(const QString& fileName, const QList<ImportedRow>& rows, const Shelf& shelf)
{
    rows_ = rows;
    title_->setText(tr("Bring in %1").arg(fileName));
    const int good = goodRows();
    const int bad = static_cast<int>(rows.size()) - good;
    summary_->setText(bad == 0 ? tr("%n row(s), all good. Nothing is kept yet.", nullptr, good)
                               : tr("%n row(s) cannot be brought in; mend them in the file, or go "
                                    "on without them. Nothing is kept yet.",
                                    nullptr, bad));
    keep_->setText(tr("Keep %n material(s)", nullptr, good));
    keep_->setEnabled(good > 0);
    table_->setRowCount(static_cast<int>(rows.size()));
    for (int i = 0; i < table_->rowCount(); ++i) {
        const ImportedRow& row = rows[i];
        QString text;
        if (row.fault)
            text = words::fileFault(*row.fault);
        else if (row.materialFault)
            text = words::materialFault(*row.materialFault);
        else if (!row.material->id.empty() && shelf.findMaterial(row.material->id))
            text = tr("takes the place of the one on the shelf");
        else
            text = tr("new");
        const QStringList cells{QString::number(row.line), row.name, text};
        for (int column = 0; column < 3; ++column) {
            auto* item = new QTableWidgetItem(cells[column]);
            item->setToolTip(asTip(cells[column]));
            if (!row.material)
                item->setForeground(Theme::colours().danger);
            table_->setItem(i, column, item);
        }
    }
    // Wrapped sentences for a list one reads; plain rows for thousands.
    constexpr int readable = 300;
    table_->verticalHeader()->setSectionResizeMode(
        rows.size() <= readable ? QHeaderView::ResizeToContents : QHeaderView::Fixed);
    (good > 0 ? static_cast<QWidget*>(keep_) : table_)->setFocus();
}

int ImportPanel::goodRows() const
{
    int good = 0;
    for (const ImportedRow& row : rows_)
        good += row.material ? 1 : 0;
    return good;
}

QString ImportPanel::rowText(int row) const
{
    const QTableWidgetItem* item = table_->item(row, 2);
    return item ? item->text() : QString();
}

void ImportPanel::keep()
{
    std::vector<Material> materials;
    for (const ImportedRow& row : std::as_const(rows_))
        if (row.material)
            materials.push_back(*row.material);
    Q_EMIT kept(materials);
}

} // namespace rhexion
