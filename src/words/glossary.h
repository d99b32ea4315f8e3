// The field's words as the manual's glossary explains them, in the language that is spoken.
#pragma once

#include <QString>
#include <QStringList>

namespace rhexion::words {

// "Superfat: the share of fat that stays free." for every term the text holds, longest first; a
// term within a longer one that was found is left out.
QStringList glossaryOf(const QString& text);

const char* glossaryText(bool german); // the page as it is written, Markdown

} // namespace rhexion::words
