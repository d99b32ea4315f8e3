#include "app/bench/scale_button.h"

#include "app/theme/theme.h"
#include "app/widgets/label.h"
#include "app/widgets/menu_parts.h"
#include "app/widgets/number_field.h"
#include "document/formula_document.h"

#include <QFormLayout>
#include <QLabel>
#include <QMenu>

namespace rhexion {

ScaleButton::ScaleButton(FormulaDocument& document, QWidget* parent)
    : QToolButton(parent), document_(document)
{
    setToolTip(tr("Make it larger or smaller"));
    setIcon(Theme::icon(QStringLiteral("scale"), Ink::Ink));
    setToolButtonStyle(Qt::ToolButtonTextBesideIcon);
    setPopupMode(QToolButton::InstantPopup);
    auto* menu = new QMenu(this);
    setMenu(menu);
    connect(menu, &QMenu::aboutToShow, this, [this] {
        if (!oils_)
            build();
        refresh();
        times_->setValue(1.0);
        oils_->setFocus();
    });
    connect(&document_, &FormulaDocument::changed, this, &ScaleButton::refresh);
}

void ScaleButton::build()
{
    QFormLayout* form = addForm(*menu());
    const auto add = [&](const QString& name) {
        auto* field = new NumberField(QString(), 1, false);
        fixWidth(field, 120);
        field->setAccessibleName(name);
        form->addRow(name, field);
        connect(field, &NumberField::refused, this, &ScaleButton::refused);
        return field;
    };
    oils_ = add(tr("All oils"));
    batter_ = add(tr("Whole batter"));
    times_ = add(tr("Times"));
    auto* hint = new Label(tr("Locked amounts stay as they are."));
    hint->setObjectName(QStringLiteral("muted"));
    form->addRow(hint);
    connect(oils_, &NumberField::entered, this,
            [this](std::optional<double> v) { scaleTo(ScaleTo::Oils, *v); });
    connect(batter_, &NumberField::entered, this,
            [this](std::optional<double> v) { scaleTo(ScaleTo::Batter, *v); });
    connect(times_, &NumberField::entered, this, [this](std::optional<double> v) {
        scaleBy(*v);
        times_->setValue(1.0);
    });
    setSpeech(speech_);
}

void ScaleButton::setSpeech(const Speech& speech)
{
    speech_ = speech;
    if (oils_) {
        for (NumberField* field : {oils_, batter_, times_})
            field->setSpeech(speech);
        oils_->setSuffix(speech.massUnit());
        batter_->setSuffix(speech.massUnit());
    }
    refresh();
}

void ScaleButton::open()
{
    menu()->popup(mapToGlobal(QPoint(0, height())));
}

void ScaleButton::setShort(bool isShort)
{
    if (short_ == isShort)
        return;
    short_ = isShort;
    refresh();
}

void ScaleButton::refresh()
{
    const Reckoning* r = document_.reckoning();
    setVisible(r != nullptr);
    if (!r)
        return;
    const QString batter = speech_.mass(r->batterGrams);
    setText(
        QLatin1Char(' ') +
        (short_ ? batter : tr("%1 of oils, %2 of batter").arg(speech_.mass(r->oilsGrams), batter)));
    if (!oils_)
        return;
    const AmountUnit unit = speech_.habits().massUnit;
    oils_->setValue(statedIn(Mass::grams(r->oilsGrams), unit).value);
    batter_->setValue(statedIn(Mass::grams(r->batterGrams), unit).value);
}

void ScaleButton::scaleTo(ScaleTo what, double stated)
{
    const auto mass = statedMass({stated, speech_.habits().massUnit});
    const auto factor =
        mass ? factorFor(document_.formula(), what, *mass) : std::optional<double>();
    if (factor) {
        scaleBy(*factor);
        return;
    }
    Q_EMIT refused(tr("No factor gives that: locked amounts or stated shares stand against it."));
    refresh();
}

void ScaleButton::scaleBy(double factor)
{
    const std::vector<Edit> edits = scaled(document_.formula(), factor);
    if (edits.empty())
        Q_EMIT refused(tr("A factor must be above 0, and no amount may pass 100 tonnes."));
    else
        document_.apply(edits, tr("Scale the formula"));
    refresh();
}

} // namespace rhexion
