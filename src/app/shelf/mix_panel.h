// Cooking and mixing: several materials become a new one, with what boiled off weighed.
#pragma once

#include <QWidget>

#include "core/materials/lot.h"
#include "words/speech.h"

#include <array>

class QLabel;
class QLineEdit;
class QPushButton;
class QTextBrowser;

namespace rhexion {

class MaterialField;
class NumberField;
class Stock;

class MixPanel : public QWidget {
    Q_OBJECT
public:
    MixPanel(Stock& stock, QWidget* parent = nullptr);

    void setSpeech(const Speech& speech);
    // Begins with one material in the first row and water in the second.
    void start(const MaterialPtr& material);
    static constexpr std::size_t rows = 5;
    QLineEdit* whatField(std::size_t row) const;
    NumberField* gramsField(std::size_t row) const { return grams_[row]; }
    NumberField* endField() const { return end_; }
    QLineEdit* nameField() const { return name_; }
    QString result() const;
    void keep();

Q_SIGNALS:
    // The new material, without id, and what is in the bowl.
    void kept(const Material& material, double gramsLeft);
    void closed();

private:
    void reckon();

    Stock& stock_;
    Speech speech_;
    std::optional<Material> found_;
    QLabel* title_;
    std::array<MaterialField*, rows> what_{};
    std::array<NumberField*, rows> grams_{};
    std::array<QLabel*, rows> said_{};
    NumberField* end_;
    QLineEdit* name_;
    QLabel* result_;
    QTextBrowser* working_;
    QPushButton* keep_;
};

} // namespace rhexion
