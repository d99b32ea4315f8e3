#include "storage/stock.h"

#include "storage/catalogue.h"
#include "storage/data_folder.h"
#include "storage/material_names.h"

#include <QFileInfo>

namespace rhexion {

namespace {

bool sameKind(MaterialKind a, MaterialKind b)
{
    const auto one = [](MaterialKind k) {
        return k == MaterialKind::PotassiumHydroxide ? MaterialKind::SodiumHydroxide : k;
    };
    return one(a) == one(b);
}

} // namespace

Stock::Stock(QString shelfPath, QString foodsPath, bool readOnly, QObject* parent)
    : QObject(parent), shelfPath_(std::move(shelfPath)), foodsPath_(std::move(foodsPath)),
      readOnly_(readOnly)
{
}

void Stock::setSearchRules(std::shared_ptr<const SearchRules> rules)
{
    names_.setSearchRules(std::move(rules));
    if (!entries_.empty())
        refresh();
}

void Stock::load()
{
    if (loaded_)
        return;
    loaded_ = true;
    if (!readOnly_)
        makeOwnFolder(QFileInfo(shelfPath_).absolutePath());
    auto shelf = Shelf::open(shelfPath_, readOnly_);
    auto foods = Foods::open(foodsPath_);
    if (auto* opened = std::get_if<std::unique_ptr<Shelf>>(&shelf))
        shelf_ = std::move(*opened);
    if (auto* opened = std::get_if<std::unique_ptr<Foods>>(&foods))
        foods_ = std::move(*opened);
    build();
    // Said last, so that whoever hears it finds what there is.
    if (const auto* fault = std::get_if<FileFault>(&shelf))
        Q_EMIT failed(Part::Shelf, *fault);
    if (const auto* fault = std::get_if<FileFault>(&foods))
        Q_EMIT failed(Part::Foods, *fault);
}

void Stock::refresh()
{
    build();
    Q_EMIT changed();
}

void Stock::reread()
{
    if (shelf_)
        if (const auto fault = shelf_->reread()) {
            Q_EMIT failed(Part::Shelf, *fault);
            return;
        }
    refresh();
}

void Stock::build()
{
    entries_.clear();
    names_.clear();
    const auto add = [&](StockEntry entry) {
        if (shelf_ && entry.origin != Origin::Lot)
            if (const LotRecord* lot = shelf_->openLotOf(entry.material))
                entry.openLot = QString::fromStdString(lot->lot.name);
        entries_.push_back(std::move(entry));
    };
    if (shelf_)
        for (const OwnMaterial& own : shelf_->materials()) {
            const Material& m = *own.material;
            names_.addOwn(m, own.archived);
            add({Origin::Own, m.id, {}, materialName(m), m.kind, own.archived, {}});
        }
    for (const MaterialPtr& m : Catalogue::shipped().materials()) {
        names_.addCatalogue(*m);
        add({Origin::Catalogue, m->id, {}, materialName(*m), m->kind, false, {}});
    }
    if (foods_)
        for (const FoodName& food : foods_->names()) {
            names_.addFood(food);
            add({Origin::Food,
                 food.id,
                 {},
                 QString::fromStdString(food.name),
                 food.kind,
                 false,
                 {}});
        }
    if (shelf_)
        for (const LotRecord& lot : shelf_->lots())
            if (const MaterialPtr base = plain(lot.material)) {
                const QString name =
                    tr("%1, lot %2").arg(materialName(*base), QString::fromStdString(lot.lot.name));
                names_.addLot(name.toStdString(), lot.supplier.toStdString(), base->kind,
                              lot.closed);
                add({Origin::Lot, lot.material, lot.lot.id, name, base->kind, lot.closed, {}});
            }
    for (auto word = ownWords_.cbegin(); word != ownWords_.cend(); ++word)
        names_.remember(word.key().toStdString(), word.value().toStdString());
}

const std::vector<StockEntry>& Stock::entries()
{
    load();
    return entries_;
}

std::vector<std::size_t> Stock::find(const QString& text, const StockFilter& filter)
{
    load();
    std::vector<std::size_t> out;
    for (const std::size_t at : names_.find(text.toStdString()).list) {
        const StockEntry& entry = entries_[at];
        if ((!filter.kind || sameKind(*filter.kind, entry.kind)) &&
            (!filter.origin || *filter.origin == entry.origin) &&
            (filter.archived || !entry.archived))
            out.push_back(at);
    }
    return out;
}

NameBook::Found Stock::identify(const QString& text)
{
    load();
    NameBook::Found out = names_.find(text.toStdString());
    const auto archived = [&](std::size_t at) { return entries_[at].archived; };
    std::erase_if(out.list, archived);
    std::erase_if(out.what.entries, archived);
    if (out.what.entries.empty())
        out.what.verdict = IdentityVerdict::Unknown;
    return out;
}

Meant Stock::meantBy(const RecipeLine& line)
{
    load();
    if (MaterialPtr said = line.material.empty() ? nullptr : material(line.material))
        return {IdentityVerdict::Certain, {said}, nullptr};
    const Identification what = names_.identify(line.name, line.note);
    Meant out{what.verdict, {}, what.general};
    for (const std::size_t at : what.entries)
        if (!entries_[at].archived)
            if (MaterialPtr m = material(entries_[at]))
                out.materials.push_back(std::move(m));
    if (out.materials.empty())
        out.verdict = IdentityVerdict::Unknown;
    return out;
}

MaterialPtr Stock::certain(const QString& text)
{
    const NameBook::Found found = identify(text);
    return found.what.verdict == IdentityVerdict::Certain
               ? material(entries_[found.what.entries.front()])
               : nullptr;
}

void Stock::setOwnWords(const QHash<QString, QString>& idsByWords)
{
    ownWords_ = idsByWords;
    if (loaded_)
        refresh();
}

MaterialPtr Stock::plain(const std::string& id)
{
    if (shelf_)
        if (const OwnMaterial* own = shelf_->findMaterial(id))
            return own->material;
    if (MaterialPtr found = Catalogue::shipped().find(id))
        return found;
    return foods_ ? foods_->material(id) : nullptr;
}

MaterialPtr Stock::material(const std::string& id)
{
    load();
    const MaterialPtr base = plain(id);
    const LotRecord* lot = base && shelf_ ? shelf_->openLotOf(id) : nullptr;
    if (!lot)
        return base;
    auto with = std::make_shared<const Material>(withLot(*base, lot->lot));
    // Figures that do not hold together were refused when the lot was kept; if the material has
    // changed since, the lot is put aside rather than trusted.
    return faultOf(*with) ? base : with;
}

MaterialPtr Stock::material(const StockEntry& entry)
{
    load();
    if (entry.lot.empty())
        return material(entry.material);
    const MaterialPtr base = plain(entry.material);
    const LotRecord* lot = shelf_ ? shelf_->findLot(entry.lot) : nullptr;
    return base && lot ? std::make_shared<const Material>(withLot(*base, lot->lot)) : base;
}

Shelf* Stock::shelf()
{
    load();
    return shelf_.get();
}

} // namespace rhexion
