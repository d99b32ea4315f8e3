// New, open, save, recent, the guard for unsaved changes, and taking up recovered work.
#pragma once

#include <QObject>
#include <QString>
#include <QStringList>

class QMenu;
class QWidget;

#include "document/formula_document.h"

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
    bool saveAs();
    void newFormula();
    void open();
    QStringList recent() const;
    void setFolder(const QString& folder) { folder_ = folder; }

Q_SIGNALS:
    void failed(const QString& text);
    void opened();

private:
    bool saveTo(const QString& path);
    void remember(const QString& path);
    void fillRecent(QMenu& menu);

    FormulaDocument& document_;
    std::function<Formula()> fresh_ = freshFormula;
    QWidget& window_;
    QString folder_;
};

} // namespace rhexion
