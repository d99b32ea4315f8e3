// One program for each data folder. A second start hands its files to the first; where the first
// does not answer, it may only read.
#pragma once

#include <QObject>
#include <QStringList>

#include "storage/file_lock.h"

#include <memory>

namespace rhexion {

class Door;

class Instance : public QObject {
    Q_OBJECT
public:
    explicit Instance(const QString& dataFolder, QObject* parent = nullptr);
    ~Instance() override;

    enum class Met { Ours, HandedOver, Silent };
    // Where another program has the folder, asks it to open these files in windows of its own,
    // again and again for ten seconds: it may be starting, too, or ending. Silent: it never
    // answered.
    Met meet(const QStringList& paths);
    // Answers later starts; after the first picture, since it takes a moment. Once is enough.
    void listen();

Q_SIGNALS:
    void wanted(const QStringList& paths); // empty: a new window

private:
    // Whether the folder is ours now; false where another living program has it.
    bool claim();
    bool handOver(const QStringList& paths) const;
    Door* door() const; // nothing where its library is not beside the program

    QString folder_;
    QString socket_;
    FileLock lock_;
    bool listening_ = false;
    mutable std::unique_ptr<Door> door_;
};

} // namespace rhexion
