// Where a figure is from, as a person reads it.
#pragma once

#include "core/materials/material.h"

#include <QString>

namespace rhexion::words {

// The citation as it was written; the program's own (own_sources.h) in the language of the
// interface; marked where it is from memory.
QString sourceSaid(const Source& source);
// Of the source a material has by that id; empty where it has none.
QString sourceSaid(const Material& material, const std::string& sourceId);

} // namespace rhexion::words
