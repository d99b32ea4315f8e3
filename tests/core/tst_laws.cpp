// Laws that hold for every formula (docs/chemistry.md, "Laws"), over 20,000 seeded random ones.
#include <QTest>

#include "core/account/contents.h"
#include "core/advice/reckon.h"
#include "core/formula/edit.h"
#include "core/makeday/as_weighed.h"
#include "core/seek/scale_to.h"
#include "support/random_formula.h"

#include <algorithm>
#include <functional>

using namespace rhexion;
using namespace rhexion::test;

namespace {

// Fewer under the sanitizers: the laws hold there as here; what is sought is a bad access.
const int runs = qEnvironmentVariableIsSet("RHEXION_LAW_RUNS")
                     ? qEnvironmentVariableIntValue("RHEXION_LAW_RUNS")
                     : 20000;
constexpr double near = 1e-7; // relative

bool same(double a, double b, double scale = 1.0)
{
    return std::abs(a - b) <= near * std::max({std::abs(a), std::abs(b), scale});
}

double lyeOf(const Reckoning& r)
{
    return r.sodium.weighedGrams + r.potassium.weighedGrams;
}

// On the fat the superfat is set on: oil after the cook may be left out.
double superfatAsSet(const Formula& f, const Reckoning& r)
{
    double fat = r.oilsMol + r.hiddenMol;
    for (std::size_t i = 0; i < f.lines.size(); ++i)
        if (f.lye.basis == SuperfatBasis::CookedFat && f.lines[i].vessel == Vessel::AfterCook)
            fat -= r.lines[i].fatMol;
    return 1 - (r.hydroxideMol - r.acidMol) / fat;
}

} // namespace

class TestLaws : public QObject {
    Q_OBJECT

    // Runs the law over every random formula that can be reckoned.
    void forAll(unsigned seed, bool plain,
                const std::function<bool(RandomFormulas&, const Formula&, const Reckoning&)>& law)
    {
        RandomFormulas random(seed);
        int reckoned = 0;
        for (int i = 0; i < runs; ++i) {
            const Formula f = random.next(plain);
            const auto result = reckon(f);
            if (const auto* r = std::get_if<Reckoning>(&result)) {
                ++reckoned;
                QVERIFY2(law(random, f, *r), qPrintable(QString("formula %1").arg(i)));
            }
        }
        QVERIFY2(reckoned > runs / 2, qPrintable(QString::number(reckoned)));
    }

    static const Reckoning& of(const ReckonResult& result) { return std::get<Reckoning>(result); }

private Q_SLOTS:
    void massInIsMassOut()
    {
        forAll(1, false, [](auto&, const Formula& f, const Reckoning& r) {
            double sum = lyeOf(r) + r.jugWaterGrams;
            for (const auto& line : r.lines)
                sum += line.grams;
            double drawn = 0.0;
            for (const Vessel vessel : allVessels)
                drawn += contentsOf(f, r, vessel).total();
            return same(sum, r.batterGrams) && std::abs(drawn - sum) < 1e-6 * sum + 1e-6;
        });
    }

    void everyFigureIsANumber()
    {
        forAll(2, false, [](auto&, const Formula&, const Reckoning& r) {
            for (const Step& step : r.working.steps()) {
                if (!std::isfinite(step.result))
                    return false;
                for (const Term& term : r.working.terms(step))
                    if (!std::isfinite(term.value))
                        return false;
            }
            const double all[] = {r.superfatTrueLow.value(),
                                  r.superfatTrueHigh.value(),
                                  r.superfatOnOils.value(),
                                  r.pure.ratio.value(),
                                  r.asWeighed.strength,
                                  r.wanted.lessThanUsual.value(),
                                  r.freeOilGrams,
                                  r.neutralisationWater,
                                  r.makeUpGrams};
            return std::ranges::all_of(all, [](double v) { return std::isfinite(v); });
        });
    }

    void targetsAreMet()
    {
        forAll(3, false, [](auto&, const Formula& f, const Reckoning& r) {
            const double counted = superfatAsSet(f, r);
            const bool superfat = same(counted, f.lye.superfat);
            const bool filled = r.hasMakeUp && r.makeUpGrams > 0.0;
            return superfat && (!filled || same(r.waterExcess, 0.0, r.waterPresent));
        });
    }

    void scalingScalesMassesOnly()
    {
        forAll(4, true, [](auto&, const Formula& f, const Reckoning& r) {
            Formula big = f;
            for (Line& line : big.lines)
                line.amount.value *= 3.5;
            const auto result = reckon(big);
            const Reckoning& b = of(result);
            return same(b.batterGrams, r.batterGrams * 3.5) && same(lyeOf(b), lyeOf(r) * 3.5) &&
                   same(b.superfatTrue.value(), r.superfatTrue.value()) &&
                   same(b.pure.strength, r.pure.strength) &&
                   same(b.superfatTrueLow.value(), r.superfatTrueLow.value());
        });
    }

    void orderChangesNothing()
    {
        forAll(5, false, [](auto&, const Formula& f, const Reckoning& r) {
            Formula turned = f;
            std::ranges::reverse(turned.lines);
            const auto result = reckon(turned);
            const Reckoning& t = of(result);
            return same(t.batterGrams, r.batterGrams) && same(lyeOf(t), lyeOf(r)) &&
                   same(t.makeUpGrams, r.makeUpGrams, 1) &&
                   same(t.superfatTrue.value(), r.superfatTrue.value());
        });
    }

    void movingChangesOnlyTheJug()
    {
        forAll(6, false, [](RandomFormulas& random, const Formula& f, const Reckoning& r) {
            Formula moved = f;
            Line& line = moved.lines[std::size_t(random.below(int(f.lines.size())))];
            // Into or out of a portion or the cook is no move alone; held oil stays in the pot.
            if (line.portion != 0 || line.vessel == Vessel::AfterCook ||
                (line.material->isOil() && !f.portions.empty()))
                return true;
            line.vessel = allVessels[std::size_t(random.below(5))];
            const auto result = reckon(moved);
            const Reckoning& m = of(result);
            return same(m.batterGrams, r.batterGrams) && same(lyeOf(m), lyeOf(r)) &&
                   same(m.waterPresent, r.waterPresent) &&
                   same(m.superfatTrue.value(), r.superfatTrue.value());
        });
    }

    void moreSuperfatNeverMoreLye()
    {
        forAll(7, false, [](RandomFormulas& random, const Formula& f, const Reckoning& r) {
            Formula more = f;
            more.lye.superfat += random.between(0, 0.2);
            const auto result = reckon(more);
            // Raising it cannot make a solvable system unsolvable, but a make-up may dry up.
            const auto* m = std::get_if<Reckoning>(&result);
            return m && lyeOf(*m) <= lyeOf(r) * (1 + near);
        });
    }

    void moreAcidNeverLessLye()
    {
        forAll(8, true, [](RandomFormulas& random, const Formula& f, const Reckoning& r) {
            Formula sour = f;
            if (Line* rest = sour.find(sour.makeUp() ? sour.makeUp()->id : 0))
                rest->amount = grams(r.makeUpGrams); // the law holds with the make-up fixed
            const double before = lyeOf(of(reckon(sour)));
            add(sour, citricAnhydrous(), grams(random.between(0.1, 30)), Vessel::LyeJug);
            return lyeOf(of(reckon(sour))) > before;
        });
    }

    void wetterExtraNeverMoreMakeUp()
    {
        forAll(9, true, [](RandomFormulas& random, const Formula& f, const Reckoning& r) {
            Formula wet = f;
            add(wet, plainWater(), grams(random.between(0.1, 80)), Vessel::Trace);
            const auto result = reckon(wet);
            return of(result).makeUpGrams <= r.makeUpGrams + near;
        });
    }

    void onlyOneLyeIsAnEndOfTheShare()
    {
        forAll(10, false, [](auto&, const Formula& f, const Reckoning&) {
            Formula end = f;
            bool good = true;
            for (const double share : {0.0, 1.0}) {
                end.lye.potassiumShare = share;
                const auto result = reckon(end);
                // The other hydroxide may ask more of a fatty make-up than it can bring.
                if (const auto* r = std::get_if<Reckoning>(&result))
                    good = good && r->potassiumMoleShare == share &&
                           (share == 0.0 ? r->potassium : r->sodium).weighedGrams == 0.0;
            }
            return good;
        });
    }

    void feedingBackTheLyeReturnsTheSuperfat()
    {
        forAll(11, false, [](auto&, const Formula& f, const Reckoning& r) {
            Formula back = f;
            back.lye.fixed = FixedHydroxide{Mass::grams(r.sodium.weighedGrams),
                                            Mass::grams(r.potassium.weighedGrams)};
            const auto result = reckon(back);
            const Reckoning& b = of(result);
            const double counted = superfatAsSet(f, b);
            return same(counted, f.lye.superfat) && same(b.makeUpGrams, r.makeUpGrams, 10) &&
                   same(b.superfatTrue.value(), r.superfatTrue.value());
        });
    }

    void boundsHoldTheTypical()
    {
        forAll(12, false, [](auto&, const Formula&, const Reckoning& r) {
            return r.superfatTrueLow.value() <= r.superfatTrue.value() + near &&
                   r.superfatTrue.value() <= r.superfatTrueHigh.value() + near &&
                   r.demandLow <= r.demandHigh;
        });
    }

    // The closed form against the slow way: pour some, reckon, and halve the range it must lie in.
    void closedFormIsWherePouringSettles()
    {
        forAll(13, true, [](auto&, const Formula& f, const Reckoning& r) {
            if (!r.hasMakeUp || r.makeUpGrams <= 0.0)
                return true;
            Formula poured = f;
            Line* rest = poured.find(f.makeUp()->id);
            double low = 0.0;
            double high = r.makeUpGrams * 4 + 100;
            for (int pass = 0; pass < 100; ++pass) {
                const double x = (low + high) / 2;
                rest->amount = grams(x);
                (of(reckon(poured)).waterExcess > 0.0 ? high : low) = x;
            }
            return std::abs(low - r.makeUpGrams) < 1e-6 * std::max(1.0, low);
        });
    }

    void portionsAreTheWhole()
    {
        forAll(15, false, [](auto&, const Formula&, const Reckoning& r) {
            double batter = 0.0;
            double water = 0.0;
            double fat = 0.0;
            double acid = 0.0;
            double oils = 0.0;
            double share = 0.0;
            for (const PortionReckoned& p : r.portions) {
                batter += p.batterGrams();
                water += p.waterGrams;
                fat += p.fatMol;
                acid += p.acidMol;
                oils += p.oilsGrams;
                share += p.share;
                if (p.superfatLow.value() > p.superfat.value() + near)
                    return false;
            }
            return r.portions.empty() ||
                   (same(batter, r.batterGrams) && same(water, r.waterPresent) &&
                    same(fat, r.oilsMol + r.hiddenMolTypical) && same(acid, r.acidMol) &&
                    same(oils, r.oilsGrams) && same(share, 1.0));
        });
    }

    void theSameInEveryPortionIsTheSameForAll()
    {
        forAll(16, false, [](RandomFormulas& random, const Formula& f, const Reckoning&) {
            Formula one = f;
            const auto scent = random.randomScent();
            const StatedAmount amount{random.between(0, 4), random.chance(0.5)
                                                                ? AmountUnit::PercentOfOils
                                                                : AmountUnit::PercentOfBatter};
            add(one, scent, amount, Vessel::Trace);
            Formula each = f;
            for (const Portion& portion : f.portions) {
                add(each, scent, amount, Vessel::Trace);
                each.lines.back().portion = portion.id;
            }
            if (f.portions.empty())
                return true;
            const auto a = reckon(one);
            const auto b = reckon(each);
            return std::holds_alternative<Refusal>(a)
                       ? std::holds_alternative<Refusal>(b)
                       : same(of(a).batterGrams, of(b).batterGrams) &&
                             same(lyeOf(of(a)), lyeOf(of(b))) &&
                             same(of(a).portions[0].scentGrams, of(b).portions[0].scentGrams, 1);
        });
    }

    void jugsAreTheLye()
    {
        forAll(17, false, [](auto&, const Formula& f, const Reckoning& r) {
            double weighed = 0.0;
            double water = 0.0;
            for (const JugReckoned& jug : r.jugs) {
                weighed += jug.sodium.weighedGrams + jug.potassium.weighedGrams;
                water += jug.water;
            }
            double poured = 0.0;
            for (const double grams : r.makeUpIn)
                poured += grams;
            return same(weighed, lyeOf(r)) && water <= r.waterPresent * (1 + near) &&
                   same(poured, r.makeUpGrams, 1) &&
                   (f.lye.secondJug || r.jugs[1].pureGrams() == 0.0);
        });
    }

    // Where things are dissolved, locked or poured moves no total.
    void placesAndLocksMoveNoTotal()
    {
        forAll(18, false, [](RandomFormulas& random, const Formula& f, const Reckoning&) {
            Formula other = f;
            other.liquid.jugRatio.reset(); // a strong jug depends on what is dissolved in it
            const auto before = reckon(other);
            other.lye.secondJug = SecondJug{random.between(0, 1), random.between(0, 1)};
            for (Line& line : other.lines) {
                if (line.amount.unit != AmountUnit::Rest)
                    line.solvent = random.between(0, 3);
                line.locked = random.chance(0.5);
            }
            for (Portion& portion : other.portions)
                portion.held.reset();
            const auto after = reckon(other);
            const auto* a = std::get_if<Reckoning>(&before);
            const auto* b = std::get_if<Reckoning>(&after);
            return !a || (b && same(a->batterGrams, b->batterGrams) && same(lyeOf(*a), lyeOf(*b)) &&
                          same(a->waterPresent, b->waterPresent) &&
                          same(a->superfatTrue.value(), b->superfatTrue.value(), 1));
        });
    }

    void theDaysPlanWeighsTheWhole()
    {
        forAll(19, false, [](auto&, const Formula& f, const Reckoning& r) {
            double weighed = 0.0;
            for (const DayStep& step : planDay(f, r).steps)
                if (step.target.what != WeighTarget::What::HeldOil)
                    weighed += step.plannedGrams;
            return same(weighed, r.batterGrams);
        });
    }

    void asPlannedTheBowlIsThePlan()
    {
        forAll(20, false, [](auto&, const Formula& f, const Reckoning& r) {
            const Reckoning b = reckonAsWeighed(f, r, {}, {}).reckoning;
            return same(b.batterGrams, r.batterGrams) &&
                   same(b.superfatTrue.value(), r.superfatTrue.value()) &&
                   same(b.pure.strength, r.pure.strength) &&
                   same(b.jugs[0].water, r.jugs[0].water, 1) &&
                   same(b.jugs[1].water, r.jugs[1].water, 1);
        });
    }

    void scaledIsLarger()
    {
        forAll(21, true, [](RandomFormulas& random, const Formula& f, const Reckoning& r) {
            const double k = random.between(0.2, 5);
            Formula big = f;
            for (const Edit& edit : scaled(f, k))
                rhexion::apply(big, edit);
            const auto factor = factorFor(f, ScaleTo::Oils, Mass::grams(r.oilsGrams * k));
            return same(of(reckon(big)).batterGrams, r.batterGrams * k) && factor &&
                   std::abs(*factor - k) < 1e-4 * k;
        });
    }

    // Lye that a material holds, of whatever kind, takes the place of lye that would be weighed.
    void hydroxideInAMaterialIsCounted()
    {
        forAll(22, false, [](RandomFormulas& random, const Formula& f, const Reckoning& r) {
            if (f.lye.fixed)
                return true;
            Formula given = f;
            auto m = material("drain cleaner",
                              static_cast<MaterialKind>(int(MaterialKind::Acid) + random.below(6)));
            const double share = random.between(0.02, 0.5);
            m->part(random.chance(0.5) ? Part::SodiumHydroxide : Part::PotassiumHydroxide) =
                figure(share);
            m->part(Part::Water) = figure(1 - share);
            const double mol = random.between(0, r.hydroxideMol) / 2;
            add(given, m, grams(mol * molarMassSodiumHydroxide / share), Vessel::LyeJug);
            const auto after = reckon(given);
            const auto* a = std::get_if<Reckoning>(&after);
            if (!a) // what is not weighed may be too little for a cook or a strong jug
                return true;
            const bool filled = a->hasMakeUp && a->makeUpGrams > 0.0;
            // A fatty make-up that the other liquid leaves little room for may call for less.
            if (lyeOf(*a) <= 0.0)
                return superfatAsSet(given, *a) <= f.lye.superfat + near;
            return a->givenMol > 0.0 && same(superfatAsSet(given, *a), f.lye.superfat) &&
                   (!filled || same(a->waterExcess, 0.0, a->waterPresent));
        });
    }

    // The smallest safe superfat that a refusal states is accepted when it is followed, and is no
    // larger than it need be: a hundredth less is refused.
    void smallestSafeSuperfatIsSafe()
    {
        RandomFormulas random(23);
        int refused = 0;
        for (int i = 0; i < runs && refused < 400; ++i) {
            Formula f = random.next(false);
            if (f.lye.fixed)
                continue;
            add(f, random.randomOil(), grams(random.between(50, 900)), Vessel::AfterCook);
            const auto result = reckon(f);
            const auto* r = std::get_if<Refusal>(&result);
            if (!r || r->code != RefusalCode::LyeLeftAfterCook)
                continue;
            ++refused;
            Formula safe = f;
            safe.lye.superfat = r->figures.at(2);
            const auto after = reckon(safe);
            const auto* still = std::get_if<Refusal>(&after);
            QVERIFY2(!still || still->code != RefusalCode::LyeLeftAfterCook,
                     qPrintable(QString::number(i)));
            safe.lye.superfat = r->figures.at(2) - 0.01;
            const auto less = reckon(safe);
            const auto* refusal = std::get_if<Refusal>(&less);
            if (safe.lye.superfat >= f.lye.superfat)
                QVERIFY(refusal && refusal->code == RefusalCode::LyeLeftAfterCook);
        }
        QVERIFY2(refused >= 60, qPrintable(QString::number(refused)));
    }

    void undoingAnEditRestoresTheFormula()
    {
        forAll(14, false, [](RandomFormulas& random, const Formula& f, const Reckoning&) {
            Formula now = f;
            std::vector<Edit> back;
            for (int i = 0; i < 6; ++i) {
                const LineId line = LineId(1 + random.below(int(now.lastId) + 1));
                Line fresh{now.lastId + 1, random.randomExtra(), Vessel::Trace, grams(5)};
                LyeSettings lye = now.lye;
                lye.superfat = 0.07;
                const Edit edits[] = {AddLine{fresh, std::size_t(random.below(9))},
                                      RemoveLine{line},
                                      SetAmount{line, grams(random.between(0, 9))},
                                      MoveLine{line, Vessel::Top, std::size_t(random.below(9))},
                                      SetFrozen{line, true},
                                      SetAllWater{line, true},
                                      SetLye{SettingField::Superfat, lye},
                                      SetText{TextField::Name, "other"},
                                      SetOilsTotal{Mass::grams(7)},
                                      SetLocked{line, true},
                                      SetPortion{line, PortionId(random.below(9))},
                                      SetSolvent{line, 1.5},
                                      SetPortions{{{LineId(50), "new", 2.0, "", {}}}},
                                      SetMixing{{Temperature::celsius(25), 3}}};
                if (auto inverse =
                        rhexion::apply(now, edits[std::size_t(random.below(std::size(edits)))]))
                    back.push_back(std::move(*inverse));
            }
            while (!back.empty()) {
                if (!rhexion::apply(now, back.back()))
                    return false;
                back.pop_back();
            }
            return now == f;
        });
    }
};

QTEST_APPLESS_MAIN(TestLaws)
#include "tst_laws.moc"
