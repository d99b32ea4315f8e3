// What a file would bring onto the shelf, row by row, before anything is kept.
#pragma once

#include <QWidget>

#include "storage/figures_csv.h"

class QLabel;
class QPushButton;
class QTableWidget;

namespace rhexion {

class Shelf;

class ImportPanel : public QWidget {
    Q_OBJECT
public:
    explicit ImportPanel(QWidget* parent = nullptr);

    void show(const QString& fileName, const QList<ImportedRow>& rows, const Shelf& shelf);
    int goodRows() const;
    QString rowText(int row) const; // what is said of a row
    void keep();

Q_SIGNALS:
    void kept(const std::vector<Material>& materials);
    void cancelled();

private:
    QList<ImportedRow> rows_;
    QLabel* title_;
    QLabel* summary_;
    QTableWidget* table_;
    QPushButton* keep_;
};

} // namespace rhexion
