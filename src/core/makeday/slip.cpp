#include "core/makeday/slip.h"

#include "core/materials/citric_forms.h"

#include <algorithm>
#include <cmath>

namespace rhexion {

namespace {

using What = WeighTarget::What;

void weighLye(const Formula& formula, const Reckoning& planned, double factor,
              std::vector<Weighed>& out)
{
    for (const What what :
         {What::Sodium, What::Potassium, What::SodiumSecond, What::PotassiumSecond})
        out.push_back({{what, 0}, plannedGrams({what, 0}, formula, planned) * factor});
}

} // namespace

std::variant<AfterSlip, Refusal> afterSlip(const Formula& formula, const Reckoning& planned,
                                           const Slip& slip)
{
    const Line* line = formula.find(slip.line);
    const LineReckoned* reckoned = line ? planned.find(slip.line) : nullptr;
    const Refusal cannot{
        RefusalCode::BadMass, slip.line, line ? line->material->name : "", {slip.amount}};
    const bool counted =
        std::isfinite(slip.amount) && slip.amount > 0.0 && slip.amount <= Mass::largestGrams;
    Formula plan = formula;
    std::vector<TopUp> topUps;
    std::vector<Weighed> weighed;
    WeighTarget latest;
    switch (slip.kind) {
    case SlipKind::AcidForgotten: {
        const double acid = reckoned ? reckoned->acidMol : planned.acidMol;
        if (!(acid > 0.0) || acid >= planned.hydroxideMol)
            return cannot;
        // Without the acid in the sum, the lye had been set for the fat alone.
        weighLye(formula, planned, 1.0 - acid / planned.hydroxideMol, weighed);
        break;
    }
    case SlipKind::LyeTimes:
        if (!counted || slip.amount > 100.0)
            return cannot;
        weighLye(formula, planned, slip.amount, weighed);
        break;
    case SlipKind::WrongCitricForm: {
        const MaterialPtr other = line ? otherCitricForm(*line->material) : nullptr;
        if (!other)
            return cannot;
        plan.find(slip.line)->material = other;
        break;
    }
    case SlipKind::LineMissing:
        if (!reckoned)
            return cannot;
        weighed.push_back({{What::Line, slip.line}, 0.0});
        latest = {What::Line, slip.line}; // it can still go in
        break;
    case SlipKind::LineExtra:
        if (!reckoned || !counted)
            return cannot;
        weighed.push_back({{What::Line, slip.line},
                           plannedGrams({What::Line, slip.line}, formula, planned) + slip.amount});
        break;
    case SlipKind::AcidAddedLate: {
        if (!slip.material || slip.material->isHydroxide() || !counted)
            return cannot;
        topUps.push_back({slip.material, Vessel::Trace, slip.amount});
        break;
    }
    }
    // Past half the oils again it is another batch, and a pot that is twice too small.
    AfterSlip out{reckonAsWeighed(plan, planned, {weighed, topUps, {}}, latest), false};
    // All of it is in already.
    std::erase_if(out.bowl.mends,
                  [](const DayMend& mend) { return mend.kind == DayMendKind::WeighLess; });
    for (const DayMend& mend : out.bowl.mends)
        if (mend.kind == DayMendKind::AddOil && mend.grams > 0.5 * planned.oilsGrams)
            out.tooFar = true;
    return out;
}

} // namespace rhexion
