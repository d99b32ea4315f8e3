#include "app/make/day_plan_page.h"

#include "app/help.h"
#include "app/make/day_timeline.h"
#include "app/make/finger.h"
#include "app/theme/house_style.h"
#include "app/theme/theme.h"
#include "app/widgets/label.h"
#include "app/widgets/number_field.h"
#include "app/widgets/page_browser.h"
#include "core/makeday/own_way.h"
#include "core/materials/limits.h"
#include "pages/day_sheet_page.h"
#include "words/day_plan_words.h"
#include "words/day_words.h"

#include <QCheckBox>
#include <QComboBox>
#include <QHBoxLayout>
#include <QLineEdit>
#include <QListWidget>
#include <QMenu>
#include <QPushButton>
#include <QTabWidget>
#include <QTimeEdit>
#include <QVBoxLayout>

#include <algorithm>

namespace rhexion {

DayPlanPage::DayPlanPage(Clock clock, QWidget* parent) : QWidget(parent), clock_(std::move(clock))
{
    helpOn(this, "day");
    how_ = new QComboBox(this);
    how_->addItems({tr("Start now"), tr("Pour at"), tr("I have so long")});
    how_->setAccessibleName(tr("When"));
    at_ = new QTimeEdit(this);
    at_->setAccessibleName(tr("Pour at"));
    at_->setTime(QTime(15, 0));
    hours_ = new NumberField(tr("h"), 1, false, this);
    hours_->setAccessibleName(tr("Hours there are"));
    hours_->setValue(2.0);
    fixWidth(hours_, 90);
    lead_ = new Label(this);
    lead_->setFont(Theme::figure());
    lead_->setWordWrap(true);
    missed_ = new Label(this);
    missed_->setWordWrap(true);
    HouseStyle::setTone(missed_, Tone::Care);
    timeline_ = new DayTimeline(this);
    page_ = new PageBrowser(this);
    page_->setAccessibleName(tr("Step by step"));
    make_ = new QPushButton(tr("Make this batch"), this);
    make_->setObjectName(QStringLiteral("primary"));
    make_->setFont(Theme::figure());
    print_ = new QPushButton(tr("Print the day…"), this);
    rehearse_ = new QPushButton(tr("Rehearse it…"), this);
    second_ = new QPushButton(tr("A second batch beside it…"), this);
    for (QPushButton* button : {make_, print_, rehearse_})
        leastHeight(button, fingerTall);
    tabs_ = new QTabWidget(this);
    tabs_->setAccessibleName(tr("How the day is shown"));
    tabs_->addTab(page_, tr("Step by step"));
    tabs_->addTab(buildWay(), tr("My way"));

    wishRow_ = new QWidget(this);
    auto* wish = new QHBoxLayout(wishRow_);
    wish->setContentsMargins(0, 0, 0, 0);
    wish->addWidget(how_);
    wish->addWidget(at_);
    wish->addWidget(hours_);
    wish->addStretch();
    wish->addWidget(second_);
    auto* buttons = new QHBoxLayout;
    buttons->addWidget(print_);
    buttons->addWidget(rehearse_);
    buttons->addStretch();
    buttons->addWidget(make_);
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(0, 0, 0, 0);
    column->addWidget(wishRow_);
    column->addWidget(lead_);
    column->addWidget(missed_);
    column->addWidget(timeline_);
    column->addWidget(tabs_, 1);
    column->addLayout(buttons);
    connect(how_, &QComboBox::currentIndexChanged, this, &DayPlanPage::refresh);
    connect(at_, &QTimeEdit::timeChanged, this, &DayPlanPage::refresh);
    connect(hours_, &NumberField::entered, this, &DayPlanPage::refresh);
    connect(hours_, &NumberField::refused, this, &DayPlanPage::noted);
    constexpr int halfMinute = 30000;
    minute_.setInterval(halfMinute);
    connect(&minute_, &QTimer::timeout, this, [this] {
        if (isVisible() && !all_.empty())
            showClock();
    });
    minute_.start();
    connect(make_, &QPushButton::clicked, this, &DayPlanPage::makeWanted);
    auto* kinds = new QMenu(print_);
    kinds->addAction(tr("The day sheet"), this, [this] { Q_EMIT printWanted(false); });
    kinds->addAction(tr("In large type"), this, [this] { Q_EMIT printWanted(true); });
    print_->setMenu(kinds);
    connect(rehearse_, &QPushButton::clicked, this, &DayPlanPage::rehearseWanted);
    connect(second_, &QPushButton::clicked, this, [this] {
        if (all_.size() > 1)
            setSecond(std::nullopt);
        else
            Q_EMIT secondWanted();
    });
}

DayPlanPage::~DayPlanPage() = default;

QWidget* DayPlanPage::buildWay()
{
    auto* box = new QWidget(this);
    steps_ = new QListWidget(box);
    steps_->setAccessibleName(tr("Steps in their order"));
    auto* up = new QPushButton(tr("Earlier"), box);
    auto* down = new QPushButton(tr("Later"), box);
    auto* out = new QPushButton(tr("Leave it out"), box);
    auto* usual = new QPushButton(tr("As it comes"), box);
    usual->setToolTip(tr("Takes back every change of the order"));
    ownText_ = new QLineEdit(box);
    ownText_->setMaxLength(int(limits::ownStep));
    ownText_->setPlaceholderText(tr("A step of your own, before the one that is chosen"));
    ownText_->setAccessibleName(tr("A step of your own"));
    auto* add = new QPushButton(tr("Put it in"), box);
    layers_ = new QCheckBox(tr("Pour portions one on another, in layers"), box);
    auto* side = new QVBoxLayout;
    for (QPushButton* button : {up, down, out, usual})
        side->addWidget(button);
    side->addStretch();
    auto* top = new QHBoxLayout;
    top->addWidget(steps_, 1);
    top->addLayout(side);
    auto* bottom = new QHBoxLayout;
    bottom->addWidget(ownText_, 1);
    bottom->addWidget(add);
    auto* column = new QVBoxLayout(box);
    column->addLayout(top, 1);
    column->addLayout(bottom);
    column->addWidget(layers_);
    connect(up, &QPushButton::clicked, this, [this] { moveStep(-1); });
    connect(down, &QPushButton::clicked, this, [this] { moveStep(1); });
    connect(out, &QPushButton::clicked, this, &DayPlanPage::leaveOut);
    connect(add, &QPushButton::clicked, this, &DayPlanPage::addOwn);
    connect(ownText_, &QLineEdit::returnPressed, this, &DayPlanPage::addOwn);
    connect(usual, &QPushButton::clicked, this, [this] {
        if (!all_.empty())
            Q_EMIT wayWanted(DayWay{}, tr("The day as it comes"));
    });
    connect(layers_, &QCheckBox::clicked, this, [this](bool on) {
        if (all_.empty())
            return;
        DayWay way = all_.front().formula.way;
        way.layers = on;
        Q_EMIT wayWanted(way, on ? tr("Pour in layers") : tr("Pour as one"));
    });
    return box;
}

void DayPlanPage::setSpeech(const Speech& speech)
{
    speech_ = speech;
    hours_->setSpeech(speech);
    refresh();
}

DayPlanPage::Day DayPlanPage::fresh(const Formula& formula, const Reckoning& reckoning,
                                    std::shared_ptr<const heat::HeatForecast> forecast)
{
    Day out{formula, reckoning, planDay(formula, reckoning), std::move(forecast), {}, {}};
    out.passed.assign(out.plan.steps.size(), false);
    out.doneAt.assign(out.plan.steps.size(), 0);
    return out;
}

void DayPlanPage::setFormula(const Formula& formula, const Reckoning* reckoning,
                             std::shared_ptr<const heat::HeatForecast> forecast)
{
    making_ = false;
    std::optional<Day> second;
    if (all_.size() > 1)
        second = std::move(all_[1]);
    all_.clear();
    if (reckoning) {
        all_.push_back(fresh(formula, *reckoning, std::move(forecast)));
        if (second)
            all_.push_back(std::move(*second));
    }
    if (isVisible())
        refresh();
}

void DayPlanPage::setBatch(const BatchInProgress* batch)
{
    making_ = batch != nullptr;
    if (!batch)
        return;
    const auto forecast = all_.empty() ? nullptr : all_.front().forecast;
    all_.clear();
    Day day{batch->formula(), batch->planned(),         batch->plan(),
            forecast,         batch->folded().passed(), {}};
    for (const DayStep& step : day.plan.steps) {
        std::int64_t at = 0;
        for (const auto& [key, when] : batch->folded().doneAt)
            if (key == keyOf(step))
                at = when;
        day.doneAt.push_back(at);
    }
    all_.push_back(std::move(day));
    if (isVisible())
        refresh();
}

void DayPlanPage::setSecond(const std::optional<Formula>& second)
{
    if (all_.empty())
        return;
    all_.resize(1);
    if (second) {
        const auto r = reckon(*second);
        if (const auto* good = std::get_if<Reckoning>(&r))
            all_.push_back(fresh(*second, *good, nullptr));
        else
            Q_EMIT noted(tr("The second formula cannot be reckoned: open it on the bench first."));
    }
    refresh();
}

void DayPlanPage::setWish(ScheduleHow how, const QTime& at, double hours)
{
    at_->setTime(at);
    hours_->setValue(hours);
    how_->setCurrentIndex(int(how));
    refresh();
}

ScheduleWish DayPlanPage::wish() const
{
    ScheduleWish out;
    const QDateTime now = clock_();
    out.now = now.toMSecsSinceEpoch();
    if (making_)
        return out;
    out.how = static_cast<ScheduleHow>(how_->currentIndex());
    QDateTime at(now.toLocalTime().date(), at_->time());
    out.pourAt = at.toMSecsSinceEpoch();
    out.within = hours_->value().value_or(2.0) * 3600.0;
    return out;
}

std::vector<DayOf> DayPlanPage::days() const
{
    std::vector<DayOf> out;
    for (const Day& day : all_)
        out.push_back({&day.plan, timesOf(day.plan, day.formula, day.reckoning, day.forecast.get()),
                       &day.formula, day.doneAt, day.passed});
    return out;
}

words::FactPage DayPlanPage::facts() const
{
    if (all_.empty())
        return {};
    const Day& first = all_.front();
    return words::dayPage(days(), schedule_, wish(),
                          laterSteps(first.formula, first.reckoning, first.forecast.get()),
                          speech_);
}

QString DayPlanPage::sheet() const
{
    if (all_.empty())
        return {};
    std::vector<Reckoning> reckonings;
    for (const Day& day : all_)
        reckonings.push_back(day.reckoning);
    const Day& first = all_.front();
    return daySheetHtml(days(), reckonings, schedule_, wish(),
                        laterSteps(first.formula, first.reckoning, first.forecast.get()), speech_);
}

void DayPlanPage::refresh()
{
    const bool any = !all_.empty();
    wishRow_->setVisible(any && !making_);
    timeline_->setVisible(any);
    tabs_->setVisible(any);
    tabs_->setTabVisible(1, !making_);
    make_->setVisible(!making_);
    make_->setEnabled(any);
    rehearse_->setVisible(any && !making_);
    print_->setVisible(any);
    at_->setVisible(how_->currentIndex() == int(ScheduleHow::PourAt));
    hours_->setVisible(how_->currentIndex() == int(ScheduleHow::Within));
    second_->setText(all_.size() > 1 ? tr("Without the second batch")
                                     : tr("A second batch beside it…"));
    if (!any) {
        lead_->setText(tr("Nothing to make yet: the formula on the bench cannot be reckoned."));
        missed_->hide();
        return;
    }
    showClock();
    words::FactPage said = facts();
    said.lead.clear(); // it stands above the clock already
    page_->setFacts(said, false);
    refreshWay();
}

void DayPlanPage::showClock()
{
    const ScheduleWish w = wish();
    const auto of = days();
    schedule_ = scheduleOf(of, w);
    lead_->setText(
        tr("%1 Poured at %2.")
            .arg(words::dayLength(schedule_, speech_),
                 words::clockTime(schedule_.pours != 0 ? schedule_.pours : w.now, w.now)));
    const QString missed = words::scheduleMissed(schedule_, w, speech_);
    missed_->setText(missed);
    missed_->setVisible(!missed.isEmpty());
    timeline_->show(of, schedule_, w.now, speech_);
}

void DayPlanPage::refreshWay()
{
    const int row = std::max(0, steps_->currentRow());
    const Day& day = all_.front();
    steps_->clear();
    for (const DayStep& step : day.plan.steps)
        steps_->addItem(words::dayStepTitle(step, day.formula));
    steps_->setCurrentRow(std::min(row, steps_->count() - 1));
    layers_->setVisible(day.formula.portions.size() > 1);
    layers_->setChecked(day.formula.way.layers);
}

void DayPlanPage::moveStep(int by)
{
    if (all_.empty())
        return;
    const Day& day = all_.front();
    const auto count = int(day.plan.steps.size());
    const int row = steps_->currentRow();
    const int before = by < 0 ? row - 1 : row + 2;
    if (row < 0 || before < 0 || before > count)
        return;
    const auto to = moved(day.plan, std::size_t(row), std::size_t(before));
    if (const auto* no = std::get_if<WayRefused>(&to)) {
        const auto title = [&](std::size_t i) {
            return words::dayStepTitle(day.plan.steps[i], day.formula);
        };
        Q_EMIT noted(
            by < 0 ? tr("“%1” has to come after “%2”.").arg(title(no->step), title(no->inTheWay))
                   : tr("“%1” has to come before “%2”.").arg(title(no->step), title(no->inTheWay)));
        return;
    }
    DayWay way = day.formula.way;
    MovedStep move{keyOf(day.plan.steps[std::size_t(row)]), std::nullopt};
    if (before < count)
        move.before = keyOf(day.plan.steps[std::size_t(before)]);
    if (way.moved.size() >= mostWaySteps)
        way.moved.erase(way.moved.begin());
    way.moved.push_back(move);
    steps_->setCurrentRow(row + by);
    Q_EMIT wayWanted(way, tr("Another order of the day"));
}

void DayPlanPage::leaveOut()
{
    const int row = steps_->currentRow();
    if (all_.empty() || row < 0)
        return;
    const Day& day = all_.front();
    DayWay way = day.formula.way;
    const DayStep& step = day.plan.steps[std::size_t(row)];
    if (step.kind == DayStepKind::Own) {
        std::erase_if(way.own, [&](const OwnStep& own) { return own.id == step.target.line; });
        Q_EMIT wayWanted(way, tr("Take out a step of your own"));
        return;
    }
    if (std::holds_alternative<WayRefused>(without(day.plan, std::size_t(row)))) {
        Q_EMIT noted(
            tr("“%1” stays: it weighs something, or it keeps you from harm. It can be left "
               "out on the day itself.")
                .arg(words::dayStepTitle(step, day.formula)));
        return;
    }
    way.left.push_back(keyOf(step));
    Q_EMIT wayWanted(way, tr("Leave a step out"));
}

void DayPlanPage::addOwn()
{
    const QString text = ownText_->text().trimmed();
    const int row = steps_->currentRow();
    if (all_.empty() || text.isEmpty() || all_.front().formula.way.own.size() >= mostWaySteps)
        return;
    DayWay way = all_.front().formula.way;
    OwnStep own;
    for (const OwnStep& other : way.own)
        own.id = std::max(own.id, other.id);
    ++own.id;
    own.text = text.toStdString();
    if (row >= 0)
        own.before = keyOf(all_.front().plan.steps[std::size_t(row)]);
    way.own.push_back(own);
    ownText_->clear();
    Q_EMIT wayWanted(way, tr("A step of your own"));
}

void DayPlanPage::showEvent(QShowEvent*)
{
    refresh();
}

} // namespace rhexion
