#include "storage/recipe_json.h"

#include <QJsonArray>

#include <algorithm>
#include <string>

namespace rhexion {

namespace {

QString utf(const std::string& utf8)
{
    return QString::fromStdString(utf8);
}

QJsonValue textOrNull(const std::string& utf8)
{
    return utf8.empty() ? QJsonValue() : QJsonValue(utf(utf8));
}

void putAmount(QJsonObject& out, const RecipeAmount& a)
{
    out["value"] = a.value ? QJsonValue(*a.value) : QJsonValue();
    out["unit"] = textOrNull(a.unit);
    if (a.high)
        out["high"] = *a.high;
    if (!a.of.empty())
        out["of"] = utf(a.of);
    if (a.per)
        out["per"] = QJsonObject{{"value", a.per->value}, {"unit", utf(a.per->unit)}};
}

QJsonArray numbers(const std::vector<int>& lines)
{
    QJsonArray out;
    for (const int n : lines)
        out.append(n);
    return out;
}

QJsonObject lineToJson(const RecipeLine& line)
{
    QJsonObject out{{"n", line.n}, {"name", utf(line.name)}};
    putAmount(out, line.amount);
    if (line.alt) {
        QJsonObject alt;
        putAmount(alt, *line.alt);
        out["alt"] = alt;
    }
    if (line.frozen)
        out["frozen"] = true;
    if (!line.note.empty())
        out["note"] = utf(line.note);
    if (!line.place.empty())
        out["place"] = utf(line.place);
    if (!line.marks.empty()) {
        QJsonArray marks;
        for (const recipe::Said& mark : line.marks)
            marks.append(utf(recipe::phraseSaid(mark, false)));
        out["marks"] = marks;
    }
    if (!line.amount.ask.empty()) {
        QStringList ask;
        for (const RecipeQuestion q : line.amount.ask)
            ask << QString::fromLatin1(codeOf(q));
        ask.sort();
        out["ask"] = QJsonArray::fromStringList(ask);
    }
    return out;
}

} // namespace

QJsonObject recipeToJson(const Recipe& r)
{
    QJsonObject settings;
    for (const auto& [key, value] : r.settings)
        settings[utf(key)] = value;
    QJsonArray lines;
    for (const RecipeLine& line : r.lines)
        lines.append(lineToJson(line));
    QJsonArray totals;
    for (const RecipeTotal& t : r.totals)
        totals.append(QJsonObject{{"n", t.n},
                                  {"what", utf(t.what)},
                                  {"value", t.value},
                                  {"unit", textOrNull(t.unit)},
                                  {"agrees", t.agrees ? QJsonValue(*t.agrees) : QJsonValue()}});
    QJsonArray said;
    for (const recipe::Said& one : r.said)
        said.append(utf(recipe::phraseSaid(one, false)));
    QJsonArray asks;
    for (const auto& [n, question] : r.settingAsks)
        asks.append(QJsonObject{{"n", n}, {"ask", QString::fromLatin1(codeOf(question))}});
    QJsonObject out{{"title", r.title ? QJsonValue(utf(*r.title)) : QJsonValue()},
                    {"settings", settings},
                    {"lines", lines},
                    {"totals", totals},
                    {"notes", numbers(r.notes)},
                    {"figures_in_notes", numbers(r.figuresInNotes)},
                    {"not_understood", numbers(r.notUnderstood)}};
    if (!said.isEmpty())
        out["said"] = said;
    if (!asks.isEmpty())
        out["setting_asks"] = asks;
    return out;
}

} // namespace rhexion
