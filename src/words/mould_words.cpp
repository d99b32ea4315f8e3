#include "words/mould_words.h"

#include "words/names.h"

#include <QCoreApplication>
#include <QStringList>

namespace rhexion::words {

namespace {

struct MouldText {
    Q_DECLARE_TR_FUNCTIONS(Mould)
};

using Tone = Fact::Tone;

struct ShapeName {
    QString operator()(const Loaf&) const { return MouldText::tr("Loaf"); }
    QString operator()(const Slab&) const { return MouldText::tr("Slab"); }
    QString operator()(const Column&) const { return MouldText::tr("Upright tube"); }
    QString operator()(const LyingTube&) const { return MouldText::tr("Tube on its side"); }
    QString operator()(const Dome&) const { return MouldText::tr("Dome"); }
    QString operator()(const FreeShape&) const { return MouldText::tr("Any shape, by its water"); }
};

struct SizesSaid {
    const Speech& s;
    QString three(double a, double b, double c) const
    {
        return MouldText::tr("%1 by %2 by %3")
            .arg(s.lengthNumber(a), s.lengthNumber(b), s.length(c));
    }
    QString two(double a, double b) const
    {
        return MouldText::tr("%1 by %2").arg(s.lengthNumber(a), s.length(b));
    }
    QString operator()(const Loaf& l) const { return three(l.length, l.width, l.height); }
    QString operator()(const Slab& l) const { return three(l.length, l.width, l.height); }
    QString operator()(const Column& c) const { return two(c.diameter, c.height); }
    QString operator()(const LyingTube& t) const { return two(t.diameter, t.length); }
    QString operator()(const Dome& d) const { return two(2 * d.baseRadius, d.height); }
    QString operator()(const FreeShape& f) const { return s.volume(f.millilitres); }
};

QString three(const std::array<double, 3>& v, auto say)
{
    const QString low = say(v[0]);
    const QString high = say(v[2]);
    return low == high ? say(v[1]) : MouldText::tr("%1 (%2 to %3)").arg(say(v[1]), low, high);
}

FactSection levelSection(const MouldUse& use, const MouldLevel& level, const Formula& f,
                         const Speech& s)
{
    const auto length = [&](double x) { return s.length(x); };
    const auto volume = [&](double x) { return s.volume(x); };
    FactSection out;
    out.title = mouldName(use.mould, s);
    if (f.portion(use.portion))
        out.title += QStringLiteral(" · ") + portionName(use.portion, f);
    out.facts.append({MouldText::tr("Room to the rim"), s.volume(level.room), {}, Tone::Plain});
    out.facts.append({MouldText::tr("Batter in it"), three(level.millilitres, volume),
                      MouldText::tr("about %1").arg(s.mass(level.grams)), Tone::Plain});
    if (level.height[1] > 0.0)
        out.facts.append({MouldText::tr("Stands"), three(level.height, length),
                          MouldText::tr("of %1").arg(s.length(heightOf(use.mould.shape))),
                          Tone::Plain});
    if (level.over[2] > 0.5) {
        const bool surely = level.over[0] > 0.5;
        out.facts.append(
            {surely ? MouldText::tr("Too much for it") : MouldText::tr("Could be too much for it"),
             three(level.over, volume), MouldText::tr("have a spare mould ready, or make less"),
             surely ? Tone::Danger : Tone::Care});
    }
    if (use.mould.count > 1)
        out.facts.append({MouldText::tr("Cavities that come full"),
                          MouldText::tr("%1 of %2").arg(level.filled).arg(use.mould.count),
                          {},
                          Tone::Plain});
    if (level.bars) {
        const CutPlan& bars = *level.bars;
        out.facts.append({MouldText::tr("Bars"),
                          MouldText::tr("%1 of %2").arg(bars.bars).arg(s.length(f.cutting.bar)),
                          MouldText::tr("or %1 each if the same number is cut evenly")
                              .arg(s.length(bars.evenBar)),
                          Tone::Plain});
        out.facts.append(
            {MouldText::tr("A bar weighs, wet"), s.mass(bars.wetBar), {}, Tone::Plain});
        if (bars.trims > 0.5)
            out.facts.append({MouldText::tr("Trims and what is over"), s.mass(bars.trims),
                              s.length(bars.overMillimetres + 2 * f.cutting.trim), Tone::Plain});
        if (endBarsDiffer(use.mould.shape))
            out.facts.append({MouldText::tr("End bars"), MouldText::tr("come out larger"),
                              MouldText::tr("the mould widens to its rim"), Tone::Plain});
    } else if (level.cells > 0) {
        out.facts.append({MouldText::tr("Bars"), s.number(level.cells, 0),
                          MouldText::tr("no cutting"), Tone::Plain});
    }
    if (level.curedBar.typical() > 0.0)
        out.facts.append({MouldText::tr("A bar weighs, cured"),
                          MouldText::tr("%1 to %2")
                              .arg(s.mass(level.curedBar.low()), s.mass(level.curedBar.high())),
                          MouldText::tr("6 to 14 % water stays in it: common practice, no source"),
                          Tone::Plain});
    return out;
}

void addRoomToFoam(FactPage& page, const Formula& f, const Reckoning& r,
                   const std::vector<OwnVessel>& vessels, const Speech& s)
{
    FactSection section;
    section.title = MouldText::tr("Room to foam");
    for (const Vessel vessel : {Vessel::LyeJug, Vessel::SecondJug, Vessel::OilPot}) {
        const auto contents = contentsVolume(f, r, vessel);
        const double* ml = std::get_if<double>(&contents);
        if (!ml)
            continue;
        const auto room = roomToFoam(*ml, headroomsOf(f, r, vessel));
        const auto* need = std::get_if<RoomToFoam>(&room);
        if (!need)
            continue;
        Fact fact{vesselName(vessel), MouldText::tr("%1 or more").arg(s.volume(need->wanted)),
                  MouldText::tr("%1 in it; %2")
                      .arg(s.volume(need->contents), headroomReason(need->decides)),
                  Tone::Plain};
        QStringList fits;
        for (const OwnVessel& own : vessels) {
            const bool meant =
                isJug(vessel) ? own.kind == OwnVesselKind::Jug : own.kind != OwnVesselKind::Jug;
            if (meant && need->fits(own.millilitres))
                fits << QString::fromStdString(own.name);
        }
        if (!fits.isEmpty())
            fact.note += MouldText::tr("; of yours: %1").arg(fits.join(QStringLiteral(", ")));
        else if (std::ranges::any_of(vessels, [&](const OwnVessel& own) {
                     return isJug(vessel) == (own.kind == OwnVesselKind::Jug);
                 })) {
            fact.note +=
                MouldText::tr("; none of yours is so large: a larger one, or two portions");
            fact.tone = Tone::Care;
        }
        section.facts.append(fact);
    }
    page.sections.append(section);
}

} // namespace

QString mouldShapeName(const MouldShape& shape)
{
    return std::visit(ShapeName{}, shape);
}

QString mouldName(const Mould& mould, const Speech& s)
{
    QString sizes = std::visit(SizesSaid{s}, mould.shape);
    if (mould.count > 1)
        sizes = MouldText::tr("%1 of %2").arg(mould.count).arg(sizes);
    return mould.name.empty()
               ? MouldText::tr("%1, %2").arg(mouldShapeName(mould.shape), sizes)
               : MouldText::tr("%1, %2").arg(QString::fromStdString(mould.name), sizes);
}

QString ownVesselKindName(OwnVesselKind kind)
{
    switch (kind) {
    case OwnVesselKind::Jug: return MouldText::tr("Lye jug");
    case OwnVesselKind::Pot: return MouldText::tr("Pot");
    case OwnVesselKind::StickJug: return MouldText::tr("Tall jug for the stick");
    case OwnVesselKind::Bowl: return MouldText::tr("Bowl");
    }
    return {};
}

QString headroomReason(Headroom situation)
{
    switch (situation) {
    case Headroom::PlainLye: return MouldText::tr("lye spits while it dissolves");
    case Headroom::LyeWithMilk: return MouldText::tr("lye foams up with milk or sugar");
    case Headroom::LyeWithAcid: return MouldText::tr("lye boils up with acid");
    case Headroom::LyeWithBeer: return MouldText::tr("lye foams over with beer or wine");
    case Headroom::AcidAndBicarbonate: return MouldText::tr("acid and bicarbonate foam at once");
    case Headroom::ColdPot: return MouldText::tr("room to stir and to blend");
    case Headroom::HotPot: return MouldText::tr("the batter rises in the cook");
    case Headroom::HotPotWithMilk:
        return MouldText::tr("with milk or sugar the batter climbs in the cook");
    case Headroom::StickJug: return MouldText::tr("the stick splashes");
    case Headroom::BlenderBowl: return MouldText::tr("the blades throw it up");
    }
    return {};
}

FactPage mouldFacts(const OrCannot<MouldFit>& fitted, const Formula& f, const Reckoning& r,
                    const std::vector<OwnVessel>& vessels, const Speech& s)
{
    FactPage page;
    page.title = MouldText::tr("Mould");
    if (const Cannot* why = std::get_if<Cannot>(&fitted)) {
        page.lead = cannot(*why, s);
        return page;
    }
    const auto& fit = std::get<MouldFit>(fitted);
    const double volume = fit.poured / fit.density.typical();
    if (f.moulds.empty()) {
        page.lead = MouldText::tr("About %1 of batter. Choose a mould to see whether it fits.")
                        .arg(s.volume(volume));
    } else {
        bool overflows = false;
        bool perhaps = false;
        for (const MouldLevel& level : fit.levels) {
            overflows |= level.over[0] > 0.5;
            perhaps |= level.over[2] > 0.5;
        }
        if (overflows)
            page.lead = MouldText::tr("It does not all go in.");
        else if (perhaps)
            page.lead = MouldText::tr("It goes in, if the batter is not beaten up light.");
        else if (fit.left[1] > 0.5)
            page.lead =
                MouldText::tr("The moulds come full, and %1 is over.").arg(s.mass(fit.left[1]));
        else
            page.lead = MouldText::tr("It all goes in.");
    }
    FactSection batter;
    batter.title = MouldText::tr("Batter");
    batter.facts.append({MouldText::tr("To pour"), s.mass(fit.poured),
                         MouldText::tr("1 % stays in the pot: common practice, no source"),
                         Tone::Plain});
    batter.facts.append({MouldText::tr("Its volume"), s.volume(volume),
                         MouldText::tr("%1 to %2 g per ml")
                             .arg(s.number(fit.density.low(), 2), s.number(fit.density.high(), 2)),
                         Tone::Plain});
    page.sections.append(batter);
    for (std::size_t i = 0; i < f.moulds.size(); ++i)
        page.sections.append(levelSection(f.moulds[i], fit.levels[i], f, s));
    addRoomToFoam(page, f, r, vessels, s);
    return page;
}

} // namespace rhexion::words
