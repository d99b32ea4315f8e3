#include "core/materials/makers_word.h"

#include "core/materials/limits.h"
#include "core/materials/own_sources.h"
#include "core/materials/sv_check.h"

#include <algorithm>

namespace rhexion {

namespace {

Figure wide(double low, double typical, double high)
{
    return {Interval::around(low, typical, high), idOf(OwnSource::MakersWord)};
}

// Within the ends a fraction has.
Figure share(double typical, double doubt)
{
    return wide(std::max(0.0, typical - doubt), typical, std::min(1.0, typical + doubt));
}

} // namespace

std::span<const TakenAs> allTakenAs()
{
    static constexpr TakenAs all[] = {TakenAs::Scent,  TakenAs::Colour, TakenAs::DrySolid,
                                      TakenAs::Watery, TakenAs::Salt,   TakenAs::Sugar,
                                      TakenAs::Oil,    TakenAs::Acid};
    return all;
}

bool needsFigure(TakenAs as)
{
    return as == TakenAs::Watery || as == TakenAs::Oil || as == TakenAs::Acid;
}

bool figureIsGood(TakenAs as, double figure)
{
    switch (as) {
    case TakenAs::Watery: return figure >= 0.0 && figure <= 1.0;
    case TakenAs::Oil: return svIsUsual(figure);
    case TakenAs::Acid: return figure > 0.0 && figure <= 1.0;
    default: return true;
    }
}

std::optional<Material> takenAs(const std::string& name, TakenAs as, double figure)
{
    if (name.empty() || !limits::fits(name, limits::materialName) || !figureIsGood(as, figure))
        return std::nullopt;
    Material m;
    m.name = name;
    m.sources = {sourceOf(OwnSource::MakersWord)};
    // g in a level teaspoon of what is of that kind (common practice, no source).
    double spoon = 0.0;
    switch (as) {
    case TakenAs::Scent:
        m.kind = MaterialKind::Scent;
        m.density = wide(0.84, 0.95, 1.1);
        break;
    case TakenAs::Colour:
        m.kind = MaterialKind::Colour;
        m.part(Part::Water) = wide(0.0, 0.02, 0.15);
        spoon = 2.8;
        break;
    case TakenAs::DrySolid:
        m.kind = MaterialKind::Solid;
        m.part(Part::Water) = wide(0.0, 0.08, 0.2);
        spoon = 2.5;
        break;
    case TakenAs::Salt:
        m.kind = MaterialKind::Salt;
        m.part(Part::SodiumChloride) = wide(0.5, 0.96, 1.0);
        m.part(Part::Water) = wide(0.0, 0.02, 0.1);
        spoon = 5.5;
        break;
    case TakenAs::Sugar:
        m.kind = MaterialKind::Sugar;
        m.part(Part::OtherSugar) = wide(0.3, 0.8, 1.0);
        m.part(Part::ReducingSugar) = wide(0.0, 0.1, 0.7);
        m.part(Part::Water) = wide(0.0, 0.05, 0.3);
        spoon = 4.5;
        break;
    case TakenAs::Watery:
        m.kind = MaterialKind::Produce;
        m.part(Part::Water) = share(figure, 0.05);
        // Nobody has titrated it: none to as much as a sour fruit has.
        m.titratable = wide(0.0, 0.0, 15.0);
        m.density = wide(0.98, 1.03, 1.1);
        break;
    case TakenAs::Oil:
        m.kind = MaterialKind::Fat;
        m.part(Part::Fat) = share(1.0, 0.0);
        m.sv = wide(figure * 0.98, figure, figure * 1.02);
        m.density = wide(0.9, 0.92, 0.94);
        break;
    case TakenAs::Acid:
        m.kind = MaterialKind::Acid;
        m.acids.push_back({Acid::Citric, share(figure, 0.1 * figure)});
        m.part(Part::Water) = share(1.0 - figure, 0.1 * (1.0 - figure));
        spoon = 4.5;
        break;
    }
    if (spoon > 0.0)
        m.measures.push_back({"tsp", spoon, idOf(OwnSource::MakersWord)});
    return m;
}

} // namespace rhexion
