#include "server/courier.h"

namespace rhexion {

namespace {

using State = CourierNews::State;

constexpr int lookEvery = 200;        // ms; the version of a file is cheap to ask
constexpr qint64 roundEvery = 10'000; // ms; where the server did not tell
constexpr int leastPause = 1'000;     // ms, doubled at each try
constexpr int mostPause = 30'000;
constexpr unsigned long patience = 5'000; // ms, at the end
constexpr int mostCounted = 100'000;

// Trying again does not mend these.
bool isRefusal(const FileFault& fault)
{
    using C = FileFault::Code;
    return fault.code == C::ReadOnly || fault.code == C::Newer || fault.code == C::Older ||
           fault.code == C::NotOurs || fault.code == C::Damaged || fault.code == C::OutOfRange;
}

} // namespace

CourierRounds::CourierRounds(ServerPlace place, QString journalFile, QString shelfFile)
    : place_(std::move(place)), journalFile_(std::move(journalFile)),
      shelfFile_(std::move(shelfFile))
{
}

CourierRounds::~CourierRounds() = default;

void CourierRounds::begin()
{
    looking_ = new QTimer(this);
    looking_->setInterval(lookEvery);
    connect(looking_, &QTimer::timeout, this, &CourierRounds::look);
    looking_->start();
    look();
}

std::vector<EventStore*> CourierRounds::stores() const
{
    if (!shelfEvents_)
        return {};
    return {journal_.get(), shelfEvents_.get()};
}

int CourierRounds::waiting() const
{
    int out = 0;
    for (const EventStore* store : stores()) {
        const auto own = store->unsentCount(mostCounted);
        const int* count = std::get_if<int>(&own);
        out += count ? *count : 0;
    }
    return out;
}

qint64 CourierRounds::version() const
{
    qint64 out = 0; // each only counts up
    for (const EventStore* store : stores())
        out += store->changesByOthers();
    return out;
}

void CourierRounds::lost(const FileFault& fault)
{
    server_.reset();
    pause_ = std::clamp(pause_ * 2, leastPause, mostPause);
    since_.restart();
    state_ = isRefusal(fault) ? State::Refused : State::Away;
    Q_EMIT news({state_, fault, waiting(), 0, 0});
}

bool CourierRounds::toServer()
{
    if (server_)
        return true;
    auto opened = EventServer::open(place_);
    if (const auto* fault = std::get_if<FileFault>(&opened)) {
        lost(*fault);
        return false;
    }
    server_ = std::get<std::unique_ptr<EventServer>>(std::move(opened));
    server_->listen(this, [this] { since_.invalidate(); }); // the next look makes a round
    return true;
}

bool CourierRounds::round()
{
    if (!toServer())
        return false;
    int all = 0;
    int ofShelf = 0;
    for (EventStore* store : stores()) {
        const auto moved = exchange(*store, *server_);
        if (const auto* fault = std::get_if<FileFault>(&moved)) {
            lost(*fault);
            return false;
        }
        const int fetched = std::get<Exchanged>(moved).fetched;
        all += fetched;
        ofShelf += store->carries() == EventStore::Kind::Shelf ? fetched : 0;
    }
    pause_ = 0;
    since_.restart();
    if (state_ != State::InStep || all > 0) {
        state_ = State::InStep;
        Q_EMIT news({state_, std::nullopt, 0, all, ofShelf});
    }
    return true;
}

bool CourierRounds::openFiles()
{
    if (shelfEvents_)
        return true;
    std::optional<FileFault> fault;
    auto journal = SqliteJournal::open(journalFile_);
    auto shelf = Shelf::open(shelfFile_);
    if (const auto* bad = std::get_if<FileFault>(&journal))
        fault = *bad;
    else if (const auto* worse = std::get_if<FileFault>(&shelf))
        fault = *worse;
    if (fault) {
        Q_EMIT news({State::Away, *fault, 0, 0, 0});
        return false;
    }
    journal_ = std::get<std::unique_ptr<SqliteJournal>>(std::move(journal));
    shelf_ = std::get<std::unique_ptr<Shelf>>(std::move(shelf));
    shelfEvents_ = std::make_unique<ShelfExchange>(*shelf_, journal_->bench());
    return true;
}

void CourierRounds::look()
{
    if (!openFiles())
        return;
    if (pause_ > 0 && since_.isValid() && since_.elapsed() < pause_)
        return;
    const qint64 now = version();
    const bool told = !since_.isValid();
    if (pause_ == 0 && now == seen_ && !told && since_.elapsed() < roundEvery)
        return;
    if (round())
        seen_ = now;
}

Courier::Courier(const ServerPlace& place, const QString& journalFile, const QString& shelfFile,
                 QObject* parent)
    : QObject(parent)
{
    qRegisterMetaType<CourierNews>();
    auto* rounds = new CourierRounds(place, journalFile, shelfFile);
    rounds->moveToThread(&thread_);
    connect(&thread_, &QThread::started, rounds, &CourierRounds::begin);
    connect(&thread_, &QThread::finished, rounds, &QObject::deleteLater);
    connect(rounds, &CourierRounds::news, this, [this](const CourierNews& now) {
        latest_ = now;
        Q_EMIT news(now);
    });
    thread_.setObjectName(QStringLiteral("courier"));
    thread_.start(QThread::LowPriority);
}

Courier::~Courier()
{
    thread_.quit();
    thread_.wait(patience);
}

} // namespace rhexion
