// The field's words as the manual's glossary explains them, in the language that is spoken.
#pragma once

#include <QList>
#include <QString>
#include <QStringList>

#include <utility>

namespace rhexion::words {

// "Superfat: the share of fat that stays free." for every term the text holds, longest first; a
// term within a longer one that was found is left out.
QStringList glossaryOf(const QString& text);

// The pages as they are written (Markdown), by language; English first.
const QList<std::pair<QString, QString>>& glossaryPages();

} // namespace rhexion::words
