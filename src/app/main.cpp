// rhexion: starts the application.
#include "app/backup_actions.h"
#include "app/benches/bench_link.h"
#include "app/end_signals.h"
#include "app/file_actions.h"
#include "app/first_paint.h"
#include "app/instance.h"
#include "app/main_window.h"
#include "app/notices.h"
#include "app/theme/system_shade.h"
#include "app/theme/theme.h"
#include "app/tour/tour.h"
#include "app/widgets/banner.h"
#include "app/windows.h"
#include "demo/demo.h"
#include "demo/shots.h"
#include "document/formula_document.h"
#include "sheet/shipped_fonts.h"
#include "storage/formula_json.h"
#include "storage/good_copies.h"
#include "words/habits.h"
#include "words/refusal_words.h"
#include "words/translation.h"

#include <QApplication>
#include <QCommandLineParser>
#include <QDir>
#include <QFileInfo>
#include <QSettings>
#include <QStandardPaths>
#include <QTemporaryDir>
#include <QTimer>

#include <cstdio>

using namespace rhexion;

namespace {

QtMessageHandler before = nullptr;

// The offscreen platform says this for every window; it means nothing to a person.
void hear(QtMsgType type, const QMessageLogContext& context, const QString& text)
{
    if (!text.contains(QLatin1String("propagateSizeHints")))
        before(type, context, text);
}

// Where a maker's data live: without the organisation's name, as before it was given.
QString dataFolder()
{
    const QString base = QStandardPaths::writableLocation(QStandardPaths::GenericDataLocation);
    return base + QStringLiteral("/rhexion");
}

// Settings that stood under no organisation's name are taken over once.
void takeOverOldSettings()
{
    QSettings now;
    if (!now.allKeys().isEmpty())
        return;
    const QString folder = QStandardPaths::writableLocation(QStandardPaths::GenericConfigLocation);
    const QSettings old(folder + QStringLiteral("/Unknown Organization/rhexion.conf"),
                        QSettings::NativeFormat);
    for (const QString& key : old.allKeys())
        now.setValue(key, old.value(key));
}

struct Options {
    QCommandLineParser parser;
    QCommandLineOption demo{"demo",
                            QCoreApplication::translate(
                                "Main", "Start with the demo workshop, apart from your own data.")};
    QCommandLineOption shots{"shots",
                             QCoreApplication::translate(
                                 "Main", "Write a picture of every main view to a folder and end."),
                             "folder"};
    QCommandLineOption dark{"dark", QCoreApplication::translate("Main", "Use dark colours.")};
    QCommandLineOption language{
        "language",
        QCoreApplication::translate("Main", "Speak this language this time, such as de."), "code"};
    QCommandLineOption timing{"time-to-paint"};

    Options()
    {
        parser.setApplicationDescription(QCoreApplication::translate(
            "Main", "A soapmaker’s bench: formulas, lye and liquid, making, journal."));
        parser.addHelpOption();
        parser.addVersionOption();
        timing.setFlags(QCommandLineOption::HiddenFromHelp);
        parser.addOptions({demo, shots, dark, language, timing});
        parser.addPositionalArgument(
            "file",
            QCoreApplication::translate("Main", "Formulas to open, each in a window of its own."),
            "[file...]");
    }
};

// Help or version: said with no display to say it on.
bool asksForWordsOnly(int argc, char** argv)
{
    QStringList arguments;
    for (int i = 0; i < argc; ++i)
        arguments << QString::fromLocal8Bit(argv[i]);
    // Options of the toolkit's own, such as -platform, are taken off by the application itself.
    for (const char* word : {"--help", "-h", "--help-all", "--version", "-v"})
        if (arguments.contains(QLatin1String(word)))
            return true;
    return false;
}

// The desktop's light or dark, contrast and size of text, for a look that goes by them.
void followSystem(QObject* parent)
{
    auto* shade = new SystemShade(QDBusConnection::sessionBus(), parent);
    const auto take = [](auto Look::*part, auto value) {
        Look look = Theme::look();
        if (look.*part == value)
            return;
        look.*part = value;
        QSettings settings;
        look.writeSystem(settings); // a --dark of this time is not kept with it
        Theme::apply(*qApp, look);
    };
    QObject::connect(shade, &SystemShade::told, parent,
                     [take](bool dark) { take(&Look::systemIsDark, dark); });
    QObject::connect(shade, &SystemShade::strongTold, parent,
                     [take](bool strong) { take(&Look::systemIsStrong, strong); });
    QObject::connect(shade, &SystemShade::sizeTold, parent,
                     [take](int percent) { take(&Look::systemPercent, percent); });
    shade->ask();
}

} // namespace

int main(int argc, char** argv)
{
    before = qInstallMessageHandler(hear);
    QCoreApplication::setOrganizationName(QStringLiteral("Rhexion"));
    QCoreApplication::setOrganizationDomain(QStringLiteral("rhexion.invalid"));
    QCoreApplication::setApplicationName(QStringLiteral("rhexion"));
    QGuiApplication::setDesktopFileName(QStringLiteral("org.rhexion.Rhexion"));
    QCoreApplication::setApplicationVersion(QStringLiteral(RHEXION_VERSION));
    if (asksForWordsOnly(argc, argv)) {
        QCoreApplication app(argc, argv);
        speakLanguage(app, Windows::chosenLanguage());
        Options options;
        options.parser.process(app); // says them and ends
        return 0;
    }
    QApplication app(argc, argv);
    speakLanguage(app, Windows::chosenLanguage());
    Options options;
    options.parser.process(app);
    const QCommandLineParser& parser = options.parser;

    if (!loadShippedFonts())
        qWarning("The shipped typeface could not be loaded.");

    const bool pictures = parser.isSet(options.shots);
    const bool asDemo = parser.isSet(options.demo) || pictures;
    QTemporaryDir scratch;
    if (pictures) {
        // Pictures must not depend on, or touch, anybody's own settings.
        QSettings::setDefaultFormat(QSettings::IniFormat);
        QSettings::setPath(QSettings::IniFormat, QSettings::UserScope, scratch.path());
        speakLanguage(app, parser.value(options.language));
        if (QLocale().language() == QLocale::English || QLocale().language() == QLocale::C)
            QLocale::setDefault(QLocale(QLocale::English, QLocale::UnitedKingdom));
    } else {
        takeOverOldSettings();
        if (parser.isSet(options.language))
            speakLanguage(app, parser.value(options.language));
    }
    QSettings settings;
    // A demo asks nothing, and pictures go by no computer.
    const bool unitsAreNew = !asDemo && settleHabits(settings, QLocale::system());
    Look look = Look::read(settings);
    if (parser.isSet(options.dark))
        look.shade = Shade::Dark;
    else if (pictures)
        look.shade = Shade::Light;
    Theme::apply(app, look);

    QString data = dataFolder();
    if (pictures)
        data = scratch.path();
    else if (asDemo)
        data += QStringLiteral("/demo");
    QStringList files = parser.positionalArguments();
    std::optional<Formula> first;
    if (files.isEmpty() && asDemo) {
        const auto read =
            formulaFromJson(demoFormula(QStringLiteral("quince-buttermilk-loaf.rhexion")));
        if (const auto* f = std::get_if<Formula>(&read))
            first = *f;
    }
    const Clock clock = [pictures] {
        // Pictures are taken on a day of their own, so that they come out alike every time.
        return pictures ? QDateTime(QDate(2026, 11, 24), QTime(9, 0), Qt::UTC)
                        : QDateTime::currentDateTimeUtc();
    };
    Places places{data};
    if (asDemo) {
        places.fillJournal = fillDemoJournal;
        places.fillShelf = fillDemoShelf;
        places.fittings = demoFittings;
    }
    if (pictures) {
        MainWindow window(places, clock, first);
        return takeShots(window, parser.value(options.shots)) > 0 ? 0 : 1;
    }
    // Before anything is opened: a backup that was chosen in the last run.
    const auto taken = takePlanned(data, clock());
    Instance instance(data);
    const Instance::Met met = instance.meet(files);
    if (met == Instance::Met::HandedOver)
        return 0;
    const bool ours = met == Instance::Met::Ours;
    places.readOnly = !ours;
    const bool firstTime = !asDemo && ours &&
                           !QFileInfo::exists(data + QStringLiteral("/journal.sqlite")) &&
                           !tracesOf(data + QStringLiteral("/journal.sqlite")).any();
    Workshop workshop(places, clock);
    Windows windows(workshop);
    if (files.isEmpty() && !asDemo)
        files = Windows::lastSession();
    MainWindow* window = windows.open(files.isEmpty() ? QString() : files.first(), first);
    EndSignals endSignals;
    QObject::connect(&endSignals, &EndSignals::asked, &windows, [&] {
        windows.leaveCopies();
        QApplication::exit(
            0); // quit() would close the windows first, and they ask about their work
    });
    QObject::connect(&instance, &Instance::wanted, &windows, &Windows::bring);

    // After the first picture, so that looking for recovered work does not delay it.
    new FirstPaint(*window, [&, window] {
        if (parser.isSet(options.timing)) {
            sayPainted();
            QApplication::quit();
            return;
        }
        QApplication::setWindowIcon(QIcon(QStringLiteral(":/icons/org.rhexion.Rhexion.svg")));
        window->loadStock();
        window->offerRecovered();
        if (firstTime && files.isEmpty())
            window->tour().offer();
        if (unitsAreNew)
            window->askUnits();
        workshop.notices().start();
        if (ours && !asDemo && workshop.journal()) {
            window->offerGoodCopy();
            workshop.benches().begin();
        }
        window->backups().keepWeeklyCopy();
        followSystem(&app);
        if (ours)
            instance.listen();
        if (files.size() > 1)
            windows.bring(files.mid(1));
    });
    if (const auto* fault = std::get_if<FileFault>(&taken))
        window->banner().show(Banner::Tone::Care, words::fileFault(*fault));
    else if (const QString& kept = std::get<QString>(taken); !kept.isEmpty())
        window->banner().show(Banner::Tone::Fine,
                              QCoreApplication::translate("Main",
                                                          "The backup is in place. What was here "
                                                          "before is kept in %1.")
                                  .arg(kept));
    // A window that is not painted, such as one that starts minimised, answers later starts too.
    constexpr int atTheLatest = 2000; // ms
    if (ours)
        QTimer::singleShot(atTheLatest, &instance, &Instance::listen);
    window->show();
    return QApplication::exec();
}
