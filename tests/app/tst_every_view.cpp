// Every view by the same measures: named for a screen reader, reached by the Tab key, in a window
// of 980x640, with text of 200 %, from right to left, and in every language that ships.
// RHEXION_SAY=1 prints the table of docs/accessibility.md.
#include <QTest>

#include "app/backup_actions.h"
#include "app/benches/benches_window.h"
#include "app/devices/devices_window.h"
#include "app/figures_window.h"
#include "app/formulating/formulating_panels.h"
#include "app/formulating/recipe_window.h"
#include "app/formulating/starts_window.h"
#include "app/heat/heat_page.h"
#include "app/journal/batch_view.h"
#include "app/journal/terms_window.h"
#include "app/keys_window.h"
#include "app/rehearsal/rehearsal_window.h"
#include "app/shelf/shelf_list.h"
#include "app/shelf/shelf_page.h"
#include "app/shelf/stock_window.h"
#include "app/tour/tour.h"
#include "demo/demo.h"
#include "document/doubt_watcher.h"
#include "document/heat_watcher.h"
#include "storage/formula_json.h"
#include "support/contrast.h"
#include "support/views.h"
#include "support/window.h"
#include "words/translation.h"

#include <QTemporaryDir>

#include <cstdio>

using namespace rhexion;
using namespace rhexion::test;

namespace {

// The demo workshop's files, made once.
const QString& demoFiles()
{
    static QTemporaryDir dir;
    static const QString path = [] {
        Places places{dir.path(), false};
        places.fillJournal = fillDemoJournal;
        places.fillShelf = fillDemoShelf;
        Workshop workshop(places, [] { return QDateTime::currentDateTimeUtc(); });
        workshop.journal();
        workshop.loadStock();
        return dir.path();
    }();
    return path;
}

// The demo workshop in a scratch folder.
struct Demo {
    Demo()
    {
        for (const QString& file : QDir(demoFiles()).entryList({"*.sqlite"}))
            QFile::copy(QDir(demoFiles()).filePath(file), dir.filePath(file));
        Places places{dir.path(), false};
        places.fittings = demoFittings;
        window = std::make_unique<MainWindow>(
            places, [] { return QDateTime(QDate(2026, 11, 24), QTime(9, 0), Qt::UTC); });
        window->show();
        window->loadStock();
        const auto read = formulaFromJson(demoFormula("rhubarb-rosemary-halves.rhexion"));
        window->document().reset(std::get<Formula>(read), {});
    }
    template <class Window>
    Window* shown(Window& beside)
    {
        beside.show();
        return &beside;
    }
    // A window that is somebody's child, found by its class.
    QWidget* beside(const char* className)
    {
        for (QWidget* w : QApplication::topLevelWidgets())
            if (w->inherits(className))
                return w;
        return nullptr;
    }
    BenchPage& bench() { return window->bench(); }
    JournalPage& journal()
    {
        window->goTo(MainWindow::JournalPlace);
        return window->journalPage();
    }
    QTemporaryDir dir;
    std::unique_ptr<MainWindow> window;
};

struct View {
    const char* name;
    std::function<QWidget*(Demo&)> show; // the window it is in
};

const std::vector<View>& views()
{
    const auto topic = [](const char* name, Topic which) {
        return View{name, [which](Demo& d) {
                        d.bench().showTopic(which);
                        return d.window.get();
                    }};
    };
    const auto chapter = [](const char* name, BatchView::Chapter which) {
        return View{name, [which](Demo& d) {
                        d.journal().view().goTo(which);
                        return d.window.get();
                    }};
    };
    const auto heat = [](const char* name, HeatView which) {
        return View{name, [which](Demo& d) {
                        d.window->goTo(MainWindow::HeatPlace);
                        d.window->heatPage().look(which);
                        return d.window.get();
                    }};
    };
    static const std::vector<View> all{
        {"bench", [](Demo& d) { return d.window.get(); }},
        {"settings",
         [](Demo& d) {
             d.bench().showSettings();
             return d.window.get();
         }},
        {"working",
         [](Demo& d) {
             d.bench().showWorking(Rule::BatterMass, 0);
             return d.window.get();
         }},
        {"portions",
         [](Demo& d) {
             d.bench().showPortions();
             return d.window.get();
         }},
        {"lye made ahead",
         [](Demo& d) {
             d.bench().showStockLye();
             return d.window.get();
         }},
        {"slips",
         [](Demo& d) {
             d.bench().showSlips();
             return d.window.get();
         }},
        {"shelf drawer",
         [](Demo& d) {
             d.bench().showShelf();
             return d.window.get();
         }},
        {"where makers differ",
         [](Demo& d) {
             d.bench().showSchools();
             return d.window.get();
         }},
        topic("moulds", Topic::Mould),
        topic("scent", Topic::Scent),
        topic("blend", Topic::Blend),
        topic("hard water", Topic::Water),
        topic("working time", Topic::Pace),
        topic("compare", Topic::Compare),
        topic("solve for", Topic::Wishes),
        {"tour",
         [](Demo& d) {
             d.window->tour().begin();
             return d.window.get();
         }},
        heat("heat of the jug", HeatView::Jug),
        heat("heat, meeting", HeatView::Meeting),
        heat("heat in the mould", HeatView::Mould),
        {"the day",
         [](Demo& d) {
             d.window->goTo(MainWindow::Make);
             return d.window.get();
         }},
        {"making",
         [](Demo& d) {
             d.window->makeBatch();
             return d.window.get();
         }},
        {"trouble",
         [](Demo& d) {
             d.window->makeBatch();
             d.window->making().openTrouble();
             return d.window.get();
         }},
        {"the end of a day",
         [](Demo& d) {
             d.window->makeBatch();
             BatchInProgress& b = *d.window->making().batch();
             b.goTo(int(b.plan().steps.size()));
             return d.window.get();
         }},
        chapter("record", BatchView::Record),
        chapter("the day of a batch", BatchView::Day),
        chapter("cure", BatchView::Cure),
        chapter("tests", BatchView::Tests),
        chapter("bars and label", BatchView::Bars),
        {"calendar",
         [](Demo& d) {
             d.journal().showCalendar();
             return d.window.get();
         }},
        {"what goes with what",
         [](Demo& d) {
             d.journal().showPatterns();
             return d.window.get();
         }},
        {"shelf",
         [](Demo& d) {
             d.window->goTo(MainWindow::ShelfPlace);
             d.window->shelfPage().list().searchField()->setText(QStringLiteral("quince"));
             return d.window.get();
         }},
        {"recipe as text", [](Demo& d) -> QWidget* { return d.shown(d.window->recipeText()); }},
        {"starting points",
         [](Demo& d) {
             d.window->showStarts();
             return d.beside("rhexion::StartsWindow");
         }},
        {"scales", [](Demo& d) -> QWidget* { return d.shown(d.window->devices()); }},
        {"rehearsal",
         [](Demo& d) -> QWidget* {
             d.window->rehearsal().setFormula(d.window->document().formula(),
                                              d.window->document().reckoning());
             return d.shown(d.window->rehearsal());
         }},
        {"stock and deliveries",
         [](Demo& d) -> QWidget* { return d.shown(d.window->stockWindow()); }},
        {"money, label, card",
         [](Demo& d) {
             d.journal().view().showTerms();
             return d.beside("rhexion::TermsWindow");
         }},
        {"several benches", [](Demo& d) -> QWidget* { return d.shown(d.window->benches()); }},
    };
    return all;
}

// Presses Tab all the way round; what is shown and was not reached.
QStringList notByTab(QWidget& view)
{
    view.activateWindow();
    QWidget* first = nullptr;
    const QList<QWidget*> wanted = reachable(view);
    if (wanted.isEmpty())
        return {};
    wanted.first()->setFocus(Qt::TabFocusReason);
    QSet<QWidget*> reached;
    QWidget* last = nullptr; // where it stuck, if it did
    for (int i = 0; i < 400; ++i) {
        QWidget* at = QApplication::focusWidget();
        if (!at || (first && at == first && i > wanted.size()))
            break;
        if (!first)
            first = at;
        for (QWidget* w = at; w; w = w->parentWidget())
            reached.insert(w);
        if (QWidget* proxied = at->focusProxy())
            reached.insert(proxied);
        // Links of a page and parts of a date are gone through first.
        for (int stay = 0; stay < 60 && QApplication::focusWidget() == at; ++stay)
            QTest::keyClick(at, Qt::Key_Tab);
        if (QApplication::focusWidget() == at)
            break;
        last = at;
    }
    QStringList out;
    for (QWidget* w : wanted) {
        const auto* button = qobject_cast<QAbstractButton*>(w);
        const bool group =
            button && (button->autoExclusive() || button->group()); // arrows go on within it
        if (w->isVisible() && !reached.contains(w) && !group)
            out << named(*w);
    }
    if (!out.isEmpty() && last)
        out.prepend(QStringLiteral("it ends at ") + named(*last) + QStringLiteral(" before ") +
                    (QApplication::focusWidget() ? named(*QApplication::focusWidget())
                                                 : QStringLiteral("nothing")));
    return out;
}

// A busy machine lays a page out later than a quiet one.
QStringList cutOnceSettled(QWidget& window)
{
    return QTest::qWaitFor([&] { return cutTexts(window).isEmpty(); }, 3000) ? QStringList()
                                                                             : cutTexts(window);
}

} // namespace

class TestEveryView : public QObject {
    Q_OBJECT
    int asked_ = 0; // figures in words

    static void rows()
    {
        QTest::addColumn<int>("view");
        for (std::size_t i = 0; i < views().size(); ++i)
            QTest::newRow(views()[i].name) << int(i);
    }
    static QWidget* shown(Demo& demo, int view, const QSize& size)
    {
        QWidget* window = views()[std::size_t(view)].show(demo);
        if (!window)
            return nullptr;
        if (window->isWindow() && window == demo.window.get())
            window->resize(size);
        demo.window->bench().doubt().finish();
        demo.window->heat().finish();
        QTest::qWait(60);
        return window;
    }

private Q_SLOTS:
    void initTestCase()
    {
        static QTemporaryDir settings;
        QSettings::setDefaultFormat(QSettings::IniFormat);
        QSettings::setPath(QSettings::IniFormat, QSettings::UserScope, settings.path());
        loadShippedFonts();
        speakLanguage(*qApp, QStringLiteral("en"));
        Theme::apply(*qApp, Look{Shade::Light});
    }
    void cleanup()
    {
        QApplication::setLayoutDirection(Qt::LeftToRight);
        Theme::apply(*qApp, Look{Shade::Light});
        speakLanguage(*qApp, QStringLiteral("en"));
    }

    // Named, reached by Tab and not cut off; then in a small window, and with text twice as large.
    void inEnglish_data() { rows(); }
    void inEnglish()
    {
        QFETCH(int, view);
        Demo demo;
        QWidget* window = shown(demo, view, {1280, 800});
        QVERIFY(window);
        const auto none = [](const char* what, const QStringList& found) {
            if (!found.isEmpty())
                qWarning("%s: %s", what, qPrintable(found.join(QLatin1Char('\n'))));
            return found.isEmpty();
        };
        QStringList unnamed;
        int count = 0;
        walk(QAccessible::queryAccessibleInterface(window), unnamed, count);
        QVERIFY2(count >= 2, qPrintable(QString::number(count)));
        QVERIFY(none("unnamed", unnamed));
        QVERIFY(none("cut off", cutOnceSettled(*window)));
        QVERIFY(none("not by Tab", notByTab(*window)));
        QVERIFY(none("no What's this", unexplained(*window, asked_)));
        const QSize before = window->size();
        window->resize(std::min(980, before.width()), std::min(640, before.height()));
        QTest::qWait(40);
        QVERIFY(none("out of sight at 980x640", outOfSight(*window)));
        window->resize(before);
        Look large{Shade::Light};
        large.percent = 200;
        Theme::apply(*qApp, large);
        QTest::qWait(60);
        QVERIFY(none("out of sight at 200 %", outOfSight(*window)));
    }

    void figuresWereAsked() { QVERIFY2(asked_ > 150, qPrintable(QString::number(asked_))); }

    // The longest language that ships; and from right to left.
    void inOtherWays_data() { rows(); }
    void inOtherWays()
    {
        QFETCH(int, view);
        speakLanguage(*qApp, QStringLiteral("de"));
        {
            Demo demo;
            const QStringList cut = cutOnceSettled(*shown(demo, view, {1280, 800}));
            QVERIFY2(cut.isEmpty(), qPrintable(cut.join(QLatin1Char('\n'))));
        }
        QApplication::setLayoutDirection(Qt::RightToLeft);
        Demo demo;
        QWidget* window = shown(demo, view, {1280, 800});
        QStringList lost = cutOnceSettled(*window) + outOfSight(*window);
        QVERIFY2(lost.isEmpty(), qPrintable(lost.join(QLatin1Char('\n'))));
    }

    // The table of docs/accessibility.md: least contrast of each kind in every set of colours.
    void contrastTable()
    {
        const std::pair<const char*, Look> sets[] = {
            {"light", Look{Shade::Light}},
            {"dark", Look{Shade::Dark}},
            {"light, high", Look{Shade::Light, false, true}},
            {"dark, high", Look{Shade::Dark, false, true}}};
        const bool say = qEnvironmentVariableIntValue("RHEXION_SAY") == 1;
        for (const auto& [name, look] : sets) {
            Theme::apply(*qApp, look);
            const Colours& c = Theme::colours();
            double text = 99.0;
            double warning = 99.0;
            double line = 99.0;
            for (const QColor& ground : {c.paper, c.surface}) {
                for (const QColor& ink : {c.ink, c.muted, c.action})
                    text = std::min(text, contrast(ink, ground));
                for (const QColor& ink : {c.danger, c.care, c.fine})
                    warning = std::min(warning, contrast(ink, ground));
                line = std::min(line, contrast(c.line, ground));
            }
            const double button = contrast(c.onAction, c.action);
            const double least = look.strong ? 7.0 : 4.5;
            QVERIFY(text >= least && warning >= least && button >= least && line >= 3.0);
            if (say)
                std::printf("| %s | %.1f | %.1f | %.1f | %.1f |\n", name, text, warning, button,
                            line);
        }
    }
};

QTEST_MAIN(TestEveryView)
#include "tst_every_view.moc"
