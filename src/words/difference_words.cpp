#include "words/difference_words.h"

#include "storage/material_names.h"
#include "words/names.h"

#include <QCoreApplication>
#include <QStringList>

namespace rhexion::words {

namespace {

struct DifferenceText {
    Q_DECLARE_TR_FUNCTIONS(Difference)
};

} // namespace

QList<FigureMoved> figuresMoved(const Formula& before, const Reckoning& was, const Formula& after,
                                const Reckoning& is, const Speech& s)
{
    QList<FigureMoved> out;
    const auto put = [&](const QString& name, const QString& a, const QString& b) {
        if (a != b)
            out.append({name, a, b});
    };
    const auto mass = [&](const QString& name, double a, double b) {
        if (a > 0.0 || b > 0.0)
            put(name, s.mass(a), s.mass(b));
    };
    mass(lyeName(after, true), was.sodium.weighedGrams, is.sodium.weighedGrams);
    mass(lyeName(after, false), was.potassium.weighedGrams, is.potassium.weighedGrams);
    mass(DifferenceText::tr("Water for the jug"), was.jugWaterGrams, is.jugWaterGrams);
    const Line* rest = after.makeUp() ? after.makeUp() : before.makeUp();
    if (rest)
        mass(materialName(*rest->material), was.makeUpGrams, is.makeUpGrams);
    put(DifferenceText::tr("True superfat"), s.percent(was.superfatTrue),
        s.percent(is.superfatTrue));
    put(DifferenceText::tr("Superfat on oils alone"), s.percent(was.superfatOnOils),
        s.percent(is.superfatOnOils));
    put(DifferenceText::tr("Batch strength"), s.percent(was.pure.strength),
        s.percent(is.pure.strength));
    const auto jug = [](const Reckoning& r) { return r.jugs[0].strength; };
    put(DifferenceText::tr("Jug strength"), s.percent(jug(was)), s.percent(jug(is)));
    mass(DifferenceText::tr("All oils"), was.oilsGrams, is.oilsGrams);
    mass(DifferenceText::tr("Batter"), was.batterGrams, is.batterGrams);
    return out;
}

QString figuresMovedSentence(const QList<FigureMoved>& moved)
{
    if (moved.isEmpty())
        return DifferenceText::tr("No figure moves by as much as is shown.");
    QStringList parts;
    for (const FigureMoved& figure : moved)
        parts
            << DifferenceText::tr("%1 %2 becomes %3").arg(figure.name, figure.before, figure.after);
    return DifferenceText::tr("%1.").arg(parts.join(QStringLiteral("; ")));
}

} // namespace rhexion::words
