// Keeps a copy of unsaved work beside the settings, so that a crash or a pulled plug loses at most
// the last half second, and finds such copies again at the next start.
#pragma once

#include <QDateTime>
#include <QObject>
#include <QThreadPool>
#include <QTimer>

#include "core/formula/formula.h"
#include "storage/file_fault.h"
#include "storage/file_lock.h"

#include <QList>

#include <memory>
#include <optional>
#include <vector>

namespace rhexion {

class FormulaDocument;

struct RecoveredWork {
    QString file;      // the copy itself
    QString path;      // where it was last saved, or empty
    QByteArray onDisk; // FormulaDocument::onDisk() of then
    QDateTime at;
    Formula formula;
    std::vector<FileFault> lost; // what of it could not be read
};

class Autosave : public QObject {
    Q_OBJECT
public:
    // Copies go into folder, which is made when first needed.
    Autosave(FormulaDocument& document, QString folder, QObject* parent = nullptr);
    ~Autosave() override;

    // Copies left by runs that are no longer alive, newest first, with what can be read of them.
    // Those of which nothing can be read are left alone.
    QList<RecoveredWork> leftBehind() const;
    static void discard(const RecoveredWork& work);

    // Whether the work is safe now: in a copy, or saved and unchanged.
    bool writeNow();
    // The copy outlives this: for an end that asked nobody.
    void leaveCopy();

Q_SIGNALS:
    void failed(const QString& why); // work is not being kept safe
    void kept();                     // it is again

private:
    void later();
    void settle();      // nothing is being written, and nothing waits for it
    void writeBeside(); // the same as writeNow(), in a thread; what fails is told later
    bool isNeeded();
    bool prepare();
    bool tell(const std::optional<FileFault>& fault);
    bool fail(const QString& why);

    FormulaDocument& document_;
    QString folder_;
    QString file_;
    std::unique_ptr<FileLock> lock_;
    QTimer timer_;
    QThreadPool pool_;
    int run_ = 0; // the newest write
    bool failing_ = false;
    bool leaving_ = false;
};

} // namespace rhexion
