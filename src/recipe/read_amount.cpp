#include "recipe/reading.h"
#include "recipe/recipe_text.h"

#include <algorithm>
#include <array>

namespace rhexion::recipe {

namespace {

constexpr bool isDigit(char c)
{
    return c >= '0' && c <= '9';
}

// One mark and three digits behind it: the unit decides what it means.
enum class Doubt { None, PointAndThree, CommaAndThree };

struct NumberRead {
    double value = 0.0;
    std::size_t end = 0;
    Doubt doubt = Doubt::None;
};

constexpr std::size_t longestNumber = 15; // signs: more is no amount of anything

bool isFraction(int part, int of)
{
    constexpr std::array<int, 7> kitchen{2, 3, 4, 5, 6, 8, 16};
    return part < of && std::ranges::find(kitchen, of) != kitchen.end();
}

int wholeOf(std::string_view digits)
{
    return digits.size() > 9 ? 999999999 : int(numberFrom(digits));
}

// "1.250,5": both marks, the last is the decimal.
std::optional<double> ofBothMarks(std::string_view t)
{
    static const Pattern thousands(R"([0-9]{1,3}(?:[.,][0-9]{3})+)");
    const std::size_t last = t.find_last_of(".,");
    const char decimal = t[last];
    if (std::ranges::count(t, decimal) > 1 || !thousands.whole(t.substr(0, last)))
        return std::nullopt;
    std::string plain;
    for (const char c : t)
        if (isDigit(c) || c == decimal)
            plain += c == decimal ? '.' : c;
    return numberFrom(plain);
}

std::optional<NumberRead> readNumber(std::string_view s, std::size_t at)
{
    static const Pattern mixed(R"(([0-9]+)\s*(?:-|\s|and)\s*([0-9]+)/([0-9]+)(?![0-9]))");
    static const Pattern fraction(R"(([0-9]+)\s*/\s*([0-9]+)(?!\s*/|[0-9]))");
    static const Pattern blanked(R"([0-9]{1,3}(?:[ '][0-9]{3})+(?:[.,][0-9]{1,2})?(?![0-9.,/]))");
    static const Pattern plain(R"([0-9]+(?:[.,][0-9]+)*|[.,][0-9]+)");
    if (at >= s.size() || !(isDigit(s[at]) || s[at] == '.' || s[at] == ','))
        return std::nullopt;
    if (const auto m = mixed.at(s, at); m && isFraction(wholeOf((*m)[2]), wholeOf((*m)[3])))
        return NumberRead{numberFrom((*m)[1]) + double(wholeOf((*m)[2])) / wholeOf((*m)[3]),
                          m->end()};
    if (const auto m = fraction.at(s, at)) { // "11/2 oz" is not eleven
        if (!isFraction(wholeOf((*m)[1]), wholeOf((*m)[2])))
            return std::nullopt;
        return NumberRead{double(wholeOf((*m)[1])) / wholeOf((*m)[2]), m->end()};
    }
    if (const auto m = blanked.at(s, at)) {
        std::string digits;
        for (const char c : (*m)[0])
            if (c != ' ' && c != '\'')
                digits += c == ',' ? '.' : c;
        return NumberRead{numberFrom(digits), m->end()};
    }
    const auto m = plain.at(s, at);
    if (!m || (*m)[0].size() > longestNumber)
        return std::nullopt;
    const std::string_view t = (*m)[0];
    const auto marks = std::ranges::count_if(t, [](char c) { return c == '.' || c == ','; });
    if (marks == 0)
        return NumberRead{numberFrom(t), m->end()};
    const bool points = t.find('.') != std::string_view::npos;
    if (points && t.find(',') != std::string_view::npos) {
        const auto value = ofBothMarks(t);
        return value ? std::optional(NumberRead{*value, m->end()}) : std::nullopt;
    }
    const char mark = points ? '.' : ',';
    if (marks > 1) {
        std::string digits;
        for (std::size_t i = 0; const std::string_view group : split(t, mark)) {
            if (i++ > 0 && group.size() != 3)
                return std::nullopt;
            digits += group;
        }
        return NumberRead{numberFrom(digits), m->end()};
    }
    std::string digits = replaced(t, std::string_view(&mark, 1), ".");
    const std::size_t behind = t.size() - t.find(mark) - 1;
    if (behind == 3 && t[0] != '0' && t[0] != mark)
        return NumberRead{numberFrom(digits), m->end(),
                          points ? Doubt::PointAndThree : Doubt::CommaAndThree};
    return NumberRead{numberFrom(t[0] == mark ? "0" + digits : digits), m->end()};
}

struct Settled {
    double value;
    bool asked;
};

Settled settle(double value, Doubt doubt, std::string_view unit, char mark)
{
    if (doubt == Doubt::None)
        return {value, false};
    const bool comma = doubt == Doubt::CommaAndThree;
    if (unit == "kg" || unit == "l" || unit == "lb" || unit == "oz")
        return comma && mark == '.' ? Settled{value * 1000, true}
                                    : Settled{value, comma || mark == ','};
    if (comma)
        return {value * 1000, mark != '.'};
    if (unit == "g" || unit == "ml") // nobody weighs oil to a milligram
        return {mark == '.' ? value : value * 1000, true};
    return {mark == ',' ? value * 1000 : value, true};
}

double countOf(std::string_view word)
{
    const std::string w = lowered(withSingleBlanks(trimmed(word)));
    if (w.starts_with("half"))
        return 0.5;
    return w == "two" ? 2.0 : w == "three" ? 3.0 : 1.0;
}

struct SumTerm {
    char sign;
    double value;
    Doubt doubt;
};

class AmountReader {
public:
    AmountReader(const Reading& with, std::string_view s, std::size_t at, const std::string& bare)
        : with_(with), s_(s), at_(at), bare_(bare)
    {
    }

    std::optional<AmountRead> read()
    {
        if (const auto m = with_.words.about.at(s_, at_)) {
            ask(RecipeQuestion::About);
            at_ = m->end();
        }
        if (const auto m = with_.words.countWord.at(s_, at_)) {
            value_ = countOf((*m)[1]);
            at_ = m->end();
        } else if (!readSum()) {
            return std::nullopt;
        }
        finishUnit();
        return AmountRead{std::move(out_), at_};
    }

private:
    void ask(RecipeQuestion question) { out_.ask.push_back(question); }

    bool readSum()
    {
        static const Pattern sign(R"(\s*([x*+])\s*(?=[0-9.,]))");
        static const Pattern degrees(R"(\s*(?:\x{b0}|deg(?:rees?)?\b))");
        static const Pattern warmth(R"(\s*(?:[CF]|c)(?![A-Za-z]))", Pattern::Case::Kept);
        static const Pattern upTo(R"(\s*(?:-|to|or)\s*(?=[0-9.,]))", Pattern::Case::Kept);
        const auto first = readNumber(s_, at_);
        if (!first)
            return false;
        std::vector<SumTerm> terms{{'+', first->value, first->doubt}};
        at_ = first->end;
        while (const auto m = sign.at(s_, at_)) {
            const auto next = readNumber(s_, m->end());
            if (!next)
                break;
            terms.push_back({(*m)[1][0], next->value, next->doubt});
            at_ = next->end;
        }
        // A temperature is no amount; 12 cups and less may be.
        if (terms.size() == 1 &&
            (degrees.at(s_, at_) || (terms[0].value > 12.0 && warmth.at(s_, at_))))
            return false;
        std::optional<NumberRead> high;
        if (const auto m = upTo.at(s_, at_)) {
            high = readNumber(s_, m->end());
            if (high && readUnit(with_, s_, high->end).unit.empty())
                high.reset();
        }
        bool doubt = false;
        if (high) {
            const std::string unit = unitAt(high->end);
            value_ = sumOf(terms, unit, doubt);
            const Settled top = settle(high->value, high->doubt, unit, with_.mark);
            if (top.value > value_) {
                doubt |= top.asked;
                high_ = top.value;
                at_ = high->end;
            } else {
                doubt = false;
            }
        }
        if (!high_)
            value_ = sumOf(terms, unitAt(at_), doubt);
        if (doubt)
            ask(RecipeQuestion::DecimalOrThousands);
        return true;
    }

    std::string unitAt(std::size_t at) const
    {
        const UnitRead unit = readUnit(with_, s_, at);
        return unit.unit.empty() ? bare_ : unit.unit;
    }

    double sumOf(const std::vector<SumTerm>& terms, std::string_view unit, bool& doubt) const
    {
        double sum = 0.0;
        for (const SumTerm& term : terms) {
            const Settled one = settle(term.value, term.doubt, unit, with_.mark);
            sum = term.sign == '+' ? sum + one.value : sum * one.value;
            doubt |= one.asked;
        }
        return sum;
    }

    void finishUnit()
    {
        UnitRead unit = readUnit(with_, s_, at_);
        if (unit.unit.empty()) {
            if (bare_.empty())
                ask(RecipeQuestion::UnitMissing);
            unit.unit = bare_;
        } else {
            at_ = unit.end;
            if (unit.spoonLetter)
                ask(RecipeQuestion::TspOrTbsp);
        }
        readSecondUnit(unit.unit);
        const double inMillilitres = unit.unit == "cl"   ? 10.0
                                     : unit.unit == "dl" ? 100.0
                                     : unit.unit == "l"  ? 1000.0
                                                         : 0.0;
        if (inMillilitres > 0.0) {
            value_ *= inMillilitres;
            unit.unit = "ml";
        }
        out_.value = rounded(value_, 9);
        out_.unit = unit.unit;
        if (high_) {
            out_.high = rounded(*high_, 9);
            ask(RecipeQuestion::Range);
        }
        if (out_.unit.starts_with("% of ")) {
            out_.of = out_.unit.substr(5);
            out_.unit = "%";
        }
        if (!out_.unit.empty() && out_.unit != "%")
            if (const auto m = with_.words.per.at(s_, at_)) {
                out_.per = perOf(*m);
                at_ = m->end();
            }
        const auto is = [&](std::initializer_list<const char*> any) {
            return std::ranges::find(any, out_.unit) != any.end();
        };
        if (is({"cup", "pint", "quart", "fl oz"}))
            ask(RecipeQuestion::UsOrUk);
        if (is({"pinch", "handful", "stick"}))
            ask(RecipeQuestion::NoMeasure);
    }

    // "1 lb 4 oz", "1 kg 250 g".
    void readSecondUnit(std::string& unit)
    {
        static const Pattern between(R"(\s*(?:,|and|\+)?\s*(?=[0-9]))", Pattern::Case::Kept);
        if (high_ || (unit != "lb" && unit != "kg"))
            return;
        const auto m = between.at(s_, at_);
        const auto n = m ? readNumber(s_, m->end()) : std::nullopt;
        if (!n || n->doubt != Doubt::None)
            return;
        const UnitRead second = readUnit(with_, s_, n->end);
        if (unit == "lb" && second.unit == "oz")
            value_ = value_ * 16.0 + n->value;
        else if (unit == "kg" && second.unit == "g")
            value_ = value_ * 1000.0 + n->value;
        else
            return;
        unit = second.unit;
        at_ = second.end;
    }

    const Reading& with_;
    std::string_view s_;
    std::size_t at_;
    const std::string& bare_;
    double value_ = 0.0;
    std::optional<double> high_;
    RecipeAmount out_;
};

} // namespace

char decimalMarkOf(std::string_view text)
{
    static const Pattern point(R"([0-9]\.[0-9]{1,2}(?![0-9]))");
    static const Pattern comma(R"([0-9],[0-9]{1,2}(?![0-9]))");
    const bool points = point.in(text);
    const bool commas = comma.in(text);
    return points == commas ? '\0' : points ? '.' : ',';
}

UnitRead readUnit(const Reading& with, std::string_view s, std::size_t at)
{
    if (const auto m = with.words.tablespoonOrTea.at(s, at))
        return {(*m)[1] == "T" ? "tbsp" : "tsp", m->end(), true};
    if (const auto m = with.words.cupLetter.at(s, at))
        return {"cup", m->end(), false};
    for (const auto& unit : with.words.units)
        if (const auto m = unit.pattern.at(s, at); m && m->end() > at)
            return {unit.code, m->end(), false};
    return {{}, at, false};
}

std::optional<AmountRead> readAmount(const Reading& with, std::string_view s, std::size_t at,
                                     const std::string& bare)
{
    return AmountReader(with, s, at, bare).read();
}

std::optional<RecipePer> perOf(const Match& m)
{
    static const Pattern thousand(R"([1-9][0-9]*[.,][0-9]{3})");
    const std::string word = lowered(m.has(2) ? m[2] : m[3]);
    RecipePer per{1.0, "lb"};
    if (!word.empty())
        per.unit = word[0] == 'k' ? "kg" : word[0] == 'g' ? "g" : word[0] == 'o' ? "oz" : "lb";
    if (m.has(1)) {
        const double x = numberFrom(replaced(m[1], ",", "."));
        // "per 1,000 g of oils"
        per.value = rounded(per.unit == "g" && thousand.whole(m[1]) ? x * 1000.0 : x, 9);
    }
    return per;
}

} // namespace rhexion::recipe
