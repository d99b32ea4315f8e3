// INCI names of catalogue materials (data/inci.csv; from memory of the European inventory), and the
// names of their soaps.
#pragma once

#include "core/after/inci.h"

#include <map>

namespace rhexion {

// Of a material by its id; empty where none is known: never an invented one.
InciName inciNameOf(const Material& material);
// The maker's own name first.
InciName inciNameOf(const Material& material, const std::map<std::string, InciName>& own);

} // namespace rhexion
