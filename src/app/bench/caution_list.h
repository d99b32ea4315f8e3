// All cautions, worst first, under the word for their grade: every title, and as many reasons and
// mends as there is room for. Cards are kept from one reckoning to the next, since most of them say
// what they said before.
#pragma once

#include "app/bench/caution_card.h"

#include <QScrollArea>

#include <vector>

class QLabel;

namespace rhexion {

class CautionList : public QScrollArea {
    Q_OBJECT
public:
    explicit CautionList(QWidget* parent = nullptr);
    void say(std::vector<CautionSaid> cautions);
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

    std::vector<CautionCard*> cards_; // those beyond what is said are hidden
    std::vector<QLabel*> heads_;      // the word for each grade that is there
    std::size_t said_ = 0;
    bool headed_ = true;
    // What was opened or folded by hand, by title, until it is no longer said.
    std::vector<std::pair<QString, bool>> byHand_;
};

} // namespace rhexion
