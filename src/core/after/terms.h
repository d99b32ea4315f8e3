// How a maker counts and labels: schools, limits, money, label sheets. Kept with her fittings.
#pragma once

#include "core/after/claims.h"
#include "core/after/cure_rules.h"
#include "core/after/free_alkali.h"
#include "core/after/inci.h"

#include <map>
#include <optional>
#include <string>

namespace rhexion {

enum class WeightSystem { Average, Minimum };

struct LabelSheet { // mm
    double pageWidth = 210.0;
    double pageHeight = 297.0;
    double left = 10.0;
    double top = 12.0;
    double width = 60.0; // of one label
    double height = 90.0;
    double across = 3.0; // gap
    double down = 3.0;
    int columns = 3;
    int rows = 3;
    friend bool operator==(const LabelSheet&, const LabelSheet&) = default;
};
// Whether the labels lie on the page.
bool fits(const LabelSheet& sheet);

struct AfterTerms {
    CureSchools schools;
    double limitFine = AlkaliLimits{}.fine;
    double limitNever = AlkaliLimits{}.never;
    std::string currency = "EUR";
    int minorDigits = 2;          // 0 to 3
    double packagingPerBar = 0.0; // minor
    double perHour = 0.0;
    double hours = 0.0;  // of a batch
    double energy = 0.0; // minor, of a batch
    double factor = 1.0;
    double tax = 0.0;
    bool pricesWithTax = false; // of lots
    double taxOfLots = 0.0;
    double produceLoss = 0.20; // of purees: strained, peeled (common practice, no source)
    double weeksToGet = 2.0;
    int barsToKeep = 0; // of what is made again; fewer are said
    LabelSchool label = LabelSchool::AsAdded;
    WeightSystem weight = WeightSystem::Average;
    bool qr = false;
    std::string answersForIt; // name and place on the label
    std::string card;         // the customer's card
    LabelSheet sheet;
    std::vector<ClaimWord> claims = usualClaims();
    std::map<std::string, InciName> inci; // by material id; before any that is shipped
    AlkaliLimits limits() const { return {limitFine, limitNever}; }
    friend bool operator==(const AfterTerms&, const AfterTerms&) = default;
};

namespace limits {
inline constexpr std::size_t cardText = 4000;
inline constexpr std::size_t answersText = 500;
inline constexpr std::size_t mostClaims = 500;
inline constexpr std::size_t claimWord = 100;
} // namespace limits

} // namespace rhexion
