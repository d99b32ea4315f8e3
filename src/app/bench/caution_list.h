// The cautions in words, each with its mend. Cards are kept from one reckoning to the next, since
// most of them say what they said before.
#pragma once

#include <QScrollArea>

#include "core/advice/caution.h"

#include <vector>

class QLabel;
class QPushButton;
class QVBoxLayout;

namespace rhexion {

struct CautionSaid {
    QString title;
    QString reason;
    QString mendLabel;
    int severity = 0;
    Vessel vessel = Vessel::LyeJug;
    std::optional<Edit> mend;
};

class CautionCard : public QWidget {
    Q_OBJECT
public:
    explicit CautionCard(QWidget* parent);
    void say(CautionSaid said);
    const CautionSaid& said() const { return said_; }

Q_SIGNALS:
    void mendWanted(const Edit& edit, const QString& text);

private:
    CautionSaid said_;
    QLabel* title_;
    QLabel* reason_;
    QPushButton* mend_;
};

class CautionList : public QScrollArea {
    Q_OBJECT
public:
    explicit CautionList(QWidget* parent = nullptr);
    void say(std::vector<CautionSaid> cautions);
    void bring(Vessel vessel); // the first one that sits there comes into view

Q_SIGNALS:
    void mendWanted(const Edit& edit, const QString& text);

private:
    QVBoxLayout* column_;
    std::vector<CautionCard*> cards_; // those beyond what is said are hidden
};

} // namespace rhexion
