#include "app/formulating/pace_picture.h"

#include "app/theme/theme.h"
#include "app/widgets/label.h"
#include "words/working_time_words.h"

#include <QCheckBox>
#include <QHBoxLayout>
#include <QPainter>
#include <QVBoxLayout>

#include <cmath>

namespace rhexion {

namespace {

constexpr double widest = 1.1; // ln of the factor at a bar's end: three times

// One factor on a line from a third to three times, faster to the left.
class FactorBar : public QWidget {
public:
    explicit FactorBar(QWidget* parent) : QWidget(parent) { fixSize(this, 120, 16); }
    void set(const NamedFactor& factor)
    {
        factor_ = factor;
        update();
    }

protected:
    void paintEvent(QPaintEvent*) override
    {
        QPainter painter(this);
        const Colours& c = Theme::colours();
        const double middle = width() / 2.0;
        const auto x = [&](double f) {
            return middle + std::clamp(std::log(f) / widest, -1.0, 1.0) * (middle - 2.0);
        };
        painter.setPen(QPen(c.line, 1));
        painter.drawLine(QPointF(middle, 1), QPointF(middle, height() - 1));
        if (factor_.off)
            return;
        const bool faster = factor_.factor.typical < 1.0;
        const double from = std::min(middle, x(factor_.factor.typical));
        const double to = std::max(middle, x(factor_.factor.typical));
        painter.fillRect(QRectF(from, height() * 0.25, std::max(1.0, to - from), height() * 0.5),
                         faster ? c.care : c.action);
        painter.setPen(QPen(c.ink, 1.5));
        painter.drawLine(QPointF(x(factor_.factor.low), height() / 2.0),
                         QPointF(x(factor_.factor.high), height() / 2.0));
    }

private:
    NamedFactor factor_;
};

bool isShown(const NamedFactor& f)
{
    return f.off || f.factor.low < 0.99 || f.factor.high > 1.01;
}

} // namespace

PacePicture::PacePicture(QWidget* parent) : QWidget(parent)
{
    rows_ = new QVBoxLayout(this);
    rows_->setContentsMargins(0, 0, 0, 0);
    rows_->setSpacing(0);
}

void PacePicture::set(const TimeForecast& forecast, const Formula& formula, const Speech& speech)
{
    QStringList codes;
    for (const NamedFactor& f : forecast.factors)
        if (isShown(f))
            codes << QString::fromStdString(f.code);
    if (codes != codes_) {
        codes_ = codes;
        while (QLayoutItem* item = rows_->takeAt(0)) {
            item->widget()->hide();
            item->widget()->deleteLater(); // its own box may be what was pressed
            delete item;
        }
        for (const QString& code : codes_) {
            auto* row = new QWidget(this);
            auto* layout = new QHBoxLayout(row);
            layout->setContentsMargins(0, 0, 0, 0);
            auto* on = new QCheckBox(row);
            connect(on, &QCheckBox::clicked, this,
                    [this, code](bool checked) { Q_EMIT switched(code, checked); });
            layout->addWidget(on);
            auto* said = new Label(row);
            said->setWordWrap(true);
            layout->addWidget(said, 1);
            layout->addWidget(new FactorBar(row));
            rows_->addWidget(row);
        }
    }
    int at = 0;
    for (const NamedFactor& f : forecast.factors) {
        if (!isShown(f))
            continue;
        QWidget* row = rows_->itemAt(at++)->widget();
        auto* on = row->findChild<QCheckBox*>();
        on->setChecked(!f.off);
        const QString name = words::factorName(f, formula);
        on->setAccessibleName(name);
        on->setToolTip(words::factorReason(f.code));
        static_cast<QLabel*>(row->layout()->itemAt(1)->widget())
            ->setText(f.off ? name
                            : tr("%1, %2 times").arg(name, speech.number(f.factor.typical, 2)));
        static_cast<FactorBar*>(row->layout()->itemAt(2)->widget())->set(f);
    }
}

} // namespace rhexion
