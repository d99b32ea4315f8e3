// A backup of the whole workshop: kept, looked at beside the present data, taken at the next start;
// and a weekly copy by itself.
#pragma once

#include "app/widgets/leavable_window.h"
#include "storage/backup.h"
#include "words/facts.h"
#include "words/speech.h"

#include <functional>

class QMenu;
class QPushButton;

namespace rhexion {

class PageBrowser;
class Workshop;

// What a backup holds and what the folder holds, side by side.
class BackupWindow : public LeavableWindow {
    Q_OBJECT
public:
    BackupWindow(const BackupLooked& present, const BackupLooked& backup, const Speech& speech,
                 QWidget* owner);
    QString pageText() const;
    QPushButton* takeButton() const { return take_; }
    QPushButton* leaveButton() const { return leave_; }

Q_SIGNALS:
    void takeWanted();
    void leaveWanted();

private:
    PageBrowser* page_;
    QPushButton* take_;
    QPushButton* leave_;
};

class BackupActions : public QObject {
    Q_OBJECT
public:
    BackupActions(Workshop& workshop, QWidget* window, std::function<Speech()> speech);

    void fill(QMenu& menu);
    void keepIn(const QString& path);
    BackupWindow* lookAt(const QString& path); // nothing where it is damaged
    void keepSettings(const QString& path);
    void takeSettings(const QString& path); // all of them or none
    // In a thread of its own; says only what went wrong.
    void keepWeeklyCopy();
    void chooseOne(); // to look at, beginning where the weekly copies are

Q_SIGNALS:
    void said(const QString& text);
    void settingsTaken(); // those of QSettings are others now

private:
    Workshop& workshop_;
    QWidget* window_;
    std::function<Speech()> speech_;
};

} // namespace rhexion
