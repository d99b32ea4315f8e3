#include "app/bench/portions_panel.h"

#include "app/bench/portion_card.h"
#include "app/help.h"
#include "app/theme/theme.h"
#include "app/widgets/figure_row.h"
#include "app/widgets/label.h"
#include "document/formula_document.h"
#include "words/refusal_words.h"
#include "words/what_is.h"

#include <QHBoxLayout>
#include <QLabel>
#include <QLineEdit>
#include <QPushButton>
#include <QScrollArea>
#include <QVBoxLayout>

#include <algorithm>

namespace rhexion {

PortionsPanel::PortionsPanel(FormulaDocument& document, QWidget* parent)
    : SidePanel(tr("A split batter"), parent), document_(document)
{
    helpOn(this, "portions");
    hint_ = new Label(this);
    hint_->setObjectName(QStringLiteral("muted"));
    hint_->setWordWrap(true);
    body()->addWidget(hint_);
    meanwhile_ = new FigureRow(this);
    meanwhile_->setWhatsThis(words::whatIs(Rule::SuperfatWhileHeld));
    body()->addWidget(meanwhile_);
    connect(meanwhile_, &FigureRow::clicked, this,
            [this] { Q_EMIT workingWanted(Rule::SuperfatWhileHeld, 0); });
    auto* scroll = new QScrollArea(this);
    scroll->setWidgetResizable(true);
    scroll->setFrameShape(QFrame::NoFrame);
    scroll->setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    scroll->viewport()->setAutoFillBackground(false);
    auto* inner = new QWidget(scroll);
    list_ = new QVBoxLayout(inner);
    list_->setContentsMargins(0, 0, 4, 0);
    list_->setSpacing(8);
    list_->addStretch();
    scroll->setWidget(inner);
    body()->addWidget(scroll, 1);
    add_ = new QPushButton(this);
    none_ = new QPushButton(tr("Do not split"), this);
    auto* buttons = new QHBoxLayout;
    buttons->addWidget(add_);
    buttons->addWidget(none_);
    body()->addLayout(buttons);
    connect(add_, &QPushButton::clicked, this, &PortionsPanel::addPortion);
    connect(none_, &QPushButton::clicked, this,
            [this] { document_.apply(SetPortions{}, tr("Do not split the batter")); });
    connect(&document_, &FormulaDocument::changed, this, [this] {
        if (isVisible())
            refresh();
    });
}

void PortionsPanel::setSpeech(const Speech& speech)
{
    speech_ = speech;
    for (PortionCard* card : cards_)
        card->setSpeech(speech);
    if (isVisible())
        refresh();
}

void PortionsPanel::showEvent(QShowEvent* event)
{
    SidePanel::showEvent(event);
    refresh();
}

void PortionsPanel::addPortion()
{
    std::vector<Portion> portions = document_.formula().portions;
    PortionId id = document_.formula().lastId;
    // One portion alone is no split: the first press makes halves.
    for (int more = portions.empty() ? 2 : 1; more > 0; --more) {
        Portion portion;
        portion.id = ++id;
        portions.push_back(portion);
    }
    document_.apply(SetPortions{std::move(portions)}, tr("Split the batter"));
    if (!cards_.empty())
        cards_[cards_.size() > 2 ? cards_.size() - 1 : 0]->nameField()->setFocus();
}

void PortionsPanel::remove(PortionId id)
{
    std::vector<Portion> portions = document_.formula().portions;
    std::erase_if(portions, [&](const Portion& p) { return p.id == id; });
    document_.apply(SetPortions{std::move(portions)}, tr("Take a portion away"));
}

void PortionsPanel::refresh()
{
    const std::vector<Portion>& portions = document_.formula().portions;
    const bool same = std::ranges::equal(portions, cards_, {}, &Portion::id, &PortionCard::id);
    if (!same) {
        for (PortionCard* card : cards_) {
            card->hide(); // its button may be what was pressed, so it goes a little later
            card->deleteLater();
        }
        cards_.clear();
        for (const Portion& portion : portions) {
            auto* card = new PortionCard(document_, portion.id, this);
            card->setSpeech(speech_);
            connect(card, &PortionCard::workingWanted, this, &PortionsPanel::workingWanted);
            connect(card, &PortionCard::refused, this, &PortionsPanel::refused);
            connect(card, &PortionCard::removeWanted, this, &PortionsPanel::remove);
            list_->insertWidget(list_->count() - 1, card);
            cards_.push_back(card);
        }
    }
    for (PortionCard* card : cards_)
        card->refresh();
    const bool split = !portions.empty();
    none_->setVisible(split);
    add_->setText(split ? tr("Add a portion") : tr("Split into halves"));
    const Reckoning* r = document_.reckoning();
    hint_->setText(!r && split ? words::refusal(*document_.refusal(), speech_)
                   : split ? tr("Divide it at trace, by weight. Shares stated for a portion are "
                                "of that portion.")
                           : tr("Pour it as one, or split it: each portion may set oil aside to "
                                "wet its colour, clay or yolk, and has its own scent, salt and "
                                "mould."));
    meanwhile_->setVisible(r && r->superfatWhileHeld);
    if (r && r->superfatWhileHeld) {
        meanwhile_->setTint(*r->superfatWhileHeld < 0.0 ? Theme::colours().care : QColor());
        meanwhile_->set(tr("Superfat in the pot meanwhile"), speech_.percent(*r->superfatWhileHeld),
                        r->lyeWhileHeld > 0.0
                            ? tr("%1 of oil is aside: %2 more lye than the pot’s oils take")
                                  .arg(speech_.mass(r->heldGrams), speech_.mass(r->lyeWhileHeld))
                            : tr("%1 of oil is set aside").arg(speech_.mass(r->heldGrams)));
    }
}

} // namespace rhexion
