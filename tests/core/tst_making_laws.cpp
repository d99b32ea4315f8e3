// Laws of the sums around the making, on random formulas: nothing is lost or made on the way, low
// lies below high, scaling scales, and what is put in by hand comes out.
#include "core/batch/pace_log.h"
#include "core/formula/scale.h"
#include "core/making/blend.h"
#include "core/making/hard_water.h"
#include "core/making/headroom.h"
#include "core/making/mould_fit.h"
#include "core/making/scent.h"
#include "core/making/working_time.h"
#include "core/wishes/formula_wishes.h"
#include "solver/glpk_solver.h"
#include "support/random_formula.h"

#include <QTest>

using namespace rhexion;
using namespace rhexion::test;

namespace {

bool near(double a, double b, double share = 1e-9)
{
    return std::abs(a - b) <= share * std::max({1.0, std::abs(a), std::abs(b)});
}

// Formulas that can be reckoned, with moulds.
std::vector<std::pair<Formula, Reckoning>> many(unsigned seed, int wanted)
{
    RandomFormulas random(seed);
    std::vector<std::pair<Formula, Reckoning>> out;
    while (int(out.size()) < wanted) {
        Formula f = random.next(out.size() % 2 == 0);
        if (f.moulds.empty())
            RandomFormulas::pour(f);
        const auto result = reckon(f);
        if (const auto* r = std::get_if<Reckoning>(&result))
            out.emplace_back(f, *r);
    }
    return out;
}

Formula plain()
{
    Formula f = twoOils();
    return f;
}

} // namespace

class TestMakingLaws : public QObject {
    Q_OBJECT
private Q_SLOTS:
    // The same grams of either salt of citric acid: as much citrate as their molar masses say
    // (C6H5Na3O7 258.07, C6H5K3O7 306.39, by IUPAC's atomic masses, from memory).
    void saltsOfLigands()
    {
        const auto citrate = [&](const Formula& f, const char* id) {
            Formula with = f;
            for (Line& line : with.lines)
                if (line.material->isOil()) {
                    auto oil = std::make_shared<Material>(*line.material);
                    oil->fattyAcids = {{FattyAcid::Oleic, figure(0.7)},
                                       {FattyAcid::Palmitic, figure(0.3)}};
                    line.material = oil;
                }
            auto salt = material(id, MaterialKind::Salt);
            salt->part(Part::OtherSalts) = figure(1.0);
            Line line;
            line.id = with.newId();
            line.material = salt;
            line.vessel = Vessel::Trace;
            line.amount = {30.0, AmountUnit::Gram};
            with.lines.push_back(line);
            const auto reckoned = reckon(with);
            const auto* r = std::get_if<Reckoning>(&reckoned);
            const auto result =
                r ? waterPicture(with, *r, WashWater{}) : OrCannot<WaterPicture>(Cannot{});
            if (const auto* picture = std::get_if<WaterPicture>(&result))
                for (const LigandInBar& l : picture->ligands)
                    if (l.ligand == Ligand::Citrate)
                        return l.share;
            return 0.0;
        };
        int compared = 0;
        for (const auto& [f, r] : many(9, 40)) {
            const double potassium = citrate(f, "potassium-citrate");
            const double sodium = citrate(f, "sodium-citrate");
            const bool others = std::ranges::any_of(
                f.lines, [](const Line& l) { return !l.material->acids.empty(); });
            if (others || potassium <= 0.0)
                continue;
            ++compared;
            QVERIFY(near(potassium / sodium, 258.07 / 306.39, 1e-4));
        }
        QVERIFY(compared > 2);
    }

    void moulds()
    {
        int withMoulds = 0;
        for (const auto& [f, r] : many(1, 400)) {
            const auto fitted = fitMoulds(f, r);
            QVERIFY(std::holds_alternative<MouldFit>(fitted));
            const auto& fit = std::get<MouldFit>(fitted);
            QVERIFY(fit.density.low() > 0.6 && fit.density.high() < 2.2);
            // The batter holds what the reckoning pours, grain for grain.
            const Batter batter = batterAtPouring(f, r);
            QVERIFY2(near(batter.grams(), r.batterGrams, 0.02),
                     qPrintable(QString("%1 %2").arg(batter.grams()).arg(r.batterGrams)));
            double top = 0;
            for (std::size_t i = 0; i < f.lines.size(); ++i)
                if (f.lines[i].vessel == Vessel::Top)
                    top += r.lines[i].grams;
            QVERIFY(near(fit.poured, (r.batterGrams - top) * .99));
            double grams = fit.left[1];
            for (const MouldLevel& level : fit.levels) {
                grams += level.grams;
                const std::size_t at = std::size_t(&level - fit.levels.data());
                QVERIFY(f.moulds[at].mould.count > 1 || f.moulds.size() > 1 ||
                        (level.height[0] <= level.height[1] + 1e-9 &&
                         level.height[1] <= level.height[2] + 1e-9));
                QVERIFY(level.curedBar.low() <= level.curedBar.high());
                QVERIFY(level.filled >= 0 && level.filled <= mostCavities);
            }
            if (f.moulds.empty())
                continue;
            ++withMoulds;
            QVERIFY2(near(grams, fit.poured, 1e-6),
                     qPrintable(QString("%1 of %2").arg(grams).arg(fit.poured)));
        }
        QVERIFY(withMoulds > 150);
    }

    void fillsAndBars()
    {
        Formula f = plain();
        f.moulds = {{Mould{"a", Loaf{250, 80, 70}, 1}, 0, 0.9},
                    {Mould{"b", Dome{35, 28}, 6}, 0, 1.0}};
        const double wanted = 1400 * .9 + f.moulds[1].mould.room();
        double before = 1e9;
        for (const FillAim aim : {FillAim::Enough, FillAim::Typical, FillAim::NeverOver}) {
            const double factor = std::get<double>(factorToFill(f, aim));
            QVERIFY(factor < before); // the surer it is full, the more is made
            before = factor;
            Formula g = f;
            for (const Edit& e : scaled(f, factor))
                QVERIFY(apply(g, e));
            const auto r = std::get<Reckoning>(reckon(g));
            const auto fit = std::get<MouldFit>(fitMoulds(g, r));
            if (aim == FillAim::Typical)
                QVERIFY(near(fit.poured / fit.density.typical(), wanted, 1e-4));
            if (aim == FillAim::NeverOver)
                QVERIFY(near(r.batterGrams * (1 - residueLow) / fit.density.low(), wanted, 1e-4));
        }
        const double factor = std::get<double>(factorForBars(f, 12, 95));
        Formula g = f;
        for (const Edit& e : scaled(f, factor))
            QVERIFY(apply(g, e));
        const auto r = std::get<Reckoning>(reckon(g));
        QVERIFY(near(r.batterGrams * .99 * (1 - cureLoss(r).typical()), 12 * 95.0, 1e-4));
        // What runs out first decides.
        const auto stock = std::get<StockFactor>(factorForStock(f, {{1, 300}, {2, 25}}));
        const auto now = std::get<Reckoning>(reckon(f));
        QVERIFY(
            near(stock.factor, std::min(300 / now.find(1)->grams, 25 / now.find(2)->grams), 1e-6));
        // Locked lines alone may be more than what is wanted.
        for (Line& line : f.lines)
            line.locked = line.material->isOil();
        const auto stuck = factorForBars(f, 1, 1);
        QVERIFY(std::holds_alternative<Cannot>(stuck));
        QCOMPARE(linesThatStay(f).size(), std::size_t(2));
    }

    void roomToFoam_()
    {
        for (const auto& [f, r] : many(2, 120)) {
            const auto contents = contentsVolume(f, r, Vessel::LyeJug);
            const double* ml = std::get_if<double>(&contents);
            if (!ml)
                continue;
            const auto situations = headroomsOf(f, r, Vessel::LyeJug);
            const auto room = std::get<RoomToFoam>(roomToFoam(*ml, situations));
            QVERIFY(room.factor >= 1.5 && near(room.wanted, room.factor * *ml));
            QVERIFY(room.fits(room.wanted) && !room.fits(room.wanted * .99));
        }
        QVERIFY(std::holds_alternative<Cannot>(roomToFoam(0, std::vector{Headroom::ColdPot})));
        QVERIFY(std::holds_alternative<Cannot>(roomToFoam(5, std::vector<Headroom>{})));
    }

    void blends()
    {
        for (const auto& [f, r] : many(3, 200)) {
            const auto made = blendOf(f, r);
            const Blend* b = std::get_if<Blend>(&made);
            QVERIFY(b);
            double sum = 0;
            for (std::size_t g = 0; g < b->groups.size(); ++g) {
                const Interval& share = b->groups[g].share;
                QVERIFY(share.low() <= share.typical() && share.typical() <= share.high());
                if (static_cast<AcidGroup>(g) != AcidGroup::Saturated)
                    sum += share.typical();
                double from = 0;
                for (const GroupSource& source : b->groups[g].sources)
                    from += source.share;
                QVERIFY(from <= 1 + 1e-9);
            }
            QVERIFY(sum == 0.0 || near(sum, 1));
        }
        // Rows begin at nothing and rise; the last one reached speaks.
        for (std::size_t g = 0; g < countOf<AcidGroup>(); ++g) {
            const auto rows = rowsOf(static_cast<AcidGroup>(g));
            QVERIFY(!rows.empty() && rows.front().from == 0.0);
            for (std::size_t i = 0; i < rows.size(); ++i) {
                QVERIFY(i == 0 || rows[i].from > rows[i - 1].from);
                QCOMPARE(&wordFor(static_cast<AcidGroup>(g), rows[i].from), &rows[i]);
                if (i > 0)
                    QCOMPARE(&wordFor(static_cast<AcidGroup>(g), rows[i].from - 1e-9),
                             &rows[i - 1]);
            }
        }
        QCOMPARE(iodineWord(44.9).word, std::string_view("iodine-firm"));
        QCOMPARE(iodineWord(80).word, std::string_view("iodine-soft"));
        QCOMPARE(saltWord(.2).word, std::string_view("salt-bar"));
        QCOMPARE(sugarWord(.0299).word, std::string_view("sugar-bubbles"));
    }

    void scents()
    {
        int seen = 0;
        std::vector<ScentLimit> limits;
        for (std::size_t b = 0; b < countOf<ScentBasis>(); ++b)
            limits.push_back({"", ScentLimit::Whose::Own, ProductKind::RinseOff, .02,
                              static_cast<ScentBasis>(b), "", ""});
        for (auto& [f, r] : many(4, 900)) {
            f.handling.product = ProductKind::RinseOff;
            const ScentPicture p = scentPicture(f, r, limits, {}, {});
            double total = 0;
            for (const ScentReckoned& s : p.scents) {
                total += s.grams;
                QVERIFY(s.noSupplierLimit && !s.tried && s.gramsHigh >= s.grams);
            }
            QVERIFY(near(total, p.total));
            QVERIFY(near(p.bases.batter + p.total, r.batterGrams));
            if (p.scents.empty())
                continue;
            ++seen;
            QCOMPARE(p.together.size(), limits.size());
            for (std::size_t i = 1; i < p.together.size(); ++i)
                QVERIFY(p.together[i - 1].allowed <= p.together[i].allowed);
            // What is allowed is just the share of what it is a share of; water lost at its most.
            for (const auto& limit : p.together) {
                if (limits[limit.which].basis == ScentBasis::Cured)
                    continue;
                const double base = p.bases.gramsOf(limits[limit.which].basis, limit.allowed);
                QVERIFY(near(limit.allowed, .02 * base, 1e-9));
                double high = 0;
                for (const ScentReckoned& s : p.scents)
                    high += s.gramsHigh;
                QCOMPARE(limit.exceeded, high > limit.allowed * (1 + 1e-9));
            }
        }
        QVERIFY2(seen > 40, qPrintable(QString::number(seen)));
    }

    // A jar of scents counts as its parts would on lines of their own; and two lines of one scent
    // count together.
    void jarsOfScent()
    {
        const auto scent = [](const char* id) {
            Material m;
            m.id = m.name = id;
            m.kind = MaterialKind::Scent;
            return std::make_shared<const Material>(m);
        };
        const auto with = [&](std::vector<std::pair<const char*, double>> scents) {
            Formula f = twoOils();
            for (const auto& [id, g] : scents)
                add(f, scent(id), grams(g));
            return f;
        };
        const std::vector<ScentBlend> jars{{"jar", {{"lav", .6}, {"clove", .4}}, 45.0}};
        const std::vector<ScentCertificate> certificates{{"lav", {{"linalool", .3, .4}}, "", ""},
                                                         {"clove", {{"eugenol", .7, .9}}, "", ""}};
        const std::vector<ScentLimit> limits{
            {"lav", ScentLimit::Whose::Supplier, ProductKind::RinseOff, .01,
             ScentBasis::BatterBefore, "", ""},
            {"clove", ScentLimit::Whose::Supplier, ProductKind::RinseOff, .005,
             ScentBasis::BatterWhole, "", ""}};
        const auto picture = [&](const Formula& f) {
            return scentPicture(f, std::get<Reckoning>(reckon(f)), limits, certificates, {}, jars);
        };
        const auto allowed = [&](const ScentReckoned& s, std::size_t which) {
            for (const auto& limit : s.limits)
                if (limit.which == which)
                    return limit.allowed;
            return -1.0;
        };
        const ScentPicture jar = picture(with({{"jar", 10}}));
        const ScentPicture apart = picture(with({{"lav", 6}, {"clove", 4}}));
        const double batter = jar.bases.batter;
        QVERIFY(near(batter, apart.bases.batter));
        QVERIFY(near(allowed(jar.scents[0], 0), .01 * batter / .6));
        QVERIFY(near(allowed(apart.scents[0], 0), .01 * batter));
        // x of the jar: 0.4 x is 0.5 % of the batter and x.
        QVERIFY(near(allowed(jar.scents[0], 1), .005 * batter / (.4 - .005)));
        QVERIFY(!jar.scents[0].noSupplierLimit && jar.scents[0].certificateKnown);
        QCOMPARE(jar.allergens.size(), apart.allergens.size());
        QCOMPARE(jar.allergens.size(), std::size_t(2));
        for (std::size_t i = 0; i < 2; ++i)
            QVERIFY(near(jar.allergens[i].high, apart.allergens[i].high));
        QCOMPARE(jar.flash, FlashCaution::None);
        QCOMPARE(apart.flash, FlashCaution::NotKnown);
        // Beside lavender of its own the jar has less room; with more than the limit, none.
        QVERIFY(near(allowed(picture(with({{"jar", 10}, {"lav", 2}})).scents[0], 0),
                     (.01 * batter - 2) / .6));
        QCOMPARE(allowed(picture(with({{"jar", 10}, {"lav", 200}})).scents[0], 0), 0.0);
        // A limit for another kind of product is never used, of one scent or of all.
        auto elsewhere = limits;
        for (ScentLimit& limit : elsewhere)
            limit.kind = ProductKind::Face;
        const Formula ofOne = with({{"lav", 6}});
        const auto none = scentPicture(ofOne, std::get<Reckoning>(reckon(ofOne)), elsewhere,
                                       certificates, {}, jars);
        QVERIFY(none.scents[0].limits.empty() && none.together.empty());
        const ScentPicture twice = picture(with({{"lav", .006 * batter}, {"lav", .006 * batter}}));
        for (const ScentReckoned& s : twice.scents)
            QVERIFY(s.limits.front().exceeded && near(s.limits.front().allowed, .004 * batter));
    }

    void featuresOfTheLiquid()
    {
        Formula f = twoOils();
        add(f, plainWater(), rest, Vessel::LyeJug);
        add(f, milk(0.88, 0.03, 230.0), grams(60.0), Vessel::LyeJug);
        const ReckonResult r = reckon(f);
        QVERIFY(std::holds_alternative<Reckoning>(r));
        const Reckoning& reckoned = std::get<Reckoning>(r);
        const double liquid = reckoned.makeUpGrams + 60.0;
        QVERIFY(reckoned.hasMakeUp);
        QVERIFY(near(workFeatures(f, reckoned)["milk"], 60.0 / liquid));
    }

    void times()
    {
        for (const auto& [f, r] : many(5, 200)) {
            const auto scentsOfIt = scentDoses(f, r, {});
            const TimeForecast t = workingTime(workFeatures(f, r), scentsOfIt, f.handling.blending,
                                               f.handling.factorsOff);
            QVERIFY(t.time.low > 0 && t.time.low <= t.time.typical &&
                    t.time.typical <= t.time.high);
            for (std::size_t i = 1; i < t.factors.size(); ++i)
                QVERIFY(std::abs(std::log(t.factors[i - 1].factor.typical)) >=
                        std::abs(std::log(t.factors[i].factor.typical)) - 1e-12);
            // All switched off, the base is left.
            std::vector<std::string> off;
            for (const NamedFactor& factor : t.factors)
                off.push_back(factor.code);
            QVERIFY(near(
                workingTime(workFeatures(f, r), scentsOfIt, f.handling.blending, off).time.typical,
                20));
            const MouldTimes w = windowsOf(unmouldFeatures(f, r), f.handling.gel, mouldKindOf(f));
            QVERIFY(w.unmould.time.low <= w.stamp.opens.low);
            QVERIFY(w.cut.has_value() == (mouldKindOf(f) == MouldKind::Loaf));
            if (w.cut)
                QVERIFY(w.cut->opens.typical < w.cut->closes.typical);
        }
    }

    // Three batches at half the forecast: 20 min become 10.9, as shrinking says; a time that only
    // says "no shorter" counts only where it is longer.
    void ownLogs()
    {
        const Features features{{"temperature", 38.0}};
        const TimeForecast forecast = workingTime(features, {}, Blending::Bursts);
        std::vector<OwnLog> logs(3);
        for (int i = 0; i < 3; ++i)
            logs[std::size_t(i)] = {features, {}, Blending::Bursts, 9.0 + i, false};
        const TimeForecast own = corrected(forecast, logs);
        QCOMPARE(own.logs, 3);
        QVERIFY2(std::abs(own.time.typical - 10.9) < 0.05,
                 qPrintable(QString::number(own.time.typical)));
        QVERIFY(std::abs(own.time.low - 6.4) < 0.1 && std::abs(own.time.high - 18.5) < 0.1);
        for (OwnLog& log : logs)
            log.onlyLonger = true;
        QCOMPARE(corrected(forecast, logs).logs, 0);
        logs[0].minutes = 35;
        QCOMPARE(corrected(forecast, logs).logs, 1);
        QVERIFY(corrected(forecast, logs).time.typical > 20);
        // A scent's own factor is learned by its lot, and leaves a plain batter's time alone.
        const std::vector<ScentDose> scent{{ScentClass::Untried, .03, "lot 7"}};
        std::vector<OwnLog> scented(4, OwnLog{features, scent, Blending::Bursts, 4.5, false});
        scented[0] = scented[1] = OwnLog{features, {}, Blending::Bursts, 20, false};
        const double with =
            corrected(workingTime(features, scent, Blending::Bursts), scented).time.typical;
        const double without = corrected(forecast, scented).time.typical;
        QVERIFY2(with < 6.5 && without > 15, qPrintable(QString("%1 %2").arg(with).arg(without)));
    }

    void paceOfABatch()
    {
        const Formula f = plain();
        const auto r = std::get<Reckoning>(reckon(f));
        const auto at = [](std::int64_t minutes, Happening what) {
            Event e;
            e.at = minutes * 60000;
            e.what = std::move(what);
            return e;
        };
        StepKey joined;
        joined.kind = DayStepKind::Combine;
        StepKey poured;
        poured.kind = DayStepKind::Pour;
        std::vector<Event> events{at(0, BatchBegun{f, r.amounts, {}}), at(30, StepDone{joined}),
                                  at(44, StepDone{poured})};
        const auto log = paceLogOf(events, {});
        QVERIFY(log && near(log->minutes, 14) && log->onlyLonger);
        events.push_back(at(45, StepReopened{poured}));
        QVERIFY(!paceLogOf(events, {}));
        events.push_back(at(45 + 7 * 60, StepDone{poured})); // she had left it over lunch
        QVERIFY(!paceLogOf(events, {}));
        QVERIFY(!paceLogOf(std::vector<Event>{}, {}));
        // From ten seconds to six hours.
        for (const std::int64_t seconds : {9, 10, 21600, 21601}) {
            events.back().at = 30 * 60000 + seconds * 1000;
            QCOMPARE(paceLogOf(events, {}).has_value(), seconds >= 10 && seconds <= 21600);
        }
    }

    // Wishes of whole formulas: met once reckoned, and everything else still reckons.
    void wishesAreMet()
    {
        int met = 0;
        for (const auto& [f, r] : many(6, 60)) {
            const auto made = blendOf(f, r);
            const Blend& b = std::get<Blend>(made);
            WishesAsked asked;
            Wish batter;
            batter.kind = WishKind::Batter;
            batter.low = batter.high = r.batterGrams * 1.1;
            Wish acids;
            acids.kind = WishKind::FattyAcids;
            acids.group = AcidGroup::Oleic;
            acids.low = b[AcidGroup::Oleic].share.typical() * 0.98;
            asked.wishes = {batter, acids};
            const ProposalResult result = propose(f, asked, solveWithGlpk);
            const auto* p = std::get_if<WishProposal>(&result);
            if (!p)
                continue; // locked lines, a strong jug: said, and left alone
            QVERIFY2(p->worstMiss < 0.05, qPrintable(QString::number(p->worstMiss)));
            Formula after = f;
            for (const Edit& edit : p->edits)
                QVERIFY(apply(after, edit));
            const auto again = reckon(after);
            QVERIFY(std::holds_alternative<Reckoning>(again));
            QVERIFY(near(std::get<Reckoning>(again).batterGrams, *batter.low, 5e-4));
            ++met;
        }
        QVERIFY2(met > 50, qPrintable(QString::number(met)));
    }

    void waters()
    {
        for (const auto& [f, r] : many(7, 100)) {
            const auto made = waterPicture(f, r, WashWater{});
            const auto* p = std::get_if<WaterPicture>(&made);
            if (!p)
                continue;
            QVERIFY(p->soapShare >= 0 && p->soapShare <= 1);
            const auto harder = std::get<WaterPicture>(waterPicture(f, r, WashWater{4.0, .8, 1.0}));
            QVERIFY(harder.without.soapWasted > p->without.soapWasted);
            for (std::size_t i = 0; i < p->each.size(); ++i)
                QVERIFY(p->each[i].held.all >= 0 && p->each[i].held.all <= 1 &&
                        harder.each[i].litresCeiling < p->each[i].litresCeiling);
        }
        QVERIFY(classOf(1.49) == HardnessClass::Soft && classOf(2.51) == HardnessClass::Hard);
        QVERIFY(classOf(1.5) == HardnessClass::Middling && classOf(2.5) == HardnessClass::Middling);
    }
};

QTEST_APPLESS_MAIN(TestMakingLaws)
#include "tst_making_laws.moc"
