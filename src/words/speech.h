// How figures are said to this person: mass unit, temperature, decimal mark. Every number a person
// reads goes through here, so that units and marks agree on every screen and print.
#pragma once

#include "core/amounts/working.h"
#include "core/formula/phrase.h"
#include "words/habits.h"

#include <QDateTime>
#include <QLocale>
#include <QString>

#include <optional>

namespace rhexion {

class Speech {
public:
    Speech() : Speech(Habits{}) {}
    explicit Speech(Habits habits);

    const Habits& habits() const { return habits_; }
    PhraseHabits phraseHabits() const;

    // Three significant figures at least, whatever the unit.
    QString mass(double grams) const;       // "61.2 g"
    QString wholeMass(double grams) const;  // for estimates: "61 g", "2.2 oz"
    QString massNumber(double grams) const; // "61.2"
    QString massUnit() const;               // "g"
    QString percent(double fraction, int decimals = 1) const;
    // A dash where there is no figure.
    QString percent(const std::optional<double>& fraction, int decimals = 1) const;
    QString ratio(const std::optional<double>& gramsPerGram) const;
    QString number(double value, int decimals) const;
    QString trimmed(double value) const;      // three decimals at most, as few as it needs
    QString ratio(double gramsPerGram) const; // "2.03 to 1"
    QString moles(double mol) const;
    QString date(const QDate& date) const;         // "23 Nov 2026": the year in full
    QString dateTime(const QDateTime& when) const; // in the time of this place
    QString length(double millimetres) const;      // cm, or inches beside ounces
    QString lengthNumber(double millimetres) const;
    QString lengthUnit() const;
    double lengthStep() const;                // mm of one such unit
    QString volume(double millilitres) const; // "1400 ml"
    QString minutes(double minutes) const;    // "17 min", "1 h 20 min"
    QString hours(double hours) const;        // "10 h", "3 days"
    QString times(double factor) const;       // "0.7 times"
    QString temperature(double celsius) const;
    QString temperatureNumber(double celsius) const;     // whole, without its unit
    QString wholeDifference(double celsius) const;       // for estimates: "11 °F"
    QString temperatureDifference(double celsius) const; // "10.8 °F" for 6, without the 32
    QString
    amount(const StatedAmount& amount) const; // as stated: "8.5 oz", "3 % of oils", "the rest"
    QString amountForEditing(const StatedAmount& amount) const; // what the typing line reads back
    QString term(const Term& term) const;                       // a figure of the working
    QString value(double value, Unit unit) const;

private:
    QString together(const QString& number, const QString& unit) const;

    Habits habits_;
    QLocale numbers_; // with the decimal mark that is wanted
};

} // namespace rhexion
