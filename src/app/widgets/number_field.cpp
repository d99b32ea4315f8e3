#include "app/widgets/number_field.h"

#include "words/refusal_words.h"

#include <QTimer>

#include <cmath>

namespace rhexion {

NumberField::NumberField(QString suffix, int decimals, bool emptyMeansNone, QWidget* parent)
    : QLineEdit(parent), suffix_(std::move(suffix)), decimals_(decimals),
      emptyMeansNone_(emptyMeansNone)
{
    setAlignment(Qt::AlignRight);
    connect(this, &QLineEdit::editingFinished, this, &NumberField::take);
}

void NumberField::setSpeech(const Speech& speech)
{
    speech_ = speech;
    showValue();
}

void NumberField::focusInEvent(QFocusEvent* event)
{
    QLineEdit::focusInEvent(event);
    QTimer::singleShot(0, this, [this] {
        if (hasFocus())
            selectAll();
    });
}

void NumberField::setSuffix(const QString& suffix)
{
    suffix_ = suffix;
    showValue();
}

void NumberField::setValue(std::optional<double> value)
{
    value_ = value;
    // What is being typed is not pulled from under the maker's fingers.
    if (!hasFocus() || !isModified())
        showValue();
}

void NumberField::showValue()
{
    QString text;
    if (value_) {
        text = speech_.number(*value_, decimals_);
        const QString mark = speech_.habits().locale.decimalPoint();
        if (text.contains(mark)) {
            while (text.endsWith(QLatin1Char('0')))
                text.chop(1);
            if (text.endsWith(mark))
                text.chop(mark.size());
        }
        if (!suffix_.isEmpty())
            text += QStringLiteral("\u00A0") + suffix_;
    }
    setText(text);
    setModified(false);
}

void NumberField::take()
{
    if (!isModified())
        return;
    QString typed = text().trimmed();
    if (!suffix_.isEmpty() && typed.endsWith(suffix_))
        typed.chop(suffix_.size());
    typed.replace(QChar(0x2212), QLatin1Char('-'));
    typed.replace(QChar(0xA0), QLatin1Char(' '));
    setModified(false);
    if (typed.trimmed().isEmpty() && emptyMeansNone_) {
        if (value_) {
            value_.reset();
            Q_EMIT entered(value_);
        }
        showValue();
        return;
    }
    const auto parsed =
        parseNumber(typed.trimmed().toStdString(), speech_.phraseHabits().decimalMark);
    if (const auto* fault = std::get_if<PhraseFault>(&parsed)) {
        Q_EMIT refused(words::phraseFault(*fault));
        showValue();
        return;
    }
    const double number = std::get<double>(parsed);
    if (!value_ || std::abs(*value_ - number) > 1e-9) {
        value_ = number;
        Q_EMIT entered(value_);
    }
    showValue();
}

} // namespace rhexion
