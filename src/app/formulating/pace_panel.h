// Working time, and when to unmould, cut and stamp.
#pragma once

#include "app/formulating/topic_panel.h"
#include "core/making/working_time.h"

#include <functional>

class QComboBox;

namespace rhexion {

class PacePicture;
class PaceMemory;

class PacePanel : public TopicPanel {
    Q_OBJECT
public:
    PacePanel(FormulaDocument& document, PaceMemory& memory, QWidget* parent = nullptr);
    QComboBox* blending() const { return blending_; }
    QComboBox* gel() const { return gel_; }
    PacePicture* picture() const { return picture_; }

protected:
    void showEvent(QShowEvent* event) override;
    void refreshControls() override;
    words::FactPage factsOf(const Formula& formula, const Reckoning& reckoning) override;

private:
    void change(const QString& text, const std::function<void(Handling&)>& how);

    PaceMemory& memory_;
    QComboBox* blending_;
    QComboBox* gel_;
    PacePicture* picture_;
};

} // namespace rhexion
