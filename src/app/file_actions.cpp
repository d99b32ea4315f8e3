#include "app/file_actions.h"

#include "app/files/file_choice.h"
#include "document/formula_document.h"
#include "storage/json_cursor.h"
#include "words/plain_text.h"
#include "words/refusal_words.h"

#include <QDir>
#include <QFileInfo>
#include <QMenu>
#include <QMessageBox>
#include <QPushButton>
#include <QSettings>
#include <QStandardPaths>

namespace rhexion {

namespace {
constexpr int mostRecent = 8;
const QString recentKey = QStringLiteral("recentFormulas");
} // namespace

FileActions::FileActions(FormulaDocument& document, QWidget& window)
    : QObject(&window), document_(document), window_(window),
      folder_(QStandardPaths::writableLocation(QStandardPaths::DocumentsLocation))
{
    // Editors write a file in several steps; it is looked at once they are done.
    constexpr int moment = 300; // ms
    look_.setSingleShot(true);
    look_.setInterval(moment);
    connect(&watcher_, &QFileSystemWatcher::fileChanged, &look_, qOverload<>(&QTimer::start));
    connect(&look_, &QTimer::timeout, this, &FileActions::lookAtDisk);
    connect(&document_, &FormulaDocument::pathChanged, this, &FileActions::watch);
    watch();
}

void FileActions::watch()
{
    if (!watcher_.files().isEmpty())
        watcher_.removePaths(watcher_.files());
    if (!document_.path().isEmpty())
        watcher_.addPath(document_.path());
}

void FileActions::lookAtDisk()
{
    // A file that was replaced is another one, and has to be watched anew.
    if (!document_.path().isEmpty() && watcher_.files().isEmpty())
        watch();
    if (document_.changedOnDisk())
        Q_EMIT changedOnDisk();
    else
        Q_EMIT asOnDisk();
}

void FileActions::addTo(QMenu& menu)
{
    menu.addAction(tr("&New formula"), QKeySequence::New, this, &FileActions::newFormula);
    menu.addAction(tr("New w&indow"), QKeySequence(Qt::CTRL | Qt::SHIFT | Qt::Key_N), this,
                   [this] { Q_EMIT windowWanted({}); });
    menu.addAction(tr("&Open…"), QKeySequence::Open, this, &FileActions::open);
    QMenu* recentMenu = menu.addMenu(tr("Open &recent"));
    connect(recentMenu, &QMenu::aboutToShow, this, [this, recentMenu] { fillRecent(*recentMenu); });
    menu.addSeparator();
    menu.addAction(tr("&Save"), QKeySequence::Save, this, &FileActions::save);
    menu.addAction(tr("Save &as…"), QKeySequence(Qt::CTRL | Qt::SHIFT | Qt::Key_S), this,
                   &FileActions::saveAs);
}

void FileActions::fillRecent(QMenu& menu)
{
    menu.clear();
    for (const QString& path : recent())
        menu.addAction(QFileInfo(path).fileName(), this,
                       [this, path] {
                           if (mayLeave())
                               openPath(path);
                       })
            ->setToolTip(asTip(path));
    if (menu.isEmpty())
        menu.addAction(tr("Nothing yet"))->setEnabled(false);
}

QStringList FileActions::recent() const
{
    return QSettings().value(recentKey).toStringList();
}

void FileActions::remember(const QString& path)
{
    QStringList list = recent();
    const QString full = QFileInfo(path).absoluteFilePath();
    list.removeAll(full);
    list.prepend(full);
    QSettings().setValue(recentKey, list.mid(0, mostRecent));
    folder_ = QFileInfo(full).absolutePath();
}

void FileActions::newFormula()
{
    if (!mayLeave())
        return;
    document_.reset(fresh_(), {});
    Q_EMIT opened();
}

bool FileActions::begin(const Formula& formula)
{
    if (!mayLeave())
        return false;
    document_.reset(formula, {});
    Q_EMIT opened();
    return true;
}

void FileActions::open()
{
    if (!mayLeave())
        return;
    const QString path = files::toOpen(&window_, tr("Open a formula"), folder_,
                                       tr("Rhexion formulas (*.rhexion *.json)"));
    if (!path.isEmpty())
        openPath(path);
}

bool FileActions::openPath(const QString& path)
{
    if (const auto fault = document_.open(path)) {
        const QString said =
            QStringLiteral("%1: %2").arg(QFileInfo(path).fileName(), words::fileFault(*fault));
        QByteArray bytes;
        auto part =
            readBytes(path, formulaFileMegabytes, bytes) ? std::nullopt : salvageFormula(bytes);
        if (part && !part->formula.lines.empty())
            Q_EMIT partlyReadable(said, *part);
        else
            Q_EMIT failed(said);
        return false;
    }
    remember(path);
    Q_EMIT opened();
    return true;
}

bool FileActions::save()
{
    return document_.path().isEmpty() ? saveAs() : saveTo(document_.path());
}

bool FileActions::saveAs()
{
    QString name = QString::fromStdString(document_.formula().name).trimmed();
    name.replace(QLatin1Char('/'), QLatin1Char('-'));
    if (name.isEmpty())
        name = tr("formula");
    const QString path =
        files::toSave(&window_, tr("Save the formula"),
                      QStringLiteral("%1/%2.rhexion")
                          .arg(folder_.isEmpty() ? QStringLiteral(".") : folder_, name),
                      tr("Rhexion formulas (*.rhexion)"));
    return !path.isEmpty() && saveTo(path);
}

bool FileActions::saveTo(const QString& path)
{
    if (const auto fault = document_.save(path)) {
        if (fault->code == FileFault::Code::Changed) {
            Q_EMIT changedOnDisk();
            return false;
        }
        Q_EMIT failed(tr("Not saved. %1").arg(words::fileFault(*fault)));
        return false;
    }
    remember(path);
    return true;
}

bool FileActions::saveOver()
{
    if (const auto fault = document_.save(document_.path(), true)) {
        Q_EMIT failed(tr("Not saved. %1").arg(words::fileFault(*fault)));
        return false;
    }
    return true;
}

bool FileActions::mayLeave()
{
    if (!document_.isDirty())
        return true;
    QMessageBox box(&window_);
    box.setTextFormat(Qt::PlainText);
    box.setIcon(QMessageBox::Question);
    box.setText(tr("The changes to this formula are not saved."));
    QPushButton* keep = box.addButton(tr("Save"), QMessageBox::AcceptRole);
    QPushButton* drop = box.addButton(tr("Do not save"), QMessageBox::DestructiveRole);
    box.addButton(tr("Stay here"), QMessageBox::RejectRole);
    box.setDefaultButton(keep);
    box.exec();
    if (box.clickedButton() == keep)
        return save();
    return box.clickedButton() == drop;
}

} // namespace rhexion
