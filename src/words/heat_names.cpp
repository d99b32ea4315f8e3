// What things around heat are called.
#include "words/heat_words.h"

#include <QCoreApplication>

namespace rhexion::words {

namespace {

struct HeatNameText {
    Q_DECLARE_TR_FUNCTIONS(HeatName)
};

} // namespace

QString vesselStuffName(VesselStuff stuff)
{
    switch (stuff) {
    case VesselStuff::Steel: return HeatNameText::tr("stainless steel");
    case VesselStuff::Polypropylene: return HeatNameText::tr("polypropylene or HDPE");
    case VesselStuff::Glass: return HeatNameText::tr("glass");
    case VesselStuff::Ceramic: return HeatNameText::tr("ceramic or enamel");
    case VesselStuff::Aluminium: return HeatNameText::tr("aluminium");
    case VesselStuff::OtherPlastic: return HeatNameText::tr("another plastic");
    }
    return {};
}

QString mouldWallName(MouldWall wall)
{
    switch (wall) {
    case MouldWall::Wood: return HeatNameText::tr("wood, paper-lined");
    case MouldWall::Silicone: return HeatNameText::tr("silicone");
    case MouldWall::Plastic: return HeatNameText::tr("plastic");
    case MouldWall::Acrylic: return HeatNameText::tr("acrylic");
    case MouldWall::Card: return HeatNameText::tr("card");
    case MouldWall::Ceramic: return HeatNameText::tr("ceramic");
    case MouldWall::Pipe: return HeatNameText::tr("plastic pipe");
    case MouldWall::WoodWithLiner: return HeatNameText::tr("wood with a silicone liner");
    }
    return {};
}

QString mouldCoverName(MouldCover cover)
{
    switch (cover) {
    case MouldCover::Open: return HeatNameText::tr("open, in the room");
    case MouldCover::Lid: return HeatNameText::tr("lid only");
    case MouldCover::Towel: return HeatNameText::tr("lid and towel");
    case MouldCover::Box: return HeatNameText::tr("insulated box");
    case MouldCover::Fridge: return HeatNameText::tr("fridge");
    case MouldCover::Freezer: return HeatNameText::tr("freezer");
    case MouldCover::Oven: return HeatNameText::tr("warm oven");
    }
    return {};
}

QString traceStageName(TraceStage trace)
{
    switch (trace) {
    case TraceStage::Emulsion: return HeatNameText::tr("emulsion");
    case TraceStage::Light: return HeatNameText::tr("light trace");
    case TraceStage::Medium: return HeatNameText::tr("medium trace");
    case TraceStage::Thick: return HeatNameText::tr("thick trace");
    }
    return {};
}

QString meetingSchoolName(MeetingSchool school)
{
    switch (school) {
    case MeetingSchool::OwnRange: return HeatNameText::tr("as this formula says");
    case MeetingSchool::Room: return HeatNameText::tr("both at room temperature");
    case MeetingSchool::Near38: return HeatNameText::tr("both near body warmth");
    case MeetingSchool::Warm: return HeatNameText::tr("both warm");
    case MeetingSchool::WithinSix: return HeatNameText::tr("anywhere clear, close together");
    case MeetingSchool::HotProcess: return HeatNameText::tr("hot, for a cook");
    }
    return {};
}

QString readingOfName(ReadingOf what)
{
    switch (what) {
    case ReadingOf::Jug: return HeatNameText::tr("Jug");
    case ReadingOf::Pot: return HeatNameText::tr("Pot");
    case ReadingOf::Room: return HeatNameText::tr("Room");
    case ReadingOf::Batter: return HeatNameText::tr("Batter");
    case ReadingOf::Core: return HeatNameText::tr("Middle of the mould");
    case ReadingOf::Surface: return HeatNameText::tr("Top of the mould");
    }
    return {};
}

QString lookSawName(LookSaw saw)
{
    switch (saw) {
    case LookSaw::Warm: return HeatNameText::tr("warm, no gel to be seen");
    case LookSaw::GelBegins: return HeatNameText::tr("gel in the middle");
    case LookSaw::GelThrough: return HeatNameText::tr("gelled right through");
    case LookSaw::Cracked: return HeatNameText::tr("cracked");
    case LookSaw::Risen: return HeatNameText::tr("rising");
    case LookSaw::Uncovered: return HeatNameText::tr("took the covers off");
    case LookSaw::FanOn: return HeatNameText::tr("set a fan on it");
    case LookSaw::Chilled: return HeatNameText::tr("put it in the fridge");
    case LookSaw::Cool: return HeatNameText::tr("has cooled");
    }
    return {};
}

} // namespace rhexion::words
