#include "words/record_words.h"

#include "storage/event_json.h"
#include "words/after_words.h"
#include "words/plain_text.h"
#include "words/together_words.h"

#include <QCoreApplication>

#include <algorithm>

namespace rhexion::words {

namespace {

struct RecordText {
    Q_DECLARE_TR_FUNCTIONS(Record)
};

QString nameOr(const QString& name)
{
    return name.isEmpty() ? RecordText::tr("without a name") : name;
}

} // namespace

QString dueSaid(const DueOfBatch& d)
{
    return RecordText::tr("%1: %2").arg(dueName(d.due.kind), nameOr(d.name));
}

FactPage dueFacts(const QList<DueOfBatch>& dues, std::int64_t now, const Speech& s)
{
    FactPage page;
    page.title = RecordText::tr("What is due");
    page.lead = dues.isEmpty() ? RecordText::tr("Nothing is due in this time.")
                               : RecordText::tr("%n thing(s) to do.", nullptr, int(dues.size()));
    QDate day;
    for (const DueOfBatch& d : dues) {
        const QDate on = momentOf(d.due.at).toLocalTime().date();
        if (on != day) {
            page.sections.append({s.date(on), {}, {}});
            day = on;
        }
        const bool late = d.due.kind != DueKind::Ready && d.due.closes < now;
        page.sections.last().facts.append({dueName(d.due.kind), nameOr(d.name),
                                           late ? RecordText::tr("its time is past") : QString(),
                                           d.due.kind == DueKind::Test ? Fact::Tone::Danger
                                           : late                      ? Fact::Tone::Care
                                                                       : Fact::Tone::Plain,
                                           QStringLiteral("batch:") + d.batch,
                                           RecordText::tr("Open")});
    }
    FactSection cure;
    cure.title = RecordText::tr("What these dates are not");
    cure.sentence = cureDoesNot();
    if (!dues.isEmpty())
        page.sections.append(cure);
    return page;
}

QList<CalendarEntry> calendarEntries(const QList<DueOfBatch>& dues)
{
    QList<CalendarEntry> out;
    for (const DueOfBatch& d : dues)
        out.append(
            {QStringLiteral("%1-%2@rhexion").arg(d.batch, QLatin1String(codeOf(d.due.kind))),
             dueSaid(d),
             d.due.kind == DueKind::Ready
                 ? RecordText::tr("Ready for water and feel. It never says that a bar may go "
                                  "on skin.")
                 : QString(),
             momentOf(d.due.at).toLocalTime().date()});
    return out;
}

FactPage barsFacts(const QList<BarsOf>& bars, std::int64_t now, const Speech& s)
{
    FactPage page;
    page.title = RecordText::tr("Bars on the rack");
    int left = 0, ready = 0;
    FactSection section;
    section.title = RecordText::tr("By the day they are ready");
    QList<BarsOf> sorted = bars;
    std::ranges::stable_sort(sorted, {}, &BarsOf::ready);
    for (const BarsOf& b : sorted) {
        left += b.bars.left();
        const bool isReady = b.ready != 0 && b.ready <= now;
        ready += isReady ? b.bars.left() : 0;
        Fact fact{
            nameOr(b.name), RecordText::tr("%n bar(s)", nullptr, b.bars.left()),
            b.ready == 0 ? QString()
            : isReady
                ? RecordText::tr("ready since %1")
                      .arg(s.date(momentOf(b.ready).toLocalTime().date()))
                : RecordText::tr("ready %1").arg(s.date(momentOf(b.ready).toLocalTime().date()))};
        fact.action = QStringLiteral("batch:") + b.batch;
        fact.actionText = b.code.isEmpty() ? RecordText::tr("Open") : b.code;
        section.facts.append(fact);
    }
    page.lead = bars.isEmpty() ? RecordText::tr("No bars are counted.")
                               : RecordText::tr("%n bar(s) left, %1 of them ready by their day.",
                                                nullptr, left)
                                     .arg(ready);
    page.sections.append(section);
    return page;
}

FactPage stockFacts(const StockNow& stock, const std::function<QString(const std::string&)>& nameOf,
                    const QDate& today, const Speech& s)
{
    FactPage page;
    page.title = RecordText::tr("The shelf as it is now");
    const bool quiet = stock.low.isEmpty() && stock.dated.isEmpty() && stock.short_.isEmpty() &&
                       stock.again.isEmpty();
    page.lead = quiet ? RecordText::tr("Nothing is low and nothing is near its date.")
                      : RecordText::tr("Notes for the next order.");
    const auto add = [&](FactSection section) {
        if (!section.facts.isEmpty())
            page.sections.append(std::move(section));
    };
    FactSection low{
        RecordText::tr("Low"),
        RecordText::tr("By eight weeks of use and the time an order takes; by two makings "
                       "of what is made again where little was used."),
        {}};
    for (const LowOf& l : stock.low)
        low.facts.append({nameOf(l.material), s.wholeMass(l.onHand),
                          RecordText::tr("wanted: %1").arg(s.wholeMass(l.wanted)),
                          Fact::Tone::Care});
    add(low);
    FactSection dated{RecordText::tr("Near its date"), {}, {}};
    for (const JarOf& jar : stock.dated)
        dated.facts.append({RecordText::tr("%1, %2").arg(nameOf(jar.material), jar.name),
                            s.date(jar.bestBefore),
                            jar.bestBefore < today ? RecordText::tr("past it") : QString(),
                            jar.bestBefore < today ? Fact::Tone::Care : Fact::Tone::Plain});
    add(dated);
    FactSection less{RecordText::tr("Count these"), {}, {}};
    for (const JarOf& jar : stock.short_)
        less.facts.append({RecordText::tr("%1, %2").arg(nameOf(jar.material), jar.name),
                           {},
                           RecordText::tr("the shelf says %1 less than you used: count it")
                               .arg(s.mass(-jar.now.grams.value_or(0.0))),
                           Fact::Tone::Care});
    add(less);
    FactSection again{RecordText::tr("Make again"), {}, {}};
    for (const AgainOf& a : stock.again)
        again.facts.append({nameOr(a.name), RecordText::tr("%n bar(s)", nullptr, a.bars), {}});
    add(again);
    FactSection jars{RecordText::tr("Open jars"), {}, {}};
    jars.columns = {RecordText::tr("holds"), RecordText::tr("best before")};
    for (const JarOf& jar : stock.jars)
        jars.facts.append(
            {RecordText::tr("%1, %2").arg(nameOf(jar.material), jar.name),
             {},
             {},
             Fact::Tone::Plain,
             {},
             {},
             {jar.now.grams ? s.wholeMass(*jar.now.grams) : QStringLiteral("—"),
              jar.bestBefore.isValid() ? s.date(jar.bestBefore) : QStringLiteral("—")}});
    add(jars);
    return page;
}

QString historySaid(const MaterialHistory& h)
{
    if (h.batches == 0)
        return {};
    QStringList out{RecordText::tr("In %n batch(es) of yours.", nullptr, h.batches)};
    for (const auto& [fact, n] : h.facts)
        if (fact.starts_with("seen:"))
            if (const auto seen = seenFromCode(fact.substr(5)))
                out << RecordText::tr("%1 in %2 of %3.").arg(seenName(*seen)).arg(n).arg(h.told);
    return out.join(QLatin1Char(' '));
}

QList<Remembered> remembered(const QList<LessonOf>& lessons, std::span<const MishapBefore> mishaps,
                             const std::function<QString(const std::string&)>& nameOf)
{
    QList<Remembered> out;
    for (const LessonOf& l : lessons)
        out.append({RecordText::tr("A lesson of %1: %2")
                        .arg(nameOr(l.name), QString::fromStdString(l.lesson.words)),
                    l.batch, "lesson:" + l.event});
    for (const MishapBefore& m : mishaps) {
        QStringList things;
        std::string key = std::string("seen:") + codeOf(m.seen);
        for (const std::string& thing : m.things) {
            things << batchFactSaid(thing, nameOf);
            key += ' ' + thing;
        }
        out.append({RecordText::tr("%1 in %2 of the last %3 batches %4 you wrote of.")
                        .arg(capital(seenName(m.seen)))
                        .arg(m.times)
                        .arg(m.of)
                        .arg(things.join(QLatin1Char(' '))),
                    QString::fromStdString(m.batch), key});
    }
    return out;
}

} // namespace rhexion::words
