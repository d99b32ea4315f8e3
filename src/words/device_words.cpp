#include "words/device_words.h"

#include <QCoreApplication>

namespace rhexion::words {

namespace {

struct DeviceText {
    Q_DECLARE_TR_FUNCTIONS(Device)
};

} // namespace

QString bandText(const QString& low, const QString& high)
{
    return DeviceText::tr("%1 to %2").arg(low, high);
}

QString bandReason(const WeighBand& band)
{
    const BandDecides by = band.highBy == BandDecides::Itself ? band.lowBy : band.highBy;
    switch (by) {
    case BandDecides::Superfat:
        return DeviceText::tr("Within it true superfat moves by less than 0.2 points.");
    case BandDecides::Strength:
        return DeviceText::tr("Within it batch strength moves by less than half a point.");
    case BandDecides::Itself: break;
    }
    return DeviceText::tr(
        "Within it no figure of the soap moves; a twentieth of its weight is close "
        "enough.");
}

QString weightAgainstBand(double planned, const WeighBand& band,
                          const std::optional<devices::LiveWeight>& live, const Speech& s)
{
    if (!live)
        return DeviceText::tr("Good enough: %1. %2")
            .arg(bandText(s.mass(band.low), s.mass(band.high)), bandReason(band));
    if (live->grams < band.low)
        return DeviceText::tr("%1 to go").arg(s.mass(planned - live->grams));
    if (live->grams > band.high)
        return DeviceText::tr("%1 too much").arg(s.mass(live->grams - planned));
    return DeviceText::tr("In the band");
}

QString steadyName(devices::Steady steady)
{
    switch (steady) {
    case devices::Steady::NoReading: return DeviceText::tr("no reading");
    case devices::Steady::NoUnit: return DeviceText::tr("a unit that is not known");
    case devices::Steady::OutOfRange: return DeviceText::tr("over or under its range");
    case devices::Steady::Moving: return DeviceText::tr("moving");
    case devices::Steady::Yes: return DeviceText::tr("still");
    }
    return {};
}

QString notTaken(devices::Steady steady)
{
    switch (steady) {
    case devices::Steady::NoReading:
        return DeviceText::tr("The scale says nothing just now: type the weight, or look at its "
                              "cable.");
    case devices::Steady::NoUnit:
        return DeviceText::tr("The scale shows a unit that is not known here: set it to grams, or "
                              "type the weight.");
    case devices::Steady::OutOfRange:
        return DeviceText::tr("The scale is over or under its range: take something off, or set it "
                              "to zero.");
    case devices::Steady::Moving: return DeviceText::tr("Wait until the scale is still.");
    case devices::Steady::Yes: break;
    }
    return {};
}

QString lessonFault(devices::LessonFault fault)
{
    switch (fault) {
    case devices::LessonFault::TooFewExamples:
        return DeviceText::tr("Show at least two lines, with different weights.");
    case devices::LessonFault::NoNumber:
        return DeviceText::tr("Mark the number alone, with all its digits.");
    case devices::LessonFault::NoUnit:
        return DeviceText::tr("Mark the unit, or say which it always is: g, kg, mg, oz or lb.");
    case devices::LessonFault::DifferentShape:
        return DeviceText::tr("The lines do not have the same parts: show lines of one kind.");
    case devices::LessonFault::MarkCutsAWord:
        return DeviceText::tr("A mark begins or ends inside a word or number.");
    }
    return {};
}

} // namespace rhexion::words
