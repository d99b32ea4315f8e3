// The pictures of the place of heat: curves over time, and the mould cut through.
#include "app/heat/chart_loader.h"
#include "app/heat/gel_bar.h"
#include "app/heat/heat_page.h"
#include "app/heat/mould_section.h"
#include "app/theme/theme.h"
#include "app/widgets/label.h"
#include "document/formula_document.h"
#include "document/heat_watcher.h"
#include "words/heat_words.h"

#include <QComboBox>
#include <QSignalBlocker>
#include <QSlider>
#include <QVBoxLayout>

#include <algorithm>
#include <cmath>

namespace rhexion {

QWidget* HeatPage::buildPicture()
{
    picture_ = new QWidget(this);
    auto* column = new QVBoxLayout(picture_);
    column->setContentsMargins(0, 0, 0, 0);
    mouldPicture_ = new QWidget(picture_);
    auto* mould = new QVBoxLayout(mouldPicture_);
    mould->setContentsMargins(0, 0, 0, 0);
    section_ = new MouldSection(mouldPicture_);
    mould->addWidget(section_, 1);
    timeSaid_ = new Label(mouldPicture_);
    timeSaid_->setAlignment(Qt::AlignCenter);
    timeSaid_->setWordWrap(true);
    mould->addWidget(timeSaid_);
    time_ = new QSlider(Qt::Horizontal, mouldPicture_);
    time_->setAccessibleName(tr("Time since it was poured"));
    connect(time_, &QSlider::valueChanged, this, &HeatPage::showRow);
    mould->addWidget(time_);
    gel_ = new GelBar(mouldPicture_);
    mould->addWidget(gel_);
    column->addWidget(mouldPicture_, 1);
    picture_->setMinimumWidth(Theme::px(260));
    return picture_;
}

double HeatPage::shown(double celsius) const
{
    return speech_.habits().fahrenheit ? Temperature::celsius(celsius).inFahrenheit() : celsius;
}

void HeatPage::showRow(int row)
{
    section_->setRow(row);
    const HeatResult* result = heat_.result();
    const auto* pours =
        result ? std::get_if<std::vector<heat::PourForecast>>(&result->told.forecast.moulds)
               : nullptr;
    if (!pours || pours->empty() || row < 0 ||
        std::size_t(row) >= pours->front().band.typical.rows.size()) {
        timeSaid_->clear();
        return;
    }
    const heat::MouldRow& r = pours->front().band.typical.rows[std::size_t(row)];
    timeSaid_->setText(
        row == 0
            ? tr("When it is poured: %1").arg(words::wholeDegrees(r.core, speech_))
            : tr("After %1: middle %2, skin %3, gelled %4")
                  .arg(words::roundedTime(r.seconds, speech_), words::wholeDegrees(r.core, speech_),
                       words::wholeDegrees(r.skin, speech_), speech_.percent(r.gelShare, 0)));
}

void HeatPage::refreshPicture()
{
    const HeatResult* result = heat_.result();
    const auto* pours =
        result ? std::get_if<std::vector<heat::PourForecast>>(&result->told.forecast.moulds)
               : nullptr;
    const bool mould = view_ == HeatView::Mould && pours && !pours->empty();
    mouldPicture_->setVisible(mould);
    if (mould) {
        const heat::PourForecast& pour = pours->front();
        gel_->set(pour.band);
        if (!pour.band.typical.fields.empty()) {
            section_->set(pour.band.typical, pour.pour.setup, speech_);
            const QSignalBlocker quiet(time_);
            const bool first = time_->maximum() == 99 || time_->maximum() == 0;
            time_->setRange(0, int(pour.band.typical.fields.size()) - 1);
            if (first) // when it is hottest: what a maker asks first
                for (std::size_t i = 0; i < pour.band.typical.rows.size(); ++i)
                    if (pour.band.typical.rows[i].seconds <= pour.band.typical.peakSeconds)
                        time_->setValue(int(i));
            showRow(time_->value());
        } else {
            section_->clear(); // its run is gone; the next has its own
        }
    } else {
        section_->clear();
        gel_->clear();
    }
    if (!chart_)
        return;
    CurveData chart = emptyChart();
    if (result) {
        if (view_ == HeatView::Jug)
            addJugCurve(chart);
        else if (view_ == HeatView::Meeting)
            addMeetingCurves(chart);
        else if (result->told.forecast.cook)
            addCookCurves(chart);
        else
            addMouldCurves(chart);
    }
    chart_->setVisible(!chart.lines.empty()); // without a forecast there is nothing to draw
    chart_->set(chart);
}

CurveData HeatPage::emptyChart() const
{
    const Colours& c = Theme::colours();
    CurveData chart;
    chart.paper = c.surface;
    chart.ink = c.ink;
    chart.muted = c.muted;
    chart.grid = c.line;
    chart.font = Theme::small();
    chart.yName = speech_.habits().fahrenheit ? QStringLiteral("°F") : QStringLiteral("°C");
    chart.yLeast = shown(0.0);
    chart.yMost = shown(100.0);
    chart.xName = tr("minutes after the first lye");
    return chart;
}

void HeatPage::addJugCurve(CurveData& chart) const
{
    const heat::HeatForecast& h = heat_.result()->told.forecast;
    const auto* jug = std::get_if<heat::JugForecast>(&h.jug);
    if (!jug)
        return;
    const Colours& c = Theme::colours();
    CurveData::Line line;
    line.name = tr("the jug");
    line.colour = c.action;
    const double up = jug->peak.high() - jug->peak.typical();
    const double down = jug->peak.typical() - jug->peak.low();
    const double rise = std::max(1.0, jug->run.peak - jug->run.start);
    double least = 0.0;
    double most = jug->peak.high();
    for (const heat::JugPoint& p : jug->run.curve) {
        line.points.emplace_back(p.seconds / 60.0, shown(p.celsius));
        // The doubt grows with what has been given off.
        const double share = std::clamp((p.celsius - jug->run.start) / rise, 0.0, 1.0);
        line.low.push_back(shown(p.celsius - down * share));
        line.high.push_back(shown(p.celsius + up * share));
        least = std::min(least, p.celsius);
    }
    chart.xMost = line.points.empty() ? 60.0 : line.points.back().x();
    chart.lines.push_back(line);
    chart.levels.push_back({shown(jug->run.boilingPoint), tr("boils"), c.danger});
    if (jug->run.local < 140.0) {
        chart.levels.push_back({shown(jug->run.local), tr("hottest where the lye lands"), c.care});
        most = std::max(most, jug->run.local);
    }
    if (jug->crystals && *jug->crystals > 0.0)
        chart.levels.push_back({shown(*jug->crystals), tr("crystals below"), c.muted});
    chart.yLeast = shown(std::floor((least - 2.0) / 10.0) * 10.0);
    chart.yMost = shown(std::max(60.0, std::ceil((most + 8.0) / 10.0) * 10.0));
    for (int i = 0; h.plan.portions > 1 && i < h.plan.portions && h.plan.pauseMinutes > 0.0; ++i)
        chart.marks.push_back({i * h.plan.pauseMinutes,
                               i == 0 ? tr("lye, portion by portion") : QString(), c.muted, true});
}

void HeatPage::addMeetingCurves(CurveData& chart) const
{
    const heat::HeatForecast& h = heat_.result()->told.forecast;
    const auto* m = std::get_if<heat::MeetingForecast>(&h.meeting);
    if (!m)
        return;
    const Colours& c = Theme::colours();
    double most = 0.0;
    double least = 100.0;
    const double end = 4.0 * 3600.0;
    const auto curve = [&](const heat::Cooling& cooling, const QString& name, const QColor& colour,
                           Qt::PenStyle style, double from) {
        CurveData::Line line;
        line.name = name;
        line.colour = colour;
        line.style = style;
        for (double t = from; t <= end; t += 180.0) {
            const double at = cooling.at(t);
            const double sd = cooling.sdAt(t);
            line.points.emplace_back(t / 60.0, shown(at));
            line.low.push_back(shown(at - 1.64 * sd));
            line.high.push_back(shown(at + 1.64 * sd));
            most = std::max(most, at + 1.64 * sd);
            least = std::min(least, at - 1.64 * sd);
        }
        chart.lines.push_back(line);
    };
    curve(m->jug, tr("the jug"), c.action, Qt::SolidLine, 0.0);
    curve(m->pot, tr("the pot"), c.care, Qt::DashLine, m->potStarts);
    chart.xName = tr("minutes after the jug is hottest");
    chart.xMost = end / 60.0;
    chart.fields.push_back({0.0, chart.xMost, shown(m->window.low), shown(m->window.high), c.fine});
    if (m->window.potLow)
        chart.fields.push_back(
            {0.0, chart.xMost, shown(m->window.lowOfPot()), shown(m->window.highOfPot()), c.fine});
    if (h.setting)
        chart.levels.push_back({shown(h.setting->celsius), tr("sets out below"), c.danger});
    if (m->meeting) {
        chart.marks.push_back({m->meeting->from / 60.0, tr("they meet"), c.fine});
        if (m->meeting->until && *m->meeting->until < end)
            chart.marks.push_back({*m->meeting->until / 60.0, tr("too late"), c.danger});
    }
    chart.yLeast = shown(std::floor((least - 2.0) / 10.0) * 10.0);
    chart.yMost = shown(std::ceil((most + 3.0) / 10.0) * 10.0);
}

void HeatPage::addMouldCurves(CurveData& chart) const
{
    const HeatResult& result = *heat_.result();
    const auto* pours = std::get_if<std::vector<heat::PourForecast>>(&result.told.forecast.moulds);
    if (!pours || pours->empty())
        return;
    const Colours& c = Theme::colours();
    const heat::MouldBand& band = pours->front().band;
    const double hours = 24.0;
    CurveData::Line core;
    CurveData::Line skin;
    core.name = tr("middle");
    skin.name = tr("skin");
    core.colour = c.danger;
    skin.colour = c.action;
    skin.style = Qt::DashLine;
    double most = band.hot.peak;
    double least = 1e9;
    for (double hour = 0.0; hour <= hours; hour += 0.1) {
        const double at = band.typical.at(hour, &heat::MouldRow::core);
        core.points.emplace_back(hour, shown(at));
        double low = at;
        double high = at;
        for (const heat::MouldRun* run : {&band.cool, &band.hot}) {
            low = std::min(low, run->at(hour, &heat::MouldRow::core));
            high = std::max(high, run->at(hour, &heat::MouldRow::core));
        }
        core.low.push_back(shown(low));
        core.high.push_back(shown(high));
        const double outer = band.typical.at(hour, &heat::MouldRow::skin);
        skin.points.emplace_back(hour, shown(outer));
        least = std::min({least, low, outer});
    }
    chart.lines = {core, skin};
    if (result.compared) {
        CurveData::Line other;
        other.name = tr("middle, %1").arg(beside_->currentText());
        other.colour = c.ink;
        other.style = Qt::DotLine;
        for (double hour = 0.0; hour <= hours; hour += 0.1)
            other.points.emplace_back(
                hour, shown(result.compared->typical.at(hour, &heat::MouldRow::core)));
        most = std::max(most, result.compared->typical.peak);
        chart.lines.push_back(other);
    }
    chart.levels.push_back({shown(band.typical.gelTemperature), tr("turns to gel"), c.muted});
    chart.marks.push_back({band.firstLook() / 3600.0, tr("look in"), c.fine});
    for (const CoverStep& step : result.told.forecast.plan.covers)
        if (step.fromHour > 0.0 && step.fromHour < hours)
            chart.marks.push_back({step.fromHour, words::mouldCoverName(step.cover), c.muted});
    chart.xName = tr("hours after pouring");
    chart.xMost = hours;
    chart.yLeast = shown(std::floor((least - 2.0) / 10.0) * 10.0);
    chart.yMost = shown(std::ceil((most + 3.0) / 10.0) * 10.0);
}

void HeatPage::addCookCurves(CurveData& chart) const
{
    const heat::HeatForecast& h = heat_.result()->told.forecast;
    const Colours& c = Theme::colours();
    CurveData::Line pot;
    CurveData::Line soap;
    pot.name = tr("the pot");
    pot.colour = c.danger;
    soap.name = tr("soap, of 100");
    soap.colour = c.action;
    soap.style = Qt::DashLine;
    for (const heat::CookPoint& p : h.cook->curve) {
        pot.points.emplace_back(p.seconds / 60.0, shown(p.celsius));
        soap.points.emplace_back(p.seconds / 60.0, p.saponified * 100.0);
    }
    chart.xMost = h.cook->curve.back().seconds / 60.0;
    chart.lines = {pot, soap};
    const QString names[] = {tr("thick"), tr("like mash"), tr("drying"), tr("done")};
    for (std::size_t i = 0; i < h.cook->stages.size(); ++i)
        if (h.cook->stages[i])
            chart.marks.push_back({*h.cook->stages[i] / 60.0, names[i], c.muted});
    chart.xName = tr("minutes of cooking");
    chart.yMost = std::max(105.0, shown(105.0));
    chart.yLeast = 0.0;
}

} // namespace rhexion
