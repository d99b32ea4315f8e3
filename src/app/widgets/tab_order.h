// The order in which Tab goes through widgets; Qt takes a list of them from 6.6 on.
#pragma once

#include <QWidget>

#include <initializer_list>

namespace rhexion {

// From before to each of them in turn.
inline void orderTabs(QWidget* before, std::initializer_list<QWidget*> then)
{
    for (QWidget* next : then) {
        QWidget::setTabOrder(before, next);
        before = next;
    }
}

} // namespace rhexion
