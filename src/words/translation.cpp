#include "words/translation.h"

#include "storage/catalogue.h"

#include <QCoreApplication>
#include <QLocale>
#include <QTranslator>

namespace rhexion {

void installTranslation(QCoreApplication& app)
{
    Catalogue::speak(QLocale());
    auto* translator = new QTranslator(&app);
    if (translator->load(QLocale(), QStringLiteral("rhexion"), QStringLiteral("_"),
                         QStringLiteral(":/i18n")) ||
        translator->load(QStringLiteral(":/i18n/rhexion_en")))
        QCoreApplication::installTranslator(translator);
}

} // namespace rhexion
