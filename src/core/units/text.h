// What every reader of typed text asks of a character; ASCII, whatever the locale.
#pragma once

namespace rhexion {

inline bool isSpace(char c)
{
    return c == ' ' || c == '\t' || c == '\n' || c == '\r';
}

} // namespace rhexion
