#include "core/after/compare.h"

#include "core/after/cured.h"
#include "core/units/enum_count.h"

#include <algorithm>
#include <cmath>

namespace rhexion {

namespace {

constexpr std::array<const char*, countOf<TraitKind>()> traitCodes{
    "oil",     "thing",       "lot",         "superfat",     "strength",      "potassium-share",
    "process", "jug-celsius", "pot-celsius", "room-celsius", "blend-seconds", "gel",
    "cover",   "mould",       "maker",       "bench",        "make-up"};
constexpr std::array<TraitGroup, countOf<TraitKind>()> groups{
    TraitGroup::Oils,   TraitGroup::Things, TraitGroup::Lots,     TraitGroup::Lye,
    TraitGroup::Liquid, TraitGroup::Lye,    TraitGroup::Process,  TraitGroup::Warmth,
    TraitGroup::Warmth, TraitGroup::Warmth, TraitGroup::Blending, TraitGroup::Mould,
    TraitGroup::Mould,  TraitGroup::Mould,  TraitGroup::Who,      TraitGroup::Who,
    TraitGroup::Liquid};
// What a kitchen scale, a thermometer and a watch tell apart.
constexpr std::array<double, countOf<TraitKind>()> tolerances{
    0.005, 0.003, 0, 0.003, 0.005, 0.005, 0, 3, 3, 3, 30, 0, 0, 0, 0, 0, 0};
constexpr std::array<const char*, countOf<ResultKind>()> resultCodes{
    "seen", "minutes-to-pour", "quality", "verdict", "free-caustic", "core-celsius", "loss-share"};
constexpr std::array<const char*, countOf<CauseTold>()> causeCodes{
    "nothing-differs", "may-be-this-one", "cannot-be-told"};

// The last reading of a thing before the moment, at most an hour before.
std::optional<double> readBefore(const Batch& batch, ReadingOf what, std::int64_t moment)
{
    constexpr std::int64_t hour = 3600000;
    std::optional<double> out;
    for (const ReadingAt& r : batch.readings)
        if (r.what == what && r.at <= moment && moment - r.at <= hour)
            out = r.celsius;
    return out;
}

class TraitReader {
public:
    explicit TraitReader(const Compared& what)
        : batch_(*what.batch), portion_(what.portion), bowl_(batch_.bowl()),
          made_(accountOf(bowl_.formula, bowl_.amounts))
    {
    }
    Traits read()
    {
        lines();
        lyeAndLiquid();
        warmth();
        handling();
        return std::move(out_);
    }

private:
    void number(TraitKind kind, std::optional<double> value, const std::string& item = {},
                const std::string& name = {})
    {
        if (value)
            out_[{kind, item}] = {name, value, {}};
    }
    void text(TraitKind kind, const std::string& value, const std::string& item = {},
              const std::string& name = {})
    {
        if (!value.empty())
            out_[{kind, item}] = {name, std::nullopt, value};
    }
    void lines()
    {
        const PortionReckoned* own = made_.portion(portion_);
        const double batter = own ? own->batterGrams() : made_.batterGrams;
        const double oils = own ? own->oilsGrams : made_.oilsGrams;
        for (std::size_t i = 0; i < bowl_.formula.lines.size(); ++i) {
            const Line& line = bowl_.formula.lines[i];
            const Material& m = *line.material;
            const PortionId of = bowl_.formula.portionOf(line);
            if (portion_ != 0 && of != 0 && of != portion_)
                continue;
            const double grams = made_.lines[i].grams * (own && of == 0 ? own->share : 1.0);
            const double whole = oils > 0.0 ? oils : batter;
            if (!(grams > 0.0) || !(whole > 0.0))
                continue;
            text(TraitKind::Lot, m.lot.name, m.id, m.name);
            if (made_.lines[i].isMakeUp) { // how much of it follows from the strength
                text(TraitKind::MakeUp, m.name);
                continue;
            }
            Trait& trait = out_[{m.isOil() ? TraitKind::Oil : TraitKind::Thing, m.id}];
            trait.name = m.name;
            trait.value = trait.value.value_or(0.0) + grams / whole;
        }
        for (const MaterialPtr& lye : {bowl_.formula.lye.sodium, bowl_.formula.lye.potassium})
            if (lye && !lye->lot.name.empty())
                text(TraitKind::Lot, lye->lot.name, lye->id, lye->name);
    }
    void lyeAndLiquid()
    {
        const PortionReckoned* own = made_.portion(portion_);
        number(TraitKind::Superfat, own ? own->superfat : made_.superfatTrue);
        if (made_.pure.strength > 0.0)
            number(TraitKind::Strength, made_.pure.strength);
        number(TraitKind::PotassiumShare, made_.potassiumMoleShare);
        text(TraitKind::Process, bowl_.formula.cooks() ? "hot" : "cold");
    }
    void warmth()
    {
        const auto joined = batch_.moments().joined;
        if (joined) {
            number(TraitKind::JugCelsius, readBefore(batch_, ReadingOf::Jug, *joined));
            number(TraitKind::PotCelsius, readBefore(batch_, ReadingOf::Pot, *joined));
        }
        number(TraitKind::RoomCelsius, heat::roomRead(batch_.readings));
    }
    void handling()
    {
        if (batch_.blended.bursts > 0)
            number(TraitKind::BlendSeconds, batch_.blended.seconds);
        text(TraitKind::Gel, codeOf(batch_.formula.handling.gel));
        if (batch_.formula.heat)
            text(TraitKind::Cover, codeOf(batch_.formula.heat->covers.front().cover));
        for (const MouldUse& use : batch_.formula.moulds)
            if (use.portion == portion_ || use.portion == 0) {
                text(TraitKind::Mould, use.mould.name);
                break;
            }
        text(TraitKind::Maker, batch_.formula.maker);
    }

    const Batch& batch_;
    PortionId portion_;
    Bowl bowl_;
    Account made_;
    Traits out_;
};

template <class Map, class Key>
auto* valueAt(const Map& map, const Key& key)
{
    const auto found = map.find(key);
    return found == map.end() ? nullptr : &found->second;
}

// Between its extremes; a text that differs, or what only some have, counts as far.
double timesApart(TraitKind kind, std::span<const Trait* const> values)
{
    constexpr double far = 1000.0;
    double low = 1e300, high = -1e300;
    for (const Trait* t : values) {
        const bool share = kind == TraitKind::Oil || kind == TraitKind::Thing;
        if (!t && !share)
            return far;
        const double v = t ? t->value.value_or(0.0) : 0.0;
        low = std::min(low, v);
        high = std::max(high, v);
    }
    return toleranceOf(kind) > 0.0 ? (high - low) / toleranceOf(kind) : far;
}

std::vector<TraitGroup> groupsBetween(const Comparison& c, std::size_t a, std::size_t b)
{
    std::vector<TraitGroup> out;
    for (const Differing& d : c.inputs)
        if (differs(d.key.kind, d.values[a], d.values[b])) {
            const TraitGroup group = groupOf(d.key.kind);
            if (std::ranges::find(out, group) == out.end())
                out.push_back(group);
        }
    return out;
}

void findCause(Comparison& c, std::size_t count)
{
    for (const Differing& d : c.inputs)
        if (std::ranges::find(c.groups, groupOf(d.key.kind)) == c.groups.end())
            c.groups.push_back(groupOf(d.key.kind));
    c.cause = c.groups.empty()       ? CauseTold::NothingDiffers
              : c.groups.size() == 1 ? CauseTold::MayBeThisOne
                                     : CauseTold::CannotBeTold;
    if (c.cause != CauseTold::CannotBeTold)
        return;
    for (std::size_t a = 0; a < count && !c.pairThatTells; ++a)
        for (std::size_t b = a + 1; b < count && !c.pairThatTells; ++b)
            if (groupsBetween(c, a, b).size() == 1)
                c.pairThatTells = {a, b};
    // The newest is the one a maker has at hand; what a formula can say is changed most easily.
    const auto ease = [](TraitGroup g) {
        constexpr TraitGroup hard[] = {TraitGroup::Lots, TraitGroup::Warmth, TraitGroup::Blending,
                                       TraitGroup::Who};
        return std::ranges::find(hard, g) != std::end(hard);
    };
    std::vector<TraitGroup> between = groupsBetween(c, 0, 1);
    std::ranges::stable_sort(between, {}, ease);
    for (const TraitGroup group : between)
        c.wouldTell.push_back({0, 1, group});
}

} // namespace

const char* codeOf(TraitKind kind)
{
    return traitCodes[static_cast<std::size_t>(kind)];
}
const char* codeOf(ResultKind kind)
{
    return resultCodes[static_cast<std::size_t>(kind)];
}
const char* codeOf(CauseTold cause)
{
    return causeCodes[static_cast<std::size_t>(cause)];
}
TraitGroup groupOf(TraitKind kind)
{
    return groups[static_cast<std::size_t>(kind)];
}
double toleranceOf(TraitKind kind)
{
    return tolerances[static_cast<std::size_t>(kind)];
}

Traits traitsOf(const Compared& what)
{
    return TraitReader(what).read();
}

Results resultsOf(const Compared& what)
{
    const Batch& batch = *what.batch;
    Results out;
    for (const AfterAt& a : batch.after) {
        if (a.portion != 0 && a.portion != what.portion && what.portion != 0)
            continue;
        if (const auto* seen = std::get_if<OutcomeSeen>(&a.what))
            out[{ResultKind::Seen, codeOf(seen->what)}] = {1.0, {}};
        if (const auto* judged = std::get_if<Judged>(&a.what))
            out[{ResultKind::Quality, codeOf(judged->what)}] = {double(judged->of5), {}};
        if (const auto* verdict = std::get_if<VerdictGiven>(&a.what))
            out[{ResultKind::Verdict, {}}] = {std::nullopt, codeOf(verdict->verdict)};
    }
    const heat::DayMoments moments = batch.moments();
    if (moments.joined && moments.poured && *moments.poured > *moments.joined)
        out[{ResultKind::MinutesToPour, {}}] = {double(*moments.poured - *moments.joined) / 60000.0,
                                                {}};
    std::optional<double> hottest;
    for (const ReadingAt& r : batch.readings)
        if (r.what == ReadingOf::Core)
            hottest = std::max(hottest.value_or(r.celsius), r.celsius);
    if (hottest)
        out[{ResultKind::CoreCelsius, {}}] = {hottest, {}};
    const Cured cured = curedOf(batch);
    if (cured.caustic)
        out[{ResultKind::FreeCaustic, {}}] = {cured.caustic->typical(), {}};
    if (cured.series && cured.series->weights.size() > 1)
        out[{ResultKind::LossShare, {}}] = {
            1.0 - cured.series->weights.back().grams / cured.series->weights.front().grams, {}};
    return out;
}

bool differs(TraitKind kind, const Trait* a, const Trait* b)
{
    if (!a && !b)
        return false;
    const bool share = kind == TraitKind::Oil || kind == TraitKind::Thing;
    if (!a || !b) // not known of one, as of a temperature, is no difference that was made
        return share && std::abs((a ? a : b)->value.value_or(0.0)) > toleranceOf(kind);
    if (!a->value || !b->value)
        return a->text != b->text;
    return std::abs(*a->value - *b->value) > toleranceOf(kind) * (1.0 + 1e-9);
}

Comparison compared(std::span<const Compared> all)
{
    Comparison out;
    std::map<TraitKey, std::string> keys;
    std::map<ResultKey, bool> resultKeys;
    for (const Compared& one : all) {
        out.traits.push_back(traitsOf(one));
        out.results.push_back(resultsOf(one));
        for (const auto& [key, trait] : out.traits.back())
            keys[key] = trait.name;
        for (const auto& [key, result] : out.results.back())
            resultKeys[key] = true;
    }
    for (const auto& [key, name] : keys) {
        Differing d{key, name, {}, 0.0};
        bool same = true;
        for (const Traits& traits : out.traits)
            d.values.push_back(valueAt(traits, key));
        for (const Trait* value : d.values)
            for (const Trait* other : d.values)
                same = same && !differs(key.kind, value, other);
        if (same) {
            ++out.same;
            continue;
        }
        d.times = timesApart(key.kind, d.values);
        out.inputs.push_back(std::move(d));
    }
    std::ranges::stable_sort(out.inputs, std::greater<>(), &Differing::times);
    for (const auto& [key, there] : resultKeys) {
        DifferingResult d{key, {}};
        for (const Results& results : out.results)
            d.values.push_back(valueAt(results, key));
        out.outcomes.push_back(std::move(d));
    }
    out.fairPair = all.size() > 1 && std::ranges::all_of(all, [&](const Compared& one) {
                       return one.batch->id == all.front().batch->id;
                   });
    findCause(out, all.size());
    return out;
}

Formula withOneChange(const Batch& like, const Batch& other, TraitGroup group)
{
    Formula out = like.formula;
    const Formula& from = other.formula;
    const auto takeLines = [&](bool oils) {
        std::erase_if(out.lines, [&](const Line& l) {
            return l.material->isOil() == oils && l.amount.unit != AmountUnit::Rest;
        });
        const Line* rest = out.makeUp();
        for (Line line : from.lines)
            if (line.material->isOil() == oils &&
                (line.amount.unit != AmountUnit::Rest || (!oils && !rest))) {
                line.id = out.newId();
                line.portion = 0;
                out.lines.push_back(std::move(line));
            }
    };
    switch (group) {
    case TraitGroup::Oils:
        takeLines(true);
        out.oilsTotal = from.oilsTotal;
        break;
    case TraitGroup::Things: takeLines(false); break;
    case TraitGroup::Lye: out.lye = from.lye; break;
    case TraitGroup::Liquid:
        out.liquid = from.liquid;
        for (Line& line : out.lines)
            if (line.amount.unit == AmountUnit::Rest && from.makeUp())
                line.material = from.makeUp()->material;
        break;
    case TraitGroup::Process:
        for (Line& line : out.lines)
            if (line.vessel == Vessel::AfterCook)
                line.vessel = Vessel::Trace;
        break;
    case TraitGroup::Mould:
        out.moulds = from.moulds;
        for (MouldUse& use : out.moulds)
            use.portion = 0;
        out.handling.gel = from.handling.gel;
        if (out.heat && from.heat)
            out.heat->covers = from.heat->covers;
        break;
    case TraitGroup::Lots:
    case TraitGroup::Warmth:
    case TraitGroup::Blending:
    case TraitGroup::Who: break;
    }
    return out;
}

} // namespace rhexion
