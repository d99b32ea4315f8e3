#include "words/setting_terms.h"

#include "core/materials/demand.h"
#include "words/names.h"
#include "words/setting_words.h"

#include <QCoreApplication>
#include <QStringList>

#include <cmath>

namespace rhexion::words {

namespace {

struct TermsText {
    Q_DECLARE_TR_FUNCTIONS(SettingTerms)
};

QString joined(const QStringList& parts)
{
    return parts.join(QStringLiteral(" · "));
}

} // namespace

QString superfatTerms(const Formula& f, const Reckoning& r, const Speech& s)
{
    QStringList parts{
        TermsText::tr("true %1, on all the fat there is").arg(s.percent(r.superfatTrue)),
        TermsText::tr("%1 on oils alone").arg(s.percent(r.superfatOnOils))};
    if (r.cook.lateFatMol > 0.0)
        parts
            << TermsText::tr("%1 in the cook, before the late oil").arg(s.percent(r.cook.superfat));
    if (f.lye.fixed)
        parts.prepend(TermsText::tr("the result of the lye you weighed"));
    return joined(parts);
}

QString hiddenFatTerms(const Reckoning& r, const Speech& s)
{
    if (!(r.hiddenMolTypical > 0.0))
        return TermsText::tr("nothing in this formula hides fat");
    const double all = r.oilsMol + r.hiddenMolTypical;
    return TermsText::tr("typically it takes %1 of the lye for fat; %2 of that is counted")
        .arg(s.percent(r.hiddenMolTypical / all), s.percent(r.hiddenMol / r.hiddenMolTypical, 0));
}

QString splitTerms(const Reckoning& r, const Speech& s)
{
    const double pure = r.sodium.pureGrams + r.potassium.pureGrams;
    const double weighed = r.sodium.weighedGrams + r.potassium.weighedGrams;
    if (!(r.potassium.weighedGrams > 0.0) || !(r.sodium.weighedGrams > 0.0))
        return {};
    return joined({TermsText::tr("%1 of the saponifying").arg(s.percent(r.potassiumMoleShare)),
                   TermsText::tr("%1 of pure weight").arg(s.percent(r.potassium.pureGrams / pure)),
                   TermsText::tr("%1 of weight as weighed")
                       .arg(s.percent(r.potassium.weighedGrams / weighed))});
}

QString lyeAsWeighed(const Formula& f, bool sodium, const Speech& s)
{
    const MaterialPtr& lye = sodium ? f.lye.sodium : f.lye.potassium;
    const QString name = lyeName(f, sodium);
    if (!lye || lye->isLyeSolution())
        return name; // says its strength itself
    const Interval& purity =
        lye->part(sodium ? Part::SodiumHydroxide : Part::PotassiumHydroxide).range;
    const bool whole =
        std::abs(purity.typical() * 100.0 - std::round(purity.typical() * 100.0)) < 0.01;
    return TermsText::tr("%1, %2").arg(name, s.percent(purity.typical(), whole ? 0 : 1));
}

QString purityTerms(const Formula& f, bool sodium, const Speech& s)
{
    const MaterialPtr& lye = sodium ? f.lye.sodium : f.lye.potassium;
    if (!lye)
        return TermsText::tr("none chosen");
    const Interval& purity =
        lye->part(sodium ? Part::SodiumHydroxide : Part::PotassiumHydroxide).range;
    const double water = moistureOf(*lye);
    QStringList parts;
    if (purity.high() > purity.low())
        parts << TermsText::tr("between %1 and %2")
                     .arg(s.percent(purity.low()), s.percent(purity.high()));
    const double rest = 1.0 - purity.typical() - water;
    if (water > 0.0)
        parts << TermsText::tr("%1 water").arg(s.percent(water));
    if (rest > 0.0005)
        parts << TermsText::tr("%1 carbonate and other").arg(s.percent(rest));
    if (!lye->lot.id.empty())
        parts << TermsText::tr("lot %1").arg(QString::fromStdString(lye->lot.name));
    return joined(parts);
}

QString liquidTerms(const Reckoning& r, const Speech& s)
{
    const LiquidTerms& t = r.wanted;
    return joined({TermsText::tr("lye strength %1").arg(s.percent(t.strength)),
                   TermsText::tr("water to lye %1").arg(s.ratio(t.ratio)),
                   TermsText::tr("%1 of oils").arg(s.percent(t.shareOfOils)),
                   TermsText::tr("%1 less than usual").arg(s.percent(t.lessThanUsual))});
}

QString strengthTerms(const Formula& f, const Reckoning& r, const Speech& s)
{
    const bool pure = f.liquid.convention == StrengthConvention::PureAndAllWater;
    return (pure ? TermsText::tr("%1; counted as weighed it is %2")
                 : TermsText::tr("%1; counted pure, with all water, it is %2"))
        .arg(s.percent((pure ? r.pure : r.asWeighed).strength),
             s.percent((pure ? r.asWeighed : r.pure).strength));
}

QString jugTerms(const Reckoning& r, const Speech& s)
{
    QStringList parts;
    if (r.jugs[0].strength)
        parts << TermsText::tr("the jug stands at %1").arg(s.percent(r.jugs[0].strength));
    if (r.jugs[1].strength)
        parts << TermsText::tr("the second jug at %1").arg(s.percent(r.jugs[1].strength));
    if (r.jugWaterGrams > 0.0)
        parts << TermsText::tr("%1 of water poured into it").arg(s.mass(r.jugWaterGrams));
    return joined(parts);
}

QString settingsInShort(const Formula& f, const Speech& s)
{
    QStringList parts{TermsText::tr("superfat %1").arg(s.percent(f.lye.superfat)),
                      liquidStatement(f.liquid, s)};
    if (f.lye.potassiumShare > 0.0)
        parts << TermsText::tr("%1 potassium lye").arg(s.percent(f.lye.potassiumShare));
    parts << TermsText::tr("hidden fat: %1").arg(hiddenFatSchool(f.lye.hiddenFat));
    parts << TermsText::tr("joined at %1").arg(s.temperature(f.mixing.at.inCelsius()));
    return parts.join(QStringLiteral(", "));
}

} // namespace rhexion::words
