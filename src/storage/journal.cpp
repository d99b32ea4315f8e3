#include "storage/journal.h"

#include "storage/event_json.h"
#include "storage/material_names.h"

#include <QMap>
#include <QRegularExpression>
#include <QSet>

#include <algorithm>

namespace rhexion {

namespace {

using Code = FileFault::Code;

} // namespace

Journal::Result<Batch> Journal::batch(const QString& id) const
{
    auto read = events(id);
    if (auto* fault = std::get_if<FileFault>(&read))
        return *std::move(fault);
    const auto& list = std::get<QList<Event>>(read);
    if (list.isEmpty())
        return FileFault{Code::Missing, QStringLiteral("batch"), id};
    auto folded = fold({list.constData(), std::size_t(list.size())});
    if (!folded)
        return FileFault{Code::BadMaterial, QStringLiteral("formula"), {}};
    return *std::move(folded);
}

Journal::Result<QList<BatchSummary>> Journal::search(const QString& words, int most) const
{
    Finding finding;
    finding.words = words;
    return find(finding, most);
}

bool mayPass(const FileFault& fault)
{
    return fault.code == Code::Locked || fault.code == Code::CannotWrite ||
           fault.code == Code::CannotOpen || fault.code == Code::ReadOnly ||
           fault.code == Code::Moved;
}

BatchState stateFrom(const QString& word)
{
    for (const BatchState state : {BatchState::Finished, BatchState::Stopped})
        if (word == QLatin1String(codeOf(state)))
            return state;
    return BatchState::Making;
}

BatchSummary summaryOf(const Batch& batch)
{
    const Account planned = accountOf(batch.formula, batch.amounts);
    BatchSummary s;
    s.id = QString::fromStdString(batch.id);
    s.name = QString::fromStdString(batch.formula.name);
    s.state = batch.state;
    s.started = momentOf(batch.begun);
    s.finished = momentOf(batch.ended);
    s.superfatPlanned = planned.superfatTrue.value_or(0.0);
    s.strengthPlanned = planned.pure.strength;
    if (const auto made = batch.outcome()) {
        s.superfat = made->superfat;
        s.strength = made->strength;
        s.batterGrams = made->batterGrams;
    }
    return s;
}

QString searchTextOf(const Batch& batch)
{
    QStringList out{QString::fromStdString(batch.formula.name),
                    QString::fromStdString(batch.formula.maker),
                    QString::fromStdString(batch.formula.notes)};
    for (const Line& line : batch.formula.lines)
        out.append(namesInEveryLanguage(*line.material));
    for (const NotedAt& note : batch.notes)
        out.append(QString::fromStdString(note.text));
    for (const AfterAt& a : batch.after)
        if (const std::string words = wordsIn(a.what); !words.empty())
            out.append(QString::fromStdString(words));
    return out.join(QLatin1Char('\n'));
}

QStringList searchWordsOf(const QString& text)
{
    static const QRegularExpression between(QStringLiteral("[^\\w]+"),
                                            QRegularExpression::UseUnicodePropertiesOption);
    return text.split(between, Qt::SkipEmptyParts);
}

bool beginsWords(const QString& text, const QString& words)
{
    const QStringList have = searchWordsOf(text.toLower());
    return std::ranges::all_of(searchWordsOf(words.toLower()), [&](const QString& word) {
        return std::ranges::any_of(have, [&](const QString& h) { return h.startsWith(word); });
    });
}

QStringList materialsOf(const Formula& formula)
{
    QSet<QString> ids;
    for (const Line& line : formula.lines)
        ids.insert(QString::fromStdString(line.material->id));
    for (const MaterialPtr& lye : {formula.lye.sodium, formula.lye.potassium})
        if (lye)
            ids.insert(QString::fromStdString(lye->id));
    QStringList out(ids.begin(), ids.end());
    out.sort();
    return out;
}

QStringList materialsOf(const Batch& batch)
{
    return materialsOf(batch.bowl().formula);
}

std::optional<FileFault>
faultOfAppending(const QList<Event>& events,
                 const std::function<std::optional<BatchState>(const std::string&)>& stateOf)
{
    QMap<QByteArray, BatchState> states; // as they are after the events before
    for (const Event& event : events) {
        const auto again = happeningFrom(kindOf(event.what), dataOf(event.what));
        if (const auto* fault = std::get_if<FileFault>(&again))
            return *fault;
        const QByteArray id = QByteArray::fromStdString(event.batch);
        if (!states.contains(id))
            if (const auto state = stateOf(event.batch))
                states[id] = *state;
        const bool begins = std::holds_alternative<BatchBegun>(event.what);
        const bool ends = std::holds_alternative<BatchFinished>(event.what) ||
                          std::holds_alternative<BatchStopped>(event.what);
        const bool there = states.contains(id);
        if (event.id.empty() || event.batch.empty() || begins == there ||
            (there && ends && states[id] == BatchState::Finished))
            return FileFault{Code::Missing, QStringLiteral("batch"), QString::fromUtf8(id)};
        if (begins)
            states[id] = BatchState::Making;
        else if (std::holds_alternative<BatchFinished>(event.what))
            states[id] = BatchState::Finished;
    }
    return std::nullopt;
}

} // namespace rhexion
