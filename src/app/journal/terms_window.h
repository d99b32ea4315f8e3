// How a maker counts and labels: schools, limits, money, the sheet of labels, the customer's card
// and the words on it that are looked at twice.
#pragma once

#include "app/widgets/leavable_window.h"
#include "core/after/terms.h"
#include "words/speech.h"

#include <functional>

class QCheckBox;
class QComboBox;
class QFormLayout;
class QLineEdit;
class QPlainTextEdit;

namespace rhexion {

class Complaint;
class NumberField;

class TermsWindow : public LeavableWindow {
    Q_OBJECT
public:
    explicit TermsWindow(QWidget* owner);

    void setSpeech(const Speech& speech);
    void setTerms(const AfterTerms& terms);
    QPlainTextEdit* card() const { return card_; }
    QString flagged() const;

Q_SIGNALS:
    void changed(const AfterTerms& terms);

private:
    NumberField* number(QFormLayout& form, const QString& name, const QString& suffix,
                        int decimals);
    void take();
    void showFlags();

    Speech speech_;
    AfterTerms terms_;
    bool filling_ = false;
    QCheckBox* eggOrMilk_;
    NumberField* fine_;
    NumberField* never_;
    QLineEdit* currency_;
    NumberField* packaging_;
    NumberField* hours_;
    NumberField* perHour_;
    NumberField* energy_;
    NumberField* factor_;
    NumberField* tax_;
    QCheckBox* withTax_;
    NumberField* taxOfLots_;
    NumberField* produceLoss_;
    NumberField* weeks_;
    NumberField* barsToKeep_;
    QComboBox* school_;
    QComboBox* weight_;
    QCheckBox* qr_;
    QLineEdit* answers_;
    NumberField* sheet_[8];
    NumberField* columns_;
    NumberField* rows_;
    QPlainTextEdit* card_;
    QPlainTextEdit* flags_; // words, one a line
    QWidget* flagged_;
    Complaint* complaint_;
};

} // namespace rhexion
