// German recipes: their words of amounts, places, settings and headings become those the reader
// knows before a line is read; names of materials, notes and the text as it was written stay.
#pragma once

#include <string>
#include <string_view>

namespace rhexion::recipe {

// Whether more of the text's telltale words are German than English.
bool isGerman(std::string_view text);
std::string fromGerman(std::string_view line);

} // namespace rhexion::recipe
