// Reference cases: a CSV with id, function, inputs, output, value, unit, tolerance, basis, note.
// Rows of one case share an id; later ones may leave inputs empty.
#pragma once

#include "storage/csv.h"

#include <QFile>
#include <QMap>
#include <QTest>

#include <cmath>
#include <functional>
#include <variant>

namespace rhexion::test {

struct CaseRow {
    QString id;
    QString function;
    QMap<QString, QString> inputs;
    QString output;
    QString value;
    double tolerance = 0.0; // relative above 1, absolute below
    double number(const char* key) const
    {
        bool good = false;
        const double x = inputs.value(QLatin1String(key)).toDouble(&good);
        if (!good)
            qFatal("%s has no number %s", qPrintable(id), key);
        return x;
    }
    double numberOr(const char* key, double otherwise) const
    {
        return inputs.contains(QLatin1String(key)) ? number(key) : otherwise;
    }
    QString text(const char* key) const { return inputs.value(QLatin1String(key)); }
    // "[90 60 40]"
    QStringList list(const char* key) const
    {
        QString t = text(key);
        return t.remove(QLatin1Char('[')).remove(QLatin1Char(']')).split(QLatin1Char(' '));
    }
};

inline QByteArray testData(const QString& name)
{
    QFile file(QStringLiteral(RHEXION_SOURCE_DIR "/tests/data/") + name);
    return file.open(QIODevice::ReadOnly) ? file.readAll() : QByteArray();
}

inline QList<CaseRow> readCases(const QString& name)
{
    const auto read = readCsv(testData(name));
    QList<CaseRow> out;
    QMap<QString, QMap<QString, QString>> inputsOf;
    const auto* csv = std::get_if<CsvText>(&read);
    for (qsizetype i = 1; csv && i < csv->rows.size(); ++i) {
        const QStringList& cells = csv->rows[i].cells;
        CaseRow row{withoutGuard(cells[0]), cells[1],           {}, cells[3],
                    withoutGuard(cells[4]), cells[6].toDouble()};
        auto& inputs = inputsOf[row.id];
        for (const QString& pair : cells[2].split(QStringLiteral("; "), Qt::SkipEmptyParts)) {
            const qsizetype at = pair.indexOf(QLatin1Char('='));
            inputs[pair.left(at)] = pair.mid(at + 1);
        }
        row.inputs = inputs;
        out.append(row);
    }
    return out;
}

using CaseAnswer = std::variant<double, QString>;

inline void compareCase(const CaseRow& row, const CaseAnswer& answer)
{
    if (const QString* said = std::get_if<QString>(&answer)) {
        QCOMPARE(*said, row.value);
        return;
    }
    bool isNumber = false;
    const double wanted = row.value.toDouble(&isNumber);
    QVERIFY2(isNumber, qPrintable(row.value));
    const double got = std::get<double>(answer);
    QVERIFY2(std::abs(got - wanted) <= row.tolerance * std::max(1.0, std::abs(wanted)) + 1e-12,
             qPrintable(QStringLiteral("%1, wanted %2").arg(got, 0, 'g', 12).arg(row.value)));
}

} // namespace rhexion::test
