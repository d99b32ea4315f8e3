// Thermal figures of what a soapmaker handles. All from handbooks, from memory, unless it says
// otherwise: docs/heat.md has each figure with its range and source. J, g, mol, C, s, W, m.
#pragma once

#include "core/formula/heat_plan.h"
#include "core/materials/chemistry.h"
#include "core/units/enum_count.h"

#include <array>
#include <span>

namespace rhexion::heat {

inline constexpr double gasConstant = 8.314462618; // J/(mol K)
inline constexpr double zeroCelsius = 273.15;
inline constexpr double reference = 25.0; // C at which heats of reaction are stated

// J/(g K)
namespace cp {
inline constexpr double water = 4.18;
inline constexpr double ice = 2.05;
inline constexpr double fat = 2.00;
inline constexpr double sugar = 1.40;
inline constexpr double protein = 1.55;
inline constexpr double salt = 0.90;
inline constexpr double acid = 1.30;
inline constexpr double glycerol = 2.40;
inline constexpr double alcohol = 2.45;
inline constexpr double inert = 0.85;
inline constexpr double other = 1.50;
inline constexpr double sodiumHydroxide = 1.49; // solid
inline constexpr double potassiumHydroxide = 1.16;
} // namespace cp

inline constexpr double meltingIce = 333.6;  // J/g
inline constexpr double evaporating = 2350.; // J/g, warm water
// kJ per mol of hydroxide that an acid takes, of dilute lye; bicarbonate less.
inline constexpr double neutralising = 56.0;
inline constexpr double neutralisingBicarbonate = 41.0;
// kJ per mol of the water already bound in solid flakes.
inline constexpr double boundInSodium = 23.0;
inline constexpr double boundInPotassium = 43.0;
// Taken up: kJ per mol of a solid acid, of citric monohydrate; kJ per g of salt.
inline constexpr double dissolvingAcid = 18.0;
inline constexpr double dissolvingMonohydrate = 29.0;
inline constexpr double dissolvingSalt = 0.066;

// Engineering estimates: W/(m2 K) from a jug or pot to the air, convection alone, and the latent
// over the sensible heat at a wet face, K/kPa; the air's humidity.
inline constexpr double airFilm = 10.0;
inline constexpr double convection = 4.0;
inline constexpr double lewis = 15.0;
inline constexpr double humidity = 0.5;

// A straight line between nodes, held at both ends. xs rises; both of one length, at least 1.
double between(double x, std::span<const double> xs, std::span<const double> ys);

// kPa over water, Magnus form.
double vapourPressure(double celsius);
// Of lye, against pure water.
double waterActivity(double strength);

// kJ per mol of hydroxide when it dissolves in so many mol of water each; negative: given off.
double heatOfSolutionSodium(double waterPerMol);
double heatOfSolutionPotassium(double waterPerMol);
// J/(g K) of lye at a strength, 0 to 0.6.
double lyeCpSodium(double strength);
double lyeCpPotassium(double strength);
// The same of two hydroxides, by their masses; water's where there is none.
double lyeCp(double sodiumGrams, double potassiumGrams, double strength);
double lyeBoilingPoint(double strength);  // C
double lyeFreezingPoint(double strength); // C, beside ice
// g of hydroxide that 1 g of water holds at a temperature. Up to 20 C the figures of chemistry.h.
double heatSolubilitySodium(double celsius);
double heatSolubilityPotassium(double celsius);

double cpOf(VesselStuff stuff); // J/(g K)
// W/(m2 K) through its wall into a stirred ice bath.
double bathConductance(VesselStuff stuff);

// Side with foot, and top, of a vessel as high as wide that so many grams fill; m2.
struct Faces {
    double side = 0.0;
    double top = 0.0;
};
Faces facesOf(double grams);

// J/s that side and top lose to a room, and what evaporates from the top; never below 0.
struct Loss {
    double dry = 0.0;
    double wet = 0.0;
};
Loss lossToRoom(double celsius, double room, const Faces& faces, double strength);

} // namespace rhexion::heat
