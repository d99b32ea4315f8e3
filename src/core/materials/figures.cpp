#include "core/materials/figures.h"

#include <algorithm>

namespace rhexion {

namespace {

const std::string acidPrefix = "acid-";
const std::string fattyPrefix = "fatty-acid-";

struct Scalar {
    const char* code;
    std::optional<Figure> Material::*member;
    FigureUnit unit;
    double low;
    double high;
};
constexpr Scalar scalars[] = {
    {"sv", &Material::sv, FigureUnit::MgPerGram, 1.0, 700.0},
    {"acid-value", &Material::acidValue, FigureUnit::MgPerGram, 0.01, 700.0},
    {"iodine", &Material::iodine, FigureUnit::Iodine, 0.0, 400.0},
    {"titratable", &Material::titratable, FigureUnit::Millimole, 0.0, 5000.0},
    {"ph", &Material::ph, FigureUnit::Ph, 0.0, 14.0},
    {"density", &Material::density, FigureUnit::GramPerMl, 0.05, 20.0},
    {"melting", &Material::melting, FigureUnit::Celsius, -100.0, 2000.0},
    {"flash", &Material::flash, FigureUnit::Celsius, -100.0, 2000.0},
    {"unsaponifiable", &Material::unsaponifiable, FigureUnit::Percent, 0.0, 1.0},
    {"use", &Material::usualUse, FigureUnit::Percent, 0.0, 10.0},
    {"reserve", &Material::reserve, FigureUnit::Millimole, 0.0, 5000.0},
};

const Scalar* scalarOf(const std::string& code)
{
    const auto* found =
        std::ranges::find_if(scalars, [&](const Scalar& s) { return code == s.code; });
    return found == std::end(scalars) ? nullptr : found;
}

std::optional<Acid> acidOf(const std::string& code)
{
    return code.starts_with(acidPrefix) ? acidFromCode(code.substr(acidPrefix.size()))
                                        : std::nullopt;
}

std::optional<FattyAcid> fattyAcidOf(const std::string& code)
{
    return code.starts_with(fattyPrefix) ? fattyAcidFromCode(code.substr(fattyPrefix.size()))
                                         : std::nullopt;
}

} // namespace

std::span<const FigureKind> figureKinds()
{
    static const auto kinds = [] {
        std::vector<FigureKind> out;
        for (std::size_t i = 0; i < partCount; ++i)
            out.push_back({codeOf(static_cast<Part>(i)), FigureUnit::Percent, 0.0, 1.0});
        for (const AcidFacts& acid : allAcids())
            out.push_back({acidPrefix + std::string(acid.code), FigureUnit::Percent, 0.0, 1.0});
        for (const Scalar& s : scalars)
            out.push_back({s.code, s.unit, s.low, s.high});
        for (const FattyAcidFacts& acid : allFattyAcids())
            out.push_back({fattyPrefix + std::string(acid.code), FigureUnit::Percent, 0.0, 1.0});
        return out;
    }();
    return kinds;
}

const FigureKind* findFigureKind(const std::string& code)
{
    const auto kinds = figureKinds();
    const auto found = std::ranges::find(kinds, code, &FigureKind::code);
    return found == kinds.end() ? nullptr : &*found;
}

const Figure* findFigure(const Material& m, const std::string& code)
{
    if (const Scalar* scalar = scalarOf(code))
        return m.*(scalar->member) ? &*(m.*(scalar->member)) : nullptr;
    if (const auto part = partFromCode(code))
        return m.part(*part).range.high() > 0.0 ? &m.part(*part) : nullptr;
    if (const auto acid = acidOf(code)) {
        const auto found = std::ranges::find(m.acids, *acid, &AcidShare::acid);
        return found == m.acids.end() ? nullptr : &found->share;
    }
    if (const auto acid = fattyAcidOf(code)) {
        const auto found = std::ranges::find(m.fattyAcids, *acid, &FattyAcidShare::acid);
        return found == m.fattyAcids.end() ? nullptr : &found->share;
    }
    return nullptr;
}

void setFigure(Material& m, const std::string& code, const Figure& figure)
{
    if (const Scalar* scalar = scalarOf(code)) {
        m.*(scalar->member) = figure;
    } else if (const auto part = partFromCode(code)) {
        m.part(*part) = figure.range.high() > 0.0 ? figure : Figure{}; // none of it: nothing said
    } else if (const Figure* there = findFigure(m, code)) {
        *const_cast<Figure*>(there) = figure;
    } else if (const auto acid = acidOf(code)) {
        m.acids.push_back({*acid, figure});
    } else if (const auto fatty = fattyAcidOf(code)) {
        m.fattyAcids.push_back({*fatty, figure});
    }
}

void clearFigure(Material& m, const std::string& code)
{
    if (const Scalar* scalar = scalarOf(code))
        (m.*(scalar->member)).reset();
    else if (const auto part = partFromCode(code))
        m.part(*part) = {};
    else if (const auto acid = acidOf(code))
        std::erase_if(m.acids, [&](const AcidShare& a) { return a.acid == *acid; });
    else if (const auto fatty = fattyAcidOf(code))
        std::erase_if(m.fattyAcids, [&](const FattyAcidShare& a) { return a.acid == *fatty; });
}

std::optional<Interval> intervalOf(const FigureKind& kind, double low, double typical, double high)
{
    if (!(low >= kind.low) || !(high <= kind.high))
        return std::nullopt;
    return Interval::ofSigned(low, typical, high);
}

bool sameFigures(const Material& a, const Material& b)
{
    const auto text = [](const Material& m, const std::string& source) {
        const Source* found = m.findSource(source);
        return found ? found->text : std::string();
    };
    if (a.id != b.id || a.name != b.name || a.kind != b.kind || a.lot != b.lot)
        return false;
    for (const FigureKind& kind : figureKinds()) {
        const Figure* one = findFigure(a, kind.code);
        const Figure* other = findFigure(b, kind.code);
        if (!one != !other)
            return false;
        if (one && (one->range != other->range || text(a, one->source) != text(b, other->source)))
            return false;
    }
    return std::ranges::equal(a.measures, b.measures, [](const Measure& x, const Measure& y) {
        return x.name == y.name && x.grams == y.grams;
    });
}

bool isShareOfWhole(const std::string& code)
{
    return partFromCode(code) || acidOf(code);
}

} // namespace rhexion
