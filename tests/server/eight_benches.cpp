// Eight benches that write ten events a second each while the server dies now and then and one
// clock is an hour off: rhexion-eight-benches [MINUTES] [BENCHES] [PER-SECOND]. Says how long an
// event took to be seen on every bench, and whether all came to the same in the end; ends with 1 if
// not.
#include "server/postgres.h"

#include "core/advice/reckon.h"
#include "core/makeday/plan.h"
#include "storage/event_json.h"
#include "support/files.h"

#include <QCoreApplication>
#include <QElapsedTimer>
#include <QFileInfo>
#include <QMutex>
#include <QThread>

#include <algorithm>
#include <atomic>
#include <cstdio>

using namespace rhexion;
using namespace rhexion::test;

namespace {

// When each event was written, and how long it took until the last bench had it.
class Waits {
public:
    explicit Waits(int benches) : benches_(benches) {}
    void wrote(const std::string& id)
    {
        const QMutexLocker lock(&mutex_);
        events_[id] = {clock_.elapsed(), 1};
    }
    void took(const QString& id)
    {
        const QMutexLocker lock(&mutex_);
        const auto found = events_.find(id.toStdString());
        if (found == events_.end() || ++found->second.benches < benches_)
            return;
        waits_.push_back(double(clock_.elapsed() - found->second.at) / 1000.0);
        events_.erase(found);
    }
    std::vector<double> waits() const { return waits_; }
    void begin() { clock_.start(); }

private:
    struct One {
        qint64 at;
        int benches;
    };
    int benches_;
    QMutex mutex_;
    QElapsedTimer clock_;
    std::map<std::string, One> events_;
    std::vector<double> waits_;
};

class Bench : public QThread {
public:
    Bench(int number, QString file, ServerPlace place, int perSecond, Waits& seen)
        : number_(number), file_(std::move(file)), place_(std::move(place)), perSecond_(perSecond),
          seen_(seen)
    {
    }
    std::atomic<bool> writing{true};
    int written = 0;
    int cut = 0; // rounds that failed

protected:
    void run() override
    {
        auto opened = SqliteJournal::open(file_);
        SqliteJournal& journal = *std::get<std::unique_ptr<SqliteJournal>>(opened);
        std::unique_ptr<EventServer> server;
        const Formula f = demo(demoNames[number_ % int(std::size(demoNames))]);
        const Reckoning r = std::get<Reckoning>(reckon(f));
        std::string batch;
        QElapsedTimer clock;
        clock.start();
        for (int i = 0;;) {
            const bool over = !writing;
            // A batch is about a hundred events long, as a day is.
            while (!over && clock.elapsed() > i * 1000LL / perSecond_) {
                const bool begins = i % 100 == 0;
                if (begins)
                    batch = newId();
                const QDateTime now =
                    QDateTime::currentDateTimeUtc().addSecs(number_ == 3 ? 3600 : 0);
                const Event event =
                    eventAt(now, batch, journal.bench(),
                            begins ? Happening(BatchBegun{f, r.amounts, planDay(f, r)})
                                   : Happening(Noted{"bench " + std::to_string(number_) + ", " +
                                                     std::to_string(i)}));
                seen_.wrote(event.id);
                if (journal.append({event}))
                    std::fprintf(stderr, "bench %d could not write\n", number_);
                else
                    ++written;
                ++i;
            }
            if (!server) {
                auto reached = EventServer::open(place_);
                if (auto* there = std::get_if<std::unique_ptr<EventServer>>(&reached))
                    server = std::move(*there);
            }
            if (server) {
                const auto from = journal.last();
                const auto moved = exchange(journal, *server);
                if (std::holds_alternative<FileFault>(moved)) {
                    server.reset();
                    ++cut;
                } else {
                    for (const QString& id : journal.othersBehind(std::get<LastPlaced>(from).place))
                        seen_.took(id);
                }
            }
            if (over && server)
                break;
            msleep(50);
        }
    }

private:
    int number_;
    QString file_;
    ServerPlace place_;
    int perSecond_;
    Waits& seen_;
};

} // namespace

int main(int argc, char** argv)
{
    QCoreApplication app(argc, argv);
    const double minutes = argc > 1 ? std::atof(argv[1]) : 10.0;
    const int benches = argc > 2 ? std::atoi(argv[2]) : 8;
    const int perSecond = argc > 3 ? std::atoi(argv[3]) : 10;
    Postgres postgres;
    if (EventServer::init(postgres.place()))
        return 2;
    QTemporaryDir folder;
    Waits seen(benches);
    seen.begin();
    std::vector<std::unique_ptr<Bench>> all;
    for (int i = 0; i < benches; ++i) {
        all.push_back(std::make_unique<Bench>(i,
                                              folder.filePath(QStringLiteral("%1.sqlite").arg(i)),
                                              postgres.place(), perSecond, seen));
        all.back()->start();
    }
    QElapsedTimer clock;
    clock.start();
    int deaths = 0;
    const qint64 until = qint64(minutes * 60'000.0);
    for (qint64 next = until / 5; clock.elapsed() < until;) {
        QThread::msleep(100);
        if (clock.elapsed() < next || next > until * 4 / 5)
            continue;
        next += until / 5;
        postgres.stop(QStringLiteral("immediate"));
        QThread::msleep(2000);
        postgres.start();
        ++deaths;
    }
    for (auto& bench : all)
        bench->writing = false;
    int written = 0, cut = 0;
    for (auto& bench : all) {
        bench->wait();
        written += bench->written;
        cut += bench->cut;
    }
    // What was passed on last has to come to those who ended first.
    QStringList said;
    for (int i = 0; i < benches; ++i) {
        auto opened = SqliteJournal::open(folder.filePath(QStringLiteral("%1.sqlite").arg(i)));
        SqliteJournal& journal = *std::get<std::unique_ptr<SqliteJournal>>(opened);
        auto reached = EventServer::open(postgres.place());
        exchange(journal, *std::get<std::unique_ptr<EventServer>>(reached));
        QStringList rows;
        const auto batches = journal.batches();
        for (const BatchSummary& s : std::get<QList<BatchSummary>>(batches)) {
            const auto events = journal.events(s.id);
            for (const Event& e : std::get<QList<Event>>(events))
                rows << s.id + QString::fromStdString(e.id);
        }
        said << QStringLiteral("%1 %2")
                    .arg(rows.size())
                    .arg(qHash(rows.join(QLatin1Char('\n')), 0), 0, 16);
    }
    said.removeDuplicates();
    const int there = postgres.say(QStringLiteral("SELECT count(*) FROM rhexion.event")).toInt();
    const int twice =
        postgres.say(QStringLiteral("SELECT count(*) - count(DISTINCT id) FROM rhexion.event"))
            .toInt();
    std::vector<double> waits = seen.waits();
    std::ranges::sort(waits);
    const auto at = [&](double share) {
        return waits.empty() ? 0.0 : waits[std::size_t(share * double(waits.size() - 1))];
    };
    std::printf("%d benches, %.1f min, the server died %d times, %d rounds were cut\n", benches,
                minutes, deaths, cut);
    std::printf("written %d, on the server %d, twice %d, journals that differ %d\n", written, there,
                twice, int(said.size()) - 1);
    std::printf("until the last bench had it: half within %.2f s, 95 of 100 within %.2f s, the "
                "longest %.1f s\n",
                at(0.5), at(0.95), at(1.0));
    // One that joins now.
    const QString late = folder.filePath(QStringLiteral("late.sqlite"));
    {
        auto opened = SqliteJournal::open(late);
        auto reached = EventServer::open(postgres.place());
        QElapsedTimer joining;
        joining.start();
        exchange(*std::get<std::unique_ptr<SqliteJournal>>(opened),
                 *std::get<std::unique_ptr<EventServer>>(reached));
        std::printf("a bench that joins now has all of it after %.1f s\n",
                    double(joining.elapsed()) / 1000.0);
    }
    const int onServer =
        postgres.say(QStringLiteral("SELECT pg_total_relation_size('rhexion.event')")).toInt();
    std::printf("an event takes %d bytes on the server and %d on a bench\n", onServer / there,
                int(QFileInfo(late).size() / there));
    return written == there && twice == 0 && said.size() == 1 ? 0 : 1;
}
