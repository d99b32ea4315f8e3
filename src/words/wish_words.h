// Wishes and what came of them in words.
#pragma once

#include "core/wishes/wishes.h"
#include "words/facts.h"
#include "words/speech.h"

#include <optional>

namespace rhexion::words {

QString wishName(const WishProblem& problem, const Wish& wish);
// A figure of a wish in its unit: "22 %", "62", "1180 g".
QString wishFigure(const Wish& wish, double value, const Speech& speech);
QString wishSaid(const WishProblem& problem, const Wish& wish, const Speech& speech);
QString wishKindName(WishKind kind);
QString cannotTogetherSaid(const WishProblem& problem, const CannotTogether& cannot,
                           const Speech& speech);
// "at most 57.2 with the others": the button of one nearest.
QString nearestSaid(const WishProblem& problem, const NearestWish& nearest, const Speech& speech);
FactPage answerFacts(const WishProblem& problem, const WishAnswer& answer, const Speech& speech);

// "lauric-myristic 22..24", "iodine ..62", "superfat 5", "oil:coconut-oil ..35", "total 1000": per
// cents and grams. oils: of oilsInPlay(). Nothing where it is no wish.
std::optional<Wish> wishFromText(const QString& text, const std::vector<MaterialPtr>& oils);

} // namespace rhexion::words
