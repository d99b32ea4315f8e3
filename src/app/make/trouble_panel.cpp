#include "app/make/trouble_panel.h"

#include "app/help.h"
#include "app/make/finger.h"
#include "app/theme/house_style.h"
#include "app/theme/theme.h"
#include "app/widgets/label.h"
#include "app/widgets/material_field.h"
#include "app/widgets/number_field.h"
#include "storage/material_names.h"
#include "storage/stock.h"
#include "words/day_words.h"
#include "words/names.h"
#include "words/safety_words.h"

#include <QComboBox>
#include <QHBoxLayout>
#include <QLineEdit>
#include <QPushButton>
#include <QVBoxLayout>

#include <algorithm>

namespace rhexion {

namespace {

constexpr std::chrono::milliseconds rest{60};

} // namespace

TroublePanel::TroublePanel(Stock& stock, QWidget* parent)
    : QFrame(parent), watcher_(
                          rest, [this] { return begin(); },
                          [this](std::optional<Peaks> p) { takePeaks(std::move(p)); })
{
    helpOn(this, "trouble");
    setObjectName(QStringLiteral("card"));
    auto* title = new Label(tr("What happened?"), this);
    title->setFont(Theme::large());
    what_ = new QComboBox(this);
    what_->setAccessibleName(tr("What happened"));
    what_->addItems({tr("More or less of something went in"), tr("Spilled, or thrown away"),
                     tr("Something else in its place"), tr("Something is still on the counter"),
                     tr("Lye went in wrong"), tr("A near miss: splash, fumes, spill")});
    leastHeight(what_, fingerTall);
    which_ = new QComboBox(this);
    which_->setAccessibleName(tr("Which"));
    leastHeight(which_, fingerTall);
    other_ = new MaterialField(stock, this);
    other_->setAccessibleName(tr("What stands in its place"));
    other_->setPlaceholderText(tr("such as mango butter"));
    leastHeight(other_, fingerTall);
    connect(other_, &QLineEdit::textChanged, this, [this] {
        const MaterialPtr m = otherMaterial();
        keep_->setText(m ? tr("Take %1").arg(materialName(*m)) : tr("Take it"));
        keep_->setEnabled(m != nullptr);
        said_->setText(other_->question());
    });
    connect(other_, &QLineEdit::returnPressed, this, &TroublePanel::keepIt);
    amount_ = new NumberField({}, 1, true, this);
    amount_->setAccessibleName(tr("How much"));
    leastHeight(amount_, fingerTall);
    fixWidth(amount_, 180);
    keep_ = new QPushButton(this);
    keep_->setObjectName(QStringLiteral("primary"));
    leastHeight(keep_, fingerTall);
    auto* back = new QPushButton(tr("Back to the step"), this);
    leastHeight(back, fingerTall);
    stop_ = new Label(this);
    stop_->setWordWrap(true);
    stop_->setFont(Theme::figure());
    HouseStyle::setTone(stop_, Tone::Danger);
    said_ = new Label(this);
    said_->setWordWrap(true);
    said_->setFont(Theme::body());
    rows_ = new QWidget(this);
    mends_ = new QVBoxLayout(rows_);
    mends_->setContentsMargins(0, 0, 0, 0);
    auto* ask = new QHBoxLayout;
    ask->addWidget(which_, 1);
    ask->addWidget(other_, 1);
    ask->addWidget(amount_);
    ask->addWidget(keep_);
    auto* bottom = new QHBoxLayout;
    bottom->addStretch();
    bottom->addWidget(back);
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(24, 18, 24, 18);
    column->setSpacing(10);
    column->addWidget(title);
    column->addWidget(what_);
    column->addWidget(stop_);
    column->addLayout(ask);
    column->addWidget(said_);
    column->addWidget(rows_);
    column->addStretch();
    column->addLayout(bottom);
    connect(back, &QPushButton::clicked, this, &TroublePanel::closed);
    connect(keep_, &QPushButton::clicked, this, &TroublePanel::keepIt);
    connect(what_, &QComboBox::currentIndexChanged, this, &TroublePanel::choose);
    connect(which_, &QComboBox::currentIndexChanged, this, &TroublePanel::refresh);
    connect(amount_, &NumberField::refused, this, &TroublePanel::refused);
}

void TroublePanel::setSpeech(const Speech& speech)
{
    speech_ = speech;
    amount_->setSpeech(speech);
}

QString TroublePanel::said() const
{
    QStringList texts{stop_->isVisible() ? stop_->text() : QString(), said_->text()};
    for (auto* label : rows_->findChildren<QLabel*>())
        texts << label->text();
    texts.removeAll(QString());
    return texts.join(QLatin1Char('\n'));
}

void TroublePanel::show(BatchInProgress* batch)
{
    batch_ = batch;
    if (batch_)
        choose();
}

void TroublePanel::choose()
{
    if (!batch_)
        return;
    const auto what = static_cast<What>(what_->currentIndex());
    {
        const QSignalBlocker quiet(which_);
        const QVariant before = which_->currentData();
        which_->clear();
        if (what == What::InItsPlace) {
            for (const Line& line : batch_->formula().lines)
                which_->addItem(materialName(*line.material), line.id);
        } else if (what == What::NearMiss) {
            for (int i = 0; i < int(countOf<NearMissKind>()); ++i)
                which_->addItem(words::nearMissName(static_cast<NearMissKind>(i)), i);
        }
        const int again = which_->findData(before);
        which_->setCurrentIndex(again < 0 ? 0 : again);
    }
    const bool asksWhich = what == What::InItsPlace || what == What::NearMiss;
    which_->setVisible(asksWhich);
    amount_->setVisible(what == What::Spilled);
    amount_->setSuffix(QStringLiteral("%"));
    amount_->setPlaceholderText(tr("share of it"));
    keep_->setVisible(what == What::Spilled || asksWhich);
    other_->setVisible(what == What::InItsPlace);
    keep_->setText(what == What::InItsPlace ? tr("Take it")
                   : what == What::NearMiss ? tr("Write it down")
                                            : tr("That is gone"));
    keep_->setEnabled(what != What::InItsPlace || otherMaterial());
    refresh();
}

void TroublePanel::refresh()
{
    if (!batch_)
        return;
    const auto what = static_cast<What>(what_->currentIndex());
    const Formula& f = batch_->formula();
    QStringList stop;
    QStringList said;
    switch (what) {
    case What::TooMuchOrLittle:
        said << (batch_->now().mends.empty() ? tr("What was weighed so far needs no mend. If more "
                                                  "or less went in, press its "
                                                  "step in the list and type what is in there now.")
                                             : tr("One of these will do:"));
        break;
    case What::Spilled: {
        const PlaceNow here = batch_->placeNow();
        stop << (here.place == Place::LyeJug || here.place == Place::SecondJug ||
                         here.place == Place::Batter
                     ? words::firstAid()
                     : QString());
        said << tr("How much of what is here is gone: %1, %2 in all. The rest keeps its make-up; "
                   "weigh what is still to come by the same share.")
                    .arg(words::placeName(here.place, here.portion, f),
                         speech_.mass(here.contents.total()));
        break;
    }
    case What::InItsPlace:
        said << tr(
            "The same grams of something else: what that makes of the batch is shown at once, "
            "and can be taken back by choosing the first again.");
        break;
    case What::LeftOut: {
        const PlaceNow here = batch_->placeNow();
        for (const Lying& lying : here.waiting)
            said << words::stillWaiting(lying, f, speech_);
        for (int i = 0; i < int(batch_->plan().steps.size()); ++i)
            if (const DayStep& step = batch_->plan().steps[std::size_t(i)];
                step.weighs() && batch_->isSkipped(i))
                said << tr("%1 was left out: press its step in the list to weigh it after all.")
                            .arg(words::dayStepTitle(step, f));
        if (said.isEmpty())
            said << tr("Nothing that was weighed waits in a cup.");
        break;
    }
    case What::LyeWrong:
        stop = words::stopWords();
        said << tr("Then say what is in there: press the lye’s step in the list and type how much "
                   "went in. If it went into another vessel, put it down as spilled there.")
             << words::discardSafely();
        break;
    case What::NearMiss:
        stop << words::firstAid();
        said << tr("It is kept with the batch, so that the next one is safer.");
        break;
    }
    stop.removeAll(QString());
    stop_->setText(stop.join(QLatin1Char('\n')));
    stop_->setVisible(!stop.isEmpty());
    said_->setText(said.join(QLatin1Char('\n')));
    showMends();
}

void TroublePanel::showMends()
{
    while (QLayoutItem* item = mends_->takeAt(0)) {
        delete item->widget();
        delete item;
    }
    figures_.clear();
    figureLabels_.clear();
    const auto row = [&](const QString& text, const words::BowlFigures& figures,
                         const std::function<void()>& press) {
        auto* frame = new QFrame(rows_);
        frame->setObjectName(QStringLiteral("inset"));
        auto* name = new Label(text, frame);
        name->setFont(Theme::strong());
        name->setWordWrap(true);
        auto* what = new Label(words::bowlFigures(figures, speech_), frame);
        what->setWordWrap(true);
        auto* texts = new QVBoxLayout;
        texts->addWidget(name);
        texts->addWidget(what);
        auto* line = new QHBoxLayout(frame);
        line->addLayout(texts, 1);
        if (press) {
            auto* button = new QPushButton(tr("Done so"), frame);
            button->setAccessibleName(tr("Done so: %1").arg(text));
            leastHeight(button, fingerTall);
            connect(button, &QPushButton::clicked, this, press);
            line->addWidget(button);
        }
        mends_->addWidget(frame);
        figures_.push_back(figures);
        figureLabels_.push_back(what);
    };
    const AsWeighed& bowl = batch_->now();
    QStringList left{bowl.mends.empty() ? tr("As it is") : tr("Leave it: this is what you get")};
    for (const DayOutlook outlook : bowl.outlooks)
        left << words::outlookSaid(outlook, bowl, speech_);
    row(left.join(QStringLiteral(". ")), words::figuresOf(bowl), nullptr);
    const bool mends = static_cast<What>(what_->currentIndex()) != What::NearMiss;
    for (std::size_t i = 0; mends && i < bowl.mends.size(); ++i) {
        const DayMend mend = bowl.mends[i];
        row(words::dayMend(mend, bowl.formula, speech_, i == 0),
            words::figuresOf(batch_->ifMended(mend)), [this, mend] { Q_EMIT mended(mend); });
    }
    watcher_.restart();
}

Watcher<TroublePanel::Peaks>::Work TroublePanel::begin() const
{
    struct InBowl {
        Formula formula;
        Account account;
    };
    std::vector<InBowl> bowls;
    if (batch_ && usual_) {
        bowls.push_back({batch_->now().formula, Account(batch_->now().reckoning)});
        for (const DayMend& mend : batch_->now().mends) {
            const AsWeighed then = batch_->ifMended(mend);
            bowls.push_back({then.formula, Account(then.reckoning)});
        }
        if (bowls.size() > figures_.size())
            bowls.resize(figures_.size());
    }
    const HeatPlan usual = usual_ ? usual_() : HeatPlan{};
    return [bowls = std::move(bowls), usual](const auto& cancelled) -> std::optional<Peaks> {
        Peaks out;
        for (const InBowl& bowl : bowls) {
            heat::ForecastOptions options;
            options.coarse = true;
            options.hours = 24.0;
            options.cancelled = cancelled;
            const auto forecast = heat::forecastHeat(bowl.formula, bowl.account,
                                                     bowl.formula.heat.value_or(usual), options);
            if (!forecast)
                return std::nullopt;
            const auto* pours = std::get_if<std::vector<heat::PourForecast>>(&forecast->moulds);
            out.celsius.push_back(pours && !pours->empty() && !bowl.formula.cooks()
                                      ? std::optional(pours->front().band.peak().typical())
                                      : std::nullopt);
        }
        return out;
    };
}

void TroublePanel::takePeaks(std::optional<Peaks> peaks)
{
    if (!peaks)
        return;
    for (std::size_t i = 0; i < peaks->celsius.size() && i < figures_.size(); ++i) {
        figures_[i].peakCelsius = peaks->celsius[i];
        figureLabels_[i]->setText(words::bowlFigures(figures_[i], speech_));
    }
}

QLineEdit* TroublePanel::other() const
{
    return other_;
}

MaterialPtr TroublePanel::otherMaterial()
{
    const MaterialPtr m = other_->material();
    return m && !m->isHydroxide() ? m : nullptr;
}

void TroublePanel::keepIt()
{
    if (!batch_)
        return;
    switch (static_cast<What>(what_->currentIndex())) {
    case What::Spilled: {
        const auto percent = amount_->value();
        if (!percent || *percent <= 0.0 || *percent > 100.0) {
            Q_EMIT refused(tr("Say which share is gone, above 0 and up to 100 %."));
            return;
        }
        Q_EMIT lost(*percent / 100.0);
        amount_->setValue(std::nullopt);
        break;
    }
    case What::InItsPlace:
        if (const MaterialPtr m = otherMaterial()) {
            Q_EMIT substituted(which_->currentData().toUInt(), m);
            other_->clear();
        }
        break;
    case What::NearMiss:
        Q_EMIT missed(static_cast<NearMissKind>(which_->currentData().toInt()));
        break;
    default: break;
    }
}

} // namespace rhexion
