// What the blend is like to wash with.
#pragma once

#include "app/formulating/topic_panel.h"

namespace rhexion {

class BlendPicture;

class BlendPanel : public TopicPanel {
    Q_OBJECT
public:
    explicit BlendPanel(FormulaDocument& document, QWidget* parent = nullptr);

protected:
    words::FactPage factsOf(const Formula& formula, const Reckoning& reckoning) override;

private:
    BlendPicture* picture_;
};

} // namespace rhexion
