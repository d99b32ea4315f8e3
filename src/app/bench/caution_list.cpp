#include "app/bench/caution_list.h"

#include "app/theme/theme.h"
#include "app/widgets/label.h"
#include "app/widgets/spoken.h"

#include <QToolButton>

#include <algorithm>
#include <utility>

namespace rhexion {

namespace {

int headTall()
{
    return Theme::px(20);
}

} // namespace

CautionList::CautionList(QWidget* parent) : QScrollArea(parent)
{
    setFrameShape(QFrame::NoFrame);
    setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    setFocusPolicy(Qt::NoFocus);
    setWidget(new QWidget(this));
    widget()->setAutoFillBackground(false);
    fold_ = new QToolButton(widget());
    fold_->setObjectName(QStringLiteral("fold"));
    fold_->setToolButtonStyle(Qt::ToolButtonTextBesideIcon);
    fold_->setAutoRaise(true);
    fold_->setFont(Theme::small());
    connect(&Theme::news(), &LookNews::changed, fold_, [this] { fold_->setFont(Theme::small()); });
    fold_->hide();
    connect(fold_, &QToolButton::clicked, this, [this] {
        unfolded_ = !unfolded_;
        arrange();
    });
}

int CautionList::foldHeight() const
{
    return said_ > open_ ? fold_->sizeHint().height() : 0;
}

CautionCard* CautionList::addCard()
{
    auto* card = new CautionCard(widget());
    connect(card, &CautionCard::mendWanted, this, &CautionList::mendWanted);
    connect(card, &CautionCard::toggled, this, [this, card] { toggle(card); });
    cards_.push_back(card);
    return card;
}

void CautionList::say(std::vector<CautionSaid> cautions, std::size_t open, const QString& folded)
{
    std::erase_if(byHand_, [&](const auto& kept) {
        return std::ranges::find(cautions, kept.first, &CautionSaid::title) == cautions.end();
    });
    while (cards_.size() < cautions.size())
        addCard();
    said_ = cautions.size();
    open_ = open;
    fold_->setText(folded);
    for (std::size_t i = 0; i < cards_.size(); ++i) {
        const bool danger = i < said_ && cautions[i].severity >= 2;
        const bool news = danger && cards_[i]->said().title != cautions[i].title;
        if (i < said_)
            cards_[i]->say(std::move(cautions[i]));
        if (news)
            sayAloud(*cards_[i]);
    }
    arrange();
}

void CautionList::toggle(CautionCard* card)
{
    const QString& title = card->said().title;
    std::erase_if(byHand_, [&](const auto& kept) { return kept.first == title; });
    byHand_.emplace_back(title, !card->isOpen());
    arrange();
    ensureWidgetVisible(card, 0, 0);
}

bool CautionList::headsGroup(std::size_t card) const
{
    return card == 0 || cards_[card]->said().severity != cards_[card - 1]->said().severity;
}

void CautionList::setHeaded(bool headed)
{
    if (std::exchange(headed_, headed) != headed)
        arrange();
}

int CautionList::foldedHeight(bool headed) const
{
    int height = foldHeight();
    for (std::size_t i = 0; i < shown(); ++i)
        height += cards_[i]->heightAt(viewport()->width(), false) +
                  (headed && headsGroup(i) ? headTall() : 0);
    return height;
}

void CautionList::arrange()
{
    const int width = viewport()->width();
    // All titles first; then, from the worst on, what more there is room for.
    int height = foldedHeight(headed_);
    for (std::size_t i = 0; i < cards_.size(); ++i)
        if (cards_[i]->isHidden() == (i < shown()))
            cards_[i]->setVisible(i < shown());
    for (std::size_t i = 0; i < shown(); ++i) {
        CautionCard* card = cards_[i];
        const int more = card->heightAt(width, true) - card->heightAt(width, false);
        const auto hand =
            std::ranges::find(byHand_, card->said().title, &std::pair<QString, bool>::first);
        const bool open =
            hand != byHand_.end() ? hand->second : height + more <= viewport()->height();
        height += open ? more : 0;
        card->setOpen(open);
    }
    int y = 0;
    std::size_t heads = 0;
    const auto placeFold = [&] {
        fold_->setArrowType(unfolded_ ? Qt::DownArrow : Qt::RightArrow);
        fold_->setGeometry(0, y, width, foldHeight());
        y += foldHeight();
    };
    fold_->setVisible(foldHeight() > 0);
    for (std::size_t i = 0; i < shown(); ++i) {
        if (i == open_)
            placeFold();
        if (headed_ && headsGroup(i)) {
            if (heads == heads_.size()) {
                heads_.push_back(new Label(widget()));
                heads_.back()->setObjectName(QStringLiteral("muted"));
            }
            QLabel* head = heads_[heads++];
            head->setText(cards_[i]->said().grade);
            head->setGeometry(0, y, width, headTall());
            head->show();
            y += headTall();
        }
        const int needed = cards_[i]->heightAt(width, cards_[i]->isOpen());
        cards_[i]->setGeometry(0, y, width, needed);
        y += needed;
    }
    if (shown() == open_)
        placeFold();
    for (; heads < heads_.size(); ++heads)
        heads_[heads]->hide();
    widget()->resize(width, std::max(y, 1));
}

void CautionList::resizeEvent(QResizeEvent* event)
{
    QScrollArea::resizeEvent(event);
    arrange();
}

void CautionList::bring(Vessel vessel)
{
    for (std::size_t i = 0; i < said_; ++i)
        if (cards_[i]->said().vessel == vessel) {
            unfolded_ = unfolded_ || i >= open_;
            arrange();
            if (!cards_[i]->isOpen())
                toggle(cards_[i]);
            ensureWidgetVisible(cards_[i], 0, 0);
            return;
        }
}

} // namespace rhexion
