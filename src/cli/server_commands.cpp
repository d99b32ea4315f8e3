#include "cli/server_commands.h"

#include "cli/answers.h"
#include "storage/event_json.h"
#include "storage/shelf_exchange.h"
#include "storage/sqlite_journal.h"
#include "words/plain_text.h"
#include "words/refusal_words.h"

#include <QCoreApplication>
#include <QFileInfo>
#include <QUrl>
#include <QUrlQuery>

namespace rhexion {

namespace {

using namespace cli;

const QString scheme = QStringLiteral("postgresql");

struct ServerText {
    Q_DECLARE_TR_FUNCTIONS(ServerCommands)
};

// postgresql://USER@HOST:PORT/DATABASE, or with ?host=/folder/of/a/socket. A password is none of
// it: anybody on the machine could read it there.
std::optional<ServerPlace> placeOf(const QString& address)
{
    const QUrl url(address, QUrl::StrictMode);
    if (!url.isValid() || url.scheme() != scheme || !url.password().isEmpty())
        return std::nullopt;
    ServerPlace place;
    const QString socket = QUrlQuery(url).queryItemValue(QStringLiteral("host"));
    place.host = socket.isEmpty() ? url.host() : socket;
    place.port = url.port(place.port);
    place.user = url.userName();
    if (url.path().size() > 1)
        place.database = url.path().mid(1);
    return place;
}

int badAddress(const QString& address)
{
    return bad(address, ServerText::tr("this is no address of a server; it is written like "
                                       "postgresql://ann@workshop/rhexion, without a password. "
                                       "That comes from PGPASSWORD or ~/.pgpass."));
}

// The journal, and the shelf that stands beside it if there is one.
std::variant<Exchanged, int> exchangeFiles(const QString& path, EventServer& server)
{
    auto journal = SqliteJournal::open(path);
    if (const auto* fault = std::get_if<FileFault>(&journal))
        return bad(path, words::fileFault(*fault));
    SqliteJournal& own = *std::get<std::unique_ptr<SqliteJournal>>(journal);
    const auto moved = exchange(own, server);
    if (const auto* fault = std::get_if<FileFault>(&moved))
        return bad(path, words::serverFault(*fault));
    Exchanged out = std::get<Exchanged>(moved);
    const QString shelfPath = QFileInfo(path).absolutePath() + QStringLiteral("/shelf.sqlite");
    if (!QFileInfo::exists(shelfPath))
        return out;
    auto shelf = Shelf::open(shelfPath);
    if (const auto* fault = std::get_if<FileFault>(&shelf))
        return bad(shelfPath, words::fileFault(*fault));
    ShelfExchange events(*std::get<std::unique_ptr<Shelf>>(shelf), own.bench());
    const auto also = exchange(events, server);
    if (const auto* fault = std::get_if<FileFault>(&also))
        return bad(shelfPath, words::serverFault(*fault));
    out.sent += std::get<Exchanged>(also).sent;
    out.fetched += std::get<Exchanged>(also).fetched;
    return out;
}

} // namespace

int runServerCommand(const QStringList& words)
{
    const bool exchanging = words.value(0) == QLatin1String("exchange");
    const QString what = words.value(1);
    const bool making = what == QLatin1String("init");
    if (words.size() != 3 || (!exchanging && !making && what != QLatin1String("check")))
        return wrongUse(ServerText::tr("journal server init ADDRESS, journal server check ADDRESS, "
                                       "or journal exchange JOURNAL ADDRESS."));
    const QString address = words[2];
    const auto place = placeOf(address);
    if (!place)
        return badAddress(address);
    if (making) {
        if (const auto fault = EventServer::init(*place))
            return bad(address, words::serverFault(*fault));
        put(stdout, ServerText::tr("The journal is there. Give its makers the role rhexion_maker, "
                                   "and those who only look rhexion_reader.\n"));
        return Good;
    }
    auto opened = EventServer::open(*place);
    if (const auto* fault = std::get_if<FileFault>(&opened))
        return bad(address, words::serverFault(*fault));
    EventServer& server = *std::get<std::unique_ptr<EventServer>>(opened);
    if (!exchanging) {
        const auto read = server.after(EventStore::Kind::Journal, 0, 1);
        if (const auto* fault = std::get_if<FileFault>(&read))
            return bad(address, words::serverFault(*fault));
        put(stdout, std::get<QList<PlacedEvent>>(read).isEmpty()
                        ? ServerText::tr("The journal is there, and empty.\n")
                        : ServerText::tr("The journal is there, and can be read.\n"));
        return Good;
    }
    const auto moved = exchangeFiles(what, server);
    if (const int* code = std::get_if<int>(&moved))
        return *code;
    const Exchanged& done = std::get<Exchanged>(moved);
    put(stdout, ServerText::tr("Passed on: %1. From other benches: %2.\n")
                    .arg(done.sent)
                    .arg(done.fetched));
    return Good;
}

bool isServerAddress(const QString& path)
{
    return path.startsWith(scheme + QLatin1String("://"));
}

std::variant<std::unique_ptr<ServerJournal>, int> openServerJournal(const QString& address)
{
    const auto place = placeOf(address);
    if (!place)
        return badAddress(address);
    auto opened = ServerJournal::open(*place, QString::fromStdString(newId()));
    if (const auto* fault = std::get_if<FileFault>(&opened))
        return bad(address, words::serverFault(*fault));
    return std::get<std::unique_ptr<ServerJournal>>(std::move(opened));
}

} // namespace rhexion
