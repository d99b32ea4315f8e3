#include "app/bench/setting_row.h"

#include "app/widgets/label.h"

#include <QComboBox>
#include <QHBoxLayout>
#include <QVBoxLayout>

namespace rhexion {

SettingRow::SettingRow(const QString& name, std::initializer_list<QWidget*> fields, QWidget* parent)
    : QWidget(parent), fields_(fields)
{
    name_ = new Label(name, this);
    name_->setBuddy(*fields.begin());
    terms_ = new Label(this);
    terms_->setObjectName(QStringLiteral("muted"));
    terms_->setWordWrap(true);
    auto* row = new QHBoxLayout;
    row->setSpacing(6);
    // A choice takes what room there is, so that it can be read; numbers stand at the far side.
    const bool choice = qobject_cast<QComboBox*>(*fields.begin()) != nullptr;
    // A long name before a choice breaks into lines rather than pushing the choice out of sight.
    constexpr int letters = 18;
    const bool isLong = name.size() > letters;
    name_->setWordWrap(!choice || isLong);
    row->addWidget(name_, choice && !isLong ? 0 : 1);
    for (QWidget* field : fields) {
        field->setAccessibleName(field->accessibleName().isEmpty()
                                     ? name
                                     : name + QStringLiteral(", ") + field->accessibleName());
        row->addWidget(field, qobject_cast<QComboBox*>(field) ? 1 : 0);
    }
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(0, 4, 0, 4);
    column->setSpacing(1);
    column->addLayout(row);
    column->addWidget(terms_);
    terms_->hide();
}

void SettingRow::setName(const QString& name)
{
    name_->setText(name);
}

void SettingRow::setTerms(const QString& terms)
{
    terms_->setText(terms);
    terms_->setVisible(!terms.isEmpty());
    fields_.front()->setAccessibleDescription(terms);
}

QString SettingRow::terms() const
{
    return terms_->text();
}

QComboBox* choiceOf(const QStringList& options, const char* object)
{
    auto* box = new QComboBox;
    box->setObjectName(QLatin1String(object));
    box->addItems(options);
    box->setSizeAdjustPolicy(QComboBox::AdjustToMinimumContentsLengthWithIcon);
    box->setMinimumContentsLength(10);
    box->setSizePolicy(QSizePolicy::Expanding, QSizePolicy::Fixed);
    for (int i = 0; i < options.size(); ++i)
        box->setItemData(i, options[i], Qt::ToolTipRole);
    return box;
}

} // namespace rhexion
