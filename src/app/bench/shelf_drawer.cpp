#include "app/bench/shelf_drawer.h"

#include "app/shelf/stock_delegate.h"
#include "app/theme/theme.h"
#include "app/widgets/label.h"
#include "app/widgets/list_keys.h"
#include "core/materials/figures.h"
#include "models/stock_model.h"
#include "storage/material_names.h"
#include "words/names.h"
#include "words/shelf_words.h"
#include "words/source_words.h"

#include <QKeyEvent>
#include <QLabel>
#include <QLineEdit>
#include <QListView>
#include <QPushButton>
#include <QVBoxLayout>

namespace rhexion {

ShelfDrawer::ShelfDrawer(Stock& stock, QWidget* parent)
    : SidePanel(tr("From the shelf"), parent), stock_(stock)
{
    search_ = new QLineEdit(this);
    search_->setPlaceholderText(tr("Search the shelf"));
    search_->setAccessibleName(tr("Search the shelf"));
    search_->installEventFilter(this);
    model_ = new StockModel(stock, this);
    list_ = new QListView(this);
    list_->setModel(model_);
    list_->setAccessibleName(tr("Materials"));
    list_->setUniformItemSizes(true);
    list_->setItemDelegate(new StockDelegate(list_));
    about_ = new Label(this);
    about_->setWordWrap(true);
    about_->setObjectName(QStringLiteral("muted"));
    leastHeight(about_, 150);
    about_->setAlignment(Qt::AlignTop | Qt::AlignLeft);
    auto* add = new QPushButton(tr("Put it on the typing line"), this);
    add->setObjectName(QStringLiteral("primary"));
    connect(add, &QPushButton::clicked, this, &ShelfDrawer::choose);
    body()->addWidget(search_);
    body()->addWidget(list_, 1);
    body()->addWidget(about_);
    body()->addWidget(add);
    connect(search_, &QLineEdit::textChanged, this, [this](const QString& text) {
        model_->search(text);
        list_->setCurrentIndex(model_->index(0));
        describe();
    });
    connect(list_->selectionModel(), &QItemSelectionModel::currentChanged, this,
            &ShelfDrawer::describe);
    connect(list_, &QListView::activated, this, &ShelfDrawer::choose);
}

void ShelfDrawer::start()
{
    search_->clear();
    model_->search({});
    search_->setFocus();
    list_->setCurrentIndex(model_->index(0));
    describe();
}

MaterialPtr ShelfDrawer::current() const
{
    const StockEntry* entry = model_->at(list_->currentIndex());
    return entry ? stock_.material(*entry) : nullptr;
}

void ShelfDrawer::describe()
{
    const MaterialPtr m = current();
    if (!m) {
        about_->setText(tr("Nothing on the shelf matches."));
        return;
    }
    QStringList lines;
    QString kind = words::kindName(m->kind);
    kind.front() = kind.front().toUpper();
    lines << kind + (m->note.empty() ? QString() : QStringLiteral(". ") + materialNote(*m));
    // What lye and water take notice of; the shelf page has the rest.
    for (const FigureKind& figure : figureKinds()) {
        const bool told = figure.code == "water" || figure.code == "sv" ||
                          figure.code == "titratable" || figure.code.starts_with("acid-") ||
                          (figure.code == "fat" && !m->isOil());
        const Figure* f = told ? findFigure(*m, figure.code) : nullptr;
        if (f)
            lines << tr("%1: %2. %3")
                         .arg(words::figureName(figure.code),
                              words::figureText(figure, f->range, speech_),
                              words::sourceSaid(*m, f->source));
    }
    about_->setText(lines.join(QStringLiteral("\n")));
}

void ShelfDrawer::choose()
{
    if (const MaterialPtr material = current())
        Q_EMIT chosen(material);
}

bool ShelfDrawer::eventFilter(QObject* watched, QEvent* event)
{
    if (watched == search_ && event->type() == QEvent::KeyPress) {
        const auto* key = static_cast<QKeyEvent*>(event);
        if (stepInList(*list_, key->key()))
            return true;
        switch (key->key()) {
        case Qt::Key_Return:
        case Qt::Key_Enter: choose(); return true;
        case Qt::Key_Escape: Q_EMIT closed(); return true;
        default: break;
        }
    }
    return SidePanel::eventFilter(watched, event);
}

} // namespace rhexion
