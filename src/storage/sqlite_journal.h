// The journal in one SQLite file (write-ahead log, synchronous FULL): append-only events, and
// tables beside them that are folds of those and can be made again.
#pragma once

#include "storage/event_table.h"
#include "storage/journal.h"

#include <memory>

class QSqlDatabase;
class QSqlQuery;

namespace rhexion {

class SqliteFile;

class SqliteJournal : public Journal, public EventStore {
public:
    template <class T>
    using Result = Journal::Result<T>;

    // Opens or makes the file. A file of a newer version, or one that is not a journal, is refused
    // and left as it is; an older one is copied aside before it is brought up to date. One that is
    // not there is made only where nothing says that there was one (good_copies.h), or when it is
    // to begin anew.
    enum class How { Usual, ReadOnly, BeginAnew };
    static std::variant<std::unique_ptr<SqliteJournal>, FileFault> open(const QString& path,
                                                                        How how = How::Usual);
    ~SqliteJournal() override;
    SqliteJournal(const SqliteJournal&) = delete;
    SqliteJournal& operator=(const SqliteJournal&) = delete;

    QString bench() const override { return bench_; }
    Done append(const QList<Event>& events) override;
    Result<QList<Event>> events(const QString& batch) const override;
    Result<QList<BatchSummary>> batches(int most = 1'000'000,
                                        const BatchSummary* after = nullptr) const override;
    Result<QList<BatchSummary>> batchesWith(const QString& material,
                                            int most = 1'000'000) const override;
    Result<int> countWith(const QString& material) const override;
    Result<QList<BatchSummary>> find(const Finding& finding, int most) const override;
    Result<QList<DueOfBatch>> dues(std::int64_t from, std::int64_t until,
                                   const CureSchools& schools) const override;
    Result<QList<LessonOf>> lessons(const QStringList& materials) const override;
    Result<MaterialHistory> history(const QString& material) const override;
    Result<QList<PatternCount>> patternCounts(const QString& outcome) const override;
    Result<std::vector<ToldBatch>> told(int most) const override;
    Result<QList<DrawOf>> draws(const QString& material, std::int64_t since) const override;
    Result<QList<BarsOf>> bars(const CureSchools& schools) const override;
    Result<QStringList> codes(const QString& beginning) const override;
    Result<QStringList> batchesOfCode(const QString& code) const override;
    Result<QList<BatchSummary>> unfinished() const override;
    Result<JournalSize> size() const override;
    QDateTime latest() const override;
    Done keepGoodCopy(const QDateTime& now) const override;
    int lackedOfGoodCopy() const override;
    // A copy of an older version is read from one of its own that is brought up to date.
    Done bringInGoodCopy() override;

    // Throws the folds away and makes them again.
    Done rebuild();

    Kind carries() const override { return Kind::Journal; }
    Result<QList<RawEvent>> unsent(int most) const override;
    Result<int> unsentCount(int most) const override;
    Result<LastPlaced> last() const override;
    Done forgetPlaces() override;
    // Without the rules of append().
    Done takeOver(const QList<PlacedEvent>& events) override;
    qint64 changesByOthers() const override;
    // Ids of other benches' events behind that place.
    QStringList othersBehind(qint64 place) const;

private:
    explicit SqliteJournal(std::unique_ptr<SqliteFile> file);
    QSqlDatabase database() const;
    Done placed(Done fault) const; // with the file where the fault names no place
    Result<QList<BatchSummary>> summaries(const char* which, const QVariantList& values) const;
    // Runs it and hands every row to each.
    Done rows(const QString& sql, const QVariantList& values,
              const std::function<void(const QSqlQuery&)>& each) const;

    std::unique_ptr<SqliteFile> file_;
    QString bench_;
};

} // namespace rhexion
