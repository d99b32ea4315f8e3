#include "storage/terms_json.h"

namespace rhexion {

namespace {

constexpr double mostMoney = 1e9;

struct SideOf {
    const char* key;
    double LabelSheet::*side;
};
constexpr SideOf sides[] = {
    {"pageWidth", &LabelSheet::pageWidth}, {"pageHeight", &LabelSheet::pageHeight},
    {"left", &LabelSheet::left},           {"top", &LabelSheet::top},
    {"width", &LabelSheet::width},         {"height", &LabelSheet::height},
    {"across", &LabelSheet::across},       {"down", &LabelSheet::down}};
struct MoneyOf {
    const char* key;
    double AfterTerms::*value;
    double most;
};
constexpr MoneyOf numbers_[] = {{"limitFine", &AfterTerms::limitFine, 0.05},
                                {"limitNever", &AfterTerms::limitNever, 0.05},
                                {"packagingPerBar", &AfterTerms::packagingPerBar, mostMoney},
                                {"perHour", &AfterTerms::perHour, mostMoney},
                                {"hours", &AfterTerms::hours, 1000.0},
                                {"energy", &AfterTerms::energy, mostMoney},
                                {"factor", &AfterTerms::factor, 1000.0},
                                {"tax", &AfterTerms::tax, 1.0},
                                {"taxOfLots", &AfterTerms::taxOfLots, 1.0},
                                {"produceLoss", &AfterTerms::produceLoss, 0.9},
                                {"weeksToGet", &AfterTerms::weeksToGet, 100.0}};

QString qt(const std::string& text)
{
    return QString::fromStdString(text);
}

LabelSheet readSheet(const JsonCursor& at)
{
    LabelSheet out;
    for (const SideOf& s : sides)
        out.*s.side = at.numberOr(s.key, 0.0, 2000.0, out.*s.side);
    out.columns = int(at.wholeOr("columns", 1, 50, out.columns));
    out.rows = int(at.wholeOr("rows", 1, 50, out.rows));
    if (!at.failed() && !fits(out))
        at.fail(FileFault::Code::OutOfRange, QStringLiteral("width"), QString());
    return out;
}

} // namespace

QJsonObject termsToJson(const AfterTerms& t)
{
    QJsonObject out{{"eggOrMilkSchool", t.schools.eggOrMilk},
                    {"currency", qt(t.currency)},
                    {"minorDigits", t.minorDigits},
                    {"barsToKeep", t.barsToKeep},
                    {"pricesWithTax", t.pricesWithTax},
                    {"label", codeOf(t.label)},
                    {"weight", t.weight == WeightSystem::Average ? "average" : "minimum"},
                    {"qr", t.qr},
                    {"answersForIt", qt(t.answersForIt)},
                    {"card", qt(t.card)}};
    for (const MoneyOf& n : numbers_)
        out[QLatin1String(n.key)] = t.*n.value;
    QJsonObject sheet{{"columns", t.sheet.columns}, {"rows", t.sheet.rows}};
    for (const SideOf& s : sides)
        sheet[QLatin1String(s.key)] = t.sheet.*s.side;
    out["sheet"] = sheet;
    QJsonArray claims;
    for (const ClaimWord& c : t.claims)
        claims.append(QJsonObject{{"word", qt(c.word)}, {"medical", c.kind == ClaimKind::Medical}});
    out["claims"] = claims;
    if (!t.inci.empty()) {
        QJsonObject names;
        for (const auto& [id, name] : t.inci)
            names[qt(id)] = QJsonObject{{"name", qt(name.name)}, {"soap", qt(name.soap)}};
        out["inci"] = names;
    }
    return out;
}

AfterTerms readTerms(const JsonCursor& at)
{
    AfterTerms t;
    t.schools.eggOrMilk = at.flag("eggOrMilkSchool", false);
    t.currency = at.textOr("currency", 12, qt(t.currency)).toStdString();
    t.minorDigits = int(at.wholeOr("minorDigits", 0, 3, t.minorDigits));
    t.barsToKeep = int(at.wholeOr("barsToKeep", 0, 10'000, 0));
    t.pricesWithTax = at.flag("pricesWithTax", false);
    for (const MoneyOf& n : numbers_)
        t.*n.value = at.numberOr(n.key, 0.0, n.most, t.*n.value);
    t.label = at.textOr("label", 20, {}) == QLatin1String(codeOf(LabelSchool::AsSoap))
                  ? LabelSchool::AsSoap
                  : LabelSchool::AsAdded;
    t.weight = at.textOr("weight", 20, {}) == QLatin1String("minimum") ? WeightSystem::Minimum
                                                                       : WeightSystem::Average;
    t.qr = at.flag("qr", false);
    t.answersForIt = at.textOr("answersForIt", qsizetype(limits::answersText), {}).toStdString();
    t.card = at.textOr("card", qsizetype(limits::cardText), {}).toStdString();
    if (at.has("sheet"))
        t.sheet = readSheet(at.object("sheet"));
    if (at.has("claims")) {
        t.claims.clear();
        for (const JsonCursor& c : at.array("claims", qsizetype(limits::mostClaims)))
            t.claims.push_back(
                {c.text("word", qsizetype(limits::claimWord)).toStdString(),
                 c.flag("medical", true) ? ClaimKind::Medical : ClaimKind::NotShown});
    }
    if (at.has("inci")) {
        const JsonCursor names = at.object("inci");
        for (const QString& id : names.keys()) {
            const JsonCursor one = names.object(qPrintable(id));
            t.inci[id.toStdString()] = {
                one.textOr("name", qsizetype(limits::claimWord) * 2, {}).toStdString(),
                one.textOr("soap", qsizetype(limits::claimWord) * 2, {}).toStdString()};
        }
    }
    return t;
}

} // namespace rhexion
