// A line in a vessel: its name, in two rows where it is long; its mass; how it was stated, small,
// between them where there is room and below where there is not.
#pragma once

#include <QHash>
#include <QStringList>
#include <QStyledItemDelegate>

#include <array>

#include "core/formula/formula.h"

namespace rhexion {

class LineDelegate : public QStyledItemDelegate {
    Q_OBJECT
public:
    using QStyledItemDelegate::QStyledItemDelegate;

    // The line that a segment of the accounts points at.
    void setLit(LineId line) { lit_ = line; }

    void paint(QPainter* painter, const QStyleOptionViewItem& option,
               const QModelIndex& index) const override;
    QSize sizeHint(const QStyleOptionViewItem& option, const QModelIndex& index) const override;
    void updateEditorGeometry(QWidget* editor, const QStyleOptionViewItem& option,
                              const QModelIndex& index) const override;

    // The name as it is shown in a view of that width, row by row.
    QStringList nameAt(const QModelIndex& index, int width) const
    {
        return shapeOf(index, width).rows;
    }
    // px that the line takes in a view of that width.
    int heightAt(const QModelIndex& index, int width) const { return shapeOf(index, width).height; }

private:
    enum class Note { None, Beside, Below };
    struct Shape {
        QStringList rows; // of the name
        Note note = Note::None;
        bool massBelow = false; // in the second row
        int height = 0;
    };
    Shape shapeOf(const QModelIndex& index, int width) const;

    enum class Type { Name, Mass, Note };
    int wide(Type type, const QString& text) const; // px, measured once

    LineId lit_ = 0;
    mutable std::array<QHash<QString, int>, 3> widths_;
    // Asked for at every painting; by all that it depends on.
    mutable QHash<QString, Shape> known_;
    mutable int fontsOf_ = 0;
};

} // namespace rhexion
