#include "words/lexicon.h"

#include "words/divided.h"

#include <QCoreApplication>

#include <algorithm>

namespace rhexion::words {

namespace {

// Each text is a list of words that mean the same, divided by |. A translation may have more of
// them, or fewer.
struct LexiconText {
    Q_DECLARE_TR_FUNCTIONS(Lexicon)
};

void add(std::vector<Lexicon::UnitWord>& to, AmountUnit unit, const QString& text,
         double times = 1.0, bool alone = false)
{
    for (std::string& word : divided(text))
        to.push_back({std::move(word), unit, times, alone});
}

template <class Meaning>
void add(std::vector<std::pair<std::string, Meaning>>& to, Meaning meaning, const QString& text)
{
    for (std::string& word : divided(text))
        to.emplace_back(std::move(word), meaning);
}

// The longest first, so that "fl oz" is met before "f" and "% of oils" before "%".
template <class Words, class Word>
void sortLongestFirst(Words& words, Word word)
{
    std::ranges::stable_sort(words, std::ranges::greater{},
                             [&](const auto& w) { return (w.*word).size(); });
}

Lexicon make()
{
    using U = AmountUnit;
    Lexicon l;
    add(l.units, U::Gram, LexiconText::tr("g|gram|grams|gm|gms|gr|grs"));
    add(l.units, U::Kilogram, LexiconText::tr("kg|kilogram|kilograms|kilo|kilos"));
    add(l.units, U::Gram, LexiconText::tr("metric pound|metric pounds"), 500.0);
    add(l.units, U::Ounce, LexiconText::tr("oz|ounce|ounces"));
    add(l.units, U::Pound, LexiconText::tr("lb|lbs|pound|pounds|#"));
    add(l.units, U::PercentOfBatter, LexiconText::tr("% of batter"));
    add(l.units, U::PercentOfLiquid, LexiconText::tr("% of liquid|% of the liquid"));
    add(l.units, U::PercentOfOils, LexiconText::tr("%|% of oils"));
    add(l.units, U::TablespoonHeaped,
        LexiconText::tr("heaped tbsp|heaped tablespoon|heaped tablespoons|tbsp heaped|heaping tbsp|"
                        "heaping tablespoon|heaping tablespoons|rounded tbsp|rounded tablespoon|"
                        "rounded tablespoons"));
    add(l.units, U::Tablespoon, LexiconText::tr("tbsp|tablespoon|tablespoons|tbs|tbsps"));
    add(l.units, U::TeaspoonHeaped,
        LexiconText::tr("heaped tsp|heaped teaspoon|heaped teaspoons|tsp heaped|heaping tsp|"
                        "heaping teaspoon|heaping teaspoons|rounded tsp|rounded teaspoon|"
                        "rounded teaspoons"));
    add(l.units, U::Teaspoon, LexiconText::tr("tsp|teaspoon|teaspoons|tsps"));
    add(l.units, U::Cup, LexiconText::tr("cup|cups"));
    add(l.units, U::Drop, LexiconText::tr("drop|drops"));
    add(l.units, U::Millilitre, LexiconText::tr("ml|millilitres|millilitre|milliliters|cc"));
    add(l.units, U::Millilitre, LexiconText::tr("dl|decilitres|decilitre"), 100.0);
    add(l.units, U::Millilitre, LexiconText::tr("l|litre|litres|liter|liters"), 1000.0);
    add(l.units, U::FluidOunce, LexiconText::tr("fl oz|fl. oz|fluid ounce|fluid ounces"));
    add(l.units, U::Piece, LexiconText::tr("piece|pieces"));
    // Common practice, no source: a sixteenth and an eighth of a teaspoon, a quarter of a cup.
    add(l.units, U::Teaspoon, LexiconText::tr("pinch|pinches"), 1.0 / 16.0, true);
    add(l.units, U::Teaspoon, LexiconText::tr("dash|dashes"), 1.0 / 8.0, true);
    add(l.units, U::Cup, LexiconText::tr("handful|handfuls"), 0.25, true);
    sortLongestFirst(l.units, &Lexicon::UnitWord::word);
    add(l.places, Vessel::LyeJug, LexiconText::tr("in the lye jug|in the jug"));
    add(l.places, Vessel::SecondJug, LexiconText::tr("in the second jug"));
    add(l.places, Vessel::OilPot, LexiconText::tr("in the oil pot|in the pot|in the oils"));
    add(l.places, Vessel::Emulsion, LexiconText::tr("at emulsion"));
    add(l.places, Vessel::Trace, LexiconText::tr("at trace"));
    add(l.places, Vessel::AfterCook, LexiconText::tr("after the cook|after cook"));
    add(l.places, Vessel::Top, LexiconText::tr("on top"));
    sortLongestFirst(l.places, &std::pair<std::string, Vessel>::first);
    const auto number = [&](double value, const QString& text) { add(l.numbers, value, text); };
    number(0.5, LexiconText::tr("half a|half an|a half|half|one half"));
    number(0.25, LexiconText::tr("a quarter|quarter|quarter of a|a quarter of a"));
    number(1.0, LexiconText::tr("a|an|one"));
    number(2.0, LexiconText::tr("two"));
    number(3.0, LexiconText::tr("three"));
    number(4.0, LexiconText::tr("four"));
    number(5.0, LexiconText::tr("five"));
    number(6.0, LexiconText::tr("six"));
    sortLongestFirst(l.numbers, &std::pair<std::string, double>::first);
    l.rest = divided(LexiconText::tr("rest"));
    l.frozen = divided(LexiconText::tr("frozen"));
    l.dissolved = divided(LexiconText::tr("dissolved"));
    l.level = divided(LexiconText::tr("level"));
    l.of = divided(LexiconText::tr("of"));
    l.per = divided(LexiconText::tr("per"));
    l.oils = divided(LexiconText::tr("oils|oil"));
    using T = TakenAs;
    add(l.things, T::Scent,
        LexiconText::tr("fragrance|fragrance oil|essential oil|eo|fo|perfume|scent|absolute"));
    add(l.things, T::Colour,
        LexiconText::tr("mica|oxide|pigment|colour|color|colorant|dye|lake|ultramarine"));
    add(l.things, T::Watery,
        LexiconText::tr("juice|puree|milk|tea|water|infusion|yogurt|gel|beer|wine|hydrosol"));
    add(l.things, T::DrySolid,
        LexiconText::tr("powder|flour|clay|seeds|seed|petals|leaf|leaves|root|flakes|bran|meal"));
    add(l.things, T::Oil, LexiconText::tr("oil|butter|tallow|lard|fat"));
    add(l.things, T::Salt, LexiconText::tr("salt"));
    add(l.things, T::Sugar, LexiconText::tr("sugar|syrup|honey|nectar"));
    add(l.things, T::Acid, LexiconText::tr("acid"));
    sortLongestFirst(l.things, &std::pair<std::string, T>::first);
    l.perPound = divided(LexiconText::tr("ppo"));
    l.about = divided(LexiconText::tr("about|approx.|approx|ca.|ca|around"));
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
    const QString now = LexiconText::tr("rest") + LexiconText::tr("g|gram|grams|gm|gms|gr|grs");
    if (!made || madeIn != now) {
        made = std::make_shared<const Lexicon>(make());
        madeIn = now;
    }
    return made;
}

} // namespace rhexion::words
