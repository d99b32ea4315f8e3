// A search over many names: folded once, ranked at every keystroke.
#pragma once

#include <cstdint>
#include <memory>
#include <string>
#include <string_view>
#include <utility>
#include <vector>

namespace rhexion {

// How a language lets one word stand for another; handed in by the edge (src/words/lexicon.h). All
// are folded.
struct SearchRules {
    using Pairs = std::vector<std::pair<std::string, std::string>>;
    Pairs endings;    // of words of four letters and more: "ies" for "y"; the first that fits
    Pairs words;      // another spelling or usage: "yoghurt" for "yogurt"
    Pairs shortForms; // a whole search: "evoo" for "olive oil"
};

// How well a name answers a search, best first: whole, start, starts of words in any order, inside,
// joined or split otherwise, with one slip in a word of five letters or more. Only those with every
// word of the search are kept. Equal marks keep their order.
struct Match {
    std::size_t index;
    int mark; // lower is better
};

class SearchIndex {
public:
    // Before anything is added.
    void setRules(std::shared_ptr<const SearchRules> rules) { rules_ = std::move(rules); }
    // The number of what is added next is size().
    std::size_t size() const { return entries_.size(); }
    // handicap puts an entry behind others that answer as well.
    void add(std::string_view name, const std::vector<std::string>& alsoCalled, int handicap = 0);
    void clear() { entries_.clear(); }
    // An empty search finds everything in order.
    std::vector<Match> find(std::string_view search) const;

private:
    // A name as it is looked through.
    struct Name {
        std::string spaced; // " goat milk": each word after a space
        std::string joined; // "goatmilk"
    };
    struct Entry {
        Name name;
        std::vector<Name> others;
        int handicap;
    };
    Name nameOf(std::string_view text) const;
    std::vector<Match> findName(const Name& wanted, bool withSlip) const;

    std::shared_ptr<const SearchRules> rules_;
    std::vector<Entry> entries_;
};

// Lower-cased, accents of Latin-1 and Latin Extended-A folded, runs of space made one.
std::string folded(std::string_view text);

} // namespace rhexion
