#include "app/bench/line_delegate.h"

#include "app/theme/theme.h"
#include "models/vessel_model.h"

#include <QAbstractItemView>
#include <QLineEdit>
#include <QPainter>
#include <QTextLayout>

namespace rhexion {

namespace {

constexpr int lineEdge = 8;
constexpr int iconSize = 14;
constexpr int iconRoom = 18;

int lineTall()
{
    return Theme::px(26);
}
int nextTall() // the second row of a long name
{
    return Theme::px(20);
}
int noteTall()
{
    return Theme::px(16);
}

// The same where a row is measured and where it is painted.
int widthOf(const QStyleOptionViewItem& option)
{
    const auto* view = qobject_cast<const QAbstractItemView*>(option.widget);
    return view ? view->viewport()->width() : option.rect.width();
}

// A name where it breaks in a row of that width, and what is left of it.
std::pair<QString, QString> broken(const QString& name, int width)
{
    QTextLayout layout(name, Theme::body());
    QTextOption wrap;
    wrap.setWrapMode(QTextOption::WrapAtWordBoundaryOrAnywhere);
    layout.setTextOption(wrap);
    layout.beginLayout();
    QTextLine first = layout.createLine();
    first.setLineWidth(width);
    layout.endLayout();
    const int cut = first.textLength();
    return {name.left(cut).trimmed(), name.mid(cut).trimmed()};
}

bool hasMark(const QModelIndex& index)
{
    return index.data(VesselModel::SeverityRole).toInt() > 0 ||
           index.data(VesselModel::FrozenRole).toBool();
}

} // namespace

int LineDelegate::wide(Type type, const QString& text) const
{
    auto& widths = widths_[std::size_t(type)];
    if (const auto found = widths.constFind(text); found != widths.constEnd())
        return *found;
    if (widths.size() > 500)
        widths.clear();
    const QFontMetrics metrics(type == Type::Mass   ? Theme::strong()
                               : type == Type::Name ? Theme::body()
                                                    : Theme::small());
    return *widths.insert(text, metrics.horizontalAdvance(text));
}

LineDelegate::Shape LineDelegate::shapeOf(const QModelIndex& index, int width) const
{
    const QString name = index.data(Qt::DisplayRole).toString();
    const QString note = index.data(VesselModel::StatedRole).toString();
    const QString mass = index.data(VesselModel::MassRole).toString();
    const int marks = (hasMark(index) ? Theme::px(iconRoom) : 0) +
                      (index.data(VesselModel::LockedRole).toBool() ? Theme::px(iconRoom) : 0);
    if (fontsOf_ != Theme::look().size()) {
        fontsOf_ = Theme::look().size();
        known_.clear();
        for (auto& widths : widths_)
            widths.clear();
    }
    const QString key =
        QStringLiteral("%1\n%2\n%3\n%4 %5").arg(name, note, mass).arg(width).arg(marks);
    if (const auto found = known_.constFind(key); found != known_.constEnd())
        return *found;
    Shape shape;
    const int gap = Theme::px(8);
    // Plainly short enough: not measured at all.
    if (note.isEmpty() && (name.size() + mass.size()) * Theme::px(11) + marks < width) {
        shape.rows << name;
        shape.height = lineTall();
        known_.insert(key, shape);
        return shape;
    }
    const int massWide = wide(Type::Mass, mass);
    const int room = std::max(Theme::px(40), width - 2 * lineEdge - marks - massWide - gap);
    const QFontMetrics metrics(Theme::body());
    const int nameWide = wide(Type::Name, name);
    const int full = width - 2 * lineEdge - marks;
    const int firstWord =
        nameWide <= room ? 0 : wide(Type::Name, name.section(QLatin1Char(' '), 0, 0));
    if (nameWide <= room)
        shape.rows << name;
    else if (firstWord > room) {
        // Not even a word beside the mass: that goes below, beside what the first row cannot hold.
        const auto [row, rest] = broken(name, full);
        shape.rows << row << metrics.elidedText(rest, Qt::ElideRight, room);
        shape.massBelow = true;
    } else {
        // A long name goes on in a second row, there with all the width.
        const auto [row, rest] = broken(name, room);
        shape.rows << row << metrics.elidedText(rest, Qt::ElideRight, full);
    }
    if (!note.isEmpty()) {
        const int noteWide = wide(Type::Note, note);
        const bool fits = shape.rows.size() == 1 && nameWide + 2 * gap + noteWide <= room + gap;
        shape.note = fits ? Note::Beside : Note::Below;
    }
    shape.height = lineTall() + (shape.rows.size() > 1 ? nextTall() : 0) +
                   (shape.note == Note::Below ? noteTall() : 0);
    if (known_.size() > 500)
        known_.clear();
    known_.insert(key, shape);
    return shape;
}

QSize LineDelegate::sizeHint(const QStyleOptionViewItem& option, const QModelIndex& index) const
{
    return {Theme::px(120), shapeOf(index, widthOf(option)).height};
}

void LineDelegate::updateEditorGeometry(QWidget* editor, const QStyleOptionViewItem& option,
                                        const QModelIndex&) const
{
    const QRect room = option.rect.adjusted(option.rect.width() / 3, 0, 0, 0);
    editor->setGeometry(QStyle::visualRect(option.direction, option.rect, room));
    if (auto* field = qobject_cast<QLineEdit*>(editor)) {
        field->setAlignment(Qt::AlignRight);
        fixHeight(field, 30);
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
        // What is chosen is told by its outline, not by a wash alone.
        painter->setPen(selected
                            ? QPen(c.action, option.state.testFlag(QStyle::State_HasFocus) ? 2 : 1)
                            : QPen(Qt::NoPen));
        painter->drawRoundedRect(QRectF(option.rect).adjusted(1, 1, -1, -1), 5, 5);
    }
    const auto seen = [&](const QRect& r) {
        return QStyle::visualRect(option.direction, option.rect, r);
    };
    const Shape shape = shapeOf(index, widthOf(option));
    QRect line = option.rect.adjusted(lineEdge, 0, -lineEdge, 0);
    line.setHeight(lineTall());
    painter->setFont(Theme::strong());
    painter->setPen(c.ink);
    const QString mass = index.data(VesselModel::MassRole).toString();
    QRect massRow = line;
    if (shape.massBelow)
        massRow = QRect(line.left(), line.bottom() + 1 - Theme::px(4), line.width(), nextTall());
    painter->drawText(seen(massRow), Qt::AlignRight | Qt::AlignVCenter, mass);
    int right = wide(Type::Mass, mass) + Theme::px(8);
    const auto icon = [&](int x, const QString& name, const QColor& colour) {
        const int size = Theme::px(iconSize);
        const QRect at(x, line.top() + (line.height() - size) / 2, size, size);
        painter->drawPixmap(seen(at), Theme::pixmap(name, colour, iconSize));
    };
    const int severity = index.data(VesselModel::SeverityRole).toInt();
    if (severity > 0)
        icon(line.left(), QStringLiteral("triangle-alert"), Theme::ofSeverity(severity));
    else if (hasMark(index))
        icon(line.left(), QStringLiteral("snowflake"), Theme::of(Matter::Water));
    const int left = hasMark(index) ? Theme::px(iconRoom) : 0;
    if (index.data(VesselModel::LockedRole).toBool()) {
        icon(line.right() - right - Theme::px(8), QStringLiteral("lock"), c.muted);
        right += Theme::px(iconRoom);
    }
    painter->setFont(Theme::body());
    const QRect first = line.adjusted(left, 0, shape.massBelow ? 0 : -right, 0);
    painter->drawText(seen(first), Qt::AlignLeft | Qt::AlignVCenter, shape.rows.first());
    const int used = wide(Type::Name, shape.rows.first()) + Theme::px(8);
    QRect below(line.left(), line.bottom() + 1, line.width(), nextTall());
    if (shape.rows.size() > 1) {
        painter->drawText(seen(below.adjusted(0, -Theme::px(5), 0, -Theme::px(5))),
                          Qt::AlignLeft | Qt::AlignVCenter, shape.rows.last());
        below.translate(0, nextTall() - Theme::px(4));
    }
    const QString note = index.data(VesselModel::StatedRole).toString();
    if (!note.isEmpty()) {
        painter->setFont(Theme::small());
        painter->setPen(c.muted);
        QRect room = first.adjusted(used, 0, 0, 0);
        if (shape.note == Note::Below)
            room = QRect(below.left(), below.top() - Theme::px(3), below.width(), noteTall());
        painter->drawText(seen(room), Qt::AlignRight | Qt::AlignVCenter,
                          painter->fontMetrics().elidedText(note, Qt::ElideRight, room.width()));
    }
    painter->restore();
}

} // namespace rhexion
