#include "core/making/scent.h"

#include "core/making/mould_fit.h"

#include <algorithm>
#include <array>
#include <limits>
#include <map>

namespace rhexion {

namespace {

constexpr std::array<const char*, countOf<ScentBasis>()> basisCodes{
    "oils", "batter-before", "batter-whole", "batter-without-late", "cured"};
constexpr std::array<const char*, countOf<ScentLimit::Whose>()> whoseCodes{"supplier", "local",
                                                                           "own"};
constexpr std::array<double, 3> dropMillilitres{0.02, 0.05, 0.06}; // common practice, no source
constexpr double flashMargin = 5.0;                                // K, common practice
// A batter just cooked, and what an uncooked one may reach in its mould when it gels: common
// practice, no source.
constexpr double cookedCelsius = 80.0;
constexpr double gelCelsius = 70.0;

struct BaseTerms {
    double without; // g without scent
    double share;   // of the scent that belongs to it
};

BaseTerms termsOf(ScentBasis basis, const ScentBases& b)
{
    switch (basis) {
    case ScentBasis::Oils: return {b.oils, 0.0};
    case ScentBasis::BatterBefore: return {b.batter, 0.0};
    case ScentBasis::BatterWhole: return {b.batter, 1.0};
    case ScentBasis::BatterWithoutLate: return {b.batter - b.late, 0.0};
    case ScentBasis::Cured: return {b.batter - b.waterLost, 1.0};
    }
    return {};
}

std::optional<Cannot> faultOf(const ScentBases& b)
{
    if (!isAboveNothing(b.oils))
        return Cannot{CannotCode::NotPositive, "oils", {}};
    if (!isAboveNothing(b.batter))
        return Cannot{CannotCode::NotPositive, "batter", {}};
    const auto within = [&](double g) { return g >= 0.0 && g < b.batter; };
    if (!within(b.late) || !within(b.waterLost))
        return Cannot{CannotCode::OutOfRange, "late-or-lost", {0.0, b.batter}};
    return std::nullopt;
}

Interval densityOf(const Material& m)
{
    // Of scents as they come: from memory.
    return m.density ? m.density->range : Interval::around(0.85, 0.93, 1.08);
}

} // namespace

const char* codeOf(ScentBasis basis)
{
    return basisCodes[static_cast<std::size_t>(basis)];
}
std::optional<ScentBasis> scentBasisFromCode(const std::string& code)
{
    return valueWithCode<ScentBasis>(basisCodes, code);
}
const char* codeOf(ScentLimit::Whose whose)
{
    return whoseCodes[static_cast<std::size_t>(whose)];
}
std::optional<ScentLimit::Whose> whoseFromCode(const std::string& code)
{
    return valueWithCode<ScentLimit::Whose>(whoseCodes, code);
}
const char* codeOf(Declare declare)
{
    static constexpr std::array<const char*, countOf<Declare>()> codes{
        "below", "declare-to-be-safe", "declare"};
    return codes[static_cast<std::size_t>(declare)];
}
const char* codeOf(FlashCaution caution)
{
    static constexpr std::array<const char*, countOf<FlashCaution>()> codes{
        "none", "flash-point-not-known", "keep-flame-away", "cool-before-adding"};
    return codes[static_cast<std::size_t>(caution)];
}

double ScentBases::gramsOf(ScentBasis basis, double scent) const
{
    const BaseTerms terms = termsOf(basis, *this);
    return terms.without + terms.share * scent;
}

OrCannot<ScentGrams> scentGrams(std::span<const ScentShare> shares, const ScentBases& bases)
{
    if (auto fault = faultOf(bases))
        return *fault;
    double own = 0.0;
    double fixed = 0.0;
    for (const ScentShare& share : shares) {
        if (!(share.fraction >= 0.0 && share.fraction < 0.5))
            return Cannot{CannotCode::OutOfRange, "scent", {0.0, 0.5}};
        const BaseTerms terms = termsOf(share.basis, bases);
        own += share.fraction * terms.share;
        fixed += share.fraction * terms.without;
    }
    if (!(own < 0.5))
        return Cannot{CannotCode::TooMuchScent, "scent", {own}};
    ScentGrams out;
    out.total = fixed / (1.0 - own);
    for (const ScentShare& share : shares)
        out.each.push_back(share.fraction * bases.gramsOf(share.basis, out.total));
    return out;
}

OrCannot<double> scentCap(double fraction, ScentBasis basis, const ScentBases& bases, double others)
{
    if (auto fault = faultOf(bases))
        return *fault;
    if (!(fraction > 0.0 && fraction < 1.0))
        return Cannot{CannotCode::OutOfRange, "cap", {0.0, 1.0}};
    const BaseTerms terms = termsOf(basis, bases);
    return fraction * (terms.without + terms.share * others) / (1.0 - fraction * terms.share);
}

Interval gramsOfDrops(double drops, const Interval& density)
{
    const auto [low, typical, high] = dropMillilitres;
    return Interval::around(drops * low * density.low(), drops * typical * density.typical(),
                            drops * high * density.high());
}

std::vector<AllergenInBar> allergensIn(std::span<const CertifiedGrams> scents,
                                       const Interval& cured, double threshold)
{
    std::map<std::string, std::pair<double, double>> sums;
    for (const CertifiedGrams& scent : scents)
        for (const AllergenShare& part : scent.certificate->allergens) {
            auto& [low, high] = sums[part.name];
            low += scent.grams * part.low / cured.high();
            high += scent.grams * part.high / cured.low();
        }
    std::vector<AllergenInBar> out;
    out.reserve(sums.size());
    for (const auto& [name, share] : sums)
        out.push_back({name, share.first, share.second,
                       share.first > threshold    ? Declare::Must
                       : share.second > threshold ? Declare::ToBeSafe
                                                  : Declare::Below});
    std::ranges::stable_sort(out, std::ranges::greater{}, &AllergenInBar::high);
    return out;
}

FlashCaution flashCaution(std::span<const std::optional<double>> flashPoints, double celsiusAdded,
                          double celsiusPeak, bool flameNear)
{
    double lowest = std::numeric_limits<double>::infinity();
    bool unknown = false;
    for (const auto& point : flashPoints) {
        unknown |= !point.has_value();
        lowest = std::min(lowest, point.value_or(lowest));
    }
    if (celsiusAdded >= lowest - flashMargin)
        return FlashCaution::CoolBeforeAdding;
    if (flameNear && celsiusPeak >= lowest - flashMargin)
        return FlashCaution::KeepFlameAway;
    return unknown ? FlashCaution::NotKnown : FlashCaution::None;
}

namespace {

class Picture {
public:
    Picture(const Formula& f, const Account& r, std::span<const ScentLimit> limits,
            std::span<const ScentBlend> blends)
        : f_(f), r_(r), limits_(limits), blends_(blends)
    {
    }

    ScentPicture make(std::span<const ScentCertificate> certificates,
                      std::span<const TimesTried> tried)
    {
        findBases();
        readScents(tried);
        capAll();
        certify(certificates);
        warm();
        return std::move(out_);
    }

private:
    static bool isScent(const Line& line) { return line.material->kind == MaterialKind::Scent; }

    void findBases()
    {
        out_.bases.oils = r_.oilsGrams;
        out_.bases.batter = r_.batterGrams;
        for (std::size_t i = 0; i < f_.lines.size(); ++i) {
            const double grams = r_.lines[i].grams;
            if (isScent(f_.lines[i])) {
                out_.bases.batter -= grams;
                out_.total += grams;
            } else if (joinsLate(f_.lines[i].vessel)) {
                out_.bases.late += grams;
            }
        }
        out_.bases.waterLost = cureLoss(r_).typical() * r_.batterGrams;
        careful_ = out_.bases;
        careful_.waterLost = cureLoss(r_).high() * r_.batterGrams;
    }

    void readScents(std::span<const TimesTried> tried)
    {
        for (std::size_t i = 0; i < f_.lines.size(); ++i) {
            const Line& line = f_.lines[i];
            if (!isScent(line))
                continue;
            ScentReckoned scent;
            scent.line = line.id;
            scent.grams = scent.gramsHigh = r_.lines[i].grams;
            const Interval density = densityOf(*line.material);
            if (line.amount.unit == AmountUnit::Drop)
                scent.gramsHigh =
                    std::max(scent.grams, gramsOfDrops(line.amount.value, density).high());
            const Interval one = gramsOfDrops(1.0, density);
            scent.drops = Interval::around(scent.grams / one.high(), scent.grams / one.typical(),
                                           scent.grams / one.low());
            for (std::size_t b = 0; b < scent.shares.size(); ++b) {
                const double base = out_.bases.gramsOf(static_cast<ScentBasis>(b), out_.total);
                scent.shares[b] = base > 0.0 ? scent.grams / base : 0.0;
            }
            const auto found = std::ranges::find(tried, line.material->id, &TimesTried::material);
            scent.timesTried = found == tried.end() ? 0 : found->times;
            scent.tried = scent.timesTried > 0;
            out_.scents.push_back(std::move(scent));
        }
    }

    const ScentBlend* blendOf(const ScentReckoned& scent) const
    {
        const auto found =
            std::ranges::find(blends_, f_.find(scent.line)->material->id, &ScentBlend::scent);
        return found == blends_.end() ? nullptr : &*found;
    }

    // How much of a scent's weight is that one.
    double shareIn(const ScentReckoned& scent, const std::string& id) const
    {
        if (f_.find(scent.line)->material->id == id)
            return 1.0;
        double share = 0.0;
        if (const ScentBlend* blend = blendOf(scent))
            for (const ScentPart& part : blend->parts)
                share += part.scent == id ? part.share : 0.0;
        return share;
    }

    // The most of a line, g, so that what it brings of the limited scent stays under the limit
    // beside what the others bring; all other scents' grams held.
    std::optional<double> allowed(const ScentReckoned& scent, const ScentLimit& limit) const
    {
        const double share = shareIn(scent, limit.scent);
        if (!(share > 0.0) || faultOf(careful_))
            return std::nullopt;
        double others = 0.0;
        for (const ScentReckoned& other : out_.scents)
            if (other.line != scent.line)
                others += other.gramsHigh * shareIn(other, limit.scent);
        const BaseTerms terms = termsOf(limit.basis, careful_);
        const double room =
            limit.fraction * (terms.without + terms.share * (out_.total - scent.grams)) - others;
        const double each = share - limit.fraction * terms.share;
        if (!(each > 0.0)) // no amount of it is too much
            return std::nullopt;
        return std::max(0.0, room / each);
    }

    bool hasSupplierLimit(const std::string& id) const
    {
        return std::ranges::any_of(limits_, [&](const ScentLimit& limit) {
            return limit.scent == id && limit.kind == f_.handling.product &&
                   limit.whose == ScentLimit::Whose::Supplier;
        });
    }

    static void sortLimits(std::vector<ScentReckoned::Limit>& limits)
    {
        std::ranges::stable_sort(limits, {}, &ScentReckoned::Limit::allowed);
    }

    void capAll()
    {
        double high = 0.0;
        for (const ScentReckoned& scent : out_.scents)
            high += scent.gramsHigh;
        for (ScentReckoned& scent : out_.scents) {
            for (std::size_t i = 0; i < limits_.size(); ++i) {
                const ScentLimit& limit = limits_[i];
                if (limit.scent.empty() || limit.kind != f_.handling.product)
                    continue;
                if (const auto grams = allowed(scent, limit))
                    scent.limits.push_back({i, *grams, scent.gramsHigh > *grams * (1.0 + 1e-9)});
            }
            const ScentBlend* blend = blendOf(scent);
            scent.noSupplierLimit =
                !hasSupplierLimit(f_.find(scent.line)->material->id) &&
                !(blend && std::ranges::all_of(blend->parts, [&](const ScentPart& part) {
                      return hasSupplierLimit(part.scent);
                  }));
            sortLimits(scent.limits);
            if (!scent.limits.empty() && scent.limits.front().allowed > 0.0)
                out_.sumOfShares += scent.gramsHigh / scent.limits.front().allowed;
        }
        for (std::size_t i = 0; i < limits_.size(); ++i) {
            const ScentLimit& limit = limits_[i];
            if (!limit.scent.empty() || limit.kind != f_.handling.product)
                continue;
            const auto cap = scentCap(limit.fraction, limit.basis, careful_);
            if (const double* grams = std::get_if<double>(&cap))
                out_.together.push_back({i, *grams, high > *grams * (1.0 + 1e-9)});
        }
        sortLimits(out_.together);
    }

    void certify(std::span<const ScentCertificate> certificates)
    {
        std::vector<CertifiedGrams> certified;
        for (ScentReckoned& scent : out_.scents) {
            const auto add = [&](const std::string& id, double grams) {
                const auto found = std::ranges::find(certificates, id, &ScentCertificate::scent);
                if (found == certificates.end())
                    return false;
                certified.push_back({grams, &*found});
                return true;
            };
            scent.certificateKnown = add(f_.find(scent.line)->material->id, scent.grams);
            const ScentBlend* blend = blendOf(scent);
            if (scent.certificateKnown || !blend)
                continue;
            scent.certificateKnown = true;
            for (const ScentPart& part : blend->parts)
                scent.certificateKnown &= add(part.scent, scent.grams * part.share);
        }
        const Interval loss = cureLoss(r_);
        const Interval cured = Interval::around(r_.batterGrams * (1.0 - loss.high()),
                                                r_.batterGrams * (1.0 - loss.typical()),
                                                r_.batterGrams * (1.0 - loss.low()));
        if (cured.low() > 0.0)
            out_.allergens = allergensIn(
                certified, cured,
                f_.handling.product == ProductKind::LeaveOn ? leaveOnThreshold : rinseOffThreshold);
    }

    void warm()
    {
        out_.isCooked = f_.cooks();
        out_.celsiusAdded = f_.mixing.at.inCelsius();
        out_.celsiusPeak = gelCelsius;
        std::vector<std::optional<double>> points;
        for (const ScentReckoned& scent : out_.scents) {
            const Line& line = *f_.find(scent.line);
            if (line.vessel == Vessel::AfterCook)
                out_.celsiusAdded = cookedCelsius;
            const auto& flash = line.material->flash;
            const ScentBlend* blend = blendOf(scent);
            points.push_back(flash   ? std::optional(flash->range.low())
                             : blend ? blend->flash
                                     : std::nullopt);
        }
        out_.celsiusPeak = std::max(out_.celsiusPeak, out_.celsiusAdded);
        out_.flash = flashCaution(points, out_.celsiusAdded, out_.celsiusPeak, out_.isCooked);
    }

    const Formula& f_;
    const Account& r_;
    std::span<const ScentLimit> limits_;
    std::span<const ScentBlend> blends_;
    ScentPicture out_;
    ScentBases careful_;
};

} // namespace

ScentPicture scentPicture(const Formula& formula, const Account& account,
                          std::span<const ScentLimit> limits,
                          std::span<const ScentCertificate> certificates,
                          std::span<const TimesTried> tried, std::span<const ScentBlend> blends)
{
    return Picture(formula, account, limits, blends).make(certificates, tried);
}

} // namespace rhexion
