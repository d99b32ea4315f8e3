// The journal's batches, newest first, read as they are scrolled.
#pragma once

#include <QAbstractTableModel>

#include "storage/journal.h"
#include "words/speech.h"

#include <functional>

namespace rhexion {

class BatchesModel : public QAbstractTableModel {
    Q_OBJECT
public:
    enum Column { Started, Name, State, Superfat, ColumnCount };

    using QAbstractTableModel::QAbstractTableModel;

    // Reads a page after a batch, newest first; fewer than asked for means that there are no more.
    using Pages = std::function<QList<BatchSummary>(int most, const BatchSummary* after)>;
    static constexpr int pageSize = 200;

    void setSource(Pages pages); // and reads the first page
    // The row of a batch, read on until it is found; nothing if it is not there.
    QModelIndex find(const QString& batch);
    void setSpeech(const Speech& speech);
    const BatchSummary* at(const QModelIndex& index) const;
    QModelIndex indexOf(const QString& batch) const;

    bool canFetchMore(const QModelIndex& parent) const override;
    void fetchMore(const QModelIndex& parent) override;
    int rowCount(const QModelIndex& parent = {}) const override;
    int columnCount(const QModelIndex& parent = {}) const override;
    QVariant data(const QModelIndex& index, int role) const override;
    QVariant headerData(int section, Qt::Orientation orientation, int role) const override;

private:
    void append(int most);

    Pages pages_;
    QList<BatchSummary> batches_;
    bool more_ = false;
    Speech speech_;
};

} // namespace rhexion
