#include "words/translation.h"

#include "storage/material_names.h"

#include <QCoreApplication>
#include <QLibraryInfo>
#include <QLocale>
#include <QTranslator>

#include <algorithm>

namespace rhexion {

namespace {

// Those that are in use, to be taken off when another language is spoken.
QList<QTranslator*>& inUse()
{
    static QList<QTranslator*> now;
    return now;
}

void use(QCoreApplication& app, const QLocale& locale, const QString& file, const QString& folder)
{
    auto* translator = new QTranslator(&app);
    if (!translator->load(locale, file, QStringLiteral("_"), folder)) {
        delete translator;
        return;
    }
    QCoreApplication::installTranslator(translator);
    inUse().append(translator);
}

// As the system has it. Another language keeps the system's territory, and with it its dates and
// decimal mark, where the two are known together.
QLocale localeOf(const QString& code)
{
    static const QLocale system; // before another is chosen
    const bool shipped =
        std::ranges::any_of(shippedLanguages(), [&](const auto& one) { return one.first == code; });
    return !shipped || system.name().section(QLatin1Char('_'), 0, 0) == code
               ? system
               : QLocale(QLocale(code).language(), system.territory());
}

} // namespace

const QList<std::pair<QString, QString>>& shippedLanguages()
{
    static const QList<std::pair<QString, QString>> all = {
        {QStringLiteral("en"), QStringLiteral("English")},
        {QStringLiteral("de"), QStringLiteral("Deutsch")}};
    return all;
}

void speakLanguage(QCoreApplication& app, const QString& code)
{
    const QLocale locale = localeOf(code);
    QLocale::setDefault(locale);
    for (QTranslator* old : std::exchange(inUse(), {})) {
        QCoreApplication::removeTranslator(old);
        delete old;
    }
    speakNames(locale);
    // English first: it has the plurals, and whatever another language should lack.
    use(app, QLocale(QLocale::English), QStringLiteral("rhexion"), QStringLiteral(":/i18n"));
    use(app, locale, QStringLiteral("qtbase"), QLibraryInfo::path(QLibraryInfo::TranslationsPath));
    if (locale.language() != QLocale::English)
        use(app, locale, QStringLiteral("rhexion"), QStringLiteral(":/i18n"));
}

} // namespace rhexion
