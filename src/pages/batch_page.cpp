#include "pages/batch_page.h"

#include "storage/event_json.h"
#include "words/day_words.h"
#include "words/heat_words.h"
#include "words/names.h"
#include "words/slip_words.h"

#include <QCoreApplication>

#include <algorithm>
#include <cmath>

namespace rhexion {

namespace {

struct BatchText {
    Q_DECLARE_TR_FUNCTIONS(Batch)
};

// The last word on each thing; the words before it stand beside it.
QString weighedHtml(const Batch& batch, const Speech& speech)
{
    QString html = QStringLiteral("<h3>%1</h3>").arg(BatchText::tr("Weighed"));
    const std::vector<Weighed> words = batch.lastWords();
    if (words.empty())
        html += QStringLiteral("<p class='m'>%1</p>").arg(BatchText::tr("Nothing was weighed."));
    html += QStringLiteral("<table>");
    if (!words.empty())
        html += QStringLiteral("<tr><td></td><td class='m' align='right'>%1</td>"
                               "<td class='m' align='right'>%2</td><td></td></tr>")
                    .arg(BatchText::tr("planned"), BatchText::tr("weighed"));
    for (const Weighed& w : words) {
        double planned = 0.0;
        QStringList before;
        for (const WeighedAt& earlier : batch.weighings)
            if (earlier.weighed.target == w.target) {
                planned = earlier.plannedGrams;
                before.append(speech.mass(earlier.weighed.grams));
            }
        before.removeLast(); // this one
        const double off = w.grams - planned;
        QStringList remarks;
        if (w.origin == WeighOrigin::AsPlanned)
            remarks.append(BatchText::tr("taken as planned"));
        if (w.origin == WeighOrigin::Scale)
            remarks.append(words::originName(w.origin));
        if (std::abs(off) >= 0.05)
            remarks.append((off > 0 ? QStringLiteral("+") : QString()) + speech.mass(off));
        if (!before.isEmpty())
            remarks.append(BatchText::tr("before: %1").arg(before.join(QStringLiteral(", "))));
        html += QStringLiteral("<tr><td>%1</td><td align='right'>%2</td><td align='right'>%3</td>"
                               "<td class='off'>%4</td></tr>")
                    .arg(words::targetName(w.target, batch.formula).toHtmlEscaped(),
                         speech.mass(planned), speech.mass(w.grams),
                         remarks.join(QStringLiteral("; ")));
    }
    for (const auto& [event, topUp, at] : batch.topUps)
        html +=
            QStringLiteral("<tr><td>%1</td><td></td><td align='right'>%2</td><td class='off'>%3"
                           "</td></tr>")
                .arg(QString::fromStdString(topUp.material->name).toHtmlEscaped(),
                     speech.mass(topUp.grams),
                     BatchText::tr("beside the plan, %1").arg(words::vesselPlace(topUp.vessel)));
    html += QStringLiteral("</table>");
    if (const QString counted = words::originsSaid(batch.origins()); !counted.isEmpty())
        html += QStringLiteral("<p class='m'>%1</p>")
                    .arg(BatchText::tr("Weights: %1.").arg(counted).toHtmlEscaped());
    const auto taken = std::ranges::count(words, WeighOrigin::AsPlanned, &Weighed::origin);
    if (taken > 0)
        html += QStringLiteral("<p class='m'>%1</p>")
                    .arg(BatchText::tr("%n weight(s) were taken as planned, not weighed.", nullptr,
                                       int(taken)));
    return html;
}

// What went otherwise than planned, and what nearly did.
QString happenedHtml(const Batch& batch, const Speech& speech, const auto& when)
{
    QString rows;
    const auto row = [&](const QString& what, std::int64_t at) {
        rows += QStringLiteral("<tr><td>%1</td><td class='m'>%2</td></tr>")
                    .arg(what.toHtmlEscaped(), at != 0 ? when(momentOf(at)) : QString());
    };
    for (const LostAt& lost : batch.losses)
        row(BatchText::tr("Lost: %1 of what was there, %2")
                .arg(speech.percent(lost.loss.share),
                     words::placeName(lost.loss.place, lost.loss.portion, batch.formula)),
            lost.at);
    for (const Substitute& other : batch.substitutes)
        row(BatchText::tr("%1 in place of %2")
                .arg(other.material ? QString::fromStdString(other.material->name) : QString(),
                     words::lineName(other.line, batch.formula)),
            0);
    for (const DayStep& step : batch.plan.steps)
        if (std::ranges::find(batch.skipped, keyOf(step)) != batch.skipped.end())
            row(BatchText::tr("Left out: %1").arg(words::dayStepTitle(step, batch.formula)), 0);
    for (const MissedAt& miss : batch.nearMisses)
        row(BatchText::tr("Near miss: %1").arg(words::nearMissName(miss.kind)), miss.at);
    if (batch.blended.bursts > 0)
        row(BatchText::tr("Blended in %n burst(s), %1", nullptr, batch.blended.bursts)
                .arg(speech.minutes(batch.blended.seconds / 60.0)),
            0);
    return rows.isEmpty() ? QString()
                          : QStringLiteral("<h3>%1</h3><table>%2</table>")
                                .arg(BatchText::tr("What happened").toHtmlEscaped(), rows);
}

QString readingsHtml(const Batch& batch, const Speech& speech, const auto& when)
{
    if (batch.readings.empty() && batch.looks.empty())
        return {};
    QString html =
        QStringLiteral("<h3>%1</h3><table>").arg(BatchText::tr("Readings").toHtmlEscaped());
    const auto row = [&](const QString& what, const QString& value, std::int64_t at) {
        html += QStringLiteral("<tr><td>%1</td><td align='right'>%2</td><td class='m'>%3</td></tr>")
                    .arg(what.toHtmlEscaped(), value.toHtmlEscaped(), when(momentOf(at)));
    };
    for (const ReadingAt& r : batch.readings)
        row(words::readingOfName(r.what), speech.temperature(r.celsius), r.at);
    for (const LookAt& look : batch.looks)
        row(BatchText::tr("Looked in"), words::lookSawName(look.saw), look.at);
    return html + QStringLiteral("</table>");
}

} // namespace

QString batchHtml(const Batch& batch, const Speech& speech, const PageLook& look)
{
    const BatchSummary s = summaryOf(batch);
    const auto when = [&](const QDateTime& at) { return speech.dateTime(at).toHtmlEscaped(); };
    QString html =
        QStringLiteral(
            "<style>td { padding: 2px 18px 2px 0; } .m { color: %1; } h2 { margin: 0; }"
            " h3 { margin: 14px 0 4px 0; } .off { color: %2; font-weight: 600; }</style>")
            .arg(look.muted, look.care);
    html +=
        QStringLiteral("<h2>%1</h2><p class='m'>%2</p>")
            .arg(s.name.toHtmlEscaped(),
                 s.finished.isValid()
                     ? BatchText::tr("Begun %1, ended %2").arg(when(s.started), when(s.finished))
                     : BatchText::tr("Begun %1").arg(when(s.started)));
    html += QStringLiteral("<h3>%1</h3><table><tr><td></td><td class='m' align='right'>%2</td>"
                           "<td class='m' align='right'>%3</td></tr>")
                .arg(BatchText::tr("What came of it"), BatchText::tr("planned"),
                     BatchText::tr("as made"));
    const auto row = [&](const QString& name, const QString& planned, const QString& made) {
        html +=
            QStringLiteral("<tr><td>%1</td><td align='right'>%2</td><td align='right'>%3</td></tr>")
                .arg(name.toHtmlEscaped(), planned, made);
    };
    const auto percent = [&](const std::optional<double>& v) {
        return v ? speech.percent(*v) : QStringLiteral("—");
    };
    row(BatchText::tr("True superfat"), speech.percent(s.superfatPlanned), percent(s.superfat));
    row(BatchText::tr("Batch strength"), speech.percent(s.strengthPlanned), percent(s.strength));
    html += QStringLiteral("</table>") + weighedHtml(batch, speech);
    if (!batch.unreadable.empty())
        html += QStringLiteral("<p class='m'>%1</p>")
                    .arg(BatchText::tr("%n thing(s) that happened to it cannot be read.", nullptr,
                                       int(batch.unreadable.size())));
    html += happenedHtml(batch, speech, when);
    html += readingsHtml(batch, speech, when);
    html += QStringLiteral("<h3>%1</h3>").arg(BatchText::tr("Notes"));
    if (batch.notes.empty())
        html += QStringLiteral("<p class='m'>%1</p>").arg(BatchText::tr("None yet."));
    for (const NotedAt& note : batch.notes)
        html +=
            QStringLiteral("<p>%1<br><span class='m'>%2</span></p>")
                .arg(QString::fromStdString(note.text).toHtmlEscaped(), when(momentOf(note.at)));
    return html;
}

} // namespace rhexion
