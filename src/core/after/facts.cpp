#include "core/after/facts.h"

#include <set>

namespace rhexion {

namespace {

const char* kindWord(MaterialKind kind)
{
    switch (kind) {
    case MaterialKind::Acid: return "acid";
    case MaterialKind::Milk: return "milk";
    case MaterialKind::Produce: return "produce";
    case MaterialKind::Sugar: return "sugar";
    case MaterialKind::Salt: return "salt";
    case MaterialKind::Solid: return "solid";
    case MaterialKind::Wax: return "wax";
    case MaterialKind::Egg: return "egg";
    case MaterialKind::Colour: return "colour";
    case MaterialKind::Scent: return "scent";
    case MaterialKind::FattyAcid: return "fatty-acid";
    case MaterialKind::PotassiumHydroxide: return "potassium-hydroxide";
    case MaterialKind::Fat:
    case MaterialKind::SodiumHydroxide:
    case MaterialKind::Liquid: break;
    }
    return nullptr; // every batch has those
}

// Where a figure lies among three bands.
std::string band(const char* name, double value, double low, double high)
{
    return std::string(name) + (value < low ? ":low" : value > high ? ":high" : ":middle");
}

// Bands as makers speak of them: a lean or a rich bar, a strong or a weak lye (common practice, no
// source).
std::vector<std::string> settings(const Formula& formula, std::optional<double> superfat,
                                  std::optional<double> strength)
{
    std::vector<std::string> out{formula.cooks() ? "process:hot" : "process:cold"};
    if (superfat)
        out.push_back(band("superfat", *superfat, 0.03, 0.08));
    if (strength)
        out.push_back(band("strength", *strength, 0.28, 0.36));
    if (formula.handling.gel != GelPlan::NotKnown)
        out.push_back(std::string("gel:") + codeOf(formula.handling.gel));
    return out;
}

} // namespace

std::vector<std::string> settingsOf(const Formula& formula, const Account& account)
{
    const double strength = account.pure.strength;
    return settings(formula, account.superfatTrue,
                    strength > 0.0 ? std::optional(strength) : std::nullopt);
}

std::vector<std::string> jarsAndMouldsOf(const Formula& formula)
{
    std::set<std::string> out;
    const auto jar = [&](const MaterialPtr& material) {
        if (material && !material->lot.name.empty())
            out.insert("lot:" + material->id + ' ' + material->lot.name);
    };
    for (const Line& line : formula.lines)
        jar(line.material);
    jar(formula.lye.sodium);
    jar(formula.lye.potassium);
    for (const MouldUse& use : formula.moulds)
        if (!use.mould.name.empty())
            out.insert("mould:" + use.mould.name);
    return {out.begin(), out.end()};
}

std::vector<std::string> factsOf(const Batch& batch)
{
    const Bowl bowl = batch.bowl();
    const std::vector<std::string> things = jarsAndMouldsOf(bowl.formula);
    std::set<std::string> out(things.begin(), things.end());
    for (const Line& line : bowl.formula.lines) {
        if (const char* word = kindWord(line.material->kind))
            out.insert(std::string("kind:") + word);
        if (line.frozen)
            out.insert("frozen");
    }
    if (accountOf(bowl.formula, bowl.amounts).potassium.pureGrams > 0.0)
        out.insert("kind:potassium-hydroxide");
    const auto made = batch.outcome();
    for (std::string& setting : settings(batch.formula, made ? made->superfat : std::nullopt,
                                         made ? std::optional(made->strength) : std::nullopt))
        out.insert(std::move(setting));
    if (batch.formula.pair)
        out.insert("pair:" + batch.formula.pair->batch);
    if (batch.formula.portions.size() > 1)
        out.insert("split");
    if (const auto joined = batch.moments().joined) {
        double sum = 0.0;
        int count = 0;
        for (const ReadingOf what : {ReadingOf::Jug, ReadingOf::Pot}) {
            std::optional<double> last;
            for (const ReadingAt& r : batch.readings)
                if (r.what == what && r.at <= *joined)
                    last = r.celsius;
            sum += last.value_or(0.0);
            count += last ? 1 : 0;
        }
        if (count > 0)
            out.insert(band("joined", sum / count, 30.0, 42.0));
    }
    for (const LookAt& look : batch.looks) {
        if (look.saw == LookSaw::GelThrough)
            out.insert("seen:full-gel");
        if (look.saw == LookSaw::Cracked)
            out.insert("seen:crack");
    }
    if (!batch.nearMisses.empty())
        out.insert("near-miss");
    const bool poured = batch.moments().poured.has_value();
    if (batch.state == BatchState::Finished || (batch.state == BatchState::Making && poured))
        out.insert("made");
    if (!batch.after.empty())
        out.insert("told");
    for (const AfterAt& a : batch.after) {
        if (const auto* seen = std::get_if<OutcomeSeen>(&a.what))
            out.insert(std::string("seen:") + codeOf(seen->what));
        if (const auto* verdict = std::get_if<VerdictGiven>(&a.what)) {
            std::erase_if(out, [](const std::string& f) { return f.starts_with("verdict:"); });
            out.insert(std::string("verdict:") + codeOf(verdict->verdict));
        }
        if (std::holds_alternative<LessonKept>(a.what))
            out.insert("lesson");
        if (std::holds_alternative<PhotoKept>(a.what))
            out.insert("photo");
        if (std::holds_alternative<AlkaliTested>(a.what))
            out.insert("tested");
    }
    return {out.begin(), out.end()};
}

} // namespace rhexion
