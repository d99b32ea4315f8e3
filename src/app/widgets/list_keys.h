// Up and Down in a search field move through the list below it.
#pragma once

#include <QListView>

#include <algorithm>

namespace rhexion {

inline bool stepInList(QListView& list, int key)
{
    if (key != Qt::Key_Up && key != Qt::Key_Down)
        return false;
    const int last = list.model()->rowCount() - 1;
    const int row = list.currentIndex().row() + (key == Qt::Key_Down ? 1 : -1);
    list.setCurrentIndex(list.model()->index(std::clamp(row, 0, std::max(last, 0)), 0));
    return true;
}

} // namespace rhexion
