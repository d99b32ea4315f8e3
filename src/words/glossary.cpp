#include "words/glossary.h"

#include <QLocale>

#include <algorithm>
#include <map>
#include <vector>

namespace rhexion::words {

namespace {

struct Term {
    QString word;
    QString said; // with the words as the page has them
};

// "- **Rice, seize**: batter that ..." are two terms; what stands in parentheses is one more.
std::vector<Term> termsOf(const QString& page)
{
    std::vector<Term> out;
    for (const QString& line : page.split(QLatin1Char('\n'))) {
        const qsizetype end = line.indexOf(QLatin1String("**: "));
        if (!line.startsWith(QLatin1String("- **")) || end < 0)
            continue;
        const QString head = line.mid(4, end - 4);
        const QString said =
            head + QLatin1String(": ") + line.mid(end + 4).remove(QLatin1Char('*'));
        QString words = head;
        words.replace(QLatin1Char('('), QLatin1Char(',')).remove(QLatin1Char(')'));
        for (const QString& word : words.split(QLatin1Char(','), Qt::SkipEmptyParts))
            out.push_back({word.trimmed(), said});
    }
    std::ranges::stable_sort(out, std::greater(), [](const Term& t) { return t.word.size(); });
    return out;
}

// Of the language that is spoken, or English.
const std::vector<Term>& terms()
{
    static const std::map<QString, std::vector<Term>> all = [] {
        std::map<QString, std::vector<Term>> out;
        for (const auto& [language, page] : glossaryPages())
            out.emplace(language, termsOf(page));
        return out;
    }();
    const auto spoken = all.find(QLocale().name().section(QLatin1Char('_'), 0, 0));
    return spoken != all.end() ? spoken->second : all.at(glossaryPages().first().first);
}

// Where a word of the text begins with the term; -1 where none does.
qsizetype beginningOf(const QString& text, const QString& term)
{
    for (qsizetype at = -1;;) {
        at = text.indexOf(term, at + 1, Qt::CaseInsensitive);
        if (at <= 0 || !text[at - 1].isLetter())
            return at;
    }
}

} // namespace

QStringList glossaryOf(const QString& text)
{
    QStringList out;
    QString left = text;
    for (const Term& term : terms()) {
        const qsizetype at = beginningOf(left, term.word);
        if (at < 0)
            continue;
        left.replace(at, term.word.size(), QString(term.word.size(), QLatin1Char('\n')));
        if (!out.contains(term.said))
            out.append(term.said);
    }
    return out;
}

} // namespace rhexion::words
