#include "storage/making_json.h"

#include "core/making/mould_fit.h"
#include "storage/mould_json.h"

#include <QJsonArray>

namespace rhexion {

namespace {

QString asText(std::string_view utf8)
{
    return QString::fromUtf8(utf8.data(), qsizetype(utf8.size()));
}

QJsonObject topic(const char* name)
{
    return {{"format", "rhexion-making"}, {"version", 1}, {"topic", name}};
}

QJsonObject makingJson(const Interval& i)
{
    return {{"low", i.low()}, {"typical", i.typical()}, {"high", i.high()}};
}
QJsonObject makingJson(const Factor& f)
{
    return {{"low", f.low}, {"typical", f.typical}, {"high", f.high}};
}
QJsonObject makingJson(const std::array<double, 3>& a)
{
    return {{"low", a[0]}, {"typical", a[1]}, {"high", a[2]}};
}

QJsonArray lineIds(const std::vector<LineId>& lines)
{
    QJsonArray out;
    for (const LineId id : lines)
        out.append(double(id));
    return out;
}

QJsonObject refused(const char* name, const Cannot& cannot)
{
    QJsonObject out = topic(name);
    out["cannot"] = cannotToJson(cannot);
    return out;
}

QJsonArray limitsToJson(const std::vector<ScentReckoned::Limit>& limits, const Fittings& fittings)
{
    QJsonArray out;
    for (const auto& limit : limits) {
        const ScentLimit& l = fittings.limits[limit.which];
        out.append(QJsonObject{{"scent", asText(l.scent)},
                               {"whose", codeOf(l.whose)},
                               {"fraction", l.fraction},
                               {"basis", codeOf(l.basis)},
                               {"source", asText(l.source)},
                               {"allowedGrams", limit.allowed},
                               {"exceeded", limit.exceeded}});
    }
    return out;
}

QJsonArray factorsToJson(const TimeForecast& t)
{
    QJsonArray out;
    for (const NamedFactor& f : t.factors) {
        QJsonObject one = makingJson(f.factor);
        one["code"] = asText(f.code);
        one["feature"] = f.feature;
        if (f.off)
            one["off"] = true;
        out.append(one);
    }
    return out;
}

} // namespace

QJsonObject cannotToJson(const Cannot& cannot)
{
    QJsonArray figures;
    for (const double figure : cannot.figures)
        figures.append(figure);
    return {{"code", codeOf(cannot.code)}, {"item", asText(cannot.item)}, {"figures", figures}};
}

QJsonObject mouldFitToJson(const Formula& f, const Reckoning& r)
{
    const auto fitted = fitMoulds(f, r);
    if (const Cannot* cannot = std::get_if<Cannot>(&fitted))
        return refused("mould", *cannot);
    const auto& fit = std::get<MouldFit>(fitted);
    QJsonObject out = topic("mould");
    out["density"] = makingJson(fit.density);
    out["pouredGrams"] = fit.poured;
    out["leftGrams"] = makingJson(fit.left);
    QJsonArray moulds;
    for (std::size_t i = 0; i < fit.levels.size(); ++i) {
        const MouldLevel& level = fit.levels[i];
        QJsonObject one{{"mould", mouldToJson(f.moulds[i].mould)},
                        {"roomMillilitres", level.room},
                        {"millilitres", makingJson(level.millilitres)},
                        {"heightMillimetres", makingJson(level.height)},
                        {"overMillilitres", makingJson(level.over)},
                        {"overflows", level.over[1] > 0.0},
                        {"grams", level.grams},
                        {"filled", level.filled},
                        {"cells", level.cells},
                        {"curedBarGrams", makingJson(level.curedBar)}};
        if (level.bars)
            one["bars"] = QJsonObject{{"bars", level.bars->bars},
                                      {"overMillimetres", level.bars->overMillimetres},
                                      {"evenBarMillimetres", level.bars->evenBar},
                                      {"wetBarGrams", level.bars->wetBar},
                                      {"trimGrams", level.bars->trims}};
        moulds.append(one);
    }
    out["moulds"] = moulds;
    QJsonArray room;
    for (const Vessel vessel : {Vessel::LyeJug, Vessel::SecondJug, Vessel::OilPot}) {
        const auto contents = contentsVolume(f, r, vessel);
        const double* ml = std::get_if<double>(&contents);
        if (!ml)
            continue;
        const auto need = roomToFoam(*ml, headroomsOf(f, r, vessel));
        if (const auto* n = std::get_if<RoomToFoam>(&need))
            room.append(QJsonObject{{"vessel", codeOf(vessel)},
                                    {"contentsMillilitres", n->contents},
                                    {"wantedMillilitres", n->wanted},
                                    {"because", codeOf(n->decides)}});
    }
    out["roomToFoam"] = room;
    return out;
}

QJsonObject scentToJson(const Formula& f, const ScentPicture& p, const Fittings& fittings)
{
    QJsonObject out = topic("scent");
    out["product"] = codeOf(f.handling.product);
    out["totalGrams"] = p.total;
    out["flash"] = codeOf(p.flash);
    out["celsiusAdded"] = p.celsiusAdded;
    out["celsiusPeak"] = p.celsiusPeak;
    out["sumOfShares"] = p.sumOfShares;
    out["limitsTogether"] = limitsToJson(p.together, fittings);
    QJsonArray scents;
    for (const ScentReckoned& s : p.scents) {
        QJsonObject shares;
        for (std::size_t b = 0; b < s.shares.size(); ++b)
            shares[QLatin1String(codeOf(static_cast<ScentBasis>(b)))] = s.shares[b];
        QJsonObject one{{"line", double(s.line)},
                        {"name", asText(f.find(s.line)->material->name)},
                        {"grams", s.grams},
                        {"gramsHigh", s.gramsHigh},
                        {"shares", shares},
                        {"limits", limitsToJson(s.limits, fittings)},
                        {"supplierLimitKnown", !s.noSupplierLimit},
                        {"timesTried", s.timesTried},
                        {"certificateKnown", s.certificateKnown}};
        if (s.drops)
            one["drops"] = makingJson(*s.drops);
        scents.append(one);
    }
    out["scents"] = scents;
    QJsonArray allergens;
    for (const AllergenInBar& a : p.allergens)
        allergens.append(QJsonObject{
            {"name", asText(a.name)}, {"low", a.low}, {"high", a.high}, {"say", codeOf(a.say)}});
    out["allergens"] = allergens;
    return out;
}

QJsonObject blendToJson(const Formula& f, const Reckoning& r)
{
    const auto made = blendOf(f, r);
    if (const Cannot* cannot = std::get_if<Cannot>(&made))
        return refused("blend", *cannot);
    const auto& blend = std::get<Blend>(made);
    QJsonObject out = topic("blend");
    QJsonArray groups;
    for (std::size_t g = 0; g < blend.groups.size(); ++g) {
        const auto group = static_cast<AcidGroup>(g);
        QJsonArray from;
        for (const GroupSource& source : blend[group].sources)
            from.append(QJsonObject{{"material", asText(blend.fats[source.fat].material->id)},
                                    {"share", source.share}});
        const BlendRow& row = wordFor(group, blend[group].share.typical());
        groups.append(QJsonObject{{"group", codeOf(group)},
                                  {"share", makingJson(blend[group].share)},
                                  {"word", asText(row.word)},
                                  {"source", asText(row.source)},
                                  {"from", from}});
    }
    out["groups"] = groups;
    out["iodine"] = makingJson(blend.iodine);
    out["sv"] = makingJson(blend.sv);
    out["saturatedToUnsaturated"] = makingJson(blend.saturatedToUnsaturated);
    out["soapMolarMass"] = blend.soapMolarMass;
    out["shareWithoutProfile"] = blend.shareWithoutProfile;
    const FromEverySource salt = saltOf(f, r);
    const FromEverySource sugar = sugarOf(f, r);
    out["salt"] = QJsonObject{{"share", salt.share},
                              {"word", asText(saltWord(salt.share).word)},
                              {"lines", lineIds(salt.lines)}};
    out["sugar"] = QJsonObject{{"share", sugar.share},
                               {"word", asText(sugarWord(sugar.share).word)},
                               {"lines", lineIds(sugar.lines)}};
    return out;
}

QJsonObject waterToJson(const Formula& f, const Reckoning& r, const WashWater& water)
{
    const auto made = waterPicture(f, r, water);
    if (const Cannot* cannot = std::get_if<Cannot>(&made))
        return refused("water", *cannot);
    const auto& p = std::get<WaterPicture>(made);
    QJsonObject out = topic("water");
    out["hardness"] = water.hardness;
    out["calciumShare"] = water.calciumShare;
    out["dose"] = water.dose;
    out["soapShare"] = p.soapShare;
    out["soapMolarMass"] = p.soapMolar;
    out["soapWastedPerLitre"] = p.without.soapWasted;
    out["scumPerLitre"] = p.without.scum;
    out["soapLeft"] = p.without.soapLeft;
    QJsonArray ligands;
    for (std::size_t i = 0; i < p.ligands.size(); ++i)
        ligands.append(QJsonObject{{"ligand", rowOf(p.ligands[i].ligand).code},
                                   {"share", p.ligands[i].share},
                                   {"litresAtMost", p.each[i].litresCeiling},
                                   {"litresMet", p.each[i].litresMet},
                                   {"held", makingJson(p.each[i].heldAll)},
                                   {"shareWanted", p.each[i].shareWanted}});
    out["ligands"] = ligands;
    return out;
}

QJsonObject workingToJson(const Formula& f, const Reckoning& r, std::span<const std::string> tried,
                          std::span<const OwnLog> logs)
{
    const std::vector<ScentDose> scents = scentDoses(f, r, tried);
    const TimeForecast work = corrected(
        workingTime(workFeatures(f, r), scents, f.handling.blending, f.handling.factorsOff), logs);
    const MouldTimes w =
        windowsOf(unmouldFeatures(f, r), f.handling.gel, mouldKindOf(f), f.handling.factorsOff);
    QJsonObject out = topic("working");
    out["class"] = codeOf(classOfMinutes(work.time.typical));
    out["minutes"] = makingJson(work.time);
    out["logs"] = work.logs;
    out["factors"] = factorsToJson(work);
    out["unmouldHours"] = makingJson(w.unmould.time);
    out["unmouldFactors"] = factorsToJson(w.unmould);
    if (w.cut)
        out["cutHours"] =
            QJsonObject{{"opens", makingJson(w.cut->opens)}, {"closes", makingJson(w.cut->closes)}};
    out["stampHours"] =
        QJsonObject{{"opens", makingJson(w.stamp.opens)}, {"closes", makingJson(w.stamp.closes)}};
    return out;
}

QJsonObject proposalToJson(const ProposalResult& result, const WishProblem& asked)
{
    if (const Cannot* cannot = std::get_if<Cannot>(&result))
        return refused("solve", *cannot);
    QJsonObject out = topic("solve");
    const auto wishToJson = [&](const Wish& wish) {
        QJsonObject one{{"kind", codeOf(wish.kind)}, {"guard", wish.isGuard}};
        if (wish.kind == WishKind::FattyAcids)
            one["of"] = codeOf(wish.group);
        if (wish.kind == WishKind::OilShare)
            one["of"] = asText(asked.oils[wish.oil].material->id);
        if (wish.low)
            one["low"] = *wish.low;
        if (wish.high)
            one["high"] = *wish.high;
        return one;
    };
    if (const auto* together = std::get_if<CannotTogether>(&result)) {
        QJsonArray wishes;
        for (const std::size_t w : together->wishes)
            wishes.append(wishToJson(asked.wishes[w]));
        QJsonArray nearest;
        for (const NearestWish& n : together->nearest) {
            QJsonObject one{{"wish", wishToJson(asked.wishes[n.wish])}};
            one[n.low ? "low" : "high"] = n.low ? *n.low : n.high.value_or(0.0);
            nearest.append(one);
        }
        const auto asArray = [&](const std::vector<std::size_t>& of) {
            QJsonArray all;
            for (const std::size_t w : of)
                all.append(wishToJson(asked.wishes[w]));
            return all;
        };
        QJsonArray conflicts;
        for (const std::vector<std::size_t>& conflict : together->conflicts)
            conflicts.append(asArray(conflict));
        out["cannotStandTogether"] = wishes;
        out["conflicts"] = conflicts;
        out["enoughToLeaveOut"] = asArray(together->enough);
        out["nearest"] = nearest;
        return out;
    }
    const auto& p = std::get<WishProposal>(result);
    out["pointsMoved"] = p.answer.objective;
    out["worstMiss"] = p.worstMiss;
    QJsonArray oils;
    for (std::size_t i = 0; i < p.problem.oils.size(); ++i)
        oils.append(QJsonObject{{"material", asText(p.problem.oils[i].material->id)},
                                {"was", p.problem.oils[i].start},
                                {"grams", p.answer.oils[i]}});
    out["oils"] = oils;
    QJsonArray wishes;
    for (const Wish& wish : p.problem.wishes) {
        QJsonObject one = wishToJson(wish);
        one["figure"] = figureOf(p.problem, wish, p.answer);
        wishes.append(one);
    }
    out["wishes"] = wishes;
    return out;
}

} // namespace rhexion
