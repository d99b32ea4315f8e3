// The shelf as it is now: its jars less what the journal weighed out of them, what is low, what is
// near its date, and which soap to make again.
#pragma once

#include "core/after/stock_count.h"
#include "core/after/terms.h"
#include "storage/journal.h"
#include "storage/shelf.h"

namespace rhexion {

struct JarOf {
    std::string lot;
    std::string material;
    QString name;
    QDate bestBefore;
    JarNow now;
};
struct LowOf {
    std::string material;
    double onHand = 0.0;
    double wanted = 0.0;
};
struct AgainOf {
    QString name;
    int bars = 0; // ready or curing
};
struct StockNow {
    QList<JarOf> jars;   // open ones
    QList<JarOf> dated;  // those past their date or within four weeks of it, first ones first
    QList<JarOf> short_; // more was used than they held
    QList<LowOf> low;
    QList<AgainOf> again; // fewer bars than the maker wants of what is to be made again
};
std::variant<StockNow, FileFault> stockNow(const Shelf& shelf, const Journal& journal,
                                           const AfterTerms& terms, const QDateTime& now);
// Of one material's jars.
std::variant<QList<JarOf>, FileFault> jarsOf(const Shelf& shelf, const Journal& journal,
                                             const std::string& material);

} // namespace rhexion
