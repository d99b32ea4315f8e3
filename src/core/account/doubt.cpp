#include "core/account/doubt.h"

#include "core/materials/demand.h"
#include "core/materials/figures.h"

#include <algorithm>
#include <array>
#include <cmath>

namespace rhexion {

namespace {

constexpr std::size_t block = 1024;
constexpr std::size_t bins = 40;
constexpr double leastShare = 0.02;
using Draws = std::array<float, block>; // a float is finer than any figure is known
using Block = std::array<double, block>;

// Sums of one block of draws, or of the typical figures.
struct Sums {
    double fat = 0.0;    // mol
    double acid = 0.0;   // mol
    double supply = 0.0; // mol
    double pure = 0.0;   // g of hydroxide
    double water = 0.0;  // g
    double superfat() const { return 1.0 - (supply - acid) / fat; }
};

std::uint64_t keyOf(const Material& m, const std::string& code)
{
    // FNV-1a over what names the figure.
    std::uint64_t h = 1469598103934665603ull;
    const auto eat = [&](const std::string& text) {
        for (const char c : text)
            h = (h ^ static_cast<unsigned char>(c)) * 1099511628211ull;
        h = (h ^ 0xFFu) * 1099511628211ull;
    };
    eat(m.id);
    eat(m.lot.id);
    eat(code);
    return h;
}

inline std::uint64_t mixedUp(std::uint64_t z)
{
    z = (z ^ (z >> 30)) * 0xBF58476D1CE4E5B9ull;
    z = (z ^ (z >> 27)) * 0x94D049BB133111EBull;
    return z ^ (z >> 31);
}

// The loops below are the cost of a doubt; each is compiled for wide registers too, chosen when the
// program starts. No sum is reordered or fused (-ffp-contract=off), so every machine draws alike.
#if defined(__x86_64__) && defined(__gnu_linux__) && !defined(__SANITIZE_ADDRESS__)
#define RHEXION_WIDE __attribute__((target_clones("avx2", "default")))
#else
#define RHEXION_WIDE
#endif

// A count scrambled to 32 bits that pass for chance: two multiplications and three shifts, found by
// search to be nearly free of bias (the "lowbias32" function, public domain, from memory).
inline std::uint32_t scrambled(std::uint32_t x)
{
    x = (x ^ (x >> 16)) * 0x7FEB352Du;
    x = (x ^ (x >> 15)) * 0x846CA68Bu;
    return x ^ (x >> 16);
}

// Triangular draws with the low 0, the top c and the high 1, from two even ones.
RHEXION_WIDE void drawTriangular(std::uint32_t first, std::uint32_t second, float c, float low,
                                 float width, float* out)
{
    constexpr float unit = 1.0f / 16777216.0f; // 24 bits, all that a float holds
    for (std::uint32_t i = 0; i < block; ++i) {
        const float u =
            static_cast<float>(static_cast<std::int32_t>(scrambled(first + i) >> 8)) * unit;
        const float v =
            static_cast<float>(static_cast<std::int32_t>(scrambled(second + i) >> 8)) * unit;
        const float least = u < v ? u : v;
        out[i] = low + width * (least + c * (u + v - 2.0f * least));
    }
}

RHEXION_WIDE void addProduct(double k, const float* a, const float* b, double* out)
{
    for (std::size_t i = 0; i < block; ++i)
        out[i] += k * static_cast<double>(a[i]) * static_cast<double>(b[i]);
}

RHEXION_WIDE void addMultiple(double k, const float* a, double* out)
{
    for (std::size_t i = 0; i < block; ++i)
        out[i] += k * static_cast<double>(a[i]);
}

// One figure that is drawn.
struct Drawn {
    MaterialPtr material;
    std::string code;
    Interval range;
    std::uint64_t key;

    // A whole block, whatever of it is used; a block needs none before it.
    void draw(std::uint64_t seed, std::size_t first, Draws& out) const
    {
        const double width = range.high() - range.low();
        const double c = width > 0.0 ? (range.typical() - range.low()) / width : 0.0;
        const std::uint64_t start = mixedUp(mixedUp(seed ^ key) + first);
        const std::uint64_t other = mixedUp(start + 0x9E3779B97F4A7C15ull);
        drawTriangular(static_cast<std::uint32_t>(start >> 32),
                       static_cast<std::uint32_t>(other >> 32), static_cast<float>(c),
                       static_cast<float>(range.low()), static_cast<float>(width), out.data());
        // Rounding to a float must not step over the edge.
        const auto edge = [](double v, double other_) {
            const auto f = static_cast<float>(v);
            return v < other_ ? (f < v ? std::nextafter(f, static_cast<float>(other_)) : f)
                              : (f > v ? std::nextafter(f, static_cast<float>(other_)) : f);
        };
        const float least = edge(range.low(), range.high());
        const float most = edge(range.high(), range.low());
        for (float& v : out)
            v = v < least ? least : v > most ? most : v;
    }
    // (a2 + b2 + c2 - ab - ac - bc) / 18 over the squared width.
    double varianceOfWidth() const
    {
        const double width = range.high() - range.low();
        const double c = (range.typical() - range.low()) / width;
        return (1.0 - c + c * c) / 18.0;
    }
};

// What one jar adds, as products of at most two of its figures: coefficient * a * b.
struct DrawnTerm {
    double Sums::*to;
    double coefficient;
    int first;  // place among the drawn figures, or -1 for 1
    int second; // the same
};

class Model {
public:
    Model(const Formula& f, const Account& r)
    {
        // In the order of the lines, not of addresses: the sums must round alike on every run.
        std::vector<std::pair<MaterialPtr, double>> grams;
        for (std::size_t i = 0; i < f.lines.size(); ++i) {
            // Lines of one jar are one draw, whatever object holds its figures.
            const MaterialPtr& m = f.lines[i].material;
            auto entry = std::ranges::find_if(
                grams, [&](const auto& known) { return known.first == m || *known.first == *m; });
            if (entry == grams.end())
                entry = grams.insert(entry, {m, 0.0});
            entry->second += r.lines[i].grams;
            if (f.lines[i].allWater)
                allWater_ += r.lines[i].grams * (1.0 - m->part(Part::Water).range.typical());
        }
        constant_.water = allWater_ + r.jugWaterGrams;
        for (const auto& [material, mass] : grams)
            addMaterial(material, mass);
        addHydroxide(f.lye.sodium, r.sodium.weighedGrams, Part::SodiumHydroxide,
                     molarMassSodiumHydroxide);
        addHydroxide(f.lye.potassium, r.potassium.weighedGrams, Part::PotassiumHydroxide,
                     molarMassPotassiumHydroxide);
    }

    const std::vector<Drawn>& drawn() const { return drawn_; }

    Sums at(const std::vector<double>& values) const
    {
        Sums s = constant_;
        for (const DrawnTerm& t : terms_)
            s.*(t.to) += t.coefficient *
                         (t.first < 0 ? 1.0 : values[static_cast<std::size_t>(t.first)]) *
                         (t.second < 0 ? 1.0 : values[static_cast<std::size_t>(t.second)]);
        return s;
    }

    // Superfat and strength of one block of draws.
    void run(std::uint64_t seed, std::size_t first, std::size_t count, double* superfat,
             double* strength)
    {
        draws_.resize(drawn_.size());
        for (std::size_t d = 0; d < drawn_.size(); ++d)
            drawn_[d].draw(seed, first, draws_[d]);
        std::array<Block, 5> sums;
        constexpr std::array members{&Sums::fat, &Sums::acid, &Sums::supply, &Sums::pure,
                                     &Sums::water};
        for (std::size_t k = 0; k < members.size(); ++k) {
            sums[k].fill(constant_.*(members[k]));
            for (const DrawnTerm& t : terms_) {
                if (t.to != members[k])
                    continue;
                const float* a = t.first < 0 ? nullptr : draws_[std::size_t(t.first)].data();
                const float* b = t.second < 0 ? nullptr : draws_[std::size_t(t.second)].data();
                if (a && b)
                    addProduct(t.coefficient, a, b, sums[k].data());
                else if (a)
                    addMultiple(t.coefficient, a, sums[k].data());
                else
                    for (double& sum : sums[k])
                        sum += t.coefficient;
            }
        }
        for (std::size_t i = 0; i < count; ++i) {
            superfat[i] = 1.0 - (sums[2][i] - sums[1][i]) / sums[0][i];
            strength[i] = sums[3][i] / (sums[3][i] + sums[4][i]);
        }
    }

private:
    // The place of a figure that is drawn, or -1 after its value went into the coefficient.
    int figure(const MaterialPtr& m, const std::string& code, const Interval& range, double& k)
    {
        if (range.high() <= range.low()) {
            k *= range.typical();
            return -1;
        }
        drawn_.push_back({m, code, range, keyOf(*m, code)});
        return static_cast<int>(drawn_.size()) - 1;
    }

    void addMaterial(const MaterialPtr& m, double grams)
    {
        if (grams <= 0.0)
            return;
        if (m->part(Part::Water).range.high() > 0.0) {
            double k = grams;
            const int water = figure(m, codeOf(Part::Water), m->part(Part::Water).range, k);
            terms_.push_back({&Sums::water, k, water, -1});
        }
        eachDemand(*m, [&](const DemandTerm& term) {
            double k = grams * term.factor;
            const int share = term.share ? figure(m, shareCodeOf(term), *term.share, k) : -1;
            const int value = term.value ? figure(m, valueCodeOf(term), *term.value, k) : -1;
            double Sums::*const to = term.of == DemandOf::Fat    ? &Sums::fat
                                     : term.of == DemandOf::Acid ? &Sums::acid
                                                                 : &Sums::supply;
            // One that is not drawn stands second.
            terms_.push_back({to, k, std::max(share, value), std::min(share, value)});
            if (to == &Sums::supply)
                terms_.push_back({&Sums::pure, k / term.factor, share, -1});
        });
    }

    void addHydroxide(const MaterialPtr& m, double weighed, Part part, double molarMass)
    {
        if (!m || weighed <= 0.0)
            return;
        double k = 1.0;
        const int purity = figure(m, codeOf(part), m->part(part).range, k);
        terms_.push_back({&Sums::supply, k * weighed / molarMass, purity, -1});
        terms_.push_back({&Sums::pure, k * weighed, purity, -1});
        // What the hydroxide is short of its typical purity is water.
        const double rest = m->part(part).range.typical() + moistureOf(*m);
        constant_.water += weighed * rest;
        terms_.push_back({&Sums::water, -k * weighed, purity, -1});
    }

    Sums constant_;
    double allWater_ = 0.0;
    std::vector<Drawn> drawn_;
    std::vector<DrawnTerm> terms_;
    std::vector<Draws> draws_;
};

Spread spreadOf(std::vector<double>& values)
{
    // Each cut leaves the greater ones behind it, so that the next looks only there.
    auto from = values.begin();
    const auto at = [&](double part) {
        const auto place = values.begin() + static_cast<std::ptrdiff_t>(
                                                part * static_cast<double>(values.size() - 1));
        std::nth_element(from, place, values.end());
        from = place;
        return *place;
    };
    const double low = at(0.05);
    const double median = at(0.5);
    return {low, median, at(0.95)};
}

std::vector<Cause> causesOf(const Model& model)
{
    std::vector<double> values;
    for (const Drawn& d : model.drawn())
        values.push_back(d.range.typical());
    std::vector<Cause> causes;
    double all = 0.0;
    for (std::size_t i = 0; i < values.size(); ++i) {
        const Drawn& d = model.drawn()[i];
        const double typical = values[i];
        values[i] = d.range.low();
        const double low = model.at(values).superfat();
        values[i] = d.range.high();
        const double high = model.at(values).superfat();
        values[i] = typical;
        // First order: each figure moved alone between its ends. The draws themselves are exact;
        // this only shares their spread out between its causes.
        const double variance = (high - low) * (high - low) * d.varianceOfWidth();
        if (!(variance > 0.0) || !std::isfinite(variance))
            continue;
        all += variance;
        causes.push_back({d.material, d.code, variance});
    }
    for (Cause& cause : causes)
        cause.share /= all;
    std::erase_if(causes, [](const Cause& c) { return c.share < leastShare; });
    std::ranges::stable_sort(causes, std::ranges::greater{}, &Cause::share);
    return causes;
}

} // namespace

std::optional<Doubt> doubtOf(const Formula& formula, const Account& account,
                             const DoubtSettings& settings, const std::function<bool()>& cancelled)
{
    constexpr int fewest = 100;
    constexpr int most = 10'000'000;
    const auto draws = static_cast<std::size_t>(std::clamp(settings.draws, fewest, most));
    Model model(formula, account);
    std::vector<double> superfat(draws);
    std::vector<double> strength(draws);
    for (std::size_t first = 0; first < draws; first += block) {
        if (cancelled && cancelled())
            return std::nullopt;
        model.run(settings.seed, first, std::min(block, draws - first), superfat.data() + first,
                  strength.data() + first);
    }
    Doubt out;
    std::size_t excess = 0;
    double least = superfat.front();
    double greatest = superfat.front();
    for (const double s : superfat) {
        // A batter without fat has no superfat, so nothing can be said of its spread.
        if (!std::isfinite(s))
            return std::nullopt;
        excess += s < 0.0 ? 1 : 0;
        least = std::min(least, s);
        greatest = std::max(greatest, s);
    }
    out.chanceOfExcess = static_cast<double>(excess) / static_cast<double>(draws);
    out.histogramLow = least;
    out.histogramWidth = std::max((greatest - least) / static_cast<double>(bins), 1e-12);
    out.histogram.assign(bins, 0.0);
    for (const double s : superfat)
        out.histogram[std::min(bins - 1,
                               static_cast<std::size_t>((s - least) / out.histogramWidth))] +=
            1.0 / static_cast<double>(draws);
    out.superfat = spreadOf(superfat);
    out.strength = spreadOf(strength);
    out.causes = causesOf(model);
    return out;
}

} // namespace rhexion
