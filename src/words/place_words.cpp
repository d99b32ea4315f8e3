#include "words/place_words.h"

#include <QCoreApplication>

namespace rhexion::words {

namespace {

struct PlaceText {
    Q_DECLARE_TR_FUNCTIONS(Place)
};

} // namespace

QString placeReason(PlaceReason reason)
{
    switch (reason) {
    case PlaceReason::MeltedWithOils: return PlaceText::tr("melted with the oils");
    case PlaceReason::TemperedAtTrace:
        return PlaceText::tr("hot lye would cook it: beaten with a little oil and warm batter");
    case PlaceReason::ThinnedAtTrace:
        return PlaceText::tr("sugar heats the lye: thinned with a little of the water");
    case PlaceReason::ManyAtTrace:
        return PlaceText::tr("so much salt no longer dissolves: stirred in, fine grained");
    case PlaceReason::DissolvedFirst:
        return PlaceText::tr("dissolved in the liquid before the lye");
    case PlaceReason::IntoCooledLye:
        return PlaceText::tr("stirred into the lye once it has cooled");
    case PlaceReason::WettedWithOil:
        return PlaceText::tr("wetted with a spoon of the oil, so that it leaves no specks");
    case PlaceReason::StirredInLast: return PlaceText::tr("stirred in last, by hand");
    case PlaceReason::AfterTheCook:
        return PlaceText::tr("below its flash point, so after the cook");
    case PlaceReason::InPlaceOfWater:
        return PlaceText::tr("in place of water, cold, under the lye");
    case PlaceReason::LateToKeepColour:
        return PlaceText::tr("late, to keep what it can of its colour");
    case PlaceReason::FrozenUnderLye: return PlaceText::tr("frozen, the lye added slowly");
    }
    return {};
}

QString intoVessel(Vessel vessel)
{
    switch (vessel) {
    case Vessel::LyeJug: return PlaceText::tr("Into the lye jug instead");
    case Vessel::SecondJug: return PlaceText::tr("Into the second jug instead");
    case Vessel::OilPot: return PlaceText::tr("Into the oil pot instead");
    case Vessel::Emulsion: return PlaceText::tr("At emulsion instead");
    case Vessel::Trace: return PlaceText::tr("At trace instead");
    case Vessel::AfterCook: return PlaceText::tr("After the cook instead");
    case Vessel::Top: return PlaceText::tr("On top instead");
    }
    return {};
}

} // namespace rhexion::words
