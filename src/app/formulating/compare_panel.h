// Change and compare: the formula pinned, every later edit as a difference; another formula beside
// it; sliders that move the accounts live, kept or dropped as one step.
#pragma once

#include "app/formulating/topic_panel.h"

#include <optional>

class QComboBox;
class QLabel;
class QPushButton;
class QSlider;

namespace rhexion {

class ComparePanel : public TopicPanel {
    Q_OBJECT
public:
    explicit ComparePanel(FormulaDocument& document, QWidget* parent = nullptr);
    void pin(const Formula& formula, const QString& name);
    QSlider* superfat() const { return superfat_; }
    QSlider* trade() const { return trade_; }
    QPushButton* keep() const { return keep_; }
    QPushButton* drop() const { return drop_; }
    const std::optional<Formula>& pinned() const { return pinned_; }

protected:
    void refreshControls() override;
    words::FactPage factsOf(const Formula& formula, const Reckoning& reckoning) override;

private:
    QSlider* addSlider(const QString& name, int low, int high, QLabel*& said);
    void slide();
    void openOther();
    std::vector<Edit> wanted() const;

    std::optional<Formula> pinned_;
    QString pinnedName_;
    QSlider* superfat_;
    QSlider* strength_;
    QSlider* acid_;
    QSlider* trade_;
    QLabel* superfatSaid_;
    QLabel* strengthSaid_;
    QLabel* acidSaid_;
    QLabel* tradeSaid_;
    QComboBox* from_;
    QComboBox* to_;
    QPushButton* keep_;
    QPushButton* drop_;
    bool sliding_ = false;
};

} // namespace rhexion
