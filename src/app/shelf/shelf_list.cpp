#include "app/shelf/shelf_list.h"

#include "app/shelf/stock_delegate.h"
#include "app/widgets/label.h"
#include "app/widgets/list_keys.h"
#include "words/shelf_words.h"

#include <QComboBox>
#include <QHBoxLayout>
#include <QKeyEvent>
#include <QLabel>
#include <QLineEdit>
#include <QListView>
#include <QPushButton>
#include <QVBoxLayout>

namespace rhexion {

ShelfList::ShelfList(Stock& stock, QWidget* parent)
    : QFrame(parent), model_(new StockModel(stock, this))
{
    setObjectName(QStringLiteral("card"));
    build();
    search();
}

void ShelfList::build()
{
    search_ = new QLineEdit(this);
    search_->setPlaceholderText(tr("Search: quince, sheep milk, rosin…"));
    search_->setAccessibleName(tr("Search the shelf"));
    search_->setClearButtonEnabled(true);
    search_->installEventFilter(this);
    kind_ = new QComboBox(this);
    kind_->setAccessibleName(tr("Kind"));
    kind_->addItem(tr("Every kind"), -1);
    for (const MaterialKind kind : allMaterialKinds())
        if (kind != MaterialKind::PotassiumHydroxide) // one row for both
            kind_->addItem(words::kindNamePlural(kind), int(kind));
    kind_->setMaxVisibleItems(16);
    origin_ = new QComboBox(this);
    origin_->setAccessibleName(tr("Where it stands"));
    origin_->addItem(tr("Everywhere"), -1);
    origin_->addItem(tr("Catalogue"), int(Origin::Catalogue));
    origin_->addItem(tr("My own"), int(Origin::Own));
    origin_->addItem(tr("Lots"), int(Origin::Lot));
    origin_->addItem(tr("Foods table"), int(Origin::Food));
    origin_->addItem(tr("Put away"), -2);
    list_ = new QListView(this);
    list_->setModel(model_);
    list_->setItemDelegate(new StockDelegate(list_));
    list_->setUniformItemSizes(true);
    list_->setAccessibleName(tr("Materials"));
    count_ = new Label(this);
    count_->setObjectName(QStringLiteral("muted"));
    auto* fresh = new QPushButton(tr("New material of my own…"), this);
    auto* in = new QPushButton(tr("Bring in…"), this);
    in->setToolTip(tr("Own materials from a CSV or JSON file"));
    auto* out = new QPushButton(tr("Write out…"), this);
    out->setToolTip(tr("Own materials to a CSV or JSON file"));
    auto* filters = new QHBoxLayout;
    filters->addWidget(kind_, 1);
    filters->addWidget(origin_, 1);
    auto* buttons = new QHBoxLayout;
    buttons->addWidget(in);
    buttons->addWidget(out);
    auto* stockNow = new QPushButton(tr("What is low, and deliveries…"), this);
    connect(stockNow, &QPushButton::clicked, this, &ShelfList::stockWanted);
    auto* layout = new QVBoxLayout(this);
    layout->setContentsMargins(10, 10, 10, 10);
    layout->addWidget(search_);
    layout->addLayout(filters);
    layout->addWidget(count_);
    layout->addWidget(list_, 1);
    layout->addWidget(stockNow);
    layout->addWidget(fresh);
    layout->addLayout(buttons);
    connect(search_, &QLineEdit::textChanged, this, &ShelfList::search);
    connect(kind_, &QComboBox::currentIndexChanged, this, &ShelfList::search);
    connect(origin_, &QComboBox::currentIndexChanged, this, &ShelfList::search);
    connect(list_->selectionModel(), &QItemSelectionModel::currentChanged, this, [this] {
        if (!filling_)
            Q_EMIT chosen();
    });
    connect(list_, &QListView::activated, this, &ShelfList::useWanted);
    connect(fresh, &QPushButton::clicked, this, &ShelfList::freshWanted);
    connect(in, &QPushButton::clicked, this, &ShelfList::importWanted);
    connect(out, &QPushButton::clicked, this, &ShelfList::exportWanted);
}

void ShelfList::start()
{
    search_->setFocus();
    search_->selectAll();
}

const StockEntry* ShelfList::current() const
{
    return model_->at(list_->currentIndex());
}

void ShelfList::focusList()
{
    list_->setFocus();
}

void ShelfList::retell()
{
    count_->setText(tr("%n material(s)", nullptr, model_->rowCount()));
}

void ShelfList::search()
{
    StockFilter filter;
    const int kind = kind_->currentData().toInt();
    if (kind >= 0)
        filter.kind = static_cast<MaterialKind>(kind);
    const int origin = origin_->currentData().toInt();
    if (origin >= 0)
        filter.origin = static_cast<Origin>(origin);
    filter.archived = origin == -2;
    filling_ = true;
    model_->search(search_->text(), filter);
    list_->setCurrentIndex(model_->index(0));
    filling_ = false;
    Q_EMIT searched();
}

void ShelfList::choose(const std::string& id, const std::string& lot)
{
    QModelIndex index = model_->indexOf(id, lot);
    if (!index.isValid() && !id.empty()) {
        // It may be hidden by the search, or be a lot that no longer shows.
        const QSignalBlocker a(search_);
        const QSignalBlocker b(kind_);
        const QSignalBlocker c(origin_);
        search_->clear();
        kind_->setCurrentIndex(0);
        origin_->setCurrentIndex(0);
        search();
        index = model_->indexOf(id, lot);
        if (!index.isValid())
            index = model_->indexOf(id);
    }
    if (index.isValid()) {
        list_->setCurrentIndex(index);
        list_->scrollTo(index, QAbstractItemView::PositionAtCenter);
    }
}

bool ShelfList::eventFilter(QObject* watched, QEvent* event)
{
    if (watched == search_ && event->type() == QEvent::KeyPress) {
        const auto* key = static_cast<QKeyEvent*>(event);
        if (stepInList(*list_, key->key()))
            return true;
        if (key->key() == Qt::Key_Return || key->key() == Qt::Key_Enter) {
            Q_EMIT useWanted();
            return true;
        }
    }
    return QFrame::eventFilter(watched, event);
}

} // namespace rhexion
