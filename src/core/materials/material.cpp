#include "core/materials/material.h"

#include "core/units/enum_count.h"

#include "core/materials/demand.h"
#include "core/materials/limits.h"
#include "core/materials/own_sources.h"

#include <algorithm>

namespace rhexion {

namespace {

constexpr std::array<std::pair<MaterialKind, const char*>, countOf<MaterialKind>()> kindCodes{{
    {MaterialKind::Fat, "fat"},
    {MaterialKind::FattyAcid, "fatty-acid"},
    {MaterialKind::SodiumHydroxide, "sodium-hydroxide"},
    {MaterialKind::PotassiumHydroxide, "potassium-hydroxide"},
    {MaterialKind::Acid, "acid"},
    {MaterialKind::Milk, "milk"},
    {MaterialKind::Produce, "produce"},
    {MaterialKind::Sugar, "sugar"},
    {MaterialKind::Salt, "salt"},
    {MaterialKind::Liquid, "liquid"},
    {MaterialKind::Solid, "solid"},
    {MaterialKind::Wax, "wax"},
    {MaterialKind::Egg, "egg"},
    {MaterialKind::Colour, "colour"},
    {MaterialKind::Scent, "scent"},
}};
static_assert(kindCodes.back().second != nullptr);

constexpr std::array<std::pair<Part, const char*>, partCount> partCodes{{
    {Part::Water, "water"},
    {Part::Fat, "fat"},
    {Part::ReducingSugar, "reducing-sugar"},
    {Part::OtherSugar, "other-sugar"},
    {Part::SodiumChloride, "sodium-chloride"},
    {Part::OtherSalts, "other-salts"},
    {Part::Protein, "protein"},
    {Part::Alcohol, "alcohol"},
    {Part::Glycerol, "glycerol"},
    {Part::SodiumHydroxide, "sodium-hydroxide"},
    {Part::PotassiumHydroxide, "potassium-hydroxide"},
    {Part::Inert, "inert"},
    {Part::Carbonate, "carbonate"},
}};
static_assert(partCodes.back().second != nullptr);

template <class Table, class Value>
const char* codeIn(const Table& table, Value value)
{
    return std::ranges::find(table, value, [](const auto& row) { return row.first; })->second;
}

template <class Value, class Table>
std::optional<Value> valueIn(const Table& table, const std::string& code)
{
    const auto row = std::ranges::find_if(table, [&](const auto& r) { return code == r.second; });
    return row == table.end() ? std::nullopt : std::optional<Value>(row->first);
}

} // namespace

std::span<const MaterialKind> allMaterialKinds()
{
    static constexpr auto kinds = [] {
        std::array<MaterialKind, kindCodes.size()> out{};
        for (std::size_t i = 0; i < out.size(); ++i)
            out[i] = kindCodes[i].first;
        return out;
    }();
    return kinds;
}

const char* codeOf(MaterialKind kind)
{
    return codeIn(kindCodes, kind);
}

const char* codeOf(Part part)
{
    return codeIn(partCodes, part);
}

std::optional<MaterialKind> kindFromCode(const std::string& code)
{
    return valueIn<MaterialKind>(kindCodes, code);
}

std::optional<Part> partFromCode(const std::string& code)
{
    return valueIn<Part>(partCodes, code);
}

const Source* Material::findSource(const std::string& sourceId) const
{
    const auto found = std::ranges::find(sources, sourceId, &Source::id);
    return found == sources.end() ? nullptr : &*found;
}

bool Material::behaves(Behaviour what) const
{
    return std::ranges::find(behaviours, what, &BehaviourNote::what) != behaviours.end();
}

bool Material::isLyeSolution() const
{
    return isHydroxide() && moistureOf(*this) > 0.3;
}

double Material::otherSolids() const
{
    double rest = 1.0;
    for (const Figure& figure : parts)
        rest -= figure.range.typical();
    for (const AcidShare& acid : acids)
        rest -= acid.share.range.typical();
    return rest;
}

MaterialPtr plainWater()
{
    static const MaterialPtr water = [] {
        auto m = std::make_shared<Material>();
        m->id = "water";
        m->name = "Water";
        m->kind = MaterialKind::Liquid;
        m->part(Part::Water) = {Interval::exactly(1.0), idOf(OwnSource::Definition)};
        m->sources.push_back(sourceOf(OwnSource::Definition));
        return m;
    }();
    return water;
}

std::optional<Material> withPurity(const Material& hydroxide, double purity)
{
    if (!hydroxide.isHydroxide() || !(purity > 0.0 && purity <= 1.0))
        return std::nullopt;
    Material out = hydroxide;
    const Part part = hydroxide.kind == MaterialKind::SodiumHydroxide ? Part::SodiumHydroxide
                                                                      : Part::PotassiumHydroxide;
    const Source source = sourceOf(OwnSource::PuritySet);
    constexpr double doubt = 0.01;
    const double low = purity > doubt ? purity - doubt : purity;
    const double high = purity + doubt < 1.0 ? purity + doubt : 1.0;
    out.part(part) = {*Interval::of(low, purity, high), source.id};
    out.part(Part::Carbonate) = {};
    out.part(Part::Water) = {*Interval::of(1.0 - high, 1.0 - purity, 1.0 - low), source.id};
    out.sources = {source};
    return out;
}

namespace {

// Every text and list short enough to be read again.
bool withinLimits(const Material& m)
{
    using namespace limits;
    const auto eachFits = [](const auto& list, std::size_t most, auto text) {
        return std::ranges::all_of(list, [&](const auto& x) { return fits(text(x), most); });
    };
    return fits(m.id, id) && fits(m.name, materialName) && fits(m.note, materialNote) &&
           fits(m.lot.id, id) && fits(m.lot.name, materialName) &&
           m.alsoCalled.size() <= otherNames && m.measures.size() <= measures &&
           m.behaviours.size() <= behaviours &&
           eachFits(m.alsoCalled, materialName, [](const std::string& s) { return s; }) &&
           eachFits(m.measures, measureName, [](const Measure& x) { return x.name; }) &&
           eachFits(m.sources, sourceId, [](const Source& x) { return x.id; }) &&
           eachFits(m.sources, sourceText, [](const Source& x) { return x.text; });
}

} // namespace

std::optional<MaterialFault> faultOf(const Material& material)
{
    using Code = MaterialFault::Code;
    if (material.id.empty())
        return MaterialFault{Code::NoId, "id"};
    if (material.name.empty())
        return MaterialFault{Code::NoName, "name"};

    const auto sourced = [&](const Figure& figure) {
        return figure.range.high() == 0.0 || material.findSource(figure.source) != nullptr;
    };
    for (const auto& [part, code] : partCodes) {
        const Figure& figure = material.part(part);
        if (figure.range.high() > 1.0)
            return MaterialFault{Code::FractionAboveOne, code};
        if (!sourced(figure))
            return MaterialFault{Code::UnknownSource, code};
    }
    for (const AcidShare& acid : material.acids) {
        const std::string code(factsOf(acid.acid).code);
        if (acid.share.range.high() > 1.0)
            return MaterialFault{Code::FractionAboveOne, code};
        if (!sourced(acid.share))
            return MaterialFault{Code::UnknownSource, code};
    }
    // Food tables round each part, so a thousandth over 1 is rounding and not a fault.
    if (material.otherSolids() < -0.001)
        return MaterialFault{Code::SumAboveOne, "parts"};

    const std::pair<const std::optional<Figure>*, const char*> others[] = {
        {&material.sv, "sv"},
        {&material.acidValue, "acidValue"},
        {&material.iodine, "iodine"},
        {&material.titratable, "titratable"},
        {&material.ph, "ph"},
        {&material.density, "density"},
        {&material.melting, "melting"},
        {&material.flash, "flash"},
        {&material.unsaponifiable, "unsaponifiable"},
        {&material.usualUse, "usualUse"},
        {&material.reserve, "reserve"}};
    for (const auto& [figure, name] : others)
        if (*figure && !sourced(**figure))
            return MaterialFault{Code::UnknownSource, name};

    double profile = 0.0;
    for (const FattyAcidShare& share : material.fattyAcids) {
        profile += share.share.range.typical();
        if (!sourced(share.share))
            return MaterialFault{Code::UnknownSource, "fattyAcids"};
    }
    // Tables list the main acids; what they leave out stays below a tenth.
    if (!material.fattyAcids.empty() && (profile < 0.9 || profile > 1.02))
        return MaterialFault{Code::FattyAcidsNotOne, "fattyAcids"};
    for (const Measure& measure : material.measures)
        if (measure.name.empty() || !(measure.grams > 0.0) || measure.grams > 1e6)
            return MaterialFault{Code::BadMeasure, "measures"};

    if (material.part(Part::Fat).range.high() > 0.0 && !material.sv && !material.acidValue)
        return MaterialFault{Code::FatWithoutSv, "sv"};
    for (const auto* value : {&material.sv, &material.acidValue})
        if (*value && ((*value)->range.low() <= 0.0 || (*value)->range.high() > 700.0))
            return MaterialFault{Code::SvOutOfRange, value == &material.sv ? "sv" : "acidValue"};

    if (!withinLimits(material))
        return MaterialFault{Code::TooLong, "note"};

    const bool noSodium = material.part(Part::SodiumHydroxide).range.low() <= 0.0;
    const bool noPotassium = material.part(Part::PotassiumHydroxide).range.low() <= 0.0;
    if ((material.kind == MaterialKind::SodiumHydroxide && noSodium) ||
        (material.kind == MaterialKind::PotassiumHydroxide && noPotassium))
        return MaterialFault{Code::HydroxideWithoutPurity, codeOf(material.kind)};
    return std::nullopt;
}

} // namespace rhexion
