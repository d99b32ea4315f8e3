#include "app/shelf/composition_bar.h"

#include "app/theme/theme.h"
#include "words/plain_text.h"

#include <QPainter>
#include <QStyle>

#include <algorithm>
#include <vector>

namespace rhexion {

namespace {

struct Share {
    QString name;
    Matter matter;
    double part;
};

std::vector<Share> sharesOf(const Contents& c)
{
    std::vector<Share> all{
        {CompositionBar::tr("water"), Matter::Water, c.water},
        {CompositionBar::tr("fat"), Matter::Fat, c.fat},
        {CompositionBar::tr("lye"), Matter::Alkali, c.alkali},
        {CompositionBar::tr("acid"), Matter::Acid, c.acid},
        {CompositionBar::tr("sugar"), Matter::Sugar, c.sugar},
        {CompositionBar::tr("salts"), Matter::Salt, c.salt},
        {CompositionBar::tr("other solids"), Matter::OtherSolids, c.otherSolids}};
    std::erase_if(all, [](const Share& s) { return s.part < 0.0005; });
    return all;
}

int barTall()
{
    return Theme::px(26);
}
int keySize()
{
    return Theme::px(12);
}
int keyTall()
{
    return Theme::px(19);
}

QString keyText(const Share& share, const Speech& speech)
{
    return QStringLiteral("%1 %2").arg(share.name, speech.percent(share.part));
}

} // namespace

CompositionBar::CompositionBar(QWidget* parent) : QWidget(parent)
{
    setSizePolicy(QSizePolicy::Expanding, QSizePolicy::Fixed);
    setAccessibleName(tr("Composition"));
}

void CompositionBar::show(const Material& material, const Speech& speech)
{
    contents_ = contentsPerGram(material);
    speech_ = speech;
    QStringList said;
    for (const Share& share : sharesOf(contents_))
        said << keyText(share, speech_);
    setAccessibleDescription(said.join(QStringLiteral(", ")));
    setToolTip(asTip(said.join(QStringLiteral("\n"))));
    const auto places = keyPlaces();
    setFixedHeight((places.empty() ? barTall() : places.back().y()) + keyTall());
    update();
}

QSize CompositionBar::sizeHint() const
{
    return {300, barTall() + Theme::px(28)};
}

std::vector<QPoint> CompositionBar::keyPlaces() const
{
    const QFontMetrics metrics(Theme::small());
    std::vector<QPoint> out;
    QPoint at(0, barTall() + 10);
    for (const Share& share : sharesOf(contents_)) {
        const int w = keySize() + 6 + metrics.horizontalAdvance(keyText(share, speech_));
        if (at.x() > 0 && at.x() + w > width())
            at = {0, at.y() + keyTall()};
        out.push_back(at);
        at.rx() += w + 16;
    }
    return out;
}

void CompositionBar::resizeEvent(QResizeEvent* event)
{
    QWidget::resizeEvent(event);
    const auto places = keyPlaces();
    setFixedHeight((places.empty() ? barTall() : places.back().y()) + keyTall());
}

void CompositionBar::paintEvent(QPaintEvent*)
{
    QPainter painter(this);
    painter.setRenderHint(QPainter::Antialiasing);
    const Colours& c = Theme::colours();
    const auto shares = sharesOf(contents_);
    // A share too small to see is drawn thin; the rest give way.
    double whole = 0.0;
    for (const Share& share : shares)
        whole += std::max(share.part, 0.008);
    double x = 0.0;
    for (const Share& share : shares) {
        const double w = std::max(share.part, 0.008) / whole * width();
        const QRect part = QStyle::visualRect(
            layoutDirection(), rect(),
            QRect(QPoint(qRound(x), 0), QPoint(qRound(x + w) - 1, barTall() - 1)));
        Theme::fill(painter, part, share.matter);
        painter.setPen(QPen(c.surface, 1.5));
        painter.drawLine(part.topRight(), part.bottomRight());
        x += w;
    }
    painter.setPen(QPen(c.line, 1));
    painter.setBrush(Qt::NoBrush);
    painter.drawRect(QRectF(0.5, 0.5, width() - 1, barTall() - 1));
    painter.setFont(Theme::small());
    const auto places = keyPlaces();
    for (std::size_t i = 0; i < shares.size(); ++i) {
        const QString said = keyText(shares[i], speech_);
        const QRect row(
            places[i],
            QSize(keySize() + 6 + painter.fontMetrics().horizontalAdvance(said), keyTall()));
        const auto seen = [&](const QRect& r) {
            return QStyle::visualRect(layoutDirection(), rect(), r);
        };
        const QRect key = seen({row.topLeft(), QSize(keySize(), keySize())});
        Theme::fill(painter, key, shares[i].matter);
        painter.setPen(QPen(c.line, 1));
        painter.drawRect(key);
        painter.setPen(c.ink);
        painter.drawText(seen(row.adjusted(keySize() + 6, -3, 4, -4)),
                         Qt::AlignLeft | Qt::AlignVCenter, said);
    }
}

} // namespace rhexion
