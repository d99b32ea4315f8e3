#include "words/together_words.h"

#include "core/units/enum_count.h"
#include "storage/material_names.h"
#include "words/after_words.h"
#include "words/heat_words.h"
#include "words/names.h"
#include "words/plain_text.h"

#include <QCoreApplication>

#include <cmath>
#include <map>

namespace rhexion::words {

namespace {

struct TogetherText {
    Q_DECLARE_TR_FUNCTIONS(Together)
};

QString traitName(const Differing& d)
{
    const QString name = spokenName(QString::fromStdString(d.name));
    switch (d.key.kind) {
    case TraitKind::Oil: return TogetherText::tr("%1, of the oils").arg(name);
    case TraitKind::Thing: return TogetherText::tr("%1, of the oils").arg(name);
    case TraitKind::Lot: return TogetherText::tr("Lot of %1").arg(name);
    case TraitKind::Superfat: return TogetherText::tr("True superfat");
    case TraitKind::Strength: return TogetherText::tr("Lye strength");
    case TraitKind::PotassiumShare: return TogetherText::tr("Potassium hydroxide, of the lye");
    case TraitKind::Process: return TogetherText::tr("Process");
    case TraitKind::JugCelsius: return TogetherText::tr("Jug when joined");
    case TraitKind::PotCelsius: return TogetherText::tr("Pot when joined");
    case TraitKind::RoomCelsius: return TogetherText::tr("Room");
    case TraitKind::BlendSeconds: return TogetherText::tr("Blended for");
    case TraitKind::Gel: return TogetherText::tr("Gel meant");
    case TraitKind::Cover: return TogetherText::tr("Cover");
    case TraitKind::Mould: return TogetherText::tr("Mould");
    case TraitKind::Maker: return TogetherText::tr("Maker");
    case TraitKind::Bench: return TogetherText::tr("Bench");
    case TraitKind::MakeUp: return TogetherText::tr("The liquid");
    }
    return {};
}

QString resultName(const ResultKey& key)
{
    switch (key.kind) {
    case ResultKind::Seen: {
        const auto seen = seenFromCode(key.item);
        const QString name = seen ? seenName(*seen) : QString();
        return capital(name);
    }
    case ResultKind::MinutesToPour: return TogetherText::tr("From joined to poured");
    case ResultKind::Quality: {
        const auto quality = qualityFromCode(key.item);
        const QString name = quality ? qualityName(*quality) : QString();
        return capital(name);
    }
    case ResultKind::Verdict: return TogetherText::tr("Verdict");
    case ResultKind::FreeCaustic: return TogetherText::tr("Free caustic, as NaOH");
    case ResultKind::CoreCelsius: return TogetherText::tr("Hottest core");
    case ResultKind::LossShare: return TogetherText::tr("Weight lost in cure");
    }
    return {};
}

QString resultSaid(const ResultKey& key, const Result* r, const Speech& s)
{
    if (!r)
        return key.kind == ResultKind::Seen ? TogetherText::tr("not seen") : QStringLiteral("—");
    switch (key.kind) {
    case ResultKind::Seen: return TogetherText::tr("yes");
    case ResultKind::MinutesToPour: return s.minutes(r->value.value_or(0.0));
    case ResultKind::Quality: return TogetherText::tr("%1 of 5").arg(int(r->value.value_or(0.0)));
    case ResultKind::Verdict: {
        const auto verdict = verdictFromCode(r->text);
        return verdict ? verdictName(*verdict) : QString();
    }
    case ResultKind::FreeCaustic: return s.percent(r->value.value_or(0.0), 3);
    case ResultKind::CoreCelsius: return s.temperature(r->value.value_or(0.0));
    case ResultKind::LossShare: return s.percent(r->value.value_or(0.0));
    }
    return {};
}

QString nameOf(const Compared& one, std::size_t place, const Speech& s)
{
    const QString date = s.date(QDateTime::fromMSecsSinceEpoch(one.batch->begun).date());
    return one.portion != 0 ? portionName(one.portion, one.batch->formula)
                            : TogetherText::tr("%1: %2").arg(place + 1).arg(date);
}

QString groupsSaid(const std::vector<TraitGroup>& groups)
{
    QStringList out;
    for (const TraitGroup g : groups)
        out << traitGroupName(g);
    return out.join(QStringLiteral(", "));
}

QString causeSaid(const Comparison& c)
{
    switch (c.cause) {
    case CauseTold::NothingDiffers:
        return TogetherText::tr(
            "Nothing that is written down differs. What came out otherwise came "
            "of something nobody noted, or of chance.");
    case CauseTold::MayBeThisOne:
        return TogetherText::tr("One thing differs: %1. It may be the cause of what came out "
                                "otherwise; one pair proves nothing, a second one says more.")
            .arg(groupsSaid(c.groups));
    case CauseTold::CannotBeTold:
        return TogetherText::tr("%n thing(s) differ: %1. The cause cannot be told from these.",
                                nullptr, int(c.groups.size()))
            .arg(groupsSaid(c.groups));
    }
    return {};
}

} // namespace

QString traitGroupName(TraitGroup group)
{
    switch (group) {
    case TraitGroup::Oils: return TogetherText::tr("the oils");
    case TraitGroup::Things: return TogetherText::tr("what goes in beside the oils");
    case TraitGroup::Lots: return TogetherText::tr("the lots");
    case TraitGroup::Lye: return TogetherText::tr("lye and superfat");
    case TraitGroup::Liquid: return TogetherText::tr("the liquid");
    case TraitGroup::Process: return TogetherText::tr("cold or hot");
    case TraitGroup::Warmth: return TogetherText::tr("how warm it was");
    case TraitGroup::Blending: return TogetherText::tr("how long it was blended");
    case TraitGroup::Mould: return TogetherText::tr("mould, cover and gel");
    case TraitGroup::Who: return TogetherText::tr("who made it");
    }
    return {};
}

QString traitSaid(TraitKind kind, const Trait* t, const Speech& s)
{
    if (!t)
        return kind == TraitKind::Oil || kind == TraitKind::Thing ? TogetherText::tr("none")
                                                                  : QStringLiteral("—");
    switch (kind) {
    case TraitKind::Oil:
    case TraitKind::Superfat:
    case TraitKind::Strength:
    case TraitKind::PotassiumShare: return s.percent(t->value, 1);
    case TraitKind::Thing: return s.percent(t->value, 2);
    case TraitKind::JugCelsius:
    case TraitKind::PotCelsius:
    case TraitKind::RoomCelsius: return s.temperature(t->value.value_or(0.0));
    case TraitKind::BlendSeconds: return s.minutes(t->value.value_or(0.0) / 60.0);
    case TraitKind::Process:
        return t->text == "hot" ? TogetherText::tr("hot") : TogetherText::tr("cold");
    case TraitKind::Gel:
        if (const auto gel = gelPlanFromCode(t->text))
            switch (*gel) {
            case GelPlan::NotKnown: return TogetherText::tr("left to itself");
            case GelPlan::Gelled: return TogetherText::tr("yes");
            case GelPlan::KeptCool: return TogetherText::tr("no");
            }
        break;
    case TraitKind::Cover:
        if (const auto cover = mouldCoverFromCode(t->text))
            return mouldCoverName(*cover);
        break;
    case TraitKind::Lot:
    case TraitKind::Mould:
    case TraitKind::Maker:
    case TraitKind::MakeUp:
    case TraitKind::Bench: break;
    }
    return QString::fromStdString(t->text);
}

FactPage comparisonFacts(const Comparison& c, std::span<const Compared> all, const Speech& s)
{
    FactPage page;
    page.title = c.fairPair ? TogetherText::tr("Portions of one batter")
                            : TogetherText::tr("Batches side by side");
    page.lead = causeSaid(c);
    if (c.fairPair)
        page.lead = TogetherText::tr("A fair pair: the same batter until it was divided. %1")
                        .arg(page.lead);
    QStringList heads;
    for (std::size_t i = 0; i < all.size(); ++i)
        heads << nameOf(all[i], i, s);
    FactSection who;
    who.title = TogetherText::tr("Which");
    for (std::size_t i = 0; i < all.size(); ++i)
        who.facts.append(
            {heads[qsizetype(i)], QString::fromStdString(all[i].batch->formula.name), {}});
    page.sections.append(who);
    FactSection in;
    in.title = TogetherText::tr("What differs");
    in.columns = heads;
    for (const Differing& d : c.inputs) {
        Fact fact{traitName(d), {}, {}};
        for (const Trait* t : d.values)
            fact.cells << traitSaid(d.key.kind, t, s);
        in.facts.append(fact);
    }
    in.sentence =
        TogetherText::tr("%n other thing(s) are the same, as far as scale and thermometer "
                         "tell.",
                         nullptr, int(c.same));
    page.sections.append(in);
    FactSection out;
    out.title = TogetherText::tr("What came of it");
    out.columns = heads;
    for (const DifferingResult& d : c.outcomes) {
        Fact fact{resultName(d.key), {}, {}};
        for (const Result* r : d.values)
            fact.cells << resultSaid(d.key, r, s);
        out.facts.append(fact);
    }
    if (out.facts.isEmpty())
        out.sentence = TogetherText::tr("Nothing is written down yet of how they came out.");
    page.sections.append(out);
    if (c.cause != CauseTold::CannotBeTold)
        return page;
    FactSection tell;
    tell.title = TogetherText::tr("The batch that would tell");
    if (c.pairThatTells)
        tell.sentence = TogetherText::tr("%1 and %2 differ in one thing only: compare those two.")
                            .arg(heads[qsizetype(c.pairThatTells->first)],
                                 heads[qsizetype(c.pairThatTells->second)]);
    for (const WouldTell& w : c.wouldTell) {
        const bool inFormula = w.group != TraitGroup::Lots && w.group != TraitGroup::Warmth &&
                               w.group != TraitGroup::Blending && w.group != TraitGroup::Who;
        Fact fact{TogetherText::tr("Like %1, with %2 as in %3")
                      .arg(heads[qsizetype(w.like)], traitGroupName(w.group),
                           heads[qsizetype(w.changedAs)]),
                  {},
                  inFormula ? QString() : TogetherText::tr("no formula can say it: do it by hand")};
        fact.action =
            QStringLiteral("repeat:%1:%2:%3").arg(w.like).arg(w.changedAs).arg(int(w.group));
        fact.actionText = TogetherText::tr("Put it on the bench");
        tell.facts.append(fact);
    }
    page.sections.append(tell);
    return page;
}

QString batchFactSaid(const std::string& fact,
                      const std::function<QString(const std::string&)>& name)
{
    const auto at = fact.find(':');
    const std::string what = fact.substr(0, at);
    const std::string which = at == std::string::npos ? std::string() : fact.substr(at + 1);
    if (what == "with")
        return TogetherText::tr("with %1").arg(name(which));
    if (what == "mould")
        return TogetherText::tr("in the mould %1").arg(QString::fromStdString(which));
    if (what == "lot") {
        const auto end = which.find(' ');
        return TogetherText::tr("with %1 of the lot %2")
            .arg(name(which.substr(0, end)),
                 QString::fromStdString(end == std::string::npos ? "" : which.substr(end + 1)));
    }
    if (what == "seen")
        if (const auto seen = seenFromCode(which))
            return seenName(*seen);
    if (what == "verdict")
        if (const auto verdict = verdictFromCode(which))
            return verdictName(*verdict);
    static const std::map<std::string, QString> words{
        {"kind:acid", TogetherText::tr("with an acid")},
        {"kind:milk", TogetherText::tr("with milk")},
        {"kind:produce", TogetherText::tr("with fruit or vegetables")},
        {"kind:sugar", TogetherText::tr("with sugar or honey")},
        {"kind:salt", TogetherText::tr("with salt")},
        {"kind:solid", TogetherText::tr("with clay, grains or the like")},
        {"kind:wax", TogetherText::tr("with a wax")},
        {"kind:egg", TogetherText::tr("with egg")},
        {"kind:colour", TogetherText::tr("with a colour")},
        {"kind:scent", TogetherText::tr("with a scent")},
        {"kind:fatty-acid", TogetherText::tr("with a free fatty acid")},
        {"kind:potassium-hydroxide", TogetherText::tr("with potassium hydroxide")},
        {"frozen", TogetherText::tr("with something frozen")},
        {"process:hot", TogetherText::tr("hot process")},
        {"process:cold", TogetherText::tr("cold process")},
        {"split", TogetherText::tr("split in portions")},
        {"superfat:low", TogetherText::tr("superfat under 3 %")},
        {"superfat:middle", TogetherText::tr("superfat of 3 to 8 %")},
        {"superfat:high", TogetherText::tr("superfat over 8 %")},
        {"strength:low", TogetherText::tr("lye strength under 28 %")},
        {"strength:middle", TogetherText::tr("lye strength of 28 to 36 %")},
        {"strength:high", TogetherText::tr("lye strength over 36 %")},
        {"joined:low", TogetherText::tr("joined under 30 °C")},
        {"joined:middle", TogetherText::tr("joined at 30 to 42 °C")},
        {"joined:high", TogetherText::tr("joined over 42 °C")},
        {"gel:gelled", TogetherText::tr("gel meant")},
        {"gel:kept-cool", TogetherText::tr("kept cool")},
        {"near-miss", TogetherText::tr("with a near miss")},
        {"lesson", TogetherText::tr("with a lesson")},
        {"photo", TogetherText::tr("with a photograph")},
        {"tested", TogetherText::tr("tested for free alkali")}};
    const auto found = words.find(fact);
    return found == words.end() ? QString::fromStdString(fact) : found->second;
}

FactPage patternFacts(const QString& outcome, std::span<const Pattern> patterns,
                      const std::function<QString(const std::string&)>& name, const Speech& s)
{
    FactPage page;
    const QString what = batchFactSaid(outcome.toStdString(), name);
    page.title = TogetherText::tr("What goes with: %1").arg(what);
    page.lead = TogetherText::tr("Counts of your own batches that have something written of them. "
                                 "What goes together is never said to be the cause.");
    constexpr int most = 40;
    FactSection clear, unclear;
    clear.title = TogetherText::tr("Apart beyond chance");
    unclear.title = TogetherText::tr("Not told apart from chance");
    for (FactSection* section : {&clear, &unclear})
        section->columns = {TogetherText::tr("with it"), TogetherText::tr("without it")};
    const auto share = [&](int k, int n, const Interval& i) {
        // The range stays on one line.
        QString range =
            TogetherText::tr("(%1 to %2)").arg(s.percent(i.low(), 0), s.percent(i.high(), 0));
        range.replace(QLatin1Char(' '), QChar::Nbsp);
        return TogetherText::tr("%1 of %2 %3").arg(k).arg(n).arg(range);
    };
    for (const Pattern& p : patterns) {
        FactSection& section = p.isClear() ? clear : unclear;
        if (section.facts.size() >= most)
            continue;
        const PatternCount& c = p.count;
        section.facts.append({batchFactSaid(c.fact, name),
                              {},
                              p.few ? TogetherText::tr("few batches") : QString(),
                              Fact::Tone::Plain,
                              {},
                              {},
                              {share(c.withOutcome, c.with, p.with),
                               share(c.withoutOutcome, c.without, p.without)}});
    }
    if (clear.facts.isEmpty())
        clear.sentence = TogetherText::tr("Nothing yet.");
    clear.sentence +=
        clear.facts.isEmpty()
            ? QString()
            : TogetherText::tr("The range is where nine of ten such shares lie. Of many "
                               "things looked at, some stand apart by chance alone.");
    page.sections = {clear, unclear};
    return page;
}

} // namespace rhexion::words
