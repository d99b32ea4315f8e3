// The shapes of moulds and what they hold up to a height. Sizes in mm, volumes in ml. Geometry; the
// loaf's area is quadratic in the height, so that Simpson's rule is exact.
#pragma once

#include "core/units/cannot.h"

#include <optional>
#include <variant>

namespace rhexion {

// A straight or tapered loaf, inside sizes at the bottom and at the rim; length at the rim 0: as at
// the bottom.
struct Loaf {
    double length = 0.0;
    double width = 0.0;
    double height = 0.0;
    double rimLength = 0.0;
    double rimWidth = 0.0;
    double corner = 0.0; // radius
    double liner = 0.0;  // thickness: off length and width twice, off the height once
    friend bool operator==(const Loaf&, const Loaf&) = default;
};

// A tray with dividers across its length and its width.
struct Slab {
    double length = 0.0;
    double width = 0.0;
    double height = 0.0;
    int acrossLength = 0;
    int acrossWidth = 0;
    double thickness = 0.0;     // of a divider
    double dividerHeight = 0.0; // 0 to the tray's
    friend bool operator==(const Slab&, const Slab&) = default;
};

struct Column { // an upright tube
    double diameter = 0.0;
    double height = 0.0;
    friend bool operator==(const Column&, const Column&) = default;
};

struct LyingTube { // a tube or half pipe on its side, filled to a depth of at most its diameter
    double diameter = 0.0;
    double length = 0.0;
    double depth = 0.0;
    friend bool operator==(const LyingTube&, const LyingTube&) = default;
};

struct Dome { // filled with its base up: z from the lowest point; height = radius is half a ball
    double baseRadius = 0.0;
    double height = 0.0;
    friend bool operator==(const Dome&, const Dome&) = default;
};

struct FreeShape { // known by the water it holds; its height is not
    double millilitres = 0.0;
    friend bool operator==(const FreeShape&, const FreeShape&) = default;
};

using MouldShape = std::variant<Loaf, Slab, Column, LyingTube, Dome, FreeShape>;

// No soap mould is longer than ten metres or holds more than a thousand cavities.
inline constexpr double longestMould = 10000.0;
inline constexpr int mostCavities = 1000;

// What is wrong with the sizes, or nothing.
std::optional<Cannot> faultOf(const MouldShape& shape);

// The functions below take shapes without a fault.
double heightOf(const MouldShape& shape);   // to the rim; 0 where it is not known
double capacityOf(const MouldShape& shape); // ml to the rim
// ml up to a height; refuses one past the rim, and any of a free shape.
OrCannot<double> volumeTo(const MouldShape& shape, double height);
// Height of a volume; refuses one that is more than the mould takes, with the ml over.
OrCannot<double> fillHeight(const MouldShape& shape, double millilitres);
// Side to side at a height, for drawing: half of it either side of the middle.
double widthAt(const MouldShape& shape, double height);
// Bars that dividers make; 0 where there are none.
int cellsOf(const MouldShape& shape);

// Density of water, g/ml, 0 to 60 C: Kell 1975 (from memory).
OrCannot<double> waterDensity(double celsius);
// Volume from the weights of a mould full of water and empty, g.
OrCannot<FreeShape> byWater(double full, double empty, double celsius);

} // namespace rhexion
