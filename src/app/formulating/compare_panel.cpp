#include "app/formulating/compare_panel.h"

#include "app/files/file_choice.h"
#include "app/help.h"
#include "app/theme/theme.h"
#include "app/widgets/label.h"
#include "core/wishes/formula_wishes.h"
#include "document/formula_document.h"
#include "storage/formula_json.h"
#include "storage/material_names.h"
#include "words/compare_words.h"
#include "words/names.h"
#include "words/refusal_words.h"

#include <QComboBox>
#include <QFormLayout>
#include <QHBoxLayout>
#include <QPushButton>
#include <QSignalBlocker>
#include <QSlider>
#include <QVBoxLayout>

#include <utility>

namespace rhexion {

namespace {

constexpr double tenths = 10.0; // a slider's steps are tenths of a per cent

// g of an oil as its own line states it.
StatedAmount restated(const Line& line, double grams, double total)
{
    if (line.amount.unit == AmountUnit::PercentOfOils)
        return {100.0 * grams / total, AmountUnit::PercentOfOils};
    return statedMass(line.amount) ? statedIn(Mass::grams(grams), line.amount.unit)
                                   : StatedAmount{grams, AmountUnit::Gram};
}

} // namespace

ComparePanel::ComparePanel(FormulaDocument& document, QWidget* parent)
    : TopicPanel(tr("Compare"), document, parent)
{
    helpOn(this, "solve");
    auto* pinIt = new QPushButton(tr("Pin it"), this);
    auto* other = new QPushButton(tr("Another formula…"), this);
    pinIt->setToolTip(tr("Every later edit shows as a difference from what it is now"));
    auto* pins = new QHBoxLayout;
    pins->addWidget(pinIt);
    pins->addWidget(other);
    pins->addStretch();
    above()->addLayout(pins);
    superfat_ = addSlider(tr("Superfat"), 0, 200, superfatSaid_);
    strength_ = addSlider(tr("Lye strength"), 200, 500, strengthSaid_);
    acid_ = addSlider(tr("Acid, of the oils"), 0, 60, acidSaid_);
    from_ = new QComboBox(this);
    to_ = new QComboBox(this);
    for (QComboBox* box : {from_, to_}) {
        box->setSizeAdjustPolicy(QComboBox::AdjustToMinimumContentsLengthWithIcon);
        box->setMinimumContentsLength(10);
    }
    from_->setAccessibleName(tr("Less of"));
    to_->setAccessibleName(tr("More of"));
    auto* oils = new QHBoxLayout;
    oils->addWidget(new Label(tr("Less of"), this));
    oils->addWidget(from_, 1);
    oils->addWidget(new Label(tr("more of"), this));
    oils->addWidget(to_, 1);
    above()->addLayout(oils);
    trade_ = addSlider(tr("One oil for another"), 0, 1000, tradeSaid_);
    keep_ = new QPushButton(tr("Keep it"), this);
    keep_->setObjectName(QStringLiteral("primary"));
    drop_ = new QPushButton(tr("Drop it"), this);
    auto* ends = new QHBoxLayout;
    ends->addWidget(keep_);
    ends->addWidget(drop_);
    ends->addStretch();
    above()->addLayout(ends);

    connect(pinIt, &QPushButton::clicked, this,
            [this] { pin(this->document().formula(), tr("as it was pinned")); });
    connect(other, &QPushButton::clicked, this, &ComparePanel::openOther);
    connect(keep_, &QPushButton::clicked, this, [this] {
        this->document().keepPreview(tr("Move a slider"));
        refresh();
    });
    connect(drop_, &QPushButton::clicked, this, [this] { this->document().dropPreview(); });
    for (QComboBox* box : {from_, to_})
        connect(box, &QComboBox::activated, this, [this] { refreshControls(); });
}

QSlider* ComparePanel::addSlider(const QString& name, int low, int high, QLabel*& said)
{
    auto* row = new QHBoxLayout;
    auto* title = new Label(name, this);
    leastWidth(title, 96);
    title->setWordWrap(true);
    auto* slider = new QSlider(Qt::Horizontal, this);
    slider->setRange(low, high);
    slider->setPageStep(10);
    slider->setAccessibleName(name);
    said = new Label(this);
    leastWidth(said, 62);
    row->addWidget(title);
    row->addWidget(slider, 1);
    row->addWidget(said);
    above()->addLayout(row);
    connect(slider, &QSlider::valueChanged, this, &ComparePanel::slide);
    return slider;
}

void ComparePanel::pin(const Formula& formula, const QString& name)
{
    pinned_ = formula;
    pinnedName_ = name;
    refresh();
}

void ComparePanel::openOther()
{
    const QString path =
        files::toOpen(this, tr("Compare with a formula"), QString(), tr("Formulas (*.rhexion)"));
    if (path.isEmpty())
        return;
    auto read = readFormulaFile(path);
    if (const auto* fault = std::get_if<FileFault>(&read))
        Q_EMIT noted(words::fileFault(*fault));
    else
        pin(std::get<Formula>(read), QString::fromStdString(std::get<Formula>(read).name));
}

// What the sliders say, as edits of the formula as it stands.
std::vector<Edit> ComparePanel::wanted() const
{
    const Formula& f = document().standing();
    std::vector<Edit> edits;
    const ReckonResult reckoned = reckon(f);
    const auto* r = std::get_if<Reckoning>(&reckoned);
    if (!r)
        return edits;
    if (superfat_->isEnabled() &&
        superfat_->value() != int(std::lround(f.lye.superfat * 100.0 * tenths))) {
        LyeSettings lye = f.lye;
        lye.superfat = superfat_->value() / tenths / 100.0;
        edits.push_back(SetLye{SettingField::Superfat, lye});
    }
    if (strength_->value() != int(std::lround(r->pure.strength * 100.0 * tenths))) {
        LiquidSettings liquid = f.liquid;
        liquid.how = LiquidStatement::Strength;
        liquid.convention = StrengthConvention::PureAndAllWater;
        liquid.value = strength_->value() / tenths / 100.0;
        edits.push_back(SetLiquid{SettingField::Liquid, liquid});
    }
    const LineReckoned* acid = r->find(movingAcid(f));
    if (acid_->isEnabled() && acid &&
        acid_->value() != int(std::lround(acid->grams / r->oilsGrams * 100.0 * tenths)))
        edits.push_back(
            SetAmount{movingAcid(f), {acid_->value() / tenths, AmountUnit::PercentOfOils}});
    const Line* from = f.find(from_->currentData().toUInt());
    const Line* to = f.find(to_->currentData().toUInt());
    if (from && to && from != to && trade_->value() > 0) {
        const double had = r->find(from->id)->grams;
        const double moves = had * trade_->value() / 1000.0;
        edits.push_back(SetAmount{from->id, restated(*from, had - moves, r->oilsGrams)});
        edits.push_back(
            SetAmount{to->id, restated(*to, r->find(to->id)->grams + moves, r->oilsGrams)});
    }
    return edits;
}

void ComparePanel::slide()
{
    sliding_ = true;
    const std::vector<Edit> edits = wanted();
    if (edits.empty())
        document().dropPreview();
    else
        document().preview(edits);
    sliding_ = false;
    refreshControls();
}

void ComparePanel::refreshControls()
{
    const Formula& f = document().formula();
    const Reckoning* r = document().reckoning();
    if (!document().isPreviewing() && !sliding_) {
        const QSignalBlocker quiet[] = {QSignalBlocker(superfat_), QSignalBlocker(strength_),
                                        QSignalBlocker(acid_), QSignalBlocker(trade_)};
        superfat_->setValue(int(std::lround(f.lye.superfat * 100.0 * tenths)));
        if (r)
            strength_->setValue(int(std::lround(r->pure.strength * 100.0 * tenths)));
        const LineReckoned* acid = r ? r->find(movingAcid(f)) : nullptr;
        acid_->setValue(acid && r->oilsGrams > 0.0
                            ? int(std::lround(acid->grams / r->oilsGrams * 100.0 * tenths))
                            : 0);
        trade_->setValue(0);
        for (QComboBox* box : {from_, to_}) {
            const QVariant before = box->currentData();
            box->clear();
            for (const Line& line : f.lines)
                if (line.material->isOil() && !line.locked && f.portionOf(line) == 0)
                    box->addItem(materialName(*line.material), line.id);
            const int at = box->findData(before);
            box->setCurrentIndex(at >= 0 ? at : std::min(box == to_ ? 1 : 0, box->count() - 1));
        }
    }
    superfat_->setEnabled(!f.lye.fixed);
    acid_->setEnabled(movingAcid(f) != 0);
    trade_->setEnabled(from_->currentIndex() != to_->currentIndex());
    superfatSaid_->setText(speech().percent(superfat_->value() / tenths / 100.0));
    strengthSaid_->setText(speech().percent(strength_->value() / tenths / 100.0));
    acidSaid_->setText(acid_->isEnabled() ? speech().percent(acid_->value() / tenths / 100.0)
                                          : tr("none"));
    tradeSaid_->setText(speech().percent(trade_->value() / 1000.0));
    keep_->setEnabled(document().isPreviewing());
    drop_->setEnabled(document().isPreviewing());
}

words::FactPage ComparePanel::factsOf(const Formula& f, const Reckoning& r)
{
    const Formula& against = pinned_ ? *pinned_ : document().standing();
    const ReckonResult was = reckon(against);
    const auto* before = std::get_if<Reckoning>(&was);
    if (!before) {
        words::FactPage page;
        page.lead = words::refusal(std::get<Refusal>(was), speech());
        return page;
    }
    return words::compareFacts(against, *before, f, r, pinned_ ? pinnedName_ : tr("as it stands"),
                               speech());
}

} // namespace rhexion
