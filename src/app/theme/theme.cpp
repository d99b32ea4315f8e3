#include "app/theme/theme.h"

#include "app/theme/house_style.h"
#include "app/theme/text_size.h"

#include <QApplication>
#include <QFile>
#include <QIconEngine>
#include <QPainter>
#include <QPainterPath>
#include <QPalette>
#include <QPixmap>
#include <QPixmapCache>
#include <QSvgRenderer>

#include <array>
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

// High contrast: black and white, every line as strong as ink; hues of 7:1 or more where they carry
// text, and darker or lighter matter under the same patterns.
const Colours strongLight{QColor(0xFFFFFF),
                          QColor(0xFFFFFF),
                          QColor(0, 0, 0),
                          QColor(0x2B2B2B),
                          QColor(0, 0, 0),
                          QColor(0x00463F),
                          QColor(0x8A0F06),
                          QColor(0x5C3A00),
                          QColor(0x10470F),
                          QColor(0xFFFFFF),
                          {QColor(0x0B4F7A), QColor(0x7A4D00), QColor(0x55307A), QColor(0x8E2413),
                           QColor(0x5E3712), QColor(0x36464F), QColor(0x454E1C)}};
const Colours strongDark{QColor(0, 0, 0),
                         QColor(0, 0, 0),
                         QColor(0xFFFFFF),
                         QColor(0xE4E4E4),
                         QColor(0xFFFFFF),
                         QColor(0x7FF0E0),
                         QColor(0xFFA79B),
                         QColor(0xFFD27A),
                         QColor(0xA6EBA9),
                         QColor(0, 0, 0),
                         {QColor(0x86D2FF), QColor(0xFFC968), QColor(0xD6B6FF), QColor(0xFFA08A),
                          QColor(0xEBBB84), QColor(0xC3D6E2), QColor(0xD2E08C)}};

Look now;

enum class Size { Small, SmallStrong, Body, Strong, Figure, Large, Huge };
// Kept, and shared by whoever asks: what a font has looked up goes with it.
std::array<QFont, 7> fonts;

const QFont& fontOf(Size size)
{
    return fonts[std::size_t(size)];
}

QFont sized(int pixels, QFont::Weight weight)
{
    QFont font(QStringLiteral("Rhexion Sans"));
    font.setPixelSize(Theme::px(pixels));
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
    if (now.isStrong())
        return now.isDark() ? strongDark : strongLight;
    return now.isDark() ? dark : light;
}

const Look& Theme::look()
{
    return now;
}

LookNews& Theme::news()
{
    static LookNews news;
    return news;
}

int Theme::px(int at100)
{
    return (at100 * now.size() + 50) / 100;
}

void Theme::apply(QApplication& app, const Look& look)
{
    const int before = now.size();
    now = look;
    if (before != now.size() || fonts[std::size_t(Size::Body)].pixelSize() != px(16))
        fonts = {sized(13, QFont::Normal),   sized(13, QFont::DemiBold), sized(16, QFont::Normal),
                 sized(16, QFont::DemiBold), sized(20, QFont::DemiBold), sized(28, QFont::DemiBold),
                 sized(56, QFont::DemiBold)};
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
    if (before != now.size())
        growAll(before, now.size());
    // Last: it gives each widget the colours of the day.
    QApplication::setStyle(new HouseStyle);
    Q_EMIT news().changed();
}

QColor Theme::hairline()
{
    return now.isStrong() ? colours().line : mixed(colours().line, colours().paper, 0.55);
}

QColor Theme::hover()
{
    return mixed(colours().action, colours().surface, 0.88);
}

QColor Theme::actionHover()
{
    return mixed(colours().action, colours().ink, 0.15);
}

QFont Theme::small()
{
    return fontOf(Size::Small);
}
QFont Theme::smallStrong()
{
    return fontOf(Size::SmallStrong);
}
QFont Theme::body()
{
    return fontOf(Size::Body);
}
QFont Theme::strong()
{
    return fontOf(Size::Strong);
}
QFont Theme::figure()
{
    return fontOf(Size::Figure);
}
QFont Theme::large()
{
    return fontOf(Size::Large);
}
QFont Theme::huge()
{
    return fontOf(Size::Huge);
}

QColor Theme::of(Matter matter)
{
    return colours().matter[static_cast<int>(matter)];
}

PageLook Theme::page()
{
    const Colours& c = colours();
    return {c.muted.name(), c.care.name(), c.danger.name(), c.action.name(), px(13), px(16)};
}

QColor Theme::of(Ink ink)
{
    const Colours& c = colours();
    switch (ink) {
    case Ink::Ink: return c.ink;
    case Ink::Muted: return c.muted;
    case Ink::Action: return c.action;
    case Ink::Care: return c.care;
    case Ink::Danger: return c.danger;
    case Ink::Fine: return c.fine;
    case Ink::Nothing: break;
    }
    return Qt::transparent;
}

Ink Theme::inkOfSeverity(int severity)
{
    return severity >= 2 ? Ink::Danger : severity == 1 ? Ink::Care : Ink::Muted;
}

QColor Theme::ofSeverity(int severity)
{
    return of(inkOfSeverity(severity));
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
    // The pattern stands 3:1 against its ground, which is pale for that; fat has no pattern and is
    // its hue itself. Neighbours differ in the ground, fat in how deep it is.
    const bool plain = matter == Matter::Fat;
    tile.fill(plain ? mixed(hue, Theme::colours().ink, paler ? 0.22 : 0.0)
                    : mixed(hue, Theme::colours().surface, paler ? 0.92 : 0.80));
    QPainter painter(&tile);
    painter.setRenderHint(QPainter::Antialiasing);
    painter.setPen(QPen(hue, 1.4, Qt::SolidLine, Qt::FlatCap));
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
                painter.drawLine(QPointF(x, row * 6 + 3.5), QPointF(x + 6, row * 6 + 3.5));
        break;
    case Matter::Salt:
        for (double x = -side; x < 2 * side; x += 8) {
            painter.drawLine(QPointF(x, side), QPointF(x + side, 0));
            painter.drawLine(QPointF(x, 0), QPointF(x + side, side));
        }
        break;
    case Matter::OtherSolids: // little crosses: dots are acid's
        for (int row = 0; row < 3; ++row)
            for (double x = row % 2 == 0 ? 2 : 6; x < side; x += 8) {
                const double y = row * 8 + 4;
                painter.drawLine(QPointF(x - 1.6, y - 1.6), QPointF(x + 1.6, y + 1.6));
                painter.drawLine(QPointF(x - 1.6, y + 1.6), QPointF(x + 1.6, y - 1.6));
            }
        break;
    }
    return tile;
}

} // namespace

void Theme::fill(QPainter& painter, const QRectF& rect, Matter matter, int index)
{
    static QPixmap tiles[4][7][2]; // by colour set, matter and shade
    const int set = (now.isDark() ? 1 : 0) + (now.isStrong() ? 2 : 0);
    QPixmap& tile = tiles[set][static_cast<int>(matter)][index % 2];
    if (tile.isNull())
        tile = patternTile(matter, index % 2 != 0);
    painter.drawTiledPixmap(rect, tile);
}

namespace {

QPixmap drawnIcon(const QString& name, const QColor& colour, int size)
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

// Drawn in the colours of the day each time it is asked for, so that no icon outlives a look.
class InkEngine : public QIconEngine {
public:
    InkEngine(const QString& name, Ink ink) : name_(name), ink_(ink) {}
    QIconEngine* clone() const override { return new InkEngine(*this); }
    void paint(QPainter* painter, const QRect& rect, QIcon::Mode mode, QIcon::State) override
    {
        painter->drawPixmap(rect, drawn(rect.width(), mode));
    }
    QPixmap pixmap(const QSize& size, QIcon::Mode mode, QIcon::State) override
    {
        return drawn(size.width(), mode);
    }
    QPixmap scaledPixmap(const QSize& size, QIcon::Mode mode, QIcon::State, qreal) override
    {
        return drawn(size.width(), mode);
    }
    QSize actualSize(const QSize& size, QIcon::Mode, QIcon::State) override { return size; }
    QString key() const override { return QStringLiteral("rhexion-ink"); }
    bool isNull() override { return false; }

private:
    QPixmap drawn(int size, QIcon::Mode mode) const
    {
        return drawnIcon(name_, mode == QIcon::Disabled ? Theme::colours().line : Theme::of(ink_),
                         size);
    }
    QString name_;
    Ink ink_;
};

} // namespace

QPixmap Theme::pixmap(const QString& name, const QColor& colour, int size)
{
    return drawnIcon(name, colour, px(size));
}

QIcon Theme::icon(const QString& name, Ink ink)
{
    return QIcon(new InkEngine(name, ink));
}

} // namespace rhexion
