#include "app/files/file_choice.h"

#include "app/files/portal_files.h"

#include <QFileDialog>
#include <QFileInfo>
#include <QGuiApplication>
#include <QPointer>
#include <QRegularExpression>

#include <optional>

namespace rhexion::files {

namespace {

std::optional<QPointer<PortalFiles>>& chosenPortal()
{
    static std::optional<QPointer<PortalFiles>> portal;
    return portal;
}

PortalFiles* portal()
{
    if (!chosenPortal())
        chosenPortal() = QGuiApplication::platformName() == QLatin1String("offscreen")
                             ? nullptr
                             : new PortalFiles(QDBusConnection::sessionBus(), qApp);
    PortalFiles* there = *chosenPortal();
    return there && there->isThere() ? there : nullptr;
}

// "rhexion" of "Formulas (*.rhexion *.json)".
QString endingOf(const QString& kinds)
{
    static const QRegularExpression first(QStringLiteral("\\*\\.([\\w-]+)"));
    return first.match(kinds).captured(1);
}

// Files as the portal's dialog gives them, or as ours does.
QStringList ask(const FilesWanted& wanted)
{
    if (PortalFiles* there = portal())
        if (const auto chosen = there->ask(wanted))
            return *chosen;
    QFileDialog dialog(wanted.parent, wanted.title, wanted.folder, wanted.kinds);
    dialog.setAcceptMode(wanted.toSave ? QFileDialog::AcceptSave : QFileDialog::AcceptOpen);
    dialog.setFileMode(wanted.many     ? QFileDialog::ExistingFiles
                       : wanted.toSave ? QFileDialog::AnyFile
                                       : QFileDialog::ExistingFile);
    if (wanted.toSave)
        dialog.setDefaultSuffix(endingOf(wanted.kinds));
    if (!wanted.name.isEmpty())
        dialog.selectFile(wanted.name);
    return dialog.exec() == QDialog::Accepted ? dialog.selectedFiles() : QStringList();
}

} // namespace

QString toOpen(QWidget* parent, const QString& title, const QString& folder, const QString& kinds)
{
    return ask({parent, title, folder, {}, kinds, false, false}).value(0);
}

QStringList manyToOpen(QWidget* parent, const QString& title, const QString& kinds)
{
    return ask({parent, title, {}, {}, kinds, false, true});
}

QString toSave(QWidget* parent, const QString& title, const QString& name, const QString& kinds)
{
    const QFileInfo info(name);
    const QString folder = name.contains(QLatin1Char('/')) ? info.path() : QString();
    const QString path = ask({parent, title, folder, info.fileName(), kinds, true, false}).value(0);
    if (path.isEmpty() || !QFileInfo(path).suffix().isEmpty())
        return path;
    // Nobody was asked whether a file of that name may go.
    const QString whole = path + QLatin1Char('.') + endingOf(kinds);
    return QFileInfo::exists(whole) ? path : whole;
}

void usePortal(PortalFiles* portal)
{
    chosenPortal() = portal;
}

} // namespace rhexion::files
