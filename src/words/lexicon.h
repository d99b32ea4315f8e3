// The words a maker types and writes, in the language of the interface.
#pragma once

#include "core/formula/lexicon.h"

#include <memory>

namespace rhexion::words {

// Made anew when the language changes; cheap to ask for.
std::shared_ptr<const Lexicon> lexicon();

} // namespace rhexion::words
