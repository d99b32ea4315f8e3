// The cautions, worst first, under the word for their grade: the titles of those shown in the open,
// and as many reasons and mends as there is room for; the rest behind one line that unfolds. Cards
// are kept from one reckoning to the next, since most of them say what they said before.
#pragma once

#include "app/bench/caution_card.h"

#include <QScrollArea>

#include <vector>

class QLabel;
class QToolButton;

namespace rhexion {

class CautionList : public QScrollArea {
    Q_OBJECT
public:
    explicit CautionList(QWidget* parent = nullptr);
    // open: how many of them, from the first, are shown; folded: what the line for the rest says.
    void say(std::vector<CautionSaid> cautions, std::size_t open, const QString& folded);
    void bring(Vessel vessel); // the first one that sits there is opened and comes into view
    // What all titles need at the list's width, with the words for their grades or without.
    int foldedHeight(bool headed) const;
    // The words for the grades give way where titles would be cut; each title's mark tells its
    // grade all the same.
    void setHeaded(bool headed);

Q_SIGNALS:
    void mendWanted(const std::vector<Edit>& edits, const QString& text);

protected:
    void resizeEvent(QResizeEvent* event) override;

private:
    void toggle(CautionCard* card);
    void arrange();
    CautionCard* addCard();
    bool headsGroup(std::size_t card) const; // the first of its grade
    std::size_t shown() const { return unfolded_ ? said_ : open_; }
    int foldHeight() const;

    std::vector<CautionCard*> cards_; // those beyond what is said are hidden
    std::vector<QLabel*> heads_;      // the word for each grade that is there
    std::size_t said_ = 0;
    std::size_t open_ = 0; // shown while the rest is folded
    bool unfolded_ = false;
    QToolButton* fold_;
    bool headed_ = true;
    // What was opened or folded by hand, by title, until it is no longer said.
    std::vector<std::pair<QString, bool>> byHand_;
};

} // namespace rhexion
