#include "recipe/reading.h"

#include "core/units/text.h"
#include "recipe/recipe_text.h"

#include <algorithm>
#include <utility>

namespace rhexion::recipe {

namespace {

constexpr const char* quotedStandIn = "quotedname";

std::string unshielded(std::string_view text)
{
    std::string out(text);
    std::ranges::replace(out, shieldedComma, ',');
    std::ranges::replace(out, shieldedSemicolon, ';');
    return out;
}

bool hasLetter(std::string_view text)
{
    return std::ranges::any_of(text, [](unsigned char c) { return c < 128 && ascii::isAlpha(c); });
}

std::string nameOf(std::string_view text)
{
    static const Pattern article("(?:of|the|a|an)\\s+", Pattern::Case::Kept);
    std::string n = replaced(text, "\"", "'");
    n = lowered(withSingleBlanks(trimmed(n, " \t,;:-=.*|_/&+")));
    if (const auto m = article.at(n))
        n = n.substr(m->end());
    return std::string(trimmed(n, " ,;:-=.*|_"));
}

RecipeAmount withoutQuestions(RecipeAmount amount)
{
    amount.ask.clear();
    return amount;
}

class ItemReader {
public:
    ItemReader(const Reading& with, std::string_view s, const std::string& bare)
        : with_(with), words_(with.words), bare_(bare), s_(trimmed(trimmed(trimmed(s), "*_ ")))
    {
    }

    std::optional<RecipeLine> read()
    {
        if (words_.cannedTwice.at(s_)) // "2 400 ml cans": 800 or 2400?
            return std::nullopt;
        takeBraces(); // first: a portion's name in them is in quotes
        takeQuoted();
        if (const auto m = words_.frozenEnd.find(s_)) {
            frozen_ = true;
            s_ = s_.substr(0, m->start());
        }
        takePlace();
        takeBrackets();
        if (place_.empty())
            takePlace();
        if (!readJuiceOf() && !readFewOf() && !readAmountFirst() && !readNameFirst() &&
            !readBracketOnly())
            return std::nullopt;
        return finish();
    }

private:
    void takeQuoted()
    {
        static const Pattern quotes(R"re("([^"]*[A-Za-z][^"]*)")re");
        if (const auto m = quotes.find(s_)) {
            quoted_ = lowered(trimmed(withSingleBlanks(unshielded((*m)[1]))));
            s_ = s_.substr(0, m->start()) + quotedStandIn + s_.substr(m->end());
        }
    }
    // The writer's way with notes: nothing in braces is read as an amount.
    void takeBraces()
    {
        static const Pattern braces(R"(\{([^{}]*)\})");
        if (const auto m = braces.find(s_)) {
            const std::string within = unshielded((*m)[1]);
            for (const std::string_view note : split(within, ';'))
                notes_.emplace_back(trimmed(note));
            s_ = std::string(trimmed(s_.substr(0, m->start()) + " " + s_.substr(m->end())));
        }
    }
    std::string placeIn(std::string_view text, std::size_t& at) const
    {
        for (const auto& place : words_.places)
            if (const auto m = place.pattern.find(text)) {
                at = m->start();
                return place.code;
            }
        return {};
    }
    void takePlace()
    {
        for (const auto& place : words_.places)
            if (const auto m = place.pattern.find(s_); m && m->start() > 0) {
                place_ = place.code;
                s_ = std::string(trimmedEnd(s_.substr(0, m->start()), " ,;("));
                return;
            }
    }
    void takeBrackets()
    {
        static const Pattern brackets(R"(\(([^()]*)\))");
        std::string out;
        std::size_t from = 0;
        while (const auto m = brackets.find(s_, from)) {
            out += s_.substr(from, m->start() - from);
            out += ' ';
            takeBracket(trimmed((*m)[1]));
            from = m->end();
        }
        out += s_.substr(from);
        s_ = std::string(trimmed(withSingleBlanks(out)));
    }
    void takeBracket(std::string_view inner)
    {
        if (const auto a = readAmount(with_, inner, 0);
            a && !a->amount.unit.empty() && trimmed(inner.substr(a->end), " ,;").empty()) {
            alts_.push_back(withoutQuestions(a->amount));
            return;
        }
        std::size_t at = 0;
        const std::string place = placeIn(" " + std::string(inner), at);
        if (!place.empty() && place_.empty() && wordCount(inner) <= 4)
            place_ = place;
        else if (!inner.empty())
            notes_.emplace_back(inner);
    }

    // "juice of 1 lemon": of no one size, so its weight is asked.
    bool readJuiceOf()
    {
        const auto m = words_.juiceOf.at(s_);
        if (!m)
            return false;
        const auto count = readAmount(with_, s_, m->groups[1].first); // with its noun
        RecipeAmount amount;
        amount.value = count ? count->amount.value : 1.0;
        amount.unit = "piece";
        amount.ask = {RecipeQuestion::NoMeasure};
        name_ = std::string((*m)[2]) + " juice";
        amounts_.push_back(amount);
        return true;
    }
    // "a few drops of vitamin E": how many is asked.
    bool readFewOf()
    {
        const auto m = words_.fewOf.at(s_);
        if (!m || !hasLetter(std::string_view(s_).substr(m->end())))
            return false;
        RecipeAmount amount;
        if (m->has(1))
            amount.unit = readUnit(with_, (*m)[1], 0).unit;
        amount.ask = {RecipeQuestion::NoAmount};
        name_ = s_.substr(m->end());
        amounts_.push_back(amount);
        return true;
    }
    // "castor oil (5 %)"
    bool readBracketOnly()
    {
        if (alts_.empty() || !hasLetter(s_))
            return false;
        name_ = s_;
        amounts_.push_back(alts_.front());
        alts_.erase(alts_.begin());
        return true;
    }
    // "1 can coconut milk (400 ml)": what is in it, as often as there are cans.
    void takeContainer()
    {
        RecipeAmount& first = amounts_.front();
        const std::string name(trimmed(name_));
        const auto m = words_.container.at(name);
        if (!m || !first.unit.empty() || !first.value)
            return;
        name_ = name.substr(m->end());
        std::erase(first.ask, RecipeQuestion::UnitMissing);
        if (alts_.empty() || !alts_.front().value) {
            first = RecipeAmount{};
            first.ask = {RecipeQuestion::NoAmount};
            return;
        }
        const double count = *first.value;
        first = alts_.front();
        *first.value *= count;
        alts_.erase(alts_.begin());
    }

    bool readAmountFirst()
    {
        auto first = readAmount(with_, s_, 0, bare_);
        if (!first && words_.restWord.at(s_)) {
            first = AmountRead{{}, 4};
            first->amount.unit = "rest";
        } else if (!first && words_.questionName.at(s_)) {
            first = AmountRead{{}, 1};
            first->amount.ask = {RecipeQuestion::NoAmount};
        }
        if (!first || !hasLetter(std::string_view(s_).substr(first->end)))
            return false;
        name_ = s_.substr(first->end);
        amounts_.push_back(first->amount);
        takePerAtEnd();
        takeSecondMeasure();
        takeFigureAtEnd();
        takeContainer();
        return true;
    }
    // "1 tsp sodium lactate per pound of oils"
    void takePerAtEnd()
    {
        RecipeAmount& first = amounts_.front();
        if (first.per || first.unit.empty() || first.unit == "%" || first.unit == "rest")
            return;
        std::size_t from = 0;
        while (const auto m = words_.per.find(name_, from)) {
            if (trimmed(std::string_view(name_).substr(m->end())).empty()) {
                if (m->start() > 0) {
                    first.per = perOf(*m);
                    name_ = name_.substr(0, m->start());
                }
                return;
            }
            from = m->start() + 1;
        }
    }
    // "16 oz / 454 g olive oil"
    void takeSecondMeasure()
    {
        static const Pattern orElse(R"(\s*(?:/|=|or)\s*(?=[0-9]))", Pattern::Case::Kept);
        const auto m = orElse.at(name_);
        if (!m)
            return;
        const auto b = readAmount(with_, name_, m->end());
        if (b && !b->amount.unit.empty()) {
            alts_.push_back(withoutQuestions(b->amount));
            name_ = name_.substr(b->end);
        }
    }
    // "400 g olive oil - 40 %"
    void takeFigureAtEnd()
    {
        static const Pattern before(R"([\s,;:=/-]+(?=[0-9~]\S*(?:\s|$|%)))", Pattern::Case::Kept);
        std::size_t from = 0;
        while (const auto m = before.find(name_, from)) {
            const auto b = readAmount(with_, name_, m->end());
            if (b && !b->amount.unit.empty() &&
                trimmed(std::string_view(name_).substr(b->end), " ,;.").empty()) {
                alts_.push_back(withoutQuestions(b->amount));
                name_ = name_.substr(0, m->start());
                return;
            }
            from = m->end();
        }
    }

    bool readNameFirst()
    {
        static const Pattern before(
            R"((?:[\s:=,;]|\.{2,}|-)\s*(?=(?:about |approx\.? |ca\.? |~)?[0-9.,/]|rest\s*$))",
            Pattern::Case::Kept);
        static const Pattern separator(R"([\s,;/|=-]*)", Pattern::Case::Kept);
        struct Second {
            std::string name;
            std::vector<RecipeAmount> amounts;
            std::string tail;
        };
        std::optional<Second> second;
        std::size_t from = 0;
        while (const auto m = before.find(s_, from)) {
            from = std::max(m->end(), m->start() + 1);
            std::size_t at = m->end();
            std::vector<RecipeAmount> found;
            if (words_.restEnd.at(s_, at)) {
                found.emplace_back();
                found.back().unit = "rest";
                at = s_.size();
            }
            while (at < s_.size()) {
                const auto a = readAmount(with_, s_, separator.at(s_, at)->end(), bare_);
                if (!a)
                    break;
                found.push_back(a->amount);
                at = a->end;
            }
            const auto isBare = [](const RecipeAmount& a) { return a.unit.empty(); };
            if (found.empty() || !hasLetter(std::string_view(s_).substr(0, m->start())) ||
                (found.size() > 1 && std::ranges::any_of(found, isBare)))
                continue;
            const std::string_view tail = trimmed(std::string_view(s_).substr(at), " ,;.:");
            if (tail.empty()) {
                name_ = s_.substr(0, m->start() + 1);
                amounts_ = std::move(found);
                return true;
            }
            static const Pattern divider(R"([\s,;])");
            static const Pattern digit("[0-9]");
            if (!second && std::ranges::none_of(found, isBare) && divider.at(s_, at) &&
                wordCount(tail) <= 4 && !digit.in(tail))
                second = Second{s_.substr(0, m->start() + 1), std::move(found), std::string(tail)};
        }
        if (!second)
            return false;
        name_ = second->name;
        amounts_ = second->amounts;
        notes_.push_back(second->tail);
        return true;
    }

    bool settleName()
    {
        if (const std::size_t comma = name_.find(','); comma != std::string::npos) {
            const std::string extra(trimmed(std::string_view(name_).substr(comma + 1), " ,;:=-"));
            name_ = name_.substr(0, comma);
            if (!extra.empty())
                notes_.insert(notes_.begin(), extra);
        }
        static const Pattern startsBadly(R"([0-9')%])", Pattern::Case::Kept);
        static const Pattern strengthFirst(R"([0-9]+(?:[.,][0-9]+)?\s*%\s+[a-z])",
                                           Pattern::Case::Kept);
        std::string n = nameOf(name_);
        // An amount or a setting left inside the name: half understood is not understood.
        if (quoted_.empty() && (words_.noName.in(n) || (startsBadly.at(n) && !strengthFirst.at(n))))
            return false;
        static const Pattern frozen(R"(\bfrozen\b)");
        if (frozen.in(n)) {
            frozen_ = true;
            std::string out;
            std::size_t from = 0;
            while (const auto m = words_.frozenWord.find(n, from)) {
                out += n.substr(from, m->start() - from) + " ";
                from = m->end();
            }
            n = trimmed(out + n.substr(from));
        }
        if (!quoted_.empty()) {
            if (n != quotedStandIn)
                return false;
            n = quoted_;
        }
        static const Pattern smallLetter("[a-z]", Pattern::Case::Kept);
        if (!smallLetter.in(n))
            return false;
        name_ = n;
        return true;
    }

    std::optional<RecipeLine> finish()
    {
        if (!settleName())
            return std::nullopt;
        std::vector<Said> marks;
        for (auto note = notes_.begin(); note != notes_.end();) {
            if (auto said = phraseOf(*note)) {
                marks.push_back(std::move(*said));
                note = notes_.erase(note);
            } else if (lowered(trimmed(*note)) == "frozen") {
                frozen_ = true;
                note = notes_.erase(note);
            } else {
                std::ranges::replace(*note, '{', '(');
                std::ranges::replace(*note, '}', ')');
                ++note;
            }
        }
        RecipeAmount lead = amounts_.front();
        std::vector<RecipeAmount> rest(amounts_.begin() + 1, amounts_.end());
        // A mass leads, its per cent stands beside; what says of what it is leads itself.
        if (lead.unit == "%" && !lead.of.empty() && rest.empty()) {
            // "12 % of oils olive oil (120 g)"
        } else if (lead.unit == "%" && !rest.empty() && rest.front().unit != "%" &&
                   !rest.front().unit.empty()) {
            std::swap(lead, rest.front());
        } else if (lead.unit == "%" && rest.empty() && !alts_.empty() &&
                   alts_.front().unit != "%") {
            RecipeAmount share = withoutQuestions(lead);
            alts_.front().ask = lead.ask;
            lead = std::exchange(alts_.front(), share);
        }
        for (auto& extra : rest)
            extra.ask.clear();
        alts_.insert(alts_.begin(), rest.begin(), rest.end());
        if (lead.unit.empty() && words_.countedThing.in(name_)) {
            lead.unit = "piece";
            std::erase(lead.ask, RecipeQuestion::UnitMissing);
        }
        if (lead.unit.empty() && lead.value && words_.countedFruit.whole(name_)) {
            lead.unit = "piece";
            lead.ask = {RecipeQuestion::NoMeasure};
        }
        RecipeLine line;
        line.name = name_;
        line.amount = std::move(lead);
        if (!alts_.empty())
            line.alt = alts_.front();
        for (std::size_t i = 1; i < alts_.size(); ++i)
            notes_.push_back(saidAmount(alts_[i]));
        line.frozen = frozen_;
        line.marks = std::move(marks);
        for (std::string& note : notes_)
            note = lowered(note);
        line.note = joined(notes_, "; ");
        line.place = place_;
        return line;
    }

    const Reading& with_;
    const RecipeWords& words_;
    const std::string& bare_;
    std::string s_;
    std::string quoted_;
    std::string name_;
    std::string place_;
    bool frozen_ = false;
    std::vector<std::string> notes_;
    std::vector<RecipeAmount> alts_;
    std::vector<RecipeAmount> amounts_;
};

} // namespace

std::optional<RecipeLine> readItem(const Reading& with, std::string_view s, const std::string& bare)
{
    return ItemReader(with, s, bare).read();
}

} // namespace rhexion::recipe
