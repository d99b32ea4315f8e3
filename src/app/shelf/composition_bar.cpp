#include "app/shelf/composition_bar.h"

#include "app/theme/theme.h"
#include "words/plain_text.h"

#include <QPainter>

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

constexpr int compositionHeight = 26;
constexpr int keySize = 12;
constexpr int keyRow = 19;

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
    setFixedHeight((places.empty() ? compositionHeight : places.back().y()) + keyRow);
    update();
}

QSize CompositionBar::sizeHint() const
{
    return {300, compositionHeight + 28};
}

std::vector<QPoint> CompositionBar::keyPlaces() const
{
    const QFontMetrics metrics(Theme::small());
    std::vector<QPoint> out;
    QPoint at(0, compositionHeight + 10);
    for (const Share& share : sharesOf(contents_)) {
        const int w = keySize + 6 + metrics.horizontalAdvance(keyText(share, speech_));
        if (at.x() > 0 && at.x() + w > width())
            at = {0, at.y() + keyRow};
        out.push_back(at);
        at.rx() += w + 16;
    }
    return out;
}

void CompositionBar::resizeEvent(QResizeEvent* event)
{
    QWidget::resizeEvent(event);
    const auto places = keyPlaces();
    setFixedHeight((places.empty() ? compositionHeight : places.back().y()) + keyRow);
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
        Theme::fill(painter, QRectF(x, 0, w, compositionHeight), share.matter);
        painter.setPen(QPen(c.surface, 1.5));
        painter.drawLine(QPointF(x + w, 0), QPointF(x + w, compositionHeight));
        x += w;
    }
    painter.setPen(QPen(c.line, 1));
    painter.setBrush(Qt::NoBrush);
    painter.drawRect(QRectF(0.5, 0.5, width() - 1, compositionHeight - 1));
    painter.setFont(Theme::small());
    const auto places = keyPlaces();
    for (std::size_t i = 0; i < shares.size(); ++i) {
        const QRectF key(places[i].x(), places[i].y(), keySize, keySize);
        Theme::fill(painter, key, shares[i].matter);
        painter.setPen(QPen(c.line, 1));
        painter.drawRect(key);
        painter.setPen(c.ink);
        painter.drawText(places[i] + QPoint(keySize + 6, keySize - 1), keyText(shares[i], speech_));
    }
}

} // namespace rhexion
