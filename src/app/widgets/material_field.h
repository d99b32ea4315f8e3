// A field for one material: while what is typed is not certain, a list under it shows what it could
// be. Nothing is taken that was not named or chosen.
#pragma once

#include "storage/stock.h"

#include <QLineEdit>

class QStringListModel;

namespace rhexion {

class MaterialField : public QLineEdit {
    Q_OBJECT
public:
    MaterialField(Stock& stock, QWidget* parent);

    // The one that is certain or was chosen; nothing otherwise.
    MaterialPtr material() const;
    void setMaterial(const MaterialPtr& material);
    QString question() const; // what is asked; empty where nothing is

private:
    void offer();

    Stock& stock_;
    QStringListModel* names_;
    std::vector<std::size_t> offered_; // places in the stock, as in names_
    MaterialPtr chosen_;               // from the list; while its name stands
    QString chosenName_;
};

} // namespace rhexion
