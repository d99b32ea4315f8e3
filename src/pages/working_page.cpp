#include "pages/working_page.h"

#include "words/school_words.h"
#include "words/working_words.h"

#include <QCoreApplication>

namespace rhexion {

namespace {

struct WorkingText {
    Q_DECLARE_TR_FUNCTIONS(Working)
};

QString schoolsHtml(const Formula& formula, const Speech& speech)
{
    QString html;
    for (const SchoolTold& told : schoolsOf(formula)) {
        html += QStringLiteral("<p><span class='s'>%1</span><br><span class='o'>%2</span>")
                    .arg(words::schoolQuestion(told.school).toHtmlEscaped(),
                         words::schoolReason(told.school).toHtmlEscaped());
        for (const SchoolAnswer& answer : told.answers) {
            const QString option = words::schoolOption(told.school, answer.option);
            html += QStringLiteral("<br>%1: %2")
                        .arg((answer.option == told.chosen ? WorkingText::tr("here, %1").arg(option)
                                                           : option)
                                 .toHtmlEscaped(),
                             words::schoolFigures(answer, speech).toHtmlEscaped());
        }
        html += QStringLiteral("</p>");
    }
    return html;
}

} // namespace

QString workingHtml(const Formula& formula, const Reckoning& reckoning, const Speech& speech,
                    const WorkingStyle& style)
{
    QString html = QStringLiteral("<style>p { margin: 0 0 9px 0; } .s { font-weight: 600; }"
                                  " .o { color: %1; font-size: %2; }</style>")
                       .arg(style.muted, style.small);
    int number = 0;
    for (const Step& step : reckoning.working.steps()) {
        html += QStringLiteral("<p%1><a name='s%2'></a>%3<br><span class='s'>%4</span>")
                    .arg(number == style.marked
                             ? QStringLiteral(" style='background:%1'").arg(style.wash)
                             : QString())
                    .arg(number)
                    .arg(words::stepTitle(step, formula).toHtmlEscaped(),
                         words::stepSum(step, reckoning.working, speech).toHtmlEscaped());
        const QString source = words::stepSource(step, formula);
        if (!source.isEmpty())
            html += QStringLiteral("<br><span class='o'>%1</span>").arg(source.toHtmlEscaped());
        html += QStringLiteral("</p>");
        ++number;
    }
    const QString schools = schoolsHtml(formula, speech);
    if (!schools.isEmpty())
        html +=
            QStringLiteral("<p><a name='schools'></a><span class='s'>%1</span></p>%2")
                .arg(WorkingText::tr("Where makers differ, and what each would weigh"), schools);
    return html;
}

} // namespace rhexion
