// From all that was found out about a formula to what is said of it.
#include "core/advice/cautions.h"
#include "core/advice/reckon.h"

#include <algorithm>
#include <array>

namespace rhexion {

namespace {

using C = CautionCode;

// Where the first is said, the second would say the same again, or less.
struct SaysItBetter {
    CautionCode said;
    CautionCode left;
};
constexpr auto saysItBetter = std::to_array<SaysItBetter>({
    {C::ChanceOfLyeExcess, C::MayBeLyeHeavy},
    {C::JugScorches, C::MilkUnfrozenInJug},
    {C::CannotStayUnder, C::MilkUnfrozenInJug},
    {C::JugScorches, C::CannotStayUnder},
    {C::JugScorches, C::BoilsWhereItLands},
    {C::JugBoils, C::BoilsWhereItLands},
    {C::JugBoils, C::AlcoholInLye},
    {C::LyeCannotDissolve, C::LyeColdCannotDissolve},
    {C::LyeCannotDissolve, C::JugWaterTiedUp},
    {C::LyeCannotDissolve, C::CrystalsWhenCool},
    {C::LyeCannotDissolve, C::StrongBatter},
    {C::JugWaterTiedUp, C::CrystalsWhenCool},
    {C::DrierThanWanted, C::StrongBatter},
    {C::WetterThanWanted, C::WeakBatter},
    {C::SweetenedMilk, C::MuchSugar},
    {C::SugarMilkHotStart, C::MuchSugar},
    {C::HotCore, C::MuchSugar},
    {C::HotCore, C::SugarMilkHotStart},
    {C::HotCore, C::WideGap},
    {C::HotCore, C::PartialGel},
    {C::HotCore, C::WakesLater},
    {C::PartialGel, C::WideGap},
    {C::SetsOut, C::SetsInThePot},
    {C::FattyAcidSeizes, C::SetsOut},
    {C::AcidityNotKnown, C::TakesMoreThanCounted},
    {C::SugarOrMilkCooked, C::CookRises},
    {C::LyeLeftInCook, C::HeldOilLeavesLye},
    {C::PortionLyeHeavy, C::PortionUneven},
    {C::ScentInLye, C::ScentInDrops},
    {C::CoconutDriesSkin, C::VerySuperfatted},
});

bool isAcknowledged(const Formula& f, const Caution& c)
{
    return mayBeAcknowledged(c.code) &&
           std::ranges::any_of(f.acknowledged, [&](const Acknowledged& known) {
               return known.code == c.code && known.line == c.line && known.portion == c.portion &&
                      c.severity <= known.severity;
           });
}

void leaveOutTheSame(std::vector<Caution>& findings)
{
    const auto isSaid = [&](CautionCode code, Severity least) {
        return std::ranges::any_of(
            findings, [&](const Caution& c) { return c.code == code && c.severity >= least; });
    };
    // A note does not take the place of something worse; and what the maker knows is not said to
    // her in other words.
    const auto isSaidBetter = [&](const Caution& c) {
        return std::ranges::any_of(saysItBetter, [&](const SaysItBetter& pair) {
            return pair.left == c.code && isSaid(pair.said, c.severity);
        });
    };
    std::vector<Caution> kept;
    for (const Caution& c : findings)
        if (!isSaidBetter(c))
            kept.push_back(c);
    findings = std::move(kept);
}

// What is to be said of several lines alike is said of the first, the others named with it. Each
// with a mend of its own stays, since that is to be pressed.
void gatherLines(std::vector<Caution>& findings)
{
    std::vector<Caution> out;
    for (Caution& c : findings) {
        const auto first = std::ranges::find_if(out, [&](const Caution& said) {
            return said.code == c.code && said.severity == c.severity && c.line != 0 &&
                   !said.mend && !c.mend && said.acknowledged == c.acknowledged;
        });
        if (first == out.end())
            out.push_back(std::move(c));
        else if (first->line != c.line)
            first->others.push_back(c.line);
    }
    findings = std::move(out);
}

} // namespace

std::vector<Caution> findingsOf(const Formula& formula, const Reckoning& reckoning,
                                const Doubt* doubt, const Lexicon& words,
                                std::span<const Caution> heat)
{
    std::vector<Caution> out = reckoning.cautions;
    addSaidCautions(formula, reckoning, words, out);
    if (auto more = doubt ? cautionOf(formula, reckoning, *doubt) : std::nullopt)
        out.push_back(std::move(*more));
    out.insert(out.end(), heat.begin(), heat.end());
    for (Caution& c : out)
        c.acknowledged = isAcknowledged(formula, c);
    leaveOutTheSame(out);
    std::ranges::stable_sort(out, [](const Caution& a, const Caution& b) {
        return a.acknowledged != b.acknowledged ? b.acknowledged : a.severity > b.severity;
    });
    gatherLines(out);
    return out;
}

std::size_t shownInTheOpen(std::span<const Caution> findings)
{
    constexpr std::size_t most = 3;
    std::size_t shown = 0;
    for (const Caution& c : findings)
        if (!c.acknowledged && (shown < most || c.severity == Severity::Danger))
            ++shown;
    return shown;
}

std::optional<Edit> acknowledge(const Formula& formula, const Caution& caution)
{
    if (!mayBeAcknowledged(caution.code))
        return std::nullopt;
    std::vector<Acknowledged> all = formula.acknowledged;
    const auto isOfIt = [&](const Acknowledged& known) {
        return known.code == caution.code && known.portion == caution.portion &&
               (known.line == caution.line ||
                std::ranges::find(caution.others, known.line) != caution.others.end());
    };
    std::erase_if(all, isOfIt);
    std::erase_if(all, [&](const Acknowledged& known) { // of lines that are gone
        return known.line != 0 && !formula.find(known.line);
    });
    if (!caution.acknowledged) {
        all.push_back({caution.code, caution.severity, caution.line, caution.portion});
        for (const LineId line : caution.others)
            all.push_back({caution.code, caution.severity, line, caution.portion});
    }
    return SetAcknowledged{std::move(all)};
}

} // namespace rhexion
