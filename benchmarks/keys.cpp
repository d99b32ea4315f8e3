// rhexion-bench-keys: from a key to the repainted bench, in whatever window there is, and what the
// program's memory does over a long day of edits.
//   xvfb-run -a -s "-screen 0 1280x800x24" rhexion-bench-keys [EDITS]     (100000; 0: only the
//   keys)
#include "app/bench/bench_page.h"
#include "app/formulating/compare_panel.h"
#include "app/formulating/formulating_panels.h"
#include "app/main_window.h"
#include "app/theme/theme.h"
#include "app/widgets/number_field.h"
#include "app/widgets/typing_line.h"
#include "document/doubt_watcher.h"
#include "document/formula_document.h"
#include "mixed_formula.h"
#include "sheet/shipped_fonts.h"

#include <QApplication>
#include <QElapsedTimer>
#include <QKeyEvent>
#include <QLineEdit>
#include <QScreen>
#include <QSettings>
#include <QSlider>
#include <QTemporaryDir>

#include <algorithm>
#include <cstdio>
#include <malloc.h>
#include <vector>

using namespace rhexion;
using rhexion::bench::mixed;

namespace {

// Every event that the interface thread works off, and how long it took.
class TimedApplication : public QApplication {
public:
    using QApplication::QApplication;
    bool notify(QObject* receiver, QEvent* event) override
    {
        if (depth_ > 0)
            return QApplication::notify(receiver, event);
        ++depth_;
        QElapsedTimer timer;
        timer.start();
        const bool done = QApplication::notify(receiver, event);
        --depth_;
        millis_.push_back(double(timer.nsecsElapsed()) / 1e6);
        return done;
    }
    void forget() { millis_.clear(); }
    void say(const char* what) const
    {
        const auto over = std::ranges::count_if(millis_, [](double ms) { return ms > 8.0; });
        std::printf("events of the interface thread while %s: %zu, longest %.1f ms, %zd over 8 ms "
                    "(target none)\n",
                    what, millis_.size(),
                    millis_.empty() ? 0.0 : *std::ranges::max_element(millis_),
                    std::ptrdiff_t(over));
    }

private:
    int depth_ = 0;
    std::vector<double> millis_;
};

TimedApplication& timed()
{
    return static_cast<TimedApplication&>(*qApp);
}

void press(QWidget* to, int key, const QString& text)
{
    for (const auto type : {QEvent::KeyPress, QEvent::KeyRelease}) {
        QKeyEvent event(type, key, Qt::NoModifier, text);
        QApplication::sendEvent(to, &event);
    }
}

// Waits until what the key changed is on the screen: the events it caused are worked off, and the
// display server has answered after them.
double untilPainted(const QElapsedTimer& timer, const QWidget& window)
{
    QApplication::processEvents();
    (void)window.screen()->grabWindow(window.winId(), 0, 0, 1, 1);
    return double(timer.nsecsElapsed()) / 1e6;
}

void report(const char* what, std::size_t materials, double target, std::vector<double> ms)
{
    std::ranges::sort(ms);
    std::printf(
        "%s, %zu materials: median %.1f ms, 95 of 100 within %.1f ms, least %.1f ms (target "
        "%.0f at 95)\n",
        what, materials, ms[ms.size() / 2], ms[ms.size() * 95 / 100], ms.front(), target);
    std::fflush(stdout);
}

void benchKeys(MainWindow& window, std::size_t materials)
{
    constexpr int presses = 300;
    window.document().reset(mixed(materials), {});
    window.bench().showFigures();
    QApplication::processEvents();
    QElapsedTimer timer;
    std::vector<double> ms;
    timed().forget();
    auto* superfat = window.findChild<NumberField*>(QStringLiteral("superfat"));
    for (int i = 0; i < presses; ++i) {
        superfat->setFocus();
        superfat->selectAll();
        press(superfat, Qt::Key_5 + i % 4, QString::number(5 + i % 4));
        QApplication::processEvents();
        timer.start();
        press(superfat, Qt::Key_Return, QStringLiteral("\r"));
        ms.push_back(untilPainted(timer, window));
    }
    report("Enter on a new superfat, until the bench is repainted", materials,
           materials > 12 ? 10.0 : 8.0, ms);
    timed().say("superfats are entered");
    ms.clear();
    QLineEdit* typing = window.bench().typing()->field();
    typing->setFocus();
    const QString phrase = QStringLiteral("12 g buttermilk dried");
    for (int i = 0; i < presses; ++i) {
        const int at = i % int(phrase.size());
        if (at == 0)
            typing->clear();
        QApplication::processEvents();
        timer.start();
        press(typing, 0, phrase.mid(at, 1));
        ms.push_back(untilPainted(timer, window));
    }
    typing->clear();
    report("a letter on the typing line, until it says what it understood", materials, 16.0, ms);
}

void benchSlider(MainWindow& window, std::size_t materials)
{
    window.document().reset(mixed(materials), {});
    window.bench().showTopic(Topic::Compare);
    QApplication::processEvents();
    auto* slider = window.formulating().as<ComparePanel>(Topic::Compare)->superfat();
    QElapsedTimer timer;
    std::vector<double> ms;
    timed().forget();
    for (int i = 0; i < 300; ++i) {
        timer.start();
        slider->setValue(30 + i % 100);
        ms.push_back(untilPainted(timer, window));
    }
    window.document().dropPreview();
    timed().say("a slider moves");
    report("a slider's step, until the bench is repainted", materials, 16.0, ms);
}

double heapMegabytes()
{
    return double(mallinfo2().uordblks) / 1e6;
}

void benchMemory(MainWindow& window, int edits)
{
    window.document().reset(mixed(40), {});
    const auto edit = [&](int i) {
        LyeSettings lye = window.document().formula().lye;
        lye.superfat = 0.03 + 0.0001 * (i % 500);
        window.document().apply(SetLye{SettingField::Superfat, lye}, QStringLiteral("edit"));
        // Views repaint, panels are thrown away and doubts arrive as they would.
        if (i % 20 == 0) {
            QApplication::processEvents();
            QApplication::sendPostedEvents(nullptr, QEvent::DeferredDelete);
        }
    };
    const auto settled = [&] {
        window.bench().doubt().finish();
        QApplication::processEvents();
        QApplication::sendPostedEvents(nullptr, QEvent::DeferredDelete);
        return heapMegabytes();
    };
    if (edits <= 0)
        return;
    const int warm = 5000; // past the limit of undo
    for (int i = 0; i < warm; ++i)
        edit(i);
    const double before = settled();
    for (int i = 0; i < edits; ++i)
        edit(i);
    const double after = settled();
    std::printf("memory in use after %d edits %.2f MB, after %d more %.2f MB\n", warm, before,
                edits, after);
}

} // namespace

int main(int argc, char** argv)
{
    TimedApplication app(argc, argv);
    QTemporaryDir folder;
    QSettings::setDefaultFormat(QSettings::IniFormat);
    QSettings::setPath(QSettings::IniFormat, QSettings::UserScope, folder.path());
    QLocale::setDefault(QLocale(QLocale::English, QLocale::UnitedKingdom));
    loadShippedFonts();
    Theme::apply(app, Look{Shade::Light});
    MainWindow window({folder.path(), false}, [] { return QDateTime::currentDateTimeUtc(); });
    window.resize(1280, 800);
    window.show();
    window.loadStock();
    QApplication::processEvents();
    for (const std::size_t materials : {3, 12, 40})
        benchKeys(window, materials);
    for (const std::size_t materials : {12, 40})
        benchSlider(window, materials);
    benchMemory(window, argc > 1 ? std::atoi(argv[1]) : 100000);
    return 0;
}
