// What a maker may choose of the look: light or dark, the contrast, the size of text.
#pragma once

#include <QSettings>

#include <algorithm>

namespace rhexion {

enum class Shade { AsSystem, Light, Dark };

struct Look {
    Shade shade = Shade::AsSystem;
    // The desktop's, as they were when last heard of.
    bool systemIsDark = false;
    bool systemIsStrong = false;
    int systemPercent = 100;
    bool strong = false; // high contrast
    int percent = 100;   // size of text, 100 to 200

    bool isDark() const
    {
        return shade == Shade::Dark || (shade == Shade::AsSystem && systemIsDark);
    }
    bool isStrong() const { return strong || systemIsStrong; }
    // Of text: what she chose, on top of the desktop's own.
    int size() const { return std::clamp((percent * systemPercent + 50) / 100, smallest, largest); }
    friend bool operator==(const Look&, const Look&) = default;

    static constexpr int smallest = 100;
    static constexpr int largest = 200;
    static constexpr int step = 10;

    // A setting that cannot be is passed over.
    static Look read(const QSettings& settings)
    {
        Look look;
        const QString shade = settings.value(QStringLiteral("shade")).toString();
        look.shade = shade == QLatin1String("dark")    ? Shade::Dark
                     : shade == QLatin1String("light") ? Shade::Light
                                                       : Shade::AsSystem;
        look.systemIsDark = settings.value(QStringLiteral("systemIsDark")).toBool();
        look.systemIsStrong = settings.value(QStringLiteral("systemIsStrong")).toBool();
        look.systemPercent = std::clamp(
            settings.value(QStringLiteral("systemTextSize"), smallest).toInt(), 50, largest);
        look.strong = settings.value(QStringLiteral("highContrast")).toBool();
        const int percent = settings.value(QStringLiteral("textSize"), smallest).toInt();
        look.percent = std::clamp(percent, smallest, largest);
        return look;
    }
    void write(QSettings& settings) const
    {
        settings.setValue(QStringLiteral("shade"), shade == Shade::Dark ? QStringLiteral("dark")
                                                   : shade == Shade::Light
                                                       ? QStringLiteral("light")
                                                       : QStringLiteral("system"));
        settings.setValue(QStringLiteral("highContrast"), strong);
        settings.setValue(QStringLiteral("textSize"), percent);
        writeSystem(settings);
    }
    // What the desktop said, and nothing that is the maker's to choose.
    void writeSystem(QSettings& settings) const
    {
        settings.setValue(QStringLiteral("systemIsDark"), systemIsDark);
        settings.setValue(QStringLiteral("systemIsStrong"), systemIsStrong);
        settings.setValue(QStringLiteral("systemTextSize"), systemPercent);
    }
};

} // namespace rhexion
