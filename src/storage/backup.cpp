#include "storage/backup.h"

#include "storage/after_json.h"
#include "storage/data_folder.h"
#include "storage/file_lock.h"
#include "storage/fittings.h"
#include "storage/journal_schema.h"
#include "storage/shelf.h"
#include "storage/sqlite_file.h"
#include "storage/sqlite_journal.h"
#include "storage/whole_file.h"

#include <QCryptographicHash>
#include <QDir>
#include <QFile>
#include <QFileInfo>
#include <QJsonArray>
#include <QJsonDocument>
#include <QJsonObject>
#include <QSet>
#include <QSqlDatabase>
#include <QSqlError>
#include <QSqlQuery>
#include <QTemporaryDir>

#include <unistd.h>

#include <algorithm>
#include <atomic>

namespace rhexion {

namespace {

using Code = FileFault::Code;
using Done = std::optional<FileFault>;

constexpr auto magic = "rhexion-backup 1\n";
constexpr qint64 mostHeader = 64LL * 1024 * 1024;
constexpr qint64 mostFile = 64LL * 1024 * 1024 * 1024;
constexpr qint64 chunk = 1 << 20;
constexpr int digest = 32;

// The only names that are written or unpacked: none leads out of a folder.
bool isOurs(const QString& name)
{
    static const QString photos = QStringLiteral("photos/");
    return name == QLatin1String("journal.sqlite") || name == QLatin1String("shelf.sqlite") ||
           name == QLatin1String("fittings.json") || name == QLatin1String("my-way.rhexion") ||
           (name.startsWith(photos) && isPhotoName(name.mid(photos.size())));
}

FileFault cannotWrite(const QString& path, const QString& why)
{
    return {Code::CannotWrite, path, why};
}

// A copy of a database that may be in use.
Done copyDatabase(const QString& from, const QString& to)
{
    static std::atomic<int> count = 0;
    const QString connection = QStringLiteral("backup %1").arg(count.fetch_add(1));
    Done fault;
    {
        QSqlDatabase db = QSqlDatabase::addDatabase(QStringLiteral("QSQLITE"), connection);
        db.setDatabaseName(from);
        db.setConnectOptions(QStringLiteral("QSQLITE_OPEN_READONLY;QSQLITE_BUSY_TIMEOUT=5000"));
        if (!db.open()) {
            fault = SqliteFile::faultOf(db.lastError());
        } else {
            QSqlQuery query(db);
            query.prepare(QStringLiteral("VACUUM INTO ?"));
            query.addBindValue(to);
            fault = SqliteFile::run(query);
        }
        db.close();
    }
    QSqlDatabase::removeDatabase(connection);
    if (fault && fault->place.isEmpty())
        fault->place = from;
    return fault;
}

struct BackupSource {
    QString name;
    QString path;
};

// The files of a folder, databases by a copy in the spare folder.
std::variant<QList<BackupSource>, FileFault> sourcesOf(const QString& folder, const QString& spare)
{
    QList<BackupSource> out;
    for (const char* name : {"journal.sqlite", "shelf.sqlite"}) {
        const QString from = folder + QLatin1Char('/') + QLatin1String(name);
        if (!QFile::exists(from))
            continue;
        const QString copy = spare + QLatin1Char('/') + QLatin1String(name);
        if (auto fault = copyDatabase(from, copy))
            return *std::move(fault);
        out.append({QLatin1String(name), copy});
    }
    for (const char* name : {"fittings.json", "my-way.rhexion"})
        if (const QString path = folder + QLatin1Char('/') + QLatin1String(name);
            QFileInfo(path).isFile())
            out.append({QLatin1String(name), path});
    const QDir photos(folder + QStringLiteral("/photos"));
    for (const QString& file : photos.entryList({QStringLiteral("*.jpg")}, QDir::Files, QDir::Name))
        if (const QString name = QStringLiteral("photos/") + file; isOurs(name))
            out.append({name, photos.filePath(file)});
    return out;
}

std::variant<BackupEntry, FileFault> measured(const BackupSource& source)
{
    QFile file(source.path);
    if (!file.open(QIODevice::ReadOnly))
        return FileFault{Code::CannotOpen, source.path, file.errorString()};
    QCryptographicHash hash(QCryptographicHash::Sha256);
    if (!hash.addData(&file))
        return FileFault{Code::CannotOpen, source.path, file.errorString()};
    return BackupEntry{source.name, file.size(), hash.result().toHex()};
}

QByteArray headerOf(const QList<BackupEntry>& entries, const QDateTime& now)
{
    QJsonArray files;
    for (const BackupEntry& e : entries)
        files.append(QJsonObject{{"name", e.name},
                                 {"bytes", double(e.bytes)},
                                 {"sha256", QString::fromLatin1(e.sha256)}});
    const QByteArray json =
        QJsonDocument(QJsonObject{{"made", now.toUTC().toString(Qt::ISODate)}, {"files", files}})
            .toJson(QJsonDocument::Compact);
    return QByteArray(magic) + QByteArray::number(json.size()) + '\n' + json + '\n';
}

// Reads a backup from its beginning to its end, handing out each file's bytes; every sum is
// checked.
class BackupReader {
public:
    explicit BackupReader(const QString& path) : path_(path), file_(path) {}

    Done open()
    {
        const QFileInfo info(path_);
        if (info.exists() && !info.isFile())
            return FileFault{Code::NotAFile, path_, {}};
        if (!file_.open(QIODevice::ReadOnly))
            return FileFault{Code::CannotOpen, path_, file_.errorString()};
        if (take(qint64(std::strlen(magic))) != magic)
            return FileFault{Code::NotOurs, path_, {}};
        const QByteArray line = file_.readLine(32);
        all_.addData(line);
        bool good = false;
        const qint64 size = line.trimmed().toLongLong(&good);
        if (!good || size <= 0 || size > mostHeader)
            return damaged();
        const QJsonDocument json = QJsonDocument::fromJson(take(size));
        if (!json.isObject() || take(1) != "\n")
            return damaged();
        made_ = QDateTime::fromString(json["made"].toString(), Qt::ISODate);
        QSet<QString> names;
        for (const QJsonValue& value : json["files"].toArray()) {
            const QJsonObject f = value.toObject();
            const BackupEntry e{f["name"].toString(), qint64(f["bytes"].toDouble(-1)),
                                f["sha256"].toString().toLatin1()};
            const bool twice = names.contains(e.name);
            names.insert(e.name);
            if (!isOurs(e.name) || e.bytes < 0 || e.bytes > mostFile || e.sha256.size() != 64 ||
                twice)
                return damaged();
            entries_.append(e);
        }
        return std::nullopt;
    }
    // to: nothing to only check.
    Done readAll(const QString& into)
    {
        for (const BackupEntry& e : entries_) {
            QFile to(into + QLatin1Char('/') + e.name);
            const bool keep = !into.isEmpty();
            if (keep) {
                QDir().mkpath(QFileInfo(to.fileName()).path());
                if (!to.open(QIODevice::WriteOnly | QIODevice::NewOnly))
                    return cannotWrite(to.fileName(), to.errorString());
                to.setPermissions(QFile::ReadOwner | QFile::WriteOwner);
            }
            QCryptographicHash hash(QCryptographicHash::Sha256);
            for (qint64 left = e.bytes; left > 0;) {
                const QByteArray part = take(std::min(left, chunk));
                if (part.isEmpty())
                    return damaged();
                hash.addData(part);
                if (keep && to.write(part) != part.size())
                    return cannotWrite(to.fileName(), to.errorString());
                left -= part.size();
            }
            if (hash.result().toHex() != e.sha256)
                return damaged();
            if (keep && !to.flush())
                return cannotWrite(to.fileName(), to.errorString());
        }
        const QByteArray sum = all_.result();
        if (file_.read(digest) != sum || !file_.atEnd())
            return damaged();
        return std::nullopt;
    }
    const QList<BackupEntry>& entries() const { return entries_; }
    const QDateTime& made() const { return made_; }

private:
    QByteArray take(qint64 bytes)
    {
        QByteArray part = file_.read(bytes);
        all_.addData(part);
        return part;
    }
    FileFault damaged() const { return {Code::Damaged, path_, {}}; }

    QString path_;
    QFile file_;
    QCryptographicHash all_{QCryptographicHash::Sha256};
    QList<BackupEntry> entries_;
    QDateTime made_;
};

const QString spareLock = QStringLiteral("in-use.lock");

// Folders of backups that were cut short hold copies of a whole workshop.
void sweepSpares(const QString& folder)
{
    for (const QString& name :
         QDir(folder).entryList({QStringLiteral(".rhexion-backup-*")}, QDir::Dirs | QDir::Hidden)) {
        const QString spare = folder + QLatin1Char('/') + name;
        bool alive = false;
        if (const QString lock = spare + QLatin1Char('/') + spareLock; QFileInfo::exists(lock))
            alive = FileLock(lock).tryLock() == FileLock::Got::Held;
        else // of a version that locked nothing, or made a moment ago
            alive = QFileInfo(spare).lastModified().secsTo(QDateTime::currentDateTime()) < 3600;
        if (!alive)
            QDir(spare).removeRecursively();
    }
}

} // namespace

Done writeBackup(const QString& folder, const QString& path, const QDateTime& now)
{
    const QFileInfo target(path);
    if (target.exists() && !target.isFile())
        return FileFault{Code::NotAFile, path, {}};
    // Weekly copies alone lie within the folder.
    const QString data = QFileInfo(folder).canonicalFilePath();
    const QString into = QFileInfo(target.absolutePath()).canonicalFilePath();
    if ((into + QLatin1Char('/')).startsWith(data + QLatin1Char('/')) &&
        into != data + QStringLiteral("/copies"))
        return FileFault{Code::InsideData, path, {}};
    sweepSpares(QFileInfo(path).absolutePath());
    QTemporaryDir spare(QFileInfo(path).absolutePath() + QStringLiteral("/.rhexion-backup-XXXXXX"));
    if (!spare.isValid())
        return cannotWrite(path, spare.errorString());
    FileLock alive(spare.filePath(spareLock));
    if (alive.tryLock() != FileLock::Got::Yes)
        return cannotWrite(path, {});
    const auto sources = sourcesOf(folder, spare.path());
    if (const auto* fault = std::get_if<FileFault>(&sources))
        return *fault;
    QList<BackupEntry> entries;
    for (const BackupSource& s : std::get<QList<BackupSource>>(sources)) {
        auto entry = measured(s);
        if (auto* fault = std::get_if<FileFault>(&entry))
            return *std::move(fault);
        entries.append(std::get<BackupEntry>(std::move(entry)));
    }
    const QString part = spare.filePath(QStringLiteral("part"));
    {
        QFile to(part);
        QCryptographicHash all(QCryptographicHash::Sha256);
        if (!to.open(QIODevice::WriteOnly))
            return cannotWrite(path, to.errorString());
        to.setPermissions(QFile::ReadOwner | QFile::WriteOwner);
        const auto put = [&](const QByteArray& bytes) {
            all.addData(bytes);
            return to.write(bytes) == bytes.size();
        };
        bool good = put(headerOf(entries, now));
        for (const BackupSource& s : std::get<QList<BackupSource>>(sources)) {
            QFile from(s.path);
            good = good && from.open(QIODevice::ReadOnly);
            while (good && !from.atEnd()) {
                const QByteArray bytes = from.read(chunk);
                if (bytes.isEmpty()) // it would never come to its end
                    return FileFault{Code::CannotOpen, s.path, from.errorString()};
                good = put(bytes);
            }
        }
        good = good && to.write(all.result()) == digest && to.flush() && ::fsync(to.handle()) == 0;
        if (!good)
            return cannotWrite(path, to.errorString());
    }
    // Tried before it counts.
    const auto checked = checkBackup(part);
    if (const auto* fault = std::get_if<FileFault>(&checked))
        return cannotWrite(path, fault->detail);
    if (::rename(QFile::encodeName(part).constData(), QFile::encodeName(path).constData()) != 0)
        return cannotWrite(path, {});
    syncFolderOf(path);
    return std::nullopt;
}

std::variant<QList<BackupEntry>, FileFault> checkBackup(const QString& path)
{
    BackupReader reader(path);
    if (auto fault = reader.open())
        return *std::move(fault);
    if (auto fault = reader.readAll({}))
        return *std::move(fault);
    return reader.entries();
}

std::variant<BackupLooked, FileFault> lookAtData(const QString& folder)
{
    BackupLooked out;
    const QString journalFile = folder + QStringLiteral("/journal.sqlite");
    if (QFile::exists(journalFile)) {
        auto opened = SqliteJournal::open(journalFile);
        if (auto* fault = std::get_if<FileFault>(&opened))
            return *std::move(fault);
        const Journal& journal = *std::get<std::unique_ptr<SqliteJournal>>(opened);
        const auto counted = journal.size();
        if (const auto* fault = std::get_if<FileFault>(&counted))
            return *fault;
        out.batches = std::get<JournalSize>(counted).batches;
        out.events = std::get<JournalSize>(counted).events;
        out.newest = journal.latest();
    }
    const QString shelfFile = folder + QStringLiteral("/shelf.sqlite");
    if (QFile::exists(shelfFile)) {
        const auto opened = Shelf::open(shelfFile);
        if (const auto* fault = std::get_if<FileFault>(&opened))
            return *fault;
    }
    const auto fittings = readFittings(fittingsPath(folder));
    if (const auto* fault = std::get_if<FileFault>(&fittings))
        return *fault;
    out.photos = int(QDir(folder + QStringLiteral("/photos"))
                         .entryList({QStringLiteral("*.jpg")}, QDir::Files)
                         .size());
    return out;
}

std::variant<BackupLooked, FileFault> unpackBackup(const QString& path, const QString& into)
{
    if (QFileInfo::exists(into))
        return FileFault{Code::Twice, into, into};
    BackupReader reader(path);
    if (auto fault = reader.open())
        return *std::move(fault);
    if (!QDir().mkpath(into))
        return cannotWrite(into, {});
    QFile::setPermissions(into, QFile::ReadOwner | QFile::WriteOwner | QFile::ExeOwner);
    auto fault = reader.readAll(into);
    std::variant<BackupLooked, FileFault> looked =
        fault ? std::variant<BackupLooked, FileFault>(*std::move(fault)) : lookAtData(into);
    if (auto* good = std::get_if<BackupLooked>(&looked)) {
        good->made = reader.made();
        good->entries = reader.entries();
    } else {
        QDir(into).removeRecursively(); // half of it is no use to anybody
    }
    return looked;
}

namespace {

const QString takingMark = QStringLiteral("/taking.mark");

// After they have changed places. Work that was not saved comes along, so that it is offered.
// The result is empty where nothing was there before.
std::variant<QString, FileFault> finishTaking(const QString& was, const QString& folder,
                                              const QString& kept)
{
    const bool there = QFileInfo(was).isDir();
    if (there) {
        const QDir recovered(was + QStringLiteral("/recovered"));
        const QDir now(folder + QStringLiteral("/recovered"));
        for (const QString& name : recovered.entryList({QStringLiteral("*.recovery")}, QDir::Files))
            if (makeOwnFolder(now.path()) && !now.exists(name))
                copyWhole(recovered.filePath(name), now.filePath(name));
        if (!QDir().rename(was, kept))
            return cannotWrite(kept, {});
    }
    QFile::remove(folder + takingMark);
    syncFolderOf(folder);
    return there ? kept : QString();
}

QString keptName(const QString& folder, const QDateTime& now)
{
    return folder + QStringLiteral(".before-") +
           now.toUTC().toString(QStringLiteral("yyyyMMdd-hhmmss"));
}

} // namespace

std::variant<QString, FileFault> takeBackup(const QString& unpacked, const QString& folder,
                                            const QDateTime& now)
{
    const QString kept = keptName(folder, now);
    if (QFileInfo::exists(kept))
        return FileFault{Code::Twice, kept, kept};
    // The mark goes with the unpacked files: where it is says whether they have changed places.
    if (auto fault = writeWhole(unpacked + takingMark, "taken in\n", true))
        return *std::move(fault);
    if (auto fault = exchange(unpacked, folder))
        return *std::move(fault);
    return finishTaking(unpacked, folder, kept);
}

namespace {

QString planOf(const QString& folder)
{
    return folder + QStringLiteral(".take");
}

} // namespace

std::optional<FileFault> planToTake(const QString& unpacked, const QString& folder)
{
    return writeWhole(planOf(folder), QFileInfo(unpacked).fileName().toUtf8(), true);
}

std::variant<QString, FileFault> takePlanned(const QString& folder, const QDateTime& now)
{
    QFile plan(planOf(folder));
    if (!plan.open(QIODevice::ReadOnly))
        return QString();
    // Not from under a program that has it open; the next start tries again.
    FileLock lock(folder + QStringLiteral("/in-use.lock"));
    if (QFileInfo::exists(folder) && lock.tryLock() == FileLock::Got::Held)
        return QString();
    const QString name = QString::fromUtf8(plan.read(1000));
    plan.close();
    // Only a folder beside this one, by its name.
    const QString unpacked = QFileInfo(folder).absolutePath() + QLatin1Char('/') + name;
    const bool good =
        !name.isEmpty() && !name.contains(QLatin1Char('/')) &&
        name.startsWith(QFileInfo(folder).fileName() + QStringLiteral(".restored-")) &&
        QFileInfo(unpacked).isDir();
    std::variant<QString, FileFault> taken = FileFault{Code::Missing, name, {}};
    // Cut short after they had changed places: what is left to do is done.
    if (QFileInfo::exists(folder + takingMark))
        taken = finishTaking(unpacked, folder, freeName(keptName(folder, now)));
    else if (good)
        taken = takeBackup(unpacked, folder, now);
    plan.remove();
    return taken;
}

std::variant<QString, FileFault> keepWeekly(const QString& folder, const QDateTime& now, int keep)
{
    const QDir copies(folder + QStringLiteral("/copies"));
    const QString today = QStringLiteral("week-%1.rhexion-backup")
                              .arg(now.date().toString(QStringLiteral("yyyy-MM-dd")));
    // Those of days to come, of a clock that was wrong, say nothing about how old they are.
    const auto names = [&] {
        QStringList all =
            copies.entryList({QStringLiteral("week-*.rhexion-backup")}, QDir::Files, QDir::Name);
        all.removeIf([&](const QString& name) { return name > today; });
        return all;
    };
    const QStringList there = names();
    if (!there.isEmpty()) {
        const QDate last = QDate::fromString(there.last().mid(5, 10), Qt::ISODate);
        if (last.isValid() && last.daysTo(now.date()) < 7)
            return QString();
    }
    if (!QFile::exists(folder + QStringLiteral("/journal.sqlite")))
        return QString();
    // An empty journal, such as one that was begun in the place of a lost one, pushes none out.
    auto looked = lookAtData(folder);
    if (auto* fault = std::get_if<FileFault>(&looked))
        return *std::move(fault);
    if (std::get<BackupLooked>(looked).events == 0)
        return QString();
    if (!makeOwnFolder(copies.path()))
        return cannotWrite(copies.path(), {});
    const QString path = copies.filePath(today);
    if (auto fault = writeBackup(folder, path, now))
        return *std::move(fault);
    QStringList all = names();
    while (all.size() > std::max(1, keep))
        QFile::remove(copies.filePath(all.takeFirst()));
    return path;
}

} // namespace rhexion
