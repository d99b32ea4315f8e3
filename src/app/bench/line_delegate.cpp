#include "app/bench/line_delegate.h"

#include "app/theme/theme.h"
#include "models/vessel_model.h"

#include <QLineEdit>
#include <QPainter>

namespace rhexion {

namespace {
constexpr int lineHeight = 26;
constexpr int lineNoteHeight = 16;
constexpr int lineEdge = 8;
} // namespace

QSize LineDelegate::sizeHint(const QStyleOptionViewItem&, const QModelIndex& index) const
{
    const bool noted = !index.data(VesselModel::StatedRole).toString().isEmpty();
    return {120, lineHeight + (noted ? lineNoteHeight : 0)};
}

void LineDelegate::updateEditorGeometry(QWidget* editor, const QStyleOptionViewItem& option,
                                        const QModelIndex&) const
{
    editor->setGeometry(option.rect.adjusted(option.rect.width() / 3, 0, 0, 0));
    if (auto* field = qobject_cast<QLineEdit*>(editor)) {
        field->setAlignment(Qt::AlignRight);
        field->setFixedHeight(30);
    }
}

void LineDelegate::paint(QPainter* painter, const QStyleOptionViewItem& option,
                         const QModelIndex& index) const
{
    const Colours& c = Theme::colours();
    painter->save();
    painter->setRenderHint(QPainter::Antialiasing);
    const bool selected = option.state.testFlag(QStyle::State_Selected);
    const bool lit = lit_ != 0 && index.data(VesselModel::LineIdRole).toUInt() == lit_;
    if (selected || lit) {
        QColor wash = lit ? c.care : c.action;
        wash.setAlphaF(lit ? 0.20f : 0.13f);
        painter->setBrush(wash);
        painter->setPen(selected && option.state.testFlag(QStyle::State_HasFocus)
                            ? QPen(c.action, 1.5)
                            : QPen(Qt::NoPen));
        painter->drawRoundedRect(QRectF(option.rect).adjusted(1, 1, -1, -1), 5, 5);
    }
    QRect line = option.rect.adjusted(lineEdge, 0, -lineEdge, 0);
    line.setHeight(lineHeight);
    painter->setFont(Theme::strong());
    painter->setPen(c.ink);
    const QString mass = index.data(VesselModel::MassRole).toString();
    painter->drawText(line, Qt::AlignRight | Qt::AlignVCenter, mass);
    int right = painter->fontMetrics().horizontalAdvance(mass) + 8;
    int left = 0;
    const int severity = index.data(VesselModel::SeverityRole).toInt();
    if (severity > 0) {
        painter->drawPixmap(
            line.left(), line.top() + 6,
            Theme::pixmap(QStringLiteral("triangle-alert"), Theme::ofSeverity(severity), 14));
        left = 18;
    } else if (index.data(VesselModel::FrozenRole).toBool()) {
        painter->drawPixmap(
            line.left(), line.top() + 6,
            Theme::pixmap(QStringLiteral("snowflake"), Theme::of(Matter::Water), 14));
        left = 18;
    }
    if (index.data(VesselModel::LockedRole).toBool()) {
        painter->drawPixmap(line.right() - right - 8, line.top() + 6,
                            Theme::pixmap(QStringLiteral("lock"), c.muted, 14));
        right += 18;
    }
    painter->setFont(Theme::body());
    const QRect nameRect = line.adjusted(left, 0, -right, 0);
    painter->drawText(nameRect, Qt::AlignLeft | Qt::AlignVCenter,
                      painter->fontMetrics().elidedText(index.data(Qt::DisplayRole).toString(),
                                                        Qt::ElideRight, nameRect.width()));
    const QString how = index.data(VesselModel::StatedRole).toString();
    if (!how.isEmpty()) {
        painter->setFont(Theme::small());
        painter->setPen(c.muted);
        painter->drawText(QRect(line.left(), line.bottom() - 2, line.width(), lineNoteHeight),
                          Qt::AlignRight | Qt::AlignVCenter,
                          painter->fontMetrics().elidedText(how, Qt::ElideRight, line.width()));
    }
    painter->restore();
}

} // namespace rhexion
