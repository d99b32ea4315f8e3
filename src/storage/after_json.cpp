#include "storage/after_json.h"

#include "core/materials/limits.h"

#include <QRegularExpression>

namespace rhexion {

namespace {

using Code = FileFault::Code;

constexpr const char* afterKinds[] = {
    "seen",    "care",   "judged",         "strip",       "bars-weighed", "alkali-tested", "photo",
    "verdict", "lesson", "lesson-retired", "next-change", "bars-moved",   "code"};
static_assert(std::size(afterKinds) == std::variant_size_v<AfterWhat>);

constexpr double lastMoment = 253402300799999.0; // the end of the year 9999
constexpr double mostGrams = 1e7;
constexpr double mostMinor = 1e12;
constexpr double mostMillilitres = 10'000.0;
constexpr double longestSide = 10'000.0; // mm

QString qt(const std::string& text)
{
    return QString::fromStdString(text);
}

QJsonArray texts(const std::vector<std::string>& all)
{
    QJsonArray out;
    for (const std::string& text : all)
        out.append(qt(text));
    return out;
}

struct AfterWriter {
    QJsonObject operator()(const OutcomeSeen& s) const { return {{"what", codeOf(s.what)}}; }
    QJsonObject operator()(const CareDone& c) const
    {
        QJsonObject out{{"what", codeOf(c.what)}};
        if (c.bars > 0)
            out["bars"] = c.bars;
        if (c.barMillimetres[0] > 0.0)
            out["bar"] = QJsonArray{c.barMillimetres[0], c.barMillimetres[1], c.barMillimetres[2]};
        return out;
    }
    QJsonObject operator()(const Judged& j) const
    {
        return {{"what", codeOf(j.what)}, {"of5", j.of5}};
    }
    QJsonObject operator()(const StripRead& s) const { return {{"ph", s.ph}}; }
    QJsonObject operator()(const BarsWeighed& w) const
    {
        return {{"grams", w.grams}, {"count", w.count}, {"step", w.step}, {"tray", qt(w.tray)}};
    }
    QJsonObject operator()(const AlkaliTested& t) const
    {
        if (const auto* c = std::get_if<CausticTitration>(&t.how))
            return {{"how", "caustic"},
                    {"millilitres", c->millilitres},
                    {"blank", c->blank},
                    {"acid", c->acid},
                    {"sample", c->sample}};
        if (const auto* c = std::get_if<TotalTitration>(&t.how))
            return {{"how", "total"},  {"acidMillilitres", c->acidMillilitres},
                    {"acid", c->acid}, {"baseMillilitres", c->baseMillilitres},
                    {"base", c->base}, {"sample", c->sample}};
        return {{"how", "drop"}, {"pink", std::get<bool>(t.how)}};
    }
    QJsonObject operator()(const PhotoKept& p) const
    {
        QJsonObject out{{"file", qt(p.file)}, {"of", codeOf(p.of)}, {"words", qt(p.words)}};
        if (p.colour)
            out["colour"] = double(*p.colour);
        return out;
    }
    QJsonObject operator()(const VerdictGiven& v) const
    {
        return {{"verdict", codeOf(v.verdict)}, {"words", qt(v.words)}};
    }
    QJsonObject operator()(const LessonKept& l) const
    {
        return {{"words", qt(l.words)},
                {"materials", texts(l.materials)},
                {"mould", qt(l.mould)},
                {"setting", qt(l.setting)}};
    }
    QJsonObject operator()(const LessonRetired& l) const { return {{"event", qt(l.event)}}; }
    QJsonObject operator()(const NextChange& n) const { return {{"words", qt(n.words)}}; }
    QJsonObject operator()(const BarsMoved& m) const
    {
        QJsonObject out{{"to", codeOf(m.to)}, {"count", m.count}};
        if (m.minor)
            out["minor"] = *m.minor;
        return out;
    }
    QJsonObject operator()(const CodeGiven& c) const { return {{"code", qt(c.code)}}; }
};

std::string text(const JsonCursor& at, const char* key, std::size_t longest)
{
    return at.textOr(key, qsizetype(longest), {}).toStdString();
}

CareDone readCare(const JsonCursor& at)
{
    CareDone out{at.word<Care>("what", careFromCode, Care::Unmoulded),
                 int(at.wholeOr("bars", 0, limits::mostBars, 0)),
                 {}};
    if (at.has("bar")) {
        const QList<double> sides = at.numbers("bar", 3, 0.1, longestSide);
        if (!at.failed() && sides.size() != 3)
            at.fail(Code::OutOfRange, QStringLiteral("bar"), QStringLiteral("3"));
        else if (!at.failed())
            out.barMillimetres = {sides[0], sides[1], sides[2]};
    }
    return out;
}

AlkaliTested readTest(const JsonCursor& at)
{
    const QString how = at.text("how", 20);
    const auto ml = [&](const char* key) { return at.number(key, 0.0, mostMillilitres); };
    const auto positive = [&](const char* key, double most) { return at.number(key, 1e-6, most); };
    if (how == QLatin1String("caustic"))
        return {CausticTitration{ml("millilitres"), ml("blank"), positive("acid", 2.0),
                                 positive("sample", 999.999)}};
    if (how == QLatin1String("total"))
        return {TotalTitration{positive("acidMillilitres", mostMillilitres), positive("acid", 2.0),
                               ml("baseMillilitres"), positive("base", 2.0),
                               positive("sample", 999.999)}};
    if (!at.failed() && how != QLatin1String("drop"))
        at.fail(Code::UnknownWord, QStringLiteral("how"), how);
    return {at.flag("pink", false)};
}

PhotoKept readPhoto(const JsonCursor& at)
{
    PhotoKept out;
    out.file = at.text("file", 100).toStdString();
    if (!at.failed() && !isPhotoName(qt(out.file)))
        at.fail(Code::OutOfRange, QStringLiteral("file"), qt(out.file));
    out.of = at.word<PhotoOf>("of", photoOfFromCode, PhotoOf::Other);
    if (at.has("colour"))
        out.colour = std::uint32_t(at.whole("colour", 0, 0xffffff));
    out.words = text(at, "words", limits::sourceText);
    return out;
}

AfterWhat readWhat(std::size_t kind, const JsonCursor& at)
{
    switch (kind) {
    case 0: return OutcomeSeen{at.word<Seen>("what", seenFromCode, Seen::Crack)};
    case 1: return readCare(at);
    case 2:
        return Judged{at.word<Quality>("what", qualityFromCode, Quality::Lather),
                      int(at.whole("of5", 1, 5))};
    case 3: return StripRead{at.number("ph", 0.0, 14.0)};
    case 4:
        return BarsWeighed{at.number("grams", 1e-3, mostGrams),
                           int(at.whole("count", 1, limits::mostBars)),
                           at.number("step", 0.0, 1000.0), text(at, "tray", limits::timerName)};
    case 5: return readTest(at);
    case 6: return readPhoto(at);
    case 7:
        return VerdictGiven{at.word<Verdict>("verdict", verdictFromCode, Verdict::Again),
                            text(at, "words", limits::journalNote)};
    case 8: {
        LessonKept out{at.text("words", qsizetype(limits::journalNote)).toStdString(),
                       {},
                       text(at, "mould", limits::mould),
                       text(at, "setting", limits::timerName)};
        for (const QString& id :
             at.words("materials", qsizetype(limits::mostAboutMaterials), qsizetype(limits::id)))
            out.materials.push_back(id.toStdString());
        return out;
    }
    case 9: return LessonRetired{at.text("event", 64).toStdString()};
    case 10: return NextChange{at.text("words", qsizetype(limits::journalNote)).toStdString()};
    case 11: {
        BarsMoved out{at.word<BarsTo>("to", barsToFromCode, BarsTo::Sold),
                      int(at.whole("count", 1, limits::mostBars)),
                      {}};
        if (at.has("minor"))
            out.minor = at.number("minor", 0.0, mostMinor);
        return out;
    }
    default: return CodeGiven{at.text("code", 60).toStdString()};
    }
}

} // namespace

QString kindOf(const AfterWhat& what)
{
    return QString::fromLatin1(afterKinds[what.index()]);
}

QJsonObject afterToJson(const After& after)
{
    QJsonObject out = std::visit(AfterWriter{}, after.what);
    out["on"] = double(after.on);
    if (after.portion != 0)
        out["portion"] = double(after.portion);
    return out;
}

std::optional<After> readAfter(const QString& kind, const JsonCursor& at)
{
    for (std::size_t i = 0; i < std::size(afterKinds); ++i)
        if (kind == QLatin1String(afterKinds[i]))
            return After{std::int64_t(at.whole("on", -lastMoment, lastMoment)), readWhat(i, at),
                         std::uint32_t(at.wholeOr("portion", 0, 4294967295.0, 0))};
    return std::nullopt;
}

bool isPhotoName(const QString& file)
{
    static const QRegularExpression ours(QStringLiteral("\\A[0-9a-f]{64}\\.jpg\\z"));
    return ours.match(file).hasMatch();
}

} // namespace rhexion
