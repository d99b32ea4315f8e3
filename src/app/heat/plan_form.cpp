#include "app/heat/plan_form.h"

#include "app/theme/theme.h"
#include "app/widgets/label.h"
#include "app/widgets/number_field.h"

#include <QComboBox>
#include <QGridLayout>

namespace rhexion {

PlanForm::PlanForm(QWidget* parent) : QWidget(parent), grid_(new QGridLayout(this))
{
    grid_->setContentsMargins(0, 0, 6, 0);
    grid_->setVerticalSpacing(6);
    grid_->setColumnStretch(0, 1);
    grid_->setColumnMinimumWidth(0, Theme::px(116));
}

void PlanForm::put(const QString& name, QWidget* field)
{
    auto* label = new Label(name, this);
    label->setWordWrap(true);
    label->setBuddy(field);
    field->setAccessibleName(name);
    grid_->addWidget(label, row_, 0);
    grid_->addWidget(field, row_++, 1);
    restBelow();
}

void PlanForm::restBelow()
{
    for (int row = 0; row < row_; ++row)
        grid_->setRowStretch(row, 0);
    grid_->setRowStretch(row_, 1);
}

void PlanForm::addHeading(const QString& text)
{
    auto* label = new Label(text, this);
    label->setFont(Theme::smallStrong());
    connect(&Theme::news(), &LookNews::changed, label,
            [label] { label->setFont(Theme::smallStrong()); });
    grid_->addWidget(label, row_++, 0, 1, 2);
}

void PlanForm::addWidget(QWidget* widget)
{
    grid_->addWidget(widget, row_++, 0, 1, 2);
    restBelow();
}

NumberField* PlanForm::addTemperature(const QString& name, Double of)
{
    auto* field = new NumberField({}, 0, false, this);
    fixWidth(field, 84);
    put(name, field);
    temperatures_.push_back(field);
    connect(field, &NumberField::refused, this, &PlanForm::refused);
    connect(field, &NumberField::entered, this, [this, of, name](std::optional<double> value) {
        HeatPlan plan = plan_;
        of(plan) =
            speech_.habits().fahrenheit ? Temperature::fahrenheit(*value).inCelsius() : *value;
        Q_EMIT changed(plan, name);
    });
    followers_.emplace_back([this, field, of] {
        const double celsius = of(plan_);
        field->setValue(speech_.habits().fahrenheit ? Temperature::celsius(celsius).inFahrenheit()
                                                    : celsius);
    });
    return field;
}

NumberField* PlanForm::addNumber(const QString& name, const QString& unit, int decimals, Double of,
                                 double factor)
{
    auto* field = new NumberField(unit, decimals, false, this);
    fixWidth(field, 84);
    put(name, field);
    numbers_.push_back(field);
    connect(field, &NumberField::refused, this, &PlanForm::refused);
    connect(field, &NumberField::entered, this,
            [this, of, name, factor](std::optional<double> value) {
                HeatPlan plan = plan_;
                of(plan) = *value / factor;
                Q_EMIT changed(plan, name);
            });
    followers_.emplace_back([this, field, of, factor] { field->setValue(of(plan_) * factor); });
    return field;
}

NumberField* PlanForm::addOptional(const QString& name, const QString& unit, const QString& none,
                                   Optional of)
{
    auto* field = new NumberField(unit, 1, true, this);
    field->setPlaceholderText(none);
    fixWidth(field, 110);
    put(name, field);
    numbers_.push_back(field);
    connect(field, &NumberField::refused, this, &PlanForm::refused);
    connect(field, &NumberField::entered, this, [this, of, name](std::optional<double> value) {
        HeatPlan plan = plan_;
        of(plan) = value;
        Q_EMIT changed(plan, name);
    });
    followers_.emplace_back([this, field, of] { field->setValue(of(plan_)); });
    return field;
}

QComboBox* PlanForm::addChoice(const QString& name, const QStringList& choices,
                               std::function<int(const HeatPlan&)> get,
                               std::function<void(HeatPlan&, int)> set)
{
    auto* box = new QComboBox(this);
    box->addItems(choices);
    box->setSizeAdjustPolicy(QComboBox::AdjustToMinimumContentsLengthWithIcon);
    box->setMinimumContentsLength(7);
    fixWidth(box, 156);
    put(name, box);
    connect(box, &QComboBox::activated, this, [this, set, name](int at) {
        HeatPlan plan = plan_;
        set(plan, at);
        Q_EMIT changed(plan, name);
    });
    followers_.emplace_back([this, box, get] { box->setCurrentIndex(get(plan_)); });
    return box;
}

void PlanForm::setSpeech(const Speech& speech)
{
    speech_ = speech;
    for (NumberField* field : temperatures_) {
        field->setSpeech(speech);
        field->setSuffix(speech.habits().fahrenheit ? QStringLiteral("°F") : QStringLiteral("°C"));
    }
    for (NumberField* field : numbers_)
        field->setSpeech(speech);
    show(plan_);
}

void PlanForm::show(const HeatPlan& plan)
{
    plan_ = plan;
    for (const auto& follow : followers_)
        follow();
}

} // namespace rhexion
