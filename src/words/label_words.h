// Label and customer's card in words: ingredients by both schools, net weight, claims.
#pragma once

#include "core/after/cured.h"
#include "core/after/drying.h"
#include "core/after/net_weight.h"
#include "core/after/terms.h"
#include "words/facts.h"
#include "words/speech.h"

#include <functional>

namespace rhexion::words {

// What a label says, ready to be laid out.
struct LabelText {
    QString name;
    QStringList ingredients; // in order; [brackets]: no INCI name known
    QString netWeight;       // "95 g"; empty: not known
    QString code;
    QString answersForIt;
    std::optional<double> nominal; // g
};
struct LabelSource {
    const Batch& batch;
    const Cured& cured;
    const AfterTerms& terms;
    std::function<InciName(const Material&)> nameOf;
    std::vector<std::string> allergens;
    std::optional<double> nominal; // g, typed by the maker; none: proposed
};
LabelText labelText(const LabelSource& source, const Speech& speech);
// The label's working: shares of both schools, weights, what is missing, what law is deferred to.
FactPage labelFacts(const LabelSource& source, const Speech& speech);
// "Ingredients: Aqua, ..."
QString ingredientsSaid(const QStringList& ingredients);
// The card a maker begins with: hard water, storing, cure.
QString usualCard();
// What of the text claims more than these sums can say, each with why.
QStringList claimsSaid(const QString& text, const AfterTerms& terms);
// Of bars weighed one by one on the newest such day: a mean of several hides the light one.
std::vector<double> barWeights(const Batch& batch);

} // namespace rhexion::words
