// What a jar is called among several benches. Jars of before had a number that only their own bench
// knew; elsewhere such a jar is called by the bench and the number. docs/several-benches.md
#pragma once

#include "core/batch/event.h"

#include <QString>

#include <string>

namespace rhexion {

// As bench wrote it, so that no other bench takes it for a jar of its own.
std::string sharedLot(const std::string& lot, const std::string& bench);
// A shared one as bench itself calls it.
std::string localLot(const std::string& shared, const std::string& bench);

// An event that bench `by` wrote, with every jar it names as bench `here` calls it.
void nameLotsAs(Happening& what, const std::string& by, const std::string& here);

} // namespace rhexion
