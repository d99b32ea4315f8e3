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
    return fault.code == C::ReadOnly || fault.code == C::Newer || fault.code == C::NotOurs ||
           fault.code == C::Damaged || fault.code == C::OutOfRange;
}

} // namespace

CourierRounds::CourierRounds(ServerPlace place, QString journalFile)
    : place_(std::move(place)), file_(std::move(journalFile))
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

int CourierRounds::waiting() const
{
    const auto own = journal_ ? journal_->unsentCount(mostCounted) : Journal::Result<int>(0);
    const int* count = std::get_if<int>(&own);
    return count ? *count : 0;
}

void CourierRounds::lost(const FileFault& fault)
{
    server_.reset();
    pause_ = std::clamp(pause_ * 2, leastPause, mostPause);
    since_.restart();
    state_ = isRefusal(fault) ? State::Refused : State::Away;
    Q_EMIT news({state_, fault, waiting(), 0});
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
    const auto moved = exchange(*journal_, *server_);
    if (const auto* fault = std::get_if<FileFault>(&moved)) {
        lost(*fault);
        return false;
    }
    pause_ = 0;
    since_.restart();
    const int fetched = std::get<Exchanged>(moved).fetched;
    if (state_ != State::InStep || fetched > 0) {
        state_ = State::InStep;
        Q_EMIT news({state_, std::nullopt, 0, fetched});
    }
    return true;
}

void CourierRounds::look()
{
    if (!journal_) {
        auto opened = SqliteJournal::open(file_);
        if (const auto* fault = std::get_if<FileFault>(&opened)) {
            Q_EMIT news({State::Away, *fault, 0, 0});
            return;
        }
        journal_ = std::get<std::unique_ptr<SqliteJournal>>(std::move(opened));
    }
    if (pause_ > 0 && since_.isValid() && since_.elapsed() < pause_)
        return;
    const qint64 version = journal_->changesByOthers();
    const bool told = !since_.isValid();
    if (pause_ == 0 && version == seen_ && !told && since_.elapsed() < roundEvery)
        return;
    if (round())
        seen_ = version;
}

Courier::Courier(const ServerPlace& place, const QString& journalFile, QObject* parent)
    : QObject(parent)
{
    qRegisterMetaType<CourierNews>();
    auto* rounds = new CourierRounds(place, journalFile);
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
