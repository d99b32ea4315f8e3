#include "words/habits.h"

#include <QSettings>

namespace rhexion {

namespace {

const QString massUnit = QStringLiteral("massUnit");
const QString fahrenheit = QStringLiteral("fahrenheit");
const QString decimalMark = QStringLiteral("decimalMark");
const QString paper = QStringLiteral("paper");
const QString whoToCall = QStringLiteral("whoToCall");

bool isMassUnit(AmountUnit unit)
{
    return unit == AmountUnit::Gram || unit == AmountUnit::Ounce || unit == AmountUnit::Pound;
}

} // namespace

Habits habitsOf(const QLocale& locale)
{
    Habits habits;
    habits.locale = locale;
    if (locale.measurementSystem() == QLocale::ImperialUSSystem) {
        habits.massUnit = AmountUnit::Ounce;
        habits.fahrenheit = true;
    }
    // Letter paper where ISO 216 is not in use (common practice, no source).
    for (const QLocale::Country country :
         {QLocale::UnitedStates, QLocale::Canada, QLocale::Mexico, QLocale::Philippines,
          QLocale::Chile, QLocale::Colombia, QLocale::Venezuela})
        if (locale.country() == country)
            habits.paper = Paper::Letter;
    return habits;
}

std::optional<Habits> habitsWithUnit(const QString& code)
{
    const auto unit = amountUnitFromCode(code.toStdString());
    if (!unit || !isMassUnit(*unit))
        return std::nullopt;
    Habits habits;
    habits.massUnit = *unit;
    if (QLocale().language() != QLocale::C)
        habits.locale = QLocale();
    return habits;
}

Habits readHabits(const QSettings& settings, const QLocale& locale)
{
    Habits habits = habitsOf(locale);
    if (const auto set = habitsWithUnit(settings.value(massUnit).toString()))
        habits.massUnit = set->massUnit;
    habits.fahrenheit = settings.value(fahrenheit, habits.fahrenheit).toBool();
    const QString mark = settings.value(decimalMark).toString();
    if (mark == QLatin1String(".") || mark == QLatin1String(","))
        habits.decimalMark = mark.front().toLatin1();
    const QString sheet = settings.value(paper).toString();
    if (sheet == QLatin1String("a4") || sheet == QLatin1String("letter"))
        habits.paper = sheet == QLatin1String("letter") ? Paper::Letter : Paper::A4;
    habits.whoToCall = settings.value(whoToCall).toString().simplified().left(mostWhoToCall);
    return habits;
}

bool settleHabits(QSettings& settings, const QLocale& here)
{
    if (settings.contains(massUnit) && settings.contains(fahrenheit) && settings.contains(paper))
        return false;
    writeHabits(settings, readHabits(settings, here));
    return true;
}

void writeHabits(QSettings& settings, const Habits& habits)
{
    settings.setValue(massUnit, QString::fromLatin1(codeOf(habits.massUnit)));
    settings.setValue(fahrenheit, habits.fahrenheit);
    if (habits.decimalMark == 0)
        settings.remove(decimalMark);
    else
        settings.setValue(decimalMark, QString(QLatin1Char(habits.decimalMark)));
    settings.setValue(whoToCall, habits.whoToCall);
    settings.setValue(paper, habits.paper == Paper::Letter ? QStringLiteral("letter")
                                                           : QStringLiteral("a4"));
}

} // namespace rhexion
