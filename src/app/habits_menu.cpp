#include "app/habits_menu.h"

#include "app/windows.h"
#include "words/safety_words.h"
#include "words/translation.h"

#include <QActionGroup>
#include <QApplication>
#include <QInputDialog>
#include <QLineEdit>
#include <QMenu>
#include <QSettings>

namespace rhexion {

HabitsMenu::HabitsMenu(QObject* parent)
    : QObject(parent), habits_(readHabits(QSettings(), QLocale()))
{
    words::setWhoToCall(habits_.whoToCall);
}

void HabitsMenu::setHabits(const Habits& habits)
{
    habits_ = habits;
    words::setWhoToCall(habits_.whoToCall);
    Q_EMIT changed();
}

void HabitsMenu::keep(const Habits& habits)
{
    QSettings settings;
    writeHabits(settings, habits);
    setHabits(habits);
}

template <class Value>
void HabitsMenu::addChoice(QMenu& menu, const QList<std::pair<QString, Value>>& choices,
                           Value Habits::*member)
{
    auto* group = new QActionGroup(&menu);
    for (const auto& [name, value] : choices) {
        QAction* action = menu.addAction(name, this, [this, member, to = value] {
            Habits habits = habits_;
            habits.*member = to;
            keep(habits);
        });
        action->setCheckable(true);
        group->addAction(action);
        connect(&menu, &QMenu::aboutToShow, action,
                [this, action, member, is = value] { action->setChecked(habits_.*member == is); });
    }
}

void HabitsMenu::askWhoToCall()
{
    bool said = false;
    const QString numbers = QInputDialog::getText(
        QApplication::activeWindow(), tr("Whom to call in an emergency"),
        tr("The emergency number where you are, and the poison centre. It stands with first aid "
           "on every step with lye and on every sheet."),
        QLineEdit::Normal, habits_.whoToCall, &said);
    if (!said)
        return;
    Habits habits = habits_;
    habits.whoToCall = numbers.simplified().left(mostWhoToCall);
    keep(habits);
}

void HabitsMenu::addTo(QMenu& menu)
{
    addChoice<AmountUnit>(menu,
                          {{tr("Grams"), AmountUnit::Gram},
                           {tr("Ounces"), AmountUnit::Ounce},
                           {tr("Pounds"), AmountUnit::Pound}},
                          &Habits::massUnit);
    menu.addSeparator();
    addChoice<bool>(menu, {{tr("Temperatures in °C"), false}, {tr("Temperatures in °F"), true}},
                    &Habits::fahrenheit);
    menu.addSeparator();
    addChoice<char>(*menu.addMenu(tr("Decimal mark")),
                    {{tr("As this computer has it"), '\0'},
                     {tr("A point: 0.5"), '.'},
                     {tr("A comma: 0,5"), ','}},
                    &Habits::decimalMark);
    addChoice<Paper>(*menu.addMenu(tr("Paper")),
                     {{tr("A4"), Paper::A4}, {tr("Letter"), Paper::Letter}}, &Habits::paper);
    menu.addAction(tr("Whom to call in an emergency…"), this, &HabitsMenu::askWhoToCall);
    // Under its own name, so that who does not read this one finds hers.
    QMenu* languages = menu.addMenu(tr("Language"));
    auto* group = new QActionGroup(languages);
    const auto add = [&](const QString& name, const QString& code) {
        QAction* action = languages->addAction(name, this, [this, code] {
            if (Windows::chosenLanguage() != code)
                Q_EMIT languageWanted(code);
        });
        action->setCheckable(true);
        group->addAction(action);
        connect(languages, &QMenu::aboutToShow, action,
                [action, code] { action->setChecked(Windows::chosenLanguage() == code); });
    };
    add(tr("As this computer has it"), {});
    for (const auto& [code, name] : shippedLanguages())
        add(name, code);
}

} // namespace rhexion
