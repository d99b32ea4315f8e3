// New, open, save, recent, the guard for unsaved changes, and taking up recovered work.
#pragma once

#include <QFileSystemWatcher>
#include <QObject>
#include <QString>
#include <QStringList>
#include <QTimer>

class QMenu;
class QWidget;

#include "document/formula_document.h"
#include "storage/formula_json.h"

#include <functional>

namespace rhexion {

class FormulaDocument;

class FileActions : public QObject {
    Q_OBJECT
public:
    FileActions(FormulaDocument& document, QWidget& window);

    // What a new formula begins as; set once the shelf is known.
    void setFresh(std::function<Formula()> fresh) { fresh_ = std::move(fresh); }
    void addTo(QMenu& menu);
    bool openPath(const QString& path);
    // Asks about unsaved changes; true when it is fine to go on.
    bool mayLeave();
    bool save();
    bool saveOver(); // over a file that was changed meanwhile
    bool saveAs();
    void newFormula();
    // A formula nobody has saved yet in place of the open one; false where she would rather not.
    bool begin(const Formula& formula);
    void open();
    QStringList recent() const;
    void setFolder(const QString& folder) { folder_ = folder; }

Q_SIGNALS:
    void failed(const QString& text);
    void opened();
    // What cannot be read in full, said, and what can be.
    void partlyReadable(const QString& said, const SalvagedFormula& part);
    void changedOnDisk(); // the file is another than the one that was read or written
    void asOnDisk();      // it is the same (again)
    void windowWanted(const QString& path);

private:
    void watch();
    void lookAtDisk();
    bool saveTo(const QString& path);
    void remember(const QString& path);
    void fillRecent(QMenu& menu);

    FormulaDocument& document_;
    std::function<Formula()> fresh_ = freshFormula;
    QWidget& window_;
    QString folder_;
    QFileSystemWatcher watcher_;
    QTimer look_;
};

} // namespace rhexion
