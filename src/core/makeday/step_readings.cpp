#include "core/makeday/step_readings.h"

#include <cmath>

namespace rhexion {

namespace {
using Kind = DayStepKind;
}

bool ReadingPace::wants(double celsius, std::int64_t now)
{
    constexpr double worthIt = 1.0; // C
    constexpr std::int64_t longest = 120'000;
    constexpr std::int64_t shortest = 5'000;
    if (last_) {
        const std::int64_t since = now - last_->second;
        const bool moved = std::abs(celsius - last_->first) >= worthIt;
        if (since >= 0 && (since < shortest || (!moved && since < longest)))
            return false;
    }
    last_ = {celsius, now};
    return true;
}

std::vector<ReadingOf> readingsAfterPouring()
{
    return {ReadingOf::Core, ReadingOf::Surface, ReadingOf::Room};
}

std::vector<ReadingOf> readingsAt(DayStepKind kind)
{
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
