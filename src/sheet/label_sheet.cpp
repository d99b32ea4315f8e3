#include "sheet/label_sheet.h"

#include "core/after/net_weight.h"

#include "storage/whole_file.h"

#include <QBuffer>
#include <QCoreApplication>
#include <QPageSize>
#include <QPaintDevice>
#include <QPainter>
#include <QPdfWriter>

#include <qrencode.h>

#include <algorithm>
#include <memory>

namespace rhexion {

namespace {

struct LabelSheetText {
    Q_DECLARE_TR_FUNCTIONS(LabelSheet)
};

constexpr double millimetresOfInch = 25.4;
constexpr double leastPoints = 5.0;
constexpr double mostPoints = 11.0;

struct FreeCode {
    void operator()(QRcode* code) const { QRcode_free(code); }
};

// Its width in px; 0 where there is none.
void drawQr(QPainter& painter, const QRectF& place, const QString& text)
{
    const std::unique_ptr<QRcode, FreeCode> code(
        QRcode_encodeString(text.toUtf8().constData(), 0, QR_ECLEVEL_M, QR_MODE_8, 1));
    if (!code)
        return;
    constexpr int quiet = 4; // modules around it, as the code's standard wants
    const double module = std::min(place.width(), place.height()) / (code->width + 2 * quiet);
    painter.save();
    painter.setPen(Qt::NoPen);
    painter.fillRect(place, Qt::white);
    painter.setBrush(Qt::black);
    for (int y = 0; y < code->width; ++y)
        for (int x = 0; x < code->width; ++x)
            if (code->data[y * code->width + x] & 1)
                painter.drawRect(QRectF(place.left() + (x + quiet) * module,
                                        place.top() + (y + quiet) * module, module * 1.02,
                                        module * 1.02));
    painter.restore();
}

QFont fontOf(double points, bool strong)
{
    QFont font(QStringLiteral("Rhexion Sans"));
    font.setPointSizeF(points);
    font.setWeight(strong ? QFont::DemiBold : QFont::Normal);
    return font;
}

struct LabelPart {
    QString text;
    bool strong = false;
    double points = 0.0; // over the rest
    double digits = 0.0; // mm they are high at least
};

QList<LabelPart> partsOf(const LabelJob& job)
{
    const words::LabelText& t = job.text;
    QList<LabelPart> out{{t.name, true, 2.5}, {words::ingredientsSaid(t.ingredients), false, 0.0}};
    if (!t.netWeight.isEmpty())
        out.append({LabelSheetText::tr("Net weight %1 when packed").arg(t.netWeight), true, 0.0,
                    digitHeight(t.nominal.value_or(0.0))});
    if (!t.code.isEmpty())
        out.append({LabelSheetText::tr("Batch %1").arg(t.code), true, 0.0});
    if (!t.answersForIt.isEmpty())
        out.append({t.answersForIt, false, 0.0});
    return out;
}

// Points at which digits are so many mm high; they are as high as capitals.
double pointsOfDigits(QPainter& painter, double millimetres)
{
    constexpr double tried = 100.0;
    const double dot = painter.device()->logicalDpiY() / millimetresOfInch;
    const double high = QFontMetricsF(fontOf(tried, true), painter.device()).capHeight() / dot;
    return high > 0.0 ? tried * millimetres / high : 0.0;
}

// The height the parts take, drawn or only measured.
double layParts(QPainter& painter, const QRectF& place, const QList<LabelPart>& parts,
                double points, bool really)
{
    double y = place.top();
    for (const LabelPart& part : parts) {
        const double least = part.digits > 0.0 ? pointsOfDigits(painter, part.digits) : 0.0;
        painter.setFont(fontOf(std::max(points + part.points, least), part.strong));
        const QRectF room(place.left(), y, place.width(), 1e6);
        constexpr int flags = Qt::AlignLeft | Qt::AlignTop | Qt::TextWordWrap;
        const QRectF taken = painter.boundingRect(room, flags, part.text);
        if (really)
            painter.drawText(room, flags, part.text);
        y += taken.height() + painter.fontMetrics().height() * 0.25;
    }
    return y - place.top();
}

} // namespace

bool drawLabel(QPainter& painter, const QRectF& place, const LabelJob& job)
{
    painter.save();
    painter.setClipRect(place);
    painter.setPen(Qt::black);
    QRectF inner = place;
    const QList<LabelPart> parts = partsOf(job);
    if (job.qr && !job.text.code.isEmpty()) {
        const double side = std::min(place.width(), place.height()) * 0.26;
        drawQr(painter, QRectF(place.right() - side, place.bottom() - side, side, side),
               job.text.code);
        inner.setBottom(place.bottom() - side * 1.05);
    }
    bool fits = false;
    double points = mostPoints;
    for (; points >= leastPoints - 1e-9; points -= 0.25) {
        fits = layParts(painter, inner, parts, points, false) <= inner.height();
        if (fits)
            break;
    }
    layParts(painter, inner, parts, std::max(points, leastPoints), true);
    painter.restore();
    return fits;
}

bool drawLabels(QPagedPaintDevice& device, const LabelJob& job)
{
    QPainter painter(&device);
    const double dot = device.logicalDpiX() / millimetresOfInch;
    const LabelSheet& s = job.sheet;
    const int onSheet = s.columns * s.rows;
    constexpr double margin = 2.5; // mm inside a label
    // The device's own margin moves its origin; labels are counted from the edge of the paper.
    const bool toTheEdge = device.pageLayout().mode() == QPageLayout::FullPageMode;
    const QMarginsF own =
        toTheEdge ? QMarginsF() : device.pageLayout().margins(QPageLayout::Millimeter);
    bool all = true;
    for (int i = 0; i < job.count; ++i) {
        const int place = job.skip + i;
        if (i > 0 && place % onSheet == 0)
            device.newPage();
        const int column = place % onSheet % s.columns;
        const int row = place % onSheet / s.columns;
        const QRectF mm(s.left + column * (s.width + s.across) + margin - own.left(),
                        s.top + row * (s.height + s.down) + margin - own.top(),
                        s.width - 2 * margin, s.height - 2 * margin);
        all =
            drawLabel(painter,
                      QRectF(mm.left() * dot, mm.top() * dot, mm.width() * dot, mm.height() * dot),
                      job) &&
            all;
    }
    return all;
}

std::optional<FileFault> writeLabelsPdf(const QString& path, const LabelJob& job)
{
    QBuffer buffer;
    buffer.open(QIODevice::WriteOnly);
    {
        QPdfWriter writer(&buffer);
        writer.setTitle(job.text.name);
        writer.setCreator(QStringLiteral("Rhexion"));
        writer.setPageSize(
            QPageSize(QSizeF(job.sheet.pageWidth, job.sheet.pageHeight), QPageSize::Millimeter));
        writer.setPageMargins({0, 0, 0, 0});
        drawLabels(writer, job);
    }
    return writeWhole(path, buffer.data());
}

} // namespace rhexion
