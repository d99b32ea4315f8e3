// What things are called.
#pragma once

#include "core/advice/caution.h"
#include "core/formula/formula.h"
#include "core/makeday/plan.h"
#include "core/materials/makers_word.h"
#include "words/speech.h"

#include <QString>

namespace rhexion::words {

QString vesselName(Vessel vessel);  // "Lye jug"
QString vesselPlace(Vessel vessel); // "in the lye jug"
QString severityName(Severity severity);
QString kindName(MaterialKind kind);
QString acidName(Acid acid);
QString hydroxideName(bool sodium);
QString takenAsName(TakenAs as);     // "a scent"
QString takenAsQuestion(TakenAs as); // what has to be known besides
// The material's name of a line; empty if there is no such line.
QString lineName(LineId id, const Formula& formula);
// A ready lye by its own name, a dry one as the hydroxide it is.
QString lyeName(const Formula& formula, bool sodium);
// "Blue", "portion 2"; for 0 all of the batter.
QString portionName(PortionId id, const Formula& formula);
QString targetName(const WeighTarget& target, const Formula& formula);
// How much of the jug's own water is ice by the plan of heat; empty where none is.
QString jugIceNote(const Formula& formula, double jugWaterGrams, const Speech& speech);

} // namespace rhexion::words
