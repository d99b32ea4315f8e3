// How one word stands for another in a search, in the language of the interface.
#pragma once

#include "core/materials/search.h"

#include <memory>

namespace rhexion::words {

std::shared_ptr<const SearchRules> searchRules();

} // namespace rhexion::words
