#include "words/speech.h"

#include "words/lexicon.h"

#include <QCoreApplication>

#include <cmath>

namespace rhexion {

namespace {

struct SpeechText {
    Q_DECLARE_TR_FUNCTIONS(Speech)
};

// Thin and unbreakable, so that a figure never parts from its unit.
const QString gap = QStringLiteral("\u00A0");

} // namespace

Speech::Speech(Habits habits) : habits_(std::move(habits)), numbers_(habits_.locale)
{
    const QString own = numbers_.decimalPoint();
    if (habits_.decimalMark == ',' && own != QLatin1String(","))
        numbers_ = QLocale(QLocale::German);
    else if (habits_.decimalMark == '.' && own != QLatin1String("."))
        numbers_ = QLocale(QLocale::English);
    // A thousands mark reads as a decimal mark somewhere else, so none is written.
    numbers_.setNumberOptions(QLocale::OmitGroupSeparator);
}

PhraseHabits Speech::phraseHabits() const
{
    const QString mark = numbers_.decimalPoint();
    return {mark == QLatin1String(",") ? ',' : '.', habits_.massUnit, words::lexicon()};
}

QString Speech::number(double value, int decimals) const
{
    // "-0.0" is nobody's figure.
    const double step = std::pow(10.0, -decimals) / 2.0;
    QString text = numbers_.toString(std::abs(value) < step ? 0.0 : value, 'f', decimals);
    if (text.startsWith(QLatin1Char('-')))
        text.replace(0, 1, QChar(0x2212));
    return text;
}

QString Speech::trimmed(double value) const
{
    QString number = numbers_.toString(value, 'f', 3);
    while (number.endsWith(QLatin1Char('0')))
        number.chop(1);
    if (!number.back().isDigit())
        number.chop(1);
    return number;
}

double Speech::lengthStep() const
{
    return habits_.massUnit == AmountUnit::Ounce || habits_.massUnit == AmountUnit::Pound ? 25.4
                                                                                          : 10.0;
}

QString Speech::lengthUnit() const
{
    return lengthStep() == 10.0 ? SpeechText::tr("cm") : SpeechText::tr("in");
}

QString Speech::lengthNumber(double millimetres) const
{
    return number(millimetres / lengthStep(), lengthStep() == 10.0 ? 1 : 2);
}

QString Speech::length(double millimetres) const
{
    return together(lengthNumber(millimetres), lengthUnit());
}

QString Speech::volume(double millilitres) const
{
    return together(number(millilitres, millilitres < 10.0 ? 1 : 0), SpeechText::tr("ml"));
}

QString Speech::minutes(double minutes) const
{
    if (minutes < 90.0)
        return together(number(minutes, minutes < 3.0 ? 1 : 0), SpeechText::tr("min"));
    return hours(minutes / 60.0);
}

QString Speech::hours(double hours) const
{
    constexpr double day = 24.0;
    if (hours < 3.0 * day)
        return together(number(hours, hours < 3.0 ? 1 : 0), SpeechText::tr("h"));
    return together(number(hours / day, 0), SpeechText::tr("days"));
}

QString Speech::times(double factor) const
{
    return SpeechText::tr("%1 times").arg(number(factor, factor < 0.1 ? 2 : factor < 10.0 ? 1 : 0));
}

QString Speech::massUnit() const
{
    switch (habits_.massUnit) {
    case AmountUnit::Ounce: return SpeechText::tr("oz");
    case AmountUnit::Pound: return SpeechText::tr("lb");
    default: return SpeechText::tr("g");
    }
}

QString Speech::massNumber(double grams) const
{
    double value = grams;
    int decimals = 1;
    int digits = 3;
    if (habits_.massUnit == AmountUnit::Ounce) {
        value = Mass::grams(grams).inOunces();
        decimals = 2;
        digits = 4; // 2.51 oz of lye would be rounded by a fifth of a per cent
    } else if (habits_.massUnit == AmountUnit::Pound) {
        value = Mass::grams(grams).inPounds();
        decimals = 3;
        digits = 4;
    }
    // A small batch is weighed as finely as a large one.
    constexpr int most = 6;
    for (double least = std::pow(10.0, digits - 1 - decimals);
         value != 0.0 && std::abs(value) < least * (1.0 - 1e-9) && decimals < most; least /= 10.0)
        ++decimals;
    return number(value, decimals);
}

QString Speech::together(const QString& number, const QString& unit) const
{
    const QString text = number + gap + unit;
    if (habits_.locale.textDirection() == Qt::LeftToRight)
        return text;
    // A figure and its unit stay in their order among words that run the other way.
    constexpr QChar isolate(0x2066);
    constexpr QChar end(0x2069);
    return isolate + text + end;
}

QString Speech::mass(double grams) const
{
    return together(massNumber(grams), massUnit());
}

QString Speech::percent(double fraction, int decimals) const
{
    return together(number(fraction * 100.0, decimals), QStringLiteral("%"));
}

QString Speech::percent(const std::optional<double>& fraction, int decimals) const
{
    return fraction ? percent(*fraction, decimals) : QStringLiteral("–");
}

QString Speech::ratio(const std::optional<double>& gramsPerGram) const
{
    return gramsPerGram ? ratio(*gramsPerGram) : QStringLiteral("–");
}

QString Speech::ratio(double gramsPerGram) const
{
    return SpeechText::tr("%1 to 1").arg(number(gramsPerGram, 2));
}

QString Speech::moles(double mol) const
{
    return together(number(mol, 4), SpeechText::tr("mol"));
}

QString Speech::date(const QDate& date) const
{
    // Short forms of a locale may leave the century out.
    QString format = habits_.locale.dateFormat(QLocale::ShortFormat);
    if (!format.contains(QStringLiteral("yyyy")))
        format.replace(QStringLiteral("yy"), QStringLiteral("yyyy"));
    return habits_.locale.toString(date, format);
}

QString Speech::dateTime(const QDateTime& when) const
{
    const QDateTime here = when.toLocalTime();
    return QStringLiteral("%1 %2").arg(date(here.date()),
                                       habits_.locale.toString(here.time(), QLocale::ShortFormat));
}

QString Speech::temperature(double celsius) const
{
    const Temperature t = Temperature::celsius(celsius);
    return habits_.fahrenheit ? together(number(t.inFahrenheit(), 0), QStringLiteral("°F"))
                              : together(number(t.inCelsius(), 0), QStringLiteral("°C"));
}

QString Speech::temperatureNumber(double celsius) const
{
    const Temperature t = Temperature::celsius(celsius);
    return number(habits_.fahrenheit ? t.inFahrenheit() : t.inCelsius(), 0);
}

QString Speech::wholeMass(double grams) const
{
    if (habits_.massUnit == AmountUnit::Gram)
        return together(number(grams, 0), massUnit());
    return mass(grams);
}

QString Speech::wholeDifference(double celsius) const
{
    return habits_.fahrenheit ? together(number(Temperature::differenceInFahrenheit(celsius), 0),
                                         QStringLiteral("°F"))
                              : together(number(celsius, 0), QStringLiteral("°C"));
}

QString Speech::temperatureDifference(double celsius) const
{
    return habits_.fahrenheit ? together(number(Temperature::differenceInFahrenheit(celsius), 1),
                                         QStringLiteral("°F"))
                              : together(number(celsius, 1), QStringLiteral("°C"));
}

QString Speech::amountForEditing(const StatedAmount& amount) const
{
    const QString number = trimmed(amount.value);
    switch (amount.unit) {
    case AmountUnit::Gram: return number + gap + SpeechText::tr("g");
    case AmountUnit::Kilogram: return number + gap + SpeechText::tr("kg");
    case AmountUnit::Ounce: return number + gap + SpeechText::tr("oz");
    case AmountUnit::Pound: return number + gap + SpeechText::tr("lb");
    case AmountUnit::PercentOfOils: return number + gap + SpeechText::tr("% of oils");
    case AmountUnit::PercentOfBatter: return number + gap + SpeechText::tr("% of batter");
    case AmountUnit::Rest: return SpeechText::tr("rest");
    case AmountUnit::Millilitre: return number + gap + SpeechText::tr("ml");
    case AmountUnit::FluidOunce: return number + gap + SpeechText::tr("fl oz");
    case AmountUnit::Teaspoon: return number + gap + SpeechText::tr("tsp");
    case AmountUnit::TeaspoonHeaped: return number + gap + SpeechText::tr("tsp heaped");
    case AmountUnit::Tablespoon: return number + gap + SpeechText::tr("tbsp");
    case AmountUnit::TablespoonHeaped: return number + gap + SpeechText::tr("tbsp heaped");
    case AmountUnit::Cup:
        return number + gap +
               (amount.value == 1.0 ? SpeechText::tr("cup") : SpeechText::tr("cups"));
    case AmountUnit::Drop:
        return number + gap +
               (amount.value == 1.0 ? SpeechText::tr("drop") : SpeechText::tr("drops"));
    case AmountUnit::Piece:
        return number + gap +
               (amount.value == 1.0 ? SpeechText::tr("piece") : SpeechText::tr("pieces"));
    case AmountUnit::PercentOfLiquid: return number + gap + SpeechText::tr("% of liquid");
    }
    return {};
}

QString Speech::amount(const StatedAmount& amount) const
{
    return amount.unit == AmountUnit::Rest ? SpeechText::tr("the rest") : amountForEditing(amount);
}

QString Speech::value(double value, Unit unit) const
{
    switch (unit) {
    case Unit::Number: return number(value, 4);
    case Unit::Percent: return percent(value, 2);
    case Unit::Gram:
        return habits_.massUnit == AmountUnit::Gram ? number(value, 2) + gap + SpeechText::tr("g")
                                                    : mass(value);
    case Unit::Mole: return moles(value);
    case Unit::GramPerMole: return number(value, 4) + gap + SpeechText::tr("g/mol");
    case Unit::MgPerGram: return number(value, 1) + gap + SpeechText::tr("mg/g");
    case Unit::MillimolePer100Gram: return number(value, 2) + gap + SpeechText::tr("mmol/100 g");
    case Unit::GramPerGram: return number(value, 4) + gap + SpeechText::tr("g/g");
    case Unit::MolePerGram: return number(value * 1000.0, 4) + gap + SpeechText::tr("mmol/g");
    case Unit::Brix: return number(value, 2) + gap + SpeechText::tr("°Bx");
    case Unit::Celsius: return temperature(value);
    case Unit::MolePerLitre: return number(value, 4) + gap + SpeechText::tr("mol/l");
    case Unit::Millilitre: return number(value, 2) + gap + SpeechText::tr("ml");
    case Unit::GramPerMl: return number(value, 4) + gap + SpeechText::tr("g/ml");
    }
    return {};
}

QString Speech::term(const Term& term) const
{
    return value(term.value, term.unit);
}

} // namespace rhexion
