#include "core/makeday/step_readings.h"

namespace rhexion {

std::vector<ReadingOf> readingsAfterPouring()
{
    return {ReadingOf::Core, ReadingOf::Surface, ReadingOf::Room};
}

std::vector<ReadingOf> readingsAt(DayStepKind kind)
{
    using Kind = DayStepKind;
    switch (kind) {
    case Kind::ColdBath:
    case Kind::PotassiumIntoLiquid:
    case Kind::LyeIntoLiquid: return {ReadingOf::Jug, ReadingOf::Room};
    case Kind::LookThrough:
    case Kind::IntoCooledLye: return {ReadingOf::Jug};
    case Kind::MeltOils:
    case Kind::IntoOils: return {ReadingOf::Pot, ReadingOf::Jug};
    case Kind::SetOilAside:
    case Kind::WaitToMeet:
    case Kind::Combine: return {ReadingOf::Jug, ReadingOf::Pot, ReadingOf::Room};
    case Kind::Emulsion:
    case Kind::Trace:
    case Kind::ScentByHand:
    case Kind::Divide:
    case Kind::PortionBack:
    case Kind::PourPortion:
    case Kind::LayerWait:
    case Kind::Pour:
    case Kind::CookSeparates:
    case Kind::CookApplesauce:
    case Kind::CookMash:
    case Kind::Cook:
    case Kind::TestCook:
    case Kind::CoolForScent:
    case Kind::AfterCook: return {ReadingOf::Batter};
    case Kind::Top:
    case Kind::CoverUp: return readingsAfterPouring();
    case Kind::Prepare:
    case Kind::WeighLine:
    case Kind::WeighSolvent:
    case Kind::DissolveLine:
    case Kind::WeighJugWater:
    case Kind::WeighSodium:
    case Kind::WeighPotassium:
    case Kind::DissolveFirst:
    case Kind::InfuseOil:
    case Kind::CookProduce:
    case Kind::DrinkFlat:
    case Kind::FreezeAhead:
    case Kind::StockLyeReady:
    case Kind::SetOut:
    case Kind::WetColour:
    case Kind::Own: break;
    }
    return {};
}

} // namespace rhexion
