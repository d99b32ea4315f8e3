#include "words/compare_words.h"

#include "core/making/blend.h"
#include "core/making/mould_fit.h"
#include "core/making/working_time.h"
#include "storage/material_names.h"
#include "words/blend_words.h"
#include "words/difference_words.h"
#include "words/names.h"
#include "words/working_time_words.h"

#include <QCoreApplication>

#include <map>

namespace rhexion::words {

namespace {

struct CompareText {
    Q_DECLARE_TR_FUNCTIONS(Compare)
};

// A material in one vessel: what a maker compares line by line.
using WhereKey = std::pair<std::string, Vessel>;

struct InBoth {
    QString name;
    double before = 0.0;
    double after = 0.0;
    bool isIn[2] = {false, false};
    bool frozen[2] = {false, false};
};

std::vector<InBoth> linesOf(const Formula& before, const Reckoning& was, const Formula& after,
                            const Reckoning& is)
{
    std::vector<InBoth> out;
    std::map<WhereKey, std::size_t> places;
    for (const bool second : {false, true}) {
        const Formula& f = second ? after : before;
        const Reckoning& r = second ? is : was;
        for (std::size_t i = 0; i < f.lines.size(); ++i) {
            const Line& line = f.lines[i];
            const WhereKey key{line.material->id, line.vessel};
            const auto [at, isNew] = places.emplace(key, out.size());
            if (isNew)
                out.push_back({CompareText::tr("%1, %2").arg(materialName(*line.material),
                                                             vesselPlace(line.vessel))});
            InBoth& one = out[at->second];
            (second ? one.after : one.before) += r.lines[i].grams;
            one.isIn[second] = true;
            one.frozen[second] |= line.frozen;
        }
    }
    return out;
}

void put(FactSection& section, const QString& name, const QString& a, const QString& b)
{
    if (a != b)
        section.facts.append(
            {name, b, CompareText::tr("was %1").arg(a), Fact::Tone::Plain, {}, {}});
}

} // namespace

FactPage compareFacts(const Formula& before, const Reckoning& was, const Formula& after,
                      const Reckoning& is, const QString& beforeName, const Speech& s)
{
    FactPage page;
    page.title = CompareText::tr("Change and compare");
    FactSection in;
    in.title = CompareText::tr("What goes in");
    for (const InBoth& line : linesOf(before, was, after, is)) {
        const QString none = CompareText::tr("none");
        put(in, line.name, line.isIn[0] ? s.mass(line.before) : none,
            line.isIn[1] ? s.mass(line.after) : none);
        if (line.isIn[0] && line.isIn[1])
            put(in, CompareText::tr("%1: frozen").arg(line.name),
                line.frozen[0] ? CompareText::tr("yes") : CompareText::tr("no"),
                line.frozen[1] ? CompareText::tr("yes") : CompareText::tr("no"));
    }
    put(in, CompareText::tr("Joined at"), s.temperature(before.mixing.at.inCelsius()),
        s.temperature(after.mixing.at.inCelsius()));
    put(in, CompareText::tr("Superfat set"), s.percent(before.lye.superfat),
        s.percent(after.lye.superfat));

    FactSection out;
    out.title = CompareText::tr("What comes of it");
    for (const FigureMoved& figure : figuresMoved(before, was, after, is, s))
        put(out, figure.name, figure.before, figure.after);
    const auto blendBefore = blendOf(before, was);
    const auto blendAfter = blendOf(after, is);
    const Blend* a = std::get_if<Blend>(&blendBefore);
    const Blend* b = std::get_if<Blend>(&blendAfter);
    if (a && b) {
        for (std::size_t g = 0; g + 1 < a->groups.size(); ++g) {
            const auto group = static_cast<AcidGroup>(g);
            put(out, acidGroupName(group), s.percent((*a)[group].share.typical(), 1),
                s.percent((*b)[group].share.typical(), 1));
        }
        put(out, CompareText::tr("Iodine value"), s.number(a->iodine.typical(), 0),
            s.number(b->iodine.typical(), 0));
    }
    put(out, CompareText::tr("Salt, of the oils"), s.percent(saltOf(before, was).share),
        s.percent(saltOf(after, is).share));
    put(out, CompareText::tr("Sugar, of the oils"), s.percent(sugarOf(before, was).share),
        s.percent(sugarOf(after, is).share));
    const auto time = [&](const Formula& f, const Reckoning& r) {
        return forecastSaid(
            workingTime(workFeatures(f, r), scentDoses(f, r, {}), f.handling.blending).time, false,
            s);
    };
    put(out, CompareText::tr("Working time"), time(before, was), time(after, is));
    const auto unmould = [&](const Formula& f, const Reckoning& r) {
        return forecastSaid(
            windowsOf(unmouldFeatures(f, r), f.handling.gel, mouldKindOf(f)).unmould.time, true, s);
    };
    put(out, CompareText::tr("Out of the mould"), unmould(before, was), unmould(after, is));

    const int inputs = int(in.facts.size());
    page.lead = inputs == 0 && out.facts.isEmpty()
                    ? CompareText::tr("Nothing differs from “%1”.").arg(beforeName)
                    : CompareText::tr("Against “%1”: %n thing(s) go in otherwise.", nullptr, inputs)
                          .arg(beforeName);
    if (!in.facts.isEmpty())
        page.sections.append(in);
    if (!out.facts.isEmpty())
        page.sections.append(out);
    return page;
}

} // namespace rhexion::words
