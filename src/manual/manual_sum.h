// A worked sum of the manual: lines as a recipe is written, then what comes of it, each such line
// after "= ". The program's own reckoning answers; the test compares, to the digits that are shown.
#pragma once

#include <QString>
#include <QStringList>

namespace rhexion::manual {

struct SumAnswer {
    QString said;  // as the manual says it: "sodium hydroxide 64.4 g"
    QString found; // as it is reckoned, with as many digits
};
struct SumWorked {
    QString fault; // empty: it could be reckoned, and every answer has a name that is known
    QList<SumAnswer> answers;
};
SumWorked work(const QString& sum);

} // namespace rhexion::manual
