#include "core/materials/citric_forms.h"

#include <algorithm>

namespace rhexion {

MaterialPtr otherCitricForm(const Material& m)
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

MaterialPtr impurityAsCarbonate(const Material& hydroxide)
{
    auto other = std::make_shared<Material>(hydroxide);
    Figure& water = other->part(Part::Water);
    Figure& carbonate = other->part(Part::Carbonate);
    const Interval w = water.range;
    const Interval c = carbonate.range;
    carbonate = {Interval::around(w.low() + c.low(), w.typical() + c.typical(),
                                  std::min(1.0, w.high() + c.high())),
                 water.source};
    water.range = Interval::exactly(0.0);
    return other;
}

} // namespace rhexion
