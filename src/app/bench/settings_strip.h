// How lye and liquid are stated: superfat, the two hydroxides' split, the liquid, the strong jug,
// hidden fat. Each field is one undoable edit.
#pragma once

#include <QFrame>

#include "core/formula/formula.h"
#include "words/speech.h"

class QComboBox;
class QLabel;
class QMenu;
class QToolButton;

namespace rhexion {

class FormulaDocument;
class NumberField;

class SettingsStrip : public QFrame {
    Q_OBJECT
public:
    explicit SettingsStrip(FormulaDocument& document, QWidget* parent = nullptr);

    void setSpeech(const Speech& speech);

protected:
    void resizeEvent(QResizeEvent* event) override;

Q_SIGNALS:
    void refused(const QString& why);
    // Less lye than none kept back: asked for, and only done when confirmed.
    void negativeWanted(double superfat);

private:
    void refresh();
    void setLiquid(const LiquidSettings& liquid, int field, const QString& text);
    void setLye(const LyeSettings& lye, int field, const QString& text);
    void setPurity(bool sodium, double purity);
    void buildMenu();

    FormulaDocument& document_;
    Speech speech_;
    NumberField* superfat_;
    QLabel* superfatName_;
    NumberField* potassium_;
    QComboBox* how_;
    NumberField* liquid_;
    NumberField* jug_;
    QComboBox* hidden_;
    QWidget* hiddenBox_;
    QToolButton* more_;
    QMenu* menu_;
    NumberField* oils_;
    QWidget* oilsBox_;
};

} // namespace rhexion
