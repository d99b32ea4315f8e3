// Citations that no handbook gives: what the program itself says of a figure it makes. One row an
// id, so that words can say them in another language (words/source_words.h). Files keep the text
// as it was written here, like any other citation.
#pragma once

#include "core/materials/material.h"

#include <array>
#include <string_view>

namespace rhexion {

enum class OwnSource {
    Definition,
    MakersWord,    // takenAs()
    PuritySet,     // withPurity()
    UsualFat,      // SV of a food whose fat nobody named
    UsualPh,       // pH of a food
    AcidityUnknown // of a food nobody titrated
};

struct OwnSourceRow {
    OwnSource what;
    std::string_view id;
    std::string_view text;
    bool fromMemory;
};

inline constexpr std::array<OwnSourceRow, countOf<OwnSource>()> ownSources{{
    {OwnSource::Definition, "definition", "By definition", false},
    {OwnSource::MakersWord, "makers-word",
     "What it is in its maker's own word, the figures wide: common practice, no source", false},
    {OwnSource::PuritySet, "maker",
     "Purity as you set it, within a hundredth: common practice, no source", false},
    {OwnSource::UsualFat, "food-sv", "SV of the usual fat of this kind of food", true},
    {OwnSource::UsualPh, "food-ph", "Usual pH of the food", true},
    {OwnSource::AcidityUnknown, "acidity-unknown",
     "Not known: titrate it, or treat it as 0 to the most such a food has", true},
}};

constexpr const OwnSourceRow& rowOf(OwnSource what)
{
    return ownSources[static_cast<std::size_t>(what)];
}
inline std::string idOf(OwnSource what)
{
    return std::string(rowOf(what).id);
}
inline Source sourceOf(OwnSource what)
{
    const OwnSourceRow& row = rowOf(what);
    return {std::string(row.id), std::string(row.text), row.fromMemory, false};
}

namespace detail {
constexpr bool ownSourcesInOrder()
{
    for (std::size_t i = 0; i < ownSources.size(); ++i)
        if (ownSources[i].what != static_cast<OwnSource>(i))
            return false;
    return true;
}
static_assert(ownSourcesInOrder());
} // namespace detail

} // namespace rhexion
