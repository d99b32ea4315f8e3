#include "app/widgets/menu_parts.h"

#include <QFormLayout>
#include <QMenu>
#include <QWidgetAction>

namespace rhexion {

void addTicked(QMenu& menu, const QString& text, bool on, const std::function<void()>& set)
{
    QAction* action = menu.addAction(text, &menu, set);
    action->setCheckable(true);
    action->setChecked(on);
}

QFormLayout* addForm(QMenu& menu)
{
    auto* box = new QWidget(&menu);
    auto* form = new QFormLayout(box);
    form->setContentsMargins(14, 8, 12, 8);
    auto* action = new QWidgetAction(&menu);
    action->setDefaultWidget(box);
    menu.addAction(action);
    return form;
}

} // namespace rhexion
