// A day made over and over on the stand-in scale, to be killed at any moment: takes up the batch of
// the journal it is given or begins one, and says each thing only once it is kept.
#include "batch/batch_in_progress.h"
#include "devices/device_reader.h"
#include "devices/line_protocol.h"
#include "standin/pouring_person.h"
#include "storage/formula_json.h"
#include "storage/sqlite_journal.h"

#include <QCoreApplication>
#include <QDateTime>
#include <QElapsedTimer>

#include <cmath>
#include <cstdio>

using namespace rhexion;

namespace {

// Pours and waits until the scale is still, by the clock of the scale, which runs as fast as it
// can.
double weighed(standin::PouringPerson& person, devices::DeviceReader& reader, std::int64_t& clock,
               double grams)
{
    person.put(-person.lying());
    person.pour(grams, 0.001);
    for (int i = 0; i < 10000; ++i) {
        constexpr double tick = 0.1;
        person.pass(tick);
        clock += 100;
        devices::Reading r;
        r.value = std::round(person.shows() * 10.0) / 10.0;
        r.unit = devices::DeviceUnit::Gram;
        r.decimals = 1;
        r.status = person.still() ? devices::DeviceStatus::Ok : devices::DeviceStatus::Motion;
        reader.takeBytes(devices::writeLine(r) + "\n", clock);
        const devices::Live live = reader.now(clock);
        if (live.weight.steady == devices::Steady::Yes && !person.pouring())
            return live.weight.grams;
    }
    return grams;
}

void say(const BatchInProgress& batch, Journal& journal)
{
    const auto events = journal.events(batch.batch());
    const auto* all = std::get_if<QList<Event>>(&events);
    std::printf("kept %s %d %d %d\n", qPrintable(batch.batch()), all ? int(all->size()) : -1,
                batch.step(), int(batch.folded().timers.size()));
    std::fflush(stdout);
}

} // namespace

int main(int argc, char** argv)
{
    QCoreApplication app(argc, argv);
    if (argc != 3)
        return 2;
    auto opened = SqliteJournal::open(QString::fromLocal8Bit(argv[1]));
    if (!std::holds_alternative<std::unique_ptr<SqliteJournal>>(opened))
        return 3;
    Journal& journal = *std::get<std::unique_ptr<SqliteJournal>>(opened);
    const auto read =
        readFormulaFile(QStringLiteral(RHEXION_SOURCE_DIR "/data/demo/potting-shed-scrub.rhexion"));
    const Formula& formula = std::get<Formula>(read);
    const auto reckoning = std::get<Reckoning>(reckon(formula));
    standin::PouringPerson person(std::strtoull(argv[2], nullptr, 10));
    devices::DeviceReader reader;
    reader.takeBytes("\n", 0);
    std::int64_t clock = 0;
    const Clock now = [] { return QDateTime::currentDateTimeUtc(); };
    std::unique_ptr<BatchInProgress> batch;
    const auto open = journal.unfinished();
    if (const auto* list = std::get_if<QList<BatchSummary>>(&open); list && !list->isEmpty()) {
        const auto one = journal.batch(list->front().id);
        if (const auto* folded = std::get_if<Batch>(&one))
            batch = BatchInProgress::resume(journal, *folded, now);
    }
    while (true) {
        if (!batch) {
            auto begun = BatchInProgress::begin(journal, formula, reckoning, now);
            if (!std::holds_alternative<std::unique_ptr<BatchInProgress>>(begun))
                return 4;
            batch = std::get<std::unique_ptr<BatchInProgress>>(std::move(begun));
        }
        say(*batch, journal);
        while (!batch->atEnd()) {
            const DayStep step = batch->plan().steps[std::size_t(batch->step())];
            if (step.weighs())
                batch->weigh(weighed(person, reader, clock, step.plannedGrams), WeighOrigin::Scale);
            else if (step.kind == DayStepKind::LyeIntoLiquid)
                batch->setTimer(QStringLiteral("Next portion"), 60.0);
            else
                batch->read(ReadingOf::Room, 20.0 + batch->step());
            say(*batch, journal);
            batch->done();
            say(*batch, journal);
        }
        batch->finish({});
        batch.reset();
    }
}
