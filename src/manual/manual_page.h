// One page of the manual: CommonMark in docs/manual, its title the first line, with sums in fenced
// blocks of the kind "sum" that a test works out again.
#pragma once

#include <QString>
#include <QStringList>

namespace rhexion::manual {

struct Page {
    QString id; // its file's name without number and ending: "first-batch"
    QString title;
    QString text; // CommonMark
};
// In the order of their numbers; what cannot be read is left out.
QList<Page> readPages(const QString& folder);

QStringList sumsOf(const Page& page);     // what stands in its sum blocks
QStringList picturesOf(const Page& page); // file names
QStringList linksOf(const Page& page);    // ids of other pages
QStringList keywordsOf(const Page& page); // its title and the titles of its sections

// The body of the page as HTML: links to "id.html", pictures in "pictures/", wide at most so many
// dots (0: as they are), sums as a block of their own.
QString bodyOf(const Page& page, int widest);

} // namespace rhexion::manual
