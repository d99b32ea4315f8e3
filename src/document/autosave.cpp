#include "document/autosave.h"

#include "document/formula_document.h"
#include "storage/data_folder.h"
#include "storage/formula_json.h"
#include "storage/json_cursor.h"
#include "storage/whole_file.h"

#include <QDir>
#include <QFile>
#include <QJsonDocument>
#include <QScopeGuard>
#include <QUuid>

#include <algorithm>
#include <utility>

namespace rhexion {

namespace {
constexpr int delayMs = 500;
const QString format = QStringLiteral("rhexion-recovery");

QByteArray copyOf(const Formula& formula, const QString& path, const QByteArray& onDisk)
{
    // What stands before the formula; then the formula as it is written anyway, not read again.
    const QJsonObject head{{"format", format},
                           {"version", 1},
                           {"path", path},
                           {"onDisk", QString::fromLatin1(onDisk.toHex())},
                           {"at", QDateTime::currentDateTimeUtc().toString(Qt::ISODate)}};
    QByteArray bytes = QJsonDocument(head).toJson(QJsonDocument::Compact);
    bytes.chop(1);
    return bytes + ",\"formula\":" + formulaToJson(formula) + '}';
}
} // namespace

Autosave::Autosave(FormulaDocument& document, QString folder, QObject* parent)
    : QObject(parent), document_(document), folder_(std::move(folder))
{
    timer_.setSingleShot(true);
    timer_.setInterval(delayMs);
    pool_.setMaxThreadCount(1);
    connect(&timer_, &QTimer::timeout, this, &Autosave::writeBeside);
    connect(&document_, &FormulaDocument::changed, this, &Autosave::later);
    connect(&document_, &FormulaDocument::dirtyChanged, this, &Autosave::later);
}

Autosave::~Autosave()
{
    settle();
    if (!lock_)
        return;
    // An orderly end has asked about unsaved work already.
    if (!leaving_)
        QFile::remove(file_);
    lock_->remove();
}

void Autosave::leaveCopy()
{
    // Where the newest cannot be written, the copy before it is still better than none.
    writeNow();
    leaving_ = document_.isDirty();
}

bool Autosave::fail(const QString& why)
{
    failing_ = true;
    Q_EMIT failed(why);
    return false;
}

void Autosave::later()
{
    if (!timer_.isActive())
        timer_.start();
}

bool Autosave::prepare()
{
    if (lock_)
        return true;
    if (!makeOwnFolder(folder_))
        return false;
    file_ = folder_ + QLatin1Char('/') + QUuid::createUuid().toString(QUuid::WithoutBraces) +
            QStringLiteral(".recovery");
    auto lock = std::make_unique<FileLock>(file_ + QStringLiteral(".lock"));
    if (lock->tryLock() != FileLock::Got::Yes)
        return false;
    lock_ = std::move(lock);
    return true;
}

void Autosave::settle()
{
    timer_.stop();
    pool_.clear(); // what has not begun would be older than what comes
    pool_.waitForDone();
}

bool Autosave::isNeeded()
{
    if (document_.isDirty())
        return true;
    if (lock_)
        QFile::remove(file_);
    return false;
}

void Autosave::writeBeside()
{
    if (!document_.isDirty()) {
        writeNow();
        return;
    }
    if (!prepare()) {
        fail(folder_);
        return;
    }
    pool_.clear();
    // On copies: a slow disk must not hold up the keys.
    pool_.start([this, run = ++run_, formula = document_.formula(), path = document_.path(),
                 onDisk = document_.onDisk(), file = file_] {
        auto fault = writeWhole(file, copyOf(formula, path, onDisk), true);
        QMetaObject::invokeMethod(
            this,
            [this, run, fault = std::move(fault)] {
                if (run == run_) // nothing newer has been written since
                    tell(fault);
            },
            Qt::QueuedConnection);
    });
}

bool Autosave::tell(const std::optional<FileFault>& fault)
{
    if (fault)
        return fail(fault->detail);
    if (std::exchange(failing_, false))
        Q_EMIT kept();
    return true;
}

bool Autosave::writeNow()
{
    settle();
    ++run_;
    if (!isNeeded())
        return true;
    if (!prepare())
        return fail(folder_);
    return tell(
        writeWhole(file_, copyOf(document_.formula(), document_.path(), document_.onDisk()), true));
}

QList<RecoveredWork> Autosave::leftBehind() const
{
    QList<RecoveredWork> out;
    const QDir dir(folder_);
    // A run that was killed with nothing unsaved leaves only its lock.
    for (const QFileInfo& info : dir.entryInfoList({QStringLiteral("*.recovery.lock")}))
        if (info.filePath() != file_ + QStringLiteral(".lock") &&
            !QFile::exists(info.filePath().chopped(5))) {
            FileLock left(info.filePath());
            if (left.tryLock() == FileLock::Got::Yes) // a living owner keeps it
                left.remove();
        }
    for (const QFileInfo& info : dir.entryInfoList({QStringLiteral("*.recovery")}, QDir::Files)) {
        if (info.filePath() == file_)
            continue;
        // Where no lock can be had at all, such as on a full disk, the work is offered all the
        // same.
        FileLock lock(info.filePath() + QStringLiteral(".lock"));
        if (lock.tryLock() == FileLock::Got::Held)
            continue; // another window is alive and using it
        const auto unlock = qScopeGuard([&] { lock.remove(); });
        QByteArray bytes;
        if (readBytes(info.filePath(), formulaFileMegabytes, bytes))
            continue;
        const JsonText json = parseJson(bytes, format, 1, formulaFileMegabytes);
        if (json.fault)
            continue;
        auto formula = salvageFormula(
            QJsonDocument(json.root.value(QLatin1String("formula")).toObject()).toJson());
        if (!formula)
            continue;
        out.append(
            {info.filePath(), json.root.value(QLatin1String("path")).toString(),
             QByteArray::fromHex(json.root.value(QLatin1String("onDisk")).toString().toLatin1()),
             QDateTime::fromString(json.root.value(QLatin1String("at")).toString(), Qt::ISODate),
             std::move(formula->formula), std::move(formula->lost)});
    }
    std::ranges::sort(out, std::ranges::greater{}, &RecoveredWork::at);
    return out;
}

void Autosave::discard(const RecoveredWork& work)
{
    QFile::remove(work.file);
}

} // namespace rhexion
