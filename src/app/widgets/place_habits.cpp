#include "app/widgets/place_habits.h"

#include <QSettings>

namespace rhexion::placeHabits {

namespace {

constexpr int most = 1000; // materials; past them the rest are as usual

QString keyOf(const std::string& material)
{
    // No separators: an id of a maker's own may hold anything.
    return QStringLiteral("places/") +
           QString::fromLatin1(QByteArray::fromStdString(material).toHex());
}

} // namespace

std::optional<Vessel> of(const std::string& material)
{
    return vesselFromCode(QSettings().value(keyOf(material)).toString().toStdString());
}

void remember(const std::string& material, Vessel vessel, Vessel usual)
{
    QSettings settings;
    if (vessel == usual) {
        settings.remove(keyOf(material));
        return;
    }
    settings.beginGroup(QStringLiteral("places"));
    const bool full = settings.childKeys().size() >= most;
    settings.endGroup();
    if (!full)
        settings.setValue(keyOf(material), QString::fromLatin1(codeOf(vessel)));
}

} // namespace rhexion::placeHabits
