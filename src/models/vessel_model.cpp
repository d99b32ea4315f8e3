#include "models/vessel_model.h"

#include "core/materials/figures.h"
#include "document/formula_document.h"
#include "storage/material_names.h"
#include "words/names.h"
#include "words/plain_text.h"
#include "words/refusal_words.h"
#include "words/shelf_words.h"

#include <QMimeData>

#include <algorithm>

namespace rhexion {

namespace {

const QString lineMime = QStringLiteral("application/x-rhexion-line");

std::vector<LineId> idsIn(const Formula& formula, Vessel vessel)
{
    std::vector<LineId> ids;
    for (const Line& line : formula.lines)
        if (line.vessel == vessel)
            ids.push_back(line.id);
    return ids;
}

// Which figures came from the jar, so that nobody takes a catalogue's for a measured one.
QString lotFigures(const Material& m)
{
    QStringList names;
    for (const FigureKind& kind : figureKinds())
        if (const Figure* f = findFigure(m, kind.code))
            if (const Source* source = m.findSource(f->source); source && source->fromLot)
                names << words::figureName(kind.code);
    return names.isEmpty()
               ? QString()
               : VesselModel::tr("from your lot: %1").arg(names.join(QStringLiteral(", ")));
}

} // namespace

VesselModel::VesselModel(FormulaDocument& document, Vessel vessel, QObject* parent)
    : QAbstractListModel(parent), document_(document), vessel_(vessel),
      ids_(idsIn(document.formula(), vessel))
{
    connect(&document_, &FormulaDocument::changed, this, &VesselModel::follow);
}

void VesselModel::setSpeech(const Speech& speech)
{
    speech_ = speech;
    tellChanged();
}

// Takes away rows that are gone, adds those that are new, and lays out anew if the order changed,
// so that selection and scroll stay with the lines that remain.
void VesselModel::follow()
{
    const auto wanted = idsIn(document_.formula(), vessel_);
    for (int row = rowCount() - 1; row >= 0; --row)
        if (std::ranges::find(wanted, ids_[static_cast<std::size_t>(row)]) == wanted.end()) {
            beginRemoveRows({}, row, row);
            ids_.erase(ids_.begin() + row);
            endRemoveRows();
        }
    for (std::size_t place = 0; place < wanted.size(); ++place)
        if (std::ranges::find(ids_, wanted[place]) == ids_.end()) {
            const int row = static_cast<int>(std::min(place, ids_.size()));
            beginInsertRows({}, row, row);
            ids_.insert(ids_.begin() + row, wanted[place]);
            endInsertRows();
        }
    if (ids_ != wanted) {
        Q_EMIT layoutAboutToBeChanged();
        const QModelIndexList from = persistentIndexList();
        QModelIndexList to;
        for (const QModelIndex& index : from) {
            const auto at = std::ranges::find(wanted, lineAt(index));
            to.append(createIndex(static_cast<int>(at - wanted.begin()), 0));
        }
        ids_ = wanted;
        changePersistentIndexList(from, to);
        Q_EMIT layoutChanged();
    }
    tellChanged();
}

void VesselModel::tellChanged()
{
    const auto before = std::move(shown_);
    shown_.clear();
    bool heights = before.size() != ids_.size();
    for (int row = 0; row < rowCount(); ++row) {
        const QModelIndex at = index(row);
        const QString stated = data(at, StatedRole).toString();
        const QStringList parts{QString::number(lineAt(at)),
                                data(at, Qt::DisplayRole).toString(),
                                data(at, MassRole).toString(),
                                stated,
                                QString::number(data(at, SeverityRole).toInt()),
                                QString::number(data(at, FrozenRole).toBool()),
                                QString::number(data(at, LockedRole).toBool())};
        shown_.push_back({parts.join(QLatin1Char('\n')), !stated.isEmpty()});
        const auto place = static_cast<std::size_t>(row);
        if (place < before.size() && before[place] == shown_[place])
            continue;
        heights = heights || place >= before.size() || before[place].noted != shown_[place].noted;
        Q_EMIT dataChanged(at, at);
    }
    if (heights)
        Q_EMIT heightsChanged();
}

LineId VesselModel::lineAt(const QModelIndex& index) const
{
    const auto row = static_cast<std::size_t>(index.row());
    return index.isValid() && row < ids_.size() ? ids_[row] : 0;
}

QModelIndex VesselModel::indexOf(LineId line) const
{
    const auto at = std::ranges::find(ids_, line);
    return at == ids_.end() ? QModelIndex() : index(static_cast<int>(at - ids_.begin()));
}

int VesselModel::rowCount(const QModelIndex& parent) const
{
    return parent.isValid() ? 0 : static_cast<int>(ids_.size());
}

QVariant VesselModel::data(const QModelIndex& index, int role) const
{
    const Line* line = document_.formula().find(lineAt(index));
    if (!line)
        return {};
    const Reckoning* reckoning = document_.reckoning();
    const LineReckoned* reckoned = reckoning ? reckoning->find(line->id) : nullptr;
    // Only where it is asked for: a row is painted from eight roles.
    const auto name = [&] { return materialName(*line->material); };
    const auto mass = [&] {
        if (reckoned)
            return speech_.mass(reckoned->grams);
        const auto stated = massOf(line->amount, *line->material);
        return stated ? speech_.mass(stated->inGrams()) : QStringLiteral("—");
    };
    switch (role) {
    case Qt::DisplayRole: return name();
    case Qt::EditRole: return speech_.amountForEditing(line->amount);
    case LineIdRole: return line->id;
    case MassRole: return mass();
    case FrozenRole: return line->frozen;
    case LockedRole: return line->locked;
    case StatedRole: {
        QStringList parts;
        if (line->amount.unit != speech_.habits().massUnit)
            parts << speech_.amount(line->amount);
        if (line->frozen)
            parts << tr("frozen");
        if (line->allWater)
            parts << tr("counted as all water");
        if (const PortionId portion = document_.formula().portionOf(*line))
            parts << tr("for %1").arg(words::portionName(portion, document_.formula()));
        if (reckoned && reckoned->solventGrams > 0.0)
            parts << tr("in %1 of liquid").arg(speech_.mass(reckoned->solventGrams));
        if (!line->material->lot.id.empty())
            parts << tr("lot %1").arg(QString::fromStdString(line->material->lot.name));
        return parts.join(QStringLiteral(", "));
    }
    case SeverityRole: {
        int worst = -1;
        for (const Caution& caution : document_.findings())
            if (!caution.acknowledged &&
                (caution.line == line->id ||
                 std::ranges::find(caution.others, line->id) != caution.others.end()))
                worst = std::max(worst, static_cast<int>(caution.severity));
        return worst;
    }
    case Qt::AccessibleTextRole:
    case Qt::ToolTipRole: {
        QStringList parts{name(), mass()};
        const QString how = data(index, StatedRole).toString();
        if (!how.isEmpty())
            parts << how;
        const QString own = role == Qt::ToolTipRole ? lotFigures(*line->material) : QString();
        if (!own.isEmpty())
            parts << own;
        if (role == Qt::ToolTipRole && !line->material->note.empty())
            parts << materialNote(*line->material);
        const QString said = parts.join(QStringLiteral(", "));
        return role == Qt::ToolTipRole ? asTip(said) : said;
    }
    default: return {};
    }
}

bool VesselModel::setData(const QModelIndex& index, const QVariant& value, int role)
{
    const LineId line = lineAt(index);
    if (role != Qt::EditRole || line == 0)
        return false;
    if (const Line* locked = document_.formula().find(line); locked && locked->locked) {
        if (value.toString() != data(index, Qt::EditRole).toString())
            Q_EMIT amountRefused(tr("%1 is locked. Unlock it first (Ctrl+J).")
                                     .arg(data(index, Qt::DisplayRole).toString()));
        return false;
    }
    const auto parsed = parseAmount(value.toString().toStdString(), speech_.phraseHabits());
    if (const auto* fault = std::get_if<PhraseFault>(&parsed)) {
        Q_EMIT amountRefused(words::phraseFault(*fault));
        return false;
    }
    const Line* there = document_.formula().find(line);
    if (const auto& amount = std::get<StatedAmount>(parsed);
        there && isMeasured(amount.unit) && !massOf(amount, *there->material)) {
        Q_EMIT amountRefused(words::refusal(
            {RefusalCode::MeasureNotWeighed, line, there->material->name, {}}, speech_));
        return false;
    }
    document_.setAmount(line, std::get<StatedAmount>(parsed),
                        tr("Change amount of %1").arg(data(index, Qt::DisplayRole).toString()));
    return true;
}

Qt::ItemFlags VesselModel::flags(const QModelIndex& index) const
{
    if (!index.isValid())
        return Qt::ItemIsDropEnabled;
    return Qt::ItemIsEnabled | Qt::ItemIsSelectable | Qt::ItemIsEditable | Qt::ItemIsDragEnabled |
           Qt::ItemNeverHasChildren;
}

QStringList VesselModel::mimeTypes() const
{
    return {lineMime};
}

QMimeData* VesselModel::mimeData(const QModelIndexList& indexes) const
{
    auto* mime = new QMimeData;
    mime->setData(lineMime, QByteArray::number(indexes.isEmpty() ? 0 : lineAt(indexes.first())));
    return mime;
}

bool VesselModel::canDropMimeData(const QMimeData* data, Qt::DropAction action, int, int,
                                  const QModelIndex&) const
{
    return action == Qt::MoveAction && data->hasFormat(lineMime);
}

bool VesselModel::dropMimeData(const QMimeData* data, Qt::DropAction action, int row, int,
                               const QModelIndex& parent)
{
    if (!canDropMimeData(data, action, row, 0, parent))
        return false;
    const LineId line = data->data(lineMime).toUInt();
    const auto& lines = document_.formula().lines;
    // The place among all lines: before the line now in that row, or at the end.
    std::size_t place = lines.size();
    if (row >= 0 && row < rowCount() && ids_[static_cast<std::size_t>(row)] != line) {
        const LineId before = ids_[static_cast<std::size_t>(row)];
        place = 0;
        for (const Line& other : lines) {
            if (other.id == before)
                break;
            if (other.id != line)
                ++place;
        }
    }
    document_.apply(MoveLine{line, vessel_, place},
                    tr("Move to: %1").arg(words::vesselName(vessel_)));
    Q_EMIT lineDropped(line);
    // The document has moved it; the view must not remove the row itself.
    return false;
}

} // namespace rhexion
