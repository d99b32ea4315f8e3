// Carries events between a bench's own files (journal and shelf) and the server, in a thread of its
// own, so that nothing here ever waits for a network. docs/several-benches.md
#pragma once

#include "server/event_server.h"
#include "storage/shelf_exchange.h"
#include "storage/sqlite_journal.h"

#include <QElapsedTimer>
#include <QObject>
#include <QThread>
#include <QTimer>

#include <vector>

namespace rhexion {

struct CourierNews {
    enum class State {
        Asking, // not there yet, or there again
        InStep, // all of here is there and all of there is here
        Away,   // the server does not answer; it is asked again
        Refused // it answers, but nothing can be passed on: a name or right is wrong, it is newer
    };
    State state = State::Asking;
    std::optional<FileFault> why; // of Away and Refused
    int waiting = 0;              // own events that the server does not have, as far as is known
    int fetched = 0;              // others' events taken in by this round
    int ofShelf = 0;              // of those, how many are about the shelf
};

// What runs in the thread; its slots are called by signals alone.
class CourierRounds : public QObject {
    Q_OBJECT
public:
    CourierRounds(ServerPlace place, QString journalFile, QString shelfFile);
    ~CourierRounds() override;

    void begin();

Q_SIGNALS:
    void news(const CourierNews& news);

private:
    void look();     // whether anything is new here
    bool round();    // one exchange
    bool toServer(); // a connection, if there is none
    void lost(const FileFault& fault);
    bool openFiles();
    std::vector<EventStore*> stores() const; // none until they are open
    qint64 version() const;                  // of both files
    int waiting() const;

    ServerPlace place_;
    QString journalFile_;
    QString shelfFile_;
    std::unique_ptr<SqliteJournal> journal_;
    std::unique_ptr<Shelf> shelf_;
    std::unique_ptr<ShelfExchange> shelfEvents_;
    std::unique_ptr<EventServer> server_;
    QTimer* looking_ = nullptr;
    QElapsedTimer since_; // the last round
    qint64 seen_ = -1;    // version of the files at the last look
    int pause_ = 0;       // ms until it is tried again
    CourierNews::State state_ = CourierNews::State::Asking;
};

class Courier : public QObject {
    Q_OBJECT
public:
    // The files must be there: they are the bench's own.
    Courier(const ServerPlace& place, const QString& journalFile, const QString& shelfFile,
            QObject* parent = nullptr);
    ~Courier() override; // waits for a round that is under way, five seconds at most

    const CourierNews& latest() const { return latest_; }

Q_SIGNALS:
    void news(const CourierNews& news);

private:
    QThread thread_;
    CourierNews latest_;
};

} // namespace rhexion

Q_DECLARE_METATYPE(rhexion::CourierNews)
