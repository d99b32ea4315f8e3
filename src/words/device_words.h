// Scales and thermometers in words.
#pragma once

#include "core/makeday/weigh_band.h"
#include "devices/steadiness.h"
#include "devices/taught_lines.h"
#include "words/speech.h"

namespace rhexion::words {

// "12.4 g to go", "In the band", "3.1 g too much"; what the band is where nothing is weighed live.
QString weightAgainstBand(double planned, const WeighBand& band,
                          const std::optional<devices::LiveWeight>& live, const Speech& speech);
QString bandText(const QString& low, const QString& high); // "118.2 g to 121.8 g"
QString bandReason(const WeighBand& band);
// "still", "moving", "no reading"
QString steadyName(devices::Steady steady);
// Why the scale's weight cannot be taken now, and what to do; empty: it can.
QString notTaken(devices::Steady steady);
QString lessonFault(devices::LessonFault fault);

} // namespace rhexion::words
