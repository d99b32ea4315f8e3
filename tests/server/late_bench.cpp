// A bench that joins late: a server that already holds so many events, and how long until the new
// bench has them all; then a page of its journal, and the same page from a desk at the server.
//   rhexion-late-bench [EVENTS] [EVENTS-PER-BATCH]
#include "server/postgres.h"

#include "core/makeday/plan.h"
#include "server/server_journal.h"
#include "storage/event_json.h"
#include "storage/raw_event.h"
#include "support/files.h"
#include "support/must.h"

#include <QCoreApplication>
#include <QElapsedTimer>
#include <QFileInfo>

#include <cstdio>

using namespace rhexion;
using namespace rhexion::test;

namespace {

// Batches of the demo formulas, one after another, each begun, noted, and but for the last five
// finished.
void fill(EventServer& server, int events, int perBatch)
{
    std::vector<Happening> begun;
    for (const char* name : demoNames) {
        const Formula f = demo(name);
        const Reckoning r = std::get<Reckoning>(reckon(f));
        begun.push_back(BatchBegun{f, r.amounts, planDay(f, r)});
    }
    const QDateTime first(QDate(2020, 1, 1), QTime(8, 0), Qt::UTC);
    QList<RawEvent> some;
    std::string batch;
    for (int i = 0; i < events; ++i) {
        const int inBatch = i % perBatch;
        const QDateTime when = first.addSecs(qint64(i) * 60);
        Happening what = Noted{"note " + std::to_string(i)};
        if (inBatch == 0) {
            batch = newId();
            what = begun[std::size_t(i / perBatch) % begun.size()];
        } else if (inBatch == perBatch - 1 && i < events - 5 * perBatch) {
            what = BatchFinished{0.05, 0.3, 1000.0};
        }
        some.append(rawOf(eventAt(when, batch, QStringLiteral("first"), std::move(what))));
        if (some.size() == 2000 || i + 1 == events) {
            if (const auto fault = server.append(EventStore::Kind::Journal, some))
                qFatal("%s", qPrintable(fault->detail));
            some.clear();
        }
    }
}

} // namespace

int main(int argc, char** argv)
{
    const QCoreApplication app(argc, argv);
    const int events = argc > 1 ? QByteArray(argv[1]).toInt() : 100'000;
    const int perBatch = argc > 2 ? QByteArray(argv[2]).toInt() : 100;
    if (events < 1 || perBatch < 2) {
        std::fputs("rhexion-late-bench [EVENTS] [EVENTS-PER-BATCH]\n", stderr);
        return 2;
    }
    Postgres postgres;
    if (EventServer::init(postgres.place()))
        qFatal("no schema");
    auto server = must(EventServer::open(postgres.place()));
    QElapsedTimer timer;
    timer.start();
    fill(*server, events, perBatch);
    std::printf("%d events passed on in %.1f s\n", events, double(timer.elapsed()) / 1e3);
    std::fflush(stdout);

    const QTemporaryDir folder;
    const QString path = folder.filePath(QStringLiteral("journal.sqlite"));
    auto journal = must(SqliteJournal::open(path));
    timer.restart();
    const int fetched = must(exchange(*journal, *server)).fetched;
    const double seconds = double(timer.elapsed()) / 1e3;
    std::printf("a late bench has %d of them in %.1f s (%.0f a second), %.0f MB\n", fetched,
                seconds, fetched / seconds, double(QFileInfo(path).size()) / 1e6);

    const auto desk = must(ServerJournal::open(postgres.place(), QStringLiteral("desk")));
    constexpr int page = 200;
    for (const auto& [name, one] :
         {std::pair<const char*, const Journal*>{"bench", journal.get()}, {"desk", desk.get()}}) {
        timer.restart();
        const auto shown = must(one->batches(page));
        const double newest = double(timer.nsecsElapsed()) / 1e6;
        timer.restart();
        const qsizetype making = must(one->unfinished()).size();
        const double unfinished = double(timer.nsecsElapsed()) / 1e6;
        timer.restart();
        must(one->batch(shown.first().id));
        std::printf("%s: a page of %d in %.0f ms, %d unfinished in %.0f ms, a batch in %.0f ms\n",
                    name, int(shown.size()), newest, int(making), unfinished,
                    double(timer.nsecsElapsed()) / 1e6);
    }
    return fetched == events ? 0 : 1;
}
