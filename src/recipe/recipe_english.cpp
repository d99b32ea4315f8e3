#include "recipe/recipe_words.h"

namespace rhexion::recipe {

namespace {

const std::string number = R"(([0-9]+(?:[.,][0-9]+)?))";
const std::string lyes = R"((naoh|koh|sodium hydroxide|potassium hydroxide))";
const std::string percent = R"((?:%|percent|pct)\s*(?:of|on)\s*(?:the\s*)?)";

RecipeWords::Named unit(const char* code, const std::string& words)
{
    // A unit ends where its word ends; a per cent sign needs no end.
    const std::string end = code[0] == '%' ? "" : "(?![A-Za-z])";
    return {code, Pattern(R"(\s*(?:)" + words + ")" + end)};
}

RecipeWords::Named place(const char* code, const std::string& words)
{
    return {code, Pattern(R"((?:^|[\s,;(]))" + words + R"(\)?\s*$)")};
}

RecipeWords::Named heading(const char* code, const std::string& words)
{
    return {code, Pattern("^(?:" + words + ")$")};
}

} // namespace

RecipeWords::RecipeWords()
    : tablespoonOrTea(R"(\s*(T|t)(?![A-Za-z])\.?)", Pattern::Case::Kept),
      cupLetter(R"(\s*[cC](?![A-Za-z])\.?)"),
      per(R"(\s*(?:ppo\b|p\.p\.o\.?|(?:per|/)\s*([0-9]+(?:[.,][0-9]+)?)\s*(lbs?|pounds?|kg|g|oz)\.?\s*(?:of\s*)?(?:the\s*)?oils?(?![A-Za-z])|(?:per|/)\s*(lbs?|pounds?|kg|oz)\.?(?:\s*(?:of\s*)?(?:the\s*)?oils?)?(?![A-Za-z])))"),
      about(R"((?:about|approx\.?(?:imately)?|ca\.?|circa|~|roughly|around)\s*)"),
      countWord(
          R"(((?:an?|one|half an?|half|two|three))\s+(?=(?:heaped |heaping |level )?(?:pinch|handful|teaspoon|tablespoon|tsp|tbsp|cup|drop|stick|pound|kilo|pint|quart)\b|(?:(?:large|small|medium|whole|ripe|duck|quail)\s+)*(?:egg|yolk|tea bag|banana|avocado|lemon|lime|orange|apple|pear|cucumber|can|tin|bottle|carton|jar)s?\b))"),
      liquid(
          R"(\b(water|milk|juice|tea|coffee|beer|ale|stout|wine|vinegar|cream|yogh?urt|buttermilk|whey|brine|kefir|hydrosol)\b|(?:wasser|milch|saft|tee|kaffee|bier|wein|essig|sahne|rahm|joghurt|molke|sole|hydrolat|drink)(?![\p{L}]))"),
      poured(
          R"(\b(honey|syrup|molasses|aloe|glycerine?|puree|lactate)\b|(?:honig|sirup|melasse|püree|lactat)(?![\p{L}]))"),
      lye(R"(\b(?:lye|naoh|sodium hydroxide|caustic soda|koh|potassium hydroxide|caustic potash|natriumhydroxid|kaliumhydroxid|natronlauge|kalilauge)\b(?! water)|(?<![\p{L}])(?:ätznatron|ätzkali)(?![\p{L}]))"),
      potash(
          R"(\b(?:koh|potassium hydroxide|caustic potash|kaliumhydroxid|kalilauge)\b|(?<![\p{L}])ätzkali(?![\p{L}]))"),
      scented(
          R"(\b(essential oil|fragrance|eo|fo|perfume)\b|(?<![\p{L}])(?:äö|pö|ätherisch\p{L}*|parfümöl|duftöl|duft)(?![\p{L}]))"),
      oily(
          R"(\b(oil|butter|tallow|lard|fat|wax|ghee|stearic|shea|canola|castor|olive|coconut|palm|babassu)\b|(?:öl|butter|talg|schmalz|fett|wachs|stearin(?:säure)?)(?![\p{L}]))"),
      countedThing(
          R"(^(?:large |small |medium )?(?:whole )?(?:egg|yolk|duck egg|quail egg|tea bag)s?\b|^(?:large |small )?egg (?:yolk|white)s?\b|^(?:ei|eier|eigelbe?|dotter|teebeutel)(?![\p{L}]))"),
      citric("citric|[cz]itronens(?:ä|ae|a)ure"),
      citricForm("mono|anhydr|wasserfrei|solution|l(?:ö|oe)sung"),
      fewOf(
          R"((?:a few|some|several|a little|a splash of|a bit of|a squeeze of)\s+(?:(drops?|pinch(?:es)?|handfuls?|tsp|tbsp|teaspoons?|tablespoons?|cups?)\s+)?(?:of\s+)?)"),
      container(R"((?:cans?|tins?|bottles?|cartons?|jars?|packs?|packets?)\s+(?:of\s+)?)"),
      juiceOf(R"(^(?:the\s+)?juice of\s+(.*?)\s*\b(lemon|lime|orange|grapefruit)s?$)"),
      countedFruit(
          R"(^(?:large |small |medium |whole |ripe )*(?:banana|avocado|lemon|lime|orange|apple|pear|cucumber)s?$)"),
      lyeSolution(R"(\bsolution\b|\bliquid\b)"),
      lyePair(R"(^(?:(?:(?:dual|two|2)[ -])?lyes?\s*:?\s*)?(?:)" + lyes + R"(\s*:?\s*)" + number +
              R"(\s*(?:%|percent)?[\s,;/&+]*(?:and\s*)?)" + lyes + R"(\s*:?\s*)" + number +
              R"(\s*(?:%|percent)?|)" + number + R"(\s*(?:%|percent)\s*)" + lyes +
              R"([\s,;/&+]*(?:and\s*)?)" + number + R"(\s*(?:%|percent)\s*)" + lyes + R"()\.?$)"),
      splitBasis(
          R"([\s,(]+(?:(by (?:pure )?(?:weight|mass)|w/w)|(by mol(?:e|es|ar)?|molar)|(as weighed))\)?\.?$)"),
      purityAlone("[(]?" + number + R"(\s*(?:%|percent)\s*pure[)]?)"),
      lyeOrder(R"(^(?:dual|two|2)[ -]lyes?\s*:?\s*)" + number + R"(\s*%?\s*[/:]\s*)" + number +
               R"(\s*%?$)"),
      potashWord("koh|pot|caustic pot"),
      filler(R"(^[\s,;/|.\x{b7}+&()-]*(?:and|with|at|using|i use|the)?[\s,;/|.\x{b7}+&()-]*$)"),
      total(
          R"(^(?:(?:grand )?total(?: of)?|sum|batch(?: size| weight)?|total (?:batch|batter)(?: weight| size)?|total (?:oils?|fats)(?: weight)?|oils? (?:total|weight)|=)\s*([A-Za-z ]*?)\s*[:=\t|-]*\s*(?=[0-9~]))"),
      batterTotal("batch|batter"), oilTotal("oil|fat"),
      noName(R"((?:^|[\s/=+-])[0-9]+(?:[.,][0-9]+)?\s*(?:g|gr|grams?|oz|ounces?|kg|kilos?|lbs?|pounds?|ml|l|tsp|tbsp|tbs?|t|cups?)\b|[0-9]\s*%\s*s\.?f\b|^(?:s\.?f|super ?-?fat(?:ted)?|lye (?:discount|excess|concentration|strength|conc)|water discount|(?:water|liquid|lye) ratio|(?:water|liquid) (?:to|:) lye|lye (?:to|:) (?:water|liquid)|(?:dual|two|2)[ -]lyes?|(?:water|liquid|lye) [0-9]+)\b|\bpurity$|\bat$)"), figure(R"([0-9]\s*(?:g|gr|grams?|oz|ounces?|kg|lbs?|ml|l|tsp|tbsp|tbs?|t|cups?)\b|[0-9]\s*%)"), instructionNumber(R"(^(?:step\s*)?([0-9]{1,2})[.)]\s+(?=[A-Za-z0-9~]))"), cannedTwice(
                                                                                                                                                                                                                                                                                                                                                                                                                                                                                                                                                                                                           R"(\s*[0-9]{1,2} [0-9]{3}\s*(?:g|grams?|ml|oz)\.?\s*(?:cans?|tins?|bottles?|cartons?|jars?|packs?|packets?|tubs?|bags?|blocks?)\b)"),
      frozenEnd(R"([\s,;]+frozen\s*$)"), frozenWord(R"(\s*\bfrozen\b\s*)"), restWord(R"(rest\b)"),
      restEnd(R"(rest\s*$)"), questionName(R"(\?\s+\S)"),
      asNeeded(R"(\b(to taste|as needed|optional)\b)"), noteLine(R"(^notes?\s*[:.-]\s+\S)"),
      unitColumn(
          R"((?:.*\()?\s*(?:%|g|grams?|oz|ounces?|ml|percent|weight \(g\)|unit|amount|weight|kg|lb)\s*\)?)"),
      scentAmount(R"(^[0-9~]|^scent\s*[:=-]?\s*[0-9.~])"),
      titleWord(R"(^(?:recipe|name|title)\s*[:-]\s*)"),
      needsQuotes(
          R"([0-9,;:()%/|+&=*#"]|\b(?:frozen|rest|heaped|level|in|into|to|at|on|for|after|with|per|ppo|of|and)\b|^(?:the|a|an|g|t|c|l)\b|\blye$)"),
      notAName("lye|naoh|koh|hydroxide|fat|water|liquid|sf"),
      vagueName(R"(coconut|milk|oil|clay|lye water)"),
      noteFigure(R"([0-9]\s*(?:g|gr|grams?|oz|ounces?|kg|lbs?|ml|l|tsp|tbsp|cups?)\b)")
{
    units.push_back(unit("% of batter", percent + R"((?:whole\s*|total\s*)?batter)"));
    units.push_back(unit("% of liquid", percent + "(?:liquids?|water)"));
    units.push_back(
        unit("% of recipe", percent + R"((?:whole\s*|total\s*)?(?:recipe|everything|batch))"));
    units.push_back(unit("% of oils", percent + R"((?:total\s*)?(?:oils?(?:\s*weight)?|fats))"));
    units.push_back(unit("%", R"(%|percent\b|pct\b)"));
    units.push_back(unit("fl oz", R"(fl\.?\s*oz\.?|fluid\s*ounces?|floz)"));
    units.push_back(unit("oz wt", R"((?:oz\.?|ounces?)\s*(?:wt\.?|by weight))"));
    units.push_back(unit("oz", R"(oz\.?|ounces?)"));
    units.push_back(unit("lb", R"(lbs?\.?|pounds?|#(?=\s))"));
    units.push_back(unit("kg", R"(kgs?\.?|kilos?|kilograms?|kilogrammes?)"));
    units.push_back(unit("g", R"(gms?\.?|grams?|grammes?|gr?\.?)"));
    units.push_back(unit("ml", R"(mls?\.?|millilit(?:er|re)s?|cc)"));
    units.push_back(unit("cl", "cl"));
    units.push_back(unit("dl", "dl"));
    units.push_back(unit("l", "lit(?:er|re)s?|l"));
    units.push_back(unit(
        "tsp heaped",
        R"((?:heaped|heaping|rounded)\s*(?:teaspoons?|tsps?\.?)|(?:teaspoons?|tsps?\.?)\s*heaped)"));
    units.push_back(unit(
        "tbsp heaped",
        R"((?:heaped|heaping|rounded)\s*(?:tablespoons?|tbsps?\.?|tbs\.?)|(?:tablespoons?|tbsps?\.?)\s*heaped)"));
    units.push_back(unit("tsp", R"((?:level\s*)?(?:teaspoons?|tea\s*spoons?|tsps?\.?))"));
    units.push_back(unit(
        "tbsp", R"((?:level\s*)?(?:tablespoons?|table\s*spoons?|tbsps?\.?|tbls?p?\.?|tbs?\.?))"));
    units.push_back(unit("cup", "cups?"));
    units.push_back(unit("pint", R"(pints?|pt\.?)"));
    units.push_back(unit("quart", R"(quarts?|qt\.?)"));
    units.push_back(unit("stick", "sticks?"));
    units.push_back(unit("drop", "drops?"));
    units.push_back(unit("pinch", "pinch(?:es)?"));
    units.push_back(unit("handful", "handfuls?"));
    units.push_back(unit("piece", R"(pieces?|pcs?\.?)"));

    places.push_back(place("second-jug", "in the second jug"));
    places.push_back(
        place("lye-jug", "(?:in|into|to) (?:the )?(?:lye(?: jug| water| solution)?|jug|water)"));
    places.push_back(place(
        "oil-pot", "(?:in|into|to|with) (?:the )?(?:oil pot|melted oils|warm oils|oils|pot)"));
    places.push_back(place("emulsion", "at emulsion"));
    places.push_back(place("trace", "(?:added )?at (?:a )?(?:light |thin |medium |thick )?trace"));
    places.push_back(place("after-cook", "after (?:the )?cook"));
    places.push_back(place("top", "(?:for|on) (?:the )?top(?:ping)?"));

    headings.push_back(heading(
        "notes",
        "method|directions?|instructions?|steps|procedure|notes?|how to|what i did|remarks"));
    headings.push_back(heading(
        "oil-pot",
        R"((?:base |hard |soft |solid |liquid )?(?:oils?|fats)(?: phase| pot)?|butters|oils (?:and|&|\+) butters|fats? (?:and|&) oils)"));
    headings.push_back(heading(
        "lye-jug", "lye(?: ?water| solution| phase| jug| part)?|water phase|liquids?|caustic"));
    headings.push_back(heading("emulsion", "(?:add )?at emulsion"));
    headings.push_back(
        heading("trace", "(?:add |added )?(?:at )?(?:light |thin |medium |thick )?trace"));
    headings.push_back(heading("after-cook", "(?:add |added )?(?:after|post)[ -](?:the )?cook"));
    headings.push_back(heading("top", "(?:on |for )?(?:the )?top(?:ping)?s?|decoration"));
    headings.push_back(heading("own", "additives?|extras?|add-?ins|scents?|fragrances?|essential "
                                      "oils|perfume|colou?rs?|other|ingredients|recipe"));

    using W = Setting::What;
    const std::string is = R"(\s*(?:of|at|is|:|=)?\s*)";
    const std::string isOrDash = R"(\s*(?:of|at|is|:|=|-)?\s*)";
    const std::string cent = R"(\s*(?:%|percent))";
    const auto add = [&](W what, const std::string& pattern) {
        settings.push_back({what, Pattern(pattern)});
    };
    // The only way to say a superfat below 0.
    add(W::LyeExcess, "lye excess" + is + number + cent + "|" + number + cent + R"(\s*lye excess)");
    add(W::Superfat,
        R"((?:s\.?f\.?|super ?-?fat(?:ted)?|lye discount))" + isOrDash + number + cent + "?");
    add(W::Superfat, number + cent + R"(\s*(?:s\.?f\.?\b|super ?-?fat|lye discount))");
    add(W::Strength,
        R"((?:lye\s*(?:concentration|strength|conc\.?|solution)|(?<![A-Za-z])l\.?c\.?))" +
            isOrDash + number + cent + "?");
    add(W::Strength,
        number + cent +
            R"(\s*lye(?:\s*(?:concentration|strength|conc\.?|solution))?(?![a-z ]*(?:water|disc)))");
    add(W::WaterToLye, R"((?:water|liquid)\s*(?:to|:)\s*lye(?:\s*ratio)?)" + is + number +
                           R"(\s*(?::|to)\s*)" + number);
    add(W::LyeToWater, R"(lye\s*(?:to|:)\s*(?:water|liquid)(?:\s*ratio)?)" + is + number +
                           R"(\s*(?::|to)\s*)" + number);
    add(W::WaterToLye, R"((?:water|liquid)(?:\s*ratio)?)" + is + number + R"(\s*:\s*)" + number);
    add(W::WaterToLye, number + R"(\s*:\s*)" + number +
                           R"(\s*(?:water|liquid)(?:\s*(?:to|:)\s*lye)?(?:\s*ratio)?)");
    add(W::WaterOfOils, R"((?:water|liquid)\s*(?:at|is|as|:|=)?\s*)" + number + cent +
                            R"(\s*of\s*(?:the\s*)?(?:oils?(?: weight)?|fats))");
    add(W::WaterOfOils,
        R"((?:water|liquid)\s*(?:as\s*)?(?:%|percent)\s*of\s*(?:the\s*)?(?:oils?(?: weight)?|fats))" +
            is + number + cent + "?");
    add(W::WaterDiscount, number + cent +
                              R"(\s*(?:water discount|less water|water reduction)|water discount)" +
                              is + number + cent + "?");
    add(W::PotassiumPurity, R"((?:koh|potassium hydroxide)\s*(?:purity)?)" + is + number + cent +
                                R"((?:\s*(?:pure|purity))?)");
    add(W::PotassiumPurity, number + cent + R"(\s*(?:pure\s*)?koh)");
    add(W::SodiumPurity, R"((?:naoh|sodium hydroxide)\s*(?:purity)?)" + is + number + cent +
                             R"((?:\s*(?:pure|purity))?)");
    add(W::TwoLyes,
        R"((?:(?:dual|two|2)[ -]lyes?\s*:?\s*)?(?:(naoh|koh)\s*[/:]\s*(naoh|koh)\s*:?\s*)" +
            number + R"(\s*[/:]\s*)" + number + "|" + number + R"(\s*[/:]\s*)" + number +
            R"(\s*(naoh|koh)\s*[/:]\s*(naoh|koh)))");
    add(W::Temperature,
        R"((?:(?:mix|combine|soap|soaping|mixing|work)(?:ing)?\s*(?:temp(?:erature)?)?\s*(?:at|:|=)?|temp(?:erature)?)" +
            is + R"()\s*(?:about\s*)?)" + number + R"(\s*\x{b0}?\s*([cf])\b)");

    for (const char* verb :
         {"melt",    "mix",    "stir",    "add",  "pour",   "blend",    "let",    "leave",
          "heat",    "cool",   "cure",    "cut",  "cover",  "insulate", "weigh",  "dissolve",
          "bring",   "freeze", "strain",  "soak", "infuse", "unmould",  "unmold", "wait",
          "spray",   "tap",    "combine", "when", "once",   "after",    "then",   "do",
          "don't",   "this",   "it",      "i",    "we",     "makes",    "yields", "remember",
          "use",     "used",   "keep",    "put",  "cook",   "simmer",   "puree",  "wear",
          "work",    "scent",  "turned",  "came", "next",   "last",     "made",   "smells",
          "lathers", "best",   "store"})
        verbs.emplace(verb);
}

const RecipeWords& english()
{
    static const RecipeWords words;
    return words;
}

} // namespace rhexion::recipe
