// Every setting of the formula, with what it comes to in the others' terms. A choice on which
// makers differ says what it moves before it is kept. A maker's usual settings are kept as her way,
// with which new formulas begin.
#pragma once

#include "app/widgets/side_panel.h"
#include "core/formula/edit.h"
#include "words/speech.h"

#include <functional>
#include <optional>
#include <vector>

class QComboBox;
class QFrame;
class QLabel;
class QPushButton;
class QVBoxLayout;

namespace rhexion {

class FormulaDocument;
class NumberField;
class SettingRow;

class SettingsPanel : public SidePanel {
    Q_OBJECT
public:
    explicit SettingsPanel(FormulaDocument& document, QWidget* parent = nullptr);

    void setSpeech(const Speech& speech);
    // A choice that was made elsewhere: what it would move is said here before it is kept.
    void ask(const Edit& edit, const QString& text);
    // What new formulas begin with; nothing: as they come.
    void setWay(const std::optional<Formula>& way);
    void start(); // shows what is, with the first field in focus

Q_SIGNALS:
    void refused(const QString& why);
    void negativeWanted(double superfat);
    void keepWayWanted();   // these settings as the maker's way
    void forgetWayWanted(); // none of her own any more
    void schoolsWanted();   // where makers differ, in one view

private:
    void buildAsk();
    void buildLye(QVBoxLayout* column);
    void buildLiquid(QVBoxLayout* column);
    void buildJugs(QVBoxLayout* column);
    void buildWay(QVBoxLayout* column);
    void refresh();
    void refreshLye();
    void refreshLiquid();
    void refreshJugs();
    void setLye(SettingField field, const QString& text,
                const std::function<void(LyeSettings&)>& how);
    void setLiquid(SettingField field, const QString& text,
                   const std::function<void(LiquidSettings&)>& how);
    void askLye(SettingField field, const QString& text,
                const std::function<void(LyeSettings&)>& how);
    void setPurity(bool sodium, double purity);
    void takeWay();
    NumberField* number(const char* object, const QString& suffix, int decimals,
                        const std::function<void(double)>& set);
    // One that may be left empty, which means none.
    NumberField* numberOrNone(const char* object, const QString& suffix, int decimals,
                              const std::function<void(std::optional<double>)>& set);

    FormulaDocument& document_;
    Speech speech_;
    std::optional<Formula> way_;
    std::vector<NumberField*> numbers_;

    QFrame* ask_;
    QLabel* asked_;
    std::optional<Edit> askedEdit_;
    QString askedText_;

    NumberField* superfat_;
    QComboBox* basis_;
    QPushButton* free_;
    SettingRow* superfatRow_;
    QComboBox* hidden_;
    SettingRow* hiddenRow_;
    NumberField* potassium_;
    QComboBox* split_;
    SettingRow* potassiumRow_;
    NumberField* purity_[2]; // sodium, potassium
    SettingRow* purityRow_[2];

    QComboBox* how_;
    NumberField* liquid_;
    SettingRow* liquidRow_;
    NumberField* usual_;
    QComboBox* convention_;
    SettingRow* conventionRow_;

    NumberField* jug_;
    SettingRow* jugRow_;
    NumberField* coolest_;
    QComboBox* secondJug_;
    NumberField* second_[2];
    SettingRow* secondRow_;
    QComboBox* mixing_;
    NumberField* mixAt_;
    NumberField* mixWithin_;
    QLabel* wayText_;
    QPushButton* takeWay_;
    QPushButton* forgetWay_;
};

} // namespace rhexion
