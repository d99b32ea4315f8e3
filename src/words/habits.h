// How this person likes figures said: from the system's language and country, each of them set
// apart.
#pragma once

#include "core/formula/formula.h"

#include <QLocale>
#include <QString>

#include <optional>

class QSettings;

namespace rhexion {

enum class Paper { A4, Letter };

struct Habits {
    AmountUnit massUnit = AmountUnit::Gram; // Gram, Ounce or Pound
    bool fahrenheit = false;
    QLocale locale = QLocale(QLocale::English, QLocale::UnitedKingdom);
    char decimalMark = 0; // '.' or ','; 0: the locale's
    Paper paper = Paper::A4;
    QString whoToCall = {}; // emergency number and poison centre, as typed; empty: not set
    friend bool operator==(const Habits&, const Habits&) = default;
};

// What is usual where the locale is: ounces, degrees Fahrenheit and letter paper in the United
// States.
Habits habitsOf(const QLocale& locale);
// Those, with what was set apart; a setting that cannot be is passed over.
Habits readHabits(const QSettings& settings, const QLocale& locale);
void writeHabits(QSettings& settings, const Habits& habits);
// Units, degrees and paper become settings, as they are here now, where none were set: another
// language moves words only. Whether none were set.
bool settleHabits(QSettings& settings, const QLocale& here);

inline constexpr int mostWhoToCall = 200; // characters

// Habits with a mass unit by its word in files and settings: g, oz or lb; any other is refused.
// Dates and decimal mark are those of the language spoken.
std::optional<Habits> habitsWithUnit(const QString& code);

} // namespace rhexion
