#include "storage/sqlite_file.h"

#include "storage/good_copies.h"
#include "storage/whole_file.h"

#include <QAtomicInteger>
#include <QFile>
#include <QFileInfo>
#include <QHash>
#include <QMutex>
#include <QRegularExpression>
#include <QSqlError>
#include <QSqlQuery>
#include <QVariant>

#include <sys/stat.h>

namespace rhexion {

using Code = FileFault::Code;

// Detail of a read-only fault: an older version, which is not brought up to date in its place.
static const QString older = QStringLiteral("older");

QString columnText(const QString& text)
{
    return text.isNull() ? QStringLiteral("") : text;
}

QString columnText(const std::string& utf8)
{
    return columnText(QString::fromStdString(utf8));
}

QVariant orNull(const std::optional<double>& figure)
{
    return figure ? QVariant(*figure) : QVariant(QMetaType::fromType<double>());
}

std::optional<double> figureOf(const QVariant& column)
{
    return column.isNull() ? std::nullopt : std::optional(column.toDouble());
}

FileFault SqliteFile::faultOf(const QSqlError& error)
{
    // SQLite's primary result codes (sqlite3.h): 5 busy, 6 locked, 8 read-only, 11 corrupt, 26 not
    // a database. Extended codes hold the primary in the low byte.
    const int code = error.nativeErrorCode().toInt() & 0xFF;
    const Code said = code == 5 || code == 6     ? Code::Locked
                      : code == 8                ? Code::ReadOnly
                      : code == 11 || code == 26 ? Code::Damaged
                                                 : Code::CannotWrite;
    return {said, {}, error.databaseText()};
}

QString SqliteFile::path() const
{
    return database().databaseName();
}

std::optional<FileFault> SqliteFile::copyInto(const QString& path) const
{
    QSqlQuery query(database());
    query.prepare(QStringLiteral("VACUUM INTO ?"));
    query.addBindValue(path);
    return run(query);
}

std::optional<FileFault> SqliteFile::keepGoodCopy(const QDateTime& now) const
{
    QSqlQuery query(database());
    if (auto fault = run(query, "SELECT 1 FROM event LIMIT 1", {}))
        return fault;
    if (!query.next())
        return std::nullopt;
    query.finish();
    const QString copy = goodCopyOf(path());
    if (const qint64 more = lackedOf(copy).value_or(0); more > 0)
        return FileFault{Code::CopyHoldsMore, copy, QString::number(more)};
    const QString fresh = copy + QStringLiteral(".new");
    QFile::remove(fresh);
    auto fault = copyInto(fresh);
    if (!fault)
        fault = placeGoodCopy(fresh, path(), now);
    if (fault)
        QFile::remove(fresh);
    return fault;
}

std::optional<qint64> SqliteFile::lackedOf(const QString& other) const
{
    if (!QFileInfo(other).isFile())
        return std::nullopt;
    QSqlQuery query(database());
    if (run(query, "ATTACH ? AS other", {other}))
        return std::nullopt;
    std::optional<qint64> count;
    // A view of that name, or a column that is reckoned, might never come to an end.
    constexpr auto table = "SELECT 1 FROM other.sqlite_master WHERE name = 'event'"
                           " AND type = 'table' AND sql NOT LIKE '%AS (%'";
    const bool isTable = !run(query, table, {}) && query.next();
    query.finish();
    if (isTable &&
        !run(query,
             "SELECT count(*) FROM other.event AS o"
             " WHERE NOT EXISTS (SELECT 1 FROM main.event AS m WHERE m.id = o.id)",
             {}) &&
        query.next())
        count = query.value(0).toLongLong();
    query.finish();
    query.exec(QStringLiteral("DETACH other"));
    return count;
}

// The file as it was before it was brought up to date. A copy that is there already stays.
std::optional<FileFault> SqliteFile::keepOlder(const QString& path, int version) const
{
    const QString to = freeName(QStringLiteral("%1.version-%2").arg(path).arg(version));
    const QString part = path + QStringLiteral(".older.new"); // left by a crash: made anew
    QFile::remove(part);
    if (auto fault = copyInto(part))
        return fault;
    QFile::setPermissions(part, QFile::ReadOwner | QFile::WriteOwner);
    return exchange(part, to);
}

std::array<SqliteFile::Inode, SqliteFile::partCount> SqliteFile::inodes(const QString& path) const
{
    std::array<Inode, partCount> out;
    const char* const endings[partCount] = {"", "-wal", "-shm"};
    for (int i = 0; i < partCount; ++i) {
        struct stat now = {};
        if (::stat(QFile::encodeName(path + QLatin1String(endings[i])).constData(), &now) == 0)
            out[std::size_t(i)] = {quint64(now.st_dev), quint64(now.st_ino)};
    }
    return out;
}

std::optional<FileFault> SqliteFile::inPlace() const
{
    if (!opened_ || inodes(path()) == *opened_)
        return std::nullopt;
    return FileFault{Code::Moved, path(), {}};
}

std::optional<FileFault> SqliteFile::run(QSqlQuery& query)
{
    return query.exec() ? std::nullopt : std::optional(faultOf(query.lastError()));
}

std::optional<FileFault> SqliteFile::run(QSqlQuery& query, const char* sql,
                                         const QVariantList& values)
{
    if (!query.prepare(QLatin1String(sql)))
        return faultOf(query.lastError());
    for (const QVariant& value : values)
        query.addBindValue(value);
    return run(query);
}

std::optional<FileFault> SqliteFile::changeOne(QSqlQuery& query, const char* what)
{
    if (auto fault = run(query))
        return fault;
    if (query.numRowsAffected() != 1)
        return FileFault{Code::Missing, QString::fromLatin1(what), {}};
    return std::nullopt;
}

SqliteFile::~SqliteFile()
{
    {
        QSqlDatabase db = database();
        db.close();
    }
    QSqlDatabase::removeDatabase(connection_);
}

QSqlDatabase SqliteFile::database() const
{
    return QSqlDatabase::database(connection_, false);
}

std::variant<std::unique_ptr<SqliteFile>, FileFault>
SqliteFile::open(const QString& path, const SqliteKind& kind, bool readOnly)
{
    const QFileInfo info(path);
    if (info.exists() && !info.isFile())
        return FileFault{Code::NotAFile, path, {}};
    if (!info.exists() && readOnly)
        return FileFault{Code::ReadOnly, path, {}};
    // Made by us first, so that nobody else may read it at any moment.
    if (!info.exists()) {
        QFile fresh(path);
        if (!fresh.open(QIODevice::WriteOnly, QFile::ReadOwner | QFile::WriteOwner))
            return FileFault{Code::CannotOpen, path, fresh.errorString()};
    } else if (!readOnly && !info.isWritable()) {
        return FileFault{Code::ReadOnly, path, {}};
    }
    static QAtomicInteger<int> number;
    const QString name = kind.name + QString::number(number.fetchAndAddRelaxed(1));
    std::unique_ptr<SqliteFile> file(new SqliteFile(name));
    {
        QSqlDatabase db = QSqlDatabase::addDatabase(QStringLiteral("QSQLITE"), name);
        db.setDatabaseName(path);
        if (readOnly)
            db.setConnectOptions(QStringLiteral("QSQLITE_OPEN_READONLY"));
        if (!db.isValid() || !db.open())
            return FileFault{Code::CannotOpen, path, db.lastError().databaseText()};
    }
    auto fault = file->migrate(path, kind, readOnly);
    if (!fault && !readOnly)
        file->opened_ = file->inodes(path);
    if (fault && fault->code == Code::ReadOnly && fault->detail == older)
        return file->copyBroughtUp(kind);
    if (fault && fault->place.isEmpty())
        fault->place = path;
    if (fault)
        return *fault;
    return file;
}

std::variant<std::unique_ptr<SqliteFile>, FileFault>
SqliteFile::copyBroughtUp(const SqliteKind& kind) const
{
    auto folder = std::make_unique<QTemporaryDir>();
    const QString path = folder->filePath(QStringLiteral("older.sqlite"));
    if (auto fault = copyInto(path))
        return *std::move(fault);
    auto opened = open(path, kind);
    if (auto* file = std::get_if<std::unique_ptr<SqliteFile>>(&opened)) {
        QSqlQuery query((*file)->database());
        query.prepare(QStringLiteral("PRAGMA query_only = ON"));
        if (auto fault = run(query))
            return *std::move(fault);
        (*file)->copy_ = std::move(folder);
    }
    return opened;
}

// The statements that SQLite keeps of a file, by type and name, in one form whoever wrote them.
static std::variant<QHash<QString, QString>, FileFault> schemaOf(const QSqlDatabase& db)
{
    QSqlQuery query(db);
    if (auto fault = SqliteFile::run(query, "SELECT type, name, sql FROM sqlite_master", {}))
        return *std::move(fault);
    QHash<QString, QString> out;
    while (query.next())
        out[query.value(0).toString() + QLatin1Char(' ') + query.value(1).toString()] =
            query.value(2).toString().remove(QLatin1Char('"')).simplified();
    return out;
}

// What a file of that version holds where we made it, found out once by making one in memory.
static std::variant<QHash<QString, QString>, FileFault> ownSchema(const SqliteKind& kind,
                                                                  int version)
{
    static QMutex mutex; // files are opened by the courier's thread, too
    static QHash<QString, QHash<QString, QString>> known;
    const QMutexLocker lock(&mutex);
    const QString name = QStringLiteral("%1 as made %2").arg(kind.name).arg(version);
    if (const auto found = known.constFind(name); found != known.constEnd())
        return *found;
    std::variant<QHash<QString, QString>, FileFault> schema;
    {
        QSqlDatabase db = QSqlDatabase::addDatabase(QStringLiteral("QSQLITE"), name);
        db.setDatabaseName(QStringLiteral(":memory:"));
        std::optional<FileFault> fault;
        if (!db.open())
            fault = SqliteFile::faultOf(db.lastError());
        const auto run = [&](const QStringList& statements) {
            QSqlQuery query(db);
            for (const QString& statement : statements)
                if (!fault && !query.exec(statement))
                    fault = SqliteFile::faultOf(query.lastError());
        };
        for (int v = 1; v <= version && !fault; ++v) {
            run(kind.migration(v));
            if (!fault && kind.convert != nullptr)
                fault = kind.convert(db, v);
        }
        run(kind.besides);
        schema = fault ? std::variant<QHash<QString, QString>, FileFault>(*fault) : schemaOf(db);
        db.close();
    }
    QSqlDatabase::removeDatabase(name);
    if (const auto* made = std::get_if<QHash<QString, QString>>(&schema))
        known[name] = *made;
    return schema;
}

// Tables that SQLite makes itself, for its own use and for a full text search, are another
// version's to make otherwise; a plain table of them holds nothing that runs.
static bool isOfSqlite(const QHash<QString, QString>& made, const QString& object,
                       const QString& statement)
{
    const QString name = object.section(QLatin1Char(' '), 1);
    if (name.startsWith(QLatin1String("sqlite_")))
        return true;
    static const QRegularExpression reckoned(QStringLiteral("\\bAS\\s*\\("),
                                             QRegularExpression::CaseInsensitiveOption);
    if (!object.startsWith(QLatin1String("table ")) || statement.contains(reckoned))
        return false;
    for (auto it = made.cbegin(); it != made.cend(); ++it)
        if (it->startsWith(QLatin1String("CREATE VIRTUAL TABLE ")) &&
            object.startsWith(it.key() + QLatin1Char('_')))
            return true;
    return false;
}

// A view in a table's place may never come to an end, and a trigger does more than was asked for:
// only what we made is read.
static std::optional<FileFault> foreignIn(const QSqlDatabase& db, const SqliteKind& kind,
                                          int version)
{
    const auto there = schemaOf(db);
    const auto own = ownSchema(kind, version);
    for (const auto* read : {&there, &own})
        if (const auto* fault = std::get_if<FileFault>(read))
            return *fault;
    const auto& made = std::get<QHash<QString, QString>>(own);
    const auto& found = std::get<QHash<QString, QString>>(there);
    for (auto it = found.cbegin(); it != found.cend(); ++it)
        if (made.value(it.key(), QStringLiteral("-")) != it.value() &&
            !isOfSqlite(made, it.key(), it.value()))
            return FileFault{Code::NotOurs, {}, it.key()};
    return std::nullopt;
}

std::optional<FileFault> SqliteFile::migrate(const QString& path, const SqliteKind& kind,
                                             bool readOnly)
{
    QSqlDatabase db = database();
    QSqlQuery query(db);
    const auto exec = [&](const QString& sql) { return query.exec(sql); };
    if (!exec(QStringLiteral("PRAGMA busy_timeout = 250")) ||
        !exec(QStringLiteral("PRAGMA foreign_keys = ON")) ||
        !exec(QStringLiteral("PRAGMA trusted_schema = OFF")))
        return FileFault{Code::CannotOpen, path, query.lastError().databaseText()};
    // The first real read is where SQLite finds out that a file is not a database.
    if (!exec(QStringLiteral("SELECT count(*) FROM sqlite_master")) || !query.next()) {
        const FileFault fault = faultOf(query.lastError());
        if (fault.code == Code::Locked || fault.code == Code::ReadOnly)
            return fault;
        // A file with another program's first bytes is not ours; one that begins as ours is
        // damaged.
        QFile file(path);
        const bool sqlite =
            file.open(QIODevice::ReadOnly) && file.read(15) == QByteArray("SQLite format 3");
        return FileFault{sqlite ? Code::Damaged : Code::NotOurs, path,
                         query.lastError().databaseText()};
    }
    const int tables = query.value(0).toInt();
    if (!exec(QStringLiteral("PRAGMA user_version")) || !query.next())
        return FileFault{Code::NotOurs, path, query.lastError().databaseText()};
    const int version = query.value(0).toInt();
    if (version > kind.version)
        return FileFault{Code::Newer, path, QString::number(version)};
    if (version == 0 && tables > 0)
        return FileFault{Code::NotOurs, path, {}};
    if (version > 0) {
        query.finish();
        if (auto fault = foreignIn(db, kind, version))
            return FileFault{fault->code, path, fault->detail};
        if (!exec(kind.probe)) {
            const FileFault fault = faultOf(query.lastError());
            return FileFault{fault.code == Code::Damaged ? Code::Damaged : Code::NotOurs, path,
                             query.lastError().databaseText()};
        }
        query.finish();
    }
    if (readOnly)
        return version == kind.version ? std::nullopt
                                       : std::optional(FileFault{Code::ReadOnly, path,
                                                                 version > 0 ? older : QString()});
    if (!exec(QStringLiteral("PRAGMA journal_mode = WAL")))
        return FileFault{Code::CannotWrite, path, query.lastError().databaseText()};
    exec(QStringLiteral("PRAGMA synchronous = FULL"));
    query.finish();
    if (version == kind.version)
        return std::nullopt;
    if (version > 0)
        if (auto fault = keepOlder(path, version))
            return fault;
    Transaction transaction(db);
    for (int v = version + 1; v <= kind.version; ++v) {
        for (const QString& statement : kind.migration(v))
            if (!exec(statement))
                return faultOf(query.lastError());
        query.finish();
        if (kind.convert != nullptr)
            if (auto fault = kind.convert(db, v))
                return fault;
    }
    if (!exec(QStringLiteral("PRAGMA user_version = %1").arg(kind.version)) || !transaction.keep())
        return faultOf(query.lastError());
    return std::nullopt;
}

Transaction::Transaction(QSqlDatabase db) : db_(std::move(db))
{
    begin();
}

Transaction::Transaction(const SqliteFile& file)
    : db_(file.database()), file_(&file), moved_(file.inPlace())
{
    if (!moved_)
        begin();
}

bool Transaction::keep()
{
    const bool done = open_ && db_.commit();
    open_ = open_ && !done;
    if (done && file_)
        moved_ = file_->inPlace();
    return done && !moved_;
}

FileFault Transaction::fault() const
{
    if (moved_)
        return *moved_;
    FileFault fault = SqliteFile::faultOf(db_.lastError());
    if (file_)
        fault.place = file_->path();
    return fault;
}

void Transaction::begin()
{
    open_ = db_.transaction();
    if (!open_ || db_.driverName() != QLatin1String("QSQLITE"))
        return;
    QSqlQuery query(db_);
    open_ = query.exec(QStringLiteral("ROLLBACK")) && query.exec(QStringLiteral("BEGIN IMMEDIATE"));
}

} // namespace rhexion
