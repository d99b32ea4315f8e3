// Working time, and when to unmould, cut and stamp, in words.
#pragma once

#include "core/advice/reckon.h"
#include "core/making/working_time.h"
#include "words/facts.h"
#include "words/speech.h"

namespace rhexion::words {

QString workingClassName(WorkingClass what);
QString factorName(const NamedFactor& factor, const Formula& formula);
QString factorReason(const std::string& code, bool unmould = false);
// "about 17 min (8 to 31)"
QString forecastSaid(const Factor& time, bool hours, const Speech& speech);
QString speedRiskSaid(const SpeedRiskFound& risk, const Formula& formula, const Speech& speech);

FactPage workingFacts(const Formula& formula, const Reckoning& reckoning,
                      std::span<const std::string> tried, std::span<const OwnLog> logs,
                      const Speech& speech);

} // namespace rhexion::words
