#include "words/cost_words.h"

#include "storage/material_names.h"
#include "words/after_words.h"
#include "words/cannot_words.h"

#include <QCoreApplication>

namespace rhexion::words {

namespace {

struct CostText {
    Q_DECLARE_TR_FUNCTIONS(Cost)
};

} // namespace

FactSection costFacts(const OrCannot<BatchCost>& result, const AfterTerms& t, int cut, int sellable,
                      const Speech& s)
{
    FactSection out;
    out.title = CostText::tr("What it cost");
    if (const auto* no = std::get_if<Cannot>(&result)) {
        out.sentence = cannot(*no, s);
        return out;
    }
    const auto& cost = std::get<BatchCost>(result);
    const auto sum = [&](double minor) { return money(minor, t.currency, t.minorDigits, s); };
    out.columns = {CostText::tr("drawn"), CostText::tr("costs")};
    const auto row = [&](const QString& name, const QString& grams, const QString& cost_,
                         const QString& note, Fact::Tone tone) {
        out.facts.append({name, {}, note, tone, {}, {}, {grams, cost_}});
    };
    for (const BatchCost::Line& line : cost.lines)
        row(spokenName(QString::fromStdString(line.name)), s.mass(line.drawn.grams),
            line.known ? sum(line.drawn.minor) : CostText::tr("no price"), {},
            line.known ? Fact::Tone::Plain : Fact::Tone::Care);
    const Fact::Tone plain = Fact::Tone::Plain;
    if (cost.packaging > 0.0)
        row(CostText::tr("Packaging"), {}, sum(cost.packaging), {}, plain);
    if (cost.time > 0.0)
        row(CostText::tr("Time"), CostText::tr("%1 h").arg(s.trimmed(t.hours)), sum(cost.time), {},
            plain);
    if (cost.energy > 0.0)
        row(CostText::tr("Energy"), {}, sum(cost.energy), {}, plain);
    const QString low = cost.unknown > 0
                            ? CostText::tr("too low: without %n material(s)", nullptr, cost.unknown)
                            : QString();
    const Fact::Tone tone = cost.unknown > 0 ? Fact::Tone::Care : plain;
    row(CostText::tr("The batch"), {}, sum(cost.total()), low, tone);
    if (cost.perBar) {
        row(CostText::tr("A bar"), {}, sum(*cost.perBar),
            sellable < cut ? CostText::tr("%1 of %2 bars can be sold").arg(sellable).arg(cut) : low,
            tone);
        if (t.factor != 1.0 || t.tax > 0.0)
            row(CostText::tr("Its price"), {}, sum(cost.price.value_or(0.0)),
                CostText::tr("%1 times its cost, with %2 tax, rounded up")
                    .arg(s.trimmed(t.factor), s.percent(t.tax, 0)),
                tone);
    } else {
        row(CostText::tr("A bar"), {}, QStringLiteral("—"),
            CostText::tr("write down how many bars were cut"), plain);
    }
    if (cost.per100)
        row(CostText::tr("100 g of cured soap"), {}, sum(*cost.per100), low, tone);
    return out;
}

} // namespace rhexion::words
