// Colours, type and the look of matter. One hue means one thing on every screen; each also has a
// pattern, so that nothing is told by hue alone.
#pragma once

#include "pages/page_look.h"

#include <QBrush>
#include <QColor>
#include <QFont>
#include <QIcon>
#include <QString>

class QApplication;
class QPainter;
class QRectF;

namespace rhexion {

enum class Matter { Water, Fat, Alkali, Acid, Sugar, Salt, OtherSolids };

struct Colours {
    QColor paper, surface, ink, muted, line, action, danger, care, fine;
    QColor onAction;
    QColor matter[7];
};

class Theme {
public:
    static const Colours& colours();
    static bool isDark();
    // Sets palette, type and style for the whole application.
    static void apply(QApplication& app, bool dark);

    static QColor hairline();
    static QColor hover();       // ground of what is pointed at or chosen
    static QColor actionHover(); // the main button's

    static QFont small(); // 13 px
    static QFont smallStrong();
    static QFont body();   // 16 px
    static QFont strong(); // body, semi-bold
    static QFont figure(); // 20 px, semi-bold
    static QFont large();  // 28 px
    static QFont huge();   // 56 px

    static QColor of(Matter matter);
    static QColor ofSeverity(int severity);
    // Fills a shape with a matter's hue and pattern; index varies the shade between neighbours.
    static void fill(QPainter& painter, const QRectF& rect, Matter matter, int index = 0);
    static PageLook page(); // for pages of text
    static QIcon icon(const QString& name, const QColor& colour);
    static QPixmap pixmap(const QString& name, const QColor& colour, int size);
};

} // namespace rhexion
