#include "app/theme/house_style.h"

#include "app/theme/soft_box.h"
#include "app/theme/theme.h"

#include <QAbstractButton>
#include <QAbstractItemView>
#include <QAbstractSpinBox>
#include <QCheckBox>
#include <QComboBox>
#include <QEvent>
#include <QHeaderView>
#include <QLabel>
#include <QLineEdit>
#include <QPainter>
#include <QPlainTextEdit>
#include <QPushButton>
#include <QRadioButton>
#include <QScrollArea>
#include <QStyleOption>
#include <QTableView>
#include <QTextBrowser>
#include <QToolButton>

#include <algorithm>

namespace rhexion {

namespace {

constexpr int focusWidth = 2;
constexpr auto toneProperty = "rhexionTone";

bool goesBy(const QWidget* widget, const char* name)
{
    return widget && widget->objectName() == QLatin1String(name);
}

bool isOn(const QStyleOption* option, QStyle::StateFlag flag)
{
    return option->state.testFlag(flag);
}

// Of the enabled widget only; a disabled one keeps the palette's paler ink.
void colour(QWidget* widget, QPalette::ColorRole role, const QColor& with)
{
    QPalette palette = widget->palette();
    palette.setColor(QPalette::Active, role, with);
    palette.setColor(QPalette::Inactive, role, with);
    widget->setPalette(palette);
}

QColor toneColour(Tone tone)
{
    const Colours& c = Theme::colours();
    switch (tone) {
    case Tone::Muted: return c.muted;
    case Tone::Fine: return c.fine;
    case Tone::Care: return c.care;
    case Tone::Danger: return c.danger;
    case Tone::Plain: break;
    }
    return c.ink;
}

void polishButton(QAbstractButton* button)
{
    const Colours& c = Theme::colours();
    button->setAttribute(Qt::WA_Hover);
    if (goesBy(button, "primary")) {
        // A page may ask for a larger one.
        QFont font = button->font();
        font.setWeight(QFont::DemiBold);
        button->setFont(font);
        colour(button, QPalette::ButtonText, c.onAction);
    } else if (goesBy(button, "mend")) {
        button->setFont(Theme::small());
        colour(button, QPalette::ButtonText, c.action);
    } else if (goesBy(button, "rail"))
        button->setFont(Theme::small());
}

// Lists, tables and pages of text lie on what is behind them; a list that drops from a box does
// not.
void polishArea(QAbstractScrollArea* area)
{
    const bool drops =
        area->parentWidget() && area->parentWidget()->inherits("QComboBoxPrivateContainer");
    const bool lies = qobject_cast<QAbstractItemView*>(area) || qobject_cast<QTextBrowser*>(area) ||
                      qobject_cast<QScrollArea*>(area);
    if (lies && !drops && !area->isWindow()) {
        area->setFrameShape(QFrame::NoFrame);
        area->viewport()->setAutoFillBackground(false);
        if (auto* scroll = qobject_cast<QScrollArea*>(area)) {
            scroll->setFocusPolicy(Qt::NoFocus); // what is in it takes it
            if (scroll->widget())
                scroll->widget()->setAutoFillBackground(false);
        }
    }
    if (qobject_cast<QAbstractItemView*>(area)) {
        colour(area, QPalette::Highlight, Theme::hover());
        colour(area, QPalette::HighlightedText, Theme::colours().ink);
    }
}

void drawField(QPainter& painter, const QStyleOption* option)
{
    const Colours& c = Theme::colours();
    const bool focus = isOn(option, QStyle::State_HasFocus);
    drawSoftBox(painter, option->rect,
                {isOn(option, QStyle::State_Enabled) ? c.surface : c.paper,
                 focus ? c.action : c.line, focus ? focusWidth : 1});
}

void drawTitle(QPainter& painter, const QStyleOption* option)
{
    const Colours& c = Theme::colours();
    if (isOn(option, QStyle::State_HasFocus))
        drawSoftBox(painter, option->rect, {c.surface, c.action, focusWidth});
    else if (isOn(option, QStyle::State_MouseOver))
        drawSoftBox(painter, option->rect, {{}, Theme::hairline()});
}

void drawPushButton(QPainter& painter, const QStyleOption* option, const QWidget* widget)
{
    const Colours& c = Theme::colours();
    const bool on = isOn(option, QStyle::State_Enabled);
    const bool over = on && isOn(option, QStyle::State_MouseOver);
    const bool focus = isOn(option, QStyle::State_HasFocus);
    if (goesBy(widget, "primary")) {
        const QColor fill = !on ? Theme::hairline() : over ? Theme::actionHover() : c.action;
        drawSoftBox(painter, option->rect, {fill, focus ? c.ink : fill, focus ? focusWidth : 1});
        return;
    }
    // One of several that is chosen.
    const bool chosen = isOn(option, QStyle::State_On);
    if (goesBy(widget, "quiet") && !over && !focus)
        return; // a line of text until it is pointed at
    const QColor line = focus || chosen                 ? c.action
                        : !on || goesBy(widget, "mend") ? Theme::hairline()
                                                        : c.line;
    drawSoftBox(
        painter, option->rect,
        {over || chosen ? Theme::hover() : c.surface, line, focus || chosen ? focusWidth : 1});
}

void drawToolButton(QPainter& painter, const QStyleOption* option, const QWidget* widget)
{
    const bool lit = isOn(option, QStyle::State_On) ||
                     (isOn(option, QStyle::State_MouseOver) && isOn(option, QStyle::State_Enabled));
    const bool focus = isOn(option, QStyle::State_HasFocus);
    if (lit || focus)
        drawSoftBox(painter, option->rect,
                    {lit ? Theme::hover() : QColor(), focus ? Theme::colours().action : QColor(),
                     focusWidth, goesBy(widget, "rail") ? 10 : 6});
}

// A field with an arrow to open it: a choice, or a date.
void drawChoice(QPainter& painter, const QStyleOption* option, const QRect& arrow)
{
    drawField(painter, option);
    const QPointF middle = QRectF(arrow).center();
    const QPointF tick[] = {middle + QPointF(-4, -2), middle + QPointF(0, 2),
                            middle + QPointF(4, -2)};
    painter.save();
    painter.setRenderHint(QPainter::Antialiasing);
    painter.setPen(QPen(Theme::colours().muted, 1.6, Qt::SolidLine, Qt::RoundCap, Qt::RoundJoin));
    painter.drawPolyline(tick, 3);
    painter.restore();
}

void drawMenuBarItem(QPainter& painter, const QStyleOptionMenuItem& item, const QStyle& style)
{
    painter.fillRect(item.rect, Theme::colours().paper);
    if (item.state.testFlag(QStyle::State_Selected))
        drawSoftBox(painter, item.rect, {Theme::hover(), {}, 1, 4});
    style.drawItemText(&painter, item.rect,
                       Qt::AlignCenter | Qt::TextShowMnemonic | Qt::TextSingleLine, item.palette,
                       item.state.testFlag(QStyle::State_Enabled), item.text, QPalette::WindowText);
}

// Icon and text in the middle, as one, from whichever side the text runs.
void drawIconAndText(QPainter& painter, const QStyleOptionButton& button, const QStyle& style)
{
    const int gap = 8;
    const bool on = button.state.testFlag(QStyle::State_Enabled);
    const int wide = button.fontMetrics.size(Qt::TextShowMnemonic, button.text).width();
    const int all = button.iconSize.width() + gap + wide;
    QRect room = button.rect;
    room.setLeft(room.left() + std::max(0, (room.width() - all) / 2));
    room.setWidth(all);
    const QRect icon(QPoint(room.left(), room.center().y() - button.iconSize.height() / 2 + 1),
                     button.iconSize);
    button.icon.paint(&painter, QStyle::visualRect(button.direction, button.rect, icon),
                      Qt::AlignCenter, on ? QIcon::Normal : QIcon::Disabled);
    const QRect text = room.adjusted(button.iconSize.width() + gap, 0, 0, 0);
    style.drawItemText(&painter, QStyle::visualRect(button.direction, button.rect, text),
                       Qt::AlignCenter | Qt::TextShowMnemonic, button.palette, on, button.text,
                       QPalette::ButtonText);
}

} // namespace

HouseStyle::HouseStyle() : QProxyStyle(QStringLiteral("Fusion")) {}

void HouseStyle::setTone(QWidget* widget, Tone tone)
{
    const QVariant before = widget->property(toneProperty);
    if (before.isValid() && before.toInt() == static_cast<int>(tone))
        return;
    widget->setProperty(toneProperty, static_cast<int>(tone));
    colour(widget, QPalette::WindowText, toneColour(tone));
}

void HouseStyle::polish(QWidget* widget)
{
    if (const QVariant tone = widget->property(toneProperty); tone.isValid())
        colour(widget, QPalette::WindowText, toneColour(static_cast<Tone>(tone.toInt())));
    if (goesBy(widget, "muted")) {
        widget->setFont(Theme::small());
        widget->setForegroundRole(QPalette::PlaceholderText);
    } else if (goesBy(widget, "title"))
        widget->setFont(Theme::figure());
    else if (goesBy(widget, "card") || goesBy(widget, "inset") || goesBy(widget, "rail")) {
        if (auto* frame = qobject_cast<QFrame*>(widget))
            frame->setFrameShape(QFrame::StyledPanel);
    }
    if (auto* view = qobject_cast<QAbstractItemView*>(widget))
        view->setTabKeyNavigation(false); // arrows go from cell to cell
    if (auto* button = qobject_cast<QAbstractButton*>(widget))
        polishButton(button);
    else if (qobject_cast<QHeaderView*>(widget)) {
        widget->setFont(Theme::small());
        colour(widget, QPalette::ButtonText, Theme::colours().muted);
    } else if (auto* text = qobject_cast<QPlainTextEdit*>(widget)) {
        text->setFrameShape(QFrame::StyledPanel);
        text->setTabChangesFocus(true); // Tab leaves everything, so that no hand is caught
        text->installEventFilter(this);
    } else if (auto* area = qobject_cast<QAbstractScrollArea*>(widget))
        polishArea(area);
    else if (qobject_cast<QComboBox*>(widget) || qobject_cast<QLineEdit*>(widget))
        widget->setAttribute(Qt::WA_Hover);
    QProxyStyle::polish(widget);
}

bool HouseStyle::eventFilter(QObject* watched, QEvent* event)
{
    // A page of text repaints its text when it gets the focus, not its frame.
    if (event->type() == QEvent::FocusIn || event->type() == QEvent::FocusOut)
        static_cast<QWidget*>(watched)->update();
    return QProxyStyle::eventFilter(watched, event);
}

void HouseStyle::drawPrimitive(PrimitiveElement element, const QStyleOption* option,
                               QPainter* painter, const QWidget* widget) const
{
    const Colours& c = Theme::colours();
    switch (element) {
    case PE_PanelLineEdit: {
        const auto* frame = qstyleoption_cast<const QStyleOptionFrame*>(option);
        const QWidget* parent = widget ? widget->parentWidget() : nullptr;
        if (goesBy(widget, "title"))
            drawTitle(*painter, option);
        else if (frame && frame->lineWidth <= 0) {
            // Within a box that has drawn its own field, or in a row of a table.
            if (!qobject_cast<const QComboBox*>(parent) &&
                !qobject_cast<const QAbstractSpinBox*>(parent))
                painter->fillRect(option->rect, c.surface);
        } else
            drawField(*painter, option);
        return;
    }
    case PE_FrameLineEdit:
    case PE_PanelScrollAreaCorner: return;
    case PE_FrameFocusRect:
        if (qobject_cast<const QCheckBox*>(widget) || qobject_cast<const QRadioButton*>(widget))
            drawSoftBox(*painter, option->rect.adjusted(-2, 0, 2, 0), {{}, c.action, 1, 4});
        return;
    case PE_IndicatorCheckBox: {
        const bool ticked = isOn(option, State_On);
        const QColor ground = ticked && isOn(option, State_Enabled) ? c.action : c.surface;
        drawSoftBox(*painter, option->rect, {ground, ticked ? ground : c.line, 1, 4});
        if (ticked)
            painter->drawPixmap(option->rect,
                                Theme::pixmap(QStringLiteral("check"),
                                              isOn(option, State_Enabled) ? c.onAction : c.muted,
                                              16));
        return;
    }
    case PE_PanelButtonTool: drawToolButton(*painter, option, widget); return;
    case PE_PanelItemViewItem:
        if (isOn(option, State_Selected)) {
            // A wash alone is too faint to tell: a line under the row is not.
            painter->fillRect(option->rect, Theme::hover());
            painter->fillRect(
                QRect(option->rect.left(), option->rect.bottom() - 1, option->rect.width(), 2),
                c.action);
            return;
        }
        break;
    case PE_PanelMenu: painter->fillRect(option->rect, c.surface); return;
    case PE_FrameMenu:
        painter->save();
        painter->setPen(Theme::hairline());
        painter->drawRect(option->rect.adjusted(0, 0, -1, -1));
        painter->restore();
        return;
    default: break;
    }
    QProxyStyle::drawPrimitive(element, option, painter, widget);
}

void HouseStyle::drawControl(ControlElement element, const QStyleOption* option, QPainter* painter,
                             const QWidget* widget) const
{
    const Colours& c = Theme::colours();
    switch (element) {
    case CE_ShapedFrame:
        if (goesBy(widget, "card"))
            drawSoftBox(*painter, option->rect, {c.surface, Theme::hairline(), 1, 10});
        else if (goesBy(widget, "inset"))
            drawSoftBox(*painter, option->rect, {c.paper, Theme::hairline(), 1, 8});
        else if (goesBy(widget, "rail")) {
            painter->fillRect(option->rect, c.surface);
            painter->fillRect(
                QRect(option->rect.right(), option->rect.top(), 1, option->rect.height()),
                Theme::hairline());
        } else if (qobject_cast<const QPlainTextEdit*>(widget))
            drawField(*painter, option);
        else
            break;
        return;
    case CE_PushButtonBevel: drawPushButton(*painter, option, widget); return;
    case CE_PushButtonLabel:
        if (const auto* button = qstyleoption_cast<const QStyleOptionButton*>(option);
            button && goesBy(widget, "mend")) {
            proxy()->drawItemText(painter, button->rect.adjusted(7, 0, -7, 0),
                                  Qt::AlignLeading | Qt::AlignVCenter | Qt::TextShowMnemonic,
                                  button->palette, isOn(option, State_Enabled), button->text,
                                  QPalette::ButtonText);
            return;
        }
        if (const auto* button = qstyleoption_cast<const QStyleOptionButton*>(option);
            button && !button->icon.isNull()) {
            drawIconAndText(*painter, *button, *proxy());
            return;
        }
        break;
    case CE_ToolButtonLabel:
        if (const auto* button = qstyleoption_cast<const QStyleOptionToolButton*>(option);
            button && goesBy(widget, "rail") && isOn(option, State_On)) {
            QStyleOptionToolButton here = *button;
            here.font.setWeight(QFont::DemiBold);
            here.palette.setColor(QPalette::ButtonText, c.action);
            QProxyStyle::drawControl(element, &here, painter, widget);
            return;
        }
        break;
    case CE_HeaderSection:
        painter->fillRect(
            QRect(option->rect.left(), option->rect.bottom(), option->rect.width(), 1),
            Theme::hairline());
        return;
    case CE_MenuBarEmptyArea: painter->fillRect(option->rect, c.paper); return;
    case CE_MenuBarItem:
        if (const auto* item = qstyleoption_cast<const QStyleOptionMenuItem*>(option)) {
            drawMenuBarItem(*painter, *item, *proxy());
            return;
        }
        break;
    case CE_MenuItem:
        if (const auto* item = qstyleoption_cast<const QStyleOptionMenuItem*>(option)) {
            QStyleOptionMenuItem calm = *item;
            calm.palette.setColor(QPalette::Highlight, Theme::hover());
            calm.palette.setColor(QPalette::HighlightedText, c.ink);
            QProxyStyle::drawControl(element, &calm, painter, widget);
            return;
        }
        break;
    case CE_ComboBoxLabel:
        if (const auto* box = qstyleoption_cast<const QStyleOptionComboBox*>(option)) {
            const QRect room =
                proxy()->subControlRect(CC_ComboBox, box, SC_ComboBoxEditField, widget);
            proxy()->drawItemText(
                painter, room, Qt::AlignLeading | Qt::AlignVCenter | Qt::TextSingleLine,
                box->palette, isOn(option, State_Enabled),
                box->fontMetrics.elidedText(box->currentText, Qt::ElideRight, room.width()),
                QPalette::Text);
            return;
        }
        break;
    default: break;
    }
    QProxyStyle::drawControl(element, option, painter, widget);
}

void HouseStyle::drawComplexControl(ComplexControl control, const QStyleOptionComplex* option,
                                    QPainter* painter, const QWidget* widget) const
{
    switch (control) {
    case CC_ComboBox:
        drawChoice(*painter, option,
                   proxy()->subControlRect(CC_ComboBox, option, SC_ComboBoxArrow, widget));
        return;
    case CC_ToolButton:
        if (const auto* button = qstyleoption_cast<const QStyleOptionToolButton*>(option)) {
            proxy()->drawPrimitive(PE_PanelButtonTool, option, painter, widget);
            QStyleOptionToolButton label = *button;
            label.rect.adjust(2, 2, -2, -2);
            proxy()->drawControl(CE_ToolButtonLabel, &label, painter, widget);
            return;
        }
        break;
    case CC_ScrollBar:
        if (const auto* bar = qstyleoption_cast<const QStyleOptionSlider*>(option)) {
            const QRect handle =
                proxy()->subControlRect(CC_ScrollBar, bar, SC_ScrollBarSlider, widget);
            if (bar->maximum > bar->minimum)
                drawSoftBox(
                    *painter, handle.adjusted(2, 2, -2, -2),
                    {isOn(option, State_MouseOver) ? Theme::colours().line : Theme::hairline(),
                     {},
                     1,
                     3});
            return;
        }
        break;
    default: break;
    }
    QProxyStyle::drawComplexControl(control, option, painter, widget);
}

QSize HouseStyle::sizeFromContents(ContentsType type, const QStyleOption* option, const QSize& size,
                                   const QWidget* widget) const
{
    const auto around = [&](int across, int least, int above) {
        return QSize(size.width() + across, std::max(least, size.height()) + above);
    };
    switch (type) {
    case CT_LineEdit: return goesBy(widget, "title") ? around(14, 22, 6) : around(18, 22, 8);
    case CT_ComboBox: return around(42, 22, 8);
    case CT_PushButton: return goesBy(widget, "mend") ? around(22, 20, 8) : around(30, 20, 12);
    case CT_ToolButton: return goesBy(widget, "rail") ? around(6, 0, 18) : around(10, 0, 10);
    case CT_MenuBarItem: return around(20, 0, 8);
    case CT_MenuItem: {
        const QSize plain = QProxyStyle::sizeFromContents(type, option, size, widget);
        const auto* item = qstyleoption_cast<const QStyleOptionMenuItem*>(option);
        if (item && item->menuItemType == QStyleOptionMenuItem::Separator)
            return plain;
        return {plain.width() + 12, plain.height() + 6};
    }
    default: return QProxyStyle::sizeFromContents(type, option, size, widget);
    }
}

QRect HouseStyle::subElementRect(SubElement element, const QStyleOption* option,
                                 const QWidget* widget) const
{
    if (element == SE_LineEditContents) {
        const auto* frame = qstyleoption_cast<const QStyleOptionFrame*>(option);
        if (frame && frame->lineWidth <= 0)
            return option->rect;
        return goesBy(widget, "title") ? option->rect.adjusted(7, 3, -7, -3)
                                       : option->rect.adjusted(9, 4, -9, -4);
    }
    return QProxyStyle::subElementRect(element, option, widget);
}

QRect HouseStyle::subControlRect(ComplexControl control, const QStyleOptionComplex* option,
                                 SubControl part, const QWidget* widget) const
{
    const QRect& rect = option->rect;
    if (control == CC_ComboBox && part == SC_ComboBoxEditField)
        return visualRect(option->direction, rect, rect.adjusted(9, 3, -23, -3));
    if (control == CC_ComboBox && part == SC_ComboBoxArrow)
        return visualRect(option->direction, rect,
                          {rect.right() - 22, rect.top(), 22, rect.height()});
    return QProxyStyle::subControlRect(control, option, part, widget);
}

int HouseStyle::pixelMetric(PixelMetric metric, const QStyleOption* option,
                            const QWidget* widget) const
{
    switch (metric) {
    case PM_DefaultFrameWidth: return qobject_cast<const QPlainTextEdit*>(widget) ? 6 : 1;
    case PM_IndicatorWidth:
    case PM_IndicatorHeight: return Theme::px(16);
    case PM_ScrollBarExtent: return 10;
    case PM_SmallIconSize:
    case PM_ButtonIconSize: return Theme::px(16);
    case PM_FocusFrameHMargin:
        return qobject_cast<const QTableView*>(widget)
                   ? 6
                   : QProxyStyle::pixelMetric(metric, option, widget);
    case PM_MenuBarHMargin: return 6;
    case PM_MenuBarVMargin: return 2;
    case PM_MenuBarItemSpacing:
    case PM_MenuBarPanelWidth: return 0;
    case PM_MenuHMargin:
    case PM_MenuVMargin: return 5;
    case PM_ButtonShiftHorizontal:
    case PM_ButtonShiftVertical: return 0;
    default: return QProxyStyle::pixelMetric(metric, option, widget);
    }
}

int HouseStyle::styleHint(StyleHint hint, const QStyleOption* option, const QWidget* widget,
                          QStyleHintReturn* data) const
{
    switch (hint) {
    case SH_EtchDisabledText:
    case SH_ComboBox_Popup: return 0; // a list under the field, not a menu over it
    default: return QProxyStyle::styleHint(hint, option, widget, data);
    }
}

QIcon HouseStyle::standardIcon(StandardPixmap which, const QStyleOption* option,
                               const QWidget* widget) const
{
    // The menu bar asks for this one at the start, and its making loads every picture format.
    if (which == SP_ToolBarHorizontalExtensionButton)
        return Theme::icon(QStringLiteral("plus"), Ink::Ink);
    return QProxyStyle::standardIcon(which, option, widget);
}

} // namespace rhexion
