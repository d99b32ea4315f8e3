#include "core/makeday/already.h"

#include <algorithm>
#include <cmath>

namespace rhexion {

namespace {

using What = WeighTarget::What;

// The other form of a citric acid, weighed in its place; nothing for any other material.
MaterialPtr otherCitric(const Material& m)
{
    const auto citric = std::ranges::find(m.acids, Acid::Citric, &AcidShare::acid);
    if (m.kind != MaterialKind::Acid || citric == m.acids.end() ||
        citric->share.range.typical() < 0.85)
        return nullptr;
    const bool mono = citric->share.range.typical() < 0.95;
    const double share = mono ? 1.0 : citricMonohydrateShare();
    auto other = std::make_shared<Material>(m);
    const std::string source = citric->share.source;
    other->acids = {{Acid::Citric, {Interval::exactly(share), source}}};
    other->part(Part::Water) = {Interval::exactly(1.0 - share), source};
    other->titratable.reset();
    return other;
}

void weighLye(const Reckoning& planned, double factor, std::vector<Weighed>& out)
{
    out.push_back({{What::Sodium, 0}, planned.sodium.weighedGrams * factor});
    out.push_back({{What::Potassium, 0}, planned.potassium.weighedGrams * factor});
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
    Reckoning was = planned;
    std::vector<Weighed> weighed;
    WeighTarget latest;
    switch (slip.kind) {
    case SlipKind::AcidForgotten: {
        const double acid = reckoned ? reckoned->acidMol : planned.acidMol;
        if (!(acid > 0.0) || acid >= planned.hydroxideMol)
            return cannot;
        weighLye(planned, 1.0 - acid / planned.hydroxideMol, weighed);
        break;
    }
    case SlipKind::LyeTimes:
        if (!counted || slip.amount > 100.0)
            return cannot;
        weighLye(planned, slip.amount, weighed);
        break;
    case SlipKind::WrongCitricForm: {
        const MaterialPtr other = line ? otherCitric(*line->material) : nullptr;
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
        weighed.push_back({{What::Line, slip.line}, reckoned->grams + slip.amount});
        break;
    case SlipKind::AcidAddedLate: {
        if (!slip.material || slip.material->isHydroxide() || !counted)
            return cannot;
        const LineId id = plan.newId();
        plan.lines.push_back(
            {id, slip.material, Vessel::Trace, {slip.amount, AmountUnit::Gram}, false, false});
        LineReckoned added;
        added.id = id;
        added.grams = slip.amount;
        was.lines.push_back(added);
        break;
    }
    }
    auto result = reckonAsWeighed(plan, was, weighed, latest);
    if (auto* refusal = std::get_if<Refusal>(&result))
        return std::move(*refusal);
    AfterSlip out{std::get<AsWeighed>(std::move(result)), false};
    for (const DayMend& mend : out.bowl.mends)
        if (mend.kind == DayMendKind::AddOil && mend.grams > 0.5 * planned.oilsGrams)
            out.tooFar = true;
    return out;
}

} // namespace rhexion
