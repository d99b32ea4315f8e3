#include "models/batches_model.h"

#include "words/plain_text.h"

namespace rhexion {

void BatchesModel::setSource(Pages pages)
{
    beginResetModel();
    pages_ = std::move(pages);
    batches_ = pages_ ? pages_(pageSize, nullptr) : QList<BatchSummary>{};
    more_ = batches_.size() == pageSize;
    endResetModel();
}

bool BatchesModel::canFetchMore(const QModelIndex& parent) const
{
    return !parent.isValid() && more_;
}

void BatchesModel::fetchMore(const QModelIndex& parent)
{
    if (canFetchMore(parent))
        append(pageSize);
}

void BatchesModel::append(int most)
{
    const QList<BatchSummary> next = pages_(most, batches_.isEmpty() ? nullptr : &batches_.last());
    more_ = next.size() == most;
    if (next.isEmpty())
        return;
    const int first = int(batches_.size());
    beginInsertRows({}, first, first + int(next.size()) - 1);
    batches_ += next;
    endInsertRows();
}

QModelIndex BatchesModel::find(const QString& batch)
{
    constexpr int gulp = 5000;
    QModelIndex found = indexOf(batch);
    while (!batch.isEmpty() && !found.isValid() && more_) {
        append(gulp);
        found = indexOf(batch);
    }
    return found;
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

QModelIndex BatchesModel::indexOf(const QString& batch) const
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
    case Started: return speech_.date(batch->started.toLocalTime().date());
    case Name:
        return batch->name.isEmpty()     ? tr("without a name")
               : role == Qt::ToolTipRole ? asTip(batch->name)
                                         : batch->name;
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
