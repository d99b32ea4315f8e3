// Something the maker should know before acting: a code, where it sits, how bad, figures for its
// sentence and, where there is one, a mend that is an undoable edit.
#pragma once

#include "core/formula/edit.h"

#include <optional>
#include <vector>

namespace rhexion {

enum class CautionCode {
    LyeCannotDissolve,     // figures: jug strength, g water in jug, g water needed, C
    LyeColdCannotDissolve, // frozen liquid in the jug; figures: g that dissolves at 0 C, g in all
    WetterThanWanted,      // figures: g too much water, strength that results, strength wanted
    DrierThanWanted,       // no make-up liquid; figures: g short, strength that results
    SuperfatBelowZero,     // figures: superfat
    MayBeLyeHeavy,         // the low bound of true superfat is below 0; figures: low bound
    MilkUnfrozenInJug,     // figures: none
    AcidInJugFumes,        // figures: mol of acid protons in the jug
    AcidityNotKnown,       // figures: mol of hydroxide it could take at most
    ChanceOfLyeExcess      // from the drawn doubt; figures: chance, 5th of a hundred superfat
};

enum class Severity { Note, Care, Danger };

struct Caution {
    CautionCode code;
    Severity severity;
    Vessel vessel;
    LineId line = 0;
    std::vector<double> figures;
    std::optional<Edit> mend;
};

// Codes for files and the command line.
const char* codeOf(CautionCode code);
const char* codeOf(Severity severity);

} // namespace rhexion
