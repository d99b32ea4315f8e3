#include "app/bench/vessel_column.h"

#include "app/bench/vessel_panel.h"
#include "app/theme/theme.h"

#include <QEvent>
#include <QStyle>

#include <algorithm>
#include <numeric>

namespace rhexion {

namespace {
constexpr int columnGap = 8;

// Shares `room` among heights: all of what is wanted where it fits, else the least of each and of
// the rest by how far each is from what it wants.
std::vector<int> shared(const std::vector<int>& wanted, const std::vector<int>& least, int room)
{
    const int all = std::accumulate(wanted.begin(), wanted.end(), 0);
    if (all <= room)
        return wanted;
    std::vector<int> out(wanted.size());
    const int floor = std::accumulate(least.begin(), least.end(), 0);
    const int over = std::max(1, all - floor);
    const int more = std::max(0, room - floor);
    for (std::size_t i = 0; i < out.size(); ++i)
        out[i] = std::min(wanted[i], least[i]) + std::max(0, wanted[i] - least[i]) * more / over;
    return out;
}

} // namespace

VesselColumn::VesselColumn(QWidget* parent) : QWidget(parent)
{
    setSizePolicy(QSizePolicy::Expanding, QSizePolicy::Expanding);
}

void VesselColumn::add(VesselPanel* panel)
{
    panel->setParent(this);
    panels_.push_back(panel);
    connect(panel, &VesselPanel::heightChanged, this, &VesselColumn::arrange);
}

void VesselColumn::addBelow(QWidget* widget)
{
    widget->setParent(this);
    below_ = widget;
}

std::vector<VesselPanel*> VesselColumn::shown() const
{
    std::vector<VesselPanel*> out;
    for (VesselPanel* panel : panels_)
        if (!panel->isHidden())
            out.push_back(panel);
    return out;
}

QSize VesselColumn::minimumSizeHint() const
{
    int wide = Theme::px(160);
    if (!isVisible()) // nothing is measured for what nobody sees yet
        return {wide, Theme::px(200)};
    for (const VesselPanel* panel : shown())
        wide = std::max(wide, panel->widthLeast());
    int height = below_ ? below_->sizeHint().height() : -columnGap;
    for (const VesselPanel* panel : shown())
        height += columnGap + panel->heightLeast(std::max(width(), wide));
    return {wide, std::max(0, height)};
}

void VesselColumn::arrange()
{
    const auto panels = shown();
    if (panels.empty() || !isVisible())
        return;
    const int below = below_ ? columnGap + below_->sizeHint().height() : 0;
    std::vector<VesselPanel*> used;
    std::vector<VesselPanel*> unused;
    for (VesselPanel* panel : panels)
        (panel->isUnused() ? unused : used).push_back(panel);
    const auto sum = [](const std::vector<int>& v) {
        return std::accumulate(v.begin(), v.end(), 0) + columnGap * std::max(0, int(v.size()) - 1);
    };
    const auto heights = [&](auto height) {
        std::vector<int> out;
        for (const VesselPanel* panel : panels)
            out.push_back(height(panel));
        return out;
    };
    const auto wanted = heights([&](auto* p) { return p->heightWanted(width(), true); });
    const auto bare = heights([&](auto* p) { return p->heightWanted(width(), false); });
    const auto least = heights([&](auto* p) { return p->heightLeast(width()); });
    const int room = height() - below;
    const bool drawn = sum(wanted) <= room;
    const bool paired = sum(bare) > room && unused.size() > 1 && !used.empty();
    for (VesselPanel* panel : panels)
        panel->setDrawn(drawn);
    int y = 0;
    if (paired)
        y = arrangePaired(used, unused, room);
    else {
        std::vector<int> got =
            drawn ? wanted : shared(bare, least, room - columnGap * int(panels.size() - 1));
        // What is over goes to those that hold something.
        const int over = room - sum(got);
        for (std::size_t i = 0; i < panels.size(); ++i) {
            if (over > 0 && !used.empty() && !panels[i]->isUnused())
                got[i] += over / int(used.size());
            panels[i]->setGeometry(0, y, width(), got[i]);
            y += got[i] + columnGap;
        }
    }
    if (below_)
        below_->setGeometry(0, y, width(), below_->sizeHint().height());
    if (const QSize now = minimumSizeHint(); now != told_) {
        told_ = now;
        updateGeometry();
    }
}

int VesselColumn::arrangePaired(const std::vector<VesselPanel*>& used,
                                const std::vector<VesselPanel*>& unused, int room)
{
    // Unused ones side by side under the others, where both names have room, so that these have a
    // line or two more.
    std::vector<std::pair<VesselPanel*, VesselPanel*>> pairs;
    for (VesselPanel* panel : unused) {
        const auto open = std::ranges::find_if(pairs, [&](const auto& pair) {
            return !pair.second &&
                   pair.first->widthLeast() + columnGap + panel->widthLeast() <= width();
        });
        if (open != pairs.end())
            open->second = panel;
        else
            pairs.emplace_back(panel, nullptr);
    }
    const int rows = int(pairs.size());
    const int tall = unused.front()->heightLeast(width());
    const int left = room - rows * (tall + columnGap) - columnGap * (int(used.size()) - 1);
    std::vector<int> bare;
    std::vector<int> least;
    for (const VesselPanel* panel : used) {
        bare.push_back(panel->heightWanted(width(), false));
        least.push_back(panel->heightLeast(width()));
    }
    const std::vector<int> got = shared(bare, least, left);
    int y = 0;
    for (std::size_t i = 0; i < used.size(); ++i) {
        used[i]->setGeometry(0, y, width(), got[i]);
        y += got[i] + columnGap;
    }
    for (const auto& [one, other] : pairs) {
        const auto put = [&](VesselPanel* panel, int x, int wide) {
            panel->setGeometry(
                QStyle::visualRect(layoutDirection(), rect(), QRect(x, y, wide, tall)));
        };
        if (!other) {
            put(one, 0, width());
        } else {
            // By the length of their names.
            const int both = one->widthLeast() + other->widthLeast();
            const int first = (width() - columnGap) * one->widthLeast() / both;
            put(one, 0, first);
            put(other, first + columnGap, width() - columnGap - first);
        }
        y += tall + columnGap;
    }
    return y;
}

void VesselColumn::resizeEvent(QResizeEvent* event)
{
    QWidget::resizeEvent(event);
    arrange();
}

bool VesselColumn::event(QEvent* event)
{
    if (event->type() == QEvent::LayoutRequest || event->type() == QEvent::Show)
        arrange();
    return QWidget::event(event);
}

} // namespace rhexion
