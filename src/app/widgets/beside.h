// A list with the page of what is chosen in it: side by side, or in a narrow window one below the
// other.
#pragma once

#include "app/theme/theme.h"

#include <QBoxLayout>
#include <QWidget>

namespace rhexion {

// px at 100 %: the list's width where there is room, and the window's below which there is none.
inline void layBeside(QBoxLayout& layout, QWidget& list, QWidget& page, int window, int listWidth,
                      int narrow)
{
    const bool beside = window >= Theme::px(narrow);
    layout.setDirection(beside ? QBoxLayout::LeftToRight : QBoxLayout::TopToBottom);
    list.setMinimumHeight(beside ? 0 : Theme::px(260));
    page.setMinimumHeight(beside ? 0 : Theme::px(420));
    list.setMinimumWidth(beside ? Theme::px(listWidth) : 0);
    list.setMaximumWidth(beside ? Theme::px(listWidth) : QWIDGETSIZE_MAX);
}

} // namespace rhexion
