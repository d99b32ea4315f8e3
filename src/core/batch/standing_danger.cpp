#include "core/batch/standing_danger.h"

#include <algorithm>
#include <array>
#include <cmath>

namespace rhexion {

namespace {

// How the first of a danger's figures tells that it has become worse. The steps are those below
// which a kitchen scale and a spoon do no better (as_weighed.h), or a tenth of what was answered.
struct Worse {
    CautionCode code;
    double upwards; // 1: more is worse, -1: less is
    double step;    // as a difference; 0: a tenth of the figure
};
constexpr auto worseRows = std::to_array<Worse>({
    {CautionCode::SuperfatBelowZero, -1.0, superfatTolerance},
    {CautionCode::PortionLyeHeavy, -1.0, superfatTolerance},
    {CautionCode::LyeCannotDissolve, 1.0, strengthTolerance},
    {CautionCode::ChanceOfLyeExcess, 1.0, 0.0},
    {CautionCode::LyeLeftInCook, 1.0, 0.0},
    {CautionCode::AcidAfterCook, 1.0, 0.0},
    {CautionCode::AcidOutweighsLye, 1.0, 0.0},
});

} // namespace

std::vector<DangerAnswered> standingAnswers(const Batch& batch)
{
    std::vector<DangerAnswered> out;
    for (const AnsweredAt& a : batch.answers)
        if (a.answered.answer == DangerAnswer::GoOn && a.change == batch.changes)
            out.push_back(a.answered);
    return out;
}

bool covers(const DangerAnswered& answer, const Caution& danger)
{
    if (answer.answer != DangerAnswer::GoOn || answer.code != danger.code ||
        answer.line != danger.line || answer.portion != danger.portion)
        return false;
    // A figure that is gone, such as a superfat of no fat at all, is worse than any.
    if (danger.figures.empty())
        return answer.figures.empty();
    if (answer.figures.empty())
        return true;
    const auto* row = std::ranges::find(worseRows, danger.code, &Worse::code);
    if (row == worseRows.end())
        return danger.figures == answer.figures;
    const double step = row->step > 0.0 ? row->step : 0.1 * std::abs(answer.figures.front());
    return row->upwards * (danger.figures.front() - answer.figures.front()) <= step;
}

const Caution* unanswered(std::span<const Caution> findings,
                          std::span<const DangerAnswered> answers)
{
    const auto found = std::ranges::find_if(findings, [&](const Caution& c) {
        return c.severity == Severity::Danger &&
               std::ranges::none_of(answers, [&](const auto& a) { return covers(a, c); });
    });
    return found == findings.end() ? nullptr : &*found;
}

Caution cautionOf(const DangerAnswered& answer)
{
    Caution out{answer.code, Severity::Danger, Vessel::LyeJug, answer.line, answer.figures, {}};
    out.portion = answer.portion;
    return out;
}

} // namespace rhexion
