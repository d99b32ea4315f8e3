#include "core/materials/lot.h"

#include "core/materials/demand.h"

#include <algorithm>

namespace rhexion {

namespace {

const std::string mixtureSource = "mixture";

void scale(Figure& figure, double factor)
{
    const Interval scaled = figure.range * factor;
    figure.range = *Interval::of(std::min(scaled.low(), 1.0), std::min(scaled.typical(), 1.0),
                                 std::min(scaled.high(), 1.0));
}

struct WeightedSum {
    double low = 0.0;
    double typical = 0.0;
    double high = 0.0;
    void add(const Interval& i, double k)
    {
        low += i.low() * k;
        typical += i.typical() * k;
        high += i.high() * k;
    }
    Interval over(double whole, double most) const
    {
        return Interval::around(std::clamp(low / whole, 0.0, most),
                                std::clamp(typical / whole, 0.0, most),
                                std::clamp(high / whole, 0.0, most));
    }
};

} // namespace

Material withLot(const Material& material, const Lot& lot)
{
    Material out = material;
    out.lot = {lot.id, lot.name};
    double before = 0.0;
    double after = 0.0;
    bool acids = false;
    bool titrated = false;
    std::vector<std::string> given;
    for (const LotFigure& f : lot.figures) {
        if (!findFigureKind(f.code))
            continue;
        given.push_back(f.code);
        titrated = titrated || f.code == "titratable";
        acids = acids || (f.code.starts_with("acid-") && f.code != "acid-value");
        if (!isShareOfWhole(f.code))
            continue;
        after += f.range.typical();
        if (const Figure* old = findFigure(material, f.code))
            before += old->range.typical();
    }
    const auto isGiven = [&](const std::string& code) {
        return std::ranges::find(given, code) != given.end();
    };
    if (after != before && before < 1.0) {
        const double factor = std::max(0.0, 1.0 - after) / (1.0 - before);
        for (const FigureKind& kind : figureKinds())
            if (isShareOfWhole(kind.code) && !isGiven(kind.code))
                if (const Figure* f = findFigure(out, kind.code))
                    scale(*const_cast<Figure*>(f), factor);
        if (out.titratable && !titrated)
            out.titratable->range = out.titratable->range * factor;
    }
    if (acids && !titrated)
        out.titratable.reset();
    for (const LotFigure& f : lot.figures) {
        if (!isGiven(f.code))
            continue;
        const std::string id = "lot-" + lot.id + "-" + f.code;
        out.sources.push_back({id, f.source, false, true});
        setFigure(out, f.code, {f.range, id});
    }
    for (const Measure& measure : lot.measures) {
        std::erase_if(out.measures, [&](const Measure& m) { return m.name == measure.name; });
        const std::string id = "lot-" + lot.id + "-measure-" + measure.name;
        out.sources.push_back({id, measure.source, false, true});
        out.measures.push_back({measure.name, measure.grams, id});
    }
    return out;
}

std::optional<Material> mixed(std::span<const Ingredient> ingredients, Mass finalMass)
{
    double total = 0.0;
    for (const Ingredient& in : ingredients) {
        if (!in.material || !in.mass.isUsable())
            return std::nullopt;
        total += in.mass.inGrams();
    }
    const double end = finalMass.inGrams();
    // A gram in a thousand is the scale's own doubt.
    if (!(total > 0.0) || !(end > 0.0) || end > total * 1.001)
        return std::nullopt;

    Material out;
    out.kind = MaterialKind::Produce;
    std::array<WeightedSum, partCount> parts;
    WeightedSum titratable;
    WeightedSum sv;
    double fat = 0.0;
    double heaviest = -1.0;
    for (const Ingredient& in : ingredients) {
        const Material& m = *in.material;
        const double grams = in.mass.inGrams();
        for (std::size_t i = 0; i < partCount; ++i)
            parts[i].add(m.parts[i].range, grams);
        titratable.add(acidityOf(m), grams);
        if (const auto& value = m.sv ? m.sv : m.acidValue) {
            const double fatGrams = grams * m.part(Part::Fat).range.typical();
            sv.add(value->range, fatGrams);
            fat += fatGrams;
        }
        // The kind is that of what is most of it, water apart.
        if (m.kind != MaterialKind::Liquid && grams > heaviest) {
            heaviest = grams;
            out.kind = m.kind;
        }
    }
    const double lost = std::max(0.0, total - end);
    WeightedSum& water = parts[static_cast<std::size_t>(Part::Water)];
    if (lost > water.typical)
        return std::nullopt;
    water.low = std::max(0.0, water.low - lost);
    water.typical -= lost;
    water.high -= lost;
    for (std::size_t i = 0; i < partCount; ++i)
        if (parts[i].high > 0.0)
            out.parts[i] = {parts[i].over(end, 1.0), mixtureSource};
    if (titratable.high > 0.0)
        out.titratable = Figure{titratable.over(end, 5000.0), mixtureSource};
    if (fat > 0.0)
        out.sv = Figure{sv.over(fat, 700.0), mixtureSource};
    std::string text;
    for (const Ingredient& in : ingredients)
        text += (text.empty() ? "" : ", ") + in.material->name;
    out.sources.push_back({mixtureSource, text, false, false});
    return out;
}

} // namespace rhexion
