#include "words/search_words.h"

#include "words/divided.h"

#include <QCoreApplication>

namespace rhexion::words {

namespace {

// Pairs "typed>meant", divided by |. A translation has those of its own language.
struct SearchText {
    Q_DECLARE_TR_FUNCTIONS(Search)
};

SearchRules::Pairs pairsOf(const QString& text)
{
    SearchRules::Pairs out;
    for (const std::string& pair : divided(text))
        if (const std::size_t arrow = pair.find('>'); arrow != std::string::npos && arrow > 0)
            out.emplace_back(pair.substr(0, arrow), pair.substr(arrow + 1));
    return out;
}

} // namespace

std::shared_ptr<const SearchRules> searchRules()
{
    SearchRules rules;
    // One for many; what ends in ss, us or is stays.
    rules.endings = pairsOf(SearchText::tr("ss>ss|us>us|is>is|ies>y|oes>o|ches>ch|s>"));
    rules.words = pairsOf(SearchText::tr(
        "yoghurt>yogurt|colour>color|glycerine>glycerin|glycerol>glycerin|powdered>powder|"
        "soya>soy|leaves>leaf|beet>beetroot|flavour>flavor|odour>odor|fibre>fiber|"
        "mould>mold|aluminum>aluminium|sulphate>sulfate|sulphur>sulfur|oatmeal>oat|"
        "corn>maize|canola>rapeseed|colza>rapeseed|flax>linseed|"
        "flaxseed>linseed|hempseed>hemp|cacao>cocoa|peanut>groundnut|garbanzo>chickpea|"
        "cilantro>coriander|eo>essential oil|fo>fragrance oil|bicarb>bicarbonate|"
        "puréed>puree|pureed>puree|juiced>juice|tinned>tin|canned>tin"));
    rules.shortForms = pairsOf(SearchText::tr(
        "evoo>olive oil|extra virgin olive oil>olive oil|virgin olive oil>olive oil|"
        "coconut 76>coconut oil|coconut oil 76>coconut oil|virgin coconut oil>coconut oil|"
        "rbo>rice bran oil|pko>palm kernel oil|ho sunflower>sunflower oil, high oleic|"
        "ho safflower>safflower oil, high oleic|acv>apple cider vinegar|td>titanium dioxide|"
        "sl>sodium lactate|roe>rosemary oleoresin|"
        "bicarbonate of soda>sodium bicarbonate|"
        "baking soda>sodium bicarbonate"));
    return std::make_shared<const SearchRules>(std::move(rules));
}

} // namespace rhexion::words
