#include "app/windows.h"

#include "app/file_actions.h"
#include "document/formula_document.h"

#include <QApplication>
#include <QFileInfo>
#include <QSettings>

namespace rhexion {

namespace {

const QString sessionKey = QStringLiteral("session/files");
constexpr int mostRestored = 12;

} // namespace

Windows::Windows(Workshop& workshop, QObject* parent) : QObject(parent), workshop_(workshop)
{
    connect(&workshop_, &Workshop::windowWanted, this, [this](const QString& path) {
        MainWindow* window = open(path);
        window->show();
    });
}

Windows::~Windows()
{
    for (MainWindow* window : all())
        delete window;
}

MainWindow* Windows::open(const QString& path, const std::optional<Formula>& first)
{
    auto* window = new MainWindow(workshop_, first);
    window->setAttribute(Qt::WA_DeleteOnClose);
    window->fitScreen();
    // Beside the last one, not on top of it.
    if (const QList<MainWindow*> others = all(); !others.isEmpty())
        window->move(others.last()->pos() + QPoint(32, 32));
    windows_.append(window);
    connect(window, &MainWindow::quitting, this, [this] {
        keepSession();
        quitting_ = true;
        QApplication::closeAllWindows();
        quitting_ = false; // one would rather stay
    });
    // A window that somebody closes is not wanted again, but the last one is.
    connect(window, &MainWindow::closing, this, [this] {
        if (!quitting_ && all().size() == 1)
            keepSession();
    });
    if (!path.isEmpty())
        window->files().openPath(path);
    return window;
}

void Windows::bring(const QStringList& paths)
{
    for (const QString& path : paths) {
        const QString full = QFileInfo(path).canonicalFilePath();
        MainWindow* there = nullptr;
        for (MainWindow* window : all())
            if (!full.isEmpty() && QFileInfo(window->document().path()).canonicalFilePath() == full)
                there = window;
        if (!there)
            there = open(path);
        there->show();
        there->raise();
        there->activateWindow();
    }
    if (paths.isEmpty())
        open()->show();
}

QList<MainWindow*> Windows::all() const
{
    QList<MainWindow*> out;
    for (const QPointer<MainWindow>& window : windows_)
        if (window)
            out.append(window);
    return out;
}

void Windows::keepSession()
{
    QStringList open;
    for (MainWindow* window : all())
        if (const QString path = window->document().path(); !path.isEmpty())
            open << path;
    QSettings().setValue(sessionKey, open);
}

QStringList Windows::lastSession()
{
    QStringList there = QSettings().value(sessionKey).toStringList().mid(0, mostRestored);
    there.removeIf([](const QString& path) { return !QFileInfo(path).isFile(); });
    return there;
}

void Windows::leaveCopies()
{
    keepSession();
    for (MainWindow* window : all())
        window->leaveCopy();
}

} // namespace rhexion
