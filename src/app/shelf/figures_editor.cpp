#include "app/shelf/figures_editor.h"

#include "words/shelf_words.h"

#include <QComboBox>
#include <QHBoxLayout>
#include <QHeaderView>
#include <QPushButton>
#include <QTableView>
#include <QVBoxLayout>

namespace rhexion {

FiguresEditor::FiguresEditor(QWidget* parent) : QWidget(parent)
{
    model_ = new FiguresModel(this);
    table_ = new QTableView(this);
    table_->setModel(model_);
    table_->setAccessibleName(tr("Figures"));
    table_->setSelectionBehavior(QAbstractItemView::SelectItems);
    table_->setSelectionMode(QAbstractItemView::SingleSelection);
    table_->setEditTriggers(QAbstractItemView::AllEditTriggers);
    table_->setShowGrid(true);
    table_->verticalHeader()->hide();
    table_->verticalHeader()->setDefaultSectionSize(34);
    table_->horizontalHeader()->setHighlightSections(false);
    table_->horizontalHeader()->setDefaultAlignment(Qt::AlignLeft | Qt::AlignVCenter);
    table_->horizontalHeader()->setSectionResizeMode(FiguresModel::From, QHeaderView::Stretch);
    table_->setColumnWidth(FiguresModel::Name, 236);
    for (const int column : {FiguresModel::Typical, FiguresModel::Low, FiguresModel::High})
        table_->setColumnWidth(column, 68);
    choice_ = new QComboBox(this);
    choice_->setAccessibleName(tr("Figure to add"));
    choice_->setMaxVisibleItems(18);
    for (const FigureKind& kind : figureKinds()) {
        const QString unit = words::figureUnit(kind.unit);
        const QString name = words::figureName(kind.code);
        choice_->addItem(unit.isEmpty() ? name : QStringLiteral("%1, %2").arg(name, unit),
                         QString::fromStdString(kind.code));
    }
    auto* add = new QPushButton(tr("Add this figure"), this);
    auto* remove = new QPushButton(tr("Take the row out"), this);
    auto* buttons = new QHBoxLayout;
    buttons->setContentsMargins(0, 0, 0, 0);
    buttons->addWidget(choice_, 1);
    buttons->addWidget(add);
    buttons->addWidget(remove);
    auto* layout = new QVBoxLayout(this);
    layout->setContentsMargins(0, 0, 0, 0);
    layout->addWidget(table_, 1);
    layout->addLayout(buttons);
    connect(add, &QPushButton::clicked, this, &FiguresEditor::addChosen);
    connect(remove, &QPushButton::clicked, this,
            [this] { model_->remove(table_->currentIndex().row()); });
    connect(model_, &FiguresModel::refused, this, &FiguresEditor::refused);
}

void FiguresEditor::setSpeech(const Speech& speech)
{
    model_->setSpeech(speech);
}

void FiguresEditor::addChosen()
{
    const QModelIndex index = model_->add(choice_->currentData().toString().toStdString(), source_);
    if (!index.isValid())
        return;
    table_->setCurrentIndex(index);
    table_->setFocus();
    table_->edit(index);
}

void FiguresEditor::pointAt(int row)
{
    table_->setCurrentIndex(model_->index(row, FiguresModel::Typical));
    table_->setFocus();
}

} // namespace rhexion
