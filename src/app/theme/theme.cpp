#include "app/theme/theme.h"

#include "app/theme/house_style.h"

#include <QApplication>
#include <QFile>
#include <QPainter>
#include <QPainterPath>
#include <QPalette>
#include <QPixmap>
#include <QPixmapCache>
#include <QSvgRenderer>

#include <cmath>

namespace rhexion {

namespace {

const Colours light{QColor(0xF5F2EC),
                    QColor(0xFFFDF9),
                    QColor(0x26221D),
                    QColor(0x625A50),
                    QColor(0x8F867A),
                    QColor(0x0E6A62),
                    QColor(0xA82A1E),
                    QColor(0x8A5A00),
                    QColor(0x2E6B34),
                    QColor(0xFFFFFF),
                    {QColor(0x2C7DA8), QColor(0xB87A14), QColor(0x7B52A0), QColor(0xC24A36),
                     QColor(0x8F5A2B), QColor(0x5F7380), QColor(0x6E7A3A)}};
const Colours dark{QColor(0x1B1916),
                   QColor(0x24211D),
                   QColor(0xF1ECE3),
                   QColor(0xB8AFA2),
                   QColor(0x7D7468),
                   QColor(0x5CC4B6),
                   QColor(0xF08A7C),
                   QColor(0xE3B45A),
                   QColor(0x8CCB90),
                   QColor(0x10201D),
                   {QColor(0x5FB3DC), QColor(0xE0AE55), QColor(0xB892DC), QColor(0xEB8470),
                    QColor(0xCC9A66), QColor(0x9DB1BE), QColor(0xAEBB72)}};

bool darkNow = false;

QFont sized(int pixels, QFont::Weight weight)
{
    QFont font(QStringLiteral("Rhexion Sans"));
    font.setPixelSize(pixels);
    font.setWeight(weight);
    // Even spacing at every size, and a third less work at the first painting.
    font.setHintingPreference(QFont::PreferNoHinting);
    return font;
}

// Between two colours; 0 gives the first.
QColor mixed(const QColor& a, const QColor& b, double t)
{
    return QColor::fromRgbF(float(a.redF() + (b.redF() - a.redF()) * t),
                            float(a.greenF() + (b.greenF() - a.greenF()) * t),
                            float(a.blueF() + (b.blueF() - a.blueF()) * t));
}

} // namespace

const Colours& Theme::colours()
{
    return darkNow ? dark : light;
}

bool Theme::isDark()
{
    return darkNow;
}

void Theme::apply(QApplication& app, bool toDark)
{
    darkNow = toDark;
    const Colours& c = colours();
    QPalette palette;
    palette.setColor(QPalette::Window, c.paper);
    palette.setColor(QPalette::WindowText, c.ink);
    palette.setColor(QPalette::Base, c.surface);
    palette.setColor(QPalette::AlternateBase, c.paper);
    palette.setColor(QPalette::Text, c.ink);
    palette.setColor(QPalette::PlaceholderText, c.muted);
    palette.setColor(QPalette::Button, c.surface);
    palette.setColor(QPalette::ButtonText, c.ink);
    palette.setColor(QPalette::Highlight, c.action);
    palette.setColor(QPalette::HighlightedText, c.onAction);
    palette.setColor(QPalette::Link, c.action);
    palette.setColor(QPalette::ToolTipBase, c.surface);
    palette.setColor(QPalette::ToolTipText, c.ink);
    for (const auto role : {QPalette::WindowText, QPalette::ButtonText, QPalette::Text})
        palette.setColor(QPalette::Disabled, role, c.line);
    app.setPalette(palette);
    app.setFont(body());
    // Last: it gives each widget the colours of the day.
    QApplication::setStyle(new HouseStyle);
}

QColor Theme::hairline()
{
    return mixed(colours().line, colours().paper, 0.55);
}

QColor Theme::hover()
{
    return mixed(colours().action, colours().surface, 0.88);
}

QColor Theme::actionHover()
{
    return mixed(colours().action, colours().ink, 0.15);
}

// Kept, and shared by whoever asks: what a font has looked up goes with it.
QFont Theme::small()
{
    static const QFont font = sized(13, QFont::Normal);
    return font;
}
QFont Theme::smallStrong()
{
    static const QFont font = sized(13, QFont::DemiBold);
    return font;
}
QFont Theme::body()
{
    static const QFont font = sized(16, QFont::Normal);
    return font;
}
QFont Theme::strong()
{
    static const QFont font = sized(16, QFont::DemiBold);
    return font;
}
QFont Theme::figure()
{
    static const QFont font = sized(20, QFont::DemiBold);
    return font;
}
QFont Theme::large()
{
    static const QFont font = sized(28, QFont::DemiBold);
    return font;
}
QFont Theme::huge()
{
    static const QFont font = sized(56, QFont::DemiBold);
    return font;
}

QColor Theme::of(Matter matter)
{
    return colours().matter[static_cast<int>(matter)];
}

PageLook Theme::page()
{
    const Colours& c = colours();
    return {c.muted.name(), c.care.name(), c.action.name()};
}

QColor Theme::ofSeverity(int severity)
{
    const Colours& c = colours();
    return severity >= 2 ? c.danger : severity == 1 ? c.care : c.muted;
}

namespace {

// One repeat of a matter's pattern on its ground, drawn once and then laid as tiles.
QPixmap patternTile(Matter matter, bool paler)
{
    constexpr int side = 24; // every pattern repeats in it
    const QColor hue = Theme::of(matter);
    const double scale = qApp->devicePixelRatio();
    QPixmap tile(QSize(side, side) * scale);
    tile.setDevicePixelRatio(scale);
    tile.fill(mixed(hue, Theme::colours().surface, paler ? 0.58 : 0.42));
    QPainter painter(&tile);
    painter.setRenderHint(QPainter::Antialiasing);
    painter.setPen(QPen(hue, 1.2));
    painter.setBrush(Qt::NoBrush);
    const auto dots = [&](double step, double radius) {
        painter.setBrush(hue);
        painter.setPen(Qt::NoPen);
        for (int row = 0; row * step < side; ++row)
            for (double x = row % 2 == 0 ? step / 4 : step * 3 / 4; x < side; x += step)
                painter.drawEllipse(QPointF(x, (row + 0.5) * step), radius, radius);
    };
    switch (matter) {
    case Matter::Fat: break;
    case Matter::Water:
        for (double y = 4; y < side; y += 8) {
            QPainterPath wave(QPointF(-12, y));
            for (double x = -12; x < side + 12; x += 12)
                wave.cubicTo(x + 4, y - 4, x + 8, y + 4, x + 12, y);
            painter.drawPath(wave);
        }
        break;
    case Matter::Alkali:
        for (double x = -side; x < side; x += 8)
            painter.drawLine(QPointF(x, side), QPointF(x + side, 0));
        break;
    case Matter::Acid: dots(8, 1.4); break;
    case Matter::Sugar:
        for (int row = 0; row < 4; ++row)
            for (double x = row % 2 == 0 ? 0 : 6; x < side; x += 12)
                painter.drawLine(QPointF(x, row * 6 + 3), QPointF(x + 6, row * 6 + 3));
        break;
    case Matter::Salt:
        for (double x = -side; x < 2 * side; x += 8) {
            painter.drawLine(QPointF(x, side), QPointF(x + side, 0));
            painter.drawLine(QPointF(x, 0), QPointF(x + side, side));
        }
        break;
    case Matter::OtherSolids: dots(6, 0.9); break;
    }
    return tile;
}

} // namespace

void Theme::fill(QPainter& painter, const QRectF& rect, Matter matter, int index)
{
    static QPixmap tiles[2][7][2]; // by colour set, matter and shade
    QPixmap& tile = tiles[darkNow ? 1 : 0][static_cast<int>(matter)][index % 2];
    if (tile.isNull())
        tile = patternTile(matter, index % 2 != 0);
    painter.drawTiledPixmap(rect, tile);
}

QPixmap Theme::pixmap(const QString& name, const QColor& colour, int size)
{
    // Delegates ask for the same few at every painting.
    const double scale = qApp->devicePixelRatio();
    const QString key = QStringLiteral("rhexion-%1-%2-%3-%4")
                            .arg(name, colour.name(QColor::HexArgb))
                            .arg(size)
                            .arg(scale);
    QPixmap pixmap;
    if (QPixmapCache::find(key, &pixmap))
        return pixmap;
    QFile file(QStringLiteral(":/icons/%1.svg").arg(name));
    if (!file.open(QIODevice::ReadOnly))
        return {};
    QByteArray svg = file.readAll();
    svg.replace("currentColor",
                colour.alpha() == 0 ? QByteArray("none") : colour.name().toLatin1());
    QSvgRenderer renderer(svg);
    pixmap = QPixmap(QSize(size, size) * scale);
    pixmap.setDevicePixelRatio(scale);
    pixmap.fill(Qt::transparent);
    QPainter painter(&pixmap);
    renderer.render(&painter, QRectF(0, 0, size, size));
    painter.end();
    QPixmapCache::insert(key, pixmap);
    return pixmap;
}

QIcon Theme::icon(const QString& name, const QColor& colour)
{
    QIcon icon(pixmap(name, colour, 20));
    icon.addPixmap(pixmap(name, colours().line, 20), QIcon::Disabled);
    return icon;
}

} // namespace rhexion
