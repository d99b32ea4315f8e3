// Short ways to make materials and formulas in tests.
#pragma once

#include "core/formula/formula.h"

#include <cmath>
#include <limits>

#include <QMetaType>

namespace rhexion::test {

inline Figure figure(double value)
{
    return {Interval::exactly(value), "test"};
}

inline std::shared_ptr<Material> material(const char* name, MaterialKind kind)
{
    auto m = std::make_shared<Material>();
    m->id = name;
    m->name = name;
    m->kind = kind;
    m->sources.push_back({"test", "a test's own figure", false});
    return m;
}

inline MaterialPtr oil(const char* name, double sv)
{
    auto m = material(name, MaterialKind::Fat);
    m->part(Part::Fat) = figure(1.0);
    m->sv = figure(sv);
    return m;
}

inline MaterialPtr sodiumHydroxide(double purity = 1.0)
{
    auto m = material("NaOH", MaterialKind::SodiumHydroxide);
    m->part(Part::SodiumHydroxide) = figure(purity);
    m->part(Part::Water) = figure(1.0 - purity);
    return m;
}

inline MaterialPtr potassiumHydroxide(double purity = 1.0)
{
    auto m = material("KOH", MaterialKind::PotassiumHydroxide);
    m->part(Part::PotassiumHydroxide) = figure(purity);
    m->part(Part::Water) = figure(1.0 - purity);
    return m;
}

inline MaterialPtr acidMaterial(const char* name, Acid acid, double share, double water)
{
    auto m = material(name, MaterialKind::Acid);
    m->part(Part::Water) = figure(water);
    m->acids.push_back({acid, figure(share)});
    return m;
}

// Citric acid monohydrate: 0.9143 acid, the rest crystal water, from the molar masses.
inline MaterialPtr citricMonohydrate()
{
    const double acid = factsOf(Acid::Citric).molarMass();
    const double share = acid / (acid + molarMassWater);
    return acidMaterial("citric acid monohydrate", Acid::Citric, share, 1.0 - share);
}

inline MaterialPtr citricAnhydrous()
{
    return acidMaterial("citric acid anhydrous", Acid::Citric, 1.0, 0.0);
}

inline MaterialPtr milk(double water, double fat, double sv, double mmolPer100 = 0.0)
{
    auto m = material("milk", MaterialKind::Milk);
    m->part(Part::Water) = figure(water);
    m->part(Part::Fat) = figure(fat);
    m->sv = figure(sv);
    if (mmolPer100 > 0.0)
        m->titratable = figure(mmolPer100);
    return m;
}

inline LineId add(Formula& formula, MaterialPtr m, StatedAmount amount,
                  Vessel vessel = Vessel::OilPot)
{
    formula.lines.push_back({formula.newId(), std::move(m), vessel, amount, false, false});
    return formula.lines.back().id;
}

inline StatedAmount grams(double g)
{
    return {g, AmountUnit::Gram};
}

inline constexpr StatedAmount rest{0.0, AmountUnit::Rest};

// 700 g of SV 190 and 300 g of SV 257, both hydroxides pure, superfat 5 %, ratio 2.
inline Formula twoOils()
{
    Formula f;
    f.name = "two oils";
    add(f, oil("oil 190", 190), grams(700));
    add(f, oil("oil 257", 257), grams(300));
    f.lye.sodium = sodiumHydroxide();
    f.lye.potassium = potassiumHydroxide();
    f.lye.superfat = 0.05;
    f.liquid.how = LiquidStatement::Ratio;
    f.liquid.value = 2.0;
    return f;
}

} // namespace rhexion::test

Q_DECLARE_METATYPE(rhexion::MaterialPtr)
