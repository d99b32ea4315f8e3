// What grows with the text: fonts that a widget was given, and sizes that were asked for.
#include "app/theme/text_size.h"

#include "app/theme/theme.h"

#include <QAbstractItemView>
#include <QApplication>
#include <QLayout>
#include <QWidget>

#include <array>
#include <cmath>

namespace rhexion {

namespace {

struct Grown {
    const char* property;
    void (QWidget::*set)(int);
};
const std::array<Grown, 5> grownSizes{{{"rhexionWidth", &QWidget::setFixedWidth},
                                       {"rhexionHeight", &QWidget::setFixedHeight},
                                       {"rhexionLeastWidth", &QWidget::setMinimumWidth},
                                       {"rhexionLeastHeight", &QWidget::setMinimumHeight},
                                       {"rhexionMostHeight", &QWidget::setMaximumHeight}}};

void grow(QWidget* widget, std::size_t which, int at100)
{
    widget->setProperty(grownSizes[which].property, at100);
    (widget->*grownSizes[which].set)(Theme::px(at100));
}

} // namespace

void fixWidth(QWidget* widget, int width)
{
    grow(widget, 0, width);
}
void fixHeight(QWidget* widget, int height)
{
    grow(widget, 1, height);
}
void fixSize(QWidget* widget, int width, int height)
{
    fixWidth(widget, width);
    fixHeight(widget, height);
}
void leastWidth(QWidget* widget, int width)
{
    grow(widget, 2, width);
}
void leastHeight(QWidget* widget, int height)
{
    grow(widget, 3, height);
}
void mostHeight(QWidget* widget, int height)
{
    grow(widget, 4, height);
}

void growAll(int fromPercent, int toPercent)
{
    const QWidgetList widgets = QApplication::allWidgets();
    for (QWidget* widget : widgets) {
        for (const Grown& size : grownSizes)
            if (const QVariant at100 = widget->property(size.property); at100.isValid())
                (widget->*size.set)(Theme::px(at100.toInt()));
        if (!widget->testAttribute(Qt::WA_SetFont))
            continue;
        // From the size it had at 100 %, so that going there and back ends where it began.
        QFont font = widget->font();
        const int plain = int(std::lround(font.pixelSize() * 100.0 / fromPercent));
        font.setPixelSize(int(std::lround(plain * toPercent / 100.0)));
        widget->setFont(font);
    }
    for (QWidget* widget : widgets) {
        if (auto* view = qobject_cast<QAbstractItemView*>(widget))
            view->doItemsLayout();
        if (QLayout* layout = widget->layout())
            layout->invalidate();
        widget->updateGeometry();
        widget->update();
    }
}

} // namespace rhexion
