// Scents: how they are measured, and how much of them.
#include "core/advice/checks.h"

namespace rhexion {

namespace {

using C = CautionCode;
using S = Severity;

} // namespace

void checkScents(const Advising& a)
{
    for (std::size_t i = 0; i < a.f.lines.size(); ++i) {
        const Line& line = a.f.lines[i];
        const Material& m = *line.material;
        if (m.kind != MaterialKind::Scent || !(a.r.lines[i].grams > 0.0))
            continue;
        if (line.amount.unit == AmountUnit::Drop)
            a.say(C::ScentInDrops, S::Note, line.vessel, line.id);
        if (m.behaves(Behaviour::Browns))
            a.say(C::ScentBrowns, S::Note, line.vessel, line.id);
        if (m.usualUse &&
            a.ofOils(i) > valueOf(Threshold::ScentOverUsual) * m.usualUse->range.high())
            a.say(C::MuchScent, S::Care, line.vessel, line.id,
                  {a.ofOils(i), m.usualUse->range.high()});
    }
}

} // namespace rhexion
