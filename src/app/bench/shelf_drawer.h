// Adding from a list: search the shelf, see what a material is, put it on the typing line.
#pragma once

#include <QFrame>

#include "core/materials/material.h"
#include "words/speech.h"

class QLabel;
class QLineEdit;
class QListView;

namespace rhexion {

class MaterialsModel;

class ShelfDrawer : public QFrame {
    Q_OBJECT
public:
    ShelfDrawer(std::vector<MaterialPtr> materials, QWidget* parent = nullptr);

    void setSpeech(const Speech& speech) { speech_ = speech; }
    void start();
    QLineEdit* searchField() const { return search_; }
    QListView* list() const { return list_; }

Q_SIGNALS:
    void chosen(const MaterialPtr& material);
    void closed();

protected:
    bool eventFilter(QObject* watched, QEvent* event) override;

private:
    void describe();
    void choose();

    Speech speech_;
    QLineEdit* search_;
    QListView* list_;
    MaterialsModel* model_;
    QLabel* about_;
};

} // namespace rhexion
