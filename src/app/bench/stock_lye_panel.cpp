#include "app/bench/stock_lye_panel.h"

#include "app/help.h"
#include "app/theme/theme.h"
#include "app/widgets/figure_row.h"
#include "app/widgets/label.h"
#include "app/widgets/number_field.h"
#include "document/formula_document.h"
#include "storage/material_names.h"
#include "storage/stock.h"
#include "words/names.h"
#include "words/refusal_words.h"

#include <QComboBox>
#include <QFormLayout>
#include <QLabel>
#include <QPushButton>
#include <QVBoxLayout>

namespace rhexion {

StockLyePanel::StockLyePanel(FormulaDocument& document, Stock& stock, std::function<QDate()> today,
                             QWidget* parent)
    : SidePanel(tr("Lye made ahead"), parent), document_(document), stock_(stock),
      today_(std::move(today))
{
    helpOn(this, "stock-lye");
    const auto field = [&](const QString& suffix, int decimals, double value) {
        auto* f = new NumberField(suffix, decimals, false, this);
        f->setValue(value);
        fixWidth(f, 110);
        connect(f, &NumberField::entered, this, &StockLyePanel::reckonIt);
        connect(f, &NumberField::refused, this, &StockLyePanel::noted);
        return f;
    };
    which_ = new QComboBox(this);
    which_->addItems({words::hydroxideName(true), words::hydroxideName(false)});
    strength_ = field(QStringLiteral("%"), 1, 50.0);
    batches_ = field(QString(), 0, 2.0);
    spare_ = field(QStringLiteral("%"), 1, 3.0);
    auto* form = new QFormLayout;
    form->addRow(tr("Which lye"), which_);
    form->addRow(tr("How strong"), strength_);
    form->addRow(tr("For so many of this batch"), batches_);
    form->addRow(tr("To spare, for what clings"), spare_);
    body()->addLayout(form);
    said_ = new Label(this);
    said_->setWordWrap(true);
    body()->addWidget(said_);
    for (FigureRow** row : {&hydroxide_, &water_, &makes_, &each_}) {
        *row = new FigureRow(this);
        (*row)->setFocusPolicy(Qt::NoFocus);
        body()->addWidget(*row);
    }
    care_ = new Label(this);
    care_->setWordWrap(true);
    care_->setObjectName(QStringLiteral("muted"));
    body()->addWidget(care_);
    keep_ = new QPushButton(tr("It is made: keep it on the shelf and use it here"), this);
    body()->addWidget(keep_);
    body()->addStretch();
    connect(which_, &QComboBox::activated, this, &StockLyePanel::reckonIt);
    connect(keep_, &QPushButton::clicked, this, &StockLyePanel::keepIt);
    connect(&document_, &FormulaDocument::changed, this, [this] {
        if (isVisible())
            reckonIt();
    });
}

void StockLyePanel::setSpeech(const Speech& speech)
{
    speech_ = speech;
    for (NumberField* f : {strength_, batches_, spare_})
        f->setSpeech(speech);
    if (isVisible())
        reckonIt();
}

void StockLyePanel::showEvent(QShowEvent* event)
{
    SidePanel::showEvent(event);
    const Reckoning* r = document_.reckoning();
    if (r && r->sodium.weighedGrams <= 0.0)
        which_->setCurrentIndex(1);
    reckonIt();
}

StockLyeWish StockLyePanel::wish() const
{
    return {which_->currentIndex() == 0, strength_->value().value_or(0.0) / 100.0,
            int(std::clamp(batches_->value().value_or(0.0), 0.0, 1000.0)),
            spare_->value().value_or(0.0) / 100.0};
}

void StockLyePanel::reckonIt()
{
    const Formula& f = document_.formula();
    const Reckoning* r = document_.reckoning();
    const StockLyeWish asked = wish();
    result_ = r ? stockLye(f, *r, asked) : std::nullopt;
    const MaterialPtr& lye = asked.sodium ? f.lye.sodium : f.lye.potassium;
    for (FigureRow* row : {hydroxide_, water_, makes_, each_})
        row->setVisible(result_.has_value());
    keep_->setVisible(result_.has_value());
    if (!result_) {
        care_->clear();
        said_->setText(
            !r ? words::refusal(*document_.refusal(), speech_)
            : lye && lye->isLyeSolution()
                ? tr("This formula uses a ready lye already: %1. Each batch takes %2 of it.")
                      .arg(materialName(*lye),
                           speech_.mass((asked.sodium ? r->sodium : r->potassium).weighedGrams))
                : tr("That lye cannot be made: it must be one this formula uses, no stronger than "
                     "its purity, and dissolve at %1.")
                      .arg(speech_.temperature(20)));
        return;
    }
    said_->setText(tr("Lye into the water, never the reverse, in portions; let it cool, and close "
                      "it. Write strength, day and “caustic” on it."));
    hydroxide_->set(words::hydroxideName(asked.sodium), speech_.mass(result_->hydroxideGrams),
                    tr("%1 pure").arg(speech_.percent(
                        lye->part(asked.sodium ? Part::SodiumHydroxide : Part::PotassiumHydroxide)
                            .range.typical())));
    water_->set(tr("Water"), speech_.mass(result_->waterGrams));
    makes_->set(tr("Makes"), speech_.mass(result_->solutionGrams),
                tr("%1 to %2 strong, by the purity’s doubt")
                    .arg(speech_.percent(result_->strength.low()),
                         speech_.percent(result_->strength.high())));
    each_->set(tr("Each batch takes"), speech_.mass(result_->perBatchGrams));
    care_->setText(result_->crystallisesBelow
                       ? tr("Below about %1 it crystallises: warm it and stir it clear before "
                            "weighing.")
                             .arg(speech_.temperature(result_->crystallisesBelow->inCelsius()))
                       : tr("It stays clear in a cool room."));
}

void StockLyePanel::keepIt()
{
    const StockLyeWish asked = wish();
    Shelf* shelf = stock_.shelf();
    const std::string id = asked.sodium ? "sodium-lye-50" : "potassium-lye-50";
    const MaterialPtr& dry =
        asked.sodium ? document_.formula().lye.sodium : document_.formula().lye.potassium;
    if (!result_ || !shelf || !stock_.plain(id))
        return;
    const std::string source = tr("Made ahead from %1 of %2 and %3 of water")
                                   .arg(speech_.mass(result_->hydroxideGrams), materialName(*dry),
                                        speech_.mass(result_->waterGrams))
                                   .toStdString();
    LotRecord lot;
    lot.lot.name = tr("made %1").arg(speech_.date(today_())).toStdString();
    lot.lot.figures = figuresOf(*result_, asked.sodium, *dry, source);
    lot.material = id;
    lot.homeMade = true;
    lot.got = today_();
    lot.boughtGrams = result_->solutionGrams;
    lot.leftGrams = result_->solutionGrams;
    const auto kept = shelf->keepLot(lot);
    if (const auto* fault = std::get_if<FileFault>(&kept)) {
        Q_EMIT noted(words::fileFault(*fault));
        return;
    }
    stock_.refresh();
    document_.setHydroxide(stock_.material(id), std::nullopt, tr("Use the lye made ahead"));
}

} // namespace rhexion
