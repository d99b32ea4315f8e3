#include "models/batches_model.h"

namespace rhexion {

void BatchesModel::setBatches(const QList<BatchSummary>& batches)
{
    beginResetModel();
    batches_ = batches;
    endResetModel();
}

void BatchesModel::setSpeech(const Speech& speech)
{
    speech_ = speech;
    if (!batches_.isEmpty())
        Q_EMIT dataChanged(index(0, 0), index(rowCount() - 1, ColumnCount - 1));
}

const BatchSummary* BatchesModel::at(const QModelIndex& index) const
{
    return index.isValid() && index.row() < batches_.size() ? &batches_[index.row()] : nullptr;
}

QModelIndex BatchesModel::indexOf(qint64 batch) const
{
    for (int row = 0; row < batches_.size(); ++row)
        if (batches_[row].id == batch)
            return index(row, 0);
    return {};
}

int BatchesModel::rowCount(const QModelIndex& parent) const
{
    return parent.isValid() ? 0 : static_cast<int>(batches_.size());
}

int BatchesModel::columnCount(const QModelIndex& parent) const
{
    return parent.isValid() ? 0 : ColumnCount;
}

QVariant BatchesModel::data(const QModelIndex& index, int role) const
{
    const BatchSummary* batch = at(index);
    if (!batch)
        return {};
    if (role == Qt::TextAlignmentRole && index.column() == Superfat)
        return int(Qt::AlignRight | Qt::AlignVCenter);
    if (role != Qt::DisplayRole && role != Qt::ToolTipRole)
        return {};
    switch (index.column()) {
    case Started:
        return speech_.habits().locale.toString(batch->started.toLocalTime().date(),
                                                QLocale::ShortFormat);
    case Name: return batch->name.isEmpty() ? tr("without a name") : batch->name;
    case State:
        return batch->state == BatchState::Making     ? tr("in the making")
               : batch->state == BatchState::Finished ? tr("made")
                                                      : tr("stopped");
    case Superfat: return speech_.percent(batch->superfat.value_or(batch->superfatPlanned));
    default: return {};
    }
}

QVariant BatchesModel::headerData(int section, Qt::Orientation orientation, int role) const
{
    if (role == Qt::TextAlignmentRole && section == Superfat)
        return int(Qt::AlignRight | Qt::AlignVCenter);
    if (orientation != Qt::Horizontal || role != Qt::DisplayRole)
        return {};
    switch (section) {
    case Started: return tr("Begun");
    case Name: return tr("Formula");
    case State: return tr("State");
    case Superfat: return tr("Superfat");
    default: return {};
    }
}

} // namespace rhexion
