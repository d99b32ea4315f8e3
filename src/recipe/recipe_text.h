// Small things every reader of recipe text does to a text.
#pragma once

#include <string>
#include <string_view>
#include <vector>

namespace rhexion::recipe {

// Good UTF-8, with one spelling for each dash, space and fraction; bytes that are no UTF-8 become
// the replacement character.
std::string cleaned(std::string_view text);
// By \r\n, \n or \r.
std::vector<std::string> linesOf(std::string_view text);
std::string_view trimmed(std::string_view text);
std::string_view trimmed(std::string_view text, std::string_view of);
std::string_view trimmedEnd(std::string_view text, std::string_view of);
// Small letters: ASCII, Latin-1, Latin Extended-A, Greek and Cyrillic.
std::string lowered(std::string_view text);
// Runs of white space as one blank.
std::string withSingleBlanks(std::string_view text);
std::size_t wordCount(std::string_view text);
std::vector<std::string_view> split(std::string_view text, char at);
std::string joined(const std::vector<std::string>& parts, std::string_view between);
std::string replaced(std::string_view text, std::string_view what, std::string_view with);
// As printf's %.<digits>g, whatever the locale.
std::string shown(double value, int digits = 12);
double numberFrom(std::string_view digits); // "12.5"; 0 where it is none
double rounded(double value, int decimals);

} // namespace rhexion::recipe
