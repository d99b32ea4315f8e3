// Lye made ahead: how much to make for so many batches, and keeping it as a lot to use.
#pragma once

#include "app/widgets/side_panel.h"
#include "core/makeday/stock_lye.h"
#include "words/speech.h"

#include <QDate>

#include <functional>

class QComboBox;
class QLabel;
class QPushButton;

namespace rhexion {

class FigureRow;
class FormulaDocument;
class NumberField;
class Stock;

class StockLyePanel : public SidePanel {
    Q_OBJECT
public:
    StockLyePanel(FormulaDocument& document, Stock& stock, std::function<QDate()> today,
                  QWidget* parent = nullptr);

    void setSpeech(const Speech& speech);
    NumberField* strength() const { return strength_; }
    NumberField* batches() const { return batches_; }
    QPushButton* keep() const { return keep_; }
    const std::optional<StockLye>& result() const { return result_; }

Q_SIGNALS:
    void noted(const QString& text);

protected:
    void showEvent(QShowEvent* event) override;

private:
    StockLyeWish wish() const;
    void reckonIt();
    void keepIt();

    FormulaDocument& document_;
    Stock& stock_;
    std::function<QDate()> today_;
    Speech speech_;
    QComboBox* which_;
    NumberField* strength_;
    NumberField* batches_;
    NumberField* spare_;
    QLabel* said_;
    FigureRow* hydroxide_;
    FigureRow* water_;
    FigureRow* makes_;
    FigureRow* each_;
    QLabel* care_;
    QPushButton* keep_;
    std::optional<StockLye> result_;
};

} // namespace rhexion
