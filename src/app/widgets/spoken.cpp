#include "app/widgets/spoken.h"

#include <QAccessible>
#include <QAccessibleWidget>
#include <QKeyEvent>

#include <QApplication>

#include <array>

namespace rhexion {

namespace {

struct Spoken {
    const char* className;
    QAccessible::Role role;
    bool pressed; // Space does what a press does
};
const std::array<Spoken, 12> spokenRoles{
    {{"rhexion::Banner", QAccessible::AlertMessage, false},
     {"rhexion::DangerPanel", QAccessible::AlertMessage, false},
     {"rhexion::CautionCard", QAccessible::Button, true},
     {"rhexion::AccountsView", QAccessible::Chart, true},
     {"rhexion::VesselDrawing", QAccessible::Graphic, false},
     {"rhexion::DoubtView", QAccessible::Chart, false},
     {"rhexion::WeighGauge", QAccessible::Chart, false},
     {"rhexion::DayTimeline", QAccessible::Chart, false},
     {"rhexion::CompositionBar", QAccessible::Chart, false},
     {"rhexion::RailButton", QAccessible::PageTab, true},
     {"rhexion::Rail", QAccessible::PageTabList, false},
     {"rhexion::VesselPanel", QAccessible::Grouping, false}}};

// A widget with a role of its own; what it does on Space it does when asked to by name.
class SpokenWidget : public QAccessibleWidget {
public:
    SpokenWidget(QWidget* widget, const Spoken& spoken)
        : QAccessibleWidget(widget, spoken.role), pressed_(spoken.pressed)
    {
    }
    QStringList actionNames() const override
    {
        QStringList names = QAccessibleWidget::actionNames();
        if (pressed_)
            names.prepend(QAccessibleActionInterface::pressAction());
        return names;
    }
    void doAction(const QString& name) override
    {
        if (!pressed_ || name != QAccessibleActionInterface::pressAction()) {
            QAccessibleWidget::doAction(name);
            return;
        }
        QKeyEvent press(QEvent::KeyPress, Qt::Key_Space, Qt::NoModifier, QStringLiteral(" "));
        QKeyEvent release(QEvent::KeyRelease, Qt::Key_Space, Qt::NoModifier, QStringLiteral(" "));
        QApplication::sendEvent(object(), &press);
        QApplication::sendEvent(object(), &release);
    }

private:
    bool pressed_;
};

QAccessibleInterface* makeSpoken(const QString& className, QObject* object)
{
    auto* widget = qobject_cast<QWidget*>(object);
    if (widget)
        for (const Spoken& spoken : spokenRoles)
            if (className == QLatin1String(spoken.className))
                return new SpokenWidget(widget, spoken);
    return nullptr;
}

} // namespace

void installSpokenRoles()
{
    static const bool once = [] {
        QAccessible::installFactory(makeSpoken);
        return true;
    }();
    Q_UNUSED(once)
}

void sayAloud(QWidget& about)
{
    QAccessibleEvent event(&about, QAccessible::Alert);
    QAccessible::updateAccessibility(&event);
    Q_EMIT Aloud::heard().said(&about);
}

Aloud& Aloud::heard()
{
    static Aloud one;
    return one;
}

} // namespace rhexion
