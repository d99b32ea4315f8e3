// How lye and liquid are stated: superfat, the two hydroxides' split, the liquid, the strong jug,
// hidden fat. Each field is one undoable edit; the rest is in the panel of all settings.
#pragma once

#include <QFrame>

#include "core/formula/edit.h"
#include "words/speech.h"

class QComboBox;
class QLabel;
class QToolButton;

namespace rhexion {

class FormulaDocument;
class NumberField;

class SettingsStrip : public QFrame {
    Q_OBJECT
public:
    explicit SettingsStrip(FormulaDocument& document, QWidget* parent = nullptr);

    void setSpeech(const Speech& speech);
    QWidget* lastField() const; // in the order of Tab

protected:
    void resizeEvent(QResizeEvent* event) override;

Q_SIGNALS:
    void refused(const QString& why);
    // Less lye than none kept back: asked for, and only done when confirmed.
    void negativeWanted(double superfat);
    // A choice on which makers differ: what it moves is said before it is kept.
    void schoolWanted(const Edit& edit, const QString& text);
    void allWanted();

private:
    void refresh();
    void setLiquid(const LiquidSettings& liquid, int field, const QString& text);
    void setLye(const LyeSettings& lye, int field, const QString& text);

    FormulaDocument& document_;
    Speech speech_;
    NumberField* superfat_;
    QLabel* superfatName_;
    NumberField* potassium_;
    QComboBox* how_;
    NumberField* liquid_;
    NumberField* jug_;
    QComboBox* hidden_;
    QToolButton* more_;
    QWidget* jugBox_;
    QWidget* hiddenBox_;
    NumberField* oils_;
    QWidget* oilsBox_;
};

} // namespace rhexion
