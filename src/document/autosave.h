// Keeps a copy of unsaved work beside the settings, so that a crash or a pulled plug loses at most
// the last half second, and finds such copies again at the next start.
#pragma once

#include <QDateTime>
#include <QObject>
#include <QTimer>

#include "core/formula/formula.h"

#include <QList>
#include <QLockFile>

#include <memory>

namespace rhexion {

class FormulaDocument;

struct RecoveredWork {
    QString file; // the copy itself
    QString path; // where it was last saved, or empty
    QDateTime at;
    Formula formula;
};

class Autosave : public QObject {
    Q_OBJECT
public:
    // Copies go into folder, which is made when first needed.
    Autosave(FormulaDocument& document, QString folder, QObject* parent = nullptr);
    ~Autosave() override;

    // Copies left by runs that are no longer alive, newest first. Unreadable ones are left alone.
    QList<RecoveredWork> leftBehind() const;
    static void discard(const RecoveredWork& work);

    void writeNow();

Q_SIGNALS:
    void failed(const QString& why); // work is not being kept safe

private:
    void later();
    bool prepare();

    FormulaDocument& document_;
    QString folder_;
    QString file_;
    std::unique_ptr<QLockFile> lock_;
    QTimer timer_;
};

} // namespace rhexion
