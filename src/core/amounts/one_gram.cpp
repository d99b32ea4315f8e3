#include "core/amounts/one_gram.h"

#include "core/materials/demand.h"

namespace rhexion {

namespace {

// How a fat counts: an oil in full. Hidden fat and waxes by the school: left out, the least there
// is (a thin tin, a seed no lye reaches, the free acid of a wax), or typical.
void countFat(PerGram& per, const Material& m, const DemandTerm& term, HiddenFatSchool school)
{
    const bool surely = m.kind != MaterialKind::Fat && m.kind != MaterialKind::FattyAcid;
    if (!surely || school == HiddenFatSchool::Typical) {
        per.fatShareCounted = term.share->typical();
        per.svCounted = term.value->typical();
        per.fatCounted = term.typical();
    } else if (school == HiddenFatSchool::Surely) {
        per.fatShareCounted = term.share->low();
        per.svCounted = term.value->low();
        per.fatCounted = term.low();
    }
}

} // namespace

PerGram perGramOf(const Line& line, const LyeSettings& lye)
{
    const Material& m = *line.material;
    PerGram per;
    per.water = line.allWater ? 1.0 : m.part(Part::Water).range.typical();
    per.discounted = lye.basis == SuperfatBasis::AllFat || line.vessel != Vessel::AfterCook;
    eachDemand(m, [&](const DemandTerm& term) {
        switch (term.of) {
        case DemandOf::Fat:
            per.fatTypical = term.typical();
            per.fatLow = term.low();
            per.fatHigh = term.high();
            countFat(per, m, term, lye.hiddenFat);
            if (m.kind == MaterialKind::FattyAcid)
                per.freeFattyAcid = per.fatTypical;
            break;
        case DemandOf::Acid:
            per.acid += term.typical();
            per.acidLow += term.low();
            per.acidHigh += term.high();
            break;
        case DemandOf::Sodium:
        case DemandOf::Potassium:
            per.given += term.typical();
            per.givenLow += term.low();
            per.givenHigh += term.high();
            (term.of == DemandOf::Sodium ? per.givenSodium : per.givenPotassium) =
                term.share->typical();
            break;
        }
    });
    return per;
}

std::vector<PerGram> perGramsOf(const Formula& formula)
{
    std::vector<PerGram> out;
    out.reserve(formula.lines.size());
    for (const Line& line : formula.lines)
        out.push_back(perGramOf(line, formula.lye));
    return out;
}

} // namespace rhexion
