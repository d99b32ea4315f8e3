// The language every program speaks: words, names of materials, dates and the usual figures.
#pragma once

#include <QList>
#include <QString>

#include <utility>

class QCoreApplication;

namespace rhexion {

// Languages that are whole (tools/translations.py), by code, each under its own name.
const QList<std::pair<QString, QString>>& shippedLanguages();

// Speaks this language from now on; empty, or one that is not shipped: the system's, or English
// where the program does not have it. What is on the screen already has to be built anew.
void speakLanguage(QCoreApplication& app, const QString& code = {});

} // namespace rhexion
