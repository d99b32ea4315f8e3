#include "app/bench/doubt_view.h"

#include "app/help.h"
#include "app/theme/theme.h"
#include "app/widgets/label.h"
#include "storage/material_names.h"
#include "words/plain_text.h"
#include "words/shelf_words.h"
#include "words/what_is.h"

#include <QLabel>
#include <QPainter>
#include <QVBoxLayout>

namespace rhexion {

class DoubtBand : public QWidget {
public:
    explicit DoubtBand(QWidget* parent) : QWidget(parent) { fixHeight(this, 44); }

    void set(const Doubt* doubt, const Speech& speech)
    {
        if (doubt)
            doubt_ = *doubt;
        speech_ = speech;
        stale_ = doubt == nullptr;
        update();
    }

protected:
    void paintEvent(QPaintEvent*) override
    {
        if (doubt_.histogram.empty())
            return;
        QPainter painter(this);
        painter.setRenderHint(QPainter::Antialiasing);
        painter.setOpacity(stale_ ? 0.4 : 1.0);
        const Colours& c = Theme::colours();
        // From a little below the least to a little above the greatest, and always nought.
        const double least = doubt_.histogramLow;
        const double greatest =
            least + doubt_.histogramWidth * static_cast<double>(doubt_.histogram.size());
        const double from = std::min(0.0, least) - 0.004;
        const double to = std::max(greatest, 0.02) + 0.004;
        const auto x = [&](double v) { return (v - from) / (to - from) * width(); };
        const double base = height() - Theme::px(16);
        double most = 0.0;
        for (const double part : doubt_.histogram)
            most = std::max(most, part);
        for (std::size_t i = 0; i < doubt_.histogram.size(); ++i) {
            const double low = least + doubt_.histogramWidth * static_cast<double>(i);
            const double high = doubt_.histogram[i] / most * (base - 2);
            const bool excess = low + doubt_.histogramWidth / 2 < 0.0;
            const double w = std::max(1.0, x(low + doubt_.histogramWidth) - x(low) - 0.5);
            painter.fillRect(QRectF(x(low), base - high, w, high),
                             excess ? c.danger : Theme::of(Matter::Fat));
        }
        painter.setPen(QPen(c.line, 1));
        painter.drawLine(QPointF(0, base), QPointF(width(), base));
        painter.setPen(QPen(c.danger, 2));
        painter.drawLine(QPointF(x(0), 0), QPointF(x(0), base + 3));
        painter.setPen(QPen(c.ink, 2));
        painter.drawLine(QPointF(x(doubt_.superfat.low), base),
                         QPointF(x(doubt_.superfat.high), base));
        painter.setFont(Theme::small());
        const auto label = [&](double v) {
            const QString text = speech_.percent(v, 1);
            const int w = painter.fontMetrics().horizontalAdvance(text);
            const double left = std::clamp(x(v) - w / 2.0, 0.0, std::max(0.0, double(width() - w)));
            painter.drawText(QPointF(left, height() - 3), text);
            return std::pair(left, left + w);
        };
        painter.setPen(c.ink);
        const auto low = label(doubt_.superfat.low);
        const double room = x(doubt_.superfat.high) - low.second;
        if (room > 30)
            label(doubt_.superfat.high);
        painter.setPen(c.danger);
        if (low.first > x(0) + 26)
            painter.drawText(QPointF(std::max(0.0, x(0) - 4), height() - 3), QStringLiteral("0"));
    }

private:
    Doubt doubt_;
    Speech speech_;
    bool stale_ = true;
};

DoubtView::DoubtView(QWidget* parent) : QWidget(parent)
{
    helpOn(this, "how-sure");
    setWhatsThis(words::whatIsDoubt());
    band_ = new DoubtBand(this);
    text_ = new Label(this);
    text_->setFont(Theme::small());
    text_->setWordWrap(true);
    causes_ = new Label(this);
    causes_->setObjectName(QStringLiteral("muted"));
    causes_->setWordWrap(true);
    auto* layout = new QVBoxLayout(this);
    layout->setContentsMargins(8, 2, 8, 4);
    layout->setSpacing(2);
    layout->addWidget(band_);
    layout->addWidget(text_);
    layout->addWidget(causes_);
    setAccessibleName(tr("How sure true superfat is"));
}

void DoubtView::show(const Doubt* doubt, const Speech& speech)
{
    band_->set(doubt, speech);
    if (!doubt)
        return;
    const Spread& s = doubt->superfat;
    QString chance;
    if (doubt->chanceOfExcess <= 0.0)
        chance = tr("lye left over: not in any of them");
    else if (doubt->chanceOfExcess < 0.01)
        chance = tr("lye left over: in fewer than 1 of 100");
    else
        chance =
            tr("lye left over: in %1 of 100").arg(speech.number(doubt->chanceOfExcess * 100.0, 0));
    text_->setText(tr("9 batches in 10 lie between %1 and %2, strength %3 to %4; %5.")
                       .arg(speech.percent(s.low), speech.percent(s.high),
                            speech.percent(doubt->strength.low),
                            speech.percent(doubt->strength.high), chance));
    QStringList names;
    QStringList advice;
    constexpr std::size_t told = 3;
    for (std::size_t i = 0; i < std::min(told, doubt->causes.size()); ++i) {
        const Cause& cause = doubt->causes[i];
        const QString name = materialName(*cause.material);
        names << tr("%1 %2").arg(name, speech.percent(cause.share, 0));
        advice << tr("%1: %2").arg(name, words::causeAdvice(cause.code));
    }
    causes_->setText(
        tr("Most of the doubt: %1. %2")
            .arg(names.join(QStringLiteral(", ")),
                 names.isEmpty() ? QString() : words::causeAdvice(doubt->causes.front().code)));
    causes_->setToolTip(asTip(advice.join(QLatin1Char('\n'))));
    causes_->setVisible(!names.isEmpty() && detail_ >= Detail::Causes);
    text_->setToolTip(asTip(causes_->text()));
    setAccessibleDescription(text_->text() + QLatin1Char(' ') + causes_->text());
}

void DoubtView::setDetail(Detail detail)
{
    if (detail == detail_)
        return;
    detail_ = detail;
    band_->setVisible(detail >= Detail::Picture);
    causes_->setVisible(detail >= Detail::Causes && !causes_->text().isEmpty());
}

int DoubtView::heightWith(Detail detail) const
{
    const auto tall = [this](const QLabel* label) {
        return label->text().isEmpty() ? 0 : label->heightForWidth(contentsRect().width() - 16);
    };
    const int spacing = layout()->spacing();
    return tall(text_) + (detail >= Detail::Picture ? band_->minimumHeight() + spacing : 0) +
           (detail >= Detail::Causes ? tall(causes_) + spacing : 0);
}

QString DoubtView::text() const
{
    return text_->text();
}

QString DoubtView::causes() const
{
    return causes_->text();
}

} // namespace rhexion
