// Words of a batch that lists are filtered by and patterns counted by: "seen:crack", "kind:milk",
// "process:hot", "lot:oats Sack of May". Codes and the maker's names, never sentences.
#pragma once

#include "core/batch/fold.h"

#include <string>
#include <vector>

namespace rhexion {

// Settings a lesson can be about: bands of superfat and strength, process, gel as it is meant.
std::vector<std::string> settingsOf(const Formula& formula, const Account& account);

// Of its jars and moulds those with a name: "lot:oats Sack of May", "mould:Loaf one".
std::vector<std::string> jarsAndMouldsOf(const Formula& formula);

// Of what was in the bowl. Each once, sorted. "made": poured or finished; "told": something was
// written of it afterwards.
std::vector<std::string> factsOf(const Batch& batch);

} // namespace rhexion
