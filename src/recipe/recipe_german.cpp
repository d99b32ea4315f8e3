#include "recipe/recipe_german.h"

#include "recipe/pattern.h"
#include "recipe/recipe_text.h"

#include <vector>

namespace rhexion::recipe {

namespace {

// $1 to $3 are what the groups held.
struct Replacement {
    Pattern german;
    std::string readers;
};

const std::string wordStart = R"((?<![\p{L}]))";
const std::string wordEnd = R"((?![\p{L}]))";
// Something counted stands before a unit: "2 EL", "eine Tasse".
const std::string counted = R"(([0-9½¼¾/]\s*|(?:one|two|three|half a)\s+))";

std::vector<Replacement> makeReplacements()
{
    std::vector<Replacement> all;
    const auto add = [&](const std::string& german, const std::string& readers) {
        all.push_back({Pattern(german), readers});
    };
    const auto word = [&](const std::string& german, const std::string& readers) {
        add(wordStart + "(?:" + german + ")" + wordEnd, readers);
    };
    const auto unit = [&](const std::string& german, const std::string& readers) {
        add(counted + "(?:" + german + ")" + wordEnd, "$1" + readers);
    };
    const auto line = [&](const std::string& german, const std::string& readers) {
        add(R"(^([^\p{L}0-9]*)(?:)" + german + R"()(\s*(?:\(.*\))?\s*:?\s*)$)",
            "$1" + readers + "$2");
    };
    // Headings: the whole line.
    line("(?:feste |harte |weiche |flüssige )?(?:fette|öle)(?:phase)?|fettphase|"
         "fette (?:und|&) öle|öle (?:und|&) (?:fette|butter)",
         "Oils");
    line("lauge|laugenwasser|laugenphase|wasserphase|flüssigkeit(?:en)?", "Lye water");
    line("zusätze|zutaten|extras?|rezept|düfte|duft|beduftung|farben?", "Additives");
    line("anleitung|zubereitung|herstellung|vorgehen|schritte|notizen|anmerkungen|bemerkungen|so "
         "geht'?s",
         "Method");
    line("beim (?:zeichnen|andicken)|puddingphase", "At trace");
    line("nach dem (?:kochen|sieden)", "After the cook");
    line("dekoration|obenauf|topping", "On top");
    // Settings.
    word("überfettung|ü\\.?f\\.?", "superfat");
    word("laugenüberschuss", "lye excess");
    word("laugen(?:konzentration|stärke)", "lye concentration");
    add(R"(([0-9]+(?:[.,][0-9]+)?)\s*-?\s*%-?\s*ige[rn]?\s+lauge)", "$1 % lye");
    word("(?:wasser|flüssigkeit)\\s*(?:zu|:|/)\\s*(?:lauge|naoh|hydroxid)", "water to lye");
    word("(?:lauge|naoh|hydroxid)\\s*(?:zu|:|/)\\s*(?:wasser|flüssigkeit)", "lye to water");
    word("wasserredu(?:ktion|zierung)|weniger wasser", "water discount");
    word("reinheit (?:von |des )?(koh|naoh)", "$1 purity");
    word("(koh|naoh)[ -]reinheit", "$1 purity");
    word("kaliumhydroxid-reinheit", "koh purity");
    word("mischlauge|zwei laugen", "two lyes");
    word("temperatur", "temp");
    word("nach (?:reinem )?gewicht", "by weight");
    word("nach (?:stoffmenge|mol)", "by mole");
    word("wie (?:ab)?gewogen", "as weighed");
    // Shares and bases.
    add(R"(%\s*(?:der|von den|auf die)?\s*(?:gesamtfettmenge|gfm|öle|fette)(?![\p{L}]))",
        "% of oils");
    add(wordStart + R"(wasser(\s*(?:mit|:|=)?\s*[0-9]+(?:[.,][0-9]+)?\s*% of oils))", "water$1");
    add(R"(%\s*(?:des|vom)\s*(?:seifen)?leims?(?![\p{L}]))", "% of batter");
    add(R"(%\s*der\s*flüssigkeit(?![\p{L}]))", "% of liquid");
    word(R"((?:pro|je)\s+((?:[0-9.,]+\s*)?(?:kg|g|oz|lb))\s*(?:öle?|fette?|gfm))",
         "per $1 of oils");
    // Totals.
    word("gesamtfettmenge|gfm|öle gesamt|fette gesamt", "total oils");
    add(R"(^([^\p{L}0-9]*)(?:gesamtgewicht|gesamt|insgesamt|summe)(?![\p{L}]))", "$1total");
    // Places.
    word("in den zweiten krug", "in the second jug");
    word("(?:in (?:den|die) (?:laugenkrug|krug|lauge|laugenwasser)|im (?:laugen)?krug)",
         "in the lye jug");
    word("(?:in (?:den|die) (?:fetttopf|topf|öle|fette)|im topf|zu den (?:ölen|"
         "fetten))",
         "in the oil pot");
    word("(?:bei|zur) emulsion", "at emulsion");
    word("beim (?:zeichnen|andicken)|bei (?:leichtem |mittlerem |starkem )?(?:zeichnen)|in der "
         "puddingphase|in die puddingphase",
         "at trace");
    word("nach dem (?:kochen|sieden)", "after the cook");
    word("obenauf|oben drauf|als topping|zum bestreuen", "on top");
    // Counting words, then units.
    word("(?:ein(?:en|e|er)? halbe[nrs]?|halbe[nrs]?)(?=\\s+(?:el|tl|tasse|essl|teel))", "half a");
    const std::string next =
        "(?=\\s+(?:gehäufte|gestrichene|el|tl|essl|teel|tasse|prise|handvoll|messerspitze|"
        "msp|pfund|liter))";
    word("ein(?:en|e|er)?" + next, "one");
    word("zwei" + next, "two");
    word("drei" + next, "three");
    unit("gehäufte[rn]?\\s+(?:el|esslöffeln?)\\.?", "heaped tbsp");
    unit("gehäufte[rn]?\\s+(?:tl|teelöffeln?)\\.?", "heaped tsp");
    unit("(?:gestrichene[rn]?\\s+)?(?:el|esslöffeln?|essl\\.?)\\.?", "tbsp");
    unit("(?:gestrichene[rn]?\\s+)?(?:tl|teelöffeln?|teel\\.?)\\.?", "tsp");
    unit("tassen?", "cup");
    unit("tropfen|tr\\.", "drops");
    unit("prisen?|messerspitzen?|msp\\.?", "pinch");
    unit("handvoll|hand voll", "handful");
    unit("stück|stk\\.?", "pieces");
    unit("gramm", "g");
    unit("kilo(?:gramm)?", "kg");
    unit("liter", "l");
    add(R"(([0-9]+(?:[.,][0-9]+)?)\s*(?:pfund|pfd\.?)(?![\p{L}]))", "$1 x 500 g"); // the metric one
    // What is left.
    word("gefroren(?:e[nrs]?)?|tiefgekühlt(?:e[nrs]?)?|tk", "frozen");
    word("etwa|ca\\.?|circa|ungefähr|rund(?=\\s+[0-9])", "about");
    word("nach bedarf|nach belieben", "as needed");
    add(R"((\s)und(?=\s+[0-9]))", "$1and");
    return all;
}

std::string filledIn(std::string_view readers, const Match& m)
{
    std::string out;
    for (std::size_t i = 0; i < readers.size(); ++i)
        if (readers[i] == '$' && i + 1 < readers.size())
            out += m[std::size_t(readers[++i] - '0')];
        else
            out += readers[i];
    return out;
}

std::size_t countOf(const Pattern& what, std::string_view text)
{
    constexpr std::size_t enough = 200;
    std::size_t n = 0;
    std::size_t from = 0;
    while (const auto m = what.find(text, from)) {
        from = std::max(m->end(), m->start() + 1);
        if (++n == enough)
            break;
    }
    return n;
}

} // namespace

bool isGerman(std::string_view text)
{
    static const Pattern german(
        "(?:öl|öle|fett|talg|schmalz|wasser|milch|säure|lauge|ü"
        "berfettung|konzentration|zucker|honig|salz|hydroxid)(?![\\p{L}])|(?<![\\p{L}])(?:und|el|"
        "tl|der|die|den|beim|gesamt|anleitung|zubereitung|gfm|üf|rest)(?![\\p{L}])");
    static const Pattern english(
        "\\b(?:oils?|water|milk|acid|lye|superfat|sf|concentration|sugar|honey|salt|hydroxide|"
        "tallow|lard|fat|and|tbsp|tsp|the|of|at|total|method|directions|wax|strength)\\b");
    return countOf(german, text) > countOf(english, text);
}

std::string fromGerman(std::string_view line)
{
    static const std::vector<Replacement> all = makeReplacements();
    // What stands in quotes or braces is a name or a note and stays as it is written.
    static const Pattern kept(R"re("[^"]*"|\{[^{}]*\})re");
    constexpr char standIn = '\x04';
    std::vector<std::string> keptTexts;
    std::string out;
    std::size_t at = 0;
    while (const auto m = kept.find(line, at)) {
        out += line.substr(at, m->start() - at);
        out += standIn;
        keptTexts.emplace_back((*m)[0]);
        at = m->end();
    }
    out += line.substr(at);
    for (const Replacement& one : all) {
        std::size_t from = 0;
        while (from <= out.size()) {
            const auto m = one.german.find(out, from);
            if (!m)
                break;
            const std::string said = filledIn(one.readers, *m);
            const std::size_t start = m->start();
            out = out.substr(0, start) + said + out.substr(m->end());
            from = start + std::max<std::size_t>(said.size(), 1);
        }
    }
    std::string whole;
    std::size_t next = 0;
    for (const char c : out)
        if (c == standIn && next < keptTexts.size())
            whole += keptTexts[next++];
        else
            whole += c;
    return whole;
}

} // namespace rhexion::recipe
