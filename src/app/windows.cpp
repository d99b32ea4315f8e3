#include "app/windows.h"

#include "app/file_actions.h"
#include "app/widgets/banner.h"
#include "document/formula_document.h"
#include "words/habits.h"
#include "words/translation.h"

#include <QApplication>
#include <QFileInfo>
#include <QSettings>

namespace rhexion {

namespace {

const QString sessionKey = QStringLiteral("session/files");
const QString languageKey = QStringLiteral("language");
constexpr int mostRestored = 12;
constexpr int mostWindows = 20;

} // namespace

Windows::Windows(Workshop& workshop, QObject* parent) : QObject(parent), workshop_(workshop)
{
    connect(&workshop_, &Workshop::windowWanted, this, [this](const QString& path) {
        MainWindow* window = open(path);
        window->show();
    });
    connect(&workshop_, &Workshop::languageWanted, this, &Windows::speak);
}

Windows::~Windows()
{
    qDeleteAll(leaving_);
    for (MainWindow* window : all())
        delete window;
}

MainWindow* Windows::open(const QString& path, const std::optional<Formula>& first)
{
    auto* window = new MainWindow(workshop_, first);
    window->fitScreen();
    // Beside the last one, not on top of it.
    if (const QList<MainWindow*> others = all(); !others.isEmpty())
        window->move(others.last()->pos() + QPoint(32, 32));
    adopt(window);
    if (!path.isEmpty())
        window->files().openPath(path);
    return window;
}

void Windows::adopt(MainWindow* window)
{
    window->setAttribute(Qt::WA_DeleteOnClose);
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
}

void Windows::speak(const QString& language)
{
    QSettings settings;
    settleHabits(settings, QLocale()); // as they are seen now
    settings.setValue(languageKey, language);
    speakLanguage(*qApp, language);
    workshop_.speakAnew();
    buildAnew();
}

QString Windows::chosenLanguage()
{
    return QSettings().value(languageKey).toString();
}

void Windows::buildAnew()
{
    for (MainWindow* old : all()) {
        auto* window = new MainWindow(workshop_, *old);
        adopt(window);
        window->restoreGeometry(old->saveGeometry());
        old->isMaximized() ? window->showMaximized() : window->show();
        old->hide();
        old->deleteLater(); // one of its own menus may have asked for this
        windows_.removeAll(old);
        leaving_.append(old);
    }
}

void Windows::bring(const QStringList& paths)
{
    QStringList left;
    for (const QString& path : paths) {
        const QString full = QFileInfo(path).canonicalFilePath();
        MainWindow* there = nullptr;
        for (MainWindow* window : all())
            if (!full.isEmpty() && QFileInfo(window->document().path()).canonicalFilePath() == full)
                there = window;
        if (!there && all().size() >= mostWindows) {
            left << QFileInfo(path).fileName();
            continue;
        }
        if (!there)
            there = open(path);
        there->show();
        there->raise();
        there->activateWindow();
    }
    if (!left.isEmpty()) {
        constexpr qsizetype mostNamed = 12;
        QString names = left.mid(0, mostNamed).join(QStringLiteral(", "));
        if (left.size() > mostNamed)
            names += QStringLiteral(", …");
        all().last()->banner().show(
            Banner::Tone::Care,
            tr("%n formula(s) were not opened, %1 windows being open already: %2. "
               "Close some and open them then.",
               nullptr, int(left.size()))
                .arg(mostWindows)
                .arg(names));
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
