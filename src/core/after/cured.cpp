#include "core/after/cured.h"

#include "core/after/drying.h"
#include "core/units/enum_count.h"

#include <algorithm>
#include <cmath>
#include <map>

namespace rhexion {

namespace {

constexpr std::array<const char*, countOf<TestReason>()> reasonCodes{
    "lye-left", "off-in-weighing", "riced", "separated", "spots", "lye-pocket", "cleaning"};
constexpr double msOfDay = 86400000.0;

std::optional<std::int64_t> dayOf(const Batch& batch, Care care)
{
    for (const AfterAt& a : batch.after)
        if (const auto* done = std::get_if<CareDone>(&a.what); done && done->what == care)
            return a.on;
    return std::nullopt;
}

std::optional<std::array<double, 3>> barSize(const Batch& batch)
{
    std::optional<std::array<double, 3>> size;
    for (const AfterAt& a : batch.after)
        if (const auto* done = std::get_if<CareDone>(&a.what);
            done && std::ranges::all_of(done->barMillimetres, [](double x) { return x > 0.0; }))
            size = done->barMillimetres;
    return size;
}

std::optional<WeighedSeries> seriesOf(const Batch& batch)
{
    std::map<std::string, WeighedSeries> all;
    for (const AfterAt& a : batch.after)
        if (const auto* w = std::get_if<BarsWeighed>(&a.what)) {
            WeighedSeries& s = all[w->tray];
            if (s.weights.empty())
                s.first = a.on;
            s.tray = w->tray;
            s.stepGrams = w->step / w->count;
            const double day = double(a.on - s.first) / msOfDay;
            // Weighed again in the same moment: the last word.
            if (!s.weights.empty() && s.weights.back().day == day)
                s.weights.pop_back();
            s.weights.push_back({day, w->grams / w->count});
        }
    std::optional<WeighedSeries> best;
    for (auto& [tray, s] : all)
        if (!best ||
            std::pair(s.weights.size(), s.first) > std::pair(best->weights.size(), best->first))
            best = std::move(s);
    return best;
}

std::vector<TestReason> reasonsOf(const Batch& batch, const Account& made,
                                  const std::vector<CureRule>& rules)
{
    std::vector<TestReason> out;
    if (made.lyeHeavy())
        out.push_back(TestReason::LyeLeft);
    // So far below the plan that it is no matter of a kitchen scale.
    constexpr double off = 0.02;
    const Account planned = accountOf(batch.formula, batch.amounts);
    if (made.superfatTrue && planned.superfatTrue &&
        *made.superfatTrue < *planned.superfatTrue - off)
        out.push_back(TestReason::OffInWeighing);
    constexpr std::pair<Seen, TestReason> seen[] = {{Seen::Riced, TestReason::Riced},
                                                    {Seen::Separated, TestReason::Separated},
                                                    {Seen::Spots, TestReason::Spots},
                                                    {Seen::LyePocket, TestReason::LyePocket}};
    for (const auto& one : seen)
        if (std::ranges::any_of(batch.after, [&](const AfterAt& a) {
                const auto* outcome = std::get_if<OutcomeSeen>(&a.what);
                return outcome && outcome->what == one.first;
            }))
            out.push_back(one.second);
    if (std::ranges::find(rules, CureRule::CleaningTwoLyes) != rules.end())
        out.push_back(TestReason::Cleaning);
    return out;
}

void takeTests(Cured& out, const Batch& batch, const AlkaliLimits& limits)
{
    for (const AfterAt& a : batch.after) {
        const auto* test = std::get_if<AlkaliTested>(&a.what);
        const auto* titration = test ? std::get_if<CausticTitration>(&test->how) : nullptr;
        if (!titration)
            continue;
        const auto found = freeCaustic(*titration);
        const auto* caustic = std::get_if<Interval>(&found);
        if (!caustic)
            continue;
        const AlkaliVerdict verdict = verdictOn(*caustic, limits);
        out.sameVerdicts = out.verdict == verdict ? out.sameVerdicts + 1 : 1;
        out.caustic = *caustic;
        out.verdict = verdict;
        out.tested = a.on;
    }
    if (out.verdict == AlkaliVerdict::Fine)
        out.wantsTest.clear();
}

void fitWeights(Cured& out, double dryOfBar)
{
    if (!out.series)
        return;
    out.raised = raisedWeights(out.series->weights);
    out.fit =
        fitCure({out.series->weights, dryOfBar, out.tauDays.typical(), out.series->stepGrams});
    if (const auto* fit = std::get_if<CureFit>(&*out.fit)) {
        const double since = double(out.series->first - out.from) / msOfDay;
        const Interval d = fit->settledDay();
        out.settledDay = Interval::around(since + d.low(), since + d.typical(), since + d.high());
    }
}

} // namespace

const char* codeOf(TestReason reason)
{
    return reasonCodes[static_cast<std::size_t>(reason)];
}

std::int64_t daysInMs(double days)
{
    return static_cast<std::int64_t>(std::llround(days * msOfDay));
}

int BarsNow::gone() const
{
    int out = 0;
    for (const int n : to)
        out += n;
    return out;
}

int BarsNow::sellable() const
{
    const auto n = [&](BarsTo which) { return to[static_cast<std::size_t>(which)]; };
    return std::max(0, cut - n(BarsTo::Tested) - n(BarsTo::Spoiled));
}

BarsNow barsOf(const Batch& batch)
{
    BarsNow out;
    for (const AfterAt& a : batch.after) {
        if (const auto* done = std::get_if<CareDone>(&a.what); done && done->bars > 0)
            out.cut = done->bars;
        if (const auto* moved = std::get_if<BarsMoved>(&a.what)) {
            out.to[static_cast<std::size_t>(moved->to)] += moved->count;
            out.broughtMinor += moved->minor.value_or(0.0);
        }
    }
    return out;
}

std::int64_t Cured::readyAt() const
{
    return from + daysInMs(readyDay);
}

Cured curedOf(const Batch& batch, const CureSchools& schools, const AlkaliLimits& limits)
{
    Cured out;
    const Bowl bowl = batch.bowl();
    const Account made = accountOf(bowl.formula, bowl.amounts);
    const auto poured = batch.moments().poured;
    out.from = batch.ended != 0 ? batch.ended : batch.begun;
    out.from = poured.value_or(out.from);
    for (const Care care : {Care::Unmoulded, Care::Cut})
        out.from = dayOf(batch, care).value_or(out.from);
    out.rules = cureRulesOf(bowl.formula, made, schools);
    out.days = longestOf(out.rules);
    out.mayGain = std::ranges::find(out.rules, CureRule::SaltBar) != out.rules.end();
    out.waterGrams = made.waterPresent + made.neutralisationWater;
    out.dryGrams = std::max(0.0, made.batterGrams - out.waterGrams);
    out.bars = barsOf(batch).cut;
    out.wetShare = out.bars > 0 ? 1.0 / out.bars : 1.0;
    const double dryOfBar = out.dryGrams * out.wetShare;
    if (out.dryGrams > 0.0)
        out.settled = settledGrams(dryOfBar);
    // Of four times the spread where no size is known: tau of 3.5 to 56 days.
    out.tauDays = Interval::around(usualDryingDays / 4.0, usualDryingDays, usualDryingDays * 4.0);
    if (const auto size = barSize(batch)) {
        std::array<double, 3> tau{};
        for (std::size_t i = 0; i < tau.size(); ++i) {
            const auto days = dryingDays(*size, soapDiffusivity[i]);
            tau[i] = std::holds_alternative<double>(days) ? std::get<double>(days) : 0.0;
        }
        if (tau[2] > 0.0) {
            out.tauDays = Interval::around(tau[2], tau[1], tau[0]);
            out.sizeKnown = true;
        }
    }
    out.series = seriesOf(batch);
    // Without bars counted what is dry in a bar is not known: as much as its first weight lets.
    const double firstGrams =
        out.series && !out.series->weights.empty() ? out.series->weights.front().grams : 0.0;
    const bool fits = out.bars > 0 && firstGrams > dryOfBar;
    const double shareDry = made.batterGrams > 0.0 ? out.dryGrams / made.batterGrams : 0.0;
    fitWeights(out, fits ? dryOfBar : firstGrams * shareDry);
    out.readyDay = out.days.least;
    if (out.settledDay && out.settledDay->typical() > out.days.least) {
        out.readyDay = out.settledDay->typical();
        out.weightsDecide = true;
    }
    out.wantsTest = reasonsOf(batch, made, out.rules);
    takeTests(out, batch, limits);
    return out;
}

} // namespace rhexion
