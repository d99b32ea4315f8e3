// A material is a composition: mass fractions with low, typical and high, each with its source.
#pragma once

#include "core/materials/behaviour.h"
#include "core/materials/chemistry.h"
#include "core/materials/fatty_acid.h"
#include "core/units/enum_count.h"
#include "core/units/quantity.h"

#include <array>
#include <memory>
#include <optional>
#include <span>
#include <string>
#include <utility>
#include <vector>

namespace rhexion {

enum class MaterialKind {
    Fat,
    FattyAcid,
    SodiumHydroxide,
    PotassiumHydroxide,
    Acid,
    Milk,
    Produce, // purees, juices, fruit and vegetables
    Sugar,
    Salt,
    Liquid,
    Solid, // clays, grains, scrubs: nothing that lye or water takes notice of
    Wax,   // waxes and resins: saponify in part; the low bound of SV is the acid value
    Egg,
    Colour,
    Scent
};
std::span<const MaterialKind> allMaterialKinds();

// The named parts of a composition besides the acids. What they and the acids leave of 1 is
// "other solids".
enum class Part {
    Water,
    Fat,
    ReducingSugar,
    OtherSugar,
    SodiumChloride,
    OtherSalts,
    Protein,
    Alcohol,
    Glycerol,
    SodiumHydroxide,
    PotassiumHydroxide,
    Inert,
    Carbonate // sodium or potassium carbonate, as hydroxide takes it up from air
};
inline constexpr std::size_t partCount = countOf<Part>();

// A figure and where it comes from; source is an id in Material::sources.
struct Figure {
    Interval range;
    std::string source;
    friend bool operator==(const Figure&, const Figure&) = default;
};

struct AcidShare {
    Acid acid;
    Figure share; // mass fraction, anhydrous acid
    friend bool operator==(const AcidShare&, const AcidShare&) = default;
};

struct FattyAcidShare {
    FattyAcid acid;
    Figure share; // of the fatty acids, by mass
    friend bool operator==(const FattyAcidShare&, const FattyAcidShare&) = default;
};

// What one household measure of it weighs: "tsp", "cup", "drop", "large egg".
struct Measure {
    std::string name;
    double grams = 0.0; // above 0
    std::string source;
    friend bool operator==(const Measure&, const Measure&) = default;
};

// Which jar the figures were taken from; empty for the material itself.
struct LotMark {
    std::string id;
    std::string name;
    friend bool operator==(const LotMark&, const LotMark&) = default;
};

struct Source {
    std::string id;
    std::string text;
    bool fromMemory = false;
    bool fromLot = false; // a certificate's or the maker's own measurement of one lot
    friend bool operator==(const Source&, const Source&) = default;
};

struct Material {
    std::string id;
    std::string name;
    MaterialKind kind = MaterialKind::Solid;
    std::array<Figure, partCount> parts{}; // mass fractions
    std::vector<AcidShare> acids;
    std::optional<Figure> sv;             // mg KOH per g of the fat part
    std::optional<Figure> acidValue;      // mg KOH per g; used only where there is no SV
    std::optional<Figure> iodine;         // g I2 per 100 g
    std::optional<Figure> titratable;     // mmol OH per 100 g; replaces the acids in the sum
    std::optional<Figure> ph;             // of the food as it is
    std::optional<Figure> density;        // g/ml at 20 C, or melted where it is hard
    std::optional<Figure> melting;        // C; may be below 0
    std::optional<Figure> flash;          // C, closed cup: from there on its vapour can catch fire
    std::optional<Figure> unsaponifiable; // fraction of the fat
    std::optional<Figure> usualUse;       // fraction of the oils
    // Magnesium, calcium and the like that may take hydroxide: mmol per 100 g. Told, never summed.
    std::optional<Figure> reserve;
    std::vector<FattyAcidShare> fattyAcids;
    std::vector<BehaviourNote> behaviours;
    std::vector<Measure> measures;
    LotMark lot;
    std::vector<std::string> alsoCalled;
    std::string note; // one plain sentence
    std::vector<Source> sources;

    const Figure& part(Part p) const { return parts[static_cast<std::size_t>(p)]; }
    Figure& part(Part p) { return parts[static_cast<std::size_t>(p)]; }
    bool isOil() const
    {
        return kind == MaterialKind::Fat || kind == MaterialKind::FattyAcid ||
               kind == MaterialKind::Wax;
    }
    bool isHydroxide() const
    {
        return kind == MaterialKind::SodiumHydroxide || kind == MaterialKind::PotassiumHydroxide;
    }
    // A ready lye: its water is water and no impurity.
    bool isLyeSolution() const;
    bool hasAcid() const { return titratable || !acids.empty(); }
    bool behaves(Behaviour what) const;
    // Acidity that nobody measured: 0 to x, typical 0.
    bool acidityUnknown() const
    {
        return titratable && titratable->range.typical() == 0.0 && titratable->range.high() > 0.0;
    }
    const Source* findSource(const std::string& sourceId) const;
    // 1 minus every named part and acid at its typical value; below 0 means bad figures.
    double otherSolids() const;

    friend bool operator==(const Material&, const Material&) = default;
};

using MaterialPtr = std::shared_ptr<const Material>;

// Plain water, so that a formula can always name the liquid it pours.
MaterialPtr plainWater();

// The same hydroxide at the purity printed on the maker's drum, above 0 and at most 1; its low and
// high lie a hundredth either side (common practice, no source), the rest is water. Refuses what is
// not a hydroxide.
std::optional<Material> withPurity(const Material& hydroxide, double purity);

// Words of kinds and parts in files.
const char* codeOf(MaterialKind kind);
const char* codeOf(Part part);
std::optional<MaterialKind> kindFromCode(const std::string& code);
std::optional<Part> partFromCode(const std::string& code);

// What is wrong with a material's figures, or nothing. The text of item is a field name.
struct MaterialFault {
    enum class Code {
        NoId,
        NoName,
        FractionAboveOne,
        SumAboveOne,
        FatWithoutSv,
        HydroxideWithoutPurity,
        UnknownSource,
        SvOutOfRange,
        FattyAcidsNotOne,
        BadMeasure,
        TooLong // a text or list past its limit (limits.h)
    };
    Code code;
    std::string item;
};
std::optional<MaterialFault> faultOf(const Material& material);

} // namespace rhexion
