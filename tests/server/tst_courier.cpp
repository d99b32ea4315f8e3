// The bench in the program and a real server: joined by the panel, in step by itself, going on
// while the server is away, and caught up when it is back.
#include "server/postgres.h"

#include "app/benches/benches_window.h"
#include "core/makeday/plan.h"
#include "models/batches_model.h"
#include "storage/event_json.h"
#include "support/window.h"

#include <QLabel>
#include <QPushButton>

using namespace rhexion;
using namespace rhexion::test;

namespace {

constexpr int patience = 20'000; // ms; machines are noisy

int eventsOn(Postgres& postgres)
{
    return postgres.say(QStringLiteral("SELECT count(*) FROM rhexion.event")).toInt();
}

} // namespace

class TestCourier : public QObject {
    Q_OBJECT
    std::unique_ptr<Postgres> postgres_;

    ServerPlace asMaker() const { return postgres_->place("ann"); }

private Q_SLOTS:
    void initTestCase()
    {
        postgres_ = std::make_unique<Postgres>();
        QVERIFY(!EventServer::init(postgres_->place()));
        postgres_->say("CREATE ROLE ann LOGIN IN ROLE rhexion_maker;"
                       "CREATE ROLE rob LOGIN IN ROLE rhexion_reader;");
    }

    void triedBeforeJoining_data()
    {
        QTest::addColumn<QString>("user");
        QTest::addColumn<bool>("there");
        QTest::addColumn<QString>("said");
        QTest::newRow("maker") << "ann" << true << "may write there";
        QTest::newRow("reader") << "rob" << true << "may not write";
        QTest::newRow("nobody knows her") << "eve" << true << "does not answer";
        QTest::newRow("no server") << "ann" << false << "does not answer";
    }
    void triedBeforeJoining()
    {
        QFETCH(QString, user);
        QFETCH(bool, there);
        Shop shop;
        BenchesWindow& window = shop.window->benches();
        window.show();
        window.host()->setText(there ? postgres_->place().host : QStringLiteral("/nowhere"));
        window.user()->setText(user);
        window.tryButton()->click();
        QTRY_VERIFY_WITH_TIMEOUT(window.tryButton()->isEnabled(), patience);
        QFETCH(QString, said);
        QVERIFY2(window.said().contains(said), qPrintable(window.said()));
        QVERIFY(window.said().contains(QStringLiteral("to itself"))); // nothing is joined yet
    }

    void inStepAndAway()
    {
        Shop shop;
        MainWindow& bench = *shop.window;
        shop.make(0);
        BenchesWindow& window = bench.benches();
        window.host()->setText(postgres_->place().host);
        window.user()->setText(QStringLiteral("ann"));
        window.joinButton()->click();
        const auto inStep = [&] { return window.said().contains(QStringLiteral("In step")); };
        QTRY_VERIFY_WITH_TIMEOUT(inStep(), patience);
        QVERIFY(eventsOn(*postgres_) > 0);

        // Another bench makes a batch: it is in this journal by itself, and seen.
        bench.goTo(MainWindow::JournalPlace);
        const int before = bench.journalPage().batches().rowCount({});
        QTemporaryDir elsewhere;
        auto opened = SqliteJournal::open(elsewhere.filePath(QStringLiteral("journal.sqlite")));
        SqliteJournal& other = *std::get<std::unique_ptr<SqliteJournal>>(opened);
        auto reached = EventServer::open(asMaker());
        EventServer& server = *std::get<std::unique_ptr<EventServer>>(reached);
        const Formula f = demo(demoNames[2]);
        const Reckoning r = std::get<Reckoning>(reckon(f));
        const QDateTime noon(QDate(2026, 5, 1), QTime(12, 0), Qt::UTC);
        const std::string batch = newId();
        QVERIFY(!other.append(
            {eventAt(noon, batch, other.bench(), BatchBegun{f, r.amounts, planDay(f, r)})}));
        QVERIFY(std::holds_alternative<Exchanged>(exchange(other, server)));
        QTRY_COMPARE_WITH_TIMEOUT(bench.journalPage().batches().rowCount({}), before + 1, patience);

        // What is written here is passed on by itself.
        int there = eventsOn(*postgres_);
        const auto note = [&](const char* text) {
            return bench.journal()->append(
                {eventAt(noon, batch, bench.journal()->bench(), Noted{text})});
        };
        QVERIFY(!note("from here"));
        QTRY_COMPARE_WITH_TIMEOUT(eventsOn(*postgres_), there + 1, patience);

        // So are jars, both ways.
        const auto jarsOn = [&] {
            return postgres_->say(QStringLiteral("SELECT count(*) FROM rhexion.shelf_event"))
                .toInt();
        };
        LotRecord lot;
        lot.material = f.lines[0].material->id;
        lot.lot.name = "from here";
        lot.got = noon.date();
        Shelf& shelf = *bench.stock().shelf();
        QVERIFY(std::holds_alternative<std::string>(shelf.keepLot(lot)));
        QTRY_COMPARE_WITH_TIMEOUT(jarsOn(), 1, patience);
        auto abroad = Shelf::open(elsewhere.filePath(QStringLiteral("shelf.sqlite")));
        ShelfExchange jars(*std::get<std::unique_ptr<Shelf>>(abroad), other.bench());
        lot.lot.name = "from the other bench";
        const auto kept = std::get<std::unique_ptr<Shelf>>(abroad)->keepLot(lot);
        QVERIFY(std::holds_alternative<Exchanged>(exchange(jars, server)));
        const auto& entries = bench.stock().entries();
        const auto here = [&] {
            return std::ranges::any_of(
                entries, [&](const StockEntry& e) { return e.lot == std::get<std::string>(kept); });
        };
        QTRY_VERIFY_WITH_TIMEOUT(here(), patience);
        QVERIFY(!shelf.setClosed(std::get<std::string>(kept), true));
        QTRY_COMPARE_WITH_TIMEOUT(jarsOn(), 3, patience);

        // The server is away: nothing waits for it, and what waits is said.
        postgres_->stop(QStringLiteral("immediate"));
        QVERIFY(!note("while it is away"));
        QTRY_VERIFY_WITH_TIMEOUT(window.said().contains(QStringLiteral("does not answer")) &&
                                     window.said().contains(QStringLiteral("wait")),
                                 patience);
        QVERIFY2(shop.said().contains(QStringLiteral("The other benches")),
                 qPrintable(shop.said()));
        QVERIFY(!note("and once more"));
        postgres_->start();
        QTRY_VERIFY_WITH_TIMEOUT(inStep(), 2 * patience);
        QVERIFY(!shop.said().contains(QStringLiteral("The other benches")));
        QCOMPARE(eventsOn(*postgres_), there + 3);

        // Left: nothing more is passed on, and all of it stays here.
        window.joinButton()->click();
        QVERIFY(window.said().contains(QStringLiteral("to itself")));
        QVERIFY(!note("alone"));
        QTest::qWait(800);
        QCOMPARE(eventsOn(*postgres_), there + 3);
        QVERIFY(
            std::holds_alternative<Batch>(bench.journal()->batch(QString::fromStdString(batch))));
    }

    // Joined once, joined again at the next start.
    void joinedAgain()
    {
        Shop shop;
        QVERIFY(shop.window->journal());
        shop.window->workshop().benches().join(asMaker(), false);
        QVERIFY(QSettings().value(QStringLiteral("server/joined")).toBool());
        QVERIFY(!QSettings().allKeys().join(QLatin1Char(' ')).contains("password"));
        shop.window.reset();
        Workshop next(Places{shop.dir.path(), false},
                      [] { return QDateTime::currentDateTimeUtc(); });
        QVERIFY(next.journal());
        next.benches().begin();
        QTRY_VERIFY_WITH_TIMEOUT(next.benches().courier() &&
                                     next.benches().courier()->latest().state ==
                                         CourierNews::State::InStep,
                                 patience);
        next.benches().leave();
    }
};

QTEST_MAIN(TestCourier)
#include "tst_courier.moc"
