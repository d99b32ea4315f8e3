// Colours, type and the look of matter. One hue means one thing on every screen; each also has a
// pattern, so that nothing is told by hue alone. Both change at once when the look does.
#pragma once

#include "app/theme/look.h"
#include "pages/page_look.h"

#include <QBrush>
#include <QColor>
#include <QFont>
#include <QIcon>
#include <QObject>
#include <QString>

class QApplication;
class QPainter;
class QRectF;
class QWidget;

namespace rhexion {

enum class Matter { Water, Fat, Alkali, Acid, Sugar, Salt, OtherSolids };

// What an icon is drawn in; it follows the colours of the day.
enum class Ink { Ink, Muted, Action, Care, Danger, Fine, Nothing };

struct Colours {
    QColor paper, surface, ink, muted, line, action, danger, care, fine;
    QColor onAction;
    QColor matter[7];
};

// Says when another look was taken.
class LookNews : public QObject {
    Q_OBJECT
Q_SIGNALS:
    void changed();
};

class Theme {
public:
    static const Colours& colours();
    static const Look& look();
    // Sets palette, type and style for the whole application, open windows too.
    static void apply(QApplication& app, const Look& look);
    static LookNews& news();

    static QColor hairline();
    static QColor hover();       // ground of what is pointed at or chosen
    static QColor actionHover(); // the main button's

    // A length that grows with the text, px, from what it is at 100 %.
    static int px(int at100);

    static QFont small(); // 13 px
    static QFont smallStrong();
    static QFont body();   // 16 px
    static QFont strong(); // body, semi-bold
    static QFont figure(); // 20 px, semi-bold
    static QFont large();  // 28 px
    static QFont huge();   // 56 px

    static QColor of(Matter matter);
    static QColor of(Ink ink);
    static QColor ofSeverity(int severity);
    static Ink inkOfSeverity(int severity);
    // Fills a shape with a matter's hue and pattern; index varies the shade between neighbours.
    static void fill(QPainter& painter, const QRectF& rect, Matter matter, int index = 0);
    static PageLook page(); // for pages of text
    static QIcon icon(const QString& name, Ink ink);
    // Size before it grows with the text.
    static QPixmap pixmap(const QString& name, const QColor& colour, int size);
};

// Sizes asked for at 100 % that grow with the text, now and whenever its size changes.
void fixWidth(QWidget* widget, int width);
void fixHeight(QWidget* widget, int height);
void fixSize(QWidget* widget, int width, int height);
void leastWidth(QWidget* widget, int width);
void leastHeight(QWidget* widget, int height);
void mostHeight(QWidget* widget, int height);

} // namespace rhexion
