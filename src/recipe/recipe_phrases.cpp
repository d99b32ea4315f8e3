#include "recipe/recipe_phrases.h"

#include "recipe/pattern.h"
#include "recipe/recipe_text.h"

#include <algorithm>
#include <array>

namespace rhexion::recipe {

namespace {

struct Row {
    PhraseCode code;
    std::string_view english;
    std::string_view german;
};

using C = PhraseCode;
constexpr std::array<Row, 29> rows{{
    {C::UsualRatio, "usual water to lye $:1", "übliches Wasser zu Lauge $:1"},
    {C::JugRatio, "lye in the jug made with water $:1", "Lauge im Krug angesetzt mit Wasser $:1"},
    {C::JugCoolest, "jug no colder than $ C", "Krug nicht kälter als $ C"},
    {C::TemperatureApart, "jug and pot at most $ C apart",
     "Krug und Topf höchstens $ C verschieden"},
    {C::OilsInAll, "oils in all $ g", "Öle zusammen $ g"},
    {C::SecondJugSodium, "$ % of the NaOH in the second jug", "$ % des NaOH im zweiten Krug"},
    {C::SecondJugPotassium, "$ % of the KOH in the second jug", "$ % des KOH im zweiten Krug"},
    {C::SplitByMole, "lyes split by mole", "Laugen geteilt nach Stoffmenge"},
    {C::SplitByPureWeight, "lyes split by pure weight", "Laugen geteilt nach reinem Gewicht"},
    {C::SplitAsWeighed, "lyes split as weighed", "Laugen geteilt wie abgewogen"},
    {C::HiddenFatLeftOut, "hidden fat left out", "verstecktes Fett nicht gezählt"},
    {C::HiddenFatSurely, "hidden fat as far as it is sure",
     "verstecktes Fett soweit es sicher ist"},
    {C::HiddenFatTypical, "hidden fat as usual", "verstecktes Fett wie üblich"},
    {C::SuperfatOfAllFat, "superfat of all fat", "Überfettung auf alles Fett"},
    {C::SuperfatOfCooked, "superfat of what is cooked", "Überfettung auf das Gekochte"},
    {C::StrengthOfPure, "lye concentration of pure lye in all water",
     "Laugenkonzentration aus reinem Hydroxid in allem Wasser"},
    {C::StrengthAsWeighed, "lye concentration of lye as weighed",
     "Laugenkonzentration aus Hydroxid wie gewogen"},
    {C::NothingElsePoured, "no other liquid", "keine weitere Flüssigkeit"},
    {C::SodiumIs, "NaOH is \"&\"", "NaOH ist \"&\""},
    {C::PotassiumIs, "KOH is \"&\"", "KOH ist \"&\""},
    {C::PortionParts, "portion \"&\" is $ parts", "Portion \"&\" ist $ Teile"},
    {C::PortionMould, "portion \"&\" goes into \"&\"", "Portion \"&\" kommt in \"&\""},
    {C::PortionHolds, "portion \"&\" keeps back $ & of the oils",
     "Portion \"&\" hält $ & der Öle zurück"},
    {C::PortionHoldsOf, "portion \"&\" keeps back $ & of \"&\"",
     "Portion \"&\" hält $ & von \"&\" zurück"},
    {C::Locked, "locked", "fest"},
    {C::AllWater, "counts as water", "zählt als Wasser"},
    {C::Solvent, "in $ times its weight of the liquid", "in $-fachem Gewicht der Flüssigkeit"},
    {C::ForPortion, "for portion \"&\"", "für Portion \"&\""},
    {C::LyeKept, "kept as stated", "wie angegeben"},
}};

std::string exactNumber(double value)
{
    std::string out = shown(value, 17);
    if (const std::string shorter = shown(value, 12); numberFrom(shorter) == value)
        out = shorter;
    return out;
}

// As a pattern: numbers and texts are captured, all else stands for itself.
Pattern patternOf(std::string_view phrase)
{
    std::string out;
    for (const char c : phrase)
        if (c == '$')
            out += R"((-?[0-9]+(?:[.,][0-9]+)?(?:e-?[0-9]+)?))";
        else if (c == '&')
            out += R"(([^"]*?))";
        else if (std::string_view(R"(.^$*+?()[]{}\|/)").find(c) != std::string_view::npos)
            out += std::string("\\") + c;
        else
            out += c;
    return Pattern("^(?:" + out + ")$");
}

struct Reader {
    PhraseCode code;
    std::string kinds; // $ and & in their order
    Pattern pattern;
};

const std::vector<Reader>& readers()
{
    static const std::vector<Reader> all = [] {
        std::vector<Reader> out;
        for (const Row& row : rows)
            for (const std::string_view phrase : {row.english, row.german}) {
                std::string kinds;
                for (const char c : phrase)
                    if (c == '$' || c == '&')
                        kinds += c;
                out.push_back({row.code, kinds, patternOf(phrase)});
            }
        return out;
    }();
    return all;
}

} // namespace

std::string phraseSaid(const Said& said, bool german)
{
    const auto* row = std::ranges::find(rows, said.code, &Row::code);
    std::string out;
    std::size_t number = 0;
    std::size_t text = 0;
    for (const char c : german ? row->german : row->english)
        if (c == '$' && number < said.numbers.size())
            out += exactNumber(said.numbers[number++]);
        else if (c == '&' && text < said.texts.size())
            out += replaced(said.texts[text++], "\"", "'");
        else
            out += c;
    return out;
}

std::optional<Said> phraseOf(std::string_view text)
{
    const std::string_view whole = trimmed(text);
    for (const Reader& reader : readers())
        if (const auto m = reader.pattern.at(whole)) {
            Said out{reader.code, {}, {}};
            for (std::size_t i = 0; i < reader.kinds.size(); ++i)
                if (reader.kinds[i] == '$')
                    out.numbers.push_back(numberFrom(replaced((*m)[i + 1], ",", ".")));
                else
                    out.texts.emplace_back((*m)[i + 1]);
            return out;
        }
    return std::nullopt;
}

} // namespace rhexion::recipe
