// The pages bound: HTML that any browser reads, the project file Qt Help is made from, one PDF.
#pragma once

#include "manual/manual_page.h"

#include <optional>

namespace rhexion::manual {

// What the book says besides its pages, in the language of its pages.
struct BookWords {
    QString language; // "en"
    QString contents;
    QString before;
    QString next;
};
const BookWords& wordsFor(const QString& language); // English where it has none

// A fault's words, or nothing. pictures: the folder they are in; those that no page names are left
// out, one that a page names and is not there is a fault, as is a link to no page.
std::optional<QString> bind(const QList<Page>& pages, const QString& pictures, const QString& out,
                            const BookWords& words);

} // namespace rhexion::manual
