// One batch of a journal as anything may have written its events: the journal opens, lists it,
// reads the batch or says what is wrong, and makes its tables again. The input is text cut by
// lines: the kind and data of each event in turn.
#include "fuzz.h"
#include "storage/event_json.h"
#include "storage/sqlite_journal.h"

using namespace rhexion;

namespace {
fuzz::RawFile* file = nullptr;
} // namespace

extern "C" int LLVMFuzzerInitialize(int* argc, char*** argv)
{
    file = new fuzz::RawFile("journal.sqlite", argc, argv, [](const QString& path) {
        return SqliteJournal::open(path).index() == 0;
    });
    return 0;
}

extern "C" int LLVMFuzzerTestOneInput(const uint8_t* data, size_t size)
{
    const QList<QByteArray> cut = fuzz::bytesOf(data, size).split('\n');
    for (const char* table :
         {"event", "batch", "batch_material", "batch_words", "batch_due", "batch_fact", "draw",
          "batch_bars", "lesson", "lesson_about", "lesson_retired"})
        file->write(qPrintable(QStringLiteral("DELETE FROM %1").arg(QLatin1String(table))));
    for (qsizetype i = 0; i + 1 < cut.size() && i < 40; i += 2) {
        file->write("INSERT INTO event (id, batch, bench, at, zone, kind, data)"
                    " VALUES (?, 'b', 'c', ?, 0, ?, ?)",
                    {i, i, QString::fromUtf8(cut[i]), QString::fromUtf8(cut[i + 1])});
        const auto what = happeningFrom(QString::fromUtf8(cut[i]), cut[i + 1]);
        if (const auto* read = std::get_if<Happening>(&what)) {
            const auto again = happeningFrom(kindOf(*read), dataOf(*read));
            fuzz::demand(again.index() == 0 && dataOf(std::get<Happening>(again)) == dataOf(*read),
                         "an event that was read reads back equal");
        }
    }
    const auto opened = SqliteJournal::open(file->path());
    const auto* journal = std::get_if<std::unique_ptr<SqliteJournal>>(&opened);
    fuzz::demand(journal != nullptr, "a bad row closes no journal");
    (*journal)->rebuild();
    const Journal& j = **journal;
    fuzz::demand(j.batches().index() == 0, "and its list is there");
    j.batch(QStringLiteral("b"));
    j.search(QString::fromUtf8(cut.first()));
    return 0;
}
