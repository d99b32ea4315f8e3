// How every control looks, drawn by code: a style sheet for the application took a sixth of the
// start and a part of every repaint, and overruled the sizes a page asked for.
#pragma once

#include <QProxyStyle>

namespace rhexion {

// What a text says by its colour; it follows the colours of the day.
enum class Tone { Plain, Muted, Fine, Care, Danger };

// Names a widget goes by (objectName): page, card, inset, rail (frames); rail, primary, mend
// (buttons); title (line edit); muted (label).
class HouseStyle : public QProxyStyle {
    Q_OBJECT
public:
    HouseStyle();

    // Gives a widget's text its tone, now and whenever the colours change.
    static void setTone(QWidget* widget, Tone tone);

    void polish(QWidget* widget) override;
    using QProxyStyle::polish;
    bool eventFilter(QObject* watched, QEvent* event) override;

    void drawPrimitive(PrimitiveElement element, const QStyleOption* option, QPainter* painter,
                       const QWidget* widget) const override;
    void drawControl(ControlElement element, const QStyleOption* option, QPainter* painter,
                     const QWidget* widget) const override;
    void drawComplexControl(ComplexControl control, const QStyleOptionComplex* option,
                            QPainter* painter, const QWidget* widget) const override;
    QSize sizeFromContents(ContentsType type, const QStyleOption* option, const QSize& size,
                           const QWidget* widget) const override;
    QRect subElementRect(SubElement element, const QStyleOption* option,
                         const QWidget* widget) const override;
    QRect subControlRect(ComplexControl control, const QStyleOptionComplex* option, SubControl part,
                         const QWidget* widget) const override;
    int pixelMetric(PixelMetric metric, const QStyleOption* option,
                    const QWidget* widget) const override;
    int styleHint(StyleHint hint, const QStyleOption* option, const QWidget* widget,
                  QStyleHintReturn* data) const override;
    QIcon standardIcon(StandardPixmap which, const QStyleOption* option,
                       const QWidget* widget) const override;
};

} // namespace rhexion
