// Lessons return: what an earlier batch taught about a material, a pair of them or a mould is said
// once, on the bench and at the step, with the way to that batch.
#include "app/journal/journal_page.h"
#include "app/main_window.h"
#include "app/make/make_page.h"
#include "app/widgets/note_column.h"
#include "core/after/mishaps.h"
#include "document/formula_document.h"
#include "storage/material_names.h"
#include "words/record_words.h"

#include <QPushButton>
#include <QTimer>

#include <algorithm>

namespace rhexion {

namespace {

const QString ofLessons = QStringLiteral("lessons");
constexpr int restMilliseconds = 600;
constexpr int mostSaid = 2;

constexpr int mostBatchesTold = 500;

bool meets(const std::vector<std::string>& some, const std::vector<std::string>& atHand)
{
    return std::ranges::any_of(
        some, [&](const std::string& s) { return std::ranges::binary_search(atHand, s); });
}

// Of several materials all stand there, and one of them is at hand.
bool isAbout(const LessonKept& lesson, const std::vector<std::string>& things,
             const std::vector<std::string>& atHand)
{
    std::vector<std::string> materials;
    for (const std::string& id : lesson.materials)
        materials.push_back("with:" + id);
    std::ranges::sort(materials);
    return meets({"mould:" + lesson.mould, lesson.setting}, atHand) ||
           (meets(materials, atHand) && std::ranges::includes(things, materials));
}

} // namespace

void MainWindow::wireMemory()
{
    auto* rest = new QTimer(this);
    rest->setSingleShot(true);
    rest->setInterval(restMilliseconds);
    connect(document_, &FormulaDocument::changed, rest, qOverload<>(&QTimer::start));
    connect(rest, &QTimer::timeout, this, [this] {
        const Reckoning* r = document_->reckoning();
        const Things things = r ? thingsOf(document_->formula(), *r) : Things{};
        if (things == rememberedFor_)
            return;
        rememberedFor_ = things;
        remember(things, things, {});
    });
}

// atHand: of all the things those it is said for. where: what it is said at besides the bench, so
// that it is said there once as well.
void MainWindow::remember(const Things& things, const Things& atHand, const QString& where)
{
    const Journal* kept = atHand.empty() ? nullptr : journal();
    if (!kept)
        return;
    const auto lessonsRead = kept->lessons({});
    const auto toldRead = kept->told(mostBatchesTold);
    const auto* all = std::get_if<QList<LessonOf>>(&lessonsRead);
    const auto* told = std::get_if<std::vector<ToldBatch>>(&toldRead);
    if (!all || !told)
        return;
    QList<LessonOf> lessons;
    for (const LessonOf& l : *all)
        if (isAbout(l.lesson, things, atHand))
            lessons.append(l);
    std::vector<MishapBefore> mishaps = mishapsBefore(*told, things);
    std::erase_if(mishaps, [&](const MishapBefore& m) { return !meets(m.things, atHand); });
    const auto nameOf = [this](const std::string& id) {
        return materialNamed(stock_->plain(id), id);
    };
    QStringList said;
    QString batch;
    for (const words::Remembered& r : words::remembered(lessons, mishaps, nameOf)) {
        const QString key = where + QString::fromStdString(r.key);
        if (remembered_.contains(key) || said.size() >= mostSaid)
            continue;
        remembered_.insert(key);
        said << r.text;
        if (batch.isEmpty())
            batch = r.batch;
    }
    if (said.isEmpty())
        return;
    Banner& note = notes_->say(ofLessons, Banner::Tone::Care, said.join(QLatin1Char('\n')));
    if (!batch.isEmpty())
        connect(note.addButton(tr("Open that batch")), &QPushButton::clicked, this, [this, batch] {
            notes_->over(ofLessons);
            goTo(JournalPlace);
            journalPage().reload(batch);
        });
}

void MainWindow::rememberAtStep()
{
    const BatchInProgress* batch = make_ ? make_->batch() : nullptr;
    const DayStep* step = batch ? batch->stepAtHand() : nullptr;
    if (!step)
        return;
    Things atHand; // what goes in now: a jar, or the batter into its moulds
    const bool pours = step->kind == DayStepKind::Pour;
    const MaterialPtr material = materialOf(step->target, batch->formula());
    for (const std::string& thing : jarsAndMouldsOf(batch->formula()))
        if (pours ? thing.starts_with("mould:")
                  : material && thing.starts_with("lot:" + material->id + ' '))
            atHand.push_back(thing);
    if (material && step->weighs())
        atHand.push_back("with:" + material->id);
    // Readings and weights change the batch many times at one step.
    if (atHand == rememberedAt_ && batch->batch() == rememberedIn_)
        return;
    rememberedAt_ = atHand;
    rememberedIn_ = batch->batch();
    remember(thingsOf(batch->formula(), accountOf(batch->formula(), batch->planned().amounts)),
             atHand, batch->batch());
}

} // namespace rhexion
