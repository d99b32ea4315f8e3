#include "app/formulating/blend_panel.h"

#include "app/formulating/blend_picture.h"
#include "app/help.h"
#include "words/blend_words.h"

#include <QVBoxLayout>

namespace rhexion {

BlendPanel::BlendPanel(FormulaDocument& document, QWidget* parent)
    : TopicPanel(tr("The blend"), document, parent)
{
    helpOn(this, "blend-water");
    picture_ = new BlendPicture(this);
    above()->addWidget(picture_);
}

words::FactPage BlendPanel::factsOf(const Formula& f, const Reckoning& r)
{
    const auto made = blendOf(f, r);
    const Blend* blend = std::get_if<Blend>(&made);
    picture_->set(blend ? std::optional(*blend) : std::nullopt, speech());
    return words::blendFacts(made, f, r, speech());
}

} // namespace rhexion
