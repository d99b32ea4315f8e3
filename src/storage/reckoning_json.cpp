#include "storage/reckoning_json.h"

#include "core/units/enum_count.h"
#include "storage/material_names.h"

#include <QJsonArray>

#include <iterator>

namespace rhexion {

namespace {

// A figure that is not there is null: "not known" and "none" are never 0.
QJsonValue figureOrNull(const std::optional<double>& figure)
{
    return figure ? QJsonValue(*figure) : QJsonValue(QJsonValue::Null);
}

QJsonObject toJson(const LiquidTerms& t)
{
    return {{"strength", t.strength},
            {"ratio", figureOrNull(t.ratio)},
            {"shareOfOils", figureOrNull(t.shareOfOils)},
            {"lessThanUsual", figureOrNull(t.lessThanUsual)}};
}

QJsonObject toJson(const Spread& s)
{
    return {{"low", s.low}, {"median", s.median}, {"high", s.high}};
}

QJsonObject toJson(const Doubt& doubt)
{
    QJsonArray causes;
    for (const Cause& cause : doubt.causes)
        causes.append(QJsonObject{{"material", materialName(*cause.material)},
                                  {"figure", QString::fromStdString(cause.code)},
                                  {"share", cause.share}});
    return {{"superfat", toJson(doubt.superfat)},
            {"strength", toJson(doubt.strength)},
            {"chanceOfExcess", doubt.chanceOfExcess},
            {"causes", causes}};
}

QJsonObject toJson(const HydroxideReckoned& h)
{
    return {{"mol", h.mol},
            {"pure", h.pureGrams},
            {"weighed", h.weighedGrams},
            {"water", h.waterGrams}};
}

QJsonArray toJson(const std::vector<double>& figures)
{
    QJsonArray out;
    for (const double figure : figures)
        out.append(figure);
    return out;
}

template <class Enum, std::size_t n>
const char* codeIn(const char* const (&codes)[n], Enum value)
{
    return codes[static_cast<std::size_t>(value)];
}

} // namespace

const char* codeOf(Rule rule)
{
    static constexpr const char* codes[] = {"oils-total",
                                            "share-of-oils",
                                            "fat-demand",
                                            "hidden-fat-demand",
                                            "acid-demand",
                                            "titrated-demand",
                                            "fixed-demand",
                                            "potassium-mole-share",
                                            "pure-per-mole",
                                            "weighed-per-mole",
                                            "water-per-mole",
                                            "water-wanted-ratio",
                                            "water-wanted-oils",
                                            "line-water",
                                            "fixed-water",
                                            "make-up-alkali",
                                            "make-up",
                                            "make-up-with-shares",
                                            "batter-share",
                                            "hydroxide-total",
                                            "hydroxide-fixed",
                                            "sodium-pure",
                                            "sodium-weighed",
                                            "potassium-pure",
                                            "potassium-weighed",
                                            "jug-water",
                                            "water-wanted",
                                            "water-present",
                                            "batter-mass",
                                            "strength",
                                            "strength-as-weighed",
                                            "jug-strength",
                                            "superfat-on-oils",
                                            "superfat-true",
                                            "neutralisation-water",
                                            "dry-down-water",
                                            "brix-corrected",
                                            "brix-water",
                                            "sugar-density",
                                            "solution-strength",
                                            "titration-run",
                                            "runs-mean",
                                            "runs-spread",
                                            "cup-volume",
                                            "cup-density",
                                            "each-weight",
                                            "purity-run",
                                            "mixture-water",
                                            "measured-mass",
                                            "share-of-liquid",
                                            "second-jug-sodium",
                                            "second-jug-potassium",
                                            "second-jug-strength",
                                            "solvent-set-aside",
                                            "portion-held",
                                            "portion-batter",
                                            "portion-superfat",
                                            "portion-salt",
                                            "portion-scent",
                                            "superfat-while-held",
                                            "given-hydroxide"};
    static_assert(std::size(codes) == countOf<Rule>());
    return codeIn(codes, rule);
}

const char* codeOf(TermName name)
{
    static constexpr const char* codes[] = {"mass",
                                            "share",
                                            "oils",
                                            "fat-share",
                                            "sv",
                                            "sv-divisor",
                                            "acid-share",
                                            "molar-mass",
                                            "protons",
                                            "titratable",
                                            "superfat",
                                            "fat-alkali",
                                            "hidden-fat-alkali",
                                            "acid-alkali",
                                            "potassium-share",
                                            "purity",
                                            "water-share",
                                            "ratio",
                                            "strength",
                                            "water",
                                            "wanted-water",
                                            "fixed-water",
                                            "coefficient",
                                            "pure-mass",
                                            "weighed-mass",
                                            "moles",
                                            "batter",
                                            "free-fatty-acid",
                                            "water-molar-mass",
                                            "usual-ratio",
                                            "impurity-water",
                                            "count",
                                            "brix",
                                            "correction",
                                            "temperature",
                                            "concentration",
                                            "volume",
                                            "density",
                                            "fat",
                                            "held",
                                            "own",
                                            "salt",
                                            "scent",
                                            "given-alkali"};
    static_assert(std::size(codes) == countOf<TermName>());
    return codeIn(codes, name);
}

const char* codeOf(Unit unit)
{
    static constexpr const char* codes[] = {"1",    "fraction",  "g",   "mol",   "g/mol",
                                            "mg/g", "mmol/100g", "g/g", "mol/g", "Bx",
                                            "C",    "mol/l",     "ml",  "g/ml"};
    static_assert(std::size(codes) == countOf<Unit>());
    return codeIn(codes, unit);
}

const char* codeOf(RefusalCode code)
{
    static constexpr const char* codes[] = {"no-oils",
                                            "no-hydroxide-chosen",
                                            "no-material",
                                            "bad-material",
                                            "bad-mass",
                                            "bad-superfat",
                                            "bad-potassium-share",
                                            "bad-strength",
                                            "bad-ratio",
                                            "bad-percent-of-oils",
                                            "bad-less-than-usual",
                                            "bad-jug-ratio",
                                            "bad-jug-temperature",
                                            "bad-purity",
                                            "hydroxide-as-line",
                                            "two-make-ups",
                                            "oil-as-rest",
                                            "oil-as-share-of-batter",
                                            "oil-shares-reach-whole",
                                            "oil-shares-not-whole",
                                            "oils-total-missing",
                                            "batter-shares-too-large",
                                            "make-up-brings-no-water",
                                            "lye-left-after-cook",
                                            "nothing-to-saponify",
                                            "too-many-lines",
                                            "measure-not-weighed",
                                            "liquid-shares-too-large",
                                            "bad-portion",
                                            "too-many-portions",
                                            "held-oil-gone",
                                            "held-oil-too-much",
                                            "oil-share-in-portion",
                                            "rest-in-portion",
                                            "bad-solvent",
                                            "bad-second-jug",
                                            "bad-mixing",
                                            "no-such-portion",
                                            "bad-mould",
                                            "too-many-moulds",
                                            "bad-cutting",
                                            "bad-heat-plan",
                                            "text-too-long"};
    static_assert(std::size(codes) == countOf<RefusalCode>());
    return codeIn(codes, code);
}

QJsonObject refusalToJson(const Formula& f, const Refusal& refusal)
{
    return {{"format", "rhexion-reckoning"},
            {"version", reckoningVersion},
            {"name", QString::fromStdString(f.name)},
            {"refused", QJsonObject{{"code", codeOf(refusal.code)},
                                    {"line", double(refusal.line)},
                                    {"item", QString::fromStdString(refusal.item)},
                                    {"figures", toJson(refusal.figures)}}}};
}

QJsonObject reckoningToJson(const Formula& f, const Reckoning& r,
                            const std::vector<Caution>& findings, const Doubt* doubt)
{
    QJsonArray lines;
    QJsonArray demand;
    for (std::size_t i = 0; i < f.lines.size(); ++i) {
        const LineReckoned& line = r.lines[i];
        const QString name = materialName(*f.lines[i].material);
        lines.append(QJsonObject{{"line", double(line.id)},
                                 {"material", name},
                                 {"vessel", codeOf(f.lines[i].vessel)},
                                 {"grams", line.grams},
                                 {"water", line.waterGrams},
                                 {"makeUp", line.isMakeUp}});
        const bool oil = f.lines[i].material->isOil();
        if (line.fatMol > 0.0)
            demand.append(QJsonObject{{"line", double(line.id)},
                                      {"material", name},
                                      {"by", oil ? "fat" : "hidden-fat"},
                                      {"mol", line.fatMol}});
        if (line.acidMol > 0.0)
            demand.append(QJsonObject{{"line", double(line.id)},
                                      {"material", name},
                                      {"by", "acid"},
                                      {"mol", line.acidMol}});
        if (line.givenMol > 0.0)
            demand.append(QJsonObject{{"line", double(line.id)},
                                      {"material", name},
                                      {"by", "hydroxide-it-holds"},
                                      {"mol", -line.givenMol}});
    }
    QJsonArray cautions;
    const std::size_t shown = shownInTheOpen(findings);
    for (const Caution& c : findings) {
        QJsonArray others;
        for (const LineId line : c.others)
            others.append(double(line));
        cautions.append(QJsonObject{{"code", codeOf(c.code)},
                                    {"severity", codeOf(c.severity)},
                                    {"vessel", codeOf(c.vessel)},
                                    {"line", double(c.line)},
                                    {"alsoLines", others},
                                    {"portion", double(c.portion)},
                                    {"figures", toJson(c.figures)},
                                    {"folded", std::size_t(cautions.size()) >= shown},
                                    {"acknowledged", c.acknowledged}});
    }
    QJsonArray working;
    for (const Step& step : r.working.steps()) {
        QJsonArray terms;
        for (const Term& term : r.working.terms(step))
            terms.append(QJsonObject{
                {"name", codeOf(term.name)}, {"value", term.value}, {"unit", codeOf(term.unit)}});
        QJsonObject out{{"rule", codeOf(step.rule)},
                        {"terms", terms},
                        {"result", step.result},
                        {"unit", codeOf(step.unit)}};
        if (step.line != noLine)
            out["line"] = double(r.lines[static_cast<std::size_t>(step.line)].id);
        if (step.acid != noAcid)
            out["acid"] = QString::fromLatin1(factsOf(static_cast<Acid>(step.acid)).code.data());
        if (step.portion != noPortion)
            out["portion"] = double(r.portions[static_cast<std::size_t>(step.portion)].id);
        working.append(out);
    }
    QJsonArray jugs;
    for (const JugReckoned& jug : r.jugs) {
        QJsonObject out{{"water", jug.water},
                        {"tiedWater", jug.tiedWater},
                        {"sodium", toJson(jug.sodium)},
                        {"potassium", toJson(jug.potassium)}};
        if (jug.strength)
            out["strength"] = *jug.strength;
        if (r.hasJugWater && jugs.isEmpty())
            out["pouredWater"] = r.jugWaterGrams;
        jugs.append(out);
    }
    QJsonArray portions;
    for (const PortionReckoned& p : r.portions)
        portions.append(QJsonObject{{"id", double(p.id)},
                                    {"share", p.share},
                                    {"batter", p.batterGrams()},
                                    {"common", p.commonGrams},
                                    {"oilSetAside", p.heldGrams},
                                    {"own", p.ownGrams},
                                    {"oils", p.oilsGrams},
                                    {"water", p.waterGrams},
                                    {"salt", p.saltGrams},
                                    {"scent", p.scentGrams},
                                    {"superfat", figureOrNull(p.superfat)},
                                    {"superfatLow", figureOrNull(p.superfatLow)}});
    QJsonObject setAside{{"oil", r.heldGrams}, {"lyeMeanwhile", r.lyeWhileHeld}};
    if (r.superfatWhileHeld)
        setAside["superfatMeanwhile"] = *r.superfatWhileHeld;
    const auto named = [](const HydroxideReckoned& h, const MaterialPtr& material) {
        QJsonObject out = toJson(h);
        if (material)
            out["name"] = materialName(*material);
        return out;
    };
    QJsonObject root{{"format", "rhexion-reckoning"},
                     {"version", reckoningVersion},
                     {"name", QString::fromStdString(f.name)},
                     {"hydroxide", QJsonObject{{"mol", r.hydroxideMol},
                                               {"heldByMaterials", r.givenMol},
                                               {"potassiumMoleShare", r.potassiumMoleShare},
                                               {"sodium", named(r.sodium, f.lye.sodium)},
                                               {"potassium", named(r.potassium, f.lye.potassium)}}},
                     {"lines", lines},
                     {"oils", r.oilsGrams},
                     {"batter", r.batterGrams},
                     {"makeUp", r.makeUpGrams},
                     {"demand", demand},
                     {"water", QJsonObject{{"wanted", r.waterWanted},
                                           {"present", r.waterPresent},
                                           {"fromHydroxide", r.waterFromHydroxide},
                                           {"excess", r.waterExcess},
                                           {"formedByNeutralising", r.neutralisationWater}}},
                     {"strength", QJsonObject{{"pureAndAllWater", toJson(r.pure)},
                                              {"weighedWithoutImpurity", toJson(r.asWeighed)},
                                              {"wanted", toJson(r.wanted)}}},
                     {"jugs", jugs},
                     {"portions", portions},
                     {"setAside", setAside},
                     {"superfat", QJsonObject{{"onOils", figureOrNull(r.superfatOnOils)},
                                              {"true", figureOrNull(r.superfatTrue)},
                                              {"trueLow", figureOrNull(r.superfatTrueLow)},
                                              {"trueHigh", figureOrNull(r.superfatTrueHigh)},
                                              {"freeOil", r.freeOilGrams}}},
                     {"cautions", cautions},
                     {"working", working}};
    if (doubt)
        root["doubt"] = toJson(*doubt);
    return root;
}

} // namespace rhexion
