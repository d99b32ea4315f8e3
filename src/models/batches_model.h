// The journal's batches, newest first.
#pragma once

#include <QAbstractTableModel>

#include "storage/journal.h"
#include "words/speech.h"

namespace rhexion {

class BatchesModel : public QAbstractTableModel {
    Q_OBJECT
public:
    enum Column { Started, Name, State, Superfat, ColumnCount };

    using QAbstractTableModel::QAbstractTableModel;

    void setBatches(const QList<BatchSummary>& batches);
    void setSpeech(const Speech& speech);
    const BatchSummary* at(const QModelIndex& index) const;
    QModelIndex indexOf(qint64 batch) const;

    int rowCount(const QModelIndex& parent = {}) const override;
    int columnCount(const QModelIndex& parent = {}) const override;
    QVariant data(const QModelIndex& index, int role) const override;
    QVariant headerData(int section, Qt::Orientation orientation, int role) const override;

private:
    QList<BatchSummary> batches_;
    Speech speech_;
};

} // namespace rhexion
