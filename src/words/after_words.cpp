#include "words/after_words.h"

#include "core/after/cured.h"
#include "core/units/enum_count.h"
#include "words/names.h"

#include <QCoreApplication>

#include <array>
#include <cmath>

namespace rhexion::words {

namespace {

struct AfterText {
    Q_DECLARE_TR_FUNCTIONS(After)
};

template <class Enum>
QString named(const std::array<QString, countOf<Enum>()>& names, Enum value)
{
    return names[static_cast<std::size_t>(value)];
}

QString withWords(const QString& what, const std::string& said)
{
    return said.empty() ? what : AfterText::tr("%1: %2").arg(what, QString::fromStdString(said));
}

struct AfterSayer {
    const Speech& s;
    QString operator()(const OutcomeSeen& seen) const { return seenName(seen.what); }
    QString operator()(const CareDone& care) const
    {
        QString out = careName(care.what);
        if (care.bars > 0)
            out = AfterText::tr("%1, %2").arg(out, AfterText::tr("%n bar(s)", nullptr, care.bars));
        if (care.barMillimetres[0] > 0.0)
            out = AfterText::tr("%1, bars of %2 by %3 by %4")
                      .arg(out, s.length(care.barMillimetres[0]), s.length(care.barMillimetres[1]),
                           s.length(care.barMillimetres[2]));
        return out;
    }
    QString operator()(const Judged& j) const
    {
        return AfterText::tr("%1: %2 of 5").arg(qualityName(j.what)).arg(j.of5);
    }
    QString operator()(const StripRead& strip) const
    {
        return strip.ph >= stripSuspects
                   ? AfterText::tr("paper strip: pH %1. Lye is suspected: titrate before use")
                         .arg(s.number(strip.ph, 1))
                   : AfterText::tr("paper strip: pH %1. That says nothing about lye either way")
                         .arg(s.number(strip.ph, 1));
    }
    QString operator()(const BarsWeighed& w) const
    {
        const QString what =
            AfterText::tr("%1 on the scale: %2")
                .arg(AfterText::tr("%n bar(s)", nullptr, w.count), s.mass(w.grams));
        return w.tray.empty() ? what
                              : AfterText::tr("%1, %2").arg(what, QString::fromStdString(w.tray));
    }
    QString operator()(const AlkaliTested& t) const
    {
        if (const bool* pink = std::get_if<bool>(&t.how))
            return *pink ? AfterText::tr("drop of phenolphthalein: pink at once, free alkali there")
                         : AfterText::tr("drop of phenolphthalein: no pink at that spot");
        const auto* caustic = std::get_if<CausticTitration>(&t.how);
        const auto found =
            caustic ? freeCaustic(*caustic) : totalFreeAlkali(std::get<TotalTitration>(t.how));
        const auto* share = std::get_if<Interval>(&found);
        if (!share)
            return AfterText::tr("titration without a result");
        return caustic
                   ? AfterText::tr("titrated: free caustic %1").arg(causticSaid(*share, s))
                   : AfterText::tr("titrated: total free alkali %1").arg(causticSaid(*share, s));
    }
    QString operator()(const PhotoKept& p) const
    {
        return withWords(AfterText::tr("photograph, %1").arg(photoOfName(p.of)), p.words);
    }
    QString operator()(const VerdictGiven& v) const
    {
        return withWords(verdictName(v.verdict), v.words);
    }
    QString operator()(const LessonKept& l) const
    {
        return withWords(AfterText::tr("lesson"), l.words);
    }
    QString operator()(const LessonRetired&) const
    {
        return AfterText::tr("a lesson was put away");
    }
    QString operator()(const NextChange& n) const
    {
        return withWords(AfterText::tr("next time"), n.words);
    }
    QString operator()(const BarsMoved& m) const
    {
        return AfterText::tr("%1 %2").arg(AfterText::tr("%n bar(s)", nullptr, m.count),
                                          barsToName(m.to));
    }
    QString operator()(const CodeGiven& c) const
    {
        return AfterText::tr("batch code %1").arg(QString::fromStdString(c.code));
    }
};

} // namespace

QString seenName(Seen seen)
{
    return named<Seen>({AfterText::tr("traced quickly"),
                        AfterText::tr("traced slowly"),
                        AfterText::tr("false trace"),
                        AfterText::tr("riced"),
                        AfterText::tr("seized"),
                        AfterText::tr("separated"),
                        AfterText::tr("gelled through"),
                        AfterText::tr("gelled in part"),
                        AfterText::tr("did not gel"),
                        AfterText::tr("cracked"),
                        AfterText::tr("rose like a volcano"),
                        AfterText::tr("ash"),
                        AfterText::tr("sweat"),
                        AfterText::tr("crumbled"),
                        AfterText::tr("drag marks"),
                        AfterText::tr("white or hard spots"),
                        AfterText::tr("a pocket of lye"),
                        AfterText::tr("tunnels"),
                        AfterText::tr("stayed soft"),
                        AfterText::tr("stuck in the mould")},
                       seen);
}

QString careName(Care care)
{
    return named<Care>({AfterText::tr("taken out of the mould"), AfterText::tr("cut"),
                        AfterText::tr("stamped"), AfterText::tr("turned"),
                        AfterText::tr("looked at"), AfterText::tr("wrapped")},
                       care);
}

QString qualityName(Quality what)
{
    return named<Quality>({AfterText::tr("lather"), AfterText::tr("feel on the skin"),
                           AfterText::tr("scent that stayed"), AfterText::tr("hardness")},
                          what);
}

QString photoOfName(PhotoOf of)
{
    return named<PhotoOf>({AfterText::tr("as poured"), AfterText::tr("the next day"),
                           AfterText::tr("cured"), AfterText::tr("at another time")},
                          of);
}

QList<PhotoSaid> photosSaid(const Batch& batch, const Speech& speech)
{
    QList<PhotoSaid> out;
    for (const AfterAt& a : batch.after)
        if (const auto* photo = std::get_if<PhotoKept>(&a.what))
            out.append({QString::fromStdString(photo->file),
                        AfterText::tr("%1, %2").arg(
                            photoOfName(photo->of),
                            speech.date(QDateTime::fromMSecsSinceEpoch(a.on).date())),
                        photo->colour});
    return out;
}

QString verdictName(Verdict verdict)
{
    return named<Verdict>({AfterText::tr("make it again as it is"),
                           AfterText::tr("make it again with a change"),
                           AfterText::tr("not again")},
                          verdict);
}

QString barsToName(BarsTo to)
{
    return named<BarsTo>({AfterText::tr("sold"), AfterText::tr("given away"), AfterText::tr("kept"),
                          AfterText::tr("used for tests"), AfterText::tr("spoiled")},
                         to);
}

QString testReasonSaid(TestReason reason)
{
    return named<TestReason>(
        {AfterText::tr("the weights leave lye over"),
         AfterText::tr("the superfat came out well below the plan"),
         AfterText::tr("the batter riced"), AfterText::tr("the batter separated"),
         AfterText::tr("it has white or hard spots"), AfterText::tr("it has a pocket of lye"),
         AfterText::tr("it is cleaning soap without superfat")},
        reason);
}

QString cureRuleSaid(CureRule rule)
{
    return named<CureRule>(
        {AfterText::tr("every soap: water leaves, and crystals of soap form so that the bar wears "
                       "slower"),
         AfterText::tr("your school for egg and milk: eight weeks"),
         AfterText::tr("nearly all olive: slow to harden, less slime with age"),
         AfterText::tr("a salt bar: custom; its weight may not fall"),
         AfterText::tr("a lye below 28 %: more water to lose"),
         AfterText::tr("cooked until tested: the lye is mostly used up, the water is not"),
         AfterText::tr("cleaning soap of both lyes: only after a test for free alkali says fine")},
        rule);
}

QString dueName(DueKind kind)
{
    return named<DueKind>({AfterText::tr("Look in"), AfterText::tr("Take out of the mould"),
                           AfterText::tr("Cut"), AfterText::tr("Stamp"), AfterText::tr("Turn"),
                           AfterText::tr("Test for lye"), AfterText::tr("Ready")},
                          kind);
}

QString alkaliVerdictName(AlkaliVerdict verdict)
{
    return named<AlkaliVerdict>(
        {AfterText::tr("within the usual limit"), AfterText::tr("wait and test again"),
         AfterText::tr("do not use; test again"), AfterText::tr("do not use")},
        verdict);
}

QString causticSaid(const Interval& caustic, const Speech& s)
{
    return AfterText::tr("%1 (%2 to %3) as NaOH")
        .arg(s.percent(caustic.typical(), 3), s.percent(caustic.low(), 3),
             s.percent(caustic.high(), 3));
}

QString alkaliVerdictSaid(AlkaliVerdict verdict, int same, const AlkaliLimits& limits,
                          const Speech& s)
{
    const QString fine = s.percent(limits.fine, 2);
    const QString never = s.percent(limits.never, 2);
    switch (verdict) {
    case AlkaliVerdict::Fine:
        return AfterText::tr("Within the usual limit of %1. It speaks for this batch and this "
                             "sample only.")
            .arg(fine);
    case AlkaliVerdict::WaitAndRetest:
        return same > 1
                   ? AfterText::tr("Between %1 and %2, as before: time no longer helps. Mend it "
                                   "or discard it.")
                         .arg(fine, never)
                   : AfterText::tr("Between %1 and %2: test again in a week.").arg(fine, never);
    case AlkaliVerdict::DoNotUseRetest:
        return AfterText::tr("Above %1, though the test leaves room for doubt: do not use it, "
                             "and test again.")
            .arg(never);
    case AlkaliVerdict::DoNotUse:
        return AfterText::tr("Above %1, whatever the doubt: do not use it. Mend it or discard it.")
            .arg(never);
    }
    return {};
}

QString afterSaid(const AfterWhat& what, const Speech& speech)
{
    return std::visit(AfterSayer{speech}, what);
}

QString afterSaid(const AfterAt& after, const Formula& formula, const Speech& speech)
{
    const QString said = afterSaid(after.what, speech);
    return after.portion == 0
               ? said
               : AfterText::tr("%1: %2").arg(portionName(after.portion, formula), said);
}

QString money(double minor, const std::string& currency, int minorDigits, const Speech& speech)
{
    // Half to even, as sums of money are rounded.
    const double whole = std::nearbyint(minor);
    return AfterText::tr("%1 %2").arg(
        speech.number(whole / std::pow(10.0, minorDigits), minorDigits),
        QString::fromStdString(currency));
}

QString cureDoesNot()
{
    return AfterText::tr(
        "Lye does not evaporate. Cure takes water out and lets the soap harden; it "
        "changes neither superfat nor citrate, and pH hardly. A bar with lye left "
        "over stays so: only a test for free alkali tells.");
}

QString labelLaw()
{
    return AfterText::tr("Whether soap may be sold, and what must stand on it, is for the cosmetic "
                         "law of the place and a qualified assessor to say; soap for children and "
                         "soap with human milk most of all. Ingredients, weight and batch code are "
                         "not a whole label: who answers for it, dates, warnings and the place of "
                         "making may be wanted too. What is said of law here is the European "
                         "Union's, from memory.");
}

} // namespace rhexion::words
