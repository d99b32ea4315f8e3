#include "core/materials/limits.h"

namespace rhexion::limits {

std::size_t length(std::string_view utf8)
{
    std::size_t units = 0;
    for (const char c : utf8) {
        const auto byte = static_cast<unsigned char>(c);
        if ((byte & 0xC0u) != 0x80u)
            units += byte >= 0xF0u ? 2 : 1;
    }
    return units;
}

} // namespace rhexion::limits
