#include "app/workshop.h"

#include "app/benches/bench_link.h"
#include "app/notices.h"

#include "app/devices/device_settings.h"
#include "app/widgets/own_words.h"

#include "storage/data_folder.h"
#include "storage/good_copies.h"
#include "storage/sqlite_journal.h"
#include "storage/whole_file.h"
#include "words/refusal_words.h"

#include "words/search_words.h"
#include <QDir>

#include <QFile>
#include <QFileInfo>

namespace rhexion {

Workshop::Workshop(Places places, Clock clock, QObject* parent)
    : QObject(parent), places_(std::move(places)), clock_(std::move(clock)),
      stock_(new Stock(shelfPath(), Foods::shippedPath(), places_.readOnly, this)),
      way_(places_.data), fittings_(places_.data, places_.readOnly),
      memory_([this] { return journal(); }),
      heatMemory_([this] { return journal(); },
                  [this] { return fittings().all().heat.value_or(HeatPlan{}); })
{
    if (places_.fittings)
        fittings_.setFirst(places_.fittings());
    connect(this, &Workshop::journalChanged, &memory_, &PaceMemory::forget);
    connect(this, &Workshop::journalChanged, &heatMemory_, &HeatMemory::forget);
    stock_->setSearchRules(words::searchRules());
    stock_->setOwnWords(ownWords::all());
    constexpr int pause = 2000; // ms
    again_.setInterval(pause);
    connect(&again_, &QTimer::timeout, this, [this] {
        if (openJournal())
            again_.stop();
    });
}

Workshop::~Workshop()
{
    // The copy of a day that went well is worth more than a second at the end of it.
    if (journal_ && !places_.readOnly && !places_.fillJournal)
        journal_->keepGoodCopy(clock_());
}

void Workshop::speakAnew()
{
    stock_->setSearchRules(words::searchRules());
}

Notices& Workshop::notices()
{
    if (!notices_)
        notices_ = new Notices(*this, this);
    return *notices_;
}

BenchLink& Workshop::benches()
{
    if (!benches_) {
        benches_ = new BenchLink(journalPath(), shelfPath(), this);
        connect(benches_, &BenchLink::othersWrote, this, &Workshop::journalChanged);
        connect(benches_, &BenchLink::named, this, &Workshop::nameBench);
        connect(benches_, &BenchLink::othersChangedShelf, stock_, &Stock::reread);
    }
    return *benches_;
}

devices::DeviceDesk& Workshop::devices()
{
    if (!devices_) {
        devices_ = new devices::DeviceDesk(this);
        devices_->setDevices(readDevices());
    }
    return *devices_;
}

void Workshop::loadStock()
{
    stock_->load();
    Shelf* shelf = stock_->shelf();
    if (!places_.fillShelf || places_.readOnly || filled_ || !shelf)
        return;
    filled_ = true;
    if (!shelf->materials().empty() || !shelf->lots().empty())
        return;
    if (const auto fault = places_.fillShelf(*shelf))
        Q_EMIT said(words::fileFault(*fault));
    else
        stock_->refresh();
}

Journal* Workshop::journal()
{
    if (!journal_ && !again_.isActive() && !openJournal() &&
        journalFault_->code == FileFault::Code::Locked)
        again_.start();
    return journal_.get();
}

void Workshop::nameBench()
{
    if (journal_)
        journal_->setBench(benches().name(), benches().letter());
}

bool Workshop::openJournal(bool beginAnew)
{
    if (!places_.readOnly)
        makeOwnFolder(places_.data);
    using How = SqliteJournal::How;
    // The demo's journal holds nothing that could be lost.
    const How how = places_.readOnly                              ? How::ReadOnly
                    : beginAnew || places_.fillJournal != nullptr ? How::BeginAnew
                                                                  : How::Usual;
    auto opened = SqliteJournal::open(journalPath(), how);
    if (auto* fault = std::get_if<FileFault>(&opened)) {
        journalFault_ = std::move(*fault);
        Q_EMIT journalFailed();
        return false;
    }
    journalFault_.reset();
    journal_ = std::get<std::unique_ptr<SqliteJournal>>(std::move(opened));
    nameBench();
    if (places_.fillJournal && !places_.readOnly)
        if (const auto fault = places_.fillJournal(*journal_))
            Q_EMIT said(words::fileFault(*fault));
    Q_EMIT journalOpened();
    return true;
}

QDateTime Workshop::goodJournalCopy() const
{
    const auto copies = goodCopiesOf(journalPath());
    return copies.isEmpty() ? QDateTime() : QFileInfo(copies.first()).lastModified();
}

QString Workshop::asideName() const
{
    const QString stamp = clock_().toUTC().toString(QStringLiteral("yyyyMMdd-HHmmss"));
    return freeName(journalPath() + QStringLiteral(".damaged-") + stamp);
}

bool Workshop::journalFromGoodCopy()
{
    const auto copies = goodCopiesOf(journalPath());
    if (journal_ || copies.isEmpty())
        return false;
    if (auto fault = takeGoodCopy(copies.first(), journalPath(), asideName())) {
        journalFault_ = std::move(fault);
        return false;
    }
    return openJournal();
}

bool Workshop::journalAnew()
{
    if (journal_)
        return false;
    if (auto fault = putAside(journalPath(), asideName())) {
        journalFault_ = std::move(fault);
        return false;
    }
    return openJournal(true);
}

} // namespace rhexion
