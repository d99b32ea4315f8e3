// The maker's water, and what it does to this bar.
#pragma once

#include "app/formulating/topic_panel.h"

class QComboBox;
class QPushButton;

namespace rhexion {

class NumberField;
class OwnFittings;

class WaterPanel : public TopicPanel {
    Q_OBJECT
public:
    WaterPanel(FormulaDocument& document, OwnFittings& fittings, QWidget* parent = nullptr);
    NumberField* hardnessField() const { return hardness_; }
    QComboBox* unitBox() const { return unit_; }
    QPushButton* customer() const { return customer_; }

protected:
    void speechChanged() override;
    void refreshControls() override;
    words::FactPage factsOf(const Formula& formula, const Reckoning& reckoning) override;

private:
    void keep(double value, int unit);

    OwnFittings& fittings_;
    NumberField* hardness_;
    QComboBox* unit_;
    QComboBox* dose_;
    QPushButton* customer_;
};

} // namespace rhexion
