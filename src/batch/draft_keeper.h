// The note a maker is typing, kept in a file beside the journal by a thread of its own: a letter
// never waits for the disk.
#pragma once

#include <QObject>
#include <QString>
#include <QThreadPool>

namespace rhexion {

class DraftKeeper : public QObject {
    Q_OBJECT
public:
    // An empty folder: nothing is kept.
    DraftKeeper(const QString& folder, const QString& batch);
    ~DraftKeeper() override; // waits for what is being written

    QString text() const { return text_; }
    void keep(const QString& text);
    void wait(); // until the last one is on disk, or could not be
    void clear();

Q_SIGNALS:
    void kept(bool well);

private:
    QString path_;
    QString text_;
    QThreadPool pool_; // one thread, so that the last one written is the last one kept
};

} // namespace rhexion
