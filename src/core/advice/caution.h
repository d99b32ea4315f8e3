// Something the maker should know before acting: a code, where it sits, how bad, figures for its
// sentence and, where there is one, a mend that is an undoable edit.
#pragma once

#include "core/formula/caution_code.h"
#include "core/formula/edit.h"

#include <optional>
#include <vector>

namespace rhexion {

struct Caution {
    CautionCode code;
    Severity severity;
    Vessel vessel;
    LineId line = 0;
    std::vector<double> figures;
    std::optional<Edit> mend;
    PortionId portion = 0;           // the one it is about, or 0
    std::vector<Edit> also = {};     // belong to the mend: one step with it
    std::vector<LineId> others = {}; // lines of which the same is to be said
    bool acknowledged = false;       // the maker knows and does not want it said

    // The mend and what belongs to it; empty where there is none.
    std::vector<Edit> mends() const;
};

} // namespace rhexion
