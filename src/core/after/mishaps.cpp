#include "core/after/mishaps.h"

#include <algorithm>
#include <set>

namespace rhexion {

namespace {

constexpr std::string_view withId = "with:";

using Where = std::vector<bool>; // of each batch told, whether it has the thing

Where whereOf(std::span<const ToldBatch> told, const std::string& fact)
{
    Where out(told.size());
    for (std::size_t i = 0; i < told.size(); ++i)
        out[i] = std::ranges::binary_search(told[i].facts, fact);
    return out;
}

struct Counted {
    int with = 0, withTimes = 0;
    int without = 0, withoutTimes = 0;
    std::size_t newest = 0; // of those it happened in

    Counted(const Where& first, const Where& second, const Where& happened)
    {
        for (std::size_t i = happened.size(); i-- > 0;) {
            const bool inside = first[i] && second[i];
            ++(inside ? with : without);
            if (happened[i])
                ++(inside ? withTimes : withoutTimes);
            if (inside && happened[i])
                newest = i;
        }
    }
    // Once is chance; from half of the batches on it is a habit.
    bool isOften() const { return withTimes >= 2 && 2 * withTimes >= with; }
    // The share with it against the share without, as a product.
    bool isMoreThanWithout(int factor) const
    {
        return withTimes * without > factor * withoutTimes * with;
    }
};

// A setting is said of every batch, a jar is chosen.
bool isChosen(const std::string& thing)
{
    return thing.starts_with(withId) || thing.starts_with("lot:") || thing.starts_with("mould:");
}

} // namespace

std::vector<std::string> thingsOf(const Formula& formula, const Account& account)
{
    std::set<std::string> out;
    for (const std::string& setting : settingsOf(formula, account))
        out.insert(setting);
    for (const std::string& thing : jarsAndMouldsOf(formula))
        out.insert(thing);
    for (const Line& line : formula.lines)
        out.insert(std::string(withId) + line.material->id);
    return {out.begin(), out.end()};
}

std::vector<MishapBefore> mishapsBefore(std::span<const ToldBatch> told,
                                        std::span<const std::string> things)
{
    std::vector<Where> where;
    for (const std::string& thing : things)
        where.push_back(whereOf(told, thing));
    std::vector<MishapBefore> out;
    for (std::size_t code = 0; code < countOf<Seen>(); ++code) {
        const auto seen = static_cast<Seen>(code);
        if (!isMishap(seen))
            continue;
        const Where happened = whereOf(told, std::string("seen:") + codeOf(seen));
        if (std::ranges::find(happened, true) == happened.end())
            continue;
        const auto say = [&](std::vector<std::string> what, const Counted& c) {
            out.push_back({std::move(what), seen, c.withTimes, c.with, told[c.newest].batch});
        };
        std::vector<std::size_t> quiet; // materials that say nothing alone
        for (std::size_t i = 0; i < things.size(); ++i) {
            const Counted one(where[i], where[i], happened);
            const bool stands = isChosen(things[i]) ? one.without == 0 || one.isMoreThanWithout(1)
                                                    : one.isMoreThanWithout(2);
            if (one.isOften() && stands)
                say({things[i]}, one);
            else if (things[i].starts_with(withId))
                quiet.push_back(i);
        }
        for (std::size_t i = 0; i < quiet.size(); ++i)
            for (std::size_t k = i + 1; k < quiet.size(); ++k)
                if (const Counted pair(where[quiet[i]], where[quiet[k]], happened);
                    pair.isOften() && pair.isMoreThanWithout(2))
                    say({things[quiet[i]], things[quiet[k]]}, pair);
    }
    return out;
}

} // namespace rhexion
