// What holds of any view: names for a screen reader, texts that are not cut off, things that can be
// reached.
#pragma once

#include "app/widgets/figure_row.h"
#include "app/widgets/page_browser.h"

#include <QAbstractButton>
#include <QAbstractScrollArea>
#include <QAccessible>
#include <QLabel>
#include <QTextTable>
#include <QToolButton>
#include <QWidget>

namespace rhexion::test {

// Names of all below that can take the focus; what has none is put into unnamed.
inline void walk(QAccessibleInterface* at, QStringList& unnamed, int& count, int depth = 0)
{
    if (!at || !at->isValid() || depth > 40)
        return;
    const QAccessible::State state = at->state();
    const auto* widget = qobject_cast<QWidget*>(at->object());
    const bool shown = widget && widget->isVisible();
    if (shown && state.focusable) {
        ++count;
        const bool named = !at->text(QAccessible::Name).trimmed().isEmpty();
        if (!named)
            unnamed << QStringLiteral("%1 %2 in %3")
                           .arg(QLatin1String(widget->metaObject()->className()),
                                widget->objectName(),
                                widget->parentWidget()
                                    ? QLatin1String(
                                          widget->parentWidget()->metaObject()->className())
                                    : QLatin1String());
    }
    // Rows of lists and tables are read by the view itself.
    if (at->tableInterface())
        return;
    for (int i = 0; i < at->childCount(); ++i)
        walk(at->child(i), unnamed, count, depth + 1);
}

// Buttons and one-line labels that are narrower than what they say.
inline QStringList cutTexts(const QWidget& page)
{
    QStringList out;
    const auto showsText = [](const QAbstractButton* button) {
        const auto* tool = qobject_cast<const QToolButton*>(button);
        return button->isVisible() && !button->text().isEmpty() &&
               !(tool && tool->toolButtonStyle() == Qt::ToolButtonIconOnly);
    };
    for (const auto* button : page.findChildren<QAbstractButton*>())
        if (showsText(button) && !qobject_cast<const FigureRow*>(button) && // it goes on in a row

            button->fontMetrics().size(Qt::TextShowMnemonic, button->text()).width() >
                button->width())
            out.append(button->text());
    for (const auto* label : page.findChildren<QLabel*>())
        if (label->isVisible() && !label->wordWrap() && label->textFormat() == Qt::PlainText &&
            label->fontMetrics().size(0, label->text()).width() > label->contentsRect().width() + 1)
            out.append(label->text());
    return out;
}

inline QString named(const QWidget& widget)
{
    return QStringLiteral("%1 %2 “%3”")
        .arg(QLatin1String(widget.metaObject()->className()), widget.objectName(),
             widget.accessibleName());
}

// What takes the focus by the Tab key and is shown.
inline QList<QWidget*> reachable(const QWidget& view)
{
    QList<QWidget*> out;
    for (auto* w : view.findChildren<QWidget*>())
        if (w->isVisible() && w->isEnabled() && (w->focusPolicy() & Qt::TabFocus) &&
            w->window() == view.window() && !w->focusProxy())
            out.append(w);
    return out;
}

// Those that lie outside the window with nothing around them that scrolls.
inline QStringList outOfSight(const QWidget& view)
{
    QStringList out;
    const QWidget* window = view.window();
    for (const QWidget* w : reachable(view)) {
        bool scrolls = false;
        for (const QWidget* p = w->parentWidget(); p && p != window; p = p->parentWidget())
            scrolls = scrolls || qobject_cast<const QAbstractScrollArea*>(p);
        const QRect box(w->mapTo(window, QPoint()), w->size());
        if (!scrolls && !window->rect().adjusted(-2, -2, 2, 2).contains(box))
            out << named(*w);
    }
    return out;
}

// Figures of pages in words that do not say what they are where they are pointed at.
inline QStringList unexplained(const QWidget& page, int& asked)
{
    QStringList out;
    for (const auto* widget : page.findChildren<QTextBrowser*>()) {
        const auto* browser = dynamic_cast<const PageBrowser*>(widget);
        if (!browser || !browser->isVisible())
            continue;
        for (const words::FactSection& section : browser->facts().sections)
            for (const words::Fact& fact : section.facts) {
                const QTextCursor at = browser->document()->find(fact.name);
                if (fact.name.isEmpty() || at.isNull() || !at.currentTable())
                    continue;
                ++asked;
                const QStringList said = browser->whatIsAt(browser->cursorRect(at).center())
                                             .split(QLatin1Char('\n'), Qt::SkipEmptyParts);
                if (said.size() < 2)
                    out.append(section.title + QStringLiteral(": ") + fact.name);
            }
    }
    return out;
}

} // namespace rhexion::test
