// Scent on its several bases, its caps, allergens and flash point.
#pragma once

#include "core/advice/reckon.h"
#include "core/units/cannot.h"

#include <span>
#include <string>
#include <vector>

namespace rhexion {

enum class ScentBasis {
    Oils,
    BatterBefore,      // all but scent
    BatterWhole,       // scent among it
    BatterWithoutLate, // without what goes in after the cook or on top, and without scent
    Cured              // the bar by the end of its cure, scent among it: it is taken to stay
};
const char* codeOf(ScentBasis basis);
std::optional<ScentBasis> scentBasisFromCode(const std::string& code);

struct ScentBases { // g, all without scent
    double oils = 0.0;
    double batter = 0.0;
    double late = 0.0;      // of it, what joins after the cook or on top
    double waterLost = 0.0; // by the end of cure
    // What a basis weighs with so much scent in all, g.
    double gramsOf(ScentBasis basis, double scent) const;
};

struct ScentShare {
    double fraction = 0.0; // 0 to below 0.5
    ScentBasis basis = ScentBasis::Oils;
};
struct ScentGrams {
    std::vector<double> each;
    double total = 0.0;
};
// Closed form: shares of a whole that holds the scent itself refer to each other.
OrCannot<ScentGrams> scentGrams(std::span<const ScentShare> shares, const ScentBases& bases);
// The most of one scent under a cap, g, the other scents' grams held.
OrCannot<double> scentCap(double fraction, ScentBasis basis, const ScentBases& bases,
                          double otherScents = 0.0);

// Grams of so many drops: 0.02, 0.05, 0.06 ml each (common practice, no source).
Interval gramsOfDrops(double drops, const Interval& density);

// A limit that somebody set. scent empty: all scents together.
struct ScentLimit {
    enum class Whose { Supplier, Local, Own };
    std::string scent; // material id
    Whose whose = Whose::Own;
    ProductKind kind = ProductKind::RinseOff;
    double fraction = 0.0; // above 0, at most 1
    ScentBasis basis = ScentBasis::Cured;
    std::string source;
    std::string date; // ISO, as the maker wrote it; may be empty
    friend bool operator==(const ScentLimit&, const ScentLimit&) = default;
};
const char* codeOf(ScentLimit::Whose whose);
std::optional<ScentLimit::Whose> whoseFromCode(const std::string& code);

// What a certificate says of one scent: shares of declarable substances.
struct AllergenShare {
    std::string name;
    double low = 0.0;
    double high = 0.0; // "up to 2 %" is 0 to 2
    friend bool operator==(const AllergenShare&, const AllergenShare&) = default;
};
struct ScentCertificate {
    std::string scent; // material id
    std::vector<AllergenShare> allergens;
    std::string source;
    std::string date;
    friend bool operator==(const ScentCertificate&, const ScentCertificate&) = default;
};
// A jar of several scents blended beforehand: its limits and allergens are those of its parts.
struct ScentPart {
    std::string scent;  // material id
    double share = 0.0; // by weight, above 0; together at most 1
    friend bool operator==(const ScentPart&, const ScentPart&) = default;
};
struct ScentBlend {
    std::string scent; // material id of the jar
    std::vector<ScentPart> parts;
    std::optional<double> flash; // C, the lowest of its parts'; absent where one is not known
};

enum class Declare { Below, ToBeSafe, Must };
const char* codeOf(Declare declare);
struct AllergenInBar {
    std::string name;
    double low = 0.0; // share of the finished soap
    double high = 0.0;
    Declare say = Declare::Below;
};
// From where on a substance is named on the label: Regulation (EC) 1223/2009, annex III (from
// memory); thresholds elsewhere differ.
inline constexpr double rinseOffThreshold = 1e-4;
inline constexpr double leaveOnThreshold = 1e-5;
struct CertifiedGrams {
    double grams = 0.0;
    const ScentCertificate* certificate = nullptr;
};
// cured: mass of the finished soap, g.
std::vector<AllergenInBar> allergensIn(std::span<const CertifiedGrams> scents,
                                       const Interval& cured, double threshold);

enum class FlashCaution { None, NotKnown, KeepFlameAway, CoolBeforeAdding };
const char* codeOf(FlashCaution caution);
// Lowest closed-cup flash point of the scents, C, less 5 K (common practice); one that is not known
// is never taken for a high one.
FlashCaution flashCaution(std::span<const std::optional<double>> flashPoints, double celsiusAdded,
                          double celsiusPeak, bool flameNear);

// The whole picture of a formula's scents.
struct ScentReckoned {
    LineId line = 0;
    double grams = 0.0;
    double gramsHigh = 0.0; // where it is stated in drops: the high bound, against its cap
    std::array<double, countOf<ScentBasis>()> shares{}; // on each basis
    std::optional<Interval> drops;                      // how many it comes to
    struct Limit {
        std::size_t which = 0; // place among the limits given
        double allowed = 0.0;  // g
        bool exceeded = false;
    };
    std::vector<Limit> limits; // that apply, least first: the first binds
    bool noSupplierLimit = true;
    bool tried = false; // an earlier batch holds this lot
    int timesTried = 0;
    bool certificateKnown = false;
};
struct ScentPicture {
    ScentBases bases;
    double total = 0.0;
    std::vector<ScentReckoned> scents;
    std::vector<ScentReckoned::Limit> together; // limits of all scents together, least first
    double sumOfShares = 0.0; // of each scent's binding limit: above 1, ask for the certificates
    std::vector<AllergenInBar> allergens;
    FlashCaution flash = FlashCaution::None;
    double celsiusAdded = 0.0;
    double celsiusPeak = 0.0;
    bool isCooked = false;
};
struct TimesTried {
    std::string material; // id
    int times = 0;
};
// A limit on a scent holds for all that is in the batter of it, on other lines and in jars too.
// What the temperature is where scents join: the mixing temperature, of a cooked batter 80 C
// (common practice) unless it goes in after the cook and is said to have cooled.
ScentPicture scentPicture(const Formula& formula, const Account& account,
                          std::span<const ScentLimit> limits,
                          std::span<const ScentCertificate> certificates,
                          std::span<const TimesTried> tried,
                          std::span<const ScentBlend> blends = {});

} // namespace rhexion
