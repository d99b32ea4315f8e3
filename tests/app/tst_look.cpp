// Room and look: every size of window and text, every set of colours, and how what is told by
// colour is told besides.
#include <QTest>

#include "app/bench/figures_panel.h"
#include "app/bench/line_delegate.h"
#include "app/theme/system_shade.h"
#include "support/contrast.h"
#include "support/window.h"

#include <QDBusArgument>
#include <QDBusError>
#include <QDBusServer>
#include <QDBusVariant>
#include <QMenuBar>
#include <QMimeData>
#include <QPainter>
#include <QPushButton>
#include <QScrollBar>
#include <QToolButton>

using namespace rhexion;
using namespace rhexion::test;

namespace {

QImage filled(Matter matter, int index)
{
    QImage image(48, 48, QImage::Format_RGB32);
    image.fill(Theme::colours().surface);
    QPainter painter(&image);
    Theme::fill(painter, QRectF(0, 0, 48, 48), matter, index);
    return image;
}

// The two colours furthest apart in it.
std::pair<QColor, QColor> extremes(const QImage& image)
{
    QColor dark = Qt::white;
    QColor light = Qt::black;
    for (int y = 0; y < image.height(); ++y)
        for (int x = 0; x < image.width(); ++x) {
            const QColor c = image.pixelColor(x, y);
            if (luminance(c) < luminance(dark))
                dark = c;
            if (luminance(c) > luminance(light))
                light = c;
        }
    return {dark, light};
}

// How much of two patterns is the same, as seen with no colour at all: of the dots that are marked
// in either, the share marked in both.
double alike(const QImage& a, const QImage& b)
{
    const auto marks = [](const QImage& image) {
        const auto [dark, light] = extremes(image);
        const double middle = std::sqrt(luminance(dark) * luminance(light) + 1e-9);
        std::vector<bool> out;
        for (int y = 0; y < image.height(); ++y)
            for (int x = 0; x < image.width(); ++x)
                out.push_back(luminance(image.pixelColor(x, y)) < middle);
        // The marks are the fewer dots, whichever of the two is darker.
        if (std::ranges::count(out, true) * 2 > std::ptrdiff_t(out.size()))
            out.flip();
        return out;
    };
    const auto x = marks(a);
    const auto y = marks(b);
    int both = 0;
    int either = 0;
    for (std::size_t i = 0; i < x.size(); ++i) {
        both += x[i] && y[i] ? 1 : 0;
        either += x[i] || y[i] ? 1 : 0;
    }
    return double(both) / std::max(1, either);
}

const std::array<Look, 4> looks{Look{Shade::Light}, Look{Shade::Dark},
                                Look{Shade::Light, false, true}, Look{Shade::Dark, false, true}};

} // namespace

// Stands in for the desktop's settings portal; on a bus of its own.
class Portal : public QObject {
    Q_OBJECT
    Q_CLASSINFO("D-Bus Interface", "org.freedesktop.portal.Settings")
public:
    uint scheme = 1;
public Q_SLOTS:
    QDBusVariant Read(const QString&, const QString& key)
    {
        const QVariant value = key == QLatin1String("contrast")              ? QVariant(0u)
                               : key == QLatin1String("text-scaling-factor") ? QVariant(1.25)
                                                                             : QVariant(scheme);
        return QDBusVariant(QVariant::fromValue(QDBusVariant(value)));
    }
Q_SIGNALS:
    void SettingChanged(const QString& group, const QString& key, const QDBusVariant& value);
};

class TestLook : public QObject {
    Q_OBJECT
private Q_SLOTS:
    void cleanup() { Theme::apply(*qApp, Look{Shade::Light}); }

    // WCAG 2.1: text 4.5:1 (7:1 in high contrast), what is drawn 3:1.
    void contrastIsEnough()
    {
        for (const Look& look : looks) {
            Theme::apply(*qApp, look);
            const Colours& c = Theme::colours();
            const double text = look.strong ? 7.0 : 4.5;
            for (const QColor& ground : {c.paper, c.surface}) {
                for (const QColor& ink : {c.ink, c.muted, c.action, c.danger, c.care, c.fine})
                    QVERIFY2(contrast(ink, ground) >= text, qPrintable(ink.name()));
                QVERIFY(contrast(c.line, ground) >= 3.0);
            }
            QVERIFY(contrast(c.onAction, c.action) >= text);
            QVERIFY(contrast(c.action, Theme::hover()) >= 3.0); // the outline of what is chosen
            QVERIFY(contrast(c.ink, Theme::hover()) >= text);
        }
    }

    // Each matter by its pattern: 3:1 in itself, and no two alike where hues are not told apart.
    void patternsTellMatterApart()
    {
        constexpr Matter all[] = {Matter::Water, Matter::Fat,  Matter::Alkali,     Matter::Acid,
                                  Matter::Sugar, Matter::Salt, Matter::OtherSolids};
        for (const Look& look : looks) {
            Theme::apply(*qApp, look);
            for (const int index : {0, 1})
                for (const Matter a : all) {
                    const QImage image = filled(a, index);
                    const auto [dark, light] = extremes(image);
                    if (a == Matter::Fat) {
                        QVERIFY(contrast(dark, Theme::colours().surface) >= 3.0);
                        QVERIFY(contrast(dark, light) < 1.05);
                        continue;
                    }
                    QVERIFY2(contrast(dark, light) >= 3.0,
                             qPrintable(QStringLiteral("matter %1 shade %2 of %3: %4")
                                            .arg(int(a))
                                            .arg(index)
                                            .arg(look.isDark())
                                            .arg(contrast(dark, light))));
                    for (const Matter b : all)
                        if (a < b && b != Matter::Fat)
                            QVERIFY2(alike(image, filled(b, index)) < 0.6,
                                     qPrintable(QStringLiteral("%1 %2").arg(int(a)).arg(int(b))));
                }
        }
    }

    // Colours change at once, in windows that are open, icons too.
    void darkAtOnce()
    {
        Shop shop;
        shop.document().reset(demo(demoNames[0]), {});
        const auto at = [&](QWidget& w, QPoint p) { return w.grab().toImage().pixelColor(p); };
        const QColor before = at(*shop.window, {400, 45});
        QVERIFY(luminance(before) > 0.8);
        Look look;
        look.shade = Shade::Dark;
        Theme::apply(*qApp, look);
        QTest::qWait(50);
        QVERIFY(luminance(at(*shop.window, {400, 45})) < 0.05);
        // No icon kept the ink of before: on the rail each has its lightest dot as light as ink.
        for (auto* button : shop.window->findChildren<QToolButton*>(QStringLiteral("rail"))) {
            const QImage icon = button->icon().pixmap(26, 26).toImage();
            double lightest = 0.0;
            for (int y = 0; y < icon.height(); ++y)
                for (int x = 0; x < icon.width(); ++x)
                    if (const QColor c = icon.pixelColor(x, y); c.alpha() > 200)
                        lightest = std::max(lightest, luminance(c));
            QVERIFY2(lightest > 0.5, qPrintable(button->text()));
        }
    }

    // The desktop's own setting, when it is asked and when it changes.
    void systemIsFollowed()
    {
        const QString address = QStringLiteral("unix:tmpdir=/tmp");
        QDBusServer server(address);
        QVERIFY2(server.isConnected(), qPrintable(server.lastError().message()));
        server.setAnonymousAuthenticationAllowed(true);
        Portal portal;
        std::optional<QDBusConnection> there;
        connect(&server, &QDBusServer::newConnection, this, [&](const QDBusConnection& c) {
            there = c;
            there->registerObject(QStringLiteral("/org/freedesktop/portal/desktop"), &portal,
                                  QDBusConnection::ExportAllSlots |
                                      QDBusConnection::ExportAllSignals);
        });
        const QDBusConnection here =
            QDBusConnection::connectToPeer(server.address(), QStringLiteral("here"));
        QTRY_VERIFY(there);
        SystemShade shade(here, nullptr, QString());
        QList<bool> told;
        connect(&shade, &SystemShade::told, this, [&](bool dark) { told << dark; });
        QList<int> more; // contrast as 1 or 0, sizes of text
        connect(&shade, &SystemShade::strongTold, this, [&](bool strong) { more << strong; });
        connect(&shade, &SystemShade::sizeTold, this, [&](int percent) { more << percent; });
        shade.ask();
        QTRY_COMPARE(told, QList<bool>{true});
        QTRY_COMPARE(more, (QList<int>{0, 125}));
        const QString group = QStringLiteral("org.freedesktop.appearance");
        const QString key = QStringLiteral("color-scheme");
        Q_EMIT portal.SettingChanged(group, QStringLiteral("contrast"), QDBusVariant(1u));
        Q_EMIT portal.SettingChanged(group, key, QDBusVariant(2u));
        QTRY_COMPARE(told, (QList<bool>{true, false}));
        Q_EMIT portal.SettingChanged(group, key, QDBusVariant(1u));
        QTRY_COMPARE(told, (QList<bool>{true, false, true}));
        Q_EMIT portal.SettingChanged(group, key, QDBusVariant(0u)); // GNOME's light style
        QTRY_COMPARE(told, (QList<bool>{true, false, true, false}));
        Q_EMIT portal.SettingChanged(group, key, QDBusVariant(QStringLiteral("dark")));
        const QString text = QStringLiteral("text-scaling-factor");
        const QString desktop = QStringLiteral("org.gnome.desktop.interface");
        Q_EMIT portal.SettingChanged(desktop, text, QDBusVariant(40.0)); // no size of text
        Q_EMIT portal.SettingChanged(desktop, text, QDBusVariant(1.5));
        QTRY_COMPARE(more, (QList<int>{0, 125, 1, 150}));
        QCOMPARE(told.size(), 4);
        // What the desktop says is never kept as the maker's own choice.
        QTemporaryDir dir;
        QSettings settings(dir.filePath(QStringLiteral("look.ini")), QSettings::IniFormat);
        const Look asked{Shade::Dark, true, true, 150, true, 180};
        asked.writeSystem(settings);
        QVERIFY((Look::read(settings) == Look{Shade::AsSystem, true, true, 150}));
        Look look;
        look.systemPercent = 150;
        look.percent = 120;
        QCOMPARE(look.size(), 180);
        look.percent = 200;
        QCOMPARE(look.size(), Look::largest);
        look.systemIsStrong = true;
        QVERIFY(look.isStrong());
    }

    void textSize()
    {
        Shop shop;
        shop.document().reset(demo(demoNames[0]), {});
        const int usual = shop.window->bench().typing()->field()->height();
        const QFont title = shop.window->bench().findChild<QLineEdit*>("title")->font();
        shop.window->activateWindow();
        for (int i = 0; i < 12; ++i)
            QTest::keyClick(shop.window.get(), Qt::Key_Plus, Qt::ControlModifier);
        QCOMPARE(Theme::look().percent, 200);
        QCOMPARE(QSettings().value("textSize").toInt(), 200);
        QTest::qWait(150);
        QVERIFY(shop.window->bench().typing()->field()->height() > usual * 3 / 2);
        // What does not fit scrolls; the main button and every figure can be brought into sight.
        QPushButton* make = nullptr;
        for (auto* button : shop.window->findChildren<QPushButton*>(QStringLiteral("primary")))
            if (button->text() == QLatin1String("Make this batch"))
                make = button;
        QVERIFY(make && shop.window->rect().contains(
                            QRect(make->mapTo(shop.window.get(), QPoint()), make->size())));
        shop.window->bench().showFigures();
        QTest::qWait(150);
        QVERIFY(!shop.window->bench().figures()->visibleRegion().isEmpty());
        QTest::keyClick(shop.window.get(), Qt::Key_0, Qt::ControlModifier);
        QCOMPARE(Theme::look().percent, 100);
        QTest::qWait(150);
        // There and back ends where it began.
        QCOMPARE(shop.window->bench().typing()->field()->height(), usual);
        QCOMPARE(shop.window->bench().findChild<QLineEdit*>("title")->font().pixelSize(),
                 title.pixelSize());
    }

    void lookIsRead()
    {
        QTemporaryDir dir;
        QSettings settings(dir.filePath("look.ini"), QSettings::IniFormat);
        settings.setValue("textSize", 4000);
        settings.setValue("shade", "purple");
        Look look = Look::read(settings);
        QCOMPARE(look.percent, Look::largest);
        QCOMPARE(int(look.shade), int(Shade::AsSystem));
        look = {Shade::Dark, true, true, 130};
        look.write(settings);
        QVERIFY(Look::read(settings) == look);
        QVERIFY(!Look{}.isDark() && Look({Shade::AsSystem, true}).isDark());
        QVERIFY(!Look({Shade::Light, true}).isDark());
    }

    // In every size of window nothing overlaps, names keep 16 letters, and all can be reached.
    void roomInEveryWindow_data()
    {
        QTest::addColumn<QSize>("size");
        QTest::addColumn<int>("percent");
        for (const QSize& size : {QSize(1280, 800), QSize(1024, 700), QSize(980, 640),
                                  QSize(853, 533), QSize(640, 400)})
            for (const int percent : {100, 150})
                QTest::addRow("%dx%d at %d", size.width(), size.height(), percent)
                    << size << percent;
    }
    void roomInEveryWindow()
    {
        QFETCH(QSize, size);
        QFETCH(int, percent);
        Shop shop;
        shop.window->resize(size);
        shop.document().reset(demo(demoNames[0]), {});
        for (const char* more : {"20 g kaolin at trace", "12 g yellow mica at trace",
                                 "30 g oat flour at trace", "15 g lavender essential oil"})
            shop.type(more);
        Look look{Shade::Light};
        look.percent = percent;
        Theme::apply(*qApp, look);
        QTest::qWait(200);
        QCOMPARE(shop.window->size(), size);
        std::vector<QRect> boxes;
        for (const Vessel vessel : allVessels) {
            VesselPanel* panel = shop.window->bench().panel(vessel);
            if (!panel->isVisible())
                continue;
            const QRect box(panel->mapTo(shop.window.get(), QPoint()), panel->size());
            for (const QRect& other : boxes)
                QVERIFY2(!box.intersects(other), qPrintable(panel->accessibleName()));
            boxes.push_back(box);
            const auto* delegate = static_cast<LineDelegate*>(panel->list()->itemDelegate());
            for (int row = 0; row < panel->model()->rowCount(); ++row) {
                const QModelIndex index = panel->model()->index(row);
                const QStringList shown =
                    delegate->nameAt(index, panel->list()->viewport()->width());
                const QString name = index.data().toString();
                QString joined = shown.join(QLatin1Char(' '));
                joined.remove(QChar(0x2026));
                QVERIFY2(joined.trimmed().size() >= std::min<qsizetype>(16, name.size()) ||
                             percent > 100,
                         qPrintable(joined));
                if (size.width() == 1280 && percent == 100)
                    QCOMPARE(joined.trimmed(), name); // none is cut
            }
        }
        if (size == QSize(1280, 800) && percent == 100) {
            // A vessel of up to eight lines does not scroll.
            for (const Vessel vessel : allVessels)
                if (shop.window->bench().panel(vessel)->model()->rowCount() < 8)
                    QCOMPARE(shop.list(vessel)->verticalScrollBar()->maximum(), 0);
        }
    }

    // An empty tray is a line high and still takes a drop.
    void emptyTraysTakeADrop()
    {
        Shop shop;
        shop.type("500 g olive oil");
        VesselPanel* top = shop.window->bench().panel(Vessel::Top);
        QVERIFY(top->height() <= 40);
        auto* model = shop.window->bench().panel(Vessel::OilPot)->model();
        std::unique_ptr<QMimeData> mime(model->mimeData({model->index(0)}));
        QDragEnterEvent enter(QPoint(5, 5), Qt::MoveAction, mime.get(), Qt::LeftButton,
                              Qt::NoModifier);
        QApplication::sendEvent(top, &enter);
        QVERIFY(enter.isAccepted());
        QDropEvent drop(QPointF(5, 5), Qt::MoveAction, mime.get(), Qt::LeftButton, Qt::NoModifier);
        QApplication::sendEvent(top, &drop);
        QCOMPARE(int(shop.document().formula().lines.back().vessel), int(Vessel::Top));
        QTRY_VERIFY(top->height() > 40);
    }
};

QTEST_MAIN(TestLook)
#include "tst_look.moc"
