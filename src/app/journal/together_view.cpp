#include "app/journal/together_view.h"

#include "app/heat/curve_room.h"
#include "app/help.h"
#include "app/theme/theme.h"
#include "app/widgets/page_browser.h"
#include "core/after/cured.h"
#include "core/after/patterns.h"
#include "core/units/enum_count.h"
#include "words/after_words.h"
#include "words/refusal_words.h"
#include "words/together_words.h"

#include <QComboBox>
#include <QSignalBlocker>
#include <QUrl>
#include <QVBoxLayout>

#include <algorithm>

namespace rhexion {

TogetherView::TogetherView(QWidget* parent) : QWidget(parent)
{
    helpOn(this, "compare");
    outcome_ = new QComboBox(this);
    outcome_->setAccessibleName(tr("Which outcome"));
    for (std::size_t i = 0; i < countOf<Seen>(); ++i)
        outcome_->addItem(words::seenName(static_cast<Seen>(i)));
    outcome_->setCurrentIndex(int(Seen::Crack));
    room_ = new CurveRoom(130, this);
    page_ = new ChapterBrowser(tr("Side by side"), this);
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(0, 0, 0, 0);
    column->addWidget(outcome_);
    column->addWidget(page_, 3);
    column->addWidget(room_, 1);
    connect(outcome_, &QComboBox::currentIndexChanged, this, [this] {
        if (journal_)
            patterns(*journal_, nameOf_, speech_);
    });
    connect(page_, &QTextBrowser::anchorClicked, this,
            [this](const QUrl& link) { press(link.toString()); });
}

QString TogetherView::pageText() const
{
    return page_->toPlainText();
}

void TogetherView::compare(QList<Batch> batches, const Speech& speech)
{
    journal_ = nullptr;
    outcome_->hide();
    speech_ = speech;
    batches_ = std::move(batches);
    std::ranges::stable_sort(batches_, {}, &Batch::begun);
    all_.clear();
    for (const Batch& batch : batches_) {
        if (batches_.size() == 1 && batch.formula.portions.size() > 1) {
            for (const Portion& p : batch.formula.portions)
                all_.push_back({&batch, p.id});
        } else {
            all_.push_back({&batch, 0});
        }
    }
    if (all_.size() > mostCompared)
        all_.resize(mostCompared);
    if (all_.size() < 2)
        return;
    facts_ = words::comparisonFacts(compared(all_), all_, speech_);
    page_->setFacts(facts_, true);
    draw(speech);
}

void TogetherView::patterns(const Journal& journal,
                            std::function<QString(const std::string&)> nameOf, const Speech& speech)
{
    journal_ = &journal;
    nameOf_ = std::move(nameOf);
    speech_ = speech;
    outcome_->show();
    room_->hide();
    const QString outcome =
        QStringLiteral("seen:") +
        QLatin1String(codeOf(static_cast<Seen>(std::max(0, outcome_->currentIndex()))));
    const auto read = journal.patternCounts(outcome);
    if (const auto* fault = std::get_if<FileFault>(&read)) {
        Q_EMIT said(words::fileFault(*fault));
        return;
    }
    const auto& counts = std::get<QList<PatternCount>>(read);
    const std::vector<PatternCount> list(counts.begin(), counts.end());
    facts_ = words::patternFacts(outcome, patternsOf(list), nameOf_, speech);
    page_->setFacts(facts_, true);
}

// The core temperatures after pouring, one over the other; the weights where none were read.
void TogetherView::draw(const Speech& s)
{
    CurveData curves;
    curves.yLeast = 1e300;
    curves.yMost = -1e300;
    double last = 0.0;
    const QColor colours[] = {Theme::colours().action, Theme::colours().care,
                              Theme::colours().fine,   Theme::colours().ink,
                              Theme::colours().danger, Theme::colours().muted};
    const Qt::PenStyle styles[] = {Qt::SolidLine,   Qt::DashLine,       Qt::DotLine,
                                   Qt::DashDotLine, Qt::DashDotDotLine, Qt::SolidLine};
    const auto add = [&](std::size_t i, const std::vector<QPointF>& points) {
        CurveData::Line line;
        line.name = tr("%1: %2").arg(i + 1).arg(
            s.date(QDateTime::fromMSecsSinceEpoch(batches_[qsizetype(i)].begun).date()));
        line.points = points;
        line.colour = colours[i];
        line.style = styles[i];
        for (const QPointF& p : points) {
            curves.yLeast = std::min(curves.yLeast, p.y());
            curves.yMost = std::max(curves.yMost, p.y());
            last = std::max(last, p.x());
        }
        curves.lines.push_back(std::move(line));
    };
    const bool several = batches_.size() > 1;
    for (std::size_t i = 0; several && i < std::size_t(batches_.size()) && i < 6; ++i) {
        const Batch& batch = batches_[qsizetype(i)];
        const auto poured = batch.moments().poured;
        std::vector<QPointF> points;
        for (const ReadingAt& r : batch.readings)
            if (poured && r.what == ReadingOf::Core && r.at >= *poured)
                points.emplace_back(double(r.at - *poured) / 3600000.0,
                                    s.habits().fahrenheit ? r.celsius * 1.8 + 32.0 : r.celsius);
        if (points.size() > 1)
            add(i, points);
    }
    const bool warm = !curves.lines.empty();
    for (std::size_t i = 0; several && !warm && i < std::size_t(batches_.size()) && i < 6; ++i) {
        const Cured cured = curedOf(batches_[qsizetype(i)]);
        std::vector<QPointF> points;
        if (cured.series)
            for (const DayWeight& w : cured.series->weights)
                points.emplace_back(w.day, w.grams / cured.series->weights.front().grams * 100.0);
        if (points.size() > 1)
            add(i, points);
    }
    curves.xMost = std::max(1.0, last * 1.05);
    const double room = std::max(0.5, 0.08 * (curves.yMost - curves.yLeast));
    curves.yLeast -= room;
    curves.yMost += room;
    curves.xName = warm ? tr("hours since it was poured") : tr("days since the first weighing");
    curves.yName = warm ? (s.habits().fahrenheit ? tr("core, °F") : tr("core, °C"))
                        : tr("weight, % of the first");
    room_->draw(std::move(curves));
}

void TogetherView::press(const QString& code)
{
    const QStringList parts = code.split(QLatin1Char(':'));
    if (parts.size() != 5 || parts[1] != QLatin1String("repeat"))
        return;
    const auto like = std::size_t(parts[2].toInt());
    const auto as = std::size_t(parts[3].toInt());
    const auto group = static_cast<TraitGroup>(parts[4].toInt());
    if (like >= all_.size() || as >= all_.size())
        return;
    const Formula formula = withOneChange(*all_[like].batch, *all_[as].batch, group);
    Q_EMIT repeatWanted(formula, QString::fromStdString(all_[like].batch->id),
                        words::traitGroupName(group));
}

} // namespace rhexion
