#include "words/wish_words.h"

#include "storage/material_names.h"
#include "words/blend_words.h"

#include <QCoreApplication>
#include <QLocale>
#include <QStringList>

namespace rhexion::words {

namespace {

struct WishText {
    Q_DECLARE_TR_FUNCTIONS(Wish)
};

bool isShare(WishKind kind)
{
    return kind == WishKind::Superfat || kind == WishKind::Strength ||
           kind == WishKind::FattyAcids || kind == WishKind::OilShare ||
           kind == WishKind::AcidShare || kind == WishKind::WaterOfOils;
}

} // namespace

QString wishKindName(WishKind kind)
{
    switch (kind) {
    case WishKind::TotalOils: return WishText::tr("All oils");
    case WishKind::Batter: return WishText::tr("Batter");
    case WishKind::Hydroxide: return WishText::tr("Hydroxide, as weighed");
    case WishKind::Superfat: return WishText::tr("Superfat");
    case WishKind::Strength: return WishText::tr("Lye strength");
    case WishKind::FattyAcids: return WishText::tr("Fatty acids");
    case WishKind::Iodine: return WishText::tr("Iodine value");
    case WishKind::Sv: return WishText::tr("SV of the blend");
    case WishKind::OilShare: return WishText::tr("Share of an oil");
    case WishKind::Cost: return WishText::tr("Cost of the oils");
    case WishKind::AcidShare: return WishText::tr("Acid, of the oils");
    case WishKind::WaterOfOils: return WishText::tr("Water, of the oils");
    }
    return {};
}

QString wishName(const WishProblem& p, const Wish& wish)
{
    if (wish.kind == WishKind::FattyAcids)
        return acidGroupName(wish.group);
    if (wish.kind == WishKind::OilShare && wish.oil < p.oils.size())
        return materialName(*p.oils[wish.oil].material);
    return wishKindName(wish.kind);
}

QString wishFigure(const Wish& wish, double value, const Speech& s)
{
    if (isShare(wish.kind))
        return s.percent(value);
    switch (wish.kind) {
    case WishKind::TotalOils:
    case WishKind::Batter:
    case WishKind::Hydroxide: return s.mass(value);
    case WishKind::Cost: return s.number(value, 2);
    default: return s.number(value, 1);
    }
}

QString wishSaid(const WishProblem& p, const Wish& wish, const Speech& s)
{
    const QString name = wishName(p, wish);
    if (wish.low && wish.high)
        return *wish.low == *wish.high
                   ? WishText::tr("%1 %2").arg(name, wishFigure(wish, *wish.low, s))
                   : WishText::tr("%1 %2 to %3")
                         .arg(name, wishFigure(wish, *wish.low, s),
                              wishFigure(wish, *wish.high, s));
    if (wish.low)
        return WishText::tr("%1 at least %2").arg(name, wishFigure(wish, *wish.low, s));
    if (wish.high && wish.isGuard && wish.kind == WishKind::OilShare)
        return WishText::tr("%1 at most %2, its usual use")
            .arg(name, wishFigure(wish, *wish.high, s));
    if (wish.high)
        return WishText::tr("%1 at most %2").arg(name, wishFigure(wish, *wish.high, s));
    return name;
}

std::optional<Wish> wishFromText(const QString& text, const std::vector<MaterialPtr>& oils)
{
    static const std::pair<const char*, WishKind> kinds[] = {{"total", WishKind::TotalOils},
                                                             {"batter", WishKind::Batter},
                                                             {"hydroxide", WishKind::Hydroxide},
                                                             {"superfat", WishKind::Superfat},
                                                             {"strength", WishKind::Strength},
                                                             {"iodine", WishKind::Iodine},
                                                             {"sv", WishKind::Sv},
                                                             {"cost", WishKind::Cost},
                                                             {"acid", WishKind::AcidShare},
                                                             {"water", WishKind::WaterOfOils}};
    const QStringList parts = text.simplified().split(QLatin1Char(' '));
    if (parts.size() != 2)
        return std::nullopt;
    Wish wish;
    bool known = false;
    const std::string word = parts[0].toLower().toStdString();
    for (const auto& [name, kind] : kinds)
        if (word == name) {
            wish.kind = kind;
            known = true;
        }
    if (const auto group = acidGroupFromCode(word)) {
        wish.kind = WishKind::FattyAcids;
        wish.group = *group;
        known = true;
    }
    if (word.starts_with("oil:")) {
        const auto found = std::ranges::find_if(
            oils, [&](const MaterialPtr& m) { return m->id == word.substr(4); });
        if (found == oils.end())
            return std::nullopt;
        wish.kind = WishKind::OilShare;
        wish.oil = std::size_t(found - oils.begin());
        known = true;
    }
    if (!known)
        return std::nullopt;
    QString band = parts[1];
    band.remove(QLatin1Char('%'));
    const double scale = isShare(wish.kind) ? 0.01 : 1.0;
    const auto read = [&](const QString& number, std::optional<double>& into) {
        if (number.isEmpty())
            return true;
        bool good = false;
        const double value = QLocale::c().toDouble(number, &good);
        into = value * scale;
        return good;
    };
    const qsizetype dots = band.indexOf(QLatin1String(".."));
    const bool good = dots < 0
                          ? read(band, wish.low) && read(band, wish.high)
                          : read(band.left(dots), wish.low) && read(band.mid(dots + 2), wish.high);
    return good && (wish.low || wish.high) ? std::optional(wish) : std::nullopt;
}

QString cannotTogetherSaid(const WishProblem& p, const CannotTogether& c, const Speech& s)
{
    if (c.wishes.empty())
        return WishText::tr("It cannot be: what is locked and how much is to be made do not meet.");
    const auto named = [&](const std::vector<std::size_t>& wishes) {
        QStringList said;
        for (const std::size_t w : wishes)
            said << wishSaid(p, p.wishes[w], s);
        return said.join(QStringLiteral("; "));
    };
    QStringList out;
    for (const std::vector<std::size_t>& conflict : c.conflicts)
        out << (conflict.size() == 1 ? WishText::tr("This cannot be: %1.")
                                     : WishText::tr("These cannot stand together: %1."))
                   .arg(named(conflict));
    if (c.conflicts.size() == 1 && c.enough.size() > 1 && c.enough.size() == c.wishes.size())
        out << WishText::tr("With any one of them less, the rest can.");
    else if (!c.enough.empty())
        out << WishText::tr("Without %1 the rest can.")
                   .arg(c.enough.size() == 1 ? named(c.enough)
                                             : WishText::tr("one of “%1”").arg(named(c.enough)));
    else if (c.conflicts.size() > 1)
        out << WishText::tr("In each of these something has to give.");
    return out.join(QLatin1Char(' '));
}

QString nearestSaid(const WishProblem& p, const NearestWish& n, const Speech& s)
{
    const Wish& wish = p.wishes[n.wish];
    return n.low
               ? WishText::tr("%1 at least %2").arg(wishName(p, wish), wishFigure(wish, *n.low, s))
               : WishText::tr("%1 at most %2")
                     .arg(wishName(p, wish), wishFigure(wish, n.high.value_or(0.0), s));
}

FactPage answerFacts(const WishProblem& p, const WishAnswer& a, const Speech& s)
{
    FactPage page;
    page.title = WishText::tr("Solve for");
    page.lead = p.what == WishFor::LeastChange
                    ? WishText::tr("The least change that meets every wish: %1 points moved.")
                          .arg(s.number(a.objective, 1))
                    : WishText::tr("The most that every wish allows.");
    FactSection oils;
    oils.title = WishText::tr("Oils");
    for (std::size_t i = 0; i < p.oils.size(); ++i) {
        const double was = p.oils[i].start;
        const double is = a.oils[i];
        if (was < 0.005 && is < 0.005)
            continue;
        const bool same = s.mass(was) == s.mass(is);
        oils.facts.append({materialName(*p.oils[i].material), s.mass(is),
                           same          ? WishText::tr("as it was")
                           : is < 0.005  ? WishText::tr("goes out; it was %1").arg(s.mass(was))
                           : was < 0.005 ? WishText::tr("comes in")
                                         : WishText::tr("was %1").arg(s.mass(was)),
                           same ? Fact::Tone::Plain : Fact::Tone::Good});
    }
    page.sections.append(oils);
    FactSection wishes;
    wishes.title = WishText::tr("Wishes");
    for (const Wish& wish : p.wishes)
        wishes.facts.append(
            {wishSaid(p, wish, s), wishFigure(wish, figureOf(p, wish, a), s),
             wish.isGuard ? WishText::tr("a guard; it can be taken off") : QString(),
             Fact::Tone::Plain});
    page.sections.append(wishes);
    return page;
}

} // namespace rhexion::words
