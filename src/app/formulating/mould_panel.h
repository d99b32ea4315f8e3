// Does it fit: the batch in its moulds, scaled to them or to bars, the cut, room to foam.
#pragma once

#include "app/formulating/topic_panel.h"
#include "core/making/mould_fit.h"

class QComboBox;
class QPushButton;

namespace rhexion {

class MouldEditor;
class MouldPicture;
class NumberField;
class OwnFittings;

class MouldPanel : public TopicPanel {
    Q_OBJECT
public:
    MouldPanel(FormulaDocument& document, OwnFittings& fittings, QWidget* parent = nullptr);
    QComboBox* shelf() const { return shelf_; }
    QPushButton* newMould() const { return new_; }
    MouldEditor* editor() const { return editor_; }
    QPushButton* fill() const { return fill_; }
    NumberField* bars() const { return bars_; }
    QPushButton* scaleToBars() const { return scaleBars_; }
    NumberField* left() const { return left_; }
    QComboBox* leftOf() const { return leftOf_; }
    QPushButton* scaleToLeft() const { return scaleLeft_; }

protected:
    void speechChanged() override;
    void refreshControls() override;
    words::FactPage factsOf(const Formula& formula, const Reckoning& reckoning) override;
    void act(const QString& code) override;

private:
    void use(const Mould& mould);
    void scaleBy(const OrCannot<double>& factor, const QString& text);
    void addVessel();

    OwnFittings& fittings_;
    QComboBox* shelf_;
    QComboBox* portion_;
    QPushButton* new_;
    MouldEditor* editor_;
    MouldPicture* picture_;
    QPushButton* fill_;
    QComboBox* aim_;
    NumberField* bars_;
    NumberField* barGrams_;
    QPushButton* scaleBars_;
    NumberField* left_; // of a material that is running out
    QComboBox* leftOf_;
    QPushButton* scaleLeft_;
    NumberField* thick_;
    NumberField* trim_;
    QComboBox* vesselKind_;
    NumberField* vesselRoom_;
    int shown_ = 0; // which of the formula's moulds is drawn
};

} // namespace rhexion
