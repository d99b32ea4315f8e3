#include "app/shelf/shelf_page.h"

#include "app/shelf/composition_bar.h"
#include "app/shelf/import_panel.h"
#include "app/shelf/lot_editor.h"
#include "app/shelf/material_editor.h"
#include "app/shelf/measure_panel.h"
#include "app/shelf/mix_panel.h"
#include "app/shelf/stock_delegate.h"
#include "app/theme/theme.h"
#include "app/widgets/label.h"
#include "app/widgets/list_keys.h"
#include "app/widgets/page_browser.h"
#include "pages/material_page.h"
#include "storage/formula_json.h"
#include "storage/json_cursor.h"
#include "storage/material_file.h"
#include "storage/whole_file.h"
#include "words/names.h"
#include "words/refusal_words.h"
#include "words/shelf_words.h"

#include <QComboBox>
#include <QFileDialog>
#include <QFileInfo>
#include <QHBoxLayout>
#include <QKeyEvent>
#include <QLabel>
#include <QLineEdit>
#include <QListView>
#include <QMenu>
#include <QPushButton>
#include <QStackedWidget>
#include <QTextBrowser>
#include <QTimer>
#include <QToolButton>
#include <QUrl>
#include <QVBoxLayout>

namespace rhexion {

ShelfPage::ShelfPage(Stock& stock, Clock clock, QWidget* parent)
    : QWidget(parent), stock_(stock), clock_(std::move(clock))
{
    setObjectName(QStringLiteral("page"));
    model_ = new StockModel(stock, this);
    pages_ = new QStackedWidget(this);
    pages_->addWidget(buildMaterial());
    buildEditors();
    catchUp_ = new QTimer(this);
    catchUp_->setSingleShot(true);
    catchUp_->setInterval(40);
    connect(catchUp_, &QTimer::timeout, this, &ShelfPage::showCurrent);
    uses_ = new QTimer(this);
    uses_->setSingleShot(true);
    uses_->setInterval(150);
    connect(uses_, &QTimer::timeout, this, &ShelfPage::findUses);
    auto* right = new QFrame(this);
    right->setObjectName(QStringLiteral("card"));
    auto* rightLayout = new QVBoxLayout(right);
    rightLayout->setContentsMargins(16, 12, 16, 12);
    rightLayout->addWidget(pages_);
    auto* layout = new QHBoxLayout(this);
    layout->setContentsMargins(12, 8, 12, 12);
    layout->setSpacing(8);
    layout->addWidget(buildList());
    layout->addWidget(right, 1);
    connect(&stock_, &Stock::changed, this, [this] { showMaterial(entry_.material, entry_.lot); });
    search();
    showCurrent();
}

QWidget* ShelfPage::buildList()
{
    auto* left = new QFrame(this);
    left->setObjectName(QStringLiteral("card"));
    left_ = left;
    search_ = new QLineEdit(left);
    search_->setPlaceholderText(tr("Search: quince, sheep milk, rosin…"));
    search_->setAccessibleName(tr("Search the shelf"));
    search_->setClearButtonEnabled(true);
    search_->installEventFilter(this);
    kind_ = new QComboBox(left);
    kind_->setAccessibleName(tr("Kind"));
    kind_->addItem(tr("Every kind"), -1);
    for (const MaterialKind kind : allMaterialKinds())
        if (kind != MaterialKind::PotassiumHydroxide) // one row for both
            kind_->addItem(words::kindNamePlural(kind), int(kind));
    kind_->setMaxVisibleItems(16);
    origin_ = new QComboBox(left);
    origin_->setAccessibleName(tr("Where it stands"));
    origin_->addItem(tr("Everywhere"), -1);
    origin_->addItem(tr("Catalogue"), int(Origin::Catalogue));
    origin_->addItem(tr("My own"), int(Origin::Own));
    origin_->addItem(tr("Lots"), int(Origin::Lot));
    origin_->addItem(tr("Foods table"), int(Origin::Food));
    origin_->addItem(tr("Put away"), -2);
    list_ = new QListView(left);
    list_->setModel(model_);
    list_->setItemDelegate(new StockDelegate(list_));
    list_->setUniformItemSizes(true);
    list_->setAccessibleName(tr("Materials"));
    count_ = new Label(left);
    count_->setObjectName(QStringLiteral("muted"));
    auto* fresh = new QPushButton(tr("New material of my own…"), left);
    auto* in = new QPushButton(tr("Bring in…"), left);
    in->setToolTip(tr("Own materials from a CSV or JSON file"));
    auto* out = new QPushButton(tr("Write out…"), left);
    out->setToolTip(tr("Own materials to a CSV or JSON file"));
    auto* filters = new QHBoxLayout;
    filters->addWidget(kind_, 1);
    filters->addWidget(origin_, 1);
    auto* buttons = new QHBoxLayout;
    buttons->addWidget(in);
    buttons->addWidget(out);
    auto* layout = new QVBoxLayout(left);
    layout->setContentsMargins(10, 10, 10, 10);
    layout->addWidget(search_);
    layout->addLayout(filters);
    layout->addWidget(count_);
    layout->addWidget(list_, 1);
    layout->addWidget(fresh);
    layout->addLayout(buttons);
    connect(search_, &QLineEdit::textChanged, this, &ShelfPage::search);
    connect(kind_, &QComboBox::currentIndexChanged, this, &ShelfPage::search);
    connect(origin_, &QComboBox::currentIndexChanged, this, &ShelfPage::search);
    connect(list_->selectionModel(), &QItemSelectionModel::currentChanged, this,
            &ShelfPage::showCurrent);
    connect(list_, &QListView::activated, this, [this] {
        if (shown_)
            Q_EMIT useWanted(shown_);
    });
    connect(fresh, &QPushButton::clicked, this, &ShelfPage::newMaterial);
    connect(in, &QPushButton::clicked, this, &ShelfPage::askImport);
    connect(out, &QPushButton::clicked, this, &ShelfPage::askExport);
    return left;
}

QWidget* ShelfPage::buildMaterial()
{
    material_ = new QWidget(pages_);
    name_ = new Label(material_);
    name_->setFont(Theme::figure());
    name_->setWordWrap(true);
    about_ = new Label(material_);
    about_->setWordWrap(true);
    bar_ = new CompositionBar(material_);
    text_ = new PageBrowser(material_);
    text_->setOpenLinks(false);
    text_->setAccessibleName(tr("The material"));
    use_ = new QPushButton(tr("Use it on the bench"), material_);
    use_->setObjectName(QStringLiteral("primary"));
    lot_ = new QPushButton(tr("Add a lot…"), material_);
    measureButton_ = new QPushButton(tr("Measure it…"), material_);
    more_ = new QToolButton(material_);
    more_->setText(tr("More…"));
    more_->setPopupMode(QToolButton::InstantPopup);
    auto* menu = new QMenu(more_);
    mixAction_ = menu->addAction(tr("Cook or mix…"), this, &ShelfPage::startMixing);
    edit_ = menu->addAction(tr("Change it…"), this, &ShelfPage::changeOwn);
    copy_ = menu->addAction(tr("Copy as my own…"), this, &ShelfPage::copyAsOwn);
    archive_ = menu->addAction(QString(), this, &ShelfPage::toggleArchived);
    more_->setMenu(menu);
    auto* buttons = new QHBoxLayout;
    for (QWidget* button : std::initializer_list<QWidget*>{use_, lot_, measureButton_, more_})
        buttons->addWidget(button);
    buttons->addStretch();
    auto* layout = new QVBoxLayout(material_);
    layout->setContentsMargins(0, 0, 0, 0);
    layout->setSpacing(6);
    layout->addWidget(name_);
    layout->addWidget(about_);
    layout->addWidget(bar_);
    layout->addWidget(text_, 1);
    layout->addLayout(buttons);
    connect(use_, &QPushButton::clicked, this, [this] {
        if (shown_)
            Q_EMIT useWanted(shown_);
    });
    connect(lot_, &QPushButton::clicked, this, &ShelfPage::newLot);
    connect(measureButton_, &QPushButton::clicked, this, &ShelfPage::startMeasuring);
    connect(text_, &QTextBrowser::anchorClicked, this, &ShelfPage::follow);
    return material_;
}

void ShelfPage::buildEditors()
{
    materialEditor_ = new MaterialEditor(pages_);
    lotEditor_ = new LotEditor(pages_);
    measure_ = new MeasurePanel(pages_);
    mix_ = new MixPanel(stock_, pages_);
    import_ = new ImportPanel(pages_);
    for (QWidget* page :
         std::initializer_list<QWidget*>{materialEditor_, lotEditor_, measure_, mix_, import_})
        pages_->addWidget(page);
    connect(materialEditor_, &MaterialEditor::kept, this,
            [this](const Material& m) { keepMaterials({m}, 0.0); });
    connect(materialEditor_, &MaterialEditor::cancelled, this, &ShelfPage::backToMaterial);
    connect(lotEditor_, &LotEditor::kept, this, &ShelfPage::keepLot);
    connect(lotEditor_, &LotEditor::cancelled, this, &ShelfPage::backToMaterial);
    connect(measure_, &MeasurePanel::closed, this, &ShelfPage::backToMaterial);
    const auto lotFor = [this](bool fresh) {
        const LotRecord* open =
            !fresh && stock_.shelf() ? stock_.shelf()->openLotOf(entry_.material) : nullptr;
        LotRecord lot = open ? *open : LotRecord{};
        lot.material = entry_.material;
        return lot;
    };
    connect(measure_, &MeasurePanel::keepWanted, this,
            [this, lotFor](const LotFigure& figure, bool fresh) {
                LotRecord lot = lotFor(fresh);
                std::erase_if(lot.lot.figures,
                              [&](const LotFigure& f) { return f.code == figure.code; });
                LotFigure dated = figure;
                dated.source += ", " + today().toString(Qt::ISODate).toStdString();
                lot.lot.figures.push_back(dated);
                lotEditor_->edit(stock_.plain(entry_.material), lot, today());
                pages_->setCurrentWidget(lotEditor_);
            });
    connect(measure_, &MeasurePanel::keepMeasureWanted, this,
            [this, lotFor](const Measure& measure, bool fresh) {
                LotRecord lot = lotFor(fresh);
                std::erase_if(lot.lot.measures,
                              [&](const Measure& m) { return m.name == measure.name; });
                lot.lot.measures.push_back(measure);
                lotEditor_->edit(stock_.plain(entry_.material), lot, today());
                pages_->setCurrentWidget(lotEditor_);
            });
    connect(mix_, &MixPanel::kept, this,
            [this](const Material& m, double left) { keepMaterials({m}, left); });
    connect(mix_, &MixPanel::closed, this, &ShelfPage::backToMaterial);
    connect(import_, &ImportPanel::kept, this,
            [this](const std::vector<Material>& list) { keepMaterials(list, 0.0); });
    connect(import_, &ImportPanel::cancelled, this, &ShelfPage::backToMaterial);
}

void ShelfPage::setSpeech(const Speech& speech)
{
    speech_ = speech;
    materialEditor_->setSpeech(speech);
    lotEditor_->setSpeech(speech);
    measure_->setSpeech(speech);
    mix_->setSpeech(speech);
    showCurrent();
}

void ShelfPage::setUses(std::function<const Journal*()> journal,
                        std::function<bool(const std::string&)> onBench)
{
    journal_ = std::move(journal);
    onBench_ = std::move(onBench);
}

void ShelfPage::start()
{
    search_->setFocus();
    search_->selectAll();
    showCurrent();
}

void ShelfPage::search()
{
    StockFilter filter;
    const int kind = kind_->currentData().toInt();
    if (kind >= 0)
        filter.kind = static_cast<MaterialKind>(kind);
    const int origin = origin_->currentData().toInt();
    if (origin >= 0)
        filter.origin = static_cast<Origin>(origin);
    filter.archived = origin == -2;
    typing_ = true;
    model_->search(search_->text(), filter);
    list_->setCurrentIndex(model_->index(0));
    typing_ = false;
    takeCurrent();
    catchUp_->start();
}

void ShelfPage::takeCurrent()
{
    const StockEntry* entry = model_->at(list_->currentIndex());
    shown_ = entry ? stock_.material(*entry) : nullptr;
    if (entry)
        entry_ = *entry;
}

void ShelfPage::showCurrent()
{
    if (typing_)
        return; // the list is being filled; the page follows
    catchUp_->stop();
    takeCurrent();
    count_->setText(tr("%n material(s)", nullptr, model_->rowCount()));
    pages_->setCurrentWidget(material_);
    for (QWidget* w :
         std::initializer_list<QWidget*>{bar_, about_, use_, lot_, measureButton_, more_})
        w->setVisible(shown_ != nullptr);
    if (!shown_) {
        name_->setText(tr("Nothing on the shelf matches"));
        text_->setHtml(
            QStringLiteral("<p>%1</p>")
                .arg(tr("Try fewer letters, or make it a material of your own, below the list.")));
        return;
    }
    const Material& m = *shown_;
    name_->setText(entry_.name);
    QString about = words::kindName(m.kind);
    about.front() = about.front().toUpper();
    if (!m.note.empty())
        about += QStringLiteral(". ") + QString::fromStdString(m.note);
    about_->setText(about);
    bar_->show(m, speech_);
    showPage({});
    uses_->start();
    const bool own = entry_.origin == Origin::Own;
    edit_->setVisible(own);
    archive_->setVisible(own);
    archive_->setText(entry_.archived ? tr("Take it out again") : tr("Put it away"));
    mixAction_->setVisible(!m.isHydroxide() && !m.isOil());
    // Without a file to keep them in there is nothing to offer.
    for (QWidget* button : std::initializer_list<QWidget*>{lot_, measureButton_, more_})
        button->setEnabled(stock_.shelf() != nullptr);
}

void ShelfPage::showPage(const QList<BatchSummary>& usedIn, int inAll)
{
    MaterialPage page;
    page.material = shown_;
    page.usedIn = usedIn;
    page.usedInAll = inAll;
    if (Shelf* shelf = stock_.shelf())
        for (const LotRecord& lot : shelf->lots())
            if (lot.material == shown_->id)
                page.lots.push_back(&lot);
    page.onBench = onBench_ && onBench_(shown_->id);
    text_->setHtml(materialHtml(page, speech_, Theme::page()));
}

void ShelfPage::findUses()
{
    const Journal* journal = shown_ && journal_ ? journal_() : nullptr;
    if (!journal)
        return;
    constexpr int most = 12;
    const QString id = QString::fromStdString(shown_->id);
    const auto used = journal->batchesWith(id, most);
    const auto inAll = journal->countWith(id);
    const auto* list = std::get_if<QList<BatchSummary>>(&used);
    const int* all = std::get_if<int>(&inAll);
    if (list && !list->isEmpty())
        showPage(*list, all ? *all : int(list->size()));
}

void ShelfPage::showMaterial(const std::string& id, const std::string& lot)
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
    showCurrent();
}

void ShelfPage::backToMaterial()
{
    showCurrent();
    list_->setFocus();
}

bool ShelfPage::said(const std::optional<FileFault>& fault)
{
    if (fault)
        Q_EMIT noted(words::fileFault(*fault));
    return fault.has_value();
}

void ShelfPage::newMaterial()
{
    if (!stock_.shelf())
        return;
    materialEditor_->edit(Material{});
    pages_->setCurrentWidget(materialEditor_);
}

void ShelfPage::copyAsOwn()
{
    if (!shown_)
        return;
    Material copy = *shown_;
    copy.id.clear();
    copy.lot = {};
    for (Source& source : copy.sources)
        source.fromLot = false;
    copy.name = (entry_.origin == Origin::Own ? tr("%1, another") : tr("%1, my own"))
                    .arg(entry_.name)
                    .toStdString();
    materialEditor_->edit(copy);
    pages_->setCurrentWidget(materialEditor_);
}

void ShelfPage::changeOwn()
{
    const MaterialPtr plain = shown_ ? stock_.plain(entry_.material) : nullptr;
    if (!plain)
        return;
    materialEditor_->edit(*plain);
    pages_->setCurrentWidget(materialEditor_);
}

void ShelfPage::keepMaterials(const std::vector<Material>& materials, double gramsLeft)
{
    Shelf* shelf = stock_.shelf();
    if (!shelf || materials.empty())
        return;
    std::vector<Material> named = materials;
    for (std::size_t i = 0; i < named.size(); ++i) {
        if (!named[i].id.empty())
            continue;
        std::string id = freshMaterialId(named[i].name, *shelf);
        const std::string base = id;
        const auto taken = [&] {
            return std::ranges::any_of(
                named, [&](const Material& m) { return &m != &named[i] && m.id == id; });
        };
        for (int n = 2; taken() || shelf->findMaterial(id); ++n)
            id = base + '-' + std::to_string(n);
        named[i].id = id;
    }
    if (said(shelf->keep(named)))
        return;
    if (gramsLeft > 0.0) {
        LotRecord lot;
        lot.material = named.front().id;
        lot.lot.name = speech_.date(today()).toStdString();
        lot.homeMade = true;
        lot.got = today();
        lot.boughtGrams = lot.leftGrams = gramsLeft;
        const auto kept = shelf->keepLot(lot);
        if (const auto* fault = std::get_if<FileFault>(&kept))
            Q_EMIT noted(words::fileFault(*fault));
    }
    entry_.material = named.front().id;
    entry_.lot.clear();
    stock_.refresh();
    showMaterial(named.front().id);
    list_->setFocus();
    Q_EMIT shelfChanged();
}

void ShelfPage::newLot()
{
    if (!shown_ || !stock_.shelf())
        return;
    lotEditor_->edit(stock_.plain(entry_.material), LotRecord{}, today());
    pages_->setCurrentWidget(lotEditor_);
}

void ShelfPage::keepLot(const LotRecord& lot)
{
    const auto kept = stock_.shelf()->keepLot(lot);
    if (const auto* fault = std::get_if<FileFault>(&kept)) {
        Q_EMIT noted(words::fileFault(*fault));
        return; // what was typed stays in the editor
    }
    entry_.lot.clear();
    stock_.refresh();
    showMaterial(lot.material);
    list_->setFocus();
    Q_EMIT shelfChanged();
}

void ShelfPage::startMeasuring()
{
    if (!shown_)
        return;
    measure_->start(stock_.plain(entry_.material), entry_.openLot);
    pages_->setCurrentWidget(measure_);
}

void ShelfPage::startMixing()
{
    if (!shown_)
        return;
    mix_->start(shown_);
    pages_->setCurrentWidget(mix_);
}

void ShelfPage::toggleArchived()
{
    if (!shown_ || said(stock_.shelf()->setArchived(entry_.material, !entry_.archived)))
        return;
    stock_.refresh();
    Q_EMIT shelfChanged();
}

void ShelfPage::follow(const QUrl& link)
{
    const QString id = link.path();
    Shelf* shelf = stock_.shelf();
    if (link.scheme() == QLatin1String("batch")) {
        Q_EMIT batchWanted(id);
        return;
    }
    const LotRecord* lot = shelf ? shelf->findLot(id.toStdString()) : nullptr;
    if (!lot)
        return;
    if (link.scheme() == QLatin1String("edit-lot")) {
        lotEditor_->edit(stock_.plain(lot->material), *lot, today());
        pages_->setCurrentWidget(lotEditor_);
        return;
    }
    if (said(shelf->setClosed(id.toStdString(), link.scheme() == QLatin1String("close-lot"))))
        return;
    stock_.refresh();
    Q_EMIT shelfChanged();
}

void ShelfPage::importFile(const QString& path)
{
    if (!stock_.shelf())
        return;
    QByteArray bytes;
    if (said(readBytes(path, catalogueFileMegabytes, bytes)))
        return;
    const QString name = QFileInfo(path).fileName();
    const bool json = bytes.trimmed().startsWith('{') || bytes.trimmed().startsWith('[');
    const auto read =
        json ? rowsFromJson(bytes) : materialsFromCsv(bytes, tr("Brought in from %1").arg(name));
    if (const auto* fault = std::get_if<FileFault>(&read)) {
        Q_EMIT noted(tr("%1: %2").arg(name, words::fileFault(*fault)));
        return;
    }
    import_->show(name, std::get<QList<ImportedRow>>(read), *stock_.shelf());
    pages_->setCurrentWidget(import_);
}

bool ShelfPage::exportTo(const QString& path)
{
    std::vector<MaterialPtr> own;
    if (stock_.shelf())
        for (const OwnMaterial& m : stock_.shelf()->materials())
            own.push_back(m.material);
    const bool json = path.endsWith(QLatin1String(".json"), Qt::CaseInsensitive);
    return !said(writeWhole(path, json ? materialsToJson(own)
                                       : materialsToCsv(own, speech_.phraseHabits().decimalMark)));
}

void ShelfPage::askImport()
{
    const QString path =
        QFileDialog::getOpenFileName(this, tr("Bring in own materials"), {},
                                     tr("Tables and materials (*.csv *.tsv *.txt *.json)"));
    if (!path.isEmpty())
        importFile(path);
}

void ShelfPage::askExport()
{
    const QString path = QFileDialog::getSaveFileName(this, tr("Write out own materials"), {},
                                                      tr("CSV (*.csv);;JSON (*.json)"));
    if (!path.isEmpty())
        exportTo(path);
}

QString ShelfPage::pageText()
{
    if (catchUp_->isActive())
        showCurrent();
    return text_->toPlainText();
}

void ShelfPage::resizeEvent(QResizeEvent* event)
{
    // The page needs the room more than the list does.
    left_->setFixedWidth(width() >= 1100 ? 372 : 300);
    QWidget::resizeEvent(event);
}

bool ShelfPage::eventFilter(QObject* watched, QEvent* event)
{
    if (watched == search_ && event->type() == QEvent::KeyPress) {
        const auto* key = static_cast<QKeyEvent*>(event);
        if (stepInList(*list_, key->key()))
            return true;
        switch (key->key()) {
        case Qt::Key_Return:
        case Qt::Key_Enter:
            if (shown_)
                Q_EMIT useWanted(shown_);
            return true;
        default: break;
        }
    }
    return QWidget::eventFilter(watched, event);
}

} // namespace rhexion
