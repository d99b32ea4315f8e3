#include "recipe/reading.h"
#include "recipe/recipe_german.h"
#include "recipe/recipe_text.h"

#include <algorithm>
#include <cmath>

namespace rhexion::recipe {

namespace {

// A place that a heading or a word before the colon gives; "own" is the material's usual place.
constexpr std::string_view ownPlace = "own";
constexpr std::string_view notesPlace = "notes";

const Pattern& digitPattern()
{
    static const Pattern digit("[0-9]");
    return digit;
}

bool hasDigit(std::string_view text)
{
    return digitPattern().in(text);
}

std::string withoutAll(std::string_view text, const Pattern& what)
{
    std::string out;
    std::size_t from = 0;
    while (const auto m = what.find(text, from)) {
        out += text.substr(from, m->start() - from);
        from = m->end() > m->start() ? m->end() : m->end() + 1;
    }
    if (from <= text.size())
        out += text.substr(from);
    return out;
}

// Splits where a pattern matches; the match itself goes.
std::vector<std::string> splitAt(std::string_view text, const Pattern& where)
{
    std::vector<std::string> out;
    std::size_t from = 0;
    std::size_t look = 0;
    while (const auto m = where.find(text, look)) {
        if (m->end() == m->start()) {
            look = m->end() + 1;
            continue;
        }
        out.emplace_back(text.substr(from, m->start() - from));
        from = look = m->end();
    }
    out.emplace_back(text.substr(from));
    return out;
}

std::string shielded(std::string_view text, const Pattern& where)
{
    std::string out(text);
    std::size_t from = 0;
    while (const auto m = where.find(text, from)) {
        for (std::size_t i = m->start(); i < m->end(); ++i)
            out[i] = out[i] == ',' ? shieldedComma : out[i] == ';' ? shieldedSemicolon : out[i];
        from = std::max(m->end(), m->start() + 1);
    }
    return out;
}

void ask(RecipeLine& line, RecipeQuestion question)
{
    line.asks(question);
}

// A cell's amount as it would be typed, so that one reader reads both.
std::string asTyped(const RecipeAmount& a)
{
    std::string out = shown(a.value.value_or(0.0), 10);
    if (a.high)
        out += "-" + shown(*a.high, 10);
    if (!a.unit.empty())
        out += " " + a.unit;
    if (!a.of.empty())
        out += " of " + a.of;
    if (a.per)
        out += " per " + shown(a.per->value, 6) + " " + a.per->unit + " oils";
    return out;
}

class RecipeReader {
public:
    RecipeReader(const RecipeWords& words, std::string_view text)
        : words_(words), with_{words, decimalMarkOf(text)}
    {
    }

    // raw: in the reader's words; written: as it stands, where that differs.
    void take(int n, const std::string& raw, const std::string& written)
    {
        if (trimmed(raw).empty())
            return;
        n_ = n;
        if (raw.size() > longestRecipeLine) {
            out_.notUnderstood.push_back(n);
            started_ = true;
            return;
        }
        if (auto said = phraseOf(trimmed(trimmed(written), "-*# "))) {
            out_.said.push_back(std::move(*said));
            out_.settingLines.push_back(n);
            started_ = true;
            return;
        }
        prepare(raw);
        if (isRule()) {
            out_.headings.push_back(n);
            return;
        }
        if (takeColumns() || takeTotal() || takeHeading() || takeNoteLine() || takeSettings())
            return;
        if (inNotes_) {
            out_.notes.push_back(n);
            return;
        }
        if (takeHeadedTotal() || takeInstruction() || takeItems())
            return;
        takeWords();
    }

    Recipe finish(const std::vector<std::string>& lines)
    {
        out_.text = lines;
        for (const int note : out_.notes)
            if (words_.figure.in(lines[std::size_t(note) - 1]))
                out_.figuresInNotes.push_back(note);
        askQuestions(with_, out_);
        compareTotals(with_, out_);
        for (RecipeLine& line : out_.lines) {
            auto& questions = line.amount.ask;
            std::ranges::sort(questions);
            questions.erase(std::unique(questions.begin(), questions.end()), questions.end());
        }
        return std::move(out_);
    }

private:
    void prepare(const std::string& raw)
    {
        static const Pattern marked(R"(^#{1,6}\s|^\*\*.*\*\*:?$|^=+ .* =+$)");
        static const Pattern marks(R"(^#{1,6}\s+|^=+\s|\s=+$)");
        static const Pattern bold(R"(\*\*|__)");
        static const Pattern bullet(
            R"(^(?:[\x{2022}\x{b7}\x{25aa}\x{25cf}\x{2023}*>]|-(?=\s|[A-Za-z])|\[[ xX]?\])\s*(?:\[[ xX]?\]\s*)?)");
        std::string line(trimmedEnd(trimmed(raw), "\\"));
        markedHeading_ = marked.find(line).has_value();
        line = trimmed(withoutAll(withoutAll(line, marks), bold));
        const auto step = words_.instructionNumber.at(line);
        numbered_ = step.has_value();
        if (step) {
            const std::string_view digits = (*step)[1];
            const int count = int(numberFrom(digits));
            const char next = line[step->end()];
            // "2. 5 g" is a bullet only where the count has come to 2.
            if (next >= '0' && next <= '9' && count != count_ + 1)
                numbered_ = false;
            else
                count_ = count;
        }
        if (numbered_)
            body_ = line.substr(step->end());
        else if (const auto m = bullet.at(line))
            body_ = trimmed(std::string_view(line).substr(m->end()));
        else
            body_ = line;
        const std::string_view rest = trimmed(trimmedEnd(body_, ":"));
        bodyPlain_ = rest;
        cells(std::string(trimmed(raw)));
    }

    void cells(const std::string& raw)
    {
        static const Pattern tabOrBar(R"(\t|\|)");
        static const Pattern semicolons(R"(\s*;\s*)");
        static const Pattern wide(R"(\s{2,})");
        const bool barred = tabOrBar.in(raw);
        const auto semicolonCount = std::ranges::count(raw, ';');
        if (barred)
            cells_ = splitAt(trimmed(raw, "|"), tabOrBar);
        else
            cells_ = splitAt(raw, semicolonCount >= 2 ? semicolons : wide);
        for (std::string& cell : cells_)
            cell = trimmed(cell);
        isTable_ = std::ranges::count_if(cells_, [](const auto& c) { return !c.empty(); }) >= 2;
        spaced_ = !barred && semicolonCount < 2;
    }

    bool isRule() const
    {
        static const Pattern something(R"([A-Za-z0-9%\x{c0}-\x{24f}])");
        return !something.in(body_);
    }

    // The place a heading gives; nothing where it is none.
    const std::string* headingOf(std::string_view text) const
    {
        for (const auto& heading : words_.headings)
            if (heading.pattern.at(text))
                return &heading.code;
        return nullptr;
    }

    std::string unitOfColumn(const std::string& cell) const
    {
        static const Pattern unit(
            R"((%|percent|\bgrams?\b|\bg\b|\boz\b|\bounces?\b|\bml\b|\bkg\b|\blb\b))");
        const auto m = unit.find(cell);
        return m ? readUnit(with_, (*m)[1], 0).unit : std::string();
    }

    bool takeColumns()
    {
        if (!isTable_ || std::ranges::any_of(cells_, [](const auto& c) { return hasDigit(c); }) ||
            std::ranges::none_of(cells_, [&](const auto& c) { return words_.unitColumn.whole(c); }))
            return false;
        columns_.emplace();
        for (const std::string& cell : cells_)
            columns_->push_back(unitOfColumn(cell));
        out_.headings.push_back(n_);
        started_ = true;
        return true;
    }

    std::string columnUnit(std::size_t i) const
    {
        return columns_ && i < columns_->size() ? (*columns_)[i] : std::string();
    }

    void total(const std::string& what, const RecipeAmount& a)
    {
        out_.totals.push_back({n_, what, a.value.value_or(0.0), a.unit, std::nullopt});
    }

    bool takeTotal()
    {
        static const Pattern separator(R"([\s|,;/=(-]*)");
        const auto m = words_.total.at(body_);
        if (!m)
            return false;
        std::string bare = bare_;
        if (bare.empty() && columns_)
            if (const auto first =
                    std::ranges::find_if(*columns_, [](const auto& c) { return !c.empty(); });
                first != columns_->end())
                bare = *first;
        const std::string tail = body_.substr(m->end());
        const auto a = readAmount(with_, tail, 0, bare);
        if (!a)
            return false;
        const std::string said = lowered((*m)[0]) + " ";
        std::string what = words_.oilTotal.in(said)      ? "oils"
                           : words_.batterTotal.in(said) ? "batter"
                           : a->amount.unit == "%"       ? "percent"
                                                         : "sum";
        auto b = readAmount(with_, tail, separator.at(tail, a->end)->end());
        if (b && b->amount.unit.empty())
            b.reset();
        started_ = true;
        if (isTable_) {
            std::vector<RecipeAmount> got;
            for (std::size_t i = 0; i < cells_.size(); ++i)
                if (const auto cell = readAmount(with_, cells_[i], 0, columnUnit(i));
                    cell && !cell->amount.unit.empty())
                    got.push_back(cell->amount);
            const RecipeAmount& first = got.empty() ? a->amount : got.front();
            if (!got.empty() && first.unit == "%" && what == "sum")
                what = "percent";
            total(what, first);
            for (std::size_t i = 1; i < got.size(); ++i)
                total(got[i].unit == "%" ? "percent" : "sum", got[i]);
            return true;
        }
        total(what, a->amount);
        if (b)
            total(b->amount.unit == "%" ? "percent" : what, b->amount);
        return true;
    }

    bool takeHeading()
    {
        static const Pattern inBrackets(R"(\((.*)\)$)");
        static const Pattern bracketAtEnd(R"(\s*\(.*\)$)");
        const std::string plain(trimmed(withoutAll(bodyPlain_, bracketAtEnd)));
        const std::string* place = headingOf(plain);
        if (!place || (numbered_ && *place != notesPlace))
            return false;
        inNotes_ = *place == notesPlace;
        place_ = inNotes_ || *place == ownPlace ? std::string() : *place;
        out_.headings.push_back(n_);
        started_ = true;
        columns_.reset();
        bare_.clear();
        if (const auto m = inBrackets.find(bodyPlain_)) {
            const auto a = readAmount(with_, (*m)[1], 0);
            if (a && !a->amount.unit.empty())
                total(*place == "oil-pot" ? "oils" : "sum", a->amount);
            else
                bare_ = readUnit(with_, (*m)[1], 0).unit;
        }
        return true;
    }

    bool takeNoteLine()
    {
        if (!words_.noteLine.at(body_))
            return false;
        out_.notes.push_back(n_);
        started_ = true;
        return true;
    }

    bool takeSettings()
    {
        if (inNotes_)
            return false;
        if (const auto m = words_.lyeOrder.at(body_)) { // which of the two is which is not said
            const double first = numberFrom(replaced((*m)[1], ",", "."));
            const double second = numberFrom(replaced((*m)[2], ",", "."));
            if (std::abs(first + second - 100.0) > 0.5)
                return false;
            setSetting(out_.settings, "koh_share", second);
            out_.splitLine = n_;
            out_.settingAsks.push_back({n_, RecipeQuestion::SplitOrder});
            out_.settingLines.push_back(n_);
            started_ = true;
            return true;
        }
        std::string body = body_;
        std::optional<PhraseCode> basis;
        if (const auto m = words_.splitBasis.find(body)) {
            basis = m->has(1)   ? PhraseCode::SplitByPureWeight
                    : m->has(2) ? PhraseCode::SplitByMole
                                : PhraseCode::SplitAsWeighed;
            body = body.substr(0, m->start());
        }
        auto got = readSettings(with_, body);
        if (basis && (!got || !settingOf(*got, "koh_share"))) {
            basis.reset();
            got = readSettings(with_, body_);
        }
        if (!got)
            return false;
        if (basis)
            out_.said.push_back({*basis, {}, {}});
        for (const auto& [key, value] : *got) {
            setSetting(out_.settings, key, value);
            if (key == "koh_share")
                out_.splitLine = n_;
        }
        out_.settingLines.push_back(n_);
        started_ = true;
        return true;
    }

    // "Scent: 30 g lavender": what stands before the colon gives the place of the rest.
    bool takeHeadedTotal()
    {
        static const Pattern before(R"(^([A-Za-z &+-]{3,24}):\s*(\S.*)$)");
        static const Pattern twoLetters("[A-Za-z]{2}");
        rest_ = body_;
        headed_.reset();
        const auto m = before.at(body_);
        const std::string* place = m ? headingOf(trimmed((*m)[1])) : nullptr;
        if (!place)
            return false;
        const std::string rest((*m)[2]);
        if (*place == notesPlace) {
            out_.notes.push_back(n_);
            started_ = true;
            return true;
        }
        const auto a = readAmount(with_, rest, 0, bare_);
        if (a && !twoLetters.in(std::string_view(rest).substr(a->end))) {
            // "Scent: 30 g" names a material, but "Oils: 1000 g" is a total.
            if (*place == "oil-pot" && gramsOfUnit(a->amount.unit)) {
                total("oils", a->amount);
                started_ = true;
                return true;
            }
            return false;
        }
        headed_ = *place == ownPlace ? std::string() : *place;
        rest_ = rest;
        return false;
    }

    std::vector<std::string> wordsOf(const std::string& text) const
    {
        static const Pattern word("[A-Za-z']+");
        std::vector<std::string> out;
        std::size_t from = 0;
        while (const auto m = word.find(text, from)) {
            out.emplace_back((*m)[0]);
            from = m->end();
        }
        return out;
    }

    bool takeInstruction()
    {
        const std::vector<std::string> said = wordsOf(rest_);
        if (said.empty() || !words_.verbs.contains(lowered(said.front())) ||
            words_.scentAmount.at(rest_) ||
            !(started_ || words_.figure.in(rest_) || said.size() > 8))
            return false;
        out_.notes.push_back(n_);
        started_ = true;
        return true;
    }

    // A row of a table: one cell is the name, the others amounts, units and notes.
    std::optional<RecipeLine> rowItem()
    {
        static const Pattern twoLetters("[A-Za-z]{2}");
        static const Pattern letter("[A-Za-z]");
        if (!isTable_ || headed_ || !(columns_ || !spaced_))
            return std::nullopt;
        const auto isName = [&](const std::string& cell) {
            if (!twoLetters.in(cell))
                return false;
            const auto a = readAmount(with_, cell, 0);
            return !a || letter.in(std::string_view(cell).substr(a->end));
        };
        const auto name = std::ranges::find_if(cells_, isName);
        if (name == cells_.end())
            return std::nullopt;
        std::vector<RecipeAmount> amounts;
        std::vector<std::string> extra;
        for (std::size_t i = 0; i < cells_.size(); ++i) {
            const std::string& cell = cells_[i];
            if (&cell == &*name || cell.empty())
                continue;
            const std::string column = columnUnit(i);
            const auto a = readAmount(with_, cell, 0, column.empty() ? bare_ : column);
            const UnitRead unit = readUnit(with_, cell, 0);
            const bool onlyUnit =
                !unit.unit.empty() && trimmed(std::string_view(cell).substr(unit.end)).empty();
            if (a && trimmed(std::string_view(cell).substr(a->end)).empty()) {
                amounts.push_back(a->amount);
            } else if (!amounts.empty() && amounts.back().unit.empty() && onlyUnit) {
                amounts.back().unit = unit.unit;
                std::erase(amounts.back().ask, RecipeQuestion::UnitMissing);
            } else {
                extra.push_back(cell);
            }
        }
        if (amounts.empty())
            return std::nullopt;
        std::vector<std::string> typed;
        for (const RecipeAmount& a : amounts)
            typed.push_back(asTyped(a));
        const Reading points{words_, '.'};
        auto item = readItem(points, *name + " " + joined(typed, " / "), bare_);
        if (!item)
            return std::nullopt;
        for (const RecipeQuestion q : amounts.front().ask)
            if (q == RecipeQuestion::DecimalOrThousands || q == RecipeQuestion::TspOrTbsp ||
                q == RecipeQuestion::About)
                ask(*item, q);
        const auto frozen = std::ranges::find_if(
            extra, [](const std::string& e) { return lowered(e) == "frozen"; });
        if (frozen != extra.end()) {
            item->frozen = true;
            std::erase_if(extra, [](const std::string& e) { return lowered(e) == "frozen"; });
        }
        for (const std::string& e : extra)
            item->note += (item->note.empty() ? "" : "; ") + lowered(e);
        return item;
    }

    // Every part must be an item of its own, with its unit, or the line is one item.
    std::vector<RecipeLine> allItems(const std::vector<std::string>& parts, bool amountsFirst) const
    {
        static const Pattern amountStart("[0-9~a]", Pattern::Case::Kept);
        std::vector<RecipeLine> out;
        if (parts.size() < 2)
            return out;
        for (const std::string& part : parts) {
            auto item = readItem(with_, part, bare_);
            if (!item || item->amount.unit.empty() ||
                (amountsFirst && !amountStart.at(trimmed(part))))
                return {};
            out.push_back(std::move(*item));
        }
        return out;
    }

    std::vector<RecipeLine> itemsOf(const std::string& rest)
    {
        static const Pattern beforeAmounts(
            R"(\s*(?:(?<![0-9]),|,(?=\s)|[;+&])\s*(?=(?:~|about )?[0-9]+(?:[.,/][0-9]+)?\s*(?:[A-Za-z%]))|\s+and\s+(?=[0-9]+(?:[.,/][0-9]+)?\s*[A-Za-z%]))",
            Pattern::Case::Kept);
        static const Pattern beforeNames(R"(\s*[,;]\s*(?=[A-Za-z]))");
        static const Pattern brackets(R"(\([^()]*\))");
        if (auto row = rowItem())
            return {std::move(*row)};
        if (auto items = allItems(splitAt(rest, beforeAmounts), true); !items.empty())
            return items;
        std::vector<std::string> parts = splitAt(shielded(rest, brackets), beforeNames);
        for (std::string& part : parts) {
            std::ranges::replace(part, shieldedComma, ',');
            std::ranges::replace(part, shieldedSemicolon, ';');
        }
        if (auto items = allItems(parts, false); !items.empty())
            return items;
        if (auto item = readItem(with_, rest, bare_))
            return {std::move(*item)};
        return {};
    }

    bool takeItems()
    {
        static const Pattern quotedOrBraced(R"re("[^"]*"|\{[^{}]*\})re");
        rest_ = shielded(rest_, quotedOrBraced);
        std::vector<RecipeLine> items = itemsOf(rest_);
        if (items.empty())
            return false;
        const auto unitless = [](const RecipeLine& l) { return l.amount.unit.empty(); };
        if ((!started_ && items.front().isAsked(RecipeQuestion::UnitMissing)) ||
            // Prose with a figure in it.
            std::ranges::any_of(items, [](const auto& l) { return wordCount(l.name) > 6; }) ||
            (numbered_ && std::ranges::any_of(items, unitless)))
            return false;
        for (RecipeLine& item : items) {
            item.n = n_;
            if (item.place.empty())
                item.place = headed_ ? *headed_ : place_;
            out_.lines.push_back(std::move(item));
        }
        started_ = true;
        return true;
    }

    // What is left: a title, a heading of its own, a material without an amount, prose, or what is
    // not understood.
    void takeWords()
    {
        static const Pattern amountAtEnd(R"([A-Za-z][\s:=.-]+[0-9]+(?:[.,][0-9]+)?$|^[0-9])");
        if (!started_) {
            started_ = true;
            std::string title = bodyPlain_;
            if (const auto m = words_.titleWord.at(title))
                title = title.substr(m->end());
            out_.title = std::string(trimmed(title));
            out_.titleLine = n_;
            return;
        }
        if (!hasDigit(body_) && body_.ends_with(':')) {
            place_.clear();
            inNotes_ = false;
            columns_.reset();
            bare_.clear();
            out_.headings.push_back(n_);
            return;
        }
        if (markedHeading_ && !hasDigit(body_)) {
            place_.clear();
            inNotes_ = false;
            out_.headings.push_back(n_);
            return;
        }
        const std::string lower = lowered(rest_);
        const std::size_t count = wordsOf(rest_).size();
        if (!hasDigit(rest_) && count <= 4 &&
            (words_.oily.in(lower) || words_.liquid.in(lower) || words_.scented.in(lower) ||
             words_.asNeeded.in(lower))) {
            takeWithoutAmount();
            return;
        }
        if (numbered_ && amountAtEnd.in(rest_)) { // "2. Castor oil 50": an amount, no step
            out_.notUnderstood.push_back(n_);
            return;
        }
        if (numbered_ || (!words_.figure.in(rest_) &&
                          (count >= 4 || body_.ends_with('.') || body_.ends_with('!')))) {
            out_.notes.push_back(n_);
            return;
        }
        out_.notUnderstood.push_back(n_); // a line with an amount is never made a mere note
    }

    void takeWithoutAmount()
    {
        RecipeLine line;
        line.n = n_;
        std::string text = rest_;
        for (const auto& place : words_.places)
            if (const auto m = place.pattern.find(text); m && m->start() > 0) {
                line.place = place.code;
                text = std::string(trimmedEnd(text.substr(0, m->start()), " ,;("));
                break;
            }
        text = text.substr(0, text.find(','));
        text = text.substr(0, text.find('('));
        std::string name =
            lowered(withSingleBlanks(trimmed(replaced(text, "\"", "'"), " \t,;:-=.*|_/&+")));
        static const Pattern article("(?:of|the|a|an)\\s+");
        if (const auto m = article.at(name))
            name = name.substr(m->end());
        name = trimmed(name, " ,;:-=.*|_");
        if (const auto m = words_.asNeeded.find(name)) {
            line.note = (*m)[1];
            static const Pattern needed(R"(\s*\b(to taste|as needed|optional)\b)");
            name = withoutAll(name, needed);
        }
        line.name = trimmed(name, " -");
        line.amount.ask = {RecipeQuestion::NoAmount};
        if (line.place.empty())
            line.place = place_;
        out_.lines.push_back(std::move(line));
    }

    const RecipeWords& words_;
    Reading with_;
    Recipe out_;
    int n_ = 0;
    int count_ = 0; // of numbered steps
    bool started_ = false;
    bool inNotes_ = false;
    std::string place_;
    std::string bare_;
    std::optional<std::vector<std::string>> columns_;
    // Of the line being read.
    std::string body_;
    std::string bodyPlain_; // without a colon at its end
    std::string rest_;
    std::optional<std::string> headed_;
    std::vector<std::string> cells_;
    bool isTable_ = false;
    bool spaced_ = false;
    bool numbered_ = false;
    bool markedHeading_ = false;
};

} // namespace

} // namespace rhexion::recipe

namespace rhexion {

RecipeRead readRecipe(std::string_view text)
{
    using namespace recipe;
    if (text.size() > longestRecipe)
        return {{}, RecipeRefusal::TooLong};
    const std::string clean = cleaned(text);
    const std::vector<std::string> lines = linesOf(clean);
    if (lines.size() > mostRecipeLines)
        return {{}, RecipeRefusal::TooManyLines};
    RecipeReader reader(english(), clean);
    const bool german = isGerman(clean);
    for (std::size_t i = 0; i < lines.size(); ++i)
        reader.take(int(i) + 1,
                    german && lines[i].size() <= longestRecipeLine ? fromGerman(lines[i])
                                                                   : lines[i],
                    lines[i]);
    return {reader.finish(lines), std::nullopt};
}

std::optional<AmountRead> readRecipeAmount(std::string_view text)
{
    const std::string clean = recipe::cleaned(text);
    const recipe::Reading with{recipe::english(), recipe::decimalMarkOf(clean)};
    return recipe::readAmount(with, clean, 0);
}

std::optional<RecipeSettings> readRecipeSettings(std::string_view text)
{
    const std::string clean = recipe::cleaned(text);
    return recipe::readSettings({recipe::english(), recipe::decimalMarkOf(clean)}, clean);
}

} // namespace rhexion
