// What a search over the journal asks for: words and filters, all of which must hold.
#pragma once

#include "core/batch/fold.h"

#include <QString>
#include <QStringList>

#include <optional>

namespace rhexion {

struct Finding {
    QString words;     // each begins a word of the batch's text
    QStringList facts; // of core/after/facts.h, each whole
    std::optional<BatchState> state;
    std::optional<double> superfatFrom, superfatUntil; // as made, or as planned
    std::optional<double> strengthFrom, strengthUntil;
    std::optional<std::int64_t> from, until; // ms, begun
    bool isEmpty() const
    {
        return words.trimmed().isEmpty() && facts.isEmpty() && !state && !superfatFrom &&
               !superfatUntil && !strengthFrom && !strengthUntil && !from && !until;
    }
};

} // namespace rhexion
