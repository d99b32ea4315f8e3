// Laws and edges of the weeks after a batch: which rules of cure hold, what is due when, when a
// test comes first, what differs between batches and whether a cause can be told.
#include "core/after/compare.h"
#include "core/after/cured.h"
#include "core/after/due.h"
#include "core/after/facts.h"
#include "core/after/mishaps.h"
#include "core/makeday/plan.h"
#include "support/make.h"
#include "support/random_after.h"

#include <QTest>

using namespace rhexion;
using namespace rhexion::test;

namespace {

constexpr std::int64_t day = 86400000;

Line line(LineId id, MaterialPtr m, double grams, Vessel vessel)
{
    Line out;
    out.id = id;
    out.material = std::move(m);
    out.amount = {grams, AmountUnit::Gram};
    out.vessel = vessel;
    return out;
}

// A made batch of the formula; its day is day 0.
struct Made {
    explicit Made(const Formula& f, double superfat = 0.05)
    {
        const auto result = reckon(f);
        const Reckoning& r = std::get<Reckoning>(result);
        write(0, BatchBegun{f, r.amounts, planDay(f, r)});
        for (const DayStep& step : planDay(f, r).steps)
            write(1000, StepDone{keyOf(step)});
        write(2000, BatchFinished{superfat, r.pure.strength, r.batterGrams});
    }
    void write(std::int64_t at, Happening what)
    {
        events.push_back(
            {"e" + std::to_string(events.size()), "b", "bench", 0, at, 0, std::move(what)});
    }
    void after(double days, AfterWhat what, PortionId portion = 0)
    {
        const std::int64_t on = std::int64_t(days * double(day));
        write(on, After{on, std::move(what), portion});
    }
    Batch batch() const { return *fold(events); }
    std::vector<Event> events;
};

std::vector<std::string> codesOf(const std::vector<CureRule>& rules)
{
    std::vector<std::string> out;
    for (const CureRule r : rules)
        out.emplace_back(codeOf(r));
    return out;
}

Formula plain()
{
    Formula f = twoOils();
    auto water = material("water", MaterialKind::Liquid);
    water->part(Part::Water) = figure(1);
    Line rest_ = line(f.newId(), water, 0, Vessel::LyeJug);
    rest_.amount = rest;
    f.lines.push_back(rest_);
    f.liquid.how = LiquidStatement::Strength;
    f.liquid.value = 0.33;
    return f;
}

const Due* find(const std::vector<Due>& dues, DueKind kind)
{
    for (const Due& d : dues)
        if (d.kind == kind)
            return &d;
    return nullptr;
}

} // namespace

class TestWeeks : public QObject {
    Q_OBJECT
private Q_SLOTS:
    void rulesThatHold_data()
    {
        QTest::addColumn<int>("change");
        QTest::addColumn<bool>("school");
        QTest::addColumn<QString>("rules");
        QTest::newRow("plain") << 0 << false << "general";
        QTest::newRow("milk without the school") << 1 << false << "general";
        QTest::newRow("milk with it") << 1 << true << "general egg-or-milk-school";
        QTest::newRow("salt of 14 %") << 2 << false << "general";
        QTest::newRow("salt of 16 %") << 3 << false << "general salt-bar";
        QTest::newRow("wet") << 4 << false << "general very-wet";
        QTest::newRow("cooked") << 5 << false << "hot-process";
        QTest::newRow("both lyes, no superfat") << 6 << true << "cleaning-two-lyes";
        QTest::newRow("both lyes, superfat kept") << 7 << false << "general";
    }
    void rulesThatHold()
    {
        QFETCH(int, change);
        QFETCH(bool, school);
        QFETCH(QString, rules);
        Formula f = plain();
        auto salt = material("salt", MaterialKind::Salt);
        salt->part(Part::SodiumChloride) = figure(1);
        auto milk = material("milk", MaterialKind::Milk);
        milk->part(Part::Water) = figure(0.88);
        if (change == 1)
            f.lines.push_back(line(f.newId(), milk, 50, Vessel::Trace));
        const double oils = std::get<Reckoning>(reckon(f)).oilsGrams;
        if (change == 2 || change == 3)
            f.lines.push_back(
                line(f.newId(), salt, oils * (change == 2 ? 0.14 : 0.16), Vessel::Trace));
        if (change == 4)
            f.liquid.value = 0.27;
        if (change == 5)
            f.lines.push_back(line(f.newId(), milk, 10, Vessel::AfterCook));
        if (change >= 6) {
            f.lye.potassiumShare = 0.5;
            f.lye.superfat = change == 6 ? 0.0 : 0.05;
        }
        const auto result = reckon(f);
        QVERIFY(std::holds_alternative<Reckoning>(result));
        QStringList got;
        for (const std::string& code :
             codesOf(cureRulesOf(f, std::get<Reckoning>(result), CureSchools{school})))
            got << QString::fromStdString(code);
        QCOMPARE(got.join(' '), rules);
    }

    // What was done makes what comes before it past; nothing is due of a batch that is gone.
    // How fast it dries: by the bar's size where one was cut, else anywhere between a quarter and
    // four times the usual fortnight (docs/after.md).
    void dryingIsGuessedWidely()
    {
        Made made(plain());
        const Interval guessed = curedOf(made.batch()).tauDays;
        QCOMPARE(guessed.low(), 3.5);
        QCOMPARE(guessed.typical(), 14.0);
        QCOMPARE(guessed.high(), 56.0);
        made.after(2, CareDone{Care::Cut, 9, {80.0, 55.0, 25.0}});
        const Interval known = curedOf(made.batch()).tauDays;
        QVERIFY(known.low() < known.typical() && known.typical() < known.high());
        QVERIFY(known.high() / known.low() < 16.0); // surer than a guess
    }

    void duesFollowWhatIsDone()
    {
        Made made(plain());
        const auto dues = [&] {
            const Batch b = made.batch();
            return duesOf(b, curedOf(b));
        };
        const auto first = dues();
        for (const DueKind kind :
             {DueKind::Unmould, DueKind::Stamp, DueKind::Turn, DueKind::Ready}) {
            const Due* due = find(first, kind);
            QVERIFY(due);
            QVERIFY(due->opens <= due->at && due->at <= due->closes);
        }
        QVERIFY(!find(first, DueKind::Test));
        QCOMPARE(find(first, DueKind::Ready)->at, 1000 + 28 * day);
        made.after(2, CareDone{Care::Stamped, 0, {}});
        QVERIFY(!find(dues(), DueKind::Unmould) && find(dues(), DueKind::Turn));
        made.after(3, CareDone{Care::Cut, 4, {}});
        QCOMPARE(find(dues(), DueKind::Ready)->at, 31 * day); // counted from the cut
        made.after(40, BarsMoved{BarsTo::Given, 3, {}});
        QVERIFY(find(dues(), DueKind::Ready));
        made.after(41, BarsMoved{BarsTo::Sold, 1, {}});
        QVERIFY(dues().empty());
    }

    void aTestComesFirst_data()
    {
        QTest::addColumn<int>("seen");
        QTest::addColumn<bool>("wanted");
        for (std::size_t i = 0; i < countOf<Seen>(); ++i) {
            const auto seen = static_cast<Seen>(i);
            const bool wanted = seen == Seen::Riced || seen == Seen::Separated ||
                                seen == Seen::Spots || seen == Seen::LyePocket;
            QTest::newRow(codeOf(seen)) << int(i) << wanted;
            QCOMPARE(wantsTest(seen), wanted);
        }
    }
    void aTestComesFirst()
    {
        QFETCH(int, seen);
        QFETCH(bool, wanted);
        Made made(plain());
        made.after(1, OutcomeSeen{static_cast<Seen>(seen)});
        const auto look = [&] {
            const Batch b = made.batch();
            return duesOf(b, curedOf(b));
        };
        QCOMPARE(find(look(), DueKind::Test) != nullptr, wanted);
        QCOMPARE(find(look(), DueKind::Ready) == nullptr, wanted);
        // A titration between the limits leaves the test due, a week later; a fine one ends it.
        made.after(10, AlkaliTested{CausticTitration{1.6, 0, 0.1, 10}});
        if (wanted)
            QCOMPARE(find(look(), DueKind::Test)->at, 17 * day);
        made.after(18, AlkaliTested{CausticTitration{0.1, 0, 0.1, 10}});
        QVERIFY(!find(look(), DueKind::Test) && find(look(), DueKind::Ready));
        QCOMPARE(curedOf(made.batch()).verdict, AlkaliVerdict::Fine);
        QCOMPARE(curedOf(made.batch()).sameVerdicts, 1);
    }

    // Lye that was weighed too much asks for a test, whatever was seen.
    void offInWeighing()
    {
        const Formula f = plain();
        const Reckoning r = std::get<Reckoning>(reckon(f));
        for (const auto& [times, reasons] :
             std::initializer_list<std::pair<double, std::vector<TestReason>>>{
                 {1.0, {}},
                 {1.015, {}},
                 {1.03, {TestReason::OffInWeighing}},
                 {1.10, {TestReason::LyeLeft, TestReason::OffInWeighing}}}) {
            Made made(f);
            made.write(500,
                       WeighedNow{{{WeighTarget::What::Sodium, 0}, r.amounts.allSodium() * times},
                                  r.amounts.allSodium()});
            const Cured cured = curedOf(made.batch());
            QVERIFY2(cured.wantsTest == reasons, qPrintable(QString::number(times)));
        }
    }

    void causes()
    {
        Formula f = plain();
        const Batch a = Made(f).batch();
        Formula wetter = f;
        wetter.liquid.value -= 0.03;
        const Batch b = Made(wetter).batch();
        Formula both = wetter;
        both.handling.gel = GelPlan::Gelled;
        const Batch c = Made(both).batch();
        const auto side = [](std::initializer_list<const Batch*> all) {
            std::vector<Compared> out;
            for (const Batch* one : all)
                out.push_back({one, 0});
            return compared(out);
        };
        QCOMPARE(side({&a, &a}).cause, CauseTold::NothingDiffers);
        const Comparison one = side({&a, &b});
        QCOMPARE(one.cause, CauseTold::MayBeThisOne);
        QCOMPARE(one.groups, std::vector<TraitGroup>{TraitGroup::Liquid});
        const Comparison two = side({&a, &c});
        QCOMPARE(two.cause, CauseTold::CannotBeTold);
        QCOMPARE(two.wouldTell.size(), std::size_t(2));
        QVERIFY(!two.pairThatTells);
        // Of three there is a pair that differs in one thing only.
        const Comparison three = side({&a, &c, &b});
        QCOMPARE(three.cause, CauseTold::CannotBeTold);
        QVERIFY(three.pairThatTells == std::pair(std::size_t(0), std::size_t(2)));
        // The batch that would tell differs from the one it is like in that alone.
        for (const WouldTell& w : two.wouldTell) {
            const Batch would = Made(withOneChange(a, c, w.group)).batch();
            const Comparison proof = side({&a, &would});
            QCOMPARE(proof.groups, std::vector<TraitGroup>{w.group});
        }
    }

    // Further apart than the scale tells, and no less.
    void toleranceEdges()
    {
        const auto trait = [](double v) { return Trait{"", v, {}}; };
        for (const TraitKind kind : {TraitKind::Oil, TraitKind::Superfat, TraitKind::JugCelsius,
                                     TraitKind::BlendSeconds}) {
            const double t = toleranceOf(kind);
            QVERIFY(t > 0.0);
            const Trait base = trait(10.0), within = trait(10.0 + 0.99 * t),
                        beyond = trait(10.0 + 1.01 * t);
            QVERIFY(!differs(kind, &base, &within));
            QVERIFY(differs(kind, &base, &beyond));
            QVERIFY(differs(kind, &beyond, &base));
        }
        const Trait warm = trait(40.0);
        QVERIFY(!differs(TraitKind::JugCelsius, &warm, nullptr)); // not read is no difference made
        const Trait some = trait(0.02);
        QVERIFY(differs(TraitKind::Thing, &some, nullptr)); // not in it is one
    }

    // Each row: the batches, newest first, as words; what stands on the bench; what is said of it.
    void mishapsComeBack_data()
    {
        QTest::addColumn<QStringList>("told");
        QTest::addColumn<QString>("things");
        QTest::addColumn<QString>("said");
        const auto row = [](const char* name, const QStringList& told, const char* things,
                            const char* said) {
            QTest::newRow(name) << told << QString::fromLatin1(things) << QString::fromLatin1(said);
        };
        const QString oat = QStringLiteral("with:oat told "), crack = QStringLiteral("seen:crack");
        row("twice of three", {oat + crack, oat, oat + crack}, "with:oat", "with:oat 2/3 b0");
        row("once is chance", {oat + crack, oat}, "with:oat", "");
        row("less than half", {oat, oat + crack, oat + crack, oat, oat}, "with:oat", "");
        row("gel is no mishap", {oat + "seen:full-gel", oat + "seen:full-gel"}, "with:oat", "");
        row("as often without it", {oat + crack, oat + crack, crack, crack}, "with:oat", "");
        row("more often with it", {oat + crack, oat + crack, crack, "told"}, "with:oat",
            "with:oat 2/2 b0");
        row("not on the bench", {oat + crack, oat + crack}, "with:rye", "");
        row("a lot and a mould",
            {"lot:oat#7 mould:slab seen:ash", "told", "lot:oat#7 mould:slab seen:ash"},
            "lot:oat#7 mould:slab", "lot:oat#7 2/2 b0; mould:slab 2/2 b0");
        row("a setting of every batch", {"process:cold seen:ash", "process:cold seen:ash"},
            "process:cold", "");
        row("a setting that stands out", {"superfat:low seen:ash", "superfat:low seen:ash", "told"},
            "superfat:low", "superfat:low 2/2 b0");
        row("a setting half as bad without",
            {"superfat:low seen:ash", "superfat:low seen:ash", "seen:ash", "told"}, "superfat:low",
            "");
        row("a pair",
            {"with:oat", "with:oat with:rye seen:ash", "with:oat with:rye seen:ash", "with:rye",
             "with:rye", "with:oat", "with:oat", "with:rye"},
            "with:oat with:rye", "with:oat+with:rye 2/2 b1");
        row("a pair of which one is said",
            {"with:oat with:rye seen:ash", "with:oat with:rye seen:ash", "with:rye", "with:rye",
             "with:rye"},
            "with:oat with:rye", "with:oat 2/2 b0");
    }
    void mishapsComeBack()
    {
        QFETCH(QStringList, told);
        QFETCH(QString, things);
        QFETCH(QString, said);
        const auto sorted = [](const QString& words) {
            std::vector<std::string> out;
            for (const QString& word : words.split(' ', Qt::SkipEmptyParts))
                out.push_back(word.toStdString());
            std::ranges::sort(out);
            return out;
        };
        std::vector<ToldBatch> batches;
        for (const QString& words : told)
            batches.push_back({"b" + std::to_string(batches.size()), sorted(words)});
        QStringList out;
        for (const MishapBefore& m : mishapsBefore(batches, sorted(things))) {
            QStringList names;
            for (const std::string& thing : m.things)
                names << QString::fromStdString(thing);
            out << QStringLiteral("%1 %2/%3 %4")
                       .arg(names.join('+'))
                       .arg(m.times)
                       .arg(m.of)
                       .arg(QString::fromStdString(m.batch));
        }
        QCOMPARE(out.join("; "), said);
    }

    // Whatever was written down, in any order: the fold's days are in order, bars are never more
    // left than cut, taking everything back leaves the batch as it was.
    void anyWeeks()
    {
        RandomAfter random(77);
        for (int round = 0; round < 60; ++round) {
            Made made(plain());
            const auto facts = factsOf(made.batch());
            std::vector<std::string> written;
            for (int i = 0; i < 40; ++i) {
                made.after(random.whole(0, 90), random.next({"a", "b"}, written));
                written.push_back(made.events.back().id);
            }
            const Batch b = made.batch();
            QVERIFY(std::ranges::is_sorted(b.after, {}, &AfterAt::on));
            const BarsNow bars = barsOf(b);
            QVERIFY(bars.left() >= 0 && bars.left() <= bars.cut);
            QVERIFY(bars.sellable() <= bars.cut);
            const Cured cured = curedOf(b);
            QVERIFY(cured.readyDay >= cured.days.least); // weights never shorten a rule
            for (const Due& due : duesOf(b, cured))
                QVERIFY(due.at >= 0);
            for (const std::string& id : written)
                made.write(100 * day, TakenBack{id});
            QVERIFY(made.batch().after.empty());
            QVERIFY(factsOf(made.batch()) == facts);
        }
    }
};

QTEST_APPLESS_MAIN(TestWeeks)
#include "tst_weeks.moc"
