#include "core/formula/phrase.h"

#include <algorithm>
#include <array>
#include <cctype>
#include <charconv>

namespace rhexion {

namespace {

using Code = PhraseFault::Code;

bool isSpace(char c)
{
    return c == ' ' || c == '\t' || c == '\n' || c == '\r';
}

bool isDigit(char c)
{
    return c >= '0' && c <= '9';
}

std::string_view trimmed(std::string_view text)
{
    while (!text.empty() && isSpace(text.front()))
        text.remove_prefix(1);
    while (!text.empty() && isSpace(text.back()))
        text.remove_suffix(1);
    return text;
}

// Reads "250 + 2 x 35" from the front of the text; times and divide bind tighter.
class SumReader {
public:
    SumReader(std::string_view text, char mark) : text_(text), mark_(mark) {}

    std::optional<double> read()
    {
        auto total = product();
        while (total) {
            const char op = peekOperator("+-");
            if (!op)
                break;
            ++at_;
            const auto next = product();
            if (!next)
                return std::nullopt;
            total = op == '+' ? *total + *next : *total - *next;
        }
        return total;
    }
    std::size_t end() const { return at_; }
    const PhraseFault& fault() const { return fault_; }

private:
    std::optional<double> product()
    {
        auto value = number();
        while (value) {
            const char op = peekOperator("*/x");
            if (!op)
                break;
            ++at_;
            const auto next = number();
            if (!next)
                return std::nullopt;
            if (op == '/' && *next == 0.0)
                return refuse(Code::DivisionByZero);
            value = op == '/' ? *value / *next : *value * *next;
        }
        return value;
    }

    std::optional<double> number()
    {
        skipSpace();
        const auto start = at_;
        std::string plain;
        char seenMark = 0;
        std::size_t digitsAfter = 0;
        std::size_t digitsBefore = 0;
        for (; at_ < text_.size(); ++at_) {
            const char c = text_[at_];
            if (isDigit(c)) {
                plain += c;
                ++(seenMark ? digitsAfter : digitsBefore);
            } else if (c == '.' || c == ',') {
                if (seenMark)
                    return refuse(Code::AmbiguousNumber, start);
                seenMark = c;
                plain += '.';
            } else {
                break;
            }
        }
        if (digitsBefore + digitsAfter == 0)
            return refuse(start == 0 ? Code::NoNumber : Code::BadSum);
        // The other country's mark before just three digits may have meant thousands.
        if (seenMark && seenMark != mark_ && digitsAfter == 3 && digitsBefore > 0 &&
            plain.front() != '0')
            return refuse(Code::AmbiguousNumber, start);
        double value = 0.0;
        const auto done = std::from_chars(plain.data(), plain.data() + plain.size(), value);
        if (done.ec == std::errc::result_out_of_range)
            return refuse(Code::TooLarge, start);
        return value;
    }

    char peekOperator(std::string_view wanted)
    {
        auto look = at_;
        while (look < text_.size() && isSpace(text_[look]))
            ++look;
        if (look >= text_.size() || wanted.find(text_[look]) == std::string_view::npos)
            return 0;
        // An x is a times sign only before a number: "2 x 35", not "2 xanthan".
        if (text_[look] == 'x') {
            auto next = look + 1;
            while (next < text_.size() && isSpace(text_[next]))
                ++next;
            if (next >= text_.size() || !isDigit(text_[next]))
                return 0;
        }
        at_ = look;
        return text_[look];
    }

    void skipSpace()
    {
        while (at_ < text_.size() && isSpace(text_[at_]))
            ++at_;
    }

    std::nullopt_t refuse(Code code, std::size_t from = 0)
    {
        fault_ = {code, std::string(trimmed(text_.substr(from, std::max(at_, from + 1) - from)))};
        return std::nullopt;
    }

    std::string_view text_;
    char mark_;
    std::size_t at_ = 0;
    PhraseFault fault_{Code::NoNumber, {}};
};

struct UnitWord {
    std::string_view word;
    AmountUnit unit;
};

constexpr std::array unitWords{
    UnitWord{"grams", AmountUnit::Gram},
    UnitWord{"gram", AmountUnit::Gram},
    UnitWord{"g", AmountUnit::Gram},
    UnitWord{"kilograms", AmountUnit::Kilogram},
    UnitWord{"kg", AmountUnit::Kilogram},
    UnitWord{"ounces", AmountUnit::Ounce},
    UnitWord{"ounce", AmountUnit::Ounce},
    UnitWord{"oz", AmountUnit::Ounce},
    UnitWord{"pounds", AmountUnit::Pound},
    UnitWord{"pound", AmountUnit::Pound},
    UnitWord{"lbs", AmountUnit::Pound},
    UnitWord{"lb", AmountUnit::Pound},
    UnitWord{"% of batter", AmountUnit::PercentOfBatter},
    UnitWord{"% of the liquid", AmountUnit::PercentOfLiquid},
    UnitWord{"% of liquid", AmountUnit::PercentOfLiquid},
    UnitWord{"% of oils", AmountUnit::PercentOfOils},
    UnitWord{"%", AmountUnit::PercentOfOils},
    UnitWord{"heaped tablespoons", AmountUnit::TablespoonHeaped},
    UnitWord{"heaped tablespoon", AmountUnit::TablespoonHeaped},
    UnitWord{"heaped tbsp", AmountUnit::TablespoonHeaped},
    UnitWord{"tbsp heaped", AmountUnit::TablespoonHeaped},
    UnitWord{"tablespoons", AmountUnit::Tablespoon},
    UnitWord{"tablespoon", AmountUnit::Tablespoon},
    UnitWord{"tbsp", AmountUnit::Tablespoon},
    UnitWord{"heaped teaspoons", AmountUnit::TeaspoonHeaped},
    UnitWord{"heaped teaspoon", AmountUnit::TeaspoonHeaped},
    UnitWord{"heaped tsp", AmountUnit::TeaspoonHeaped},
    UnitWord{"tsp heaped", AmountUnit::TeaspoonHeaped},
    UnitWord{"teaspoons", AmountUnit::Teaspoon},
    UnitWord{"teaspoon", AmountUnit::Teaspoon},
    UnitWord{"tsp", AmountUnit::Teaspoon},
    UnitWord{"cups", AmountUnit::Cup},
    UnitWord{"cup", AmountUnit::Cup},
    UnitWord{"drops", AmountUnit::Drop},
    UnitWord{"drop", AmountUnit::Drop},
    UnitWord{"millilitres", AmountUnit::Millilitre},
    UnitWord{"ml", AmountUnit::Millilitre},
    UnitWord{"fl oz", AmountUnit::FluidOunce},
    UnitWord{"pieces", AmountUnit::Piece},
    UnitWord{"piece", AmountUnit::Piece},
};

// Whether the text begins with the word and the word ends there.
bool beginsWith(std::string_view text, std::string_view word)
{
    if (text.substr(0, word.size()) != word)
        return false;
    const bool letters = word.back() != '%';
    return !letters || text.size() == word.size() ||
           !std::isalpha(static_cast<unsigned char>(text[word.size()]));
}

struct AmountRead {
    StatedAmount amount;
    std::string_view rest;
};

std::variant<AmountRead, PhraseFault> readAmount(std::string_view text, const PhraseHabits& habits)
{
    text = trimmed(text);
    if (text.empty())
        return PhraseFault{Code::Nothing, {}};
    if (beginsWith(text, "rest"))
        return AmountRead{{0.0, AmountUnit::Rest}, trimmed(text.substr(4))};
    if (text.front() == '-')
        return PhraseFault{Code::Negative, std::string(text)};

    SumReader reader(text, habits.decimalMark);
    const auto value = reader.read();
    if (!value)
        return reader.fault();
    if (*value < 0.0)
        return PhraseFault{Code::Negative, std::string(text.substr(0, reader.end()))};
    if (*value > Mass::largestGrams)
        return PhraseFault{Code::TooLarge, std::string(text.substr(0, reader.end()))};

    auto after = trimmed(text.substr(reader.end()));
    AmountUnit unit = habits.bareUnit;
    if (beginsWith(after, "level"))
        after = trimmed(after.substr(5));
    // "fl oz" must be met before "oz", and longer words before shorter ones they begin with.
    for (const UnitWord& known : unitWords) {
        if (!beginsWith(after, known.word))
            continue;
        unit = known.unit;
        after = trimmed(after.substr(known.word.size()));
        break;
    }
    if (beginsWith(after, "of"))
        after = trimmed(after.substr(2));
    return AmountRead{{*value, unit}, after};
}

struct PlaceWords {
    std::string_view word;
    Vessel vessel;
};
constexpr std::array placeWords{
    PlaceWords{"in the lye jug", Vessel::LyeJug},
    PlaceWords{"in the jug", Vessel::LyeJug},
    PlaceWords{"in the second jug", Vessel::SecondJug},
    PlaceWords{"in the oil pot", Vessel::OilPot},
    PlaceWords{"in the pot", Vessel::OilPot},
    PlaceWords{"in the oils", Vessel::OilPot},
    PlaceWords{"at emulsion", Vessel::Emulsion},
    PlaceWords{"at trace", Vessel::Trace},
    PlaceWords{"after the cook", Vessel::AfterCook},
    PlaceWords{"after cook", Vessel::AfterCook},
    PlaceWords{"on top", Vessel::Top},
};

bool cutEnding(std::string& text, std::string_view ending)
{
    if (!text.ends_with(ending) || text.size() <= ending.size())
        return false;
    const char before = text[text.size() - ending.size() - 1];
    if (before != ' ' && before != ',')
        return false;
    text.resize(text.size() - ending.size() - 1);
    while (!text.empty() && (isSpace(text.back()) || text.back() == ','))
        text.pop_back();
    return true;
}

// Cuts "per pound of oils", "per 500 g oils" and the like off the end.
std::optional<Mass> cutPerOils(std::string& text, const PhraseHabits& habits)
{
    const auto at = text.rfind(" per ");
    if (at == std::string::npos)
        return std::nullopt;
    std::string_view base = trimmed(std::string_view(text).substr(at + 5));
    bool oils = false;
    for (const std::string_view ending : {"oils", "oil"})
        if (!oils && base.ends_with(ending)) {
            base = trimmed(base.substr(0, base.size() - ending.size()));
            oils = true;
        }
    if (base.ends_with("of"))
        base = trimmed(base.substr(0, base.size() - 2));
    if (!oils || base.empty())
        return std::nullopt;
    const std::string counted =
        isDigit(base.front()) ? std::string(base) : "1 " + std::string(base);
    const auto amount = parseAmount(counted, habits);
    const auto* stated = std::get_if<StatedAmount>(&amount);
    const auto mass = stated ? statedMass(*stated) : std::nullopt;
    if (mass && mass->inGrams() > 0.0)
        text.resize(at);
    return mass && mass->inGrams() > 0.0 ? mass : std::nullopt;
}

} // namespace

std::variant<double, PhraseFault> parseNumber(std::string_view text, char decimalMark)
{
    text = trimmed(text);
    if (text.empty())
        return PhraseFault{Code::Nothing, {}};
    const bool minus = text.front() == '-';
    SumReader reader(minus ? text.substr(1) : text, decimalMark);
    const auto value = reader.read();
    if (!value)
        return reader.fault();
    const auto rest = trimmed((minus ? text.substr(1) : text).substr(reader.end()));
    if (!rest.empty())
        return PhraseFault{Code::TrailingText, std::string(rest)};
    return minus ? -*value : *value;
}

std::variant<StatedAmount, PhraseFault> parseAmount(std::string_view text,
                                                    const PhraseHabits& habits)
{
    const std::string plain = folded(text);
    auto read = readAmount(plain, habits);
    if (auto* fault = std::get_if<PhraseFault>(&read))
        return *fault;
    const auto& amount = std::get<AmountRead>(read);
    if (!amount.rest.empty())
        return PhraseFault{Code::TrailingText, std::string(amount.rest)};
    return amount.amount;
}

std::variant<Phrase, PhraseFault> parsePhrase(std::string_view text, const PhraseHabits& habits)
{
    const std::string plain = folded(text);
    if (plain.empty())
        return PhraseFault{Code::Nothing, {}};
    Phrase phrase;
    std::string name = plain;
    phrase.perOilsMass = cutPerOils(name, habits);
    const std::string_view whole = name;
    if (isDigit(plain.front()) || plain.front() == '-' || plain.front() == '.' ||
        plain.front() == ',' || beginsWith(plain, "rest")) {
        auto read = readAmount(whole, habits);
        if (auto* fault = std::get_if<PhraseFault>(&read))
            return *fault;
        const auto& amount = std::get<AmountRead>(read);
        phrase.amount = amount.amount;
        name = std::string(amount.rest);
    }
    for (bool again = true; again;) {
        again = false;
        if (!phrase.frozen && cutEnding(name, "frozen"))
            phrase.frozen = again = true;
        if (!phrase.dissolved && cutEnding(name, "dissolved"))
            phrase.dissolved = again = true;
        for (const auto& place : placeWords)
            if (!phrase.vessel && cutEnding(name, place.word)) {
                phrase.vessel = place.vessel;
                again = true;
            }
    }
    if (name.starts_with("frozen ")) {
        phrase.frozen = true;
        name.erase(0, 7);
    }
    phrase.materialText = name;
    return phrase;
}

} // namespace rhexion
