#include "app/rehearsal/rehearsal_window.h"

#include "app/devices/pouring_hand.h"
#include "app/devices/standin_scale.h"
#include "app/files/file_choice.h"
#include "app/help.h"
#include "app/make/finger.h"
#include "app/make/make_page.h"
#include "app/make/step_card.h"
#include "app/make/trouble_panel.h"
#include "app/theme/house_style.h"
#include "app/theme/theme.h"
#include "app/widgets/label.h"
#include "app/widgets/number_field.h"
#include "app/widgets/page_browser.h"
#include "storage/mishap_json.h"
#include "words/mishap_words.h"
#include "words/refusal_words.h"

#include <QHBoxLayout>
#include <QListWidget>
#include <QPushButton>
#include <QRandomGenerator>
#include <QStackedWidget>
#include <QTimer>
#include <QVBoxLayout>

#include <algorithm>

namespace rhexion {

namespace {

constexpr double slowest = 1.0;
constexpr double fastest = 60.0;

} // namespace

RehearsalWindow::RehearsalWindow(Stock& stock, QWidget* owner)
    : LeavableWindow(owner), stock_(stock), desk_(new devices::DeviceDesk(this))
{
    helpOn(this, "make");
    setWindowTitle(tr("Rehearsal"));
    setObjectName(QStringLiteral("page"));
    resize(1100, 720);
    note_ = new Label(tr("Rehearsal: nothing is kept, nothing is caustic."), this);
    note_->setFont(Theme::strong());
    note_->setWordWrap(true);
    HouseStyle::setTone(note_, Tone::Care);
    make_ = new MakePage(
        stock_, [this] { return now(); }, this);
    make_->setRehearsal();
    make_->setDevices(desk_);
    make_->setHeatPlan([] { return HeatPlan{}; });
    hand_ = new PouringHand(*desk_, this);
    hand_->setOff([this](int at) -> std::optional<double> {
        for (const Coming& coming : coming_)
            if (coming.befell && coming.mishap.kind == MishapKind::LyeOvershoots &&
                coming.place == std::size_t(at))
                return coming.mishap.figure > 0.0 ? coming.mishap.figure
                                                  : usualFigure(coming.mishap.kind);
        return std::nullopt;
    });
    report_ = new PageBrowser(this);
    stack_ = new QStackedWidget(this);
    stack_->addWidget(buildSettings());
    stack_->addWidget(make_);
    auto* page = new QWidget(this);
    auto* again = new QPushButton(tr("Once more"), page);
    leastHeight(again, fingerTall);
    connect(again, &QPushButton::clicked, this, [this] { stack_->setCurrentIndex(0); });
    auto* column = new QVBoxLayout(page);
    column->addWidget(report_, 1);
    column->addWidget(again, 0, Qt::AlignRight);
    stack_->addWidget(page);
    auto* outer = new QVBoxLayout(this);
    outer->addWidget(note_);
    outer->addWidget(stack_, 1);
    connect(make_, &MakePage::noted, this, [this](const QString& text) { note_->setText(text); });
    connect(make_, &MakePage::finished, this, &RehearsalWindow::end);
    connect(make_, &MakePage::stopped, this, &RehearsalWindow::end);
    connect(&make_->card(), &StepCard::troubleWanted, this,
            [this] { mark([](WhatWasDone& d) { d.trouble = true; }); });
    connect(make_->card().helpButton(), &QPushButton::clicked, this,
            [this] { mark([](WhatWasDone& d) { d.help = true; }); });
    connect(&make_->trouble(), &TroublePanel::missed, this,
            [this] { mark([](WhatWasDone& d) { d.nearMiss = true; }); });
}

RehearsalWindow::~RehearsalWindow()
{
    hand_->watch(nullptr, nullptr);
}

QWidget* RehearsalWindow::buildSettings()
{
    auto* box = new QWidget(this);
    auto* title = new Label(tr("Go through the day once before the lye is real."), box);
    title->setFont(Theme::large());
    title->setWordWrap(true);
    choice_ = new QListWidget(box);
    choice_->setAccessibleName(tr("Mishaps that may befall you"));
    for (std::size_t i = 0; i < countOf<MishapKind>(); ++i) {
        auto* item = new QListWidgetItem(words::mishapName(static_cast<MishapKind>(i)), choice_);
        item->setFlags(Qt::ItemIsEnabled | Qt::ItemIsUserCheckable | Qt::ItemIsSelectable);
        item->setCheckState(Qt::Unchecked);
    }
    auto* how =
        new Label(tr("Choose what may befall you, or be surprised. The stand-in scale pours, "
                     "the thermometers follow; in the end you read what you noticed."),
                  box);
    how->setWordWrap(true);
    choice_->setSpacing(8);
    choice_->setFont(Theme::figure());
    speed_ = new NumberField(tr("times as fast"), 0, false, box);
    speed_->setAccessibleName(tr("How many times as fast as the clock"));
    speed_->setValue(10.0);
    fixWidth(speed_, 200);
    surprise_ = new QPushButton(tr("Surprise me"), box);
    auto* open = new QPushButton(tr("Open a teacher’s script…"), box);
    auto* start = new QPushButton(tr("Begin"), box);
    start->setObjectName(QStringLiteral("primary"));
    for (QPushButton* button : {surprise_, open, start})
        leastHeight(button, fingerTall);
    connect(start, &QPushButton::clicked, this, [this] {
        script_ = {};
        for (int i = 0; i < choice_->count(); ++i)
            if (choice_->item(i)->checkState() == Qt::Checked)
                script_.mishaps.push_back({static_cast<MishapKind>(i), std::nullopt, 0.0});
        begin();
    });
    connect(surprise_, &QPushButton::clicked, this, [this] {
        if (!reckoning_)
            return;
        script_ = rhexion::surprise(planDay(formula_, *reckoning_), formula_,
                                    QRandomGenerator::global()->generate());
        begin();
    });
    connect(open, &QPushButton::clicked, this, &RehearsalWindow::openScript);
    auto* row = new QHBoxLayout;
    row->addWidget(speed_);
    row->addStretch();
    row->addWidget(open);
    row->addWidget(surprise_);
    row->addWidget(start);
    auto* column = new QVBoxLayout(box);
    column->addWidget(title);
    column->addWidget(how);
    column->addSpacing(8);
    column->addWidget(choice_, 1);
    column->addLayout(row);
    return box;
}

void RehearsalWindow::setSpeech(const Speech& speech)
{
    speech_ = speech;
    make_->setSpeech(speech);
    speed_->setSpeech(speech);
}

void RehearsalWindow::setFormula(const Formula& formula, const Reckoning* reckoning)
{
    formula_ = formula;
    reckoning_ = reckoning ? std::optional(*reckoning) : std::nullopt;
}

void RehearsalWindow::setScript(const MishapScript& script)
{
    script_ = script;
}

void RehearsalWindow::openScript()
{
    const QString path = files::toOpen(this, tr("A script of mishaps"), {}, tr("Scripts (*.json)"));
    if (path.isEmpty())
        return;
    const auto read = readMishapFile(path);
    if (const auto* fault = std::get_if<FileFault>(&read)) {
        note_->setText(words::fileFault(*fault));
        return;
    }
    script_ = std::get<MishapScript>(read);
    begin();
}

QDateTime RehearsalWindow::now() const
{
    if (!began_.isValid())
        return QDateTime::currentDateTime();
    return began_.addMSecs(qint64(double(real_.elapsed()) * times_ + jumped_ * 1000.0));
}

void RehearsalWindow::begin()
{
    if (!reckoning_) {
        note_->setText(tr("The formula on the bench cannot be reckoned: mend it first."));
        return;
    }
    times_ = std::clamp(speed_->value().value_or(10.0), slowest, fastest);
    began_ = QDateTime::currentDateTime();
    real_.start();
    jumped_ = 0.0;
    step_ = -1;
    outcomes_.clear();
    seen_.clear();
    standin_ = std::make_unique<StandinScale>();
    if (!standin_->begin(1, times_)) {
        note_->setText(tr("The stand-in scale could not be begun: %1").arg(standin_->fault()));
        return;
    }
    desk_->setDevices({standin_->setup()});
    journal_ = std::make_unique<MemoryJournal>();
    auto begun = BatchInProgress::begin(*journal_, formula_, *reckoning_, [this] { return now(); });
    if (auto* fault = std::get_if<FileFault>(&begun)) {
        note_->setText(words::fileFault(*fault));
        return;
    }
    auto batch = std::get<std::unique_ptr<BatchInProgress>>(std::move(begun));
    coming_.clear();
    for (const Mishap& mishap : script_.mishaps)
        coming_.push_back({mishap, placeOf(mishap, batch->plan(), formula_), false, {}, 0});
    note_->setText(tr("Rehearsal: nothing is kept, nothing is caustic."));
    connect(batch.get(), &BatchInProgress::changed, this, &RehearsalWindow::step);
    make_->setBatch(std::move(batch));
    stack_->setCurrentIndex(1);
    step();
    hand_->watch(make_->batch(), standin_.get());
}

template <typename Do>
void RehearsalWindow::mark(Do what)
{
    for (Coming& coming : coming_)
        if (coming.befell)
            what(coming.done);
}

void RehearsalWindow::step()
{
    const BatchInProgress* batch = make_->batch();
    if (!batch)
        return;
    // How the weight of a step was taken, and what went in besides.
    for (Coming& coming : coming_) {
        if (!coming.befell)
            continue;
        if (coming.place && *coming.place < batch->plan().steps.size())
            if (const auto w = batch->lastWeighing(batch->plan().steps[*coming.place].target)) {
                coming.done.typed = w->origin != WeighOrigin::AsPlanned;
                coming.done.asPlanned = w->origin == WeighOrigin::AsPlanned;
            }
        coming.done.addedWater = coming.done.addedWater || !batch->topUps().empty();
        if (const auto poured = batch->moments().poured)
            coming.done.secondsToPour = double(*poured - coming.at) / 1000.0;
    }
    if (batch->step() == step_)
        return;
    step_ = batch->step();
    if (batch->atEnd())
        return;
    for (Coming& coming : coming_)
        if (!coming.befell && coming.place == std::size_t(step_))
            befall(coming);
}

void RehearsalWindow::befall(Coming& coming)
{
    const BatchInProgress* batch = make_->batch();
    coming.befell = true;
    coming.at = now().toMSecsSinceEpoch();
    const double figure =
        coming.mishap.figure > 0.0 ? coming.mishap.figure : usualFigure(coming.mishap.kind);
    switch (coming.mishap.kind) {
    case MishapKind::ScaleDies: standin_->tell(QStringLiteral("unplug %1").arg(figure)); break;
    case MishapKind::PhoneRings: jumped_ += figure * 60.0; break;
    case MishapKind::MilkScorches:
        standin_->tell(QStringLiteral("jug %1 0.0004").arg(figure));
        break;
    default: break;
    }
    const QString seen = words::mishapSeen(coming.mishap, batch->plan().steps[std::size_t(step_)],
                                           formula_, speech_);
    if (!seen.isEmpty()) {
        seen_ << seen;
        // After what the step itself says.
        QTimer::singleShot(0, this, [this, seen] { note_->setText(seen); });
    }
}

void RehearsalWindow::end()
{
    const auto all = journal_ ? journal_->batches() : QList<BatchSummary>();
    std::optional<Batch> folded;
    if (const auto* list = std::get_if<QList<BatchSummary>>(&all); list && !list->isEmpty()) {
        const auto read = journal_->batch(list->front().id);
        if (const auto* batch = std::get_if<Batch>(&read))
            folded = *batch;
    }
    outcomes_.clear();
    if (folded && reckoning_) {
        const AsWeighed done = reckonAsWeighed(formula_, *reckoning_, folded->facts(), {});
        for (const Coming& coming : coming_)
            outcomes_.push_back(
                judge(coming.mishap, coming.befell, coming.done, formula_, *reckoning_, done));
    }
    hand_->watch(nullptr, nullptr);
    if (make_->batch())
        make_->setBatch(nullptr);
    desk_->setDevices({});
    standin_.reset();
    report_->setFacts(words::rehearsalReport(outcomes_, speech_), true);
    note_->setText(tr("Rehearsal: nothing is kept, nothing is caustic."));
    stack_->setCurrentIndex(2);
    Q_EMIT ended();
}

QString RehearsalWindow::reportText() const
{
    return report_->toPlainText();
}

} // namespace rhexion
