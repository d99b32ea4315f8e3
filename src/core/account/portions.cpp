#include "core/account/portions.h"

#include "core/amounts/held_oil.h"

#include <algorithm>

namespace rhexion {

namespace {

using N = TermName;
using U = Unit;

struct Sum {
    double grams = 0.0;
    double fat = 0.0; // mol, typical
    double fatLow = 0.0;
    double fatHigh = 0.0;
    double acid = 0.0;
    double acidLow = 0.0;
    double given = 0.0; // mol of hydroxide
    double givenHigh = 0.0;
    double oils = 0.0;
    double water = 0.0;
    double salt = 0.0;
    double scent = 0.0;

    // Below 0 grams take out.
    void add(const Line& line, const PerGram& per, double g)
    {
        const Material& m = *line.material;
        grams += g;
        fat += g * per.fatTypical;
        fatLow += g * per.fatLow;
        fatHigh += g * per.fatHigh;
        acid += g * per.acid;
        acidLow += g * per.acidLow;
        given += g * per.given;
        givenHigh += g * per.givenHigh;
        oils += m.isOil() ? g : 0.0;
        water += g * per.water;
        salt += g * m.part(Part::SodiumChloride).range.typical();
        scent += m.kind == MaterialKind::Scent ? g : 0.0;
    }
};

class Splitter {
public:
    Splitter(const Formula& f, const Amounts& amounts, std::span<const PerGram> per, Account& r)
        : f_(f), amounts_(amounts), per_(per), r_(r)
    {
    }

    void run()
    {
        const std::size_t count = f_.portions.size();
        for (const Portion& portion : f_.portions)
            parts_ += portion.parts;
        own_.resize(count);
        held_.resize(count);
        shareOut();
        for (std::size_t p = 0; p < count; ++p)
            setAside(p);
        for (std::size_t p = 0; p < count; ++p)
            settle(p);
        if (r_.heldGrams > 0.0)
            whileHeld();
    }

private:
    double share(std::size_t p) const { return f_.portions[p].parts / parts_; }

    void shareOut()
    {
        weighedMol_ = r_.hydroxideMol - r_.givenMol;
        weighedHigh_ = r_.supplyHigh;
        common_.grams = r_.sodium.weighedGrams + r_.potassium.weighedGrams + r_.jugWaterGrams;
        common_.water = r_.waterFromHydroxide + r_.jugWaterGrams;
        std::size_t makeUp = f_.lines.size();
        for (std::size_t i = 0; i < f_.lines.size(); ++i) {
            const Line& line = f_.lines[i];
            if (r_.lines[i].isMakeUp)
                makeUp = i;
            Sum* to = &common_;
            for (std::size_t p = 0; p < f_.portions.size(); ++p)
                if (f_.portions[p].id == f_.portionOf(line))
                    to = &own_[p];
            to->add(line, per_[i], r_.lines[i].grams);
            weighedHigh_ -= r_.lines[i].grams * per_[i].givenHigh;
            const bool inPot = isJug(line.vessel) || line.vessel == Vessel::OilPot ||
                               line.vessel == Vessel::Emulsion;
            if (inPot && to == &common_) {
                pot_.fat += r_.lines[i].grams * per_[i].fatTypical;
                pot_.acid += r_.lines[i].grams * per_[i].acid;
                pot_.given += r_.lines[i].givenMol;
            }
            if (line.vessel == Vessel::OilPot && line.material->isOil())
                potOils_ += r_.lines[i].grams;
        }
        // Liquid set aside for a portion's line goes where that line goes.
        for (std::size_t i = 0; makeUp < f_.lines.size() && i < f_.lines.size(); ++i)
            for (std::size_t p = 0; p < f_.portions.size(); ++p)
                if (r_.lines[i].solventGrams > 0.0 &&
                    f_.portions[p].id == f_.portionOf(f_.lines[i])) {
                    common_.add(f_.lines[makeUp], per_[makeUp], -r_.lines[i].solventGrams);
                    own_[p].add(f_.lines[makeUp], per_[makeUp], r_.lines[i].solventGrams);
                }
        left_.resize(f_.lines.size());
        for (std::size_t i = 0; i < f_.lines.size(); ++i)
            left_[i] = r_.lines[i].grams;
    }

    void setAside(std::size_t p)
    {
        const double wanted = p < amounts_.held.size() ? amounts_.held[p] : 0.0;
        if (!(wanted > 0.0))
            return;
        const LineId one = f_.portions[p].held ? f_.portions[p].held->line : 0;
        double there = 0.0;
        for (std::size_t i = 0; i < f_.lines.size(); ++i)
            if (isPotOil(f_, i) && (one == 0 || f_.lines[i].id == one))
                there += left_[i];
        const double grams = std::min(wanted, std::max(0.0, there));
        r_.heldTooMuch += wanted - grams;
        if (!(grams > 0.0))
            return;
        for (std::size_t i = 0; i < f_.lines.size(); ++i) {
            if (!isPotOil(f_, i) || (one != 0 && f_.lines[i].id != one))
                continue;
            // The mix is taken as it was melted together; what is left of it is as mixed as before.
            const double g = one != 0 ? grams : grams * r_.lines[i].grams / potOils_;
            held_[p].add(f_.lines[i], per_[i], g);
            common_.add(f_.lines[i], per_[i], -g);
            pot_.fat -= g * per_[i].fatTypical;
            left_[i] -= g;
        }
        r_.heldGrams += grams;
    }

    void settle(std::size_t p)
    {
        const double k = share(p);
        const auto all = [&](double Sum::*what) {
            return k * (common_.*what) + held_[p].*what + own_[p].*what;
        };
        PortionReckoned out;
        out.id = f_.portions[p].id;
        out.share = k;
        out.commonGrams = k * common_.grams;
        out.heldGrams = held_[p].grams;
        out.ownGrams = own_[p].grams;
        out.oilsGrams = all(&Sum::oils);
        out.fatMol = all(&Sum::fat);
        out.acidMol = all(&Sum::acid);
        out.waterGrams = all(&Sum::water);
        out.saltGrams = all(&Sum::salt);
        out.scentGrams = all(&Sum::scent);
        out.supplyMol = k * weighedMol_ + all(&Sum::given);
        if (out.fatMol > 0.0)
            out.superfat = 1.0 - (out.supplyMol - out.acidMol) / out.fatMol;
        // Where its own acid outweighs its lye, more fat lowers the share that is free.
        const double onFat = k * weighedHigh_ + all(&Sum::givenHigh) - all(&Sum::acidLow);
        const double fat = all(onFat > 0.0 ? &Sum::fatLow : &Sum::fatHigh);
        if (fat > 0.0)
            out.superfatLow = 1.0 - onFat / fat;
        r_.portions.push_back(out);
    }

    void whileHeld()
    {
        const double supply = weighedMol_ + pot_.given;
        const double onFat = supply - pot_.acid;
        const double perMol =
            weighedMol_ > 0.0 ? r_.pureGrams() / weighedMol_ : molarMassSodiumHydroxide;
        r_.lyeWhileHeld = std::max(0.0, onFat - pot_.fat) * perMol;
        if (!(pot_.fat > 1e-12))
            return;
        r_.superfatWhileHeld = 1.0 - onFat / pot_.fat;
        r_.working.add(Rule::SuperfatWhileHeld,
                       {{N::Moles, U::Mole, supply},
                        {N::AcidAlkali, U::Mole, pot_.acid},
                        {N::Fat, U::Mole, pot_.fat}},
                       *r_.superfatWhileHeld, U::Percent);
    }

    const Formula& f_;
    const Amounts& amounts_;
    std::span<const PerGram> per_;
    Account& r_;
    double weighedMol_ = 0.0;  // hydroxide that is weighed: common to all portions
    double weighedHigh_ = 0.0; // the same at the high of its purity
    double parts_ = 0.0;
    double potOils_ = 0.0;
    Sum common_;
    Sum pot_; // fat and acid of what is there when the lye goes in
    std::vector<Sum> own_;
    std::vector<Sum> held_;
    std::vector<double> left_;
};

} // namespace

void settlePortions(const Formula& f, const Amounts& amounts, std::span<const PerGram> per,
                    Account& r)
{
    if (!f.portions.empty())
        Splitter(f, amounts, per, r).run();
}

void writePortions(const Formula& f, Account& r)
{
    for (std::size_t p = 0; p < r.portions.size(); ++p) {
        const PortionReckoned& out = r.portions[p];
        const auto write = [&](Rule rule, std::initializer_list<Term> terms, double result,
                               Unit unit) {
            r.working.add(rule, terms, result, unit, noLine, noAcid, static_cast<std::int8_t>(p));
        };
        if (out.heldGrams > 0.0) {
            const auto& held = f.portions[p].held;
            if (held && held->amount.unit == AmountUnit::PercentOfOils)
                write(Rule::PortionHeld,
                      {{N::Share, U::Percent, held->amount.value / 100.0},
                       {N::Share, U::Percent, out.share},
                       {N::Oils, U::Gram, r.oilsGrams}},
                      out.heldGrams, U::Gram);
            else
                write(Rule::PortionHeld, {}, out.heldGrams, U::Gram);
        }
        write(Rule::PortionBatter,
              {{N::Share, U::Percent, out.share},
               {N::Batter, U::Gram, out.commonGrams / out.share},
               {N::Held, U::Gram, out.heldGrams},
               {N::Own, U::Gram, out.ownGrams}},
              out.batterGrams(), U::Gram);
        if (out.superfat)
            write(Rule::PortionSuperfat,
                  {{N::Share, U::Percent, out.share},
                   {N::Moles, U::Mole, out.supplyMol / out.share},
                   {N::AcidAlkali, U::Mole, out.acidMol},
                   {N::Fat, U::Mole, out.fatMol}},
                  *out.superfat, U::Percent);
        if (out.saltGrams > 0.0 && out.oilsGrams > 0.0)
            write(Rule::PortionSalt,
                  {{N::Salt, U::Gram, out.saltGrams}, {N::Oils, U::Gram, out.oilsGrams}},
                  out.saltGrams / out.oilsGrams, U::Percent);
        if (out.scentGrams > 0.0 && out.oilsGrams > 0.0)
            write(Rule::PortionScent,
                  {{N::Scent, U::Gram, out.scentGrams}, {N::Oils, U::Gram, out.oilsGrams}},
                  out.scentGrams / out.oilsGrams, U::Percent);
    }
}

} // namespace rhexion
