// Widespread beliefs that the formula or its notes show, answered where they arise.
#include "core/advice/cautions.h"
#include "core/materials/search.h"

#include <algorithm>
#include <array>

namespace rhexion {

namespace {

// Whether the text, folded, holds one of the words whole.
bool says(const std::string& text, std::initializer_list<std::string_view> words)
{
    const auto letter = [&](std::size_t at) {
        return at < text.size() && std::isalpha(static_cast<unsigned char>(text[at]));
    };
    for (const std::string_view word : words)
        for (auto at = text.find(word); at != std::string::npos; at = text.find(word, at + 1))
            if ((at == 0 || !letter(at - 1)) && !letter(at + word.size()))
                return true;
    return false;
}

} // namespace

void addBeliefs(const Formula& f, const Account& r, std::vector<Caution>& out)
{
    const auto say = [&](CautionCode code, Vessel vessel, LineId line,
                         std::vector<double> figures) {
        out.push_back({code, Severity::Note, vessel, line, std::move(figures), {}});
    };
    // Too much lye and a long cure: the cure is where people hope it goes.
    if (r.lyeHeavy())
        say(CautionCode::LyeDoesNotCureAway, Vessel::LyeJug, 0, {});
    if (f.notes.empty() && f.name.empty())
        return;
    const std::string text = folded(f.name + ' ' + f.notes);
    const auto citric = std::ranges::find_if(f.lines, [](const Line& line) {
        return line.material->kind == MaterialKind::Acid &&
               std::ranges::find(line.material->acids, Acid::Citric, &AcidShare::acid) !=
                   line.material->acids.end();
    });
    if (citric != f.lines.end() && says(text, {"ph"}))
        say(CautionCode::CitrateLeavesPh, citric->vessel, citric->id, {});
    if (says(text, {"discount", "reduction", "reduced"}) &&
        !says(text, {"lye discount", "water reduction", "water discount", "lye reduction"}))
        say(CautionCode::DiscountOfWhat, Vessel::LyeJug, 0,
            {r.superfatTrue.value_or(0.0), r.pure.lessThanUsual.value_or(0.0)});
}

} // namespace rhexion
