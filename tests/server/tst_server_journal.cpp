// The contract of journals, kept by a real server; and a desk that only looks at it.
#include "server/postgres.h"
#include "server/server_journal.h"
#include "storage/journal_contract.h"
#include "storage/raw_event.h"

using namespace rhexion;
using namespace rhexion::test;

class TestServerJournal : public JournalContract {
    Q_OBJECT
    std::unique_ptr<Postgres> postgres_;

    void everyKind() override
    {
        QTest::addColumn<bool>("none");
        QTest::newRow("server") << true;
    }
    std::unique_ptr<Journal> make() override
    {
        postgres_->say("DROP SCHEMA IF EXISTS rhexion CASCADE");
        return EventServer::init(postgres_->place()) ? nullptr : another();
    }
    std::unique_ptr<Journal> another() override { return openAs("head"); }
    std::unique_ptr<Journal> openAs(const char* user)
    {
        auto opened = ServerJournal::open(postgres_->place(user), QStringLiteral("desk"));
        auto* journal = std::get_if<std::unique_ptr<ServerJournal>>(&opened);
        return journal ? std::move(*journal) : nullptr;
    }

private Q_SLOTS:
    void initTestCase() { postgres_ = std::make_unique<Postgres>(); }

    // A bench's file and the desk at the server say the same of the same events.
    void sameAsAFile()
    {
        auto desk = make();
        QVERIFY(desk);
        QTemporaryDir dir;
        auto opened = SqliteJournal::open(dir.filePath(QStringLiteral("journal.sqlite")));
        SqliteJournal& file = *std::get<std::unique_ptr<SqliteJournal>>(opened);
        for (int day = 0; day < 4; ++day) {
            const QString id = begin(file, noon.addDays(day));
            const TopUp splash{formula_.lines.back().material, Vessel::Trace, 12.0};
            QVERIFY(!file.append({at(id, weighed(321.5)), at(id, AddedBeside{splash}),
                                  at(id, Noted{"traced at noon"})}));
            if (day == 1)
                QVERIFY(!file.append({finished(id, noon.addDays(2))}));
            if (day == 2)
                QVERIFY(!file.append({at(id, BatchStopped{}, noon.addDays(3))}));
        }
        // This bench's clock and name are in no event of the contract's own.
        auto reached = EventServer::open(postgres_->place());
        EventServer& server = *std::get<std::unique_ptr<EventServer>>(reached);
        QList<RawEvent> raw;
        const auto made = file.batches();
        for (const BatchSummary& s : std::get<QList<BatchSummary>>(made)) {
            const auto events = file.events(s.id);
            for (const Event& e : std::get<QList<Event>>(events))
                raw.append(rawOf(e));
        }
        QVERIFY(!server.append(EventStore::Kind::Journal, raw));
        const auto said = [&](const Journal& journal) {
            return std::tuple(std::get<QList<BatchSummary>>(journal.batches()),
                              std::get<QList<BatchSummary>>(journal.batches(2)),
                              std::get<QList<BatchSummary>>(journal.unfinished()),
                              std::get<QList<BatchSummary>>(journal.batchesWith(first())),
                              std::get<QList<BatchSummary>>(journal.search("noon", 10)),
                              std::get<JournalSize>(journal.size()).events, journal.latest());
        };
        QVERIFY(said(*desk) == said(file));
        const auto draws = std::get<QList<DrawOf>>(file.draws({}, 0));
        QCOMPARE(std::get<QList<DrawOf>>(desk->draws({}, 0)).size(), draws.size());
    }

    void whoOnlyLooks()
    {
        auto desk = make();
        const QString id = begin(*desk, noon);
        postgres_->say("CREATE ROLE rob LOGIN IN ROLE rhexion_reader;"
                       "CREATE ROLE ann LOGIN IN ROLE rhexion_maker;");
        auto rob = openAs("rob");
        QVERIFY(rob);
        QCOMPARE(std::get<QList<BatchSummary>>(rob->batches()).size(), 1);
        const auto refused = rob->append({at(id, Noted{"not mine"})});
        QVERIFY(refused);
        QCOMPARE(int(refused->code), int(FileFault::Code::ReadOnly));
        QVERIFY(!openAs("ann")->append({at(id, Noted{"hers"})}));
        QCOMPARE(std::get<Batch>(rob->batch(id)).notes.size(), std::size_t(1));
        // Lists are the server's own: makers add events and change nothing else.
        postgres_->say("SET ROLE ann; UPDATE rhexion.batch SET name = 'x'");
        QCOMPARE(std::get<QList<BatchSummary>>(rob->batches())[0].name,
                 QString::fromStdString(formula_.name));
    }

    // What cannot be read is an event all the same, and closes no list.
    void unreadable()
    {
        auto desk = make();
        const QString id = begin(*desk, noon);
        auto reached = EventServer::open(postgres_->place());
        EventServer& server = *std::get<std::unique_ptr<EventServer>>(reached);
        QList<RawEvent> raw;
        for (const char* data : {"{", "[]", "\"\\u0000\"", R"({"superfat":"x","strength":[]})",
                                 R"({"strength":1e999})", R"({"formula":{"name":"\u0000"}})"})
            for (const char* kind : {"begun", "finished", "sung"})
                raw.append({QString::fromStdString(newId()),
                            QLatin1String(kind) == QLatin1String("begun")
                                ? QString::fromStdString(newId())
                                : id,
                            "x", 1, 0, QLatin1String(kind), QLatin1String(data)});
        QVERIFY(!server.append(EventStore::Kind::Journal, raw));
        const auto all = std::get<QList<BatchSummary>>(desk->batches());
        QCOMPARE(all.size(), 7); // what cannot be read stands in the list, without a name
        QCOMPARE(all[0].id, id);
        QVERIFY(std::holds_alternative<Batch>(desk->batch(id)));
        QCOMPARE(int(std::get<FileFault>(desk->batch(all[3].id)).code),
                 int(FileFault::Code::BadMaterial));
    }
};

QTEST_GUILESS_MAIN(TestServerJournal)
#include "tst_server_journal.moc"
