#include "cli/journal_commands.h"

#include "cli/answers.h"
#include "cli/server_commands.h"
#include "core/after/compare.h"
#include "storage/backup.h"
#include "storage/batch_json.h"
#include "storage/calendar_file.h"
#include "storage/fittings.h"
#include "storage/sqlite_journal.h"
#include "words/batch_words.h"
#include "words/cure_words.h"
#include "words/find_words.h"
#include "words/plain_text.h"
#include "words/record_words.h"
#include "words/refusal_words.h"
#include "words/together_words.h"

#include <QCoreApplication>
#include <QFile>
#include <QJsonDocument>

#include <cstdio>

namespace rhexion {

namespace {

struct JournalText {
    Q_DECLARE_TR_FUNCTIONS(JournalCommands)
};

using namespace cli;

class JournalRun {
public:
    JournalRun(const QStringList& words, const JournalOptions& options) : words_(words), o_(options)
    {
    }
    int run();

private:
    int list();
    int show();
    int exportAll();
    int compare();
    int due();
    int backup();
    int restore();
    // Opens the journal and the fittings; the exit code where that fails.
    std::optional<int> open(const QString& path);
    // By its whole id, its beginning if that is one batch's alone, or its code.
    std::variant<Batch, int> batch(const QString& id);

    QStringList words_;
    const JournalOptions& o_;
    std::unique_ptr<Journal> journal_;
    AfterTerms terms_;
    QString path_;
};

std::optional<int> JournalRun::open(const QString& path)
{
    path_ = path;
    if (isServerAddress(path)) {
        auto opened = openServerJournal(path);
        if (const int* code = std::get_if<int>(&opened))
            return *code;
        journal_ = std::get<std::unique_ptr<ServerJournal>>(std::move(opened));
    } else {
        if (!QFile::exists(path))
            return bad(path, JournalText::tr("there is no such file."));
        auto opened = SqliteJournal::open(path, SqliteJournal::How::ReadOnly);
        if (const auto* fault = std::get_if<FileFault>(&opened))
            return bad(path, words::fileFault(*fault));
        journal_ = std::get<std::unique_ptr<SqliteJournal>>(std::move(opened));
    }
    if (o_.fittings.isEmpty())
        return std::nullopt;
    const auto fittings = readFittings(o_.fittings);
    if (const auto* fault = std::get_if<FileFault>(&fittings))
        return bad(o_.fittings, words::fileFault(*fault));
    terms_ = std::get<Fittings>(fittings).terms;
    return std::nullopt;
}

std::variant<Batch, int> JournalRun::batch(const QString& id)
{
    QString whole = id;
    if (const auto coded = journal_->batchesOfCode(id.toUpper());
        std::holds_alternative<QStringList>(coded) && !std::get<QStringList>(coded).isEmpty()) {
        const auto& given = std::get<QStringList>(coded);
        if (given.size() > 1)
            return bad(id, JournalText::tr("it is the code of more than one batch; say which: %1")
                               .arg(given.join(QStringLiteral(", "))));
        whole = given.first();
    }
    auto read = journal_->batch(whole);
    if (std::holds_alternative<Batch>(read))
        return std::get<Batch>(std::move(read));
    const auto all = journal_->batches();
    QStringList begins;
    if (const auto* list = std::get_if<QList<BatchSummary>>(&all))
        for (const BatchSummary& s : *list)
            if (!id.isEmpty() && s.id.startsWith(id))
                begins << s.id;
    if (begins.size() > 1)
        return bad(id, JournalText::tr("more than one batch begins so: write more of it."));
    if (begins.size() == 1)
        read = journal_->batch(begins.first());
    if (const auto* fault = std::get_if<FileFault>(&read))
        return bad(id, begins.isEmpty() ? JournalText::tr("there is no such batch.")
                                        : words::fileFault(*fault));
    return std::get<Batch>(std::move(read));
}

int JournalRun::list()
{
    const auto read = words::readFind(o_.find, QDate::currentDate(), o_.speech.habits().locale);
    const auto found = journal_->find(read.finding, 1'000'000);
    if (const auto* fault = std::get_if<FileFault>(&found))
        return bad(path_, words::fileFault(*fault));
    const auto& batches = std::get<QList<BatchSummary>>(found);
    const auto many = journal_->codesOfMany();
    if (const auto* fault = std::get_if<FileFault>(&many))
        return bad(path_, words::fileFault(*fault));
    const auto& codes = std::get<QList<CodeOfMany>>(many);
    for (const CodeOfMany& one : codes)
        put(stderr, (words::codeTwice(one) + QLatin1Char('\n')).toUtf8());
    if (o_.json)
        return putJson(summariesToJson(batches, codes));
    for (const BatchSummary& s : batches)
        put(stdout,
            QStringLiteral("%1  %2  %3  %4\n")
                .arg(s.id.left(8), o_.speech.date(s.started.toLocalTime().date()),
                     o_.speech.percent(s.superfat.value_or(s.superfatPlanned)), forTerminal(s.name))
                .toUtf8());
    return Good;
}

int JournalRun::show()
{
    if (words_.size() != 1)
        return wrongUse(JournalText::tr("journal show takes a journal and a batch."));
    const auto read = batch(words_.first());
    if (const int* code = std::get_if<int>(&read))
        return *code;
    const Batch& b = std::get<Batch>(read);
    const Cured cured = curedOf(b, terms_.schools, terms_.limits());
    if (o_.json)
        return putJson(batchToJson(b, cured));
    putFacts(words::batchFacts(b, o_.speech));
    putFacts(words::cureFacts(b, cured, QDateTime::currentMSecsSinceEpoch(), o_.speech));
    return putFacts(words::testFacts(b, cured, terms_.limits(), o_.speech));
}

int JournalRun::exportAll()
{
    if (o_.format == QLatin1String("csv") || o_.format.isEmpty()) {
        const auto all = journal_->batches();
        if (const auto* fault = std::get_if<FileFault>(&all))
            return bad(path_, words::fileFault(*fault));
        return put(stdout, summariesToCsv(std::get<QList<BatchSummary>>(all))) ? Good : BadInput;
    }
    if (o_.format == QLatin1String("events")) {
        const auto fault =
            writeEvents(*journal_, [](const QByteArray& line) { return put(stdout, line); });
        return fault ? bad(path_, words::fileFault(*fault)) : Good;
    }
    if (o_.format == QLatin1String("ics")) {
        const QDateTime now = QDateTime::currentDateTime();
        const auto dues = journal_->dues(0, now.addYears(2).toMSecsSinceEpoch(), terms_.schools);
        if (const auto* fault = std::get_if<FileFault>(&dues))
            return bad(path_, words::fileFault(*fault));
        return put(stdout,
                   calendarOf(words::calendarEntries(std::get<QList<DueOfBatch>>(dues)), now))
                   ? Good
                   : BadInput;
    }
    return wrongUse(JournalText::tr("--format takes csv, events or ics."));
}

int JournalRun::compare()
{
    if (words_.size() < 2 || words_.size() > int(mostCompared))
        return wrongUse(JournalText::tr("journal compare takes a journal and two to six batches."));
    std::vector<Batch> batches;
    for (const QString& id : std::as_const(words_)) {
        auto read = batch(id);
        if (const int* code = std::get_if<int>(&read))
            return *code;
        batches.push_back(std::get<Batch>(std::move(read)));
    }
    std::vector<Compared> all;
    for (const Batch& b : batches)
        all.push_back({&b, 0});
    const Comparison comparison = compared(all);
    return o_.json ? putJson(comparisonToJson(comparison, all))
                   : putFacts(words::comparisonFacts(comparison, all, o_.speech));
}

int JournalRun::due()
{
    const QDateTime now = QDateTime::currentDateTime();
    const auto dues = journal_->dues(now.addDays(-7).toMSecsSinceEpoch(),
                                     now.addDays(60).toMSecsSinceEpoch(), terms_.schools);
    if (const auto* fault = std::get_if<FileFault>(&dues))
        return bad(path_, words::fileFault(*fault));
    return putFacts(
        words::dueFacts(std::get<QList<DueOfBatch>>(dues), now.toMSecsSinceEpoch(), o_.speech));
}

int JournalRun::backup()
{
    if (o_.check) {
        if (words_.size() != 1)
            return wrongUse(JournalText::tr("journal backup --check takes a backup."));
        const auto checked = checkBackup(words_.first());
        if (const auto* fault = std::get_if<FileFault>(&checked))
            return bad(words_.first(), words::fileFault(*fault));
        for (const BackupEntry& e : std::get<QList<BackupEntry>>(checked))
            put(stdout, QStringLiteral("%1  %2\n").arg(e.bytes, 12).arg(e.name).toUtf8());
        return Good;
    }
    if (words_.size() != 2)
        return wrongUse(
            JournalText::tr("journal backup takes the folder of the data and a file to write."));
    if (!QFile::exists(words_[0]))
        return bad(words_[0], JournalText::tr("there is no such folder."));
    if (const auto code = isThere(words_[1], o_.force))
        return *code;
    const auto fault = writeBackup(words_[0], words_[1], QDateTime::currentDateTime());
    return fault ? bad(words_[1], words::fileFault(*fault)) : Good;
}

int JournalRun::restore()
{
    if (words_.size() != 2)
        return wrongUse(
            JournalText::tr("journal unpack takes a backup and a folder that is not there yet."));
    const auto looked = unpackBackup(words_[0], words_[1]);
    if (const auto* fault = std::get_if<FileFault>(&looked))
        return bad(words_[0], words::fileFault(*fault));
    const auto& l = std::get<BackupLooked>(looked);
    put(stdout, JournalText::tr("%1: batches %2, events %3, photographs %4\n")
                    .arg(words_[1])
                    .arg(l.batches)
                    .arg(l.events)
                    .arg(l.photos)
                    .toUtf8());
    return Good;
}

int JournalRun::run()
{
    if (words_.isEmpty())
        return wrongUse(JournalText::tr(
            "journal takes list, show, export, compare, due, backup, unpack, server or "
            "exchange."));
    if (words_.first() == QLatin1String("server") || words_.first() == QLatin1String("exchange"))
        return runServerCommand(words_);
    const QString what = words_.takeFirst();
    if (what == QLatin1String("backup"))
        return backup();
    if (what == QLatin1String("unpack"))
        return restore();
    const std::pair<const char*, int (JournalRun::*)()> all[] = {{"list", &JournalRun::list},
                                                                 {"show", &JournalRun::show},
                                                                 {"export", &JournalRun::exportAll},
                                                                 {"compare", &JournalRun::compare},
                                                                 {"due", &JournalRun::due}};
    for (const auto& [name, how] : all)
        if (what == QLatin1String(name)) {
            if (words_.isEmpty())
                return wrongUse(
                    JournalText::tr("journal %1 takes a journal file, or the address of a server.")
                        .arg(what));
            if (const auto code = open(words_.takeFirst()))
                return *code;
            return (this->*how)();
        }
    return wrongUse(JournalText::tr("“%1” is nothing the journal does.").arg(what));
}

} // namespace

QString journalHelp()
{
    return JournalText::tr(
        "  journal list JOURNAL [--find \"milk, cracked, last winter\"] [--json]\n"
        "  journal show JOURNAL BATCH [--fittings FILE] [--json]   a batch by its id or its code\n"
        "  journal export JOURNAL [--format csv|events|ics]        to the standard output\n"
        "  journal compare JOURNAL BATCH BATCH ... [--json]        two to six side by side\n"
        "  journal due JOURNAL [--fittings FILE]                   the next two months\n"
        "  journal backup FOLDER FILE [--force] | --check FILE     all data in one file, tried\n"
        "  journal unpack FILE FOLDER                              into a folder of its own\n"
        "  journal server init|check ADDRESS                       one journal for several "
        "benches\n"
        "  journal exchange JOURNAL ADDRESS                        with a server, once\n"
        "  (list, show, export, compare and due take an ADDRESS in the place of a JOURNAL, too)\n");
}

int runJournalCommand(const QStringList& words, const JournalOptions& options)
{
    return JournalRun(words, options).run();
}

} // namespace rhexion
