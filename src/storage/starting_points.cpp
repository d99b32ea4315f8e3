#include "storage/starting_points.h"

#include "storage/catalogue.h"

#include <cstdio>
#include <cstdlib>

namespace rhexion {

namespace {

// Builds one formula; a material the catalogue does not have is a broken program.
class Start {
public:
    Start()
    {
        f_.lye.sodium = material(usualSodium);
        f_.lye.potassium = material(usualPotassium);
        f_.lye.superfat = 0.05;
    }

    Line& add(const char* id, double value, AmountUnit unit, Vessel vessel)
    {
        Line line;
        line.id = f_.newId();
        line.material = material(id);
        line.amount = {value, unit};
        line.vessel = vessel;
        f_.lines.push_back(std::move(line));
        return f_.lines.back();
    }
    Line& oil(const char* id, double grams)
    {
        return add(id, grams, AmountUnit::Gram, Vessel::OilPot);
    }
    Line& rest(const char* id, Vessel vessel = Vessel::LyeJug)
    {
        return add(id, 0.0, AmountUnit::Rest, vessel);
    }
    void loaf(double length, double width, double height)
    {
        f_.moulds.push_back({Mould{{}, Loaf{length, width, height}, 1}, 0, 1.0});
    }
    Formula& formula() { return f_; }

private:
    static MaterialPtr material(const char* id)
    {
        MaterialPtr found = Catalogue::shipped().find(id);
        if (!found) {
            std::fprintf(stderr, "the catalogue has no %s\n", id);
            std::abort();
        }
        return found;
    }
    Formula f_;
};

void milkInTheOils(Start& s)
{
    s.oil("olive-oil", 280.0);
    s.oil("coconut-oil", 170.0);
    s.oil("shea-butter", 110.0);
    s.oil("castor-oil", 40.0);
    s.add("buttermilk", 60.0, AmountUnit::Gram, Vessel::OilPot);
    s.rest("water");
    s.loaf(220, 75, 65);
}

void pureeAsTheLiquid(Start& s)
{
    s.oil("olive-oil", 300.0);
    s.oil("coconut-oil", 150.0);
    s.oil("rice-bran-oil", 100.0);
    s.oil("castor-oil", 30.0);
    Line& pear = s.rest("pear-puree");
    pear.frozen = true;
    s.formula().mixing.at = Temperature::celsius(30.0);
    s.loaf(220, 75, 65);
}

void yogurtAndHoney(Start& s)
{
    s.oil("olive-oil", 320.0);
    s.oil("coconut-oil", 160.0);
    s.oil("shea-butter", 80.0);
    s.oil("castor-oil", 40.0);
    s.add("yogurt", 60.0, AmountUnit::Gram, Vessel::Emulsion);
    s.add("honey", 2.0, AmountUnit::PercentOfOils, Vessel::Trace).solvent = 1.0;
    s.rest("water");
    s.formula().mixing.at = Temperature::celsius(32.0);
    s.loaf(220, 75, 65);
}

void twoLyes(Start& s)
{
    s.oil("coconut-oil", 240.0);
    s.oil("stearic-acid", 60.0);
    s.oil("sunflower-oil-high-oleic", 200.0);
    s.oil("castor-oil", 50.0);
    s.add("citric-acid-monohydrate", 2.0, AmountUnit::PercentOfOils, Vessel::LyeJug);
    s.rest("water");
    s.formula().lye.potassiumShare = 0.6;
    s.formula().lye.superfat = 0.04;
    s.formula().mixing.at = Temperature::celsius(70.0);
}

void brine(Start& s)
{
    s.oil("olive-oil", 600.0);
    s.oil("coconut-oil", 60.0);
    s.oil("castor-oil", 40.0);
    s.add("sea-salt-fine", 3.0, AmountUnit::PercentOfOils, Vessel::LyeJug);
    s.rest("water");
    s.loaf(240, 80, 70);
}

void saltBar(Start& s)
{
    s.oil("coconut-oil", 480.0);
    s.oil("avocado-oil", 60.0);
    s.oil("castor-oil", 60.0);
    s.add("sea-salt-fine", 50.0, AmountUnit::PercentOfOils, Vessel::Trace);
    s.rest("water");
    s.formula().lye.superfat = 0.18;
    s.formula().moulds.push_back({Mould{{}, Dome{35, 30}, 15}, 0, 1.0});
}

void allOlive(Start& s)
{
    s.oil("olive-oil", 800.0);
    s.rest("water");
    s.formula().lye.superfat = 0.03;
    s.formula().liquid.value = 0.38;
    s.formula().handling.gel = GelPlan::Gelled;
    s.loaf(240, 80, 70);
}

void hotProcess(Start& s)
{
    s.oil("olive-oil", 300.0);
    s.oil("coconut-oil", 180.0);
    s.oil("lard", 120.0);
    s.add("hazelnut-oil", 5.0, AmountUnit::PercentOfOils, Vessel::AfterCook);
    s.add("lavender-essential-oil", 2.5, AmountUnit::PercentOfOils, Vessel::AfterCook);
    s.add("yogurt", 25.0, AmountUnit::Gram, Vessel::AfterCook);
    s.rest("water");
    s.formula().lye.basis = SuperfatBasis::CookedFat;
    s.formula().lye.superfat = 0.01;
    s.formula().liquid.value = 0.27;
    s.formula().mixing.at = Temperature::celsius(75.0);
}

void splitBatter(Start& s)
{
    s.oil("olive-oil", 340.0);
    s.oil("coconut-oil", 170.0);
    s.oil("rapeseed-oil", 60.0);
    s.oil("castor-oil", 30.0);
    s.rest("water");
    Formula& f = s.formula();
    const PortionId plain = f.newId();
    const PortionId coloured = f.newId();
    f.portions = {{plain, "Plain", 1.0, {}, std::nullopt},
                  {coloured, "Madder", 1.0, {}, std::nullopt}};
    s.add("madder-powder", 1.0, AmountUnit::PercentOfOils, Vessel::Trace).portion = coloured;
    s.loaf(220, 75, 65);
}

void hardWater(Start& s)
{
    s.oil("babassu-oil", 200.0);
    s.oil("olive-oil", 260.0);
    s.oil("rapeseed-oil", 80.0);
    s.oil("castor-oil", 60.0);
    s.add("citric-acid-monohydrate", 2.5, AmountUnit::PercentOfOils, Vessel::LyeJug);
    s.add("sodium-gluconate", 0.5, AmountUnit::PercentOfOils, Vessel::LyeJug);
    s.rest("water");
    s.loaf(220, 75, 65);
}

void egg(Start& s)
{
    s.oil("olive-oil", 320.0);
    s.oil("coconut-oil", 150.0);
    s.oil("cocoa-butter", 60.0);
    s.oil("castor-oil", 40.0);
    s.add("egg-yolk", 2.0, AmountUnit::Piece, Vessel::Trace);
    s.rest("water");
    s.formula().mixing.at = Temperature::celsius(32.0);
    s.loaf(220, 75, 65);
}

void stockLye(Start& s)
{
    s.oil("olive-oil", 150.0);
    s.oil("coconut-oil", 80.0);
    s.oil("shea-butter", 50.0);
    s.oil("castor-oil", 20.0);
    s.rest("water");
    s.formula().liquid.jugRatio = 1.0;
    s.formula().moulds.push_back({Mould{{}, Column{65, 35}, 4}, 0, 1.0});
}

} // namespace

Formula startingPoint(StartingPoint which)
{
    Start s;
    switch (which) {
    case StartingPoint::MilkInTheOils: milkInTheOils(s); break;
    case StartingPoint::PureeAsTheLiquid: pureeAsTheLiquid(s); break;
    case StartingPoint::YogurtAndHoney: yogurtAndHoney(s); break;
    case StartingPoint::TwoLyes: twoLyes(s); break;
    case StartingPoint::Brine: brine(s); break;
    case StartingPoint::SaltBar: saltBar(s); break;
    case StartingPoint::AllOlive: allOlive(s); break;
    case StartingPoint::HotProcess: hotProcess(s); break;
    case StartingPoint::SplitBatter: splitBatter(s); break;
    case StartingPoint::HardWater: hardWater(s); break;
    case StartingPoint::Egg: egg(s); break;
    case StartingPoint::StockLye: stockLye(s); break;
    }
    return s.formula();
}

} // namespace rhexion
