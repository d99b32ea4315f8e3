#include "words/slip_words.h"

#include "core/making/working_time.h"
#include "words/day_words.h"
#include "words/heat_words.h"
#include "words/safety_words.h"

#include <QCoreApplication>

#include <algorithm>

namespace rhexion::words {

namespace {

struct SlipText {
    Q_DECLARE_TR_FUNCTIONS(DaySlip)
};

} // namespace

BowlFigures figuresOf(const AsWeighed& bowl)
{
    BowlFigures out{bowl.reckoning.superfatTrue, bowl.reckoning.pure.strength, {}, {}};
    if (bowl.reckoning.oilsGrams > 0.0 && !bowl.formula.cooks())
        out.workingMinutes =
            workingTime(workFeatures(bowl.formula, bowl.reckoning),
                        scentDoses(bowl.formula, bowl.reckoning, {}),
                        bowl.formula.handling.blending, bowl.formula.handling.factorsOff)
                .time.typical;
    return out;
}

QString nearMissName(NearMissKind kind)
{
    switch (kind) {
    case NearMissKind::LyeSplash: return SlipText::tr("a splash of lye");
    case NearMissKind::Fumes: return SlipText::tr("fumes");
    case NearMissKind::Spill: return SlipText::tr("a spill");
    case NearMissKind::Volcano: return SlipText::tr("batter rising over the rim");
    case NearMissKind::WrongVessel: return SlipText::tr("into the wrong vessel, nearly");
    case NearMissKind::LookedAway: return SlipText::tr("called away with lye open");
    }
    return {};
}

QString originName(WeighOrigin origin)
{
    switch (origin) {
    case WeighOrigin::Typed: return SlipText::tr("typed");
    case WeighOrigin::AsPlanned: return SlipText::tr("as planned");
    case WeighOrigin::Scale: return SlipText::tr("from the scale");
    }
    return {};
}

QString bowlFigures(const BowlFigures& f, const Speech& s)
{
    QStringList parts{SlipText::tr("superfat %1").arg(s.percent(f.superfat)),
                      SlipText::tr("strength %1").arg(s.percent(f.strength))};
    if (f.workingMinutes)
        parts << SlipText::tr("fluid for about %1").arg(s.minutes(*f.workingMinutes));
    if (f.peakCelsius)
        parts << SlipText::tr("peak about %1").arg(s.temperature(std::round(*f.peakCelsius)));
    return parts.join(QStringLiteral(", "));
}

QStringList stopWords()
{
    return {SlipText::tr("Stop. Nothing more goes in, nobody touches it."),
            SlipText::tr("Goggles and gloves stay on. Open a window; children and pets out."),
            firstAid()};
}

QString discardSafely()
{
    return SlipText::tr(
        "If it cannot be mended: let it set in a lined box, mark it “lye, not soap”, and take it "
        "to your local collection for hazardous waste. Not down the drain, and no acid into it: "
        "the two heat violently.");
}

QString stillWaiting(const Lying& lying, const Formula& formula, const Speech& s)
{
    const QString name = lyingName(lying, formula);
    const bool powder = lying.material && (lying.material->kind == MaterialKind::Colour ||
                                           lying.material->kind == MaterialKind::Solid);
    return powder
               ? SlipText::tr("%1 is still on the counter: it can go in now, wetted with %2 of the "
                              "batter.")
                     .arg(name, s.wholeMass(std::max(5.0, lying.grams)))
               : SlipText::tr("%1 is still on the counter: it can go in now.").arg(name);
}

QString originsSaid(const std::array<int, countOf<WeighOrigin>()>& counts)
{
    QStringList parts;
    for (const WeighOrigin origin :
         {WeighOrigin::Scale, WeighOrigin::Typed, WeighOrigin::AsPlanned})
        if (const int n = counts[static_cast<std::size_t>(origin)]; n > 0)
            parts << SlipText::tr("%1 %2").arg(n).arg(originName(origin));
    return parts.join(QStringLiteral(", "));
}

} // namespace rhexion::words
