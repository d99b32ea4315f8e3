// Adding from a list: search the shelf, see what a material is, put it on the typing line.
#pragma once

#include "app/widgets/side_panel.h"

#include "core/materials/material.h"
#include "words/speech.h"

class QLabel;
class QLineEdit;
class QListView;

namespace rhexion {

class Stock;
class StockModel;

class ShelfDrawer : public SidePanel {
    Q_OBJECT
public:
    ShelfDrawer(Stock& stock, QWidget* parent = nullptr);

    void setSpeech(const Speech& speech) { speech_ = speech; }
    void start();
    QLineEdit* searchField() const { return search_; }
    QListView* list() const { return list_; }

Q_SIGNALS:
    void chosen(const MaterialPtr& material);

protected:
    bool eventFilter(QObject* watched, QEvent* event) override;

private:
    MaterialPtr current() const;
    void describe();
    void choose();

    Stock& stock_;
    Speech speech_;
    QLineEdit* search_;
    QListView* list_;
    StockModel* model_;
    QLabel* about_;
};

} // namespace rhexion
