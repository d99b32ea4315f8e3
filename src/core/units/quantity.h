// What a person states in a unit of their choice carries its type, so that it cannot be mixed up:
// mass and temperature; and a figure with its low and high. Conversions happen only here. What
// comes out of a reckoning is a number whose name ends in its unit: grams, mol, celsius; a share is
// 0 to 1.
#pragma once

#include <cmath>
#include <compare>
#include <optional>

namespace rhexion {

// Mass, in grams inside. Any double may be held, so that a reckoning can name the line whose mass
// is wrong instead of losing it; isUsable() is what a reckoning asks before it trusts one.
// Factors: international avoirdupois pound 0.45359237 kg (1959 agreement), ounce = pound / 16.
class Mass {
public:
    static constexpr double gramsPerPound = 453.59237;
    static constexpr double gramsPerOunce = gramsPerPound / 16.0;
    // No soap batch reaches a hundred tonnes; beyond it a typed figure is a slip.
    static constexpr double largestGrams = 1e8;

    constexpr Mass() = default;
    static constexpr Mass grams(double g) { return Mass{g}; }
    static constexpr Mass kilograms(double kg) { return Mass{kg * 1000.0}; }
    static constexpr Mass ounces(double oz) { return Mass{oz * gramsPerOunce}; }
    static constexpr Mass pounds(double lb) { return Mass{lb * gramsPerPound}; }

    constexpr double inGrams() const { return grams_; }
    constexpr double inKilograms() const { return grams_ / 1000.0; }
    constexpr double inOunces() const { return grams_ / gramsPerOunce; }
    constexpr double inPounds() const { return grams_ / gramsPerPound; }

    bool isUsable() const
    {
        return std::isfinite(grams_) && grams_ >= 0.0 && grams_ <= largestGrams;
    }

    friend constexpr Mass operator+(Mass a, Mass b) { return Mass{a.grams_ + b.grams_}; }
    friend constexpr Mass operator-(Mass a, Mass b) { return Mass{a.grams_ - b.grams_}; }
    friend constexpr Mass operator*(Mass a, double k) { return Mass{a.grams_ * k}; }
    friend constexpr Mass operator*(double k, Mass a) { return Mass{a.grams_ * k}; }
    friend constexpr double operator/(Mass a, Mass b) { return a.grams_ / b.grams_; }
    friend constexpr auto operator<=>(Mass, Mass) = default;

private:
    explicit constexpr Mass(double g) : grams_(g) {}
    double grams_ = 0.0;
};

// Temperature, degrees Celsius inside. A difference converts without the 32.
class Temperature {
public:
    constexpr Temperature() = default;
    static constexpr Temperature celsius(double c) { return Temperature{c}; }
    static constexpr Temperature fahrenheit(double f) { return Temperature{(f - 32.0) / 1.8}; }
    constexpr double inCelsius() const { return celsius_; }
    constexpr double inFahrenheit() const { return celsius_ * 1.8 + 32.0; }
    static constexpr double differenceInFahrenheit(double celsiusDifference)
    {
        return celsiusDifference * 1.8;
    }
    static constexpr double differenceFromFahrenheit(double fahrenheitDifference)
    {
        return fahrenheitDifference / 1.8;
    }
    friend constexpr auto operator<=>(Temperature, Temperature) = default;

private:
    explicit constexpr Temperature(double c) : celsius_(c) {}
    double celsius_ = 20.0;
};

// A figure with its doubt: low <= typical <= high, all finite; not negative unless made as signed.
class Interval {
public:
    constexpr Interval() = default;
    static constexpr Interval exactly(double v) { return Interval{v, v, v}; }
    // Refuses NaN, infinity, negatives and a wrong order.
    static std::optional<Interval> of(double low, double typical, double high)
    {
        const bool good = std::isfinite(low) && std::isfinite(high) && low >= 0.0 &&
                          low <= typical && typical <= high;
        return good ? std::optional(Interval{low, typical, high}) : std::nullopt;
    }
    // Bounds worked out apart may cross by a rounding; here the typical figure wins. All must be
    // finite and not negative.
    static Interval around(double low, double typical, double high)
    {
        return Interval{low < typical ? low : typical, typical, high > typical ? high : typical};
    }
    // For degrees, which may be negative. Refuses NaN, infinity and a wrong order.
    static std::optional<Interval> ofSigned(double low, double typical, double high)
    {
        const bool good =
            std::isfinite(low) && std::isfinite(high) && low <= typical && typical <= high;
        return good ? std::optional(Interval{low, typical, high}) : std::nullopt;
    }
    constexpr double low() const { return low_; }
    constexpr double typical() const { return typical_; }
    constexpr double high() const { return high_; }
    // Every bound times a factor of 0 or more.
    friend constexpr Interval operator*(const Interval& i, double k)
    {
        return Interval{i.low_ * k, i.typical_ * k, i.high_ * k};
    }
    friend constexpr bool operator==(const Interval&, const Interval&) = default;

private:
    constexpr Interval(double l, double t, double h) : low_(l), typical_(t), high_(h) {}
    double low_ = 0.0;
    double typical_ = 0.0;
    double high_ = 0.0;
};

} // namespace rhexion
