// Scent on its bases, its limits and allergens in words.
#pragma once

#include "core/making/scent.h"
#include "words/facts.h"
#include "words/speech.h"

#include <variant>

namespace rhexion::words {

QString scentBasisName(ScentBasis basis); // "of the oils"
QString productKindName(ProductKind kind);
QString limitSaid(const ScentLimit& limit, const Speech& speech);
QString flashSaid(const ScentPicture& picture, const Speech& speech);

FactPage scentFacts(const Formula& formula, const ScentPicture& picture,
                    std::span<const ScentLimit> limits, std::span<const ScentBlend> blends,
                    const Speech& speech);

// "lavender essential oil 60, clary sage 40": names and parts by weight; the part that is not
// understood where one is not.
std::variant<std::vector<std::pair<QString, double>>, QString> partsFromText(const QString& text);

// "linalool 30-40, limonene up to 3": per cents of the scent. The part that is not understood where
// one is not.
std::variant<std::vector<AllergenShare>, QString> allergensFromText(const QString& text);

} // namespace rhexion::words
