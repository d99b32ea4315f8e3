#include "app/tour/tour.h"

#include "app/bench/bench_page.h"
#include "app/file_actions.h"
#include "app/help.h"
#include "app/main_window.h"
#include "app/widgets/note_column.h"
#include "app/widgets/typing_line.h"
#include "document/formula_document.h"

#include <QPushButton>
#include <QSettings>

namespace rhexion {

namespace {

const QString ofTour = QStringLiteral("tour");
const QString kept = QStringLiteral("tour/step");

struct TourStep {
    QString said;
    QString typed; // lines of the formula; empty: none more
    const char* page;
    MainWindow::Place place = MainWindow::Bench;
};

TourStep stepOf(int step)
{
    switch (step) {
    case 1:
        return {Tour::tr("Three oils stand in the pot, typed for you on the line in the middle. On "
                         "the right is the lye they take. Press any figure there: its whole sum "
                         "opens."),
                Tour::tr("400 g olive oil\n150 g coconut oil\n50 g castor oil"), "lye"};
    case 2:
        return {Tour::tr("Superfat, in the settings above, is the fat that stays free, your margin "
                         "for what nobody knows exactly. Move it and watch the lye."),
                {},
                "lye"};
    case 3:
        return {
            Tour::tr("Now the liquid is buttermilk. The rest takes whatever water is still "
                     "wanted. Look at the water account below: every source counts, and the fat "
                     "of the milk is counted too."),
            Tour::tr("rest buttermilk frozen"), "milks"};
    case 4:
        return {Tour::tr("An acid takes lye before any oil does. See the lye rise by what the "
                         "citric acid takes, and superfat stay as you meant it."),
                Tour::tr("2 % citric acid monohydrate in the jug"), "acids"};
    case 5:
        return {Tour::tr("How sure is it? Under the superfat stands the band it lies in nine times "
                         "of ten, and which figure to firm up first. The cautions below each have "
                         "their reason."),
                {},
                "how-sure"};
    default:
        return {Tour::tr("Here the day is laid out: what to do when, with its reasons. “Make this "
                         "batch” would begin it, and “Rehearse it” plays it with nothing caustic."),
                {},
                "day",
                MainWindow::Make};
    }
}

bool isFresh(const FormulaDocument& document)
{
    return !document.isDirty() && document.path().isEmpty() && document.formula().lines.size() <= 1;
}

} // namespace

Tour::Tour(MainWindow& window) : QObject(&window), window_(window) {}

void Tour::offer()
{
    QSettings settings;
    if (settings.contains(kept) || step_ > 0)
        return;
    settings.setValue(kept, 0);
    Banner& note = window_.notes().say(
        ofTour, Banner::Tone::Fine,
        tr("New here? A tour of six steps builds a formula on this bench and says what is what. It "
           "can be left at any step, and waits under Help."));
    connect(note.addButton(tr("Take the tour")), &QPushButton::clicked, this, &Tour::begin);
    note.addButton(tr("Not now"));
    // Who formulates by herself is not asked any longer.
    connect(&window_.document(), &FormulaDocument::changed, this, [this] {
        if (step_ == 0 && !isFresh(window_.document()))
            window_.notes().over(ofTour);
    });
}

void Tour::begin()
{
    if (step_ > 0) { // its note was closed
        goTo(step_);
        return;
    }
    window_.goTo(MainWindow::Bench);
    if (!isFresh(window_.document()))
        window_.files().newFormula();
    if (!isFresh(window_.document()))
        return; // the work that is here was not to be left
    typed_ = 0;
    goTo(qBound(1, QSettings().value(kept).toInt(), int(steps)));
}

void Tour::goTo(int step)
{
    step_ = qBound(1, step, int(steps));
    for (; typed_ < step_; ++typed_)
        if (const QString lines = stepOf(typed_ + 1).typed; !lines.isEmpty())
            window_.bench().typing()->paste(lines);
    QSettings().setValue(kept, step_);
    window_.goTo(stepOf(step_).place);
    say();
}

void Tour::say()
{
    const TourStep at = stepOf(step_);
    Banner& note =
        window_.notes().say(ofTour, Banner::Tone::Fine,
                            tr("Step %1 of %2. %3").arg(step_).arg(int(steps)).arg(at.said));
    connect(note.addButton(tr("Read on")), &QPushButton::clicked, this, [this, page = at.page] {
        openManual(QString::fromLatin1(page));
        say(); // a press closes a note
    });
    if (step_ > 1)
        connect(note.addButton(tr("Back")), &QPushButton::clicked, this,
                [this] { goTo(step_ - 1); });
    if (step_ < steps)
        connect(note.addButton(tr("Next")), &QPushButton::clicked, this,
                [this] { goTo(step_ + 1); });
    connect(note.addButton(step_ < steps ? tr("Leave") : tr("Done")), &QPushButton::clicked, this,
            step_ < steps ? &Tour::leave : &Tour::finish);
}

void Tour::leave()
{
    step_ = 0; // where it was is kept
    window_.notes().over(ofTour);
}

void Tour::finish()
{
    leave();
    QSettings().setValue(kept, 0);
}

} // namespace rhexion
