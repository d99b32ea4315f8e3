// A lot: one bought or home-made jar of a material, with figures of its own.
#pragma once

#include "core/materials/figures.h"

namespace rhexion {

struct LotFigure {
    std::string code; // see figures.h; a hydroxide's purity is its hydroxide part
    Interval range;
    std::string source; // text: "certificate of ...", "dry-down of 3 October"
    friend bool operator==(const LotFigure&, const LotFigure&) = default;
};

struct Lot {
    std::string id;
    std::string name;
    std::vector<LotFigure> figures;
    std::vector<Measure> measures; // weighed spoons, cups, drops; source is a text, as above
    friend bool operator==(const Lot&, const Lot&) = default;
};

// The material as this lot is. Figures of the lot replace the material's; where they are shares of
// the whole, all other shares (acids and titratable acidity with them) are scaled alike, so that
// what was not measured keeps its make-up and the sum stays 1. A measured titratable acidity stands
// for all acids in the sum; measured acids put a titratable figure of the material aside.
// Unknown codes are left out. The lot's own shares may sum to more than 1: faultOf() then says so.
Material withLot(const Material& material, const Lot& lot);

// One part of a mixture.
struct Ingredient {
    MaterialPtr material;
    Mass mass;
};
// A new material from others: composition by mass, less water evaporated until finalMass remains.
// SV is weighed by fat, acidity is summed as mmol (0 to x stays 0 to x). Refuses no mass, more lost
// than there was water, and a final mass above the sum (nothing comes from nothing).
std::optional<Material> mixed(std::span<const Ingredient> ingredients, Mass finalMass);

} // namespace rhexion
