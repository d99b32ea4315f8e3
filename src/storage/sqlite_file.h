// One SQLite file of ours: opened, checked, brought up to date, with a version in user_version.
// Write-ahead log, foreign keys on, synchronous FULL, so that what was typed outlives a pulled
// plug.
#pragma once

#include "storage/file_fault.h"

#include <QDateTime>
#include <QSqlDatabase>
#include <QStringList>
#include <QTemporaryDir>
#include <QVariantList>

#include <array>
#include <memory>
#include <optional>
#include <string>
#include <variant>

class QSqlError;
class QSqlQuery;
class QVariant;

namespace rhexion {

struct SqliteKind {
    QString name;  // of connections
    int version;   // newest
    QString probe; // a query that only a file of this kind answers
    QStringList (*migration)(int toVersion);
    // What a migration cannot say in SQL, after its statements and in the same transaction.
    std::optional<FileFault> (*convert)(QSqlDatabase& database, int toVersion) = nullptr;
    QStringList besides = {}; // makes what a file of any version may hold besides
};

// A text as a column holds it: one that is null is NULL to the driver, an empty one is not.
QString columnText(const QString& text);
QString columnText(const std::string& utf8);
// A figure that may be absent, as a column holds it.
QVariant orNull(const std::optional<double>& figure);
std::optional<double> figureOf(const QVariant& column);

class SqliteFile {
public:
    // Opens or makes the file. A file of a newer version, or one of another kind, is refused and
    // left as it is; an older one is copied aside before it is brought up to date.
    // readOnly: for a second program on the same data; then a file must be there already. An older
    // one is read from a copy that is brought up to date and goes with this object.
    static std::variant<std::unique_ptr<SqliteFile>, FileFault>
    open(const QString& path, const SqliteKind& kind, bool readOnly = false);
    ~SqliteFile();
    SqliteFile(const SqliteFile&) = delete;
    SqliteFile& operator=(const SqliteFile&) = delete;

    QSqlDatabase database() const;
    static FileFault faultOf(const QSqlError& error);
    QString path() const;
    // Keeps a whole copy as the last good one (good_copies.h): none of a file without events, and
    // none that lacks an event of the copy before, which is a fault.
    std::optional<FileFault> keepGoodCopy(const QDateTime& now) const;
    // How many events another file of this kind holds that this one does not; nothing where the
    // other cannot be read.
    std::optional<qint64> lackedOf(const QString& other) const;
    // A fault where the file was moved, removed or replaced since it was opened, or its write-ahead
    // log was: what is written then is in no file that has a name.
    std::optional<FileFault> inPlace() const;
    // Runs what is prepared; the second form wants exactly one row changed, named by what.
    static std::optional<FileFault> run(QSqlQuery& query);
    // Prepares a statement, puts these in its places, and runs it.
    static std::optional<FileFault> run(QSqlQuery& query, const char* sql,
                                        const QVariantList& values);
    static std::optional<FileFault> changeOne(QSqlQuery& query, const char* what);

private:
    explicit SqliteFile(QString connection) : connection_(std::move(connection)) {}
    std::optional<FileFault> copyInto(const QString& path) const;
    std::optional<FileFault> keepOlder(const QString& path, int version) const;
    struct Inode {
        quint64 device = 0, number = 0; // both 0: there is none
        friend bool operator==(const Inode&, const Inode&) = default;
    };
    static constexpr int partCount = 3; // the file, its log, the log's index
    std::array<Inode, partCount> inodes(const QString& path) const;
    std::optional<FileFault> migrate(const QString& path, const SqliteKind& kind, bool readOnly);

    std::variant<std::unique_ptr<SqliteFile>, FileFault>
    copyBroughtUp(const SqliteKind& kind) const;

    std::unique_ptr<QTemporaryDir> copy_; // before the connection: it is closed first
    QString connection_;
    std::optional<std::array<Inode, partCount>> opened_; // nothing where it is only read
};

// Rolls back unless told to keep. A file is held for writing from the beginning: two that read
// first and write then would be refused rather than wait for each other.
class Transaction {
public:
    explicit Transaction(QSqlDatabase db);
    // Of a file that must be in its place before and after.
    explicit Transaction(const SqliteFile& file);
    ~Transaction()
    {
        if (open_)
            db_.rollback();
    }
    Transaction(const Transaction&) = delete;
    Transaction& operator=(const Transaction&) = delete;
    bool isOpen() const { return open_; }
    bool keep();
    // Why it is not open, or was not kept.
    FileFault fault() const;

private:
    void begin();

    QSqlDatabase db_;
    const SqliteFile* file_ = nullptr;
    std::optional<FileFault> moved_;
    bool open_ = false;
};

} // namespace rhexion
