// One program for each data folder. A second start hands its files to the first; where the first
// does not answer, it may only read.
#pragma once

#include <QLockFile>
#include <QObject>
#include <QStringList>

#include <memory>

namespace rhexion {

class Door;

class Instance : public QObject {
    Q_OBJECT
public:
    explicit Instance(const QString& dataFolder, QObject* parent = nullptr);
    ~Instance() override;

    // Whether the folder is ours now; false where another living program has it.
    bool claim();
    // Asks the program that has it to open these files in windows of its own; false where it does
    // not answer within three seconds.
    bool handOver(const QStringList& paths) const;
    // Answers later starts; after the first picture, since it takes a moment.
    void listen();

Q_SIGNALS:
    void wanted(const QStringList& paths); // empty: a new window

private:
    Door* door() const; // nothing where its library is not beside the program

    QString folder_;
    QString socket_;
    std::unique_ptr<QLockFile> lock_;
    mutable std::unique_ptr<Door> door_;
};

} // namespace rhexion
