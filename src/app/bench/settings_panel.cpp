// What the panel is made of and what its fields do; what they show is in settings_shown.cpp.
#include "app/bench/settings_panel.h"

#include "app/bench/setting_row.h"
#include "app/help.h"
#include "app/theme/theme.h"
#include "app/widgets/label.h"
#include "app/widgets/number_field.h"
#include "app/widgets/scroll_room.h"
#include "core/formula/usual_settings.h"
#include "document/formula_document.h"
#include "words/difference_words.h"
#include "words/refusal_words.h"
#include "words/setting_words.h"

#include <QComboBox>
#include <QHBoxLayout>
#include <QPushButton>
#include <QVBoxLayout>

namespace rhexion {

namespace {

Label* heading(const QString& text)
{
    auto* label = new Label(text);
    label->setFont(Theme::strong());
    label->setContentsMargins(0, 8, 0, 0);
    return label;
}

template <class Enum>
QStringList named(std::initializer_list<Enum> values, QString (*name)(Enum))
{
    QStringList out;
    for (const Enum value : values)
        out << name(value);
    return out;
}

} // namespace

SettingsPanel::SettingsPanel(FormulaDocument& document, QWidget* parent)
    : SidePanel(tr("Settings of this formula"), parent), document_(document)
{
    helpOn(this, "lye");
    buildAsk();
    body()->addWidget(ask_);
    auto* page = new QWidget;
    auto* column = new QVBoxLayout(page);
    column->setContentsMargins(0, 0, 8, 0);
    column->setSpacing(2);
    buildLye(column);
    buildLiquid(column);
    buildJugs(column);
    buildWay(column);
    column->addStretch();
    auto* room = new ScrollRoom(page, this);
    room->setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    body()->addWidget(room, 1);
    connect(&document_, &FormulaDocument::changed, this, [this] {
        ask_->hide(); // what was asked was about the formula as it was
        if (isVisible())
            refresh();
    });
}

void SettingsPanel::start()
{
    ask_->hide();
    refresh();
    superfat_->setFocus();
}

void SettingsPanel::buildAsk()
{
    ask_ = new QFrame(this);
    ask_->setObjectName(QStringLiteral("inset"));
    asked_ = new Label(ask_);
    asked_->setWordWrap(true);
    auto* keep = new QPushButton(tr("Keep it"), ask_);
    keep->setObjectName(QStringLiteral("primary"));
    auto* leave = new QPushButton(tr("Leave it as it was"), ask_);
    connect(keep, &QPushButton::clicked, this, [this] {
        if (askedEdit_)
            document_.apply(*std::exchange(askedEdit_, std::nullopt), askedText_);
        ask_->hide();
    });
    connect(leave, &QPushButton::clicked, this, [this] {
        ask_->hide();
        refresh();
    });
    auto* buttons = new QHBoxLayout;
    buttons->addWidget(keep);
    buttons->addWidget(leave);
    buttons->addStretch();
    auto* column = new QVBoxLayout(ask_);
    column->addWidget(asked_);
    column->addLayout(buttons);
    ask_->hide();
}

void SettingsPanel::ask(const Edit& edit, const QString& text)
{
    const auto result = document_.wouldBe(edit);
    const auto* after = result ? std::get_if<Reckoning>(&result->result) : nullptr;
    const Reckoning* before = document_.reckoning();
    if (!result)
        return; // nothing would change
    if (const auto* why = std::get_if<Refusal>(&result->result)) {
        Q_EMIT refused(words::refusal(*why, speech_));
        refresh();
        return;
    }
    if (!before || !after) {
        document_.apply(edit, text);
        return;
    }
    askedEdit_ = edit;
    askedText_ = text;
    asked_->setText(tr("%1: %2").arg(
        text, words::figuresMovedSentence(words::figuresMoved(document_.formula(), *before,
                                                              result->formula, *after, speech_))));
    ask_->setAccessibleName(asked_->text());
    ask_->show();
}

NumberField* SettingsPanel::number(const char* object, const QString& suffix, int decimals,
                                   const std::function<void(double)>& set)
{
    auto* field = new NumberField(suffix, decimals, false);
    field->setObjectName(QLatin1String(object));
    fixWidth(field, 84);
    connect(field, &NumberField::entered, this, [set](std::optional<double> v) { set(*v); });
    connect(field, &NumberField::refused, this, &SettingsPanel::refused);
    numbers_.push_back(field);
    return field;
}

NumberField* SettingsPanel::numberOrNone(const char* object, const QString& suffix, int decimals,
                                         const std::function<void(std::optional<double>)>& set)
{
    auto* field = new NumberField(suffix, decimals, true);
    field->setObjectName(QLatin1String(object));
    fixWidth(field, 84);
    connect(field, &NumberField::entered, this, set);
    connect(field, &NumberField::refused, this, &SettingsPanel::refused);
    numbers_.push_back(field);
    return field;
}

void SettingsPanel::setLye(SettingField field, const QString& text,
                           const std::function<void(LyeSettings&)>& how)
{
    LyeSettings lye = document_.formula().lye;
    how(lye);
    document_.apply(SetLye{field, lye}, text);
}

void SettingsPanel::askLye(SettingField field, const QString& text,
                           const std::function<void(LyeSettings&)>& how)
{
    LyeSettings lye = document_.formula().lye;
    how(lye);
    ask(SetLye{field, lye}, text);
}

void SettingsPanel::setLiquid(SettingField field, const QString& text,
                              const std::function<void(LiquidSettings&)>& how)
{
    LiquidSettings liquid = document_.formula().liquid;
    how(liquid);
    document_.apply(SetLiquid{field, liquid}, text);
}

void SettingsPanel::buildLye(QVBoxLayout* column)
{
    using F = SettingField;
    const QString percent = QStringLiteral("%");
    column->addWidget(heading(tr("Lye")));
    superfat_ = number("panelSuperfat", percent, 2, [this](double v) {
        if (v < 0.0 && document_.formula().lye.superfat >= 0.0) {
            Q_EMIT negativeWanted(v / 100.0);
            refresh(); // the field shows what holds until it is confirmed
            return;
        }
        setLye(F::Superfat, tr("Set superfat"), [v](auto& lye) { lye.superfat = v / 100.0; });
    });
    superfatRow_ = new SettingRow(tr("Superfat"), {superfat_});
    column->addWidget(superfatRow_);
    free_ = new QPushButton(tr("Let superfat decide the lye again"));
    free_->setObjectName(QStringLiteral("free"));
    connect(free_, &QPushButton::clicked, this, [this] {
        setLye(F::Fixed, tr("Let superfat decide"), [](auto& lye) { lye.fixed.reset(); });
    });
    column->addWidget(free_);
    basis_ = choiceOf({tr("all fat"), tr("fat in the cook only")}, "basis");
    connect(basis_, &QComboBox::activated, this, [this](int i) {
        askLye(F::Basis, tr("Superfat set on %1").arg(basis_->itemText(i)),
               [i](auto& lye) { lye.basis = static_cast<SuperfatBasis>(i); });
    });
    column->addWidget(new SettingRow(tr("Superfat is set on"), {basis_}));
    hidden_ =
        choiceOf(named({HiddenFatSchool::Ignore, HiddenFatSchool::Surely, HiddenFatSchool::Typical},
                       words::hiddenFatSchool),
                 "hiddenFat");
    connect(hidden_, &QComboBox::activated, this, [this](int i) {
        askLye(F::HiddenFat, tr("Hidden fat: %1").arg(hidden_->itemText(i)),
               [i](auto& lye) { lye.hiddenFat = static_cast<HiddenFatSchool>(i); });
    });
    hiddenRow_ = new SettingRow(tr("Hidden fat and waxes"), {hidden_});
    column->addWidget(hiddenRow_);
    potassium_ = number("panelPotassium", percent, 1, [this](double v) {
        setLye(F::PotassiumShare, tr("Set potassium share"),
               [v](auto& lye) { lye.potassiumShare = v / 100.0; });
    });
    potassiumRow_ = new SettingRow(tr("Potassium lye"), {potassium_});
    column->addWidget(potassiumRow_);
    split_ = choiceOf(
        named({SplitConvention::Moles, SplitConvention::PureWeight, SplitConvention::WeighedWeight},
              words::splitConvention),
        "split");
    connect(split_, &QComboBox::activated, this, [this](int i) {
        askLye(F::Split, tr("Potassium lye as %1").arg(split_->itemText(i)),
               [i](auto& lye) { lye.split = static_cast<SplitConvention>(i); });
    });
    column->addWidget(new SettingRow(tr("Potassium lye is a"), {split_}));
    const std::pair<QString, const char*> purities[] = {
        {tr("Purity of the sodium hydroxide"), "sodiumPurity"},
        {tr("Purity of the potassium hydroxide"), "potassiumPurity"}};
    for (int i = 0; i < 2; ++i) {
        purity_[i] = number(purities[i].second, percent, 2,
                            [this, i](double v) { setPurity(i == 0, v / 100.0); });
        purityRow_[i] = new SettingRow(purities[i].first, {purity_[i]});
        column->addWidget(purityRow_[i]);
    }
}

void SettingsPanel::setPurity(bool sodium, double purity)
{
    const LyeSettings& now = document_.formula().lye;
    const auto changed = withPurity(*(sodium ? now.sodium : now.potassium), purity);
    if (!changed) {
        Q_EMIT refused(tr("A purity must lie above 0 and at most 100 %."));
        refresh();
        return;
    }
    setLye(sodium ? SettingField::Sodium : SettingField::Potassium, tr("Set purity"),
           [&](auto& lye) {
               (sodium ? lye.sodium : lye.potassium) = std::make_shared<const Material>(*changed);
           });
}

void SettingsPanel::buildLiquid(QVBoxLayout* column)
{
    using F = SettingField;
    column->addWidget(heading(tr("Liquid")));
    how_ =
        choiceOf({tr("lye strength"), tr("water to lye"), tr("% of oils"), tr("less than usual")},
                 "panelHow");
    connect(how_, &QComboBox::activated, this, [this](int i) {
        const auto said = statedAnew(document_.formula().liquid, document_.reckoning(),
                                     static_cast<LiquidStatement>(i));
        setLiquid(F::Liquid, tr("State liquid another way"), [&](auto& l) { l = said; });
    });
    liquid_ = number("panelLiquid", QStringLiteral("%"), 2, [this](double v) {
        setLiquid(F::Liquid, tr("Set liquid"),
                  [v](auto& l) { l.value = l.how == LiquidStatement::Ratio ? v : v / 100.0; });
    });
    liquid_->setAccessibleName(tr("figure"));
    liquidRow_ = new SettingRow(tr("Liquid stated as"), {how_, liquid_});
    column->addWidget(liquidRow_);
    usual_ = number("usual", QString(), 2, [this](double v) {
        setLiquid(F::Liquid, tr("Set my usual"), [v](auto& l) { l.usualRatio = v; });
    });
    auto* usual = new SettingRow(tr("My usual, water to lye"), {usual_});
    usual->setTerms(tr("what “less than usual” is less than"));
    column->addWidget(usual);
    convention_ = choiceOf(
        named({StrengthConvention::PureAndAllWater, StrengthConvention::WeighedWithoutImpurity},
              words::strengthConvention),
        "convention");
    connect(convention_, &QComboBox::activated, this, [this](int i) {
        LiquidSettings liquid = document_.formula().liquid;
        liquid.convention = static_cast<StrengthConvention>(i);
        ask(SetLiquid{F::Convention, liquid},
            tr("Strength counts %1").arg(convention_->itemText(i)));
    });
    conventionRow_ = new SettingRow(tr("Strength counts"), {convention_});
    column->addWidget(conventionRow_);
}

void SettingsPanel::buildJugs(QVBoxLayout* column)
{
    using F = SettingField;
    const QString percent = QStringLiteral("%");
    column->addWidget(heading(tr("Jugs and joining")));
    jug_ = numberOrNone("panelJug", QString(), 2, [this](std::optional<double> v) {
        setLiquid(F::JugRatio, tr("Set the jug’s strength"), [v](auto& l) { l.jugRatio = v; });
    });
    jug_->setPlaceholderText(tr("off"));
    jugRow_ = new SettingRow(tr("Strong jug, water to lye"), {jug_});
    column->addWidget(jugRow_);
    coolest_ = number("coolest", QString(), 1, [this](double v) {
        const Temperature at =
            speech_.habits().fahrenheit ? Temperature::fahrenheit(v) : Temperature::celsius(v);
        setLiquid(F::JugTemperature, tr("Set the jug’s temperature"),
                  [at](auto& l) { l.jugCoolest = at; });
    });
    auto* coolest = new SettingRow(tr("The jug’s coolest"), {coolest_});
    coolest->setTerms(tr("ice-cold, less lye dissolves; the jug is checked there"));
    column->addWidget(coolest);

    secondJug_ = choiceOf({tr("one jug"), tr("half of it in the second"),
                           tr("the potassium hydroxide in the second"), tr("as stated below")},
                          "secondJug");
    connect(secondJug_, &QComboBox::activated, this, [this](int i) {
        if (i < int(usualSecondJugs.size()))
            setLye(F::SecondJug, tr("Divide the lye"),
                   [i](auto& lye) { lye.secondJug = usualSecondJugs[std::size_t(i)]; });
        second_[0]->setEnabled(i != 0);
        second_[1]->setEnabled(i != 0);
    });
    column->addWidget(new SettingRow(tr("Lye in two jugs"), {secondJug_}));
    for (int i = 0; i < 2; ++i) {
        second_[i] =
            number(i == 0 ? "secondSodium" : "secondPotassium", percent, 1, [this, i](double v) {
                setLye(F::SecondJug, tr("Divide the lye"), [&](auto& lye) {
                    SecondJug second = lye.secondJug.value_or(SecondJug{});
                    (i == 0 ? second.sodium : second.potassium) = v / 100.0;
                    lye.secondJug = second;
                });
            });
        second_[i]->setAccessibleName(i == 0 ? tr("sodium") : tr("potassium"));
    }
    secondRow_ = new SettingRow(tr("Sodium and potassium in the second"), {second_[0], second_[1]});
    column->addWidget(secondRow_);

    mixing_ = choiceOf(
        {tr("room temperature"), tr("both warm"), tr("hot for a cook"), tr("as stated below")},
        "mixing");
    connect(mixing_, &QComboBox::activated, this, [this](int i) {
        if (i < int(usualMixings.size()))
            document_.apply(SetMixing{usualMixings[std::size_t(i)]},
                            tr("Set how warm to join them"));
    });
    column->addWidget(new SettingRow(tr("Jug and pot are joined"), {mixing_}));
    mixAt_ = number("mixAt", QString(), 1, [this](double v) {
        Mixing mixing = document_.formula().mixing;
        mixing.at =
            speech_.habits().fahrenheit ? Temperature::fahrenheit(v) : Temperature::celsius(v);
        document_.apply(SetMixing{mixing}, tr("Set how warm to join them"));
    });
    mixWithin_ = number("mixWithin", QString(), 1, [this](double v) {
        Mixing mixing = document_.formula().mixing;
        mixing.within = speech_.habits().fahrenheit ? Temperature::differenceFromFahrenheit(v) : v;
        document_.apply(SetMixing{mixing}, tr("Set how warm to join them"));
    });
    mixWithin_->setAccessibleName(tr("within"));
    column->addWidget(new SettingRow(tr("At, and within"), {mixAt_, mixWithin_}));
}

void SettingsPanel::buildWay(QVBoxLayout* column)
{
    column->addWidget(heading(tr("My way")));
    wayText_ = new Label;
    wayText_->setObjectName(QStringLiteral("muted"));
    wayText_->setWordWrap(true);
    column->addWidget(wayText_);
    auto* keep = new QPushButton(tr("Keep these settings as my way"));
    keep->setObjectName(QStringLiteral("keepWay"));
    connect(keep, &QPushButton::clicked, this, &SettingsPanel::keepWayWanted);
    takeWay_ = new QPushButton(tr("Take my way for this formula"));
    takeWay_->setObjectName(QStringLiteral("takeWay"));
    connect(takeWay_, &QPushButton::clicked, this, &SettingsPanel::takeWay);
    forgetWay_ = new QPushButton(tr("Forget my way"));
    forgetWay_->setObjectName(QStringLiteral("forgetWay"));
    connect(forgetWay_, &QPushButton::clicked, this, &SettingsPanel::forgetWayWanted);
    auto* schools = new QPushButton(tr("Where makers differ, side by side"));
    connect(schools, &QPushButton::clicked, this, &SettingsPanel::schoolsWanted);
    for (QPushButton* button : {keep, takeWay_, forgetWay_, schools})
        column->addWidget(button);
}

void SettingsPanel::takeWay()
{
    if (!way_)
        return;
    LyeSettings lye = way_->lye;
    lye.fixed.reset();
    document_.apply({SetLye{SettingField::Superfat, lye},
                     SetLiquid{SettingField::Liquid, way_->liquid}, SetMixing{way_->mixing}},
                    tr("Take my way"));
}

void SettingsPanel::setWay(const std::optional<Formula>& way)
{
    way_ = way;
    if (isVisible())
        refresh();
}

void SettingsPanel::setSpeech(const Speech& speech)
{
    speech_ = speech;
    for (NumberField* field : numbers_)
        field->setSpeech(speech);
    refresh();
}

} // namespace rhexion
