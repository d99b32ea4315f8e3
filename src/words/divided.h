// Lists of words in one text that is translated whole: "g|gram|grams".
#pragma once

#include <QString>

#include <string>
#include <vector>

namespace rhexion::words {

// The parts between |, folded; empty ones are left out.
std::vector<std::string> divided(const QString& text);

} // namespace rhexion::words
