// The least change that meets every wish: the reference problems, each answer reckoned afresh, and
// bad problems refused. Masses are not compared: answers alike differ in them.
#include "core/advice/reckon.h"
#include "core/wishes/formula_wishes.h"
#include "core/wishes/wishes.h"
#include "solver/glpk_solver.h"
#include "support/case_oils.h"

#include <QJsonArray>
#include <QJsonDocument>
#include <QJsonObject>

#include <random>

using namespace rhexion;
using namespace rhexion::test;

namespace {

struct Problem {
    WishProblem problem;
    QStringList wishes; // names
    QJsonObject json;
};

Problem problemOf(const QJsonObject& json)
{
    Problem out;
    out.json = json;
    WishProblem& p = out.problem;
    QStringList names;
    const QJsonObject start = json["start_g"].toObject();
    const QJsonObject bounds = json["bounds_g"].toObject();
    for (auto it = start.begin(); it != start.end(); ++it) {
        OilInPlay oil;
        oil.material = caseOil(it.key());
        oil.start = it.value().toDouble();
        oil.price = caseOilPrice(it.key());
        if (bounds.contains(it.key())) {
            oil.least = bounds[it.key()].toArray()[0].toDouble();
            oil.most = bounds[it.key()].toArray()[1].toDouble();
        }
        p.oils.push_back(oil);
        names << it.key();
    }
    p.superfat = json["superfat"].toDouble();
    p.strength = json["strength"].toDouble();
    p.acidShare = json["citric_share"].toDouble();
    p.acidPerGram = 3.0 / 192.123;
    p.superfatWeight = json["weights"].toObject()["superfat"].toDouble(1.0);
    if (json["at_most_oils_changed"].isDouble())
        p.mostOilsChanged = json["at_most_oils_changed"].toInt();
    const QJsonValue minimise = json["minimise"];
    if (minimise.isObject())
        p.what = minimise.toObject().contains(QStringLiteral("n")) ? WishFor::MostBatter
                                                                   : WishFor::MostOils;
    for (const QJsonValue& v : json["wishes"].toArray()) {
        const QJsonObject w = v.toObject();
        Wish wish;
        const QString kind = w["kind"].toString();
        const auto known =
            wishKindFromCode(kind == QLatin1String("citric-share-of-oils") ? "acid-share-of-oils"
                                                                           : kind.toStdString());
        if (!known)
            qFatal("%s", qPrintable(kind));
        wish.kind = *known;
        if (w["low"].isDouble())
            wish.low = w["low"].toDouble();
        if (w["high"].isDouble())
            wish.high = w["high"].toDouble();
        if (wish.kind == WishKind::FattyAcids)
            wish.group = *acidGroupFromCode(w["of"].toString().toStdString());
        if (wish.kind == WishKind::OilShare)
            wish.oil = std::size_t(names.indexOf(w["of"].toString()));
        p.wishes.push_back(wish);
        out.wishes << w["wish"].toString();
    }
    return out;
}

QJsonArray problems()
{
    return QJsonDocument::fromJson(testData(QStringLiteral("solve_problems.json"))).array();
}

Problem problemNamed(const char* id)
{
    for (const QJsonValue& v : problems())
        if (v.toObject()["id"].toString() == QLatin1String(id))
            return problemOf(v.toObject());
    qFatal("no such problem");
}

double pointOf(WishKind kind)
{
    const bool share = kind == WishKind::FattyAcids || kind == WishKind::OilShare ||
                       kind == WishKind::AcidShare || kind == WishKind::Superfat ||
                       kind == WishKind::Strength;
    return share ? 0.01 : 1.0;
}

} // namespace

class TestWishes : public QObject {
    Q_OBJECT
private Q_SLOTS:
    void answers_data()
    {
        QTest::addColumn<QJsonObject>("json");
        for (const QJsonValue& v : problems())
            QTest::newRow(qPrintable(v.toObject()["id"].toString())) << v.toObject();
        QCOMPARE(int(problems().size()), 12);
    }
    // A share lies below all of it, a strength above nothing too.
    void boundsOfShares()
    {
        Problem p = problemOf(problems()[0].toObject());
        for (const auto& [kind, bound, good] : {std::tuple(WishKind::Superfat, 0.99, true),
                                                {WishKind::Superfat, 1.02, false},
                                                {WishKind::Superfat, -0.99, true},
                                                {WishKind::Superfat, -1.02, false},
                                                {WishKind::Strength, 0.99, true},
                                                {WishKind::Strength, 1.02, false},
                                                {WishKind::Strength, -0.01, false}}) {
            Wish wish;
            wish.kind = kind;
            wish.high = bound;
            p.problem.wishes = {wish};
            const WishResult result = fulfil(p.problem, solveWithGlpk);
            QCOMPARE(!std::holds_alternative<Cannot>(result), good);
        }
    }

    void answers()
    {
        QFETCH(QJsonObject, json);
        const Problem p = problemOf(json);
        const WishResult result = fulfil(p.problem, solveWithGlpk);
        if (json["answer"].isString()) {
            const auto* cannot = std::get_if<CannotTogether>(&result);
            QVERIFY(cannot);
            QStringList names;
            for (const std::size_t w : cannot->wishes)
                names << p.wishes[int(w)];
            names.sort();
            QStringList wanted = json["answer"].toString().mid(8).split(QStringLiteral(" + "));
            wanted.sort();
            QCOMPARE(names, wanted);
            // Without any one of them the rest can.
            for (const std::size_t w : cannot->wishes) {
                WishProblem without = p.problem;
                without.wishes.erase(without.wishes.begin() + std::ptrdiff_t(w));
                QVERIFY(std::holds_alternative<WishAnswer>(fulfil(without, solveWithGlpk)));
            }
            return;
        }
        const auto* answer = std::get_if<WishAnswer>(&result);
        QVERIFY(answer);
        const double wanted = json["answer"].toObject()["objective"].toDouble();
        QVERIFY2(std::abs(answer->objective - wanted) < 1e-4 * std::max(1.0, std::abs(wanted)),
                 qPrintable(QString::number(answer->objective, 'g', 10)));
        for (std::size_t w = 0; w < p.problem.wishes.size(); ++w)
            QVERIFY2(missOf(p.problem, p.problem.wishes[w], *answer) <
                         0.05 * pointOf(p.problem.wishes[w].kind),
                     qPrintable(p.wishes[int(w)]));
        // The same every time.
        const auto again = std::get<WishAnswer>(fulfil(p.problem, solveWithGlpk));
        for (std::size_t i = 0; i < answer->oils.size(); ++i)
            QVERIFY(std::abs(answer->oils[i] - again.oils[i]) < 1e-9);
    }

    // What is said of a conflict, over wishes that were drawn: what alone is enough to leave out is
    // so, what is not said to be is not, and no conflict can stand even by itself.
    void whatIsEnough()
    {
        std::mt19937 draw(20262);
        const Problem start = problemNamed("J1");
        int conflicts = 0;
        int several = 0;
        for (int round = 0; round < 40; ++round) {
            WishProblem p = start.problem;
            for (int extra = 0; extra < 4; ++extra) {
                Wish wish;
                wish.kind = WishKind::FattyAcids;
                wish.group = static_cast<AcidGroup>(draw() % countOf<AcidGroup>());
                wish.low = double(draw() % 60) / 100.0;
                p.wishes.push_back(wish);
            }
            const WishResult result = fulfil(p, solveWithGlpk);
            const auto* cannot = std::get_if<CannotTogether>(&result);
            if (!cannot)
                continue;
            ++conflicts;
            several += cannot->conflicts.size() > 1;
            for (std::size_t w = 0; w < p.wishes.size(); ++w) {
                WishProblem without = p;
                without.wishes.erase(without.wishes.begin() + std::ptrdiff_t(w));
                const bool rest =
                    std::holds_alternative<WishAnswer>(fulfil(without, solveWithGlpk));
                QCOMPARE(rest, std::ranges::find(cannot->enough, w) != cannot->enough.end());
            }
            for (const std::vector<std::size_t>& conflict : cannot->conflicts) {
                WishProblem alone = p;
                alone.wishes.clear();
                for (const std::size_t w : conflict)
                    alone.wishes.push_back(p.wishes[w]);
                QVERIFY(!std::holds_alternative<WishAnswer>(fulfil(alone, solveWithGlpk)));
            }
        }
        QVERIFY2(conflicts > 12 && several > 3,
                 qPrintable(QStringLiteral("%1, %2").arg(conflicts).arg(several)));
    }

    // Bounds the others can live with: the reference's bisections.
    void nearest_data()
    {
        QTest::addColumn<QString>("id");
        QTest::addColumn<QString>("wish");
        QTest::addColumn<double>("wanted");
        int rows = 0;
        for (const CaseRow& c : readCases(QStringLiteral("solve_cases.csv")))
            if (c.function == QLatin1String("nearest")) {
                const QString wish = c.output.mid(c.output.indexOf(QLatin1Char(' ')) + 1);
                QTest::newRow(qPrintable(c.id + QLatin1Char(' ') + wish))
                    << c.id << wish << c.value.toDouble();
                ++rows;
            }
        QVERIFY(rows >= 4);
    }
    void nearest()
    {
        QFETCH(QString, id);
        QFETCH(QString, wish);
        QFETCH(double, wanted);
        const Problem p = problemNamed(qPrintable(id));
        const auto result = std::get<CannotTogether>(fulfil(p.problem, solveWithGlpk));
        for (const NearestWish& n : result.nearest)
            if (p.wishes[int(n.wish)] == wish) {
                const double got = n.low ? *n.low : *n.high;
                QVERIFY2(std::abs(got - wanted) < 1e-5 * std::max(1.0, wanted),
                         qPrintable(QString::number(got, 'g', 10)));
                return;
            }
        QFAIL("not among the nearest");
    }

    // J1 by brute force over a grid: never better than the programme, within a point of it.
    void gridIsNeverBetter()
    {
        const Problem p = problemNamed("J1");
        const double answer = std::get<WishAnswer>(fulfil(p.problem, solveWithGlpk)).objective;
        double best = 1e9;
        WishAnswer at;
        for (double coconut = 250; coconut < 420; coconut += 2)
            for (double olive = 280; olive < 460; olive += 2) {
                QMap<QString, double> grams{{"coconut", coconut},
                                            {"olive", olive},
                                            {"shea", 150},
                                            {"rapeseed", 100},
                                            {"castor", 750 - coconut - olive}};
                if (grams["castor"] < 0)
                    continue;
                at.oils.clear();
                double moved = 0;
                for (const OilInPlay& oil : p.problem.oils) {
                    at.oils.push_back(grams[QString::fromStdString(oil.material->name)]);
                    moved += std::abs(at.oils.back() - oil.start) / 10;
                }
                bool met = true;
                for (const Wish& w : p.problem.wishes)
                    if (w.kind == WishKind::FattyAcids || w.kind == WishKind::Iodine)
                        met &= missOf(p.problem, w, at) == 0.0;
                if (met)
                    best = std::min(best, moved);
            }
        QVERIFY(answer <= best + 1e-9 && best - answer < 1.0);
    }

    void refuses_data()
    {
        QTest::addColumn<QString>("code");
        QTest::addColumn<int>("how");
        int how = 0;
        for (const char* code :
             {"no-oils", "too-many-oils", "too-many-wishes", "no-total", "bad-mass", "out-of-range",
              "wishes-contradict", "out-of-range", "takes-too-long"}) {
            QTest::addRow("%d %s", how, code) << QString::fromLatin1(code) << how;
            ++how;
        }
    }
    void refuses()
    {
        QFETCH(QString, code);
        QFETCH(int, how);
        WishProblem p = problemNamed("J1").problem;
        const double nan = std::numeric_limits<double>::quiet_NaN();
        switch (how) {
        case 0: p.oils.clear(); break;
        case 1: p.oils.resize(41, p.oils.front()); break;
        case 2: p.wishes.resize(31, p.wishes.front()); break;
        case 3:
            for (OilInPlay& oil : p.oils)
                oil.start = 0;
            break;
        case 4: p.oils[1].start = nan; break;
        case 5: p.wishes[2].high = nan; break;
        case 6: p.wishes[3].low = .5; break;
        case 7: p.strength = 1; break;
        default: break;
        }
        const WishResult result = fulfil(p, solveWithGlpk, [how] { return how == 8; });
        const auto* cannot = std::get_if<Cannot>(&result);
        QVERIFY(cannot);
        QCOMPARE(QString::fromLatin1(codeOf(cannot->code)), code);
    }

    // An oil below a share goes out or stays at it; a locked one stays.
    // What is offered costs what its offer says, or else what is known of it.
    void pricesOfOffers()
    {
        const Formula f = twoOils();
        const Reckoning r = std::get<Reckoning>(reckon(f));
        WishesAsked asked;
        auto butter = std::make_shared<Material>(*f.lines[0].material);
        butter->id = "butter";
        asked.prices["butter"] = 0.02;
        asked.offered = {{butter, 0.05, {}}, {butter, 0.0, 100.0}};
        const WishProblem p = problemOf(f, r, asked);
        QCOMPARE(p.oils.size(), f.lines.size() + 2);
        QCOMPARE(p.oils[f.lines.size()].price, 0.05);
        QVERIFY(!p.oils[f.lines.size()].most);
        QCOMPARE(p.oils[f.lines.size() + 1].price, 0.02);
        QCOMPARE(p.oils[f.lines.size() + 1].most, std::optional(100.0));
    }

    void wholesAndLocks()
    {
        WishProblem p = problemNamed("J4").problem;
        p.outOrAtLeast = 0.08;
        const auto answer = std::get<WishAnswer>(fulfil(p, solveWithGlpk));
        for (std::size_t i = 0; i < answer.oils.size(); ++i)
            QVERIFY(answer.oils[i] < 1e-6 || answer.oils[i] > 80 - 1e-6);
        WishProblem locked = problemNamed("J1").problem;
        std::size_t olive = 0;
        while (locked.oils[olive].material->name != "olive")
            ++olive;
        locked.oils[olive].moves = Gladly::Never;
        QVERIFY(std::abs(std::get<WishAnswer>(fulfil(locked, solveWithGlpk)).oils[olive] - 450) <
                1e-6);
    }

    // A programme of bad figures is never handed on.
    void solverChecksFigures()
    {
        LinearProgramme lp;
        lp.columns.push_back({0, 1, std::numeric_limits<double>::infinity(), false});
        QCOMPARE(solveWithGlpk(lp).outcome, LinearAnswer::Outcome::Failed);
        lp.columns[0].cost = 1;
        lp.rows.push_back({{{5, 1.0}}, 0.0, {}});
        QCOMPARE(solveWithGlpk(lp).outcome, LinearAnswer::Outcome::Failed);
        lp.rows[0] = {{{0, 1.0}}, 2.0, {}};
        QCOMPARE(solveWithGlpk(lp).outcome, LinearAnswer::Outcome::Impossible);
        lp.rows[0] = {{{0, 1.0}, {0, 1.0}}, 1.0, {}};
        QCOMPARE(solveWithGlpk(lp).columns.at(0), 0.5);
    }
};

QTEST_APPLESS_MAIN(TestWishes)
#include "tst_wishes.moc"
