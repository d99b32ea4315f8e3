// Figures of a material or lot as a table to edit: name, low, typical, high, where from.
#pragma once

#include <QAbstractTableModel>

#include "core/materials/lot.h"
#include "words/speech.h"

#include <vector>

namespace rhexion {

class FiguresModel : public QAbstractTableModel {
    Q_OBJECT
public:
    enum Column { Name, Typical, Low, High, From, ColumnCount };

    explicit FiguresModel(QObject* parent = nullptr);

    void setSpeech(const Speech& speech);
    void setFigures(const std::vector<LotFigure>& figures);
    // Puts in or replaces one figure.
    void put(const LotFigure& figure);
    // An empty row for a figure; nothing if it is there already.
    QModelIndex add(const std::string& code, const QString& source);
    void remove(int row);
    // All rows as they stand, or the row that is not finished and what it lacks.
    struct Unfinished {
        int row;
        QString why;
    };
    std::variant<std::vector<LotFigure>, Unfinished> figures() const;
    bool has(const std::string& code) const;

    int rowCount(const QModelIndex& parent = {}) const override;
    int columnCount(const QModelIndex& parent = {}) const override;
    QVariant data(const QModelIndex& index, int role) const override;
    bool setData(const QModelIndex& index, const QVariant& value, int role) override;
    QVariant headerData(int section, Qt::Orientation orientation, int role) const override;
    Qt::ItemFlags flags(const QModelIndex& index) const override;

Q_SIGNALS:
    void refused(const QString& why);

private:
    struct Row {
        const FigureKind* kind;
        std::optional<double> low, typical, high; // as stored
        QString source;
    };
    std::optional<double>* place(Row& row, int column) const;

    Speech speech_;
    std::vector<Row> rows_;
};

} // namespace rhexion
