#include "storage/heat_json.h"

#include "storage/making_json.h"

#include <QJsonArray>

namespace rhexion {

namespace {

QJsonObject forecast(const char* topic, const Formula& f, const heat::HeatForecast& h)
{
    return {{"format", "rhexion-heat"}, {"version", 1},
            {"topic", topic},           {"name", QString::fromStdString(f.name)},
            {"estimate", true},         {"plan", heatPlanToJson(h.plan)}};
}

QJsonObject refused(QJsonObject out, const Cannot& cannot)
{
    out["cannot"] = cannotToJson(cannot);
    return out;
}

QJsonObject band(const Interval& i)
{
    return {{"low", i.low()}, {"typical", i.typical()}, {"high", i.high()}};
}

QJsonValue orNull(const std::optional<double>& x)
{
    return x ? QJsonValue(*x) : QJsonValue();
}

QJsonObject jugJson(const heat::JugForecast& jug)
{
    QJsonArray curve;
    for (const heat::JugPoint& p : jug.run.curve)
        curve.append(QJsonArray{p.seconds, p.celsius, p.iceGrams});
    return {{"working", QJsonObject{{"mol", jug.balance.mol},
                                    {"dissolvingJoules", jug.balance.dissolving},
                                    {"neutralisingJoules", jug.balance.neutralising},
                                    {"meltingJoules", jug.balance.melting},
                                    {"iceMeltedGrams", jug.balance.iceMelted},
                                    {"joulesPerKelvin", jug.balance.capacity},
                                    {"fromCelsius", jug.balance.start},
                                    {"toCelsius", jug.balance.end}}},
            {"startCelsius", jug.run.start},
            {"peakCelsius", band(jug.peak)},
            {"peakSeconds", jug.run.peakSeconds},
            {"peakWithoutBathCelsius", jug.peakWithoutBath},
            {"peakAllAtOnceCelsius", jug.atOnce.celsius},
            {"landingCelsius", jug.run.local},
            {"boilsWhereItLands", jug.run.boilsWhereItLands},
            {"steamGrams", jug.run.steamGrams},
            {"meltedSeconds", orNull(jug.run.meltedSeconds)},
            {"iceGrams", jug.run.iceGrams},
            {"saturatedOnTheWay", jug.run.saturated},
            {"crystalsBelowCelsius", orNull(jug.crystals)},
            {"strength", jug.run.strength},
            {"boilingCelsius", jug.run.boilingPoint},
            {"curve", curve}};
}

QJsonObject coolingJson(const heat::Cooling& c)
{
    QJsonArray curve;
    for (double t = 0.0; t <= 6.0 * 3600.0; t += 300.0)
        curve.append(QJsonArray{t, c.at(t), c.sdAt(t)});
    return {{"startCelsius", c.start()},
            {"roomCelsius", c.room()},
            {"ratePerHour", c.rate() * 3600.0},
            {"curve", curve}};
}

QJsonObject mouldRunJson(const heat::MouldRun& run)
{
    QJsonArray curve;
    for (const heat::MouldRow& row : run.rows)
        curve.append(QJsonArray{row.seconds, row.core, row.skin, row.saponified, row.gelShare});
    return {{"peakCelsius", run.peak},
            {"peakSeconds", run.peakSeconds},
            {"gel", heat::codeOf(run.gel)},
            {"gelShare", run.gelShare},
            {"gelStartsSeconds", orNull(run.gelStart)},
            {"gelFullSeconds", orNull(run.gelFull)},
            {"risk", heat::codeOf(run.risk)},
            {"widestGapCelsius", run.widestGap},
            {"ninetySaponifiedSeconds", orNull(run.ninetySeconds)},
            {"coolSeconds", orNull(run.coolSeconds)},
            {"unmouldSeconds", orNull(run.unmouldSeconds)},
            {"driedGrams", run.driedGrams},
            {"steamGrams", run.steamGrams},
            {"curve", curve}};
}

} // namespace

QJsonObject heatPlanToJson(const HeatPlan& p)
{
    QJsonArray covers;
    for (const CoverStep& step : p.covers) {
        QJsonObject one{{"cover", codeOf(step.cover)}, {"fromHour", step.fromHour}};
        if (step.place)
            one["place"] = *step.place;
        covers.append(one);
    }
    const auto vessel = [](const VesselPlan& v) {
        return QJsonObject{{"stuff", codeOf(v.stuff)}, {"grams", v.grams}};
    };
    QJsonObject out{{"room", p.room},
                    {"jug", vessel(p.jug)},
                    {"portions", p.portions},
                    {"pauseMinutes", p.pauseMinutes},
                    {"liquid", p.liquid},
                    {"chilled", p.chilled},
                    {"frozen", p.frozen},
                    {"iceBath", p.iceBath},
                    {"pot", vessel(p.pot)},
                    {"melted", p.melted},
                    {"school", codeOf(p.school)},
                    {"trace", codeOf(p.trace)},
                    {"blendingSeconds", p.blendingSeconds},
                    {"wall", codeOf(p.wall)},
                    {"covers", covers},
                    {"cook", QJsonObject{{"power", p.cook.power},
                                         {"setpoint", p.cook.setpoint},
                                         {"width", p.cook.width},
                                         {"openShare", p.cook.openShare},
                                         {"minutes", p.cook.minutes}}}};
    if (p.jugIce > 0.0)
        out["jugIce"] = p.jugIce;
    if (p.cupsApart)
        out["cupsApart"] = true;
    if (p.potAfterMinutes)
        out["potAfterMinutes"] = *p.potAfterMinutes;
    if (p.ovenOffHours)
        out["ovenOffHours"] = *p.ovenOffHours;
    return out;
}

HeatPlan readHeatPlan(const JsonCursor& at)
{
    at.allow({"room",
              "jug",
              "portions",
              "pauseMinutes",
              "liquid",
              "chilled",
              "frozen",
              "iceBath",
              "pot",
              "melted",
              "potAfterMinutes",
              "school",
              "trace",
              "blendingSeconds",
              "wall",
              "covers",
              "ovenOffHours",
              "cook",
              "jugIce",
              "cupsApart"});
    HeatPlan p;
    const auto vessel = [&](const char* key, VesselPlan& into) {
        if (at.failed() || !at.has(key))
            return;
        const JsonCursor v = at.object(key);
        v.allow({"stuff", "grams"});
        into.stuff = v.word<VesselStuff>("stuff", vesselStuffFromCode, into.stuff);
        into.grams = v.numberOr("grams", 0.0, 50000.0, into.grams);
    };
    p.room = at.numberOr("room", -10.0, 50.0, p.room);
    vessel("jug", p.jug);
    p.portions = int(at.wholeOr("portions", 1, 24, p.portions));
    p.pauseMinutes = at.numberOr("pauseMinutes", 0.0, 120.0, p.pauseMinutes);
    p.liquid = at.numberOr("liquid", -10.0, 100.0, p.liquid);
    p.chilled = at.numberOr("chilled", -10.0, 100.0, p.chilled);
    p.frozen = at.numberOr("frozen", -40.0, 0.0, p.frozen);
    p.iceBath = at.flag("iceBath", false);
    p.jugIce = at.numberOr("jugIce", 0.0, 1.0, 0.0);
    p.cupsApart = at.flag("cupsApart", false);
    vessel("pot", p.pot);
    p.melted = at.numberOr("melted", 20.0, 120.0, p.melted);
    if (at.has("potAfterMinutes"))
        p.potAfterMinutes = at.number("potAfterMinutes", 0.0, 720.0);
    if (at.has("school"))
        p.school = at.word<MeetingSchool>("school", meetingSchoolFromCode, p.school);
    if (at.has("trace"))
        p.trace = at.word<TraceStage>("trace", traceStageFromCode, p.trace);
    p.blendingSeconds = at.numberOr("blendingSeconds", 0.0, 7200.0, p.blendingSeconds);
    if (at.has("wall"))
        p.wall = at.word<MouldWall>("wall", mouldWallFromCode, p.wall);
    if (at.has("covers")) {
        p.covers.clear();
        for (const JsonCursor& c : at.array("covers", mostCovers)) {
            c.allow({"cover", "fromHour", "place"});
            CoverStep step;
            step.cover = c.word<MouldCover>("cover", mouldCoverFromCode, step.cover);
            step.fromHour = c.numberOr("fromHour", 0.0, 168.0, 0.0);
            if (c.has("place"))
                step.place = c.number("place", -40.0, 150.0);
            p.covers.push_back(step);
        }
    }
    if (at.has("ovenOffHours"))
        p.ovenOffHours = at.number("ovenOffHours", 0.0, 168.0);
    if (!at.failed() && at.has("cook")) {
        const JsonCursor c = at.object("cook");
        c.allow({"power", "setpoint", "width", "openShare", "minutes"});
        p.cook.power = c.numberOr("power", 0.0, 20000.0, p.cook.power);
        p.cook.setpoint = c.numberOr("setpoint", 30.0, 150.0, p.cook.setpoint);
        p.cook.width = c.numberOr("width", 3.0, 150.0, p.cook.width);
        p.cook.openShare = c.numberOr("openShare", 0.0, 1.0, p.cook.openShare);
        p.cook.minutes = c.numberOr("minutes", 1.0, 1440.0, p.cook.minutes);
    }
    if (const auto fault = faultOf(p); fault && !at.failed())
        at.fail(FileFault::Code::OutOfRange, QString::fromStdString(fault->item),
                QString::fromLatin1(codeOf(fault->code)));
    return p;
}

QJsonObject jugHeatToJson(const Formula& f, const heat::HeatForecast& h)
{
    QJsonObject out = forecast("jug", f, h);
    const auto* jug = std::get_if<heat::JugForecast>(&h.jug);
    if (!jug)
        return refused(out, std::get<Cannot>(h.jug));
    out["jug"] = jugJson(*jug);
    if (h.secondJug)
        out["secondJug"] = jugJson(*h.secondJug);
    return out;
}

QJsonObject meetingHeatToJson(const Formula& f, const heat::HeatForecast& h)
{
    QJsonObject out = forecast("meet", f, h);
    const auto* m = std::get_if<heat::MeetingForecast>(&h.meeting);
    if (!m)
        return refused(out, std::get<Cannot>(h.meeting));
    out["window"] = QJsonObject{{"low", m->window.low},
                                {"high", m->window.high},
                                {"potLow", m->window.lowOfPot()},
                                {"potHigh", m->window.highOfPot()},
                                {"tolerance", m->window.tolerance}};
    out["jug"] = coolingJson(m->jug);
    out["pot"] = coolingJson(m->pot);
    out["potCelsius"] = h.potCelsius;
    out["potMixedSeconds"] = m->potStarts;
    if (m->meeting)
        out["meets"] = QJsonObject{{"fromSeconds", m->meeting->from},
                                   {"untilSeconds", orNull(m->meeting->until)},
                                   {"sdSeconds", orNull(m->sd)}};
    else if (m->advice)
        out["advice"] = QJsonObject{{"later", m->advice->jugIsLater ? "jug" : "pot"},
                                    {"bothTooCold", m->advice->bothTooCold},
                                    {"bathCracks", m->advice->bathCracks},
                                    {"iceBathSeconds", m->advice->chill.seconds},
                                    {"iceGrams", m->advice->chill.iceGrams},
                                    {"warmOtherJoules", m->advice->warmOtherBy}};
    if (h.setting) {
        const heat::Pot& pot = std::get<heat::Pot>(h.pot);
        out["setsOut"] = QJsonObject{{"line", double(f.lines[pot.parts[h.setting->part].item].id)},
                                     {"belowCelsius", h.setting->celsius},
                                     {"band", heat::settingBand}};
    }
    if (const auto* c = std::get_if<heat::Combined>(&h.joined)) {
        out["working"] = QJsonObject{
            {"jugJoulesPerKelvin", c->jugCapacity}, {"potJoulesPerKelvin", c->potCapacity},
            {"thinningJoules", c->thinning},        {"blendingJoules", c->blending},
            {"reactingJoules", c->reacting},        {"fattyAcidJoules", c->fattyAcid}};
        out["joinedCelsius"] = c->joined;
        out["atTraceCelsius"] = band(c->atTrace);
    }
    return out;
}

QJsonObject mouldHeatToJson(const Formula& f, const heat::HeatForecast& h)
{
    QJsonObject out = forecast("mould", f, h);
    const auto* pours = std::get_if<std::vector<heat::PourForecast>>(&h.moulds);
    if (!pours)
        return refused(out, std::get<Cannot>(h.moulds));
    QJsonArray all;
    for (const heat::PourForecast& pour : *pours) {
        const char* likely = pour.band.gelLikely() == heat::MouldBand::Likely::Yes  ? "likely"
                             : pour.band.gelLikely() == heat::MouldBand::Likely::No ? "unlikely"
                                                                                    : "may";
        all.append(QJsonObject{{"mould", int(pour.pour.mould)},
                               {"portion", double(pour.pour.portion)},
                               {"name", QString::fromStdString(pour.pour.name)},
                               {"grams", pour.pour.grams},
                               {"overMillilitres", pour.pour.over},
                               {"pouredAtCelsius", pour.pouredAt},
                               {"gelLikely", likely},
                               {"gelCelsius", pour.band.typical.gelTemperature},
                               {"firstLookSeconds", pour.band.firstLook()},
                               {"profileUnknown", pour.pour.batter.profileUnknown},
                               {"cool", mouldRunJson(pour.band.cool)},
                               {"typical", mouldRunJson(pour.band.typical)},
                               {"hot", mouldRunJson(pour.band.hot)}});
    }
    out["moulds"] = all;
    return out;
}

QJsonObject cookHeatToJson(const Formula& f, const heat::HeatForecast& h)
{
    QJsonObject out = forecast("cook", f, h);
    if (!h.cook)
        return refused(out, Cannot{CannotCode::NothingInIt, "cook", {}});
    const heat::CookRun& run = *h.cook;
    static const char* const names[] = {"thick", "mashed", "drying", "done"};
    QJsonObject stages;
    for (std::size_t i = 0; i < run.stages.size(); ++i)
        stages[QLatin1String(names[i])] = orNull(run.stages[i]);
    QJsonArray curve;
    for (const heat::CookPoint& p : run.curve)
        curve.append(QJsonArray{p.seconds, p.celsius, p.saponified, p.waterLost});
    out["peakCelsius"] = run.peak;
    out["endCelsius"] = run.end;
    out["saponified"] = run.saponified;
    out["waterLostGrams"] = band(heat::cookWaterBand(run.waterLost));
    out["batterLeftGrams"] = run.batterLeft;
    out["strength"] = run.strength;
    out["stagesSeconds"] = stages;
    out["coolForScentSeconds"] = orNull(h.coolForScent);
    out["curve"] = curve;
    return out;
}

} // namespace rhexion
