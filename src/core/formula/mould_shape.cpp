#include "core/formula/mould_shape.h"

#include <algorithm>
#include <cmath>
#include <initializer_list>
#include <numbers>

namespace rhexion {

namespace {

// A little past the rim is the rim: heights come out of a bisection.
constexpr double atTheRim = 1.0 + 1e-12;

struct Size {
    const char* item;
    double value;
};

std::optional<Cannot> faultOfSizes(std::initializer_list<Size> sizes)
{
    for (const Size& size : sizes) {
        if (!isAboveNothing(size.value))
            return Cannot{CannotCode::NotPositive, size.item, {}};
        if (!(size.value <= longestMould))
            return Cannot{CannotCode::OutOfRange, size.item, {0.0, longestMould}};
    }
    return std::nullopt;
}

// Inside the liner.
struct LoafInside {
    explicit LoafInside(const Loaf& loaf)
        : length(loaf.length - 2 * loaf.liner), width(loaf.width - 2 * loaf.liner),
          height(loaf.height - loaf.liner),
          rimLength((loaf.rimLength == 0.0 ? loaf.length : loaf.rimLength) - 2 * loaf.liner),
          rimWidth((loaf.rimWidth == 0.0 ? loaf.width : loaf.rimWidth) - 2 * loaf.liner),
          corner(loaf.corner)
    {
    }
    double lengthAt(double z) const { return length + (rimLength - length) * z / height; }
    double widthAt(double z) const { return width + (rimWidth - width) * z / height; }
    double area(double z) const
    {
        return lengthAt(z) * widthAt(z) - (4.0 - std::numbers::pi) * corner * corner;
    }
    double volume(double z) const
    {
        return z / 6.0 * (area(0.0) + 4.0 * area(z / 2.0) + area(z)) / 1000.0;
    }
    double length, width, height, rimLength, rimWidth, corner;
};

struct FaultOf {
    std::optional<Cannot> operator()(const Loaf& loaf) const
    {
        if (!isNotNegative(loaf.corner) || !isNotNegative(loaf.liner))
            return Cannot{CannotCode::Negative, "corner-or-liner", {}};
        if (!isNotNegative(loaf.rimLength) || !isNotNegative(loaf.rimWidth))
            return Cannot{CannotCode::Negative, "rim", {}};
        const LoafInside in(loaf);
        if (auto fault = faultOfSizes({{"length", in.length},
                                       {"width", in.width},
                                       {"height", in.height},
                                       {"rim-length", in.rimLength},
                                       {"rim-width", in.rimWidth}}))
            return fault;
        if (2 * in.corner > std::min({in.length, in.width, in.rimLength, in.rimWidth}))
            return Cannot{CannotCode::CornerTooRound, "corner", {}};
        return std::nullopt;
    }
    std::optional<Cannot> operator()(const Slab& slab) const
    {
        if (auto fault = faultOfSizes(
                {{"length", slab.length}, {"width", slab.width}, {"height", slab.height}}))
            return fault;
        const bool inside = slab.dividerHeight >= 0.0 && slab.dividerHeight <= slab.height;
        if (slab.acrossLength < 0 || slab.acrossWidth < 0 || !isNotNegative(slab.thickness) ||
            !inside)
            return Cannot{CannotCode::BadDividers, "dividers", {}};
        if (!(slab.acrossLength * slab.thickness < slab.length) ||
            !(slab.acrossWidth * slab.thickness < slab.width))
            return Cannot{CannotCode::DividersFillTheMould, "dividers", {}};
        if (slab.acrossLength > mostCavities || slab.acrossWidth > mostCavities)
            return Cannot{CannotCode::OutOfRange, "dividers", {0.0, double(mostCavities)}};
        return std::nullopt;
    }
    std::optional<Cannot> operator()(const Column& column) const
    {
        return faultOfSizes({{"diameter", column.diameter}, {"height", column.height}});
    }
    std::optional<Cannot> operator()(const LyingTube& tube) const
    {
        if (auto fault = faultOfSizes(
                {{"diameter", tube.diameter}, {"length", tube.length}, {"depth", tube.depth}}))
            return fault;
        if (tube.depth > tube.diameter)
            return Cannot{CannotCode::AboveTheRim, "depth", {}};
        return std::nullopt;
    }
    std::optional<Cannot> operator()(const Dome& dome) const
    {
        return faultOfSizes({{"base-radius", dome.baseRadius}, {"height", dome.height}});
    }
    std::optional<Cannot> operator()(const FreeShape& free) const
    {
        if (!isAboveNothing(free.millilitres))
            return Cannot{CannotCode::NotPositive, "water", {}};
        if (free.millilitres > 1e8)
            return Cannot{CannotCode::OutOfRange, "water", {0.0, 1e8}};
        return std::nullopt;
    }
};

struct VolumeTo {
    double z;
    double operator()(const Loaf& loaf) const { return LoafInside(loaf).volume(z); }
    double operator()(const Slab& s) const
    {
        const double low = std::min(z, s.dividerHeight);
        return ((s.length - s.acrossLength * s.thickness) *
                    (s.width - s.acrossWidth * s.thickness) * low +
                s.length * s.width * (z - low)) /
               1000.0;
    }
    double operator()(const Column& c) const
    {
        return std::numbers::pi * c.diameter * c.diameter / 4.0 * z / 1000.0;
    }
    double operator()(const LyingTube& t) const
    {
        const double r = t.diameter / 2.0;
        const double chord = std::sqrt(std::max(0.0, 2.0 * r * z - z * z));
        return t.length *
               (r * r * std::acos(std::clamp((r - z) / r, -1.0, 1.0)) - (r - z) * chord) / 1000.0;
    }
    double operator()(const Dome& d) const
    {
        const double ball = (d.baseRadius * d.baseRadius + d.height * d.height) / (2.0 * d.height);
        return std::numbers::pi * z * z * (3.0 * ball - z) / 3.0 / 1000.0;
    }
    double operator()(const FreeShape& f) const { return f.millilitres; }
};

struct HeightOf {
    double operator()(const Loaf& loaf) const { return LoafInside(loaf).height; }
    double operator()(const Slab& slab) const { return slab.height; }
    double operator()(const Column& column) const { return column.height; }
    double operator()(const LyingTube& tube) const { return tube.depth; }
    double operator()(const Dome& dome) const { return dome.height; }
    double operator()(const FreeShape&) const { return 0.0; }
};

struct WidthAt {
    double z;
    double operator()(const Loaf& loaf) const { return LoafInside(loaf).lengthAt(z); }
    double operator()(const Slab& slab) const { return slab.length; }
    double operator()(const Column& column) const { return column.diameter; }
    double operator()(const LyingTube& t) const
    {
        const double r = t.diameter / 2.0;
        return 2.0 * std::sqrt(std::max(0.0, 2.0 * r * z - z * z));
    }
    double operator()(const Dome& d) const
    {
        const double ball = (d.baseRadius * d.baseRadius + d.height * d.height) / (2.0 * d.height);
        return 2.0 * std::sqrt(std::max(0.0, 2.0 * ball * z - z * z));
    }
    double operator()(const FreeShape&) const { return 0.0; }
};

} // namespace

std::optional<Cannot> faultOf(const MouldShape& shape)
{
    return std::visit(FaultOf{}, shape);
}

double heightOf(const MouldShape& shape)
{
    return std::visit(HeightOf{}, shape);
}

double capacityOf(const MouldShape& shape)
{
    return std::visit(VolumeTo{heightOf(shape)}, shape);
}

OrCannot<double> volumeTo(const MouldShape& shape, double height)
{
    if (std::holds_alternative<FreeShape>(shape))
        return Cannot{CannotCode::NoHeight, "height", {}};
    if (!(height >= 0.0 && height <= heightOf(shape) * atTheRim))
        return Cannot{CannotCode::AboveTheRim, "height", {heightOf(shape)}};
    return std::visit(VolumeTo{height}, shape);
}

OrCannot<double> fillHeight(const MouldShape& shape, double millilitres)
{
    if (!isNotNegative(millilitres))
        return Cannot{CannotCode::Negative, "volume", {}};
    const double whole = capacityOf(shape);
    if (millilitres > whole * (1.0 + 1e-9))
        return Cannot{CannotCode::Overflows, "volume", {millilitres - whole}};
    if (std::holds_alternative<FreeShape>(shape))
        return Cannot{CannotCode::NoHeight, "height", {}};
    // Every shape holds more the higher it is filled.
    double low = 0.0;
    double high = heightOf(shape);
    for (int i = 0; i < 200; ++i) {
        const double middle = (low + high) / 2.0;
        if (middle <= low || middle >= high)
            break;
        (std::visit(VolumeTo{middle}, shape) < millilitres ? low : high) = middle;
    }
    return (low + high) / 2.0;
}

double widthAt(const MouldShape& shape, double height)
{
    return std::visit(WidthAt{height}, shape);
}

int cellsOf(const MouldShape& shape)
{
    const Slab* slab = std::get_if<Slab>(&shape);
    if (!slab || slab->acrossLength + slab->acrossWidth == 0)
        return 0;
    return (slab->acrossLength + 1) * (slab->acrossWidth + 1);
}

OrCannot<double> waterDensity(double t)
{
    if (!(t >= 0.0 && t <= 60.0))
        return Cannot{CannotCode::OutOfRange, "water-temperature", {0.0, 60.0}};
    const double dense =
        999.83952 +
        t * (16.945176 +
             t * (-7.9870401e-3 + t * (-46.170461e-6 + t * (105.56302e-9 + t * -280.54253e-12))));
    return dense / (1.0 + 16.879850e-3 * t) / 1000.0;
}

OrCannot<FreeShape> byWater(double full, double empty, double celsius)
{
    if (!(empty >= 0.0 && full > empty && full < 1e8))
        return Cannot{CannotCode::FullNotHeavier, "water", {}};
    const auto density = waterDensity(celsius);
    if (const Cannot* cannot = std::get_if<Cannot>(&density))
        return *cannot;
    return FreeShape{(full - empty) / std::get<double>(density)};
}

} // namespace rhexion
