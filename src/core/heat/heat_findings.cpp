#include "core/heat/heat_findings.h"

#include "core/advice/thresholds.h"
#include "core/units/root.h"

#include <algorithm>
#include <cmath>

namespace rhexion::heat {

namespace {

using C = CautionCode;
using S = Severity;
using T = Threshold;

bool isSweet(const Batter& batter)
{
    return batter.sugarOfOils() > valueOf(T::SweetCore);
}

class Finder {
public:
    Finder(const Formula& formula, const Account& account, const HeatForecast& forecast,
           const std::function<bool()>& cancelled)
        : f_(formula), account_(account), h_(forecast), cancelled_(cancelled)
    {
    }

    std::vector<Caution> find()
    {
        if (const auto* jug = std::get_if<JugForecast>(&h_.jug)) {
            const auto made = jugOf(f_, account_, h_.plan);
            if (const auto* as = std::get_if<Jug>(&made)) {
                landing(*as, *jug);
                bulk(*as, *jug);
                milk(*as, *jug);
                vessel(*as, *jug);
            }
        }
        pot();
        meeting();
        if (h_.cook)
            cook();
        else if (const auto* moulds = std::get_if<std::vector<PourForecast>>(&h_.moulds))
            for (const PourForecast& pour : *moulds)
                mould(pour);
        return std::move(out_);
    }

private:
    Caution& say(C code, S severity, Vessel vessel, std::vector<double> figures, LineId line = 0)
    {
        // Of moulds that are alike the first speaks.
        const auto same = std::ranges::find(out_, code, &Caution::code);
        if (same != out_.end()) {
            if (severity > same->severity) {
                same->severity = severity;
                same->figures = std::move(figures);
            }
            return *same;
        }
        Caution& caution = out_.emplace_back();
        caution.code = code;
        caution.severity = severity;
        caution.vessel = vessel;
        caution.figures = std::move(figures);
        caution.line = line;
        return caution;
    }
    HeatPlan planWith(auto change) const
    {
        HeatPlan plan = h_.plan;
        change(plan);
        return plan;
    }

    void landing(const Jug& jug, const JugForecast& told)
    {
        if (!told.run.boilsWhereItLands || jug.scorches())
            return;
        // Every jug into which all the lye goes at once does so: a word on how, no alarm.
        Caution& c = say(C::BoilsWhereItLands, S::Note, Vessel::LyeJug, {told.run.local});
        Jug tried = jug;
        tried.pauseSeconds = 60.0;
        if (const auto portions = portionsNeeded(tried, valueOf(T::LandingLimit)))
            c.mend = SetHeatPlan{planWith([&](HeatPlan& p) {
                p.portions = *portions;
                p.pauseMinutes = 1.0;
            })};
    }

    void bulk(const Jug& jug, const JugForecast& told)
    {
        double alcohol = 0.0;
        for (const JugLiquid& q : jug.liquids)
            alcohol += q.grams * q.alcohol;
        alcohol /= std::max(1.0, jug.liquidGrams());
        const double high = told.peak.high();
        const bool foams = alcohol > valueOf(T::AlcoholInJug) && high >= valueOf(T::AlcoholFoams);
        const bool danger = high >= told.run.boilingPoint - valueOf(T::JugNearBoiling) ||
                            (foams && alcohol > valueOf(T::StrongDrink));
        if (danger || foams || high >= valueOf(T::JugMayBoil) ||
            told.peak.typical() >= valueOf(T::JugHot)) {
            Caution& c = say(C::JugBoils, danger ? S::Danger : S::Care, Vessel::LyeJug,
                             {high, told.run.boilingPoint, alcohol});
            if (!h_.plan.iceBath && jug.vessel != VesselStuff::Glass &&
                jug.vessel != VesselStuff::Ceramic)
                c.mend = SetHeatPlan{planWith([](HeatPlan& p) {
                    p.iceBath = true;
                    p.portions = std::max(p.portions, 8);
                    p.pauseMinutes = std::max(p.pauseMinutes, 2.0);
                })};
        }
        if (told.atOnce.iceGrams > valueOf(T::IceNoticed))
            say(C::IceLeft, S::Care, Vessel::LyeJug, {told.atOnce.iceGrams});
        const double coolest = std::min(f_.liquid.jugCoolest.inCelsius(), h_.plan.room);
        if (told.crystals && *told.crystals > coolest - 2.0)
            say(C::CrystalsWhenCool, S::Care, Vessel::LyeJug, {*told.crystals});
    }

    void milk(const Jug& jug, const JugForecast& told)
    {
        const double hottest = told.hottest();
        if (!jug.scorches() || hottest <= valueOf(T::MilkWarm))
            return;
        // Browned milk is a pity and no danger, browned sugar hardly that; a jug that may boil over
        // has a finding of its own.
        const bool spoils =
            std::ranges::any_of(jug.liquids, [](const JugLiquid& q) { return q.milk || q.puree; });
        const S severity = spoils ? S::Care : S::Note;
        // What can be frozen: the liquid there is most of that scorches and is not frozen yet.
        const std::vector<LineId> lines = jugLines(f_, account_, Vessel::LyeJug);
        std::size_t at = jug.liquids.size();
        for (std::size_t i = 0; i < lines.size(); ++i) {
            const JugLiquid& q = jug.liquids[i];
            if (q.water < 0.3 || q.frozen)
                continue;
            if (at == jug.liquids.size() || q.grams > jug.liquids[at].grams)
                at = i;
        }
        // Else the jug's own water, which is no line.
        if (at == jug.liquids.size() && account_.jugWaterGrams > 0.0 && h_.plan.jugIce == 0.0)
            at = lines.size();
        const LineId frozenLine = at < lines.size() ? lines[at] : 0;
        const double limit = valueOf(T::MilkLimit);
        std::optional<FreezingPlan> plan;
        if (at < jug.liquids.size()) {
            Jug tried = jug;
            tried.bath.reset();
            plan = freezingPlan(tried, at, limit, 180.0, cancelled_);
        }
        if (!plan) {
            // Frozen already: perhaps portions alone are enough.
            Jug tried = jug;
            tried.pauseSeconds = 180.0;
            const auto portions = portionsNeeded(tried, limit);
            if (portions) {
                Caution& c =
                    say(C::JugScorches, severity, Vessel::LyeJug,
                        {hottest, 0.0, 0.0, double(*portions), 3.0}, scorching(jug, lines));
                c.mend = SetHeatPlan{planWith([&](HeatPlan& p) {
                    p.portions = *portions;
                    p.pauseMinutes = 3.0;
                })};
                return;
            }
            Caution& c =
                say(C::JugScorches, severity, Vessel::LyeJug, {hottest}, scorching(jug, lines));
            if (h_.plan.portions < mostPortions || h_.plan.pauseMinutes < 3.0)
                c.mend = SetHeatPlan{planWith([](HeatPlan& p) {
                    p.portions = mostPortions;
                    p.pauseMinutes = 3.0;
                })};
            say(C::CannotStayUnder, S::Care, Vessel::LyeJug, {limit}, scorching(jug, lines));
            return;
        }
        Caution& c = say(C::JugScorches, severity, Vessel::LyeJug,
                         {hottest, plan->frozenGrams, jug.liquids[at].grams, double(plan->portions),
                          plan->pauseSeconds / 60.0, double(frozenLine)},
                         scorching(jug, lines));
        const HeatPlan wanted = planWith([&](HeatPlan& p) {
            p.portions = plan->portions;
            p.pauseMinutes = plan->pauseSeconds / 60.0;
            p.iceBath = false;
        });
        auto edits = frozenGramsEdits(
            f_, account_, frozenLine,
            plan->frozenGrams + jugGramsOf(f_, account_, frozenLine).frozen, wanted);
        if (edits.empty() && plan->frozenGrams >= 1.0)
            return; // locked
        if (frozenLine != 0)
            edits.push_back(SetHeatPlan{wanted});
        c.mend = edits.front();
        c.also.assign(edits.begin() + 1, edits.end());
    }
    // What browns: the milk or puree there is most of, else the line with the most sugar.
    LineId scorching(const Jug& jug, const std::vector<LineId>& lines) const
    {
        LineId worst = 0;
        double most = -1.0;
        for (std::size_t i = 0; i < lines.size(); ++i) {
            const JugLiquid& q = jug.liquids[i];
            const double weight = q.milk || q.puree ? 1.0 : q.reducingSugar + q.otherSugar;
            if (q.grams * weight > most) {
                most = q.grams * weight;
                worst = lines[i];
            }
        }
        return worst;
    }

    void vessel(const Jug& jug, const JugForecast& told)
    {
        const double rise = told.peak.high() - told.run.start;
        const double high = told.peak.high();
        const bool brittle = jug.vessel == VesselStuff::Glass;
        const bool bathShock = jug.bath && (brittle || jug.vessel == VesselStuff::Ceramic) &&
                               high - *jug.bath > valueOf(T::GlassShock);
        const bool plastic = jug.vessel == VesselStuff::Polypropylene;
        const bool soft = plastic && high > valueOf(T::PlasticGives);
        if (jug.vessel == VesselStuff::Aluminium)
            say(C::AluminiumVessel, S::Danger, Vessel::LyeJug, {}).mend =
                SetHeatPlan{planWith([](HeatPlan& p) { p.jug.stuff = VesselStuff::Steel; })};
        else if (bathShock || (brittle && rise > valueOf(T::GlassShock)) || soft ||
                 jug.vessel == VesselStuff::OtherPlastic)
            say(C::VesselShock, S::Danger, Vessel::LyeJug, {rise, high, bathShock ? 1.0 : 0.0});
        else if (brittle || (plastic && high > valueOf(T::PlasticSoftens)))
            say(C::VesselShock, S::Care, Vessel::LyeJug, {rise, high, 0.0});
        if (h_.plan.pot.stuff == VesselStuff::Aluminium)
            say(C::AluminiumVessel, S::Danger, Vessel::OilPot, {}).mend =
                SetHeatPlan{planWith([](HeatPlan& p) { p.pot.stuff = VesselStuff::Steel; })};
    }

    void pot()
    {
        const Pot* pot = std::get_if<Pot>(&h_.pot);
        if (!pot || !h_.setting)
            return;
        if (pot->parts.front().celsius > valueOf(T::HotFat))
            say(C::PotTooHot, S::Note, Vessel::OilPot, {pot->parts.front().celsius});
        const Combined* joined = std::get_if<Combined>(&h_.joined);
        const double coolest = joined ? std::min(h_.potCelsius, joined->joined) : h_.potCelsius;
        const double sets = h_.setting->celsius;
        if (coolest >= sets + valueOf(T::SettingMargin))
            return;
        const LineId line = f_.lines[pot->parts[h_.setting->part].item].id;
        Caution& c = say(C::SetsOut, coolest < sets ? S::Care : S::Note, Vessel::OilPot,
                         {sets, coolest}, line);
        const double wanted = std::ceil(sets + valueOf(T::SettingMargin));
        if (f_.mixing.at.inCelsius() < wanted && wanted <= 70.0 &&
            h_.plan.school == MeetingSchool::OwnRange)
            c.mend = SetMixing{{Temperature::celsius(wanted), f_.mixing.within}};
        else
            lessOf(*pot, c, coolest);
    }
    // So much less of what sets out that it stays clear, where it is weighed.
    void lessOf(const Pot& pot, Caution& c, double coolest)
    {
        const std::size_t part = h_.setting->part;
        const Line& line = f_.lines[pot.parts[part].item];
        if (line.locked || !statedMass(line.amount))
            return;
        const auto off = [&](double grams) {
            Pot tried = pot;
            tried.parts[part].grams = grams;
            const auto sets = settingOut(tried);
            return (sets ? sets->celsius : -100.0) - coolest + 1.0;
        };
        const seek::Root root = seek::root(off, 0.01, pot.parts[part].grams);
        if (root.outcome == seek::Outcome::Found && root.at >= 1.0)
            c.mend =
                SetAmount{line.id, statedIn(Mass::grams(std::floor(root.at)), line.amount.unit)};
    }

    void meeting()
    {
        const auto* m = std::get_if<MeetingForecast>(&h_.meeting);
        if (!m || m->meeting || !m->advice)
            return;
        const MeetingAdvice& advice = *m->advice;
        const bool helps = advice.then && !advice.bathCracks && !advice.bothTooCold;
        Caution& c = say(C::NeverMeet, S::Note, Vessel::Emulsion,
                         {advice.jugIsLater ? 1.0 : 0.0, helps ? advice.chill.seconds / 60.0 : 0.0,
                          m->nearCelsius()});
        const double sets = h_.setting ? h_.setting->celsius : -100.0;
        const double near = std::round(m->nearCelsius());
        if (m->near && near > sets + valueOf(T::SettingMargin) &&
            h_.plan.school == MeetingSchool::OwnRange)
            c.mend = SetMixing{{Temperature::celsius(near), f_.mixing.within}};
    }

    void mould(const PourForecast& pour)
    {
        const MouldBand& band = pour.band;
        const MouldRun& run = band.typical;
        const bool hotOnly = run.gel == Gel::None && band.hot.gel == Gel::Full;
        const bool uncovered =
            h_.plan.covers.size() == 1 && h_.plan.covers.front().cover == MouldCover::Open;
        if (run.gel == Gel::Partial || hotOnly) {
            Caution& c =
                say(C::PartialGel, S::Note, Vessel::Trace, {run.gelShare, hotOnly ? 1.0 : 0.0});
            if (!c.mend && h_.plan.covers.front().cover != MouldCover::Box)
                c.mend = SetHeatPlan{planWith([](HeatPlan& p) {
                    p.covers = {{p.covers.front().cover == MouldCover::Towel ? MouldCover::Box
                                                                             : MouldCover::Towel,
                                 0.0,
                                 {}}};
                })};
        }
        // That a plain batter may crack is a note, a warm middle alone no finding. It is a danger
        // only where the maker has planned the covers so; under covers that nobody chose it is a
        // matter of choosing.
        const bool sweet = isSweet(pour.pour.batter);
        const CoreRisk usual = riskSaid(pour.pour.batter, run);
        const CoreRisk hot = riskSaid(pour.pour.batter, band.hot);
        if (usual >= CoreRisk::Crack || hot == CoreRisk::Volcano) {
            const S severity = usual == CoreRisk::Volcano && f_.heat ? S::Danger
                               : usual >= CoreRisk::Crack && sweet   ? S::Care
                                                                     : S::Note;
            Caution& c =
                say(C::HotCore, severity, Vessel::Trace,
                    {run.peak, band.hot.peak, band.firstLook() / 60.0, double(usual), double(hot)});
            if (!c.mend && !uncovered)
                c.mend = SetHeatPlan{planWith([](HeatPlan& p) {
                    p.covers = {{MouldCover::Open, 0.0, {}}};
                })};
        }
        if (run.widestGap > valueOf(T::WideGap))
            say(C::WideGap, S::Note, Vessel::Trace, {run.widestGap});
        wakes(pour);
        if (!run.ninetySeconds || *run.ninetySeconds > valueOf(T::SlowHours) * 3600.0)
            say(C::SlowToSet, S::Note, Vessel::Trace,
                {run.ninetySeconds.value_or(valueOf(T::SlowHours) * 3600.0) / 3600.0});
    }
    void wakes(const PourForecast& pour)
    {
        if (pour.pour.setup.covers.size() < 2)
            return;
        const auto placeOf = [&](const CoverStage& stage) {
            return stage.place ? *stage.place : stage.facts.place.value_or(pour.pour.setup.room);
        };
        const CoverStage& last = pour.pour.setup.covers.back();
        const CoverStage& before = pour.pour.setup.covers[pour.pour.setup.covers.size() - 2];
        if (placeOf(last) <= placeOf(before))
            return;
        double core = -273.0;
        for (const MouldRow& row : pour.band.hot.rows)
            if (row.seconds >= last.fromHour * 3600.0)
                core = std::max(core, row.core);
        if (core > pour.pour.setup.room + valueOf(T::WakesBy) && core > placeOf(before) + 5.0)
            say(C::WakesLater, S::Note, Vessel::Trace, {core, last.fromHour});
    }

    void cook()
    {
        const auto batter = batterOf(f_, account_, 0, false);
        const Batter* b = std::get_if<Batter>(&batter);
        if (!b)
            return;
        const double share = h_.cook->waterLost / b->water;
        if (share > valueOf(T::CookDries))
            say(C::DriesInCook, S::Care, Vessel::AfterCook, {h_.cook->waterLost, share});
        if (h_.cook->peak >= valueOf(T::CookClimbs) || b->sugarOfOils() > valueOf(T::SweetCook))
            say(C::CookRises, S::Care, Vessel::AfterCook, {h_.cook->peak});
    }

    const Formula& f_;
    const Account& account_;
    const HeatForecast& h_;
    const std::function<bool()>& cancelled_;
    std::vector<Caution> out_;
};

} // namespace

namespace {

// The lines of one material in one jug.
struct InJug {
    const Line* frozen = nullptr;
    const Line* thawed = nullptr;
    bool thawedIsMakeUp = false;
    bool locked = false;
    JugGrams grams;
};

InJug inJugOf(const Formula& f, const Account& account, LineId id)
{
    InJug out;
    const Line* line = f.find(id);
    if (!line)
        return out;
    for (std::size_t i = 0; i < f.lines.size(); ++i) {
        const Line& other = f.lines[i];
        if (other.material->id != line->material->id || other.vessel != line->vessel)
            continue;
        const double grams = account.inItsVessel(i, line->vessel);
        out.grams.all += grams;
        out.grams.frozen += other.frozen ? grams : 0.0;
        out.locked = out.locked || other.locked;
        (other.frozen ? out.frozen : out.thawed) = &other;
        if (!other.frozen)
            out.thawedIsMakeUp = account.lines[i].isMakeUp;
    }
    return out;
}

} // namespace

CoreRisk riskSaid(const Batter& batter, const MouldRun& run)
{
    return isSweet(batter) ? run.risk : std::min(run.risk, CoreRisk::Crack);
}

JugGrams jugGramsOf(const Formula& f, const Account& account, LineId line)
{
    return inJugOf(f, account, line).grams;
}

std::vector<Edit> frozenGramsEdits(const Formula& f, const Account& account, LineId id,
                                   double grams, const HeatPlan& plan)
{
    if (id == 0) {
        HeatPlan iced = plan;
        iced.jugIce =
            account.jugWaterGrams > 0.0 ? std::clamp(grams / account.jugWaterGrams, 0.0, 1.0) : 0.0;
        return {SetHeatPlan{iced}};
    }
    const InJug in = inJugOf(f, account, id);
    if (in.locked || (!in.frozen && !in.thawed))
        return {};
    const double all = in.grams.all;
    grams = std::round(std::clamp(grams, 0.0, all));
    const auto amount = [](double g) { return StatedAmount{g, AmountUnit::Gram}; };
    const bool none = grams < 1.0;
    const bool whole = grams > all - 1.0;
    const auto copyOf = [&](const Line& line, bool frozen, double g) {
        Line copy = line;
        copy.id = f.lastId + 1;
        copy.frozen = frozen;
        copy.amount = amount(g);
        return AddLine{copy, static_cast<std::size_t>(&line - f.lines.data()) + 1};
    };
    std::vector<Edit> edits;
    if (in.frozen && in.thawed) {
        if (none || whole) {
            // The make-up liquid stays; of two weighed lines the thawed one.
            edits.push_back(RemoveLine{in.frozen->id});
            if (!in.thawedIsMakeUp)
                edits.push_back(SetAmount{in.thawed->id, amount(all)});
            if (whole)
                edits.push_back(SetFrozen{in.thawed->id, true});
            return edits;
        }
        edits.push_back(SetAmount{in.frozen->id, amount(grams)});
        if (!in.thawedIsMakeUp)
            edits.push_back(SetAmount{in.thawed->id, amount(all - grams)});
        return edits;
    }
    const Line& only = in.frozen ? *in.frozen : *in.thawed;
    if (none || whole) {
        if (only.frozen != whole)
            edits.push_back(SetFrozen{only.id, whole});
        return edits;
    }
    const bool isMakeUp = only.amount.unit == AmountUnit::Rest;
    if (only.frozen)
        edits.push_back(SetFrozen{only.id, false});
    if (!isMakeUp)
        edits.push_back(SetAmount{only.id, amount(all - grams)});
    edits.push_back(copyOf(only, true, grams));
    return edits;
}

std::vector<Caution> heatFindings(const Formula& formula, const Account& account,
                                  const HeatForecast& forecast,
                                  const std::function<bool()>& cancelled)
{
    return Finder(formula, account, forecast, cancelled).find();
}

std::optional<HeatTold> tellHeat(const Formula& formula, const Account& account,
                                 const HeatPlan& usual, const ForecastOptions& options)
{
    auto forecast = forecastHeat(formula, account, formula.heat.value_or(usual), options);
    if (!forecast)
        return std::nullopt;
    auto findings = heatFindings(formula, account, *forecast, options.cancelled);
    if (options.cancelled && options.cancelled())
        return std::nullopt;
    return HeatTold{std::move(*forecast), std::move(findings)};
}

} // namespace rhexion::heat
