#include "words/mishap_words.h"

#include "words/names.h"

#include <QCoreApplication>

#include <algorithm>

namespace rhexion::words {

namespace {

struct MishapText {
    Q_DECLARE_TR_FUNCTIONS(Mishap)
};

double figureOf(const Mishap& mishap)
{
    return mishap.figure > 0.0 ? mishap.figure : usualFigure(mishap.kind);
}

QString wouldHave(const MishapOutcome& out, const Speech& s)
{
    const double figure = figureOf(out.mishap);
    switch (out.mishap.kind) {
    case MishapKind::LyeOvershoots:
        return MishapText::tr("Left so, the bar has a superfat of %1: below 0 it burns skin.")
            .arg(s.percent(out.superfat));
    case MishapKind::WaterSplash:
        return MishapText::tr(
                   "Left out of the account, strength is %1 and nobody knows why it stays "
                   "soft.")
            .arg(s.percent(out.strength));
    case MishapKind::ScaleDies:
        return MishapText::tr("Taken as planned without a scale, the weight is a guess the journal "
                              "calls a weight.");
    case MishapKind::PhoneRings:
        return MishapText::tr(
                   "After %1 the batter stands in the pot, or the lye has cooled past its "
                   "window.")
            .arg(s.minutes(figure));
    case MishapKind::MilkScorches:
        return MishapText::tr("At %1 milk sugar browns: an orange jug and a smell of ammonia.")
            .arg(s.temperature(figure));
    case MishapKind::ScentSeizes:
        return MishapText::tr("Not poured within %1, it stands in the pot.")
            .arg(s.minutes(figure / 60.0));
    case MishapKind::Forgotten:
        return MishapText::tr("A bar without it: no colour, no scent, and a cup left on the "
                              "counter.");
    }
    return {};
}

} // namespace

QString mishapName(MishapKind kind)
{
    switch (kind) {
    case MishapKind::LyeOvershoots: return MishapText::tr("The lye overshoots");
    case MishapKind::ScaleDies: return MishapText::tr("The scale dies");
    case MishapKind::PhoneRings: return MishapText::tr("The phone rings");
    case MishapKind::MilkScorches: return MishapText::tr("The milk scorches");
    case MishapKind::ScentSeizes: return MishapText::tr("The scent seizes");
    case MishapKind::Forgotten: return MishapText::tr("Something is forgotten");
    case MishapKind::WaterSplash: return MishapText::tr("A splash of water");
    }
    return {};
}

QString mishapSeen(const Mishap& mishap, const DayStep& step, const Formula& formula,
                   const Speech& s)
{
    switch (mishap.kind) {
    case MishapKind::LyeOvershoots:
    case MishapKind::ScaleDies: return {}; // the scale tells, or does not
    case MishapKind::PhoneRings:
        return MishapText::tr("The phone rings. You are back after %1.")
            .arg(s.minutes(figureOf(mishap)));
    case MishapKind::MilkScorches: return MishapText::tr("The jug turns orange and smells.");
    case MishapKind::ScentSeizes: return MishapText::tr("The batter stiffens under the spoon.");
    case MishapKind::Forgotten:
        return MishapText::tr("%1 stands on the counter behind the kettle.")
            .arg(lineName(step.target.line, formula));
    case MishapKind::WaterSplash:
        return MishapText::tr("A splash of rinsing water, about %1, slips into the pot.")
            .arg(s.wholeMass(figureOf(mishap)));
    }
    return {};
}

FactPage rehearsalReport(const std::vector<MishapOutcome>& outcomes, const Speech& s)
{
    const auto count = [&](auto which) { return int(std::ranges::count_if(outcomes, which)); };
    const int befell = count([](const MishapOutcome& o) { return o.befell; });
    const int noticed = count([](const MishapOutcome& o) { return o.noticed; });
    FactPage page{MishapText::tr("The rehearsal"),
                  befell == 0 ? MishapText::tr("Nothing befell you.")
                              : MishapText::tr("%1 of %2 met.").arg(noticed).arg(befell),
                  {}};
    FactSection all{MishapText::tr("What befell you"), {}, {}};
    for (const MishapOutcome& o : outcomes) {
        const QString how = !o.befell   ? MishapText::tr("did not come up")
                            : o.noticed ? MishapText::tr("noticed")
                                        : MishapText::tr("missed");
        all.facts << Fact{mishapName(o.mishap.kind), how, o.befell ? wouldHave(o, s) : QString(),
                          !o.befell   ? Fact::Tone::Plain
                          : o.noticed ? Fact::Tone::Good
                                      : Fact::Tone::Care};
    }
    page.sections << all;
    return page;
}

} // namespace rhexion::words
