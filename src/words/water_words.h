// Hard water in words.
#pragma once

#include "core/advice/reckon.h"
#include "core/making/hard_water.h"
#include "words/facts.h"
#include "words/speech.h"

namespace rhexion::words {

QString hardnessUnitName(HardnessUnit unit);
QString hardnessClassName(HardnessClass what); // "hard"
QString hardnessSaid(double hardness, HardnessUnit unit, const Speech& speech);
QString ligandName(Ligand ligand);
// What a customer may be told; no chemistry in it.
QString customerSentence(bool citrate);

FactPage waterFacts(const Formula& formula, const Reckoning& reckoning, const WashWater& water,
                    HardnessUnit unit, const Speech& speech);

} // namespace rhexion::words
