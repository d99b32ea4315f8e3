#include "words/heat_caution_words.h"

#include "core/heat/mould_run.h"
#include "words/heat_words.h"
#include "words/names.h"

#include <QCoreApplication>
#include <QStringList>

#include <cmath>

namespace rhexion::words {

namespace {

struct HeatCautionText {
    Q_DECLARE_TR_FUNCTIONS(HeatCaution)
};

using C = CautionCode;

double figure(const Caution& c, std::size_t i)
{
    return i < c.figures.size() ? c.figures[i] : 0.0;
}

bool isAtLeast(const Caution& c, std::size_t i, heat::CoreRisk risk)
{
    return figure(c, i) >= double(risk);
}

} // namespace

QString heatCautionTitle(const Caution& c, const Formula& f, const Speech& s)
{
    const auto degrees = [&](std::size_t i) { return wholeDegrees(figure(c, i), s); };
    switch (c.code) {
    case C::BoilsWhereItLands:
        return HeatCautionText::tr("Where the flakes fall it boils and spits");
    case C::JugBoils:
        return HeatCautionText::tr("This jug may boil over: up to %1").arg(degrees(0));
    case C::JugScorches:
        return HeatCautionText::tr("%1 is likely to brown and smell: up to %2")
            .arg(lineName(c.line, f), degrees(0));
    case C::CannotStayUnder:
        return HeatCautionText::tr("Even wholly frozen it passes %1").arg(degrees(0));
    case C::IceLeft:
        return HeatCautionText::tr("%1 of ice will not melt by itself")
            .arg(s.wholeMass(figure(c, 0)));
    case C::CrystalsWhenCool:
        return HeatCautionText::tr("Lye crystals fall out below about %1").arg(degrees(0));
    case C::VesselShock:
        return figure(c, 1) > 0.0 && f.heat && f.heat->jug.stuff == VesselStuff::Glass
                   ? HeatCautionText::tr("A glass jug may crack")
                   : HeatCautionText::tr("This jug is not made for lye as hot as %1")
                         .arg(degrees(1));
    case C::AluminiumVessel: return HeatCautionText::tr("Aluminium and lye: never");
    case C::SetsOut:
        return HeatCautionText::tr("%1 may set out below about %2")
            .arg(lineName(c.line, f), degrees(0));
    case C::PotTooHot:
        return HeatCautionText::tr("The hard fats would be heated to %1").arg(degrees(0));
    case C::NeverMeet: return HeatCautionText::tr("Left alone, jug and pot never meet");
    case C::PartialGel: return HeatCautionText::tr("May show a darker ring");
    case C::HotCore:
        return isAtLeast(c, 3, heat::CoreRisk::Volcano)
                   ? HeatCautionText::tr("May rise out of the mould")
               : isAtLeast(c, 4, heat::CoreRisk::Volcano)
                   ? HeatCautionText::tr("Could rise out of the mould if it runs hot")
                   : HeatCautionText::tr("May crack as it heats");
    case C::WideGap:
        return HeatCautionText::tr("The middle runs %1 ahead of the skin")
            .arg(s.wholeDifference(figure(c, 0)));
    case C::WakesLater: return HeatCautionText::tr("It warms up again when it comes out");
    case C::SlowToSet: return HeatCautionText::tr("Slow to turn to soap");
    case C::DriesInCook:
        return HeatCautionText::tr("About %1 of water boils off in the cook")
            .arg(s.wholeMass(figure(c, 0)));
    case C::CookRises: return HeatCautionText::tr("The cook may climb out of the pot");
    default: return {};
    }
}

QString heatCautionReason(const Caution& c, const Formula& f, const Speech& s)
{
    const auto degrees = [&](std::size_t i) { return wholeDegrees(figure(c, i), s); };
    switch (c.code) {
    case C::BoilsWhereItLands:
        return HeatCautionText::tr(
                   "For a moment it reaches about %1 there. Put in a little at a time, stir, "
                   "goggles on; lye into the liquid, never the other way round.")
            .arg(degrees(0));
    case C::JugBoils:
        return figure(c, 2) > 0.005
                   ? HeatCautionText::tr(
                         "At %1 its alcohol foams up. Beer and wine: flat and boiled first. Start "
                         "with colder liquid or ice, a little lye at a time.")
                         .arg(degrees(0))
                   : HeatCautionText::tr(
                         "It would boil at %1. Start with colder water or ice, or plan more water "
                         "before you begin. Never pour water into lye.")
                         .arg(degrees(1));
    case C::JugScorches:
        if (figure(c, 1) > 0.0)
            return HeatCautionText::tr(
                       "Freeze about %1 of the %2 of %6, and put the lye in by %3 portions, %4 "
                       "apart: then it stays under about %5, where the flakes land too.")
                .arg(
                    s.wholeMass(figure(c, 1)), s.wholeMass(figure(c, 2)), s.number(figure(c, 3), 0),
                    HeatCautionText::tr("%1 min").arg(s.trimmed(figure(c, 4))), s.temperature(35.0),
                    figure(c, 5) > 0.0 ? lineName(LineId(figure(c, 5)), f)
                                       : targetName({WeighTarget::What::JugWater, 0}, f));
        if (figure(c, 3) > 0.0)
            return HeatCautionText::tr("Put the lye in by %1 portions, %2 apart.")
                .arg(s.number(figure(c, 3), 0),
                     HeatCautionText::tr("%1 min").arg(s.trimmed(figure(c, 4))));
        return HeatCautionText::tr("Milk, puree and sugar brown in hot lye.");
    case C::CannotStayUnder:
        return HeatCautionText::tr("Put part of %1 in the oils or at trace instead.")
            .arg(lineName(c.line, f));
    case C::IceLeft:
        return HeatCautionText::tr(
            "Undissolved lye may hide in it. Let it stand and stir till it is clear.");
    case C::CrystalsWhenCool:
        return HeatCautionText::tr("Keep it warmer than that, or plan more water from the start. "
                                   "Pour no water on crystals.");
    case C::VesselShock:
        return figure(c, 2) > 0.0
                   ? HeatCautionText::tr(
                         "Hot glass or ceramic in ice may crack. Take steel or polypropylene.")
                   : HeatCautionText::tr(
                         "Glass cracks, at once or after years of lye; most plastics soften. Take "
                         "polypropylene or steel.");
    case C::AluminiumVessel:
        return HeatCautionText::tr("Lye eats aluminium and gives off a gas that burns. Take steel "
                                   "or polypropylene.");
    case C::SetsOut:
        return HeatCautionText::tr(
                   "Jug and pot are together at about %1. What sets out looks like trace and is "
                   "none: join them warmer, or use less of it.")
            .arg(degrees(1));
    case C::PotTooHot: return HeatCautionText::tr("Rather warm the liquid oils too.");
    case C::NeverMeet: {
        const bool jugIsLater = figure(c, 0) > 0.5;
        QStringList said;
        if (figure(c, 1) > 0.0)
            said << HeatCautionText::tr("Set %1 in ice water for about %2.")
                        .arg(jugIsLater ? HeatCautionText::tr("the jug")
                                        : HeatCautionText::tr("the pot"),
                             roundedTime(figure(c, 1) * 60.0, s));
        else
            said << HeatCautionText::tr("Stand a jug that is too cold in hot tap water, never on "
                                        "a flame or in a microwave; warm the pot.");
        if (figure(c, 2) > 0.0)
            said << HeatCautionText::tr("Left alone they come near each other at about %1.")
                        .arg(degrees(2));
        return said.join(QLatin1Char(' '));
    }
    case C::PartialGel:
        return HeatCautionText::tr(
            "Part of it may gel. Keep it warmer to gel it all, or cool to keep it from gelling.");
    case C::HotCore:
        return HeatCautionText::tr(
                   "In the middle about %1, %2 if it runs hot. Stand it on a tray, take covers "
                   "off, look in from %3 on, gloves on.")
            .arg(degrees(0), degrees(1), roundedTime(figure(c, 2) * 60.0, s));
    case C::WideGap: return HeatCautionText::tr("Cracks and a ring are likelier then.");
    case C::WakesLater:
        return HeatCautionText::tr(
                   "It comes to as much as about %1 after it is taken out. Leave it uncovered.")
            .arg(degrees(0));
    case C::SlowToSet:
        return HeatCautionText::tr("Nine tenths are soap only after about %1. Be patient with it.")
            .arg(roundedTime(figure(c, 0) * 3600.0, s));
    case C::DriesInCook:
        return HeatCautionText::tr("That is %1 of its water. Keep the lid on, or weigh the pot and "
                                   "put it back, warm, a little at a time.")
            .arg(s.percent(figure(c, 1), 0));
    case C::CookRises:
        return HeatCautionText::tr("Fill the pot no more than half, stay with it, stir it down, "
                                   "heat off when it climbs.");
    default: return {};
    }
}

QString heatMendLabel(const Caution& c, const Formula& f, const Speech& s)
{
    const std::vector<Edit> mends = c.mends();
    const SetHeatPlan* plan = nullptr;
    for (const Edit& edit : mends)
        if (const auto* set = std::get_if<SetHeatPlan>(&edit))
            plan = set;
    if (!plan || !plan->heat)
        return {};
    const HeatPlan& p = *plan->heat;
    switch (c.code) {
    case C::JugScorches:
        if (figure(c, 1) > 0.0)
            return HeatCautionText::tr("Freeze %1, lye in %2 portions")
                .arg(s.wholeMass(figure(c, 1)), s.number(p.portions, 0));
        [[fallthrough]];
    case C::BoilsWhereItLands:
        return HeatCautionText::tr("Plan %1 portions, %2 apart")
            .arg(s.number(p.portions, 0),
                 HeatCautionText::tr("%1 min").arg(s.trimmed(p.pauseMinutes)));
    case C::JugBoils: return HeatCautionText::tr("Plan an ice bath and portions");
    case C::PartialGel: return HeatCautionText::tr("Keep it warmer");
    case C::HotCore: return HeatCautionText::tr("Leave it uncovered");
    default: break;
    }
    Q_UNUSED(f)
    return HeatCautionText::tr("Change the plan of heat");
}

} // namespace rhexion::words
