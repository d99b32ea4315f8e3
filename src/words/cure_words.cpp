#include "words/cure_words.h"

#include "storage/material_names.h"
#include "words/after_words.h"
#include "words/cannot_words.h"
#include "words/names.h"
#include "words/plain_text.h"

#include <QCoreApplication>

#include <algorithm>
#include <cmath>

namespace rhexion::words {

namespace {

struct CureText {
    Q_DECLARE_TR_FUNCTIONS(Cure)
};

QString dayOf(std::int64_t ms, const Speech& s)
{
    return s.date(QDateTime::fromMSecsSinceEpoch(ms).date());
}

QString wholeDays(double days)
{
    return CureText::tr("%n day(s)", nullptr, int(std::lround(days)));
}

FactSection rulesOf(const Cured& c)
{
    FactSection out;
    out.title = CureText::tr("By rule");
    for (const CureRule rule : c.rules) {
        const CureDays d = daysOf(rule);
        out.facts.append({capital(cureRuleSaid(rule)),
                          d.longest > d.least
                              ? CureText::tr("%1 to %2 days").arg(int(d.least)).arg(int(d.longest))
                              : wholeDays(d.least),
                          {}});
    }
    return out;
}

FactSection weightsOf(const Cured& c, const Speech& s)
{
    FactSection out;
    out.title = CureText::tr("By weight");
    if (c.settled && c.bars > 0)
        out.facts.append({CureText::tr("A bar should settle at"),
                          CureText::tr("%1 (%2 to %3)")
                              .arg(s.mass(c.settled->typical()), s.mass(c.settled->low()),
                                   s.mass(c.settled->high())),
                          c.mayGain
                              ? CureText::tr("a salt bar may gain weight in damp air")
                              : CureText::tr("6 to 14 % of water stay in a lived-in room; common "
                                             "practice, no source")});
    else if (c.bars == 0)
        out.facts.append({CureText::tr("A bar should settle at"), CureText::tr("not known"),
                          CureText::tr("write down how many bars were cut")});
    out.facts.append({CureText::tr("A bar of this size dries in"),
                      CureText::tr("%1 (%2 to %3)")
                          .arg(wholeDays(c.tauDays.typical()),
                               QString::number(int(std::lround(c.tauDays.low()))),
                               QString::number(int(std::lround(c.tauDays.high())))),
                      c.sizeKnown ? CureText::tr("by its three sides, until a third of the loss is "
                                                 "left; common practice, no source")
                                  : CureText::tr("no size is written down, so a usual bar's")});
    if (!c.series) {
        out.sentence =
            CureText::tr("No bar was weighed yet. Three weights over a week or more draw "
                         "the curve.");
        return out;
    }
    if (const auto* cannot = c.fit ? std::get_if<Cannot>(&*c.fit) : nullptr)
        out.sentence = words::cannot(*cannot, s);
    const auto* fit = c.fit ? std::get_if<CureFit>(&*c.fit) : nullptr;
    if (fit) {
        out.facts.append({CureText::tr("Settles at, by its weights"),
                          CureText::tr("%1 (%2 to %3)")
                              .arg(s.mass(fit->endGrams().typical()), s.mass(fit->endGrams().low()),
                                   s.mass(fit->endGrams().high())),
                          {}});
        out.facts.append({CureText::tr("Settled after"),
                          CureText::tr("%1 (%2 to %3)")
                              .arg(wholeDays(c.settledDay->typical()),
                                   QString::number(int(std::lround(c.settledDay->low()))),
                                   QString::number(int(std::lround(c.settledDay->high())))),
                          CureText::tr("from then on two weeks take less than half a per cent of "
                                       "the weight")});
    }
    for (std::size_t i = 0; i < c.series->weights.size(); ++i) {
        const DayWeight& w = c.series->weights[i];
        const bool raised = std::ranges::find(c.raised, i) != c.raised.end();
        out.facts.append({dayOf(c.series->first + daysInMs(w.day), s), s.mass(w.grams),
                          raised ? CureText::tr("damp air, or another bar?") : QString(),
                          raised ? Fact::Tone::Care : Fact::Tone::Plain});
    }
    return out;
}

} // namespace

QString readySaid(const Cured& c, const Speech& s)
{
    const QString rule = CureText::tr("rule %1").arg(wholeDays(c.days.least));
    const QString day = dayOf(c.readyAt(), s);
    if (!c.settledDay)
        return CureText::tr("Ready about %1 by the %2; no weights say otherwise.").arg(day, rule);
    const QString weights = CureText::tr("weights say %1 (%2 to %3)")
                                .arg(QString::number(int(std::lround(c.settledDay->typical()))),
                                     QString::number(int(std::lround(c.settledDay->low()))),
                                     QString::number(int(std::lround(c.settledDay->high()))));
    return c.weightsDecide
               ? CureText::tr("Ready about %1: %2, %3; the weights decide.").arg(day, rule, weights)
               : CureText::tr("Ready about %1: %2, %3; the rule decides.").arg(day, rule, weights);
}

FactPage cureFacts(const Batch& batch, const Cured& c, std::int64_t now, const Speech& s)
{
    FactPage page;
    page.title = CureText::tr("Cure of %1").arg(QString::fromStdString(batch.formula.name));
    if (!c.wantsTest.empty()) {
        FactSection test;
        test.title = CureText::tr("A test comes first");
        test.sentence =
            CureText::tr("No date stands in its place: do not use a bar before a test for "
                         "free alkali says that it is within the limit.");
        for (const TestReason reason : c.wantsTest)
            test.facts.append({capital(testReasonSaid(reason)), {}, {}, Fact::Tone::Danger});
        page.sections.append(test);
        page.lead = CureText::tr("Test for lye first. For water and feel: %1")
                        .arg(readySaid(c, s).replace(0, 1, readySaid(c, s).left(1).toLower()));
    } else {
        page.lead = readySaid(c, s);
    }
    FactSection ready;
    ready.title = CureText::tr("Ready");
    const double left = double(c.readyAt() - now) / double(daysInMs(1.0));
    ready.facts.append({CureText::tr("Counted from"), dayOf(c.from, s), {}});
    ready.facts.append({CureText::tr("Ready about"), dayOf(c.readyAt(), s),
                        left > 0.0
                            ? CureText::tr("in %1").arg(wholeDays(std::ceil(left)))
                            : CureText::tr("for water and feel; it never says that a bar may "
                                           "go on skin")});
    if (c.days.longest > c.days.least)
        ready.facts.append({CureText::tr("By the patient school"),
                            dayOf(c.from + daysInMs(std::max(c.days.longest, c.readyDay)), s),
                            {}});
    page.sections.append(ready);
    page.sections.append(rulesOf(c));
    page.sections.append(weightsOf(c, s));
    FactSection not_;
    not_.title = CureText::tr("What cure does not do");
    not_.sentence = cureDoesNot();
    page.sections.append(not_);
    return page;
}

namespace {

// The ordinary fat there is most of, for a rebatch.
const Material* mainFat(const Batch& batch, const Account& made)
{
    const auto at = mainOil(batch.formula, made);
    return at ? batch.formula.lines[*at].material.get() : nullptr;
}

FactSection mendOf(const Batch& batch, const Cured& c, const Speech& s)
{
    FactSection out;
    out.title = CureText::tr("Mend by rebatching, or discard");
    const Account made = batch.asMade();
    const Material* oil = mainFat(batch, made);
    if (!oil || !oil->sv || !c.caustic)
        return out;
    const double now = c.dryGrams > 0.0 ? c.dryGrams / 0.9 : made.batterGrams;
    for (const double superfat : {0.05, 0.0}) {
        const auto grams =
            oilToMend({c.caustic->high(), now, oil->sv->range.low(), superfat, made.hydroxideMol});
        if (const double* g = std::get_if<double>(&grams))
            out.facts.append(
                {superfat > 0.0
                     ? CureText::tr("For 5 % superfat after it: %1").arg(materialName(*oil))
                     : CureText::tr("For no lye, and nothing to spare: %1").arg(materialName(*oil)),
                 s.mass(*g),
                 superfat > 0.0 ? CureText::tr("recommended; for about %1 of soap").arg(s.mass(now))
                                : QString(),
                 superfat > 0.0 ? Fact::Tone::Good : Fact::Tone::Plain});
    }
    out.sentence = CureText::tr(
        "Grate it, melt it slowly with a little water and the oil, stir until even, and test it "
        "again. Goggles and gloves, as with lye. Never mend a finished bar with acid: that splits "
        "soap. To discard it: in a box marked “lye, not soap” to your local collection for "
        "household chemicals, not down the drain; no children, no pets near it.");
    return out;
}

} // namespace

FactPage testFacts(const Batch& batch, const Cured& c, const AlkaliLimits& limits, const Speech& s)
{
    FactPage page;
    page.title = CureText::tr("Free alkali of %1").arg(QString::fromStdString(batch.formula.name));
    page.lead = c.verdict ? alkaliVerdictSaid(*c.verdict, c.sameVerdicts, limits, s)
                : c.wantsTest.empty()
                    ? CureText::tr("Not tested. Nothing in its weights or its looks asks for it.")
                    : CureText::tr("Not tested yet, and it should be: %1.")
                          .arg(testReasonSaid(c.wantsTest.front()));
    FactSection tests;
    tests.title = CureText::tr("Tests so far");
    std::optional<Interval> caustic, total;
    for (const AfterAt& a : batch.after) {
        if (!std::holds_alternative<AlkaliTested>(a.what) &&
            !std::holds_alternative<StripRead>(a.what))
            continue;
        tests.facts.append({dayOf(a.on, s), {}, afterSaid(a, batch.formula, s)});
        const auto* test = std::get_if<AlkaliTested>(&a.what);
        if (!test)
            continue;
        if (const auto* t = std::get_if<CausticTitration>(&test->how))
            if (const auto f = freeCaustic(*t); std::holds_alternative<Interval>(f))
                caustic = std::get<Interval>(f);
        if (const auto* t = std::get_if<TotalTitration>(&test->how))
            if (const auto f = totalFreeAlkali(*t); std::holds_alternative<Interval>(f))
                total = std::get<Interval>(f);
    }
    if (tests.facts.isEmpty())
        tests.sentence = CureText::tr("None yet.");
    page.sections.append(tests);
    if (caustic) {
        FactSection found;
        found.title = CureText::tr("What the last titration says");
        const bool fine = caustic->high() <= limits.fine;
        found.facts.append(
            {CureText::tr("Free caustic"), causticSaid(*caustic, s),
             CureText::tr("as KOH %1").arg(s.percent(asPotassiumHydroxide(caustic->typical()), 3)),
             fine ? Fact::Tone::Good : Fact::Tone::Danger});
        if (total) {
            found.facts.append({CureText::tr("Total free alkali"), causticSaid(*total, s), {}});
            const double carbonate = carbonateOf(total->typical(), caustic->typical());
            found.facts.append(
                {CureText::tr("Of it carbonate"),
                 carbonate > 0.0 ? s.percent(carbonate, 3) : CureText::tr("none found"),
                 CureText::tr("as sodium carbonate")});
        }
        const Account made = batch.asMade();
        if (made.potassium.pureGrams > 0.0)
            found.facts.append(
                {CureText::tr("There is potassium hydroxide in it"),
                 {},
                 CureText::tr("the standard precipitates potassium soap before it titrates, so the "
                              "figure is a guide only"),
                 Fact::Tone::Care});
        page.sections.append(found);
    }
    if (c.verdict && *c.verdict != AlkaliVerdict::Fine)
        page.sections.append(mendOf(batch, c, s));
    FactSection how;
    how.title = CureText::tr("How, and what each way can say");
    how.facts = {
        {CureText::tr("Sampling"),
         {},
         CureText::tr("shave edge, middle and core of two bars, mix, weigh 5 to 20 g to 0.05 g: a "
                      "mean, so a spot that looks different is tested by itself")},
        {CureText::tr("Titration in alcohol"),
         {},
         CureText::tr(
             "dissolve in alcohol of 95 % or stronger that is neutral to phenolphthalein, "
             "titrate to colourless at once (ISO 456 in principle). Gloves; alcohol burns: "
             "no flame, warm it in a water bath and only until dissolved, for superfat goes "
             "on taking lye and the figure comes out low, the unsafe way")},
        {CureText::tr("Total by titrating back"),
         {},
         CureText::tr("acid in excess, boil, titrate back (ISO 684 in principle)")},
        {CureText::tr("A drop of phenolphthalein"),
         {},
         CureText::tr("1 % in alcohol on a freshly cut, dry face: pink at once is free alkali. No "
                      "water on it: wet soap is pink by itself. Yes or no, never a figure, and of "
                      "that spot alone")},
        {CureText::tr("Paper strips"),
         {},
         CureText::tr("a 1 % solution of soap without free lye has pH 10.1, with 0.05 % 10.3, with "
                      "0.1 % 10.5, with 0.5 % 11.1, and strips read to 0.5: above 11 suspect lye, "
                      "below it says nothing. Nothing is safe by its pH")}};
    page.sections.append(how);
    return page;
}

} // namespace rhexion::words
