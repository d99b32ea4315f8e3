#include "pages/text_table.h"

#include "storage/csv.h"
#include "storage/material_names.h"
#include "words/names.h"

#include <QAbstractItemModel>
#include <QCoreApplication>

namespace rhexion {

namespace {

struct TableText {
    Q_DECLARE_TR_FUNCTIONS(Tables)
};

QString oneLine(QString text)
{
    for (const char c : {'\t', '\n', '\r'})
        text.replace(QLatin1Char(c), QLatin1Char(' '));
    return text;
}

} // namespace

QString asText(const TextTable& table)
{
    QStringList lines;
    const auto put = [&](const QStringList& cells) {
        QStringList plain;
        for (const QString& cell : cells)
            plain << oneLine(cell);
        lines << plain.join(QLatin1Char('\t'));
    };
    if (!table.head.isEmpty())
        put(table.head);
    for (const QStringList& row : table.rows)
        put(row);
    return lines.join(QLatin1Char('\n')) + QLatin1Char('\n');
}

QByteArray asCsv(const TextTable& table)
{
    QByteArray out;
    if (!table.head.isEmpty())
        out += csvRow(table.head);
    for (const QStringList& row : table.rows)
        out += csvRow(row);
    return out;
}

TextTable tableOf(const QAbstractItemModel& model)
{
    TextTable table;
    for (int column = 0; column < model.columnCount(); ++column)
        table.head << model.headerData(column, Qt::Horizontal).toString();
    for (int row = 0; row < model.rowCount(); ++row) {
        QStringList cells;
        for (int column = 0; column < model.columnCount(); ++column)
            cells << model.index(row, column).data().toString();
        table.rows << cells;
    }
    return table;
}

TextTable formulaTable(const Formula& f, const Reckoning& r, const Speech& s)
{
    TextTable table{{TableText::tr("Where"), TableText::tr("What"), TableText::tr("Weigh"),
                     TableText::tr("Stated as")},
                    {}};
    for (const Vessel vessel : allVessels) {
        const QString where = words::vesselName(vessel);
        if (isJug(vessel)) {
            const JugReckoned& jug = r.jug(vessel);
            for (const bool sodium : {true, false})
                if (const double grams = (sodium ? jug.sodium : jug.potassium).weighedGrams;
                    grams > 0.0)
                    table.rows << QStringList{where, words::lyeName(f, sodium), s.mass(grams), {}};
        }
        if (vessel == Vessel::LyeJug && r.jugWaterGrams > 0.0)
            table.rows << QStringList{
                where, TableText::tr("Water for the jug"), s.mass(r.jugWaterGrams), {}};
        for (std::size_t i = 0; i < f.lines.size(); ++i)
            if (f.lines[i].vessel == vessel)
                table.rows << QStringList{where, materialName(*f.lines[i].material),
                                          s.mass(r.lines[i].grams), s.amount(f.lines[i].amount)};
    }
    const std::pair<QString, QString> figures[] = {
        {TableText::tr("True superfat"), s.percent(r.superfatTrue)},
        {TableText::tr("Superfat on oils alone"), s.percent(r.superfatOnOils)},
        {TableText::tr("Batch strength"), s.percent(r.pure.strength)},
        {TableText::tr("All oils"), s.mass(r.oilsGrams)},
        {TableText::tr("Batter"), s.mass(r.batterGrams)}};
    for (const auto& [name, figure] : figures)
        table.rows << QStringList{{}, name, figure, {}};
    return table;
}

} // namespace rhexion
