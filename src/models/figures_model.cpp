#include "models/figures_model.h"

#include "core/materials/sv_check.h"
#include "words/plain_text.h"
#include "words/refusal_words.h"
#include "words/shelf_words.h"

#include <algorithm>

namespace rhexion {

FiguresModel::FiguresModel(QObject* parent) : QAbstractTableModel(parent) {}

void FiguresModel::setSpeech(const Speech& speech)
{
    speech_ = speech;
    if (!rows_.empty())
        Q_EMIT dataChanged(index(0, 0), index(rowCount() - 1, ColumnCount - 1));
}

void FiguresModel::setFigures(const std::vector<LotFigure>& figures)
{
    beginResetModel();
    rows_.clear();
    for (const LotFigure& f : figures)
        if (const FigureKind* kind = findFigureKind(f.code))
            rows_.push_back({kind, f.range.low(), f.range.typical(), f.range.high(),
                             QString::fromStdString(f.source)});
    endResetModel();
}

void FiguresModel::put(const LotFigure& f)
{
    const FigureKind* kind = findFigureKind(f.code);
    if (!kind)
        return;
    for (std::size_t i = 0; i < rows_.size(); ++i)
        if (rows_[i].kind == kind)
            remove(static_cast<int>(i--));
    beginInsertRows({}, rowCount(), rowCount());
    rows_.push_back(
        {kind, f.range.low(), f.range.typical(), f.range.high(), QString::fromStdString(f.source)});
    endInsertRows();
}

QModelIndex FiguresModel::add(const std::string& code, const QString& source)
{
    const FigureKind* kind = findFigureKind(code);
    if (!kind || has(code))
        return {};
    beginInsertRows({}, rowCount(), rowCount());
    rows_.push_back({kind, {}, {}, {}, source});
    endInsertRows();
    return index(rowCount() - 1, Typical);
}

void FiguresModel::remove(int row)
{
    if (row < 0 || row >= rowCount())
        return;
    beginRemoveRows({}, row, row);
    rows_.erase(rows_.begin() + row);
    endRemoveRows();
}

bool FiguresModel::has(const std::string& code) const
{
    return std::ranges::any_of(rows_, [&](const Row& r) { return r.kind->code == code; });
}

std::variant<std::vector<LotFigure>, FiguresModel::Unfinished> FiguresModel::figures() const
{
    std::vector<LotFigure> out;
    for (int i = 0; i < rowCount(); ++i) {
        const Row& r = rows_[static_cast<std::size_t>(i)];
        const QString name = words::figureName(r.kind->code);
        if (!r.typical)
            return Unfinished{
                i, tr("%1 has no figure yet: fill it in, or take the row out.").arg(name)};
        // Grams of hydroxide per gram of fat are a common slip, and read as such.
        const std::string& code = r.kind->code;
        const auto meant =
            code == "sv" || code == "acid-value" ? svMeantBy(*r.typical) : std::nullopt;
        if (meant && *r.typical < 1.0)
            return Unfinished{i,
                              tr("%1 g of hydroxide per gram? That is a saponification value of "
                                 "%2: type that.")
                                  .arg(speech_.number(*r.typical, 3), speech_.number(*meant, 0))};
        const auto range = intervalOf(*r.kind, r.low.value_or(*r.typical), *r.typical,
                                      r.high.value_or(*r.typical));
        if (!range)
            return Unfinished{
                i, tr("%1: low, typical and high must rise in that order, from %2 to %3 %4.")
                       .arg(name,
                            speech_.number(words::shownOf(r.kind->unit, r.kind->low, speech_), 2),
                            speech_.number(words::shownOf(r.kind->unit, r.kind->high, speech_), 0),
                            words::figureUnit(r.kind->unit))};
        if (r.source.trimmed().isEmpty())
            return Unfinished{i, tr("%1: say where the figure is from, such as the certificate or "
                                    "your own measurement.")
                                     .arg(name)};
        out.push_back({r.kind->code, *range, r.source.trimmed().toStdString()});
    }
    return out;
}

int FiguresModel::rowCount(const QModelIndex& parent) const
{
    return parent.isValid() ? 0 : static_cast<int>(rows_.size());
}

int FiguresModel::columnCount(const QModelIndex& parent) const
{
    return parent.isValid() ? 0 : int(ColumnCount);
}

std::optional<double>* FiguresModel::place(Row& row, int column) const
{
    switch (column) {
    case Low: return &row.low;
    case Typical: return &row.typical;
    case High: return &row.high;
    default: return nullptr;
    }
}

QVariant FiguresModel::data(const QModelIndex& index, int role) const
{
    if (!index.isValid() || index.row() >= rowCount())
        return {};
    Row row = rows_[static_cast<std::size_t>(index.row())];
    if (role == Qt::TextAlignmentRole && place(row, index.column()))
        return int(Qt::AlignRight | Qt::AlignVCenter);
    if (role != Qt::DisplayRole && role != Qt::EditRole && role != Qt::ToolTipRole)
        return {};
    if (index.column() == Name) {
        const QString unit = words::figureUnit(row.kind->unit);
        const QString name = words::figureName(row.kind->code);
        return unit.isEmpty() ? name : QStringLiteral("%1, %2").arg(name, unit);
    }
    if (index.column() == From)
        return role == Qt::ToolTipRole ? asTip(row.source) : row.source;
    const std::optional<double>* value = place(row, index.column());
    if (!*value)
        return QString();
    QString text =
        speech_.habits().locale.toString(words::shownOf(row.kind->unit, **value, speech_), 'g', 6);
    return text;
}

bool FiguresModel::setData(const QModelIndex& index, const QVariant& value, int role)
{
    if (role != Qt::EditRole || !index.isValid() || index.row() >= rowCount())
        return false;
    Row& row = rows_[static_cast<std::size_t>(index.row())];
    if (index.column() == From) {
        row.source = value.toString().left(500);
    } else if (std::optional<double>* at = place(row, index.column())) {
        const QString text = value.toString().trimmed();
        std::optional<double> stored;
        if (!text.isEmpty()) {
            const auto parsed = parseNumber(text.toStdString(), speech_.phraseHabits().decimalMark);
            if (const auto* fault = std::get_if<PhraseFault>(&parsed)) {
                Q_EMIT refused(words::phraseFault(*fault));
                return false;
            }
            stored = words::storedOf(row.kind->unit, std::get<double>(parsed), speech_);
        }
        // Bounds that only repeated the old figure follow the new one.
        if (index.column() == Typical)
            for (std::optional<double>* bound : {&row.low, &row.high})
                if (!*bound || *bound == row.typical)
                    *bound = stored;
        *at = stored;
    } else {
        return false;
    }
    Q_EMIT dataChanged(this->index(index.row(), 0), this->index(index.row(), ColumnCount - 1));
    return true;
}

QVariant FiguresModel::headerData(int section, Qt::Orientation orientation, int role) const
{
    if (orientation != Qt::Horizontal || role != Qt::DisplayRole)
        return {};
    switch (section) {
    case Name: return tr("Figure");
    case Typical: return tr("Typical");
    case Low: return tr("Low");
    case High: return tr("High");
    case From: return tr("Where it is from");
    default: return {};
    }
}

Qt::ItemFlags FiguresModel::flags(const QModelIndex& index) const
{
    if (!index.isValid())
        return Qt::NoItemFlags;
    Qt::ItemFlags flags = Qt::ItemIsEnabled | Qt::ItemIsSelectable;
    if (index.column() != Name)
        flags |= Qt::ItemIsEditable;
    return flags;
}

} // namespace rhexion
