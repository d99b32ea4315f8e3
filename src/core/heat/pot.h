// The oil pot: melting, mixing and setting out again. An estimate. docs/heat.md, "The sums in
// short".
#pragma once

#include "core/heat/thermal.h"
#include "core/units/cannot.h"

#include <optional>
#include <string_view>
#include <vector>

namespace rhexion::heat {

enum class FatClass {
    Liquid,
    Coconut, // with palm kernel and babassu
    Palm,
    Lard,
    Tallow,
    Cocoa,
    Shea,
    Mango,
    Butter,
    Stearic, // commercial, half palmitic
    Beeswax,
    HardWax,
    SoyWax,
    Lauric,
    Own // by its fatty acids and melting figure
};
const char* codeOf(FatClass fat);
std::optional<FatClass> fatClassFromCode(std::string_view code);

// How a fat melts: J/g over a range of C, and what it sets out by.
struct Melting {
    double heat = 0.0; // J/g
    double from = -10.0;
    double to = -5.0;
    double clear = -5.0;     // C above which it stays clear
    double kilojoules = 100; // per mol, for setting out
    double molarMass = 875.0;
};
const Melting& meltingOf(FatClass fat); // Own: as Liquid
// J/g from shares (0 to 1) of C8 to C14, palmitic and longer saturated acids.
double meltingHeatFromAcids(double shortChain, double palmitic, double longSaturated);

struct PotPart {
    FatClass fat = FatClass::Liquid;
    double grams = 0.0;
    double celsius = 20.0;
    std::optional<Melting> own; // instead of its class's
    std::size_t item = 0;       // what it is to the caller: a place in its list of lines

    const Melting& melting() const { return own ? *own : meltingOf(fat); }
};

struct Pot {
    std::vector<PotPart> parts;
    double vesselGrams = 0.0;
    VesselStuff vessel = VesselStuff::Steel;
    std::optional<double> vesselCelsius; // as warm as the first part
};
std::optional<Cannot> faultOf(const Pot& pot);

// J/g above solid at 0 C.
double fatEnthalpy(const Melting& melting, double celsius);
// C once mixed, with so many J put in.
double temperatureOf(const Pot& pot, double extra = 0.0);
// J to bring the pot to a temperature.
double heatTo(const Pot& pot, double celsius);
// s to put so many J in with a heater of so many W; 0.6 of it reaches the pot (0.4 to 0.8, no
// source).
double secondsToPut(double joules, double watts);

// How warm the parts that are as warm as the first must be for the pot to come to a temperature;
// nothing if 200 C is not enough.
std::optional<double> hotPartsFor(const Pot& pot, double celsius);

struct SettingOut {
    std::size_t part = 0;     // the first of its kind
    double celsius = -273.15; // +-5: supercooling hides it, a cold jug brings it on
};
// Where the first hard part sets out, by ideal solubility in the rest; nothing where all is liquid.
std::optional<SettingOut> settingOut(const Pot& pot);
inline constexpr double settingBand = 5.0;

} // namespace rhexion::heat
