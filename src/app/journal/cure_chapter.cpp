#include "app/journal/cure_chapter.h"

#include "app/heat/curve_room.h"
#include "app/help.h"
#include "app/theme/theme.h"
#include "app/widgets/page_browser.h"
#include "core/after/drying.h"
#include "words/cure_words.h"

#include <QVBoxLayout>

#include <algorithm>

namespace rhexion {

CureChapter::CureChapter(QWidget* parent) : QWidget(parent)
{
    helpOn(this, "cure");
    room_ = new CurveRoom(150, this);
    page_ = new ChapterBrowser(tr("Cure"), this);
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(0, 0, 0, 0);
    column->addWidget(room_, 1);
    column->addWidget(page_, 1);
}

QString CureChapter::pageText() const
{
    return page_->toPlainText();
}

void CureChapter::show(const Batch& batch, const Cured& cured, std::int64_t now,
                       const Speech& speech)
{
    facts_ = words::cureFacts(batch, cured, now, speech);
    page_->setFacts(facts_, false);
    draw(cured, speech);
}

void CureChapter::draw(const Cured& c, const Speech& s)
{
    if (!c.series)
        return room_->draw({});
    const double step = s.habits().massUnit == AmountUnit::Gram ? 1.0 : 28.349523125;
    CurveData curves;
    CurveData::Line weighed;
    weighed.name = tr("weighed");
    weighed.colour = Theme::colours().ink;
    weighed.style = Qt::DotLine;
    double least = 1e300, most = 0.0;
    for (const DayWeight& w : c.series->weights) {
        weighed.points.push_back({w.day, w.grams / step});
        least = std::min(least, w.grams / step);
        most = std::max(most, w.grams / step);
    }
    const double last = c.series->weights.back().day;
    curves.xMost = std::max(last, 14.0) + 7.0;
    const auto* fit = c.fit ? std::get_if<CureFit>(&*c.fit) : nullptr;
    if (fit) {
        curves.xMost =
            std::max(curves.xMost, std::min(fit->settledDay().high() * 1.15, last * 4 + 30.0));
        CurveData::Line curve;
        curve.name = tr("settling, with its band");
        curve.colour = Theme::colours().action;
        constexpr int points = 80;
        for (int i = 0; i <= points; ++i) {
            const double day = curves.xMost * i / points;
            const Interval grams = fit->gramsOn(day);
            curve.points.push_back({day, grams.typical() / step});
            curve.low.push_back(grams.low() / step);
            curve.high.push_back(grams.high() / step);
            least = std::min(least, grams.low() / step);
            most = std::max(most, grams.high() / step);
        }
        curves.lines.push_back(std::move(curve));
        curves.marks.push_back({fit->settledDay().typical(), tr("settled"), Theme::colours().fine});
    }
    curves.lines.push_back(std::move(weighed));
    const double room = std::max(0.5, 0.08 * (most - least));
    curves.yLeast = least - room;
    curves.yMost = most + room;
    curves.xName = tr("days since the first weighing");
    curves.yName = tr("a bar, %1").arg(s.massUnit());
    room_->draw(std::move(curves));
}

} // namespace rhexion
