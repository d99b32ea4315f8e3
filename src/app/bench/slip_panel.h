// "I have already ...": the maker says what went wrong, and reads what the bowl holds now and what
// to add.
#pragma once

#include "app/widgets/side_panel.h"

#include "core/makeday/slip.h"
#include "words/speech.h"

class QComboBox;
class QLabel;

namespace rhexion {

class FormulaDocument;
class NumberField;
class Stock;

class SlipPanel : public SidePanel {
    Q_OBJECT
public:
    SlipPanel(FormulaDocument& document, Stock& stock, QWidget* parent = nullptr);

    void setSpeech(const Speech& speech);
    QComboBox* slip() const { return slip_; }
    QComboBox* line() const { return line_; }
    NumberField* amount() const { return amount_; }
    QString answer() const;

protected:
    void showEvent(QShowEvent* event) override;

private:
    void choose(); // which lines and amount the slip asks for
    void reckonIt();

    FormulaDocument& document_;
    Stock& stock_;
    Speech speech_;
    QComboBox* slip_;
    QLabel* lineName_;
    QComboBox* line_;
    QLabel* amountName_;
    NumberField* amount_;
    QLabel* answer_;
};

} // namespace rhexion
