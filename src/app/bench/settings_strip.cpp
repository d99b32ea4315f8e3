#include "app/bench/settings_strip.h"

#include "app/bench/lye_menu.h"
#include "app/theme/theme.h"
#include "app/widgets/label.h"
#include "app/widgets/menu_parts.h"
#include "app/widgets/number_field.h"
#include "document/formula_document.h"
#include "words/setting_words.h"

#include <QActionGroup>
#include <QComboBox>
#include <QHBoxLayout>
#include <QLabel>
#include <QMenu>
#include <QSignalBlocker>
#include <QToolButton>
#include <QVBoxLayout>
#include <QWidgetAction>

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
    hidden_->setFixedWidth(136);
    hidden_->setToolTip(
        tr("The fat in milk, egg or coconut milk: left out, what is surely there, or "
           "its typical figure."));
    oils_ = new NumberField(QString(), 1, false);
    more_ = new QToolButton;
    more_->setText(tr("More…"));
    more_->setPopupMode(QToolButton::InstantPopup);
    menu_ = new QMenu(more_);
    more_->setMenu(menu_);
    for (NumberField* field : {superfat_, potassium_, jug_})
        field->setFixedWidth(72);
    liquid_->setFixedWidth(86);
    oils_->setFixedWidth(92);
    how_->setFixedWidth(130);

    auto* layout = new QHBoxLayout(this);
    layout->setContentsMargins(12, 4, 8, 6);
    layout->setSpacing(9);
    layout->addWidget(labelled(tr("Superfat"), {superfat_}, &superfatName_));
    layout->addWidget(labelled(tr("Potassium lye"), {potassium_}));
    layout->addWidget(labelled(tr("Liquid stated as"), {how_, liquid_}));
    layout->addWidget(labelled(tr("Strong jug"), {jug_}));
    hiddenBox_ = labelled(tr("Hidden fat"), {hidden_});
    layout->addWidget(hiddenBox_);
    oilsBox_ = labelled(tr("All oils"), {oils_});
    layout->addWidget(oilsBox_);
    layout->addStretch();
    layout->addWidget(more_, 0, Qt::AlignBottom);

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
        LiquidSettings l = document_.formula().liquid;
        const auto to = static_cast<LiquidStatement>(index);
        if (to == l.how)
            return;
        // The same water, said the new way, so that changing the word changes no figure.
        const Reckoning* r = document_.reckoning();
        const LiquidTerms t = r ? r->wanted : LiquidTerms{1.0 / 3.0, 2.0, 0.3, 0.0};
        const auto said = [&](const std::optional<double>& v) { return v.value_or(l.value); };
        l.how = to;
        l.value = to == LiquidStatement::Strength        ? t.strength
                  : to == LiquidStatement::Ratio         ? said(t.ratio)
                  : to == LiquidStatement::PercentOfOils ? said(t.shareOfOils)
                                                         : std::max(0.0, said(t.lessThanUsual));
        setLiquid(l, int(SettingField::Liquid), tr("State liquid another way"));
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
        setLye(lye, int(SettingField::HiddenFat), tr("Count hidden fat another way"));
    });
    connect(oils_, &NumberField::entered, this, [this](std::optional<double> v) {
        const auto mass = statedMass({*v, speech_.habits().massUnit});
        document_.apply(SetOilsTotal{mass.value_or(Mass::grams(0))},
                        tr("Set the mass of all oils"));
    });
    for (NumberField* field : {superfat_, potassium_, liquid_, jug_, oils_})
        connect(field, &NumberField::refused, this, &SettingsStrip::refused);
    connect(menu_, &QMenu::aboutToShow, this, &SettingsStrip::buildMenu);
    connect(&document_, &FormulaDocument::changed, this, &SettingsStrip::refresh);
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
    // In a narrow window it is still under More.
    hiddenBox_->setVisible(width() >= 722);
    QFrame::resizeEvent(event);
}

void SettingsStrip::setPurity(bool sodium, double purity)
{
    LyeSettings lye = document_.formula().lye;
    MaterialPtr& material = sodium ? lye.sodium : lye.potassium;
    const auto changed = withPurity(*material, purity);
    if (!changed) {
        Q_EMIT refused(tr("A purity must lie above 0 and at most 100 %."));
        return;
    }
    material = std::make_shared<const Material>(*changed);
    setLye(lye, int(sodium ? SettingField::Sodium : SettingField::Potassium), tr("Set purity"));
}

void SettingsStrip::buildMenu()
{
    menu_->clear();
    const Formula& f = document_.formula();
    QMenu* hidden = menu_->addMenu(tr("Hidden fat counts"));
    for (const auto s :
         {HiddenFatSchool::Ignore, HiddenFatSchool::Surely, HiddenFatSchool::Typical})
        addTicked(*hidden, words::hiddenFatSchool(s), f.lye.hiddenFat == s, [this, s] {
            LyeSettings lye = document_.formula().lye;
            lye.hiddenFat = s;
            setLye(lye, int(SettingField::HiddenFat), tr("Count hidden fat another way"));
        });
    QMenu* split = menu_->addMenu(tr("Potassium lye is a"));
    for (const auto s :
         {SplitConvention::Moles, SplitConvention::PureWeight, SplitConvention::WeighedWeight})
        addTicked(*split, words::splitConvention(s), f.lye.split == s, [this, s] {
            LyeSettings lye = document_.formula().lye;
            lye.split = s;
            setLye(lye, int(SettingField::Split), tr("Split the lye another way"));
        });
    QMenu* strength = menu_->addMenu(tr("Strength counts"));
    for (const auto s :
         {StrengthConvention::PureAndAllWater, StrengthConvention::WeighedWithoutImpurity})
        addTicked(*strength, words::strengthConvention(s), f.liquid.convention == s, [this, s] {
            LiquidSettings l = document_.formula().liquid;
            l.convention = s;
            setLiquid(l, int(SettingField::Convention), tr("Count strength another way"));
        });
    QMenu* basis = menu_->addMenu(tr("Superfat is set on"));
    addTicked(*basis, tr("all fat"), f.lye.basis == SuperfatBasis::AllFat, [this] {
        LyeSettings lye = document_.formula().lye;
        lye.basis = SuperfatBasis::AllFat;
        setLye(lye, int(SettingField::Basis), tr("Set superfat on all fat"));
    });
    addTicked(*basis, tr("fat in the cook only"), f.lye.basis == SuperfatBasis::CookedFat, [this] {
        LyeSettings lye = document_.formula().lye;
        lye.basis = SuperfatBasis::CookedFat;
        setLye(lye, int(SettingField::Basis), tr("Set superfat on the cook"));
    });
    QMenu* jug = menu_->addMenu(tr("The jug’s coolest"));
    for (const double celsius : {0.0, 10.0, 20.0}) {
        const Temperature at = Temperature::celsius(celsius);
        addTicked(*jug, speech_.temperature(celsius), f.liquid.jugCoolest == at, [this, at] {
            LiquidSettings l = document_.formula().liquid;
            l.jugCoolest = at;
            setLiquid(l, int(SettingField::JugTemperature), tr("Set the jug’s temperature"));
        });
    }
    addJugMenus(*menu_, document_, speech_);
    const std::pair<bool, std::vector<double>> purities[] = {{true, {1.0, 0.99, 0.98, 0.97}},
                                                             {false, {1.0, 0.95, 0.9, 0.88, 0.85}}};
    for (const auto& [sodium, values] : purities) {
        const MaterialPtr& material = sodium ? f.lye.sodium : f.lye.potassium;
        const Part part = sodium ? Part::SodiumHydroxide : Part::PotassiumHydroxide;
        if (!material)
            continue;
        const double now = material->part(part).range.typical();
        QMenu* purity = menu_->addMenu(sodium ? tr("Purity of the sodium lye")
                                              : tr("Purity of the potassium lye"));
        for (const double value : values)
            addTicked(*purity, speech_.percent(value, 0), std::abs(now - value) < 1e-6,
                      [this, is = sodium, value] { setPurity(is, value); });
        auto* field = new NumberField(QStringLiteral("%"), 2, false, purity);
        field->setSpeech(speech_);
        field->setValue(now * 100.0);
        connect(field, &NumberField::entered, this,
                [this, is = sodium](std::optional<double> v) { setPurity(is, *v / 100.0); });
        auto* action = new QWidgetAction(purity);
        action->setDefaultWidget(field);
        purity->addAction(action);
    }
    menu_->addSeparator();
    QAction* free = menu_->addAction(tr("Let superfat decide the lye again"), this, [this] {
        LyeSettings lye = document_.formula().lye;
        lye.fixed.reset();
        setLye(lye, int(SettingField::Fixed), tr("Let superfat decide"));
    });
    free->setEnabled(f.lye.fixed.has_value());
}

} // namespace rhexion
