// The windows of one workshop: opened beside each other, and what is done to all at the end.
#pragma once

#include "app/main_window.h"

#include <QPointer>

namespace rhexion {

class Windows : public QObject {
    Q_OBJECT
public:
    explicit Windows(Workshop& workshop, QObject* parent = nullptr);
    ~Windows() override;

    // A window with the formula of a file, or with first, or with a fresh one. The first window
    // looks for recovered work when it has been painted.
    MainWindow* open(const QString& path = {}, const std::optional<Formula>& first = std::nullopt);
    // A file that is open already comes to the front; any other gets a window.
    void bring(const QStringList& paths);
    QList<MainWindow*> all() const;
    // Another language from now on, kept in the settings; empty: the system's. Every window is
    // built anew: its formula with all its steps, its place and the batch that is being made in it
    // go on in one of the same size.
    void speak(const QString& language);
    static QString chosenLanguage();
    // Formulas that were open when the program was last left, those whose files are still there.
    static QStringList lastSession();
    void keepSession(); // those that are open now
    // Unsaved work into copies that the next start finds: for an end that asks nobody.
    void leaveCopies();

private:
    void adopt(MainWindow* window);
    void buildAnew();

    Workshop& workshop_;
    QList<QPointer<MainWindow>> windows_;
    QList<QPointer<MainWindow>> leaving_; // others took their places; they go before those
    bool quitting_ = false;               // windows close one after the other
};

} // namespace rhexion
