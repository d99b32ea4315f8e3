#include "app/benches/bench_link.h"

#include "core/after/batch_code.h"
#include "core/materials/limits.h"
#include "storage/program_files.h"

#include <QPointer>
#include <QSettings>
#include <QThreadPool>

namespace rhexion {

namespace {

const QString group = QStringLiteral("server/");
const QString nameKey = QStringLiteral("bench/name");
const QString letterKey = QStringLiteral("bench/letter");

QVariant kept(const char* key)
{
    return QSettings().value(group + QLatin1String(key));
}

void keep(const char* key, const QVariant& value)
{
    QSettings().setValue(group + QLatin1String(key), value);
}

} // namespace

BenchLink::BenchLink(QString journalFile, QString shelfFile, QObject* parent)
    : QObject(parent), journalFile_(std::move(journalFile)), shelfFile_(std::move(shelfFile))
{
}

BenchLink::~BenchLink() = default;

QString BenchLink::name() const
{
    return QSettings().value(nameKey).toString().left(qsizetype(limits::benchName));
}

char BenchLink::letter() const
{
    const QString kept = QSettings().value(letterKey).toString();
    const char letter = kept.size() == 1 ? kept.front().toLatin1() : '\0';
    return letter && benchLetters.find(letter) != benchLetters.npos ? letter : '\0';
}

void BenchLink::setNamed(const QString& name, char letter)
{
    QSettings settings;
    settings.setValue(nameKey, name.trimmed());
    settings.setValue(letterKey, letter ? QString(QLatin1Char(letter)) : QString());
    Q_EMIT named();
}

ServerPlace BenchLink::place() const
{
    ServerPlace place;
    place.host = kept("host").toString();
    const int port = kept("port").toInt();
    place.port = port > 0 && port < 65536 ? port : place.port;
    if (const QString database = kept("database").toString(); !database.isEmpty())
        place.database = database;
    place.user = kept("user").toString();
    return place;
}

bool BenchLink::isJoined() const
{
    return kept("joined").toBool();
}

QString BenchLink::secretOf(const ServerPlace& place)
{
    return QStringLiteral("%1@%2:%3/%4")
        .arg(place.user, place.host)
        .arg(place.port)
        .arg(place.database);
}

Keyring* BenchLink::keyring()
{
    if (!keyring_)
        if (const auto make = reinterpret_cast<MakeKeyring>(
                programEntry(QStringLiteral("librhexion_keyring"), keyringEntry)))
            keyring_.reset(make());
    return keyring_.get();
}

void BenchLink::join(const ServerPlace& place, bool keepPassword)
{
    keep("host", place.host);
    keep("port", place.port);
    keep("database", place.database);
    keep("user", place.user);
    keep("joined", true);
    keyringSaid_.clear();
    if (Keyring* ring = place.password.isEmpty() ? nullptr : keyring()) {
        const auto said = [this](const QString&, const QString& why) {
            keyringSaid_ = why;
            Q_EMIT changed();
        };
        if (keepPassword)
            ring->keep(secretOf(place), place.password, said);
        else
            ring->forget(secretOf(place), [](const QString&, const QString&) {});
    }
    setOut(place);
    Q_EMIT changed();
}

void BenchLink::leave()
{
    keep("joined", false);
    courier_.reset();
    if (Keyring* ring = keyring())
        ring->forget(secretOf(place()), [](const QString&, const QString&) {});
    Q_EMIT changed();
}

void BenchLink::begin()
{
    if (!isJoined() || courier_)
        return;
    const ServerPlace there = place();
    Keyring* ring = keyring();
    if (!ring) {
        setOut(there); // the server may want none, or ~/.pgpass has it
        return;
    }
    ring->read(secretOf(there), [this, there](const QString& secret, const QString& why) {
        keyringSaid_ = why;
        if (courier_ || !isJoined())
            return; // joined or left meanwhile
        ServerPlace with = there;
        with.password = secret;
        setOut(with);
    });
}

void BenchLink::setOut(const ServerPlace& place)
{
    courier_.reset(); // the one before has come home
    courier_ = std::make_unique<Courier>(place, journalFile_, shelfFile_);
    connect(courier_.get(), &Courier::news, this, [this](const CourierNews& now) {
        Q_EMIT news(now);
        if (now.fetched > now.ofShelf)
            Q_EMIT othersWrote();
        if (now.ofShelf > 0)
            Q_EMIT othersChangedShelf();
    });
}

void BenchLink::tryOut(const ServerPlace& place,
                       const std::function<void(const std::optional<FileFault>&)>& done)
{
    QThreadPool::globalInstance()->start([place, done, here = QPointer<BenchLink>(this)] {
        std::optional<FileFault> why;
        {
            auto opened = EventServer::open(place);
            if (const auto* fault = std::get_if<FileFault>(&opened))
                why = *fault;
            else
                why = std::get<std::unique_ptr<EventServer>>(opened)->mayWrite();
        }
        if (here)
            QMetaObject::invokeMethod(
                here, [done, why] { done(why); }, Qt::QueuedConnection);
    });
}

} // namespace rhexion
