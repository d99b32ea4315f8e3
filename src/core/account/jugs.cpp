#include "core/account/jugs.h"

#include <algorithm>

namespace rhexion {

namespace {

using N = TermName;
using U = Unit;

// g of water per g of the acid itself at 20 C; those that mix with water in any amount need none.
double waterPerGram(Acid acid)
{
    switch (acid) {
    case Acid::Citric: return 0.68;
    case Acid::Tartaric: return 0.72;
    case Acid::Malic: return 1.79;
    case Acid::Ascorbic: return 3.0;
    case Acid::Oxalic: return 10.5;
    case Acid::Succinic: return 12.0;
    case Acid::Bicarbonate: return 10.4;
    case Acid::Bitartrate: return 170.0;
    case Acid::DisodiumEdta: return 10.0;
    default: return 0.0;
    }
}

bool isDriedMilk(const Material& m)
{
    return m.kind == MaterialKind::Milk && m.part(Part::Water).range.typical() < 0.2;
}

HydroxideReckoned partOf(const HydroxideReckoned& h, double share)
{
    return {h.mol * share, h.pureGrams * share, h.weighedGrams * share, h.waterGrams * share};
}

} // namespace

double waterToDissolveGram(const Material& m)
{
    constexpr double sucrose = 0.49;
    double water =
        (m.part(Part::ReducingSugar).range.typical() + m.part(Part::OtherSugar).range.typical()) *
            sucrose +
        m.part(Part::SodiumChloride).range.typical() * waterPerGramOfSalt;
    for (const AcidShare& share : m.acids)
        water += share.share.range.typical() * waterPerGram(share.acid);
    if (isDriedMilk(m)) // its protein swells with as much again (judgement, no source)
        water += m.part(Part::Protein).range.typical();
    return std::max(0.0, water - m.part(Part::Water).range.typical());
}

bool dissolvesFirst(const Material& m)
{
    return m.kind == MaterialKind::Acid || m.kind == MaterialKind::Sugar ||
           m.kind == MaterialKind::Salt || m.behaves(Behaviour::NeedsSolventWater);
}

void settleJugs(const Formula& f, const Amounts& amounts, std::span<const PerGram> per, Account& r)
{
    std::size_t makeUp = f.lines.size();
    for (std::size_t i = 0; i < f.lines.size(); ++i) {
        if (r.lines[i].isMakeUp)
            makeUp = i;
        else
            r.solventWanted += f.lines[i].solvent * r.lines[i].grams;
    }
    if (makeUp < f.lines.size()) {
        double aside = 0.0;
        for (std::size_t i = 0; i < f.lines.size(); ++i) {
            if (i == makeUp || i >= amounts.solvent.size())
                continue;
            r.lines[i].solventGrams = amounts.solvent[i];
            aside += amounts.solvent[i];
            r.makeUpIn[static_cast<std::size_t>(f.lines[i].vessel)] += amounts.solvent[i];
        }
        r.makeUpIn[static_cast<std::size_t>(f.lines[makeUp].vessel)] +=
            std::max(0.0, r.makeUpGrams - aside);
    }

    const auto inJug = [](const HydroxideReckoned& h, double grams) {
        return partOf(h, h.weighedGrams > 0.0 ? grams / h.weighedGrams : 0.0);
    };
    for (const Vessel vessel : {Vessel::LyeJug, Vessel::SecondJug}) {
        const bool isSecond = vessel == Vessel::SecondJug;
        JugReckoned& jug = r.jugs[isSecond];
        jug.sodium = inJug(r.sodium, amounts.sodium[isSecond]);
        jug.potassium = inJug(r.potassium, amounts.potassium[isSecond]);
        jug.water = jug.sodium.waterGrams + jug.potassium.waterGrams;
        if (!isSecond)
            jug.water += r.jugWaterGrams;
        if (makeUp < f.lines.size())
            jug.water += r.makeUpIn[static_cast<std::size_t>(vessel)] * per[makeUp].water;
        for (std::size_t i = 0; i < f.lines.size(); ++i) {
            if (f.lines[i].vessel != vessel && i != makeUp)
                continue;
            const double grams = r.inItsVessel(i, vessel);
            jug.givenSodium += grams * per[i].givenSodium;
            jug.givenPotassium += grams * per[i].givenPotassium;
            if (i == makeUp)
                continue;
            jug.water += r.lines[i].waterGrams;
            if (dissolvesFirst(*f.lines[i].material) || isDriedMilk(*f.lines[i].material))
                jug.tiedWater += r.lines[i].grams * waterToDissolveGram(*f.lines[i].material);
        }
        if (jug.pureGrams() > 0.0)
            jug.strength = jug.pureGrams() / (jug.pureGrams() + jug.water);
    }
}

void writeJugs(const Formula& f, Account& r)
{
    Working& w = r.working;
    for (const Vessel vessel : {Vessel::LyeJug, Vessel::SecondJug}) {
        const JugReckoned& jug = r.jug(vessel);
        if (jug.strength)
            w.add(vessel == Vessel::LyeJug ? Rule::JugStrength : Rule::SecondJugStrength,
                  {{N::PureMass, U::Gram, jug.pureGrams()}, {N::Water, U::Gram, jug.water}},
                  *jug.strength, U::Percent);
    }
    if (f.lye.secondJug) {
        const JugReckoned& jug = r.jugs[1];
        if (jug.sodium.weighedGrams > 0.0)
            w.add(Rule::SecondJugSodium,
                  {{N::Share, U::Percent, f.lye.secondJug->sodium},
                   {N::WeighedMass, U::Gram, r.sodium.weighedGrams}},
                  jug.sodium.weighedGrams, U::Gram);
        if (jug.potassium.weighedGrams > 0.0)
            w.add(Rule::SecondJugPotassium,
                  {{N::Share, U::Percent, f.lye.secondJug->potassium},
                   {N::WeighedMass, U::Gram, r.potassium.weighedGrams}},
                  jug.potassium.weighedGrams, U::Gram);
    }
    for (std::size_t i = 0; i < f.lines.size(); ++i)
        if (r.lines[i].solventGrams > 0.0)
            w.add(Rule::SolventSetAside,
                  {{N::Ratio, U::GramPerGram, r.lines[i].solventGrams / r.lines[i].grams},
                   {N::Mass, U::Gram, r.lines[i].grams}},
                  r.lines[i].solventGrams, U::Gram, static_cast<std::int16_t>(i));
}

} // namespace rhexion
