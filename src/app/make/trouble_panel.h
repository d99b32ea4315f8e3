// "Something happened": what the maker says of it, what the bowl is then, and every mend with what
// it does to superfat, strength, time and heat, beside leaving it as it is.
#pragma once

#include "batch/batch_in_progress.h"
#include "document/watcher.h"
#include "words/slip_words.h"

#include <QFrame>

#include <functional>

class QComboBox;
class QLabel;
class QLineEdit;
class QPushButton;
class QVBoxLayout;

namespace rhexion {

class MaterialField;
class NumberField;
class Stock;

class TroublePanel : public QFrame {
    Q_OBJECT
public:
    enum class What {
        TooMuchOrLittle, // of the last weighed: its mends
        Spilled,
        InItsPlace,
        LeftOut,
        LyeWrong,
        NearMiss
    };
    explicit TroublePanel(Stock& stock, QWidget* parent = nullptr);

    void setSpeech(const Speech& speech);
    void setHeat(std::function<HeatPlan()> usual) { usual_ = std::move(usual); }
    void show(BatchInProgress* batch);
    QComboBox* what() const { return what_; }
    QComboBox* which() const { return which_; }
    QLineEdit* other() const;
    NumberField* amount() const { return amount_; }
    QPushButton* keep() const { return keep_; }
    QString said() const;
    void finish() { watcher_.finish(); }

Q_SIGNALS:
    void closed();
    void lost(double share);
    void substituted(rhexion::LineId line, const rhexion::MaterialPtr& material);
    void mended(const rhexion::DayMend& mend);
    void missed(rhexion::NearMissKind kind);
    void refused(const QString& why);

private:
    struct Peaks { // of the bowl as it is, then of each mend
        std::vector<std::optional<double>> celsius;
    };
    void choose();
    void refresh();
    void showMends();
    void takePeaks(std::optional<Peaks> peaks);
    MaterialPtr otherMaterial();
    void keepIt();
    Watcher<Peaks>::Work begin() const;

    Speech speech_;
    std::function<HeatPlan()> usual_;
    BatchInProgress* batch_ = nullptr;
    QComboBox* what_;
    QComboBox* which_;
    MaterialField* other_; // what stands in its place
    NumberField* amount_;
    QPushButton* keep_;
    QLabel* stop_;
    QLabel* said_;
    QWidget* rows_;
    QVBoxLayout* mends_;
    std::vector<words::BowlFigures> figures_;
    std::vector<QLabel*> figureLabels_;
    Watcher<Peaks> watcher_;
};

} // namespace rhexion
