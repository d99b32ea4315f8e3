#include "app/formulating/formulating_panels.h"

#include "app/formulating/blend_panel.h"
#include "app/formulating/compare_panel.h"
#include "app/formulating/mould_panel.h"
#include "app/formulating/pace_panel.h"
#include "app/formulating/scent_panel.h"
#include "app/formulating/water_panel.h"
#include "app/formulating/wishes_panel.h"

namespace rhexion {

FormulatingPanels::FormulatingPanels(FormulaDocument& document, Stock& stock, OwnFittings& fittings,
                                     PaceMemory& memory, QObject* parent)
    : QObject(parent), document_(document), stock_(stock), fittings_(fittings), memory_(memory)
{
}

TopicPanel* FormulatingPanels::panel(Topic topic, QWidget* parent)
{
    TopicPanel*& made = panels_[std::size_t(topic)];
    if (made)
        return made;
    switch (topic) {
    case Topic::Mould: made = new MouldPanel(document_, fittings_, parent); break;
    case Topic::Scent: made = new ScentPanel(document_, fittings_, memory_, parent); break;
    case Topic::Blend: made = new BlendPanel(document_, parent); break;
    case Topic::Water: made = new WaterPanel(document_, fittings_, parent); break;
    case Topic::Pace: made = new PacePanel(document_, memory_, parent); break;
    case Topic::Compare: made = new ComparePanel(document_, parent); break;
    case Topic::Wishes: made = new WishesPanel(document_, stock_, fittings_, parent); break;
    }
    made->setSpeech(speech_);
    connect(made, &TopicPanel::noted, this, &FormulatingPanels::noted);
    return made;
}

void FormulatingPanels::setSpeech(const Speech& speech)
{
    speech_ = speech;
    for (TopicPanel* panel : panels_)
        if (panel)
            panel->setSpeech(speech);
}

} // namespace rhexion
