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
    Lexicon l;
    add(l.units, U::Gram, LexiconText::tr("g|gram|grams"));
    add(l.units, U::Kilogram, LexiconText::tr("kg|kilograms"));
    add(l.units, U::Ounce, LexiconText::tr("oz|ounce|ounces"));
    add(l.units, U::Pound, LexiconText::tr("lb|lbs|pound|pounds"));
    add(l.units, U::PercentOfBatter, LexiconText::tr("% of batter"));
    add(l.units, U::PercentOfLiquid, LexiconText::tr("% of liquid|% of the liquid"));
    add(l.units, U::PercentOfOils, LexiconText::tr("%|% of oils"));
    add(l.units, U::TablespoonHeaped,
        LexiconText::tr("heaped tbsp|heaped tablespoon|heaped tablespoons|tbsp heaped"));
    add(l.units, U::Tablespoon, LexiconText::tr("tbsp|tablespoon|tablespoons"));
    add(l.units, U::TeaspoonHeaped,
        LexiconText::tr("heaped tsp|heaped teaspoon|heaped teaspoons|tsp heaped"));
    add(l.units, U::Teaspoon, LexiconText::tr("tsp|teaspoon|teaspoons"));
    add(l.units, U::Cup, LexiconText::tr("cup|cups"));
    add(l.units, U::Drop, LexiconText::tr("drop|drops"));
    add(l.units, U::Millilitre, LexiconText::tr("ml|millilitres"));
    add(l.units, U::FluidOunce, LexiconText::tr("fl oz"));
    add(l.units, U::Piece, LexiconText::tr("piece|pieces"));
    sortLongestFirst(l.units);
    add(l.places, Vessel::LyeJug, LexiconText::tr("in the lye jug|in the jug"));
    add(l.places, Vessel::SecondJug, LexiconText::tr("in the second jug"));
    add(l.places, Vessel::OilPot, LexiconText::tr("in the oil pot|in the pot|in the oils"));
    add(l.places, Vessel::Emulsion, LexiconText::tr("at emulsion"));
    add(l.places, Vessel::Trace, LexiconText::tr("at trace"));
    add(l.places, Vessel::AfterCook, LexiconText::tr("after the cook|after cook"));
    add(l.places, Vessel::Top, LexiconText::tr("on top"));
    sortLongestFirst(l.places);
    l.rest = divided(LexiconText::tr("rest"));
    l.frozen = divided(LexiconText::tr("frozen"));
    l.dissolved = divided(LexiconText::tr("dissolved"));
    l.level = divided(LexiconText::tr("level"));
    l.of = divided(LexiconText::tr("of"));
    l.per = divided(LexiconText::tr("per"));
    l.oils = divided(LexiconText::tr("oils|oil"));
    l.children = divided(LexiconText::tr("baby*|babies|child*"));
    l.acidity = divided(LexiconText::tr("ph"));
    l.discount = divided(LexiconText::tr("discount|reduction|reduced"));
    l.discountSaid =
        divided(LexiconText::tr("lye discount|water reduction|water discount|lye reduction"));
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
