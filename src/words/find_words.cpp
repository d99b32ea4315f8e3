#include "words/find_words.h"

#include "core/units/enum_count.h"
#include "words/after_words.h"
#include "words/together_words.h"

#include <QCoreApplication>
#include <QDateTime>
#include <QRegularExpression>

#include <array>

namespace rhexion::words {

namespace {

struct FindText {
    Q_DECLARE_TR_FUNCTIONS(Find)
};

QString plain(const QString& text)
{
    return text.simplified().toLower();
}

bool isOneOf(const QString& typed, const QString& list)
{
    for (const QString& word : list.split(QLatin1Char(',')))
        if (typed == plain(word))
            return true;
    return false;
}

// The words a person may type for a fact, besides the one it is said in.
QList<std::pair<const char*, QString>> factWords()
{
    return {{"kind:milk", FindText::tr("milk, milks")},
            {"kind:acid", FindText::tr("acid, acids")},
            {"kind:produce", FindText::tr("fruit, vegetables, puree, juice")},
            {"kind:sugar", FindText::tr("sugar, sugars")},
            {"kind:salt", FindText::tr("salt")},
            {"kind:solid", FindText::tr("clay, grains")},
            {"kind:wax", FindText::tr("wax")},
            {"kind:egg", FindText::tr("egg, eggs")},
            {"kind:colour", FindText::tr("colour, colours")},
            {"kind:scent", FindText::tr("scent, scented")},
            {"kind:potassium-hydroxide", FindText::tr("potash, koh, two lyes")},
            {"frozen", FindText::tr("frozen")},
            {"process:hot", FindText::tr("hot, hot process, cooked")},
            {"process:cold", FindText::tr("cold, cold process")},
            {"split", FindText::tr("split, portions")},
            {"near-miss", FindText::tr("near miss")},
            {"lesson", FindText::tr("lesson, lessons")},
            {"photo", FindText::tr("photo, photos, photograph")},
            {"tested", FindText::tr("tested, titrated")},
            {"seen:quick-trace", FindText::tr("quick, quick trace, traced quickly")},
            {"seen:slow-trace", FindText::tr("slow, slow trace, traced slowly")},
            {"seen:false-trace", FindText::tr("false trace")},
            {"seen:riced", FindText::tr("riced, ricing")},
            {"seen:seized", FindText::tr("seized")},
            {"seen:separated", FindText::tr("separated")},
            {"seen:full-gel", FindText::tr("gelled, full gel, gelled through")},
            {"seen:partial-gel", FindText::tr("partial gel")},
            {"seen:no-gel", FindText::tr("no gel")},
            {"seen:crack", FindText::tr("crack, cracked, cracks")},
            {"seen:volcano", FindText::tr("volcano")},
            {"seen:ash", FindText::tr("ash")},
            {"seen:sweat", FindText::tr("sweat, sweating")},
            {"seen:crumble", FindText::tr("crumble, crumbled")},
            {"seen:drag-marks", FindText::tr("drag marks")},
            {"seen:spots", FindText::tr("spots")},
            {"seen:lye-pocket", FindText::tr("lye pocket")},
            {"seen:tunnels", FindText::tr("tunnels")},
            {"seen:soft", FindText::tr("soft, soft bars")},
            {"seen:stuck", FindText::tr("stuck")},
            {"verdict:again", FindText::tr("again, good")},
            {"verdict:with-change", FindText::tr("with a change")},
            {"verdict:not-again", FindText::tr("not again")}};
}

struct Span {
    QDate from;
    QDate until; // the day after the last
};

QDate monthBegin(int year, int month)
{
    return QDate(year, month, 1);
}

// The season's months begin with its first month; winter begins in December.
std::optional<Span> lastSeason(int firstMonth, const QDate& today)
{
    // The last one that has begun; the one running counts.
    QDate from = monthBegin(today.year(), firstMonth);
    if (from > today)
        from = from.addYears(-1);
    return Span{from, from.addMonths(3)};
}

std::optional<Span> spanOf(const QString& typed, const QDate& today, const QLocale& locale)
{
    const std::pair<QString, int> seasons[] = {{FindText::tr("spring"), 3},
                                               {FindText::tr("summer"), 6},
                                               {FindText::tr("autumn"), 9},
                                               {FindText::tr("winter"), 12}};
    for (const auto& [name, month] : seasons) {
        if (typed == plain(FindText::tr("last %1").arg(name)) || typed == plain(name))
            return lastSeason(month, today);
        if (typed == plain(FindText::tr("this %1").arg(name)))
            return lastSeason(month, today);
    }
    const QDate month = monthBegin(today.year(), today.month());
    if (typed == plain(FindText::tr("today")))
        return Span{today, today.addDays(1)};
    if (typed == plain(FindText::tr("this week")))
        return Span{today.addDays(-6), today.addDays(1)};
    if (typed == plain(FindText::tr("this month")))
        return Span{month, month.addMonths(1)};
    if (typed == plain(FindText::tr("last month")))
        return Span{month.addMonths(-1), month};
    if (typed == plain(FindText::tr("this year")))
        return Span{QDate(today.year(), 1, 1), QDate(today.year() + 1, 1, 1)};
    if (typed == plain(FindText::tr("last year")))
        return Span{QDate(today.year() - 1, 1, 1), QDate(today.year(), 1, 1)};
    static const QRegularExpression year(QStringLiteral("\\A(19|20)\\d\\d\\z"));
    if (year.match(typed).hasMatch())
        return Span{QDate(typed.toInt(), 1, 1), QDate(typed.toInt() + 1, 1, 1)};
    for (int m = 1; m <= 12; ++m)
        for (const QString& name : {locale.standaloneMonthName(m), locale.monthName(m)}) {
            if (typed == plain(name)) {
                QDate from = monthBegin(today.year(), m);
                from = from > today ? from.addYears(-1) : from;
                return Span{from, from.addMonths(1)};
            }
            if (typed.startsWith(plain(name) + QLatin1Char(' '))) {
                const QString rest = typed.mid(name.size() + 1);
                if (year.match(rest).hasMatch())
                    return Span{monthBegin(rest.toInt(), m),
                                monthBegin(rest.toInt(), m).addMonths(1)};
            }
        }
    return std::nullopt;
}

std::int64_t startOf(const QDate& date)
{
    return date.startOfDay().toMSecsSinceEpoch();
}

// "over 6", "under 5", "5 to 8", "of 5".
bool readRange(QString typed, std::optional<double>& from, std::optional<double>& until)
{
    typed.remove(QLatin1Char('%')).replace(QLatin1Char(','), QLatin1Char('.'));
    typed = typed.simplified();
    const auto number = [](const QString& text, std::optional<double>& into) {
        bool good = false;
        const double v = text.trimmed().toDouble(&good);
        if (good)
            into = v / 100.0;
        return good;
    };
    for (const QString& word : FindText::tr("over, above, more than, from").split(QLatin1Char(',')))
        if (typed.startsWith(plain(word) + QLatin1Char(' ')))
            return number(typed.mid(plain(word).size()), from);
    for (const QString& word :
         FindText::tr("under, below, less than, up to").split(QLatin1Char(',')))
        if (typed.startsWith(plain(word) + QLatin1Char(' ')))
            return number(typed.mid(plain(word).size()), until);
    const QString to = QLatin1Char(' ') + plain(FindText::tr("to")) + QLatin1Char(' ');
    if (const auto at = typed.indexOf(to); at > 0)
        return number(typed.left(at), from) && number(typed.mid(at + to.size()), until);
    double exact = 0.0;
    bool good = false;
    exact = typed.toDouble(&good) / 100.0;
    constexpr double half = 0.0005; // as it is shown
    if (good) {
        from = exact - half;
        until = exact + half;
    }
    return good;
}

QString rangeSaid(const QString& what, const std::optional<double>& from,
                  const std::optional<double>& until)
{
    const auto percent = [](double v) { return QString::number(v * 100.0, 'g', 4); };
    if (from && until)
        return FindText::tr("%1 of %2 to %3 %").arg(what, percent(*from), percent(*until));
    return from ? FindText::tr("%1 of %2 % or more").arg(what, percent(*from))
                : FindText::tr("%1 of %2 % or less").arg(what, percent(until.value_or(0.0)));
}

// What the part was taken for, put into the finding; empty where it is no filter.
QString takePart(const QString& typed, Finding& f, const QDate& today, const QLocale& locale)
{
    const auto noName = [](const std::string& id) { return QString::fromStdString(id); };
    for (const auto& [fact, list] : factWords())
        if (isOneOf(typed, list)) {
            f.facts.append(QLatin1String(fact));
            return batchFactSaid(fact, noName);
        }
    const std::pair<QString, BatchState> states[] = {
        {FindText::tr("in the making, unfinished"), BatchState::Making},
        {FindText::tr("made, finished"), BatchState::Finished},
        {FindText::tr("stopped"), BatchState::Stopped}};
    for (const auto& [list, state] : states)
        if (isOneOf(typed, list)) {
            f.state = state;
            return list.section(QLatin1Char(','), 0, 0);
        }
    if (const auto span = spanOf(typed, today, locale)) {
        f.from = startOf(span->from);
        f.until = startOf(span->until);
        return FindText::tr("begun %1 to %2")
            .arg(locale.toString(span->from, QLocale::ShortFormat),
                 locale.toString(span->until.addDays(-1), QLocale::ShortFormat));
    }
    const QString superfat = FindText::tr("superfat");
    const QString strength = FindText::tr("strength");
    if (typed.startsWith(plain(superfat) + QLatin1Char(' ')) &&
        readRange(typed.mid(superfat.size()), f.superfatFrom, f.superfatUntil))
        return rangeSaid(superfat, f.superfatFrom, f.superfatUntil);
    if (typed.startsWith(plain(strength) + QLatin1Char(' ')) &&
        readRange(typed.mid(strength.size()), f.strengthFrom, f.strengthUntil))
        return rangeSaid(strength, f.strengthFrom, f.strengthUntil);
    return {};
}

} // namespace

FindRead readFind(const QString& text, const QDate& today, const QLocale& locale)
{
    FindRead out;
    QStringList words;
    // "superfat over 6,5" has a comma of its own.
    static const QRegularExpression between(QStringLiteral(",(?!\\d)"));
    for (const QString& part : text.split(between)) {
        const QString typed = plain(part);
        if (typed.isEmpty())
            continue;
        const QString taken = takePart(typed, out.finding, today, locale);
        if (taken.isEmpty())
            words.append(part.simplified());
        out.parts.append({part.simplified(), taken});
    }
    out.finding.words = words.join(QLatin1Char(' '));
    return out;
}

QStringList findExamples()
{
    return {FindText::tr("milk, cracked, last winter"), FindText::tr("superfat over 6"),
            FindText::tr("hot process, not again"), FindText::tr("seized, scent, this year")};
}

} // namespace rhexion::words
