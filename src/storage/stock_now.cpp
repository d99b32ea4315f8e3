#include "storage/stock_now.h"

#include <algorithm>
#include <map>

namespace rhexion {

namespace {

QList<JarOf> jarsFrom(const Shelf& shelf, const std::map<std::string, std::vector<DrawnAt>>& byLot,
                      const std::string& only)
{
    QList<JarOf> out;
    for (const LotRecord& r : shelf.lots()) {
        if (r.closed || (!only.empty() && r.material != only))
            continue;
        const auto drawn = byLot.find(r.lot.id);
        static const std::vector<DrawnAt> none;
        out.append({r.lot.id, r.material, QString::fromStdString(r.lot.name), r.bestBefore,
                    jarNow(r.leftGrams, r.counted, r.boughtGrams,
                           drawn == byLot.end() ? none : drawn->second)});
    }
    return out;
}

} // namespace

std::variant<QList<JarOf>, FileFault> jarsOf(const Shelf& shelf, const Journal& journal,
                                             const std::string& material)
{
    const auto read = journal.draws(QString::fromStdString(material), 0);
    if (const auto* fault = std::get_if<FileFault>(&read))
        return *fault;
    std::map<std::string, std::vector<DrawnAt>> byLot;
    for (const DrawOf& d : std::get<QList<DrawOf>>(read))
        byLot[d.lot].push_back({d.at, d.grams});
    return jarsFrom(shelf, byLot, material);
}

std::variant<StockNow, FileFault> stockNow(const Shelf& shelf, const Journal& journal,
                                           const AfterTerms& terms, const QDateTime& now)
{
    const auto read = journal.draws({}, 0);
    if (const auto* fault = std::get_if<FileFault>(&read))
        return *fault;
    std::map<std::string, std::vector<DrawnAt>> byLot, byMaterial;
    std::map<std::pair<QString, std::string>, double> inBatch;
    for (const DrawOf& d : std::get<QList<DrawOf>>(read)) {
        byLot[d.lot].push_back({d.at, d.grams});
        byMaterial[d.material].push_back({d.at, d.grams});
        inBatch[{d.batch, d.material}] += d.grams;
    }
    StockNow out;
    out.jars = jarsFrom(shelf, byLot, {});
    for (const JarOf& jar : out.jars) {
        if (jar.bestBefore.isValid() && jar.bestBefore <= now.date().addDays(28))
            out.dated.append(jar);
        if (jar.now.grams && *jar.now.grams < 0.0)
            out.short_.append(jar);
    }
    std::ranges::stable_sort(out.dated, {}, &JarOf::bestBefore);

    // Batches to be made again: what two of each would take.
    Finding again;
    again.facts = QStringList{QStringLiteral("verdict:again")};
    const auto found = journal.find(again, 1000);
    if (const auto* fault = std::get_if<FileFault>(&found))
        return *fault;
    const auto& regular = std::get<QList<BatchSummary>>(found);
    std::map<std::string, double> onHand, regularGrams;
    for (const auto& one : inBatch) {
        const auto& [batch, material] = one.first;
        const bool again_ = std::ranges::find(regular, batch, &BatchSummary::id) != regular.end();
        if (again_)
            regularGrams[material] = std::max(regularGrams[material], one.second);
    }
    for (const JarOf& jar : out.jars)
        onHand[jar.material] += std::max(0.0, jar.now.grams.value_or(0.0));
    for (const auto& [material, grams] : onHand) {
        const LowAnswer answer =
            isLow({grams, now.toMSecsSinceEpoch(), terms.weeksToGet, regularGrams[material]},
                  byMaterial[material]);
        if (answer.low)
            out.low.append({material, grams, answer.wanted});
    }
    const auto bars = journal.bars(terms.schools);
    if (const auto* fault = std::get_if<FileFault>(&bars))
        return *fault;
    std::map<QString, int> left;
    for (const BatchSummary& s : regular)
        left[s.name] += 0;
    for (const BarsOf& b : std::get<QList<BarsOf>>(bars))
        if (left.contains(b.name))
            left[b.name] += b.bars.left();
    for (const auto& [name, count] : left)
        if (count < terms.barsToKeep)
            out.again.append({name, count});
    return out;
}

} // namespace rhexion
