// The sentences: refusals, cautions, file faults, steps of the working and of the day, made from
// the core's codes and figures. Shared by screen, print and command line, so that all say the same.
#pragma once

#include "core/advice/reckon.h"
#include "core/makeday/as_weighed.h"
#include "storage/file_fault.h"
#include "words/speech.h"

#include <QString>

namespace rhexion::words {

QString vesselName(Vessel vessel);  // "Lye jug"
QString vesselPlace(Vessel vessel); // "in the lye jug"
QString severityName(Severity severity);
QString kindName(MaterialKind kind);
QString acidName(Acid acid);
QString hydroxideName(bool sodium);
// The material's name of a line; empty if there is no such line.
QString lineName(LineId id, const Formula& formula);
// A ready lye by its own name, a dry one as the hydroxide it is.
QString lyeName(const Formula& formula, bool sodium);
// "Blue", "portion 2"; for 0 all of the batter.
QString portionName(PortionId id, const Formula& formula);
QString targetName(const WeighTarget& target, const Formula& formula);

QString refusal(const Refusal& refusal, const Speech& speech);
QString phraseFault(const PhraseFault& fault);
QString fileFault(const FileFault& fault);

QString cautionTitle(const Caution& caution, const Formula& formula, const Speech& speech);
QString cautionReason(const Caution& caution, const Formula& formula, const Speech& speech);
QString mendLabel(const Caution& caution, const Formula& formula, const Speech& speech);

QString liquidStatement(const LiquidSettings& liquid, const Speech& speech);
QString hiddenFatSchool(HiddenFatSchool school);
QString splitConvention(SplitConvention split);
QString strengthConvention(StrengthConvention convention);

// One line of the working: what it works out, the sum on paper, and where its constants are from.
QString stepTitle(const Step& step, const Formula& formula);
QString stepSum(const Step& step, const Working& working, const Speech& speech);
QString stepSource(const Step& step, const Formula& formula);

QString dayStepTitle(const DayStep& step, const Formula& formula);
QString dayStepAdvice(const DayStep& step, const Formula& formula, const Reckoning& reckoning,
                      const Speech& speech);
// first: nothing stands before it that it would be an alternative to.
QString dayMend(const DayMend& mend, const Formula& bowl, const Speech& speech, bool first = false);
// Said once on every sheet and before the first step.
QString safety();
QString firstAid();
QString localLaw();

} // namespace rhexion::words
