// Every figure of a material by a code, with its unit and bounds: what lots, the editor, CSV and
// the material page go by.
#pragma once

#include "core/materials/material.h"

#include <string>

namespace rhexion {

enum class FigureUnit { Percent, MgPerGram, Iodine, Millimole, Ph, GramPerMl, Celsius };

struct FigureKind {
    std::string code; // a part's code, "acid-citric", "sv", "fatty-acid-C18:1", ...
    FigureUnit unit;
    double low; // allowed bounds as stored: percent figures are fractions
    double high;
};

// Parts, acids, scalars, fatty acids, in that order. The list never changes while running.
std::span<const FigureKind> figureKinds();
const FigureKind* findFigureKind(const std::string& code);

// The figure under a code, or nothing where the material has none. A part of 0 counts as none.
const Figure* findFigure(const Material& material, const std::string& code);
// Puts a figure in place; the code must be known. The material must have the source it names.
void setFigure(Material& material, const std::string& code, const Figure& figure);
void clearFigure(Material& material, const std::string& code);

// An interval within the bounds of its kind, or nothing.
std::optional<Interval> intervalOf(const FigureKind& kind, double low, double typical, double high);
// Whether two hold the same figures from the same sources and the same jar; the order they are kept
// in, and the ids of their sources, say nothing.
bool sameFigures(const Material& a, const Material& b);
// Whether a figure is a share of the whole, so that all of them sum to 1.
bool isShareOfWhole(const std::string& code);

} // namespace rhexion
