// One check a subject, each in a file of its own; cautions.cpp calls them in turn. Inside
// core/advice.
#pragma once

#include "core/account/account.h"
#include "core/advice/caution.h"
#include "core/advice/thresholds.h"
#include "core/materials/behaviour.h"

#include <array>
#include <vector>

namespace rhexion {

// Below half a gram a difference is rounding on a kitchen scale.
inline constexpr double noticeableGrams = 0.5;

// What all that goes in comes to, as the checks ask for it; g unless it says otherwise.
struct PotContents {
    double sugar = 0.0;
    double salt = 0.0; // sodium chloride of every source
    std::array<double, 2> jugSalt{};
    double reserve = 0.0; // mol that may be taken up and is not counted
    double mostReserve = 0.0;
    LineId mostReserveLine = 0;
    LineId milk = 0;
    double lauric = 0.0; // of the oils: caprylic to myristic
    double soft = 0.0;   // linoleic and linolenic
    double oleic = 0.0;  // oils that are mostly oleic
    int colours = 0;
    int scents = 0;
    int allergens = 0;
    LineId allergen = 0;
    LineId seizing = 0; // a scent that seizes
    LineId honey = 0;   // a sugar that speeds trace
    LineId cooked = 0;  // milk or sugar that is there when it cooks
    bool hot = false;   // something joins after the cook

    // The kinds of bar that are judged apart.
    bool isCoconutBar(double oils) const
    {
        return lauric >
               valueOf(Threshold::CoconutShare) * valueOf(Threshold::LauricOfCoconut) * oils;
    }
    bool isSaltBar(double oils) const { return salt > valueOf(Threshold::SaltBar) * oils; }
};
PotContents contentsOf(const Formula& formula, const Account& account);

// What a check looks at, and where it says what it finds.
struct Advising {
    const Formula& f;
    const Account& r;
    const PotContents& pot;
    std::vector<Caution>& out;

    void say(CautionCode code, Severity severity, Vessel vessel, LineId line,
             std::vector<double> figures = {}, std::optional<Edit> mend = {}) const
    {
        out.push_back({code, severity, vessel, line, std::move(figures), std::move(mend)});
    }
    // What one line is of the oils it meets: those of its own portion.
    double ofOils(std::size_t line) const;
    double superfat() const { return r.superfatTrue.value_or(-1.0); }
};

// A formula with its liquid stated as this strength.
SetLiquid withStrength(const Formula& formula, double strength);

void checkJugs(const Advising& a);
void checkPortions(const Advising& a);
void checkLiquid(const Advising& a);
void checkLye(const Advising& a);
void checkBar(const Advising& a);       // what the whole will be like
void checkMaterials(const Advising& a); // one by one
void checkScents(const Advising& a);
void checkSlips(const Advising& a); // of unit and of figure

} // namespace rhexion
