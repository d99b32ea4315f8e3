// Solve for: wishes with bands, what may move and how gladly, the least change that meets them
// all, kept as one step; or which wishes cannot stand together, and the nearest that can.
#pragma once

#include "app/formulating/topic_panel.h"
#include "core/wishes/formula_wishes.h"
#include "document/watcher.h"

class QCheckBox;
class QComboBox;
class QLabel;
class QPushButton;
class QSpinBox;

namespace rhexion {

class NumberField;
class OwnFittings;
class Stock;

class WishesPanel : public TopicPanel {
    Q_OBJECT
public:
    WishesPanel(FormulaDocument& document, Stock& stock, OwnFittings& fittings,
                QWidget* parent = nullptr);

    // A wish as the fields show it: kind as an index of kinds(), low and high in the shown unit.
    void addWish(int kind, std::optional<double> low, std::optional<double> high);
    int kindOf(WishKind kind, AcidGroup group = AcidGroup::LauricMyristic) const;
    QPushButton* find() const { return find_; }
    QPushButton* keep() const { return keep_; }
    const std::optional<ProposalResult>& result() const { return result_; }
    void finish() { watcher_.finish(); } // waits, for pictures and tests

protected:
    void speechChanged() override;
    void refreshControls() override;
    words::FactPage factsOf(const Formula& formula, const Reckoning& reckoning) override;
    void act(const QString& code) override;

private:
    struct Kind {
        QString name;
        WishKind kind;
        AcidGroup group;
        double scale; // shown = stored times this
        QString suffix;
    };
    struct Row {
        QWidget* widget;
        QComboBox* kind;
        NumberField* low;
        NumberField* high;
    };
    struct Mover {
        LineId line;
        QString name;
        QComboBox* gladly;
    };
    void changed(); // the answer is of other wishes
    WishesAsked asked() const;
    Watcher<ProposalResult>::Work begin();
    void take(std::optional<ProposalResult> result);
    void keepAnswer();
    void rebuildMovers();

    Stock& stock_;
    OwnFittings& fittings_;
    std::vector<Kind> kinds_;
    QWidget* wishes_;
    std::vector<Row> rows_;
    QWidget* movers_;
    std::vector<Mover> moverRows_;
    QComboBox* offer_;
    std::vector<OilOffered> offered_;
    QCheckBox* guards_;
    QSpinBox* most_;
    QPushButton* find_;
    QPushButton* keep_;
    std::optional<ProposalResult> result_;
    WishProblem problem_; // what was asked
    bool working_ = false;
    bool stale_ = false; // the formula moved since
    Watcher<ProposalResult> watcher_;
};

} // namespace rhexion
