// The journal: every batch ever made, as events that are appended and never edited. Where it is
// kept is behind this: one SQLite file (sqlite_journal.h), memory (memory_journal.h); a server may
// come.
#pragma once

#include "core/account/account.h"
#include "core/after/batch_code.h"
#include "core/after/due.h"
#include "core/after/mishaps.h"
#include "core/after/patterns.h"
#include "core/batch/fold.h"
#include "storage/file_fault.h"
#include "storage/finding.h"

#include <QDateTime>
#include <QList>
#include <QString>
#include <QStringList>

#include <functional>
#include <optional>
#include <variant>

namespace rhexion {

// A batch as lists show it; made again from its events whenever that is wanted.
struct BatchSummary {
    QString id; // UUID
    QString name;
    BatchState state = BatchState::Making;
    QDateTime started; // UTC
    QDateTime finished;
    double superfatPlanned = 0.0;
    double strengthPlanned = 0.0;
    std::optional<double> superfat; // once finished: true superfat as weighed
    std::optional<double> strength;
    std::optional<double> batterGrams;
    friend bool operator==(const BatchSummary&, const BatchSummary&) = default;
};

// What is due of a batch.
struct DueOfBatch {
    QString batch;
    QString name;
    Due due;
};
// A lesson that was not put away.
struct LessonOf {
    std::string event;
    QString batch;
    QString name; // of the batch
    std::int64_t on = 0;
    LessonKept lesson;
};
// What the journal knows of a material: how many batches, of them how many had each outcome.
struct MaterialHistory {
    int batches = 0; // that were poured or finished and hold it
    int told = 0;    // of them, those anything was written of afterwards
    QDateTime last;
    std::map<std::string, int> facts; // "seen:crack", "verdict:again"
    std::vector<LessonOf> lessons;    // newest first
};
// g drawn of a material or a lot.
struct DrawOf {
    QString batch;
    std::string material;
    std::string lot;
    std::int64_t at = 0;
    double grams = 0.0;
};
struct BarsOf {
    QString batch;
    QString name;
    QString code;
    BarsNow bars;
    std::int64_t ready = 0; // 0: not known, or a test comes first
};

// A code that stands on more than one batch.
struct CodeOfMany {
    QString code;
    QStringList batches; // the oldest first
};

struct JournalSize {
    int batches = 0;
    int events = 0;
};

class Journal {
public:
    template <class T>
    using Result = std::variant<T, FileFault>;
    using Done = std::optional<FileFault>;

    virtual ~Journal() = default;

    // The bench that writes here, a UUID of its own.
    virtual QString bench() const = 0;
    // What its people call it; empty: nothing.
    QString benchName() const { return benchName_; }
    // Its letter in batch codes.
    char benchLetter() const
    {
        return benchLetter_ ? benchLetter_ : benchLetterOf(bench().toStdString());
    }
    void setBench(const QString& name, char letter) // 0: the one it has by itself
    {
        benchName_ = name.trimmed();
        benchLetter_ = letter;
    }

    // Whether another bench did something of its making last.
    bool isElsewhere(const Batch& batch) const { return batch.madeAt != bench().toStdString(); }

    // On disk before it returns, all of them or none, in their order. An event whose id is there
    // already is not written again. Refused: what could not be read again (OutOfRange and the
    // like); a second end of a batch that is finished, and anything on one that is not there
    // (Missing). What went into the bowl is never refused: another bench may have finished it.
    virtual Done append(const QList<Event>& events) = 0;
    // Of one batch, in order. An event that cannot be read comes as Unreadable.
    virtual Result<QList<Event>> events(const QString& batch) const = 0;
    // Those folded; Missing where there is no such batch, BadMaterial where its beginning cannot be
    // read.
    Result<Batch> batch(const QString& id) const;

    // Newest first: up to so many after the one that was read last (none: from the newest on).
    virtual Result<QList<BatchSummary>> batches(int most = 1'000'000,
                                                const BatchSummary* after = nullptr) const = 0;
    // Batches the material was in, by plan or put in on the day, newest first.
    virtual Result<QList<BatchSummary>> batchesWith(const QString& material,
                                                    int most = 1'000'000) const = 0;
    virtual Result<int> countWith(const QString& material) const = 0; // how many those are in all
    // Batches in whose name, maker, materials or notes every word begins a word, newest first.
    Result<QList<BatchSummary>> search(const QString& words, int most = 1'000'000) const;
    // Batches all of it holds for, newest first.
    virtual Result<QList<BatchSummary>> find(const Finding& finding, int most = 1'000'000) const;

    // What the weeks after ask for. Here by a look at every batch; a journal with tables of its own
    // has them ready.
    // Due from one moment until another, by the maker's school.
    virtual Result<QList<DueOfBatch>> dues(std::int64_t from, std::int64_t until,
                                           const CureSchools& schools) const;
    // Lessons about any of the materials (all where none is given), newest first.
    virtual Result<QList<LessonOf>> lessons(const QStringList& materials) const;
    virtual Result<MaterialHistory> history(const QString& material) const;
    // How often the outcome ("seen:crack") went with each fact and material ("with:honey").
    virtual Result<QList<PatternCount>> patternCounts(const QString& outcome) const;
    // Of which something was written afterwards: the newest so many, newest first.
    virtual Result<std::vector<ToldBatch>> told(int most) const;
    // What was weighed since, of one material or of all (empty), in order of time.
    virtual Result<QList<DrawOf>> draws(const QString& material, std::int64_t since) const;
    // Batches with bars left, newest first; ready by the maker's school.
    virtual Result<QList<BarsOf>> bars(const CureSchools& schools) const;
    // Codes that were given, for the next one's number and for finding a batch by its code.
    virtual Result<QStringList> codes(const QString& beginning) const;
    // Those it was given to, the oldest first; empty: none. More than one where two benches gave it
    // before their codes had letters.
    virtual Result<QStringList> batchesOfCode(const QString& code) const;
    Result<QList<CodeOfMany>> codesOfMany() const;
    // The other batches that have its code.
    Result<QList<BatchSummary>> othersOfCode(const Batch& batch) const;

    // Every batch still in the making, newest first.
    virtual Result<QList<BatchSummary>> unfinished() const = 0;
    // The latest moment anything was written for, to see a clock that was set back; null if none.
    virtual QDateTime latest() const = 0;
    virtual Result<JournalSize> size() const;
    // A copy of the whole beside it, for the day it is damaged or gone.
    virtual Done keepGoodCopy(const QDateTime&) const { return std::nullopt; }
    // Events that the last good copy holds and the journal does not; and taking those in.
    virtual int lackedOfGoodCopy() const { return 0; }
    virtual Done bringInGoodCopy() { return std::nullopt; }

protected:
    // Every batch that can be read, newest first.
    Result<QList<Batch>> everyBatch() const;

private:
    QString benchName_;
    char benchLetter_ = 0;
};

bool holds(const Finding& finding, const Batch& batch);

// Whether waiting and trying again can help: a lock goes, a full disk is emptied.
bool mayPass(const FileFault& fault);

// By the word that is kept; Making where it is none of them.
BatchState stateFrom(const QString& word);
// What a list shows of a batch, and the words it can be found by.
BatchSummary summaryOf(const Batch& batch);
QString searchTextOf(const Batch& batch);
QStringList searchWordsOf(const QString& text); // what a search divides a text into
// Whether every word begins a word of the text.
bool beginsWords(const QString& text, const QString& words);
// Every material its formula and lye hold, each once.
QStringList materialsOf(const Formula& formula);
QStringList materialsOf(const Batch& batch); // of what was in the bowl

// The first thing that is wrong with appending these to what is there: an event that could not be
// read again, or one for a batch that takes none. stateOf: the state of a batch, or nothing.
std::optional<FileFault>
faultOfAppending(const QList<Event>& events,
                 const std::function<std::optional<BatchState>(const std::string&)>& stateOf);

} // namespace rhexion
