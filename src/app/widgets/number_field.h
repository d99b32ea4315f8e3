// A small field for a number in the person's own decimal mark; sums work. Reports only what is new
// and good; puts the old value back when the text cannot be used.
#pragma once

#include <QLineEdit>

#include "words/speech.h"

#include <optional>

namespace rhexion {

class NumberField : public QLineEdit {
    Q_OBJECT
public:
    // suffix is shown behind the number, such as "%"; emptyMeansNone lets the field be cleared.
    NumberField(QString suffix, int decimals, bool emptyMeansNone, QWidget* parent = nullptr);

    void setSpeech(const Speech& speech);
    void setValue(std::optional<double> value);
    std::optional<double> value() const { return value_; }
    void setSuffix(const QString& suffix);

Q_SIGNALS:
    void entered(std::optional<double> value);
    void refused(const QString& why);

protected:
    // A click or Tab selects the whole figure, so that typing replaces it.
    void focusInEvent(QFocusEvent* event) override;

private:
    void take();
    void showValue();

    Speech speech_;
    QString suffix_;
    int decimals_;
    bool emptyMeansNone_;
    std::optional<double> value_;
};

} // namespace rhexion
