#include "app/bench/caution_list.h"

#include "app/theme/theme.h"
#include "app/widgets/label.h"

#include <QLabel>
#include <QPushButton>
#include <QVBoxLayout>

namespace rhexion {

CautionCard::CautionCard(QWidget* parent) : QWidget(parent)
{
    title_ = new Label(this);
    title_->setWordWrap(true);
    reason_ = new Label(this);
    reason_->setObjectName(QStringLiteral("muted"));
    reason_->setWordWrap(true);
    mend_ = new QPushButton(this);
    mend_->setObjectName(QStringLiteral("mend"));
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(8, 0, 0, 0);
    column->setSpacing(2);
    column->addWidget(title_);
    column->addWidget(reason_);
    column->addWidget(mend_);
    said_.severity = -1;
    connect(mend_, &QPushButton::clicked, this, [this] {
        if (said_.mend)
            Q_EMIT mendWanted(*said_.mend, said_.mendLabel);
    });
}

void CautionCard::say(CautionSaid said)
{
    // A style sheet is slow to set, and neighbours are mostly of one severity.
    if (said.severity != said_.severity)
        title_->setStyleSheet(QStringLiteral("font-weight: 600; font-size: 14px; color: %1")
                                  .arg(Theme::ofSeverity(said.severity).name()));
    title_->setText(said.title);
    reason_->setText(said.reason);
    mend_->setVisible(said.mend.has_value());
    mend_->setText(said.mendLabel);
    said_ = std::move(said);
}

CautionList::CautionList(QWidget* parent) : QScrollArea(parent)
{
    setWidgetResizable(true);
    setFrameShape(QFrame::NoFrame);
    setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    setFocusPolicy(Qt::NoFocus);
    viewport()->setAutoFillBackground(false);
    auto* inner = new QWidget(this);
    inner->setObjectName(QStringLiteral("clear"));
    column_ = new QVBoxLayout(inner);
    column_->setContentsMargins(0, 0, 6, 0);
    column_->setSpacing(8);
    column_->addStretch();
    setWidget(inner);
}

void CautionList::say(std::vector<CautionSaid> cautions)
{
    while (cards_.size() < cautions.size()) {
        auto* card = new CautionCard(widget());
        connect(card, &CautionCard::mendWanted, this, &CautionList::mendWanted);
        column_->insertWidget(column_->count() - 1, card);
        cards_.push_back(card);
    }
    for (std::size_t i = 0; i < cards_.size(); ++i) {
        const bool shown = i < cautions.size();
        if (shown)
            cards_[i]->say(std::move(cautions[i]));
        if (cards_[i]->isHidden() == shown)
            cards_[i]->setVisible(shown);
    }
}

void CautionList::bring(Vessel vessel)
{
    for (CautionCard* card : cards_)
        if (!card->isHidden() && card->said().vessel == vessel) {
            ensureWidgetVisible(card, 0, 0);
            return;
        }
}

} // namespace rhexion
