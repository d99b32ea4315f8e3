#include "models/materials_model.h"

#include "core/formula/phrase.h"
#include "words/words.h"

namespace rhexion {

MaterialsModel::MaterialsModel(std::vector<MaterialPtr> all, QObject* parent)
    : QAbstractListModel(parent), all_(std::move(all)), shown_(all_)
{
}

void MaterialsModel::search(const QString& text)
{
    beginResetModel();
    shown_.clear();
    if (text.trimmed().isEmpty())
        shown_ = all_;
    else
        for (const Match& match : rankMatches(text.toStdString(), all_))
            shown_.push_back(all_[match.index]);
    endResetModel();
}

MaterialPtr MaterialsModel::at(const QModelIndex& index) const
{
    const auto row = static_cast<std::size_t>(index.row());
    return index.isValid() && row < shown_.size() ? shown_[row] : nullptr;
}

int MaterialsModel::rowCount(const QModelIndex& parent) const
{
    return parent.isValid() ? 0 : static_cast<int>(shown_.size());
}

QVariant MaterialsModel::data(const QModelIndex& index, int role) const
{
    const MaterialPtr material = at(index);
    if (!material)
        return {};
    if (role == Qt::DisplayRole)
        return QString::fromStdString(material->name);
    if (role == Qt::ToolTipRole || role == Qt::AccessibleDescriptionRole)
        return material->note.empty() ? words::kindName(material->kind)
                                      : QString::fromStdString(material->note);
    return {};
}

} // namespace rhexion
