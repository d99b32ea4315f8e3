#include "core/heat/formula_heat.h"

#include "core/making/mould_fit.h"
#include "core/units/root.h"

#include <algorithm>
#include <cmath>
#include <numbers>
#include <string_view>

namespace rhexion::heat {

namespace {

double share(const Material& m, Part part)
{
    return m.part(part).range.typical();
}

// C of a line as it comes: frozen, out of the fridge, or out of the room.
double celsiusOf(const Line& line, const HeatPlan& plan)
{
    if (line.frozen)
        return plan.frozen;
    const MaterialKind kind = line.material->kind;
    return kind == MaterialKind::Milk || kind == MaterialKind::Egg ? plan.chilled : plan.liquid;
}

double cpOf(const Material& m)
{
    return share(m, Part::Water) * cp::water + share(m, Part::Fat) * cp::fat +
           (share(m, Part::ReducingSugar) + share(m, Part::OtherSugar)) * cp::sugar +
           share(m, Part::Protein) * cp::protein +
           (share(m, Part::SodiumChloride) + share(m, Part::OtherSalts)) * cp::salt +
           share(m, Part::Alcohol) * cp::alcohol + share(m, Part::Glycerol) * cp::glycerol +
           share(m, Part::Inert) * cp::inert + std::max(0.0, m.otherSolids()) * cp::other;
}

double acidShare(const Material& m)
{
    double sum = 0.0;
    for (const AcidShare& acid : m.acids)
        sum += acid.share.range.typical();
    return sum;
}

bool holdsHydroxide(const Material& m)
{
    return share(m, Part::SodiumHydroxide) + share(m, Part::PotassiumHydroxide) > 0.0;
}

// Dry acid or salt takes heat when it dissolves; in a juice it is dissolved already.
bool isDry(const Material& m)
{
    return share(m, Part::Water) < 0.2;
}

void addLine(const Line& line, const LineReckoned& reckoned, double grams, const HeatPlan& plan,
             Jug& jug)
{
    const Material& m = *line.material;
    if (holdsHydroxide(m)) {
        jug.readySodium += grams * share(m, Part::SodiumHydroxide);
        jug.readyPotassium += grams * share(m, Part::PotassiumHydroxide);
        jug.readyWater += grams * share(m, Part::Water);
        return;
    }
    const double part = reckoned.grams > 0.0 ? grams / reckoned.grams : 0.0;
    jug.acidProtons += reckoned.acidMol * part;
    for (const AcidShare& acid : m.acids)
        if (acid.acid == Acid::Bicarbonate)
            jug.bicarbonateProtons += reckoned.acidMol * part;
    const double acids = acidShare(m);
    if (isDry(m) && acids > 0.5) {
        const double water = share(m, Part::Water);
        // Citric acid with its crystal water takes half as much again as without.
        const double each = water > 0.04 ? dissolvingMonohydrate : dissolvingAcid;
        double mol = 0.0;
        for (const AcidShare& acid : m.acids)
            mol += grams * acid.share.range.typical() / factsOf(acid.acid).molarMass();
        jug.acidGrams += grams * (1.0 - water);
        jug.crystalWater += grams * water;
        jug.acidDissolving += each * mol;
        return;
    }
    if (isDry(m) && share(m, Part::SodiumChloride) > 0.9) {
        jug.salt += grams;
        return;
    }
    JugLiquid q;
    q.grams = grams;
    q.celsius = celsiusOf(line, plan);
    q.frozen = line.frozen;
    q.water = share(m, Part::Water);
    q.fat = share(m, Part::Fat);
    q.reducingSugar = share(m, Part::ReducingSugar);
    q.otherSugar = share(m, Part::OtherSugar);
    q.protein = share(m, Part::Protein);
    q.salt = share(m, Part::SodiumChloride) + share(m, Part::OtherSalts);
    q.alcohol = share(m, Part::Alcohol);
    q.glycerol = share(m, Part::Glycerol);
    q.milk = m.kind == MaterialKind::Milk;
    q.puree = m.kind == MaterialKind::Produce;
    jug.liquids.push_back(q);
}

bool becomesLiquid(const Line& line)
{
    const Material& m = *line.material;
    return !holdsHydroxide(m) && !(isDry(m) && acidShare(m) > 0.5) &&
           !(isDry(m) && share(m, Part::SodiumChloride) > 0.9);
}

// The lines that lie in a vessel, with the grams of each there.
template <class Take>
void eachIn(const Formula& f, const Account& account, Vessel vessel, Take&& take)
{
    for (std::size_t i = 0; i < f.lines.size(); ++i) {
        if (!account.lines[i].isMakeUp && f.lines[i].vessel != vessel)
            continue;
        const double grams = account.inItsVessel(i, vessel);
        if (grams > 0.0)
            take(i, grams);
    }
}

struct ClassOfFat {
    std::string_view id; // of the catalogue
    FatClass fat;
};
// What melts alike; other fats by their own figures.
constexpr ClassOfFat classOfFats[] = {{"coconut-oil", FatClass::Coconut},
                                      {"coconut-oil-hydrogenated", FatClass::Coconut},
                                      {"palm-kernel-oil", FatClass::Coconut},
                                      {"palm-kernel-flakes", FatClass::Coconut},
                                      {"babassu-oil", FatClass::Coconut},
                                      {"murumuru-butter", FatClass::Coconut},
                                      {"tucuma-butter", FatClass::Coconut},
                                      {"palm-oil", FatClass::Palm},
                                      {"lard", FatClass::Lard},
                                      {"lard-leaf", FatClass::Lard},
                                      {"tallow", FatClass::Tallow},
                                      {"deer-tallow", FatClass::Tallow},
                                      {"goat-tallow", FatClass::Tallow},
                                      {"mutton-tallow", FatClass::Tallow},
                                      {"cocoa-butter", FatClass::Cocoa},
                                      {"illipe-butter", FatClass::Cocoa},
                                      {"shea-butter", FatClass::Shea},
                                      {"mango-butter", FatClass::Mango},
                                      {"kokum-butter", FatClass::Mango},
                                      {"sal-butter", FatClass::Mango},
                                      {"butter", FatClass::Butter},
                                      {"ghee", FatClass::Butter},
                                      {"stearic-acid", FatClass::Stearic},
                                      {"beeswax", FatClass::Beeswax},
                                      {"carnauba-wax", FatClass::HardWax},
                                      {"candelilla-wax", FatClass::HardWax},
                                      {"soy-wax", FatClass::SoyWax},
                                      {"lauric-acid", FatClass::Lauric}};

constexpr double liquidBelow = 15.0; // C of its melting figure

// Shares of the groups of fatty acids, by mass of fat.
struct Groups {
    double grams = 0.0;
    double shortChain = 0.0, saturated = 0.0, oleic = 0.0, poly = 0.0, ricinoleic = 0.0;
    double unknown = 0.0; // g

    void add(const Material& m, double fat)
    {
        if (fat <= 0.0)
            return;
        grams += fat;
        if (m.fattyAcids.empty()) {
            // No profile: by how it melts. No source.
            unknown += fat;
            const bool hard = m.melting && m.melting->range.typical() >= liquidBelow;
            saturated += hard ? fat / 2.0 : 0.0;
            oleic += hard ? fat / 2.0 : fat;
            return;
        }
        double all = 0.0;
        for (const FattyAcidShare& acid : m.fattyAcids)
            all += acid.share.range.typical();
        for (const FattyAcidShare& acid : m.fattyAcids) {
            const FattyAcidFacts& facts = rhexion::factsOf(acid.acid);
            double& group = facts.hydroxyl           ? ricinoleic
                            : facts.doubleBonds >= 2 ? poly
                            : facts.doubleBonds == 1 ? oleic
                            : facts.carbons <= 14    ? shortChain
                                                     : saturated;
            group += fat * acid.share.range.typical() / all;
        }
    }
};

double fattyAcidMol(const Formula& f, const Account& account)
{
    double mol = 0.0;
    for (std::size_t i = 0; i < f.lines.size(); ++i)
        if (f.lines[i].material->kind == MaterialKind::FattyAcid)
            mol += account.lines[i].fatMolTypical;
    return mol;
}

} // namespace

OrCannot<Jug> jugOf(const Formula& f, const Account& account, const HeatPlan& plan, Vessel vessel)
{
    Jug jug;
    const Line* frozenLye = nullptr;
    eachIn(f, account, vessel, [&](std::size_t i, double grams) {
        if (f.lines[i].frozen && holdsHydroxide(*f.lines[i].material))
            frozenLye = &f.lines[i];
        addLine(f.lines[i], account.lines[i], grams, plan, jug);
    });
    if (frozenLye)
        return Cannot{CannotCode::FrozenHydroxide, frozenLye->material->name, {}};
    if (vessel == Vessel::LyeJug && account.jugWaterGrams > 0.0) {
        const double ice = account.jugWaterGrams * plan.jugIce;
        if (ice < account.jugWaterGrams)
            jug.liquids.push_back(JugLiquid{account.jugWaterGrams - ice, plan.liquid});
        if (ice > 0.0)
            jug.liquids.push_back(JugLiquid{ice, plan.frozen, true});
    }
    const JugReckoned& reckoned = account.jug(vessel);
    jug.sodiumGrams = reckoned.sodium.weighedGrams;
    jug.potassiumGrams = reckoned.potassium.weighedGrams;
    if (jug.sodiumGrams > 0.0)
        jug.sodiumPurity = std::min(1.0, reckoned.sodium.pureGrams / jug.sodiumGrams);
    if (jug.potassiumGrams > 0.0)
        jug.potassiumPurity = std::min(1.0, reckoned.potassium.pureGrams / jug.potassiumGrams);
    jug.vesselGrams = plan.jug.grams;
    jug.vessel = plan.jug.stuff;
    jug.room = plan.room;
    jug.hydroxideCelsius = plan.room;
    jug.portions = plan.portions;
    jug.pauseSeconds = plan.pauseMinutes * 60.0;
    if (plan.iceBath)
        jug.bath = 1.0;
    if (auto fault = faultOf(jug))
        return *fault;
    return jug;
}

std::vector<LineId> jugLines(const Formula& f, const Account& account, Vessel vessel)
{
    std::vector<LineId> ids;
    eachIn(f, account, vessel, [&](std::size_t i, double) {
        if (becomesLiquid(f.lines[i]))
            ids.push_back(f.lines[i].id);
    });
    return ids;
}

PotPart potPartOf(const Material& fat)
{
    PotPart part;
    for (const ClassOfFat& known : classOfFats)
        if (known.id == fat.id)
            part.fat = known.fat;
    if (part.fat != FatClass::Liquid || !fat.melting || fat.melting->range.typical() < liquidBelow)
        return part;
    double shortChain = 0.0;
    double palmitic = 0.0;
    double longer = 0.0;
    for (const FattyAcidShare& acid : fat.fattyAcids) {
        const FattyAcidFacts& facts = rhexion::factsOf(acid.acid);
        if (facts.doubleBonds > 0 || facts.hydroxyl)
            continue;
        (facts.carbons <= 14   ? shortChain
         : facts.carbons == 16 ? palmitic
                               : longer) += acid.share.range.typical();
    }
    const double melts = fat.melting->range.typical();
    Melting own;
    own.heat = fat.fattyAcids.empty() ? 80.0 : meltingHeatFromAcids(shortChain, palmitic, longer);
    own.from = melts - 12.0;
    own.to = melts + 2.0;
    own.clear = melts;
    own.kilojoules = 125.0;
    own.molarMass = 860.0;
    part.fat = FatClass::Own;
    part.own = own;
    return part;
}

OrCannot<Pot> potOf(const Formula& f, const Account& account, const HeatPlan& plan)
{
    Pot pot;
    for (std::size_t i = 0; i < f.lines.size(); ++i) {
        const Line& line = f.lines[i];
        if (line.vessel != Vessel::OilPot || !line.material->isOil() ||
            account.lines[i].grams <= 0.0)
            continue;
        PotPart part = potPartOf(*line.material);
        part.grams = account.lines[i].grams;
        part.celsius = part.melting().heat > 0.0 ? plan.melted : plan.room;
        part.item = i;
        pot.parts.push_back(part);
    }
    // The pot is as warm as what is melted in it.
    std::ranges::stable_sort(pot.parts, std::ranges::greater{}, &PotPart::celsius);
    pot.vessel = plan.pot.stuff;
    pot.vesselGrams = plan.pot.grams;
    if (auto fault = faultOf(pot))
        return *fault;
    return pot;
}

OrCannot<Batter> batterOf(const Formula& f, const Account& account, PortionId portion, bool late)
{
    Batter b;
    Groups groups;
    const PortionReckoned* own = account.portion(portion);
    const double common = own ? own->share : 1.0;
    double grams = 0.0;
    double acid = 0.0;
    double fat = 0.0;
    double given = 0.0;
    double formed = 0.0;
    double faster = 1.0;
    for (std::size_t i = 0; i < f.lines.size(); ++i) {
        const Line& line = f.lines[i];
        const Material& m = *line.material;
        const PortionId into = f.portionOf(line);
        if (line.vessel == Vessel::Top || (!late && line.vessel == Vessel::AfterCook) ||
            (portion != 0 && into != 0 && into != portion))
            continue;
        const double part = into == 0 ? common : 1.0;
        const LineReckoned& r = account.lines[i];
        const double here = r.grams * part;
        grams += here;
        b.water += here * share(m, Part::Water);
        b.reducingSugar += here * share(m, Part::ReducingSugar);
        b.otherSugar += here * share(m, Part::OtherSugar);
        b.salt += here * share(m, Part::SodiumChloride);
        b.glycerol += here * share(m, Part::Glycerol);
        b.alcohol += here * share(m, Part::Alcohol);
        const double fatGrams = m.isOil() ? here : here * share(m, Part::Fat);
        b.oils += fatGrams;
        groups.add(m, fatGrams);
        fat += (r.fatMolTypical > 0.0 ? r.fatMolTypical : r.fatMol) * part;
        acid += r.acidMol * part;
        given += r.givenMol * part;
        formed += r.neutralisedMol * part;
        b.naoh += here * share(m, Part::SodiumHydroxide);
        b.koh += here * share(m, Part::PotassiumHydroxide);
        if (here > 0.0) {
            // No source; the rate learnt from the maker's own readings replaces it.
            faster *= m.behaves(Behaviour::SpeedsTrace) ? 1.5 : 1.0;
            faster *= m.behaves(Behaviour::SlowsTrace) ? 0.8 : 1.0;
        }
    }
    const double weighed = (account.sodium.weighedGrams + account.potassium.weighedGrams) * common;
    grams += weighed + (account.hasJugWater ? account.jugWaterGrams * common : 0.0);
    b.naoh += account.sodium.pureGrams * common;
    b.koh += account.potassium.pureGrams * common;
    b.water += (account.sodium.waterGrams + account.potassium.waterGrams) * common +
               (account.hasJugWater ? account.jugWaterGrams * common : 0.0) +
               formed * molarMassWater;
    const double supply = (account.sodium.mol + account.potassium.mol) * common + given;
    // Free fatty acid turns to soap at once, when jug and pot are joined: its lye is gone then.
    const double free = fattyAcidMol(f, account) * common;
    b.mol = std::clamp(supply - acid - free, 0.0, std::max(0.0, fat - free));
    if (groups.grams > 0.0) {
        b.shortChain = groups.shortChain / groups.grams;
        b.saturated = groups.saturated / groups.grams;
        b.oleic = groups.oleic / groups.grams;
        b.poly = groups.poly / groups.grams;
        b.ricinoleic = groups.ricinoleic / groups.grams;
        b.profileUnknown = groups.unknown > 0.02 * groups.grams;
    }
    b.accelerate = std::clamp(faster, 0.5, 3.0);
    b.solids = std::max(0.0, grams - b.grams());
    if (auto fault = faultOf(b))
        return *fault;
    return b;
}

namespace {

// A cross-section of the shape filled to a height in mm, with the batter's own volume, m3.
MouldSetup setupOf(const MouldShape& shape, double height, double volume)
{
    MouldSetup setup;
    const auto round = [&](double high) {
        setup.cylinder = true;
        setup.height = high;
        setup.width = 2.0 * std::sqrt(volume / (std::numbers::pi * high));
    };
    const auto box = [&](double wide, double high) {
        setup.width = wide;
        setup.height = high;
        setup.length = volume / (wide * high);
        if (setup.length < setup.width)
            std::swap(setup.length, setup.width);
    };
    const double high = height / 1000.0;
    if (high <= 0.0) { // a shape known by its water alone: as high as wide
        round(std::cbrt(4.0 * volume / std::numbers::pi));
    } else if (const auto* loaf = std::get_if<Loaf>(&shape)) {
        const double rim = loaf->rimWidth > 0.0 ? loaf->rimWidth : loaf->width;
        const double middle = loaf->width + (rim - loaf->width) * (height / 2.0) / loaf->height;
        box((std::min(middle, loaf->length) - 2.0 * loaf->liner) / 1000.0, high);
    } else if (const auto* slab = std::get_if<Slab>(&shape)) {
        box(std::min(slab->width, slab->length) / 1000.0, high);
    } else if (const auto* tube = std::get_if<LyingTube>(&shape)) {
        box(volume / high / (tube->length / 1000.0), high);
    } else {
        round(high);
    }
    return setup;
}

constexpr int cavitiesOfABlock = 4;  // from so many on they warm each other
constexpr double lossInABlock = 0.6; // 0.4 to 0.9, no source

void dress(MouldSetup& setup, const HeatPlan& plan)
{
    setup.wall = factsOf(plan.wall);
    for (const CoverStep& step : plan.covers)
        setup.covers.push_back({factsOf(step.cover), step.fromHour, step.place});
    setup.room = plan.room;
    setup.ovenOffHours = plan.ovenOffHours;
}

} // namespace

OrCannot<std::vector<Pour>> poursOf(const Formula& f, const Account& account, const HeatPlan& plan)
{
    std::vector<Pour> pours;
    const auto add = [&](Pour pour) -> std::optional<Cannot> {
        dress(pour.setup, plan);
        if (auto fault = faultOf(pour.batter))
            return fault;
        if (auto fault = faultOf(pour.setup))
            return fault;
        pours.push_back(std::move(pour));
        return std::nullopt;
    };
    if (f.moulds.empty()) {
        const auto batter = batterOf(f, account);
        if (const auto* cannot = std::get_if<Cannot>(&batter))
            return *cannot;
        Pour pour;
        pour.batter = std::get<Batter>(batter);
        pour.grams = pour.batter.grams();
        // A loaf three times as long as high and a quarter wider than high.
        const double high = std::cbrt(pour.batter.cubicMetres() / 3.75);
        pour.setup.width = 1.25 * high;
        pour.setup.height = high;
        pour.setup.length = 3.0 * high;
        if (auto fault = add(std::move(pour)))
            return *fault;
        return pours;
    }
    const auto fit = fitMoulds(f, account);
    if (const auto* cannot = std::get_if<Cannot>(&fit))
        return *cannot;
    for (std::size_t i = 0; i < f.moulds.size(); ++i) {
        const MouldUse& use = f.moulds[i];
        const MouldLevel& level = std::get<MouldFit>(fit).levels[i];
        if (level.grams < 5.0)
            continue;
        const auto batter = batterOf(f, account, use.portion);
        if (const auto* cannot = std::get_if<Cannot>(&batter))
            return *cannot;
        Pour pour;
        pour.mould = i;
        pour.portion = use.portion;
        pour.name = use.mould.name;
        pour.grams = level.grams / std::max(1, level.filled);
        pour.over = level.over[1];
        pour.batter = std::get<Batter>(batter).scaledTo(pour.grams);
        pour.setup = setupOf(use.mould.shape, level.height[1], pour.batter.cubicMetres());
        if (use.mould.count >= cavitiesOfABlock && !plan.cupsApart)
            pour.setup.lossFactor = lossInABlock;
        if (auto fault = add(std::move(pour)))
            return *fault;
    }
    if (pours.empty())
        return Cannot{CannotCode::NothingInIt, "batter", {}};
    return pours;
}

Window windowOf(const Formula& f, const HeatPlan& plan, const std::optional<SettingOut>& setting)
{
    Window w;
    switch (plan.school) {
    case MeetingSchool::OwnRange: {
        const double at = f.mixing.at.inCelsius();
        const double half = std::max(3.0, f.mixing.within / 2.0);
        return {at - half, at + half, std::max(1.0, f.mixing.within), {}, {}};
    }
    case MeetingSchool::Room: return {plan.room - 1.0, plan.room + 5.0, 6.0, {}, {}};
    case MeetingSchool::Near38: return {35.0, 41.0, 6.0, {}, {}};
    case MeetingSchool::Warm: return {45.0, 52.0, 6.0, {}, {}};
    case MeetingSchool::WithinSix:
        return {std::min(55.0, (setting ? setting->celsius : plan.room) + 5.0), 60.0, 6.0, {}, {}};
    case MeetingSchool::HotProcess: return {65.0, 82.0, 15.0, 71.0, 76.0};
    }
    return w;
}

namespace {

std::optional<MouldBand> bandOf(const Pour& pour, double pouredAt, const HeatPlan& plan,
                                const ForecastOptions& options)
{
    MouldOptions run;
    run.hours = options.hours;
    if (options.coarse) {
        run.across = 10;
        run.up = 20;
    }
    run.knobs = options.learnt.mould;
    run.fields = options.fields;
    run.cancelled = options.cancelled;
    return mouldBand(pour.batter, pour.setup, pouredAt, plan.trace, run);
}

// s after the jug is hottest: as soon as both are in the window, and not before they have come down
// to its middle, where the maker set it.
double joiningSeconds(const MeetingForecast& m)
{
    const double from = m.meeting->from;
    const double middle = m.window.middle();
    const auto both = [&](double at) { return (m.jug.at(at) + m.pot.at(at)) / 2.0; };
    if (both(from) <= middle)
        return from;
    const double last = m.meeting->until.value_or(from + 24.0 * 3600.0);
    if (both(last) > middle)
        return last;
    const auto over = [&](double at) { return both(at) - middle; };
    return seek::root(over, from, last).at;
}

} // namespace

std::optional<MouldBand> firstBand(const Formula& f, const Account& account, const HeatPlan& plan,
                                   const HeatForecast& poured, const ForecastOptions& options)
{
    const auto* joined = std::get_if<Combined>(&poured.joined);
    if (!joined || poured.cook)
        return std::nullopt;
    const auto pours = poursOf(f, account, plan);
    const auto* all = std::get_if<std::vector<Pour>>(&pours);
    if (!all || all->empty())
        return std::nullopt;
    return bandOf(all->front(), joined->atTrace.typical(), plan, options);
}

std::optional<HeatForecast> forecastHeat(const Formula& f, const Account& account,
                                         const HeatPlan& plan, const ForecastOptions& options)
{
    const auto stopped = [&] { return options.cancelled && options.cancelled(); };
    HeatForecast out;
    out.plan = plan;
    auto jug = jugOf(f, account, plan);
    if (auto* good = std::get_if<Jug>(&jug)) {
        good->solutionTimes = options.learnt.jugTimes;
        JugRunOptions run;
        run.hours = std::max(1.0, (good->portions * good->pauseSeconds + 2700.0) / 3600.0);
        out.jug = forecastJug(*good, run);
    } else {
        out.jug = std::get<Cannot>(jug);
    }
    if (f.usesSecondJug()) {
        auto second = jugOf(f, account, plan, Vessel::SecondJug);
        if (auto* good = std::get_if<Jug>(&second)) {
            good->solutionTimes = options.learnt.jugTimes;
            out.secondJug = forecastJug(*good);
        }
    }
    out.pot = potOf(f, account, plan);
    const Pot* pot = std::get_if<Pot>(&out.pot);
    if (pot) {
        out.potCelsius = temperatureOf(*pot);
        out.setting = settingOut(*pot);
    }
    const JugForecast* lye = std::get_if<JugForecast>(&out.jug);
    if (stopped())
        return std::nullopt;
    if (!lye || !pot) {
        out.meeting = lye ? std::get<Cannot>(out.pot) : std::get<Cannot>(out.jug);
        out.joined = std::get<Cannot>(out.meeting);
        out.moulds = std::get<Cannot>(out.meeting);
        return out;
    }

    // Both curves from the moment the jug is hottest, the pot mixed by then.
    const Jug& theJug = std::get<Jug>(jug);
    Vessels vessels;
    vessels.jugGrams = theJug.liquidGrams() + theJug.sodiumGrams + theJug.potassiumGrams;
    vessels.jugCp = lyeCp(theJug.sodiumMol() * molarMassSodiumHydroxide,
                          theJug.potassiumMol() * molarMassPotassiumHydroxide, lye->run.strength) +
                    theJug.vesselGrams * cpOf(theJug.vessel) / vessels.jugGrams;
    vessels.jug = theJug.vessel;
    for (const PotPart& part : pot->parts)
        vessels.potGrams += part.grams;
    vessels.potCp = cp::fat + pot->vesselGrams * cpOf(pot->vessel) / vessels.potGrams;
    vessels.pot = pot->vessel;
    CoolingPrior prior;
    prior.room = plan.room;
    prior.rate = vesselRate(vessels.jugGrams, vessels.jugCp) * options.learnt.jugRateTimes;
    const auto jugCurve = fitCooling({{0.0, lye->peak.typical()}}, prior);
    prior.rate = vesselRate(vessels.potGrams, vessels.potCp) * options.learnt.potRateTimes;
    auto potCurve = fitCooling({{0.0, out.potCelsius}}, prior);
    if (!std::holds_alternative<Cooling>(jugCurve) || !std::holds_alternative<Cooling>(potCurve)) {
        out.meeting = Cannot{CannotCode::OutOfRange, "temperature", {-40.0, 150.0}};
        out.joined = std::get<Cannot>(out.meeting);
        out.moulds = std::get<Cannot>(out.meeting);
        return out;
    }
    MeetingForecast meeting{std::get<Cooling>(jugCurve),
                            std::get<Cooling>(potCurve),
                            vessels,
                            {},
                            {},
                            {},
                            {},
                            0.0,
                            0.0,
                            {}};
    meeting.jugStarts = lye->run.peakSeconds;
    meeting.window = windowOf(f, plan, out.setting);
    // Nobody melts the oils to let them cool for hours: they are begun so that both come to the
    // middle of the window together.
    const auto untilAt = [](const Cooling& curve, double celsius) {
        return curve.at(0.0) <= celsius ? 0.0 : curve.when(celsius).value_or(0.0);
    };
    meeting.potStarts = plan.potAfterMinutes
                            ? *plan.potAfterMinutes * 60.0
                            : std::max(0.0, untilAt(meeting.jug, meeting.window.middle()) -
                                                untilAt(meeting.pot, meeting.window.middleOfPot()));
    if (meeting.potStarts > 0.0) {
        potCurve = fitCooling({{meeting.potStarts, out.potCelsius}}, prior);
        if (const auto* later = std::get_if<Cooling>(&potCurve))
            meeting.pot = *later;
    }
    const double mixed = meeting.potStarts;
    meeting.meeting = meetingOf(meeting.jug, meeting.pot, meeting.window);
    // Not before there is a pot.
    if (meeting.meeting && meeting.meeting->until.value_or(mixed + 1.0) <= mixed)
        meeting.meeting.reset();
    if (meeting.meeting)
        meeting.meeting->from = std::max(meeting.meeting->from, mixed);
    const bool meets = meeting.meeting.has_value();
    if (meets) {
        meeting.sd = meetingSd(meeting.jug, meeting.pot, meeting.window);
    } else {
        meeting.near = firstNear(meeting.jug, meeting.pot, meeting.window.tolerance, mixed);
        meeting.advice =
            adviceFor(meeting.jug.from(mixed), meeting.pot.from(mixed), meeting.window, vessels);
    }

    Combining joining;
    joining.jug = {vessels.jugGrams, vessels.jugCp, f.mixing.at.inCelsius()};
    joining.pot = {vessels.potGrams, vessels.potCp, f.mixing.at.inCelsius()};
    if (meets) {
        const double at = joiningSeconds(meeting);
        joining.jug.celsius = meeting.jug.at(at);
        joining.pot.celsius = meeting.pot.at(at);
        out.joinedAtSeconds = at + meeting.jugStarts;
    }
    double potWater = 0.0;
    double lateWater = 0.0;
    const auto warm = [&](std::size_t i, double grams) {
        return Warm{grams, cpOf(*f.lines[i].material), celsiusOf(f.lines[i], plan)};
    };
    eachIn(f, account, Vessel::OilPot, [&](std::size_t i, double grams) {
        if (f.lines[i].material->isOil())
            return;
        joining.inPot.push_back(warm(i, grams));
        potWater += grams * share(*f.lines[i].material, Part::Water);
    });
    for (const Vessel vessel : {Vessel::Emulsion, Vessel::Trace})
        eachIn(f, account, vessel, [&](std::size_t i, double grams) {
            joining.later.push_back(warm(i, grams));
            lateWater += grams * share(*f.lines[i].material, Part::Water);
        });
    const double jugWater = theJug.waterGrams();
    const auto thinned = [&](double from, double to) {
        return thinningHeat(theJug.sodiumMol(), theJug.potassiumMol(), from, to) *
               options.learnt.jugTimes;
    };
    joining.thinning = thinned(jugWater, jugWater + potWater);
    joining.laterThinning = thinned(jugWater + potWater, jugWater + potWater + lateWater);
    joining.fattyAcidMol = fattyAcidMol(f, account);
    joining.blendingSeconds = plan.blendingSeconds;
    joining.trace = plan.trace;
    const auto batter = batterOf(f, account, 0, false);
    if (const auto* b = std::get_if<Batter>(&batter))
        joining.mol = b->mol;
    out.joined = combine(joining);
    out.meeting = meeting;
    const Combined* joined = std::get_if<Combined>(&out.joined);
    if (!joined || !std::holds_alternative<Batter>(batter)) {
        out.moulds = joined ? std::get<Cannot>(batter) : std::get<Cannot>(out.joined);
        return out;
    }
    if (stopped())
        return std::nullopt;

    if (f.cooks()) {
        // Cooked soap is spooned into its mould when it is done: nothing is left to warm it there.
        Cooker cooker;
        cooker.power = plan.cook.power;
        cooker.setpoint = plan.cook.setpoint;
        cooker.diameter = plan.cook.width / 100.0;
        cooker.openShare = plan.cook.openShare;
        cooker.potGrams = plan.pot.grams;
        cooker.pot = plan.pot.stuff;
        cooker.room = plan.room;
        Knobs knobs = options.learnt.mould;
        knobs.loss = 1.0; // of the mould, not of the cooker
        out.cook = runCook(std::get<Batter>(batter), cooker, joined->atTrace.typical(),
                           plan.cook.minutes, plan.trace, knobs);
        out.coolForScent = cooledTo(*out.cook, std::get<Batter>(batter), cooker, 60.0);
        out.moulds = std::vector<PourForecast>{};
        return out;
    }
    auto pours = poursOf(f, account, plan);
    if (const auto* cannot = std::get_if<Cannot>(&pours)) {
        out.moulds = *cannot;
        return out;
    }
    std::vector<PourForecast> forecasts;
    ForecastOptions each = options;
    for (Pour& pour : std::get<std::vector<Pour>>(pours)) {
        auto band = bandOf(pour, joined->atTrace.typical(), plan, each);
        each.fields = false;
        if (!band)
            return std::nullopt;
        forecasts.push_back({std::move(pour), joined->atTrace.typical(), std::move(*band)});
    }
    out.moulds = std::move(forecasts);
    return out;
}

} // namespace rhexion::heat
