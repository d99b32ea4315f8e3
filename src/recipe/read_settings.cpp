#include "recipe/reading.h"
#include "recipe/recipe_text.h"

#include <array>
#include <cmath>

namespace rhexion::recipe {

namespace {

using What = RecipeWords::Setting::What;

// Beyond these a figure means something else: a share, a solution, a fraction for per cent, water
// and lye the wrong way round.
struct Sense {
    const char* key;
    double low;
    double high;
};
constexpr std::array<Sense, 6> senses{{{"koh_purity", 80, 100},
                                       {"koh_share", 0.1, 100},
                                       {"naoh_purity", 90, 100},
                                       {"lye_strength", 10, 60},
                                       {"water_ratio", .9, 9},
                                       {"superfat", -20, 40}}};

constexpr double leastPotashPurity = 80.0; // per cent

struct OneSetting {
    const char* key;
    double value;
};

double decimal(std::string_view digits)
{
    return numberFrom(replaced(digits, ",", "."));
}

bool isPotash(const RecipeWords& words, std::string_view name)
{
    return words.potashWord.at(name).has_value();
}

// Which is which must be said, and they must make 100.
std::optional<OneSetting> twoLyes(const RecipeWords& words, std::string_view first, double a,
                                  std::string_view second, double b)
{
    const bool firstIsPotash = isPotash(words, first);
    if (firstIsPotash == isPotash(words, second) || !(std::abs(a + b - 100.0) <= 0.5))
        return std::nullopt;
    return OneSetting{"koh_share", firstIsPotash ? a : b};
}

std::optional<OneSetting> valueOf(const RecipeWords& words, What what, const Match& m)
{
    const auto either = [&](std::size_t a, std::size_t b) {
        return decimal(m.has(a) ? m[a] : m[b]);
    };
    const auto ratio = [&](double water, double lye) -> std::optional<OneSetting> {
        if (!(lye > 0.0))
            return std::nullopt; // "water 2:0"
        return OneSetting{"water_ratio", water / lye};
    };
    switch (what) {
    case What::LyeExcess: return OneSetting{"superfat", -either(1, 2)};
    case What::Superfat: return OneSetting{"superfat", decimal(m[1])};
    case What::Strength: return OneSetting{"lye_strength", decimal(m[1])};
    case What::WaterToLye: return ratio(decimal(m[1]), decimal(m[2]));
    case What::LyeToWater: return ratio(decimal(m[2]), decimal(m[1]));
    case What::WaterOfOils: return OneSetting{"water_percent_of_oils", decimal(m[1])};
    case What::WaterDiscount: return OneSetting{"water_discount", either(1, 2)};
    case What::PotassiumPurity: {
        // No drum is that weak: "40 % KOH" is its share of the lye.
        const double said = decimal(m[1]);
        return OneSetting{said < leastPotashPurity ? "koh_share" : "koh_purity", said};
    }
    case What::SodiumPurity: return OneSetting{"naoh_purity", decimal(m[1])};
    case What::TwoLyes:
        return twoLyes(words, m.has(1) ? m[1] : m[7], either(3, 5), m.has(2) ? m[2] : m[8],
                       either(4, 6));
    case What::Temperature: {
        const double t = decimal(m[1]);
        const bool celsius = m[2] == "c" || m[2] == "C";
        return OneSetting{"temperature_c", rounded(celsius ? t : (t - 32.0) / 1.8, 2)};
    }
    }
    return std::nullopt;
}

bool isSense(const OneSetting& setting)
{
    for (const Sense& sense : senses)
        if (std::string_view(setting.key) == sense.key &&
            !(setting.value >= sense.low && setting.value <= sense.high))
            return false;
    return true;
}

} // namespace

void setSetting(RecipeSettings& settings, const std::string& key, double value)
{
    for (auto& [name, figure] : settings)
        if (name == key) {
            figure = value;
            return;
        }
    settings.emplace_back(key, value);
}

std::optional<RecipeSettings> readSettings(const Reading& with, std::string_view s)
{
    static const Pattern minusDigit(R"(-[0-9])");
    static const Pattern percentSaid("%|percent");
    static const Pattern digit("[0-9]");
    if (!digit.in(s))
        return std::nullopt;
    RecipeSettings got;
    if (const auto m = with.words.lyePair.at(trimmed(s))) {
        const bool nameFirst = m->has(1);
        const auto pair =
            nameFirst ? twoLyes(with.words, (*m)[1], decimal((*m)[2]), (*m)[3], decimal((*m)[4]))
                      : twoLyes(with.words, (*m)[6], decimal((*m)[5]), (*m)[8], decimal((*m)[7]));
        if (pair)
            return RecipeSettings{{pair->key, pair->value}};
        // "KOH purity 90 %, NaOH 98 %" goes on below.
    }
    std::string rest(s);
    for (const auto& setting : with.words.settings) {
        const auto m = setting.pattern.find(rest);
        if (!m)
            continue;
        const auto one = valueOf(with.words, setting.what, *m);
        if (!one || !isSense(*one))
            return std::nullopt;
        const bool superfat = std::string_view(one->key) == "superfat";
        // "superfat -5 %": a sign or a dash? Asked, never guessed. "superfat 0.05": of what?
        if (superfat && minusDigit.in((*m)[0]))
            return std::nullopt;
        if (superfat && one->value > 0.0 && one->value < 1.0 && !percentSaid.in((*m)[0]))
            return std::nullopt;
        setSetting(got, one->key, one->value);
        rest = rest.substr(0, m->start()) + " , " + rest.substr(m->end());
    }
    if (settingOf(got, "koh_share") && !settingOf(got, "koh_purity"))
        if (const auto m = with.words.purityAlone.find(rest)) { // "40 % KOH (90 % pure)"
            setSetting(got, "koh_purity", decimal((*m)[1]));
            rest = rest.substr(0, m->start()) + " , " + rest.substr(m->end());
        }
    if (got.empty())
        return std::nullopt;
    for (const std::string_view part : split(rest, ','))
        if (!with.words.filler.at(part))
            return std::nullopt;
    return got;
}

} // namespace rhexion::recipe
