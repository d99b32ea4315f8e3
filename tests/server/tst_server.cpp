// Several benches and one server, a real one: whatever is cut, killed or written twice, every bench
// comes to the same journal, nothing is lost and nothing is there twice.
#include "server/cutting_proxy.h"
#include "server/postgres.h"

#include "core/makeday/plan.h"
#include "server/server_journal.h"
#include "storage/event_json.h"
#include "storage/shared_lot.h"
#include "storage/shelf_exchange.h"
#include "storage/shelf_tables.h"
#include "storage/stock_now.h"
#include "support/files.h"
#include "support/must.h"
#include "support/random_after.h"
#include "support/raw_sql.h"

#include <algorithm>
#include <memory>

using namespace rhexion;
using namespace rhexion::test;

namespace {

constexpr auto ofJournal = EventStore::Kind::Journal;
constexpr auto ofShelf = EventStore::Kind::Shelf;
const QDateTime noon(QDate(2026, 5, 1), QTime(12, 0), Qt::UTC);

int codeOf(const std::optional<FileFault>& fault)
{
    return fault ? int(fault->code) : -1;
}

} // namespace

class TestServer : public QObject {
    Q_OBJECT
    std::unique_ptr<Postgres> postgres_;
    QTemporaryDir dir_;
    int files_ = 0;

    std::unique_ptr<SqliteJournal> bench()
    {
        return must(SqliteJournal::open(dir_.filePath(QStringLiteral("%1.sqlite").arg(++files_))));
    }
    std::unique_ptr<EventServer> server(const char* user = "head")
    {
        return must(EventServer::open(postgres_->place(user)));
    }
    // Begun and weighed, by this bench.
    static std::string begin(SqliteJournal& journal, int demoName)
    {
        const Formula f = demo(demoNames[demoName]);
        const Reckoning r = std::get<Reckoning>(reckon(f));
        const DayPlan plan = planDay(f, r);
        const std::string id = newId();
        QList<Event> all{eventAt(noon, id, journal.bench(), BatchBegun{f, r.amounts, plan})};
        for (const DayStep& step : plan.steps)
            if (step.weighs())
                all << eventAt(noon.addSecs(60), id, journal.bench(),
                               WeighedNow{{step.target, step.plannedGrams}, step.plannedGrams});
        if (journal.append(all))
            qFatal("a batch cannot begin");
        return id;
    }
    static void write(SqliteJournal& journal, const std::string& batch, Happening what,
                      const QDateTime& when = noon)
    {
        if (journal.append({eventAt(when, batch, journal.bench(), std::move(what))}))
            qFatal("an event cannot be written");
    }
    // Everything a bench knows, but for its own counting.
    static QStringList knows(const SqliteJournal& journal)
    {
        QStringList out;
        for (const BatchSummary& s : must(journal.batches())) {
            out << s.id + s.name + QString::number(int(s.state)) +
                       QString::number(s.superfat.value_or(-1.0));
            for (const Event& e : must(journal.events(s.id)))
                out << QString::fromStdString(e.id) + kindOf(e.what);
        }
        for (const DrawOf& d : must(journal.draws({}, 0)))
            out << d.batch + QString::fromStdString(d.material) + QString::number(d.grams);
        for (const LessonOf& l : must(journal.lessons({})))
            out << QString::fromStdString(l.event);
        for (const ToldBatch& told : must(journal.told(100)))
            for (const std::string& fact : told.facts)
                out << QString::fromStdString(told.batch + fact);
        return out;
    }

private Q_SLOTS:
    void initTestCase() { postgres_ = std::make_unique<Postgres>(); }
    void init()
    {
        postgres_->say("DROP SCHEMA IF EXISTS rhexion CASCADE");
        QCOMPARE(codeOf(EventServer::init(postgres_->place())), -1);
    }

    void schemaAndRoles()
    {
        QCOMPARE(codeOf(EventServer::init(postgres_->place())), -1); // again: it stays
        postgres_->say("CREATE ROLE ann LOGIN IN ROLE rhexion_maker;"
                       "CREATE ROLE rob LOGIN IN ROLE rhexion_reader;");
        const RawEvent event{"e", "b", "ann", 1, 0, "noted", "{}"};
        QCOMPARE(codeOf(server("ann")->append(ofJournal, {event})), -1);
        QCOMPARE(codeOf(server("rob")->append(ofJournal, {{"f", "b", "rob", 1, 0, "noted", "{}"}})),
                 int(FileFault::Code::ReadOnly));
        QCOMPARE(must(server("rob")->after(ofJournal, 0, 10)).size(), 1);
        // Nobody edits or takes away, not even its head.
        for (const char* sql :
             {"UPDATE rhexion.event SET data = '[]'", "DELETE FROM rhexion.event"})
            postgres_->say(QLatin1String(sql));
        QCOMPARE(must(server()->after(ofJournal, 0, 10))[0].event.data, QStringLiteral("{}"));
        postgres_->say("UPDATE rhexion.about SET value = '9'");
        const auto newer = EventServer::open(postgres_->place());
        QCOMPARE(int(std::get<FileFault>(newer).code), int(FileFault::Code::Newer));
        postgres_->say("DROP SCHEMA rhexion CASCADE");
        const auto none = EventServer::open(postgres_->place());
        QCOMPARE(int(std::get<FileFault>(none).code), int(FileFault::Code::NotOurs));
    }

    // Three benches that write while the others are away, in any order of meeting.
    void allComeToTheSame()
    {
        std::vector<std::unique_ptr<SqliteJournal>> benches;
        for (int i = 0; i < 3; ++i)
            benches.push_back(bench());
        auto on = server();
        std::vector<std::string> batches;
        for (int i = 0; i < 3; ++i)
            batches.push_back(begin(*benches[std::size_t(i)], i));
        for (int round = 0; round < 2; ++round)
            for (auto& one : benches)
                must(exchange(*one, *on));
        RandomAfter random(5);
        for (int i = 0; i < 120; ++i) {
            SqliteJournal& one = *benches[std::size_t(random.whole(0, 2))];
            const std::string& batch = batches[std::size_t(random.whole(0, 2))];
            // One bench's clock is an hour off.
            const QDateTime when = noon.addSecs(100 + i + (&one == benches[1].get() ? 3600 : 0));
            switch (i % 4) {
            case 0: write(one, batch, Noted{"note " + std::to_string(i)}, when); break;
            case 1:
                write(one, batch, After{when.toMSecsSinceEpoch(), random.next({}, {}), 0}, when);
                break;
            case 2:
                if (must(one.batch(QString::fromStdString(batch))).state == BatchState::Making &&
                    i > 60)
                    write(one, batch, BatchFinished{0.05, 0.3, 1000.0 + i}, when);
                break;
            default:
                if (random.whole(0, 3) == 0)
                    must(exchange(one, *on));
            }
        }
        for (int round = 0; round < 2; ++round)
            for (auto& one : benches)
                must(exchange(*one, *on));
        const QStringList first = knows(*benches[0]);
        QVERIFY(first.size() > 100);
        for (auto& one : benches) {
            QCOMPARE(knows(*one), first);
            QVERIFY(must(one->unsent(9)).isEmpty());
            const QStringList before = knows(*one);
            QVERIFY(!one->rebuild()); // from the events alone
            QCOMPARE(knows(*one), before);
        }
        // Once more moves nothing.
        const Exchanged again = must(exchange(*benches[0], *on));
        QCOMPARE(again.fetched + again.sent, 0);
    }

    // The server dies in the middle, again and again, and its connections are cut: what a bench
    // wrote is there once in the end.
    void killedAndCut()
    {
        auto one = bench();
        auto other = bench();
        const std::string batch = begin(*one, 0);
        for (int i = 0; i < 400; ++i)
            write(*one, batch, Noted{"line " + std::to_string(i)});
        const auto whole = must(one->events(QString::fromStdString(batch))).size();
        for (int round = 0; round < 4; ++round) {
            auto on = server();
            must(exchange(*other, *on));
            write(*one, batch, Noted{"round " + std::to_string(round)});
            if (round % 2 == 0)
                postgres_->stop(QStringLiteral("immediate"));
            else
                postgres_->say("SELECT pg_terminate_backend(pid) FROM pg_stat_activity WHERE"
                               " usename = 'head' AND pid <> pg_backend_pid()");
            QVERIFY(std::holds_alternative<FileFault>(exchange(*one, *on)));
            if (round % 2 == 0)
                postgres_->start();
        }
        auto on = server();
        must(exchange(*one, *on));
        must(exchange(*other, *on));
        QCOMPARE(must(other->events(QString::fromStdString(batch))).size(), whole + 4);
        QCOMPARE(knows(*other), knows(*one));
        QCOMPARE(postgres_->say("SELECT count(*) - count(DISTINCT id) FROM rhexion.event"), "0");
    }

    // Lots and own materials: two benches that had jars of the same number before, a jar changed
    // at both at once, and drawn from at both.
    void shelvesComeToTheSame()
    {
        struct Bench {
            std::unique_ptr<SqliteJournal> journal;
            std::unique_ptr<Shelf> shelf;
            std::unique_ptr<ShelfExchange> events;
        };
        std::vector<Bench> benches(2);
        const Formula f = demo(demoNames[0]);
        const MaterialPtr fat = f.lines[0].material;
        for (Bench& one : benches) {
            one.journal = bench();
            const QString path = dir_.filePath(QStringLiteral("shelf%1.sqlite").arg(++files_));
            const QString old =
                QStringLiteral("INSERT INTO lot (id, material, name, got, remaining) VALUES"
                               " (1, '%1', 'jar of %2', '2026-01-05', 1000)");
            QCOMPARE(
                rawSql(path, shelf_tables::migration(1) + shelf_tables::migration(2) +
                                 QStringList{old.arg(QString::fromStdString(fat->id)).arg(files_),
                                             QStringLiteral("PRAGMA user_version = 2")}),
                QString());
            one.shelf = must(Shelf::open(path));
            one.events = std::make_unique<ShelfExchange>(*one.shelf, one.journal->bench());
        }
        auto on = server();
        const auto meet = [&] {
            for (int round = 0; round < 2; ++round)
                for (Bench& one : benches) {
                    must(exchange(*one.journal, *on));
                    must(exchange(*one.events, *on));
                }
        };
        Shelf& here = *benches[0].shelf;
        Shelf& there = *benches[1].shelf;
        Material mine = *fat;
        mine.id = "own-a";
        mine.name = "A fat of our own";
        QVERIFY(!here.keep({mine}));
        meet();
        QCOMPARE(there.lots().size(), std::size_t(2));
        QVERIFY(there.findMaterial("own-a"));
        const std::string abroad = sharedLot("1", benches[0].journal->bench().toStdString());
        QVERIFY(there.findLot(abroad) && there.findLot("1"));
        QCOMPARE(there.findLot(abroad)->lot.name, here.findLot("1")->lot.name);

        // At both at once: a note here, a price there; and a count of each, the later one stands.
        LotRecord noted = *here.findLot("1");
        noted.notes = QStringLiteral("opened");
        noted.leftGrams = 900;
        must(here.keepLot(noted));
        LotRecord priced = *there.findLot(abroad);
        priced.price = 4.5;
        priced.leftGrams = 800;
        must(there.keepLot(priced));
        QVERIFY(!there.setArchived("own-a", true));
        meet();
        for (const LotRecord* lot : {here.findLot("1"), there.findLot(abroad)}) {
            QCOMPARE(lot->notes, QStringLiteral("opened"));
            QCOMPARE(*lot->price, 4.5);
            QCOMPARE(*lot->leftGrams, 800.0);
        }
        QVERIFY(here.findMaterial("own-a")->archived);

        // Each takes 500 g out of the one jar of 800 g.
        for (Bench& one : benches) {
            Formula with = f;
            Material jar = *fat;
            const bool first = &one == &benches[0];
            jar.lot = {first ? "1" : abroad, "jar"};
            with.lines[0].material = std::make_shared<const Material>(jar);
            const Reckoning r = std::get<Reckoning>(reckon(with));
            const std::string id = newId();
            const QDateTime now = QDateTime::currentDateTimeUtc().addSecs(60);
            const LineId line = with.lines[0].id;
            QVERIFY(!one.journal->append(
                {eventAt(now, id, one.journal->bench(),
                         BatchBegun{with, r.amounts, planDay(with, r)}),
                 eventAt(now, id, one.journal->bench(),
                         WeighedNow{{{WeighTarget::What::Line, line}, 500.0}, 500.0})}));
        }
        meet();
        for (Bench& one : benches) {
            const auto jars = must(jarsOf(*one.shelf, *one.journal, fat->id));
            const std::string name = &one == &benches[0] ? "1" : abroad;
            const auto found = std::ranges::find(jars, name, &JarOf::lot);
            QVERIFY(found != jars.end());
            QCOMPARE(found->now.grams.value(), -200.0); // both draws stand
            const auto now = must(
                stockNow(*one.shelf, *one.journal, AfterTerms{}, QDateTime::currentDateTimeUtc()));
            QVERIFY(std::ranges::find(now.short_, name, &JarOf::lot) != now.short_.end());
        }
        // Own jar 1 of the second bench was drawn from by nobody.
        const auto jars = must(jarsOf(there, *benches[1].journal, fat->id));
        QCOMPARE(std::ranges::find(jars, std::string("1"), &JarOf::lot)->now.grams.value(), 1000.0);
    }

    // A server of before there were shelves: said, brought up to date, and nothing is lost.
    void olderServer()
    {
        auto one = bench();
        begin(*one, 0);
        auto on = server();
        must(exchange(*one, *on));
        on.reset();
        postgres_->say("DROP TABLE rhexion.shelf_event, rhexion.batch CASCADE;"
                       "DROP FUNCTION rhexion.lists() CASCADE;"
                       "UPDATE rhexion.about SET value = '1'");
        const auto older = EventServer::open(postgres_->place());
        QCOMPARE(int(std::get<FileFault>(older).code), int(FileFault::Code::Older));
        QCOMPARE(codeOf(EventServer::init(postgres_->place())), -1);
        const auto journal = must(ServerJournal::open(postgres_->place(), QStringLiteral("desk")));
        QVERIFY(must(journal->batches()) == must(one->batches()));
        QVERIFY(must(server()->after(ofShelf, 0, 9)).isEmpty());
        postgres_->say("UPDATE rhexion.about SET value = '9'");
        QCOMPARE(codeOf(EventServer::init(postgres_->place())), int(FileFault::Code::Newer));
    }

    // Another server than before, or the same from an older backup: every bench says all of its own
    // again, and all come to the same.
    void setBack_data()
    {
        QTest::addColumn<QString>("sql");
        QTest::addColumn<bool>("meanwhile");
        const QString back = QStringLiteral("ALTER TABLE rhexion.event DISABLE TRIGGER event_stays;"
                                            "DELETE FROM rhexion.event WHERE place > 12;"
                                            "ALTER TABLE rhexion.event ENABLE TRIGGER event_stays;"
                                            "SELECT setval('rhexion.event_place_seq', 12)");
        QTest::newRow("begun anew") << QString() << false;
        QTest::newRow("an older backup") << back << false;
        QTest::newRow("an older backup, and others wrote before") << back << true;
    }
    void setBack()
    {
        QFETCH(QString, sql);
        QFETCH(bool, meanwhile);
        auto one = bench();
        auto other = bench();
        auto third = bench();
        const auto meet = [&] {
            for (int round = 0; round < 2; ++round)
                for (SqliteJournal* each : {one.get(), other.get(), third.get()})
                    must(exchange(*each, *server()));
        };
        const std::string batch = begin(*one, 0);
        meet();
        const std::string second = begin(*other, 1);
        meet();
        for (int i = 0; i < 20; ++i)
            write(i % 2 ? *one : *other, i % 3 ? batch : second, Noted{"n" + std::to_string(i)});
        meet();
        const QStringList before = knows(*one);
        if (sql.isEmpty()) {
            postgres_->say("DROP SCHEMA rhexion CASCADE");
            QCOMPARE(codeOf(EventServer::init(postgres_->place())), -1);
        } else {
            postgres_->say(sql);
        }
        if (meanwhile) { // a bench that was never there takes the places that were given before
            auto fourth = bench();
            begin(*fourth, 2);
            must(exchange(*fourth, *server()));
            meet();
            must(exchange(*fourth, *server()));
            QCOMPARE(knows(*fourth), knows(*one));
        }
        meet();
        QStringList now = knows(*one);
        QCOMPARE(knows(*other), now);
        QCOMPARE(knows(*third), now);
        if (!meanwhile) {
            now.sort();
            QStringList then = before;
            then.sort();
            QCOMPARE(now, then); // nothing is lost
        }
        QCOMPARE(postgres_->say("SELECT count(*) - count(DISTINCT id) FROM rhexion.event"), "0");
        QVERIFY(must(one->unsent(9)).isEmpty());
    }

    // The connection is cut at every single message to the server, from the first to the last of a
    // whole exchange of journal and shelf.
    void cutEverywhere_data()
    {
        QTest::addColumn<bool>("serverHasIt");
        QTest::newRow("before the server has it") << false;
        QTest::newRow("before the answer is here") << true;
    }
    void cutEverywhere()
    {
        QFETCH(bool, serverHasIt);
        CuttingProxy proxy(postgres_->place().host);
        ServerPlace through = postgres_->place();
        through.host = proxy.host();
        auto one = bench();
        auto other = bench();
        auto shelf = must(Shelf::open(dir_.filePath(QStringLiteral("s%1").arg(++files_))));
        auto otherShelf = must(Shelf::open(dir_.filePath(QStringLiteral("s%1").arg(++files_))));
        ShelfExchange jars(*shelf, one->bench());
        ShelfExchange otherJars(*otherShelf, other->bench());
        const std::string batch = begin(*one, 0);
        must(exchange(*one, *server()));
        must(exchange(*other, *server()));
        const auto whole = [&](EventServer& on, EventStore& journal, EventStore& lots) {
            return std::holds_alternative<Exchanged>(exchange(journal, on)) &&
                   std::holds_alternative<Exchanged>(exchange(lots, on));
        };
        int cuts = 0;
        for (bool reached = true; reached; ++cuts) {
            // Something to pass on and something to fetch, of both files.
            const std::string number = std::to_string(cuts);
            for (SqliteJournal* each : {one.get(), other.get()})
                write(*each, batch, Noted{"note " + number});
            for (Shelf* each : {shelf.get(), otherShelf.get()}) {
                LotRecord lot;
                lot.material = "olive-oil";
                lot.lot.name = number;
                must(each->keepLot(lot));
            }
            QVERIFY(whole(*server(), *other, otherJars));
            proxy.cutAt(cuts + 1, serverHasIt);
            bool good = false;
            {
                auto opened = EventServer::open(through);
                if (auto* on = std::get_if<std::unique_ptr<EventServer>>(&opened))
                    good = whole(**on, *one, jars);
                reached = proxy.hasCut();
                QVERIFY(good || reached); // the last words of a whole exchange need no answer
            }
            proxy.cutAt(0, false);
            QVERIFY(whole(*server(), *one, jars));
            QVERIFY(whole(*server(), *other, otherJars));
            QCOMPARE(knows(*one), knows(*other));
            QVERIFY(shelf->lots() == otherShelf->lots());
            QCOMPARE(shelf->lots().size(), std::size_t(2 * (cuts + 1)));
        }
        qInfo("%d messages", cuts - 1);
        QVERIFY(cuts > 30);
        QCOMPARE(postgres_->say("SELECT count(*) - count(DISTINCT id) FROM rhexion.event"), "0");
        QCOMPARE(postgres_->say("SELECT count(*) FROM rhexion.shelf_event").toInt(), 2 * cuts);
    }

    // By hand, as the document says.
    void commands()
    {
        auto one = bench();
        begin(*one, 0);
        one.reset();
        const QString file = dir_.filePath(QStringLiteral("%1.sqlite").arg(files_));
        const QString address =
            QStringLiteral("postgresql://head@/rhexion?host=") + postgres_->place().host;
        const auto cli = [](const QStringList& words, int code) {
            QProcess process;
            process.start(QStringLiteral(RHEXION_CLI), QStringList{"journal"} + words);
            process.waitForFinished(30000);
            if (process.exitCode() != code)
                qWarning("%s", process.readAllStandardError().constData());
            return process.readAllStandardOutput() + process.readAllStandardError();
        };
        postgres_->say("DROP SCHEMA rhexion CASCADE");
        QVERIFY(cli({"server", "check", address}, 1).contains("no journal yet"));
        QVERIFY(cli({"server", "init", address}, 0).contains("rhexion_maker"));
        QVERIFY(cli({"server", "check", address}, 0).contains("empty"));
        QVERIFY(cli({"exchange", file, address}, 0).contains("From other benches: 0"));
        QVERIFY(cli({"server", "check", address}, 0).contains("can be read"));
        QVERIFY(cli({"exchange", file, address}, 0).contains("Passed on: 0"));
        // What only looks takes a server in the place of a file.
        QCOMPARE(cli({"list", address}, 0), cli({"list", file}, 0));
        QVERIFY(cli({"list", "postgresql://nobody@/rhexion?host=/nowhere"}, 1)
                    .contains("does not answer"));
        QVERIFY(cli({"exchange", file, "postgresql://head:secret@x/y"}, 1).contains("password"));
        QVERIFY(cli({"exchange", file, "mysql://x"}, 1).contains("no address"));
        QVERIFY(cli({"server", "eat", address}, 2).contains("init"));
        postgres_->stop(QStringLiteral("fast"));
        QVERIFY(cli({"exchange", file, address}, 1).contains("does not answer"));
        postgres_->start();
    }

    void hostileEvents()
    {
        auto one = bench();
        auto on = server();
        const std::string batch = begin(*one, 0);
        must(exchange(*one, *on));
        const QString id = QString::fromStdString(batch);
        const QString text = QStringLiteral("'); DROP TABLE rhexion.event; -- \\ \" %s 💥 \u202e");
        QList<RawEvent> events;
        for (const QString& data : {QStringLiteral("{}"), QStringLiteral("not JSON"), text,
                                    QString(100000, 'x'), QStringLiteral("{\"text\":\"good\"}")})
            events.append({QString::fromStdString(newId()), id, text.left(60), 1, 99999,
                           QStringLiteral("noted"), data});
        events.append({QString::fromStdString(newId()), text, text.left(60), -1, 0, text.left(50),
                       QStringLiteral("")});
        // A second beginning of a batch that is there.
        events.append({QString::fromStdString(newId()), id, QStringLiteral("x"), 1, 0,
                       QStringLiteral("begun"), QStringLiteral("{}")});
        RawEvent twice = must(on->after(ofJournal, 0, 1))[0].event; // one that can be read
        twice.id = QString::fromStdString(newId());
        events.append(twice);
        QCOMPARE(codeOf(on->append(ofJournal, events)), -1);
        QCOMPARE(codeOf(on->append(ofJournal, {{QString(200, 'i'), id, "x", 1, 0, "noted", "{}"}})),
                 int(FileFault::Code::OutOfRange));
        must(exchange(*one, *on));
        const Batch folded = must(one->batch(id));
        QCOMPARE(folded.notes.size(), std::size_t(1));
        QVERIFY(folded.unreadable.size() >= 3); // kept as they are
        QCOMPARE(must(one->batches()).size(), 1);
        // What nobody here can read is passed on whole.
        auto other = bench();
        must(exchange(*other, *on));
        QCOMPARE(knows(*other), knows(*one));
    }
};

QTEST_APPLESS_MAIN(TestServer)
#include "tst_server.moc"
