// Materials that answer a search, best first.
#pragma once

#include <QAbstractListModel>

#include "core/materials/material.h"

#include <vector>

namespace rhexion {

class MaterialsModel : public QAbstractListModel {
    Q_OBJECT
public:
    explicit MaterialsModel(std::vector<MaterialPtr> all, QObject* parent = nullptr);

    void search(const QString& text);
    MaterialPtr at(const QModelIndex& index) const;

    int rowCount(const QModelIndex& parent = {}) const override;
    QVariant data(const QModelIndex& index, int role) const override;

private:
    std::vector<MaterialPtr> all_;
    std::vector<MaterialPtr> shown_;
};

} // namespace rhexion
