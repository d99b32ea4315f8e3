// rhexion-cli: the reckoning without a window.
#include "cli/answers.h"
#include "cli/formula_input.h"
#include "cli/journal_commands.h"
#include "cli/making_commands.h"
#include "cli/report.h"
#include "cli/report_json.h"
#include "core/formula/phrase.h"
#include "recipe/recipe.h"
#include "storage/catalogue.h"
#include "storage/catalogue_lookup.h"
#include "storage/fittings.h"
#include "storage/formula_json.h"
#include "storage/material_json.h"
#include "storage/material_names.h"
#include "storage/program_files.h"
#include "words/meaning_words.h"
#include "words/plain_text.h"
#include "words/refusal_words.h"
#include "words/search_words.h"
#include "words/translation.h"

#include <QCommandLineParser>
#include <QCoreApplication>
#include <QFile>
#include <QJsonArray>
#include <QJsonDocument>
#include <QProcess>
#include <QTemporaryFile>

#include <cstdio>
#include <future>

using namespace rhexion;

namespace {

using namespace cli;

struct CliText {
    Q_DECLARE_TR_FUNCTIONS(Cli)
};

QString helpText()
{
    return CliText::tr(
               "Rhexion reckons lye and liquid for soap formulas.\n"
               "\n"
               "  rhexion-cli reckon FILE [--fittings F] [--all-cautions] [--json] [--unit "
               "g|oz|lb]\n"
               "      what to weigh, the alkali and water accounts, superfats, strengths,\n"
               "      how sure they are, cautions and the whole working; FILE - reads stdin\n"
               "      wherever a command takes FILE, a recipe’s text will do: what is not\n"
               "      certain in it is asked, and answered with --answer LINE=ANSWER\n"
               "  rhexion-cli sheet FILE --pdf OUT [--unit g|oz|lb] [--working]\n"
               "      the batch sheet as a one-page PDF, the working on pages after it\n"
               "  rhexion-cli sheet FILE --pdf OUT --day [--large] [--pour-at TIME]\n"
               "      the day sheet: times, boxes to tick, blanks; large to be read at arm’s "
               "length\n"
               "  rhexion-cli materials [WORD...] [--json]\n"
               "      materials of the catalogue; with a word, those of it and of the foods table\n"
               "      that match\n"
               "  rhexion-cli identify NAME [--json]\n"
               "      which material a name means, or what is asked about it; - reads names from\n"
               "      stdin, one a line\n") +
           makingHelp() + journalHelp() +
           CliText::tr(
               "  rhexion-cli --help | --version\n"
               "\n"
               "Exit codes: 0 good, 1 bad input (the reason is on stderr), 2 wrong usage.\n");
}

// The maker's plan of heat out of her fittings; nothing where there are none, the fault said.
std::optional<HeatPlan> usualPlan(const QString& fittings)
{
    if (fittings.isEmpty())
        return HeatPlan{};
    const auto read = readFittings(fittings);
    if (const auto* fault = std::get_if<FileFault>(&read)) {
        bad(fittings, words::fileFault(*fault));
        return std::nullopt;
    }
    return std::get<Fittings>(read).heat.value_or(HeatPlan{});
}

int reckonFile(const QString& path, const QStringList& answers, bool json, bool allCautions,
               const QString& fittings, const Speech& speech)
{
    const auto usual = usualPlan(fittings);
    if (!usual)
        return BadInput;
    const auto read = readFormulaOrRecipe(path, answers, speech);
    if (const int* code = std::get_if<int>(&read))
        return *code;
    const Formula& formula = std::get<Formula>(read);
    const ReckonResult result = reckon(formula);
    if (const auto* refusal = std::get_if<Refusal>(&result)) {
        if (json)
            putJson(refusalJson(formula, *refusal, speech));
        return bad(path, words::refusal(*refusal, speech));
    }
    const auto& reckoning = std::get<Reckoning>(result);
    // The forecast of heat beside the draws of the doubt: neither waits for the other.
    auto telling = std::async(std::launch::async, [&] {
        heat::ForecastOptions coarse;
        coarse.coarse = true;
        return heat::tellHeat(formula, reckoning, *usual, coarse);
    });
    const auto doubt = doubtOf(formula, reckoning);
    const Doubt* drawn = doubt ? &*doubt : nullptr;
    const heat::HeatTold heat = *telling.get(); // nothing cancels it
    if (json)
        return putJson(reckoningJson(formula, reckoning, drawn, heat, speech));
    return put(stdout, reckoningReport(formula, reckoning, drawn, heat, allCautions, speech))
               ? Good
               : BadInput;
}

// Drawing a page needs Qt's graphics libraries, which are slow to load; only this command pays.
int sheet(const QString& path, const QStringList& answers, const QString& pdf, const QString& unit,
          const QStringList& how)
{
    const auto read = readFormulaOrRecipe(path, answers, Speech());
    if (const int* code = std::get_if<int>(&read))
        return *code;
    // The sheet writer reads a file; a recipe's text is one only now.
    QTemporaryFile formula;
    if (!formula.open() || formula.write(formulaToJson(std::get<Formula>(read))) < 0 ||
        !formula.flush())
        return bad(path, formula.errorString());
    QProcess process;
    process.setProcessChannelMode(QProcess::ForwardedChannels);
    process.start(programBeside(QStringLiteral("rhexion-sheet")),
                  QStringList{formula.fileName(), pdf, unit} + how);
    if (!process.waitForStarted())
        return bad(path,
                   CliText::tr("the sheet writer, rhexion-sheet, is not beside this program."));
    process.waitForFinished(-1);
    return process.exitStatus() == QProcess::NormalExit ? process.exitCode() : int(BadInput);
}

const char* codeOf(IdentityVerdict verdict)
{
    switch (verdict) {
    case IdentityVerdict::Certain: return "certain";
    case IdentityVerdict::Ambiguous: return "ambiguous";
    case IdentityVerdict::Near: return "near";
    case IdentityVerdict::Unknown: break;
    }
    return "unknown";
}

// Which material a name means, and what is asked where that is not certain. "-": names a line from
// standard input.
int identifyNames(const QString& text, bool json)
{
    QStringList names{text};
    if (text == QLatin1String("-")) {
        const auto read = readInput(text, qint64(longestRecipe));
        if (const int* code = std::get_if<int>(&read))
            return *code;
        names = QString::fromUtf8(std::get<QByteArray>(read)).split(QLatin1Char('\n'));
    }
    const CatalogueLookup lookup(Foods::shippedPath(), words::searchRules());
    QJsonArray out;
    for (const QString& line : names) {
        const QString name = line.trimmed();
        if (name.isEmpty())
            continue;
        const Meant meant = lookup.find(name.toStdString());
        const QString question = words::whichIsMeant({meant.verdict, {}, meant.general}, name);
        QJsonArray materials;
        QStringList said;
        for (const MaterialPtr& m : meant.materials) {
            materials.append(QString::fromStdString(m->id));
            said << materialName(*m);
        }
        if (json)
            out.append(QJsonObject{{"name", name},
                                   {"verdict", QString::fromLatin1(codeOf(meant.verdict))},
                                   {"question", question},
                                   {"materials", materials}});
        else
            put(stdout,
                forTerminal(
                    QStringLiteral("%1: %2%3%4")
                        .arg(name, question,
                             question.isEmpty() || said.isEmpty() ? QString() : QStringLiteral(" "),
                             said.join(QStringLiteral("; ")))) +
                    QLatin1Char('\n'));
    }
    if (json)
        put(stdout, QJsonDocument(out).toJson());
    return Good;
}

int listMaterials(const QString& word, bool json)
{
    const auto& all = Catalogue::shipped().materials();
    std::vector<MaterialPtr> found = all;
    if (!word.isEmpty()) {
        found.clear();
        // The foods table answers too, behind the catalogue, as on the bench.
        found =
            CatalogueLookup(Foods::shippedPath(), words::searchRules()).search(word.toStdString());
    }
    if (found.empty())
        return bad(word, CliText::tr("no material of the catalogue or the foods table matches."));
    if (!json) {
        put(stdout, materialsReport(found, Speech()));
        return Good;
    }
    QJsonArray materials;
    for (const MaterialPtr& material : found) {
        QJsonObject out = toJson(*material);
        QJsonArray sources;
        for (const Source& source : material->sources)
            sources.append(toJson(source));
        out["sources"] = sources;
        materials.append(out);
    }
    put(stdout, QString::fromUtf8(QJsonDocument(materials).toJson()));
    return Good;
}

} // namespace

int main(int argc, char** argv)
{
    QCoreApplication app(argc, argv);
    QCoreApplication::setApplicationName(QStringLiteral("rhexion-cli"));
    QCoreApplication::setApplicationVersion(QStringLiteral(RHEXION_VERSION));

    speakLanguage(app);
    QCommandLineParser parser;
    const QCommandLineOption help({"h", "help"}, {});
    const QCommandLineOption version({"v", "version"}, {});
    const QCommandLineOption json("json", {});
    const QCommandLineOption pdf("pdf", {}, "out");
    const QCommandLineOption unit("unit", {}, "unit", "g");
    const QCommandLineOption working("working", {});
    const QCommandLineOption allCautions("all-cautions", {});
    const QCommandLineOption markdown("markdown", {});
    const QCommandLineOption noGuards("no-guards", {});
    const QCommandLineOption fittings("fittings", {}, "file");
    const QCommandLineOption journal("journal", {}, "file");
    const QCommandLineOption hardness("hardness", {}, "hardness");
    const QCommandLineOption dose("dose", {}, "grams");
    const QCommandLineOption wish("wish", {}, "wish");
    const QCommandLineOption offer("offer", {}, "oil");
    const QCommandLineOption atMost("at-most", {}, "oils");
    const QCommandLineOption bars("bars", {}, "bars");
    const QCommandLineOption cured("cured", {}, "grams");
    const QCommandLineOption mould("mould", {}, "shape");
    const QCommandLineOption pourAt("pour-at", {}, "time");
    const QCommandLineOption day("day", {});
    const QCommandLineOption large("large", {});
    const QCommandLineOption within("within", {}, "hours");
    const QCommandLineOption find("find", {}, "words");
    const QCommandLineOption format("format", {}, "format");
    const QCommandLineOption check("check", {});
    const QCommandLineOption left("left", {}, "material=grams");
    const QCommandLineOption answer("answer", {}, "line=answer");
    const QCommandLineOption output({"o", "output"}, {}, "file");
    const QCommandLineOption force("force", {});
    parser.addOptions({help,     version, json,     pdf,    unit,   working,    markdown, noGuards,
                       fittings, journal, hardness, dose,   wish,   offer,      atMost,   bars,
                       cured,    mould,   left,     pourAt, within, day,        large,    find,
                       format,   check,   answer,   output, force,  allCautions});
    if (!parser.parse(app.arguments()))
        return wrongUse(parser.errorText());
    if (parser.isSet(help)) {
        put(stdout, helpText());
        return Good;
    }
    if (parser.isSet(version)) {
        put(stdout, QStringLiteral("rhexion-cli %1\n").arg(app.applicationVersion()));
        return Good;
    }
    QStringList words = parser.positionalArguments();
    if (words.isEmpty())
        return wrongUse(
            CliText::tr("say what to do: reckon, sheet, materials, mould, scent, blend, water, "
                        "working, heat, day, journal, solve, parse, formula or text."));
    const QString command = words.takeFirst();
    const auto habits = habitsWithUnit(parser.value(unit));
    if (!habits)
        return wrongUse(CliText::tr("--unit takes g, oz or lb."));

    if (command == QLatin1String("materials"))
        return listMaterials(words.join(QLatin1Char(' ')), parser.isSet(json));
    if (command == QLatin1String("identify"))
        return words.isEmpty()
                   ? wrongUse(CliText::tr("identify takes a name, or - for names a line."))
                   : identifyNames(words.join(QLatin1Char(' ')), parser.isSet(json));
    if (command == QLatin1String("journal")) {
        JournalOptions options;
        options.json = parser.isSet(json);
        options.find = parser.value(find);
        options.format = parser.value(format);
        options.fittings = parser.value(fittings);
        options.check = parser.isSet(check);
        options.force = parser.isSet(force);
        options.speech = Speech(*habits);
        return runJournalCommand(words, options);
    }
    if (isMakingCommand(command)) {
        MakingOptions options;
        options.json = parser.isSet(json);
        options.markdown = parser.isSet(markdown);
        options.guards = !parser.isSet(noGuards);
        options.fittings = parser.value(fittings);
        options.journal = parser.value(journal);
        options.hardness = parser.value(hardness);
        options.wishes = parser.values(wish);
        options.offers = parser.values(offer);
        options.mould = parser.value(mould);
        options.left = parser.values(left);
        options.answers = parser.values(answer);
        options.output = parser.value(output);
        options.force = parser.isSet(force);
        options.pourAt = parser.value(pourAt);
        options.speech = Speech(*habits);
        for (const auto& [option, into] :
             {std::pair(&dose, &options.dose), std::pair(&bars, &options.bars),
              std::pair(&cured, &options.cured), std::pair(&within, &options.within)}) {
            if (!parser.isSet(*option))
                continue;
            bool good = false;
            *into = QLocale::c().toDouble(parser.value(*option), &good);
            if (!good || !(**into > 0.0))
                return wrongUse(
                    CliText::tr("--%1 takes a number above 0.").arg(option->names().first()));
        }
        if (parser.isSet(atMost)) {
            bool good = false;
            options.atMost = parser.value(atMost).toInt(&good);
            if (!good || *options.atMost < 0)
                return wrongUse(CliText::tr("--at-most takes a whole number."));
        }
        return runMakingCommand(command, words, options);
    }
    if (command != QLatin1String("reckon") && command != QLatin1String("sheet"))
        return wrongUse(CliText::tr("“%1” is not a command.").arg(command));
    if (words.size() != 1)
        return wrongUse(CliText::tr("%1 takes one formula file or recipe.").arg(command));
    if (command == QLatin1String("reckon"))
        return reckonFile(words.first(), parser.values(answer), parser.isSet(json),
                          parser.isSet(allCautions), parser.value(fittings), Speech(*habits));
    if (!parser.isSet(pdf))
        return wrongUse(CliText::tr("sheet needs --pdf OUT."));
    QStringList how;
    if (parser.isSet(day)) {
        const auto at = timeOfDay(parser.value(pourAt));
        if (!at)
            return wrongUse(CliText::tr("--pour-at takes a time such as 15:00."));
        how << (parser.isSet(large) ? QStringLiteral("day-large") : QStringLiteral("day"))
            << QString::number(*at);
    } else if (parser.isSet(working))
        how << QStringLiteral("working");
    return sheet(words.first(), parser.values(answer), parser.value(pdf), parser.value(unit), how);
}
