#include "models/stock_model.h"

#include "words/names.h"
#include "words/plain_text.h"

namespace rhexion {

StockModel::StockModel(Stock& stock, QObject* parent) : QAbstractListModel(parent), stock_(stock)
{
    connect(&stock_, &Stock::changed, this, [this] { search(text_, filter_); });
}

void StockModel::search(const QString& text, const StockFilter& filter)
{
    beginResetModel();
    text_ = text;
    filter_ = filter;
    shown_ = stock_.find(text, filter);
    endResetModel();
}

const StockEntry* StockModel::at(const QModelIndex& index) const
{
    const auto row = static_cast<std::size_t>(index.row());
    if (!index.isValid() || row >= shown_.size())
        return nullptr;
    return &stock_.entries()[shown_[row]];
}

QModelIndex StockModel::indexOf(const std::string& material, const std::string& lot) const
{
    for (std::size_t row = 0; row < shown_.size(); ++row) {
        const StockEntry& entry = stock_.entries()[shown_[row]];
        if (entry.material == material && entry.lot == lot)
            return index(static_cast<int>(row));
    }
    return {};
}

int StockModel::rowCount(const QModelIndex& parent) const
{
    return parent.isValid() ? 0 : static_cast<int>(shown_.size());
}

QVariant StockModel::data(const QModelIndex& index, int role) const
{
    const StockEntry* entry = at(index);
    if (!entry)
        return {};
    switch (role) {
    case Qt::DisplayRole: return entry->name;
    case Qt::ToolTipRole: return asTip(entry->name);
    case NoteRole: {
        const QString kind = words::kindName(entry->kind);
        switch (entry->origin) {
        case Origin::Catalogue: return kind;
        case Origin::Own: return tr("%1, your own").arg(kind);
        case Origin::Lot: return tr("%1, a lot").arg(kind);
        case Origin::Food: return tr("%1, foods table").arg(kind);
        }
        return kind;
    }
    case Qt::AccessibleDescriptionRole: return data(index, NoteRole);
    case OriginRole: return int(entry->origin);
    case ArchivedRole: return entry->archived;
    case LotRole: return entry->openLot;
    default: return {};
    }
}

} // namespace rhexion
