#include "storage/lot_limits.h"

#include "core/materials/limits.h"

namespace rhexion {

namespace {

// Calls what(text, most) for every text of a lot, and the same for its two long notes.
template <class Record, class What>
void eachText(Record& r, What what)
{
    what(r.lot.name, limits::materialName);
    for (auto& figure : r.lot.figures)
        what(figure.source, limits::sourceText);
    for (auto& measure : r.lot.measures) {
        what(measure.name, limits::measureName);
        what(measure.source, limits::sourceText);
    }
}

} // namespace

std::optional<FileFault> tooLong(const LotRecord& r)
{
    bool good = r.supplier.size() <= qsizetype(limits::lotText) &&
                r.notes.size() <= qsizetype(limits::lotText) &&
                r.lot.measures.size() <= limits::measures;
    eachText(r, [&](const std::string& text, std::size_t most) {
        good = good && limits::fits(text, most);
    });
    for (const Measure& m : r.lot.measures)
        good = good && m.grams > 0.0;
    return good ? std::nullopt
                : std::optional(FileFault{FileFault::Code::OutOfRange,
                                          QString::fromStdString(r.lot.name),
                                          QStringLiteral("0..%1").arg(limits::lotText)});
}

void cutToLimits(LotRecord& r)
{
    std::erase_if(r.lot.measures, [](const Measure& m) { return !(m.grams > 0.0); });
    if (r.lot.measures.size() > limits::measures)
        r.lot.measures.resize(limits::measures);
    r.supplier.truncate(qsizetype(limits::lotText));
    r.notes.truncate(qsizetype(limits::lotText));
    eachText(r, [](std::string& text, std::size_t most) {
        if (!limits::fits(text, most))
            text = QString::fromStdString(text).left(qsizetype(most)).toStdString();
    });
}

} // namespace rhexion
