// A search over the stock as a list.
#pragma once

#include <QAbstractListModel>

#include "storage/stock.h"

namespace rhexion {

class StockModel : public QAbstractListModel {
    Q_OBJECT
public:
    enum Role { NoteRole = Qt::UserRole, OriginRole, ArchivedRole, LotRole };

    explicit StockModel(Stock& stock, QObject* parent = nullptr);

    void search(const QString& text, const StockFilter& filter = {});
    const StockEntry* at(const QModelIndex& index) const;
    // The row of a material (or of one of its lots), or nothing.
    QModelIndex indexOf(const std::string& material, const std::string& lot = {}) const;

    int rowCount(const QModelIndex& parent = {}) const override;
    QVariant data(const QModelIndex& index, int role) const override;

private:
    Stock& stock_;
    QString text_;
    StockFilter filter_;
    std::vector<std::size_t> shown_;
};

} // namespace rhexion
