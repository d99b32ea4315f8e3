#include "words/batch_words.h"

#include "core/after/cured.h"
#include "core/batch/standing_danger.h"
#include "storage/material_names.h"
#include "words/after_words.h"
#include "words/caution_words.h"
#include "words/cure_words.h"
#include "words/day_words.h"
#include "words/heat_words.h"
#include "words/names.h"
#include "words/plain_text.h"
#include "words/slip_words.h"

#include <QCoreApplication>

#include <algorithm>
#include <cmath>

namespace rhexion::words {

namespace {

struct BatchText {
    Q_DECLARE_TR_FUNCTIONS(Batch)
};

class BatchPage {
public:
    BatchPage(const Batch& batch, const Speech& speech) : b_(batch), s_(speech) {}

    FactPage head() const
    {
        FactPage page;
        page.title = b_.formula.name.empty() ? BatchText::tr("without a name")
                                             : QString::fromStdString(b_.formula.name);
        page.lead = b_.ended != 0
                        ? BatchText::tr("Begun %1, ended %2").arg(when(b_.begun), when(b_.ended))
                        : BatchText::tr("Begun %1").arg(when(b_.begun));
        if (b_.state == BatchState::Stopped)
            page.lead = BatchText::tr("%1. Stopped before its end.").arg(page.lead);
        return page;
    }
    FactSection outcome() const;
    FactSection weighed() const;
    FactSection happened() const;
    FactSection readings() const;
    FactSection day() const;
    FactSection weeks() const;
    FactSection judged() const;
    FactSection notes() const;
    FactSection lots() const;
    FactSection unread() const;

private:
    QString when(std::int64_t ms) const { return s_.dateTime(QDateTime::fromMSecsSinceEpoch(ms)); }
    QString clock(std::int64_t ms) const
    {
        return s_.habits().locale.toString(QDateTime::fromMSecsSinceEpoch(ms).time(),
                                           QLocale::ShortFormat);
    }
    QString date(std::int64_t ms) const
    {
        return s_.date(QDateTime::fromMSecsSinceEpoch(ms).date());
    }

    const Batch& b_;
    const Speech& s_;
};

FactSection BatchPage::outcome() const
{
    FactSection out;
    out.title = BatchText::tr("What came of it");
    out.columns = {BatchText::tr("planned"), BatchText::tr("as made")};
    const Account planned = accountOf(b_.formula, b_.amounts);
    std::optional<double> superfat, strength;
    const auto made = b_.outcome();
    if (made) {
        superfat = made->superfat;
        strength = made->strength;
    }
    if (b_.changedSinceMade())
        out.sentence = BatchText::tr("Something went in after it was finished at another bench: "
                                     "what is here as made was reckoned from all of it.");
    const bool heavy = superfat && *superfat < 0.0;
    out.facts.append({BatchText::tr("True superfat"),
                      {},
                      {},
                      heavy ? Fact::Tone::Danger : Fact::Tone::Plain,
                      {},
                      {},
                      {s_.percent(planned.superfatTrue), s_.percent(superfat)}});
    out.facts.append({BatchText::tr("Batch strength"),
                      {},
                      {},
                      Fact::Tone::Plain,
                      {},
                      {},
                      {s_.percent(planned.pure.strength), s_.percent(strength)}});
    if (made)
        out.facts.append({BatchText::tr("Batter"),
                          {},
                          {},
                          Fact::Tone::Plain,
                          {},
                          {},
                          {s_.wholeMass(planned.batterGrams), s_.wholeMass(made->batterGrams)}});
    return out;
}

// The last word on each thing; the words before it stand beside it.
FactSection BatchPage::weighed() const
{
    FactSection out;
    out.title = BatchText::tr("Weighed");
    const std::vector<Weighed> last = b_.lastWords();
    if (!last.empty() || !b_.topUps.empty())
        out.columns = {BatchText::tr("planned"), BatchText::tr("weighed")};
    for (const Weighed& w : last) {
        double planned = 0.0;
        QStringList before;
        for (const WeighedAt& earlier : b_.weighings)
            if (earlier.weighed.target == w.target) {
                planned = earlier.plannedGrams;
                before.append(s_.mass(earlier.weighed.grams));
            }
        before.removeLast(); // this one
        const double off = w.grams - planned;
        QStringList remarks;
        if (w.origin == WeighOrigin::AsPlanned)
            remarks.append(BatchText::tr("taken as planned"));
        if (w.origin == WeighOrigin::Scale)
            remarks.append(originName(w.origin));
        const bool differs = std::abs(off) >= 0.05;
        if (differs)
            remarks.append((off > 0 ? QStringLiteral("+") : QString()) + s_.mass(off));
        if (!before.isEmpty())
            remarks.append(BatchText::tr("before: %1").arg(before.join(QStringLiteral(", "))));
        out.facts.append({targetName(w.target, b_.formula),
                          {},
                          remarks.join(QStringLiteral("; ")),
                          differs ? Fact::Tone::Care : Fact::Tone::Plain,
                          {},
                          {},
                          {s_.mass(planned), s_.mass(w.grams)}});
    }
    for (const auto& [event, topUp, at] : b_.topUps)
        out.facts.append({materialName(*topUp.material),
                          {},
                          BatchText::tr("beside the plan, %1").arg(vesselPlace(topUp.vessel)),
                          Fact::Tone::Care,
                          {},
                          {},
                          {QString(), s_.mass(topUp.grams)}});
    QStringList sentences;
    if (last.empty())
        sentences << BatchText::tr("Nothing was weighed.");
    if (const QString counted = originsSaid(b_.origins()); !counted.isEmpty())
        sentences << BatchText::tr("Weights: %1.").arg(counted);
    const auto taken = std::ranges::count(last, WeighOrigin::AsPlanned, &Weighed::origin);
    if (taken > 0)
        sentences << BatchText::tr("%n weight(s) were taken as planned, not weighed.", nullptr,
                                   int(taken));
    out.sentence = sentences.join(QLatin1Char(' '));
    return out;
}

// What went otherwise than planned, and what nearly did.
FactSection BatchPage::happened() const
{
    FactSection out;
    out.title = BatchText::tr("What went otherwise");
    const auto row = [&](const QString& what, std::int64_t at) {
        out.facts.append({what, at != 0 ? clock(at) : QString(), {}});
    };
    for (const LostAt& lost : b_.losses)
        row(BatchText::tr("Lost: %1 of what was there, %2")
                .arg(s_.percent(lost.loss.share),
                     placeName(lost.loss.place, lost.loss.portion, b_.formula)),
            lost.at);
    for (const Substitute& other : b_.substitutes)
        row(BatchText::tr("%1 in place of %2")
                .arg(other.material ? materialName(*other.material) : QString(),
                     lineName(other.line, b_.formula)),
            0);
    for (const DayStep& step : b_.plan.steps)
        if (std::ranges::find(b_.skipped, keyOf(step)) != b_.skipped.end())
            row(BatchText::tr("Left out: %1").arg(dayStepTitle(step, b_.formula)), 0);
    for (const TwiceWeighed& t : b_.twice) {
        const TwiceSaid said = weighedTwice(b_, t, s_);
        row(BatchText::tr("%1: %2").arg(said.title, twiceOutcome(t.is)), t.second.at);
        if (!t.is)
            out.facts.last().tone = Fact::Tone::Danger;
    }
    for (const AnsweredAt& a : b_.answers) {
        const QString what = BatchText::tr("Danger: %1, %2")
                                 .arg(cautionTitle(cautionOf(a.answered), b_.formula, s_),
                                      dangerAnswerName(a.answered.answer));
        row(a.answered.why.empty()
                ? what
                : BatchText::tr("%1: “%2”").arg(what, QString::fromStdString(a.answered.why)),
            a.at);
    }
    for (const MissedAt& miss : b_.nearMisses)
        row(BatchText::tr("Near miss: %1").arg(nearMissName(miss.kind)), miss.at);
    if (b_.blended.bursts > 0)
        row(BatchText::tr("Blended in %n burst(s), %1", nullptr, b_.blended.bursts)
                .arg(s_.minutes(b_.blended.seconds / 60.0)),
            0);
    return out;
}

// Steps and readings in the order of the clock.
FactSection BatchPage::day() const
{
    FactSection out;
    out.title = BatchText::tr("The day");
    struct Row {
        std::int64_t at;
        QString name;
        QString value;
    };
    std::vector<Row> rows;
    for (const auto& [key, at] : b_.doneAt) {
        const std::size_t place = placeOf(b_.plan, key);
        if (place < b_.plan.steps.size() && !b_.plan.steps[place].weighs())
            rows.push_back({at, dayStepTitle(b_.plan.steps[place], b_.formula), {}});
    }
    for (const ReadingAt& r : b_.readings)
        rows.push_back({r.at, readingOfName(r.what), s_.temperature(r.celsius)});
    for (const LookAt& look : b_.looks)
        rows.push_back({look.at, BatchText::tr("Looked in"), lookSawName(look.saw)});
    std::ranges::stable_sort(rows, {}, &Row::at);
    std::int64_t before = 0;
    for (const Row& row : rows) {
        // The day is said where it is another one.
        const bool same = before != 0 && date(before) == date(row.at);
        out.facts.append({row.name, row.value, same ? clock(row.at) : when(row.at)});
        before = row.at;
    }
    return out;
}

FactSection BatchPage::weeks() const
{
    FactSection out;
    out.title = BatchText::tr("The weeks after");
    out.columns = {BatchText::tr("on")};
    for (const AfterAt& a : b_.after) {
        if (std::holds_alternative<VerdictGiven>(a.what) ||
            std::holds_alternative<LessonKept>(a.what) ||
            std::holds_alternative<NextChange>(a.what) ||
            std::holds_alternative<LessonRetired>(a.what))
            continue;
        const auto* seen = std::get_if<OutcomeSeen>(&a.what);
        out.facts.append({capital(afterSaid(a, b_.formula, s_)),
                          {},
                          {},
                          seen && isMishap(seen->what) ? Fact::Tone::Care : Fact::Tone::Plain,
                          QStringLiteral("back:") + QString::fromStdString(a.event),
                          BatchText::tr("Take back"),
                          {date(a.on)}});
    }
    if (out.facts.isEmpty()) {
        out.columns.clear();
        out.sentence =
            BatchText::tr("Nothing written down yet: how it came out of the mould, how it "
                          "cures, how it lathers.");
    }
    return out;
}

FactSection BatchPage::judged() const
{
    FactSection out;
    out.title = BatchText::tr("What it taught");
    out.columns = {BatchText::tr("on")};
    for (const AfterAt& a : b_.after)
        if (std::holds_alternative<VerdictGiven>(a.what) ||
            std::holds_alternative<LessonKept>(a.what) ||
            std::holds_alternative<NextChange>(a.what))
            out.facts.append(
                {capital(afterSaid(a, b_.formula, s_)),
                 {},
                 {},
                 Fact::Tone::Plain,
                 (std::holds_alternative<LessonKept>(a.what) ? QStringLiteral("retire:")
                                                             : QStringLiteral("back:")) +
                     QString::fromStdString(a.event),
                 std::holds_alternative<LessonKept>(a.what) ? BatchText::tr("Put away")
                                                            : BatchText::tr("Take back"),
                 {date(a.on)}});
    return out;
}

FactSection BatchPage::notes() const
{
    FactSection out;
    out.title = BatchText::tr("Notes");
    if (b_.notes.empty())
        out.sentence = BatchText::tr("None yet.");
    for (const NotedAt& note : b_.notes)
        out.facts.append({QString::fromStdString(note.text), {}, when(note.at)});
    return out;
}

FactSection BatchPage::lots() const
{
    FactSection out;
    out.title = BatchText::tr("Materials and lots");
    const auto add = [&](const Material& m) {
        QStringList figures;
        for (const Source& source : m.sources)
            if (source.fromLot)
                figures << QString::fromStdString(source.text);
        if (m.sv)
            figures << BatchText::tr("SV %1 (%2 to %3)")
                           .arg(s_.number(m.sv->range.typical(), 1),
                                s_.number(m.sv->range.low(), 1), s_.number(m.sv->range.high(), 1));
        if (m.isHydroxide()) {
            const Part part = m.kind == MaterialKind::SodiumHydroxide ? Part::SodiumHydroxide
                                                                      : Part::PotassiumHydroxide;
            figures << BatchText::tr("purity %1").arg(s_.percent(m.part(part).range.typical()));
        }
        figures.removeDuplicates();
        out.facts.append({materialName(m),
                          m.lot.name.empty() ? BatchText::tr("no lot written down")
                                             : QString::fromStdString(m.lot.name),
                          figures.join(QStringLiteral("; ")),
                          m.lot.name.empty() ? Fact::Tone::Care : Fact::Tone::Plain});
    };
    std::vector<std::string> said;
    const Formula made = withSubstitutes(b_.formula, b_.substitutes);
    const auto once = [&](const MaterialPtr& m) {
        if (m && std::ranges::find(said, m->id) == said.end()) {
            said.push_back(m->id);
            add(*m);
        }
    };
    for (const Line& line : made.lines)
        once(line.material);
    if (b_.amounts.allSodium() > 0.0)
        once(made.lye.sodium);
    if (b_.amounts.allPotassium() > 0.0)
        once(made.lye.potassium);
    return out;
}

FactSection BatchPage::unread() const
{
    FactSection out;
    if (!b_.unreadable.empty()) {
        out.title = BatchText::tr("Not read");
        out.sentence = BatchText::tr("%n thing(s) that happened to it cannot be read.", nullptr,
                                     int(b_.unreadable.size()));
    }
    return out;
}

void add(FactPage& page, FactSection section)
{
    if (!section.facts.isEmpty() || !section.sentence.isEmpty())
        page.sections.append(std::move(section));
}

} // namespace

TwiceSaid weighedTwice(const Batch& batch, const TwiceWeighed& t, const Speech& s,
                       const std::string& here)
{
    const auto one = [&](const WeighedAt& w) {
        return BatchText::tr("%1 at %2, %3")
            .arg(s.mass(w.weighed.grams), benchSaid(batch, w.bench, here),
                 s.dateTime(QDateTime::fromMSecsSinceEpoch(w.at)));
    };
    const double both = t.first.weighed.grams + t.second.weighed.grams;
    TwiceSaid out;
    out.title = BatchText::tr("%1 was weighed at two benches")
                    .arg(targetName(t.second.weighed.target, batch.formula));
    out.why = BatchText::tr("First %1; then %2. Look, and ask the other: if both went in, there "
                            "are %3 of it, and nothing here may go on before that is known.")
                  .arg(one(t.first), one(t.second), s.mass(both));
    out.first = BatchText::tr("Only the first: %1").arg(s.mass(t.first.weighed.grams));
    out.second = BatchText::tr("Only the second: %1").arg(s.mass(t.second.weighed.grams));
    out.both = BatchText::tr("Both are in: %1").arg(s.mass(both));
    return out;
}

QString twiceOutcome(std::optional<WeighedTwice> is)
{
    if (!is)
        return BatchText::tr("what of it is in was not said");
    switch (*is) {
    case WeighedTwice::First: return BatchText::tr("only the first is in");
    case WeighedTwice::Second: return BatchText::tr("only the second is in");
    case WeighedTwice::Both: return BatchText::tr("both are in");
    }
    return {};
}

QString benchSaid(const Batch& batch, const std::string& bench, const std::string& here)
{
    if (!here.empty() && bench == here)
        return BatchText::tr("this bench");
    const std::string name = batch.nameOfBench(bench);
    return name.empty() ? BatchText::tr("another bench")
                        : BatchText::tr("“%1”").arg(QString::fromStdString(name));
}

QString codeTwice(const CodeOfMany& code)
{
    return BatchText::tr("The code %1 stands on %n batch(es): find them by it, and give all but "
                         "one a new code.",
                         nullptr, int(code.batches.size()))
        .arg(code.code);
}

FactSection codeOfMany(const QString& code, const QList<BatchSummary>& others, const Speech& s)
{
    FactSection out;
    out.title = BatchText::tr("Its code stands on another batch, too");
    out.sentence = BatchText::tr("Two benches gave the code %1 once. A label that shows it does "
                                 "not say which batch it is of: give one of them a new code.")
                       .arg(code);
    for (const BatchSummary& other : others)
        out.facts.append({other.name, s.date(other.started.toLocalTime().date()), other.id.left(8),
                          Fact::Tone::Care, QStringLiteral("batch:") + other.id,
                          BatchText::tr("Show it")});
    return out;
}

QString madeElsewhere(const Batch& batch, const QDateTime& now, const Speech& s)
{
    const double minutes = double(now.toMSecsSinceEpoch() - batch.madeLast) / 60000.0;
    const auto steps = batch.plan.steps.size();
    return BatchText::tr("It is being made at %4: step %1 of %2, %3.")
        .arg(std::min(batch.nextStep() + 1, steps))
        .arg(steps)
        .arg(minutes < 1.0 ? BatchText::tr("just now")
                           : BatchText::tr("%1 ago").arg(s.minutes(minutes)))
        .arg(benchSaid(batch, batch.madeAt));
}

FactPage batchFacts(const Batch& batch, const Speech& speech)
{
    const BatchPage b(batch, speech);
    FactPage page = b.head();
    for (const auto part :
         {&BatchPage::outcome, &BatchPage::judged, &BatchPage::weeks, &BatchPage::weighed,
          &BatchPage::happened, &BatchPage::day, &BatchPage::notes, &BatchPage::unread})
        add(page, (b.*part)());
    return page;
}

FactPage dayFacts(const Batch& batch, const Speech& speech)
{
    const BatchPage b(batch, speech);
    FactPage page = b.head();
    for (const auto part : {&BatchPage::happened, &BatchPage::day, &BatchPage::weighed})
        add(page, (b.*part)());
    return page;
}

FactPage assessorFacts(const Batch& batch, const Speech& speech)
{
    const BatchPage b(batch, speech);
    FactPage page = b.head();
    page.title = BatchText::tr("Batch record: %1").arg(page.title);
    for (const auto part :
         {&BatchPage::outcome, &BatchPage::lots, &BatchPage::weighed, &BatchPage::happened,
          &BatchPage::day, &BatchPage::weeks, &BatchPage::notes, &BatchPage::unread})
        add(page, (b.*part)());
    for (FactSection& section : page.sections)
        for (Fact& fact : section.facts)
            fact.action.clear(); // paper takes no press
    FactSection law;
    law.title = BatchText::tr("For the assessor");
    law.sentence =
        BatchText::tr("Written by the maker's own journal from what was entered at the "
                      "bench. Planned figures come of the formula below; figures as made "
                      "come of the weights above. %1")
            .arg(labelLaw());
    page.sections.append(law);
    return page;
}

} // namespace rhexion::words
