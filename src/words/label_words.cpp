#include "words/label_words.h"

#include "storage/inci_names.h"
#include "storage/material_names.h"
#include "words/after_words.h"
#include "words/cannot_words.h"

#include <QCoreApplication>

namespace rhexion::words {

namespace {

struct LabelWords {
    Q_DECLARE_TR_FUNCTIONS(Label)
};

LabelBatch labelBatch(const LabelSource& l)
{
    const Bowl bowl = l.batch.bowl();
    const Account made = accountOf(bowl.formula, bowl.amounts);
    const double cured = settledGrams(l.cured.dryGrams).typical();
    return labelBatchOf(bowl.formula, made, cured, l.nameOf, l.allergens);
}

std::optional<double> nominalOf(const LabelSource& l)
{
    if (l.nominal)
        return l.nominal;
    if (const auto* fit = l.cured.fit ? std::get_if<CureFit>(&*l.cured.fit) : nullptr)
        if (const double g = nominalFor(fit->endGrams().low()); g >= 5.0)
            return g;
    if (l.cured.settled && l.cured.bars > 0)
        if (const double g = nominalFor(l.cured.settled->low()); g >= 5.0)
            return g;
    return std::nullopt;
}

// The material a plain name in brackets stands for.
std::string plainMaterial(const std::string& name, const Formula& formula)
{
    for (const Line& line : formula.lines)
        if ("[" + line.material->name + "]" == name)
            return line.material->id;
    return {};
}

FactSection listOf(const std::vector<LabelRow>& rows, const QString& title, const QString& sentence,
                   const Formula& formula, const Speech& s)
{
    FactSection out;
    out.title = title;
    out.sentence = sentence;
    for (const LabelRow& row : rows) {
        Fact fact{QString::fromStdString(row.name),
                  row.grams > 0.0 ? s.percent(row.share, 2) : QString(),
                  {}};
        if (row.plain) {
            fact.note = LabelWords::tr("no INCI name is known");
            fact.tone = Fact::Tone::Care;
            if (const std::string id = plainMaterial(row.name, formula); !id.empty()) {
                fact.action = QStringLiteral("inci:") + QString::fromStdString(id);
                fact.actionText = LabelWords::tr("Give it one");
            }
        }
        out.facts.append(fact);
    }
    return out;
}

FactSection weightOf(const LabelSource& l, const Speech& s)
{
    FactSection out;
    out.title = LabelWords::tr("Net weight");
    const auto nominal = nominalOf(l);
    if (!nominal) {
        out.sentence =
            LabelWords::tr("Not known: write down how many bars were cut, or weigh them.");
        return out;
    }
    out.facts.append({LabelWords::tr("On the label"), s.mass(*nominal),
                      l.nominal
                          ? QString()
                          : LabelWords::tr("proposed: the low bound of what a bar settles at, "
                                           "rounded down to 5 g")});
    const std::vector<double> weights = barWeights(l.batch);
    const auto checked = checkWeights(weights, *nominal);
    if (const auto* no = std::get_if<Cannot>(&checked)) {
        out.facts.append({LabelWords::tr("Weighed bars"), QStringLiteral("—"), cannot(*no, s)});
    } else {
        const auto& c = std::get<WeightCheck>(checked);
        const bool average = l.terms.weight == WeightSystem::Average;
        const bool good = c.verdict == WeightVerdict::MinimumMet ||
                          (average && c.verdict == WeightVerdict::AverageMet);
        out.facts.append(
            {average ? LabelWords::tr("By the average system")
                     : LabelWords::tr("By the minimum system"),
             good ? LabelWords::tr("met") : LabelWords::tr("not met"),
             LabelWords::tr("of %1 weighed: mean %2, lightest %3, %4 lighter by more than %5")
                 .arg(c.weighed)
                 .arg(s.mass(c.mean), s.mass(c.least))
                 .arg(c.low)
                 .arg(s.mass(c.tolerable)),
             good ? Fact::Tone::Good : Fact::Tone::Danger});
    }
    out.sentence = LabelWords::tr("Soap goes on losing water in its paper: weigh on the day of "
                                  "packing.");
    return out;
}

} // namespace

std::vector<double> barWeights(const Batch& batch)
{
    std::vector<double> out;
    std::int64_t newest = 0;
    const auto single = [](const AfterAt& a) {
        const auto* w = std::get_if<BarsWeighed>(&a.what);
        return w && w->count == 1 ? w : nullptr;
    };
    for (const AfterAt& a : batch.after)
        if (single(a))
            newest = std::max(newest, a.on);
    for (const AfterAt& a : batch.after)
        if (const BarsWeighed* w = single(a); w && newest - a.on < daysInMs(1.0))
            out.push_back(w->grams);
    return out;
}

LabelText labelText(const LabelSource& l, const Speech& s)
{
    LabelText out;
    out.name = QString::fromStdString(l.batch.formula.name);
    for (const LabelRow& row : labelOf(labelBatch(l), l.terms.label))
        out.ingredients << QString::fromStdString(row.name);
    out.nominal = nominalOf(l);
    if (out.nominal)
        out.netWeight = s.mass(*out.nominal);
    if (out.nominal && s.habits().massUnit == AmountUnit::Gram)
        out.netWeight = LabelWords::tr("%1 g").arg(s.number(*out.nominal, 0));
    if (const auto* code = lastOf<CodeGiven>(l.batch.after))
        out.code = QString::fromStdString(code->code);
    out.answersForIt = QString::fromStdString(l.terms.answersForIt);
    return out;
}

FactPage labelFacts(const LabelSource& l, const Speech& s)
{
    FactPage page;
    page.title = LabelWords::tr("Label of %1").arg(QString::fromStdString(l.batch.formula.name));
    const LabelText text = labelText(l, s);
    page.lead = ingredientsSaid(text.ingredients);
    const LabelBatch batch = labelBatch(l);
    FactSection missing;
    missing.title = LabelWords::tr("On the label");
    missing.facts = {
        {LabelWords::tr("Batch code"), text.code.isEmpty() ? QStringLiteral("—") : text.code,
         text.code.isEmpty() ? LabelWords::tr("give it one") : QString(),
         text.code.isEmpty() ? Fact::Tone::Care : Fact::Tone::Plain},
        {LabelWords::tr("Who answers for it"),
         text.answersForIt.isEmpty() ? QStringLiteral("—") : text.answersForIt,
         text.answersForIt.isEmpty() ? LabelWords::tr("name and place, as local law wants it")
                                     : QString(),
         text.answersForIt.isEmpty() ? Fact::Tone::Care : Fact::Tone::Plain}};
    page.sections.append(missing);
    page.sections.append(weightOf(l, s));
    page.sections.append(
        listOf(labelAsAdded(batch), LabelWords::tr("Ingredients as added"),
               LabelWords::tr("By weight at the time of adding; Regulation (EC) 1223/2009, article "
                              "19, from memory. Below 1 % any order is allowed."),
               l.batch.formula, s));
    page.sections.append(listOf(
        labelAsSoap(batch), LabelWords::tr("Ingredients as in the finished soap"),
        LabelWords::tr("By mass balance: what reacted is named as soap, what did not under its "
                       "own name."),
        l.batch.formula, s));
    // The shelf's infused oil is of any herb, and only the maker knows which.
    for (const Line& line : l.batch.formula.lines)
        if (line.material->behaves(Behaviour::HeldBackByHerbs) &&
            l.nameOf(*line.material) == inciNameOf(*line.material)) {
            Fact herb{materialName(*line.material), QStringLiteral("—"),
                      LabelWords::tr("its herb belongs on the label too: give the oil its own "
                                     "name, with the herb's extract"),
                      Fact::Tone::Care};
            herb.action = QStringLiteral("inci:") + QString::fromStdString(line.material->id);
            herb.actionText = LabelWords::tr("Give it one");
            page.sections.front().facts.append(herb);
        }
    FactSection law;
    law.title = LabelWords::tr("Law and assessor");
    law.sentence = labelLaw();
    page.sections.append(law);
    return page;
}

QString ingredientsSaid(const QStringList& ingredients)
{
    return ingredients.isEmpty()
               ? QString()
               : LabelWords::tr("Ingredients: %1.").arg(ingredients.join(QStringLiteral(", ")));
}

QString usualCard()
{
    return LabelWords::tr(
        "Made by hand and rested for weeks, so that it is hard and lasts. Keep it dry "
        "between uses, on a dish that drains. In hard water soap leaves a little scum: rinse well, "
        "a splash of vinegar in the last rinse water helps a basin. It may change colour and lose "
        "a little weight with time. Keep it out of the eyes.");
}

QStringList claimsSaid(const QString& text, const AfterTerms& terms)
{
    QStringList out;
    const std::string utf8 = text.toStdString();
    for (const ClaimFound& f : claimsIn(utf8, terms.claims)) {
        const QString word = QString::fromStdString(utf8.substr(f.at, f.length));
        out << (f.kind == ClaimKind::Medical
                    ? LabelWords::tr("\"%1\" speaks of healing: that can make it another kind of "
                                     "product in law.")
                          .arg(word)
                    : LabelWords::tr("\"%1\" does not follow from any sum here.").arg(word));
    }
    return out;
}

} // namespace rhexion::words
