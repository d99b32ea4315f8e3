// Lessons return: what an earlier batch taught about a material, a pair of them or a mould is said
// once, on the bench and at the step, with the way to that batch.
#include "app/journal/journal_page.h"
#include "app/main_window.h"
#include "app/make/make_page.h"
#include "app/widgets/note_column.h"
#include "core/after/facts.h"
#include "document/formula_document.h"
#include "words/record_words.h"

#include <QPushButton>
#include <QTimer>

#include <algorithm>

namespace rhexion {

namespace {

const QString ofLessons = QStringLiteral("lessons");
constexpr int restMilliseconds = 600;
constexpr int mostSaid = 2;

bool isAbout(const LessonKept& lesson, const QStringList& materials, const Formula& formula,
             const std::vector<std::string>& settings)
{
    const bool mould =
        !lesson.mould.empty() && std::ranges::any_of(formula.moulds, [&](const MouldUse& use) {
            return use.mould.name == lesson.mould;
        });
    const bool setting = std::ranges::find(settings, lesson.setting) != settings.end();
    return mould || setting ||
           (!lesson.materials.empty() &&
            std::ranges::all_of(lesson.materials, [&](const std::string& id) {
                return materials.contains(QString::fromStdString(id));
            }));
}

} // namespace

void MainWindow::wireMemory()
{
    auto* rest = new QTimer(this);
    rest->setSingleShot(true);
    rest->setInterval(restMilliseconds);
    connect(document_, &FormulaDocument::changed, rest, qOverload<>(&QTimer::start));
    connect(rest, &QTimer::timeout, this, [this] {
        const Formula& f = document_->formula();
        const QStringList materials = materialsOf(f);
        QStringList what = materials; // and how it is made
        if (const Reckoning* r = document_->reckoning())
            for (const std::string& setting : settingsOf(f, *r))
                what << QString::fromStdString(setting);
        if (what == rememberedFor_)
            return;
        rememberedFor_ = what;
        remember(f, materials, {});
    });
}

// where: what it is said at besides the bench, so that it is said there once as well.
void MainWindow::remember(const Formula& formula, const QStringList& materials,
                          const QString& where)
{
    const Journal* kept = materials.isEmpty() ? nullptr : journal();
    if (!kept)
        return;
    const auto read = kept->lessons({});
    const auto* all = std::get_if<QList<LessonOf>>(&read);
    if (!all)
        return;
    QList<LessonOf> lessons;
    // At a step it is the material that matters; the settings were said on the bench.
    const Reckoning* now = where.isEmpty() ? document_->reckoning() : nullptr;
    const std::vector<std::string> settings =
        now ? settingsOf(formula, *now) : std::vector<std::string>{};
    for (const LessonOf& l : *all)
        if (isAbout(l.lesson, materials, formula, settings))
            lessons.append(l);
    QList<std::pair<QString, MaterialHistory>> histories;
    for (const QString& id : materials)
        if (const auto history = kept->history(id);
            const auto* h = std::get_if<MaterialHistory>(&history))
            if (h->told >= 2) // one batch is no pattern
                if (const MaterialPtr m = stock_->plain(id.toStdString()))
                    histories.append({QString::fromStdString(m->name), *h});
    QStringList said;
    QString batch;
    for (const words::Remembered& r : words::remembered(lessons, histories)) {
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
    const Line* line = step && step->weighs() ? batch->formula().find(step->target.line) : nullptr;
    if (!line || step->target.what != WeighTarget::What::Line)
        return;
    // Readings and weights change the batch many times at one step.
    const QString material = QString::fromStdString(line->material->id);
    const QString at = batch->batch() + QLatin1Char(' ') + material;
    if (at == rememberedAt_)
        return;
    rememberedAt_ = at;
    remember(batch->formula(), {material}, batch->batch());
}

} // namespace rhexion
