// Words on a customer's card that say more than these sums can: a claim of healing may make a soap
// another kind of product in law (from memory), and "safe" follows from no sum.
#pragma once

#include <span>
#include <string>
#include <string_view>
#include <vector>

namespace rhexion {

enum class ClaimKind { Medical, NotShown };
struct ClaimWord {
    std::string word; // lower case; a word that begins with it counts: "heal" finds "healing"
    ClaimKind kind = ClaimKind::Medical;
    friend bool operator==(const ClaimWord&, const ClaimWord&) = default;
};
struct ClaimFound {
    std::size_t at = 0; // place in the text, bytes
    std::size_t length = 0;
    ClaimKind kind = ClaimKind::Medical;
};
// The list a maker begins with, in English and German: a card may be in either.
std::vector<ClaimWord> usualClaims();
// In the order of their places; a longer word at a place before a shorter one.
std::vector<ClaimFound> claimsIn(std::string_view text, std::span<const ClaimWord> words);

} // namespace rhexion
