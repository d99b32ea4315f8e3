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

// Single lots answer behind the material itself.
constexpr int behind = 1;

} // namespace

Stock::Stock(QString shelfPath, QString foodsPath, bool readOnly, QObject* parent)
    : QObject(parent), shelfPath_(std::move(shelfPath)), foodsPath_(std::move(foodsPath)),
      readOnly_(readOnly)
{
}

void Stock::setSearchRules(std::shared_ptr<const SearchRules> rules)
{
    index_.setRules(std::move(rules));
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
    index_.clear();
    const auto add = [&](StockEntry entry, const std::vector<std::string>& also, int handicap) {
        if (shelf_ && entry.origin != Origin::Lot)
            if (const LotRecord* lot = shelf_->openLotOf(entry.material))
                entry.openLot = QString::fromStdString(lot->lot.name);
        index_.add(entry.name.toStdString(), also, handicap);
        entries_.push_back(std::move(entry));
    };
    if (shelf_)
        for (const OwnMaterial& own : shelf_->materials())
            add({Origin::Own,
                 own.material->id,
                 {},
                 materialName(*own.material),
                 own.material->kind,
                 own.archived,
                 {}},
                own.material->alsoCalled, 0);
    for (const MaterialPtr& m : Catalogue::shipped().materials())
        add({Origin::Catalogue, m->id, {}, materialName(*m), m->kind, false, {}},
            searchNames(*m).others, 0);
    if (foods_)
        for (const FoodName& food : foods_->names())
            add({Origin::Food,
                 food.id,
                 {},
                 QString::fromStdString(food.name),
                 food.kind,
                 false,
                 {}},
                {}, foodBehind);
    if (shelf_)
        for (const LotRecord& lot : shelf_->lots()) {
            const MaterialPtr base = plain(lot.material);
            if (base)
                add({Origin::Lot,
                     lot.material,
                     lot.lot.id,
                     tr("%1, lot %2")
                         .arg(materialName(*base), QString::fromStdString(lot.lot.name)),
                     base->kind,
                     lot.closed,
                     {}},
                    {lot.supplier.toStdString()}, behind);
        }
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
    for (const Match& match : index_.find(text.toStdString())) {
        const StockEntry& entry = entries_[match.index];
        if ((!filter.kind || sameKind(*filter.kind, entry.kind)) &&
            (!filter.origin || *filter.origin == entry.origin) &&
            (filter.archived || !entry.archived))
            out.push_back(match.index);
    }
    return out;
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
