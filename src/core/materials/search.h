// A search over many names: folded once, ranked at every keystroke.
#pragma once

#include <cstdint>
#include <string>
#include <string_view>
#include <vector>

namespace rhexion {

// How well a name answers a search, best first: whole, start, starts of words, inside. Only those
// with every word of the search are kept. Equal marks keep their order.
struct Match {
    std::size_t index;
    int mark; // lower is better
};

class SearchIndex {
public:
    // The number of what is added next is size().
    std::size_t size() const { return entries_.size(); }
    // handicap puts an entry behind others that answer as well.
    void add(std::string_view name, const std::vector<std::string>& alsoCalled, int handicap = 0);
    void clear() { entries_.clear(); }
    // An empty search finds everything in order.
    std::vector<Match> find(std::string_view search) const;

private:
    struct Entry {
        std::string name; // folded
        std::vector<std::string> others;
        int handicap;
    };
    std::vector<Entry> entries_;
};

// Lower-cased, accents of Latin-1 and Latin Extended-A folded, runs of space made one.
std::string folded(std::string_view text);

} // namespace rhexion
