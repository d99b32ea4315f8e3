#include "app/shelf/shelf_page.h"

#include "app/files/file_choice.h"
#include "app/help.h"
#include "app/shelf/import_panel.h"
#include "app/shelf/lot_editor.h"
#include "app/shelf/material_editor.h"
#include "app/shelf/material_view.h"
#include "app/shelf/measure_panel.h"
#include "app/shelf/mix_panel.h"
#include "app/shelf/shelf_list.h"
#include "app/widgets/beside.h"
#include "app/widgets/own_words.h"
#include "storage/own_materials.h"
#include "storage/stock_now.h"
#include "words/record_words.h"
#include "words/refusal_words.h"

#include <QFileInfo>
#include <QHBoxLayout>
#include <QStackedWidget>
#include <QTimer>
#include <QUrl>
#include <QVBoxLayout>

namespace rhexion {

ShelfPage::ShelfPage(Stock& stock, Clock clock, QWidget* parent)
    : QWidget(parent), stock_(stock), clock_(std::move(clock))
{
    helpOn(this, "shelf");
    setObjectName(QStringLiteral("page"));
    list_ = new ShelfList(stock, this);
    pages_ = new QStackedWidget(this);
    view_ = new MaterialView(pages_);
    pages_->addWidget(view_);
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
    right_ = right;
    room_ = new QBoxLayout(QBoxLayout::LeftToRight, this);
    room_->setContentsMargins(12, 8, 12, 12);
    room_->setSpacing(8);
    room_->addWidget(list_);
    room_->addWidget(right, 1);
    connect(&Theme::news(), &LookNews::changed, this, [this] {
        fitRoom();
        showCurrent(); // its page has colours of its own
    });
    wire();
    showCurrent();
}

void ShelfPage::wire()
{
    connect(list_, &ShelfList::chosen, this, &ShelfPage::showCurrent);
    connect(list_, &ShelfList::searched, this, [this] {
        takeCurrent(); // at once; its page when the typing pauses
        catchUp_->start();
    });
    connect(list_, &ShelfList::useWanted, this, &ShelfPage::useShown);
    connect(list_, &ShelfList::freshWanted, this, &ShelfPage::newMaterial);
    connect(list_, &ShelfList::importWanted, this, &ShelfPage::askImport);
    connect(list_, &ShelfList::exportWanted, this, &ShelfPage::askExport);
    connect(list_, &ShelfList::stockWanted, this, &ShelfPage::stockWanted);
    connect(view_, &MaterialView::useWanted, this, &ShelfPage::useShown);
    connect(view_, &MaterialView::lotWanted, this, &ShelfPage::newLot);
    connect(view_, &MaterialView::measureWanted, this, &ShelfPage::startMeasuring);
    connect(view_, &MaterialView::mixWanted, this, &ShelfPage::startMixing);
    connect(view_, &MaterialView::changeWanted, this, &ShelfPage::changeOwn);
    connect(view_, &MaterialView::copyWanted, this, &ShelfPage::copyAsOwn);
    connect(view_, &MaterialView::archiveWanted, this, &ShelfPage::toggleArchived);
    connect(view_, &MaterialView::followed, this, &ShelfPage::follow);
    connect(&stock_, &Stock::changed, this, [this] { showMaterial(entry_.material, entry_.lot); });
}

void ShelfPage::useShown()
{
    if (shown_)
        Q_EMIT useWanted(shown_);
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

void ShelfPage::start()
{
    list_->start();
    showCurrent();
}

void ShelfPage::takeCurrent()
{
    const StockEntry* entry = list_->current();
    shown_ = entry ? stock_.material(*entry) : nullptr;
    if (entry)
        entry_ = *entry;
}

void ShelfPage::showCurrent()
{
    catchUp_->stop();
    takeCurrent();
    list_->retell();
    pages_->setCurrentWidget(view_);
    if (!shown_) {
        view_->showNothing();
        return;
    }
    view_->show(entry_, page(), speech_, stock_.shelf() != nullptr);
    uses_->start();
}

MaterialPage ShelfPage::page() const
{
    MaterialPage page;
    page.material = shown_;
    if (const Shelf* shelf = stock_.shelf())
        for (const LotRecord& lot : shelf->lots())
            if (lot.material == shown_->id)
                page.lots.push_back(&lot);
    if (entry_.lot.empty())
        page.ownWords = ownWords::of(shown_->id);
    page.onBench = onBench_ && onBench_(shown_->id);
    return page;
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
    if (!list)
        return;
    MaterialPage with = page();
    if (const Shelf* shelf = stock_.shelf())
        if (const auto jars = jarsOf(*shelf, *journal, shown_->id);
            const auto* all_ = std::get_if<QList<JarOf>>(&jars))
            for (const JarOf& jar : *all_)
                with.jars.emplace_back(jar.lot, jar.now);
    if (const auto history = journal->history(id);
        const auto* h = std::get_if<MaterialHistory>(&history)) {
        if (const QString said = words::historySaid(*h); !said.isEmpty())
            with.told << said;
        for (const words::Remembered& r :
             words::remembered(QList<LessonOf>(h->lessons.begin(), h->lessons.end()), {}, {}))
            with.told << r.text;
    }
    if (list->isEmpty() && with.jars.empty() && with.told.isEmpty())
        return;
    with.usedIn = *list;
    with.usedInAll = all ? *all : int(list->size());
    view_->tell(with, speech_);
}

void ShelfPage::showMaterial(const std::string& id, const std::string& lot)
{
    list_->choose(id, lot);
    showCurrent();
}

void ShelfPage::backToMaterial()
{
    showCurrent();
    list_->focusList();
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
    const std::vector<Material> named = withIds(materials, *shelf);
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
    nowShow(named.front().id);
}

void ShelfPage::nowShow(const std::string& material)
{
    entry_.material = material;
    entry_.lot.clear();
    stock_.refresh();
    showMaterial(material);
    list_->focusList();
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
    nowShow(lot.material);
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
    if (link.scheme() == QLatin1String("forget-word")) {
        ownWords::forget(id);
        stock_.setOwnWords(ownWords::all());
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
    const QString name = QFileInfo(path).fileName();
    const auto read = rowsFromFile(path, tr("Brought in from %1").arg(name));
    if (const auto* fault = std::get_if<FileFault>(&read)) {
        Q_EMIT noted(tr("%1: %2").arg(name, words::fileFault(*fault)));
        return;
    }
    import_->show(name, std::get<QList<ImportedRow>>(read), *stock_.shelf());
    pages_->setCurrentWidget(import_);
}

bool ShelfPage::exportTo(const QString& path)
{
    return !stock_.shelf() ||
           !said(writeOwnMaterials(path, *stock_.shelf(), speech_.phraseHabits().decimalMark));
}

void ShelfPage::askImport()
{
    const QString path = files::toOpen(this, tr("Bring in own materials"), {},
                                       tr("Tables and materials (*.csv *.tsv *.txt *.json)"));
    if (!path.isEmpty())
        importFile(path);
}

void ShelfPage::askExport()
{
    const QString path =
        files::toSave(this, tr("Write out own materials"), {}, tr("CSV (*.csv);;JSON (*.json)"));
    if (!path.isEmpty())
        exportTo(path);
}

const StockModel& ShelfPage::listed() const
{
    return *list_->model();
}

QString ShelfPage::pageText()
{
    if (catchUp_->isActive())
        showCurrent();
    return view_->text();
}

void ShelfPage::resizeEvent(QResizeEvent* event)
{
    fitRoom();
    QWidget::resizeEvent(event);
}

void ShelfPage::fitRoom()
{
    // The page needs the room more than the list does.
    layBeside(*room_, *list_, *right_, width(), width() >= Theme::px(1100) ? 372 : 300, 700);
}

} // namespace rhexion
