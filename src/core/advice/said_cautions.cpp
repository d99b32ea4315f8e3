// What a formula's name and notes speak of, answered where it arises.
#include "core/advice/cautions.h"
#include "core/materials/search.h"

#include <algorithm>

namespace rhexion {

void addSaidCautions(const Formula& f, const Account& r, const Lexicon& words,
                     std::vector<Caution>& out)
{
    if (f.notes.empty() && f.name.empty())
        return;
    const std::string text = folded(f.name + ' ' + f.notes);
    if (says(text, words.children))
        for (const Line& line : f.lines)
            if (line.material->kind == MaterialKind::Scent &&
                line.material->behaves(Behaviour::NotForChildren))
                out.push_back({CautionCode::ScentForChildren,
                               Severity::Care,
                               line.vessel,
                               line.id,
                               {},
                               RemoveLine{line.id}});
    const auto citric = std::ranges::find_if(f.lines, [](const Line& line) {
        return line.material->kind == MaterialKind::Acid &&
               std::ranges::find(line.material->acids, Acid::Citric, &AcidShare::acid) !=
                   line.material->acids.end();
    });
    if (citric != f.lines.end() && says(text, words.acidity))
        out.push_back(
            {CautionCode::CitrateLeavesPh, Severity::Note, citric->vessel, citric->id, {}, {}});
    if (says(text, words.discount) && !says(text, words.discountSaid))
        out.push_back({CautionCode::DiscountOfWhat,
                       Severity::Note,
                       Vessel::LyeJug,
                       0,
                       {r.superfatTrue.value_or(0.0), r.pure.lessThanUsual.value_or(0.0)},
                       {}});
}

} // namespace rhexion
