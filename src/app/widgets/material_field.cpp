#include "app/widgets/material_field.h"

#include "storage/material_names.h"
#include "words/meaning_words.h"

#include <QAbstractItemView>
#include <QCompleter>
#include <QStringListModel>

namespace rhexion {

namespace {
constexpr std::size_t mostOffered = 10;
}

MaterialField::MaterialField(Stock& stock, QWidget* parent)
    : QLineEdit(parent), stock_(stock), names_(new QStringListModel(this))
{
    auto* list = new QCompleter(names_, this);
    list->setCompletionMode(QCompleter::UnfilteredPopupCompletion);
    list->setMaxVisibleItems(int(mostOffered));
    setCompleter(list);
    connect(this, &QLineEdit::textEdited, this, &MaterialField::offer);
    connect(list, qOverload<const QModelIndex&>(&QCompleter::activated), this,
            [this, list](const QModelIndex& index) {
                const auto row = std::size_t(index.row());
                if (row >= offered_.size())
                    return;
                const StockEntry& entry = stock_.entries()[offered_[row]];
                chosen_ = stock_.material(entry);
                chosenName_ = entry.name;
                setText(entry.name);
                Q_EMIT textEdited(entry.name);
                list->popup()->hide();
            });
}

void MaterialField::offer()
{
    if (text() == chosenName_)
        return;
    chosen_.reset();
    const auto found = stock_.identify(text().trimmed());
    offered_ = found.list;
    if (found.what.verdict == IdentityVerdict::Certain || text().trimmed().isEmpty())
        offered_.clear();
    offered_.resize(std::min(offered_.size(), mostOffered));
    QStringList names;
    for (const std::size_t at : offered_)
        names << stock_.entries()[at].name;
    names_->setStringList(names);
}

void MaterialField::setMaterial(const MaterialPtr& material)
{
    chosen_ = material;
    chosenName_ = materialName(*material);
    setText(chosenName_);
}

MaterialPtr MaterialField::material() const
{
    return chosen_ && text() == chosenName_ ? chosen_ : stock_.certain(text().trimmed());
}

QString MaterialField::question() const
{
    const QString typed = text().trimmed();
    if (typed.isEmpty() || material())
        return {};
    return words::whichIsMeant(stock_.identify(typed).what, typed);
}

} // namespace rhexion
