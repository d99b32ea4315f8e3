#include "core/formula/edit.h"

#include <algorithm>

namespace rhexion {

namespace {

template <class T>
T exchange(T& place, T value)
{
    std::swap(place, value);
    return value;
}

struct Apply {
    Formula& formula;

    std::optional<Edit> operator()(const AddLine& e) const
    {
        if (formula.find(e.line.id))
            return std::nullopt;
        const auto index = std::min(e.index, formula.lines.size());
        formula.lines.insert(formula.lines.begin() + static_cast<std::ptrdiff_t>(index), e.line);
        formula.lastId = std::max(formula.lastId, e.line.id);
        return RemoveLine{e.line.id};
    }
    std::optional<Edit> operator()(const RemoveLine& e) const
    {
        const auto at = std::ranges::find(formula.lines, e.line, &Line::id);
        if (at == formula.lines.end())
            return std::nullopt;
        AddLine back{*at, static_cast<std::size_t>(at - formula.lines.begin())};
        formula.lines.erase(at);
        return back;
    }
    std::optional<Edit> operator()(const MoveLine& e) const
    {
        const auto at = std::ranges::find(formula.lines, e.line, &Line::id);
        if (at == formula.lines.end())
            return std::nullopt;
        const MoveLine back{e.line, at->vessel,
                            static_cast<std::size_t>(at - formula.lines.begin())};
        Line line = *at;
        line.vessel = e.vessel;
        formula.lines.erase(at);
        const auto index = std::min(e.index, formula.lines.size());
        formula.lines.insert(formula.lines.begin() + static_cast<std::ptrdiff_t>(index), line);
        return back;
    }
    std::optional<Edit> operator()(const SetAmount& e) const
    {
        Line* line = formula.find(e.line);
        if (!line || line->locked)
            return std::nullopt;
        return SetAmount{e.line, exchange(line->amount, e.amount)};
    }
    std::optional<Edit> operator()(const SetFrozen& e) const
    {
        return onLine(e.line, [&](Line& line) -> Edit {
            return SetFrozen{e.line, exchange(line.frozen, e.frozen)};
        });
    }
    std::optional<Edit> operator()(const SetAllWater& e) const
    {
        return onLine(e.line, [&](Line& line) -> Edit {
            return SetAllWater{e.line, exchange(line.allWater, e.allWater)};
        });
    }
    std::optional<Edit> operator()(const SetMaterial& e) const
    {
        return onLine(e.line, [&](Line& line) -> Edit {
            return SetMaterial{e.line, exchange(line.material, e.material)};
        });
    }
    std::optional<Edit> operator()(const SetLocked& e) const
    {
        Line* line = formula.find(e.line);
        if (!line || line->amount.unit == AmountUnit::Rest)
            return std::nullopt;
        return SetLocked{e.line, exchange(line->locked, e.locked)};
    }
    std::optional<Edit> operator()(const SetPortion& e) const
    {
        if (e.portion != 0 && !formula.portion(e.portion))
            return std::nullopt;
        return onLine(e.line, [&](Line& line) -> Edit {
            return SetPortion{e.line, exchange(line.portion, e.portion)};
        });
    }
    std::optional<Edit> operator()(const SetSolvent& e) const
    {
        return onLine(e.line, [&](Line& line) -> Edit {
            return SetSolvent{e.line, exchange(line.solvent, e.solvent)};
        });
    }
    std::optional<Edit> operator()(const SetPortions& e) const
    {
        for (const Portion& portion : e.portions)
            formula.lastId = std::max(formula.lastId, portion.id);
        SetPortions back{exchange(formula.portions, e.portions)};
        for (Line& line : formula.lines)
            if (line.portion != 0 && !formula.portion(line.portion))
                back.lines.emplace_back(line.id, exchange(line.portion, PortionId(0)));
        for (const auto& [id, portion] : e.lines)
            if (Line* line = formula.find(id); line && formula.portion(portion))
                line->portion = portion;
        return back;
    }
    std::optional<Edit> operator()(const SetMoulds& e) const
    {
        return SetMoulds{exchange(formula.moulds, e.moulds)};
    }
    std::optional<Edit> operator()(const SetCutting& e) const
    {
        return SetCutting{exchange(formula.cutting, e.cutting)};
    }
    std::optional<Edit> operator()(const SetHandling& e) const
    {
        return SetHandling{exchange(formula.handling, e.handling)};
    }
    std::optional<Edit> operator()(const SetWay& e) const
    {
        return SetWay{exchange(formula.way, e.way)};
    }
    std::optional<Edit> operator()(const SetAcknowledged& e) const
    {
        return SetAcknowledged{exchange(formula.acknowledged, e.acknowledged)};
    }
    std::optional<Edit> operator()(const SetHeatPlan& e) const
    {
        return SetHeatPlan{exchange(formula.heat, e.heat)};
    }
    std::optional<Edit> operator()(const SetMixing& e) const
    {
        return SetMixing{exchange(formula.mixing, e.mixing)};
    }
    std::optional<Edit> operator()(const SetLye& e) const
    {
        return SetLye{e.field, exchange(formula.lye, e.lye)};
    }
    std::optional<Edit> operator()(const SetLiquid& e) const
    {
        return SetLiquid{e.field, exchange(formula.liquid, e.liquid)};
    }
    std::optional<Edit> operator()(const SetOilsTotal& e) const
    {
        return SetOilsTotal{exchange(formula.oilsTotal, e.total)};
    }
    std::optional<Edit> operator()(const SetText& e) const
    {
        std::string& place = e.field == TextField::Name    ? formula.name
                             : e.field == TextField::Maker ? formula.maker
                                                           : formula.notes;
        return SetText{e.field, exchange(place, e.text)};
    }

private:
    template <class Change>
    std::optional<Edit> onLine(LineId id, Change change) const
    {
        Line* line = formula.find(id);
        return line ? std::optional<Edit>(change(*line)) : std::nullopt;
    }
};

} // namespace

std::optional<Edit> apply(Formula& formula, const Edit& edit)
{
    return std::visit(Apply{formula}, edit);
}

} // namespace rhexion
