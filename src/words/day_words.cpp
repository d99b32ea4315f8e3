// The mends on the day, and what lies where.
#include "words/day_words.h"
#include "storage/material_names.h"
#include "words/caution_words.h"
#include "words/names.h"

#include <QCoreApplication>

namespace rhexion::words {

namespace {

struct DayText {
    Q_DECLARE_TR_FUNCTIONS(Day)
};

} // namespace

QString dayMend(const DayMend& mend, const Formula& bowl, const Speech& speech, bool first)
{
    const QString name = targetName(mend.target, bowl);
    switch (mend.kind) {
    case DayMendKind::TakeOut:
        return DayText::tr("%1: take %2 out again, if it still can be.")
            .arg(name, speech.mass(mend.grams));
    case DayMendKind::AddMore:
        return DayText::tr("%1: add %2 more.").arg(name, speech.mass(mend.grams));
    case DayMendKind::AddOil:
        return (first ? DayText::tr("%1: add %2, to take up the lye.")
                      : DayText::tr("%1: or add %2, to take up the lye."))
            .arg(name, speech.mass(mend.grams));
    case DayMendKind::AddHydroxide:
        return (first ? DayText::tr("%1: add %2, dissolved first in %3 of water.")
                      : DayText::tr("%1: or add %2, dissolved first in %3 of water."))
            .arg(name, speech.mass(mend.grams), speech.mass(mend.withWaterGrams));
    case DayMendKind::WeighLess:
        return DayText::tr("%1: weigh %2 less when its turn comes.")
            .arg(name, speech.mass(mend.grams));
    case DayMendKind::AddWater:
        return DayText::tr("Water: with that, %1 brings the strength back.")
            .arg(speech.mass(mend.grams));
    }
    return {};
}

QString outlookSaid(DayOutlook outlook, const AsWeighed& bowl, const Speech& s)
{
    const QString now = s.percent(bowl.reckoning.superfatTrue);
    const QString planned = s.percent(bowl.superfatPlanned);
    switch (outlook) {
    case DayOutlook::LyeHeavy:
        return DayText::tr("There is more lye than fat takes, and it cannot be mended any more. "
                           "Keep it off skin, label it, and test it after two days.");
    case DayOutlook::Sharp:
        return DayText::tr("Hardly any superfat is left (%1): test a bar before anyone uses it.")
            .arg(now);
    case DayOutlook::Leaner:
        return DayText::tr("Superfat %1 in place of %2: a little less mild, nothing to mend.")
            .arg(now, planned);
    case DayOutlook::Mild:
        return DayText::tr("Superfat %1 in place of %2: a mild, somewhat softer bar, nothing to "
                           "mend.")
            .arg(now, planned);
    case DayOutlook::Greasy:
        return DayText::tr("Superfat %1 in place of %2: a soft, greasy bar that turns rancid "
                           "sooner. Watch for spots; it can be rebatched with lye later.")
            .arg(now, planned);
    case DayOutlook::Wetter:
        return DayText::tr("Wetter than planned: unmould it later and let it cure longer.");
    case DayOutlook::Drier:
        return DayText::tr("Drier than planned: it sets sooner, so look in early for cutting.");
    }
    return {};
}

QString placeName(Place place, PortionId portion, const Formula& formula)
{
    switch (place) {
    case Place::LyeJug: return vesselName(Vessel::LyeJug);
    case Place::SecondJug: return vesselName(Vessel::SecondJug);
    case Place::OilPot: return vesselName(Vessel::OilPot);
    case Place::Batter: return DayText::tr("The batter");
    case Place::Bowl: return DayText::tr("Bowl of %1").arg(portionName(portion, formula));
    case Place::Mould: return DayText::tr("The mould");
    }
    return {};
}

QString lyingName(const Lying& lying, const Formula& formula)
{
    if (lying.target.what != WeighTarget::What::None)
        return targetName(lying.target, formula);
    return lying.material ? materialName(*lying.material) : QString();
}

QString asWeighedSoFar(const AsWeighed& bowl, const Speech& s)
{
    const Reckoning& r = bowl.reckoning;
    return DayText::tr("As weighed so far: true superfat %1 (planned %2), batch strength %3 "
                       "(planned %4)")
        .arg(s.percent(r.superfatTrue), s.percent(bowl.superfatPlanned), s.percent(r.pure.strength),
             s.percent(bowl.strengthPlanned));
}

namespace {

QStringList mendsOf(const AsWeighed& bowl, const Speech& s)
{
    QStringList out;
    for (const DayMend& mend : bowl.mends)
        out << dayMend(mend, bowl.formula, s, &mend == &bowl.mends.front());
    return out;
}

} // namespace

DangerSaid dangerSaid(const Caution& danger, const AsWeighed& bowl, const Speech& s)
{
    return {cautionTitle(danger, bowl.formula, s), cautionReason(danger, bowl.formula, s),
            mendsOf(bowl, s)};
}

QString dangerAnswerName(DangerAnswer answer)
{
    switch (answer) {
    case DangerAnswer::Mend: return DayText::tr("to be mended");
    case DangerAnswer::GoOn: return DayText::tr("gone on with");
    case DangerAnswer::Stop: return DayText::tr("stopped");
    }
    return {};
}

BowlSaid bowlSaid(const AsWeighed& bowl, const std::vector<Caution>& findings,
                  std::optional<Vessel> here, const Speech& s)
{
    BowlSaid out;
    const bool heavy = bowl.reckoning.lyeHeavy();
    if (heavy)
        out.sentences << (here && !bowl.mends.empty()
                              ? DayText::tr("There is more lye than fat can take. Mend this before "
                                            "you go on, or stop.")
                              : DayText::tr("There is more lye than fat can take: not for skin, "
                                            "and not to be used until a test finds no free lye."));
    for (const Caution& c : findings) {
        const bool said = heavy && c.code == CautionCode::SuperfatBelowZero;
        if (said || c.severity == Severity::Note || c.acknowledged)
            continue;
        if (c.severity == Severity::Danger) {
            const QString title = cautionTitle(c, bowl.formula, s);
            const bool asks = title.endsWith(QLatin1Char('?'));
            out.sentences << (asks ? QStringLiteral("%1 %2") : QStringLiteral("%1. %2"))
                                 .arg(title, cautionReason(c, bowl.formula, s));
        } else if (here && c.vessel == *here)
            out.sentences << cautionTitle(c, bowl.formula, s);
    }
    for (const DayOutlook outlook : bowl.outlooks)
        if (outlook != DayOutlook::LyeHeavy || !heavy)
            out.sentences << outlookSaid(outlook, bowl, s);
    if (here)
        out.sentences << mendsOf(bowl, s);
    out.danger = heavy || std::ranges::any_of(findings, [](const Caution& c) {
                     return c.severity == Severity::Danger && !c.acknowledged;
                 });
    return out;
}

} // namespace rhexion::words
