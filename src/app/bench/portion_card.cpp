#include "app/bench/portion_card.h"

#include "app/theme/theme.h"
#include "app/widgets/figure_row.h"
#include "app/widgets/label.h"
#include "app/widgets/number_field.h"
#include "document/formula_document.h"
#include "storage/material_names.h"
#include "words/names.h"
#include "words/refusal_words.h"
#include "words/what_is.h"

#include <QComboBox>
#include <QHBoxLayout>
#include <QLabel>
#include <QLineEdit>
#include <QToolButton>
#include <QVBoxLayout>

namespace rhexion {

namespace {

QLabel* caption(const QString& text, QWidget* buddy)
{
    auto* label = new Label(text);
    label->setObjectName(QStringLiteral("muted"));
    label->setBuddy(buddy);
    buddy->setAccessibleName(text);
    return label;
}

} // namespace

PortionCard::PortionCard(FormulaDocument& document, PortionId id, QWidget* parent)
    : QFrame(parent), document_(document), id_(id)
{
    setObjectName(QStringLiteral("inset"));
    name_ = new QLineEdit(this);
    name_->setMaxLength(80);
    name_->setAccessibleName(tr("Name of the portion"));
    parts_ = new NumberField(QString(), 2, false, this);
    fixWidth(parts_, 64);
    parts_->setToolTip(tr("1 and 1 are halves; 2 and 1 are two thirds and a third."));
    mould_ = new QLineEdit(this);
    mould_->setMaxLength(120);
    mould_->setPlaceholderText(tr("which mould it goes into"));
    held_ = new QLineEdit(this);
    fixWidth(held_, 104);
    leastWidth(name_, 60);
    leastWidth(mould_, 60);
    held_->setPlaceholderText(tr("none"));
    held_->setToolTip(tr("Oil taken out before the lye goes in, to wet colour, clay or yolk: 10 %, "
                         "2 tbsp or 30 g. It comes back at trace."));
    oil_ = new QComboBox(this);
    oil_->setAccessibleName(tr("Which oil is set aside"));
    oil_->setSizeAdjustPolicy(QComboBox::AdjustToMinimumContentsLengthWithIcon);
    oil_->setMinimumContentsLength(3);
    leastWidth(oil_, 60);
    own_ = new Label(this);
    own_->setObjectName(QStringLiteral("muted"));
    own_->setWordWrap(true);
    auto* remove = new QToolButton(this);
    remove->setIcon(Theme::icon(QStringLiteral("x"), Ink::Ink));
    remove->setToolTip(tr("Take this portion away"));
    remove->setAccessibleName(remove->toolTip());

    auto* first = new QHBoxLayout;
    first->addWidget(name_, 1);
    first->addWidget(caption(tr("parts"), parts_));
    first->addWidget(parts_);
    first->addWidget(remove);
    auto* second = new QHBoxLayout;
    second->addWidget(caption(tr("Oil aside"), held_));
    second->addWidget(held_);
    second->addWidget(oil_, 1);
    auto* third = new QHBoxLayout;
    third->addWidget(caption(tr("Mould"), mould_));
    third->addWidget(mould_, 1);
    auto* layout = new QVBoxLayout(this);
    layout->setContentsMargins(10, 8, 10, 8);
    layout->setSpacing(4);
    layout->addLayout(first);
    layout->addLayout(second);
    layout->addLayout(third);
    layout->addWidget(own_);
    batter_ = addRow(Rule::PortionBatter);
    superfat_ = addRow(Rule::PortionSuperfat);
    salt_ = addRow(Rule::PortionSalt);
    scent_ = addRow(Rule::PortionScent);

    connect(name_, &QLineEdit::editingFinished, this, [this] {
        change(tr("Name a portion"), [&](Portion& p) { p.name = name_->text().toStdString(); });
    });
    connect(mould_, &QLineEdit::editingFinished, this, [this] {
        change(tr("Name a mould"), [&](Portion& p) { p.mould = mould_->text().toStdString(); });
    });
    connect(parts_, &NumberField::entered, this, [this](std::optional<double> v) {
        if (!(*v > 0.0) || *v > 1000.0) {
            Q_EMIT refused(tr("Parts are a number above 0 and up to 1000."));
            refresh();
            return;
        }
        change(tr("Change a portion’s parts"), [&](Portion& p) { p.parts = *v; });
    });
    connect(parts_, &NumberField::refused, this, &PortionCard::refused);
    connect(held_, &QLineEdit::editingFinished, this, &PortionCard::takeHeld);
    connect(oil_, &QComboBox::activated, this, [this] {
        change(tr("Set another oil aside"), [&](Portion& p) {
            if (!p.held)
                p.held = HeldOil{0, {10.0, AmountUnit::PercentOfOils}};
            p.held->line = oil_->currentData().toUInt();
        });
    });
    connect(remove, &QToolButton::clicked, this, [this] { Q_EMIT removeWanted(id_); });
}

FigureRow* PortionCard::addRow(Rule rule)
{
    auto* row = new FigureRow(this);
    row->setCompact();
    row->setWhatsThis(words::whatIs(rule));
    leastWidth(row, 120); // names give way before figures do
    layout()->addWidget(row);
    connect(row, &FigureRow::clicked, this, [this, rule] { Q_EMIT workingWanted(rule, id_); });
    return row;
}

template <class Change>
void PortionCard::change(const QString& text, Change change)
{
    std::vector<Portion> portions = document_.formula().portions;
    for (Portion& portion : portions)
        if (portion.id == id_)
            change(portion);
    if (portions != document_.formula().portions)
        document_.apply(SetPortions{std::move(portions)}, text);
}

void PortionCard::takeHeld()
{
    const QString text = held_->text().trimmed();
    const Portion* now = document_.formula().portion(id_);
    if (!now || !held_->isModified())
        return;
    held_->setModified(false);
    if (text.isEmpty()) {
        change(tr("Set no oil aside"), [](Portion& p) { p.held.reset(); });
        return;
    }
    const auto parsed = parseAmount(text.toStdString(), speech_.phraseHabits());
    const auto* amount = std::get_if<StatedAmount>(&parsed);
    if (!amount || !(amount->unit == AmountUnit::PercentOfOils || statedMass(*amount) ||
                     isMeasured(amount->unit))) {
        Q_EMIT refused(amount ? tr("Oil is set aside by weight, by spoons, or as a per cent of the "
                                   "portion’s oils.")
                              : words::phraseFault(std::get<PhraseFault>(parsed)));
        refresh();
        return;
    }
    change(tr("Set oil aside"), [&](Portion& p) {
        p.held = HeldOil{p.held ? p.held->line : 0, *amount};
    });
}

void PortionCard::setSpeech(const Speech& speech)
{
    speech_ = speech;
    parts_->setSpeech(speech);
    refresh();
}

void PortionCard::refresh()
{
    const Formula& f = document_.formula();
    const Portion* portion = f.portion(id_);
    if (!portion)
        return;
    const auto show = [](QLineEdit* field, const QString& text) {
        if (field->text() != text && !field->isModified())
            field->setText(text);
    };
    name_->setPlaceholderText(words::portionName(id_, f));
    show(name_, QString::fromStdString(portion->name));
    show(mould_, QString::fromStdString(portion->mould));
    name_->setModified(false);
    mould_->setModified(false);
    parts_->setValue(portion->parts);
    held_->setText(portion->held ? speech_.amountForEditing(portion->held->amount) : QString());
    held_->setModified(false);
    oil_->clear();
    oil_->addItem(tr("mixed oils"), 0u);
    for (const Line& line : f.lines)
        if (line.material->isOil() && line.vessel == Vessel::OilPot)
            oil_->addItem(materialName(*line.material), line.id);
    oil_->setCurrentIndex(std::max(0, oil_->findData(portion->held ? portion->held->line : 0u)));
    oil_->setEnabled(portion->held.has_value());

    const Reckoning* r = document_.reckoning();
    QStringList own;
    for (const Line& line : f.lines)
        if (f.portionOf(line) == id_)
            if (const LineReckoned* reckoned = r ? r->find(line.id) : nullptr)
                own << tr("%1 %2").arg(materialName(*line.material), speech_.mass(reckoned->grams));
    own_->setText(own.isEmpty() ? tr("Nothing of its own yet: type “3 g … for %1”, "
                                     "or use a line’s menu.")
                                      .arg(words::portionName(id_, f))
                                : own.join(QStringLiteral(", ")));
    const PortionReckoned* p = r ? r->portion(id_) : nullptr;
    for (FigureRow* row : {batter_, superfat_, salt_, scent_})
        row->setVisible(p != nullptr);
    if (!p)
        return;
    batter_->set(tr("Batter, oils %1").arg(speech_.mass(p->oilsGrams)),
                 speech_.mass(p->batterGrams()));
    superfat_->setTint(p->superfat < 0.0 ? Theme::colours().danger : QColor());
    superfat_->set(tr("Superfat, at worst %1").arg(speech_.percent(p->superfatLow)),
                   speech_.percent(p->superfat));
    const double oils = p->oilsGrams > 0.0 ? p->oilsGrams : 1.0;
    salt_->setVisible(p->saltGrams > 0.0005 * oils);
    salt_->set(tr("Salt, of its oils"), speech_.percent(p->saltGrams / oils));
    scent_->setVisible(p->scentGrams > 0.0);
    scent_->set(tr("Scent, of its oils (of its batter %1)")
                    .arg(speech_.percent(p->scentGrams / p->batterGrams())),
                speech_.percent(p->scentGrams / oils));
}

} // namespace rhexion
