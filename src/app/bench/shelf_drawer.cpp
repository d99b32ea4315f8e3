#include "app/bench/shelf_drawer.h"

#include "app/theme/theme.h"
#include "models/materials_model.h"
#include "words/words.h"

#include <QHBoxLayout>
#include <QKeyEvent>
#include <QLabel>
#include <QLineEdit>
#include <QListView>
#include <QPushButton>
#include <QVBoxLayout>

namespace rhexion {

ShelfDrawer::ShelfDrawer(std::vector<MaterialPtr> materials, QWidget* parent) : QFrame(parent)
{
    setObjectName(QStringLiteral("card"));
    auto* title = new QLabel(tr("From the shelf"), this);
    title->setFont(Theme::strong());
    auto* back = new QPushButton(tr("Back to figures"), this);
    connect(back, &QPushButton::clicked, this, &ShelfDrawer::closed);
    search_ = new QLineEdit(this);
    search_->setPlaceholderText(tr("Search the shelf"));
    search_->setAccessibleName(tr("Search the shelf"));
    search_->installEventFilter(this);
    model_ = new MaterialsModel(std::move(materials), this);
    list_ = new QListView(this);
    list_->setModel(model_);
    list_->setAccessibleName(tr("Materials"));
    list_->setUniformItemSizes(true);
    about_ = new QLabel(this);
    about_->setWordWrap(true);
    about_->setObjectName(QStringLiteral("muted"));
    about_->setMinimumHeight(150);
    about_->setAlignment(Qt::AlignTop | Qt::AlignLeft);
    auto* add = new QPushButton(tr("Put it on the typing line"), this);
    add->setObjectName(QStringLiteral("primary"));
    connect(add, &QPushButton::clicked, this, &ShelfDrawer::choose);
    auto* top = new QHBoxLayout;
    top->addWidget(title, 1);
    top->addWidget(back);
    auto* layout = new QVBoxLayout(this);
    layout->setContentsMargins(12, 10, 8, 10);
    layout->addLayout(top);
    layout->addWidget(search_);
    layout->addWidget(list_, 1);
    layout->addWidget(about_);
    layout->addWidget(add);
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
    search_->setFocus();
    list_->setCurrentIndex(model_->index(0));
    describe();
}

void ShelfDrawer::describe()
{
    const MaterialPtr m = model_->at(list_->currentIndex());
    if (!m) {
        about_->setText(tr("Nothing on the shelf matches."));
        return;
    }
    QStringList lines;
    QString kind = words::kindName(m->kind);
    kind.front() = kind.front().toUpper();
    lines << kind + (m->note.empty() ? QString()
                                     : QStringLiteral(". ") + QString::fromStdString(m->note));
    const auto range = [&](const QString& name, const Figure& figure, double factor,
                           const QString& unit, int decimals) {
        const Interval& i = figure.range;
        const Source* source = m->findSource(figure.source);
        lines << tr("%1: %2 (%3 to %4) %5. %6")
                     .arg(name, speech_.number(i.typical() * factor, decimals),
                          speech_.number(i.low() * factor, decimals),
                          speech_.number(i.high() * factor, decimals), unit,
                          source ? QString::fromStdString(source->text) +
                                       (source->fromMemory ? tr(" (from memory)") : QString())
                                 : QString());
    };
    if (m->sv)
        range(tr("SV"), *m->sv, 1.0, tr("mg/g"), 0);
    if (m->acidValue)
        range(tr("Acid value"), *m->acidValue, 1.0, tr("mg/g"), 0);
    if (m->part(Part::Water).range.high() > 0.0)
        range(tr("Water"), m->part(Part::Water), 100.0, QStringLiteral("%"), 1);
    if (!m->isOil() && m->part(Part::Fat).range.high() > 0.0)
        range(tr("Fat"), m->part(Part::Fat), 100.0, QStringLiteral("%"), 1);
    for (const AcidShare& acid : m->acids)
        range(words::acidName(acid.acid), acid.share, 100.0, QStringLiteral("%"), 2);
    if (m->titratable)
        range(tr("Acidity"), *m->titratable, 1.0, tr("mmol/100 g"), 1);
    about_->setText(lines.join(QStringLiteral("\n")));
}

void ShelfDrawer::choose()
{
    if (const MaterialPtr material = model_->at(list_->currentIndex()))
        Q_EMIT chosen(material);
}

bool ShelfDrawer::eventFilter(QObject* watched, QEvent* event)
{
    if (watched == search_ && event->type() == QEvent::KeyPress) {
        const auto* key = static_cast<QKeyEvent*>(event);
        const int row = list_->currentIndex().row();
        switch (key->key()) {
        case Qt::Key_Down:
            list_->setCurrentIndex(model_->index(std::min(row + 1, model_->rowCount() - 1)));
            return true;
        case Qt::Key_Up: list_->setCurrentIndex(model_->index(std::max(row - 1, 0))); return true;
        case Qt::Key_Return:
        case Qt::Key_Enter: choose(); return true;
        case Qt::Key_Escape: Q_EMIT closed(); return true;
        default: break;
        }
    }
    return QFrame::eventFilter(watched, event);
}

} // namespace rhexion
