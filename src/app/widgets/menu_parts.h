// What several menus are made of: a choice with a tick, and a small form under the choices.
#pragma once

#include <QString>

#include <functional>

class QFormLayout;
class QMenu;

namespace rhexion {

void addTicked(QMenu& menu, const QString& text, bool on, const std::function<void()>& set);

// An empty form as the menu's last entry.
QFormLayout* addForm(QMenu& menu);

} // namespace rhexion
