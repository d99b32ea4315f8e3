#include "app/journal/day_chapter.h"

#include "app/heat/curve_room.h"
#include "app/help.h"
#include "app/theme/theme.h"
#include "app/widgets/page_browser.h"
#include "core/units/enum_count.h"
#include "words/batch_words.h"
#include "words/heat_words.h"

#include <QVBoxLayout>

#include <algorithm>

namespace rhexion {

DayChapter::DayChapter(QWidget* parent) : QWidget(parent)
{
    helpOn(this, "make");
    room_ = new CurveRoom(150, this);
    page_ = new ChapterBrowser(tr("The day"), this);
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(0, 0, 0, 0);
    column->addWidget(room_, 1);
    column->addWidget(page_, 1);
}

QString DayChapter::pageText() const
{
    return page_->toPlainText();
}

bool DayChapter::isDrawn() const
{
    return room_->isDrawn();
}

void DayChapter::show(const Batch& batch, const Speech& speech)
{
    facts_ = words::dayFacts(batch, speech);
    page_->setFacts(facts_, false);
    draw(batch, speech);
}

void DayChapter::draw(const Batch& batch, const Speech& s)
{
    constexpr double hour = 3600000.0;
    const bool fahrenheit = s.habits().fahrenheit;
    const QColor colours[] = {Theme::colours().action, Theme::colours().care,
                              Theme::colours().muted,  Theme::colours().fine,
                              Theme::colours().danger, Theme::colours().ink};
    const Qt::PenStyle styles[] = {Qt::SolidLine,   Qt::DashLine,       Qt::DotLine,
                                   Qt::DashDotLine, Qt::DashDotDotLine, Qt::SolidLine};
    CurveData curves;
    curves.yLeast = 1e300;
    curves.yMost = -1e300;
    for (std::size_t i = 0; i < countOf<ReadingOf>(); ++i) {
        const auto what = static_cast<ReadingOf>(i);
        CurveData::Line line;
        line.name = words::readingOfName(what);
        line.colour = colours[i % std::size(colours)];
        line.style = styles[i % std::size(styles)];
        for (const ReadingAt& r : batch.readings)
            if (r.what == what) {
                const double degrees = fahrenheit ? r.celsius * 1.8 + 32.0 : r.celsius;
                line.points.emplace_back(double(r.at - batch.begun) / hour, degrees);
                curves.yLeast = std::min(curves.yLeast, degrees);
                curves.yMost = std::max(curves.yMost, degrees);
                curves.xMost = std::max(curves.xMost, line.points.back().x() * 1.05);
            }
        if (!line.points.empty())
            curves.lines.push_back(std::move(line));
    }
    const heat::DayMoments moments = batch.moments();
    const auto mark = [&](const std::optional<std::int64_t>& at, const QString& name) {
        if (at)
            curves.marks.push_back(
                {double(*at - batch.begun) / hour, name, Theme::colours().muted});
    };
    mark(moments.lastLye, tr("lye in"));
    mark(moments.joined, tr("joined"));
    mark(moments.poured, tr("poured"));
    const double room = std::max(2.0, 0.1 * (curves.yMost - curves.yLeast));
    curves.yLeast -= room;
    curves.yMost += room;
    curves.xName = tr("hours since it was begun");
    curves.yName = fahrenheit ? QStringLiteral("°F") : QStringLiteral("°C");
    room_->draw(std::move(curves));
}

} // namespace rhexion
