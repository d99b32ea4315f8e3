#include "core/after/claims.h"

#include "core/units/text.h"

#include <algorithm>

namespace rhexion {

namespace {

bool isLetter(char c)
{
    // Bytes above 127 belong to letters of other alphabets.
    return ascii::isAlnum(static_cast<unsigned char>(c)) || static_cast<unsigned char>(c) > 127;
}

std::string lower(std::string_view text)
{
    std::string out(text);
    for (char& c : out)
        c = ascii::lower(c);
    return out;
}

} // namespace

std::vector<ClaimWord> usualClaims()
{
    std::vector<ClaimWord> out;
    for (const char* word : {"heal",       "cures",
                             "treats",     "treatment",
                             "eczema",     "psoriasis",
                             "acne",       "rosacea",
                             "dermatitis", "antibacterial",
                             "antiseptic", "antimicrobial",
                             "antifungal", "anti-inflammatory",
                             "disinfect",  "medic",
                             "therap",     "relieves",
                             "rash",       "infection",
                             "wound",      "fungus",
                             "heilt",      "heilung",
                             "heilend",    "heilsam",
                             "lindert",    "linderung",
                             "behandelt",  "behandlung",
                             "ekzem",      "neurodermitis",
                             "akne",       "schuppenflechte",
                             "rosazea",    "entzündung",
                             "antimikrob", "antibakteriell",
                             "desinfiz",   "medizin",
                             "ausschlag",  "wunde",
                             "hautpilz",   "gegen pilz"})
        out.push_back({word, ClaimKind::Medical});
    for (const char* word : {"safe",
                             "for sensitive skin",
                             "hypoallergenic",
                             "no lye",
                             "lye-free",
                             "lye free",
                             "chemical-free",
                             "chemical free",
                             "ph neutral",
                             "ph-neutral",
                             "non-toxic",
                             "suitable for babies",
                             "unbedenklich",
                             "sicher",
                             "für empfindliche haut",
                             "hypoallergen",
                             "ohne lauge",
                             "laugenfrei",
                             "ohne chemie",
                             "chemiefrei",
                             "ungiftig",
                             "für babys"})
        out.push_back({word, ClaimKind::NotShown});
    return out;
}

std::vector<ClaimFound> claimsIn(std::string_view text, std::span<const ClaimWord> words)
{
    const std::string all = lower(text);
    std::vector<ClaimFound> out;
    for (std::size_t i = 0; i < all.size(); ++i) {
        if (i > 0 && isLetter(all[i - 1]))
            continue;
        const ClaimWord* longest = nullptr;
        for (const ClaimWord& word : words)
            if (!word.word.empty() && all.compare(i, word.word.size(), word.word) == 0 &&
                (!longest || word.word.size() > longest->word.size()))
                longest = &word;
        if (!longest)
            continue;
        std::size_t end = i + longest->word.size();
        while (end < all.size() && isLetter(all[end]))
            ++end;
        out.push_back({i, end - i, longest->kind});
        i = end;
    }
    return out;
}

} // namespace rhexion
