// What every journal keeps to, whatever keeps it: batches come back, nothing is lost, nothing is
// edited.
#pragma once

#include "core/makeday/plan.h"
#include "storage/event_json.h"
#include "storage/journal.h"
#include "support/files.h"

#include <QTest>

#include <memory>

namespace rhexion::test {

inline const QDateTime noon(QDate(2026, 5, 1), QTime(12, 0), Qt::UTC);

inline Event at(const QString& batch, Happening what, const QDateTime& when = noon)
{
    return {newId(), batch.toStdString(), "bench", 0, when.toMSecsSinceEpoch(),
            120,     std::move(what)};
}

inline WeighedNow weighed(double grams, LineId line = 1)
{
    return {{{WeighTarget::What::Line, line}, grams}, 320.0};
}

class JournalContract : public QObject {
    Q_OBJECT
protected:
    Formula formula_ = demo(demoNames[2]);
    Reckoning planned_ = std::get<Reckoning>(reckon(formula_));

    // A row for each kind of journal, of one column that says nothing.
    virtual void everyKind() = 0;
    // Empty, of the kind of the current row.
    virtual std::unique_ptr<Journal> make() = 0;
    // Another that keeps the same, as after a pulled plug; nothing where there can be none.
    virtual std::unique_ptr<Journal> another() = 0;

    QString first() const { return QString::fromStdString(formula_.lines[0].material->id); }
    QString begin(Journal& journal, const QDateTime& when) const
    {
        const QString id = QString::fromStdString(newId());
        const auto fault = journal.append(
            {at(id, BatchBegun{formula_, planned_.amounts, planDay(formula_, planned_)}, when)});
        return fault ? QString() : id;
    }
    Event finished(const QString& id, const QDateTime& when) const
    {
        return at(
            id, BatchFinished{planned_.superfatTrue, planned_.pure.strength, planned_.batterGrams},
            when);
    }

private Q_SLOTS:
    void batchComesBack_data() { everyKind(); }
    void batchComesBack()
    {
        auto journal = make();
        QVERIFY(journal);
        const QString id = begin(*journal, noon);
        QVERIFY(!id.isEmpty());
        QVERIFY(!journal->append({at(id, weighed(321.5))}));
        QVERIFY(!journal->append({at(id, weighed(322.0))})); // follows the first
        const DayPlan plan = planDay(formula_, planned_);
        for (int i = 0; i < 4; ++i)
            QVERIFY(!journal->append({at(id, StepDone{keyOf(plan.steps[std::size_t(i)])})}));
        QVERIFY(!journal->append({at(id, Noted{"It's fine'); DROP TABLE batch;--"})}));
        // As after a pulled plug: nothing is closed, another opens the same file.
        const auto other = another();
        const Journal& now = other ? *other : *journal;
        QCOMPARE(std::get<QList<BatchSummary>>(now.unfinished()).size(), 1);
        auto batch = std::get<Batch>(now.batch(id));
        QCOMPARE(batch.nextStep(), std::size_t(4));
        QCOMPARE(batch.weighings.size(), std::size_t(2));
        QCOMPARE(batch.lastWords().size(), std::size_t(1));
        QCOMPARE(batch.lastWords()[0].grams, 322.0);
        QCOMPARE(batch.weighings[0].at, noon.toMSecsSinceEpoch());
        QCOMPARE(batch.notes[0].text, std::string("It's fine'); DROP TABLE batch;--"));
        QVERIFY(batch.formula == formula_);
        QVERIFY(!journal->append({at(id, StepReopened{keyOf(plan.steps[1])})}));
        QCOMPARE(std::get<Batch>(now.batch(id)).nextStep(), std::size_t(1));

        QVERIFY(!journal->append({finished(id, noon.addSecs(3600))}));
        batch = std::get<Batch>(now.batch(id));
        QCOMPARE(int(batch.state), int(BatchState::Finished));
        const auto all = std::get<QList<BatchSummary>>(now.batches());
        QCOMPARE(*all[0].superfat, planned_.superfatTrue.value());
        QVERIFY(all[0] == summaryOf(batch)); // a fold of the same events
        QVERIFY(std::get<QList<BatchSummary>>(now.unfinished()).isEmpty());
        QCOMPARE(now.latest(), noon.addSecs(3600));
    }

    void writingTwiceIsHarmless_data() { everyKind(); }
    void writingTwiceIsHarmless()
    {
        auto journal = make();
        const QString id = begin(*journal, noon);
        const TopUp splash{formula_.lines.back().material, Vessel::Trace, 12.0};
        const Event added = at(id, AddedBeside{splash});
        QVERIFY(!journal->append({added}));
        QVERIFY(!journal->append({added, at(id, weighed(1))})); // as after a lost answer
        auto batch = std::get<Batch>(journal->batch(id));
        QCOMPARE(batch.topUps.size(), std::size_t(1));
        QVERIFY(*batch.topUps[0].topUp.material == *splash.material);
        QCOMPARE(batch.weighings.size(), std::size_t(1));
        QVERIFY(!journal->append({at(id, TakenBack{batch.topUps[0].event})}));
        batch = std::get<Batch>(journal->batch(id));
        QVERIFY(batch.topUps.empty());
        QCOMPARE(std::get<QList<Event>>(journal->events(id)).size(), 4); // nothing is erased
    }

    void newestFirst_data() { everyKind(); }
    void newestFirst()
    {
        auto journal = make();
        for (int day : {2, 3, 1})
            begin(*journal, noon.addDays(day));
        auto all = std::get<QList<BatchSummary>>(journal->batches());
        QCOMPARE(all.size(), 3);
        QVERIFY(all[0].started > all[1].started && all[1].started > all[2].started);
        QVERIFY(!journal->append({at(all[1].id, BatchStopped{})}));
        all = std::get<QList<BatchSummary>>(journal->batches());
        QCOMPARE(int(all[1].state), int(BatchState::Stopped));
        // In pages.
        const auto page = std::get<QList<BatchSummary>>(journal->batches(1, nullptr));
        QCOMPARE(page.size(), 1);
        QVERIFY(std::get<QList<BatchSummary>>(journal->batches(5, &page[0])) == all.mid(1));
        QCOMPARE(std::get<QList<BatchSummary>>(journal->batchesWith(first(), 2)).size(), 2);
        QCOMPARE(std::get<int>(journal->countWith(first())), 3);
        QCOMPARE(std::get<int>(journal->countWith("nobody")), 0);
    }

    void findsByWords_data() { everyKind(); }
    void findsByWords()
    {
        auto journal = make();
        const QString one = begin(*journal, noon);
        const QString two = begin(*journal, noon.addDays(1));
        QVERIFY(!journal->append({at(two, Noted{"It cracked along the top; too hot, I think."})}));
        const auto found = [&](const char* words) {
            QStringList ids;
            const auto there = journal->search(QString::fromUtf8(words), 10);
            for (const BatchSummary& s : std::get<QList<BatchSummary>>(there))
                ids.append(s.id);
            return ids;
        };
        QCOMPARE(found("crack"), QStringList{two});
        QCOMPARE(found("TOP hot"), QStringList{two}); // every word, any order, any case
        QCOMPARE(found("cracked cold"), QStringList{});
        QCOMPARE(found("coconut"), (QStringList{two, one})); // a material of both
        QCOMPARE(found("rack"), QStringList{});              // words are found by their beginning
        QCOMPARE(found("\" OR NEAR( * -").size(), 0);        // no operators
        QCOMPARE(found(" ").size(), 2);
    }

    void whatCannotBeIsRefused_data() { everyKind(); }
    void whatCannotBeIsRefused()
    {
        auto journal = make();
        using C = FileFault::Code;
        const auto code = [&](const QList<Event>& events) {
            const auto fault = journal->append(events);
            return fault ? int(fault->code) : -1;
        };
        QCOMPARE(int(std::get<FileFault>(journal->batch("99")).code), int(C::Missing));
        QCOMPARE(code({at("99", weighed(1))}), int(C::Missing));
        QCOMPARE(code({at("99", Noted{"x"})}), int(C::Missing));
        const QString id = begin(*journal, noon);
        QCOMPARE(code({at(id, weighed(-5))}), int(C::OutOfRange));
        // All or none.
        QCOMPARE(code({at(id, weighed(5)), at(id, weighed(-5))}), int(C::OutOfRange));
        QVERIFY(std::get<Batch>(journal->batch(id)).weighings.empty());
        QCOMPARE(code({at(id, BatchBegun{formula_, planned_.amounts, {}})}), int(C::Missing));
        // What is finished is not ended again; what went in elsewhere is kept, and moves what came
        // of it.
        QCOMPARE(code({finished(id, noon), at(id, BatchStopped{})}), int(C::Missing));
        QCOMPARE(code({finished(id, noon), at(id, Noted{"good"})}), -1);
        QCOMPARE(code({finished(id, noon)}), int(C::Missing));
        const auto outcome = [&] {
            return std::get<QList<BatchSummary>>(journal->batches(1)).front();
        };
        const double before = outcome().batterGrams.value();
        QCOMPARE(code({at(id, weighed(5))}), -1);
        QVERIFY(outcome().batterGrams.value() != before);
        QCOMPARE(int(outcome().state), int(BatchState::Finished));
        QCOMPARE(code({at(id, Noted{"still good"})}), -1);
        QCOMPARE(std::get<Batch>(journal->batch(id)).notes.size(), std::size_t(2));
    }
};

} // namespace rhexion::test
