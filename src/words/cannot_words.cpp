#include "words/cannot_words.h"

#include <QCoreApplication>

namespace rhexion::words {

namespace {

struct CannotText {
    Q_DECLARE_TR_FUNCTIONS(Cannot)
};

QString itemName(const std::string& item)
{
    static const std::pair<const char*, QString> names[] = {
        {"length", CannotText::tr("the length")},
        {"width", CannotText::tr("the width")},
        {"height", CannotText::tr("the height")},
        {"rim-length", CannotText::tr("the length at the rim")},
        {"rim-width", CannotText::tr("the width at the rim")},
        {"diameter", CannotText::tr("the diameter")},
        {"depth", CannotText::tr("the depth")},
        {"base-radius", CannotText::tr("the radius")},
        {"water", CannotText::tr("the water it holds")},
        {"count", CannotText::tr("how many there are")},
        {"bar", CannotText::tr("the thickness of a bar")},
        {"corner-or-liner", CannotText::tr("corner and liner")},
        {"trim-or-kerf", CannotText::tr("trim and cut")},
        {"hardness", CannotText::tr("the hardness")},
        {"dose", CannotText::tr("how much soap goes into a litre")},
        {"cap", CannotText::tr("the limit")},
        {"scent", CannotText::tr("the share of scent")},
        {"temperature", CannotText::tr("the temperature")},
        {"water-temperature", CannotText::tr("the temperature of the water")},
        {"wanted", CannotText::tr("the amount wanted")},
        {"bars", CannotText::tr("how many bars")},
        {"cured", CannotText::tr("the weight of a bar")},
        {"left", CannotText::tr("what is left on the shelf")},
        {"contents", CannotText::tr("what is in it")},
        {"batter", CannotText::tr("the batter")},
        {"oils", CannotText::tr("the oils")},
        {"jug-liquid", CannotText::tr("a liquid in the jug")},
        {"hydroxide", CannotText::tr("the lye")},
        {"oil", CannotText::tr("an oil")},
        {"readings", CannotText::tr("the readings")},
        {"share", CannotText::tr("a share of a liquid")},
        {"purity", CannotText::tr("the purity of the lye")},
        {"vessel", CannotText::tr("the weight of the vessel")},
        {"portions", CannotText::tr("how many portions of lye")},
        {"pause", CannotText::tr("the pause, in minutes,")},
        {"batter-grams", CannotText::tr("the batter, in grams,")},
        {"batter-height", CannotText::tr("the height of the batter, in millimetres,")},
        {"cover-hour", CannotText::tr("the hour of a cover")},
        {"loss", CannotText::tr("how fast it loses heat")},
        {"joining", CannotText::tr("what is joined")},
        {"rate", CannotText::tr("how fast it cools")},
        {"power", CannotText::tr("the power of the cooker")},
        {"setpoint", CannotText::tr("the temperature of the cooker")},
        {"diameter-open", CannotText::tr("the width of the cooker")},
        {"open-share", CannotText::tr("how long the lid is off")},
        {"room", CannotText::tr("the temperature of the room")},
        {"liquid", CannotText::tr("how warm the liquid is")},
        {"chilled", CannotText::tr("how warm milk from the fridge is")},
        {"frozen", CannotText::tr("how cold the frozen liquid is")},
        {"melted", CannotText::tr("how warm the hard fats are melted")},
        {"pot-after", CannotText::tr("the minutes until the pot is mixed")},
        {"blending", CannotText::tr("the seconds of blending")},
        {"oven-off", CannotText::tr("the hour the oven goes off")},
        {"cook-minutes", CannotText::tr("the minutes of the cook")},
        {"jug", CannotText::tr("the jug")},
        {"pot", CannotText::tr("the pot")},
        {"cover", CannotText::tr("the covers")},
        {"sample", CannotText::tr("the sample of soap")},
        {"acid-strength", CannotText::tr("the strength of acid or base")},
        {"volume", CannotText::tr("the volume")},
        {"batch", CannotText::tr("the weight of the batch")},
        {"free-caustic", CannotText::tr("the free caustic")},
        {"superfat", CannotText::tr("the superfat")},
        {"sv", CannotText::tr("the saponification value")},
        {"lot", CannotText::tr("how much was bought")},
        {"cost", CannotText::tr("a price, a loss or a tax")},
        {"weights", CannotText::tr("a weight")},
        {"nominal", CannotText::tr("the weight on the label")},
        {"code", CannotText::tr("the batch code")},
    };
    for (const auto& [code, name] : names)
        if (item == code)
            return name;
    return QString::fromStdString(item);
}

} // namespace

QString cannot(const Cannot& c, const Speech& s)
{
    using C = CannotCode;
    const QString item = itemName(c.item);
    const auto figure = [&](std::size_t i) { return i < c.figures.size() ? c.figures[i] : 0.0; };
    switch (c.code) {
    case C::NotPositive: return CannotText::tr("This cannot be nothing: %1.").arg(item);
    case C::Negative: return CannotText::tr("This cannot be below 0: %1.").arg(item);
    case C::OutOfRange:
        return c.figures.size() == 2
                   ? CannotText::tr("Out of range: %1. It lies between %2 and %3.")
                         .arg(item, s.trimmed(figure(0)), s.trimmed(figure(1)))
                   : CannotText::tr("Out of range: %1.").arg(item);
    case C::BadMass: return CannotText::tr("This is no mass: %1.").arg(item);
    case C::NothingInIt: return CannotText::tr("There is nothing in it yet.");
    case C::NoOils: return CannotText::tr("There are no oils yet.");
    case C::Overflows:
        return CannotText::tr("It does not all go in: %1 over.").arg(s.volume(figure(0)));
    case C::AboveTheRim: return CannotText::tr("That is above the rim.");
    case C::CornerTooRound:
        return CannotText::tr("The corner is rounder than half the mould is wide.");
    case C::BadDividers:
        return CannotText::tr(
            "Dividers cannot stand higher than the mould, nor be fewer than none.");
    case C::DividersFillTheMould: return CannotText::tr("The dividers leave no room for soap.");
    case C::FullNotHeavier:
        return CannotText::tr("Full of water it must weigh more than empty. Weigh both once more.");
    case C::NoBar: return CannotText::tr("Not one bar of that thickness comes out of it.");
    case C::NoHeight:
        return CannotText::tr("A mould known by its water alone has no height to read.");
    case C::TooMuchScent:
        return CannotText::tr("The scents together come to half of the batter or more.");
    case C::NoSuchWater: return CannotText::tr("No water is that hard. Which unit is it in?");
    case C::NoTotal: return CannotText::tr("Nothing says yet how much is to be made.");
    case C::TooManyOils:
        return CannotText::tr("Up to %1 oils can be looked through.").arg(s.number(figure(0), 0));
    case C::TooManyWishes:
        return CannotText::tr("Up to %1 wishes can be looked through.").arg(s.number(figure(0), 0));
    case C::WishesContradict:
        return CannotText::tr("A wish asks for at least %1 and at most %2.")
            .arg(s.trimmed(figure(1)), s.trimmed(figure(2)));
    case C::DoesNotScale:
        return CannotText::tr(
            "What is locked is more than that already: unlock it, or ask for more.");
    case C::NotReckoned: return CannotText::tr("The formula cannot be reckoned yet.");
    case C::DoesNotHold:
        return CannotText::tr(
                   "Reckoned afresh, the answer misses a wish by %1 points, so it is not "
                   "shown. Water and liquid of this formula hang together in a way that is "
                   "not looked through: wish for less, or state the liquid as a lye "
                   "strength.")
            .arg(s.number(figure(0), 1));
    case C::TakesTooLong:
        return CannotText::tr("No answer in the time allowed. Fewer wishes or oils are quicker.");
    case C::NoWaterInJug:
        return CannotText::tr("There is no water in it to dissolve lye: give the jug a liquid.");
    case C::NoHydroxide: return CannotText::tr("There is no lye in it that would give heat.");
    case C::FrozenHydroxide:
        return CannotText::tr(
            "A line that holds lye is to be frozen: lye is not frozen, thaw that line.");
    case C::LateFirstCover:
        return CannotText::tr("The first cover must begin at hour 0, when it is poured.");
    case C::TooFewReadings: return CannotText::tr("One reading at least is needed.");
    case C::ReadingsOutOfOrder:
        return CannotText::tr("Each reading must be later than the one before it.");
    case C::TooFewWeights:
        return CannotText::tr(
            "Three weighings are needed for a curve; until then the rule speaks.");
    case C::TooShort:
        return CannotText::tr("The weighings lie less than five days apart: weigh again later.");
    case C::BadMasses:
        return CannotText::tr("A bar cannot weigh less than what is dry in it. How many bars were "
                              "on the scale?");
    case C::AcidNotInExcess:
        return CannotText::tr("More base went in than there was acid: the acid was short, or the "
                              "blank is wrong. Do it again with more acid.");
    case C::NoBars: return CannotText::tr("There is no bar to divide by: say how many there are.");
    case C::NoWeights: return CannotText::tr("No bar was weighed yet.");
    case C::TooLight: return CannotText::tr("That is lighter than the rule begins.");
    case C::TooHeavy: return CannotText::tr("That is heavier than the rule ends.");
    case C::NoHistory: return CannotText::tr("Nothing of it was used yet.");
    }
    return {};
}

} // namespace rhexion::words
