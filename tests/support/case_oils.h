// The twelve oils of the reference cases (tests/data/case_oils.csv), with invented prices.
#pragma once

#include "support/cases.h"
#include "support/make.h"

#include "core/materials/fatty_acid.h"
#include "core/units/cannot.h"

namespace rhexion::test {

template <class T>
T must(const OrCannot<T>& result)
{
    if (const Cannot* cannot = std::get_if<Cannot>(&result))
        throw *cannot;
    return std::get<T>(result);
}

inline double caseOilPrice(const QString& name)
{
    const auto read = readCsv(testData(QStringLiteral("case_oils.csv")));
    for (const CsvRow& row : std::get<CsvText>(read).rows)
        if (row.cells[0] == name)
            return row.cells[6].toDouble();
    qFatal("no such oil");
}

inline MaterialPtr caseOil(const QString& name)
{
    static const auto read = readCsv(testData(QStringLiteral("case_oils.csv")));
    for (const CsvRow& row : std::get<CsvText>(read).rows) {
        const QStringList& cells = row.cells;
        if (cells[0] != name)
            continue;
        auto m = material(qPrintable(name), MaterialKind::Fat);
        const auto range = [&](int at) {
            const double low = cells[at].toDouble();
            const double high = cells[at + 1].toDouble();
            return Figure{*Interval::of(low, (low + high) / 2, high), "test"};
        };
        m->part(Part::Fat) = figure(1);
        m->sv = range(1);
        m->iodine = range(3);
        m->unsaponifiable = figure(cells[5].toDouble());
        const QStringList profile = cells[8].split(QLatin1Char(' '));
        double sum = 0;
        for (int i = 1; i < profile.size(); i += 2)
            sum += profile[i].toDouble();
        for (int i = 0; i < profile.size(); i += 2) {
            const double x = profile[i + 1].toDouble() / sum;
            const double wide = .005 + .1 * x;
            m->fattyAcids.push_back(
                {*fattyAcidFromCode(profile[i].toStdString()),
                 {*Interval::of(std::max(0.0, x - wide), x, std::min(1.0, x + wide)), "test"}});
        }
        return m;
    }
    qFatal("no such oil");
}

} // namespace rhexion::test
