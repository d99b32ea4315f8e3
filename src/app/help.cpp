#include "app/help.h"

#include "manual/manual_window.h"
#include "storage/program_files.h"

#include <QApplication>
#include <QFileInfo>
#include <QLocale>
#include <QPointer>
#include <QStandardPaths>
#include <QVariant>

namespace rhexion {

namespace {

constexpr auto pageProperty = "manualPage";

} // namespace

void helpOn(QWidget* widget, const char* page)
{
    widget->setProperty(pageProperty, QString::fromLatin1(page));
    if (widget->whatsThis().isEmpty())
        widget->setWhatsThis(QCoreApplication::translate(
            "Help", "F1 opens the page of the manual that is about this."));
}

QString helpPageOf(const QWidget* widget)
{
    for (; widget; widget = widget->parentWidget())
        if (const QVariant page = widget->property(pageProperty); page.isValid())
            return page.toString();
    return {};
}

ManualWindow* openManual(const QString& page)
{
    static QPointer<ManualWindow> window;
    static QString spoken;
    const QString language = QLocale().name().section(QLatin1Char('_'), 0, 0);
    if (window && spoken != language)
        delete window;
    if (!window) {
        spoken = language;
        const auto make = reinterpret_cast<MakeManualWindow>(
            programEntry(QStringLiteral("librhexion_manual"), manualEntry));
        if (!make)
            return nullptr;
        const QString own = programData(QStringLiteral("manual/%1/rhexion.qch").arg(language));
        const bool has = QFileInfo::exists(own);
        QString cache = QStandardPaths::writableLocation(QStandardPaths::CacheLocation);
        if (has)
            cache += QLatin1Char('/') + language;
        window = make(has ? own : programData(QStringLiteral("manual/rhexion.qch")), cache);
        window->setAttribute(Qt::WA_QuitOnClose, false);
        // Before the library and what it holds of Qt go.
        QObject::connect(qApp, &QCoreApplication::aboutToQuit, window, [] { delete window; });
    }
    window->open(page);
    window->show();
    window->raise();
    window->activateWindow();
    return window;
}

} // namespace rhexion
