// Forecasts of heat in words: estimates, rounded, each with its band. Jug, meeting, mould and cook
// as pages of facts; what things around them are called.
#pragma once

#include "core/batch/heat_log.h"
#include "words/facts.h"
#include "words/speech.h"

namespace rhexion::words {

QString vesselStuffName(VesselStuff stuff);
QString mouldWallName(MouldWall wall);
QString mouldCoverName(MouldCover cover);
QString traceStageName(TraceStage trace);
QString meetingSchoolName(MeetingSchool school);
QString readingOfName(ReadingOf what); // "Jug"
QString lookSawName(LookSaw saw);
// What the day's readings say of the meeting, in a sentence or two; empty without a reading.
QString dayMeetingSaid(const heat::DayMeeting& day, const Speech& speech);
// What the mould does by its own readings, and when to look in.
QString dayMouldSaid(const heat::DayMould& day, std::int64_t now, const Speech& speech);

QString wholeDegrees(double celsius, const Speech& speech);
// "about 82 °C (67 to 93)"
QString aboutDegrees(const Interval& celsius, const Speech& speech);
// To 5 minutes below two hours, to quarter hours above: "about 1 h 10 min".
QString aboutTime(double seconds, const Speech& speech);
// The same without the word.
QString roundedTime(double seconds, const Speech& speech);
QString gelSaid(const heat::MouldBand& band);

FactPage jugFacts(const heat::HeatForecast& heat, const Formula& formula, const Speech& speech);
FactPage meetingFacts(const heat::HeatForecast& heat, const Formula& formula, const Speech& speech);
FactPage mouldHeatFacts(const heat::HeatForecast& heat, const Formula& formula,
                        const Speech& speech);
FactPage cookFacts(const heat::HeatForecast& heat, const Formula& formula, const Speech& speech);
// All of them, one after the other, for print.
FactPage heatFacts(const heat::HeatForecast& heat, const Formula& formula, const Speech& speech);
// What one mould does under another cover, in a line: "likely to gel, middle about 82 °C".
QString bandSaid(const heat::MouldBand& band, const Speech& speech);
// What the maker's own batches say of it; empty facts where they say nothing.
FactSection learntSection(const HeatKnown& known, const Speech& speech);
// "Jug about 87 °C · meet in about 1 h · gel likely · look in at 50 min": the line on the bench.
QString heatLine(const heat::HeatForecast& heat, const Speech& speech);

// Of what a maker chose.
QString coversSaid(const HeatPlan& plan, const Speech& speech);

} // namespace rhexion::words
