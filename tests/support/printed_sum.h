// Works out a sum as it is printed, digits and all: "393.94 g × 190.0 mg/g ÷ 56105.6 g/mol = 1.3341
// mol". Every number stands for all that round to it, so the answer is right exactly when the
// printed result lies within what the printed terms allow.
#pragma once

#include <QString>

#include <algorithm>
#include <cmath>
#include <optional>

namespace rhexion::test {

class PrintedSum {
public:
    // Whether the result fits the terms; nothing where the text holds no sum.
    static std::optional<bool> holds(const QString& text)
    {
        const auto equals = text.lastIndexOf(QLatin1String(" = "));
        if (equals < 0 || text.contains(QChar(0x2192))) // an arrow turns one share into another
            return std::nullopt;
        PrintedSum left(text.left(equals));
        PrintedSum right(text.mid(equals + 3));
        const Range sum = left.expression();
        const Range result = right.expression();
        if (!left.good_ || !right.good_ || left.at_ < left.text_.size())
            return false;
        // A figure that rounds exactly half way may go either way.
        const double slack = 1e-9 * std::max({1e-6, std::abs(sum.high), std::abs(result.high)});
        return sum.low <= result.high + slack && result.low <= sum.high + slack;
    }

private:
    struct Range {
        double low = 0.0;
        double high = 0.0;
    };

    explicit PrintedSum(const QString& text) : text_(text) {}

    static Range over(Range a, Range b, double (*op)(double, double))
    {
        const double all[] = {op(a.low, b.low), op(a.low, b.high), op(a.high, b.low),
                              op(a.high, b.high)};
        return {*std::min_element(all, all + 4), *std::max_element(all, all + 4)};
    }

    void skip()
    {
        while (at_ < text_.size() && text_[at_].isSpace())
            ++at_;
    }
    bool take(char16_t c)
    {
        skip();
        const bool there = at_ < text_.size() && text_[at_] == QChar(c);
        at_ += there ? 1 : 0;
        return there;
    }

    Range expression()
    {
        Range sum = product();
        for (;;)
            if (take(u'+'))
                sum = over(sum, product(), [](double a, double b) { return a + b; });
            else if (take(u'−'))
                sum = over(sum, product(), [](double a, double b) { return a - b; });
            else
                return sum;
    }
    Range product()
    {
        Range value = factor();
        for (;;)
            if (take(u'×'))
                value = over(value, factor(), [](double a, double b) { return a * b; });
            else if (take(u'÷'))
                value = over(value, factor(),
                             [](double a, double b) { return a / (b == 0.0 ? 1e-300 : b); });
            else
                return value;
    }
    Range factor()
    {
        if (take(u'(')) {
            const Range inside = expression();
            good_ = take(u')') && good_;
            return inside;
        }
        const bool minus = take(u'−');
        skip();
        const auto from = at_;
        while (at_ < text_.size() && (text_[at_].isDigit() || text_[at_] == QLatin1Char('.')))
            ++at_;
        const QString number = text_.mid(from, at_ - from);
        bool read = false;
        const double value = number.toDouble(&read);
        good_ = good_ && read;
        const auto point = number.indexOf(QLatin1Char('.'));
        // A whole number in a sum is meant as it is.
        const double half =
            point < 0 ? 0.0 : 0.5 * std::pow(10.0, -double(number.size() - point - 1));
        const double scale = unit();
        const Range range{(value - half) * scale, (value + half) * scale};
        return minus ? Range{-range.high, -range.low} : range;
    }
    // What a number in the unit that follows is in moles, grams and shares.
    double unit()
    {
        const auto from = at_;
        while (at_ < text_.size() && !QStringLiteral("+−×÷()").contains(text_[at_]))
            ++at_;
        const QString name = text_.mid(from, at_ - from).simplified();
        if (name == QLatin1String("%") || name == QLatin1String("mmol/100 g"))
            return 0.01;
        return name == QLatin1String("mmol/g") ? 0.001 : 1.0;
    }

    QString text_;
    qsizetype at_ = 0;
    bool good_ = true;
};

} // namespace rhexion::test
