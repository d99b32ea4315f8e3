// The lines of one vessel as a list. Edits go to the document; rows follow what it says.
#pragma once

#include <QAbstractListModel>

#include "core/formula/formula.h"
#include "words/speech.h"

#include <vector>

namespace rhexion {

class FormulaDocument;

class VesselModel : public QAbstractListModel {
    Q_OBJECT
public:
    enum Role {
        LineIdRole = Qt::UserRole,
        MassRole,   // text of what to weigh
        StatedRole, // how it was stated, when that is not a mass in the person's unit
        FrozenRole,
        LockedRole,
        SeverityRole // worst caution on the line as int, or -1
    };

    VesselModel(FormulaDocument& document, Vessel vessel, QObject* parent = nullptr);

    void setSpeech(const Speech& speech);
    Vessel vessel() const { return vessel_; }
    LineId lineAt(const QModelIndex& index) const;
    QModelIndex indexOf(LineId line) const;

    int rowCount(const QModelIndex& parent = {}) const override;
    QVariant data(const QModelIndex& index, int role) const override;
    bool setData(const QModelIndex& index, const QVariant& value, int role) override;
    Qt::ItemFlags flags(const QModelIndex& index) const override;
    Qt::DropActions supportedDropActions() const override { return Qt::MoveAction; }
    QStringList mimeTypes() const override;
    QMimeData* mimeData(const QModelIndexList& indexes) const override;
    bool canDropMimeData(const QMimeData* data, Qt::DropAction action, int row, int column,
                         const QModelIndex& parent) const override;
    bool dropMimeData(const QMimeData* data, Qt::DropAction action, int row, int column,
                      const QModelIndex& parent) override;

Q_SIGNALS:
    // What was typed as an amount could not be used.
    void amountRefused(const QString& why);
    // A line was dropped into this vessel.
    void lineDropped(LineId line);
    // A line got or lost its note, so that rows are of another height.
    void heightsChanged();

private:
    void follow();
    void tellChanged(); // of the rows that look different from before

    FormulaDocument& document_;
    Vessel vessel_;
    Speech speech_;
    std::vector<LineId> ids_;
    struct Shown {
        QString text; // all that a row shows, in one
        bool noted = false;
        friend bool operator==(const Shown&, const Shown&) = default;
    };
    std::vector<Shown> shown_;
};

} // namespace rhexion
