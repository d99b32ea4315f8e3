#include "ordinary.h"

#include "core/advice/reckon.h"
#include "core/heat/heat_findings.h"
#include "storage/catalogue.h"
#include "storage/formula_json.h"

#include <array>
#include <cstdio>
#include <map>
#include <random>
#include <string>

namespace rhexion::reliability {

namespace {

class Ordinary {
public:
    explicit Ordinary(unsigned seed) : draw_(seed) {}

    Formula next()
    {
        const Catalogue& c = Catalogue::shipped();
        Formula f;
        f.lye.sodium = c.find("sodium-hydroxide");
        f.lye.potassium = c.find("potassium-hydroxide-90");
        f.lye.superfat = in(0.03, 0.08);
        f.liquid.value = in(0.28, 0.36);
        f.lye.potassiumShare = chance(0.08) ? in(0.2, 0.6) : 0.0;
        f.mixing.at = Temperature::celsius(in(30, 48));
        static const char* const soft[] = {"sunflower-oil", "rice-bran-oil", "sweet-almond-oil",
                                           "canola-oil"};
        static const char* const hard[] = {"palm-oil", "lard", "tallow", "shea-butter",
                                           "cocoa-butter"};
        const double batch = in(500, 1600);
        add(f, "olive-oil", batch * in(0.3, 0.5));
        add(f, "coconut-oil", batch * in(0.15, 0.3));
        add(f, hard[draw_() % 5], batch * in(0.1, 0.25));
        if (chance(0.5))
            add(f, soft[draw_() % 4], batch * in(0.05, 0.2));
        if (chance(0.5))
            add(f, "castor-oil", batch * in(0.03, 0.08));
        if (chance(0.1))
            add(f, chance(0.5) ? "beeswax" : "stearic-acid", batch * in(0.01, 0.04));
        const bool milk = chance(0.25);
        f.lines.push_back({f.newId(),
                           c.find(milk ? "goat-milk" : "water"),
                           Vessel::LyeJug,
                           {0.0, AmountUnit::Rest},
                           milk && chance(0.8)});
        if (chance(0.2))
            f.lines.push_back({f.newId(),
                               c.find("honey"),
                               Vessel::Trace,
                               {batch * in(0.01, 0.03), AmountUnit::Gram}});
        Mould mould;
        if (chance(0.25)) {
            mould.shape = Column{60.0, 40.0};
            mould.count = 12;
        } else {
            mould.shape = Loaf{260.0, 85.0, 75.0, 0.0, 0.0, 0.0, 0.0};
        }
        f.moulds.push_back({mould, 0, 1.0});
        HeatPlan plan;
        plan.room = in(17, 25);
        plan.liquid = plan.room;
        plan.wall = chance(0.5) ? MouldWall::Silicone : MouldWall::WoodWithLiner;
        plan.covers = {{chance(0.4)   ? MouldCover::Open
                        : chance(0.6) ? MouldCover::Towel
                                      : MouldCover::Lid,
                        0.0,
                        {}}};
        f.heat = plan;
        return f;
    }

private:
    double in(double low, double high)
    {
        return low + (high - low) * static_cast<double>(draw_()) / 4294967295.0;
    }
    bool chance(double p) { return in(0.0, 1.0) < p; }
    void add(Formula& f, const char* id, double grams)
    {
        if (const MaterialPtr m = Catalogue::shipped().find(id))
            f.lines.push_back({f.newId(), m, Vessel::OilPot, {grams, AmountUnit::Gram}});
    }

    std::mt19937 draw_;
};

} // namespace

namespace {

class Count {
public:
    void add(const Formula& f)
    {
        const ReckonResult result = reckon(f);
        const auto* r = std::get_if<Reckoning>(&result);
        if (!r)
            return;
        ++counted_;
        heat::ForecastOptions coarse;
        coarse.coarse = true;
        bool danger = false;
        const auto told = heat::tellHeat(f, *r, {}, coarse);
        for (const Caution& c : told->findings) {
            ++fired_[codeOf(c.code)][static_cast<std::size_t>(c.severity)];
            danger = danger || c.severity == Severity::Danger;
        }
        withDanger_ += danger;
    }
    void say() const
    {
        std::printf("%-26s %6s %6s %6s  of %d\n", "finding", "note", "care", "stop", counted_);
        for (const auto& [code, times] : fired_)
            std::printf("%-26s %6d %6d %6d\n", code.c_str(), times[0], times[1], times[2]);
        std::printf("with a danger: %d of %d\n", withDanger_, counted_);
    }

private:
    std::map<std::string, std::array<int, 3>> fired_;
    int counted_ = 0;
    int withDanger_ = 0;
};

} // namespace

void countHeatFindings(int formulas, unsigned seed, const QStringList& files)
{
    Ordinary ordinary(seed);
    Count random;
    for (int i = 0; i < formulas; ++i)
        random.add(ordinary.next());
    random.say();
    if (files.isEmpty())
        return;
    Count given;
    for (const QString& path : files)
        if (const auto read = readFormulaFile(path); const auto* f = std::get_if<Formula>(&read))
            given.add(*f);
    given.say();
}

} // namespace rhexion::reliability
