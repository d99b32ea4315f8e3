// This bench's part in a journal of several: where the server is, whether it is joined, and the
// courier that carries. docs/several-benches.md
#pragma once

#include "keyring/keyring.h"
#include "server/courier.h"

#include <QObject>

#include <memory>

namespace rhexion {

class BenchLink : public QObject {
    Q_OBJECT
public:
    BenchLink(QString journalFile, QString shelfFile, QObject* parent = nullptr);
    ~BenchLink() override;

    // What its people call this bench, and its letter in batch codes; empty, 0: not said.
    QString name() const;
    char letter() const;
    void setNamed(const QString& name, char letter);
    // As it was kept, without a password.
    ServerPlace place() const;
    bool isJoined() const;
    // Kept, and the courier set out. The password goes into the keyring, or stays in memory only.
    void join(const ServerPlace& place, bool keepPassword);
    void leave(); // the journal here stays as it is
    // What was joined before is joined again; a password is asked of the keyring first.
    void begin();
    const Courier* courier() const { return courier_.get(); }
    // What came of keeping the password; empty: it is kept.
    const QString& keyringSaid() const { return keyringSaid_; }

    // One try, in a thread: nothing, or why not.
    void tryOut(const ServerPlace& place,
                const std::function<void(const std::optional<FileFault>&)>& done);

Q_SIGNALS:
    void news(const CourierNews& news);
    void othersWrote();        // something of other benches is in the journal now
    void othersChangedShelf(); // and on the shelf
    void changed();            // joined or left, or the keyring answered
    void named();              // has another name or letter

private:
    void setOut(const ServerPlace& place);
    Keyring* keyring(); // nothing where there is none
    static QString secretOf(const ServerPlace& place);

    QString journalFile_;
    QString shelfFile_;
    std::unique_ptr<Keyring> keyring_;
    std::unique_ptr<Courier> courier_;
    QString keyringSaid_;
};

} // namespace rhexion
