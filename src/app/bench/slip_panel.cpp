#include "app/bench/slip_panel.h"

#include "app/help.h"
#include "app/theme/theme.h"
#include "app/widgets/label.h"
#include "app/widgets/number_field.h"
#include "core/account/doubt.h"
#include "document/formula_document.h"
#include "storage/material_names.h"
#include "storage/stock.h"
#include "words/day_words.h"
#include "words/refusal_words.h"

#include <QComboBox>
#include <QLabel>
#include <QPushButton>
#include <QVBoxLayout>

namespace rhexion {

SlipPanel::SlipPanel(FormulaDocument& document, Stock& stock, QWidget* parent)
    : SidePanel(tr("I have already…"), parent), document_(document), stock_(stock)
{
    helpOn(this, "trouble");
    slip_ = new QComboBox(this);
    slip_->setAccessibleName(tr("What went wrong"));
    slip_->addItems({tr("forgotten the acid’s lye"), tr("put in several times the lye"),
                     tr("used the other citric acid"), tr("left something out"),
                     tr("put in too much of something"), tr("added an acid late")});
    lineName_ = new Label(this);
    line_ = new QComboBox(this);
    lineName_->setBuddy(line_);
    amountName_ = new Label(this);
    amount_ = new NumberField(QString(), 2, true, this);
    amountName_->setBuddy(amount_);
    answer_ = new Label(this);
    answer_->setWordWrap(true);
    answer_->setAlignment(Qt::AlignTop | Qt::AlignLeft);
    answer_->setTextInteractionFlags(Qt::TextSelectableByMouse | Qt::TextSelectableByKeyboard);
    QVBoxLayout* layout = body();
    layout->addWidget(slip_);
    layout->addWidget(lineName_);
    layout->addWidget(line_);
    layout->addWidget(amountName_);
    layout->addWidget(amount_);
    layout->addSpacing(8);
    layout->addWidget(answer_, 1);
    connect(slip_, &QComboBox::currentIndexChanged, this, &SlipPanel::choose);
    connect(line_, &QComboBox::currentIndexChanged, this, &SlipPanel::reckonIt);
    connect(amount_, &NumberField::entered, this, &SlipPanel::reckonIt);
    connect(amount_, &NumberField::refused, answer_, &QLabel::setText);
    // Out of sight nothing is reckoned; showing it catches up.
    connect(&document_, &FormulaDocument::changed, this, [this] {
        if (isVisible())
            choose();
    });
}

void SlipPanel::setSpeech(const Speech& speech)
{
    speech_ = speech;
    amount_->setSpeech(speech);
    if (isVisible())
        choose();
}

void SlipPanel::showEvent(QShowEvent* event)
{
    SidePanel::showEvent(event);
    choose();
}

void SlipPanel::choose()
{
    const auto kind = static_cast<SlipKind>(slip_->currentIndex());
    const QVariant before = line_->currentData();
    {
        const QSignalBlocker quiet(line_);
        line_->clear();
        if (kind == SlipKind::AcidAddedLate) {
            for (const char* id : {"citric-acid-monohydrate", "citric-acid-anhydrous",
                                   "lactic-acid-80", "vinegar-5", "lemon-juice"})
                if (const MaterialPtr m = stock_.material(std::string(id)))
                    line_->addItem(materialName(*m), QString::fromLatin1(id));
        } else if (kind == SlipKind::AcidForgotten) {
            line_->addItem(tr("all acids"), 0u);
        }
        if (kind != SlipKind::AcidAddedLate && kind != SlipKind::LyeTimes)
            for (const Line& line : document_.formula().lines) {
                const LineReckoned* r =
                    document_.reckoning() ? document_.reckoning()->find(line.id) : nullptr;
                const bool acid = r && r->acidMol > 0.0;
                const bool fits = kind == SlipKind::AcidForgotten ? acid
                                  : kind == SlipKind::WrongCitricForm
                                      ? acid && line.material->kind == MaterialKind::Acid
                                      : true;
                if (fits)
                    line_->addItem(materialName(*line.material), line.id);
            }
        const int again = line_->findData(before);
        line_->setCurrentIndex(again < 0 ? 0 : again);
    }
    const bool asksLine = kind != SlipKind::LyeTimes;
    const bool asksAmount = kind == SlipKind::LyeTimes || kind == SlipKind::LineExtra ||
                            kind == SlipKind::AcidAddedLate;
    lineName_->setVisible(asksLine);
    line_->setVisible(asksLine);
    amountName_->setVisible(asksAmount);
    amount_->setVisible(asksAmount);
    lineName_->setText(tr("Which"));
    amountName_->setText(kind == SlipKind::LyeTimes    ? tr("How many times the planned lye")
                         : kind == SlipKind::LineExtra ? tr("How much too much")
                                                       : tr("How much"));
    amount_->setSuffix(kind == SlipKind::LyeTimes ? QString() : speech_.massUnit());
    amount_->setAccessibleName(amountName_->text());
    reckonIt();
}

void SlipPanel::reckonIt()
{
    const Reckoning* planned = document_.reckoning();
    if (!planned) {
        answer_->setText(words::refusal(*document_.refusal(), speech_));
        return;
    }
    Slip slip{static_cast<SlipKind>(slip_->currentIndex()), line_->currentData().toUInt(), 0.0, {}};
    if (slip.kind == SlipKind::AcidAddedLate) {
        slip.line = 0;
        slip.material = stock_.material(line_->currentData().toString().toStdString());
    }
    if (const auto typed = amount_->value())
        slip.amount = slip.kind == SlipKind::LyeTimes
                          ? *typed
                          : statedMass({*typed, speech_.habits().massUnit})
                                .value_or(Mass::grams(*typed))
                                .inGrams();
    const auto result = afterSlip(document_.formula(), *planned, slip);
    if (const auto* refusal = std::get_if<Refusal>(&result)) {
        answer_->setText(refusal->code == RefusalCode::BadMass
                             ? tr("Say which and how much above; there is nothing to reckon yet.")
                             : words::refusal(*refusal, speech_));
        return;
    }
    const AfterSlip& after = std::get<AfterSlip>(result);
    const AsWeighed& bowl = after.bowl;
    QStringList lines;
    lines << tr("The bowl now: true superfat %1 in place of %2, strength %3 in place of %4.")
                 .arg(speech_.percent(bowl.reckoning.superfatTrue),
                      speech_.percent(bowl.superfatPlanned),
                      speech_.percent(bowl.reckoning.pure.strength),
                      speech_.percent(bowl.strengthPlanned));
    constexpr int quick = 4000;
    if (const auto doubt = doubtOf(bowl.formula, bowl.reckoning, {quick, DoubtSettings{}.seed}))
        lines << tr("How sure: 9 in 10 lie between %1 and %2.")
                     .arg(speech_.percent(doubt->superfat.low),
                          speech_.percent(doubt->superfat.high));
    if (after.tooFar) {
        lines << tr("Stop here. Mending it would take more than half the oils again. Gloves and "
                    "goggles on; let it set in a closed, labelled plastic tub out of everyone’s "
                    "reach, and take it to your local collection of household chemicals.");
    } else if (bowl.mends.empty()) {
        lines << tr("That is within what a kitchen scale can tell: go on.");
    } else {
        lines << (bowl.mends.size() == 1
                      ? tr("To mend it:")
                      : tr("To mend it, in this order; where it says “or”, one will do:"));
        for (std::size_t i = 0; i < bowl.mends.size(); ++i)
            lines << QStringLiteral("• ") +
                         words::dayMend(bowl.mends[i], bowl.formula, speech_, i == 0);
        if (bowl.reckoning.lyeHeavy())
            lines << tr("Until then there is lye left over: gloves and goggles stay on.");
    }
    answer_->setText(lines.join(QStringLiteral("\n\n")));
}

QString SlipPanel::answer() const
{
    return answer_->text();
}

} // namespace rhexion
