// rhexion-sheet FILE OUT UNIT [working]: writes the batch sheet for rhexion-cli, with no display.
#include "core/advice/reckon.h"
#include "pages/day_sheet_page.h"
#include "sheet/batch_sheet.h"
#include "sheet/day_sheet.h"
#include "sheet/shipped_fonts.h"
#include "storage/formula_json.h"
#include "words/refusal_words.h"
#include "words/translation.h"

#include <QGuiApplication>

#include <cstdio>

using namespace rhexion;

int main(int argc, char** argv)
{
    qputenv("QT_QPA_PLATFORM", "offscreen");
    QGuiApplication app(argc, argv);
    speakLanguage(app);
    const QStringList args = app.arguments();
    const bool withWorking = args.size() == 5 && args[4] == QLatin1String("working");
    const bool day = args.size() == 6 && args[4].startsWith(QLatin1String("day"));
    if (args.size() != 4 && !withWorking && !day) {
        std::fputs("rhexion-sheet is called by rhexion-cli sheet FILE --pdf OUT\n", stderr);
        return 2;
    }
    const auto fail = [](const QString& place, const QString& why) {
        std::fputs(qPrintable(QStringLiteral("%1: %2\n").arg(place, why)), stderr);
        return 1;
    };
    loadShippedFonts();
    const Speech speech(habitsWithUnit(args[3]).value_or(Habits{}));
    const auto read = readFormulaFile(args[1]);
    if (const auto* fault = std::get_if<FileFault>(&read))
        return fail(args[1], words::fileFault(*fault));
    const Formula& formula = std::get<Formula>(read);
    const ReckonResult result = reckon(formula);
    if (const auto* refusal = std::get_if<Refusal>(&result))
        return fail(args[1], words::refusal(*refusal, speech));
    if (day) {
        // How many ms since 1970 it is poured; 0: begun now.
        const qint64 pourAt = args[5].toLongLong();
        const DayPlan plan = planDay(formula, std::get<Reckoning>(result));
        const Reckoning& r = std::get<Reckoning>(result);
        const auto heat =
            heat::forecastHeat(formula, r, formula.heat.value_or(HeatPlan{})); // uncancelled
        const std::vector<DayOf> days{dayOf(plan, formula, r, &*heat)};
        ScheduleWish wish;
        wish.now = QDateTime::currentMSecsSinceEpoch();
        wish.how = pourAt > 0 ? ScheduleHow::PourAt : ScheduleHow::StartNow;
        wish.pourAt = pourAt;
        const QString html = daySheetHtml(days, {r}, scheduleOf(days, wish), wish,
                                          laterSteps(formula, r, &*heat), speech);
        if (const auto fault =
                writeDaySheetPdf(args[2], html, QString::fromStdString(formula.name),
                                 speech.habits(), args[4] == QLatin1String("day-large")))
            return fail(args[2], words::fileFault(*fault));
        return 0;
    }
    if (const auto fault =
            writeSheetPdf(args[2], formula, std::get<Reckoning>(result), speech, withWorking))
        return fail(args[2], words::fileFault(*fault));
    return 0;
}
