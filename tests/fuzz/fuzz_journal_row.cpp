// One batch of a journal as anything may have written it: the journal opens, lists it, and reads
// the batch or says what is wrong. The input is text cut by lines: state, started, step, superfat,
// what, line, actual, top-up material, vessel, grams, and the formula as the rest.
#include "fuzz.h"
#include "storage/journal.h"

#include <QCoreApplication>
#include <QSqlDatabase>
#include <QSqlQuery>

using namespace rhexion;

namespace {

QString file()
{
    static const QString path = fuzz::scratch() + QStringLiteral("/journal.sqlite");
    return path;
}

void write(const char* sql, const QVariantList& values)
{
    QSqlQuery query(QSqlDatabase::database(QStringLiteral("raw")));
    query.prepare(QLatin1String(sql));
    for (const QVariant& value : values)
        query.addBindValue(value);
    query.exec(); // what the table itself refuses never gets there
}

} // namespace

extern "C" int LLVMFuzzerInitialize(int* argc, char*** argv)
{
    new QCoreApplication(*argc, *argv);
    QFile::remove(file());
    fuzz::demand(Journal::open(file()).index() == 0, "a journal to begin with");
    QSqlDatabase raw = QSqlDatabase::addDatabase(QStringLiteral("QSQLITE"), QStringLiteral("raw"));
    raw.setDatabaseName(file());
    fuzz::demand(raw.open(), "the file itself");
    QSqlQuery(raw).exec(QStringLiteral("PRAGMA synchronous = OFF"));
    QSqlQuery(raw).exec(QStringLiteral("PRAGMA foreign_keys = ON"));
    return 0;
}

extern "C" int LLVMFuzzerTestOneInput(const uint8_t* data, size_t size)
{
    const QByteArray bytes = fuzz::bytesOf(data, size);
    QList<QByteArray> cut = bytes.split('\n');
    const QByteArray formula = cut.size() > 10 ? cut.mid(10).join('\n') : QByteArray();
    cut.resize(10);
    const auto text = [&](int i) { return QString::fromUtf8(cut[i]); };
    write("DELETE FROM batch", {});
    write("INSERT INTO batch (id, name, formula, state, started, step, superfat_planned,"
          " strength_planned) VALUES (1, ?, ?, ?, ?, ?, ?, ?)",
          {text(7), QString::fromUtf8(formula), text(0), text(1), text(2), text(3), text(3)});
    write("INSERT INTO weighing (batch, what, line, name, planned, actual, at)"
          " VALUES (1, ?, ?, ?, ?, ?, ?)",
          {text(4), text(5), text(7), text(6), text(6), text(1)});
    write("INSERT INTO top_up (batch, material, vessel, grams, at) VALUES (1, ?, ?, ?, ?)",
          {text(7), text(8), text(9), text(1)});
    write("INSERT INTO note (batch, at, text) VALUES (1, ?, ?)", {text(1), text(8)});
    const auto opened = Journal::open(file());
    const auto* journal = std::get_if<std::unique_ptr<Journal>>(&opened);
    fuzz::demand(journal != nullptr, "a bad row closes no journal");
    fuzz::demand((*journal)->batches().index() == 0, "and its list is there");
    (*journal)->unfinished();
    (*journal)->latest();
    (*journal)->batch(1);
    return 0;
}
