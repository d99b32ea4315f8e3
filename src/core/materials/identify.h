// Which material a written name means. A search may guess; what goes into a lye sum is certain or
// asked, and this decides which. The words of the languages are data (data/names/meaning.json),
// read by the edge.
#pragma once

#include "core/materials/material.h"

#include <cstdint>
#include <map>
#include <string>
#include <string_view>
#include <unordered_map>
#include <utility>
#include <vector>

namespace rhexion {

// A word that stands for several materials: "cream", "vinegar essence", "lye".
struct GeneralWord {
    std::string code;                 // "cream"
    std::vector<std::string> words;   // as written, in any language
    std::vector<std::string> members; // ids of materials, the usual one first
};

// The words of all languages at once.
struct NamingRules {
    using Pairs = std::vector<std::pair<std::string, std::string>>;
    Pairs spellings; // one word for another, in any name: "yoghurt" for "yogurt"
    // Endings of a plural by language; in a word of four letters and more the first that fits is
    // replaced.
    std::map<std::string, Pairs, std::less<>> plurals;
    std::vector<std::string> idle;    // qualifiers that change nothing: "raw", "food grade"
    std::vector<std::string> telling; // that may change figures: "dried", "light", "sweetened"
    std::vector<GeneralWord> general;
    // Endings of words, one of which the name of such a material has: "oil" and "butter" of a fat.
    std::vector<std::string> fatHeads, acidHeads, hydroxideHeads, scentHeads;
};

enum class IdentityVerdict {
    Certain,   // one material, by a name of its own and words that change nothing
    Ambiguous, // a name of several, or a general word
    Near,      // a name with words that may change figures, or a part of one
    Unknown
};

struct Identification {
    IdentityVerdict verdict = IdentityVerdict::Unknown;
    std::vector<std::size_t> entries;     // the one that is meant, or the candidates, best first
    const GeneralWord* general = nullptr; // whose question is asked; lives as long as the rules
};

// The same with its materials.
struct Meant {
    IdentityVerdict verdict = IdentityVerdict::Unknown;
    std::vector<MaterialPtr> materials; // the one that is meant, or the candidates, best first
    const GeneralWord* general = nullptr;
};

// Names of many materials. Nothing is certain but a name, whole, in any language that names have.
class NameIndex {
public:
    // A name of a nearer origin hides the same name of a farther one.
    enum class Origin : std::uint8_t { Own, Catalogue, Food };

    NameIndex() : NameIndex(std::make_shared<const NamingRules>()) {}
    explicit NameIndex(std::shared_ptr<const NamingRules> rules);
    void clear();
    std::size_t size() const { return entries_.size(); }
    // Its number is size() before. An empty id can be found but not be remembered.
    void add(const std::string& id, MaterialKind kind, Origin origin);
    // One more name of the entry added last; language: a key of NamingRules::plurals, empty for
    // any.
    void addName(std::string_view name, std::string_view language);
    // One that answers only where no such name does: an INCI name, which several grades share.
    void addLesserName(std::string_view name);
    // A maker's own word for a material: certain from then on. No effect for an unknown id.
    void remember(std::string_view words, const std::string& id);

    Identification identify(std::string_view text) const;
    // Entries whose name is this text but for a slip of one letter, or two in long names.
    std::vector<std::size_t> slipsOf(std::string_view text) const;
    // What a part of the text names, the longest and the last first: "clove fragrance" is a
    // fragrance, whichever. Ten at most.
    std::vector<std::size_t> partNamesOf(std::string_view text) const;
    // Whether the text is a name, general or of a material, with nothing left out of it.
    bool isName(std::string_view text) const;
    bool isBlank(std::string_view text) const { return partsOf(text).empty(); } // no word in it
    // Whether the words can name such a kind of material: "walnuts" name no fat. Kinds that need no
    // word of their own always can.
    bool fitsKind(std::string_view text, MaterialKind kind) const;
    // Whether a qualifier is among the words that may change figures.
    bool isTelling(std::string_view text) const;
    // Without the qualifiers that change nothing; as it is where that leaves nothing.
    std::string withoutIdle(std::string_view text) const;
    // The rest of it with each word left out in turn, for a search that found nothing.
    std::vector<std::string> withoutOneWord(std::string_view text) const;

private:
    using Words = std::vector<std::string>;
    struct Entry {
        MaterialKind kind;
        Origin origin;
    };
    struct Meaning { // of a key
        std::vector<std::uint32_t> entries;
        const GeneralWord* general = nullptr;
    };
    using Keys = std::unordered_map<std::string, Meaning>;

    std::vector<Words> partsOf(std::string_view text) const;
    Words withoutIdle(Words words) const;
    // Hands put() the words of a name in every order of its parts and every spelling.
    template <class Put>
    void eachKey(std::string_view name, Put put) const;
    template <class Put>
    void eachMeaning(std::string_view name, std::string_view language, Put put);
    const Meaning* meaningOf(const Words& words) const;
    const Meaning* meaningInAnyOrder(const std::vector<Words>& parts) const;
    const Meaning* meaningWithout(const std::vector<Words>& parts,
                                  const std::vector<Words>& qualifiers) const;
    // With qualifiers that were written first put last: "unsweetened almond milk".
    const Meaning* meaningTurned(const std::vector<Words>& parts) const;
    Identification identificationOf(const Meaning& meaning) const;
    std::vector<std::size_t> candidatesOf(const Meaning& meaning) const;

    std::shared_ptr<const NamingRules> rules_;
    std::vector<Words> idle_, telling_; // idle and telling ones together
    std::vector<Entry> entries_;
    Keys exact_;
    std::map<std::string, Keys, std::less<>> singular_; // by language
    Keys lesser_;
    Keys short_; // a name up to its first comma
    std::unordered_map<std::string, std::uint32_t> remembered_;
    std::unordered_map<std::string, std::uint32_t> byId_;
};

} // namespace rhexion
