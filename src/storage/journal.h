// The journal: every batch made, in one SQLite file (write-ahead log, foreign keys on). Each
// weighing is on disk before the call returns, so a pulled plug loses nothing that was typed.
#pragma once

#include "core/makeday/as_weighed.h"
#include "storage/file_fault.h"

#include <QDateTime>
#include <QList>
#include <QString>

#include <memory>
#include <variant>

class QSqlDatabase;
class QSqlQuery;

namespace rhexion {

enum class BatchState { Making, Finished, Stopped };

class SqliteFile;

struct BatchSummary {
    qint64 id = 0;
    QString name;
    BatchState state = BatchState::Making;
    QDateTime started; // UTC
    QDateTime finished;
    int step = 0;  // place in the day's plan that is next
    QString draft; // a note begun and not yet kept
    double superfatPlanned = 0.0;
    double strengthPlanned = 0.0;
    std::optional<double> superfat; // once finished: true superfat as weighed
    std::optional<double> strength;
    std::optional<double> batterGrams;
};

struct WeighingRecord {
    Weighed weighed;
    QString name;
    double plannedGrams = 0.0;
    QDateTime at;
};

struct TopUpRecord {
    qint64 id = 0;
    TopUp topUp;
    QDateTime at;
};

struct NoteRecord {
    qint64 id = 0;
    QDateTime at;
    QString text;
};

struct BatchRecord {
    BatchSummary summary;
    QByteArray formula; // a formula file, whole
    QList<WeighingRecord> weighings;
    QList<TopUpRecord> topUps; // those that can be read
    QList<NoteRecord> notes;
    QStringList setAside; // ids of top-ups that cannot be read
};

class Journal {
public:
    // Opens or makes the file. A file of a newer version, or one that is not a journal, is refused
    // and left as it is; an older one is copied aside before it is brought up to date.
    static std::variant<std::unique_ptr<Journal>, FileFault> open(const QString& path,
                                                                  bool readOnly = false);
    // A copy of the whole file beside it, for the day it is damaged.
    std::optional<FileFault> keepGoodCopy() const;
    ~Journal();
    Journal(const Journal&) = delete;
    Journal& operator=(const Journal&) = delete;

    template <class T>
    using Result = std::variant<T, FileFault>;
    using Done = std::optional<FileFault>;

    Result<qint64> startBatch(const Formula& formula, const Reckoning& planned,
                              const QDateTime& when);
    // A second weighing of the same thing replaces the first.
    Done recordWeighing(qint64 batch, const WeighingRecord& weighing);
    // What went in beside the plan; the id names it for takeBackTopUp.
    Result<qint64> addTopUp(qint64 batch, const TopUp& topUp, const QDateTime& when);
    Done takeBackTopUp(qint64 id);
    Done recordStep(qint64 batch, int nextStep);
    Done recordDraft(qint64 batch, const QString& note);
    // What was made and a last note, empty or not, together; a second try changes nothing.
    Done finishBatch(qint64 batch, const Reckoning& asWeighed, const QString& note,
                     const QDateTime& when);
    Done stopBatch(qint64 batch, const QDateTime& when);
    Done addNote(qint64 batch, const QString& text, const QDateTime& when);

    // Newest first: up to so many after the one that was read last (none: from the newest on).
    Result<QList<BatchSummary>> batches(int most = 1'000'000,
                                        const BatchSummary* after = nullptr) const;
    Result<BatchRecord> batch(qint64 id) const;
    // Batches whose formula holds the material, newest first.
    Result<QList<BatchSummary>> batchesWith(const QString& material, int most = 1'000'000) const;
    Result<int> countWith(const QString& material) const; // how many those are in all
    // Every batch still in the making, newest first.
    Result<QList<BatchSummary>> unfinished() const;
    // The latest moment anything was written for, to see a clock that was set back; null if none.
    QDateTime latest() const;

private:
    explicit Journal(std::unique_ptr<SqliteFile> file);
    QSqlDatabase database() const;
    Done run(QSqlQuery& query) const;
    Result<QList<BatchSummary>> summaries(QSqlQuery& query) const;
    Done changeOne(QSqlQuery& query) const;

    std::unique_ptr<SqliteFile> file_;
};

} // namespace rhexion
