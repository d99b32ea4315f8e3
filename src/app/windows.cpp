#include "app/windows.h"

#include "app/file_actions.h"
#include "document/formula_document.h"

#include <QFileInfo>

namespace rhexion {

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

void Windows::leaveCopies()
{
    for (MainWindow* window : all())
        window->leaveCopy();
}

} // namespace rhexion
