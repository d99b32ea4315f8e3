// What happened to a batch after its day, in words.
#pragma once

#include "core/after/due.h"
#include "words/speech.h"

namespace rhexion::words {

QString seenName(Seen seen);       // "cracked"
QString careName(Care care);       // "taken out of the mould"
QString qualityName(Quality what); // "lather"
QString photoOfName(PhotoOf of);   // "as poured"
QString verdictName(Verdict verdict);
QString barsToName(BarsTo to); // "sold"
QString testReasonSaid(TestReason reason);
QString cureRuleSaid(CureRule rule); // with its reason
QString dueName(DueKind kind);       // "Take out of the mould"
QString alkaliVerdictName(AlkaliVerdict verdict);
QString alkaliVerdictSaid(AlkaliVerdict verdict, int same, const AlkaliLimits& limits,
                          const Speech& speech);
// "0.06 % (0.05 to 0.08)", as NaOH
QString causticSaid(const Interval& caustic, const Speech& speech);
// One event in one sentence: "5 of 5 for lather".
QString afterSaid(const AfterWhat& what, const Speech& speech);
// "Blue: cracked"; the portion's name before it.
QString afterSaid(const AfterAt& after, const Formula& formula, const Speech& speech);
// The photographs of a batch in the order of their days.
struct PhotoSaid {
    QString file;
    QString caption;                     // "as poured, 2 May 2026"
    std::optional<std::uint32_t> colour; // 0xRRGGBB, sampled
};
QList<PhotoSaid> photosSaid(const Batch& batch, const Speech& speech);
// A sum of minor units in the maker's money: "4.05 EUR".
QString money(double minor, const std::string& currency, int minorDigits, const Speech& speech);
// Lye and cure, said wherever dates stand.
QString cureDoesNot();
QString labelLaw(); // under every label, card and cost of a bar that is sold

} // namespace rhexion::words
