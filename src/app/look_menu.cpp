#include "app/look_menu.h"

#include "app/theme/theme.h"

#include <QActionGroup>
#include <QApplication>
#include <QMenu>

namespace rhexion {

namespace {

void take(const Look& look)
{
    if (look == Theme::look())
        return;
    QSettings settings;
    look.write(settings);
    Theme::apply(*qApp, look);
}

} // namespace

LookMenu::LookMenu(QObject* parent) : QObject(parent) {}

void LookMenu::addTo(QMenu& menu)
{
    QMenu* colours = menu.addMenu(tr("&Colours"));
    auto* group = new QActionGroup(colours);
    for (const auto& [name, shade] :
         {std::pair{tr("As the &system has them"), Shade::AsSystem},
          std::pair{tr("&Light"), Shade::Light}, std::pair{tr("&Dark"), Shade::Dark}}) {
        QAction* action = colours->addAction(name, this, [to = shade] {
            Look look = Theme::look();
            look.shade = to;
            take(look);
        });
        action->setCheckable(true);
        group->addAction(action);
        connect(colours, &QMenu::aboutToShow, action,
                [action, is = shade] { action->setChecked(Theme::look().shade == is); });
    }
    colours->addSeparator();
    QAction* strong = colours->addAction(tr("&High contrast"), this, [](bool on) {
        Look look = Theme::look();
        look.strong = on;
        take(look);
    });
    strong->setCheckable(true);
    connect(colours, &QMenu::aboutToShow, strong,
            [strong] { strong->setChecked(Theme::look().strong); });

    QAction* larger = menu.addAction(tr("&Larger text"), this,
                                     [this] { resizeText(Theme::look().percent + Look::step); });
    larger->setShortcuts(
        {QKeySequence(Qt::CTRL | Qt::Key_Plus), QKeySequence(Qt::CTRL | Qt::Key_Equal)});
    QAction* smaller =
        menu.addAction(tr("S&maller text"), QKeySequence(Qt::CTRL | Qt::Key_Minus), this,
                       [this] { resizeText(Theme::look().percent - Look::step); });
    menu.addAction(tr("Usual si&ze of text"), QKeySequence(Qt::CTRL | Qt::Key_0), this,
                   [this] { resizeText(Look::smallest); });
    connect(&menu, &QMenu::aboutToShow, this, [larger, smaller] {
        larger->setEnabled(Theme::look().percent < Look::largest);
        smaller->setEnabled(Theme::look().percent > Look::smallest);
    });
    connect(&menu, &QMenu::aboutToHide, this, [larger, smaller] {
        larger->setEnabled(true); // the keys work whether or not the menu was ever open
        smaller->setEnabled(true);
    });
}

void LookMenu::resizeText(int percent)
{
    Look look = Theme::look();
    look.percent = std::clamp(percent, Look::smallest, Look::largest);
    take(look);
    Q_EMIT said(tr("Text at %1 % of its usual size.").arg(look.percent));
}

} // namespace rhexion
