#include "core/formula/lexicon.h"

#include "core/units/text.h"

#include <string_view>

namespace rhexion {

std::optional<TakenAs> thingOf(const std::string& name, const Lexicon& lexicon)
{
    for (const auto& [word, as] : lexicon.things)
        if (name.ends_with(word) &&
            (name.size() == word.size() || name[name.size() - word.size() - 1] == ' '))
            return as;
    return std::nullopt;
}

bool says(const std::string& text, const Lexicon::Words& words)
{
    // Bytes above ASCII are parts of letters.
    const auto letter = [&](std::size_t at) {
        const auto c = at < text.size() ? static_cast<unsigned char>(text[at]) : 0;
        return c >= 0x80 || ascii::isAlpha(static_cast<unsigned char>(c));
    };
    for (std::string_view word : words) {
        const bool goesOn = word.ends_with('*');
        if (goesOn)
            word.remove_suffix(1);
        if (word.empty())
            continue;
        for (auto at = text.find(word); at != std::string::npos; at = text.find(word, at + 1))
            if ((at == 0 || !letter(at - 1)) && (goesOn || !letter(at + word.size())))
                return true;
    }
    return false;
}

} // namespace rhexion
