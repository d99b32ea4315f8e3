// Moulds, levels, bars and room to foam in words.
#pragma once

#include "core/making/headroom.h"
#include "core/making/mould_fit.h"
#include "words/cannot_words.h"
#include "words/facts.h"
#include "words/speech.h"

namespace rhexion::words {

QString mouldShapeName(const MouldShape& shape);
QString mouldName(const Mould& mould, const Speech& speech); // "Loaf 24.0 by 8.0 by 7.0 cm"
QString ownVesselKindName(OwnVesselKind kind);
QString headroomReason(Headroom situation);

// What it comes to in its moulds; fit: as fitMoulds() gives it; vessels: the maker's own.
FactPage mouldFacts(const OrCannot<MouldFit>& fit, const Formula& formula,
                    const Reckoning& reckoning, const std::vector<OwnVessel>& vessels,
                    const Speech& speech);

} // namespace rhexion::words
