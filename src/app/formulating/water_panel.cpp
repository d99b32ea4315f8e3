#include "app/formulating/water_panel.h"

#include "app/help.h"
#include "app/theme/theme.h"
#include "app/widgets/label.h"
#include "app/widgets/number_field.h"
#include "document/formula_document.h"
#include "document/own_fittings.h"
#include "words/mould_words.h"
#include "words/refusal_words.h"
#include "words/water_words.h"

#include <QApplication>
#include <QClipboard>
#include <QComboBox>
#include <QFormLayout>
#include <QHBoxLayout>
#include <QPushButton>
#include <QVBoxLayout>

namespace rhexion {

namespace {

// g of bar a litre: common practice, no source.
constexpr double washDoses[] = {1.0, 5.0};

} // namespace

WaterPanel::WaterPanel(FormulaDocument& document, OwnFittings& fittings, QWidget* parent)
    : TopicPanel(tr("Hard water"), document, parent), fittings_(fittings)
{
    helpOn(this, "blend-water");
    hardness_ = new NumberField(QString(), 1, false, this);
    hardness_->setAccessibleName(tr("Hardness of your water"));
    fixWidth(hardness_, 90);
    unit_ = new QComboBox(this);
    unit_->setAccessibleName(tr("Its unit"));
    for (std::size_t u = 0; u < countOf<HardnessUnit>(); ++u)
        unit_->addItem(words::hardnessUnitName(static_cast<HardnessUnit>(u)));
    dose_ = new QComboBox(this);
    dose_->addItems(
        {tr("at the basin: 1 g of soap a litre"), tr("lather on a cloth: 5 g a litre")});
    dose_->setAccessibleName(tr("How it is used"));
    auto* typed = new QHBoxLayout;
    typed->addWidget(hardness_);
    typed->addWidget(unit_, 1);
    auto* words = new QHBoxLayout;
    for (const auto kind : {HardnessClass::Soft, HardnessClass::Middling, HardnessClass::Hard}) {
        auto* button = new QPushButton(words::hardnessClassName(kind), this);
        button->setToolTip(tr("Taken as %1 mmol/l").arg(usualOf(kind)));
        connect(button, &QPushButton::clicked, this, [this, kind] {
            const auto unit = static_cast<HardnessUnit>(unit_->currentIndex());
            keep(usualOf(kind) / millimolesPer(unit), unit_->currentIndex());
        });
        words->addWidget(button);
    }
    words->addStretch();
    auto* form = new QFormLayout;
    form->setRowWrapPolicy(QFormLayout::WrapLongRows);
    form->addRow(tr("Your water"), typed);
    form->addRow(tr("or just"), words);
    form->addRow(tr("Used"), dose_);
    above()->addLayout(form);
    customer_ = new QPushButton(tr("Copy the sentence for a customer"), this);
    body()->addWidget(customer_);

    connect(hardness_, &NumberField::entered, this, [this](std::optional<double> value) {
        keep(value.value_or(0.0), unit_->currentIndex());
    });
    connect(hardness_, &NumberField::refused, this, &WaterPanel::noted);
    // Another unit says the same water another way.
    connect(unit_, &QComboBox::activated, this, [this](int unit) {
        const double h = fittings_.all().water.hardness;
        keep(h / millimolesPer(static_cast<HardnessUnit>(unit)), unit);
    });
    connect(dose_, &QComboBox::activated, this, [this](int at) {
        noteFault(fittings_.change([at](Fittings& f) { f.water.dose = washDoses[at]; }));
    });
    connect(customer_, &QPushButton::clicked, this, [this] {
        for (const words::FactSection& section : facts().sections)
            if (!section.sentence.isEmpty() && section.facts.isEmpty())
                QApplication::clipboard()->setText(section.sentence);
    });
    connect(&fittings_, &OwnFittings::changed, this, [this] {
        if (isVisible())
            refresh();
    });
}

void WaterPanel::keep(double value, int at)
{
    const auto unit = static_cast<HardnessUnit>(at);
    const auto h = hardness(value, unit);
    if (const Cannot* cannot = std::get_if<Cannot>(&h)) {
        Q_EMIT noted(words::cannot(*cannot, speech()));
        refresh();
        return;
    }
    noteFault(fittings_.change([&](Fittings& f) {
        f.water.hardness = std::get<double>(h);
        f.unit = unit;
        f.waterKnown = true;
    }));
    refresh();
}

void WaterPanel::speechChanged()
{
    hardness_->setSpeech(speech());
}

void WaterPanel::refreshControls()
{
    const Fittings& f = fittings_.all();
    unit_->setCurrentIndex(int(f.unit));
    hardness_->setValue(f.water.hardness / millimolesPer(f.unit));
    dose_->setCurrentIndex(f.water.dose > 2.0 ? 1 : 0);
}

words::FactPage WaterPanel::factsOf(const Formula& f, const Reckoning& r)
{
    const Fittings& own = fittings_.all();
    words::FactPage page = words::waterFacts(f, r, own.water, own.unit, speech());
    if (!own.waterKnown && !page.sections.isEmpty())
        page.sections.first().facts.prepend({tr("Not typed yet"),
                                             {},
                                             tr("hard water is taken until you say"),
                                             words::Fact::Tone::Care,
                                             {},
                                             {}});
    return page;
}

} // namespace rhexion
