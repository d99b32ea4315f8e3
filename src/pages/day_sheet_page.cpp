#include "pages/day_sheet_page.h"

#include "core/makeday/step_readings.h"
#include "words/day_plan_words.h"
#include "words/day_words.h"
#include "words/heat_words.h"
#include "words/safety_words.h"

#include <QCoreApplication>

namespace rhexion {

namespace {

struct DaySheetText {
    Q_DECLARE_TR_FUNCTIONS(DaySheet)
};

// A box to tick out of brackets: no typeface is asked for a sign it may not have.
QString box()
{
    return QStringLiteral("<td width='5%'><b>[&nbsp;&nbsp;&nbsp;]</b></td>");
}

QString placed(const QString& html, const char* width)
{
    return QStringLiteral("<td width='%1' valign='top'>%2</td>").arg(QLatin1String(width), html);
}

QString blanks(const DayStep& step)
{
    QStringList out;
    if (step.weighs())
        out << DaySheetText::tr("weighed ______");
    for (const ReadingOf what : readingsAt(step.kind))
        out << QStringLiteral("%1 ____").arg(words::readingOfName(what).toHtmlEscaped());
    return out.join(QStringLiteral("<br>"));
}

QString row(const QString& time, const DayStep& step, const DayOf& day, const Reckoning& r,
            const Speech& s)
{
    QString what =
        QStringLiteral("<b>%1</b>").arg(words::dayStepTitle(step, *day.formula).toHtmlEscaped());
    if (step.plannedGrams > 0.0)
        what += QStringLiteral(" <b>%1</b>").arg(s.mass(step.plannedGrams).toHtmlEscaped());
    // Said in full at the top of the page already.
    if (step.kind != DayStepKind::Prepare && !step.weighs())
        what +=
            QStringLiteral("<br>") + words::dayStepAdvice(step, *day.formula, r, s).toHtmlEscaped();
    return QStringLiteral("<tr>%1%2%3%4</tr>")
        .arg(box(), placed(time.toHtmlEscaped(), "14%"), placed(what, "58%"),
             placed(blanks(step), "24%"));
}

} // namespace

QString daySheetHtml(const std::vector<DayOf>& days, const std::vector<Reckoning>& reckonings,
                     const Schedule& schedule, const ScheduleWish& wish,
                     const std::vector<LaterStep>& later, const Speech& s)
{
    QStringList names;
    for (const DayOf& day : days)
        names << QString::fromStdString(day.formula->name);
    QString html = QStringLiteral("<style>td{padding:3px 8px 3px 0} h1{margin:0} h2{margin:10px 0 "
                                  "2px 0} p{margin:3px 0}</style><h1>%1</h1><p>%2</p><p>%3</p>"
                                  "<p>%4</p>")
                       .arg(names.join(QStringLiteral(" + ")).toHtmlEscaped(),
                            words::dayLength(schedule, s).toHtmlEscaped(),
                            words::safety().toHtmlEscaped(), words::firstAid().toHtmlEscaped());
    const std::int64_t pours = schedule.pours != 0 ? schedule.pours : wish.now;
    QString before;
    for (std::size_t d = 0; d < days.size(); ++d)
        for (const DayStep& step : days[d].plan->steps)
            if (const auto ahead = daysBefore(step, *days[d].formula))
                before += row(s.date(QDateTime::fromMSecsSinceEpoch(pours).date().addDays(-*ahead)),
                              step, days[d], reckonings[d], s);
    const auto table = [](const QString& title, const QString& rows) {
        return rows.isEmpty() ? QString()
                              : QStringLiteral("<h2>%1</h2><table width='100%'>%2</table>")
                                    .arg(title.toHtmlEscaped(), rows);
    };
    html += table(DaySheetText::tr("Days before"), before);
    QString rows;
    std::size_t last = days.size();
    for (const ScheduledStep& step : schedule.steps) {
        if (days.size() > 1 && step.day != last)
            rows += QStringLiteral("<tr><td></td><td colspan='3'><i>%1</i></td></tr>")
                        .arg(names[qsizetype(step.day)].toHtmlEscaped());
        last = step.day;
        rows += row(words::clockTime(step.from, wish.now), days[step.day].plan->steps[step.step],
                    days[step.day], reckonings[step.day], s);
    }
    html += table(DaySheetText::tr("On the day"), rows);
    QString after;
    for (const LaterStep& step : later) {
        const auto at = [&](double hours) {
            return words::laterTime(pours + std::int64_t(hours * 3600000.0), wish.now, s);
        };
        after += QStringLiteral("<tr>%1%2%3%4</tr>")
                     .arg(box(), placed(at(step.hours.low()).toHtmlEscaped(), "14%"),
                          placed(QStringLiteral("<b>%1</b> %2")
                                     .arg(words::laterName(step.kind).toHtmlEscaped(),
                                          DaySheetText::tr("until %1")
                                              .arg(at(step.hours.high()))
                                              .toHtmlEscaped()),
                                 "58%"),
                          placed(DaySheetText::tr("done ______").toHtmlEscaped(), "24%"));
    }
    html += table(DaySheetText::tr("After pouring"), after);
    html += QStringLiteral("<p>%1</p>").arg(words::localLaw().toHtmlEscaped());
    return html;
}

} // namespace rhexion
