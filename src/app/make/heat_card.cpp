#include "app/make/heat_card.h"

#include "app/theme/theme.h"
#include "app/widgets/flow_layout.h"
#include "app/widgets/label.h"
#include "app/widgets/number_field.h"
#include "core/makeday/step_readings.h"
#include "words/heat_words.h"

#include <QApplication>
#include <QComboBox>
#include <QHBoxLayout>
#include <QVBoxLayout>

#include <algorithm>

namespace rhexion {

namespace {
constexpr std::chrono::milliseconds readingRest{30};
constexpr int everyHalfMinute = 30000;
} // namespace

HeatCard::HeatCard(QWidget* parent)
    : QFrame(parent), watcher_(
                          readingRest, [this] { return begin(); },
                          [this](std::optional<DayHeatFound> found) { take(std::move(found)); })
{
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(0, 0, 0, 0);
    said_ = new Label(this);
    said_->setWordWrap(true);
    said_->setFont(Theme::body());
    connect(&Theme::news(), &LookNews::changed, said_, [this] { said_->setFont(Theme::body()); });
    row_ = new QWidget(this);
    auto* row = new FlowLayout(row_, 10, 6);
    row->setContentsMargins(0, 0, 0, 0);
    for (std::size_t i = 0; i < countOf<ReadingOf>(); ++i) {
        const auto what = static_cast<ReadingOf>(i);
        auto* pair = new QWidget(row_);
        auto* line = new QHBoxLayout(pair);
        line->setContentsMargins(0, 0, 0, 0);
        auto* name = new Label(words::readingOfName(what), pair);
        auto* field = new NumberField({}, 0, true, pair);
        fixWidth(field, 112);
        leastHeight(field, 44);
        field->setAccessibleName(tr("%1 reads").arg(words::readingOfName(what)));
        field->setPlaceholderText(tr("reads"));
        name->setBuddy(field);
        line->addWidget(name);
        line->addWidget(field);
        row->addWidget(pair);
        names_.push_back(name);
        fields_.push_back(field);
        connect(field, &NumberField::refused, this, &HeatCard::refused);
        connect(field, &NumberField::entered, this, [this, what, field](std::optional<double> v) {
            if (!v)
                return;
            const double celsius =
                speech_.habits().fahrenheit ? Temperature::fahrenheit(*v).inCelsius() : *v;
            field->setValue(std::nullopt); // ready for the next
            if (celsius >= -40.0 && celsius <= 150.0)
                Q_EMIT read(what, celsius);
            else
                Q_EMIT refused(tr("A reading lies between %1 and %2.")
                                   .arg(speech_.temperature(-40.0), speech_.temperature(150.0)));
        });
    }
    look_ = new QComboBox(row_);
    look_->addItem(tr("I looked in and…"));
    for (std::size_t i = 0; i < countOf<LookSaw>(); ++i)
        look_->addItem(words::lookSawName(static_cast<LookSaw>(i)));
    look_->setAccessibleName(tr("What you saw when you looked in"));
    leastHeight(look_, 44);
    connect(look_, &QComboBox::activated, this, [this](int at) {
        look_->setCurrentIndex(0);
        if (at > 0)
            Q_EMIT lookedIn(static_cast<LookSaw>(at - 1));
    });
    row->addWidget(look_);
    column->addWidget(row_);
    column->addWidget(said_);
    minute_.setInterval(everyHalfMinute);
    connect(&minute_, &QTimer::timeout, this, [this] { watcher_.restart(); });
}

void HeatCard::setSpeech(const Speech& speech)
{
    speech_ = speech;
    for (NumberField* field : fields_) {
        field->setSpeech(speech);
        field->setSuffix(speech.habits().fahrenheit ? QStringLiteral("°F") : QStringLiteral("°C"));
    }
}

QString HeatCard::said() const
{
    return said_->text();
}

std::vector<ReadingOf> HeatCard::wanted() const
{
    if (!batch_)
        return {};
    const DayStep* step = batch_->stepAtHand();
    return step ? readingsAt(step->kind) : readingsAfterPouring();
}

void HeatCard::refreshFields()
{
    const auto asked = wanted();
    for (std::size_t i = 0; i < fields_.size(); ++i)
        fields_[i]->parentWidget()->setVisible(
            std::ranges::find(asked, static_cast<ReadingOf>(i)) != asked.end());
    for (std::size_t i = 0; i < fields_.size(); ++i) {
        QString last = tr("reads");
        if (batch_)
            for (const ReadingAt& r : batch_->readings())
                if (r.what == static_cast<ReadingOf>(i))
                    last = tr("was %1").arg(words::wholeDegrees(r.celsius, speech_));
        fields_[i]->setPlaceholderText(last);
    }
    look_->setVisible(batch_ && batch_->moments().poured.has_value());
    row_->setVisible(!asked.empty());
}

void HeatCard::showLive(ReadingOf what, double celsius)
{
    fields_[std::size_t(what)]->setPlaceholderText(
        tr("%1 now").arg(speech_.temperature(std::round(celsius * 10.0) / 10.0)));
}

void HeatCard::show(BatchInProgress* batch)
{
    if (batch != batch_)
        rung_.clear();
    batch_ = batch;
    refreshFields();
    if (!batch_) {
        said_->clear();
        minute_.stop();
    } else {
        minute_.start();
    }
    said_->setVisible(!said_->text().isEmpty());
    watcher_.restart();
}

Watcher<DayHeatFound>::Work HeatCard::begin() const
{
    if (!batch_ || !usual_ || (batch_->readings().empty() && !batch_->moments().poured))
        return [](const auto&) { return std::optional(DayHeatFound{}); };
    // What is in the bowls, not what was planned; copies, so that nothing is shared.
    const AsWeighed& now = batch_->now();
    heat::ForecastOptions options;
    options.coarse = true;
    if (learnt_)
        options.learnt = learnt_(now.formula, now.formula.heat.value_or(usual_()));
    return [formula = now.formula, account = Account(now.reckoning), usual = usual_(),
            readings = batch_->readings(), looks = batch_->looks(), moments = batch_->moments(),
            at = batch_->clock().toMSecsSinceEpoch(),
            options](const auto& isCancelled) -> std::optional<DayHeatFound> {
        heat::ForecastOptions cancellable = options;
        cancellable.cancelled = isCancelled;
        const auto forecast =
            heat::forecastHeat(formula, account, formula.heat.value_or(usual), cancellable);
        if (!forecast)
            return std::nullopt;
        DayHeatFound found;
        found.now = at;
        if (!moments.joined)
            found.meeting = heat::meetingOf(formula, *forecast, readings, moments, at);
        heat::MouldPrior prior;
        prior.lnRate = std::log(options.learnt.mould.rate);
        prior.lnLoss = std::log(options.learnt.mould.loss);
        found.mould = heat::mouldOf(*forecast, readings, looks, moments, at, prior, isCancelled);
        return found;
    };
}

void HeatCard::take(std::optional<DayHeatFound> found)
{
    if (!found || !batch_)
        return;
    QString text;
    if (found->meeting) {
        text = words::dayMeetingSaid(*found->meeting, speech_);
        if (found->meeting->closing)
            ring(tr("Join jug and pot now: the window is closing."));
    } else if (found->mould) {
        text = words::dayMouldSaid(*found->mould, found->now, speech_);
        if (found->mould->nextLook && *found->mould->nextLook <= found->now)
            ring(tr("Look into the mould now, gloves on."));
        else
            rung_.clear();
    }
    said_->setText(text);
    said_->setVisible(!text.isEmpty());
}

void HeatCard::ring(const QString& text)
{
    if (text == rung_)
        return;
    rung_ = text;
    QApplication::beep();
    QApplication::alert(window());
    Q_EMIT alarm(text);
}

} // namespace rhexion
