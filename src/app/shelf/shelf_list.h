// The left of the shelf: the search, its filters, and what is found.
#pragma once

#include "models/stock_model.h"

#include <QFrame>

class QComboBox;
class QLabel;
class QLineEdit;
class QListView;

namespace rhexion {

class ShelfList : public QFrame {
    Q_OBJECT
public:
    explicit ShelfList(Stock& stock, QWidget* parent);

    const StockEntry* current() const;
    // Chooses a material, or its lot; clears the search where that hides it.
    void choose(const std::string& id, const std::string& lot);
    void start(); // focus in the search
    void focusList();
    void retell(); // how many there are

    QLineEdit* searchField() const { return search_; }
    QListView* list() const { return list_; }
    StockModel* model() const { return model_; }
    QComboBox* kindFilter() const { return kind_; }
    QComboBox* originFilter() const { return origin_; }

Q_SIGNALS:
    void searched(); // another search; what is current may be another
    void chosen();   // by key, mouse or code
    void useWanted();
    void freshWanted();
    void importWanted();
    void exportWanted();
    void stockWanted();

protected:
    bool eventFilter(QObject* watched, QEvent* event) override;

private:
    void build();
    void search();

    StockModel* model_;
    QLineEdit* search_;
    QComboBox* kind_;
    QComboBox* origin_;
    QListView* list_;
    QLabel* count_;
    bool filling_ = false;
};

} // namespace rhexion
