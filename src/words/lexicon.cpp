#include "words/lexicon.h"

#include "core/materials/search.h"

#include <QCoreApplication>
#include <QStringList>

#include <algorithm>

namespace rhexion::words {

namespace {

// Each text is a list of words that mean the same, divided by |. A translation may have more of
// them, or fewer.
struct LexiconText {
    Q_DECLARE_TR_FUNCTIONS(Lexicon)
};

Lexicon::Words divided(const QString& text)
{
    Lexicon::Words out;
    for (const QString& word : text.split(QLatin1Char('|'), Qt::SkipEmptyParts))
        out.push_back(folded(word.trimmed().toStdString()));
    return out;
}

template <class Meaning>
void add(std::vector<std::pair<std::string, Meaning>>& to, Meaning meaning, const QString& text)
{
    for (std::string& word : divided(text))
        to.emplace_back(std::move(word), meaning);
}

// The longest first, so that "fl oz" is met before "f" and "% of oils" before "%".
template <class Meaning>
void sortLongestFirst(std::vector<std::pair<std::string, Meaning>>& words)
{
    std::ranges::stable_sort(words, std::ranges::greater{},
                             [](const auto& word) { return word.first.size(); });
}

Lexicon make()
{
    using U = AmountUnit;
    using T = LexiconText;
    Lexicon l;
    add(l.units, U::Gram, T::tr("g|gram|grams"));
    add(l.units, U::Kilogram, T::tr("kg|kilograms"));
    add(l.units, U::Ounce, T::tr("oz|ounce|ounces"));
    add(l.units, U::Pound, T::tr("lb|lbs|pound|pounds"));
    add(l.units, U::PercentOfBatter, T::tr("% of batter"));
    add(l.units, U::PercentOfLiquid, T::tr("% of liquid|% of the liquid"));
    add(l.units, U::PercentOfOils, T::tr("%|% of oils"));
    add(l.units, U::TablespoonHeaped,
        T::tr("heaped tbsp|heaped tablespoon|heaped tablespoons|tbsp heaped"));
    add(l.units, U::Tablespoon, T::tr("tbsp|tablespoon|tablespoons"));
    add(l.units, U::TeaspoonHeaped,
        T::tr("heaped tsp|heaped teaspoon|heaped teaspoons|tsp heaped"));
    add(l.units, U::Teaspoon, T::tr("tsp|teaspoon|teaspoons"));
    add(l.units, U::Cup, T::tr("cup|cups"));
    add(l.units, U::Drop, T::tr("drop|drops"));
    add(l.units, U::Millilitre, T::tr("ml|millilitres"));
    add(l.units, U::FluidOunce, T::tr("fl oz"));
    add(l.units, U::Piece, T::tr("piece|pieces"));
    sortLongestFirst(l.units);
    add(l.places, Vessel::LyeJug, T::tr("in the lye jug|in the jug"));
    add(l.places, Vessel::SecondJug, T::tr("in the second jug"));
    add(l.places, Vessel::OilPot, T::tr("in the oil pot|in the pot|in the oils"));
    add(l.places, Vessel::Emulsion, T::tr("at emulsion"));
    add(l.places, Vessel::Trace, T::tr("at trace"));
    add(l.places, Vessel::AfterCook, T::tr("after the cook|after cook"));
    add(l.places, Vessel::Top, T::tr("on top"));
    sortLongestFirst(l.places);
    l.rest = divided(T::tr("rest"));
    l.frozen = divided(T::tr("frozen"));
    l.dissolved = divided(T::tr("dissolved"));
    l.level = divided(T::tr("level"));
    l.of = divided(T::tr("of"));
    l.per = divided(T::tr("per"));
    l.oils = divided(T::tr("oils|oil"));
    l.children = divided(T::tr("baby*|babies|child*"));
    l.acidity = divided(T::tr("ph"));
    l.discount = divided(T::tr("discount|reduction|reduced"));
    l.discountSaid = divided(T::tr("lye discount|water reduction|water discount|lye reduction"));
    return l;
}

} // namespace

std::shared_ptr<const Lexicon> lexicon()
{
    // One of its words says which language it was made in.
    static QString madeIn;
    static std::shared_ptr<const Lexicon> made;
    const QString now = LexiconText::tr("rest") + LexiconText::tr("g|gram|grams");
    if (!made || madeIn != now) {
        made = std::make_shared<const Lexicon>(make());
        madeIn = now;
    }
    return made;
}

} // namespace rhexion::words
