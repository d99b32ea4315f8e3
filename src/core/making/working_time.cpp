#include "core/making/working_time.h"

#include "core/making/blend.h"

#include <algorithm>
#include <cmath>

namespace rhexion {

namespace {

// The table of working factors. Every figure is common practice without a source.
constexpr Factor baseOfWork{10.0, 20.0, 40.0};    // min, plain batter, 38 C, strength 1/3
constexpr Factor baseOfUnmould{16.0, 24.0, 36.0}; // h
constexpr double third = 1.0 / 3.0;

constexpr std::array<SlopeRow, 12> slopesOfWork{{
    {"temperature", 38.0, -.092, -.069, -.041}, // C at joining
    {"strength", third, -9.0, -6.0, -3.0},
    {"palmitic-stearic", .25, -3.0, -1.5, -.5},
    {"free-fatty-acid", 0.0, -.60, -.30, -.12}, // % of oils
    {"sugar", 0.0, -.10, -.05, 0.0},            // % of oils
    {"milk", 0.0, -.29, -.105, .095},           // share of the liquid
    {"salt", 0.0, -.9, -.4, 0.0},               // share of the oils
    {"acid", 0.0, -.05, 0.0, .05},              // % of oils
    {"alcohol", 0.0, -.5, -.2, 0.0},            // beer and wine, share of the liquid
    {"clay", 0.0, -.08, -.04, 0.0},             // % of oils
    {"ricinoleic", 0.0, -3.0, -1.5, 0.0},
    {"hurrying-oils", 0.0, -1.2, -.6, 0.0}, // share of the oils
}};

constexpr std::array<SlopeRow, 9> slopesOfUnmould{{
    {"lauric-myristic", .17, -3.5, -2.5, -1.5},
    {"oleic-over-55", 0.0, 2.0, 3.5, 6.0},
    {"linoleic-linolenic-over-15", 0.0, 1.0, 2.0, 4.0},
    {"strength", third, -6.0, -4.0, -2.0},
    {"salt", 0.0, -1.6, -1.2, -.6},
    {"potassium-share", 0.0, 1.0, 3.0, 6.0},
    {"superfat-over-5", 0.0, 0.0, 1.5, 4.0},
    {"sodium-lactate", 0.0, -.2, -.12, 0.0}, // % of oils
    {"free-fatty-acid", 0.0, -.1, -.05, 0.0},
}};

struct ScentRow {
    const char* code;
    Factor factor;
};
constexpr std::array<ScentRow, countOf<ScentClass>()> scentRows{{{"none", {1, 1, 1}},
                                                                 {"slows", {1.0, 1.3, 1.8}},
                                                                 {"untried", {.2, .7, 1.1}},
                                                                 {"speeds", {.2, .4, .7}},
                                                                 {"rices", {.2, .5, .9}},
                                                                 {"seizes", {.02, .08, .3}}}};
constexpr double usualDose = 0.03;
constexpr double mostDose = 1.5; // of the usual, in the power
constexpr double saltBarFrom = 0.15;
constexpr double oleicWindowFrom = 0.10; // oleic over 55 %, that is above 65 %
constexpr double sdOfLog = 0.35;
constexpr double priorWeight = 4.0;
constexpr double normal95 = 1.645;

double doseWeight(double dose)
{
    return std::min(dose / usualDose, mostDose);
}

Factor toPower(const Factor& f, double k)
{
    std::array<double, 3> x{std::pow(f.low, k), std::pow(f.typical, k), std::pow(f.high, k)};
    std::ranges::sort(x);
    return {x[0], x[1], x[2]};
}

std::vector<NamedFactor> sloped(std::span<const SlopeRow> rows, const Features& features)
{
    std::vector<NamedFactor> out;
    for (const SlopeRow& row : rows) {
        const auto found = features.find(row.code);
        if (found == features.end())
            continue;
        const double d = found->second - row.reference;
        const auto [least, most] = std::minmax({row.low * d, row.high * d});
        out.push_back({std::string(row.code),
                       {std::exp(least), std::exp(row.typical * d), std::exp(most)},
                       found->second});
    }
    return out;
}

void switchOff(std::vector<NamedFactor>& factors, std::span<const std::string> off)
{
    for (NamedFactor& f : factors)
        f.off = std::ranges::find(off, f.code) != off.end();
}

void farthestFirst(std::vector<NamedFactor>& factors)
{
    std::ranges::stable_sort(factors, std::ranges::greater{}, [](const NamedFactor& f) {
        return std::abs(std::log(f.factor.typical));
    });
}

Factor plus(const Factor& a, const Factor& b)
{
    return {a.low + b.low, a.typical + b.typical, a.high + b.high};
}

double square(double x)
{
    return x * x;
}

// By elimination; A is small, symmetric and positive, so that its diagonal needs no pivots.
std::vector<double> inverseOf(std::vector<double> a, std::size_t n)
{
    std::vector<double> inverse(n * n, 0.0);
    for (std::size_t i = 0; i < n; ++i)
        inverse[i * n + i] = 1.0;
    for (std::size_t col = 0; col < n; ++col) {
        const double by = a[col * n + col];
        for (std::size_t k = 0; k < n; ++k) {
            a[col * n + k] /= by;
            inverse[col * n + k] /= by;
        }
        for (std::size_t row = 0; row < n; ++row) {
            const double times = row == col ? 0.0 : a[row * n + col];
            if (times == 0.0)
                continue;
            for (std::size_t k = 0; k < n; ++k) {
                a[row * n + k] -= times * a[col * n + k];
                inverse[row * n + k] -= times * inverse[col * n + k];
            }
        }
    }
    return inverse;
}

constexpr const char* baseName = "base";

std::string scentName(const std::string& lot)
{
    return "scent:" + lot;
}

} // namespace

const char* codeOf(ScentClass what)
{
    return scentRows[static_cast<std::size_t>(what)].code;
}

std::optional<ScentClass> scentClassFromCode(const std::string& code)
{
    for (std::size_t i = 0; i < scentRows.size(); ++i)
        if (code == scentRows[i].code)
            return static_cast<ScentClass>(i);
    return std::nullopt;
}

std::span<const SlopeRow> workSlopes()
{
    return slopesOfWork;
}
std::span<const SlopeRow> unmouldSlopes()
{
    return slopesOfUnmould;
}

Factor factorOf(ScentClass what, double dose)
{
    return what == ScentClass::None || !(dose > 0.0)
               ? Factor{}
               : toPower(scentRows[static_cast<std::size_t>(what)].factor, doseWeight(dose));
}

Factor factorOf(Blending blending)
{
    switch (blending) {
    case Blending::Bursts: return {};
    case Blending::Whisk: return {1.5, 2.5, 4.0};
    case Blending::Long: return {.3, .5, .8};
    }
    return {};
}

Factor factorOf(GelPlan gel)
{
    switch (gel) {
    case GelPlan::Gelled: return {.5, .7, .9};
    case GelPlan::KeptCool: return {1.2, 1.6, 2.2};
    case GelPlan::NotKnown: return {.7, 1.1, 1.6};
    }
    return {};
}

Factor cavitiesFactor()
{
    return {1.0, 1.4, 2.0};
}
Factor workBase()
{
    return baseOfWork;
}
Factor unmouldBase()
{
    return baseOfUnmould;
}

Factor combined(const Factor& base, std::span<const NamedFactor> factors)
{
    double middle = std::log(base.typical);
    double up = square(std::log(base.high / base.typical));
    double down = square(std::log(base.typical / base.low));
    for (const NamedFactor& f : factors) {
        if (f.off)
            continue;
        middle += std::log(f.factor.typical);
        up += square(std::log(f.factor.high / f.factor.typical));
        down += square(std::log(f.factor.typical / f.factor.low));
    }
    return {std::exp(middle - std::sqrt(down)), std::exp(middle), std::exp(middle + std::sqrt(up))};
}

TimeForecast workingTime(const Features& features, std::span<const ScentDose> scents,
                         Blending blending, std::span<const std::string> off)
{
    TimeForecast out;
    out.factors = sloped(slopesOfWork, features);
    for (const ScentDose& scent : scents)
        if (scent.what != ScentClass::None && scent.dose > 0.0)
            out.factors.push_back(
                {scentName(scent.lot), factorOf(scent.what, scent.dose), scent.dose});
    if (blending != Blending::Bursts)
        out.factors.push_back({"blending", factorOf(blending)});
    switchOff(out.factors, off);
    out.time = combined(baseOfWork, out.factors);
    farthestFirst(out.factors);
    return out;
}

const char* codeOf(WorkingClass what)
{
    static constexpr std::array<const char*, countOf<WorkingClass>()> codes{"very short", "short",
                                                                            "fair", "long"};
    return codes[static_cast<std::size_t>(what)];
}

WorkingClass classOfMinutes(double minutes)
{
    // Rounding decides nothing: a time of exactly 20 is fair.
    constexpr double clearly = 1.0 + 1e-9;
    if (minutes > 20.0 * clearly)
        return WorkingClass::Long;
    if (minutes > 8.0 * clearly)
        return WorkingClass::Fair;
    return minutes > 3.0 * clearly ? WorkingClass::Short : WorkingClass::VeryShort;
}

MouldTimes windowsOf(const Features& features, GelPlan gel, MouldKind mould,
                     std::span<const std::string> off)
{
    MouldTimes out;
    out.unmould.factors = sloped(slopesOfUnmould, features);
    out.unmould.factors.push_back({"gel", factorOf(gel)});
    if (mould == MouldKind::Cavities)
        out.unmould.factors.push_back({"cavities", cavitiesFactor()});
    switchOff(out.unmould.factors, off);
    out.unmould.time = combined(baseOfUnmould, out.unmould.factors);
    farthestFirst(out.unmould.factors);
    const auto featureOr = [&](std::string_view code) {
        const auto found = features.find(code);
        return found == features.end() ? 0.0 : found->second;
    };
    out.salty = featureOr("salt") >= saltBarFrom;
    out.oleic = !out.salty && featureOr("oleic-over-55") >= oleicWindowFrom;
    const Factor keeps = out.salty   ? Factor{1, 3, 6}
                         : out.oleic ? Factor{72, 120, 240}
                                     : Factor{24, 48, 120};
    const Factor soft = out.salty   ? Factor{0, .5, 1}
                        : out.oleic ? Factor{12, 24, 72}
                                    : Factor{4, 12, 24};
    const Factor stiff = out.salty   ? Factor{1, 3, 6}
                         : out.oleic ? Factor{120, 240, 480}
                                     : Factor{36, 72, 168};
    const Factor& opens = out.unmould.time;
    if (mould == MouldKind::Loaf)
        out.cut = MouldTimes::Window{opens, plus(opens, keeps)};
    out.stamp = {plus(opens, soft), plus(opens, stiff)};
    return out;
}

Prior priorOf(const Factor& f)
{
    const bool wide = f.high > f.low;
    return {std::log(f.typical), wide ? std::log(f.high / f.low) / (2.0 * normal95) : 1e-6};
}

Learned learn(const std::map<std::string, Prior>& priors, std::span<const WorkingLog> logs)
{
    Learned out;
    std::vector<double> first;
    for (const auto& [name, prior] : priors) {
        out.names.push_back(name);
        first.push_back(prior.mean);
    }
    const std::size_t n = out.names.size();
    std::vector<std::vector<double>> x;
    std::vector<double> y;
    for (const WorkingLog& log : logs) {
        std::vector<double> row;
        for (const std::string& name : out.names) {
            const auto found = log.weights.find(name);
            row.push_back(found == log.weights.end() ? 0.0 : found->second);
        }
        x.push_back(std::move(row));
        y.push_back(std::log(log.time));
    }
    out.sigma = sdOfLog;
    for (int pass = 0; pass < 2; ++pass) {
        const double s2 = out.sigma * out.sigma;
        std::vector<double> precision(n * n, 0.0);
        std::vector<double> pull(n, 0.0);
        std::size_t at = 0;
        for (const auto& [name, prior] : priors) {
            precision[at * n + at] = 1.0 / square(prior.sd);
            ++at;
        }
        for (std::size_t l = 0; l < x.size(); ++l) {
            double miss = y[l];
            for (std::size_t i = 0; i < n; ++i)
                miss -= x[l][i] * first[i];
            for (std::size_t i = 0; i < n; ++i) {
                pull[i] += x[l][i] * miss / s2;
                for (std::size_t j = 0; j < n; ++j)
                    precision[i * n + j] += x[l][i] * x[l][j] / s2;
            }
        }
        out.covariance = inverseOf(std::move(precision), n);
        out.mean = first;
        for (std::size_t i = 0; i < n; ++i)
            for (std::size_t j = 0; j < n; ++j)
                out.mean[i] += out.covariance[i * n + j] * pull[j];
        if (pass == 0 && !x.empty()) {
            double squares = 0.0;
            for (std::size_t l = 0; l < x.size(); ++l) {
                double miss = y[l];
                for (std::size_t i = 0; i < n; ++i)
                    miss -= x[l][i] * out.mean[i];
                squares += square(miss);
            }
            out.sigma = std::sqrt((priorWeight * square(sdOfLog) + squares) /
                                  (priorWeight + double(x.size())));
        }
    }
    return out;
}

namespace {

struct OnLog {
    double mean = 0.0;
    double variance = 0.0;
};

OnLog onLog(const Learned& learned, const std::map<std::string, double>& weights)
{
    const std::size_t n = learned.names.size();
    std::vector<double> w;
    for (const std::string& name : learned.names) {
        const auto found = weights.find(name);
        w.push_back(found == weights.end() ? 0.0 : found->second);
    }
    OnLog out{0.0, square(learned.sigma)};
    for (std::size_t i = 0; i < n; ++i) {
        out.mean += w[i] * learned.mean[i];
        for (std::size_t j = 0; j < n; ++j)
            out.variance += w[i] * learned.covariance[i * n + j] * w[j];
    }
    return out;
}

} // namespace

Factor predict(const Learned& learned, const std::map<std::string, double>& weights)
{
    const OnLog at = onLog(learned, weights);
    const double wide = normal95 * std::sqrt(at.variance);
    return {std::exp(at.mean - wide), std::exp(at.mean), std::exp(at.mean + wide)};
}

TimeForecast corrected(const TimeForecast& forecast, std::span<const OwnLog> logs)
{
    std::map<std::string, Prior> priors{{baseName, priorOf(baseOfWork)}};
    std::vector<WorkingLog> learned;
    for (const OwnLog& log : logs) {
        const TimeForecast was = workingTime(log.features, log.scents, log.blending);
        if (!isAboveNothing(log.minutes) || (log.onlyLonger && log.minutes <= was.time.typical))
            continue;
        WorkingLog one{{{baseName, 1.0}}, log.minutes};
        for (const NamedFactor& f : was.factors)
            if (!f.code.starts_with("scent:"))
                one.time /= f.factor.typical;
        for (const ScentDose& scent : log.scents) {
            if (scent.what == ScentClass::None || !(scent.dose > 0.0))
                continue;
            priors.try_emplace(scentName(scent.lot),
                               priorOf(scentRows[static_cast<std::size_t>(scent.what)].factor));
            one.weights[scentName(scent.lot)] += doseWeight(scent.dose);
        }
        learned.push_back(std::move(one));
    }
    TimeForecast out = forecast;
    if (learned.empty())
        return out;
    const Learned model = learn(priors, learned);
    std::map<std::string, double> weights{{baseName, 1.0}};
    double up = 0.0;
    double down = 0.0;
    double fixed = 0.0;
    for (const NamedFactor& f : out.factors) {
        if (f.off)
            continue;
        if (priors.contains(f.code)) {
            weights[f.code] = doseWeight(f.feature);
            continue;
        }
        fixed += std::log(f.factor.typical);
        up += square(std::log(f.factor.high / f.factor.typical));
        down += square(std::log(f.factor.typical / f.factor.low));
    }
    const OnLog at = onLog(model, weights);
    const double own = square(normal95) * at.variance;
    const double middle = at.mean + fixed;
    out.time = {std::exp(middle - std::sqrt(own + down)), std::exp(middle),
                std::exp(middle + std::sqrt(own + up))};
    out.logs = int(learned.size());
    return out;
}

namespace {

constexpr double percentOf = 100.0;

// What a formula is made of in the terms of both times.
struct FormulaMeasures {
    FormulaMeasures(const Formula& f, const Account& r)
    {
        const double oils = std::max(1e-9, r.oilsGrams);
        double liquid = 0.0;
        for (std::size_t i = 0; i < f.lines.size(); ++i) {
            const Material& m = *f.lines[i].material;
            const double grams = r.lines[i].grams;
            const auto part = [&](Part p) { return grams * m.part(p).range.typical(); };
            if (m.kind == MaterialKind::FattyAcid)
                freeFattyAcid += grams / oils * percentOf;
            if (m.isOil()) {
                if (m.behaves(Behaviour::SpeedsTrace))
                    hurrying += grams / oils;
                continue;
            }
            const bool isLiquid = m.part(Part::Water).range.typical() > 0.5 &&
                                  m.kind != MaterialKind::Acid && !m.isHydroxide();
            if (isLiquid) {
                liquid += grams;
                if (m.kind == MaterialKind::Milk)
                    milk += grams;
                if (m.part(Part::Alcohol).range.typical() > 0.005)
                    alcohol += grams;
            }
            for (const AcidShare& a : m.acids)
                if (m.kind == MaterialKind::Acid)
                    acid += grams * a.share.range.typical() / oils * percentOf;
            if (m.kind == MaterialKind::Acid && m.behaves(Behaviour::HardensBar))
                lactate += part(Part::OtherSalts) / oils * percentOf;
            if (m.kind == MaterialKind::Solid && m.part(Part::Inert).range.typical() > 0.5)
                clay += grams / oils * percentOf;
        }
        if (liquid > 0.0) {
            milk /= liquid;
            alcohol /= liquid;
        }
    }
    double freeFattyAcid = 0.0;
    double hurrying = 0.0;
    double milk = 0.0;
    double alcohol = 0.0;
    double acid = 0.0;
    double lactate = 0.0;
    double clay = 0.0;
};

double shareIn(const OrCannot<Blend>& blend, AcidGroup group)
{
    const Blend* b = std::get_if<Blend>(&blend);
    return b ? (*b)[group].share.typical() : 0.0;
}

} // namespace

Features workFeatures(const Formula& f, const Account& r)
{
    const FormulaMeasures m(f, r);
    const auto blend = blendOf(f, r);
    Features out{{"temperature", f.mixing.at.inCelsius()}};
    if (r.pure.strength > 0.0)
        out["strength"] = r.pure.strength;
    if (std::holds_alternative<Blend>(blend)) {
        out["palmitic-stearic"] = shareIn(blend, AcidGroup::PalmiticStearic);
        out["ricinoleic"] = shareIn(blend, AcidGroup::Ricinoleic);
    }
    out["free-fatty-acid"] = m.freeFattyAcid;
    out["sugar"] = sugarOf(f, r).share * percentOf;
    out["milk"] = m.milk;
    out["salt"] = saltOf(f, r).share;
    out["acid"] = m.acid;
    out["alcohol"] = m.alcohol;
    out["clay"] = m.clay;
    out["hurrying-oils"] = m.hurrying;
    return out;
}

Features unmouldFeatures(const Formula& f, const Account& r)
{
    const FormulaMeasures m(f, r);
    const auto blend = blendOf(f, r);
    Features out;
    if (std::holds_alternative<Blend>(blend)) {
        out["lauric-myristic"] = shareIn(blend, AcidGroup::LauricMyristic);
        out["oleic-over-55"] = std::max(0.0, shareIn(blend, AcidGroup::Oleic) - 0.55);
        out["linoleic-linolenic-over-15"] =
            std::max(0.0, shareIn(blend, AcidGroup::LinoleicLinolenic) - 0.15);
    }
    if (r.pure.strength > 0.0)
        out["strength"] = r.pure.strength;
    out["salt"] = saltOf(f, r).share;
    out["potassium-share"] = r.potassiumMoleShare;
    out["superfat-over-5"] = std::max(0.0, r.superfatTrue.value_or(0.0) - 0.05);
    out["sodium-lactate"] = m.lactate;
    out["free-fatty-acid"] = m.freeFattyAcid;
    return out;
}

std::vector<ScentDose> scentDoses(const Formula& f, const Account& r,
                                  std::span<const std::string> tried)
{
    std::vector<ScentDose> out;
    for (std::size_t i = 0; i < f.lines.size(); ++i) {
        const Material& m = *f.lines[i].material;
        if (m.kind != MaterialKind::Scent || joinsLate(f.lines[i].vessel) || !(r.oilsGrams > 0.0))
            continue;
        const bool known = std::ranges::find(tried, m.id) != tried.end();
        const ScentClass what = m.behaves(Behaviour::Seizes)        ? ScentClass::Seizes
                                : m.behaves(Behaviour::Rices)       ? ScentClass::Rices
                                : m.behaves(Behaviour::SpeedsTrace) ? ScentClass::Speeds
                                : m.behaves(Behaviour::SlowsTrace)  ? ScentClass::Slows
                                : known                             ? ScentClass::None
                                                                    : ScentClass::Untried;
        out.push_back({what, r.lines[i].grams / r.oilsGrams, m.lot.id.empty() ? m.id : m.lot.id});
    }
    return out;
}

MouldKind mouldKindOf(const Formula& f)
{
    if (f.moulds.empty())
        return MouldKind::Loaf;
    const Mould& main = f.moulds.front().mould;
    if (main.count > 1)
        return MouldKind::Cavities;
    return cellsOf(main.shape) > 0 ? MouldKind::Dividers : MouldKind::Loaf;
}

std::vector<SpeedRiskFound> speedRisks(const Formula& f, const Account& r,
                                       const TimeForecast& forecast,
                                       std::span<const ScentDose> scents)
{
    std::vector<SpeedRiskFound> out;
    const auto seizes = std::ranges::find(scents, ScentClass::Seizes, &ScentDose::what);
    const FromEverySource sugar = sugarOf(f, r);
    if (seizes != scents.end() && sugar.share > 0.002 && !sugar.lines.empty())
        out.push_back({SpeedRisk::SeizingScentWithSugar, sugar.lines.front(), sugar.share});
    const WorkingClass speed = classOfMinutes(forecast.time.typical);
    std::vector<std::string> colours;
    for (const Line& line : f.lines)
        if (line.material->kind == MaterialKind::Colour &&
            std::ranges::find(colours, line.material->id) == colours.end())
            colours.push_back(line.material->id);
    const bool fast = speed == WorkingClass::Short || speed == WorkingClass::VeryShort;
    if (fast && colours.size() > 2)
        out.push_back({SpeedRisk::ManyColoursFastBatter, 0, double(colours.size())});
    for (const Line& line : f.lines) {
        if (line.material->kind != MaterialKind::Scent)
            continue;
        const std::string& lot =
            line.material->lot.id.empty() ? line.material->id : line.material->lot.id;
        const auto dose = std::ranges::find(scents, lot, &ScentDose::lot);
        if (dose != scents.end() && dose->what == ScentClass::Untried)
            out.push_back({SpeedRisk::UntriedScent, line.id, 0.0});
    }
    if (speed == WorkingClass::VeryShort)
        out.push_back({SpeedRisk::VeryShort, 0, forecast.time.typical});
    return out;
}

} // namespace rhexion
