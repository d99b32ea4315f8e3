// How things are said, in the menu: unit of mass, temperature, decimal mark, paper, language. Kept
// in the settings as soon as it is chosen.
#pragma once

#include <QObject>

#include "words/habits.h"

class QMenu;

namespace rhexion {

class HabitsMenu : public QObject {
    Q_OBJECT
public:
    explicit HabitsMenu(QObject* parent);

    const Habits& habits() const { return habits_; }
    void setHabits(const Habits& habits); // for this window; not kept
    void keep(const Habits& habits);
    void addTo(QMenu& menu);

Q_SIGNALS:
    void changed();
    void languageWanted(const QString& code); // empty: the system's; kept by who speaks it

private:
    void askWhoToCall();
    template <class Value>
    void addChoice(QMenu& menu, const QList<std::pair<QString, Value>>& choices,
                   Value Habits::*member);

    Habits habits_;
};

} // namespace rhexion
