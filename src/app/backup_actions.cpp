#include "app/backup_actions.h"

#include "app/files/file_choice.h"
#include "app/help.h"
#include "app/theme/theme.h"
#include "app/widgets/page_browser.h"
#include "app/workshop.h"
#include "document/settings_file.h"
#include "storage/whole_file.h"
#include "words/refusal_words.h"

#include <QCoreApplication>
#include <QDir>
#include <QHBoxLayout>
#include <QMenu>
#include <QPointer>
#include <QPushButton>
#include <QSettings>
#include <QThreadPool>
#include <QVBoxLayout>

namespace rhexion {

BackupWindow::BackupWindow(const BackupLooked& present, const BackupLooked& backup,
                           const Speech& speech, QWidget* owner)
    : LeavableWindow(owner)
{
    helpOn(this, "backup");
    setAttribute(Qt::WA_DeleteOnClose);
    setWindowTitle(tr("A backup, and what is here now"));
    setObjectName(QStringLiteral("page"));
    resize(640, 420);
    words::FactPage page;
    page.lead =
        tr("The backup was made %1. Nothing here changes until it is taken, and then what is "
           "here now is kept in a folder beside.")
            .arg(speech.dateTime(backup.made.toLocalTime()));
    words::FactSection both;
    both.title = tr("What each holds");
    both.columns = {tr("the backup"), tr("here now")};
    const auto row = [&](const QString& name, const QString& a, const QString& b) {
        both.facts.append({name, {}, {}, words::Fact::Tone::Plain, {}, {}, {a, b}});
    };
    const auto when = [&](const QDateTime& at) {
        return at.isValid() ? speech.dateTime(at.toLocalTime()) : QStringLiteral("—");
    };
    row(tr("Batches"), QString::number(backup.batches), QString::number(present.batches));
    row(tr("Things written down"), QString::number(backup.events), QString::number(present.events));
    row(tr("Photographs"), QString::number(backup.photos), QString::number(present.photos));
    row(tr("Last written"), when(backup.newest), when(present.newest));
    page.sections.append(both);
    if (present.events > backup.events) {
        words::FactSection less;
        less.title = tr("It holds less");
        less.facts.append({tr("What was written since then is not in it"),
                           {},
                           tr("it stays in the folder that is kept"),
                           words::Fact::Tone::Care});
        page.sections.append(less);
    }
    page_ = new PageBrowser(this);
    page_->setAccessibleName(windowTitle());
    page_->setFacts(page, false);
    take_ = new QPushButton(tr("Take it at the next start"), this);
    leave_ = new QPushButton(tr("Leave everything as it is"), this);
    auto* buttons = new QHBoxLayout;
    buttons->addWidget(take_);
    buttons->addWidget(leave_);
    buttons->addStretch();
    auto* column = new QVBoxLayout(this);
    column->addWidget(page_, 1);
    column->addLayout(buttons);
    connect(take_, &QPushButton::clicked, this, [this] {
        Q_EMIT takeWanted();
        close();
    });
    connect(leave_, &QPushButton::clicked, this, [this] {
        Q_EMIT leaveWanted();
        close();
    });
}

QString BackupWindow::pageText() const
{
    return page_->toPlainText();
}

BackupActions::BackupActions(Workshop& workshop, QWidget* window, std::function<Speech()> speech)
    : QObject(window), workshop_(workshop), window_(window), speech_(std::move(speech))
{
}

void BackupActions::fill(QMenu& menu)
{
    const QString kinds = tr("Backups (*.rhexion-backup)");
    menu.addAction(tr("Keep a &backup…"), this, [this, kinds] {
        const QString name =
            QStringLiteral("rhexion-%1.rhexion-backup")
                .arg(workshop_.clock()().toLocalTime().date().toString(Qt::ISODate));
        const QString path = files::toSave(window_, tr("Keep a backup"), name, kinds);
        if (!path.isEmpty())
            keepIn(path);
    });
    menu.addAction(tr("&Look at a backup…"), this, &BackupActions::chooseOne);
    const QString settings = tr("Settings (*.json)");
    menu.addAction(tr("Settings &to a file…"), this, [this, settings] {
        const QString path = files::toSave(window_, tr("Settings to a file"),
                                           QStringLiteral("rhexion-settings.json"), settings);
        if (!path.isEmpty())
            keepSettings(path);
    });
    menu.addAction(tr("Settings &from a file…"), this, [this, settings] {
        const QString path = files::toOpen(window_, tr("Settings from a file"), {}, settings);
        if (!path.isEmpty())
            takeSettings(path);
    });
}

void BackupActions::chooseOne()
{
    const QString path = files::toOpen(window_, tr("Look at a backup"),
                                       workshop_.places().data + QStringLiteral("/copies"),
                                       tr("Backups (*.rhexion-backup)"));
    if (!path.isEmpty())
        if (BackupWindow* window = lookAt(path))
            window->show();
}

void BackupActions::keepSettings(const QString& path)
{
    const auto fault =
        writeWhole(path, settingsToJson(QSettings(), workshop_.fittings().all()), true);
    Q_EMIT said(fault ? words::fileFault(*fault)
                      : tr("Your settings, moulds, limits and prices are in %1.").arg(path));
}

void BackupActions::takeSettings(const QString& path)
{
    const auto read = readSettings(path);
    const auto* file = std::get_if<SettingsFile>(&read);
    const std::optional<FileFault> fault =
        file ? workshop_.fittings().change([&](Fittings& now) { now = file->fittings; })
             : std::optional(std::get<FileFault>(read));
    if (fault) {
        Q_EMIT said(words::fileFault(*fault));
        return;
    }
    QSettings settings;
    putSettings(settings, *file);
    Q_EMIT settingsTaken();
    QString text =
        tr("Look, units, places, moulds, limits and prices of %1 hold from now on. Server "
           "and devices stay as they are here.")
            .arg(path);
    if (!file->leftOut.isEmpty())
        text += QLatin1Char(' ') +
                tr("Left out: %1.").arg(file->leftOut.mid(0, 5).join(QStringLiteral(", ")));
    Q_EMIT said(text);
}

void BackupActions::keepIn(const QString& path)
{
    const auto fault = writeBackup(workshop_.places().data, path, workshop_.clock()());
    Q_EMIT said(fault ? words::fileFault(*fault)
                      : tr("The backup is in %1; it was read back and is whole.").arg(path));
}

BackupWindow* BackupActions::lookAt(const QString& path)
{
    const QString data = workshop_.places().data;
    const QString unpacked =
        data + QStringLiteral(".restored-") +
        workshop_.clock()().toUTC().toString(QStringLiteral("yyyyMMdd-hhmmss"));
    QDir(unpacked).removeRecursively(); // of a look that was cut short
    const auto backup = unpackBackup(path, unpacked);
    if (const auto* fault = std::get_if<FileFault>(&backup)) {
        Q_EMIT said(words::fileFault(*fault));
        return nullptr;
    }
    const auto here = lookAtData(data);
    BackupLooked present;
    if (const auto* good = std::get_if<BackupLooked>(&here))
        present = *good;
    auto* window = new BackupWindow(present, std::get<BackupLooked>(backup), speech_(), window_);
    connect(window, &BackupWindow::takeWanted, this, [this, unpacked, data] {
        const auto fault = planToTake(unpacked, data);
        Q_EMIT said(fault ? words::fileFault(*fault)
                          : tr("The backup takes the place of what is here when Rhexion is started "
                               "next."));
    });
    connect(window, &BackupWindow::leaveWanted, this,
            [unpacked] { QDir(unpacked).removeRecursively(); });
    return window;
}

void BackupActions::keepWeeklyCopy()
{
    if (workshop_.places().readOnly)
        return;
    const QString data = workshop_.places().data;
    const QDateTime now = workshop_.clock()();
    const QPointer<BackupActions> self(this);
    QThreadPool::globalInstance()->start([self, data, now] {
        const auto kept = keepWeekly(data, now);
        if (const auto* fault = std::get_if<FileFault>(&kept))
            QMetaObject::invokeMethod( // whether it is still there is asked in its own thread
                QCoreApplication::instance(),
                [self, text = words::fileFault(*fault)] {
                    if (self)
                        Q_EMIT self->said(tr("The weekly copy could not be made. %1").arg(text));
                },
                Qt::QueuedConnection);
    });
}

} // namespace rhexion
