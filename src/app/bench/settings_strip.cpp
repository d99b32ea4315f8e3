#include "app/bench/settings_strip.h"

#include "app/help.h"
#include "app/theme/theme.h"
#include "app/widgets/flow_layout.h"
#include "app/widgets/label.h"
#include "app/widgets/number_field.h"
#include "document/formula_document.h"
#include "words/setting_words.h"

#include <QComboBox>
#include <QHBoxLayout>
#include <QLabel>
#include <QSignalBlocker>
#include <QToolButton>
#include <QVBoxLayout>

namespace rhexion {

namespace {

QWidget* labelled(const QString& name, std::initializer_list<QWidget*> fields,
                  QLabel** label = nullptr)
{
    auto* box = new QWidget;
    auto* column = new QVBoxLayout(box);
    column->setContentsMargins(0, 0, 0, 0);
    column->setSpacing(1);
    auto* title = new Label(name);
    title->setObjectName(QStringLiteral("muted"));
    title->setBuddy(*fields.begin());
    column->addWidget(title);
    auto* row = new QHBoxLayout;
    row->setSpacing(4);
    for (QWidget* field : fields) {
        row->addWidget(field);
        field->setAccessibleName(name);
    }
    row->addStretch();
    column->addLayout(row);
    if (label)
        *label = title;
    return box;
}

// Whether the value field holds a per cent for this way of stating liquid.
bool inPercent(LiquidStatement how)
{
    return how != LiquidStatement::Ratio;
}

} // namespace

SettingsStrip::SettingsStrip(FormulaDocument& document, QWidget* parent)
    : QFrame(parent), document_(document)
{
    helpOn(this, "lye");
    setObjectName(QStringLiteral("card"));
    superfat_ = new NumberField(QStringLiteral("%"), 2, false);
    superfat_->setObjectName(QStringLiteral("superfat"));
    potassium_ = new NumberField(QStringLiteral("%"), 1, false);
    potassium_->setObjectName(QStringLiteral("potassium"));
    how_ = new QComboBox;
    how_->setObjectName(QStringLiteral("how"));
    how_->addItems(
        {tr("lye strength"), tr("water to lye"), tr("% of oils"), tr("less than usual")});
    liquid_ = new NumberField(QStringLiteral("%"), 2, false);
    liquid_->setObjectName(QStringLiteral("liquid"));
    jug_ = new NumberField(QString(), 2, true);
    jug_->setObjectName(QStringLiteral("jug"));
    jug_->setPlaceholderText(tr("off"));
    jug_->setToolTip(
        tr("A strong jug: grams of water for each gram of lye in the jug alone. The rest "
           "of the liquid goes elsewhere. Empty: off."));
    hidden_ = new QComboBox;
    hidden_->setObjectName(QStringLiteral("hidden"));
    for (const auto school :
         {HiddenFatSchool::Ignore, HiddenFatSchool::Surely, HiddenFatSchool::Typical})
        hidden_->addItem(words::hiddenFatSchool(school));
    hidden_->setItemText(0, tr("not counted"));
    hidden_->setItemText(1, tr("surely there"));
    hidden_->setItemText(2, tr("typical"));
    fixWidth(hidden_, 136);
    hidden_->setToolTip(
        tr("The fat in milk, egg or coconut milk: left out, what is surely there, or "
           "its typical figure."));
    oils_ = new NumberField(QString(), 1, false);
    more_ = new QToolButton;
    more_->setText(tr("Settings…"));
    more_->setToolTip(tr("Purity, what strength counts, two jugs, your usual way (Ctrl+,)"));
    more_->setFocusPolicy(Qt::StrongFocus);
    connect(more_, &QToolButton::clicked, this, &SettingsStrip::allWanted);
    for (NumberField* field : {superfat_, potassium_, jug_})
        fixWidth(field, 68);
    fixWidth(liquid_, 88);
    superfat_->setWhatsThis(tr("The share of the fat that is to stay free: less lye is weighed."));
    potassium_->setWhatsThis(
        tr("How much of the lye is potassium hydroxide, counted as the settings say."));
    how_->setWhatsThis(tr("Four ways to say how much liquid there is; each is the same thing said "
                          "differently, and the others are shown beside it."));
    liquid_->setWhatsThis(how_->whatsThis());
    jug_->setWhatsThis(jug_->toolTip());
    hidden_->setWhatsThis(hidden_->toolTip());
    fixWidth(oils_, 92);
    leastWidth(how_, 120); // a longer language takes what there is

    auto* layout = new FlowLayout(this, 9, 4);
    layout->setContentsMargins(12, 4, 8, 6);
    layout->setLastApart(true);
    layout->addWidget(labelled(tr("Superfat"), {superfat_}, &superfatName_));
    layout->addWidget(labelled(tr("Potassium lye"), {potassium_}));
    layout->addWidget(labelled(tr("Liquid stated as"), {how_, liquid_}));
    jugBox_ = labelled(tr("Strong jug"), {jug_});
    layout->addWidget(jugBox_);
    hiddenBox_ = labelled(tr("Hidden fat"), {hidden_});
    layout->addWidget(hiddenBox_);
    oilsBox_ = labelled(tr("All oils"), {oils_});
    layout->addWidget(oilsBox_);
    layout->addWidget(more_);

    connect(superfat_, &NumberField::entered, this, [this](std::optional<double> v) {
        LyeSettings lye = document_.formula().lye;
        if (*v < 0.0 && lye.superfat >= 0.0) {
            Q_EMIT negativeWanted(*v / 100.0);
            refresh(); // the field shows what holds until it is confirmed
            return;
        }
        lye.superfat = *v / 100.0;
        setLye(lye, int(SettingField::Superfat), tr("Set superfat"));
    });
    connect(potassium_, &NumberField::entered, this, [this](std::optional<double> v) {
        LyeSettings lye = document_.formula().lye;
        lye.potassiumShare = *v / 100.0;
        setLye(lye, int(SettingField::PotassiumShare), tr("Set potassium share"));
    });
    connect(how_, &QComboBox::activated, this, [this](int index) {
        setLiquid(statedAnew(document_.formula().liquid, document_.reckoning(),
                             static_cast<LiquidStatement>(index)),
                  int(SettingField::Liquid), tr("State liquid another way"));
    });
    connect(liquid_, &NumberField::entered, this, [this](std::optional<double> v) {
        LiquidSettings l = document_.formula().liquid;
        l.value = inPercent(l.how) ? *v / 100.0 : *v;
        setLiquid(l, int(SettingField::Liquid), tr("Set liquid"));
    });
    connect(jug_, &NumberField::entered, this, [this](std::optional<double> v) {
        LiquidSettings l = document_.formula().liquid;
        l.jugRatio = v;
        setLiquid(l, int(SettingField::JugRatio), tr("Set the jug’s strength"));
    });
    connect(hidden_, &QComboBox::activated, this, [this](int index) {
        LyeSettings lye = document_.formula().lye;
        lye.hiddenFat = static_cast<HiddenFatSchool>(index);
        if (lye.hiddenFat != document_.formula().lye.hiddenFat)
            Q_EMIT schoolWanted(SetLye{SettingField::HiddenFat, lye},
                                tr("Hidden fat: %1").arg(words::hiddenFatSchool(lye.hiddenFat)));
        refresh(); // it shows what holds until it is kept
    });
    connect(oils_, &NumberField::entered, this, [this](std::optional<double> v) {
        const auto mass = statedMass({*v, speech_.habits().massUnit});
        document_.apply(SetOilsTotal{mass.value_or(Mass::grams(0))},
                        tr("Set the mass of all oils"));
    });
    for (NumberField* field : {superfat_, potassium_, liquid_, jug_, oils_})
        connect(field, &NumberField::refused, this, &SettingsStrip::refused);
    connect(&document_, &FormulaDocument::changed, this, &SettingsStrip::refresh);
}

QWidget* SettingsStrip::lastField() const
{
    return more_;
}

void SettingsStrip::setSpeech(const Speech& speech)
{
    speech_ = speech;
    for (NumberField* field : {superfat_, potassium_, liquid_, jug_, oils_})
        field->setSpeech(speech);
    oils_->setSuffix(speech.massUnit());
    refresh();
}

void SettingsStrip::setLye(const LyeSettings& lye, int field, const QString& text)
{
    document_.apply(SetLye{static_cast<SettingField>(field), lye}, text);
}

void SettingsStrip::setLiquid(const LiquidSettings& liquid, int field, const QString& text)
{
    document_.apply(SetLiquid{static_cast<SettingField>(field), liquid}, text);
}

void SettingsStrip::refresh()
{
    const Formula& f = document_.formula();
    const Reckoning* r = document_.reckoning();
    const bool fixed = f.lye.fixed.has_value();
    superfatName_->setText(fixed ? tr("Superfat, result") : tr("Superfat"));
    superfat_->setEnabled(!fixed);
    superfat_->setValue(100.0 * (fixed && r ? r->superfatOnOils.value_or(0.0) : f.lye.superfat));
    potassium_->setEnabled(!fixed);
    potassium_->setValue(100.0 * (fixed && r ? r->potassiumMoleShare : f.lye.potassiumShare));
    potassium_->setToolTip(tr("Potassium hydroxide: %1").arg(words::splitConvention(f.lye.split)));
    how_->setCurrentIndex(int(f.liquid.how));
    liquid_->setSuffix(inPercent(f.liquid.how) ? QStringLiteral("%") : QString());
    liquid_->setValue(inPercent(f.liquid.how) ? f.liquid.value * 100.0 : f.liquid.value);
    jug_->setValue(f.liquid.jugRatio);
    hidden_->setCurrentIndex(int(f.lye.hiddenFat));

    bool allShares = false;
    for (const Line& line : f.lines)
        if (line.material->isOil()) {
            allShares = line.amount.unit == AmountUnit::PercentOfOils;
            if (!allShares)
                break;
        }
    oilsBox_->setVisible(allShares);
    oils_->setValue(statedIn(f.oilsTotal, speech_.habits().massUnit).value);
}

void SettingsStrip::resizeEvent(QResizeEvent* event)
{
    // One row as long as it can be: in a narrow window these are in the settings alone.
    jugBox_->setVisible(width() >= Theme::px(560));
    hiddenBox_->setVisible(width() >= Theme::px(760));
    QFrame::resizeEvent(event);
}

} // namespace rhexion
