// What lies where at a moment of the day: the jug, the pot, the batter, a portion's bowl or the
// mould as they are now, and what is weighed and still waits in a cup of its own.
#pragma once

#include "core/account/contents.h"
#include "core/makeday/as_weighed.h"

#include <span>
#include <vector>

namespace rhexion {

enum class Place { LyeJug, SecondJug, OilPot, Batter, Bowl, Mould };
const char* codeOf(Place place);
std::optional<Place> placeFromCode(const std::string& code);

struct Lying {
    WeighTarget target;   // None: it went in beside the plan
    MaterialPtr material; // nothing for oil set aside out of the whole pot
    double grams = 0.0;
};

struct PlaceNow {
    Place place = Place::OilPot;
    PortionId portion = 0;      // of Place::Bowl
    std::vector<Lying> in;      // in the order of the plan, what went in beside it last
    std::vector<Lying> waiting; // weighed for this place, not in it yet
    Contents contents;          // of what is in it
};

// The place the step is about, before that step is done; done: which steps are, as many as there
// are. step may be the plan's size: all is done. Only what was weighed lies anywhere. A bowl holds
// its share of the batter, by parts.
PlaceNow placeNow(const Formula& formula, const DayPlan& plan, std::size_t step,
                  const std::vector<bool>& done, std::span<const Weighed> weighed,
                  std::span<const TopUp> topUps);

} // namespace rhexion
